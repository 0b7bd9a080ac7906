/** Reads a domain as people type it (with a scheme, www, a path, capitals, accents) into its lower-case ASCII form, or says what is wrong. */
export function readDomain(input: string): { domain: string } | { error: string } {
  const bare = input
    .trim()
    .replace(/^[a-z]+:\/\//i, '')
    .replace(/[/?#].*$/, '')
    .replace(/:\d+$/, '')
    .replace(/\.$/, '');
  if (!bare) return { error: 'Give a domain such as name.example.' };
  if (/\s/.test(bare)) return { error: `“${bare}” is not a domain: there is a space in it.` };
  let ascii: string;
  try {
    ascii = new URL(`http://${bare}`).hostname;
  } catch {
    return { error: `“${bare}” is not a domain: letters, digits and hyphens, with dots between.` };
  }
  const domain = ascii.replace(/^www\./, '');
  const labels = domain.split('.');
  if (/^[\d.]+$/.test(domain) || domain.includes('[')) return { error: 'That is an address, not a domain.' };
  if (labels.length < 2) return { error: `“${domain}” has no ending such as .example.` };
  if (domain.length > 253 || labels.some((l) => l.length > 63 || !/^[a-z0-9]([a-z0-9-]*[a-z0-9])?$/.test(l)))
    return {
      error: `“${bare}” is not a domain: each part is up to 63 letters, digits and inner hyphens (RFC 1035, 2.3.1).`,
    };
  if (labels.at(-1) === 'localhost') return { error: 'Names under .localhost never leave this machine.' };
  return { domain };
}

/** A resource record as people read one. */
export interface PlainRecord {
  name: string;
  type: string;
  ttl: number;
  data: string;
}

/** One line of the record table: what is, what should be, and whether anything is to do. */
export interface RecordPlan {
  /** `@` for the domain itself, else the label before it. */
  label: string;
  type: string;
  now: string[];
  should: string | null;
  verdict: 'right' | 'change' | 'leave' | 'clash';
  note: string;
}

/** The most octets of one string of a TXT record (RFC 1035, 3.3). */
const LONGEST_STRING = 255;
/** What a plan says should be, as lines of a zone file (RFC 1035, 5.1); a long text is in several strings there. */
export const zoneLines = (records: readonly RecordPlan[]): string =>
  records
    .filter((r) => r.should && r.verdict !== 'right')
    .map(({ label, type, should }) => {
      const text = type === 'TXT' ? should!.replace(/^"|"$/g, '') : '';
      const data = text
        ? text
            .match(new RegExp(`.{1,${LONGEST_STRING}}`, 'gs'))!
            .map((t) => `"${t}"`)
            .join(' ')
        : should!;
      return `${label}\t300\tIN\t${type}\t${data}`;
    })
    .join('\n');

const plain = (s: string) => s.toLowerCase().replace(/\.$/, '');

/**
 * What to set so that a domain and its www name lead to a server, given the records seen now. Mail records are left
 * alone; a CAA record (RFC 8659) that would shut our authority out is named.
 */
export function planRecords(
  domain: string,
  address: string,
  seen: readonly PlainRecord[],
  authority: string,
): RecordPlan[] {
  const at = (name: string, type: string) =>
    seen.filter((r) => plain(r.name) === name && r.type === type).map((r) => r.data);
  const a = at(domain, 'A');
  const aaaa = at(domain, 'AAAA');
  const www = `www.${domain}`;
  const wwwNow = [...at(www, 'CNAME'), ...at(www, 'A')];
  const mail = at(domain, 'MX');
  const caa = at(domain, 'CAA');
  const issue = caa.filter((c) => / issue /.test(` ${c} `));
  const shutOut = issue.length > 0 && !issue.some((c) => c.includes(authority));
  const wwwRight = wwwNow.length > 0 && wwwNow.every((v) => plain(v) === domain || v === address);
  const out: RecordPlan[] = [
    {
      label: '@',
      type: 'A',
      now: a,
      should: address,
      verdict: a.length === 1 && a[0] === address ? 'right' : 'change',
      note: a.length > 1 ? 'Only one address may stand here.' : '',
    },
    {
      label: 'www',
      type: 'CNAME',
      now: wwwNow,
      should: `${domain}.`,
      verdict: wwwRight ? 'right' : 'change',
      note: '',
    },
  ];
  if (aaaa.length)
    out.push({
      label: '@',
      type: 'AAAA',
      now: aaaa,
      should: null,
      verdict: 'clash',
      note: 'Leads some visitors elsewhere: take it away.',
    });
  if (mail.length)
    out.push({ label: '@', type: 'MX', now: mail, should: null, verdict: 'leave', note: 'Mail stays where it is.' });
  if (caa.length)
    out.push({
      label: '@',
      type: 'CAA',
      now: caa,
      should: shutOut ? `0 issue "${authority}"` : null,
      verdict: shutOut ? 'clash' : 'right',
      note: shutOut ? 'Keeps our certificate authority out: add this one.' : 'Lets our certificate authority in.',
    });
  return out;
}
