import type { SiteLanguage } from '../language.js';
import { edits } from './edits.js';
import { families, filled } from './families.js';
import { ways } from './ways.js';
import { patterns } from './patterns.js';
import { trades } from './trades.js';
import { words } from './words.js';

export const language: SiteLanguage = {
  tag: 'en-GB',
  name: 'English (British)',
  english: 'English',
  reading: 'en',
  locale: 'en_GB',
  countries: ['GB', 'US'],
  words,
  days: ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'],
  months: [
    'January',
    'February',
    'March',
    'April',
    'May',
    'June',
    'July',
    'August',
    'September',
    'October',
    'November',
    'December',
  ],
  dayRange: (from, to) => `${from} to ${to}`,
  onDay: (day) => day,
  everyDay: 'every day',
  edges: { start: 'start of ', middle: 'mid-', end: 'end of ' },
  seasons: {
    summer: 'In summer',
    winter: 'In winter',
    spring: 'In spring',
    autumn: 'In autumn',
    season: 'In season',
    term: 'In term time',
    'school holidays': 'In the school holidays',
  },
  closed: (days) => `${days} closed`,
  date: (day, month) => `${day} ${month}`,
  closedDuring: (from, to) => (to ? `closed from ${from} to ${to}` : `closed ${/\d/.test(from) ? 'on' : 'in'} ${from}`),
  time: (minutes) => `${Math.floor(minutes / 60)}.${String(minutes % 60).padStart(2, '0')}`,
  colon: ': ',
  until: '–',
  rules: [
    [/previa cita|con cita|sur rendez-vous|nach (?:vereinbarung|absprache)/i, 'by appointment'],
    [/festivos?|jours fériés|feiertag/i, 'closed on public holidays'],
  ],
  list: (items) => (items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)!}`),
  // “Harrow Blue” is a name and keeps its capital; “Clock repairs” does not.
  inside: (name) =>
    /^[A-Z][a-z]/.test(name) && !/\s[A-Z][a-z]/.test(name) ? name[0]!.toLowerCase() + name.slice(1) : name,
  inPlace: (place) => `in ${place}`,
  from: 'from',
  units: [
    [/por persona|par personne|pro person/i, 'a head'],
    [/por hora|de l['’]heure|par heure|pro stunde|die stunde/i, 'an hour'],
    [/por d[ií]a|al d[ií]a|par jour|pro tag|am tag/i, 'a day'],
    [/por noche|par nuit|la nuit|pro nacht/i, 'a night'],
    [/por semana|par semaine|pro woche/i, 'a week'],
    [/por mes|par mois|pro monat/i, 'a month'],
    [/cada uno|la pieza|pièce|pro stück/i, 'each'],
    [/pro glas/i, 'a jar'],
  ],
  numbers: ['none', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'],
  tongues: {},
  trades,
  families,
  ways,
  filled,
  terms: {},
  patterns,
  edits,
  notCopy:
    /\b(web ?site|web ?page|home ?page|e-?mail me|please|thanks|thank you|regards|cheers|sincerely|let me know|hope (you|this)|attached|lovely to|nice to (meet|see)|good to (meet|see)|as promised|stuff for|for the site|the site|this site|our site|on our door|on the door|ignore (that|this)|last (week|time)|sorry|notes from|p\.?s\.?|see you|speak soon|as discussed|could you|can you|would you|we'd like|we would like|we would prefer|we want|i want|i'd like|i['’]d love|we['’]d love|would love|not sure|maybe|budget|deadline|logo|colou?rs?|font|invoice|text me|our office is|obviously|search engines?|i guess|i suppose|by the way|between you and me|here from|wants? to be|should like|rather than (?:mailed|sold)|search for|they want|he wants|she wants|the main thing|nobody (?:can|could) find|people (?:can['’]t|couldn['’]t|cannot) find|we get asked|that['’]s it really|that['’]s all|what else|off the record|don['’]t (?:mention|tell|say|put))\b|^(?:area|phone|tel|hours|address|logo|note|notes)\s*:|[@?]|https?:|\d{5,}|^(hi|hello|dear|morning|afternoon|hiya|all the best|best|best wishes|kind regards|yours|love|ok(?:ay)?|right|well|so)\b(?! of)[, ]/i,
  leaning:
    /^(?:it|they|them|that|this|these|those|he|she|his|her|their|there|then|also|but|and|or|so|which|who|after that|besides|still|even|here|the same|both|neither|all of (?:it|them|this)|that[’']s|it[’']s|they[’']re|she[’']s|he[’']s)\b/i,
  speaker: { one: /\b(?:I|I['’]m|I['’]ve|my|me)\b/g, several: /\b(?:we|we['’]re|we['’]ve|our|us)\b/gi },
};
