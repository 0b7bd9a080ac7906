import type { Facts, Finishes, Ground } from '../../model/site.js';
import type { TypeMood } from '../../look/type.js';
import type { Trait } from '../../look/shapes/shape.js';

/** A family of layouts: which compositions it likes, how its sections follow one another, and how things are finished. */
export interface LayoutFamily {
  id: string;
  /** What it is like, as it stands in a sentence: “picture first, few words at a time”. */
  says: string;
  /** How much it likes each trait; what is not named it does not mind. */
  likes: Partial<Record<Trait, number>>;
  /** Grounds of the sections after the first, over and over. */
  rhythm: readonly Ground[];
  /** Words of a brief that ask for it, in the languages briefs come in. */
  asked: RegExp;
  moods: readonly TypeMood[];
  finish: {
    density: readonly number[];
    corner: readonly number[];
    line: readonly number[];
    scale: readonly number[];
    headingCase: readonly Finishes['headingCase'][];
    button: readonly Finishes['button'][];
    edge: readonly Finishes['edge'][];
    picture: readonly Finishes['picture'][];
    icon: readonly Finishes['icon'][];
    motion: readonly Finishes['motion'][];
    pictures: readonly Finishes['pictures'][];
  };
}

export const layoutFamilies: readonly LayoutFamily[] = [
  {
    id: 'editorial',
    says: 'set like a good local paper, ruled and uneven on purpose',
    likes: { editorial: 3, asymmetric: 2, type: 1, cards: -2, centred: -2 },
    rhythm: ['plain', 'plain', 'wash', 'plain'],
    asked:
      /paper|magazine|classic|classy|editorial|story|print|old|heritage|traditional|trad|klassisch|classique|clásic/,
    moods: ['old', 'formal'],
    finish: {
      density: [1, 1.1],
      corner: [0],
      line: [1, 2],
      scale: [1.3, 1.34],
      headingCase: ['sentence'],
      button: ['underline', 'solid', 'outline'],
      edge: ['rule', 'straight'],
      picture: ['plain', 'frame'],
      icon: ['none', 'fine'],
      motion: ['still', 'rise'],
      pictures: ['grain', 'line', 'dusk'],
    },
  },
  {
    id: 'window',
    says: 'pictures first and few words at a time',
    likes: { picture: 3, bold: 1, asymmetric: 1, dense: -2 },
    rhythm: ['plain', 'wash', 'plain', 'deep'],
    asked: /picture|photo|visual|show|beautiful|view|scenic|bilder|image|imagen/,
    moods: ['warm', 'modern'],
    finish: {
      density: [1.05, 1.15],
      corner: [0, 2, 6],
      line: [1],
      scale: [1.24, 1.28],
      headingCase: ['sentence'],
      button: ['solid', 'pill'],
      edge: ['straight'],
      picture: ['plain'],
      icon: ['fine', 'none'],
      motion: ['grow', 'rise'],
      pictures: ['dusk', 'flat', 'grain'],
    },
  },
  {
    id: 'placard',
    says: 'led by its own words, set as large as they go',
    likes: { type: 3, bold: 2, picture: -2, quiet: -1 },
    rhythm: ['plain', 'deep', 'plain', 'wash'],
    asked: /bold|strong|loud|big|confident|simple|direct|kräftig|fuerte|fort\b/,
    moods: ['strong', 'modern'],
    finish: {
      density: [0.95, 1.05],
      corner: [0],
      line: [3, 4],
      scale: [1.36, 1.42],
      headingCase: ['sentence', 'capitals'],
      button: ['block', 'solid'],
      edge: ['straight', 'rule'],
      picture: ['plain', 'offset'],
      icon: ['firm', 'none'],
      motion: ['slide', 'still'],
      pictures: ['cut', 'flat'],
    },
  },
  {
    id: 'parlour',
    says: 'quiet and centred, with room around everything',
    likes: { centred: 3, quiet: 2, dense: -2, bold: -2 },
    rhythm: ['plain', 'wash', 'plain', 'wash'],
    asked: /calm|quiet|gentle|soft|elegant|restful|peaceful|refined|ruhig|calme|tranquil|sobre/,
    moods: ['formal', 'warm'],
    finish: {
      density: [1.15, 1.25],
      corner: [0, 4, 10],
      line: [1],
      scale: [1.24, 1.28],
      headingCase: ['sentence'],
      button: ['outline', 'pill', 'underline'],
      edge: ['straight', 'inset'],
      picture: ['arch', 'frame', 'plain'],
      icon: ['fine'],
      motion: ['still', 'rise'],
      pictures: ['grain', 'flat', 'line'],
    },
  },
  {
    id: 'yard',
    says: 'sturdy blocks of colour, everything within reach',
    likes: { cards: 3, bold: 2, dense: 1, editorial: -2 },
    rhythm: ['wash', 'plain', 'deep', 'plain'],
    asked: /friendly|practical|clear|handy|busy|lively|cheerful|fun|easy|freundlich|pratique|práctic/,
    moods: ['strong', 'craft', 'lively'],
    finish: {
      density: [0.9, 1],
      corner: [4, 8, 12],
      line: [2],
      scale: [1.22, 1.26],
      headingCase: ['sentence'],
      button: ['solid', 'pill', 'block'],
      edge: ['straight', 'slant', 'inset'],
      picture: ['plain', 'offset'],
      icon: ['badge', 'firm'],
      motion: ['rise', 'grow'],
      pictures: ['flat', 'cut'],
    },
  },
  {
    id: 'almanac',
    says: 'dense and ruled, a page to look things up in',
    likes: { dense: 3, editorial: 2, picture: -1, bold: -1 },
    rhythm: ['plain', 'wash', 'plain', 'plain'],
    asked: /plain|useful|informative|list|honest|no nonsense|no-nonsense|thorough|sachlich|sobrio|utile/,
    moods: ['plain', 'craft', 'old'],
    finish: {
      density: [0.82, 0.9],
      corner: [0, 2],
      line: [1, 2],
      scale: [1.2, 1.24],
      headingCase: ['sentence'],
      button: ['outline', 'solid'],
      edge: ['rule', 'straight'],
      picture: ['frame', 'plain'],
      icon: ['fine', 'none'],
      motion: ['still'],
      pictures: ['line', 'grain'],
    },
  },
  {
    id: 'lantern',
    says: 'dark grounds with light in them',
    likes: { bold: 3, asymmetric: 2, picture: 1, quiet: -1, dense: -1 },
    rhythm: ['deep', 'plain', 'deep', 'wash'],
    asked: /dark|moody|evening|night|dramatic|rich|luxur|winter|dunkel|sombre|oscur/,
    moods: ['modern', 'lively', 'strong'],
    finish: {
      density: [1.05, 1.15],
      corner: [0, 3],
      line: [2],
      scale: [1.28, 1.34],
      headingCase: ['sentence'],
      button: ['solid', 'block'],
      edge: ['straight', 'slant'],
      picture: ['plain', 'offset'],
      icon: ['firm', 'fine'],
      motion: ['rise', 'slide'],
      pictures: ['dusk', 'cut'],
    },
  },
  {
    id: 'orchard',
    says: 'soft shapes and warm paper, made by hand',
    likes: { quiet: 2, picture: 2, cards: 1, asymmetric: 1, dense: -2, type: -1 },
    rhythm: ['wash', 'plain', 'wash', 'plain'],
    asked: /warm|homely|cosy|cozy|natural|hand ?made|craft|rustic|garden|family|gemütlich|natur|chaleur|cálid|artesan/,
    moods: ['warm', 'craft'],
    finish: {
      density: [1.05, 1.15],
      corner: [10, 16, 22],
      line: [1, 2],
      scale: [1.24, 1.3],
      headingCase: ['sentence'],
      button: ['pill', 'solid'],
      edge: ['scallop', 'inset', 'straight'],
      picture: ['leaf', 'arch', 'tilt'],
      icon: ['badge', 'fine'],
      motion: ['grow', 'rise'],
      pictures: ['cut', 'grain', 'flat'],
    },
  },
  {
    id: 'slate',
    says: 'clean lines and plain ground, nothing that does not work',
    likes: { quiet: 3, asymmetric: 1, editorial: 1, bold: -2, centred: -1 },
    rhythm: ['plain', 'plain', 'wash', 'plain'],
    asked: /modern|clean|minimal|crisp|fresh|uncluttered|tidy|schlicht|moderne?|limpio|épuré/,
    moods: ['modern', 'plain'],
    finish: {
      density: [1.1, 1.2],
      corner: [0, 2, 4],
      line: [1],
      scale: [1.22, 1.28],
      headingCase: ['sentence'],
      button: ['solid', 'outline'],
      edge: ['straight', 'rule'],
      picture: ['plain'],
      icon: ['fine', 'none'],
      motion: ['still', 'rise'],
      pictures: ['flat', 'line'],
    },
  },
];

const TONE_LIKES: Record<string, readonly string[]> = {
  plain: ['almanac', 'slate', 'placard'],
  warm: ['orchard', 'parlour', 'window'],
  formal: ['editorial', 'parlour', 'slate'],
  lively: ['yard', 'lantern', 'placard'],
};
const AIM_LIKES: Record<string, readonly string[]> = {
  rung: ['placard', 'yard'],
  bookings: ['window', 'orchard'],
  sell: ['yard', 'window'],
  inform: ['almanac', 'editorial'],
  support: ['editorial', 'orchard'],
  found: ['slate', 'almanac'],
};

/** How well a family suits what a brief says, and the words of the brief that say so. */
export function suits(family: LayoutFamily, facts: Facts): { score: number; words: string[] } {
  const wishes = [...facts.style, facts.audience].join(', ').toLowerCase();
  const words = facts.style.filter((w) => family.asked.test(w.toLowerCase()));
  const disliked = facts.dislikes.some((d) => family.asked.test(d.toLowerCase()));
  return {
    score:
      words.length * 2 +
      (family.asked.test(wishes) ? 0.5 : 0) +
      (TONE_LIKES[facts.tone]?.includes(family.id) ? 1 : 0) +
      (AIM_LIKES[facts.aim]?.includes(family.id) ? 0.6 : 0) -
      (disliked ? 3 : 0),
    words,
  };
}
