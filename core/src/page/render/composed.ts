import type { TextMark } from '../../model/marks.js';
import { isText, type SiteDocument } from '../../model/site.js';

const nfc = (s: string) => s.normalize('NFC');

/** A value with every string in it composed; what stands out in a text stands out in the same letters. */
function composedValue(value: unknown): unknown {
  if (typeof value === 'string') return nfc(value);
  if (Array.isArray(value)) return value.map(composedValue);
  if (typeof value !== 'object' || value === null) return value;
  const out = Object.fromEntries(Object.entries(value).map(([k, v]) => [k, composedValue(v)]));
  if (!isText(value) || !value.marks) return out;
  const moved = (at: number) => nfc(value.value.slice(0, at)).length;
  const marks = value.marks.map((m): TextMark => ({ ...m, from: moved(m.from), to: moved(m.to) }));
  return { ...out, marks };
}

/**
 * A site with its words in Unicode Normalization Form C, as pages have to be: an “ü” that came as a “u” with two dots on top
 * (from a PDF, say) is one letter. The same object where all of it is so already. @see UAX #15
 */
export function composed(document: SiteDocument): SiteDocument {
  const json = JSON.stringify(document);
  return nfc(json) === json ? document : (composedValue(document) as SiteDocument);
}
