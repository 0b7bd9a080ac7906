const MAKER =
  '(?:chimney sweeps?|tree surgeons?|dry stone wallers?|\\p{L}{3,} (?:makers?|builders?|menders?|repairers?|fitters?|cleaners?|dealers?|growers?|keepers?|carvers?|turners?|weavers?|restorers?|merchants?|painters?|engineers?|surveyors?|outfitters?|dressers?|binders?|tuners?)|\\p{L}{2,}(?:makers?|smiths?|wrights?|binders?|mongers?|keepers?|builders?|menders?|tuners?|polishers?|turners?|weavers?|surveyors?|upholsterers?|thatchers?|farriers?|glaziers?|plasterers?|roofers?|printers?|dyers?|millers?|growers?|ologists?|engravers?|carvers?))';
const TRADE_SAID: RegExp[] = [
  new RegExp(
    `\\b(?:I am|I(?:’|')m|we are|we(?:’|')re|soy|je suis|ich bin) (?:an? |the )?(?:\\p{Ll}+ ){0,2}?(${MAKER})(?!\\p{L})`,
    'iu',
  ),
  new RegExp(`\\(?(?<!\\p{L})(${MAKER})(?![\\p{L}’'])`, 'iu'),
  /\b[Jj]e suis (\p{Ll}{4,})/u,
  /\b[Jj]e suis [A-ZÀ-Þ][^,.\n]{2,40}, (\p{Ll}{4,})/u,
];

const NOBODY =
  /^(?:the|our|their|his|her|my|your|this|that|and|or|for|with|from|paid|big|large|small|old|new|other|first|several|many|most|some|local|original|famous|great|what|which|where|when|who|no|any|every|all|like|than|as|how|two|three|four|if) /i;
const SURNAME = /(?<![.!?]\s)(?<=\s|^)\p{Lu}\p{Ll}+\s\p{Lu}\p{Ll}+$/u;
/** Those somebody works for, or buys from: “rope for boatyards and sailmakers”. */
const FOR_THEM = /(?<!\p{L})(?:for|to|from|by|with) (?!\d)(?:[\p{Ll}’-]+,? ){0,3}(?:(?:and|or) )?$/iu;
/** Of the patterns above, the one that takes any word for a trade, whoever’s it is. */
const IN_PASSING = 1;

/**
 * The trade in the client’s own word, for trades the house has no pack for: “bookbinders” is “bookbinder”; and whether they
 * say that it is theirs.
 */
export function tradeSaid(source: string, name: string): { said: string; own: boolean } {
  for (const text of [name, source])
    for (const [n, pattern] of TRADE_SAID.entries()) {
      // “Tess Arkwright” is somebody’s name, and “one of the big makers” somebody else.
      const met = [...text.matchAll(new RegExp(pattern.source, `g${pattern.flags}`))].find(
        (m) =>
          m[1] &&
          !NOBODY.test(m[1]) &&
          (text === name || !SURNAME.test(text.slice(0, m.index + m[0].length))) &&
          (n !== IN_PASSING || !FOR_THEM.test(text.slice(Math.max(0, m.index - 60), m.index))),
      );
      const said = met?.[1]?.toLowerCase();
      if (said) return { said: said.replace(/(?<=[^s])s$/, '').slice(0, 80), own: text === name || n !== IN_PASSING };
    }
  return { said: '', own: false };
}
