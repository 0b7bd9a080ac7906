import type { SiteLanguage } from '../language.js';
import { edits } from './edits.js';
import { patterns } from './patterns.js';
import { terms, trades } from './trades.js';
import { words } from './words.js';

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
  terms,
  patterns,
  edits,
  notCopy:
    /\b(web ?seite|internet ?seite|homepage|bitte|danke|vielen dank|grüße|gruß|hallo|guten (?:tag|morgen|abend)|moin|sehr geehrte|liebe[rs]? (?:frau|herr|ines)|wir (?:möchten|hätten|wünschen)|ich (?:möchte|hätte|wünsche)|auf der seite|farben?|logo|im anhang|anbei|wie besprochen|schlicht|öffnungszeiten|telefon|mail|online-buchung)\b|[@?]|https?:|\d{5,}/i,
  leaning: /^(?:er|sie|es|das|dies\w*|dort|dann|auch|aber|und|oder|daher|deshalb|außerdem|beide|ihre?|seine?)\b/i,
  speaker: { one: /\b(?:ich|mein\w*|mir|mich)\b/gi, several: /\b(?:wir|unser\w*|uns)\b/gi },
};
