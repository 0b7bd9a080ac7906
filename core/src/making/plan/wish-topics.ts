import { splitList } from '../../brief/reading/words.js';
/** What clients ask a site for, and how they say it in four languages. */
const TOPICS = {
  'no motion':
    /(?<!\p{L})(?:animations?|animated|carousels?|sliders?|slideshows?|pop-?ups?|anything that (?:moves|flashes|jumps)|(?:no|any) music|moving (?:bits|things)|autoplay|animationen|laufschrift|musik|blinkt|bewegt sich|aufpoppt|animations|musique|diaporama|qui bouge|música|animaciones|que se mueva|carrusel)(?!\p{L})/iu,
  'no tracking':
    /(?<!\p{L})(?:cookies?|tracking|trackers?|cookie-?banner|analytics|überwach\p{L}*|traceurs?|rastre\p{L}+)(?!\p{L})/iu,
  'contact form':
    /(?<!\p{L})(?:contact form|enquiry form|(?:a|the) form|kontaktformular|formular|formulaire|formulario)(?!\p{L})/iu,
  bookings:
    /(?<!\p{L})(?:book(?:ings?)?(?: online)?|online booking|reserv\p{L}+|appointments? online|termin\p{L}*buch\p{L}*|online.{0,12}buchen|buchungs\p{L}*|réserv\p{L}+|prise de rendez-vous|reservas?|cita (?:online|en línea))(?!\p{L})/iu,
  shop: /(?<!\p{L})(?:online shop|web ?shop|shop (?:online|page)|sell(?:ing)? online|buy online|order online|basket|checkout|pay online|online-?shop|warenkorb|online kaufen|boutique en ligne|panier|vente en ligne|tienda (?:online|en línea)|carrito|comprar (?:online|por internet))(?!\p{L})/iu,
  newsletter:
    /(?<!\p{L})(?:newsletter|mailing list|rundbrief|lettre d[’']information|infolettre|bolet[íi]n)(?!\p{L})/iu,
  donations:
    /(?<!\p{L})(?:donat\p{L}+|donate button|spenden\p{L}*|dons? en ligne|faire un don|donativos?|donaciones)(?!\p{L})/iu,
  members:
    /(?<!\p{L})(?:members?[’']? (?:area|only|page|login)|log-?in|password (?:area|page)|mitgliederbereich|interner bereich|espace (?:membres|adhérents)|zona de socios|área de socios)(?!\p{L})/iu,
  events:
    /(?<!\p{L})(?:events?|calendar|diary|what[’']s on|programme|(?:list of )?dates|kalender|veranstaltungen|termine|spielplan|agenda|calendrier|manifestations|eventos|calendario|programa)(?!\p{L})/iu,
  news: /(?<!\p{L})(?:news|blog|aktuelles|neuigkeiten|actualités|nouvelles|noticias|novedades)(?!\p{L})/iu,
  gallery:
    /(?<!\p{L})(?:(?:photo |picture )?galler(?:y|ies)|portfolio|lookbook|slide ?show|galerie|bildergalerie|galería|portafolio)(?!\p{L})/iu,
  video: /(?<!\p{L})(?:videos?|films?|clip|vidéos?|vídeos?)(?!\p{L})/iu,
  quotes:
    /(?<!\p{L})(?:testimonials?|reviews?|quotes?|what (?:people|customers|clients) say|kundenstimmen|bewertungen|rezensionen|témoignages|avis (?:de )?clients?|testimonios|opiniones|reseñas)(?!\p{L})/iu,
  questions:
    /(?<!\p{L})(?:faqs?|questions and answers|frequently asked|häufige fragen|foire aux questions|preguntas frecuentes)(?!\p{L})/iu,
  downloads: /(?<!\p{L})(?:downloads?|pdfs?|to print out|herunterladen|télécharg\p{L}+|descarg\p{L}+)(?!\p{L})/iu,
  map: /(?<!\p{L})(?:maps?|how to (?:get|find)|directions|anfahrt\p{L}*|lageplan|landkarte|wegbeschreibung|karte|plan d[’']accès|carte|itinéraire|mapa|cómo llegar|plano)(?!\p{L})/iu,
  prices:
    /(?<!\p{L})(?:price ?lists?|prices?|rates|tariffs?|what it costs|preis(?:e|liste)?|tarifs?|prix|precios?|tarifas?)(?!\p{L})/iu,
  hours:
    /(?<!\p{L})(?:opening (?:hours|times)|(?:the |our )hours|öffnungszeiten|horaires|heures d[’']ouverture|horarios?)(?!\p{L})/iu,
  people:
    /(?<!\p{L})(?:(?:about )?(?:the |our )?(?:team|staff|people|crew)|about us|who we are|über uns|unser team|mannschaft|l[’']équipe|qui sommes[- ]nous|el equipo|quiénes somos)(?!\p{L})/iu,
  story:
    /(?<!\p{L})(?:(?:our |the |my )?(?:story|history)|how (?:it|we) (?:began|started)|geschichte|unsere geschichte|l[’']histoire|notre histoire|(?:nuestra |la )?historia)(?!\p{L})/iu,
  services:
    /(?<!\p{L})(?:(?:list of |our |the )services|what we (?:do|offer)|leistungen|angebot|prestations|(?:nos |les )services|servicios)(?!\p{L})/iu,
  links:
    /(?<!\p{L})(?:facebook|instagram|social media|socials|links? to|soziale\p{L}* medien|réseaux sociaux|redes sociales|enlaces?)(?!\p{L})/iu,
  logo: /(?<!\p{L})(?:logos?|our (?:badge|crest|emblem|mark)|wappen|vereinszeichen|blason|escudo|logotipo)(?!\p{L})/iu,
  languages:
    /(?<!\p{L})(?:bilingual|in (?:both|two|three) languages|also in (?:english|french|german|spanish|welsh)|translat\p{L}+|zweisprachig|auch auf (?:englisch|französisch)|bilingue|en (?:anglais|allemand|breton)|bilingüe|también en (?:inglés|catalán|francés))(?!\p{L})/iu,
  search: /(?<!\p{L})(?:search (?:box|field|function)|suchfeld|suchfunktion|moteur de recherche|buscador)(?!\p{L})/iu,
  'large print':
    /(?<!\p{L})(?:big (?:letters|print|type|text)|large (?:print|type|text|letters)|readable|easy to read|große schrift|gut lesbar|gros caractères|lisible|letra grande|legible)(?!\p{L})/iu,
  'easy to change':
    /(?<!\p{L})(?:change (?:it|things|the \p{L}+) (?:myself|ourselves)|update it (?:myself|ourselves)|easy to (?:change|update)|selbst (?:ändern|pflegen)|modifier (?:moi|nous)-même|cambiar(?:lo)? (?:yo|nosotros))(?!\p{L})/iu,
  phone:
    /(?<!\p{L})(?:phone numbers?|(?:the |our |my |shop )(?:number|phone)|telephones?|telefonnummern?|telefon|numéros? de téléphone|le numéro|teléfonos?|número)(?!\p{L})/iu,
  pictures: /(?<!\p{L})(?:photo(?:graph)?s?|pictures?|fotos?|bilder?|images?|imágenes)(?!\p{L})/iu,
} satisfies Record<string, RegExp>;

/** Something a site can have, or be asked not to have. */
export type Topic = keyof typeof TOPICS;

/** What some words ask a site for: the most telling first. */
export const topicsIn = (words: string): Topic[] =>
  (Object.keys(TOPICS) as Topic[]).filter((topic) => TOPICS[topic].test(words));

const QUOTED =
  /(?<!\p{L})(?:page|section|Seite|Unterseite|Rubrik|rubrique|página|sección|apartado),?\s+(?:called\s+)?["“„«]\s?([^"“”„«»]{3,40}?)\s?["”“»]/iu;
const ABOUT: RegExp[] = [
  QUOTED,
  /(?<!\p{L})(?:an?|one|another|its own|the|separate|own) (?:\p{L}+ )?(?:page|section) (?:about|of|for|on|with|that (?:shows|explains|tells|says)|to (?:show|explain)|explaining|showing) (.+)/iu,
  /(?<!\p{L})(?:an?|another) ((?:[\p{L}’'-]+ ){1,3})page(?!\p{L})/iu,
  /(?<!\p{L})(?:eine|eigene|extra|noch eine|die) (?:\p{L}+ )?(?:Seite|Unterseite|Rubrik) (?:über|für|mit|zu[mr]?|von) (.+)/iu,
  /(?<!\p{L})(?:une|la|autre) (?:\p{L}+ )?(?:page|rubrique|section) (?:sur|pour|avec|de|d[’']|du|des|consacrée (?:à|aux|au)) ?(.+)/iu,
  /(?<!\p{L})(?:una|la|otra) (?:\p{L}+ )?(?:página|sección|apartado) (?:sobre|para|con|de|del|dedicada a) (.+)/iu,
];
const ENDS =
  /[,;:.!?()\n\\–—]|\s-\s|\s(?:and|und|et|y)\s(?=(?:i|we|you|they|he|she|it|ich|wir|sie|je|nous|on|yo|me|le)\s)|\s(?:where|that|which|who|so|because|and (?:also|another|a|the|maybe|please)|please|if|with|without|like|wo|die|der|das|damit|bitte|und|où|qui|que|parce|s[’']il|avec|et|donde|porque|por favor|con|y)\s/iu;
const LEADING =
  /^(?:the|our|my|all|an?|some|die|den|das|der|dem|unsere[rnms]?|meine[rnm]?|alle|les?|la|l[’']|nos|notre|mes|mon|ma|toutes?|tous|los|las|el|nuestr[oa]s?|mis?|tod[oa]s?)(?:\s+|(?<=[’']))/iu;
/** Words that say which page of a site is meant, or nothing at all: no page is about them. */
const NO_SUBJECT =
  /^(?:that|this|it|them|those|these|everything|something|him|her|das|dies|alles|ça|cela|tout|eso|esto|todo|(?:web|home|front|first|landing|single|separate|new|whole|nice|simple|short|proper|facebook|contact|other|extra|second|big|little|good|different|main|plain|decent|full|half)(?: .*)?)$/iu;
const TRAILING =
  /\s+(?:of|for|on|in|at|to|and|or|with|the|a|von|für|mit|und|de|du|des|pour|et|para|con|y|\p{L}+['’])$/iu;

/**
 * What a page that is asked for is to be about, as its label: “a page of heads, real people” asks for “heads”. Null where no
 * page is asked for.
 */
export function subjectOfPage(words: string): string | null {
  for (const pattern of ABOUT) {
    const rest = pattern.exec(words)?.[1];
    if (!rest) continue;
    // What stands in quotes is the label already.
    let subject = (pattern === QUOTED ? rest : rest.split(ENDS)[0]!).trim();
    for (let before = ''; before !== subject;) {
      before = subject;
      subject = subject.replace(LEADING, '').trim();
    }
    let few = subject
      .split(/\s+/)
      .slice(0, 6)
      .join(' ')
      .replace(/["“”„«»]/g, '')
      .trim();
    while (few.length > 40 || TRAILING.test(few)) few = few.replace(/\s*\S+$/, '');
    if (/\p{L}{3}/u.test(few) && !NO_SUBJECT.test(few)) return few;
  }
  return null;
}

/** “A page for each of ditching, drainage and outfalls” asks for three. */
const FOR_EACH =
  /(?:pages? (?:each )?(?:for|about|on) each(?: of)?|(?:je )?eine (?:eigene )?seite (?:für|zu) (?:jede[nrs]?|alle)(?: von)?|une page (?:pour|par) chac\p{L}+(?: des?)?|una p[áa]gina para cada un[oa](?: de)?)\s*:?\s*(?:the |our |unsere[rn]? |nos |nuestr[oa]s )?([^.;\n]+)/iu;

/** What the pages that are asked for are to be about, as their labels; none where no page is asked for. */
export function subjectsOfPages(words: string): string[] {
  const each = FOR_EACH.exec(words)?.[1];
  const listed = each
    ? splitList(each)
        .map((p) => p.text)
        .filter((t) => /\p{L}{3}/u.test(t) && t.split(/\s+/).length <= 5)
    : [];
  if (listed.length > 1) return listed;
  const subject = subjectOfPage(words);
  return subject && !/^each(?: of)?(?!\p{L})/iu.test(subject) ? [subject] : [];
}

/** True where words ask for what a topic is and for little else. */
export const isTopic = (words: string, topics: readonly Topic[]): boolean =>
  topics.some((t) => (TOPICS[t].exec(words)?.[0].length ?? 0) >= 0.6 * words.length);
