import type { SiteDocument } from '../../../model/site.js';
import type { Family } from '../../../model/family.js';
import { questionsOfTrade } from '../../../brief/coverage.js';
import { packOf } from '../../../brief/trades/packs.js';
import { toConfirm } from '../../generate/site.js';
import { pageChecks } from '../../checks.js';
import { answerWishes } from '../../plan/wishes.js';
import { addSection, kindOf, offersFor } from '../../plan/plan.js';
import { withoutWords } from '../../picture-places.js';
import { some } from '../../../ground/some.js';
import { no, question, type Intent, type Point } from '../reply.js';
import { sectionTitle } from './sections.js';
import type { Reader } from '../reader.js';

/** The last step taken back. */
export const takeBack: Intent = {
  name: 'take back',
  weight: 0.98,
  examples: ['undo that', 'take it back'],
  read(r) {
    if (!r.word('verb:undo') || r.has('look:', 'kind:', 'part:', 'noun:page', 'verb:add')) return null;
    r.every('this:', 'verb:', 'nth:');
    return { kind: 'undo', words: 'The last step is taken back.' };
  },
};

const STEPS: [string, string, string][] = [
  ['verb:publish', 'publish', 'Publishing is done at the step Publish, where it says first what is still open.'],
  ['verb:hold', 'publish', 'A site is opened and put on hold at the step Publish. A date for it cannot be set.'],
  ['verb:share', 'publish', 'A link for the client is made by “Share for review”, at the top.'],
  [
    'verb:translate',
    'brief',
    'A site is in one language: another one is chosen at the step Brief, and written anew from the facts. Your own words are not translated.',
  ],
  ['talk:who', 'pages', 'The history under the words of the page says who did what and when.'],
];
/** What is done at another step. */
export const goTo: Intent = {
  name: 'go to',
  weight: 1.02,
  examples: ['publish it', 'put the site on hold', 'translate everything into German'],
  read(r) {
    for (const [verb, step, words] of STEPS) {
      if (!r.every(verb).length) continue;
      // A page can be put on hold by itself.
      if (verb === 'verb:hold' && !r.has('noun:site') && r.pages().length) continue;
      if (r.has('part:picture', 'kind:') && verb !== 'verb:translate' && verb !== 'talk:who') return null;
      if (verb === 'talk:who') r.explain(r.from, r.to);
      r.every('this:', 'all:', 'noun:', 'prep:', 'verb:', 'part:text');
      const when =
        /\b(?:from|on|until|next)?\s*(?:mon|tues|wednes|thurs|fri|satur|sun)days?\b|\btomorrow\b|\bnext week\b/.exec(
          r.even.low,
        );
      if (when) r.explain(when.index, when.index + when[0].length);
      return { kind: 'go', step, words };
    }
    return null;
  },
};

const CANNOT: Record<string, string> = {
  night: 'Every site has a day and a night version, and each visitor’s device chooses. One alone cannot be set.',
  video: 'A film stands in the place of a picture: take the picture in hand, and bring the film at its foot.',
  popup:
    'A site has no such thing: no pop-ups, logins, shops or booking of its own. Words can link to a service outside.',
};
/** What is known and cannot be done, said plainly. */
export const cannot: Intent = {
  name: 'cannot',
  weight: 1.1,
  examples: ['add a video'],
  read(r) {
    const what = r.word('cannot:')?.of;
    if (what && CANNOT[what]) {
      r.explain(r.from, r.to);
      return no(CANNOT[what]!);
    }
    if (r.has('part:field') && r.has('part:form')) {
      r.explain(r.from, r.to);
      return no('The fields of the form cannot be changed yet: it asks for name, mail, phone and the message.');
    }
    if (r.has('kind:footer') && r.has('fact:address', 'fact:phone', 'fact:hours')) {
      r.explain(r.from, r.to);
      return no(
        'What the footer says follows from its shape and the facts: take another shape of it to have the address there.',
      );
    }
    return null;
  },
};

const MOST = 6;
/** What could be better, is missing or is there for a reason: answers, each with what would mend it. */
export const talk: Intent = {
  name: 'talk',
  weight: 1.05,
  examples: [
    'what could be better here?',
    "what's missing?",
    'why is the story on home there?',
    'how many visitors do we have?',
  ],
  read(r, { document, visits }) {
    if (r.word('talk:visits')) {
      r.explain(r.from, r.to);
      const told = visitsTold(visits);
      return {
        kind: 'talk',
        words: told ?? 'Nothing is known of visits yet: they are counted once the site is live.',
        points: [],
      };
    }
    const why = r.word('talk:why');
    if (why) {
      const placed = r.sections()[0] ?? r.inHand();
      r.every('this:', 'noun:', 'prep:', 'verb:');
      const page = placed?.page ?? r.pages()[0] ?? r.pageInHand();
      if (!placed && !page) return null;
      const reason = placed ? placed.section.reason : page!.reason;
      const fed = placed?.section.feeds?.length ? ` It was written from: ${placed.section.feeds.join(', ')}.` : '';
      return {
        kind: 'talk',
        words: `${placed ? sectionTitle(placed.section) : page!.label}: ${reason || 'nobody noted why.'}${fed}`,
        points: [],
      };
    }
    const better = r.word('talk:better');
    const missing = !better && r.word('talk:missing');
    if (!better && !missing) return null;
    r.explain(r.from, r.to);
    const points = [...(missing ? missingOn(document, r) : betterOn(document, r)), ...fewer(visits)];
    return {
      kind: 'talk',
      words: points.length ? (missing ? 'This is open:' : 'This could be better:') : 'Nothing that I can see.',
      points: points.slice(0, MOST),
    };
  },
};
function betterOn(document: SiteDocument, r: Reader): Point[] {
  const page = r.pages()[0] ?? r.pageInHand();
  const checks = pageChecks(document).filter((c) => !page || !c.page || c.page.id === page.id);
  const seen = new Set<string>();
  return [
    ...checks
      .filter((c) => !seen.has(c.words) && seen.add(c.words))
      .map((c): Point => ({
        words: `${sectionTitle(c.section)}: ${c.words}`,
        at: { ...(c.page && { page: c.page.id }), section: c.section.id, path: c.path },
        ...(c.mend && {
          changes: [
            {
              operation: { op: 'batch', operations: c.mend.operations },
              words: c.mend.label,
              at: { ...(c.page && { page: c.page.id }), section: c.section.id },
            },
          ],
        }),
      })),
    ...missingOn(document, r),
  ];
}
function missingOn(document: SiteDocument, r: Reader): Point[] {
  const page = r.pages()[0] ?? r.pageInHand();
  const claims = toConfirm(document).filter((t) => !page || t.page?.id === page.id);
  const bare = withoutWords(document).filter((p) => !page || p.page === page);
  const open = answerWishes(document).filter((w) => w.state === 'open');
  const trade = packOf(document.facts);
  const worth = trade.family ? WORTH[trade.family] : ANY_WORTH;
  const has = new Set(document.pages.flatMap((p) => p.sections.map((s) => kindOf(s.shape))));
  const offers = page
    ? offersFor(document, page)
        .filter((o) => !has.has(kindOf(o.shape)) && worth.includes(kindOf(o.shape)))
        .sort((a, b) => worth.indexOf(kindOf(a.shape)) - worth.indexOf(kindOf(b.shape)))
    : [];
  return [
    ...(claims[0]
      ? [
          {
            words: `${some(claims.length, 'text is', 'texts are')} to be confirmed by the client, the first: “${claims[0].text.value.slice(0, 80)}”`,
            at: {
              ...(claims[0].page && { page: claims[0].page.id }),
              section: claims[0].section.id,
              path: claims[0].path,
            },
          },
        ]
      : []),
    ...open.slice(0, 3).map((w) => ({ words: `Asked for and not done: ${w.said}`, at: {} })),
    ...(bare[0]
      ? [
          {
            words: `${some(bare.length, 'picture is', 'pictures are')} not put into words.`,
            at: { section: bare[0].at.section },
          },
        ]
      : []),
    ...(document.facts.hours ? [] : [{ words: 'Nobody has said when they are open.', at: {} }]),
    ...questionsOfTrade(document.facts)
      .slice(0, 1)
      .map(({ question: asked }) => ({ words: `To ask the client: ${asked}`, at: {} })),
    ...offers.slice(0, 2).map((o) => {
      const operation = addSection(document, page!.id, o.shape, page!.sections.length);
      const words = `Add ${o.title.toLowerCase()} to ${page!.label}`;
      const of = trade.family ? `a ${trade.noun}` : 'such a trade';
      return {
        words: `The site of ${of} is the better for it: ${o.title.toLowerCase()}. ${o.reason}`,
        at: {},
        changes: [{ operation, words, at: { page: page!.id } }],
      };
    }),
  ];
}
/** Kinds of section that the trades of a family are the better for, what helps most first. */
const WORTH: Record<Family, readonly string[]> = {
  craft: ['gallery', 'steps', 'quotes', 'questions'],
  repair: ['prices', 'questions', 'steps', 'quotes'],
  building: ['gallery', 'areas', 'quotes', 'steps'],
  land: ['areas', 'gallery', 'questions', 'steps'],
  food: ['hours', 'gallery', 'products', 'visit'],
  shop: ['products', 'hours', 'visit', 'news'],
  stay: ['gallery', 'prices', 'visit', 'questions'],
  club: ['events', 'news', 'people', 'questions'],
  culture: ['events', 'gallery', 'news', 'visit'],
  office: ['people', 'questions', 'steps', 'quotes'],
  person: ['prices', 'questions', 'quotes', 'steps'],
  transport: ['areas', 'prices', 'questions', 'steps'],
};
const ANY_WORTH: readonly string[] = ['questions', 'quotes', 'gallery', 'steps', 'people'];

const SOME_WEEKS = 4;
const mean = (of: readonly number[]) => of.reduce((sum, v) => sum + v, 0) / of.length;
/** Visits of late and before that, a week each; null where too little is known. */
function ofLate(visits: readonly number[]): { now: number; before: number } | null {
  if (visits.length < 2 * SOME_WEEKS || !visits.some((v) => v > 0)) return null;
  return { now: mean(visits.slice(-SOME_WEEKS)), before: mean(visits.slice(-2 * SOME_WEEKS, -SOME_WEEKS)) };
}
function visitsTold(visits: readonly number[]): string | null {
  const late = ofLate(visits);
  if (!late) return null;
  const [now, before] = [Math.round(late.now), Math.round(late.before)];
  return `${some(now, 'visit')} a week in the last four, ${before} in the four before; ${visits.at(-1)} in the last seven days.`;
}
/** That many fewer come than did: something to look into. */
function fewer(visits: readonly number[]): Point[] {
  const late = ofLate(visits);
  return late && late.now < late.before * 0.75
    ? [{ words: `Fewer come than did: ${visitsTold(visits)} The step Care has the weeks before.`, at: {} }]
    : [];
}

/** Wishes that say how it should be and not what should change. */
export const vague: Intent = {
  name: 'vague',
  weight: 0.9,
  examples: ['make it pop', 'it needs more oomph'],
  read(r) {
    const m =
      /\b(?:pop|oomph|wow|edge|sexy|nicer|prettier|better|modern|beautiful|professional|fancy|jazz(?: it)? up|spice (?:it )?up|not quite right|do something)\b/.exec(
        r.even.low,
      );
    if (!m || r.has('look:', 'part:', 'kind:', 'talk:')) return null;
    r.explain(r.from, r.to);
    return question(
      'What of it: colours, type, pictures, room, or the words? Say for instance: stronger colours; larger headings; another picture at the top.',
    );
  },
};
