import { languages, type LanguageTag } from '../../language/registry.gen.js';
import type { Message, SiteLanguage } from '../../language/language.js';
import { speaks } from '../../brief/format.js';
import { directionOf, lookOf } from '../directions/direction.js';
import { dressPages } from '../directions/dress.js';
import { complete } from '../../look/shapes/complete.js';
import { directionNumbered } from './site.js';
import { Album } from './album.js';
import { heading, page, section, STANDARD_WRITING, type Desk, type Writing } from './desk.js';
import {
  askedPage,
  familySteps,
  filledDecision,
  hoursPlace,
  leadPlace,
  offerPlaces,
  peoplePlaces,
  pricePlace,
  questionsPage,
  quotesSection,
  storyPlaces,
  figurePlaces,
  usualServices,
} from './fill.js';
import { areasSection, eventsSection, groupsOf, partnersSection, peopleSection } from './lists.js';
import { saidOf } from './said.js';
import { forbiddenTopics, wantedPages } from '../plan/wishes.js';
import { brief, claim, invitation, nothing, placeholder } from './texts.js';
import type { Facts, Form, Length, Page, Section, Service, Text } from '../../model/site.js';
import type { PutVersion } from '../../operations/operation.js';
import { decide, materialOf } from '../plan/decide.js';
import { factsToTell } from '../../brief/to-tell.js';
import { packOf } from '../../brief/trades/packs.js';
import { splitSentences } from '../writer/sentences.js';
import { capital, houseOf, slotsOf, speaksForOne, toneOf } from '../writer/slots.js';
import { joined, Speaker } from '../writer/speaker.js';
import { seeded, shortHash } from '../../ground/random.js';

export { STANDARD_WRITING, type Desk, type Writing };

/** Of claims of the trade pack a site gets no more than this: the rest of a bare list stays bare. */
const MOST_CLAIMS: Record<Length, number> = { short: 0, middle: 4, long: 8 };

/** The name of a service; one that nobody has put into this language waits for somebody who does. */
const serviceName = ({ facts, language, pack, supposed }: Desk, service: Service): Text =>
  supposed.has(service.id)
    ? claim(service.name, `${pack.id}/usual/${service.id}`)
    : saidOf(facts, language).serviceName(service);

/** Fewer words than this are no section of their own. */
const ENOUGH_FOR_A_STORY = 12;
const wordCount = (text: string) => text.split(/\s+/).filter(Boolean).length;

/** What is said of a service: the client’s own words, else a line of the trade that is still to confirm, else nothing. */
function serviceText(desk: Desk, service: Service): Text {
  const { facts, language, pack, speaker } = desk;
  const own = saidOf(facts, language).serviceDetail(service);
  if (own.value) return own;
  if (service.detail || language.reading !== 'en' || desk.claims >= MOST_CLAIMS[desk.length]) return nothing;
  const name = service.name.toLowerCase();
  for (const entry of pack.services) {
    const match = entry.match.find((m) => name.includes(m));
    if (!match) continue;
    // One line of an entry is enough for a site: two rooms said alike are better left bare.
    if (desk.entries.has(entry)) return nothing;
    desk.entries.add(entry);
    const n = Math.floor(desk.random.next() * entry.lines.length);
    desk.claims++;
    speaker.use(entry.lines[n]!);
    return claim(entry.lines[n]!, `${pack.id}/services/${match}/${n}`);
  }
  return nothing;
}

const servicePrice = ({ facts, language, decision }: Desk, service: Service): Text =>
  decision.showPrices ? saidOf(facts, language).servicePrice(service) : nothing;

/** The price of a service in the full list: where none was ever given, a site that is filled out asks for it. */
const listedPrice = (desk: Desk, service: Service): Text =>
  desk.fill === 'full' && desk.decision.showPrices && !desk.material.priced.length
    ? pricePlace(desk, service.name)
    : servicePrice(desk, service);

/** Takes the client’s sentences from the front, as many as fit into so many characters. */
function take(desk: Desk, most: number, count: number): string[] {
  const out: string[] = [];
  let size = 0;
  while (desk.left.length && out.length < count && (out.length === 0 || size + desk.left[0]!.length < most)) {
    const next = desk.left.shift()!;
    size += next.length;
    out.push(next);
    desk.speaker.use(next);
  }
  return out;
}

/** Facts that the client’s own sentences can tell by naming them. */
const TELLING = /^(?:s\d|founded|audience|areaNoun|person1|Member|tongues|k\d|place)$/;

/** What sentences of the client say already: the facts whose words stand in them. */
function toldBy(speaker: Speaker, sentences: readonly string[]): string[] {
  const text = sentences.join(' ').toLowerCase();
  return [...speaker.slots].flatMap(([name, slot]) =>
    slot.value.length > 2 && TELLING.test(name) && text.includes(slot.value.toLowerCase()) ? slot.says : [],
  );
}
const mentions = (desk: Desk, sentences: readonly string[]): void =>
  desk.speaker.mention(...toldBy(desk.speaker, sentences));

/** What facts can say about who the business is, most telling first; the order turns with the seed. */
const ABOUT: Message[] = ['founded', 'people', 'audience', 'area', 'membership', 'benefits', 'premises', 'tongues'];
const WEAVE = { short: 1, middle: 2, long: 3 };

function aimAction(desk: Desk): Text {
  const messages: Record<string, Message> = {
    rung: 'aimRung',
    bookings: 'aimBookings',
    sell: 'aimSell',
    inform: 'aimInform',
    support: 'aimSupport',
  };
  return (
    desk.speaker.say(messages[desk.decision.aim] ?? 'aimFound') ??
    desk.speaker.say('aimFound') ??
    invitation(desk.words.labels.contact, 'label')
  );
}

function openingLead(desk: Desk): Text {
  const { speaker } = desk;
  const own = take(desk, 230, desk.length === 'short' ? 1 : 2);
  mentions(desk, own);
  const parts: Text[] = own.map((s) => brief(s));
  // One short sentence is little for the first thing people read: what the facts add comes behind it.
  const size = own.join(' ').length;
  const room = WEAVE[desk.length] - (size > 110 ? 2 : size > 60 ? 1 : 0);
  const more =
    room > 0
      ? speaker.weave(
          ['offer', 'area', 'audience', 'founded', 'hours', 'price', 'benefits', 'people'],
          Math.min(room, own.length ? 1 : 3),
        )
      : null;
  if (!own.length && (more?.value.length ?? 0) < 40) {
    const who = speaker.say('identity');
    if (who) parts.push(who);
    speaker.tell('identity');
  }
  if (more) parts.push(more);
  if (desk.fill === 'full' && parts.map((p) => p.value).join(' ').length < 40) return leadPlace(desk);
  return joined(parts) ?? speaker.say('reach') ?? brief(desk.facts.name, desk.facts.name);
}

/** Paragraphs of a story: the client’s sentences, a few to a paragraph, and then what only the facts know. */
function story(desk: Desk, own: readonly string[], woven: number): Text[] {
  mentions(desk, own);
  const paragraphs: Text[] = [];
  let open: string[] = [];
  for (const sentence of own) {
    if (open.length && open.join(' ').length + sentence.length > 320) {
      paragraphs.push(brief(open.join(' ')));
      open = [];
    }
    open.push(sentence);
  }
  if (open.length) paragraphs.push(brief(open.join(' ')));
  const turned = [...ABOUT];
  for (let n = Math.floor(desk.random.next() * 3); n > 0; n--) turned.push(turned.shift()!);
  const more = woven > 0 ? desk.speaker.weave(turned, woven) : null;
  if (more) paragraphs.push(more);
  return paragraphs.slice(0, 12);
}

/** Every service, in a section for each group they come in. */
function allServices(desk: Desk): Section[] {
  const groups = groupsOf(desk.material.services);
  if (!groups) return [servicesSection(desk, true)];
  return groups.map(({ group, services }) => {
    const own = servicesSection(desk, true, services);
    const besides = invitation(desk.words.headings.besides, `${desk.language.tag}/besides`);
    const over = group && speaks(desk.language, desk.facts) ? brief(capital(group), group) : besides;
    return { ...own, content: { ...own.content, heading: over } };
  });
}

function servicesSection(desk: Desk, full: boolean, services = desk.material.services): Section {
  const { priced } = desk.material;
  const count = services.length === 1 ? 'one service' : `${services.length} services`;
  if (full)
    return section(
      desk,
      'services/ledger',
      desk.supposed.size || !services.length
        ? 'What the trade usually offers stands in for what nobody has said yet: each to confirm.'
        : `Every service of the brief${priced.length ? ', with its price where one is given' : ''}.`,
      ['services'],
      {
        heading: heading(desk, 'ledgerHeading'),
        items: services.length
          ? services.map((s) => ({
              name: serviceName(desk, s),
              text: serviceText(desk, s),
              price: listedPrice(desk, s),
              picture: desk.album.of(s.name),
            }))
          : offerPlaces(desk),
      },
    );
  return section(
    desk,
    'services/columns',
    desk.supposed.size
      ? 'What the trade usually offers, to confirm; the full list has a page of its own.'
      : `The brief names ${count}; the full list has a page of its own.`,
    ['services'],
    {
      heading: heading(desk, 'offerHeading'),
      items: services.slice(0, 6).map((s) => ({
        name: serviceName(desk, s),
        price: servicePrice(desk, s),
        picture: desk.album.of(s.name),
      })),
      more: desk.speaker.say('more') ?? nothing,
    },
  );
}

function visitSection(desk: Desk): Section | null {
  const { address, hours, phone, mail } = desk.facts;
  if (!address && !hours && !phone && !mail) return null;
  const feeds = (['address', 'hours', 'phone', 'mail', 'area'] as const).filter((f) => desk.facts[f]);
  return section(desk, 'visit/card', `The facts give ${feeds.filter((f) => f !== 'area').join(', ')}.`, feeds, {
    heading: heading(desk, 'visitHeading'),
    note: desk.speaker.weave(['area', 'tongues', 'premises'], 1) ?? nothing,
    picture: desk.album.place(),
  });
}

const callSection = (desk: Desk, action: Text, message: 'callHeading' | 'askHeading' = 'callHeading'): Section =>
  section(
    desk,
    'call/band',
    'Where reading ends there is a way to get in touch.',
    ['phone'].filter(() => desk.facts.phone),
    {
      heading: heading(desk, message),
      action,
      picture: desk.album.place(),
    },
  );

const formSection = (desk: Desk): Section =>
  section(
    desk,
    'contact/form',
    'A form for those who would rather write.',
    ['mail'].filter(() => desk.facts.mail),
    {
      form: 'contact',
      heading: heading(desk, 'contactHeading'),
      lead: desk.speaker.say('contactLead') ?? nothing,
      action: desk.speaker.say('send') ?? nothing,
      thanks: desk.speaker.say('thanks') ?? nothing,
    },
  );

/** How a job goes, from the trade pack: each step is to confirm. */
export function stepsSection(desk: Desk): Section {
  const { pack } = desk;
  const own = pack.steps.length > 0 && desk.language.reading === 'en';
  if (!own)
    return section(
      desk,
      'steps/numbered',
      'People who have never been want to know what happens. From the family of the trade, so each step is to confirm.',
      ['trade'],
      familySteps(desk),
    );
  return section(
    desk,
    'steps/numbered',
    'People who have never been want to know what happens. From the trade pack, so each step is to confirm.',
    ['trade'],
    {
      heading: desk.speaker.say('stepsHeading') ?? invitation(pack.stepsHeadings[0]!, `${pack.id}/stepsHeadings`),
      items: pack.steps.map((s, n) => ({
        name: claim(s.name, `${pack.id}/steps/${n}`),
        text: claim(s.text, `${pack.id}/steps/${n}`),
      })),
    },
  );
}

/** The sections of the home page, in the order that what the site is for asks for. */
function homeSections(desk: Desk, action: Text): Section[] {
  const { facts, decision, material, random } = desk;
  const { services } = material;
  const first =
    facts.strapline && speaks(desk.language, facts) && random.next() < 0.6
      ? brief(facts.strapline)
      : heading(desk, 'openingHeading');
  desk.speaker.use(first.value);
  const opening = section(
    desk,
    random.pick(['opening/split', 'opening/split', 'opening/overlap']),
    'Says at once what this is and where, from the services and the place.',
    ['name', 'trade', 'place', 'services', 'description'].filter((f) => facts[f as 'name'].length > 0),
    {
      heading: first,
      lead: openingLead(desk),
      action,
      second: services.length ? (desk.speaker.say('second') ?? nothing) : nothing,
      picture: desk.album.opening(desk.language.tag as LanguageTag),
    },
  );
  const offer = services.length ? [servicesSection(desk, decision.services === null)] : [];
  const events = eventsSection(desk);
  // With an about page the home page tells a part of the story, and that page the rest.
  const own = decision.about ? take(desk, 320, Math.min(2, Math.floor(desk.left.length / 3))) : take(desk, 1200, 20);
  const paragraphs = story(desk, own, decision.about ? (own.length ? 0 : 1) : WEAVE[desk.length] + 1);
  const tale =
    own.length > 0 || wordCount(paragraphs.map((p) => p.value).join(' ')) >= ENOUGH_FOR_A_STORY
      ? [
          section(
            desk,
            'story/aside',
            own.length
              ? 'The brief says something about the business that belongs on the first page.'
              : 'Woven from facts the other sections leave unsaid.',
            ['description', 'founded', 'people', 'area', 'audience'].filter((f) => facts[f as 'name'].length > 0),
            { heading: heading(desk, 'storyHeading'), paragraphs, picture: desk.album.ofTheTrade() },
          ),
        ]
      : desk.fill === 'full'
        ? [
            section(
              desk,
              'story/aside',
              'What only the client can tell: the beginning of it, with the question to ask.',
              [],
              {
                heading: heading(desk, 'storyHeading'),
                paragraphs: storyPlaces(desk, 'home'),
                picture: desk.album.ofTheTrade(),
              },
            ),
          ]
        : [];
  const early =
    (decision.aim === 'rung' || decision.aim === 'bookings') && services.length > 3 ? [callSection(desk, action)] : [];
  const steps = decision.steps && decision.single === false ? [stepsSection(desk)] : [];
  const middle =
    decision.aim === 'inform' || decision.aim === 'support'
      ? [...tale, ...offer, ...steps]
      : [...offer, ...early, ...tale, ...steps];
  const visit = visitSection(desk);
  const last = decision.single
    ? [...(visit ? [visit] : []), ...(decision.form ? [formSection(desk)] : [])]
    : facts.address || facts.hours
      ? [visit!]
      : early.length
        ? []
        : [callSection(desk, action)];
  // No place is kept for what the client does not want.
  const quotes = desk.fill === 'full' && !desk.forbidden.has('quotes') ? [quotesSection(desk)] : [];
  return [opening, ...middle, ...events, ...quotes, ...areasSection(desk), ...last];
}

function servicesPage(desk: Desk, action: Text): Page[] {
  const { decision, facts, language, words } = desk;
  desk.speaker.turn();
  const top = section(desk, 'opening/plain', 'Names the page in the words of the trade.', ['services'], {
    heading: heading(desk, 'servicesHeading'),
    lead: desk.speaker.weave(['keyword', 'servicesLead'], desk.length === 'short' ? 1 : 2) ?? nothing,
  });
  const main = page(
    'services',
    houseOf(desk.pack) === 'stay' ? words.labels.rooms : words.labels.services,
    decision.services!,
    [top, ...allServices(desk), callSection(desk, action, 'askHeading')],
  );
  const under = decision.own.map((service, n) => {
    desk.speaker.turn();
    const name = serviceName(desk, service);
    const sentences = splitSentences(service.detail);
    const half = Math.max(1, Math.ceil(sentences.length / 2));
    const label = name.value.slice(0, 40);
    return page(
      `service-${n + 1}`,
      label,
      `There is enough to say about it: ${service.detail.split(/\s+/).length} words.`,
      [
        section(desk, 'opening/plain', 'Names the service, with its price where there is one.', ['services'], {
          heading: name,
          lead: servicePrice(desk, service).value ? servicePrice(desk, service) : nothing,
        }),
        section(desk, 'story/aside', 'The client’s own words about it.', ['services'], {
          heading: heading(desk, 'storyHeading'),
          paragraphs: speaks(language, facts)
            ? [sentences.slice(0, half), sentences.slice(half)]
                .filter((p) => p.length)
                .map((p) => brief(capital(p.join(' '))))
            : [placeholder(service.detail, `How does this read in ${language.english}?`)],
        }),
        callSection(desk, action),
      ],
      'services',
    );
  });
  // What has a page of its own is only begun in the list.
  if (under.length) {
    const items = main.sections.flatMap((s) => (s.content['items'] ?? []) as { name: Text; text: Text }[]);
    for (const service of decision.own) {
      const item = items.find(
        ({ name: { from } }) => from.kind === 'brief' && from.fact === `services/${service.id}/name`,
      );
      const first = splitSentences(service.detail)[0] ?? '';
      if (item && speaks(language, facts)) item.text = brief(capital(first), service.detail);
    }
  }
  return [main, ...under];
}

function pricesPage(desk: Desk, action: Text): Page {
  const { decision, material, words } = desk;
  desk.speaker.turn();
  return page('prices', words.labels.prices, decision.prices!, [
    section(desk, 'opening/plain', 'Names the page.', ['services'], {
      heading: heading(desk, 'pricesHeading'),
      lead: nothing,
    }),
    section(desk, 'prices/list', 'Every service that has a price.', ['services'], {
      heading: heading(desk, 'ledgerHeading'),
      items: material.priced.map((s) => ({ name: serviceName(desk, s), price: servicePrice(desk, s) })),
    }),
    callSection(desk, action),
  ]);
}

function aboutPage(desk: Desk, action: Text): Page {
  const { facts, decision, words } = desk;
  desk.speaker.turn();
  const top = heading(desk, 'aboutHeading');
  // A sentence about somebody stands with them before it is told as a part of the story.
  const people = desk.fill === 'full' && !facts.people.length ? [peoplePlaces(desk)] : peopleSection(desk);
  const paragraphs = story(desk, take(desk, 4000, 40), WEAVE[desk.length] + 2);
  const apart = facts.apart && speaks(desk.language, facts) && !desk.speaker.has(facts.apart) ? facts.apart : '';
  if (
    apart &&
    !paragraphs.some((p) => p.value.includes(apart.replace(/[.]$/, ''))) &&
    !desk.language.notCopy.test(apart)
  )
    paragraphs.push(brief(/[.!?…]$/.test(apart) ? capital(apart) : `${capital(apart)}.`, apart));
  return page('about', words.labels.about, decision.about!, [
    section(
      desk,
      'opening/plain',
      'The name, and how long it has been there.',
      ['name', 'founded', 'people'].filter((f) => facts[f as 'name'].length > 0),
      {
        heading: top,
        lead: nothing,
      },
    ),
    section(
      desk,
      'story/aside',
      'In the brief’s own sentences, and then what only the sheet knows.',
      ['description', 'founded', 'people', 'memberships'].filter((f) => facts[f as 'name'].length > 0),
      {
        heading: heading(desk, 'aboutStoryHeading'),
        paragraphs: paragraphs.length
          ? paragraphs
          : desk.fill === 'full'
            ? storyPlaces(desk, 'about')
            : [placeholder(`${facts.name}: …`, 'How did it begin, who works there, and what do you care about?')],
        picture: desk.album.place(),
      },
    ),
    ...people,
    ...(desk.fill === 'full' ? [figurePlaces(desk)] : []),
    ...partnersSection(desk),
    callSection(desk, action),
  ]);
}

function contactPage(desk: Desk, action: Text): Page {
  desk.speaker.turn();
  const visit = visitSection(desk);
  const hours = desk.fill === 'full' && !desk.facts.hours ? [hoursPlace(desk)] : [];
  const sections = [...(desk.decision.form ? [formSection(desk)] : []), ...(visit ? [visit] : []), ...hours];
  return page(
    'contact',
    desk.words.labels.contact,
    'The page everything else leads to.',
    sections.length ? sections : [callSection(desk, action)],
  );
}

/** Two pages never share an address. */
function withOwnAddresses(pages: Page[]): Page[] {
  const taken = new Set<string>();
  return pages.map((p) => {
    let { slug } = p;
    for (let n = 2; taken.has(slug); n++) slug = `${p.slug}-${n}`;
    taken.add(slug);
    return slug === p.slug ? p : { ...p, slug };
  });
}

/** What the writer sits down with. */
export function deskFor(
  told: Facts,
  seed: number,
  { language: tag, length, fill = 'said', corrections = [] }: Writing,
): Desk {
  const language = languages[tag];
  const facts = factsToTell({ facts: told, corrections: [...corrections] });
  // Two businesses of one trade do not draw the same lots: the name is part of the seed.
  const random = seeded(seed + parseInt(shortHash(facts.name).slice(0, 7), 16));
  const pack = packOf(facts);
  const said = materialOf(facts, language, corrections);
  const usual = fill === 'full' ? usualServices(pack, language, said.services) : [];
  const material = { ...said, services: [...said.services, ...usual] };
  const decided = decide(facts, said, length);
  // Sentences are woven from what was said alone.
  const slots = slotsOf(language, facts, random, said.services);
  const speaker = new Speaker(
    language,
    slots,
    toneOf(facts),
    speaksForOne(language, facts),
    random,
    facts.tone ? 0.6 : 0.05,
  );
  speaker.tell(...toldBy(speaker, material.sentences));
  return {
    seed,
    facts,
    language,
    length,
    fill,
    pack,
    random,
    material,
    decision: fill === 'full' ? filledDecision(decided, material, pack) : decided,
    supposed: new Set(usual.map((s) => s.id)),
    speaker,
    left: [...material.sentences],
    claims: 0,
    entries: new Set(),
    counter: 0,
    album: new Album(facts, pack, seed),
    words: language.words,
    forbidden: forbiddenTopics(facts, corrections),
  };
}

/** The contact form of a site in a language. */
export const contactForm = (language: SiteLanguage, deliverTo: string): Form => {
  const { name, mail, phone, message } = language.words.form;
  return {
    id: 'contact',
    deliverTo,
    fields: [
      { name: 'name', label: name, type: 'text', required: true },
      { name: 'mail', label: mail, type: 'email', required: true },
      { name: 'phone', label: phone, type: 'tel', required: false },
      { name: 'message', label: message, type: 'long', required: true },
    ],
  };
};

/**
 * Writes a version of a site from its facts: plan, words, form and look, as the operation that puts it in place. Pure;
 * the same facts, writing and seed give the same version. What the facts do not say is either left out, marked as a
 * claim of the trade pack to confirm, or a visible placeholder.
 */
export function writeVersion(facts: Facts, seed: number, writing: Writing = STANDARD_WRITING): PutVersion {
  const desk = deskFor(facts, seed, writing);
  const { decision, words } = desk;
  const action = aimAction(desk);
  // What a page is asked for about is told there and not on the first page.
  const asked = (speaks(desk.language, facts) ? wantedPages(facts, writing.corrections) : []).map((wanted, n) =>
    askedPage(desk, wanted, n + 1, () => callSection(desk, action)),
  );
  desk.speaker.turn();
  const home = page(
    'home',
    words.labels.home,
    decision.single ? 'All there is to say fits on a page.' : 'Where most people arrive.',
    homeSections(desk, action),
  );
  const pages = [
    home,
    ...(decision.services ? servicesPage(desk, action) : []),
    ...(decision.prices ? [pricesPage(desk, action)] : []),
    ...asked,
    ...(decision.about ? [aboutPage(desk, action)] : []),
    ...(decision.questions ? [questionsPage(desk, () => callSection(desk, action))] : []),
    ...(decision.single ? [] : [contactPage(desk, action)]),
  ];
  const ref = directionNumbered(seed);
  const direction = directionOf(facts, desk.pack, ref);
  const shared = { reason: 'Shared by every page.' };
  const dressed = dressPages(
    {
      header: {
        id: 'header',
        shape: 'header/bar',
        ...shared,
        content: complete('header', { action }, `${seed}.header`),
      },
      pages: withOwnAddresses(pages),
      footer: { id: 'footer', shape: 'footer/plain', ...shared, content: complete('footer', {}, `${seed}.footer`) },
    },
    direction,
  );
  return {
    op: 'putVersion',
    seed,
    ...dressed,
    forms: [contactForm(desk.language, facts.mail)],
    look: lookOf(direction),
    direction: ref,
    media: desk.album.media,
  };
}
