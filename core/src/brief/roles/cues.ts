/**
 * Words that tell what a sentence is for, in the four languages briefs come in. Each list is one cue; a model weighs them,
 * none decides alone.
 */
const any = (...words: string[]): RegExp =>
  new RegExp(`(?<![\\p{L}\\p{N}])(?:${words.join('|')})(?![\\p{L}\\p{N}])`, 'iu');

export const CUES: Record<string, RegExp> = {
  greeting: any(
    'hi|hello|hiya|hey|dear|howdy|morning|good (?:morning|afternoon|evening)|ta|thanks|thank you|cheers|regards|yours (?:sincerely|faithfully|truly|ever)|all the best|best wishes|kind regards|speak soon|take care|much love|bye',
    'hallo|moin|servus|grüezi|grüß \\w+|sehr geehrte\\w*|guten (?:tag|morgen|abend)|grüße?n?|gruß|danke|dank|lg|mfg|tschüss|liebe[rs]?',
    'bonjour|bonsoir|salut|coucou|cordialement|bien à vous|merci|bises|bisous|chère?s?|salutations',
    'hola|buenos días|buenas(?: tardes| noches)?|saludos?|gracias|un abrazo|atentamente|estimad[oa]s?|querid[oa]s?|cordiales',
  ),
  site: any(
    'web ?sites?|web ?pages?|home ?page|front page|landing page|the site|this site|our site|your site|old site|new site|the page|a page|pages?|button|logos?|fonts?|typeface|photos?|photographs?|pictures?|pics|images?|videos?|banner|scroll|header|footer|headline|domain|hosting|seo|google|online|the web|the internet|the net|layout|template|on there|put (?:it|that|this|them) (?:on|up|in)',
    'web ?seiten?|internet\\w*|homepage|seiten?|startseite|logo|schrift|fotos?|bilder?|knopf|domain|impressum|online|netz|auftritt',
    "sites?|page d[’']accueil|pages?|logo|photos?|images?|bouton|formulaire|en ligne|hébergement|internet",
    'web|p[áa]ginas?|sitio|logo|fotos?|im[áa]genes|bot[óo]n|formulario|en l[íi]nea|dominio|internet|portada|galería',
  ),
  colour: any(
    'colou?rs?|black|white|grey|gray|red|green|blue|yellow|brown|orange|purple|pink|gold|silver|cream|navy|teal|maroon|burgundy|beige|dark|bright|pale|plain|simple|modern|old-fashioned|traditional|tidy|clean|elegant|big type|large type|capitals|lettering|typewriter',
    'farben?|schwarz|weiß|weiss|grau|rot|grün|blau|gelb|braun|orange|rosa|gold|silber|creme|dunkel\\w*|hell\\w*|schlicht|ruhig|modern|nüchtern|große schrift',
    'couleurs?|noir|blanc|gris|rouge|vert|bleu|jaune|brun|marron|orange|rose|doré|argent|crème|sombre|clair|sobre|simple|moderne|gros caractères',
    'colores?|negro|blanco|gris|rojo|verde|azul|amarillo|marr[óo]n|naranja|rosa|dorado|plateado|crema|oscuro|claro|sobrio|sencill[oa]|moderno|letra grande',
  ),
  you: any(
    'you|your|yours|yourself|u|ya',
    'sie|ihnen|ihr|ihre[mnrs]?|du|dir|dich|dein\\w*',
    'vous|votre|vos|tu|toi|ton|tes|te',
    'usted|ustedes|te|ti|t[úu]|tus?|os|vuestr\\w+|le',
  ),
  ask: any(
    "please|pls|plz|can you|could you|would you|will you|do you|have you|are you|let me know|let us know|ask me|ask (?:her|him|them)|ring me|call me|text me|send me|email me|attached|enclosed|invoice|budget|deadline|up to you|your call|as (?:you|we) (?:know|said|discussed|agreed)|tell me|i(?:[’']ll| will) (?:send|ask|get|bring|look|find|email|ring|check)|we(?:[’']ll| will) (?:send|ask|get|bring|look|find|email)|i have sent|i[’']ve (?:sent|attached|put|typed)",
    'bitte|können sie|kannst du|anbei|im anhang|rechnung|schicke?n?|schick\\w*|melde\\w*|rufen sie|wie besprochen|budget',
    "s[’']il (?:vous|te) pla[iî]t|svp|pouvez-vous|peux-tu|ci-joint|comme convenu|facture|budget|je vous|je t[’']|j[’']envoie|envoie\\w*|rappel\\w+",
    'por favor|puede usted|podr[íi]as?|puedes|adjunto|factura|presupuesto para|te (?:mando|paso|envío|llamo)|le (?:mando|paso|envío)|av[íi]same|ll[áa]mame|m[áa]ndame',
  ),
  wish: any(
    "(?:i|we|he|she|they)(?:[’']d| would| should)(?: really| quite| also| very much)? (?:like|love|prefer|want|rather)|(?:i|we|he|she|they|x) (?:want|wants|need|needs|hope|hopes|wish|wishes|prefer|prefers|fancy|fancies)|want|wants|wanted|needs?|would be (?:nice|good|great|lovely)|could there be|is it possible|can (?:it|people|they|we|there)|should be able|must (?:be|have|fit|show|work)|has to (?:be|have|work)|make (?:it|sure)|so (?:that )?people can",
    '(?:ich|wir|er|sie) (?:möchten?|hätten?|wünschen?|wollen|will|brauchen?)|möchten?|wünscht?|wünschen|wäre (?:schön|gut|toll)|schön wäre|gerne?|am liebsten|soll(?:en|te|ten)?|bräuchten?|müsste|muss (?:auf|man)|wunsch',
    "(?:je|nous|il|elle|on) (?:voudrais|voudrions|aimerais|aimerions|souhaite|souhaitons|souhaiterait|veux|voulons|veut|voudrait|aimerait|préfère|préférons)|il faudrait|il faut|ce serait bien|si possible|voudrait|aimerait|souhaite\\w*|veut|j[’']aimerais",
    '(?:quiero|queremos|quisiera|quisi[ée]ramos|me gustar[íi]a|nos gustar[íi]a|prefiero|preferimos|necesitamos|necesito|quiere|quieren)|que (?:se vea|ponga|salga|quede|tenga|haya|se pueda)|estaría bien|ser[íi]a bueno|hace falta|volem',
  ),
  dont: any(
    "don[’']?ts?|do not|dont|leave (?:it|that|him|her|them|me|out|off|this)|not for (?:the )?(?:public|publication|print|visitors|website|site|web)|nothing (?:about|on)|no mention|never|ignore|off the record|between (?:us|you and me|ourselves)|not to be|must not|mustn[’']?t|can[’']t (?:say|use|print)|hates?|can[’']t stand|avoid|keep (?:that|this|him|her|it) (?:out|off)|take (?:it|that) (?:off|away|down|out)|private|confidential|in confidence|off (?:the|it)|out of it|no more|nobody needs|should not|shouldn[’']t|rather not|not (?:on|in) (?:there|it|the)",
    'nicht (?:schreiben|erwähnen|nennen|zeigen|veröffentlichen|auf|ins|rein|drauf|so)|bitte (?:nicht|kein\\w*)|bloß (?:nicht|kein\\w*)|auf keinen fall|keinesfalls|unter uns|vertraulich|nirgends|weglassen|raus|privat\\w*|nie(?:mals)?|darf nicht|soll nicht|kein\\w* (?:fotos?|bilder?|namen?|preise?|werbung)',
    "ne (?:pas|jamais|surtout)|n[’']\\w+ pas|pas (?:de|d[’']|question|un mot)|surtout pas|entre nous|confidentiel|privée?|à éviter|éviter|rien sur|jamais|enlever|supprimer|ne (?:mettez|parlez|dites|publiez)|sans (?:parler|mentionner)|à ne pas",
    'no (?:pongas?|pongáis|poner|publi\\w+|mencion\\w+|digas?|diga|salga|se (?:da|publica|dice|pone)|quiero|queremos|hay que|va)|nada de|ni una palabra|entre nosotros|confidencial|privad[oa]|evitar|que no|esto no|nunca|jam[áa]s|quita\\w*|sin (?:fotos|nombres|precios|decir)|ni',
  ),
  unsettled: any(
    "maybe|perhaps|probably|possibly|not sure|unsure|might|not decided|undecided|to be (?:confirmed|decided|agreed)|tbc|tbd|check|who knows|or is it|or was it|don[’']t know|can[’']t remember|up in the air|for now|we[’']ll see|not yet|may (?:move|change|be|do|have)|deferred|wait|waiting|pending|if we|still (?:open|waiting|to)|in hand|one day|next year|left (?:to|for)|moved by|proposed",
    'vielleicht|wahrscheinlich|eventuell|evtl|glaube|weiß nicht|noch nicht|noch (?:offen|unklar)|unklar|mal sehen|klären|folgt|steht noch|offen|ob wir|wir überlegen|geplant|voraussichtlich|entscheide\\w*',
    'peut-être|sans doute|je crois|je pense|ne sais? (?:pas|plus)|on verra|à voir|à confirmer|à vérifier|pas encore|probablement|en attente|on hésite|en discussion|si on',
    'quiz[áa]s?|tal vez|a lo mejor|creo que|no s[ée]|por confirmar|no sabemos|ya veremos|est[áa] por ver|sin decidir|todav[íi]a no|a[úu]n no|pendiente|puede que|igual',
  ),
  quoted: /["“”„«»]|(?<![\p{L}])['‘][^'’]{12,}['’](?![\p{L}])/u,
  saidby: any(
    'wrote|writes?|said|says?|told|reckons?|according to|testimonial|review|guest ?book|quote|leave|permission|may (?:print|use|quote)|signed',
    'schrieb|schreibt|sagte?|meinte?|meint|laut|zitat|gästebuch|bewertung|freigegeben|erlaubt|darf\\w*',
    "dit|écrit|écrivait|disait|selon|pense|témoignage|livre d[’']or|avis|accord|d[’']accord",
    'dijo|dice|escribi[óo]|según|piensa|rese[ñn]a|testimonio|opini[óo]n|permiso|deja',
  ),
  aside: any(
    "btw|by the way|p\\.? ?s\\.?|lol|ha(?:ha)+|sorry|oops|anyway|honestly|to be honest|frankly|mind you|god knows|obviously|apparently|believe me|don[’']t ask|long story|oh and|ah,|er,|well,|if you ask me|solicitors?|court|lawyer|insurers?|insurance|divorce|quarrel|fell out|hospital|ill|hip|knee|bank|loan|debt|owes?|tax|yesterday|today|tonight|tomorrow|last (?:week|month|night)|this (?:week|morning)|laughs?|joke|grumbl\\w+|complain\\w*|cheap|competitor|rival|gossip",
    'übrigens|nebenbei|ehrlich gesagt|entschuldig\\w+|naja|ach|tja|gestern|heute|anwalt|gericht|streit|prozess|urteil|krank|krankenhaus|hüfte|bank|kredit|schulden|finanzamt|konkurrenz|mitbewerber|ärger|lacht|scheidung|geld',
    "au fait|d[’']ailleurs|pardon|désolée?|bref|enfin|hier|aujourd[’']hui|avocat|tribunal|procès|divorce|brouill\\w+|malade|hôpital|banque|prêt|dettes?|impôts?|concurrent|fâché\\w*",
    'por cierto|perd[óo]n|disculp\\w+|bueno|en fin|ayer|hoy|abogado|juzgado|pleito|juicio|divorcio|enfad\\w+|enferm\\w+|hospital|banco|pr[ée]stamo|deuda\\w*|deben|hacienda|competencia',
  ),
  family: any(
    '(?:my|his|her|our) (?:late )?(?:wife|husband|son|daughter|nephew|niece|cousin|brother|sister|mother|father|mum|dad|partner|neighbour|sister-in-law|brother-in-law|boss|uncle|aunt)',
    'mein(?:e)? (?:mann|frau|sohn|tochter|neffe|nichte|bruder|schwester|mutter|vater|chef|nachbar|schwager)',
    'mon (?:mari|fils|neveu|frère|père|voisin)|ma (?:femme|fille|nièce|sœur|mère|voisine)',
    'mi (?:marido|mujer|hijo|hija|sobrin[oa]|herman[oa]|madre|padre|vecin[oa]|cu[ñn]ad[oa])',
  ),
  first: any(
    'we|our|us|i|my|me',
    'wir|unsere?\\w*|uns|ich|mein\\w*|mir|mich',
    "nous|notre|nos|on|je|j[’']\\w*|mon|ma|mes|moi",
    'nosotr[oa]s|nuestr\\w+|somos|estamos|hacemos|tenemos|trabajamos|vendemos|yo|mi|mis|me|nos',
  ),
  does: any(
    'we (?:make|build|mend|repair|restore|sell|do|run|grow|keep|offer|teach|hire|clean|cut|fit|print|deliver|supply|work|meet|look after)|i (?:make|build|mend|repair|restore|sell|do|grow|keep|teach|clean|cut|fit|work)|since|established|founded|welcome|everything|every|by hand',
    'wir (?:machen|bauen|reparieren|verkaufen|bieten|fertigen|liefern|pflegen|restaurieren|treffen|nähen|backen)|seit|gegründet|willkommen|von hand|alles',
    'nous (?:faisons|fabriquons|réparons|vendons|proposons|restaurons|livrons|travaillons)|on (?:fait|fabrique|répare|vend)|depuis|fondée?|bienvenue|à la main|tout',
    'hacemos|fabricamos|reparamos|vendemos|ofrecemos|restauramos|desde|fundad[oa]|bienvenid\\w+|a mano|todo',
  ),
  negation: any(
    "no|not|never|nothing|none|nobody|neither|except|without|isn[’']t|aren[’']t|can[’']t|cannot|won[’']t|doesn[’']t|didn[’']t",
    'nicht|nie|kein\\w*|nichts|niemand\\w*|ohne',
    'pas|jamais|rien|aucune?|personne|sauf|sans',
    'no|nunca|nada|nadie|ning[úu]n\\w*|sin|salvo',
  ),
  future: any(
    'could|would|may|going to|hoping|planning|trying|will|soon|next',
    'würde\\w*|könnte\\w*|bald|demnächst|wird|werden|nächste\\w*',
    'pourrait|bientôt|va|vont|prochaine?',
    'podría|pronto|va a|vamos a|próxim[oa]',
  ),
  third: any(
    'he|she|him|her|his|they|them|their|someone|somebody|a lady|a man|people|x',
    'er|ihm|ihn|jemand|leute|man|sein\\w*',
    "il|elle|ils|elles|lui|leur|quelqu[’']un|gens",
    '[ée]l|ella|ellos|ellas|alguien|gente|uno|su|sus',
  ),
};

/** Labels and headings that say what stands under them. */
export const HEADED: Record<string, RegExp> = {
  dont: any(
    "avoid|don[’']?ts?|do not|not|never|dislikes?|hates?|off|no-?go\\w*|must not|leave out|private|confidential",
    'nicht|kein\\w*|vermeiden|auf keinen fall|no-?gos?|tabu|privat|vertraulich|bitte nicht',
    "éviter|ne pas|pas|n[’']aimez|déplaît|détest\\w+|privée?|confidentiel|interdits?",
    'evitar|no|nunca|disgusta|privado|confidencial|prohibido',
  ),
  wish: any(
    'wish\\w*|wants?|wanted|like|need\\w*|must|features?|pages?|should|site|website|sections?|ideas?|requests?|required',
    'wünsch\\w*|wunsch\\w*|wuensch\\w*|seiten?|funktionen|soll\\w*|muss|webseite|anforderung\\w*',
    'souhait\\w*|vœux|voulez|aimeriez|envies?|pages?|site|rubriques?|besoins?|fonctions?',
    'deseos?|gustar[íi]a|quier\\w+|p[áa]ginas?|web|secciones|necesi\\w+|requisitos|quieren',
  ),
  style: any(
    'colou?rs?|style|look|feel|design|tone|fonts?|mood|appearance',
    'farben?|stil|gestaltung|aussehen|design|ton|schrift',
    'couleurs?|style|ambiance|aspect|design|graphi\\w+|ton',
    'colores?|estilo|aspecto|dise[ñn]o|tono|imagen',
  ),
  note: any(
    'notes?|internal|budget|for you|designer|invoice|billing|todo|admin|deadline|how did you hear|anything else|other|misc|comments?|ps|aob|filled in by|completed by',
    'notiz\\w*|intern\\w*|budget|anmerkung\\w*|sonstiges|rechnung|bemerkung\\w*|kommentar\\w*|ausgefüllt|ausgefuellt|frist|termin',
    'notes?|interne|budget|remarques?|divers|autre\\w*|commentaires?|facturation|délai|rempli',
    'notas?|intern[oa]|presupuesto|observaciones|otros?|comentarios?|facturaci[óo]n|plazo|rellenad[oa]',
  ),
  quoted: any(
    'testimonials?|reviews?|press|quotes?|what people say|said',
    'stimmen|bewertungen|zitate?|presse|referenzen',
    "témoignages?|avis|presse|livre d[’']or",
    'opiniones|testimonios|rese[ñn]as|prensa',
  ),
  unsettled: any(
    'undecided|open|questions?|tbc|to check|maybe',
    'offen\\w*|unklar|fragen|zu klären',
    'à voir|à confirmer|questions?|en suspens',
    'pendiente\\w*|dudas|por confirmar',
  ),
  about: any(
    'about|who|story|history|what (?:do|we|i)|describe|business|services?|products?|work|prices?|hours|opening|address|phone|e-?mail|contact|people|team|staff|where|when|founded|fees|rates|area|visit|find us',
    'über|wer|geschichte|was|leistungen|angebot|produkte|preise|öffnungszeiten|oeffnungszeiten|adresse|telefon|e-?mail|kontakt|team|wo|wann|gegründet|gruendung|anschrift\\w*',
    'à propos|qui|histoire|que faites|activité|prestations|services|produits|tarifs|prix|horaires|adresse|téléphone|courriel|contact|équipe|où|quand|coordonnées',
    'sobre|qui[ée]n\\w*|historia|qu[ée] hac\\w+|servicios|productos|precios|tarifas|horario\\w*|direcci[óo]n|tel[ée]fono|correo|contacto|equipo|d[óo]nde|cu[áa]ndo',
  ),
};
