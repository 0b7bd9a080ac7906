import type { Language } from './span.js';

/**
 * Verbs that say what a business does; with each, what its object becomes as a service: “repair clocks” is “Clock repairs”,
 * “restauramos libros” is “Restauración de libros”.
 */
export const SERVICE_VERBS: Record<Language, [verbs: string, ending: string, lead?: string][]> = {
  en: [
    ['repair(?:s|ing)?|mend(?:s|ing)?|fix(?:es|ing)?', 'repairs'],
    ['restor(?:e|es|ing)', 'restoration'],
    ['servic(?:e|es|ing)', 'servicing'],
    ['clean(?:s|ing)?', 'cleaning'],
    ['hir(?:e|es|ing)(?: out)?|rent(?:s|ing)?(?: out)?', 'hire'],
    ['install(?:s|ing)?|fit(?:s|ting)?', 'fitting'],
    ['sharpen(?:s|ing)?', 'sharpening'],
    ['prun(?:e|es|ing)', 'pruning'],
    ['tun(?:e|es|ing)', 'tuning'],
    ['mov(?:e|es|ing)', 'moving'],
    ['fell(?:s|ing)?', 'felling'],
    ['grind(?:s|ing)?', 'grinding'],
    ['plant(?:s|ing)?', 'planting'],
    ['re-?cover(?:s|ing)?|(?:re-?)?upholster(?:s|ing)?', 'upholstery'],
    ['open(?:s|ing)?(?= (?:safes|locks|doors))', 'opening'],
    [
      'makes?|making|builds?|building|sells?|selling|stocks?|suppl(?:y|ies)|offers?|offering|provides?|grows?|growing|designs?|prints?|binds?|weaves?|throws?|cuts?|turns?|carves?|crafts?|brews?|produces?|speciali[sz]es? in|does|do|deals? in|runs?|publish(?:es)?|blends?|dyes?|spins?|knits?|sews?|teach(?:es)?|holds?|organises?|paints?|breeds?|press(?:es)?|smokes?|stitch(?:es)?|(?:makers?|builders?|suppliers?|growers?|printers?|restorers?|importers?) of|(?:dealers?|specialists?) in',
      '',
    ],
  ],
  es: [
    ['(?:reparamos|arreglamos|reparo|arreglo|repara|arregla)', '', 'Reparación de'],
    ['(?:restauramos|restauro|restaura)', '', 'Restauración de'],
    ['(?:encuadernamos|encuaderno|encuaderna)', '', 'Encuadernación de'],
    ['(?:afinamos|afino|afina)', '', 'Afinación de'],
    ['(?:limpiamos|limpio|limpia)', '', 'Limpieza de'],
    ['(?:alquilamos|alquilo|alquila)', '', 'Alquiler de'],
    ['(?:instalamos|instalo|instala)', '', 'Instalación de'],
    [
      'hacemos|vendemos|ofrecemos|fabricamos|cultivamos|construimos|damos|hago|vendo|ofrezco|doy|fabricantes? de|especialistas? en',
      '',
    ],
  ],
  fr: [
    ['(?:(?:nous|je|on|il|elle) )?(?:réparons|répare)', '', 'Réparation de'],
    ['(?:(?:nous|je|on|il|elle) )?(?:restaurons|restaure)', '', 'Restauration de'],
    ['(?:(?:nous|je|on|il|elle) )?(?:accordons|accorde)', '', 'Accordage de'],
    ['(?:(?:nous|je|on|il|elle) )?(?:louons|loue)', '', 'Location de'],
    ['(?:(?:nous|je|on|il|elle) )?(?:nettoyons|nettoie)', '', 'Nettoyage de'],
    ['(?:(?:nous|je|on|il|elle) )?(?:installons|installe)', '', 'Installation de'],
    ['(?:(?:nous|je|on|il|elle) )?(?:relions|relie)', '', 'Reliure de'],
    ['(?:(?:nous|je|on|il|elle) )?(?:affûtons|affûte)', '', 'Affûtage de'],
    [
      'nous (?:faisons|vendons|proposons|fabriquons|cultivons|construisons|créons)|je (?:fais|vends|propose|fabrique)|on (?:fait|vend|fabrique)|fabricants? d[e’]|spécialistes? (?:de|en)',
      '',
    ],
  ],
  de: [
    ['(?:(?:wir|ich|er|sie) )?(?:reparieren|repariere|repariert)', '', 'Reparatur von'],
    ['(?:(?:wir|ich|er|sie) )?(?:restaurieren|restauriere|restauriert)', '', 'Restaurierung von'],
    ['(?:(?:wir|ich|er|sie) )?(?:vermieten|vermiete|vermietet|verleihen|verleihe)', '', 'Verleih von'],
    ['(?:(?:wir|ich|er|sie) )?(?:schleifen|schleife|schleift)', '', 'Schleifen von'],
    [
      '(?:(?:wir|ich) )?(?:bauen?|machen?|verkaufen?|bieten?|fertigen?|pflegen?|drucken?|binden?|züchten?|ziehen?)|hersteller von|spezialist(?:en|in)? für',
      '',
    ],
  ],
};
