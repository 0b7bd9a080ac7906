import { isOfLab } from '../lab/lab.js';
import type { RoundEvidence } from './evidence.js';
import { found, kindOf, type Finding } from './finding.js';
import { judgeInside } from './inside.js';
import { judgePages } from './pages.js';
import { judgeSafety, judgeSearch } from './safety.js';
import { judgeWay } from './way.js';

/** Judges what a round saw. Pure: the same evidence at the same time gives the same findings, the worst of each part first. */
export function judge(evidence: RoundEvidence, now: string): Finding[] {
  return [
    ...judgeWay(evidence, now),
    ...judgeHouse(evidence),
    ...judgeInside(evidence.inside, evidence.certificate?.notAfter ?? null, now),
    ...judgePages(evidence),
    ...judgeSafety(evidence),
    ...judgeSearch(evidence),
  ];
}

/** Kinds of findings that any page may be the cause of: while one cannot be read, it is not known whether they are gone. */
const OF_ANY_PAGE: ReadonlySet<string> = new Set([
  ...['titles-twice', 'link', 'outside', 'feed', 'fact-phone', 'fact-mail', 'message-lost', 'search-left-out'],
]);

/**
 * Whether a round could not look at what a finding is of: then it stands as it stood, for what nobody looked at is not
 * mended.
 */
export function untried({ pages, open, message, toFind, inside, resolved }: RoundEvidence, key: string): boolean {
  if (isOfLab(key)) return true;
  const kind = kindOf(key);
  const unread = pages.filter((p) => p.status !== 200 && !(p.status === 503 && !open));
  if (kind === 'message-lost' && message?.arrived === null) return true;
  if (kind === 'people-away' && !inside?.people) return true;
  if (kind === 'guesses' && !inside?.guesses) return true;
  if (kind === 'renewal-fails' && !inside?.renewal) return true;
  if (kind === 'version-behind' && !inside?.version) return true;
  if (kind === 'mail-records' && (!inside || resolved === null)) return true;
  // What is live could not be asked for: nor could where old addresses lead.
  if ((kind === 'trail' || kind === 'search-left-out') && !toFind.length) return true;
  if (kind.startsWith('page-') && kind !== 'page-silent' && kind !== 'page-status')
    return unread.some((p) => key.endsWith(` ${new URL(p.url).pathname}`));
  return OF_ANY_PAGE.has(kind) && unread.length > 0;
}

/** What is wrong with how a site is kept: its backups, its files, its messages. */
function judgeHouse({ unproven, damaged, message }: RoundEvidence): Finding[] {
  return [
    ...(message?.arrived === false
      ? [
          found({
            key: 'message-lost',
            severity: 'broken',
            title: 'Messages of visitors do not arrive',
            evidence: message.detail,
            harm: 'Who writes to the client gets no answer, and the client does not know.',
            fix: 'See whether the server and its database are up.',
            step: 'care',
          }),
        ]
      : []),
    ...(damaged.length
      ? [
          found({
            key: 'files-damaged',
            severity: 'broken',
            title: damaged.length === 1 ? 'A file is damaged' : `${damaged.length} files are damaged`,
            evidence: `${damaged.slice(0, 5).join(', ')}${damaged.length > 5 ? ' …' : ''}: not the bytes that were deployed.`,
            harm: 'Visitors see pages or pictures that are broken.',
            fix: 'Deploy again: what is damaged is sent anew.',
            step: 'publish',
            mend: 'deploy',
          }),
        ]
      : []),
    ...(unproven
      ? [
          found({
            key: 'backups-unproven',
            severity: 'look',
            title: 'No backup was proven for two days',
            evidence: unproven,
            harm: 'If the server is lost, so may be what came in since.',
            fix: 'Back it up now in Care; where a place does not answer, see to that.',
            step: 'care',
            mend: 'backup',
          }),
        ]
      : []),
  ];
}
