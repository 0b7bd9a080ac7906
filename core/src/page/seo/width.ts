/**
 * Advance widths of the sans-serif that search results are commonly set in, in 1/1000 em, from the published
 * metrics of the standard 14 fonts (Helvetica). Characters that are not listed count as an average letter.
 */
const GROUPS: Record<number, string> = {
  191: "'",
  222: 'ijl‘’',
  278: ' !,./:;[\\]ftI|ÍÌÎÏíìîï·',
  333: '()-r`“”„',
  260: '{}¦',
  355: '"',
  350: '•',
  389: '*',
  469: '^',
  500: 'ckszvxyJçšýžñ–',
  556: '0123456789#$£€?_abdeghnopquLâäàáåéèêëóòôöúùûü«»§ß',
  584: '+<=>~±×',
  611: 'FTZŽ',
  667: '&ABEKPSVXYÄÀÁÂÅÉÈÊËŠÝ',
  722: 'CDHNRUwÇÑÚÙÛÜ',
  778: 'GOQÖÓÒÔ',
  833: 'Mm',
  889: '%',
  944: 'W',
  1000: '—…',
  1015: '@',
};
const WIDTH = new Map<string, number>();
for (const [width, characters] of Object.entries(GROUPS)) for (const ch of characters) WIDTH.set(ch, Number(width));

/** The width of a line of text in CSS px at a font size in px. */
export function textWidth(text: string, size: number): number {
  let sum = 0;
  for (const ch of text) sum += WIDTH.get(ch) ?? 556;
  return (sum * size) / 1000;
}

/** What a search result commonly shows: one line of title, two of description, CSS px and px font size. */
export const RESULT = { title: { size: 20, width: 580 }, description: { size: 14, width: 1160 } } as const;

/** Cuts text at a word so that it fits a width, with an ellipsis where anything was cut. */
export function fitWidth(text: string, size: number, width: number): string {
  if (textWidth(text, size) <= width) return text;
  const words = text.split(/\s+/);
  while (words.length > 1 && textWidth(`${words.join(' ')} …`, size) > width) words.pop();
  return `${words.join(' ').replace(/[.,;:–-]$/, '')} …`;
}
