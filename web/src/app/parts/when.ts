const relative = new Intl.RelativeTimeFormat('en-GB', { numeric: 'auto' });
const UNITS: [Intl.RelativeTimeFormatUnit, number][] = [
  ['day', 86_400],
  ['hour', 3600],
  ['minute', 60],
];

/** How long ago, or how soon, in words. Times are ISO 8601. */
export function when(iso: string | null, now = Date.now()): string {
  if (!iso) return 'never';
  const seconds = Math.round((Date.parse(iso) - now) / 1000);
  for (const [unit, size] of UNITS)
    if (Math.abs(seconds) >= size) return relative.format(Math.trunc(seconds / size), unit);
  return Math.abs(seconds) < 5 ? 'just now' : relative.format(seconds, 'second');
}

const dayFormat = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
const timeFormat = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
});
export const day = (iso: string): string => dayFormat.format(new Date(iso));
export const time = (iso: string): string => timeFormat.format(new Date(iso));
/** Whole days from now; negative where it is past. */
export const daysLeft = (iso: string, now = Date.now()): number => Math.floor((Date.parse(iso) - now) / 86_400_000);
/** The day of a time where whoever looks is, as a date field has it: `2027-03-01`. @param ms since 1970 */
export function dateOf(ms: number): string {
  const at = new Date(ms);
  return new Date(ms - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
}
