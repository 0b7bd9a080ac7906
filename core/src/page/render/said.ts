import { textsOf } from '../../making/generate/site.js';
import { picturesWithin } from '../../making/picture-places.js';
import type { ButtonText, Picture, Section } from '../../model/site.js';

/** What the stylesheet and the fonts of a site have to know of a section. */
export interface Said {
  /** Every letter in it, once. */
  letters: string;
  /** How many letters the longest word of a heading has; it breaks at a hyphen. */
  longestWord: number;
  /** Whether a button of it stands back. */
  quiet: boolean;
  /** The pictures of it that are others on some kinds of page. */
  on: NonNullable<Picture['on']>[];
}

// A section never changes: another one takes its place.
const known = new WeakMap<Section, Said>();

/** What a section says of itself to the whole; read once for each. */
export function saidIn(section: Section): Said {
  let said = known.get(section);
  if (!said) {
    const texts = textsOf(section);
    said = {
      letters: [...new Set(texts.map((t) => t.text.value).join(''))].join(''),
      longestWord: Math.max(
        0,
        ...texts
          .filter((t) => /(?:^|\.)heading$/.test(t.path))
          .flatMap((t) => t.text.value.split(/[\s\u00ad/–—-]+/).map((w) => w.length)),
      ),
      quiet: texts.some(({ text }) => (text as ButtonText).as === 'quiet'),
      on: picturesWithin(section).flatMap((p) => p.on ?? []),
    };
    known.set(section, said);
  }
  return said;
}
