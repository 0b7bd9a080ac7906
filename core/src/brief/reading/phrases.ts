import { latin, matches, sentenceAt, type Language, type Span, type SpanField } from './span.js';
import { NEGATION, splitList } from './words.js';

const YEAR = '(1[5-9]\\d\\d|20[0-3]\\d)';
const FOUNDED: Record<Language, RegExp[]> = {
  en: [
    new RegExp(
      `\\b(?:since|founded(?: in| back in)?|established(?: in)?|est\\.?|started(?: up| out| the \\p{L}+| here)?(?: back)?(?: in)?(?: spring| summer| autumn| winter)?|beg[au]n in|begun|opened(?: the \\p{L}+| our doors| here)?(?:[^.\\n]{0,30}?)? in|going since|set (?:it |this |them )?up(?: shop)? in|took (?:it|the \\p{L}+) (?:on|over) in|took over (?:it|the \\p{L}+) in|trading since|in business since|dating from|estd\\.?(?: in)?|on (?:my|his|her|our|their) own in|with \\p{L}+ (?:\\p{L}+ )?in|started alone(?: in)?|first opened in|registered in|dates? from|year (?:founded|of founding|started):?|formed(?: in)?|planted (?:the \\p{L}+ )?(?:first )?\\p{L}+ in|built in \\p{L}+ hands since|first (?:stall|shop|boat|kiln|press|hive|tree)s? (?:here )?in)\\s+(?:about |around |early |late )?${YEAR}\\b`,
      'giu',
    ),
    new RegExp(
      `\\bin ${YEAR},? (?:when )?(?:I|we|he|she|they|(?:my|our|his|her) \\p{L}+) (?:first )?(?:started|began|opened|founded|set up)\\b`,
      'giu',
    ),
  ],
  es: [
    new RegExp(
      `\\b(?:desde|fundad[oa]s? en|(?:se )?(?:fundó|creó|constituyó) en|cread[oa]s? en|constituid[oa] en|abrimos en|abierto desde|empec[ée] en|empezamos en|abrí en|nac(?:ió|imos|ida|ido) en|empezó[^.\\n\\d]{0,30}? en|(?:lo|la|los|las) abri[óo][^.\\n\\d]{0,40}? en|abrió[^.\\n\\d]{0,40}? en|año de fundación:?|fundación:?|lleva(?:mos)? (?:aquí |abiertos )?desde)\\s+(?:el (?:año\\s+)?)?${YEAR}\\b`,
      'giu',
    ),
  ],
  fr: [
    new RegExp(
      `\\b(?:depuis|ouvert (?:l['’]\\p{L}+|la \\p{L}+|le \\p{L}+) en|repris(?:e)? en|démarré en|(?:fondé|créé|né)e?s? en|(?:a été|fut) (?:fondée?|créée?|ouverte?) en|a vu le jour en|ouverte? en|année de (?:création|fondation)\\s?:?|(?:création|créée? en|fondée? en|depuis)\\s?:|existe depuis|commencé en|installés? (?:ici )?depuis)\\s+(?:l['’]an\\s+)?${YEAR}\\b`,
      'giu',
    ),
  ],
  de: [
    new RegExp(
      `\\b(?:[Gg]egründet|[Gg]r(?:ü|ue)ndung(?:s?jahr)?|[Ee]röffnet|[Aa]ufgemacht|[Aa]ngefangen|[Bb]egonnen|[Bb]esteht seit|[Gg]ibt es seit)[^.,;\\n\\d]{0,40}${YEAR}\\b`,
      'gu',
    ),
    new RegExp(
      `${YEAR}(?:\\s+\\p{L}+){0,2}\\s+(?:gegründet|eröffnet|angefangen|begonnen|aufgemacht|haben wir (?:aufgemacht|angefangen|eröffnet))`,
      'giu',
    ),
    new RegExp(
      `\\b(?:seit|gegründet(?: im Jahre?)?|im Jahre?)\\s+(?:dem Jahr\\s+)?${YEAR}(?:\\s+gegründet)?\\b`,
      'giu',
    ),
  ],
};

const STYLE =
  'calm|quiet|plain|simple|clean|modern|traditional|old-fashioned|classic|elegant|warm|friendly|bold|bright|playful|rustic|natural|earthy|minimal|airy|cosy|homely|serious|solid|sturdy|smart|fresh|light|dark|moody|colourful|colorful|muted|understated|uncluttered|handmade|vintage|nautical|timeless|cheerful|sober|honest';
const STYLE_IN: Record<Language, string> = {
  en: STYLE,
  es: 'sencill[oa]s?|modern[oa]s?|tradicional(?:es)?|elegantes?|cálid[oa]s?|tranquil[oa]s?|alegres?|sobri[oa]s?|natural(?:es)?|limpi[oa]s?',
  fr: 'simples?|modernes?|sobres?|élégante?s?|chaleureu(?:x|se)|calmes?|traditionnel(?:le)?s?|naturel(?:le)?s?|épurée?s?|gaie?s?|claires?',
  de: 'schlicht\\p{L}*|modern\\p{L}*|ruhig\\p{L}*|warm\\p{L}*|klar\\p{L}*|traditionell\\p{L}*|freundlich\\p{L}*|elegant\\p{L}*|natürlich\\p{L}*|bodenständig\\p{L}*',
};
const COLOUR: Record<Language, string> = {
  en: '(?:(?:dark|light|pale|deep|bright|soft|warm|navy|sea|sage|moss|olive|forest|bottle|racing|brick|rust|slate|stone|sky|royal|dusty|off-)[ -]?)?(?:blues?|greens?|reds?|yellows?|oranges?|browns?|greys?|grays?|black|white|cream|pink|purple|violet|gold|copper|brass|navy|teal|turquoise|rust|terracotta|ochre|mustard|burgundy|maroon|beige|sand|ivory|indigo|lavender|olive|charcoal|coral)',
  es: '(?:azul(?:es)?|verdes?|roj[oa]s?|amarill[oa]s?|naranjas?|marrón|marrones|gris(?:es)?|negr[oa]s?|blanc[oa]s?|crema|rosa|morad[oa]|dorad[oa]|ocre|terracota)(?: (?:oscur[oa]|clar[oa]|marino))?',
  fr: '(?:bleus?|verte?s?|rouges?|jaunes?|oranges?|bruns?|marron|grise?s?|noire?s?|blan(?:c|che)s?|crème|roses?|violets?|dorée?s?|ocre|terre cuite)(?: (?:foncé|clair|marine))?',
  de: '(?:dunkel|hell)?(?:blau|grün|rot|gelb|orange|braun|grau|schwarz|weiß|creme|rosa|violett|gold|ocker|türkis)(?:e[nrsm]?)?',
};
/** Words that show that a sentence speaks of how the site should look. */
const ABOUT_LOOK =
  /\b(?:look|looks|looking|feel|style|site|website|web site|page|pages|colou?rs?|design|logo|sign|van|painted|theme|palette|we like|i like|['’]d like it|should (?:be|look)|prefer|something|web|sitio|página|aspecto|couleurs?|aimons|aime|allure|farben?|aussehen|wirken|seite|gestaltung|colores|estilo)\b/iu;

/** What a site can have: the word the sheet uses, and how people ask for it. */
const FEATURES: [string, RegExp][] = [
  [
    'bookings',
    /\b(?:online )?bookings?(?: (?:online|form|system|calendar|page|diary))?\b|\bbook(?:ing)? online\b|\breserv(?:as?|ations?|ierung\p{L}*)\b|\bterminbuchung\b|\bbuchung\p{L}*/giu,
  ],
  [
    'gallery',
    /\b(?:photo |picture )?galler(?:y|ies)\b|\bpictures? of our work\b|\bgaler(?:ía|ie)\b|\bbildergalerie\b/giu,
  ],
  ['news', /\b(?:blog|news(?: page| section)?|noticias|actualités|neuigkeiten|aktuelles)\b/giu],
  [
    'shop',
    /\b(?:online |web ?)?shop(?=\s+(?:online|page|on the (?:web)?site))|\b(?:online|web)[ -]?shop\b|\bsell(?:ing)? online\b|\bshopping (?:cart|basket)\b|\btienda online\b|\bboutique en ligne\b/giu,
  ],
  [
    'prices',
    /\bprice list\b|\bprices? page\b|\bpage (?:with|of|for) (?:the |our |all (?:the |our )?)?prices\b|\blista de precios\b|\btarifs\b|\bpreisliste\b/giu,
  ],
  ['map', /\b(?:a )?map\b(?! of)|\bmapa\b|\bplan d['’]accès\b|\banfahrt(?:sskizze)?\b/giu],
  [
    'contact form',
    /\bcontact form\b|\bform(?:ulario)? (?:de contacto|for enquiries)\b|\bformulaire de contact\b|\bkontaktformular\b/giu,
  ],
  [
    'questions',
    /\bFAQs?\b|\bquestions and answers\b|\bpreguntas frecuentes\b|\bfoire aux questions\b|\bhäufige fragen\b/giu,
  ],
  ['newsletter', /\bnewsletter\b|\bmailing list\b|\bboletín\b/giu],
  [
    'quotes',
    /\btestimonials?\b|\bcustomer reviews?\b|\breviews\b|\btestimonios\b|\btémoignages\b|\bkundenstimmen\b/giu,
  ],
  ['events', /\bevents? (?:page|list|calendar)\b|\bdiary of events\b|\beventos\b|\bveranstaltungen\b/giu],
  [
    'people',
    /\b(?:page about|about) (?:the team|us|our team|the people)\b|\bteam page\b|\büber uns\b|\bquiénes somos\b|\bqui sommes[- ]nous\b/giu,
  ],
];
const A_WISH =
  /\b(?:wants?|needs?|like|love|please|would|could|should|must|no|not|don[’']t|include|add|website|web site|site|pages?|online|nice|good|wanted|features?|rather|quisi\p{L}+|queremos|sin|aimer\p{L}+|voudri\p{L}+|pas|sans|möchten?|bitte|keine?|ohne)\b/iu;
const AIMS: [string, RegExp][] = [
  [
    'rung',
    /\b(?:people|they|customers?|folk|visitors?)\s+(?:to|should|can|would|to be able to)\s+(?:just\s+)?(?:ring|call|phone)\b|\bmake the phone ring\b|\bque nos llamen\b|\bqu['’]on nous appelle\b|\banrufen\b/iu,
  ],
  [
    'bookings',
    /\b(?:take|get|more|accept)\s+(?:more\s+)?(?:online\s+)?bookings\b|\bfill (?:the|our) (?:rooms|places)\b/iu,
  ],
  ['sell', /\bsell (?:more |our \p{L}+ )?(?:online|through the (?:web)?site)\b|\bvender (?:online|por internet)\b/iu],
  [
    'found',
    /\b(?:be|get|to be) found\b|\bfind us (?:online|on the internet|on search)\b|\bnobody (?:can )?finds? us\b|\bcome up (?:first )?(?:on|in) (?:a )?search\b|\bque nos encuentren\b|\bêtre trouvés?\b|\bgefunden werden\b/iu,
  ],
  ['support', /\b(?:raise (?:money|funds)|donations?|find (?:new )?members|volunteers?)\b/iu],
  ['inform', /\b(?:let (?:people|members) know|keep (?:people|members) (?:informed|up to date))\b/iu],
];
const AUDIENCE: Record<Language, RegExp[]> = {
  en: [
    /\b(?:our|my|most of our|most of my)\s+(?:customers|clients|visitors|members|guests|people|buyers|regulars|work comes from)\s+(?:are|tend to be|come from)\s+(?:mostly |mainly |usually |largely |all )?([^.;\n]{4,90})/giu,
    /\b(?:we|I)\s+(?:work|make things|do this)\s+(?:mostly |mainly |only )?(?:for|with)\s+([^.;\n]{4,90})/giu,
    /(?<=[.!?]\s|^)(?:mostly|mainly|usually)\s+for\s+([^.;\n]{4,90})/gimu,
    /\b(?:mostly|mainly|especially|aimed at|popular with|suits?|ideal for)\s+((?:families|people|walkers|locals|owners|farmers|builders|gardeners|schools|children|beginners|sailors|visitors|commuters|homeowners|collectors|smallholders|boat owners|home owners|older people|young people)[^.;\n]{0,70})/giu,
  ],
  es: [/\b(?:nuestros clientes son|trabajamos para)\s+([^.;\n]{4,90})/giu],
  fr: [/\b(?:nos clients sont|nous travaillons pour)\s+([^.;\n]{4,90})/giu],
  de: [/\b(?:unsere kunden sind|wir arbeiten für)\s+([^.;\n]{4,90})/giu],
};
const APART =
  /\b(?:the only|nobody else|no one else|unlike (?:most|other)|what makes us different|sets us apart|we never|we always|we(?:’|')d rather|we would rather|guarantee|same[- ]day|free of charge|by hand|nothing is sent away|we pride ourselves|at no (?:extra )?cost|a mano|à la main|von hand)\b/giu;
const STRAPLINE =
  /\b(?:slogan|tag ?line|strap ?line|motto|lema|devise|leitspruch)\s*(?:is|has always been|:|reads|es|est|ist|–|-)?\s*["“‘'«„]([^"”’'»“\n]{4,120})["”’'»“]/giu;
const KEYWORDS =
  /\b(?:found (?:for|under|when (?:people|somebody|someone) (?:search(?:es)?|look) for)|search(?:es|ing)? for|look(?:s|ing)? (?:up|for us under)|come up for|keywords?:?)\s+["“']?([^."”'\n;]{4,80})/giu;
const LANGUAGES: [RegExp, string][] = [
  [
    /\b(?:speak|in|also|and|both)\s+(?:\p{L}+,?\s+){0,2}?(?:french)\b|\bauch auf französisch\b|\ben français\b/iu,
    'French',
  ],
  [/\b(?:speak|in|also|and|both)\s+(?:\p{L}+,?\s+){0,2}?(?:german)\b/iu, 'German'],
  [/\b(?:speak|in|also|and|both)\s+(?:\p{L}+,?\s+){0,2}?(?:spanish)\b/iu, 'Spanish'],
  [/\b(?:speak|in|also|and|both)\s+(?:\p{L}+,?\s+){0,2}?(?:welsh)\b/iu, 'Welsh'],
];

/** Where the work is done, where the client says so. */
const PREMISES: [string, RegExp][] = [
  [
    'online',
    /\b(?:online only|only online|no (?:shop|premises|showroom) (?:to visit|just the website)|we(?:’|')re online only|solo (?:en línea|online)|uniquement en ligne|nur online)\b/iu,
  ],
  [
    'away',
    /\b(?:(?:we|I) (?:will )?come to (?:you|your)|at your (?:own )?(?:home|house|door)|no (?:shop|premises|workshop) of (?:our|my) own|vamos a su casa|nous venons chez vous|wir kommen zu ihnen)\b/iu,
  ],
];
/** What people gain, said outright: “you save a day”, “which means you …”. */
const BENEFIT =
  /\b(?:so (?:that )?you (?:never|don[’']t|can|know|get|only)|which means you|you (?:save|never have to|don[’']t have to|only pay)|saves you)\b/giu;
const TONE: [string, RegExp][] = [
  ['warm', /\b(?:sound|tone|words?|text|read|voice)[^.\n]{0,30}\b(?:warm|friendly|personal)\b/iu],
  ['formal', /\b(?:sound|tone|words?|text|read|voice)[^.\n]{0,30}\b(?:formal|serious|professional)\b/iu],
  ['lively', /\b(?:sound|tone|words?|text|read|voice)[^.\n]{0,30}\b(?:lively|fun|cheerful|jolly)\b/iu],
  ['plain', /\b(?:sound|tone|words?|text|read|voice)[^.\n]{0,30}\b(?:plain|simple|straight)\b/iu],
];

/** The part of a sentence around an offset that one “not” reaches: from the last full stop, comma or “but” to the next. */
function clauseAt(source: string, from: number, to: number): string {
  const start = Math.max(
    ...['.', '!', '?', '\n', ';', ', but', ' but ', ' und kein', ' and no ', ' et pas ', ' y nada'].map((s) =>
      source.lastIndexOf(s, from - 1),
    ),
  );
  const rest = source.slice(to);
  const end = /[.!?;\n]|, | but | und kein| and no | et pas /.exec(rest)?.index ?? rest.length;
  return source.slice(start + 1, to + Math.min(end, 60));
}
const negated = (source: string, from: number, to: number): boolean => {
  const clause = clauseAt(source, from, to);
  return latin(NEGATION).test(clause) || /\bno\s+\p{L}*\s*$/iu.test(source.slice(Math.max(0, from - 14), from));
};

function* lookWords(
  source: string,
  pattern: RegExp,
  field: SpanField,
  aboutLook: (at: number) => boolean,
): Generator<Span> {
  for (const m of source.matchAll(latin(pattern))) {
    const to = m.index + m[0].length;
    if (!aboutLook(m.index)) continue;
    const no =
      negated(source, m.index, to) ||
      /\btoo\s+(?:\p{L}+\s+or\s+)?$/iu.test(source.slice(Math.max(0, m.index - 24), m.index));
    yield { field: no ? 'dislike' : field, from: m.index, to, value: m[0].toLowerCase() };
  }
}
const wholeWords = (words: Record<Language, string>) =>
  Object.fromEntries(
    Object.entries(words).map(([l, w]) => [l, new RegExp(`(?<![\\p{L}-])(?:${w})(?![\\p{L}-])`, 'giu')]),
  ) as Record<Language, RegExp>;
const STYLE_WORDS = wholeWords(STYLE_IN);
const COLOUR_WORDS = wholeWords(COLOUR);

/** A stretch of a text that was read as saying how the site should look. */
export interface OfLook {
  from: number;
  to: number;
}

/** What has sat in a cellar, been sold or stood empty since a year is not the business. */
const OF_SOMETHING_ELSE =
  /(?<!\p{L})(?:(?:sat|stood|lain|been lying|sold itself|been empty|been broken|been closed|been waiting|not (?:run|worked|been)|hasn[’']t)(?!\p{L})[^.]{0,40}(?<!\p{L})since|(?:guild|diploma|diplôme|certificate|licen[cs]e|carta|título|carné|mitglied|meisterbrief|member)(?!\p{L})[^.,;]{0,40}(?<!\p{L})(?:since|desde|seit|depuis)|(?:your|their) \p{L}+[^.]{0,60}(?<!\p{L})since)(?!\p{L})/iu;

/** Everything but reach, hours, places and services: who, since when, for whom, how it should look and what it should do. */
export function* phrases(source: string, language: Language, look: readonly OfLook[] = []): Generator<Span> {
  const aboutLook = (at: number) =>
    look.some((l) => l.from <= at && at < l.to) || latin(ABOUT_LOOK).test(sentenceAt(source, at).text);
  // Since when somebody has run, had or worked at it says nothing of when it began.
  for (const pattern of FOUNDED[language])
    for (const span of matches(source, pattern, 'founded'))
      if (
        !/\b(?:run|running|had|owned|worked|working|lived|helped)\b[^.\n]{0,16}\bsince[^.\n]{0,4}$/i.test(
          source.slice(Math.max(0, span.from - 40), span.from),
        ) &&
        !OF_SOMETHING_ELSE.test(sentenceAt(source, span.from).text)
      )
        yield span;
  yield* lookWords(source, STYLE_WORDS[language], 'style', aboutLook);
  yield* lookWords(source, COLOUR_WORDS[language], 'colour', aboutLook);
  for (const [feature, pattern] of FEATURES)
    for (const m of source.matchAll(latin(pattern))) {
      const to = m.index + m[0].length;
      // “A map of the sea wall” is not asked for: a wish says so, or speaks of the site.
      if (!latin(A_WISH).test(sentenceAt(source, m.index).text)) continue;
      yield { field: negated(source, m.index, to) ? 'unwanted' : 'wanted', from: m.index, to, value: feature };
    }
  for (const [aim, pattern] of AIMS) {
    const m = latin(pattern).exec(source);
    if (m) yield { field: 'aim', from: m.index, to: m.index + m[0].length, value: aim };
  }
  for (const [list, field] of [
    [PREMISES, 'premises'],
    [TONE, 'tone'],
  ] as const)
    for (const [value, pattern] of list) {
      const m = latin(pattern).exec(source);
      if (m && !negated(source, m.index, m.index + m[0].length))
        yield { field, from: m.index, to: m.index + m[0].length, value };
    }
  for (const m of source.matchAll(latin(BENEFIT))) {
    const sentence = sentenceAt(source, m.index);
    const text = sentence.text.trim();
    const from = sentence.from + sentence.text.indexOf(text);
    if (text.length <= 160 && !/[?]/.test(text)) yield { field: 'benefit', from, to: from + text.length, value: text };
  }
  for (const pattern of AUDIENCE[language]) yield* matches(source, pattern, 'audience');
  for (const m of source.matchAll(latin(APART))) {
    const sentence = sentenceAt(source, m.index);
    const text = sentence.text.trim();
    const from = sentence.from + sentence.text.indexOf(text);
    if (text.length <= 300) yield { field: 'apart', from, to: from + text.length, value: text };
  }
  yield* matches(source, STRAPLINE, 'strapline');
  for (const span of matches(source, KEYWORDS, 'keyword'))
    for (const part of splitList(span.value)) {
      const from = span.from + part.at;
      yield { field: 'keyword', from, to: from + part.text.length, value: part.text };
    }
  for (const [pattern, value] of LANGUAGES) {
    const m = latin(pattern).exec(source);
    if (m) yield { field: 'language', from: m.index, to: m.index + m[0].length, value };
  }
}
