import { some } from '../../ground/some.js';
import { kindOf, type Finding } from './finding.js';

/** A finding as it stands in the fleet. */
export interface StandingFinding extends Pick<Finding, 'key' | 'severity' | 'title' | 'mend'> {
  site: string;
  /** ISO 8601. */
  firstSeen: string;
  /** How often the same was found and had gone before. */
  before: number;
}

const BROKEN = 1000;
const LOOK = 100;

/**
 * How much a finding needs somebody, for the order of a fleet: what is broken before what is to be looked at, busy sites
 * before quiet ones, what comes again before what is new, what waits long a little before what is new.
 * @param visits of the site in a week
 */
export function needOf(f: StandingFinding, visits: number, now: string): number {
  const days = Math.max(0, (Date.parse(now) - Date.parse(f.firstSeen)) / 86_400_000);
  return (
    (f.severity === 'broken' ? BROKEN : LOOK) *
    (1 + Math.log2(1 + Math.max(0, visits)) / 4) *
    (1 + 0.2 * Math.min(3, f.before)) *
    (1 + 0.5 * Math.min(1, days / 30))
  );
}

/** What is said of several findings of one kind. */
const KINDS: Record<string, string> = {
  'domain-silent': 'Name servers do not answer',
  'domain-astray': 'Domains lead elsewhere',
  'domain-divided': 'Domains lead elsewhere for some visitors',
  'domain-ending': 'Domains run out',
  'domain-ended': 'Domains have run out',
  'certificate-none': 'No certificate is served',
  'certificate-untrusted': 'Browsers will not trust certificates',
  'certificate-early': 'Certificates are not valid yet',
  'certificate-ending': 'Certificates end soon',
  'certificate-ended': 'Certificates have ended',
  'certificate-weak': 'Keys of certificates are weak',
  'certificate-misnamed': 'Certificates are for other names',
  'message-lost': 'Messages of visitors do not arrive',
  'files-damaged': 'Files are damaged',
  'backups-unproven': 'No backup was proven for two days',
  'page-silent': 'Pages do not answer',
  'page-status': 'Pages answer with an error',
  'page-slow': 'Pages are slow',
  'page-title': 'Pages have no title',
  'page-description': 'Pages have no description',
  'page-language': 'Pages do not say their language',
  'page-heading': 'Main headings are missing, or several',
  'page-pictures': 'Pictures say nothing',
  'page-insecure': 'Something is loaded without encryption',
  'page-data': 'Structured data cannot be read',
  'page-secret': 'Pages show what looks like a key',
  'page-heavy': 'Pages are heavy',
  'lab-late': 'Pages come late on a phone',
  'lab-slower': 'Pages became slower',
  'lab-jumps': 'Pages jump while they load',
  'lab-deaf': 'Pages answer late to a finger',
  access: 'Not for everybody',
  'titles-twice': 'Pages are called the same',
  link: 'Links lead nowhere',
  outside: 'Links to other sites lead nowhere',
  trail: 'Old addresses lead nowhere',
  feed: 'Feeds cannot be read',
  'fact-phone': 'The phone number of the sheet is on no page',
  'fact-mail': 'The mail address of the sheet is on no page',
  'safety-headers': 'Headers that keep visitors safe are not sent',
  'safety-cookies': 'Cookies are set that others can read',
  'safety-ajar': 'Files can be read by anybody that should not',
  'search-shut': 'Search engines are told to stay away',
  'search-map': 'Site maps cannot be read',
  'search-left-out': 'Site maps leave pages out',
  'search-two-minds': 'Site maps name pages that ask to be left out',
};

/** Findings of one kind over the fleet. */
export interface NeedGroup<F extends StandingFinding> {
  kind: string;
  title: string;
  severity: Finding['severity'];
  findings: F[];
}

/**
 * The findings of a fleet as they are best gone through: those of one kind together, kinds and findings by need.
 * @param visits visits of a site in a week
 */
export function byNeed<F extends StandingFinding>(
  findings: readonly F[],
  visits: (site: string) => number,
  now: string,
): NeedGroup<F>[] {
  const groups = new Map<string, { f: F; need: number }[]>();
  for (const f of findings) {
    const kind = kindOf(f.key);
    groups.set(kind, [...(groups.get(kind) ?? []), { f, need: needOf(f, visits(f.site), now) }]);
  }
  return [...groups]
    .map(([kind, all]) => ({ kind, all: all.sort((a, b) => b.need - a.need || (a.f.site < b.f.site ? -1 : 1)) }))
    .sort((a, b) => b.all[0]!.need - a.all[0]!.need || (a.kind < b.kind ? -1 : 1))
    .map(({ kind, all }) => {
      const list = all.map(({ f }) => f);
      return {
        kind,
        title: list.length === 1 ? list[0]!.title : (KINDS[kind] ?? list[0]!.title),
        severity: list.some((f) => f.severity === 'broken') ? ('broken' as const) : ('look' as const),
        findings: list,
      };
    });
}

/** How a fleet stands, in a line. */
export function fleetLine(findings: readonly Pick<StandingFinding, 'site' | 'severity'>[], sites: number): string {
  const broken = new Set(findings.filter((f) => f.severity === 'broken').map((f) => f.site)).size;
  const look = new Set(findings.map((f) => f.site)).size - broken;
  if (!broken && !look) return `All well at ${some(sites, 'site')}.`;
  return [
    ...(broken ? [`${some(broken, 'site has', 'sites have')} something broken`] : []),
    ...(look ? [`${some(look, 'site has', 'sites have')} something to look at`] : []),
    ...(sites > broken + look ? [`${some(sites - broken - look, 'is', 'are')} well`] : []),
  ]
    .join(', ')
    .replace(/^./, (c) => c.toUpperCase())
    .concat('.');
}
