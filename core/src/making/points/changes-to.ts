import {
  ALL_LAYOUTS,
  DEVICES,
  ENTRY_FACTS,
  factLabel,
  LIST_FACTS,
  type Collection,
  type CollectionItem,
  type EntryFact,
  type FactField,
  type LayoutName,
  type Facts,
  type ListFact,
  type Page,
  type Section,
  type SiteDocument,
} from '../../model/site.js';
import { namedOf, withoutParent } from '../../model/page.js';
import { apply } from '../../operations/apply.js';
import { OperationError } from '../../operations/definition.js';
import type { Operation, SingleOperation } from '../../operations/operation.js';
import { findSection, pageOf } from '../../operations/reach.js';
import { shapes } from '../../look/shapes/registry.gen.js';
import { layoutWords } from '../plan/layout-words.js';
import { some } from '../../ground/some.js';
import { colourName } from '../directions/direction.js';
import type { SlipChange } from '../ask/reply.js';
import { wordsWithin } from '../../operations/words.js';
import { textsOf } from '../generate/site.js';
import { fileWords, targetOfButton, targetWords } from '../links.js';
import { kindOf } from '../plan/plan.js';

const same = (a: unknown, b: unknown) => sorted(a) === sorted(b);
/** JSON with the keys of every object in order: a database gives them back in another one. */
const sorted = (value: unknown): string =>
  JSON.stringify(value, (_, v: unknown) =>
    typeof v === 'object' && v !== null && !Array.isArray(v)
      ? Object.fromEntries(Object.entries(v).sort(([a], [b]) => (a < b ? -1 : 1)))
      : v,
  );

const LISTS = new Set<string>([...LIST_FACTS, ...ENTRY_FACTS]);
const SETTERS: Record<EntryFact, (facts: Facts) => SingleOperation> = {
  services: ({ services }) => ({ op: 'setServices', services }),
  people: ({ people }) => ({ op: 'setPeople', people }),
  contacts: ({ contacts }) => ({ op: 'setContacts', contacts }),
  branches: ({ branches }) => ({ op: 'setBranches', branches }),
  events: ({ events }) => ({ op: 'setEvents', events }),
};
const isEntry = (field: string): field is EntryFact => field in SETTERS;
/** A list of facts in words, a line each. */
const inWords = (value: Facts[keyof Facts]): string =>
  Array.isArray(value)
    ? value.map((v) => (typeof v === 'string' ? v : Object.values(v).slice(1).filter(Boolean).join(', '))).join('\n')
    : value;

/** What a section says, a line for each text. */
export const saidIn = (section: Section): string =>
  textsOf(section)
    .map((t) => t.text.value)
    .filter(Boolean)
    .join('\n');
/** Where the buttons of a section are told to lead. */
const ledIn = (section: Section, on: SiteDocument): string[] =>
  textsOf(section).flatMap((t) => {
    const to = targetOfButton(t.text);
    return to === null ? [] : [`“${t.text.value}” leads to ${targetWords(on, to)}`];
  });
const titleOf = (s: Section) => shapes[s.shape]?.title ?? s.shape;

/** Changes gathered one after the other, each made on the site as those before it leave it. */
class Gathered {
  readonly changes: SlipChange[] = [];
  constructor(public now: SiteDocument) {}
  /** @throws OperationError where they do not fit */
  add(
    operations: SingleOperation[],
    words: string,
    at: SlipChange['at'],
    more: Pick<SlipChange, 'before' | 'after'> = {},
  ) {
    if (!operations.length) return;
    const operation: Operation = operations.length > 1 ? { op: 'batch', operations } : operations[0]!;
    this.now = apply(this.now, operation).document;
    this.changes.push({ operation, words, at, ...more });
  }
}

function facts(all: Gathered, then: SiteDocument): void {
  for (const field of Object.keys(then.facts) as (keyof Facts)[]) {
    const [was, is] = [all.now.facts[field], then.facts[field]];
    if (same(was, is)) continue;
    const operation: SingleOperation = isEntry(field)
      ? SETTERS[field](then.facts)
      : LISTS.has(field)
        ? { op: 'setList', field: field as ListFact, values: is as string[] }
        : { op: 'setFact', field: field as FactField, value: is as string };
    all.add([operation], factLabel(field), {}, { before: inWords(was), after: inWords(is) });
  }
  const { language, length, fill, corrections, without } = then;
  if (!same([all.now.language, all.now.length, all.now.fill], [language, length, fill]))
    all.add([{ op: 'setWriting', language, length, fill }], 'How it is written', {});
  if (!same(all.now.corrections, corrections))
    all.add([{ op: 'setCorrections', corrections }], 'How the brief was read', {});
  if (!same(all.now.without, without)) all.add([{ op: 'setWithout', values: without }], 'What the plan leaves out', {});
}

/** A look in words, a line for each thing it is made of: what differs is told line by line. */
const lookWords = ({ look: l }: SiteDocument) =>
  [
    `${colourName(l.day.lead)} ${l.day.lead}, ${colourName(l.day.accent)} ${l.day.accent}, on ${l.day.ground}`,
    `${l.heading} over ${l.reading}, text of ${l.base} px, headings ${l.scale} times, weight ${l.headingWeight}, ${l.headingCase}`,
    `room ${l.density}, corners ${l.corner} px, buttons ${l.button}, edges ${l.edge}, pictures ${l.picture} and ${l.pictures}`,
    `icons ${l.icon}, motion ${l.motion}`,
  ].join('\n');
function look(all: Gathered, then: SiteDocument): void {
  const operations: SingleOperation[] = [
    ...(same(all.now.look, then.look) ? [] : [{ op: 'setLook' as const, look: then.look }]),
    ...(same(all.now.direction, then.direction) ? [] : [{ op: 'setDirection' as const, direction: then.direction }]),
    ...(same(all.now.board, then.board) ? [] : [{ op: 'setBoard' as const, board: then.board }]),
  ];
  const told = operations.some((o) => o.op === 'setLook');
  all.add(
    operations,
    told ? 'The look' : 'Directions that were looked at',
    {},
    {
      ...(told && { before: lookWords(all.now), after: lookWords(then) }),
    },
  );
  if (!same(all.now.mark, then.mark)) all.add([{ op: 'setMark', mark: then.mark }], 'The mark', {});
}

function media(all: Gathered, then: SiteDocument): void {
  const brought = then.media.filter(
    (m) =>
      !same(
        m,
        all.now.media.find((n) => n.id === m.id),
      ),
  );
  all.add(
    brought.map((medium) => ({ op: 'putMedium', medium })),
    some(brought.length, 'picture'),
    {},
    { after: brought.map((m) => m.title).join(', ') },
  );
}
function mediaGone(all: Gathered, then: SiteDocument): void {
  const gone = all.now.media.filter((m) => !then.media.some((t) => t.id === m.id));
  all.add(
    gone.map((m) => ({ op: 'removeMedium', medium: m.id })),
    `${some(gone.length, 'picture')} that came since`,
    {},
    { before: gone.map((m) => m.title).join(', ') },
  );
}
/** Files for visitors that came or went, and other versions of them. */
function files(all: Gathered, then: SiteDocument): void {
  const { files: is = [] } = then;
  const { files: was = [] } = all.now;
  const brought = is.filter((f) => !was.some((w) => same(w, f)));
  all.add(
    brought.map((file) => ({ op: 'putFile', file })),
    some(brought.length, 'file'),
    {},
    { after: brought.map(fileWords).join(', ') },
  );
}
function filesGone(all: Gathered, then: SiteDocument): void {
  const gone = (all.now.files ?? []).filter((f) => !then.files?.some((t) => t.id === f.id));
  all.add(
    gone.map((f) => ({ op: 'removeFile', file: f.id })),
    `${some(gone.length, 'file')} that came since`,
    {},
    { before: gone.map(fileWords).join(', ') },
  );
}

/** What lays out a section as it was. */
function layoutsTo(now: Section, then: Section): SingleOperation[] {
  const names = Object.keys(ALL_LAYOUTS) as LayoutName[];
  const on = DEVICES.flatMap((device) => {
    const [a, b] = [now.on?.[device] ?? {}, then.on?.[device] ?? {}];
    const all = [...new Set([...Object.keys(a), ...Object.keys(b)])] as (keyof typeof a)[];
    const others = all.filter((n) => a[n] !== b[n]);
    return others.length
      ? [
          {
            op: 'setSection',
            section: then.id,
            on: device,
            ...Object.fromEntries(others.map((n) => [n, b[n] ?? 'same'])),
          },
        ]
      : [];
  }) as SingleOperation[];
  const others = names.filter((n) => now[n] !== then[n]);
  if (now.hidden === then.hidden && !others.length) return on;
  const layout = Object.fromEntries(others.map((n) => [n, then[n] ?? 'look']));
  // What only some get is said before what nobody gets: a page always has something to show.
  const all = { op: 'setSection' as const, section: then.id, hidden: then.hidden ?? false, ...layout };
  return then.hidden ? [...on, all] : [all, ...on];
}

/** One section as it was: its shape, its room, what it holds. */
function section(all: Gathered, then: Section, page: Page | null): void {
  const now = findSection(all.now, then.id);
  if (!now || same(now, then)) return;
  const other = kindOf(now.shape) !== kindOf(then.shape);
  const operations: SingleOperation[] = other
    ? [{ op: 'putSection', section: then }]
    : [
        ...(now.shape === then.shape && now.ground === then.ground
          ? []
          : [
              {
                op: 'setShape' as const,
                section: then.id,
                shape: then.shape,
                ...(then.ground && { ground: then.ground }),
              },
            ]),
        ...layoutsTo(now, then),
        ...(same(now.content, then.content)
          ? []
          : [{ op: 'setContent' as const, section: then.id, content: then.content }]),
        ...(same(now.shows, then.shows)
          ? []
          : [{ op: 'setShows' as const, section: then.id, shows: then.shows ?? null }]),
      ];
  const [before, after] = [saidIn(now), saidIn(then)];
  const led: [string[], string[]] = [ledIn(now, all.now), ledIn(then, all.now)];
  const character = (s: Section, n: 0 | 1) =>
    [shapes[s.shape]?.character, s.ground, s.hidden && 'hidden', ...layoutWords(s), ...(same(...led) ? [] : led[n])]
      .filter(Boolean)
      .join(', ');
  all.add(
    operations,
    `${titleOf(then)}${page ? ` on ${page.label}` : ''}`,
    { ...(page && { page: page.id }), section: then.id },
    before === after ? { before: character(now, 0), after: character(then, 1) } : { before, after },
  );
}

function pages(all: Gathered, then: SiteDocument): void {
  const has = (id: string) => all.now.pages.some((p) => p.id === id);
  // Who is under whom is taken apart first: no order of changes would do otherwise.
  const apart = all.now.pages.filter((p) => {
    const t = then.pages.find((x) => x.id === p.id);
    return t && p.parent !== undefined && p.parent !== t.parent;
  });
  all.add(
    apart.map((p) => ({ op: 'setPage', ...namedOf(withoutParent(p)) })),
    'Which pages are under others',
    {},
  );
  for (const [n, page] of then.pages.entries())
    if (!has(page.id))
      all.add(
        [{ op: 'insertPage', page: withoutParent(page), at: Math.min(Math.max(1, n), all.now.pages.length) }],
        `The page ${page.label}`,
        { page: page.id },
        { after: page.sections.map(saidIn).join('\n') },
      );
  for (const page of [...all.now.pages])
    if (!then.pages.some((p) => p.id === page.id))
      all.add(
        [{ op: 'removePage', page: page.id }],
        `The page ${page.label} goes`,
        { page: page.id },
        {
          before: page.sections.map(saidIn).join('\n'),
        },
      );
  for (const page of then.pages) {
    const now = pageOf(all.now, page.id);
    if (!same(namedOf(now), namedOf(page)))
      all.add(
        [{ op: 'setPage', ...namedOf(page) }],
        `What the page ${page.label} is called, and where it is`,
        { page: page.id },
        {
          before: `${now.label} /${now.slug}`,
          after: `${page.label} /${page.slug}`,
        },
      );
    for (const field of ['title', 'description'] as const)
      if (!same(now.seo[field], page.seo[field]))
        all.add(
          [{ op: 'setSeo', page: page.id, field, text: page.seo[field] }],
          `${field} of ${page.label} in search results`,
          { page: page.id },
          {
            before: now.seo[field]?.value ?? '',
            after: page.seo[field]?.value ?? '',
          },
        );
  }
  const order: SingleOperation[] = [];
  let moving = all.now;
  then.pages.forEach((page, to) => {
    if (moving.pages[to]?.id === page.id) return;
    const operation = { op: 'movePage', page: page.id, to } as const;
    moving = apply(moving, operation).document;
    order.push(operation);
  });
  all.add(
    order,
    'The order of the pages',
    {},
    {
      before: all.now.pages.map((p) => p.label).join(', '),
      after: then.pages.map((p) => p.label).join(', '),
    },
  );
}

function sections(all: Gathered, then: SiteDocument): void {
  for (const page of then.pages)
    for (const [at, s] of page.sections.entries()) {
      const now = pageOf(all.now, page.id);
      const to = Math.min(at, now.sections.length);
      if (!findSection(all.now, s.id))
        all.add(
          [{ op: 'insertSection', page: page.id, section: s, at: to }],
          `${titleOf(s)} on ${page.label}`,
          { page: page.id, section: s.id },
          {
            after: saidIn(s),
          },
        );
      else if (!now.sections.some((x) => x.id === s.id))
        all.add([{ op: 'moveSection', section: s.id, page: page.id, to }], `${titleOf(s)} back on ${page.label}`, {
          page: page.id,
          section: s.id,
        });
    }
  for (const page of then.pages)
    for (const s of pageOf(all.now, page.id).sections)
      if (!findSection(then, s.id))
        all.add(
          [{ op: 'removeSection', section: s.id }],
          `${titleOf(s)} on ${page.label} goes`,
          { page: page.id, section: s.id },
          {
            before: saidIn(s),
          },
        );
  for (const page of then.pages) {
    // Those that are shown first: a page always has something to show.
    for (const s of [...page.sections].sort((a, b) => Number(a.hidden ?? false) - Number(b.hidden ?? false)))
      section(all, s, page);
    const order: SingleOperation[] = [];
    let moving = all.now;
    page.sections.forEach((s, to) => {
      if (pageOf(moving, page.id).sections[to]?.id === s.id) return;
      const operation = { op: 'moveSection', section: s.id, page: page.id, to } as const;
      moving = apply(moving, operation).document;
      order.push(operation);
    });
    all.add(
      order,
      `The order of sections on ${page.label}`,
      { page: page.id },
      {
        before: pageOf(all.now, page.id).sections.map(titleOf).join(', '),
        after: page.sections.map(titleOf).join(', '),
      },
    );
  }
  for (const s of [then.header, then.footer]) if (s) section(all, s, null);
  for (const page of then.pages)
    for (const part of ['header', 'footer'] as const) {
      const [was, is] = [pageOf(all.now, page.id)[part] ?? null, page[part] ?? null];
      if (same(was, is)) continue;
      const title = `${part === 'header' ? 'Header' : 'Footer'} of ${page.label}`;
      const told = (s: Section | null) => (s ? saidIn(s) || (shapes[s.shape]?.character ?? '') : 'as on every page');
      all.add(
        [{ op: 'setFrame', page: page.id, part, section: is }],
        title,
        { page: page.id },
        { before: told(was), after: told(is) },
      );
    }
}

/** True where a site was written anew between two points: the same ids stand for other things. */
function writtenAnew(now: SiteDocument, then: SiteDocument): boolean {
  const kinds = new Map(now.pages.flatMap((p) => p.sections.map((s) => [s.id, kindOf(s.shape)] as const)));
  const known = then.pages.flatMap((p) => p.sections).filter((s) => kinds.has(s.id));
  // One alone was made one of another kind; many at once are others under the same ids.
  const others = known.filter((s) => kinds.get(s.id) !== kindOf(s.shape));
  return (
    now.seed !== then.seed ||
    !now.header !== !then.header ||
    !now.footer !== !then.footer ||
    !same(
      now.forms.map(({ deliverTo: _, ...f }) => f),
      then.forms.map(({ deliverTo: _, ...f }) => f),
    ) ||
    others.length > known.length / 3
  );
}

const ITEM_PARTS = ['title', 'slug', 'was', 'state', 'from', 'until', 'by', 'language', 'tags'] as const;
/** One item of a collection as it was. */
function itemTo(collection: string, now: CollectionItem, then: CollectionItem): SingleOperation[] {
  const parts = ITEM_PARTS.filter((k) => !same(now[k], then[k]));
  const values = [...new Set([...Object.keys(now.values), ...Object.keys(then.values)])].filter(
    (k) => !same(now.values[k], then.values[k]),
  );
  if (!parts.length && !values.length) return [];
  return [
    {
      op: 'setEntry',
      collection,
      item: now.id,
      ...Object.fromEntries(parts.map((k) => [k, then[k] ?? null])),
      ...(values.length && { values: Object.fromEntries(values.map((k) => [k, then.values[k] ?? null])) }),
    } as SingleOperation,
  ];
}
/** Items that differ, from which on they are told of together: nobody ticks so many one by one. */
const MANY_ITEMS = 60;
/** What an item says, a line for each text. */
const saidByItem = ({ title, values }: CollectionItem): string => wordsWithin([title, values]).join('\n');

/**
 * Makes a collection what it was: what it is called and has, then its items, a change each, those that go before those that
 * come; and the order at last.
 */
function collectionTo(all: Gathered, now: Collection, then: Collection): void {
  const collection = now.id;
  const head = (['name', 'page', 'shape', 'fields'] as const).filter((k) => !same(now[k], then[k]));
  if (head.length)
    all.add(
      [
        {
          op: 'setCollection',
          collection,
          ...Object.fromEntries(head.map((k) => [k, then[k] ?? null])),
        } as SingleOperation,
      ],
      `What ${then.name} is called and has`,
      {},
    );
  const here = new Map(now.items.map((i) => [i.id, i]));
  const stays = new Set(then.items.map((t) => t.id).filter((id) => here.has(id)));
  const gone = now.items.filter((i) => !stays.has(i.id));
  const changed = then.items.flatMap((is) => {
    const was = here.get(is.id);
    return was && !same(was, is) ? [{ was, is }] : [];
  });
  // An item that gives up its address makes room for whoever has it then: all of these, or none.
  const moved = changed.filter(({ was, is }) => was.slug !== is.slug);
  const come = then.items.flatMap((item, at) => (stays.has(item.id) ? [] : [{ item, at }]));
  const named = (item: CollectionItem) => `${then.name}: ${item.title.value || item.slug}`;
  const steps: [operations: SingleOperation[], words: string, before: string, after: string][] = [
    ...gone.map((i): (typeof steps)[number] => [
      [{ op: 'removeEntry', collection, item: i.id }],
      `${named(i)} goes`,
      saidByItem(i),
      '',
    ]),
    [
      [
        ...moved.map(({ was }, n): SingleOperation => ({
          op: 'setEntry',
          collection,
          item: was.id,
          slug: `${was.slug.slice(0, 60)}-was-${n}`,
        })),
        ...moved.flatMap(({ was, is }) => itemTo(collection, { ...was, slug: '' }, is)),
      ],
      moved.length === 1 ? named(moved[0]!.is) : `${then.name}: ${some(moved.length, 'item')} at other addresses`,
      moved.map(({ was }) => saidByItem(was)).join('\n'),
      moved.map(({ is }) => saidByItem(is)).join('\n'),
    ],
    ...changed
      .filter((c) => !moved.includes(c))
      .map(({ was, is }): (typeof steps)[number] => [
        itemTo(collection, was, is),
        named(is),
        saidByItem(was),
        saidByItem(is),
      ]),
    ...come.map(({ item, at }, n): (typeof steps)[number] => [
      [{ op: 'insertEntry', collection, item, at: Math.min(at, stays.size + n) }],
      `${named(item)} comes back`,
      '',
      saidByItem(item),
    ]),
  ];
  // A step of the log is at most so many changes.
  const inParts = (operations: SingleOperation[], words: string, more: Parameters<Gathered['add']>[3] = {}) => {
    for (let at = 0; at < operations.length; at += 500) all.add(operations.slice(at, at + 500), words, {}, more);
  };
  if (gone.length + changed.length + come.length > MANY_ITEMS) {
    const titles = (c: Collection) => c.items.map((i) => i.title.value).join('\n');
    inParts(
      steps.flatMap(([operations]) => operations),
      then.name,
      { before: titles(now), after: titles(then) },
    );
  } else for (const [operations, words, before, after] of steps) all.add(operations, words, {}, { before, after });
  inParts(
    orderTo(
      all.now.collections!.find((c) => c.id === collection)!,
      then,
    ),
    `The order of ${then.name}`,
  );
}
/** What puts the items of a collection in the order they had. */
function orderTo(now: Collection, then: Collection): SingleOperation[] {
  const ids = now.items.map((i) => i.id);
  return then.items.flatMap(({ id }, to): SingleOperation[] => {
    const at = ids.indexOf(id);
    if (at === to) return [];
    ids.splice(at, 1);
    ids.splice(to, 0, id);
    return [{ op: 'moveEntry', collection: now.id, item: id, to }];
  });
}
/** What the people of the site leave to their designer. */
function locks(all: Gathered, then: SiteDocument): void {
  const [was, is] = [all.now.locks ?? [], then.locks ?? []];
  all.add(
    [
      ...was.filter((l) => !is.includes(l)).map((lock) => ({ op: 'setLock' as const, lock, locked: false })),
      ...is.filter((l) => !was.includes(l)).map((lock) => ({ op: 'setLock' as const, lock, locked: true })),
    ],
    'What the client may change',
    {},
  );
}

/** What grows on a site: collections that came, went or changed. Sections that show them are told of with their page. */
function collections(all: Gathered, then: SiteDocument): void {
  if (all.now.zone !== then.zone)
    all.add(
      [{ op: 'setZone', zone: then.zone ?? null }],
      'The time zone',
      {},
      { before: all.now.zone ?? '', after: then.zone ?? '' },
    );
  const titles = (c: Collection) => c.items.map((i) => i.title.value).join('\n');
  const was = new Map((all.now.collections ?? []).map((c) => [c.id, c]));
  for (const [n, c] of (then.collections ?? []).entries()) {
    const known = was.get(c.id);
    if (!known || known.kind !== c.kind)
      all.add(
        [
          ...(known ? [{ op: 'removeCollection' as const, collection: c.id }] : []),
          {
            op: 'insertCollection',
            collection: c,
            at: Math.min(n, (all.now.collections ?? []).length - (known ? 1 : 0)),
          },
        ],
        `The collection ${c.name}`,
        {},
        { before: known ? titles(known) : '', after: titles(c) },
      );
    else collectionTo(all, known, c);
  }
}
function collectionsGone(all: Gathered, then: SiteDocument): void {
  for (const c of all.now.collections ?? [])
    if (!then.collections?.some((t) => t.id === c.id))
      all.add(
        [{ op: 'removeCollection', collection: c.id }],
        `The collection ${c.name} goes`,
        {},
        {
          before: c.items.map((i) => i.title.value).join('\n'),
        },
      );
}

/** Addresses that are none of a page, and where they lead. */
function redirects(all: Gathered, then: SiteDocument): void {
  const told = (d: SiteDocument) => new Map(d.redirects?.map((r) => [r.from, r.to]));
  const [was, is] = [told(all.now), told(then)];
  const led = [...new Set([...was.keys(), ...is.keys()])].filter((from) => was.get(from) !== is.get(from));
  all.add(
    led.map((from) => ({ op: 'setRedirect', from, to: is.get(from) ?? null })),
    'Old addresses, and where they lead',
    {},
    { before: [...was.keys()].join('\n'), after: [...is.keys()].join('\n') },
  );
}

const asOne = (now: SiteDocument, then: SiteDocument): SlipChange[] => {
  const all = new Gathered(now);
  facts(all, then);
  const { seed, header, pages, footer, forms, direction, media } = then;
  if (
    !same(
      [now.seed, now.header, now.pages, now.footer, now.forms, now.look, now.direction, now.media],
      [seed, header, pages, footer, forms, then.look, direction, media],
    )
  )
    all.add(
      [{ op: 'putVersion', seed, header, pages, footer, forms, look: then.look, direction, media }],
      'The whole site: pages, words and look',
      {},
      {
        before: now.pages.map((p) => p.label).join(', '),
        after: pages.map((p) => p.label).join(', '),
      },
    );
  look(all, then);
  files(all, then);
  locks(all, then);
  collections(all, then);
  redirects(all, then);
  filesGone(all, then);
  collectionsGone(all, then);
  return all.changes;
};

/**
 * What would make a site what it was (or is) at another point: changes that can be taken or left one by one, a section each.
 * Taken all, exactly and in order, they give that point but for the order of its pictures, files and collections.
 */
export function changesTo(now: SiteDocument, then: SiteDocument): SlipChange[] {
  if (writtenAnew(now, then)) return asOne(now, then);
  try {
    const all = new Gathered(now);
    facts(all, then);
    look(all, then);
    media(all, then);
    files(all, then);
    // A section can only show what is there.
    collections(all, then);
    pages(all, then);
    sections(all, then);
    for (const form of then.forms) {
      const was = all.now.forms.find((f) => f.id === form.id);
      if (was && was.deliverTo !== form.deliverTo)
        all.add(
          [{ op: 'setForm', form: form.id, deliverTo: form.deliverTo }],
          'What the form is sent to',
          {},
          {
            before: was.deliverTo,
            after: form.deliverTo,
          },
        );
    }
    locks(all, then);
    redirects(all, then);
    mediaGone(all, then);
    filesGone(all, then);
    collectionsGone(all, then);
    const ordered = <T extends { id: string }>(list: readonly T[]) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
    const left = (d: SiteDocument) => ({
      ...d,
      media: ordered(d.media),
      files: ordered(d.files ?? []),
      collections: ordered(d.collections ?? []),
    });
    return same(left(all.now), left(then)) ? all.changes : asOne(now, then);
  } catch (error) {
    // What cannot be done part by part is done as a whole.
    if (error instanceof OperationError) return asOne(now, then);
    throw error;
  }
}
