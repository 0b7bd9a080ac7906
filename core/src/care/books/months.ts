/** A month of a year, as ISO 8601 writes it: “2026-10”. */
export type Month = string;
export const MONTH = /^\d{4}-(0[1-9]|1[0-2])$/;

/** The month a day (ISO 8601) is in. */
export const monthOf = (day: string): Month => day.slice(0, 7);

/** The month so many after one; before it where that is negative. */
export function monthAfter(month: Month, by: number): Month {
  const at = new Date(`${month}-01T00:00:00Z`);
  at.setUTCMonth(at.getUTCMonth() + by);
  return at.toISOString().slice(0, 7);
}

/** How many months `to` is after `from`. */
export const monthsBetween = (from: Month, to: Month): number =>
  (Number(to.slice(0, 4)) - Number(from.slice(0, 4))) * 12 + Number(to.slice(5)) - Number(from.slice(5));

/** The first and the last day of a month. */
export function daysOf(month: Month): { first: string; last: string; days: number } {
  const last = new Date(Date.parse(`${monthAfter(month, 1)}-01`) - 86_400_000).toISOString().slice(0, 10);
  return { first: `${month}-01`, last, days: Number(last.slice(8)) };
}

/** A month as people of a language say it: “October 2026”. */
export const monthWords = (month: Month, language = 'en-GB'): string =>
  new Intl.DateTimeFormat(language, { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
    new Date(`${month}-01`),
  );

/** A day as people of a language say it: “3 October 2026”. */
export const dayWords = (day: string, language = 'en-GB'): string =>
  new Intl.DateTimeFormat(language, { dateStyle: 'long', timeZone: 'UTC' }).format(new Date(day.slice(0, 10)));
