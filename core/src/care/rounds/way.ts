import { some } from '../../ground/some.js';
import type { RoundEvidence } from './evidence.js';
import { daysUntil, found, type Finding } from './finding.js';

/** From so many days before its end on, a certificate that was not renewed is said. It is renewed at 30. */
const CERTIFICATE_DAYS = 21;
/** From so many days before its end on, a domain is said; and from so many it is said as broken. */
const DOMAIN_DAYS = 30;
const DOMAIN_LATE_DAYS = 7;
/** RSA keys under this are taken for weak (NIST SP 800-57 part 1, table 2: 112 bits of strength). */
const LEAST_RSA_BITS = 2048;

/** A letter to who holds the domain: what its records have to be. */
const recordsNote = (domain: string, address: string): string =>
  `The domain ${domain} does not lead to its site at the moment. Please set these records with whoever you hold it with, and leave all others (those for mail above all) as they are:\n\n${domain}  A  ${address}\nwww.${domain}  CNAME  ${domain}.\n\nNo AAAA record for ${domain} is needed; one that is there should go. It takes up to a day until everybody is led by them.\n`;

/** What is wrong on the way to a site: its name, its certificate, what leads on. */
export function judgeWay(evidence: RoundEvidence, now: string): Finding[] {
  const { domain } = evidence;
  if (!domain) return [];
  return [...judgeName(evidence, domain), ...judgeHolding(evidence, domain, now), ...judgeCertificate(evidence, now)];
}

function judgeName(evidence: RoundEvidence, domain: string): Finding[] {
  const { resolved, resolved6, address, registration } = evidence;
  const mend = registration?.ours ? ('records' as const) : null;
  const note = registration?.ours ? null : recordsNote(domain, address);
  if (resolved === null)
    return [
      found({
        key: 'domain-silent',
        severity: 'broken',
        title: 'The name servers do not answer',
        evidence: `No answer for ${domain} A.`,
        harm: 'Nobody finds the site who has not been there lately; mail of the domain stops too.',
        fix: 'Look at the domain’s name servers.',
        step: 'domain',
      }),
    ];
  if (!resolved.includes(address))
    return [
      found({
        key: 'domain-astray',
        severity: 'broken',
        title: resolved.length ? 'The domain leads elsewhere' : 'The domain has no address',
        evidence: `${domain} A ${resolved.join(', ') || 'gives nothing'}; the server is ${address}.`,
        harm: 'Visitors see another site, or none.',
        fix: mend ? 'Set the records again.' : 'Ask who holds the domain to set its records again.',
        step: 'domain',
        mend,
        note,
      }),
    ];
  const beside = [
    ...resolved.filter((a) => a !== address).map((a) => `A ${a}`),
    ...resolved6.filter((a) => a !== address).map((a) => `AAAA ${a}`),
  ];
  return beside.length
    ? [
        found({
          key: 'domain-divided',
          severity: 'broken',
          title: 'The domain leads elsewhere for some visitors',
          evidence: `${domain} ${beside.join(', ')} beside the server’s ${address}.`,
          harm: 'Some visitors see another site, or none, while you see it well.',
          fix: 'Take the records away that lead elsewhere.',
          step: 'domain',
          mend,
          note,
        }),
      ]
    : [];
}

function judgeHolding({ registration }: RoundEvidence, domain: string, now: string): Finding[] {
  if (!registration?.expires) return [];
  const days = daysUntil(registration.expires, now);
  if (days >= DOMAIN_DAYS) return [];
  const until = registration.expires.slice(0, 10);
  return [
    found({
      key: days < 0 ? 'domain-ended' : 'domain-ending',
      severity: days < DOMAIN_LATE_DAYS ? 'broken' : 'look',
      title: days < 0 ? 'The domain has run out' : `The domain runs out in ${some(days, 'day')}`,
      evidence: `${domain} is held until ${until}${registration.registrar ? `, with ${registration.registrar}` : ''}.`,
      harm: 'When it runs out, site and mail are gone, and anybody can take the name.',
      fix: registration.ours ? 'Extend it in your account with the registrar.' : 'Have the client extend it.',
      step: 'domain',
      note: registration.ours
        ? null
        : `The domain ${domain} is held until ${until}. Please extend it with ${registration.registrar ?? 'whoever you hold it with'} before that day: afterwards the site and all mail of the domain stop, and somebody else can take the name.\n`,
    }),
  ];
}

function judgeCertificate({ certificate, certificateError, ...evidence }: RoundEvidence, now: string): Finding[] {
  const trouble = { severity: 'broken', step: 'domain', mend: 'certificate' } as const;
  const warned = 'Browsers show a warning in the site’s stead; most visitors leave.';
  if (!certificate)
    return [
      found({
        ...trouble,
        key: 'certificate-none',
        title: 'No certificate is served',
        evidence: certificateError || 'The server offered none.',
        harm: warned,
        fix: 'Ask for a certificate.',
      }),
    ];
  const days = daysUntil(certificate.notAfter, now);
  const until = certificate.notAfter.slice(0, 10);
  if (certificateError)
    return [
      found({
        ...trouble,
        key: 'certificate-untrusted',
        title: 'Browsers will not trust the certificate',
        evidence: certificateError,
        harm: warned,
        fix: 'Ask for a new certificate.',
      }),
    ];
  if (certificate.notBefore && Date.parse(certificate.notBefore) > Date.parse(now))
    return [
      found({
        ...trouble,
        key: 'certificate-early',
        title: 'The certificate is not valid yet',
        evidence: `It is good from ${certificate.notBefore.slice(0, 16).replace('T', ' ')} UTC on.`,
        harm: warned,
        fix: 'Ask for a new certificate, and see whether the clocks are right.',
      }),
    ];
  if (days < CERTIFICATE_DAYS)
    return [
      found({
        ...trouble,
        ...(days < 0
          ? {
              key: 'certificate-ended',
              title: 'The certificate has ended',
              evidence: `It was good until ${until}.`,
              harm: warned,
            }
          : {
              key: 'certificate-ending',
              severity: 'look',
              title: `The certificate ends in ${some(days, 'day')}`,
              evidence: `Good until ${until}, from ${certificate.issuer}.`,
              harm: 'Nothing yet. When it ends, browsers show a warning in the site’s stead.',
            }),
        fix: days < 0 ? 'Ask for a new certificate now.' : 'Renew it; it should have been renewed at 30 days.',
      }),
    ];
  const weak = certificate.rsaBits;
  const unnamed = evidence.domain && !certificate.names.includes(evidence.domain);
  return [
    ...(weak && weak < LEAST_RSA_BITS
      ? [
          found({
            ...trouble,
            key: 'certificate-weak',
            severity: 'look',
            title: 'The key of the certificate is weak',
            evidence: `RSA with ${weak} bits; ${LEAST_RSA_BITS} are the least.`,
            harm: 'Who records what visitors send could read it one day.',
            fix: 'Ask for a new certificate; its key is made anew.',
          }),
        ]
      : []),
    ...(unnamed
      ? [
          found({
            ...trouble,
            key: 'certificate-misnamed',
            title: 'The certificate is for other names',
            evidence: `It names ${certificate.names.join(', ') || 'nothing'}.`,
            harm: warned,
            fix: 'Ask for a certificate of this domain.',
          }),
        ]
      : []),
  ];
}
