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

/** The trade in the client’s own word, for trades the house has no pack for: “bookbinders” is “bookbinder”. */
export function tradeSaid(source: string, name: string): string {
  for (const text of [name, source])
    for (const pattern of TRADE_SAID) {
      const said = pattern.exec(text)?.[1]?.toLowerCase();
      if (said) return said.replace(/(?<=[^s])s$/, '').slice(0, 80);
    }
  return '';
}
