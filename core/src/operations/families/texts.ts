import { Type } from '@sinclair/typebox';
import { LinkTarget } from '../../model/marks.js';
import { BUTTON_FAMILIES, Form, Section, Text, type ButtonText, type Page } from '../../model/site.js';
import { numbered, pathForward } from '../forward/older.js';
import { OperationError, type Definition } from '../definition.js';
import { contentKey, formKey, pageKey, placeKey } from '../keys.js';
import { Place } from '../place.js';
import { findSection, pageOf, sectionOf, textAt, withLeaf, withSection } from '../reach.js';
import { wordsWithin } from '../words.js';

const closed = { additionalProperties: false } as const;
const shorten = (s: string) => (s.length > 40 ? `${s.slice(0, 38).trimEnd()}…` : s);

const SetText = Type.Object({ op: Type.Literal('setText'), at: Place, text: Text }, closed);
export const setText: Definition<typeof SetText> = {
  schema: SetText,
  apply(document, { op, at, text }) {
    const before = textAt(document, at) as (ButtonText & { id?: string }) | undefined;
    if (!before) throw new OperationError(`There is no text at ${at.section}, ${at.path}.`);
    const { id, to, as, ...words } = before;
    // A text in a list is the same one, whatever it says, and a button leads where it led and looks as it did.
    const leaf = { ...(id !== undefined && { id }), ...text, ...(to !== undefined && { to }), ...(as && { as }) };
    return {
      document: withLeaf(document, at.section, at.path.split('.'), leaf),
      inverse: { op, at, text: words },
    };
  },
  says: ({ text }) => (text.value.trim() ? `Wrote “${shorten(text.value)}”` : 'Emptied a text'),
  field: ({ at }) => `text ${at.section} ${at.path}`,
  writes: ({ at }) => [placeKey(at)],
  words: ({ text }) => text.value,
  forward: (operation, document) => ({ ...operation, at: pathForward(document, operation.at) }),
};

/** Says where a button leads; null for where its place leads by itself. */
const SetTarget = Type.Object(
  { op: Type.Literal('setTarget'), at: Place, to: Type.Union([LinkTarget, Type.Null()]) },
  closed,
);
export const setTarget: Definition<typeof SetTarget> = {
  schema: SetTarget,
  apply(document, { op, at, to }) {
    const before = textAt(document, at) as ButtonText | undefined;
    if (!before) throw new OperationError(`There is no button at ${at.section}, ${at.path}.`);
    const { to: led, as, ...words } = before;
    const leaf = { ...words, ...(to !== null && { to }), ...(as && { as }) };
    return {
      document: withLeaf(document, at.section, at.path.split('.'), leaf),
      inverse: { op, at, to: led ?? null },
    };
  },
  says: ({ to }) => (to === null ? 'Let a button lead where its place leads' : 'Said where a button leads'),
  field: ({ at }) => `target ${at.section} ${at.path}`,
  // Beside its words, not in them: who writes those leaves this.
  writes: ({ at }) => [`${placeKey(at)}:to`],
};

/** Says of which family a button is; null for that of its place. */
const SetFamily = Type.Object(
  {
    op: Type.Literal('setFamily'),
    at: Place,
    as: Type.Union([...BUTTON_FAMILIES.map((f) => Type.Literal(f)), Type.Null()]),
  },
  closed,
);
export const setFamily: Definition<typeof SetFamily> = {
  schema: SetFamily,
  apply(document, { op, at, as }) {
    const before = textAt(document, at) as ButtonText | undefined;
    if (!before) throw new OperationError(`There is no button at ${at.section}, ${at.path}.`);
    const { as: was, ...words } = before;
    return {
      document: withLeaf(document, at.section, at.path.split('.'), { ...words, ...(as !== null && { as }) }),
      inverse: { op, at, as: was ?? null },
    };
  },
  says: () => 'Changed how a button looks',
  field: ({ at }) => `family ${at.section} ${at.path}`,
  writes: ({ at }) => [`${placeKey(at)}:as`],
};

const SetSeo = Type.Object(
  {
    op: Type.Literal('setSeo'),
    page: Type.String({ maxLength: 64 }),
    field: Type.Union([Type.Literal('title'), Type.Literal('description')]),
    text: Type.Union([Text, Type.Null()]),
  },
  closed,
);
export const setSeo: Definition<typeof SetSeo> = {
  schema: SetSeo,
  apply(document, { op, page: id, field, text }) {
    const page = pageOf(document, id);
    const change = (p: Page): Page => (p === page ? { ...p, seo: { ...p.seo, [field]: text } } : p);
    return {
      document: { ...document, pages: document.pages.map(change) },
      inverse: { op, page: id, field, text: page.seo[field] },
    };
  },
  says: ({ field }) => `Changed a page’s ${field} for search engines`,
  field: ({ page, field }) => `seo ${page} ${field}`,
  writes: ({ page, field }) => [`${pageKey(page)}/seo/${field}`],
  words: ({ text }) => text?.value ?? '',
};

/** Puts other content into a section, whole. What changes one text or one item of it says so instead. */
const SetContent = Type.Object(
  { op: Type.Literal('setContent'), section: Type.String({ maxLength: 64 }), content: Section.properties.content },
  closed,
);
export const setContent: Definition<typeof SetContent> = {
  schema: SetContent,
  apply(document, { op, section: id, content }) {
    const section = sectionOf(document, id);
    return {
      document: withSection(document, id, (s) => ({ ...s, content })),
      inverse: { op, section: id, content: section.content },
    };
  },
  says: () => 'Changed what a section holds',
  field: ({ section }) => `content ${section}`,
  writes: ({ section }) => [contentKey(section)],
  words: ({ content }) => wordsWithin(content).join('\n'),
  forward(operation, document) {
    const section = findSection(document, operation.section);
    if (!section) return operation;
    return { ...operation, content: numbered({ ...section, content: operation.content }).content };
  },
};

const SetForm = Type.Object(
  { op: Type.Literal('setForm'), form: Type.String({ maxLength: 64 }), deliverTo: Form.properties.deliverTo },
  closed,
);
export const setForm: Definition<typeof SetForm> = {
  schema: SetForm,
  apply(document, { op, form: id, deliverTo }) {
    const form = document.forms.find((f) => f.id === id);
    if (!form) throw new OperationError(`There is no form “${id}”.`);
    return {
      document: { ...document, forms: document.forms.map((f) => (f === form ? { ...f, deliverTo } : f)) },
      inverse: { op, form: id, deliverTo: form.deliverTo },
    };
  },
  says: () => 'Changed where form messages go',
  field: ({ form }) => `form ${form}`,
  writes: ({ form }) => [formKey(form)],
  words: ({ deliverTo }) => deliverTo,
};
