import { some } from '../../ground/some.js';

/** A page of a copy beside the same page as visitors have it, at one width of the screen. */
export interface WidthTried {
  width: number;
  /** The share of its points that are of another colour, 0 to 1. */
  changed: number;
  /** From where to where on it, as shares of its height; null where nothing is otherwise. */
  where: [top: number, bottom: number] | null;
  /** How much wider than the screen it is, pixels: before and now. */
  sideways: [before: number, now: number];
  /** What keeps people out, by axe-core’s rules with how often: before and now; null where that was not asked. */
  faults: [before: Record<string, number>, now: Record<string, number>] | null;
  /** What its scripts and its policy complain of now and did not before. */
  errors: string[];
}
/** A page that is otherwise in the copy. */
export interface PageTried {
  path: string;
  /** Lines that go and that come. */
  before: string[];
  after: string[];
  /** As a browser shows it; empty where none looked. */
  widths: WidthTried[];
}
/** What was found of a copy of a site, drawn by another version of the renderer, beside what visitors have. */
export interface Tried {
  /** Pages of the site, and those of which a byte is otherwise. */
  pages: number;
  otherwise: number;
  /** Addresses that visitors have, and that would lead nowhere. */
  lost: string[];
  /** Links inside that lead nowhere, as “page: link”, and did not before. */
  dead: string[];
  /** Bytes of pages and stylesheet, before and now. */
  bytes: [before: number, now: number];
  /** Those that were compared closely. */
  seen: PageTried[];
  /** Whether a browser looked. */
  browser: boolean;
}
/** Nothing to be seen; to be seen, and not worse; worse. */
export type Verdict = 'same' | 'otherwise' | 'worse';
export interface Judged {
  verdict: Verdict;
  /** Why, the worst first; empty where nothing is to be seen. */
  words: string[];
}

/** Up to this share of its points a page is the same to the eye: a hairline, an edge of a letter. */
const TO_THE_EYE = 0.0005;
/** So much heavier it may become, and that is said. */
const HEAVIER = 1.15;

const percent = (share: number): string => (share < 0.01 ? 'less than 1 %' : `${Math.round(share * 100)} %`);
const named = (all: readonly string[]): string =>
  all.slice(0, 3).join(', ') + (all.length > 3 ? ` and ${all.length - 3} more` : '');

/** What of a page is worse than before, in words. */
function worseOf({ path, widths }: PageTried): string[] {
  return widths.flatMap(({ width, sideways, faults, errors }) => {
    const [before, now] = faults ?? [{}, {}];
    const more = Object.keys(now).filter((rule) => now[rule]! > (before[rule] ?? 0));
    return [
      ...(sideways[1] > sideways[0] ? [`${path} is ${sideways[1]} px wider than a screen of ${width}.`] : []),
      ...(more.length ? [`${path} keeps people out at ${width} who got in before: ${named(more)}.`] : []),
      ...(errors.length ? [`${path} complains at ${width}: ${errors[0]}`] : []),
    ];
  });
}

/** Judges what was found of a copy. Pure: the same findings give the same words. */
export function judgeTrial(tried: Tried): Judged {
  const worse = [
    ...(tried.lost.length
      ? [`${some(tried.lost.length, 'address', 'addresses')} would lead nowhere: ${named(tried.lost)}.`]
      : []),
    ...(tried.dead.length ? [`${some(tried.dead.length, 'link')} would lead nowhere: ${named(tried.dead)}.`] : []),
    ...tried.seen.flatMap(worseOf),
  ];
  const words = tried.seen.filter((p) => p.before.length || p.after.length);
  const looks = tried.seen.filter((p) => p.widths.some((w) => w.changed > TO_THE_EYE));
  const most = Math.max(0, ...looks.flatMap((p) => p.widths.map((w) => w.changed)));
  const unseen = tried.browser ? tried.otherwise - tried.seen.length : tried.otherwise;
  const [before, now] = tried.bytes;
  const otherwise = [
    ...(words.length
      ? [`${some(words.length, 'page says', 'pages say')} something else: ${named(words.map((p) => p.path))}.`]
      : []),
    ...(looks.length
      ? [
          `${some(looks.length, 'page looks', 'pages look')} otherwise, by up to ${percent(most)}: ${named(looks.map((p) => p.path))}.`,
        ]
      : []),
    ...(unseen > 0
      ? [`${some(unseen, 'page was', 'pages were')} not looked at${tried.browser ? '' : ': there is no browser'}.`]
      : []),
    ...(now > before * HEAVIER ? [`Its pages weigh ${percent(now / before - 1)} more.`] : []),
  ];
  return {
    verdict: worse.length ? 'worse' : otherwise.length ? 'otherwise' : 'same',
    words: [...worse, ...otherwise],
  };
}
