import type { Language } from '../reading/span.js';

/** What a word of a text about opening hours is for. */
export type WordKind =
  | 'day'
  | 'range'
  | 'and'
  | 'until'
  | 'from'
  | 'between'
  | 'closed'
  | 'no'
  | 'except'
  | 'part'
  | 'ordinal'
  | 'only'
  | 'else'
  | 'fill'
  | 'season';

/** One way to say something: a pattern in small letters, and what it stands for where it stands for more than itself. */
export interface Entry {
  kind: WordKind;
  pattern: string;
  /** Days from Monday, 0. */
  days?: number[];
  /** The part of a day, or the name of a time of the year. */
  means?: string;
  /** Counts only where it is written with a capital: “So” is Sunday in German, “so” is not. */
  capital?: boolean;
}

const ALL = [0, 1, 2, 3, 4, 5, 6];
const WEEK = [0, 1, 2, 3, 4];
const days = (patterns: readonly string[], capital = false): Entry[] =>
  patterns.map((pattern, n) => ({ kind: 'day', pattern, days: [n], capital }));
const group = (pattern: string, list: number[]): Entry => ({ kind: 'day', pattern, days: list });
const part = (means: 'morning' | 'afternoon' | 'evening', pattern: string): Entry => ({ kind: 'part', pattern, means });
const season = (means: string, pattern: string): Entry => ({ kind: 'season', pattern, means });
const word = (kind: WordKind, pattern: string): Entry => ({ kind, pattern });

const ENGLISH: Entry[] = [
  group('(?:every ?day|daily|(?:seven|7) days(?: a week)?|all week|seven days)', ALL),
  group('(?<!(?:^|[^\\d.:–-])\\d{1,2} )(?:week ?days|working days)', WEEK),
  group('week ?ends?', [5, 6]),
  ...days([
    'mon(?:days?)?',
    'tue(?:s|sdays?)?',
    'wed(?:s|nesdays?)?',
    'thu(?:r|rs|rsdays?)?',
    'fri(?:days?)?',
    'sat(?:urdays?)?',
    'sun(?:days?)?',
  ]),
  word('except', '(?:except(?: for)?|bar|but not|apart from|excluding)'),
  word('else', '(?:otherwise|else|(?:the )?other days|all other days|every other day|the rest of the week)'),
  word(
    'ordinal',
    '(?:every other|every second|every fourth|alternate|(?:the )?(?:first|second|third|fourth|last|1st|2nd|3rd|4th|5th)(?: and (?:third|fourth|last|3rd|4th))?)',
  ),
  word('range', "(?:to|through|thru|till?|'til|until(?= \\w+day))"),
  word('until', '(?:until|up to|by(?= \\d)|closing at|close at|finish(?:es|ing)? at|till|’til)'),
  word('between', 'between'),
  word('from', '(?:from|since|starting)'),
  word('and', '(?:and again|and|then|plus|or)'),
  part('morning', '(?:half[- ]day|early closing)(?: on)?(?= \\w+day)'),
  word(
    'closed',
    '(?:closed|shuts?|closes?|not open|close for|closes for|nobody (?:is )?(?:here|in)|no one (?:is )?(?:here|in))',
  ),
  word('no', '(?:no|not|never)'),
  word('only', 'only'),
  part('morning', '(?:(?:in the )?mornings?|a\\.?m)'),
  part('afternoon', '(?:(?:in the )?afternoons?|p\\.?m)'),
  part('evening', '(?:(?:in the )?evenings?|nights?)'),
  season('summer', '(?:(?:in |during |over )?(?:the )?summer(?: months)?(?! holidays))'),
  season('winter', '(?:(?:in |during |over )?(?:the )?winter(?: months)?)'),
  season('spring', '(?:(?:in |during )?(?:the )?spring)'),
  season('autumn', '(?:(?:in |during )?(?:the )?(?:autumn|fall)(?! in))'),
  season('season', '(?:in (?:the )?season)'),
  season('term', '(?:(?:in |during )?term[- ]time)'),
  season('school holidays', '(?:(?:in |during )?(?:the )?school holidays)'),
  word(
    'fill',
    "(?:we(?:’|'|\\s+a)re|we|are|is|it(?:’|')?s|open(?:s|ing)?|opened|hours?|usually|mostly|normally|always|at|on|in|during|for|the|an?|our|also|o['’]clock|of the month|staffed|answered|somebody (?:is )?(?:here|in)|you(?:’|')ll find us|here|there|bank holiday(?= mon)|come|call in|visit(?:s|ors)?|times?|every)",
  ),
];
const GERMAN: Entry[] = [
  group('(?:t[aä]glich|jeden tag|alle tage|rund um die woche)', ALL),
  group('(?:wochentags|werktags|unter der woche|an werktagen)', WEEK),
  group('(?:am wochenende|wochenends)', [5, 6]),
  ...days([
    'montag(?:s|e)?',
    'dienstag(?:s|e)?',
    'mittwoch(?:s|e)?',
    'donnerstag(?:s|e)?',
    'freitag(?:s|e)?',
    '(?:samstag(?:s|e)?|sonnabend(?:s|e)?)',
    '(?:sonntag(?:s|e)?|sonn-? und feiertag(?:s|e))',
  ]),
  ...days(['mo', 'di', 'mi', 'do', 'fr', 'sa', 'so'], true),
  word('except', '(?:außer|ausser|ausgenommen)(?: am)?'),
  word('else', '(?:sonst|ansonsten|an den anderen tagen|die anderen tage|den rest der woche)'),
  word(
    'ordinal',
    '(?:(?:am |an |jeden? )?(?:ersten?|zweiten?|dritten?|vierten?|letzten?|[1-5]\\.)(?: und (?:dritten|vierten|letzten|[34]\\.))?(?= (?:mo|di|mi|do|fr|sa|so)\\w*)|jeden zweiten|alle zwei wochen)',
  ),
  word('range', 'bis(?: einschließlich)?'),
  word('until', '(?:bis(?: um)?|nur bis)'),
  word('between', 'zwischen'),
  word('from', '(?:von|ab|vom)'),
  word('and', '(?:und|u\\.|sowie|dann(?: wieder)?)'),
  word('closed', '(?:geschlossen|ruhetag|zu(?= [a-zäöü]|[.,;]|$)|nicht geöffnet|nicht besetzt|keiner da|niemand da)'),
  word('no', '(?:kein(?:e|en|er)?|nicht|nie)'),
  word('only', '(?:nur|ausschließlich)'),
  part('morning', '(?:vormittags?|morgens?|in der früh|mittags(?= geschlossen))'),
  part('afternoon', '(?:nachmittags?|nami)'),
  ...['montag', 'dienstag', 'mittwoch', 'donnerstag', 'freitag', 'samstag'].flatMap((d, n) => [
    { ...part('morning', `${d}vormittags?`), days: [n] },
    { ...part('afternoon', `${d}nachmittags?`), days: [n] },
    { ...part('evening', `${d}abends?`), days: [n] },
  ]),
  part('evening', '(?:abends?)'),
  season('summer', '(?:im )?sommer(?:halbjahr|s)?(?!ferien)'),
  season('winter', '(?:im )?winter(?:halbjahr|s)?'),
  season('season', '(?:in der saison)'),
  season('school holidays', '(?:in den )?(?:schulferien|sommerferien)'),
  word(
    'fill',
    '(?:wir|sind|ist|haben|hat|offen|geöffnet|öffnungszeiten|jeweils|länger|zusätzlich|immer|meist(?:ens)?|am|an|um|uhr|den|die|das|der|unser\\w*|auch|da|besetzt|jeden?|telefonisch|erreichbar|zeiten)',
  ),
];
const FRENCH: Entry[] = [
  group('(?:(?:tous|ts) les jours|chaque jour|7 ?jours? ?(?:sur|\\/) ?7|7j\\/7)', ALL),
  group('(?:en semaine|les jours ouvrables)', WEEK),
  group('(?:le )?week-?ends?', [5, 6]),
  ...days([
    'lun(?:dis?)?',
    'mar(?:dis?)?',
    'mer(?:credis?)?',
    'jeu(?:dis?)?',
    'ven(?:dredis?)?',
    'sam(?:edis?)?',
    'dim(?:anches?)?',
  ]),
  word('except', '(?:sauf|sf|excepté|hors)(?: le| les)?'),
  word('else', '(?:sinon|les autres jours|le reste de la semaine)'),
  word(
    'ordinal',
    '(?:(?:le |les )?(?:premiers?|1ers?|deuxièmes?|troisièmes?|derniers?)(?: et (?:3e|troisièmes?|derniers?))?(?= (?:lun|mar|mer|jeu|ven|sam|dim))|un \\w+ sur deux)',
  ),
  word('range', "(?:au|à|a|jusqu[’']au)"),
  word('until', "(?:jusqu[’']à|jusqu[’']au|jusque|(?:je |on |nous )?ferm(?:e|ons|eture) à)"),
  word('between', 'entre'),
  word('from', '(?:du|de|dès|à partir de)'),
  word('and', '(?:et(?: de)?|puis(?: de)?|ainsi que)'),
  word('closed', '(?:fermée?s?|fermeture|pas ouvert)'),
  word('no', '(?:pas|jamais|aucun)'),
  word('only', '(?:uniquement|seulement)'),
  part('morning', '(?:le )?matins?'),
  part('afternoon', "(?:l[’'])?(?:après-?midis?|aprem)"),
  part('evening', '(?:le )?soirs?'),
  season('summer', "(?:en |l[’'])?été"),
  season('winter', "(?:en |l[’'])?hiver"),
  season('season', '(?:en (?:pleine )?saison)'),
  season('school holidays', '(?:pendant )?(?:les )?vacances scolaires'),
  word(
    'fill',
    "(?:nous|on|sommes|est|ouvert(?:e|es|s)?|ouverture|horaires?|le|les|la|l[’']|du|des|de|à|aussi|toujours|vers|chaque|accueil|vous accueill\\w+|permanence|toute la journée|tous)",
  ),
];
const SPANISH: Entry[] = [
  group('(?:todos los d[ií]as|a diario|diario|cada d[ií]a)', ALL),
  group('(?:entre semana|d[ií]as laborables|laborables)', WEEK),
  group('(?:los )?fin(?:es)? de semana', [5, 6]),
  ...days([
    'lun(?:es)?',
    'mar(?:tes)?',
    'mi[eé](?:rcoles)?',
    'jue(?:ves)?',
    'vie(?:rnes)?',
    's[aá]b(?:ados?)?',
    'dom(?:ingos?)?',
  ]),
  word('except', '(?:salvo|excepto|menos)(?: los| el)?'),
  word('else', '(?:el resto de los d[ií]as|los demás d[ií]as|si no)'),
  word(
    'ordinal',
    '(?:(?:el |los )?(?:primer|primeros|segundo|segundos|tercer|último|últimos)(?= (?:lun|mar|mi[eé]|jue|vie|s[aá]b|dom))|un \\w+ s[ií] y otro no|cada dos)',
  ),
  word('range', '(?:a|al|hasta(?: el)?)'),
  word('until', '(?:hasta(?: las)?|(?:cerramos|cierr[ao])(?: el taller)? a las)'),
  word('between', 'entre'),
  word('from', '(?:desde(?: las)?|de|del|a partir de(?: las)?)'),
  word('and', '(?:y(?: de)?|e(?= )|luego(?: de)?|y también)'),
  word('closed', '(?:cerrad[oa]s?|cerramos|cierra|no abrimos|no se abre|descanso)'),
  word('no', '(?:no|nunca|ningún)'),
  word('only', '(?:s[oó]lo|solamente|únicamente)'),
  part('morning', '(?:por la |por las |de la )?mañanas?'),
  part('afternoon', '(?:por la |por las |de la )?tardes?'),
  part('evening', '(?:por la |por las )?noches?'),
  season('summer', '(?:en )?verano'),
  season('winter', '(?:en )?invierno'),
  season('season', '(?:en (?:la )?temporada)'),
  season('school holidays', '(?:en )?(?:las )?vacaciones escolares'),
  word(
    'fill',
    '(?:abrimos|abiert[oa]s?|abre|estamos|está|horario|los|las|el|la|lo|de|en|a|también|siempre|cada|todo el|horas?|hs?)',
  ),
];

/** How each language speaks of opening hours. Longer ways to say something stand before shorter ones of another kind. */
export const HOURS_WORDS: Record<Language, readonly Entry[]> = {
  en: ENGLISH,
  de: GERMAN,
  fr: FRENCH,
  es: SPANISH,
};

/** Months in four languages, and feasts that seasons begin and end with, in the order of the year. */
export const MONTHS = [
  'jan(?:uary|uar|vier)?|jänner|enero',
  'feb(?:ruary|ruar|rero)?|feber|févr(?:ier)?|fév',
  'mar(?:ch|s|zo)|mär(?:z)?|mar(?=\\b)',
  'apr(?:il)?|avril|abril',
  'may|mai|mayo',
  'june?|juni?|juin|junio',
  'july?|juli?|juillet|julio',
  'aug(?:ust)?|août|agosto',
  'sept?(?:ember|embre|iembre)?',
  'o[ck]t(?:ober|obre|ubre)?',
  'nov(?:ember|embre|iembre)?',
  'de[cz](?:ember)?|déc(?:embre)?|dic(?:iembre)?',
];
/** Feasts whose date moves: a season that begins with one is kept in its own words. */
export const FEASTS =
  "(?:easter(?: (?:monday|sunday))?|whitsun|christmas(?: eve| day)?|new year(?:[’']s(?: eve| day)?)?|thanksgiving|labor day|memorial day|halloween|ostern|pfingsten|weihnachten|neujahr|silvester|erntedank|allerheiligen|pâques|rameaux|toussaint|noël|nouvel an|pentecôte|semana santa|pascua|navidad|reyes|todos los santos)";

/** Parts of a business that keep hours of their own. Those that visitors come to stand first. */
export const PARTS_OF_A_BUSINESS =
  /(?<!\p{L})(?:(?:farm |gift |book |village |yarn |garden )?shop|store|showroom|gallery|museum|studio|workshop|yard|counter|nursery|boathouse|barn|reception|(?:parish |booking |head |main |ticket |box )?office|library|buffet|tea ?room|(?:hof)?laden|lädeli|schauraum|ausstellung|werkstatt|atelier|(?:pfarr|kirchen)?büro|verwaltung|hofverkauf|ausleihe|magasin|boutique|mairie|accueil|secrétariat|bureau|tienda|taller|oficina|secretaría|local|depot|warehouse|receiving|goods[- ]?in|deliveries|collections?|lager|warenannahme|dépôt|livraisons|almacén|recepción|(?:tele)?phones?|phone lines?|booking line|telefon(?:isch)?|téléphone|teléfono)(?!\p{L})/iu;
/** Of those, the ones nobody comes to. */
export const NOT_VISITED =
  /phone|line|telefon|téléphone|teléfono|receiving|goods|deliver|collection|lager|warenannahme|livraison|almacén|depot|dépôt|warehouse/iu;
