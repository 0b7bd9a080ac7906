const rules = new Intl.PluralRules('en-GB');

/** A number with its noun: “1 page”, “3 pages”, “2 entries”. */
export const some = (n: number, one: string, many = `${one}s`): string =>
  `${n} ${rules.select(n) === 'one' ? one : many}`;

/** How long something took, in the two words a person would say: minutes up to two hours, hours up to two days, then days. */
export function lasted(ms: number): string {
  const minutes = Math.max(1, Math.round(ms / 60_000));
  if (minutes < 120) return some(minutes, 'minute');
  return minutes < 2880 ? some(Math.round(minutes / 60), 'hour') : some(Math.round(minutes / 1440), 'day');
}
