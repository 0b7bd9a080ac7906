/**
 * Whether a sentence of a client’s text is for visitors. What a client writes to a designer is mostly not: wishes,
 * don’ts, greetings, asides, what others said, what is not settled. A sentence stands on a site only where nothing in it
 * speaks against that; what is held back is listed, and a person can clear it.
 */

/** What keeps a sentence off the site, in words for the list of what is held back. */
export type WhyHeld =
  | 'a greeting or a sign-off'
  | 'speaks to you'
  | 'a wish'
  | 'a don’t'
  | 'about the site itself'
  | 'an aside'
  | 'what somebody said'
  | 'not settled'
  | 'a scrap, not a sentence';

const any = (...words: string[]): RegExp =>
  new RegExp(`(?<![\\p{L}\\p{N}])(?:${words.join('|')})(?![\\p{L}\\p{N}])`, 'iu');

const HEADER =
  /^(?:on .{4,60} wrote:|am .{4,60} schrieb|le .{4,60} a écrit|el .{4,60} escribió|-{2,}|_{3,}|(?:from|to|cc|subject|date|sent|re|fwd?|von|an|betreff|gesendet|de|à|objet|para|asunto|fecha|enviado)\s*:)/iu;

/** What keeps a sentence back wherever it stands: no copy speaks so, in any of the languages briefs come in. */
const NEVER: [WhyHeld, RegExp][] = [
  ['a greeting or a sign-off', HEADER],
  [
    'a greeting or a sign-off',
    any(
      'hi|hello|hiya|hey|dear|howdy|morning|good (?:morning|afternoon|evening)',
      'ta|thanks|thank you|cheers|regards|yours (?:sincerely|faithfully|truly)|all the best|best wishes|speak soon|see you soon|take care|much love',
      'sent from (?:my|our)|xx+|b x',
      'hallo|moin|servus|grüezi|sehr geehrte\\w*|guten (?:tag|morgen|abend)|grüße?n?|gruß|danke|vielen dank',
      'bonjour|bonsoir|salut|coucou|cordialement|bien à vous|merci|bises|bisous|cher|chère|envoyé de mon',
      'hola|buenos días|buenas(?: tardes| noches)?|saludos|gracias|un abrazo|atentamente|estimad[oa]s?|enviado desde',
    ),
  ],
  [
    'about the site itself',
    any(
      'web ?sites?|web ?pages?|home ?page|front page|landing page|menu bar|the site|this site|our site|your site|old site|new site|the page|a page|pages?|one page|button|logos?|fonts?|typeface|colou?rs?|photos?|photographs?|pictures?|pics|images?|video|banner|scroll|click|header|footer|headline|domain|hosting|seo|google|search engines?|online form|contact form|mock-?up|layout|template|design(?:er|s)?|stock',
      'web ?seiten?|internet ?seiten?|seite|startseite|logo|farben?|schrift|fotos?|bilder|knopf|domain|impressum|online',
      "sites? (?:web|internet)?|page d[’']accueil|pages?|logo|couleurs?|photos?|images?|bouton|formulaire|en ligne|hébergement",
      'web|p[áa]ginas?|sitio|logo|colores|fotos?|im[áa]genes|bot[óo]n|formulario|en l[íi]nea|dominio',
    ),
  ],
  [
    'speaks to you',
    any(
      'please|pls|plz|can you|could you|would you|will you|do you|have you|are you|let me know|let us know|as (?:you|we) (?:know|said|discussed|agreed)|like (?:you|i) said|you (?:said|asked|told|suggested|mentioned|sent|know|can|could|might|may|must|should|will|need|want)|ask me|ask (?:her|him|them)|tell me|ring me|call me|text me|send me|email me|mail me|attached|enclosed|invoice|budget|deadline|quote for|the bill|i told you|up to you|over to you|your call',
      'bitte|könnten sie|können sie|kannst du|könntest du|anbei|im anhang|rechnung|sagen sie|schreiben sie|fragen sie|wie besprochen|nehmen sie|machen sie|lassen sie|ihr angebot',
      "s[’']il (?:vous|te) pla[iî]t|svp|pouvez-vous|pourriez-vous|peux-tu|dites-moi|ci-joint|comme convenu|facture|budget|devis pour|demandez|mettez|laissez|notez|je vous|vous pouvez|je te",
      'por favor|puede usted|podr[íi]a|puedes|d[íi]game|adjunto|como hablamos|factura|presupuesto|pregunt[ae]le?|ponga|pon(?:er|lo)?|quita|dej[ae]|apunta|le mando|te mando|usted',
    ),
  ],
  [
    'a wish',
    any(
      "(?:i|we|he|she|they)(?:[’']d| would)(?: really| quite| also)? (?:like|love|prefer|want|rather (?:not|have|it|you|that|they|he|she))|(?:i|we|he|she|they) (?:want|wants|need|needs|hope|hopes|wish|wishes|prefer|prefers|fancy|fancies|picture|imagine|would give)|make (?:it|sure)|keep it|nothing too|something (?:like|that|with)|the main thing|it[’']s important|would be (?:nice|good|great|lovely)",
      '(?:ich|wir|er|sie) (?:möchten?|hätten?|wünschen?|wollen|will|brauchen?)|wäre (?:schön|gut)|gerne? hätte|am liebsten',
      '(?:je|nous|il|elle|on) (?:voudrais|voudrions|aimerais|aimerions|souhaite|souhaitons|veux|voulons|veut|voudrait|aimerait|préfère|préférons)|il faudrait|ce serait bien|si possible',
      '(?:quiero|queremos|quisiera|quisi[ée]ramos|me gustar[íi]a|nos gustar[íi]a|prefiero|preferimos|necesitamos|necesito|quiere)|que (?:se vea|ponga|salga|quede|tenga)|volem|vull',
    ),
  ],
  [
    'a don’t',
    any(
      "don[’']?ts?|do not|dont|leave (?:it|that|him|her|them|out|off)|not for (?:the )?(?:public|publication|print|visitors)|nothing (?:about|on)|no mention|never mention|ignore|off the record|between (?:us|you and me)|not to be|must not|mustn[’']t|can[’']t (?:say|use|print)|hates?|can[’']t stand|avoid|without mentioning|keep (?:that|this|him|her) (?:out|off)|take (?:it|that) (?:off|away|down)|private|confidential|in confidence",
      'nicht (?:schreiben|erwähnen|nennen|zeigen|veröffentlichen|auf)|bloß nicht|auf keinen fall|keine? (?:rede|werbung|erwähnung)|unter uns|vertraulich|nirgends|weglassen|raus',
      "ne (?:pas|jamais|mettez|mettre|dites|parlez)|pas (?:de|d[’']|question|un mot)|surtout pas|entre nous|confidentiel|à éviter|rien sur",
      'no (?:pongas?|poner|publi\\w+|mencion\\w+|digas?|salga|se (?:da|publica|dice|pone))|nada de|ni una palabra|entre nosotros|confidencial|evitar|que no salga|esto no',
    ),
  ],
  [
    'what somebody said',
    /["“”„«»]|(?<![\p{L}])(?:said to|(?:s?he|they|who|someone|somebody|customers?|people|visitors?) (?:said|says?|wrote|writes?|told|reckons?|thinks?)|wrote|reckons?|according to|quote|quoted|testimonial|minuted|proposed|seconded|sagte?|schrieb|meinte?|meint|laut|dit|écrit|disait|selon|pense|dijo|dice|escribi[óo]|según|piensa|va dir)(?![\p{L}])/iu,
  ],
  [
    'not settled',
    any(
      "maybe|perhaps|probably|possibly|not sure|unsure|i think|we think|i guess|i suppose|might|not decided|undecided|to be (?:confirmed|decided|agreed|looked up)|tbc|tbd|check (?:with|this|that|if)|need to check|i[’']ll (?:check|ask|find out|let)|we[’']ll (?:check|ask|tell|see)|who knows|or is it|or was it|don[’']t know|can[’']t remember|as far as i know|up in the air|for now",
      'vielleicht|wahrscheinlich|eventuell|glaube ich|ich glaube|weiß nicht|noch nicht (?:klar|entschieden)|unklar|mal sehen|muss noch|klären',
      'peut-être|sans doute|je crois|je pense|je ne sais pas|on verra|à voir|à confirmer|pas encore (?:décidé|sûr)|probablement',
      'quiz[áa]s?|tal vez|a lo mejor|creo que|no s[ée]|por confirmar|no sabemos|ya veremos|est[áa] por ver|sin decidir',
    ),
  ],
  [
    'an aside',
    any(
      "btw|by the way|p\\.? ?s\\.?|lol|ha(?:ha)+|sorry|oops|anyway|honestly|to be honest|frankly|funnily|mind you|god knows|of course|obviously|apparently|believe me|don[’']t ask|long story|that[’']s (?:it|all|about it)|what else|oh and|oh,|ah,|er,|um,|well,|ok(?:ay)?|right then|so there|you see|if you ask me|my (?:wife|husband|son|daughter|nephew|niece|cousin|brother|sister|mother|father|mum|dad|partner)[’']?s? (?:is|was|has|had|set|made|built|will|wants|did|does|hip)|solicitors?|court|lawyer|insurers?|divorce|quarrel|fell out|used to|last (?:week|month|year|time|night)|yesterday|today|tonight|tomorrow|this (?:week|morning|evening|afternoon)|just now|right now|at the moment|asleep|holiday until|down with",
      'übrigens|nebenbei|ehrlich gesagt|sorry|entschuldig\\w+|naja|also,|ach|tja|gestern|heute|morgen früh|letzte[nrs]? (?:woche|monat|jahr|mal)|unter uns|mein(?:e)? (?:mann|frau|sohn|tochter|neffe|bruder|schwester) (?:hat|meint|will|ist)|anwalt|gericht',
      "au fait|d[’']ailleurs|pardon|désolée?|bref|enfin,|hier|aujourd[’']hui|la semaine dernière|l[’']an dernier|mon (?:mari|fils|neveu|frère)|ma (?:femme|fille|nièce|sœur)|avocat|tribunal",
      'por cierto|perd[óo]n|disculp\\w+|bueno,|en fin|ayer|hoy|la semana pasada|el a[ñn]o pasado|mi (?:marido|mujer|hijo|hija|sobrin[oa]|herman[oa])|abogado|juzgado|pleito|p\\.? ?d\\.?',
    ),
  ],
];

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

/** Marks of a letter: somebody is spoken to, asked, greeted or thanked in it. */
const LETTER: RegExp[] = [
  ...NEVER.filter(([why]) => why === 'a greeting or a sign-off' || why === 'speaks to you' || why === 'a wish').map(
    ([, p]) => p,
  ),
  /\?/,
  any(
    "website|web page|homepage|logo|don[’']t (?:put|mention|use)",
    'webseite|homepage',
    'site (?:web|internet)',
    'p[áa]gina web|sitio web',
  ),
];

/** Whether a text was written to somebody, rather than as copy: then more of what it says is not for visitors. */
export const isLetter = (text: string): boolean => LETTER.some((p) => p.test(text));

const SPOKEN_TO = any(
  'you|your|yours|yourself|u',
  'ihnen|ihr|ihre[mnrs]?|du|dir|dich|dein\\w*',
  'vous|votre|vos|tu|toi|ton|tes',
  'te|ti|tus?|os|vuestr\\w+',
);
/** Verbs that begin an order: “Put the hours at the top”. */
const ORDERS =
  /^(?:put|add|use|make|show|leave|include|write|say|call|mention|change|remove|drop|keep|take|give|get|let|link|copy|check|ask|see|look|note|remember|think|imagine|try|go|have|start|stop|forget|skip|move|swap|replace|mind|pick|choose|find|tell|send|ring|email|phone|please|same|ditto|also|and|but|so|or|because|which|then|maybe|except|plus|minus|re|nb|fyi)\b/iu;

/** A text without what it quotes of other letters: lines behind >, mail headers, what stands under a signature’s rule. */
export const withoutQuoted = (text: string): string =>
  text
    .replace(/^-- ?\n[\s\S]*$/m, '')
    .split('\n')
    .map((line) => (/^\s*>/.test(line) || HEADER.test(line.trim()) ? '' : line))
    .join('\n');

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
