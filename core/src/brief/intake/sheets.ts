import { strFromU8, unzipSync, type Unzipped } from 'fflate';
import { Parser } from 'htmlparser2';
import { FileError } from '../files.js';
import { textOfRows } from '../files/table.js';

/** What a part of a document may unpack to, bytes. */
const MOST_UNPACKED = 20_000_000;
const MOST_ROWS = 4000;
const MOST_COLUMNS = 60;

/**
 * The parts of a zipped document a reader may need.
 * @throws FileError where it cannot be unpacked, or unpacks to more than may be
 */
export function unpacked(name: string, bytes: Uint8Array): Unzipped {
  let size = 0;
  try {
    return unzipSync(bytes, {
      filter: ({ name: part, originalSize }) => {
        if (!/\.(?:xml|rels)$|^mimetype$/.test(part)) return false;
        size += originalSize;
        if (size > MOST_UNPACKED) throw new FileError(`${name} unpacks to too much to be a brief.`);
        return true;
      },
    });
  } catch (error) {
    if (error instanceof FileError) throw error;
    throw new FileError(`${name} is damaged and cannot be unpacked.`);
  }
}

/** Walks XML; names without their prefixes. */
function walk(
  xml: string,
  on: {
    open?: (tag: string, attributes: Record<string, string>) => void;
    text?: (t: string) => void;
    close?: (tag: string) => void;
  },
): void {
  const bare = (n: string) => n.replace(/^.*:/, '');
  const parser = new Parser(
    {
      onopentag: (n, a) => on.open?.(bare(n), Object.fromEntries(Object.entries(a).map(([k, v]) => [bare(k), v]))),
      ontext: (t) => on.text?.(t),
      onclosetag: (n) => on.close?.(bare(n)),
    },
    { xmlMode: true, decodeEntities: true },
  );
  parser.write(xml);
  parser.end();
}

/** The column of a cell, “C7” being 2. */
const columnOf = (at: string): number =>
  [...(/^[A-Z]{1,3}/.exec(at)?.[0] ?? 'A')].reduce((n, c) => n * 26 + c.charCodeAt(0) - 64, 0) - 1;

/** The sheets of a workbook (Office Open XML, ECMA-376) as lines of text, in their order. */
export function textOfXlsx(parts: Unzipped): string {
  const shared: string[] = [];
  let now = '';
  if (parts['xl/sharedStrings.xml'])
    walk(strFromU8(parts['xl/sharedStrings.xml']), {
      open: (tag) => tag === 'si' && (now = ''),
      text: (t) => (now += t),
      close: (tag) => tag === 'si' && shared.push(now),
    });
  const sheets = Object.keys(parts)
    .filter((p) => /^xl\/worksheets\/sheet\d+\.xml$/.test(p))
    .sort((a, b) => Number(/\d+/.exec(a)![0]) - Number(/\d+/.exec(b)![0]));
  return sheets
    .map((sheet) => {
      const rows: string[][] = [];
      let kind = '';
      let column = 0;
      let value = '';
      let inValue = false;
      walk(strFromU8(parts[sheet]!), {
        open: (tag, a) => {
          if (tag === 'row' && rows.length < MOST_ROWS) rows.push([]);
          else if (tag === 'c') {
            column = Math.min(MOST_COLUMNS, columnOf(a['r'] ?? ''));
            kind = a['t'] ?? 'n';
            value = '';
          } else if (tag === 'v' || tag === 't') inValue = true;
        },
        text: (t) => inValue && (value += t),
        close: (tag) => {
          if (tag === 'v' || tag === 't') inValue = false;
          else if (tag === 'c' && rows.length) {
            const row = rows.at(-1)!;
            while (row.length < column) row.push('');
            // 12.5 is kept as 12.499999999999999 at times.
            const number = kind === 'n' && value !== '' ? String(Math.round(Number(value) * 100) / 100) : value;
            row[column] = kind === 's' ? (shared[Number(value)] ?? '') : number;
          }
        },
      });
      return textOfRows(rows);
    })
    .filter(Boolean)
    .join('\n\n');
}

/** An OpenDocument text or spreadsheet (ISO/IEC 26300) as lines of text. */
export function textOfOpenDocument(parts: Unzipped): string {
  const out: string[] = [];
  let rows: string[][] | null = null;
  let repeat = 1;
  let text = '';
  let depth = 0;
  let list = false;
  walk(strFromU8(parts['content.xml']!), {
    open: (tag, a) => {
      if (tag === 'table') rows = [];
      else if (tag === 'table-row') rows?.push([]);
      else if (tag === 'table-cell') {
        repeat = Math.min(MOST_COLUMNS, Number(a['number-columns-repeated'] ?? 1));
        text = '';
      } else if (tag === 'list-item') list = true;
      else if (tag === 'p' || tag === 'h') {
        if (!rows) text = tag === 'h' ? '## ' : list ? '- ' : '';
        else if (text) text += ' ';
        depth++;
      } else if (tag === 's' || tag === 'tab' || tag === 'line-break') text += tag === 'line-break' ? '\n' : ' ';
    },
    text: (t) => depth && (text += t),
    close: (tag) => {
      if (tag === 'p' || tag === 'h') {
        depth--;
        if (!rows) out.push(text, '');
      } else if (tag === 'list-item') list = false;
      else if (tag === 'table-cell' && rows && rows.length <= MOST_ROWS) {
        const row = rows.at(-1);
        for (let n = 0; row && n < repeat && row.length < MOST_COLUMNS; n++) row.push(text.trim());
      } else if (tag === 'table' && rows) {
        out.push(textOfRows(rows), '');
        rows = null;
      }
    },
  });
  return out
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
}
