import { readText, type Told } from '../../brief/reading/read-text.js';
import { readColours } from '../../look/wishes.js';
import { type Correction, type Facts, type Page, type SiteDocument } from '../../model/site.js';
import { childrenOf } from '../../model/site.js';
import { allTexts } from '../generate/site.js';
import { isTopic, subjectsOfPages, topicsIn, type Topic } from './wish-topics.js';

/** How a wish or a don’t stands: done; begun and waiting for something; not done; or nothing here can tell. */
export type WishState = 'done' | 'begun' | 'open' | 'yours';

/** One thing the client asked for or does not want, and what became of it. */
export interface WishAnswer {
  /** In the client’s own words. */
  said: string;
  kind: Told['kind'];
  /** What was understood by it, such as `map` or `page`; empty where nothing was. */
  about: Topic | 'page' | 'colour' | '';
  state: WishState;
  /** What was done, or why not and what would do it. */
  words: string;
  /** The label of the page it was done on. */
  page: string;
}

/** A page the client asks for by name. */
export interface WantedPage {
  label: string;
  said: string;
}

const capital = (s: string) => (s ? s[0]!.toUpperCase() + s.slice(1) : s);
const kindOf = (shape: string) => shape.split('/')[0]!;
const told = (facts: Facts, corrections: readonly Correction[]): Told[] =>
  readText(facts.description, corrections).told;

/** What the client asks a site not to have. */
export const forbiddenTopics = (facts: Facts, corrections: readonly Correction[] = []): ReadonlySet<Topic> =>
  new Set(told(facts, corrections).flatMap((t) => (t.kind === 'dont' ? topicsIn(t.text) : [])));

/** Pages a site has anyway: who asks for one of them asks for no page of their own. */
const STANDARD: readonly Topic[] = ['prices', 'people', 'contact form', 'questions', 'hours', 'services', 'story'];
const MOST_WANTED = 6;

/** The pages that are asked for by what they are about, the ones every site has left out. */
export function wantedPages(facts: Facts, corrections: readonly Correction[] = []): WantedPage[] {
  const wanted: WantedPage[] = [];
  for (const { kind, text } of told(facts, corrections)) {
    for (const subject of kind === 'wish' ? subjectsOfPages(text) : []) {
      if (isTopic(subject, STANDARD)) continue;
      const label = capital(subject).slice(0, 40);
      if (!wanted.some((w) => w.label.toLowerCase() === label.toLowerCase())) wanted.push({ label, said: text });
    }
  }
  return wanted.slice(0, MOST_WANTED);
}

/** A page with a section of a kind that has something to say, or whose kind is enough by itself. */
function pageWith(document: SiteDocument, kind: string): { page: Page; waits: boolean } | null {
  for (const page of document.pages)
    for (const section of page.sections)
      if (kindOf(section.shape) === kind)
        return { page, waits: JSON.stringify(section.content).includes('"kind":"placeholder"') };
  return null;
}

type Judged = Pick<WishAnswer, 'state' | 'words' | 'page'>;
const done = (words: string, page = ''): Judged => ({ state: 'done', words, page });
const begun = (words: string, page = ''): Judged => ({ state: 'begun', words, page });
const open = (words: string): Judged => ({ state: 'open', words, page: '' });

/** A kind of section that answers a wish, or what would. */
function bySection(document: SiteDocument, kind: string, what: string, would: string): Judged {
  const found = pageWith(document, kind);
  if (!found) return open(would);
  return found.waits
    ? begun(`${what} has its place on ${found.page.label}; what nobody has said yet is marked there.`, found.page.label)
    : done(`${what} stands on ${found.page.label}.`, found.page.label);
}

/** What became of each thing a site can have. */
const WISHES: Record<Topic, (document: SiteDocument) => Judged> = {
  'contact form': (d) =>
    d.forms.length
      ? bySection(d, 'contact', 'A form', 'Put a form on a page in the Plan.')
      : open('There is no form on the site: put one on a page in the Plan.'),
  map: (d) =>
    d.facts.address
      ? bySection(d, 'visit', 'The address', 'The address stands only at the foot: put Find us on a page in the Plan.')
      : open('There is no address to show. Ask where people should come to.'),
  hours: (d) => {
    if (!d.facts.hours) return open('Nobody has said the hours yet. Ask for them.');
    const would = 'Put Opening hours on a page in the Plan.';
    return bySection(d, pageWith(d, 'visit') ? 'visit' : 'hours', 'The hours', would);
  },
  prices: (d) => {
    const priced = d.facts.services.filter((s) => s.price);
    if (!priced.length) return open('No price is known. Ask what each thing costs, or from what it starts.');
    const page = d.pages.find((p) => p.id === 'prices') ?? d.pages.find((p) => p.id === 'services') ?? d.pages[0];
    return done(
      `${priced.length === 1 ? 'One price stands' : `${priced.length} prices stand`} on ${page?.label ?? 'the site'}.`,
      page?.label,
    );
  },
  services: (d) => bySection(d, 'services', 'The list', 'Nobody has said what is offered. Ask for a line on each.'),
  gallery: (d) =>
    bySection(
      d,
      'gallery',
      'A gallery',
      'It needs their pictures: take them in under Pictures, then put a gallery on a page in the Plan.',
    ),
  pictures: (d) =>
    d.media.some((m) => m.kind !== 'made')
      ? done('Their own pictures are on the site.')
      : open('So far the pictures are drawn. Ask for photographs and take them in under Pictures.'),
  quotes: (d) =>
    bySection(
      d,
      'quotes',
      'A place for what people say',
      'It needs their words: ask for two or three sentences that may be quoted, then put Quotes on a page in the Plan.',
    ),
  questions: (d) =>
    bySection(
      d,
      'questions',
      'A list of questions and answers',
      'Put Questions on a page in the Plan, or have the site filled out.',
    ),
  events: (d) =>
    bySection(
      d,
      'events',
      'A list of dates',
      'It needs the dates: ask for the next ones, then put Events on a page in the Plan.',
    ),
  news: (d) => bySection(d, 'news', 'A list of news', 'Put News on a page in the Plan; what is new is written there.'),
  people: (d) => {
    const about = d.pages.find((p) => p.id === 'about');
    if (!about)
      return open('There is no page about the people yet. Ask who works there and put a page about them in the Plan.');
    return d.facts.people.length
      ? done(`${about.label} tells who they are.`, about.label)
      : begun(`${about.label} is there; nobody is named yet.`, about.label);
  },
  story: (d) => {
    const about = d.pages.find((p) => p.id === 'about') ?? pageWith(d, 'story')?.page;
    return about
      ? done(`Their story stands on ${about.label}.`, about.label)
      : open('Ask how it began, and put a Story on a page in the Plan.');
  },
  phone: ({ facts }) =>
    facts.phone
      ? done('The number stands at the foot of every page and can be pressed to ring.')
      : open('No number is known. Ask which one people should ring.'),
  links: ({ facts }) =>
    facts.links.length
      ? begun('They are told to search engines. Put them on a page in Pages where people are to see them.')
      : open('No address was given. Ask for the exact links.'),
  logo: ({ mark }) =>
    mark
      ? done('Their mark is at the top of every page.')
      : open('It needs the file: take it in under Look, as their mark.'),
  languages: ({ language }) =>
    open(
      `The site is written in one language, ${language}. A second one is another site from the same brief, in that language.`,
    ),
  bookings: ({ facts }) =>
    open(
      facts.phone || facts.mail
        ? 'Booking online needs an add-on. Until then the main button leads to the form and the telephone.'
        : 'Booking online needs an add-on, and so far there is no number or mail either.',
    ),
  shop: () =>
    open(
      'Selling online needs an add-on for payment and stock. Until then things are shown with their prices, and orders come by the form.',
    ),
  newsletter: () => open('A newsletter needs an add-on that keeps the list and lets people leave it.'),
  donations: () =>
    open('Giving online needs an add-on for payment. Until then a page can say how to give: ask for the details.'),
  members: () => open('Pages only members can open need an add-on with accounts.'),
  video: () =>
    open(
      'It needs the film, as a file or a link. It would stand in a section of its own and play only when it is pressed.',
    ),
  downloads: (d) =>
    bySection(
      d,
      'downloads',
      'A list of files',
      'It needs the files: take them in, then put Downloads on a page in the Plan.',
    ),
  search: () => open('The site has no search of its own. Under twenty pages the menu is quicker.'),
  'large print': () => ({
    state: 'yours',
    words: 'Look at it on a screen like theirs: type of another size is chosen under Look.',
    page: '',
  }),
  'no motion': () => done('Nothing on the site moves, plays or pops up by itself.'),
  'no tracking': () =>
    done('No cookie is set and no script runs. Visits are counted from the log of the server alone.'),
  'easy to change': () => open('The client cannot change the site themselves yet: what changes is put in here.'),
};

/** What becomes of what is not wanted, where a site could have it. */
const DONTS: Partial<Record<Topic, (document: SiteDocument) => Judged>> = {
  'contact form': (d) =>
    pageWith(d, 'contact') ? open('There is a form: take it out in the Plan.') : done('There is no form.'),
  prices: (d) =>
    allTexts(d).some((t) => /(?:[£€$]\s?\d|\d\s?[£€$])/.test(t.text.value))
      ? {
          state: 'yours',
          words: 'Prices stand on the site: look whether theirs is among them, and empty it in Pages.',
          page: '',
        }
      : done('No price stands on any page.'),
  phone: (d) =>
    d.facts.unwanted.some((u) => /phone/i.test(u)) || !d.facts.phone
      ? done('No telephone number is shown.')
      : open(
          'The number is still shown at the foot of every page: take it out of the brief if that is what they mean.',
        ),
  bookings: () => done('Nothing can be booked online.'),
  shop: () => done('Nothing is sold online.'),
  newsletter: () => done('There is no newsletter.'),
  news: (d) =>
    pageWith(d, 'news')
      ? open('There is a list of news: take it out in the Plan.')
      : done('There are no news and no blog.'),
  quotes: (d) =>
    pageWith(d, 'quotes') ? open('There is a place for quotes: take it out in the Plan.') : done('Nobody is quoted.'),
  gallery: (d) =>
    pageWith(d, 'gallery') ? open('There is a gallery: take it out in the Plan.') : done('There is no gallery.'),
  pictures: (d) =>
    d.media.some((m) => m.kind !== 'made')
      ? open('There are photographs on the site: look under Pictures.')
      : done('There are no photographs; what is shown is drawn.'),
  video: () => done('There is no film.'),
  map: () => done('There is no map on the site; the address is in words.'),
  links: ({ facts }) =>
    facts.links.length
      ? open('Links to other places are still in the brief.')
      : done('No other places on the web are linked.'),
  hours: ({ facts }) =>
    facts.hours
      ? {
          state: 'yours',
          words: 'Hours are still in the brief and on the site: take them out if that is what they mean.',
          page: '',
        }
      : done('No hours are shown.'),
  'no motion': () => done('Nothing on the site moves, plays or pops up by itself.'),
  'no tracking': () =>
    done('No cookie is set and no script runs. Visits are counted from the log of the server alone.'),
};

/** Words that ask for silence about what comes behind them. */
const NOT =
  /(?<!\p{L})(?:no|not|nothing|never|don[’']?t|do not|without|nor|keine?n?|nicht|nichts|nie|ohne|pas|jamais|rien|sans|ni|sin|nunca|nada)(?!\p{L})/giu;
const SMALL =
  /^(?:about|after|again|anything|because|before|mention|large|small|other|names?|nothing|please|should|would|there|their|where|which|while|really|public|photos?|pictures?|website|keine?|nicht|bitte|erwähnen|sollte|seite|schreiben|nichts|surtout|mettre|mettez|jamais|parler|parlez|mentionn\p{L}*|avant|palabra|nunca|poner|ponga|nada|página|decir|mencionar)$/iu;
/** Words of a don’t that name what must not be named: proper names, and what stands close behind a “no”. */
function namedIn(text: string): string[] {
  const proper = [...text.matchAll(/(?<=[\p{L}\p{N},;:’'"“„«]\s+["“„«]?)\p{Lu}[\p{L}’'-]{3,}/gu)].map((m) => m[0]);
  const behind = [...text.matchAll(NOT)].flatMap((m) =>
    (
      text
        .slice(m.index + m[0].length)
        .match(/^[^.,;:!?\n]{0,60}/)?.[0]
        .match(/\p{L}{5,}/gu) ?? []
    ).slice(0, 5),
  );
  return [...new Set([...proper, ...behind])].filter((w) => !SMALL.test(w));
}

function answerDont(document: SiteDocument, { text }: Told, topics: readonly Topic[]): Judged & { about: Topic | '' } {
  const about = topics.find((t) => DONTS[t]);
  if (about) return { about, ...DONTS[about]!(document) };
  const { name, trade, place } = document.facts;
  const known = `${name} ${trade} ${place}`.toLowerCase();
  const texts = allTexts(document);
  for (const word of namedIn(text)) {
    if (known.includes(word.toLowerCase())) continue;
    const pattern = new RegExp(`(?<!\\p{L})${word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?!\\p{L})`, 'iu');
    const at = texts.find((t) => pattern.test(t.text.value));
    if (at)
      return {
        about: '',
        state: 'yours',
        words: `“${word}” stands on ${at.page?.label ?? 'every page'}: look whether that is what they mean.`,
        page: at.page?.label ?? '',
      };
  }
  return { about: '', ...done('No sentence of it stands on any page, nor what it names.') };
}

function answerPage(document: SiteDocument, subject: string): Judged {
  const label = capital(subject).slice(0, 40);
  const page = document.pages.find((p) => p.label.toLowerCase() === label.toLowerCase());
  if (!page) return open(`There is no page “${label}”. Add it in the Plan.`);
  const waits = page.sections.some((s) => JSON.stringify(s.content).includes('"kind":"placeholder"'));
  return waits
    ? begun(
        `The page ${page.label} is there${childrenOf(document.pages, page).length ? ', with pages under it' : ''}; what it should say is still to be told.`,
        page.label,
      )
    : done(`The page ${page.label} is there.`, page.label);
}

/** What a site does about each wish and each don’t of its brief, in the order they were said. */
export function answerWishes(document: SiteDocument): WishAnswer[] {
  return told(document.facts, document.corrections).map((line): WishAnswer => {
    const { kind, text: said } = line;
    const topics = topicsIn(said);
    if (kind === 'dont') return { said, kind, ...answerDont(document, line, topics) };
    const subjects = subjectsOfPages(said).filter((s) => !isTopic(s, STANDARD));
    if (subjects.length) {
      // Of several pages asked for at once, the answer is that of the one that is least done.
      const answers = subjects.map((s) => answerPage(document, s));
      const least = (['open', 'begun', 'done'] as const).flatMap((state) =>
        answers.filter((a) => a.state === state),
      )[0]!;
      return { said, kind, about: 'page', ...least, words: answers.map((a) => a.words).join(' ') };
    }
    const about = topics[0];
    if (about) return { said, kind, about, ...WISHES[about](document) };
    const { colours, grey } = readColours(said);
    if (colours.length || grey) {
      const known = readColours([...document.facts.colours, ...(kind === 'style' ? [said] : [])].join(', '));
      const taken = colours.every((c) => known.colours.some((k) => k.hue === c.hue)) && (!grey || known.grey);
      return {
        said,
        kind,
        about: 'colour',
        state: taken ? 'done' : 'open',
        words: taken
          ? 'The directions are drawn up with these colours.'
          : 'Put the colours into the brief, so that the look is drawn up with them.',
        page: '',
      };
    }
    if (kind === 'style')
      return {
        said,
        kind,
        about: '',
        state: 'yours',
        words: 'The directions lean that way as far as their words go: look at them with this in mind.',
        page: '',
      };
    return {
      said,
      kind,
      about: '',
      state: 'yours',
      words: 'Nothing here knows what this asks for. It is yours to do or to answer.',
      page: '',
    };
  });
}

/** Words for how a wish stands, in the language the client wrote in. */
const STANDING: Record<string, Record<WishState, string>> = {
  en: { done: 'done', begun: 'begun, waiting for an answer', open: 'not yet', yours: 'being looked at' },
  de: { done: 'erledigt', begun: 'angefangen, wartet auf eine Antwort', open: 'noch nicht', yours: 'wird angesehen' },
  fr: { done: 'fait', begun: 'commencé, en attente d’une réponse', open: 'pas encore', yours: 'à l’étude' },
  es: { done: 'hecho', begun: 'empezado, a la espera de una respuesta', open: 'todavía no', yours: 'en estudio' },
};
const NOTE: Record<string, string> = {
  en: 'What you asked for, and how it stands:',
  de: 'Was Sie sich gewünscht haben und wie es damit steht:',
  fr: 'Ce que vous avez demandé, et où cela en est :',
  es: 'Lo que pidió, y cómo va:',
};

/** The answers as a note to send to the client: their own words, and how each stands, in the language they wrote in. */
export function wishNote(document: SiteDocument, answers: readonly WishAnswer[]): string {
  const { language } = readText(document.facts.description, document.corrections);
  const lines = answers.map((a) => {
    const where = a.page && a.state !== 'open' ? ` (${a.page})` : '';
    const more = language === 'en' && a.state === 'open' ? `. ${a.words}` : '';
    return `– “${a.said.replace(/\s+/g, ' ').trim()}”: ${STANDING[language]![a.state]}${where}${more}`;
  });
  return [NOTE[language]!, '', ...lines].join('\n');
}
