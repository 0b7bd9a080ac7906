const UNITS = ['bytes', 'KB', 'MB', 'GB', 'TB'] as const;

/** A size in words, in powers of a thousand: “610 MB”, “1.9 GB”. */
export function bytes(size: number): string {
  let [value, unit] = [size, 0];
  while (value >= 999.5 && unit < UNITS.length - 1) [value, unit] = [value / 1000, unit + 1];
  const digits = unit > 1 && value < 9.95 ? 1 : 0;
  return `${value.toFixed(digits)} ${UNITS[unit]}`;
}
