import Papa from 'papaparse';
import type { Facts } from '../model/site.js';
import { telUri } from '../look/shapes/words.js';

const escaped = (s: string) =>
  s
    .replace(/\\/g, '\\\\')
    .replace(/\r?\n/g, '\\n')
    .replace(/([,;])/g, '\\$1');
/** Folds a content line at 75 octets without cutting a character (RFC 6350, 3.2). */
function fold(line: string): string {
  const out: string[] = [];
  let now = '';
  let octets = 0;
  for (const ch of line) {
    const size = new TextEncoder().encode(ch).length;
    if (octets + size > (out.length ? 74 : 75)) {
      out.push(now);
      now = '';
      octets = 0;
    }
    now += ch;
    octets += size;
  }
  return [...out, now].join('\r\n ');
}

/** The business as a vCard 4.0 (RFC 6350). */
export function vcardOf(facts: Facts): string {
  const tel = telUri(facts.phone);
  const lines = [
    'BEGIN:VCARD',
    'VERSION:4.0',
    'KIND:org',
    `FN:${escaped(facts.name)}`,
    `ORG:${escaped(facts.legalName || facts.name)}`,
    ...(tel ? [`TEL;VALUE=uri;TYPE=work:${tel}`] : []),
    ...(facts.mail ? [`EMAIL;TYPE=work:${escaped(facts.mail)}`] : []),
    ...(facts.address
      ? [`ADR;TYPE=work:;;${escaped(facts.address.replace(/\s*\n\s*/g, ', '))};${escaped(facts.place)};;;`]
      : []),
    ...(facts.trade ? [`CATEGORIES:${escaped(facts.trade)}`] : []),
    ...(facts.strapline ? [`NOTE:${escaped(facts.strapline)}`] : []),
    ...facts.links.map((l) => `URL:${l}`),
    'END:VCARD',
  ];
  return lines.map(fold).join('\r\n') + '\r\n';
}

/** The services as CSV (RFC 4180); cells that a spreadsheet would take for a formula are made plain text. */
export const servicesCsv = (facts: Facts): string =>
  Papa.unparse(
    facts.services.map(({ name, price, detail }) => ({ service: name, price, detail })),
    { escapeFormulae: true, newline: '\r\n' },
  ) + '\r\n';
