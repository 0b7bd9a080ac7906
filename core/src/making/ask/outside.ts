import { languages } from '../../language/registry.gen.js';
import { DEVICES, type SiteDocument, type Text } from '../../model/site.js';
import { openerOf } from '../../model/page.js';
import { apply } from '../../operations/apply.js';
import { OperationError } from '../../operations/definition.js';
import { schemaOf, type SingleOperation } from '../../operations/operation.js';
import { findSection } from '../../operations/reach.js';
import { validateDocument, validateOperation } from '../../operations/validate.js';
import { textsOf } from '../generate/site.js';
import { backingOf, unbacked } from '../guard/guard.js';
import { linkChoices, targetWords } from '../links.js';
import { withFollowing } from '../plan/follow.js';
import { listsOf, shapesOfKind } from '../plan/lists.js';
import { told, type ServiceMessage } from '../writing/task.js';
import type { InHand } from './reader.js';
import type { Reply, SlipChange } from './reply.js';

/** What an outside service may propose: changes of what is there, each of which can be read before it is taken. */
const PROPOSED = [
  'setText',
  'setFact',
  'setTarget',
  'setFamily',
  'setSection',
  'setShape',
  'setHold',
  'moveSection',
  'removeSection',
  'moveItem',
  'removeItem',
  'setPicture',
  'movePage',
  'removePage',
  'setPage',
  'setSeo',
] as const;
const MOST = 40;

/** The JSON Schema (2020-12) an answer must match. */
export const ASKING_SCHEMA = {
  type: 'object',
  additionalProperties: false,
  required: ['changes', 'left'],
  properties: {
    changes: {
      type: 'array',
      maxItems: MOST,
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['words', 'operation'],
        properties: {
          words: { type: 'string', maxLength: 300 },
          operation: { anyOf: PROPOSED.map((op) => schemaOf(op)!) },
        },
      },
    },
    left: { type: 'string', maxLength: 600 },
  },
};

/** What an outside service answers: changes, and what of the request it leaves, in words. */
export interface Proposal {
  changes: { words: string; operation: SingleOperation }[];
  left: string;
}

/** A site as a service is told it: what can be changed, by the names operations know it by. */
const outlineOf = (document: SiteDocument) => ({
  pages: document.pages.map((page) => ({
    id: page.id,
    label: page.label,
    slug: page.slug,
    inMenu: page.menu !== false,
    onHold: page.hold !== undefined,
    sections: page.sections.map((section) => ({
      id: section.id,
      shape: section.shape,
      otherShapes: shapesOfKind(section).map((s) => s.shape),
      ground: section.ground ?? 'plain',
      hidden: !!section.hidden,
      opensThePage: openerOf(page) === section,
      lists: listsOf(section).map((l) => ({ path: l.field, items: l.items.map((i) => ({ id: i.id, name: i.name })) })),
      texts: textsOf(section).flatMap(({ path, label, text }) =>
        text.value ? [{ path, label, value: text.value }] : [],
      ),
    })),
  })),
  pictures: document.media.map(({ id, title }) => ({ id, title })),
  devices: DEVICES,
});

/** The task that has an outside service say what a request comes to. */
export function askingTask(
  document: SiteDocument,
  request: string,
  inHand: InHand,
): { messages: ServiceMessage[]; schema: object } {
  const language = languages[document.language];
  const system = [
    'You change a small business’s web site as its designer asks. You answer with operations, each with a sentence that says what it does.',
    `The site is in ${language.name} (${language.tag}). inHand is what the designer has taken hold of: “this” is that.`,
    'Use only ids and paths that are in the outline. A text you write comes from {"kind":"designer"}.',
    'Use only what the facts and the request say. Never add a number, name, date, price, award, quote or promise that is not there.',
    'Do no more than is asked. What you cannot do, or do not understand, say in left, and leave changes empty rather than guess.',
    'Answer with JSON that matches the schema.',
  ].join('\n');
  const user = { request: request.slice(0, 600), inHand, outline: outlineOf(document), facts: told(document.facts) };
  return {
    messages: [
      { role: 'system', content: system },
      { role: 'user', content: JSON.stringify(user) },
    ],
    schema: ASKING_SCHEMA,
  };
}

const pageOf = (document: SiteDocument, id: string) => document.pages.find((p) => p.id === id);
const flat = (s: string) => s.toLowerCase().replace(/\s+/g, ' ').trim();

/** A proposed operation past the fact guard; null where it says a fact that nobody has said. */
function guarded(
  document: SiteDocument,
  operation: SingleOperation,
  request: string,
  known?: (word: string) => boolean,
): SingleOperation | null {
  // A fact is what was said, word for word.
  const said = (words: string) => flat(request).includes(flat(words));
  if (operation.op === 'setFact') return operation.value.trim() && said(operation.value) ? operation : null;
  // Nor do words visitors read, and addresses they are led to, come from nowhere.
  if (operation.op === 'setHold') return said(operation.hold ?? '') ? operation : null;
  if (operation.op === 'setPage')
    return said(operation.label) || pageOf(document, operation.page)?.label === operation.label ? operation : null;
  if (operation.op === 'setTarget') {
    const { to } = operation;
    const known = to === null || linkChoices(document).some((c) => c.target === to);
    return known || said(to.replace(/^(?:https?:\/\/|mailto:|tel:)/, '')) ? operation : null;
  }
  if (operation.op !== 'setText' && operation.op !== 'setSeo') return operation;
  if (!operation.text) return operation;
  const { value } = operation.text;
  if (/[<>{}]/.test(value)) return null;
  const backing = backingOf(
    { ...document.facts, description: `${document.facts.description}\n${request}` },
    languages[document.language],
  );
  const missing = said(value) ? [] : unbacked(value, backing, known);
  const text: Text = {
    value,
    from: { kind: 'service', unbacked: missing.map((u) => u.words.slice(0, 300)).slice(0, 40) },
  };
  return { ...operation, text };
}

/** Where a change is to be seen. */
function placeOf(document: SiteDocument, operation: SingleOperation): InHand {
  const named = operation as { section?: unknown; at?: unknown; list?: unknown; page?: unknown };
  const place = (typeof named.at === 'object' ? named.at : named.list) as { section: string; path: string } | undefined;
  const section = typeof named.section === 'string' ? named.section : place?.section;
  const page =
    document.pages.find((p) => p.sections.some((s) => s.id === section)) ??
    document.pages.find((p) => p.id === named.page);
  return { ...(page && { page: page.id }), ...(section && { section }), ...(place && { path: place.path }) };
}

const valueAt = (document: SiteDocument, operation: SingleOperation): string => {
  if (operation.op === 'setFact') return document.facts[operation.field];
  if (operation.op !== 'setText') return '';
  const section = findSection(document, operation.at.section);
  return (section && textsOf(section).find((t) => t.path === operation.at.path)?.text.value) ?? '';
};

/**
 * What an outside service proposed, as a slip: every change proven to fit the site as those before it leave it, and past the
 * fact guard. What does not is dropped, and counted.
 */
export function readProposal(
  document: SiteDocument,
  request: string,
  proposal: Proposal,
  known?: (word: string) => boolean,
): Reply {
  let now = document;
  let dropped = 0;
  const changes: SlipChange[] = [];
  for (const { words, operation } of proposal.changes.slice(0, MOST)) {
    const allowed = (PROPOSED as readonly string[]).includes(operation.op) && !validateOperation(operation).length;
    const one = allowed ? guarded(now, operation, request, known) : null;
    const next = one && after(now, one);
    if (!one || !next) {
      dropped++;
      continue;
    }
    const unsaid = 'text' in one && one.text?.from.kind === 'service' ? one.text.from.unbacked : [];
    const to =
      one.op === 'setText'
        ? one.text.value
        : one.op === 'setFact'
          ? one.value
          : one.op === 'setTarget' && one.to
            ? targetWords(now, one.to)
            : '';
    changes.push({
      operation: one,
      words: `${words.trim().slice(0, 200) || 'A change'}${unsaid.length ? ` (nobody has said: ${unsaid.join('; ')})` : ''}`,
      at: placeOf(next, one),
      ...(to && { before: valueAt(now, one), after: to }),
    });
    now = next;
  }
  const left = [
    ...(proposal.left.trim() ? [proposal.left.trim()] : []),
    ...(dropped
      ? [`${dropped} of what it proposed does not fit this site, or says what nobody has said: dropped.`]
      : []),
  ];
  if (!changes.length) return { kind: 'no', words: left.join(' ') || 'It proposes nothing.' };
  return { kind: 'slip', changes, left };
}

/** The site with a change; null where it does not fit, changes nothing, or leaves a site that is not valid. */
function after(document: SiteDocument, operation: SingleOperation): SiteDocument | null {
  try {
    const next = apply(document, withFollowing(document, operation)).document;
    return JSON.stringify(next) !== JSON.stringify(document) && !validateDocument(next).length ? next : null;
  } catch (error) {
    if (error instanceof OperationError) return null;
    throw error;
  }
}
