import { some } from '../ground/some.js';

/** What a round found, with what it saw. */
export interface Finding {
  /** Stable for one thing at one site, so that the same trouble is one finding from round to round. */
  key: string;
  severity: 'broken' | 'look';
  title: string;
  evidence: string;
  /** What to do about it, and where. */
  fix: string;
  step: 'brief' | 'pages' | 'seo' | 'domain' | 'publish' | 'care';
}

/** What a page answered. `status` 0 means there was no answer; `error` says why. */
export interface PageEvidence {
  url: string;
  status: number;
  ms: number;
  error: string;
  /** Links of the page that lead somewhere of the same site, absolute. */
  links: string[];
  title: string;
}

export interface RoundEvidence {
  domain: string | null;
  address: string;
  /** A records the name servers give now; null where they did not answer. */
  resolved: string[] | null;
  /** AAAA records the name servers give now. */
  resolved6?: string[];
  /** Paths whose files on the server are not what was deployed. */
  damaged?: string[];
  /** Why there is no backup of the last two days that was proven to be one; null where there is, or none is wanted. */
  unproven?: string | null;
  certificate: { notBefore?: string; notAfter: string; issuer: string; names: string[] } | null;
  certificateError: string;
  pages: PageEvidence[];
  /** Links tried that are not pages of the walk, with their status. */
  otherLinks: { url: string; from: string; status: number; error: string }[];
  open: boolean;
}

/** Whole days from now until a time, both as ISO 8601. */
export const daysUntil = (then: string, now: string): number =>
  Math.floor((Date.parse(then) - Date.parse(now)) / 86_400_000);

/** Judges what a round saw. Pure: the same evidence at the same time gives the same findings. */
export function judge(evidence: RoundEvidence, now: string): Finding[] {
  const found: Finding[] = [];
  const { domain, certificate } = evidence;
  if (domain) {
    if (evidence.resolved === null)
      found.push({
        key: 'domain-silent',
        severity: 'broken',
        title: 'The name servers do not answer',
        evidence: `No answer for ${domain} A.`,
        fix: 'Look at the domain’s name servers.',
        step: 'domain',
      });
    else if (!evidence.resolved.includes(evidence.address))
      found.push({
        key: 'domain-astray',
        severity: 'broken',
        title: evidence.resolved.length ? 'The domain leads elsewhere' : 'The domain has no address',
        evidence: `${domain} A ${evidence.resolved.join(', ') || 'gives nothing'}; the server is ${evidence.address}.`,
        fix: 'Set the records again, or ask the client what was changed.',
        step: 'domain',
      });
    const astray6 = evidence.resolved6?.filter((a) => a !== evidence.address) ?? [];
    const beside = evidence.resolved?.includes(evidence.address)
      ? evidence.resolved.filter((a) => a !== evidence.address)
      : [];
    if (astray6.length || beside.length)
      found.push({
        key: 'domain-divided',
        severity: 'broken',
        title: 'The domain leads elsewhere for some visitors',
        evidence: `${domain} ${[...beside.map((a) => `A ${a}`), ...astray6.map((a) => `AAAA ${a}`)].join(', ')} beside the server’s ${evidence.address}.`,
        fix: 'Take the records away that lead elsewhere.',
        step: 'domain',
      });
    if (!certificate)
      found.push({
        key: 'certificate-none',
        severity: 'broken',
        title: 'No certificate is served',
        evidence: evidence.certificateError || 'The server offered none.',
        fix: 'Ask for a certificate.',
        step: 'domain',
      });
    else {
      const days = daysUntil(certificate.notAfter, now);
      const until = certificate.notAfter.slice(0, 10);
      if (evidence.certificateError)
        found.push({
          key: 'certificate-untrusted',
          severity: 'broken',
          title: 'Browsers will not trust the certificate',
          evidence: evidence.certificateError,
          fix: 'Ask for a new certificate.',
          step: 'domain',
        });
      else if (certificate.notBefore && Date.parse(certificate.notBefore) > Date.parse(now))
        found.push({
          key: 'certificate-early',
          severity: 'broken',
          title: 'The certificate is not valid yet',
          evidence: `It is good from ${certificate.notBefore.slice(0, 16).replace('T', ' ')} UTC on.`,
          fix: 'Ask for a new certificate, and see whether the clocks are right.',
          step: 'domain',
        });
      else if (days < 0)
        found.push({
          key: 'certificate-ended',
          severity: 'broken',
          title: 'The certificate has ended',
          evidence: `It was good until ${until}.`,
          fix: 'Ask for a new certificate now.',
          step: 'domain',
        });
      else if (days < 21)
        found.push({
          key: 'certificate-ending',
          severity: 'look',
          title: `The certificate ends in ${some(days, 'day')}`,
          evidence: `Good until ${until}, from ${certificate.issuer}.`,
          fix: 'Renew it; it should have been renewed at 30 days.',
          step: 'domain',
        });
    }
  }
  if (evidence.unproven)
    found.push({
      key: 'backups-unproven',
      severity: 'look',
      title: 'No backup was proven for two days',
      evidence: evidence.unproven,
      fix: 'Back it up now in Care; where a place does not answer, see to that.',
      step: 'care',
    });
  if (evidence.damaged?.length)
    found.push({
      key: 'files-damaged',
      severity: 'broken',
      title: evidence.damaged.length === 1 ? 'A file is damaged' : `${evidence.damaged.length} files are damaged`,
      evidence: `${evidence.damaged.slice(0, 5).join(', ')}${evidence.damaged.length > 5 ? ' …' : ''}: not the bytes that were deployed.`,
      fix: 'Deploy again: what is damaged is sent anew.',
      step: 'publish',
    });
  for (const page of evidence.pages) {
    const path = new URL(page.url).pathname;
    if (page.status === 0)
      found.push({
        key: `page-silent ${path}`,
        severity: 'broken',
        title: `${path} does not answer`,
        evidence: `${page.url}: ${page.error}`,
        fix: 'See whether the server is up.',
        step: 'care',
      });
    else if (page.status === 503 && !evidence.open) continue;
    else if (page.status >= 400)
      found.push({
        key: `page-status ${path}`,
        severity: 'broken',
        title: `${path} answers ${page.status}`,
        evidence: `${page.url} in ${page.ms} ms`,
        fix: 'Deploy again, or go back to the release before.',
        step: 'publish',
      });
    else if (!page.title)
      found.push({
        key: `page-title ${path}`,
        severity: 'look',
        title: `${path} has no title`,
        evidence: page.url,
        fix: 'Write one.',
        step: 'seo',
      });
    if (page.status > 0 && page.ms > 1500)
      found.push({
        key: `page-slow ${path}`,
        severity: 'look',
        title: `${path} is slow`,
        evidence: `${page.ms} ms to the last byte.`,
        fix: 'See how busy the server is.',
        step: 'care',
      });
  }
  for (const link of evidence.otherLinks)
    if (link.status === 0 || link.status >= 400)
      found.push({
        key: `link ${link.url}`,
        severity: 'look',
        title: 'A link leads nowhere',
        evidence: `${link.url} from ${new URL(link.from).pathname}: ${link.status || link.error}`,
        fix: 'Change or take out the link.',
        step: 'pages',
      });
  return found;
}
