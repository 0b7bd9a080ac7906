import { fitList, limitOf, type FactField, type Facts } from '../model/site.js';
import { hoursLines, readHours } from './hours/index.js';
import { readPhone } from './reading/reach.js';
import { readServiceLine } from './reading/services.js';
import { capital, splitList } from './reading/words.js';
import { proseOf } from './reading/labels.js';
import { hasWorkingTitle } from './read.js';
import { packOf } from './trades/packs.js';

/** Something the generator could use and nobody has said, with what it would make better and how to ask for it. */
export interface Gap {
  id: string;
  /** The fact that fills it. */
  field: keyof Facts;
  worth: number;
  label: string;
  improves: string;
  question: string;
}

export interface Coverage {
  /** How much of what the generator can use is there, 0 to 1, weighed by worth. */
  share: number;
  /** What is missing, the worthiest first. */
  gaps: Gap[];
}

interface Item extends Gap {
  filled(facts: Facts): boolean;
}
const proseWords = (facts: Facts) => proseOf(facts.description).split(/\s+/).filter(Boolean).length;
const item = (
  field: keyof Facts,
  worth: number,
  label: string,
  improves: string,
  question: string,
  filled: (facts: Facts) => boolean = (facts) => facts[field].length > 0,
  id: string = field,
): Item => ({ id, field, worth, label, improves, question, filled });

const ITEMS: Item[] = [
  item(
    'services',
    20,
    'Services',
    'the services page, the list on the home page and the search listing',
    'What do people come to you for? A line each is enough.',
  ),
  item(
    'description',
    14,
    'Their own words',
    'the first lines of the home page and the whole about page',
    'How would you tell a stranger what you do, how it began and what you care about? A few sentences, just as you would say them.',
    (f) => proseWords(f) >= 40,
  ),
  item(
    'phone',
    10,
    'Phone',
    'the contact page, every footer and the search listing',
    'Which phone number should people ring?',
  ),
  item(
    'trade',
    7,
    'Trade',
    'the words of the trade, the picture and the search listing',
    'What would you call your trade, in a word or two?',
  ),
  item(
    'place',
    7,
    'Place',
    'the first heading, the page titles and being found nearby',
    'Which town or village are you in?',
  ),
  item(
    'address',
    7,
    'Address',
    'the contact page and the search listing',
    'What is the address where people find you, with the postcode? Or do you work without premises?',
  ),
  item('hours', 7, 'Opening hours', 'the contact page and the search listing', 'When are you open, day by day?'),
  item(
    'mail',
    6,
    'Mail',
    'the contact page and where messages of the form go',
    'Which mail address should messages go to?',
  ),
  item(
    'services',
    6,
    'More about each service',
    'the services page: a sentence on each instead of a bare name',
    'Could you say a sentence about each of your services: what is done, with what, for whom?',
    (f) => f.services.length > 0 && f.services.every((s) => s.detail),
    'detail',
  ),
  item(
    'services',
    5,
    'Prices',
    'the services page: people compare by price',
    'What does each service cost, or from what does it start?',
    (f) => f.services.some((s) => s.price) || f.unwanted.some((u) => /price/i.test(u)),
    'prices',
  ),
  item('founded', 4, 'Since when', 'the heading of the about page', 'In which year did it begin?'),
  item('people', 4, 'People', 'the about page', 'Who will people meet? Names, and what each does.'),
  item(
    'strapline',
    3,
    'Strapline',
    'the first heading',
    'Is there a line you use under your name, on the van or the sign?',
  ),
  item('colours', 3, 'Colours', 'the look', 'Are there colours that belong to you, on a sign, a van or a label?'),
  item(
    'area',
    2,
    'Area served',
    'where and when people find you, and being found nearby',
    'How far do you travel, or where do your customers come from?',
  ),
  item('memberships', 2, 'Memberships', 'the about page', 'Do you belong to a guild, a register or a trade body?'),
  item('links', 1, 'Elsewhere on the web', 'the search listing', 'Where else are you on the web?'),
];
const TOTAL = ITEMS.reduce((sum, i) => sum + i.worth, 0);

/** What only this trade is asked, as long as the brief does not speak of it. */
export function questionsOfTrade(facts: Facts): Gap[] {
  const told = facts.description.toLowerCase();
  return (packOf(facts).questions ?? [])
    .filter((q) => !(q.toLowerCase().match(/\p{L}{7,}/gu) ?? []).some((w) => told.includes(w.slice(0, 7))))
    .map((question, n) => ({
      id: `trade-${n + 1}`,
      field: 'description',
      worth: 1.5,
      label: 'Asked in this trade',
      improves: 'the copy: what people of this trade are asked most',
      question,
    }));
}

const NAME_GAP: Gap = {
  id: 'name',
  field: 'name',
  worth: 25,
  label: 'Name',
  improves: 'every page: the site has a working title until it has a name',
  question: 'What is the business called, just as it stands on the sign?',
};

/** How much of what the generator can use a sheet already says, and what each gap would improve. */
export function coverageOf(facts: Facts): Coverage {
  const open = ITEMS.filter((i) => !i.filled(facts));
  const asked = questionsOfTrade(facts);
  // Of services that are not there yet nobody is asked the price.
  const missing = open.filter((i) => i.field !== 'services' || i.id === 'services' || facts.services.length > 0);
  const unnamed = hasWorkingTitle(facts) ? [NAME_GAP] : [];
  const lost = open.reduce((sum, i) => sum + i.worth, 0);
  return {
    share: (TOTAL - lost) / TOTAL,
    gaps: [...unnamed, ...missing.map(({ filled: _, ...gap }) => gap), ...asked].sort((a, b) => b.worth - a.worth),
  };
}

/** The questions still open, numbered, to copy or to mail to the client. */
export const questionList = (gaps: readonly Gap[]): string =>
  gaps.map((g, n) => `${n + 1}. ${g.question}`).join('\n\n');

/** An answer as the fact it fills, in the sheet’s own form; null where it says nothing. */
function answered(field: keyof Facts, answer: string, facts: Facts): Partial<Facts> | null {
  const text = answer.trim();
  if (!text || /^(?:no(?:ne|thing)?|n\/?a|-|don[’']t know|not sure|later)[.!]?$/i.test(text)) return null;
  const lines = text
    .split('\n')
    .map((l) => l.replace(/^[-*•\s]+/, '').trim())
    .filter(Boolean);
  const parts = lines.length > 1 ? lines : splitList(text.replace(/[.]$/, '')).map((p) => p.text);
  switch (field) {
    case 'phone': {
      const number = /[+(]?\d[\d ()./-]{6,}\d/.exec(text)?.[0] ?? '';
      return { phone: (readPhone(number)?.shown ?? text).slice(0, limitOf('phone')) };
    }
    case 'mail':
      return {
        mail:
          /\S+@\S+\.\S+/
            .exec(text)?.[0]
            .replace(/[.,;]$/, '')
            .toLowerCase() ?? text.slice(0, limitOf('mail')),
      };
    case 'founded':
      return { founded: /\b(?:1[5-9]|20)\d\d\b/.exec(text)?.[0] ?? '' };
    case 'hours': {
      const read = readHours(text);
      return { hours: (read.spans.length ? hoursLines(read.hours) : text).slice(0, limitOf('hours')) };
    }
    case 'services': {
      const known = new Map(facts.services.map((s) => [s.name.toLowerCase(), s]));
      const all = [...facts.services];
      for (const line of parts) {
        const { name, detail, price } = readServiceLine(line);
        const old = known.get(name.toLowerCase());
        if (old) all[all.indexOf(old)] = { ...old, detail: old.detail || detail, price: old.price || price };
        else if (name)
          all.push({ id: `v${Math.max(0, ...all.map((s) => Number(s.id.slice(1)) || 0)) + 1}`, name, detail, price });
      }
      return { services: all.slice(0, 40) };
    }
    case 'people':
      return {
        people: parts.slice(0, 24).map((p, n) => {
          const [name, ...role] = p.split(/\s*[,(–:]\s*/);
          return { id: `p${n + 1}`, name: name!.slice(0, 80), role: role.join(', ').replace(/\)$/, '').slice(0, 120) };
        }),
      };
    case 'memberships':
    case 'links':
    case 'colours':
      return { [field]: fitList(field, parts) };
    case 'description':
      return { description: `${facts.description}\n\n${text}`.trim().slice(0, limitOf('description')) };
    default:
      return {
        [field]: (field === 'address' ? text : capital(text.replace(/\s+/g, ' '))).slice(
          0,
          limitOf(field as FactField),
        ),
      };
  }
}

/** Reads the client’s answers to numbered questions back into facts. Numbers that answer nothing are left out. */
export function readAnswers(gaps: readonly Gap[], text: string, facts: Facts): Partial<Facts> {
  let out: Partial<Facts> = {};
  // Each answer runs from its number to the next; quoted questions (“> …”) are not answers.
  const blocks = text.replace(/^>.*$/gm, '').split(/(?:^|\n)\s*(\d{1,2})\s*[.):-]\s*/);
  for (let n = 1; n < blocks.length; n += 2) {
    const gap = gaps[Number(blocks[n]) - 1];
    if (!gap) continue;
    const answer = (blocks[n + 1] ?? '').replace(gap.question, '');
    const found = answered(gap.field, answer, { ...facts, ...out });
    if (found) out = { ...out, ...found };
  }
  return out;
}
