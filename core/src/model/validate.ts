import { Ajv, type ValidateFunction } from 'ajv';
import { SiteDocument } from './site.js';
import { Operation } from '../operations/operation.js';
import { shapes } from '../shapes/registry.gen.js';

const ajv = new Ajv({ allErrors: true, strict: 'log', keywords: ['long'] });

/** One place where a value does not fit its schema: a JSON Pointer (RFC 6901) and a plain sentence. */
export interface Misfit {
  pointer: string;
  message: string;
}

const misfits = (check: ValidateFunction, prefix = ''): Misfit[] =>
  (check.errors ?? []).slice(0, 20).map((e) => ({ pointer: prefix + e.instancePath, message: e.message ?? 'does not fit' }));

const checkDocument = ajv.compile(SiteDocument);
const checkOperation = ajv.compile(Operation);
const checkContent = new Map(Object.entries(shapes).map(([name, shape]) => [name, ajv.compile(shape.content)]));

/** Checks a site document against its schema, and each section's content against its shape's. Empty when it fits. */
export function validateDocument(value: unknown): Misfit[] {
  if (!checkDocument(value)) return misfits(checkDocument);
  const document = value as SiteDocument;
  const found: Misfit[] = [];
  const look = (section: SiteDocument['header'], pointer: string) => {
    if (!section) return;
    const check = checkContent.get(section.shape);
    if (!check) found.push({ pointer: `${pointer}/shape`, message: `there is no section shape “${section.shape}”` });
    else if (!check(section.content)) found.push(...misfits(check, `${pointer}/content`));
  };
  look(document.header, '/header');
  look(document.footer, '/footer');
  document.pages.forEach((page, p) => page.sections.forEach((s, n) => look(s, `/pages/${p}/sections/${n}`)));
  const slugs = document.pages.map((p) => p.slug);
  if (new Set(slugs).size < slugs.length) found.push({ pointer: '/pages', message: 'two pages have the same address' });
  return found;
}

/** Checks one operation against its schema. Empty when it fits. */
export function validateOperation(value: unknown): Misfit[] {
  return checkOperation(value) ? [] : misfits(checkOperation);
}
