import { demoFacts, photograph, siteFrom } from '@tin-porch/core/fixtures';
import { newCollection, newItem } from '@tin-porch/core/making';
import type { CollectionItem, SiteDocument } from '@tin-porch/core/model';
import { apply, type Operation } from '@tin-porch/core/operations';
import { validateDocument } from '@tin-porch/core/validate';
import { operationOf } from './changes.js';
import { collectionsOf, itemOperation, itemsOf, saidOf, type ItemChange, type ItemSaid } from './items.js';

const NOW = '2026-06-15T08:00Z';
const said = (value: string) => ({ value, from: { kind: 'client' as const } });
const after = (document: SiteDocument, operations: readonly Operation[]) => {
  const made = operations.reduce((d, o) => apply(d, o).document, document);
  expect(validateDocument(made)).toEqual([]);
  return made;
};

/** A site with some events and a field of its own. */
function withEvents(count = 2): SiteDocument {
  let site = siteFrom(demoFacts, 4);
  site = apply(site, newCollection(site, 'events', 'What is on', '2026-01-01T08:00Z')).document;
  const { id } = site.collections![0]!;
  site = apply(site, {
    op: 'setCollection',
    collection: id,
    fields: [{ id: 'places', label: 'Places', type: 'number' }],
  }).document;
  for (let n = 1; n <= count; n++)
    site = apply(
      site,
      newItem(site.collections![0]!, `e${n}`, `2026-0${(n % 8) + 1}-01T08:00Z`, said(`Event ${n}`), {
        state: 'up',
        values: { starts: `2026-07-0${(n % 8) + 1}T19:30`, place: said('The slip'), places: 1200.5 },
      }),
    ).document;
  return site;
}
const site = withEvents();
const [collection] = site.collections!;
const first = collection!.items[0]!;
const was = saidOf(site, collection!, first);
const change = (value: Partial<ItemSaid> | null, before: ItemSaid | null = was, item = 'e1'): ItemChange => ({
  kind: 'item',
  collection: collection!.id,
  item,
  was: before,
  value: value && { ...(before ?? { title: '', up: true, from: '', until: '', values: {} }), ...value },
});
const itemOf = (document: SiteDocument, id = 'e1'): CollectionItem | undefined =>
  document.collections![0]!.items.find((i) => i.id === id);

describe('items at the desk', () => {
  it('are told with the fields their people write in, and no other', () => {
    const [shown] = collectionsOf(site);
    expect(shown!.fields.map((f) => f.id)).toEqual(['starts', 'ends', 'place', 'text', 'body', 'picture', 'places']);
    expect(was).toEqual({
      title: 'Event 1',
      up: true,
      from: '',
      until: '',
      values: { starts: '2026-07-02T19:30', ends: '', place: 'The slip', text: '', body: '', places: '1200.5' },
      pictures: { picture: { media: '', alt: '' } },
    });
  });

  it('are put up new, at once, planned for a time on the wall clock, or kept', () => {
    const fresh = (value: Partial<ItemSaid>) => {
      const document = after(site, itemOperation(site, change(value, null, 'new1'), NOW));
      return itemOf(document, 'new1')!;
    };
    const made = fresh({
      title: ' Tar day ',
      values: { starts: '2026-07-09T10:00', text: 'Bring gloves.', places: '3,5' },
    });
    expect(made).toEqual({
      id: 'new1',
      slug: 'tar-day',
      title: said('Tar day'),
      made: NOW,
      state: 'up',
      values: { places: 3.5, starts: '2026-07-09T10:00', text: said('Bring gloves.') },
    });
    // Eight in Saltmarrow is seven in UTC, in summer.
    expect(fresh({ title: 'Tar day', from: '2026-07-01T08:00' }).from).toBe('2026-07-01T07:00Z');
    expect(fresh({ title: 'Tar day', up: false }).state).toBe('draft');
    expect(fresh({ title: 'Event 1' }).slug).toBe('event-1-2');
  });

  it('change field by field: what somebody else wrote beside it meanwhile stays', () => {
    const theirs = after(site, [
      { op: 'setEntry', collection: collection!.id, item: 'e1', values: { text: said('Theirs.') } },
    ]);
    const both = after(theirs, itemOperation(theirs, change({ title: 'Event one' }), NOW));
    expect(itemOf(both)!.title.value).toBe('Event one');
    expect(itemOf(both)!.values['text']).toEqual(said('Theirs.'));
    const [operation] = itemOperation(site, change({ values: { ...was.values, place: '' } }), NOW);
    expect(operation).toEqual({ op: 'setEntry', collection: collection!.id, item: 'e1', values: { place: null } });
  });

  it('have a photograph that was brought among the pictures of the site with them, in one step', () => {
    const boat = photograph('boat-1', 'IMG 2041');
    const brought = new Map([[boat.id, boat]]);
    const pictures = { picture: { media: 'boat-1', alt: ' A red boat ' } };
    const made = after(site, itemOperation(site, change({ title: 'Launch', pictures }, null, 'n1'), NOW, brought));
    expect(made.media).toContain(boat);
    expect(itemOf(made, 'n1')!.values['picture']).toEqual({ media: 'boat-1', alt: said('A red boat') });
    const is = saidOf(made, made.collections![0]!, itemOf(made, 'n1')!);
    expect(is.pictures).toEqual({ picture: { media: 'boat-1', alt: 'A red boat' } });
    // Described otherwise, it is the same picture; left out, the field is bare.
    const other = (value: Partial<ItemSaid>) => itemOperation(made, change(value, is, 'n1'), NOW);
    const described = after(made, other({ pictures: { picture: { media: 'boat-1', alt: 'A boat' } } }));
    expect(itemOf(described, 'n1')!.values['picture']).toEqual({ media: 'boat-1', alt: said('A boat') });
    expect(other({ pictures: { picture: { media: '', alt: '' } } })).toEqual([
      { op: 'setEntry', collection: collection!.id, item: 'n1', values: { picture: null } },
    ]);
    // Who says nothing of pictures, as a desk from before there were some, changes none.
    const { pictures: _, ...old } = is;
    expect(itemOperation(made, change({ title: 'Other' }, old, 'n1'), NOW).map((o) => o.op)).toEqual(['setEntry']);
    // What another put there meanwhile is not written over, and what nobody brought is no picture.
    const refused = (work: () => unknown, status: number) =>
      expect(work).toThrowMatching((e: { status: number }) => e.status === status);
    refused(
      () => itemOperation(described, change({ pictures: { picture: { media: '', alt: '' } } }, is, 'n1'), NOW),
      409,
    );
    refused(() => itemOperation(site, change({ title: 'Launch', pictures }, null, 'n1'), NOW), 422);
  });

  it('are not written over: the same field written by two is shown to both', () => {
    const theirs = after(site, [{ op: 'setEntry', collection: collection!.id, item: 'e1', title: said('Theirs') }]);
    expect(() => itemOperation(theirs, change({ title: 'Mine' }), NOW)).toThrowMatching(
      (e: { status: number; more?: { theirs: string } }) => e.status === 409,
    );
    // Where both came to the same, there is nothing to decide.
    expect(itemOperation(theirs, change({ title: 'Theirs' }), NOW)).toEqual([]);
    expect(() => itemOperation(theirs, change(null), NOW)).toThrowMatching((e: { status: number }) => e.status === 409);
    const gone = after(site, [{ op: 'removeEntry', collection: collection!.id, item: 'e1' }]);
    expect(() => itemOperation(gone, change({ title: 'Mine' }), NOW)).toThrowMatching(
      (e: { status: number }) => e.status === 409,
    );
  });

  it('are refused, in words, where they cannot be', () => {
    const refused = (value: Partial<ItemSaid>) => {
      try {
        itemOperation(site, change(value), NOW);
      } catch (error) {
        return [(error as { status: number }).status, (error as Error).message.split(':')[0]];
      }
      return 'taken';
    };
    expect(refused({ title: '  ' })).toEqual([422, 'It needs a name']);
    expect(refused({ from: '2026-07-02T08:00', until: '2026-07-01T08:00' })).toEqual([
      422,
      'It would be over before it comes',
    ]);
    expect(refused({ from: '2026-02-30T08:00' })).toEqual([422, 'That is not a day']);
    expect(refused({ values: { ...was.values, places: 'many' } })).toEqual([422, 'That is not a number']);
    expect(refused({ values: { ...was.values, ends: '2026-07-01T08:00' } })).toEqual([
      422,
      'It would end before it begins',
    ]);
    expect(refused({ values: { ...was.values, starts: 'soon' } })).toEqual([422, 'That is not a day']);
  });

  it('are taken out, and the same sent twice is done once', () => {
    const out = after(site, itemOperation(site, change(null), NOW));
    expect(itemOf(out)).toBeUndefined();
    const fresh = change({ title: 'Tar day' }, null, 'new1');
    const once = after(site, itemOperation(site, fresh, NOW));
    expect(itemOperation(once, fresh, NOW)).toEqual([]);
    expect(() => operationOf(once, [fresh])).toThrowMatching((e: { status: number }) => e.status === 409);
  });

  it('come among other changes as one step', () => {
    const operation = operationOf(site, [
      { kind: 'fact', field: 'phone', was: site.facts.phone, value: '01632 960 999' },
      change({ title: 'Event one' }),
      change({ title: 'Tar day' }, null, 'new1'),
    ]);
    const document = after(site, [operation]);
    expect(document.facts.phone).toBe('01632 960 999');
    expect(document.collections![0]!.items.map((i) => i.title.value)).toEqual(['Event one', 'Event 2', 'Tar day']);
  });

  it('are found by what they say, the newest first, so many at a time', () => {
    const many = withEvents(40);
    const events = many.collections![0]!;
    const all = itemsOf(many, events, '', 10, NOW);
    expect(all.found).toBe(40);
    expect(all.items.length).toBe(10);
    expect(all.items[0]!.title).toBe('Event 39');
    expect(
      itemsOf(many, events, ' event 3', 40, NOW)
        .items.map((i) => i.title)
        .sort(),
    ).toEqual(['Event 3', ...Array.from({ length: 10 }, (_, n) => `Event 3${n}`)].sort());
    expect(itemsOf(many, events, 'nothing', 10, NOW).found).toBe(0);
  });
});
