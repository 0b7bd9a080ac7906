import type { Answered, OpenFinding } from '../api/model';

/** What a round found, with nothing done about it yet. */
export const aFinding = (over: Partial<OpenFinding> = {}): OpenFinding => ({
  ...{ site: 'gant', key: 'page-slow /', severity: 'look', title: '/ is slow', evidence: '1900 ms', step: 'care' },
  ...{ harm: 'Visitors leave.', fix: 'See how busy the server is.', before: 0, mend: null, note: null },
  ...{ firstSeen: '2026-11-20T09:00:00Z', lastSeen: '2026-11-20T09:00:00Z', mending: null, snoozed: null },
  ...over,
});

/** A fleet in which all is well. */
export const aFleet = (over: Partial<Answered<'GET /rounds'>> = {}): Answered<'GET /rounds'> => ({
  ...{ line: 'All well at 2 sites.', groups: [], snoozed: [], outages: [], mended: [], rounds: [], walked: 2 },
  watched: { open: 2, sites: 2, lookedAt: '2026-11-20T09:00:00Z', places: ['Tin Porch', 'slip'] },
  ...over,
});
