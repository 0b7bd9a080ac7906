import { latin } from '../reading/span.js';

const JOINT =
  "(?:&|\\+|and|of|the|on|at|for|in|de|du|des|del|de la|la|le|les|los|el|et|y|und|von|vom|zum|zur|am|im|an der|für|d’|l’|d'|l')";
const CAP = "(?:[A-Z]\\.(?= )|[dDlL][’'][A-ZÀ-Þ][\\p{L}-]*|[A-ZÀ-Þ][\\p{L}’'-]*|\\d{1,4})";
/** Words with capitals one behind the other, with the small ones that join them. */
export const SEQUENCE = latin(
  new RegExp(`(?<![\\p{L}\\p{N}@./-])(?:[A-Z]\\.(?= )|[A-ZÀ-Þ][\\p{L}’'-]*)(?: +(?:${JOINT} +){0,2}${CAP}){0,7}`, 'gu'),
);
/** Something in quotes that begins as a name does. */
export const QUOTED = /["“„«]\s?([\p{Lu}\p{N}][^"“”„«»]{1,50}?)\s?["”“»]/gu;
/** What leads up to a name: what it is called, what we are, who is here. */
export const CALLED = latin(
  /(?<!\p{L})(?:called|known as|named|trading as|the (?:firm|business|shop|company|club) is|(?:la|le|l[’'])\s?(?:boîte|maison|société|boutique|ferme|magasin|atelier|entreprise|affaire|cabinet|asso(?:ciation)?) c[’']est|(?:la empresa|el negocio|la tienda|el taller|la asociación|la finca) (?:es|se llama)|der (?:laden|betrieb|verein) (?:ist|heißt|heisst)|(?:his|her|my|our|their) own as|under the name(?: of)?|(?:it[’']s|das ist|c[’']est)(?! (?:a|an|the|not|in|on|at|by|for|about|just|all|me|ein|eine|nicht|so|au|à|pas|un|une|le|la|les|pour|ça|que|moi|tout)(?!\p{L}))|we are|we’re|we're|i am|i’m|i'm|here at|heißt|heisst|heißen|nennt sich|wir sind|firma|s’appelle|s'appelle|nous sommes|se llama|el nombre(?: es)?|somos|nos llamamos):?\s+(?=((?:the\s+|die\s+|der\s+|das\s+|l[ea’']\s?)?[\p{L}\d&][\p{L}\d&’'-]*(?:\s[\p{L}\d&][\p{L}\d&’'-]*){0,5}))/giu,
);
/** What leads up to a name outright: what somebody trades as, what stands on the door or the van. */
export const TRADES_AS = latin(
  /(?<!\p{L})(?:trad(?:e|es|ed|ing) (?:as|under(?: the name(?: of)?)?)|go(?:es)? by(?: the name(?: of)?)?|(?:name|sign|board|lettering) (?:over|on|above|outside) the (?:door|gate|van|sign|shop|window|boat|lorry|shed|wall) (?:is|says|reads)|(?:it|sign|van|board|letterhead|plate) (?:should (?:say|read)|must (?:say|read)|says|reads)|(?:full|proper|registered|right|real|whole|official) name is|der (?:volle |richtige |ganze )?name (?:ist|lautet)|(?:am|auf dem|über dem|an der|über der) (?:schild|laden|wagen|tor|tür|haus)\w* steht|firmier\p{L}+ (?:als|unter)|(?:wir|er|sie) (?:heißt|heißen|heisst)|sous le nom(?: de| d[’'])?|l[’']enseigne (?:est|dit|porte)|le (?:vrai )?nom(?: complet)? est|on s[’']appelle|(?:con|bajo) el nombre(?: de)?|(?:el letrero|el rótulo|la placa) (?:dice|pone)|el nombre(?: completo)? es):?\s*[“"„«]?\s?((?:[\p{L}\d&][\p{L}\d&’'.-]*)(?:,?\s(?:[\p{L}\d&][\p{L}\d&’'.-]*)){0,7})/giu,
);
/** What follows a name outright: “furey lime is the name”, “Le Rucher des Landes c’est nous”. */
export const IS_THE_NAME = latin(
  /((?:[\p{L}\d&][\p{L}\d&’'-]*\s){1,6}?)(?:[,–-]\s)?(?:that[’']?s (?:the name|us|me|what we(?:[’']re| are) called)|is (?:the name|what (?:we|it|they) (?:[’']re|are|is|go|goes|call)|our name)|c[’']est (?:moi|nous|le nom|notre nom)|so (?:heißen|heissen) wir|(?:heißt|heisst) (?:der|die|das) (?:laden|firma|betrieb|verein)|es (?:el|nuestro) nombre|es como nos llamamos)(?!\p{L})/giu,
);
/** A word of what businesses are called and what follows it to a word in capitals: “Club d’astronomie du Haut-Val”. */
export const LED_BY_KIND = latin(
  /(?<![\p{L}\p{N}])(?:Club|Verein|Association|Asociación|Cooperativa|Coopérative|Société|Amicale|Comité|Compagnie|Atelier|Taller|Maison|Casa|Ferme|Domaine|Moulin|Molino|Escuela|École|Chorale|Coro|Fanfare|Banda|Peña|Cofradía|Commune|Mairie|Ayuntamiento|Parish|Guild|Friends|Society|Trust|Museum|Musée|Museo|Freunde|Gesellschaft|Werkstatt|Hof|Les Amis|Los Amigos|Förderverein|Genossenschaft|Interessengemeinschaft)(?:\s(?:[dl][’']\p{L}[\p{L}-]+|de l[’']\p{L}[\p{L}-]+|de la|de|du|des|del|de los|of|the|for|für|der|des|zur|zum|et|y|und|and|&|\p{Ll}[\p{L}-]{3,}|[dl][’']\p{L}[\p{L}-]+|[A-ZÀ-Þ][\p{L}’'-]+)){1,7}/gu,
);
/** “Harold Tranter, Wheelwright”: a name with what it stands for behind a comma, both in capitals. */
export const WITH_TRADE = latin(
  /(?<![\p{L}\p{N}@./-])(?:[A-ZÀ-Þ][\p{L}’'-]*|[A-Z]\.)(?:\s(?:&\s)?(?:[A-ZÀ-Þ][\p{L}’'-]*|[A-Z]\.)){1,3},\s(?:[A-ZÀ-Þ][\p{L}’'-]+)(?:\s(?:(?:and|&|und|et|y)\s)?[A-ZÀ-Þ][\p{L}’'-]+){0,2}/gu,
);
/** What kinds of businesses and bodies of people are called by. */
export const KIND =
  /(?<!\p{L})(?:ltd|limited|llc|inc|co|company|works?|workshop|yard|studio|house|pottery|joinery|nursery|farm|mill|press|books|boats?|clocks?|club|society|band|choir|association|trust|museum|school|centre|center|lab|services?|hire|repairs?|removals?|supplies|group|brothers|bros|sons?|daughters?|guild|council|church|parish|railway|ferry|shop|stores?|gmbh|kg|ohg|ug|ag|e\.?\s?v|verein|werk\w*|hof|betrieb|meister\w*|\p{L}*erei|sarl|sas|eurl|atelier|maison|société|association|mairie|étude|scp|domaine|mercerie|s\.?l\.?|taller\w*|casa|almazara|ferretería|gestoría|asociación|peña|cooperativa|hermanos|hnos)(?!\p{L})/iu;
/** What stands behind a name in registers, and on no sign. */
export const LEGAL =
  /[\s,]+(?:pty|ltd|limited|llc|inc|llp|plc|cic|gmbh(?:\s*&\s*co\.?(?:\s*kg)?)?|kg|ohg|ug|ag|e\.?\s?[ukv]|sarl|sas|eurl|sa|srl|sprl|s\.?\s?l\.?(?:\s?u\.?)?|s\.?c\.?a|s\.?\s?coop)\.?(?=$|\s).*$/iu;
/** Labels of a form that ask for the name. */
export const LABEL_NAME =
  /(?<!\p{L})(?:name of (?:the )?(?:business|company|firm|club|organi[sz]ation|shop|group)|business(?: name)?|company(?: name)?|organi[sz]ation|firm|firma|betrieb|unternehmen|verein|entreprise|société|raison sociale|association|empresa|negocio|nombre comercial|asociación|trading name|what (?:is|are) you(?:r business)? called|called|name|nom|nombre|legal name|org|page title)(?!\p{L})/iu;
/** Labels that ask who somebody is. */
export const LABEL_PERSON =
  /(?<!\p{L})(?:your name|you |contact|person|ansprechpartner\w*|from|von|people|owner|inhaber\w*|first|last|submitted|filled|ausgef|rempli|vorname|nachname|prénom|votre nom|apellidos?|tu nombre)(?!\p{L})/iu;
/** Days, months and feasts. */
export const WEEK =
  /^(?:mon|tue|wed|thu|fri|sat|sun|jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec|montag|dienstag|mittwoch|donnerstag|freitag|samstag|sonntag|lundi|mardi|mercredi|jeudi|vendredi|samedi|dimanche|lunes|martes|miércoles|jueves|viernes|sábado|domingo|januar|februar|märz|april|mai|juni|juli|august|september|oktober|november|dezember|christmas|easter)/i;
/** Streets, and codes of towns. */
export const STREET =
  /(?<!\p{L})(?:street|road|lane|passage|avenue|square|hill|quay|row|close|drive|terrace|straße|strasse|gasse|weg|platz|allee|rue|avenue|place|chemin|impasse|route|calle|plaza|avenida|camino|unit|suite)(?!\p{L})|\b[A-Z]{1,2}\d\d?[A-Z]?\s?\d[A-Z]{2}\b/iu;

/** Words any brief has, that are in nobody’s name: what it is headed, what it asks, when it was written. */
export const OF_ANY_BRIEF =
  /(?<!\p{L})(?:leaflet|text|copy|draft|notes?|minutes|meeting|agenda|present|apologies|stand|status|version|page|website|homepage|webseite|auftritts?|internet\p{L}*|neubau|gegründet|established|founded|estd|fondée?|fundad[ao]|angaben|fragebogen|formular|preise|preisliste|keine|prices?|price list|fees|rates|tariffs?|tarifs?|prix|precios|tarifas|day|days|weekend|cash|cheque|check|cards?|vat|gst|ttc|ht|mwst|iva|present|opening|hours|öffnungszeiten|horaires|horario|phone|telephone|telefon|telefono|teléfono|mobile|email|mail|address|adresse|anschrift|dirección|directions|services?|products?|leistungen|angebot|contact|kontakt|kontaktdaten|about|über uns|history|geschichte|team|people|staff|beschluss|protokoll|vorstand|sitzung|betreff|subject|objet|asunto|certificate|licence|license|accreditation|insurance|versicherung|assurance|seguro|wishes|wünsche|souhaits|deseos|wants?|needs?|must|colours?|colors?|farben|couleurs|colores|style|stil|logo|photos?|pictures?|bilder|fotos|january|february|march|april|june|july|august|september|october|november|december|januar|februar|märz|mai|juni|juli|oktober|dezember|g[’']day|kind regards|cheers|thanks|your|ihr|ihre|unser|unsere|votre|notre|vuestr[oa]|nuestr[oa])(?!\p{L})/iu;
/** What begins so is somebody speaking, not a name. */
export const SPEAKS =
  /^(?:we|i|they|he|she|you|wir|ich|er|sie|nous|je|on|ils|elle|yo|nosotros|ellos|please|bitte|merci de|por favor)\s/i;
/** What begins so is a greeting. */
export const GREETS =
  /^(?:dear|guten (?:tag|morgen|abend)|good (?:morning|afternoon|evening)|buen[oa]s (?:días|tardes|noches)|(?:hello|hi|hey|hallo|servus|moin(?: moin)?|grüß gott|bonjour|hola|good day) (?:mr|mrs|ms|miss|herr|frau|m|mme|madame|monsieur|señora?|sra?|don|doña)\.?|sehr geehrte\p{L}*|liebe[rs]?|chère?s?|estimad[oa]s?|querid[oa]s?)\s|^(?:hello|hi|hey|dear|thanks|thank you|regards|cheers|morning|hallo|servus|moin|danke|grüße|bonjour|bonsoir|salut|merci|hola|buenas|gracias|saludos|website|webseite|homepage|site)(?:\s\p{L}+)?[,!.]*$/iu;
/** In a sentence somebody is or has something. */
export const SENTENCE =
  /\S\s(?:is|are|was|were|has|have|had|will|ist|sind|war|hat|haben|est|sont|était|es|son|era|tiene)\s/i;
/** Words no name consists of. */
export const SMALL =
  /^(?:the|a|an|and|or|we|i|is|it|so|to|of|in|at|on|for|my|our|its|that|this|hello|right|der|die|das|und|wir|ich|ist|so|zu|in|im|am|ein|eine|le|la|les|et|on|je|un|une|de|du|el|los|las|y|un|una|mi)$/i;
/** The line a letter is dated by: “The Boathouse, Windrow, 9th May”. */
export const DATELINE =
  /,\s(?:le |den |a |the )?\d{1,2}(?:st|nd|rd|th|er|\.)?(?: de)? \p{L}{3,}\.?(?: (?:de )?\d{4})?$/u;
/** “Member of the Booksellers’ Society”: what vouches for somebody, and is not them. */
export const VOUCHES =
  /^(?:members? of|fellows? of|licensed by|registered (?:with|by)|affiliated|mitglied|meisterbetrieb der|membres? d|miembros? de|adhérente?s?|inscrit[oa]s? en)(?!\p{L})/iu;
/** What somebody says before they say anything. */
export const FILLER =
  /^(?:so|and|well|ok(?:ay)?|right|um|er|anyway|alors|donc|bon|ben|et|also|ja|und|pues|bueno|y|entonces)\s/iu;
/** What no name ends in. */
export const ENDS_OPEN =
  /\s(?:porque|pero|aber|weil|mais|but|because|now|here|hier|ici|aquí|who|which|that|qui|que|wo|das|dass|when|with|mit|avec|con)$/iu;
/** An article before what a body of people is called by. */
export const THE_CLUB =
  /^(?:el|la|le|l[’']|der|die|das)\s?(?=(?:club|asociación|cooperativa|ayuntamiento|comunidad|cofradía|federación|association|amicale|comité|mairie|commune|société|coopérative|compagnie|collectif|\p{L}*verein|genossenschaft|gemeinde|interessengemeinschaft)(?!\p{L}))/iu;
