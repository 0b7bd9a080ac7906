import type { Language } from './span.js';

/** Verbs that say what a business does; with each, what its object becomes as a service: “repair clocks” is “Clock repairs”. */
export const SERVICE_VERBS: Record<Language, [verbs: string, ending: string][]> = {
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
      'makes?|making|builds?|building|sells?|selling|stocks?|suppl(?:y|ies)|offers?|offering|provides?|grows?|growing|designs?|prints?|binds?|weaves?|throws?|cuts?|turns?|carves?|crafts?|brews?|produces?|speciali[sz]es? in|does|do|deals? in|runs?|publish(?:es)?|blends?|dyes?|spins?|knits?|sews?|teach(?:es)?|holds?|organises?|paints?|breeds?|press(?:es)?|smokes?|stitch(?:es)?',
      '',
    ],
  ],
  es: [
    ['reparamos|arreglamos|restauramos|reparo|arreglo', ''],
    [
      'hacemos|vendemos|ofrecemos|fabricamos|cultivamos|alquilamos|construimos|instalamos|damos|hago|vendo|ofrezco|doy',
      '',
    ],
  ],
  fr: [
    [
      'nous (?:réparons|restaurons|faisons|vendons|proposons|fabriquons|cultivons|louons|construisons|installons|créons)|je (?:répare|restaure|fais|vends|propose|fabrique)|on (?:répare|fait|vend|fabrique)',
      '',
    ],
  ],
  de: [
    [
      '(?:(?:wir|ich) )?(?:reparieren?|bauen?|machen?|verkaufen?|bieten?|fertigen?|restaurieren?|vermieten?|pflegen?|drucken?|binden?|züchten?|schleifen?)',
      '',
    ],
  ],
};
