import type PostalMime from 'postal-mime';
import { FileError, textOfBrief, textOfFile, textOfHtml, withoutUnseen } from '../files.js';
import { textOfOpenDocument, textOfXlsx, unpacked } from './sheets.js';

/** Pages of a PDF that are read, and how deep mails within mails are. */
const MOST_PAGES = 60;
const MOST_DEPTH = 3;

const begins = (bytes: Uint8Array, ...magic: number[]): boolean => magic.every((m, n) => bytes[n] === m);

/** Bytes as text: UTF-8, UTF-16 where a mark says so, and what old programs write where it is neither. */
function decoded(bytes: Uint8Array): string {
  if (begins(bytes, 0xff, 0xfe)) return new TextDecoder('utf-16le').decode(bytes);
  if (begins(bytes, 0xfe, 0xff)) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

async function textOfDocx(name: string, bytes: Uint8Array): Promise<string> {
  const { default: mammoth } = await import('mammoth');
  const copy = bytes.slice();
  const input = typeof Buffer === 'undefined' ? { arrayBuffer: copy.buffer } : { buffer: Buffer.from(copy) };
  try {
    // Pictures are left packed: what they unpack to nobody has measured.
    const convertImage = mammoth.images.imgElement(() => Promise.resolve({ src: '' }));
    const { value } = await mammoth.convertToHtml(input as { arrayBuffer: ArrayBuffer }, { convertImage });
    return textOfHtml(value);
  } catch {
    throw new FileError(`${name} is damaged and cannot be read as a Word document.`);
  }
}

/** The lines of a PDF in their order; a wider gap than between lines is an empty one. */
async function textOfPdf(name: string, bytes: Uint8Array): Promise<string> {
  const pdfjs = await import('pdfjs-dist/legacy/build/pdf.mjs');
  // Read where we are: the text of a few pages needs no thread of its own.
  const scope = globalThis as { pdfjsWorker?: unknown };
  // @ts-expect-error The package describes its main part only.
  scope.pdfjsWorker ??= await import('pdfjs-dist/legacy/build/pdf.worker.mjs');
  let out = '';
  try {
    const document = await pdfjs.getDocument({
      data: bytes.slice(),
      isEvalSupported: false,
      disableFontFace: true,
      verbosity: 0,
    }).promise;
    for (let n = 1; n <= Math.min(MOST_PAGES, document.numPages); n++) {
      const { items } = await (await document.getPage(n)).getTextContent();
      let last: { y: number; end: number; height: number } | null = null;
      for (const item of items) {
        if (!('str' in item) || (!item.str && !item.hasEOL)) continue;
        const [x, y] = [item.transform[4] as number, item.transform[5] as number];
        const height: number = item.height || last?.height || 10;
        if (last && Math.abs(last.y - y) > height * 0.5) out += Math.abs(last.y - y) > height * 1.9 ? '\n\n' : '\n';
        else if (last && x - last.end > height * 1.5) out += '\t';
        else if (last && x - last.end > height * 0.15 && !out.endsWith(' ')) out += ' ';
        out += item.str;
        last = { y, end: x + item.width, height };
      }
      out += '\n\n';
    }
    await document.destroy();
  } catch {
    throw new FileError(`${name} is damaged or locked and cannot be read as a PDF.`);
  }
  if (!/\p{L}{2}/u.test(out))
    throw new FileError(`${name} has no text in it: it is a picture of pages. Copy out what it says.`);
  return out.replace(/\n{3,}/g, '\n\n').trim();
}

type Mail = Awaited<ReturnType<typeof PostalMime.parse>>;
const person = (a: Mail['from']): string => (a?.name ? `${a.name} <${a.address ?? ''}>` : (a?.address ?? ''));

/** A mail (RFC 5322, MIME) with its head as lines, and what is attached to it under its own name. */
async function textOfMail(name: string, bytes: Uint8Array, depth: number): Promise<string> {
  const { default: Postal } = await import('postal-mime');
  let mail: Mail;
  try {
    mail = await Postal.parse(bytes.slice());
  } catch {
    throw new FileError(`${name} is damaged and cannot be read as a mail.`);
  }
  const head = [
    ['From', person(mail.from)],
    ['To', (mail.to ?? []).map(person).join(', ')],
    ['Date', mail.date ?? ''],
    ['Subject', mail.subject ?? ''],
  ]
    .filter(([, v]) => v)
    .map(([k, v]) => `${k!}: ${v!}`)
    .join('\n');
  const body = mail.text?.trim() ? mail.text : textOfHtml(mail.html ?? '');
  const attached: string[] = [];
  for (const { filename, content, mimeType } of mail.attachments) {
    const called = filename ?? (mimeType === 'message/rfc822' ? 'mail.eml' : '');
    if (!called || depth >= MOST_DEPTH) continue;
    try {
      const inner =
        typeof content === 'string' ? new TextEncoder().encode(content) : new Uint8Array(content as ArrayBuffer);
      attached.push(`=== ${called} ===\n\n${await textOfBytes(called, inner, depth + 1)}`);
    } catch (error) {
      // A logo in a mail is no reason not to read the mail.
      if (!(error instanceof FileError)) throw error;
    }
  }
  return [`${head}\n\n${withoutUnseen(body).trim()}`, ...attached].join('\n\n');
}

/**
 * The text a brief is read from, whatever file it came in: Word, PDF with text, a mail with what is attached, spreadsheets,
 * OpenDocument, saved pages, cards, tables, forms, text. What is not needed for a kind of file is not loaded.
 * @throws FileError where nothing can be read from it, with what to do about it
 */
export async function textOfBytes(name: string, bytes: Uint8Array, depth = 0): Promise<string> {
  if (!bytes.length) throw new FileError(`${name} is empty.`);
  if (begins(bytes, 0x25, 0x50, 0x44, 0x46)) return textOfPdf(name, bytes);
  if (begins(bytes, 0x50, 0x4b, 0x03, 0x04)) {
    const parts = unpacked(name, bytes);
    if (parts['word/document.xml']) return textOfDocx(name, bytes);
    if (parts['xl/workbook.xml']) return textOfXlsx(parts);
    if (parts['content.xml']) return textOfOpenDocument(parts);
    throw new FileError(`${name} is a packed folder. Unpack it and give the files in it.`);
  }
  if (begins(bytes, 0xd0, 0xcf, 0x11, 0xe0))
    throw new FileError(`${name} is of an old kind. Save it as .docx or .xlsx.`);
  if (begins(bytes, 0x89, 0x50, 0x4e, 0x47) || begins(bytes, 0xff, 0xd8) || begins(bytes, 0x47, 0x49, 0x46))
    throw new FileError(`${name} is a picture. Pictures go to the pictures of the site, once it has begun.`);
  const text = decoded(bytes);
  if (/\.eml$/i.test(name) || /^(?:[\w-]+: .*\r?\n)*(?:MIME-Version|Content-Type): /i.test(text.slice(0, 4000)))
    return textOfMail(name, bytes, depth);
  // The sheet itself as JSON is kept as it is: whoever reads the brief knows it. Within a mail it is read as a form.
  return depth ? textOfBrief(name, text) : textOfFile(name, text);
}
