/** Currencies of two decimals that invoices may be in (ISO 4217). Amounts are whole hundredths of them everywhere. */
export const CURRENCIES = ['GBP', 'EUR', 'USD', 'CHF', 'DKK', 'NOK', 'SEK', 'PLN', 'CZK'] as const;
export type Currency = (typeof CURRENCIES)[number];

/** The most one amount may be, hundredths: what is above is a slip of the hand. */
export const MOST_MONEY = 100_000_000;

/** An amount in the way people of a language write it. */
export const moneyWords = (amount: number, currency: Currency, language = 'en-GB'): string =>
  new Intl.NumberFormat(language, { style: 'currency', currency }).format(amount / 100);

/** An amount as data has it: “-12.50”. */
export const decimal = (amount: number): string => (amount / 100).toFixed(2);

/** `amount × times / by` of whole numbers, halves away from zero. */
export const portion = (amount: number, times: number, by = 1): number => {
  const all = amount * times;
  const [whole, rest] = [Math.trunc(all / by), Math.abs(all % by)];
  return (rest * 2 >= Math.abs(by) ? whole + Math.sign(all) * Math.sign(by) : whole) || 0;
};

/**
 * Reads an amount as somebody types it: “45”, “£45.50”, “1.200,50 €”, “1 200,50”. Null where it is none, has more than two
 * decimals, or is too large. Of two kinds of separators the last one is that of the decimals; a single one is, where not
 * three digits stand behind it.
 */
export function readMoney(text: string): number | null {
  const bare = text.replace(/[\s\u00a0\u202f'’]|[A-Z]{2,3}|[£€$]|kr\.?|zł|Kč/g, '');
  const m = /^(\d+(?:[.,]\d{3})*|\d+)(?:([.,])(\d{1,2}))?$/.exec(bare);
  if (!m) return null;
  const separators = new Set(m[1]!.replace(/\d/g, ''));
  if (separators.size > 1 || (m[2] && separators.has(m[2]))) return null;
  if (separators.size && !/^\d{1,3}([.,]\d{3})+$/.test(m[1]!)) return null;
  const amount = Number(m[1]!.replace(/[.,]/g, '')) * 100 + Number((m[3] ?? '').padEnd(2, '0'));
  return amount <= MOST_MONEY ? amount : null;
}
