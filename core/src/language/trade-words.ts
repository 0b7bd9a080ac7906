import type { TradeWord } from './language.js';

/**
 * The trades of a language from its lines: `id gender|names|what is worked on|what is usually offered`. Names, things and
 * services are parted by commas.
 */
export function tradeWords(lines: string, withArticle: (noun: string, gender: string) => string) {
  const trades: Record<string, TradeWord> = {};
  for (const line of lines.split('\n')) {
    const [head, ...lists] = line.split('|');
    const [id, gender = ''] = head!.split(' ');
    const [names = [], things = [], services = []] = lists.map((list) => list.split(', '));
    const noun = names[0]!;
    trades[id!] = { noun, withArticle: withArticle(noun, gender), names, things, services };
  }
  return trades;
}

/** What services are called in a language, from their English: two lists of usual services that run beside each other. */
export function termsBeside(
  english: Record<string, TradeWord>,
  there: Record<string, TradeWord>,
): Record<string, string> {
  const terms: Record<string, string> = {};
  for (const [id, trade] of Object.entries(english)) {
    const beside = there[id]?.services ?? [];
    if (beside.length === trade.services.length)
      trade.services.forEach((name, n) => (terms[name.toLowerCase()] ??= beside[n]!));
  }
  return terms;
}
