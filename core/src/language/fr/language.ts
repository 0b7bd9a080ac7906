import type { SiteLanguage } from '../language.js';
import { edits } from './edits.js';
import { families, filled } from './families.js';
import { ways } from './ways.js';
import { patterns } from './patterns.js';
import { terms, trades } from './trades.js';
import { words } from './words.js';

/** “à Saltmarrow”, “au Havre”, “aux Sables”. */
const inPlace = (place: string): string =>
  /^Le /.test(place) ? `au ${place.slice(3)}` : /^Les /.test(place) ? `aux ${place.slice(4)}` : `à ${place}`;

/** Common nouns that names of businesses begin with, by the article each takes behind a preposition. */
const BEGINNINGS: [RegExp, string][] = [
  [
    /(?:Atelier|Association|Auberge|Entreprise|École|Étude|Union|Amicale|Office|Harmonie|Hôtel|Espace|Équipe|Académie|(?:[AEIOUÉÈ]|H(?=orl|erb|uil))\p{Ll}+erie)/u,
    'l’',
  ],
  [
    /(?:Maison|Ferme|Pépinière|Forge|Société|Coopérative|Compagnie|Fabrique|Boutique|Ludothèque|Bibliothèque|Mairie|Boule|Cave|Troupe|Fanfare|Chorale|Brocante|Galerie|Grange|Librairie|Plomberie|(?![AEIOUÉÈH])\p{Lu}\p{Ll}+erie)/u,
    'la ',
  ],
  [
    /(?:Jardin|Garage|Domaine|Moulin|Chantier|Musée|Verger|Club|Chœur|Gîte|Cercle|Comité|Centre|Cabinet|Théâtre|Studio|Bureau|Rucher|Potager|Syndicat|Magasin|Comptoir|Salon|Groupe|Collectif|Foyer|Château|Haras|Lavoir)(?!s)/,
    'le ',
  ],
];
/** “chez l’Atelier Kerven”, “de la Ferme Quélen”, “du Moulin Vert”. */
const withArticle = (text: string): string =>
  BEGINNINGS.reduce(
    (now, [noun, article]) =>
      now.replace(
        new RegExp(
          `(?<!\\p{L})(chez|à|vers|derrière|de|par|pour|et|sur|contacter|joindre|trouver) (?=${noun.source}\\s(?:\\p{Lu}|d[eu’']|des\\s|l[ae’']))`,
          'giu',
        ),
        (_, preposition: string) => `${preposition} ${article}`,
      ),
    text,
  )
    .replace(/(?<!\p{L})([Dd])e le (?=\p{Lu})/gu, '$1u ')
    .replace(/(?<!\p{L})à le (?=\p{Lu})/gu, 'au ');
/** “d’Ivry”, “qu’une”: before a vowel the e goes. */
const elided = (text: string): string =>
  text
    .replace(/(?<!\p{L})([Dd])e (?=[AEIOUYÀÂÉÈÊÎÔŒaeiouyàâéèêîôœ])/gu, '$1’')
    .replace(/(?<!\p{L})([Qq])ue (?=[AEIOUÀÂÉÈÊÎÔŒaeiouàâéèêîôœ])/gu, '$1u’');

export const language: SiteLanguage = {
  tag: 'fr',
  name: 'Français',
  english: 'French',
  reading: 'fr',
  locale: 'fr_FR',
  countries: ['FR', 'BE'],
  words,
  days: ['lundi', 'mardi', 'mercredi', 'jeudi', 'vendredi', 'samedi', 'dimanche'],
  months: [
    'janvier',
    'février',
    'mars',
    'avril',
    'mai',
    'juin',
    'juillet',
    'août',
    'septembre',
    'octobre',
    'novembre',
    'décembre',
  ],
  dayRange: (from, to) => `du ${from} au ${to}`,
  onDay: (day) => `le ${day}`,
  everyDay: 'tous les jours',
  edges: { start: 'début ', middle: 'mi-', end: 'fin ' },
  seasons: {
    summer: 'En été',
    winter: 'En hiver',
    spring: 'Au printemps',
    autumn: 'En automne',
    season: 'En saison',
    term: 'Hors vacances scolaires',
    'school holidays': 'Pendant les vacances scolaires',
  },
  closed: (days) => `fermé ${/^(?:du|tous) /.test(days) ? '' : 'le '}${days}`,
  date: (day, month) => `${day === 1 ? '1er' : day} ${month}`,
  closedDuring: (from, to) => (to ? `fermé du ${from} au ${to}` : `fermé ${/^\d/.test(from) ? 'le' : 'en'} ${from}`),
  time: (minutes) => `${Math.floor(minutes / 60)} h${minutes % 60 ? ` ${String(minutes % 60).padStart(2, '0')}` : ''}`,
  colon: ' : ',
  until: ' à ',
  rules: [
    [/by (?:prior )?(?:appointment|arrangement)|con cita|nach (?:vereinbarung|absprache)/i, 'sur rendez-vous'],
    [/(?:bank|public) holidays?|festivos?|feiertag/i, 'fermé les jours fériés'],
  ],
  list: (items) => (items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} et ${items.at(-1)!}`),
  inside: (name) =>
    /^[A-ZÀ-Þ][a-zß-ÿ]/.test(name) && !/\s[A-ZÀ-Þ][a-zß-ÿ]/.test(name) ? name[0]!.toLowerCase() + name.slice(1) : name,
  inPlace,
  from: 'à partir de',
  units: [
    [/a head|per (?:head|person)|por persona|pro person/i, 'par personne'],
    [/an hour|per hour|por hora|pro stunde/i, 'de l’heure'],
    [/a day|per day|por d[ií]a|al d[ií]a|pro tag/i, 'par jour'],
    [/a night|per night|por noche|pro nacht/i, 'par nuit'],
    [/a week|per week|por semana|pro woche/i, 'par semaine'],
    [/a month|per month|por mes|pro monat/i, 'par mois'],
    [/each|apiece|cada uno|pro stück/i, 'la pièce'],
  ],
  numbers: ['zéro', 'un', 'deux', 'trois', 'quatre', 'cinq', 'six', 'sept', 'huit', 'neuf', 'dix', 'onze', 'douze'],
  tongues: {
    English: 'anglais',
    German: 'allemand',
    French: 'français',
    Spanish: 'espagnol',
    Welsh: 'gallois',
    Dutch: 'néerlandais',
    Italian: 'italien',
    Portuguese: 'portugais',
    Polish: 'polonais',
  },
  trades,
  families,
  ways,
  filled,
  terms,
  patterns,
  polish: (text) => elided(withArticle(text)),
  edits,
  notCopy:
    /(?<![\p{L}])(?:site|page web|internet|merci|bonjour|bonsoir|salut|cordialement|s['’]il vous pla[iî]t|svp|nous (?:aimerions|voudrions|souhaitons)|je (?:voudrais|souhaite|m['’]appelle)|nous sommes|couleurs?|logo|ci-joint|comme convenu|téléphone|tél|courriel|boutique en ligne|pas de)(?![\p{L}])|[@?]|https?:|\d{5,}/iu,
  leaning:
    /^(?:il|elle|ils|elles|ce|cela|ça|c['’]est|celui|celle|ceux|là|puis|aussi|mais|et|ou|donc|ensuite|leurs?|ses?|les deux)(?![\p{L}])/iu,
  speaker: {
    one: /(?<![\p{L}])(?:je|j['’]|mon|ma|mes|moi)(?![\p{L}])/giu,
    several: /(?<![\p{L}])(?:nous|notre|nos)(?![\p{L}])/giu,
  },
};
