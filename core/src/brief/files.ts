import { Parser } from 'htmlparser2';
import Papa from 'papaparse';

/** A file that no brief can be read from. The message says why. */
export class FileError extends Error {
  override name = 'FileError';
}

const BLOCK =
  /^(?:address|article|aside|blockquote|br|dd|div|dl|dt|fieldset|figcaption|footer|form|h[1-6]|header|hr|li|main|nav|ol|p|pre|section|table|td|th|tr|ul)$/;
const SILENT = /^(?:script|style|noscript|template|svg|iframe|select|option|button|textarea)$/;

const DAY: Record<string, string> = { Mo: 'Mon', Tu: 'Tue', We: 'Wed', Th: 'Thu', Fr: 'Fri', Sa: 'Sat', Su: 'Sun' };

/** What a page says of its business in structured data (schema.org JSON-LD), as labelled lines. */
function structured(json: string): string[] {
  let data: unknown;
  try {
    data = JSON.parse(json);
  } catch {
    return [];
  }
  const all = [data]
    .flat()
    .flatMap((d) => ((d as { '@graph'?: unknown[] } | null)?.['@graph'] ?? d) as unknown) as Record<string, unknown>[];
  const lines: string[] = [];
  for (const one of all) {
    if (typeof one !== 'object' || one === null || !('telephone' in one || 'address' in one || 'openingHours' in one))
      continue;
    const text = (v: unknown) => (typeof v === 'string' || typeof v === 'number' ? String(v).replace(/\s+/g, ' ') : '');
    const address = one['address'] as Record<string, unknown> | string | undefined;
    const parts =
      typeof address === 'object'
        ? ['streetAddress', 'addressLocality', 'postalCode']
            .map((k) => text(address[k]))
            .filter(Boolean)
            .join(', ')
        : text(address);
    const labelled: [string, string][] = [
      ['Name', text(one['name'])],
      ['Phone', text(one['telephone'])],
      ['Mail', text(one['email']).replace(/^mailto:/, '')],
      ['Address', parts],
      [
        'Hours',
        [one['openingHours'] ?? []]
          .flat()
          .map((h) => text(h).replace(/\b(?:Mo|Tu|We|Th|Fr|Sa|Su)\b/g, (d) => DAY[d]!))
          .join(', '),
      ],
      ['Founded', text(one['foundingDate']).slice(0, 4)],
    ];
    lines.push(...labelled.filter(([, v]) => v).map(([k, v]) => `${k}: ${v}`));
  }
  return lines;
}

/** The text of a saved web page: headings, paragraphs and lists as lines, numbers and addresses of its links kept. */
export function textOfHtml(html: string): string {
  let out = '';
  let title = '';
  let inTitle = false;
  let silent = 0;
  let json: string | null = null;
  let headed = false;
  const extra: string[] = [];
  const line = () => {
    if (out && !out.endsWith('\n')) out += '\n';
  };
  const parser = new Parser({
    onopentag(name, attributes) {
      if (name === 'script' && /ld\+json/.test(attributes['type'] ?? '')) json = '';
      if (SILENT.test(name)) silent++;
      if (name === 'title' && !title) inTitle = true;
      if (name === 'meta' && attributes['name'] === 'description' && attributes['content'])
        extra.push(attributes['content']);
      if (BLOCK.test(name)) line();
      if (name === 'h1' && !headed) {
        out += '\n# ';
        headed = true;
      } else if (/^h[1-6]$/.test(name)) out += '\n## ';
      if (name === 'li') out += '- ';
      const href = attributes['href'] ?? '';
      if (/^(?:tel|mailto):/i.test(href)) {
        const said = decodeURIComponent(href.replace(/^(?:tel|mailto):/i, '').replace(/\?.*$/, ''));
        if (!html.includes(`>${said}<`)) extra.push(said);
      }
    },
    ontext(text) {
      if (json !== null) json += text;
      else if (inTitle) title += text;
      else if (!silent) out += text.replace(/\s+/g, ' ');
    },
    onclosetag(name) {
      if (name === 'script' && json !== null) {
        extra.unshift(...structured(json));
        json = null;
      }
      if (SILENT.test(name)) silent = Math.max(0, silent - 1);
      if (name === 'title') inTitle = false;
      if (BLOCK.test(name)) line();
    },
  });
  parser.write(html);
  parser.end();
  const body = out
    .split('\n')
    .map((l) => l.trim())
    .filter((l) => l !== '-' && l !== '##' && l !== '#')
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
  const name = title.split(/\s[–|—·-]\s/)[0]!.trim();
  return [
    extra.filter((l) => /^\w+: /.test(l)).join('\n'),
    headed || !name ? '' : `# ${name}`,
    extra.filter((l) => !/^\w+: /.test(l)).join('\n'),
    body,
  ]
    .filter(Boolean)
    .join('\n\n');
}

/** A vCard (RFC 6350, and 3.0 before it) as labelled lines. */
export function textOfVcard(card: string): string {
  const unfolded = card.replace(/\r\n?/g, '\n').replace(/\n[ \t]/g, '');
  const out: string[] = [];
  const plain = (v: string) =>
    v
      .replace(/\\n/gi, '\n')
      .replace(/\\([,;\\])/g, '$1')
      .trim();
  const fields = (v: string) =>
    v
      .split(/(?<!\\);/)
      .map(plain)
      .filter(Boolean);
  const put = (label: string, value: string) =>
    value && !out.some((l) => l.startsWith(`${label}: `)) && out.push(`${label}: ${value}`);
  const lines = [...unfolded.matchAll(/^(?:[\w-]+\.)?([A-Z-]+)((?:;[^:\n]*)?):(.*)$/gim)].map((m) => ({
    key: m[1]!.toUpperCase(),
    parameters: m[2]!,
    value: m[3]!,
  }));
  const of = (key: string) => lines.filter((l) => l.key === key);
  put('Name', fields(of('ORG')[0]?.value ?? '')[0] ?? '');
  for (const { key, parameters, value } of lines) {
    if (key === 'FN') put(out.some((l) => l.startsWith('Name: ')) ? 'People' : 'Name', plain(value));
    else if (key === 'TEL') put('Phone', plain(value).replace(/^tel:/i, ''));
    else if (key === 'EMAIL') put('Mail', plain(value));
    else if (key === 'ADR') put('Address', /LABEL="?([^":;]+)"?/i.exec(parameters)?.[1] ?? fields(value).join(', '));
    else if (key === 'NOTE') out.push('', plain(value), '');
    else if (key === 'URL') out.push('', plain(value), '');
  }
  return out
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
}

const COLUMN: [RegExp, 'name' | 'price' | 'detail' | 'day' | 'opens' | 'closes'][] = [
  [/^(?:service|name|item|what|product|leistung|servicio|prestation)s?$/i, 'name'],
  [/^(?:price|cost|from|preis|precio|prix|tarif|rate)s?\b/i, 'price'],
  [/^(?:detail|description|about|notes?|beschreibung|descripción)s?$/i, 'detail'],
  [/^(?:day|tag|día|dia|jour)s?$/i, 'day'],
  [/^(?:opens?|from|von|start|abre|ouvre)$/i, 'opens'],
  [/^(?:closes?|to|until|bis|end|cierra|ferme)$/i, 'closes'],
];

/** A table of services with prices, or of opening hours (CSV, RFC 4180, any common separator), as a labelled list. */
export function textOfCsv(csv: string): string {
  const { data } = Papa.parse<string[]>(csv.replace(/^\uFEFF/, '').trim(), { skipEmptyLines: 'greedy' });
  const rows = data.map((r) => r.map((c) => String(c).trim()));
  if (!rows.length) throw new FileError('The table is empty.');
  const head = rows[0]!.map((h) => COLUMN.find(([p]) => p.test(h))?.[1] ?? null);
  const named = head.includes('name') || head.includes('day');
  const body = named ? rows.slice(1) : rows;
  const at = (row: string[], column: string, n: number) =>
    named ? (row[head.indexOf(column as 'name')] ?? '') : (row[n] ?? '');
  if (head.includes('day'))
    return `Hours:\n${body.map((r) => `${at(r, 'day', 0)} ${at(r, 'opens', 1)}–${at(r, 'closes', 2)}`).join('\n')}`;
  const money = (v: string) => (/^\d[\d.,]*$/.test(v) ? `£${v}` : v);
  const lines = body.map((r) => {
    const [name, price, detail] = [at(r, 'name', 0), money(at(r, 'price', 1)), at(r, 'detail', 2)];
    return name && `- ${name}${price ? `, ${price}` : ''}${detail ? `: ${detail}` : ''}`;
  });
  return `Services:\n${lines.filter(Boolean).join('\n')}`;
}

/**
 * The text a brief is read from, whatever kind of file it came in: a saved page, a vCard, a table, JSON, Markdown or plain text.
 * @throws FileError where nothing can be read from it
 */
export function textOfFile(name: string, content: string): string {
  if (content.includes('\u0000')) throw new FileError(`${name} is not a text. Save it as text, or paste what it says.`);
  if (!content.trim()) throw new FileError(`${name} is empty.`);
  if (/\.vcf$/i.test(name) || /^\s*BEGIN:VCARD/i.test(content)) return textOfVcard(content);
  if (/\.(?:csv|tsv)$/i.test(name)) return textOfCsv(content);
  if (/\.x?html?$/i.test(name) || /^\s*<(?:!doctype|html)/i.test(content)) return textOfHtml(content);
  return content;
}
