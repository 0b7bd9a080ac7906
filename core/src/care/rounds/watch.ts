/** Why visitors do not get in. */
export type OutageCause = 'server' | 'site' | 'certificate' | 'name';

/** What one place saw when it asked for a site. */
export interface Look {
  /** From where it was looked. */
  place: string;
  /** Why it was not well; null where it was. */
  cause: OutageCause | null;
  detail: string;
  /** Milliseconds until there was an answer; left out where that was not taken. */
  ms?: number;
}

/** How a site is watched: what is remembered from one look to the next. */
export interface WatchState {
  /** ISO 8601. */
  lookedAt: string;
  /** Since when every place fails, and how many looks in a row; null where one gets in. */
  failing: { since: string; looks: number; cause: OutageCause; detail: string } | null;
  /** It is taken for down. */
  down: boolean;
}

/** So many looks in a row that fail everywhere make an outage: one alone may be a hiccup. */
export const LOOKS_TO_BE_SURE = 2;
/** After a longer silence than this, what was failing before says nothing of now, ms. */
const STALE_MS = 4 * 60_000;

/**
 * One look more at a site: it is down where every place that looked failed, twice in a row; it is up again as soon as one
 * gets in. What a single place sees alone is the line of that place, and no outage.
 * @param looks of the same moment, at least one
 * @returns what is remembered, and what turned
 */
export function watchOn(
  before: WatchState | null,
  looks: readonly Look[],
  at: string,
): { state: WatchState; turned: 'down' | 'up' | null } {
  const failed = looks.filter((l) => l.cause !== null);
  if (failed.length < looks.length || !failed.length)
    return { state: { lookedAt: at, failing: null, down: false }, turned: before?.down ? 'up' : null };
  const first = failed[0]!;
  const detail = failed.length > 1 ? failed.map((l) => `${l.place}: ${l.detail}`).join('; ') : first.detail;
  const fresh = before && (before.down || Date.parse(at) - Date.parse(before.lookedAt) <= STALE_MS);
  const failing = {
    since: (fresh && before.failing?.since) || at,
    looks: ((fresh && before.failing?.looks) || 0) + 1,
    cause: first.cause!,
    detail,
  };
  const down = failing.looks >= LOOKS_TO_BE_SURE;
  return { state: { lookedAt: at, failing, down }, turned: down && !before?.down ? 'down' : null };
}

/** What is said of an outage by its cause. */
export const CAUSES: Record<OutageCause, string> = {
  server: 'The server does not answer',
  site: 'The site answers with an error',
  certificate: 'Browsers will not trust the certificate',
  name: 'The domain leads elsewhere',
};

/** The share of looks that got in, to two places of a percent and never rounded up to all; null where nobody looked. */
export function upShare(looks: number, down: number): string | null {
  if (looks <= 0) return null;
  if (down <= 0) return '100';
  return (Math.floor(((looks - down) / looks) * 10_000) / 100).toFixed(2);
}
