import { isTarget } from '../model/marks.js';
import type { ButtonText, SiteDocument, SiteFile } from '../model/site.js';
import { isFrame } from '../model/page.js';
import type { PlacedText } from './generate/site.js';
import { slugOf } from './plan/slug.js';
import { readPhone } from '../brief/reading/reach.js';
import { shapes } from '../look/shapes/registry.gen.js';

/** Somewhere words can lead to, and what it is called. */
export interface LinkChoice {
  target: string;
  words: string;
}

const telOf = (phone: string): string => `tel:${phone.replace(/\(0\)/, '').replace(/(?!^\+)[^\d]/g, '')}`;

const sizeWords = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} KB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
/** A file in words: what it is called, what it is and how large. */
export const fileWords = ({ title, ending, bytes }: SiteFile): string =>
  `${title} (${ending.toUpperCase()}, ${sizeWords(bytes)})`;

/** An id for a new file, made of what it is called: it is in its address. */
export function freeFileId({ files = [] }: SiteDocument, title: string): string {
  const stem = /[a-z0-9]/i.test(title.normalize('NFD')) ? slugOf(title).slice(0, 50) : 'file';
  const taken = new Set(files.map((f) => f.id));
  if (!taken.has(stem)) return stem;
  for (let n = 2; ; n++) if (!taken.has(`${stem}-${n}`)) return `${stem}-${n}`;
}

/** Everything of a site that words can lead to: its pages, their sections, its files, and the ways to reach the client. */
export function linkChoices(document: SiteDocument): LinkChoice[] {
  const { facts, pages } = document;
  const titled = (page: SiteDocument['pages'][number]) =>
    page.sections.flatMap((s, n) => {
      const heading = (s.content['heading'] as { value?: string } | undefined)?.value;
      const title = shapes[s.shape]?.title ?? s.shape;
      return n ? [{ target: `page:${page.id}#${s.id}`, words: `${page.label}: ${heading ? heading : title}` }] : [];
    });
  return [
    ...pages.map((p) => ({ target: `page:${p.id}`, words: p.label })),
    ...(facts.phone ? [{ target: telOf(facts.phone), words: `Ring ${facts.phone}` }] : []),
    ...(facts.mail ? [{ target: `mailto:${facts.mail}`, words: `Write to ${facts.mail}` }] : []),
    ...facts.contacts.map((c) =>
      c.value.includes('@')
        ? { target: `mailto:${c.value}`, words: `Write to ${c.value}, ${c.what}` }
        : { target: telOf(c.value), words: `Ring ${c.value}, ${c.what}` },
    ),
    ...(document.files ?? []).map((f) => ({ target: `file:${f.id}`, words: fileWords(f) })),
    ...pages.flatMap(titled),
  ].filter((c) => isTarget(c.target));
}

/** What is at the end of a link, in words. */
export const targetWords = (document: SiteDocument, target: string): string =>
  linkChoices(document).find((c) => c.target === target)?.words ?? target.replace(/^(?:tel|mailto|page|file):/, '');

/** Where a button leads by its place, in words; null where there is no page for it. */
export function placeWords(document: SiteDocument, { section, path, text }: PlacedText): string | null {
  const { facts, pages } = document;
  const key = path.split('.').at(-1)!;
  if (key === 'action' && facts.phone && text.value.includes(facts.phone)) return `Ring ${facts.phone}`;
  const id = key === 'action' ? 'contact' : key === 'second' ? 'services' : section.shape.split('/')[0];
  return pages.find((p) => p.id === id)?.label ?? null;
}

/** Whether a text is a button on a page, that can be of any family: no link in a line of its own, none of the menu. */
export const hasFamily = ({ section, path, form }: PlacedText): boolean =>
  form === 'button' && /(?:^|\.)(?:action|second)$/.test(path) && !isFrame(section);

/** Where a button is told to lead; null where it leads where its place does by itself. */
export const targetOfButton = (text: ButtonText): string | null => text.to ?? null;

/** A target for an address as somebody types it; null where it is none: a phone, a mail address, an address of the web. */
export function readLink(typed: string): string | null {
  const said = typed.trim().replace(/^<|>$/g, '');
  const web = /^https?:\/\//i.test(said)
    ? said.replace(/^https?/i, (s) => s.toLowerCase())
    : /^(?:www\.)?(?:[\p{L}\p{N}-]+\.)+\p{L}{2,}(?:[/?#]\S*)?$/u.test(said)
      ? `https://${said}`
      : null;
  const mail = /^(?:mailto:)?([^\s@]+@[^\s@]+\.[^\s@]+)$/i.exec(said)?.[1];
  const phone = readPhone(said.replace(/^tel:/i, ''));
  const target = mail ? `mailto:${mail}` : (web ?? (phone ? telOf(said.replace(/^tel:/i, '')) : null));
  return target !== null && isTarget(target) ? target : null;
}

/** True for a link to a page, a section or a file that is not on the site any more. */
export function isDead(document: SiteDocument, target: string): boolean {
  if (target.startsWith('file:')) return !document.files?.some((f) => `file:${f.id}` === target);
  const within = /^page:([^#]+)(?:#(.+))?$/.exec(target);
  const page = within && document.pages.find((p) => p.id === within[1]);
  return within !== null && (!page || (within[2] !== undefined && !page.sections.some((s) => s.id === within[2])));
}
