import { readable, type ReadPiece } from '../roles/roles.js';
import { splitList } from './words.js';
import { latin, type Span } from './span.js';

/** What somebody had once vouches for nothing. */
const LAPSED =
  /(?<!\p{L})(?:lapsed|expired|no longer|used to|let (?:it )?go|ran out|not (?:yet|any ?more)|(?:studying|working|training|saving) (?:for|towards)|ang?e?fangen|steht noch aus|abgelaufen|erloschen|nicht mehr|noch nicht|laissée? (?:aller|tomber)|expirée?|périmée?|plus de|pas encore|caducad[oa]|ya no|todavía no)(?!\p{L})/iu;
/** “So I can’t hire that”: what is not so, or not done, vouches for nothing, whatever stands behind it. */
const DENIES = latin(
  /(?<!\p{L})(?:\p{L}+n[’']t|cannot|cant|wont|dont|not(?! only)|never|nobody|kein\p{L}*|nicht(?! nur)|nie|niemals|n[’']\p{L}+|ne|jamais|pas|nunca|nadie|ningun\p{L}*)(?!\p{L})/iu,
);
/** Words of what vouches for a business: memberships, certificates, insurance, registers, titles of a trade. */
const CUE = latin(
  /(?<!\p{L})(?:(?:paid-up |full |life |founder )?members? of|(?<!for )(?<!new |our |all |club |junior |full |paid-up |by )(?:guild|association|society|federation|institute|chamber|union) members?(?!\p{L})|fellow of|accredited|accreditation|certified|certificate[sd]?|registered (?:with|by)|approved by|authori[sz]ed by|vetted|quality mark|approved (?:list|contractors?|suppliers?|installers?)|(?:level|grade) (?:one|two|three|four|five|six|[1-7]) in|registered (?:waste|installer|carrier)|waste carrier|trust ?mark|wras|reach approved|licen[sc]ed|licence|chartered|affiliated|(?:fully |public liability )?insured|(?:public|product|professional) liability|indemnity|dbs[- ]checked|enhanced dbs|city (?:&|and) guilds|gas safe|oftec|hetas|niceic|fensa|iso ?\d{4,5}|bs(?: en)? ?\d{3,5}|iatf ?\d+|chas|nvq|apprenticed|time-served|master craftsman|(?<!the )register of \p{L}+ \p{L}+|first class certificate|diploma(?!\p{L})|(?:first|second|third|gold|silver) (?:prize|medal)|(?:on|of|with|by|to) the (?:\p{Lu}[\p{L}-]+ (?:of |and |for |& )?){1,4}(?:Guild|Register|Federation|Institute|Institution|Chamber|Association)|award(?:ed|-winning)?|first aid(?:er)?|ofsted|permit no|mitglied (?:im|der|des|in)|\p{L}*-?innung(?:s\p{L}*)?|(?:tischler|schreiner|zimmerer|maler|dachdecker|schlosser|schmiede|uhrmacher|orgelbauer?|bestatter|schneider|käser|elektro|gärtner|maurer|steinmetz|sattler|raumausstatter|goldschmiede|installateur|heizungsbau(?:er)?|elektriker|friseur|müller)meister(?:in)?(?!\p{L})|(?:gold|silber)medaille|landespreis|gemeinnützig nach|fachbetrieb für|meisterbetrieb|meisterbrief|meisterprüfung|gesellenbrief|restaurator\p{L}* im|sachverständige\p{L}* für|\p{L}*meister(?:in)? (?:im|des|der)|\p{L}*meisterin(?!\p{L})|zertifizier\p{L}*|zertifikat\p{L}*|geprüfte\p{L}*|staatlich (?:anerkannt|geprüft)\p{L}*|eidg\. dipl\.|dipl\. |zugelassen\p{L}*|anerkannte\p{L}* (?:betrieb|werkstatt|stelle)|bioland|demeter|naturland|de-öko-\d+|membres? (?:de|du|des)|adhérents? (?:de|du|des|à|au)|réseau des|certifiée?s?|certification|agréée?s?|agrément|labellisée?s?|label(?!\p{L})|diplômée?s?|qualifiée?s?(?= \p{Lu})|compagnons? du devoir|(?:premier|deuxième|troisième|[123]er?) prix|médaille d[’'](?:or|argent)|classée? \d étoiles|responsabilité (?:civile|\d)|décennale n|certificat de (?!naissance)\p{L}+|maître artisan|artisan d[’']art|meilleur ouvrier|assurance décennale|qualibat|rge|nature (?:&|et) progrès|agriculture biologique|miembros? de|certificad[oa]s?|homologad[oa]s?|colegiad[oa]s?|carn[ée] de|carta de artesan[oa]|artesan[oa]s? registrad[oa]s?|medalla de|título de|maestr[oa] (?=\p{Lu})|federad[oa]s?|sello de|acreditad[oa]s?|inscrit[oa]s? en|denominación de origen|seguro de (?:responsabilidad|mercanc|transporte)\p{L}*|(?:county|national|regional|world) champion\p{L}*|premio\p{L}*)(?!\p{L})/giu,
);
/** What is written behind a scheme’s own name, in capitals: “IRATA member company”, “HETAS registered”. */
const OF_A_SCHEME = latin(
  /(?<!\p{L})(?:[A-Z]{3,6} (?:members?(?: company)?|approved|registered|accredited|certified)|[A-Z]\p{L}+ (?:approved|accredited))(?=[.,;)]|\s[–-]|$)/gu,
);
const UNDER =
  /(?<!\p{L})(?:certific\w*|member\w*|approvals?|approved|standards|accredit\w*|qualif\w*|licen[cs]es?|credentials|regs?|zertifik\w*|mitglied\w*|qualifik\w*|nachweise|certificats?|diplômes?|labels?|agréments?|certificad\w*|títulos?|acreditaci\w+)(?!\p{L})/iu;
const STOP = /[,;!?()|]|\.(?!\s?\d)|\s(?:and|und|et|y|but|aber|mais|pero)\s/giu;

/** What vouches for a business, each with its words. */
export function* proofs(pieces: readonly ReadPiece[]): Generator<Span> {
  for (const piece of pieces) {
    if (piece.kind === 'label' || piece.kind === 'head' || piece.kind === 'heading' || !readable(piece)) continue;
    if (UNDER.test(piece.label) || (UNDER.test(piece.under) && piece.kind === 'item')) {
      const parts =
        piece.kind === 'item' ? [{ text: piece.text, at: 0 }] : splitList(piece.text.replace(/\.(?=\s\p{Lu})/gu, ','));
      for (const { text, at } of parts)
        if (
          /\p{L}{2}/u.test(text) &&
          text.length <= 140 &&
          !/^(?:no|none|nein|keine|non|aucun\w*|ninguno|n\/a)[.!]?$/i.test(text)
        )
          yield {
            field: 'membership',
            from: piece.from + at,
            to: piece.from + at + text.length,
            value: text.replace(/[.;,]$/, ''),
          };
      continue;
    }
    let done = -1;
    for (const m of [...piece.text.matchAll(CUE), ...piece.text.matchAll(OF_A_SCHEME)]) {
      if (m.index < done) continue;
      let from = 0;
      let to = piece.text.length;
      for (const s of piece.text.matchAll(STOP)) {
        // An “and” within a title (“Guild of Clock and Watch Makers”) joins words with capitals.
        const joins =
          /\s(?:and|und|et|y|&)\s/.test(s[0]) &&
          /^\p{Lu}/u.test(piece.text.slice(s.index + s[0].length)) &&
          /\p{Lu}\p{L}*$/u.test(piece.text.slice(0, s.index));
        if (joins) continue;
        const end = s.index + s[0].length;
        if (end <= m.index) from = end;
        else if (s.index >= m.index + m[0].length - 1) {
          to = s.index;
          break;
        }
      }
      done = to;
      const raw = piece.text.slice(from, to);
      const text = raw
        .replace(
          /^[\s–—:-]*(?:(?:we|i|they|he|she|wir|ich|nous|on|is|are|am|’re|have|has|holds?|sind|bin|ist|habe[n]?|sommes|suis|est|somos|tenemos|soy|tengo|es|a|an|the|our|my|el|la|le|all|also|auch|aussi|también)\s+)+/iu,
          '',
        )
        .trim();
      // What is on sale is none, and neither is what is not to be had.
      if (
        (/[£€$]\s?\d|\d\s?€/.test(text) && !/insur|liab|indemn|versicher|assur|seguro|haftpflicht/i.test(text)) ||
        /^(?:no|without|sans|sin|ohne|keine?)\s/iu.test(text)
      )
        continue;
      if (text.split(/\s+/).length > 14 || text.length < 4 || LAPSED.test(text) || DENIES.test(text)) continue;
      const start = piece.from + from + raw.lastIndexOf(text);
      yield { field: 'membership', from: start, to: start + text.length, value: text };
    }
  }
}

/** Times of something else than being open: rounds, classes, services, sailings, goods in. */
export const EVENT_WORD =
  /(?<!\p{L})(?:regular (?:groups?|users?|bookings?|sessions?)|(?:club|open|drop-in|practice|taster|evening) sessions?|distributions?|escuela (?:infantil|de \p{L}+)|juego libre|vélo-école|école de \p{L}+|spielabend\w*|whist|toddlers?|choir|brownies|scouts|deliver(?:y|ies) (?:on|days?|rounds?|runs?)|quiet hours|changeovers?|prob(?:t|en|e|enabend\w*)|entraînements?|entrenamientos?|ruhezeit\w*|mittagsruhe|übungsabend\w*|dienstabend\w*|konfirmanden\w*|rounds?|lorry|runs?|van days?|collection(?:s| days?)?|goods[- ]?in\w*|markets?|class(?:es)?|training|rehears\w+|practice|eucharist|communion|worship|tours?|meetings?|league|roll-up|lessons?|sailings?|departs?|leaves|crossing|timetable|workshops? on|talks?|concerts?|club night|we (?:usually |all )?meet|wir treffen uns|trifft sich|nous nous (?:réunissons|retrouvons)|on se (?:réunit|retrouve)|nos reunimos|ferry|drop off|bins?|kurse?|probe[n]?|gottesdienst\w*|warenannahme|markt\w*|führung\w*|tour|abfahrt\w*|treffen|stammtisch|schrauberabend|proben|cours|répétition\w*|marché\w*|visites? guidées?|messe|tournées?|permanence|départs?|ramassage|ordures|sacs|déchetterie|bibliothèque|agence postale|ensayos?|mercad\w+|clases?|misa|salidas?|reparto|ruta|visitas? guiadas?)(?!\p{L})/iu;
const OPENING =
  /(?<!\p{L})(?:open(?:s|ing)?|hours|(?:you can )?(?:buy|collect|pick up) (?:from|at)|hatch|sales?|shop|office|workshop|counter|yard|showroom|closed|shut|phones?|geöffnet|öffnungszeiten|offen|laden|büro|werkstatt|hofladen|verwaltung|verkauf|ouvert\w*|horaires|vente|atelier|boutique|bureau|accueil|fermé\w*|abiert\w+|abrimos|venta|horario|tienda|taller|oficina|cerra(?:d\w+|mos)|libramos|descansamos|fermons|fermés?|schlie(?:ß|ss)en|schließt|ruhetag)(?!\p{L})/iu;

/** “Coffee every Wednesday 10.30 to 12”: what begins with a thing and goes on with every which day is on then, and no opening. */
const EVERY =
  /^(?!(?:we|i|they|you|open|closed|shop|office|wir|nous|on|ouvert|geöffnet|abierto)(?!\p{L}))\p{Lu}[\p{L}’'-]*(?: [\p{L}’'-]+){0,3} (?:(?:every|each|jeden?|jede|chaque|cada|tous les|todos los) |(?:mon|tues|wednes|thurs|fri|satur|sun)day (?:afternoon|morning|evening)s )/iu;

/** Days of the week in four languages, as part of a pattern. */
export const WEEKDAY =
  '(?:mon|tues?|wednes|thurs?|fri|satur|sun)days?|(?:mon|diens|donners|frei|sams|sonn)tags?|mittwochs?|(?:lun|mar|mercre|jeu|vendre|same)dis?|dimanches?|lunes|martes|miércoles|jueves|viernes|sábados?|domingos?';
/** “Repair bench on Thursdays, 1 to 4”, “Vélo-école pour adultes, le dimanche à 10 h”: a thing and its day. */
const THING_ON = new RegExp(
  `^(?!(?:we|i|they|you|wir|nous|on)(?!\\p{L}))\\p{Lu}[\\p{L}’'-]*(?: [\\p{L}’'-]+){0,4}?(?:\\s(?:is|are|ist|sind|est|sont|es|son))?[,:]?\\s(?:(?:on|on the|am|an|le|les|el|los|immer) )?(?:(?:first|second|third|last|ersten?|zweiten?|dritten?|letzten?|premier|deuxième|troisième|dernier|primer|segundo|tercer|último) )?(?:${WEEKDAY})(?!\\p{L})`,
  'iu',
);
/** What is said of a house and its doors, or of a day itself, and of no thing that is on. */
const OF_BEING_OPEN = new RegExp(
  `^(?:(?:the|on|am|an|le|les|el|los|y|et|und|and) )?(?:${WEEKDAY})(?!\\p{L})|(?<!\\p{L})(?:unlocked|accessible|attended|staffed|only|nur|uniquement|seulement|s[óo]lo|solamente|abren?|atend\\p{L}+|ferm\\p{L}+|ouvr\\p{L}+|besetzt|erreichbar|there|here)(?!\\p{L})`,
  'iu',
);
/** Words that say outright that it is open, or is not. */
export const IS_OPEN =
  /(?<!\p{L})(?:open(?:s|ing)?|hours|closed|shut|geöffnet|öffnungszeiten|offen|geschlossen|ouverte?s?|horaires|fermée?s?|abiert[oa]s?|abrimos|horario|cerra(?:d[oa]s?|mos))(?!\p{L})/iu;
const TO =
  /\d\s?(?:uhr|h|am|pm)?\s?(?:[–—-]|to|till?|until|bis|à|a|hasta|au)\s?(?:las\s)?\d|(?:from|between|von|zwischen|entre|desde)\s\d/iu;
/** True where a text says outright when it is open: then a thing with a day of its own is no opening. */
export const saysWhenOpen = (
  pieces: readonly Pick<ReadPiece, 'text' | 'label' | 'under'>[],
  timed: (text: string) => boolean,
): boolean => pieces.some((p) => OPENING.test(`${p.label} ${p.text}`) && timed(p.text) && !tellsOfEvents(p));

/** True where the times of a piece are not opening hours. */
export const tellsOfEvents = (piece: Pick<ReadPiece, 'text' | 'label' | 'under'>): boolean => {
  const near = `${piece.label} ${piece.text}`;
  if (
    /(?:not|keine|pas|no son|nicht)(?: (?:when|the|our|unsere|die|des|nos))? (?:we[’']re open|opening|öffnungszeiten|offen|heures d[’']ouverture|horario)/iu.test(
      near,
    )
  )
    return true;
  if (EVERY.test(piece.text) && !OPENING.test(near)) return true;
  return (
    EVENT_WORD.test(near) && !OPENING.test(piece.label) && (!OPENING.test(piece.text) || EVENT_WORD.test(piece.label))
  );
};

/**
 * The stretches of a piece whose times are not opening hours: all of it, or where several clauses each have days and times
 * (“the hatch Thursday to Saturday 10 to 4, the market on Wednesdays 9 to 1”), those that speak of an event. Where the text says outright when it `opens`, a thing with a day of its own is one too.
 */
export function eventStretches(
  piece: Pick<ReadPiece, 'text' | 'label' | 'under'>,
  timed: (text: string) => boolean,
  opens = false,
): { from: number; to: number }[] {
  const { text } = piece;
  const clauses: { from: number; to: number }[] = [];
  let from = 0;
  for (const m of [...text.matchAll(/[,;]\s+(?:(?:and|und|et|y)\s+)?|\s[–—]\s|$/gu)]) {
    // What has no times of its own belongs to what comes after it.
    if (m.index < text.length && !timed(text.slice(from, m.index))) continue;
    clauses.push({ from, to: m.index });
    from = m.index + m[0].length;
  }
  const several = clauses.filter((c) => timed(text.slice(c.from, c.to))).length > 1;
  const ofEvents = clauses.filter((c) => EVENT_WORD.test(text.slice(c.from, c.to)));
  // A label, a heading or a clause that says so speaks of all of them.
  const mixed = several && !EVENT_WORD.test(piece.label) && ofEvents.length > 0 && ofEvents.length < clauses.length;
  if (mixed) return ofEvents;
  // What has one time and no end is on then; being open has two.
  const whole = piece.label ? `${piece.label}: ${text}` : text;
  const once = /\d/.test(text) && !TO.test(text);
  const thing = /^\p{Lu}/u.test(whole) && THING_ON.test(whole) && !OF_BEING_OPEN.test(whole.slice(0, 80));
  const ofThing = thing && ((once && !IS_OPEN.test(whole)) || (opens && !OPENING.test(`${piece.label} ${text}`)));
  return tellsOfEvents(piece) || ofThing ? [{ from: 0, to: text.length }] : [];
}
