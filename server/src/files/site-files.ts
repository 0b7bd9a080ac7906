import { createHash } from 'node:crypto';
import { Problem } from '@tin-porch/core/ground';
import { FILE_TYPES, type FileEnding, type SiteDocument, type SiteFile } from '@tin-porch/core/model';
import { freeFileId } from '@tin-porch/core/making';
import { MOST_BYTES } from '@tin-porch/press/darkroom';
import type { Pictures } from '../pictures/pictures.js';

/** The most a file for visitors may have, and a film. */
export const MOST_FILE_BYTES = 20_000_000;
export const MOST_FILM_BYTES = MOST_BYTES;
const FILMS: ReadonlySet<FileEnding> = new Set(['mp4', 'webm']);

const ZIPPED: ReadonlySet<FileEnding> = new Set(['docx', 'xlsx', 'pptx', 'odt', 'ods', 'odp', 'epub', 'zip']);
const begins = (bytes: Buffer, ...marks: string[]) =>
  marks.some((m) => bytes.subarray(0, m.length).toString('latin1') === m);

/** Whether bytes can be what the ending of their name says. */
function areOf(ending: FileEnding, bytes: Buffer): boolean {
  if (ending === 'pdf') return begins(bytes, '%PDF-');
  if (ZIPPED.has(ending)) return begins(bytes, 'PK\u0003\u0004');
  if (ending === 'mp4') return begins(bytes.subarray(4), 'ftyp');
  if (ending === 'webm') return begins(bytes, '\u001a\u0045\u00df\u00a3');
  if (ending === 'mp3') return begins(bytes, 'ID3') || (bytes[0] === 0xff && (bytes[1]! & 0xe0) === 0xe0);
  try {
    const text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    return !text.includes('\0') && (ending !== 'vtt' || text.startsWith('WEBVTT'));
  } catch {
    return false;
  }
}

const isEnding = (ending: string): ending is FileEnding => Object.hasOwn(FILE_TYPES, ending);

/** The files of sites for visitors to take away: looked at, and kept beside their pictures. */
export class SiteFiles {
  constructor(private readonly pictures: Pictures) {}

  /**
   * Takes a file that was brought under some name; `instead` is the id of the one it is another version of.
   * @throws Problem 422 with the reason where it cannot be given out
   */
  async bring(
    site: { id: string; document: SiteDocument },
    name: string,
    bytes: Buffer,
    instead?: string,
  ): Promise<SiteFile> {
    const refuse = (why: string) => new Problem(422, `“${name.slice(0, 80) || 'The file'}” was not taken`, why);
    const [, stem = '', ending = ''] = /^(.*)\.([a-z0-9]{2,5})$/i.exec(name.trim()) ?? [];
    const kind = ending.toLowerCase();
    if (!isEnding(kind))
      throw refuse(`What visitors can take away ends in one of these: ${Object.keys(FILE_TYPES).join(', ')}.`);
    const most = FILMS.has(kind) ? MOST_FILM_BYTES : MOST_FILE_BYTES;
    if (bytes.byteLength > most)
      throw refuse(`It has ${Math.round(bytes.byteLength / 1e6)} MB; ${most / 1e6} is the most.`);
    if (!areOf(kind, bytes)) throw refuse(`It is called .${kind}, and is something else within.`);
    const title =
      stem
        .replace(/[_\s]+/g, ' ')
        .trim()
        .slice(0, 120) || kind.toUpperCase();
    const hash = createHash('sha256').update(bytes).digest('hex');
    await this.pictures.keep(site.id, [{ hash, type: FILE_TYPES[kind], bytes }]);
    const before = site.document.files?.find((f) => f.id === instead);
    return {
      id: before?.id ?? freeFileId(site.document, title),
      title: before?.title ?? title,
      ending: kind,
      bytes: bytes.byteLength,
      hash,
    };
  }
}
