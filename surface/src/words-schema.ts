import {
  blocksOf,
  BULLET,
  cleanMarks,
  isTarget,
  runsOf,
  type FieldForm,
  type Marked,
  type TextMark,
} from '@tin-porch/core/model';
import { Fragment, Schema, type MarkSpec, type Node, type NodeSpec } from 'prosemirror-model';
import type { Written } from './messages.js';

/** The address a link is drawn with while it is edited: it is never followed there. */
const shownAs = (target: string) => (target.startsWith('page:') ? '#' : target);

/** A target for an address that was pasted; null where a site may not lead there. */
export function targetOfAddress(address: string): string | null {
  const target = readAddress(address);
  return target !== null && isTarget(target) ? target : null;
}
function readAddress(address: string): string | null {
  const said = address.trim();
  if (/^https?:\/\/[^\s<>"]+$/i.test(said)) return said.replace(/^https?/i, (s) => s.toLowerCase());
  if (/^mailto:[^\s@<>"?]+@[^\s@<>"?]+/i.test(said)) return said.replace(/^mailto/i, 'mailto').replace(/\?.*$/, '');
  const digits = /^tel:/i.test(said) ? said.slice(4).replace(/(?!^\+)\D/g, '') : '';
  return /^\+?\d{3,20}$/.test(digits) ? `tel:${digits}` : null;
}

const heavy = (weight: string) => /^(?:bold(?:er)?|[6-9]\d\d)$/.test(weight) && null;
const MARKS: Record<'link' | 'strong' | 'stress', MarkSpec> = {
  link: {
    attrs: { target: { validate: 'string' } },
    inclusive: false,
    toDOM: ({ attrs }) => {
      const target = String(attrs['target']);
      return ['a', { href: shownAs(target), 'data-target': target }, 0];
    },
    parseDOM: [
      {
        tag: 'a[href]',
        getAttrs: (a) => {
          const target = a.getAttribute('data-target') ?? targetOfAddress(a.getAttribute('href') ?? '');
          return target === null ? false : { target };
        },
      },
    ],
  },
  strong: {
    toDOM: () => ['strong', 0],
    parseDOM: [
      { tag: 'strong' },
      { tag: 'b', getAttrs: (b) => b.style.fontWeight !== 'normal' && null },
      { style: 'font-weight', getAttrs: heavy },
    ],
  },
  stress: {
    toDOM: () => ['em', 0],
    parseDOM: [
      { tag: 'em' },
      { tag: 'i', getAttrs: (i) => i.style.fontStyle !== 'normal' && null },
      { style: 'font-style=italic' },
    ],
  },
};
const BREAK: NodeSpec = {
  inline: true,
  group: 'inline',
  selectable: false,
  toDOM: () => ['br'],
  parseDOM: [{ tag: 'br' }],
  leafText: () => '\n',
};
const TEXT: NodeSpec = { group: 'inline' };

const WORDS = new Schema({ nodes: { doc: { content: 'text*' }, text: TEXT } });
const schemas: Record<FieldForm | 'blocks', Schema> = {
  words: WORDS,
  button: WORDS,
  line: new Schema({ nodes: { doc: { content: 'inline*' }, text: TEXT, break: BREAK }, marks: MARKS }),
  prose: new Schema({ nodes: { doc: { content: 'inline*' }, text: TEXT, break: BREAK }, marks: MARKS }),
  blocks: new Schema({
    nodes: {
      doc: { content: '(paragraph | list)+' },
      paragraph: { content: 'inline*', toDOM: () => ['p', 0], parseDOM: [{ tag: 'p' }] },
      list: { content: 'item+', toDOM: () => ['ul', { class: 'points' }, 0], parseDOM: [{ tag: 'ul' }, { tag: 'ol' }] },
      item: { content: 'inline*', defining: true, toDOM: () => ['li', 0], parseDOM: [{ tag: 'li' }] },
      text: TEXT,
      break: BREAK,
    },
    marks: MARKS,
  }),
};

/** The schema for the words of a field: `blocks` where its element holds paragraphs and lists. */
export const schemaFor = (form: FieldForm, blocks: boolean): Schema =>
  schemas[form === 'prose' && blocks ? 'blocks' : form];

function inlineOf(schema: Schema, text: Marked): Fragment {
  const { link, strong, stress } = schema.marks;
  return Fragment.fromArray(
    runsOf(text).flatMap((run) => {
      const marks = [
        ...(run.link !== null && link ? [link.create({ target: run.link })] : []),
        ...(run.strong && strong ? [strong.create()] : []),
        ...(run.stress && stress ? [stress.create()] : []),
      ];
      // A field of plain words has no second line.
      const lines = schema.nodes['break'] ? run.words.split('\n') : [run.words.replace(/\n/g, ' ')];
      return lines.flatMap((line, n) => [
        ...(n ? [schema.nodes['break']!.create(null, null, marks)] : []),
        ...(line ? [schema.text(line, marks)] : []),
      ]);
    }),
  );
}

/** What is edited for a text. */
export function docOf(schema: Schema, text: Written): Node {
  const { doc, paragraph, list, item } = schema.nodes;
  if (!paragraph) return doc!.create(null, inlineOf(schema, text));
  const blocks = blocksOf(text).map((b) =>
    b.items
      ? list!.create(
          null,
          b.items.map((i) => item!.create(null, inlineOf(schema, i))),
        )
      : paragraph.create(null, inlineOf(schema, b.words)),
  );
  return doc!.create(null, blocks.length ? blocks : [paragraph.create()]);
}

/** The text that is edited. Lines and items that stand empty at its end are none. */
export function writtenOf(doc: Node): Written {
  let value = '';
  const marks: TextMark[] = [];
  const inline = (block: Node) =>
    block.forEach((node) => {
      const from = value.length;
      value += node.isText ? node.text! : '\n';
      for (const { type, attrs } of node.marks)
        marks.push(
          type.name === 'link'
            ? { kind: 'link', from, to: value.length, target: String(attrs['target']) }
            : { kind: type.name as 'strong' | 'stress', from, to: value.length },
        );
    });
  if (doc.inlineContent) inline(doc);
  else
    doc.forEach((block, _offset, n) => {
      if (block.type.name === 'list')
        block.forEach((item, __, i) => {
          value += `${n || i ? '\n' : ''}${BULLET}`;
          inline(item);
        });
      else {
        if (n) value += '\n';
        inline(block);
      }
    });
  const said = value.replace(/(?:(?:^|\n)•|\s)+$/, '');
  const clean = cleanMarks(said, marks);
  return { value: said, ...(clean && { marks: clean }) };
}
