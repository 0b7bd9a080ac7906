import { changesSince } from '../../page/release/engines.js';
import { some } from '../../ground/some.js';
import { daysUntil, found, type Finding } from './finding.js';

/** What is seen of a site by whoever looks after it, and by no visitor. */
export interface InsideEvidence {
  /** The version of the renderer that drew what is served, the newest, and since when it is served; null where nobody says. */
  version: { drew: number; newest: number; since: string } | null;
  /**
   * What records of the domain are not as letters of the site need them, where others of them are: somebody set them once.
   * `from` is where letters come from meanwhile. Null where none or all are set, or nobody says.
   */
  mail: { from: string; wrong: { name: string; type: string; now: string[]; should: string }[] } | null;
  /** Who may change something at the desk; null where nobody says. */
  people: { name: string; role: string; madeAt: string; seenAt: string | null }[] | null;
  /** What the log of the desk says of guesses at passwords and codes; null where nobody says. */
  guesses: { at: string; by: string; in: boolean }[] | null;
  /** Whether the question of a certificate authority would be answered, and what came; null where it was not tried. */
  renewal: { works: boolean; detail: string } | null;
}

/** A version older than this is said, days; one that is more than one behind is said at once. */
const VERSION_DAYS = 90;
/** After so many days somebody who may change the site is said who was not there; and who was asked and never came. */
const AWAY_DAYS = 365;
const NEVER_DAYS = 60;
/** With a certificate that is good for longer than this, there is time to see to its renewal, days. */
const RENEWAL_DAYS = 30;

/** So long guesses at passwords are told, days. */
const GUESSES_DAYS = 7;

const daysSince = (then: string, now: string): number => daysUntil(now, then);

/** What is wrong with a site from inside: its version, the records its letters need, who may change it, the renewal. */
export function judgeInside(inside: InsideEvidence | null, certificateEnds: string | null, now: string): Finding[] {
  if (!inside) return [];
  return [
    ...judgeRenewal(inside, certificateEnds, now),
    ...judgeMail(inside),
    ...judgeVersion(inside, now),
    ...judgePeople(inside, now),
    ...judgeGuesses(inside, now),
  ];
}

function judgeRenewal({ renewal }: InsideEvidence, certificateEnds: string | null, now: string): Finding[] {
  if (!renewal || renewal.works) return [];
  const late = certificateEnds === null || daysUntil(certificateEnds, now) <= RENEWAL_DAYS;
  return [
    found({
      key: 'renewal-fails',
      severity: late ? 'broken' : 'look',
      title: 'Its certificate could not be renewed today',
      evidence: renewal.detail,
      harm: 'On the day it ends, browsers warn of the site instead of showing it.',
      fix: 'Over http, at port 80, the server itself has to answer: look at what stands before it.',
      step: 'domain',
    }),
  ];
}

function judgeMail({ mail }: InsideEvidence): Finding[] {
  if (!mail?.wrong.length) return [];
  const records = mail.wrong.map((r) => `${r.name}  ${r.type}  ${r.should}`);
  return [
    found({
      key: 'mail-records',
      severity: 'look',
      title: 'Its letters are only half vouched for',
      evidence: mail.wrong.map((r) => `${r.name} ${r.type} ${r.now.join(', ') || 'gives nothing'}`).join('; '),
      harm: `They come from ${mail.from} instead of the client’s own address, and more of them end where nobody reads them.`,
      fix: 'Set the records again that Domain says.',
      step: 'domain',
      note: `Letters of the site could come from its own domain, but the domain says only half of what is needed for that. Please set ${records.length === 1 ? 'this record' : 'these records'} with whoever you hold the domain with, and leave all others as they are:\n\n${records.join('\n')}\n`,
    }),
  ];
}

function judgeVersion({ version }: InsideEvidence, now: string): Finding[] {
  if (!version || version.drew >= version.newest) return [];
  const days = daysSince(version.since, now);
  if (version.newest - version.drew < 2 && days < VERSION_DAYS) return [];
  const lacks = changesSince(version.drew);
  return [
    found({
      key: 'version-behind',
      severity: 'look',
      title: 'It was drawn by an earlier version',
      evidence: [
        `Version ${version.drew}, served since ${version.since.slice(0, 10)}; ${version.newest} is the newest.`,
        ...lacks.map((c) => c.says),
      ].join(' '),
      harm: lacks.map((c) => c.matters).join(' ') || 'What was put right since is not right on it.',
      fix: 'Have it drawn anew: a copy is tried first, and what reads otherwise is for you to let through.',
      step: 'care',
      mend: 'update',
    }),
  ];
}

function judgePeople({ people }: InsideEvidence, now: string): Finding[] {
  const may = (people ?? []).filter((p) => ['owner', 'publish', 'write'].includes(p.role));
  const away = may.filter((p) => p.seenAt !== null && daysSince(p.seenAt, now) > AWAY_DAYS);
  const never = may.filter((p) => p.seenAt === null && daysSince(p.madeAt, now) > NEVER_DAYS);
  if (!away.length && !never.length) return [];
  const who = [
    ...away.map((p) => `${p.name}, last there ${p.seenAt!.slice(0, 10)}`),
    ...never.map((p) => `${p.name}, asked ${p.madeAt.slice(0, 10)} and never there`),
  ];
  return [
    found({
      key: 'people-away',
      severity: 'look',
      title: `${some(who.length, 'person', 'people')} may change it who ${who.length === 1 ? 'does' : 'do'} not`,
      evidence: `${who.join('; ')}.`,
      harm: 'Whoever got hold of a way in of theirs could change the site, and nobody would notice.',
      fix: 'Ask whether they still need it, and take away what they do not, in Care.',
      step: 'care',
    }),
  ];
}

function judgeGuesses({ guesses }: InsideEvidence, now: string): Finding[] {
  const lately = (guesses ?? []).filter((g) => daysSince(g.at, now) <= GUESSES_DAYS);
  if (!lately.length) return [];
  const came = lately.filter((g) => g.in);
  const told = (all: typeof lately) =>
    all.map((g) => `${g.by}, ${g.at.slice(0, 10)} at ${g.at.slice(11, 16)} UTC`).join('; ');
  return [
    found({
      key: 'guesses',
      severity: came.length ? 'broken' : 'look',
      title: came.length ? 'Somebody came in after many wrong passwords' : 'Somebody guesses at passwords of its desk',
      evidence: came.length ? `${told(came)}.` : `Tried again and again: ${told(lately)}.`,
      harm: 'Whoever guesses right can change the site in the name of somebody else.',
      fix: came.length
        ? 'Ask them today whether it was they. If not, take them out in Care, ask them in anew, and look at what was changed.'
        : 'Ask whether it was they. A passkey, or a code beside the password, cannot be guessed: they set it up at the desk.',
      step: 'care',
    }),
  ];
}
