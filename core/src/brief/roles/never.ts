/**
 * Words that keep a sentence off a site wherever they stand, and those that show that a text was written to somebody. Exact
 * rules beside the model of roles: either may hold a sentence back.
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
  | 'told as a fact'
  | 'not sure to be for visitors'
  | 'in a language that is not read'
  | 'a scrap, not a sentence';

export const any = (...words: string[]): RegExp =>
  new RegExp(`(?<![\\p{L}\\p{N}])(?:${words.join('|')})(?![\\p{L}\\p{N}])`, 'iu');

const HEADER =
  /^(?:on .{4,60} wrote:|am .{4,60} schrieb|le .{4,60} a écrit|el .{4,60} escribió|-{2,}|_{3,}|(?:from|to|cc|subject|date|sent|re|fwd?|von|an|betreff|gesendet|de|à|objet|para|asunto|fecha|enviado)\s*:)/iu;

/** What keeps a sentence back wherever it stands: no copy speaks so, in any of the languages briefs come in. */
export const NEVER: [WhyHeld, RegExp][] = [
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
      'web ?sites?|web ?pages?|home ?page|front page|landing page|menu bar|the site|this site|our site|your site|old site|new site|the page|a page|pages?|one page|button|logos?|fonts?|typeface|colou?rs?|photos?|photographs?|pictures?|pics|images?|video|banner|scroll|click|header|footer|headline|domain|hosting|seo|google|search engines?|(?:our|the|old|printed|last|this) (?:printed |old |new |last )?(?:booklet|leaflet|brochure|flyer|price list|pdf|spreadsheet|column)|online form|contact form|mock-?up|layout|template|design(?:er|s)?|stock',
      'web ?seiten?|internet ?seiten?|seite|startseite|logo|farben?|schrift|fotos?|bilder|knopf|domain|impressum|online',
      "sites? (?:web|internet)?|page d[’']accueil|pages?|logo|couleurs?|photos?|images?|bouton|formulaire|en ligne|hébergement",
      'web|p[áa]ginas?|sitio|logo|colores|fotos?|im[áa]genes|bot[óo]n|formulario|en l[íi]nea|dominio',
    ),
  ],
  [
    'speaks to you',
    any(
      'please|pls|plz|can you|could you|would you|will you|do you|have you|are you|let me know|let us know|as (?:you|we) (?:know|said|discussed|agreed)|like (?:you|i) said|you (?:said|asked|told|suggested|mentioned|sent|know|can|could|might|may|must|should|will|need|want)|i (?:ought to|have to|had to|should|must|need to|had better|may as well) (?:tell|say|mention|warn|admit|confess|add|point out)|i (?:beg|confess|admit)|so you (?:can see|know)|ask me|ask (?:her|him|them)|tell me|ring me|call me|text me|send me|email me|mail me|attached|enclosed|invoice|budget|deadline|quote for|the bill|i told you|up to you|over to you|your call',
      'ich (?:muss|sollte|darf|möchte) (?:\\p{L}+ ){0,3}(?:sagen|gestehen|zugeben|erwähnen|warnen)|bitte|könnten sie|können sie|kannst du|könntest du|anbei|im anhang|rechnung|sagen sie|schreiben sie|fragen sie|wie besprochen|nehmen sie|machen sie|lassen sie|ihr angebot',
      "s[’']il (?:vous|te) pla[iî]t|svp|pouvez-vous|pourriez-vous|peux-tu|dites-moi|ci-joint|comme convenu|facture|budget|devis pour|demandez|mettez|laissez|notez|je (?:dois|vous) (?:\\p{L}+ )?(?:dire|avouer|avoue|préviens|signaler)|je vous|vous pouvez|je te",
      'por favor|puede usted|podr[íi]a|puedes|d[íi]game|adjunto|como hablamos|factura|presupuesto|pregunt[ae]le?|ponga|pon(?:er|lo)?|quita|dej[ae]|apunta|le mando|te mando|usted|(?:debo|tengo que) (?:decir|confesar|avisar|advertir)\\p{L}*',
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
      "don[’']?ts?|do not|dont|leave (?:it|that|him|her|them|out|off)|not for (?:the )?(?:public|publication|print|visitors)|nothing (?:about|on)|no mention|never mention|ignore|off the record|between (?:us|you and me)|not to be|must not|mustn[’']t|can[’']t (?:say|use|print)|hates?|can[’']t stand|avoid|without mentioning|keep (?:that|this|him|her) (?:out|off)|take (?:it|that) (?:off|away|down)|private|privileged|confidential|in confidence|internal(?:ly)? only|only internal|(?:burn|bin|shred|ignore|delete|forget) (?:it|that|them)",
      'nicht (?:schreiben|erwähnen|nennen|zeigen|veröffentlichen|auf)|bloß nicht|auf keinen fall|keine? (?:rede|werbung|erwähnung)|unter uns|vertraulich|nirgends|weglassen|raus|nur intern|intern',
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
      // What stands somewhere and is no longer so: “the board still says 90”.
      '(?:still|yet to be) (?:says?|reads?|shows?|printed)|steh(?:t|en) (?:da )?noch|hängt (?:da|dort|noch)|(?:affiche|indique)(?:nt)? encore|(?:todavía|aún) (?:pone|dice|figura)n?',
      "not yet|may (?:drop|rise|change|go up|go down|stop|move|have to|not)|maybe|perhaps|probably|possibly|not sure|unsure|i think|we think|i guess|i suppose|might|not decided|undecided|to be (?:confirmed|decided|agreed|looked up)|tbc|tbd|check (?:with|this|that|if)|need to check|i[’']ll (?:check|ask|find out|let)|we[’']ll (?:check|ask|tell|see)|who knows|or is it|or was it|don[’']t know|can[’']t remember|as far as i know|up in the air|for now|pencilled|or the other way (?:about|round)|to follow|proposed|seconded|put to the vote|\\?\\?|ask (?:him|her|them)? ?(?:first|before)|(?:needs?|with) (?:his|her|their) (?:leave|permission|okay|ok)",
      'noch nicht|erst im|vielleicht|wahrscheinlich|eventuell|glaube ich|ich glaube|weiß nicht|noch nicht (?:klar|entschieden)|unklar|mal sehen|muss noch|klären|eigentlich|oder umgekehrt|(?:zur|der) abstimmung|beantragt|wird vorgeschlagen|vorgeschlagen wird|(?:vorher|erst|noch) fragen|erst (?:die )?erlaubnis',
      "pas encore|peut-être|sans doute|je crois|je pense|je ne sais pas|on verra|à voir|à confirmer|ou l[’']inverse|(?:est|sont|a été|ont été) proposée?s?|mise? aux? votes?|vote en|en principe|pas encore (?:décidé|sûr)|probablement|demander (?:avant|d[’']abord)|avec son accord",
      'todavía no|aún no|quiz[áa]s?|tal vez|a lo mejor|creo que|no s[ée]|por confirmar|no sabemos|ya veremos|est[áa] por ver|o al revés|en principio|(?:se )?propone[ns]?|votación|sin decidir|preguntar(?:le)? antes|pedir(?:le)? permiso',
    ),
  ],
  [
    'an aside',
    any(
      "(?:not|never|nothing) (?:going to|something (?:we|i)) (?:talk|speak|write) about|(?:we|i|they) (?:do not|don[’']t|never|won[’']t) (?:talk|speak) (?:about|of)|ha(?:s|ve) been saying so|(?:is|are|was) wrong and",
      'darüber (?:reden|sprechen|schweigen) wir|(?:reden|sprechen) wir nicht (?:über|davon)|davon (?:reden|sprechen) wir nicht',
      "n[’']en (?:parlons|parle|parlera) (?:pas|plus)|ne pas (?:en )?parler",
      'no (?:vamos|queremos|quiero|voy) (?:a )?hablar|de (?:eso|la que|lo que) no (?:se habla|hablamos|vamos)',
      'best viewed|you are visitor|visitor (?:number|no)|hit counter|last updated|zuletzt aktualisiert|optimiert für|besucherzähler|dernière mise à jour|optimisé pour|última actualización',
      "btw|by the way|p\\.? ?s\\.?|lol|ha(?:ha)+|sorry|oops|anyway|honestly|to be honest|frankly|funnily|mind you|god knows|of course|obviously|apparently|believe me|don[’']t ask|long story|that[’']s (?:it|all|about it)|what else|oh and|oh,|ah,|er,|um,|well,|ok(?:ay)?|right then|so there|you see|if you ask me|my (?:wife|husband|son|daughter|nephew|niece|cousin|brother|sister|mother|father|mum|dad|partner)[’']?s? (?:is|was|has|had|set|made|built|will|wants|did|does|hip)|solicitors?|court|lawyer|insurers?|divorce|quarrel|fell out|used to|last (?:week|month|year|time|night)|yesterday|today|tonight|tomorrow|this (?:week|morning|evening|afternoon)|just now|right now|at the moment|asleep|holiday until|down with|dreams? of|daydream\\p{L}*|minutes spent on",
      'übrigens|nebenbei|ehrlich gesagt|sorry|entschuldig\\w+|naja|also,|ach|tja|gestern|heute|morgen früh|letzte[nrs]? (?:woche|monat|jahr|mal)|unter uns|mein(?:e)? (?:mann|frau|sohn|tochter|neffe|bruder|schwester) (?:hat|meint|will|ist)|anwalt|gericht',
      "au fait|d[’']ailleurs|pardon|désolée?|bref|enfin,|hier|aujourd[’']hui|la semaine dernière|l[’']an dernier|mon (?:mari|fils|neveu|frère)|ma (?:femme|fille|nièce|sœur)|avocat|tribunal",
      'por cierto|perd[óo]n|disculp\\w+|bueno,|en fin|ayer|hoy|la semana pasada|el a[ñn]o pasado|mi (?:marido|mujer|hijo|hija|sobrin[oa]|herman[oa])|abogado|juzgado|pleito|p\\.? ?d\\.?',
    ),
  ],
];

/** What says outright that it is for whoever makes the site, or for nobody outside, whatever it stands beside. */
export const OURS_ALONE =
  /(?<!\p{L})(?:(?:internal(?:ly)?|for you|for us|designer(?:[’']s)?|your eyes) only|only (?:for )?(?:you|the designer|internal\p{L}*)(?=[\s).,!;–-]|$)|nur (?:intern|für (?:sie|dich|den designer|die designerin|uns))(?=[\s).,!;:–-]|$)|(?:rien que )?pour vous seule?|usage interne|(?:solo|s[óo]lo) para (?:usted|ti|uso interno|el diseñador)|uso interno|(?:for (?:the )?|^)(?:committee|staff|officers|trustees|board|crew|drivers|family|volunteers)(?: use)? only|nur für (?:den |die )?(?:vorstand|mitarbeiter\p{L}*|personal|helfer\p{L}*)|réservée?s? (?:au|aux) (?:bureau|comité|bénévoles|personnel|salariés)|(?:solo|s[óo]lo) para (?:la junta|el personal|socios de la junta)|push (?:these|this|it|them)(?=$|[\s,.)])|(?:do not|don[’']?t) (?:list|advertise|promote|push)|slow (?:seller|mover)s?|(?:get|be) rid of (?:these|them|it)|nicht (?:bewerben|anpreisen|listen|auflisten)|(?:muss|müssen) weg|ladenhüter|à écouler|ne pas (?:lister|mettre en avant|promouvoir)|(?:no|sin) (?:anunciar|promocionar|listar))(?!\p{L})/iu;

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
