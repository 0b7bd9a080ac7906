import fc from 'fast-check';
import { demoFacts } from '../fixtures/facts.js';
import { siteFrom } from '../fixtures/measure-copy.js';
import { freeSlug } from '../making/plan/collections.js';
import type { Collection, CollectionItem, SiteDocument } from '../model/site.js';
import { apply } from '../operations/apply.js';
import { validateDocument } from '../operations/validate.js';
import { hasCards, toCards } from './cards.js';
import { arriving, readItems, textsIn, toCalendar, toCsv, toJson, toMarkdown, zipped } from './files.js';

const MADE = '2026-06-01T08:00Z';
const site = siteFrom(demoFacts, 4);
const media = site.media[0]!.id;
const text = (value: string) => ({ value, from: { kind: 'client' as const } });
const item = (id: string, more: Partial<CollectionItem> = {}): CollectionItem => ({
  id,
  slug: id,
  title: text(`Event ${id}`),
  made: '2026-03-01T09:15Z',
  state: 'up',
  values: {},
  ...more,
});
const FULL: CollectionItem[] = [
  item('a', {
    from: '2026-06-14T08:30Z',
    until: '2026-12-24T17:00Z',
    by: 'Ada, of the yard',
    language: 'fr',
    tags: ['slip', 'tea'],
    values: {
      starts: '2026-07-01T19:30',
      ends: '2026-07-01T21:00',
      place: text('The slip; by the crane'),
      text: { ...text('Bring "gloves", and rope.'), marks: [{ kind: 'strong', from: 6, to: 14 }] },
      body: text('First.\n\n• one\n• two\n\n=not a formula'),
      picture: { media, alt: text('A boat, on the slip') },
      berths: 3.5,
      tide: 'High',
    },
  }),
  item('b', { state: 'draft', title: text('=SUM(A1)'), values: { starts: '2026-08-02' } }),
  item('c', { title: text('Ünder “Segeln” – 2'), values: { starts: '2026-09-01T08:00', text: text('-5 degrees') } }),
];
const collection = (items: CollectionItem[]): Collection => ({
  id: 'events',
  kind: 'events',
  name: 'Events',
  page: 'about',
  fields: [
    { id: 'berths', label: 'Berths', type: 'number' },
    { id: 'tide', label: 'Tide', type: 'choice', choices: ['High', 'Low'] },
  ],
  items,
});
const withItems = (items: CollectionItem[]): SiteDocument =>
  apply(site, { op: 'insertCollection', collection: collection(items), at: 0 }).document;
const full = withItems(FULL);
const brought = (document: SiteDocument, files: { name: string; text: string }[]) => {
  const [into] = document.collections!;
  const came = arriving(document, into!, readItems(document, into!, files), MADE, freeSlug);
  const after = came.operations.reduce((d, o) => apply(d, o).document, document);
  expect(validateDocument(after)).toEqual([]);
  return { came, items: after.collections![0]!.items };
};
const FILES: [string, () => { name: string; text: string }[]][] = [
  ['CSV', () => [{ name: 'a.csv', text: toCsv(full, full.collections![0]!) }]],
  ['JSON', () => [{ name: 'a.json', text: toJson(full.collections![0]!) }]],
  ['Markdown', () => toMarkdown(full, full.collections![0]!).map(({ path, text }) => ({ name: path, text }))],
];

describe('a collection in files', () => {
  for (const [format, files] of FILES) {
    it(`comes back from ${format} as it was: nothing in it would be changed`, () => {
      const { came } = brought(full, files());
      expect(came).toEqual({ operations: [], added: [], changed: [], same: 3, faults: [] });
    });

    it(`comes from ${format} into an empty one with all it said`, () => {
      const { came, items } = brought(withItems([]), files());
      expect(came.faults).toEqual([]);
      expect(came.added.length).toBe(3);
      // Words that stood out do so in JSON alone; everything else is there from each.
      const plain = (all: readonly CollectionItem[]) =>
        JSON.parse(
          JSON.stringify(all, (k, v: unknown) =>
            k === 'marks' || (k === 'from' && typeof v === 'object') ? undefined : v,
          ),
        ) as unknown;
      expect(plain(items)).toEqual(plain(full.collections![0]!.items));
      if (format === 'JSON') expect(items).toEqual(full.collections![0]!.items);
    });
  }

  it('comes from a calendar and back with what a calendar has', () => {
    const ics = toCalendar(full, full.collections![0]!);
    const { came, items } = brought(withItems([]), [{ name: 'a.ics', text: ics }]);
    expect(came.faults).toEqual([]);
    expect(items.map((i) => [i.id, i.title.value, i.values['starts'], i.values['ends']])).toEqual([
      ['a', 'Event a', '2026-07-01T19:30', '2026-07-01T21:00'],
      ['b', '=SUM(A1)', '2026-08-02', undefined],
      ['c', 'Ünder “Segeln” – 2', '2026-09-01T08:00', undefined],
    ] as never);
    expect(items[0]!.values['place']).toEqual(text('The slip; by the crane'));
    expect(items[0]!.tags).toEqual(['slip', 'tea']);
  });

  it('reads a calendar of somebody else: its zone, whole days, and what comes again', () => {
    const ics = [
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      'BEGIN:VTIMEZONE',
      'TZID:Far',
      'BEGIN:STANDARD',
      'DTSTART:19700101T000000',
      'TZOFFSETFROM:-0500',
      'TZOFFSETTO:-0500',
      'END:STANDARD',
      'END:VTIMEZONE',
      'BEGIN:VEVENT',
      'UID:1@far.example',
      'DTSTART;TZID=Far:20260701T090000',
      'DTEND;TZID=Far:20260701T100000',
      'SUMMARY:Far\\, away',
      'END:VEVENT',
      'BEGIN:VEVENT',
      'UID:x y z',
      'DTSTART;VALUE=DATE:20260802',
      'DTEND;VALUE=DATE:20260804',
      'SUMMARY:Two days',
      'RRULE:FREQ=WEEKLY',
      'END:VEVENT',
      'END:VCALENDAR',
    ].join('\r\n');
    const { came, items } = brought(withItems([]), [{ name: 'a.ics', text: ics }]);
    expect(items.map((i) => [i.title.value, i.values['starts'], i.values['ends']])).toEqual([
      ['Far, away', '2026-07-01T15:00', '2026-07-01T16:00'],
      ['Two days', '2026-08-02', '2026-08-03'],
    ]);
    expect(came.faults).toEqual(['“Two days” comes again and again: only its first time is brought in.']);
  });

  describe('as cards', () => {
    const people = (items: CollectionItem[]): Collection => ({
      id: 'people',
      kind: 'people',
      name: 'People',
      page: 'about',
      fields: [
        { id: 'phone', label: 'Phone', type: 'text' },
        { id: 'mail', label: 'Mail', type: 'text' },
        { id: 'address', label: 'Address', type: 'place' },
      ],
      items,
    });
    const withPeople = (items: CollectionItem[]) =>
      apply(site, { op: 'insertCollection', collection: people(items), at: 0 }).document;
    const FIELDS = ['role', 'phone', 'mail', 'address', 'text'] as const;

    it('goes out and comes back with all that a card has, whatever stands in it', () => {
      const words = fc
        .string({ unit: 'grapheme', minLength: 1, maxLength: 40 })
        .map((s) => s.replace(/[\p{C}\r\n\u2028\u2029]/gu, '').trim())
        .filter((s) => s.length > 0);
      fc.assert(
        fc.property(
          fc.uniqueArray(
            fc.record({
              id: fc.stringMatching(/^[a-z][a-z0-9]{2,8}$/),
              title: words,
              said: fc.tuple(...FIELDS.map(() => fc.option(words))),
              lines: fc.option(fc.tuple(words, words)),
              tags: fc.uniqueArray(fc.stringMatching(/^[a-z]{1,6}$/), { maxLength: 3 }),
            }),
            { selector: (r) => r.id, maxLength: 5 },
          ),
          (all) => {
            const items = all.map(({ id, title, said, lines, tags }) =>
              item(id, {
                title: text(title),
                ...(tags.length && { tags }),
                values: Object.fromEntries(
                  FIELDS.flatMap((f, n) => {
                    const value = f === 'text' && lines ? lines.join('\n') : said[n];
                    return value ? [[f, text(value)]] : [];
                  }),
                ),
              }),
            );
            const empty = withPeople([]);
            const [into] = empty.collections!;
            const read = readItems(empty, into!, [{ name: 'people.vcf', text: toCards(people(items)) }]);
            if (items.length) expect(read.faults).toEqual([]);
            const came = arriving(empty, into!, read, MADE, freeSlug);
            const added = came.operations.flatMap((o) => (o.op === 'insertEntry' ? [o.item] : []));
            expect(added.map((i) => [i.id, i.title.value, i.tags, i.values])).toEqual(
              items.map((i) => [i.id, i.title.value, i.tags, i.values]),
            );
            // Where it came from it changes nothing.
            const same = withPeople(items);
            const back = readItems(same, same.collections![0]!, [
              { name: 'people.vcf', text: toCards(same.collections![0]!) },
            ]);
            expect(arriving(same, same.collections![0]!, back, MADE, freeSlug).operations).toEqual([]);
          },
        ),
        { numRuns: 60 },
      );
    });

    it('reads the cards of other programs: of version 3.0, with names in parts, and addresses in parts', () => {
      const empty = withPeople([]);
      const [into] = empty.collections!;
      const read = readItems(empty, into!, [
        {
          name: 'maud.vcf',
          text: [
            'BEGIN:VCARD',
            'VERSION:3.0',
            'N:Pell;Maud;;;',
            'FN:Maud Pell',
            'ROLE:Clockmaker',
            'item1.EMAIL;TYPE=INTERNET:maud@pellclocks.example',
            'TEL;TYPE=CELL:tel:01632 960 233',
            'ADR;TYPE=WORK:;;4 Dial Passage;Saltmarrow;;SM1 1PB;',
            'NOTE:Since 1998\\, at the',
            '  bench',
            'END:VCARD',
            'BEGIN:VCARD',
            'VERSION:4.0',
            'N:Marrow;Ysolde;;;',
            'END:VCARD',
          ].join('\r\n'),
        },
      ]);
      expect(read).toEqual({
        faults: [],
        items: [
          {
            line: 1,
            row: {
              title: 'Maud Pell',
              role: 'Clockmaker',
              mail: 'maud@pellclocks.example',
              phone: '01632 960 233',
              address: '4 Dial Passage, Saltmarrow, SM1 1PB',
              text: 'Since 1998, at the bench',
            },
          },
          { line: 2, row: { title: 'Ysolde Marrow' } },
        ],
      });
    });

    it('says what is no card, and is of people and places alone', () => {
      const empty = withPeople([]);
      for (const bad of ['hello', 'BEGIN:VCARD\r\nNO', ''])
        expect(readItems(empty, empty.collections![0]!, [{ name: 'x.vcf', text: bad }]).faults.length)
          .withContext(bad)
          .toBe(1);
      expect([hasCards({ kind: 'people' }), hasCards({ kind: 'places' }), hasCards({ kind: 'news' })]).toEqual([
        true,
        true,
        false,
      ]);
    });
  });

  it('changes only what a file says otherwise, and says what that is', () => {
    const csv = 'id,title,place\r\na,Event a,The quay\r\nb,,\r\n,Quite new,The hut\r\n';
    const { came, items } = brought(full, [{ name: 'a.csv', text: csv }]);
    expect(came.changed).toEqual([{ title: 'Event a', columns: ['place'] }]);
    expect(came.added).toEqual(['Quite new']);
    expect(came.same).toBe(1);
    expect(items[0]).toEqual({
      ...full.collections![0]!.items[0]!,
      values: { ...full.collections![0]!.items[0]!.values, place: text('The quay') },
    });
    expect(items[3]!.state).toBe('draft');
  });

  it('takes tables as other programs write them: semicolons, other names, other orders', () => {
    const csv = '\uFEFFName;Location;start;State\nRegatta;The quay;2026-08-01 10:00;published\n\n;;;\n';
    const { came, items } = brought(withItems([]), [{ name: 'a.csv', text: csv }]);
    expect(came.faults).toEqual([]);
    expect(items.map((i) => [i.title.value, i.state, i.values['starts'], i.values['place']])).toEqual([
      ['Regatta', 'up', '2026-08-01T10:00', text('The quay')],
    ] as never);
  });

  it('says next to its line what cannot be, and takes the rest', () => {
    const csv = [
      'title,starts,tide,picture,state,from,berths',
      'Good,2026-08-01,High,,up,,2',
      ',2026-08-01,,,,,',
      'Bad day,2026-02-30,,,,,',
      'Bad tide,,Middle,,,,',
      'Bad picture,,,nowhere,,,',
      'Bad state,,,,perhaps,,',
      'Bad time,,,,,soon,',
      'Bad number,,,,,,many',
    ].join('\n');
    const { came, items } = brought(withItems([]), [{ name: 'a.csv', text: csv }]);
    expect(came.faults).toEqual([
      'Line 3: it has no title',
      'Line 4: Begins is no date and time: “2026-02-30”',
      'Line 5: Tide is none of what there is to choose: “Middle”',
      'Line 6: the site has no picture “nowhere”',
      'Line 7: “perhaps” is no state',
      'Line 8: “soon” is no day and time',
      'Line 9: Berths is no number: “many”',
    ]);
    expect(items.length).toBe(7);
    for (const [name, file] of [
      ['a.json', '{'],
      ['a.json', '{"items": 3}'],
      ['a.csv', 'one,two\n1,2\n'],
      ['a.md', 'no front'],
      ['a.ics', 'BEGIN:NOTHING'],
      ['a.docx', 'PK'],
    ] as const)
      expect(readItems(full, full.collections![0]!, [{ name, text: file }]).faults.length)
        .withContext(`${name}: ${file}`)
        .toBeGreaterThan(0);
  });

  it('goes into one ZIP file and comes out of it, without what is no item', () => {
    const files = toMarkdown(full, full.collections![0]!);
    const zip = zipped([...files, { path: '__MACOSX/._a.md', text: 'x' }, { path: 'picture.png', text: 'x' }]);
    const out = textsIn('events.zip', zip);
    expect(out).toEqual(files.map(({ path, text }) => ({ name: path, text })));
    expect(textsIn('a.csv', new TextEncoder().encode('title\nÜ'))).toEqual([{ name: 'a.csv', text: 'title\nÜ' }]);
  });

  it('comes back as it was whatever stands in it', () => {
    const words = fc.string({ unit: 'grapheme', maxLength: 40 }).map((s) => s.replace(/\r\n?/g, '\n').trim() || 'x');
    fc.assert(
      fc.property(fc.array(fc.tuple(words, words, words), { maxLength: 5 }), (all) => {
        const document = withItems(
          all.map(([title, place, body], n) =>
            item(`i${n}`, { title: text(title), values: { place: text(place), body: text(body) } }),
          ),
        );
        const [c] = document.collections!;
        for (const files of [
          [{ name: 'a.csv', text: toCsv(document, c!) }],
          [{ name: 'a.json', text: toJson(c!) }],
          toMarkdown(document, c!).map(({ path, text }) => ({ name: path, text })),
        ])
          expect(arriving(document, c!, readItems(document, c!, files), MADE, freeSlug)).toEqual({
            operations: [],
            added: [],
            changed: [],
            same: all.length,
            faults: [],
          });
      }),
      { numRuns: 200, seed: 20261128 },
    );
  });
});
