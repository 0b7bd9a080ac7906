const rules = new Intl.PluralRules('en-GB');

/** A number with its noun: “1 page”, “3 pages”, “2 entries”. */
export const some = (n: number, one: string, many = `${one}s`): string =>
  `${n} ${rules.select(n) === 'one' ? one : many}`;
