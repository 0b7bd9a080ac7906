/** Families of trades: what is true of all of them that no trade of its own says better. */
export const FAMILIES = [
  'craft',
  'repair',
  'building',
  'land',
  'food',
  'shop',
  'stay',
  'club',
  'culture',
  'office',
  'person',
  'transport',
] as const;
export type Family = (typeof FAMILIES)[number];
