import type { SiteLanguage } from '../language.js';
import { edits } from './edits.js';
import { families, filled } from './families.js';
import { ways } from './ways.js';
import { patterns } from './patterns.js';
import { terms, trades } from './trades.js';
import { words } from './words.js';

/** “y” is “e” before a word that begins with its sound. */
const and = (next: string): string => (/^h?i(?![aeou])/i.test(next) ? 'e' : 'y');

export const language: SiteLanguage = {
  tag: 'es',
  name: 'Español',
  english: 'Spanish',
  reading: 'es',
  locale: 'es_ES',
  countries: ['ES'],
  words,
  days: ['lunes', 'martes', 'miércoles', 'jueves', 'viernes', 'sábado', 'domingo'],
  months: [
    'enero',
    'febrero',
    'marzo',
    'abril',
    'mayo',
    'junio',
    'julio',
    'agosto',
    'septiembre',
    'octubre',
    'noviembre',
    'diciembre',
  ],
  dayRange: (from, to) => `de ${from} a ${to}`,
  onDay: (day) => `los ${day.replace(/(?<!s)$/, 's')}`,
  everyDay: 'todos los días',
  edges: { start: 'principios de ', middle: 'mediados de ', end: 'finales de ' },
  seasons: {
    summer: 'En verano',
    winter: 'En invierno',
    spring: 'En primavera',
    autumn: 'En otoño',
    season: 'En temporada',
    term: 'En periodo lectivo',
    'school holidays': 'En vacaciones escolares',
  },
  closed: (days) => `${days}, cerrado`,
  date: (day, month) => `${day} de ${month}`,
  closedDuring: (from, to) =>
    to ? `cerrado del ${from} al ${to}` : `cerrado ${/^\d/.test(from) ? 'el' : 'en'} ${from}`,
  time: (minutes) => `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`,
  colon: ': ',
  until: '–',
  rules: [
    [/by (?:prior )?(?:appointment|arrangement)|sur rendez-vous|nach (?:vereinbarung|absprache)/i, 'con cita previa'],
    [/(?:bank|public) holidays?|jours fériés|feiertag/i, 'festivos, cerrado'],
  ],
  list: (items) =>
    items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} ${and(items.at(-1)!)} ${items.at(-1)!}`,
  inside: (name) =>
    /^[A-ZÀ-Þ][a-zß-ÿ]/.test(name) && !/\s[A-ZÀ-Þ][a-zß-ÿ]/.test(name) ? name[0]!.toLowerCase() + name.slice(1) : name,
  inPlace: (place) => `en ${place}`,
  from: 'desde',
  units: [
    [/a head|per (?:head|person)|par personne|pro person/i, 'por persona'],
    [/an hour|per hour|de l['’]heure|par heure|pro stunde/i, 'por hora'],
    [/a day|per day|par jour|pro tag/i, 'al día'],
    [/a night|per night|par nuit|pro nacht/i, 'por noche'],
    [/a week|per week|par semaine|pro woche/i, 'por semana'],
    [/a month|per month|par mois|pro monat/i, 'al mes'],
    [/each|apiece|pièce|pro stück/i, 'cada uno'],
  ],
  numbers: ['cero', 'uno', 'dos', 'tres', 'cuatro', 'cinco', 'seis', 'siete', 'ocho', 'nueve', 'diez', 'once', 'doce'],
  tongues: {
    English: 'inglés',
    German: 'alemán',
    French: 'francés',
    Spanish: 'español',
    Welsh: 'galés',
    Dutch: 'neerlandés',
    Italian: 'italiano',
    Portuguese: 'portugués',
    Polish: 'polaco',
  },
  trades,
  families,
  ways,
  filled,
  terms,
  patterns,
  polish: (text) => text.replace(/(?<!\p{L})de el /gu, 'del ').replace(/(?<!\p{L})a el /gu, 'al '),
  edits,
  notCopy:
    /(?<![\p{L}])(?:web|página|sitio|internet|gracias|hola|buenos días|buenas tardes|saludos|por favor|nos llamamos|me llamo|queremos|quisiéramos|quiero|nos gustaría|me gustaría|colores|logo|adjunto|como hablamos|teléfono|correo|horario|llámanos|escribe a|reservas online)(?![\p{L}])|[@?]|https?:|\d{5,}/iu,
  leaning:
    /^(?:él|ella|ellos|ellas|esto|eso|este|esta|estos|estas|allí|luego|también|pero|y|o|así|después|su|sus|ambos)(?![\p{L}])/iu,
  speaker: {
    one: /(?<![\p{L}])(?:yo|mi|mis|soy|hago|tengo|me|\p{L}+o yo)(?![\p{L}])/giu,
    several: /(?<![\p{L}])(?:nosotros|nosotras|nuestr[oa]s?|somos|nos|\p{L}{3,}(?:amos|emos|imos))(?![\p{L}])/giu,
  },
};
