import { drawLook } from '../look/look.js';
import type { Facts, Form, Page, Section, Service, Text } from '../model/site.js';
import type { PutVersion } from '../operations/operation.js';
import type { TradePack } from '../trades/pack.js';
import { packFor } from '../trades/packs.js';
import { proseOf } from '../reading/labels.js';
import { readText } from '../reading/read-text.js';
import { sentenceAt } from '../reading/span.js';
import { seeded, type Random } from './random.js';

const brief = (value: string, quote = value): Text => ({ value, from: { kind: 'brief', quote: quote.slice(0, 2000) } });
const invitation = (value: string, line: string): Text => ({ value, from: { kind: 'pack', line, claim: false } });
const claim = (value: string, line: string): Text => ({ value, from: { kind: 'pack', line, claim: true } });
const placeholder = (value: string, ask: string): Text => ({ value, from: { kind: 'placeholder', ask } });
const nothing: Text = { value: '', from: { kind: 'designer' } };

const list = (items: string[]) =>
  items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)!}`;
const capital = (s: string) => (s ? s[0]!.toUpperCase() + s.slice(1) : s);
const town = (place: string) => place.split(',')[0]!.trim();
const article = (noun: string) => (/^[aeiou]/i.test(noun) ? 'an' : 'a');
/** Lowers the first letter of a service so that it reads inside a sentence; names and initials keep theirs. */
const inside = (s: string) => (/^[A-Z][a-z]/.test(s) ? s[0]!.toLowerCase() + s.slice(1) : s);

const NOT_FOR_VISITORS = new Set<string>([
  'wanted',
  'unwanted',
  'style',
  'colour',
  'dislike',
  'aim',
  'keyword',
  'phone',
  'mail',
  'price',
  'hours',
  'address',
]);
const NOT_COPY =
  /\b(web ?site|web ?page|home ?page|e-?mail me|please|thanks|thank you|regards|cheers|sincerely|let me know|hope (you|this)|attached|lovely to|nice to (meet|see)|good to (meet|see)|as promised|stuff for|for the site|the site|this site|our site|on our door|on the door|ignore (that|this)|last (week|time)|sorry|notes from|p\.?s\.?|see you|speak soon|as discussed|could you|can you|would you|we'd like|we would like|we want|i want|i'd like|i['’]d love|we['’]d love|would love|not sure|maybe|budget|deadline|logo|colou?rs?|font|invoice)\b|[@?]|https?:|\d{5,}|^(hi|hello|dear|morning|afternoon|hiya|all the best|best|best wishes|kind regards|yours|love)\b(?! of)/i;

/** The sentences of a free description that can stand on a site: no greetings, wishes, questions, addresses or numbers to ring. */
export function copySentences(description: string): string[] {
  // What speaks of the site to be made, or of what is not done, is meant for the designer and not for visitors.
  const notCopy = readText(description).spans.filter((s) => NOT_FOR_VISITORS.has(s.field));
  const asides = notCopy.map((s) => sentenceAt(description, s.from).text.replace(/\s+/g, ' '));
  const aside = (sentence: string) => asides.some((a) => a.includes(sentence));
  return proseOf(description)
    .split(/\n{2,}|\n(?=[-*•–])|(?<=[.!])\s+(?=[\p{Lu}"“‘'])/u)
    .map((s) =>
      s
        .replace(/\s+/g, ' ')
        .replace(/^[-*•–#>\s]+/, '')
        .replace(/^what (?:i|we) do:\s*/i, '')
        .trim(),
    )
    .filter((s) => s.split(' ').length >= 5 && s.length <= 400 && !NOT_COPY.test(s) && !aside(s))
    .map((s) => (/[.!…]$/.test(s) ? capital(s) : `${capital(s)}.`))
    .filter((s, n, all) => all.findIndex((t) => t.toLowerCase() === s.toLowerCase()) === n);
}

function serviceText(service: Service, pack: TradePack, used: Set<string>): Text {
  if (service.detail)
    return brief(
      /[.!?…]$/.test(service.detail) ? capital(service.detail) : `${capital(service.detail)}.`,
      service.detail,
    );
  const name = service.name.toLowerCase();
  for (const entry of pack.services)
    if (entry.match.some((m) => name.includes(m)))
      for (const [n, line] of entry.lines.entries())
        if (!used.has(line)) {
          used.add(line);
          return claim(line, `${pack.id}/services/${entry.match[0]}/${n}`);
        }
  return nothing;
}

interface Desk {
  facts: Facts;
  pack: TradePack;
  random: Random;
  /** Copy sentences not yet used anywhere on the site. */
  sentences: string[];
  services: Service[];
}

function openingHeading({ facts, pack, random, services }: Desk): Text {
  const place = town(facts.place);
  const offers: Text[] = [];
  if (facts.strapline) offers.push(brief(facts.strapline));
  const names = services.map((s) => s.name);
  // Names that hold an “and” of their own do not string together.
  const short = names.filter((s) => !/&| and |,/.test(s) && s.length < 28).slice(0, 3);
  if (short.length >= 2) {
    const some = [short[0]!, ...short.slice(1).map(inside)];
    offers.push(brief(`${list(some)}${place ? ` in ${place}` : ''}.`, `${list(short)}${place ? `, ${place}` : ''}`));
  }
  const noun = facts.trade || (pack.id === 'any' ? '' : pack.noun);
  if (noun && place) offers.push(brief(`${capital(article(noun))} ${inside(noun)} in ${place}.`, `${noun}, ${place}`));
  if (facts.founded && place && noun)
    offers.push(
      brief(
        `${capital(article(noun))} ${inside(noun)} in ${place} since ${facts.founded}.`,
        `${noun}, ${place}, ${facts.founded}`,
      ),
    );
  if (!offers.length) return brief(facts.name);
  // A strapline is the client’s own choice of first words: other versions lead with something else only half the time.
  return facts.strapline && random.next() < 0.6 ? offers[0]! : random.pick(offers);
}

function openingLead({ facts, pack, sentences, services }: Desk, heading: string): Text {
  const first = sentences.shift();
  if (first) {
    if (first.length < 90 && sentences[0] && first.length + sentences[0].length < 220)
      return brief(`${first} ${sentences.shift()!}`, `${first} …`);
    return brief(first);
  }
  const noun = facts.trade || pack.noun;
  const what = `${facts.name} is ${article(noun)} ${inside(noun)}${facts.place ? ` in ${town(facts.place)}` : ''}`;
  // Names that hold a comma or an “and” of their own do not string together.
  const names = services
    .map((s) => inside(s.name))
    .filter((s) => !/&| and |,/.test(s))
    .slice(0, 4);
  const unsaid = names.filter((s) => !heading.toLowerCase().includes(s.toLowerCase()));
  return brief(
    unsaid.length > 1 ? `${what}: ${list(unsaid)}.` : `${what}.`,
    [facts.name, noun, facts.place, ...names].filter(Boolean).join(', '),
  );
}

const slugFor = (label: string) =>
  label
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

/**
 * Writes a version of a site from its facts: plan, words, form and look, as the operation that puts it in place. Pure;
 * the same facts and seed give the same version. What the facts do not say is either left out, marked as a claim of
 * the trade pack to confirm, or a visible placeholder.
 */
export function writeVersion(facts: Facts, seed: number): PutVersion {
  const pack = packFor(`${facts.trade} ${facts.trade ? '' : facts.name}`);
  const random = seeded(seed);
  const services = facts.services.filter((s) => s.name.trim());
  const desk: Desk = { facts, pack, random, sentences: copySentences(facts.description), services };
  const used = new Set<string>();
  const action = invitation(random.pick(pack.actions), `${pack.id}/actions`);
  let counter = 0;
  const section = (shape: string, reason: string, content: Section['content']): Section => ({
    id: `s${++counter}`,
    shape,
    reason,
    content,
  });

  const area = facts.area ? brief(`Area served: ${facts.area.replace(/[.]$/, '')}.`, facts.area) : nothing;
  const heading = openingHeading(desk);
  const lead = openingLead(desk, heading.value);
  const home: Section[] = [
    section(
      random.pick(['opening/split', 'opening/split', 'opening/overlap']),
      'Says at once what this is and where, from the services and the place.',
      {
        heading,
        lead,
        action,
        second: services.length
          ? invitation(random.pick(['See the work', 'What we do', 'All the work']), 'any/second')
          : nothing,
        scene: pack.scene,
        alt: invitation(pack.sceneAlt, `${pack.id}/scene`),
      },
    ),
  ];
  const worksHeading = random.pick(pack.worksHeadings);
  const texts = new Map(services.map((s) => [s.id, serviceText(s, pack, used)]));
  if (services.length)
    home.push(
      section(
        'services/columns',
        `The brief names ${services.length === 1 ? 'one service' : `${services.length} services`}.`,
        {
          heading: invitation(worksHeading, `${pack.id}/worksHeadings`),
          // The full lines stand on the services page; here only what fits a glance.
          items: services.slice(0, 6).map((s) => ({ name: brief(s.name), text: s.price ? brief(s.price) : nothing })),
          more:
            services.length > 6
              ? invitation(`All ${services.length}, with prices`, 'any/more')
              : invitation('More about each', 'any/more'),
        },
      ),
    );
  const forAbout = desk.sentences.splice(0, Math.max(desk.sentences.length - 2, Math.ceil(desk.sentences.length / 2)));
  if (desk.sentences.length)
    home.push(
      section('story/aside', 'The brief says something about the business that belongs on the first page.', {
        heading: brief(
          capital(
            `${facts.place ? `${town(facts.place)}, ` : ''}${facts.founded ? `since ${facts.founded}` : facts.name}`,
          ),
          [facts.place, facts.founded].filter(Boolean).join(', ') || facts.name,
        ),
        paragraphs: desk.sentences.map((s) => brief(s)),
      }),
    );
  if (pack.steps.length && random.next() < 0.75)
    home.push(
      section(
        'steps/numbered',
        'People who have never been want to know what happens. From the trade pack, so each step is to confirm.',
        {
          heading: invitation(random.pick(pack.stepsHeadings), `${pack.id}/stepsHeadings`),
          items: pack.steps.map((s, n) => ({
            name: claim(s.name, `${pack.id}/steps/${n}`),
            text: claim(s.text, `${pack.id}/steps/${n}`),
          })),
        },
      ),
    );
  if (facts.address || facts.hours)
    home.push(
      section('visit/card', 'The facts give an address or hours.', {
        heading: invitation(
          random.pick(
            facts.address && facts.hours
              ? ['Where and when', 'Finding us']
              : facts.address
                ? ['Where to find us', 'The way here']
                : ['When we are here', 'Opening hours'],
          ),
          'any/visit',
        ),
        note: area,
      }),
    );
  else
    home.push(
      section('call/band', 'Every page ends with a way to get in touch.', {
        heading: invitation(random.pick(pack.contactHeadings), `${pack.id}/contactHeadings`),
        action,
      }),
    );

  const pages: Page[] = [
    {
      id: 'home',
      slug: '',
      label: 'Home',
      reason: 'Where most people arrive.',
      seo: { title: null, description: null },
      sections: home,
    },
  ];
  const page = (id: string, label: string, reason: string, sections: Section[]) =>
    pages.push({ id, slug: slugFor(label), label, reason, seo: { title: null, description: null }, sections });
  const otherContactHeading =
    pack.contactHeadings.find((h) => !home.some((s) => (s.content['heading'] as Text | undefined)?.value === h)) ??
    pack.contactHeadings[0]!;

  page('services', 'Services', 'People compare by what you do and what it costs.', [
    section('opening/plain', 'Names the page in the words of the trade.', {
      heading: services.length
        ? brief(
            services.length === 1
              ? services[0]!.name
              : `${services[0]!.name}, ${inside(services.at(-1)!.name)}${services.length > 2 ? ' and the rest' : ''}`.replace(
                  /, (?=[^,]*$)/,
                  services.length === 2 ? ' and ' : ', ',
                ),
            list(services.map((s) => s.name)),
          )
        : placeholder('What you can come to us for', 'What are your services, in a line each, and what do they cost?'),
      lead: nothing,
    }),
    ...(services.length
      ? [
          section('services/ledger', 'Every service of the brief, with its price where one is given.', {
            heading: invitation(
              pack.worksHeadings.find((h) => h !== worksHeading) ?? 'One by one',
              `${pack.id}/worksHeadings`,
            ),
            items: services.map((s) => ({
              name: brief(s.name),
              text: texts.get(s.id)!,
              price: s.price ? brief(s.price) : nothing,
            })),
          }),
        ]
      : []),
    section('call/band', 'Every page ends with a way to get in touch.', {
      heading: invitation(services.length ? 'Not on the list? Ask.' : 'Ask what we can do', 'any/call'),
      action,
    }),
  ]);

  // Who people meet, and what the business belongs to: from the sheet, unless the client’s own sentences say it already.
  const told = forAbout.join(' ').toLowerCase();
  const people = facts.people.filter((p) => p.name && p.name !== facts.name && !told.includes(p.name.toLowerCase()));
  const standing: Text[] = [
    ...(people.length
      ? [
          brief(
            `You will meet ${list(people.map((p) => (p.role ? `${p.name} (${p.role})` : p.name)))}.`,
            people.map((p) => p.name).join(', '),
          ),
        ]
      : []),
    ...facts.memberships
      .filter((m) => !told.includes(m.toLowerCase()))
      .map((m) => brief(`${capital(m).replace(/[.]$/, '')}.`, m)),
  ];
  page('about', 'About', 'People want to know who they are dealing with.', [
    section('opening/plain', 'The name, and how long it has been there.', {
      heading: facts.founded
        ? brief(`${facts.name}, since ${facts.founded}`, `${facts.name}, ${facts.founded}`)
        : brief(`About ${facts.name}`, facts.name),
      lead: nothing,
    }),
    section('story/aside', forAbout.length ? 'In the brief’s own sentences.' : 'The brief tells no story yet.', {
      heading: invitation(random.pick(['In our own words', 'Who we are', 'How it came about']), 'any/about'),
      paragraphs:
        forAbout.length || standing.length
          ? [...forAbout.map((s) => brief(s)), ...standing]
          : [
              placeholder(
                `How ${facts.name} began, who works there and what they care about goes here.`,
                'How did it begin, who works there, and what do you care about?',
              ),
            ],
    }),
    section('call/band', 'Every page ends with a way to get in touch.', {
      heading: invitation('Come and talk to us', 'any/call'),
      action,
    }),
  ]);

  const contactSections = [
    section('contact/form', 'A form for those who would rather write.', {
      form: 'contact',
      heading: invitation(otherContactHeading, `${pack.id}/contactHeadings`),
      lead: invitation(random.pick(pack.contactLeads), `${pack.id}/contactLeads`),
      action: invitation('Send', 'any/send'),
      thanks: invitation('Thank you. Your message is with us.', 'any/thanks'),
    }),
  ];
  if (facts.address || facts.hours || facts.phone || facts.mail)
    contactSections.push(
      section('visit/card', 'Address, hours and numbers from the facts.', {
        heading: invitation('Or find us here', 'any/visit'),
        note: facts.address || facts.hours ? nothing : area,
      }),
    );
  page('contact', 'Contact', 'The page everything else leads to.', contactSections);

  const form: Form = {
    id: 'contact',
    deliverTo: facts.mail,
    fields: [
      { name: 'name', label: 'Your name', type: 'text', required: true },
      { name: 'mail', label: 'Mail', type: 'email', required: true },
      { name: 'phone', label: 'Phone', type: 'tel', required: false },
      { name: 'message', label: 'Message', type: 'long', required: true },
    ],
  };
  return {
    op: 'putVersion',
    seed,
    header: { id: 'header', shape: 'header/bar', reason: 'Shared by every page.', content: { action } },
    pages,
    footer: { id: 'footer', shape: 'footer/plain', reason: 'Shared by every page.', content: { note: nothing } },
    forms: [form],
    look: drawLook(pack, seed, facts.colours),
  };
}
