import { languageOfFacts } from '../brief/format.js';
import { languages } from '../language/registry.gen.js';
import type { Facts } from '../model/site.js';
import { readText, type Reading } from '../brief/reading/read-text.js';
import { sentenceAt, type SpanField } from '../brief/reading/span.js';
import { copySentences, splitSentences, tidySentence } from './writer/sentences.js';

/** A part of a brief, put more clearly: what is said of it now, and the same in order. */
export interface WordingPiece {
  id: string;
  title: string;
  /** The sentences of the brief that say it now, as they stand; empty where only the sheet says it. */
  before: string[];
  after: string;
  /** True where the brief says it that way already. */
  same: boolean;
}

interface Part {
  id: string;
  title: string;
  fields: SpanField[];
  say(facts: Facts): string[];
}

const line = (label: string, value: string) =>
  value.trim() ? [`${label}: ${value.trim().replace(/\s*\n\s*/g, ', ')}`] : [];
const block = (label: string, value: string) => (value.trim() ? [`${label}:\n${value.trim()}`] : []);
const AIM_SAID: Record<string, string> = {
  found: 'We would like to be found.',
  rung: 'People should ring.',
  bookings: 'We would like to take bookings.',
  sell: 'We would like to sell online.',
  inform: 'We would like to let people know.',
  support: 'We would like to find new members.',
};

const PARTS: Part[] = [
  {
    id: 'who',
    title: 'Who it is',
    fields: ['name', 'trade', 'place', 'founded', 'strapline'],
    say: (f) => [
      ...line('Name', f.name),
      ...line('Legal name', f.legalName),
      ...line('Trade', f.trade),
      ...line('Town', f.place),
      ...line('Area served', f.area),
      ...line('Since', f.founded),
      ...line('Strapline', f.strapline),
    ],
  },
  {
    id: 'services',
    title: 'What they do',
    fields: ['service', 'price'],
    say: (f) =>
      f.services.length
        ? [
            `Services:\n${f.services.map((s) => `- ${s.name}${s.price ? `, ${s.price}` : ''}${s.detail ? `: ${s.detail.replace(/\s*\n\s*/g, ' ')}` : ''}`).join('\n')}`,
          ]
        : [],
  },
  {
    id: 'audience',
    title: 'For whom, and why them',
    fields: ['audience', 'apart', 'benefit', 'area', 'membership'],
    say: (f) => [
      ...line('For whom', f.audience),
      ...line('What sets us apart', f.apart),
      ...line('Benefits', f.benefits.join('; ')),
      ...line('Member of', f.memberships.map((m) => m.replace(/^members? of (?:the )?/i, '')).join('; ')),
    ],
  },
  {
    id: 'people',
    title: 'People and languages',
    fields: ['person', 'language'],
    say: (f) => [
      ...line('People', f.people.map((p) => p.name).join('; ')),
      ...line('Languages', f.languages.join(', ')),
    ],
  },
  {
    id: 'reach',
    title: 'How to reach them',
    fields: ['phone', 'mail', 'address', 'hours', 'social', 'premises'],
    say: (f) => [
      ...line('Phone', f.phone),
      ...line('Mail', f.mail),
      ...line('Address', f.address),
      ...block('Hours', f.hours),
      ...(f.premises === 'online' ? ['We work online only.'] : f.premises === 'away' ? ['We come to you.'] : []),
    ],
  },
  {
    id: 'wishes',
    title: 'How the site should be',
    fields: ['wanted', 'unwanted', 'style', 'colour', 'dislike', 'aim', 'tone', 'keyword'],
    say: (f) => [
      ...(f.aim ? [AIM_SAID[f.aim]!] : []),
      ...line('Wanted', f.wanted.join('; ')),
      ...f.unwanted.map((u) => `No ${u} on the website, please.`),
      ...line('Style', f.style.join(', ')),
      ...line('Colours', f.colours.join(', ')),
      ...line('Dislikes', f.dislikes.join(', ')),
      ...line('Tone', f.tone),
      ...line('Found for', f.keywords.join('; ')),
    ],
  },
];

const alike = (before: readonly string[], after: string) => flat(before.join(' ')) === flat(after);
const flat = (s: string) => s.replace(/\s+/g, ' ').trim();

/**
 * A clearer wording of a brief, part by part, made only of what the sheet and the client’s own sentences say: each fact on
 * a line of its own, and the sentences that can stand on a site gathered and tidied.
 */
export function clearerBrief(facts: Facts, reading: Reading = readText(facts.description)): WordingPiece[] {
  const { description } = facts;
  const sentenceOf = (from: number) => flat(sentenceAt(description, from).text);
  const pieces = PARTS.flatMap(({ id, title, fields, say }): WordingPiece[] => {
    const after = say(facts).join('\n');
    if (!after) return [];
    const before = [...new Set(reading.spans.filter((s) => fields.includes(s.field)).map((s) => sentenceOf(s.from)))];
    return [{ id, title, before, after, same: alike(before, after) }];
  });
  const language = Object.values(languages).find((l) => l.reading === (languageOfFacts(facts) ?? 'en'))!;
  const own = copySentences(description, language);
  const story = own.join(' ');
  if (own.length) {
    const raw = splitSentences(description).map(flat);
    const before = raw.filter((s) => own.some((o) => o.includes(tidySentence(s).replace(/[.]$/, ''))));
    pieces.splice(1, 0, {
      id: 'story',
      title: 'In their own words',
      before,
      after: story,
      same: alike(before, story),
    });
  }
  return pieces;
}

/** The whole brief in its clearer wording. */
export const wholeWording = (pieces: readonly WordingPiece[]): string => pieces.map((p) => p.after).join('\n\n');

/**
 * A brief with one piece taken: the clearer wording comes where that was first said. Sentences go only where they say
 * nothing else, so that no fact is lost.
 */
export function takePiece(facts: Facts, piece: WordingPiece, reading: Reading = readText(facts.description)): string {
  const { description } = facts;
  const part = PARTS.find((p) => p.id === piece.id);
  const spent = new Set<string>();
  if (part)
    for (const sentence of piece.before) {
      const inside = reading.spans.filter((s) => flat(sentenceAt(description, s.from).text) === sentence);
      const told = inside.map((s) => s.to - s.from).reduce((a, b) => a + b, 0);
      // A sentence that says more than its facts is the client’s own and stays.
      if (inside.every((s) => part.fields.includes(s.field)) && told > sentence.length * 0.55) spent.add(sentence);
    }
  else for (const sentence of piece.before) spent.add(sentence);
  let placed = false;
  const out: string[] = [];
  for (const paragraph of description.split(/\n{2,}/)) {
    let left = paragraph;
    for (const sentence of spent) {
      const pattern = new RegExp(sentence.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/ /g, '\\s+'));
      if (!pattern.test(left)) continue;
      left = left.replace(pattern, '').replace(/[ \t]{2,}/g, ' ');
      if (!placed) {
        placed = true;
        out.push(piece.after);
      }
    }
    if (left.trim()) out.push(left.trim());
  }
  return (placed ? out : [piece.after, ...out]).join('\n\n');
}
