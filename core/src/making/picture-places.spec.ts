import { newDocument } from './generate/site.js';
import { writeVersion } from './generate/write.js';
import { demoFacts } from '../fixtures/facts.js';
import { photograph } from '../fixtures/photograph.js';
import type { Medium, SiteDocument } from '../model/site.js';
import { apply } from '../operations/apply.js';
import type { Operation } from '../operations/operation.js';
import { sayPicture } from '../look/pictures/draw.js';
import {
  bestFits,
  fillBare,
  fitsFor,
  picturePlaces,
  proposedAlt,
  putAt,
  replaceEverywhere,
  sayAll,
  unusedMedia,
  withoutWords,
} from './picture-places.js';

const site = apply(newDocument('site', demoFacts, 1), writeVersion(demoFacts, 1)).document;
const after = (document: SiteDocument, operation: Operation | null) =>
  operation ? apply(document, operation).document : document;
const withMedium = (medium: Medium) => after(site, { op: 'putMedium', medium });

describe('pictures in their places', () => {
  const [opening] = picturePlaces(site);

  it('are said in the words of the site’s language for what is drawn', () => {
    const recipe = {
      subject: 'boat',
      setting: 'bay',
      mood: 'night',
      style: '' as const,
      format: 'wide' as const,
      seed: 1,
    };
    expect(sayPicture(recipe, 'en-GB')).toBe('A sailing boat in the bay at night');
    expect(sayPicture(recipe, 'de')).toBe('Ein Segelboot in der Bucht bei Nacht');
    expect(sayPicture(recipe, 'fr')).toBe('Un voilier dans la baie la nuit');
    expect(sayPicture(recipe, 'es')).toBe('Un velero en la bahía de noche');
  });

  it('get words of their own when another picture takes a place, and a camera’s name is no such words', () => {
    const named = photograph('slip', 'The slip at low tide');
    expect(opening!.picture.alt.value).not.toBe('');
    const put = after(withMedium(named), { op: 'batch', operations: putAt(withMedium(named), opening!, named) });
    expect(picturePlaces(put)[0]!.picture).toEqual({
      media: 'slip',
      alt: { value: 'The slip at low tide', from: { kind: 'designer' } },
    });
    const numbered = photograph('img', 'IMG_2041');
    expect(proposedAlt(withMedium(numbered), { ...opening!, words: 'Rigging' }, numbered)).toBe('Rigging');
    const all = replaceEverywhere(put, 'slip', site.media[0]!.id);
    expect(picturePlaces(after(put, all))[0]!.picture.alt.value).not.toContain('low tide');
  });

  it('that speak without words are counted and said, those that decorate are left', () => {
    const { section, path } = opening!.at;
    const text = { value: '', from: { kind: 'designer' as const } };
    const mute = after(site, { op: 'setText', at: { section, path: `${path}.alt` }, text });
    expect(withoutWords(mute).length).toBe(1);
    const said = after(mute, sayAll(mute));
    expect(withoutWords(said)).toEqual([]);
    expect(sayAll(said)).toBeNull();
  });

  it('are suggested by what the words beside them are about, a photograph before a drawing', () => {
    const service = picturePlaces(site).find((p) => p.words && p !== opening)!;
    const own = withMedium(photograph('own', service.words));
    expect(fitsFor(own, service)[0]!.id).toBe('own');
    const fitted = after(own, bestFits(own, service.page!.id));
    expect(picturePlaces(fitted).some((p) => p.picture.media === 'own')).toBeTrue();
    expect(fitsFor(own, { ...service, words: 'Quite something else' }).some((m) => m.id === 'own')).toBeFalse();
  });

  it('are made for bare places where the words say of what, and what nothing shows is known', () => {
    const bared = picturePlaces(site).map((p) => ({ op: 'setPicture' as const, at: p.at, media: '' }));
    const bare = after(site, { op: 'batch', operations: bared });
    expect(unusedMedia(bare).length).toBe(bare.media.length);
    const filled = after(bare, fillBare(bare, 7));
    const shown = picturePlaces(filled).filter((p) => p.picture.media);
    expect(shown.length).toBeGreaterThan(0);
    expect(new Set(shown.map((p) => p.picture.media)).size).toBe(shown.length);
  });
});
