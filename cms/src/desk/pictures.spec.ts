import fc from 'fast-check';
import { checkOf } from '@tin-porch/core/check';
import { demoFacts, photograph, siteFrom } from '@tin-porch/core/fixtures';
import { picturePlaces } from '@tin-porch/core/making';
import type { SiteDocument } from '@tin-porch/core/model';
import { apply, pictureAt } from '@tin-porch/core/operations';
import { validateDocument } from '@tin-porch/core/validate';
import { CHANGES, operationOf, picturesIn, type Change } from './changes.js';
import { picturesBySection, shownOf, type PictureChange, type Shown } from './pictures.js';
import { pagesOf } from './places.js';

const site = siteFrom(demoFacts, 2);
const boat = photograph('boat-1', 'IMG 2041');
const brought = new Map([[boat.id, boat]]);
const place = picturePlaces(site).find((p) => p.picture.media && !p.at.path.includes('.'))!;
const was = shownOf(place.picture);
const change = (value: Partial<Shown>, before = was): PictureChange => ({
  kind: 'picture',
  at: place.at,
  was: before,
  value: { ...before, ...value },
});
const after = (changes: Change[], of: SiteDocument = site): SiteDocument => {
  const made = apply(of, operationOf(of, changes, brought)).document;
  expect(validateDocument(made, of)).toEqual([]);
  return made;
};
const refusal = (of: SiteDocument, changes: Change[]): number => {
  try {
    operationOf(of, changes, brought);
  } catch (error) {
    return (error as { status: number }).status;
  }
  return 0;
};

describe('pictures at the desk', () => {
  it('stand with their section, described where they stand, and not among its words once more', () => {
    const [home] = pagesOf(site);
    const section = home!.sections.find((s) => s.pictures.length)!;
    expect(section.pictures[0]!.shown.media).not.toBe('');
    for (const page of pagesOf(site))
      for (const { texts, pictures } of page.sections)
        for (const { at } of pictures) expect(texts.map((t) => t.at.path)).not.toContain(`${at.path}.alt`);
    // One of an item says which.
    const named = [...picturesBySection(site).values()].flat().filter((p) => p.at.path.includes('.'));
    for (const p of named) expect(p.of).withContext(p.at.path).not.toBe('');
  });

  it('are another, with what is to be seen on it, in one step that is taken back whole', () => {
    const made = after([change({ media: 'boat-1', alt: 'A red boat' })]);
    expect(shownOf(pictureAt(made, place.at)!)).toEqual({ media: 'boat-1', alt: 'A red boat' });
    expect(made.media).toContain(boat);
    const { inverse } = apply(site, operationOf(site, [change({ media: 'boat-1', alt: 'A red boat' })], brought));
    expect(apply(made, inverse).document).toEqual(site);
    // Its second place takes it in no second time.
    const second = picturePlaces(made).find((p) => p.at.section !== place.at.section)!;
    const there = shownOf(second.picture);
    const twice = after(
      [{ kind: 'picture', at: second.at, was: there, value: { media: 'boat-1', alt: 'Once more' } }],
      made,
    );
    expect(shownOf(pictureAt(twice, second.at)!).media).toBe('boat-1');
    expect(twice.media.filter((m) => m.id === 'boat-1').length).toBe(1);
  });

  it('are described otherwise, or left out, without another', () => {
    const said = operationOf(site, [change({ alt: 'A clock' })]);
    expect(said.op === 'batch' ? said.operations.map((o) => o.op) : said.op).toBe('setText');
    expect(pictureAt(after([change({ media: '', alt: '' })]), place.at)!.media).toBe('');
    expect(refusal(site, [change({})])).toBe(409);
  });

  it('are refused where another stands there by now, where there is no place, and where nobody brought them', () => {
    const theirs = after([change({ alt: 'Theirs' })]);
    expect(refusal(theirs, [change({ alt: 'Mine' })])).toBe(409);
    // Both came to the same: nothing is left to do, and nothing is lost.
    expect(refusal(theirs, [change({ alt: 'Theirs' })])).toBe(409);
    expect(refusal(site, [{ ...change({ alt: 'x' }), at: { section: 'nowhere', path: 'picture' } }])).toBe(409);
    expect(refusal(site, [change({ media: 'nobody-brought-it' })])).toBe(422);
  });

  it('are named by changes, whatever comes beside them; what is no name of one is refused by the schema', () => {
    const check = checkOf(CHANGES);
    const values = { title: 'x', up: true, from: '', until: '', values: {} };
    const item = { kind: 'item', collection: 'c', item: 'i', was: null } as const;
    expect(
      picturesIn([
        change({ media: 'a' }),
        { ...item, value: { ...values, pictures: { picture: { media: 'b', alt: '' } } } },
      ]),
    ).toEqual(['a', 'b']);
    expect(check([{ ...item, value: { ...values, pictures: { picture: { media: 'b', alt: '' } } } }])).toBeTrue();
    // A desk from before there were pictures says none.
    expect(check([{ ...item, value: values }])).toBeTrue();
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', minLength: 1 }), (media) => {
        expect(check([change({ media })])).toBe(/^[a-z0-9][a-z0-9-]{0,63}$/.test(media));
      }),
    );
  });
});
