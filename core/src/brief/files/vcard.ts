/** One or more vCards (RFC 6350, and 3.0 before it) as labelled lines, a block a card. */
export function textOfVcard(source: string): string {
  const unfolded = source
    .replace(/\r\n?/g, '\n')
    .replace(/=\n/g, '')
    .replace(/\n[ \t]/g, '');
  const cards = unfolded.split(/^END:VCARD\s*$/im).filter((c) => /^BEGIN:VCARD/im.test(c));
  return (cards.length ? cards : [unfolded])
    .map((c, n) => oneCard(c, n > 0))
    .join('\n\n')
    .trim();
}

const plain = (v: string) =>
  v
    .replace(/\\n/gi, '\n')
    .replace(/\\([,;:\\])/g, '$1')
    .trim();
const fields = (v: string) =>
  v
    .split(/(?<!\\);/)
    .map(plain)
    .filter(Boolean);
/** What a number or an address is for, where the card says it in words. */
const USE = /(?:TYPE=)?"?\b(home|fax|private|pager)\b/i;

function oneCard(card: string, further: boolean): string {
  const out: string[] = [];
  const lines = [...card.matchAll(/^(?:[\w-]+\.)?([A-Z-]+)((?:;[^:\n]*?(?:"[^"]*"[^:\n]*?)*)?):(.*)$/gim)].map((m) => ({
    key: m[1]!.toUpperCase(),
    parameters: m[2]!,
    value: /ENCODING=QUOTED-PRINTABLE/i.test(m[2]!) ? unquoted(m[3]!) : m[3]!,
  }));
  const org = fields(lines.find((l) => l.key === 'ORG')?.value ?? '')[0] ?? '';
  const fn = plain(lines.find((l) => l.key === 'FN')?.value ?? '');
  const named = org || fn;
  if (named) out.push(further ? `## ${fn || org}` : `Name: ${named}`);
  if (!further && org && fn && fn !== org)
    out.push(fn.startsWith(org) ? `Place: ${fn.slice(org.length).replace(/^[\s–—,-]+/, '')}` : `People: ${fn}`);
  const title = plain(lines.find((l) => l.key === 'TITLE' || l.key === 'ROLE')?.value ?? '');
  if (title) out.push(`Role: ${title}`);
  for (const { key, parameters, value } of lines) {
    const use = USE.exec(parameters)?.[1]?.toLowerCase() ?? '';
    const label = (l: string) => (use === 'fax' ? 'Fax' : use ? `${l} (${use === 'home' ? 'private' : use})` : l);
    if (key === 'TEL') out.push(`${label('Phone')}: ${plain(value).replace(/^tel:/i, '')}`);
    else if (key === 'EMAIL') out.push(`${label('Mail')}: ${plain(value).replace(/^mailto:/i, '')}`);
    else if (key === 'ADR')
      out.push(
        `${label('Address')}: ${(/LABEL="?([^":;]+)"?/i.exec(parameters)?.[1] ?? fields(value).join(', ')).replace(/\n/g, ', ')}`,
      );
    else if (key === 'NOTE' || key === 'URL') out.push('', plain(value), '');
    else if (key === 'CATEGORIES') out.push(`Keywords: ${plain(value)}`);
  }
  return out
    .filter((l, n) => !/^\w+: $/.test(l) && (l === '' || out.indexOf(l) === n))
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
}

const unquoted = (v: string): string => {
  try {
    return decodeURIComponent(v.replace(/%/g, '%25').replace(/=([0-9A-F]{2})/gi, '%$1'));
  } catch {
    return v;
  }
};
