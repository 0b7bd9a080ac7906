import type { SiteLanguage } from '../../language/language.js';
import { languages } from '../../language/registry.gen.js';
import { languageOfFacts, openDays, phoneIn, priceIn, speaks } from '../../brief/format.js';
import type { Facts, Service, Tone } from '../../model/site.js';
import type { Random } from '../../ground/random.js';
import type { Family } from '../../model/family.js';
import type { TradePack } from '../../brief/trades/pack.js';
import { hasWorkingTitle } from '../../brief/read.js';
import { packOf } from '../../brief/trades/packs.js';

/** What a pattern’s slot is filled with, and the words of the brief it stands for; null where it is a line of the pack. */
export interface Slot {
  value: string;
  quote: string | null;
  /** The fact it is drawn from. */
  fact: keyof Facts | null;
  /** What counts as said once it was used. */
  says: readonly string[];
}
/** What kind of house a trade is: the words for what it offers differ. */
export type House = 'work' | 'goods' | 'stay' | 'group';
const HOUSES: Partial<Record<Family, House>> = {
  stay: 'stay',
  shop: 'goods',
  food: 'goods',
  club: 'group',
  culture: 'group',
};
export const houseOf = ({ family, schemaType }: TradePack): House =>
  (family && HOUSES[family]) ?? (/Store|Florist/.test(schemaType) ? 'goods' : 'work');

export type Slots = ReadonlyMap<string, Slot>;

export const capital = (s: string): string => (s ? s[0]!.toUpperCase() + s.slice(1) : s);
/** The town of a place that is given with its county. */
export const town = (place: string): string => place.split(',')[0]!.trim();

/** What is paid to belong or to come in. */
const FEE =
  /^(?:(?:annual |yearly |club )?(?:membership|subscription|tickets?|admission|entry|deposit)s?(?: fee)?|subscriptions? for \d{4}|(?:mitglieds)?beitr(?:ag|äge)|mitgliedschaft|eintritt(?:skarten)?|karten|grundbetrag|adhésions?|cotisations?|entrées?|billets?|cuotas?(?: anual(?:es)?)?|inscripci(?:ón|ones)|entradas?|salida|déplacement|anfahrt|call-out)$/iu;
/** Names of services that only make sense beside others: fees, counted, “all of …”, “the … one”. */
const IN_LISTS_ALONE =
  /^(?:\d|(?:subscriptions?|membership(?: fees?)?|admission|entry|adults?|children|under[- ]\d+s?|(?:jahres)?beitr[aä]ge?|eintritt|jugend|kinder|cotisations?|adhésions?|entrée|moins de|adultes?|enfants?|cuotas?|entradas?|adultos?|niños)(?!\p{L})|(?:one|two|three|four|five|six|seven|eight|nine|ten|a dozen|all|every|any|some|both|alle[sn]?|jede[rs]?|zwei|drei|vier|beide|tous|toutes|tout|deux|trois|quatre|quelques|todos?|todas?|dos|tres|cuatro|algunos?)(?!\p{L}))|(?<!\p{L})(?:ones?|etc|more|others?|mehr|anderes|autres?|otros?|otras?)\.?$/iu;

/** The name as people say it: without what stands behind a comma or in brackets. */
export const shortName = (name: string): string => {
  const short = name.replace(/\s*[(,–|].*$/, '').trim();
  return short.length >= 3 ? short : name;
};

/** The name of a service in a language; null where nobody has said what it is called there. */
export function serviceIn(language: SiteLanguage, name: string, facts: Facts): string | null {
  if (speaks(language, facts)) return name;
  const said = name.toLowerCase().trim();
  const from = languageOfFacts(facts) ?? 'en';
  let english: string | undefined = said;
  if (from !== 'en') {
    const there = Object.values(languages).find((l) => l.reading === from)!;
    english = Object.keys(there.terms).find((k) => there.terms[k]!.toLowerCase() === said);
  }
  if (!english) return null;
  const found = language.reading === 'en' ? english : language.terms[english];
  return found ? capital(found) : null;
}

/** What a language calls the trade, and with its article; null where it has no word for it. */
export function tradeIn(language: SiteLanguage, facts: Facts): { noun: string; withArticle: string | null } | null {
  const pack = packOf(facts);
  const said = facts.trade.trim();
  const known = language.trades[pack.id];
  if (language.reading === 'en') {
    const noun = said && speaks(language, facts) ? said : pack.id === 'any' ? '' : pack.noun;
    // “Linen hire”, “tree care” and “welding” are done: nobody is one.
    const done =
      /(?:^|\s)(?:hire|care|work|repair|supply|storage|clearance|maintenance|removal|insurance|support|advice|\p{L}{3,}ing)$/u.test(
        noun,
      );
    const plural = done || (/[^s]s$/.test(noun) && noun !== 'Christmas');
    const inside = language.inside(noun);
    return noun
      ? { noun: inside, withArticle: plural ? null : `${/^[aeiou]/i.test(noun) ? 'an' : 'a'} ${inside}` }
      : null;
  }
  if (
    said &&
    speaks(language, facts) &&
    said.toLowerCase() !== pack.noun &&
    said.toLowerCase() !== known?.noun.toLowerCase()
  )
    return { noun: language.reading === 'de' ? capital(said) : language.inside(said), withArticle: null };
  return known ? { noun: known.noun, withArticle: known.withArticle } : null;
}

/** Prepositions an area begins with when it can follow a verb as it is. */
const PLACED =
  /^(?:within|from|across|in|around|round|all over|throughout|up to|between|along|anywhere|everywhere|the length of|as far as|near|on)\b/i;

/** The first line of an address: the part a person looks for. */
export function streetOf(address: string, place = ''): string {
  const parts = address
    .split(/,|\n/)
    .map((p) => p.trim().replace(/[.;]$/, ''))
    .filter((p) => p && p.toLowerCase() !== place.toLowerCase());
  if (parts.length > 1 && /^(?:unit|flat|suite|floor|studio|room|no\.?)\b/i.test(parts[0]!))
    return `${parts[0]!}, ${parts[1]!}`;
  if (parts.length < 2) return parts[0] ?? '';
  return /\d/.test(parts[0]!) ? parts[0]! : parts.length > 2 ? `${parts[0]!}, ${parts[1]!}` : parts[0]!;
}

/** Whether one person speaks or several. */
export const speaksForOne = (language: SiteLanguage, facts: Facts): boolean => {
  if (!speaks(language, facts)) return facts.people.length === 1 && facts.name.includes(facts.people[0]!.name);
  const one = facts.description.match(language.speaker.one)?.length ?? 0;
  const several = facts.description.match(language.speaker.several)?.length ?? 0;
  return one > several * 2 && one >= 2;
};

const STYLE_TONES: [Tone, RegExp][] = [
  ['lively', /playful|bright|bold|cheerful|fun|alegre|gai|fröhlich|bunt/i],
  ['formal', /elegant|serious|sober|classic|formal|sobri|sobre|élégant|seriös/i],
  ['warm', /warm|friendly|homely|cosy|cálid|chaleureu|freundlich|gemütlich/i],
];

/** The tone of a site: the one that was chosen, else what the style words suggest, else plain. */
export const toneOf = (facts: Facts): Tone =>
  facts.tone || (STYLE_TONES.find(([, words]) => facts.style.some((s) => words.test(s)))?.[0] ?? 'plain');

/** What a price list has a line for and nobody would call a service. */
const FARES =
  /^(?:adults?|children|child|kids?|dogs?|jars?|half day|full day|packets?|bottles?|concessions?|seniors?|students?|famil(?:y|ies)|under.*|over.*|deposit|erwachsene|kinder|ermäßigt|adultes?|enfants?|tarif réduit|adultos?|niños|reducida)$/i;

/** Services by names that string together in a sentence: short, and without an “and” of their own. */
const strung = (names: readonly string[]) =>
  names.filter(
    (s) =>
      !FARES.test(s) && s.length < 30 && s.split(' ').length <= 4 && !/&|,|\/|\d| and | und | et | y |[:(]/.test(s),
  );

/** Everything the facts can put into a pattern, in one language. */
export function slotsOf(language: SiteLanguage, facts: Facts, random: Random, services: readonly Service[]): Slots {
  const slots = new Map<string, Slot>();
  const own = speaks(language, facts);
  const put = (
    name: string,
    value: string | null,
    fact: keyof Facts | null,
    quote: string | null = value,
    says = [name],
  ) => {
    if (value) slots.set(name, { value: value.replace(/(\p{L})'(\p{L})/gu, '$1’$2'), quote, fact, says });
  };
  const lowerFirst = (s: string) => language.inside(s);
  const place = town(facts.place);
  // What only has a working title is not called by it in a sentence.
  if (!hasWorkingTitle(facts)) put('name', shortName(facts.name), 'name', facts.name);
  put('place', place, 'place', facts.place);
  if (place) put('inPlace', language.inPlace(place), 'place', facts.place, ['place']);
  const trade = tradeIn(language, facts);
  if (trade) {
    put('trade', trade.noun, 'trade', facts.trade || facts.name);
    put('Trade', capital(trade.noun), 'trade', facts.trade || facts.name, ['trade']);
    put('aTrade', trade.withArticle, 'trade', facts.trade || facts.name, ['trade']);
    put('ATrade', trade.withArticle && capital(trade.withArticle), 'trade', facts.trade || facts.name, ['trade']);
  }
  slots.set(houseOf(packOf(facts)), { value: '', quote: null, fact: null, says: [] });
  put('founded', /^\d{4}$/.test(facts.founded) ? facts.founded : '', 'founded');

  const told = services.flatMap((s) => serviceIn(language, s.name, facts) ?? []);
  // “Three cheeses” and “the soft one” stand well in a list, and in no sentence.
  // What is paid to be in it is not what it is for: “Membership in Denby” says nothing of a tool library.
  const offered = told.filter((s) => !FEE.test(s));
  const fit = offered.filter((s) => !IN_LISTS_ALONE.test(s));
  const named = fit.length > 1 ? fit : offered;
  // A list that leaves out the first service speaks of another business.
  const strings = strung(named);
  const short = named.length && strings[0] === named[0] ? strings : [];
  short.slice(0, 3).forEach((s, n) => {
    put(`s${n + 1}`, lowerFirst(s), 'services', s);
    put(`S${n + 1}`, capital(s), 'services', s, [`s${n + 1}`]);
  });
  if (short.length >= 4) put('sLast', lowerFirst(short.at(-1)!), 'services', short.at(-1)!);
  const listed = (most: number) => {
    const some = short.slice(0, most);
    return some.length >= 2 ? ([language.list(some.map(lowerFirst)), some] as const) : null;
  };
  const some = listed(3);
  if (some) {
    const says = ['s1', 's2', 's3'].slice(0, some[1].length);
    put('some', some[0], 'services', some[1].join(', '), says);
    put('Some', capital(some[0]), 'services', some[1].join(', '), says);
  }
  const all = listed(6);
  if (all) {
    const says = ['s1', 's2', 's3', 'all'];
    put('all', all[0], 'services', all[1].join(', '), says);
    put('All', capital(all[0]), 'services', all[1].join(', '), says);
  }
  if (services.length >= 3 && services.length < language.numbers.length)
    put('n', language.numbers[services.length]!, 'services', services.map((s) => s.name).join(', '));
  if (services.length && services.filter((s) => s.detail).length * 2 > services.length)
    slots.set('detail', { value: '', quote: null, fact: null, says: [] });
  const priced = services.find((s) => s.price && short.includes(serviceIn(language, s.name, facts) ?? ''));
  if (priced && !facts.unwanted.some((u) => /price/i.test(u))) {
    const name = serviceIn(language, priced.name, facts)!;
    put('ps', lowerFirst(name), 'services', priced.name);
    put('PS', capital(name), 'services', priced.name, ['ps']);
    put('pp', priceIn(language, priced.price, facts), 'services', priced.price);
  }

  if (own) {
    const audience = facts.audience.trim().replace(/[.]$/, '');
    if (audience && !/\b(?:me|my|us|our|I|we)\b/.test(audience) && audience.length < 90) {
      put('audience', lowerFirst(audience), 'audience', audience);
      put('Audience', capital(audience), 'audience', audience, ['audience']);
    }
    const area = facts.area.trim().replace(/[.]$/, '');
    if (area && area.length < 110) {
      put('areaNoun', lowerFirst(area), 'area', area, ['area']);
      if (language.reading === 'en')
        put(
          'area',
          PLACED.test(area)
            ? lowerFirst(area)
            : `in ${/^(?:the|all|most|saltm)/i.test(area) ? lowerFirst(area) : area}`,
          'area',
          area,
        );
    }
    const members = facts.memberships.map((m) => m.replace(/[.]$/, '')).filter((m) => m.length < 120);
    if (members.length) put('Member', capital(language.list(members)), 'memberships', members.join(', '));
    const benefits = facts.benefits.map((b) => b.replace(/[.]$/, ''));
    if (benefits.length) put('Benefits', benefits.map(capital).join('. '), 'benefits', benefits.join(', '));
    facts.keywords.slice(0, 2).forEach((k, n) => {
      put(`k${n + 1}`, k, 'keywords', k);
      put(`K${n + 1}`, capital(k), 'keywords', k, [`k${n + 1}`]);
    });
  }
  if (facts.premises !== 'online') {
    put('days', openDays(language, facts.hours), 'hours', facts.hours);
    put('street', streetOf(facts.address, place), 'address', facts.address);
  }
  if (facts.premises)
    slots.set(facts.premises, { value: '', quote: facts.premises, fact: 'premises', says: ['premises'] });
  if (!facts.unwanted.some((u) => /phone/i.test(u)))
    put('phone', phoneIn(language, facts.phone, facts), 'phone', facts.phone);
  put('mail', facts.mail, 'mail');
  const people = facts.people.filter((p) => p.name && !facts.name.includes(p.name));
  if (people.length) {
    put('person1', people[0]!.name, 'people');
    // Where there are several, none of them stands for the business.
    if (people.length === 1) put('solo', people[0]!.name, 'people', people[0]!.name, ['person1']);
    if (people.length > 1)
      put(
        'people',
        language.list(people.slice(0, 4).map((p) => p.name)),
        'people',
        people.map((p) => p.name).join(', '),
        ['person1'],
      );
  }
  const tongues = facts.languages
    .filter((l) => l !== language.english)
    .flatMap((l) => (language.reading === 'en' ? l : (language.tongues[l] ?? [])));
  if (tongues.length) put('tongues', language.list(tongues), 'languages', facts.languages.join(', '));

  if (language.reading === 'en') {
    const pack = packOf(facts);
    const line = (
      name: string,
      key: 'worksHeadings' | 'stepsHeadings' | 'contactHeadings' | 'contactLeads' | 'actions',
    ) => {
      if (pack[key].length)
        slots.set(name, { value: random.pick(pack[key]), quote: null, fact: null, says: [`${pack.id}/${key}`] });
    };
    line('WorksHeading', 'worksHeadings');
    line('StepsHeading', 'stepsHeadings');
    line('ContactHeading', 'contactHeadings');
    line('ContactLead', 'contactLeads');
    line('Action', 'actions');
  }
  return slots;
}
