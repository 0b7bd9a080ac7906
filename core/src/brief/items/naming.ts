import { SERVICE_VERBS } from '../reading/service-verbs.js';
import { latin, type Language } from '../reading/span.js';

/** One of several: “clocks” is “clock”. */
const singular = (name: string): string => {
  const words = name.split(' ');
  const last = words.at(-1)!;
  const one = /(?:kn|w|l)ives$/.test(last)
    ? last.replace(/ves$/, 'fe')
    : /ies$/.test(last)
      ? last.replace(/ies$/, 'y')
      : /(?:ches|shes|xes|sses)$/.test(last)
        ? last.slice(0, -2)
        : /[^su]s$/.test(last)
          ? last.slice(0, -1)
          : last;
  return [...words.slice(0, -1), one].join(' ');
};

interface Beginning {
  pattern: RegExp;
  ending: string;
  lead: string;
}
const BEGINS = new Map<Language, Beginning[]>();
function beginnings(language: Language): Beginning[] {
  let made = BEGINS.get(language);
  if (!made) {
    made = SERVICE_VERBS[language].map(([verbs, ending, lead = '']) => ({
      pattern: latin(new RegExp(`^(?:(?:we|i|also|can|auch|aussi|también)\\s+)*(?:${verbs})\\s+(?=\\p{L})`, 'iu')),
      ending,
      lead,
    }));
    BEGINS.set(language, made);
  }
  return made;
}

/** The verb of a text that ends in one, “… we mend and repair”, with what its object becomes; null where there is none. */
export function verbBefore(text: string, language: Language): Omit<Beginning, 'pattern'> | null {
  const word = /(\S+)\s*$/.exec(text)?.[1];
  return (word && beginnings(language).find(({ pattern }) => pattern.test(`${word} x`))) || null;
}

/** “We fit heat pumps as well now”: what is said of doing it, behind what is done. */
const ALSO = /(?:\s(?:as well|too|also|now|again|auch|jetzt|aussi|maintenant|también|ahora))+$/iu;
/** “Restauramos los libros antiguos” is “Restauración de libros antiguos”: the article goes with the verb. */
const led = (lead: string, object: string): string =>
  `${lead} ${object.replace(/^(?:tous les|toutes les|todo tipo de|les|des|le|la|los|las|el|die|das|der|den|alle)\s+/iu, '')}`;

/**
 * What is done as a thing that is offered: “fell trees” is “Tree felling”, “vendemos bicicletas” is “bicicletas”. `skip` is
 * how many letters of verb stood before its object.
 */
export function offered(
  name: string,
  language: Language,
  before: Omit<Beginning, 'pattern'> | null = null,
): { name: string; skip: number } {
  for (const { pattern, ending, lead } of beginnings(language)) {
    const m = pattern.exec(name);
    if (!m || m[0].length >= name.length) continue;
    // “Ironing for people” and “cleaning in situ” have no object to turn.
    const object = name.slice(m[0].length).replace(ALSO, '');
    if (/^(?:for|in|at|to|on|with|and|of|by|für|mit|pour|en|para|de|dans|chez|aux?|sur)\s/i.test(object))
      // “Livre dans Villac” is “Livraison dans Villac”.
      return lead ? { name: `${lead.replace(/\s(?:de|d[’']|von|of)$/u, '')} ${object}`, skip: 0 } : { name, skip: 0 };
    if (lead && object.split(' ').length <= 6) return { name: led(lead, object), skip: m[0].length };
    return {
      name: ending && object.split(' ').length <= 4 ? `${singular(object)} ${ending}` : object,
      skip: m[0].length,
    };
  }
  const plain = before ? name.replace(ALSO, '') : name;
  if (before?.lead && plain.split(' ').length <= 5) return { name: led(before.lead, plain), skip: 0 };
  return {
    name: before?.ending && plain.split(' ').length <= 4 ? `${singular(plain)} ${before.ending}` : plain,
    skip: 0,
  };
}
