import type { RoundEvidence } from './evidence.js';
import { found, type Finding } from './finding.js';
import { judgePages } from './pages.js';
import { judgeSafety, judgeSearch } from './safety.js';
import { judgeWay } from './way.js';

/** Judges what a round saw. Pure: the same evidence at the same time gives the same findings, the worst of each part first. */
export function judge(evidence: RoundEvidence, now: string): Finding[] {
  return [
    ...judgeWay(evidence, now),
    ...judgeHouse(evidence),
    ...judgePages(evidence),
    ...judgeSafety(evidence),
    ...judgeSearch(evidence),
  ];
}

/** What is wrong with how a site is kept: its backups, its files, its messages. */
function judgeHouse({ unproven, damaged, message }: RoundEvidence): Finding[] {
  return [
    ...(message && !message.arrived
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
