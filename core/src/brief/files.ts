import { textOfHtml } from './files/html.js';
import { textOfJson } from './files/json.js';
import { textOfCsv } from './files/table.js';
import { textOfVcard } from './files/vcard.js';

export { textOfCsv, textOfHtml, textOfJson, textOfVcard };

/** A file that no brief can be read from. The message says why. */
export class FileError extends Error {
  override name = 'FileError';
}

/** A text without what cannot be seen: control characters, and marks that turn the direction of writing around. */
export const withoutUnseen = (text: string): string =>
  text
    .replace(/\r\n?/g, '\n')
    .replace(/\u00a0/g, ' ')
    .replace(/(?![\n\t])[\p{Cc}\u00ad\u200b\u200e\u200f\u2028-\u202e\u2060\u2066-\u2069\ufeff]/gu, '');

/**
 * The text a brief is read from, whatever kind of text file it came in: a saved page, a vCard, a table, a form as JSON,
 * Markdown or plain text.
 * @throws FileError where nothing can be read from it
 */
export function textOfFile(name: string, content: string): string {
  if (content.includes('\u0000')) throw new FileError(`${name} is not a text. Save it as text, or paste what it says.`);
  const text = withoutUnseen(content);
  if (!text.trim()) throw new FileError(`${name} is empty.`);
  if (/\.vcf$/i.test(name) || /^\s*BEGIN:VCARD/i.test(text)) return textOfVcard(text);
  if (/\.(?:csv|tsv)$/i.test(name)) return textOfCsv(text);
  if (/\.x?html?$/i.test(name) || /^\s*<(?:!doctype|html)/i.test(text)) return textOfHtml(text);
  return text;
}

/**
 * The text of a file, forms that came as JSON of whatever shape among them.
 * @throws FileError where nothing can be read from it
 */
export function textOfBrief(name: string, content: string): string {
  const text = textOfFile(name, content);
  if (!/^\s*[[{]/.test(text)) return text;
  try {
    return textOfJson(JSON.parse(text));
  } catch {
    return text;
  }
}
