import type { SiteDocument } from '../../model/site.js';
import { renderWindow } from './render.js';

/** A heading of a page as it is drawn: its level, its words, and the text it is (`section/path`); null for fixed words. */
export interface Heading {
  level: number;
  words: string;
  part: string | null;
}

const plain = (html: string) =>
  html
    .replace(/<br\s*\/?>/g, ' ')
    .replace(/<[^>]+>/g, '')
    .replace(/&(amp|lt|gt|quot|#39|nbsp);/g, (_, n: string) => ENTITIES[n]!)
    .replace(/\s+/g, ' ')
    .trim();
const ENTITIES: Record<string, string> = { amp: '&', lt: '<', gt: '>', quot: '"', '#39': "'", nbsp: ' ' };

/** The headings of a page from top to bottom, read off the page as it is drawn and not from what it should be. */
export function headingsOf(document: SiteDocument, page: string): Heading[] {
  const html = renderWindow(document, page, '')?.html ?? '';
  return [...html.matchAll(/<h([1-6])\b([^>]*)>(.*?)<\/h\1>/gs)].flatMap(([, level, attributes = '', inner = '']) => {
    const words = plain(inner);
    const part = /\bdata-part="([^"]+)"/.exec(attributes + inner)?.[1] ?? null;
    return words ? [{ level: Number(level), words, part }] : [];
  });
}
