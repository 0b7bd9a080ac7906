import type { SiteLanguage } from '../language.js';
import { edits } from './edits.js';
import { families, filled } from './families.js';
import { ways } from './ways.js';
import { patterns } from './patterns.js';
import { terms, trades } from './trades.js';
import { words } from './words.js';

const FEMININE =
  '\\p{L}*(?:erei|erie|handlung|pflege|werkstatt|schmiede|fähre|pension|werft|gesellschaft|kapelle|mühle|galerie|druckerei|gemeinschaft|genossenschaft|gärtnerei)';
const MASCULINE = '\\p{L}*(?:verein|dienst|verleih|garten|kreis|hof|betrieb|laden|platz|chor|club)';
const NEUTER = '\\p{L}*(?:haus|geschäft|museum|theater|zentrum|studio|lager|büro|atelier)';
/** A name that begins with what the business is takes its article behind a preposition: “bei der Segelmacherei Thiessen”. */
function withArticle(text: string): string {
  const put = (now: string, prepositions: string, noun: string, article: string) =>
    now.replace(new RegExp(`(?<!\\p{L})(${prepositions}) (?=${noun} \\p{Lu})`, 'giu'), `$1 ${article} `);
  const dative = 'bei|von|zu|hinter|mit';
  const accusative = 'über|an|für';
  let now = put(put(text, dative, FEMININE, 'der'), accusative, FEMININE, 'die');
  now = put(put(now, dative, MASCULINE, 'dem'), accusative, MASCULINE, 'den');
  now = put(put(now, dative, NEUTER, 'dem'), accusative, NEUTER, 'das');
  return now
    .replace(/(?<!\p{L})zu der (?=\p{Lu})/gu, 'zur ')
    .replace(/(?<!\p{L})zu dem (?=\p{Lu})/gu, 'zum ')
    .replace(/(?<!\p{L})von dem (?=\p{Lu})/gu, 'vom ')
    .replace(/(?<!\p{L})bei dem (?=\p{Lu})/gu, 'beim ')
    .replace(/(?<=\b(?:Leistungen|Preise)) von der (?=\p{Lu})/gu, ' der ');
}

export const language: SiteLanguage = {
  tag: 'de',
  name: 'Deutsch',
  english: 'German',
  reading: 'de',
  locale: 'de_DE',
  countries: ['DE', 'AT', 'CH'],
  words,
  days: ['Montag', 'Dienstag', 'Mittwoch', 'Donnerstag', 'Freitag', 'Samstag', 'Sonntag'],
  months: [
    'Januar',
    'Februar',
    'März',
    'April',
    'Mai',
    'Juni',
    'Juli',
    'August',
    'September',
    'Oktober',
    'November',
    'Dezember',
  ],
  dayRange: (from, to) => `${from} bis ${to}`,
  onDay: (day) => day,
  everyDay: 'täglich',
  edges: { start: 'Anfang ', middle: 'Mitte ', end: 'Ende ' },
  seasons: {
    summer: 'Im Sommer',
    winter: 'Im Winter',
    spring: 'Im Frühling',
    autumn: 'Im Herbst',
    season: 'In der Saison',
    term: 'In der Schulzeit',
    'school holidays': 'In den Schulferien',
  },
  closed: (days) => `${days} geschlossen`,
  date: (day, month) => `${day}. ${month}`,
  closedDuring: (from, to) =>
    to ? `vom ${from} bis ${to} geschlossen` : `${/^\d/.test(from) ? 'am' : 'im'} ${from} geschlossen`,
  time: (minutes) =>
    minutes % 60 ? `${Math.floor(minutes / 60)}.${String(minutes % 60).padStart(2, '0')} Uhr` : `${minutes / 60} Uhr`,
  colon: ': ',
  until: ' bis ',
  rules: [
    [/by (?:prior )?(?:appointment|arrangement)|con cita|sur rendez-vous/i, 'nach Vereinbarung'],
    [/(?:bank|public) holidays?|festivos?|jours fériés/i, 'an Feiertagen geschlossen'],
  ],
  list: (items) => (items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} und ${items.at(-1)!}`),
  inside: (name) => name,
  inPlace: (place) => `in ${place}`,
  from: 'ab',
  units: [
    [/a head|per (?:head|person)|pp\b|por persona|par personne/i, 'pro Person'],
    [/an hour|per hour|por hora|de l['’]heure|par heure/i, 'pro Stunde'],
    [/a day|per day|por d[ií]a|al d[ií]a|par jour/i, 'pro Tag'],
    [/a night|per night|por noche|la nuit|par nuit/i, 'pro Nacht'],
    [/a week|per week|por semana|par semaine/i, 'pro Woche'],
    [/a month|per month|por mes|par mois/i, 'pro Monat'],
    [/each|apiece|cada uno|pièce/i, 'pro Stück'],
  ],
  numbers: ['null', 'eins', 'zwei', 'drei', 'vier', 'fünf', 'sechs', 'sieben', 'acht', 'neun', 'zehn', 'elf', 'zwölf'],
  tongues: {
    English: 'Englisch',
    German: 'Deutsch',
    French: 'Französisch',
    Spanish: 'Spanisch',
    Welsh: 'Walisisch',
    Dutch: 'Niederländisch',
    Italian: 'Italienisch',
    Portuguese: 'Portugiesisch',
    Polish: 'Polnisch',
  },
  trades,
  families,
  ways,
  filled,
  terms,
  patterns,
  polish: withArticle,
  edits,
  notCopy:
    /\b(web ?seite|internet ?seite|homepage|bitte|danke|vielen dank|grüße|gruß|hallo|guten (?:tag|morgen|abend)|moin|sehr geehrte|liebe[rs]? (?:frau|herr|ines)|wir (?:möchten|hätten|wünschen)|ich (?:möchte|hätte|wünsche)|auf der seite|farben?|logo|im anhang|anbei|wie besprochen|schlicht|öffnungszeiten|telefon|mail|online-buchung)\b|[@?]|https?:|\d{5,}/i,
  leaning: /^(?:er|sie|es|das|dies\w*|dort|dann|auch|aber|und|oder|daher|deshalb|außerdem|beide|ihre?|seine?)\b/i,
  speaker: { one: /\b(?:ich|mein\w*|mir|mich)\b/gi, several: /\b(?:wir|unser\w*|uns)\b/gi },
};
