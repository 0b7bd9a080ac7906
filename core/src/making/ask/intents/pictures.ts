import {
  bestFits,
  fillBare,
  fitsFor,
  makePicture,
  picturePlaces,
  putAt,
  sayAll,
  withoutWords,
  type PicturePlace,
} from '../../picture-places.js';
import { subjectsIn } from '../../../look/pictures/draw.js';
import type { Medium } from '../../../model/site.js';
import { change, no, question, slip, type Context, type Intent } from '../reply.js';
import type { Reader } from '../reader.js';

const atOf = ({ at, page }: PicturePlace) => ({ ...(page && { page: page.id }), section: at.section, path: at.path });

/** The places for pictures that are spoken of: those of a section or page that is named or in hand. */
export function placesOf(r: Reader, { document }: Context): PicturePlace[] {
  const all = picturePlaces(document);
  // A picture can be named by what it shows.
  const shown = document.media.filter(
    (m) => m.title.length > 3 && r.even.low.includes(`of the ${m.title.toLowerCase()}`),
  );
  const [one] = shown;
  if (one) {
    const at = r.even.low.indexOf(one.title.toLowerCase(), r.from);
    r.explain(at, at + one.title.length);
    return all.filter((p) => p.picture.media === one.id);
  }
  const named = r.sections();
  if (named.length) {
    const page = r.pages('at')[0] ?? r.pageInHand();
    const near = named.filter((p) => p.page === page);
    const ids = new Set((near.length ? near : named.slice(0, 1)).map((p) => p.section.id));
    return all.filter((p) => ids.has(p.at.section));
  }
  const page = r.pages()[0];
  const top = r.word('place:top');
  if (top) {
    const on = page ?? r.pageInHand() ?? document.pages[0];
    const first = on?.sections.find((s) => all.some((p) => p.at.section === s.id));
    return all.filter((p) => p.at.section === first?.id);
  }
  if (page) return all.filter((p) => p.page === page);
  r.every('this:');
  if (r.hand.path && all.some((p) => p.at.section === r.hand.section && p.at.path === r.hand.path))
    return all.filter((p) => p.at.section === r.hand.section && p.at.path === r.hand.path);
  if (r.hand.section) return all.filter((p) => p.at.section === r.hand.section);
  const on = r.pageInHand();
  return on ? all.filter((p) => p.page === on) : [];
}
const put = (c: Context, place: PicturePlace, medium: Medium, made: boolean) =>
  change(
    {
      op: 'batch',
      operations: [...(made ? [{ op: 'putMedium' as const, medium }] : []), ...putAt(c.document, place, medium)],
    },
    `Another picture: ${place.label}`,
    atOf(place),
    {
      before: c.document.media.find((m) => m.id === place.picture.media)?.title ?? 'none',
      after: `${medium.title}${made ? ', made for it' : ''}`,
    },
  );

/** Another picture in a place: of what is named, or what fits. */
export const pictureOther: Intent = {
  name: 'picture other',
  weight: 1.02,
  examples: [
    'the picture at the top of home is boring, use another one',
    'swap the picture of the story on home for one with a lighthouse',
  ],
  read(r, c) {
    if (
      !r.word('part:picture') ||
      r.has('verb:out', 'verb:describe', 'value:drawn', 'value:frame', 'look:frames', 'cannot:video')
    )
      return null;
    if (
      !r.word('place:top') &&
      !r.word(
        'verb:use',
        'verb:replace',
        'verb:add',
        'verb:change',
        'verb:put',
        'like:other',
        'rework:another',
        'verb:trade',
      )
    )
      return null;
    if (r.has('verb:fill')) return null;
    const of =
      /\b(?:with|of|showing|that shows)\s+(?:a |an |the |our )?([\p{L} -]{3,40}?)(?:\s+(?:at|on|in|for|here)\b.*)?$/iu.exec(
        r.words,
      )?.[1];
    const subject = of && subjectsIn(of)[0] ? of : undefined;
    const places = placesOf(r, c);
    if (subject) {
      const at = r.even.low.indexOf(subject.toLowerCase(), r.from);
      r.explain(at, at + subject.length);
    } else if (of && !/\b(?:home|page|top)\b/.test(of))
      return question(
        `No drawing of ${of} can be made. Bring a file: drop it on its place, or add it under Look, Pictures.`,
      );
    r.every('prep:', 'noun:', 'raw:strong', 'verb:', 'like:other', 'more:', 'kind:gallery');
    const boring = /\bboring|dull|ugly|wrong\b/.exec(r.even.low);
    if (boring) r.explain(boring.index, boring.index + boring[0].length);
    const shown = places.filter((p) => p.picture.media);
    const [place] = shown.length ? shown : places;
    if (!place) return question('Which picture? Press it on the page, then ask again.');
    if (shown.length > 2 && !subject) return question('Which picture? Press it on the page, then ask again.');
    if (subject) {
      const there = c.document.media.find(
        (m) => m.title.toLowerCase().includes(subject.toLowerCase()) && m.id !== place.picture.media,
      );
      return slip([put(c, place, there ?? makePicture(c.document, subject, c.document.seed + 7), !there)]);
    }
    const [fit] = fitsFor(c.document, place);
    const words = place.words || c.document.facts.trade;
    return slip([
      fit ? put(c, place, fit, false) : put(c, place, makePicture(c.document, words, c.document.seed + 11), true),
    ]);
  },
};

/** Pictures taken out of their places. */
export const pictureOut: Intent = {
  name: 'picture out',
  weight: 1.03,
  examples: ['no pictures on the services page please', 'get rid of the picture in the story on home'],
  read(r, c) {
    if (!r.word('part:picture')) return null;
    const none = /\bno\b(?= (?:more )?(?:pictures?|photos?|images?))/.exec(r.even.low);
    if (none) r.explain(none.index, none.index + 2);
    else if (!r.word('verb:out', 'verb:hide')) return null;
    const places = placesOf(r, c).filter((p) => p.picture.media);
    r.every('prep:', 'noun:', 'all:', 'more:', 'this:', 'kind:gallery');
    if (!places.length) return no('There is no picture there.');
    return slip(
      places.map((p) =>
        change({ op: 'setPicture', at: p.at, media: '' }, `No picture: ${p.label}`, atOf(p), {
          before: c.document.media.find((m) => m.id === p.picture.media)?.title ?? '',
          after: '',
        }),
      ),
    );
  },
};

/** All pictures of a page, or of the site. */
export const pictureAll: Intent = {
  name: 'picture all',
  weight: 1.04,
  examples: ['fill all the bare places with pictures', 'find pictures for the services page'],
  read(r, { document }) {
    if (!r.word('verb:fill')) return null;
    const page = r.pages()[0];
    r.every('part:picture', 'all:', 'prep:', 'noun:', 'this:');
    const bare = r.find(/\b(?:bare|empty)\b(?: places?)?/);
    if (bare) r.explain(r.from + bare.index, r.from + bare.index + bare[0].length);
    const operation = bare
      ? fillBare(document, document.seed + 3)
      : (bestFits(document, page?.id) ?? fillBare(document, document.seed + 3));
    if (!operation) return no('Every place has a picture that fits already.');
    return slip([
      change(
        operation,
        page ? `Pictures that fit the words of ${page.label}` : 'Pictures where there are none',
        page ? { page: page.id } : {},
      ),
    ]);
  },
};

/** Pictures put into words. */
export const pictureWords: Intent = {
  name: 'picture words',
  weight: 1.04,
  examples: ['write alt texts for all pictures', 'describe the pictures for screen readers'],
  read(r, { document }) {
    if (!r.word('verb:describe')) return null;
    r.every('part:picture', 'part:text', 'verb:', 'all:', 'prep:', 'noun:');
    const operation = sayAll(document);
    const n = withoutWords(document).length;
    if (!operation)
      return no(
        n
          ? 'Nothing is known of those pictures: say what they show under Look.'
          : 'Every picture that says something is put into words.',
      );
    return slip([change(operation, 'Pictures put into words for who cannot see them')]);
  },
};
