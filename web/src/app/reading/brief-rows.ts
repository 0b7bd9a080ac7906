import type { FactField, ListFact } from '@tin-porch/core/model';

/** A field of the brief, as it is asked for. `long` is how many lines it is shown in, where more than one. */
export interface Row {
  field: FactField;
  label: string;
  hint?: string;
  long?: number;
  type?: string;
}

export const WHO: Row[] = [
  { field: 'name', label: 'Client or business name' },
  { field: 'trade', label: 'Trade', hint: 'boatyard, joiner, guest house …' },
  { field: 'place', label: 'Place' },
  { field: 'area', label: 'Area served', hint: 'within 20 miles of …' },
  { field: 'strapline', label: 'Strapline', hint: 'if they have one' },
  { field: 'founded', label: 'Founded', hint: 'a year' },
  { field: 'legalName', label: 'Legal name', hint: 'where it is another' },
];
export const WHY: Row[] = [
  { field: 'audience', label: 'For whom', hint: 'as it would follow “for”' },
  { field: 'apart', label: 'What sets them apart', long: 2 },
];
export const TOLD: Row[] = [
  { field: 'description', label: 'What they told you', hint: 'in their words; a pasted mail will do', long: 8 },
];
export const REACH: Row[] = [
  { field: 'phone', label: 'Phone', type: 'tel' },
  { field: 'mail', label: 'Mail', type: 'email' },
  { field: 'address', label: 'Address', long: 3 },
  { field: 'hours', label: 'Opening hours', hint: 'one line a rule: Mon–Fri 8.00–17.00', long: 3 },
];
export const LISTS: { field: ListFact; label: string; hint: string }[] = [
  { field: 'benefits', label: 'What people gain', hint: 'a sentence each' },
  { field: 'memberships', label: 'Memberships', hint: 'guilds, registers' },
  {
    field: 'registrations',
    label: 'Registrations',
    hint: 'company, charity and register numbers, at the foot of pages',
  },
  { field: 'languages', label: 'Languages spoken', hint: 'German, French' },
  { field: 'keywords', label: 'Words to be found by', hint: 'each placed once' },
  { field: 'links', label: 'Elsewhere on the web', hint: 'addresses' },
  { field: 'colours', label: 'Colours', hint: 'lead the next look' },
  { field: 'style', label: 'Style words', hint: 'suggest the tone' },
  { field: 'dislikes', label: 'Dislikes', hint: 'kept for you' },
  { field: 'wanted', label: 'Wanted on the site', hint: 'steers the plan' },
  { field: 'unwanted', label: 'Not wanted', hint: 'prices, bookings, contact form' },
];

export const AIMS_SAID = [
  ['', 'not said'],
  ['found', 'to be found'],
  ['rung', 'to be phoned'],
  ['bookings', 'to take bookings'],
  ['sell', 'to sell'],
  ['inform', 'to inform'],
  ['support', 'to gather support'],
] as const;
export const PREMISES_SAID = [
  ['', 'not said'],
  ['here', 'people come to them'],
  ['away', 'they come to people'],
  ['online', 'online only'],
] as const;
