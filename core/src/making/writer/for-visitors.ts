import { any, NEVER, type WhyHeld } from '../../brief/roles/never.js';

export type { WhyHeld };

/**
 * Whether a sentence of a client’s text is for visitors. What a client writes to a designer is mostly not: wishes,
 * don’ts, greetings, asides, what others said, what is not settled. A sentence stands on a site only where nothing in it
 * speaks against that; what is held back is listed, and a person can clear it.
 */

/** What speaks against a sentence in a text that is a letter: one such thing can stand in copy, two hardly. */
const DOUBTFUL: [WhyHeld, RegExp][] = [
  [
    'a don’t',
    any(
      "no|not|never|nothing|none|nobody|nor|neither|except|isn[’']t|aren[’']t|wasn[’']t|weren[’']t|can[’']t|cannot|won[’']t|doesn[’']t|didn[’']t|haven[’']t|hasn[’']t|wouldn[’']t|shouldn[’']t",
      'nicht|nie|kein\\w*|nichts|niemand\\w*',
      'pas|jamais|rien|aucune?|personne|sauf',
      'no|nunca|nada|nadie|ning[úu]n\\w*|ni|salvo|res',
    ),
  ],
  [
    'an aside',
    any(
      'because|although|though|unless|whatever|until|if|why|whom|supposed|anymore|too|even|actually|really|quite|ours|bloody|daft',
      'weil|obwohl|falls|wenn|eigentlich|wirklich|halt',
      'parce que|puisque|sauf si|même|vraiment',
      'porque|aunque|si|de verdad|la verdad',
    ),
  ],
  ['an aside', /[()…]|\.\.|\s–\s|–$/u],
  [
    'a wish',
    any(
      '(?:should|must|has to|have to|needs? to|ought to)',
      '(?:sollen?|sollte|muss|müssen|darf|dürfen)',
      'doit|doivent|il faut',
      'debe\\w*|tiene que|hay que',
    ),
  ],
  [
    'not settled',
    any(
      'could|would|may|going to|hoping|planning|trying',
      'würde|könnte|bald|demnächst',
      'pourrait|bientôt|vont?',
      'podría|pronto|va a|vamos a',
    ),
  ],
  [
    'what somebody said',
    any(
      'he|she|him|her|they|them|someone|somebody|a lady|a man|people',
      'er|ihm|ihn|jemand|leute|man',
      "il|elle|lui|on|quelqu[’']un|gens",
      '[ée]l|ella|ellos|ellas|alguien|gente|uno',
    ),
  ],
];
/** How copy begins: with the business, what it has and does, where and since when. */
const BEGINS =
  /^(?:we|our|i|my|the|every|each|all|both|from|at|in|on|since|for|with|most|half|everything|one|two|three|four|five|six|seven|eight|nine|ten|a|an|it|its|they|wir|unsere?|ich|mein\w*|die|der|das|jede[rs]?|alle[s]?|seit|im|in|am|auf|bei|mit|ein\w*|es|nous|notre|nos|je|mon|ma|mes|le|la|les|l[’']|chaque|tout\w*|depuis|dans|en|au|avec|un[ea]?|nosotros|nuestr\w+|yo|mi[s]?|el|los|las|cada|tod[oa]s?|desde|con|somos|estamos|hacemos|trabajamos|tenemos|vendemos|\d+)(?![\p{L}])/iu;

const SPOKEN_TO = any(
  'you|your|yours|yourself|u',
  'ihnen|ihr|ihre[mnrs]?|du|dir|dich|dein\\w*',
  'vous|votre|vos|tu|toi|ton|tes',
  'te|ti|tus?|os|vuestr\\w+',
);
/** Verbs that begin an order: “Put the hours at the top”. */
const ORDERS =
  /^(?:put|add|use|make|show|leave|include|write|say|call|mention|change|remove|drop|keep|take|give|get|let|link|copy|check|ask|see|look|note|remember|think|imagine|try|go|have|start|stop|forget|skip|move|swap|replace|mind|pick|choose|find|tell|send|ring|email|phone|please|same|ditto|also|and|but|so|or|because|which|then|maybe|except|plus|minus|re|nb|fyi)\b/iu;

/**
 * Why an entry of a list (a service, what people gain) is held back, or null. Trades name pages, pictures and colours in
 * what they do: of those nothing is concluded here.
 */
export function whyEntryHeld(entry: string): WhyHeld | null {
  if (/[?~"“”„]|@|(?<![\p{L}])(?:NOT|NO|NEVER|DON[’']?T)(?![\p{L}])/u.test(entry)) return 'speaks to you';
  for (const [why, pattern] of NEVER) if (why !== 'about the site itself' && pattern.test(entry)) return why;
  return null;
}

/** Why a sentence is held back, or null where it may stand on the site. `letter` says what kind of text it is from. */
export function whyHeld(sentence: string, letter: boolean): WhyHeld | null {
  const flat = sentence.replace(/\s+/g, ' ').trim();
  for (const [why, pattern] of NEVER) if (pattern.test(flat)) return why;
  // Words in capitals are shouted at somebody: NOT purple.
  if (/(?<![\p{L}])(?:NOT|NO|NEVER|MUST|ONLY|DON[’']?T|NICHT|KEIN|PAS|JAMAIS|NUNCA)(?![\p{L}])/u.test(flat))
    return 'a don’t';
  if (!letter) return null;
  if (ORDERS.test(flat) || SPOKEN_TO.test(flat) || flat.includes('?')) return 'speaks to you';
  if (!/^[\p{Lu}\d]/u.test(flat) || flat.split(' ').length < 5 || !/[.!]$/.test(flat) || /\d[:.]\d\d|[£€$]/u.test(flat))
    return 'a scrap, not a sentence';
  const doubts = DOUBTFUL.filter(([, pattern]) => pattern.test(flat));
  return doubts.length > 1 || (doubts.length === 1 && !BEGINS.test(flat)) ? doubts[0]![0] : null;
}
