import fc from 'fast-check';
import { byNeed, fleetLine, needOf, type StandingFinding } from './need.js';

const NOW = '2026-11-24T00:00:00Z';
const finding = (over: Partial<StandingFinding> = {}): StandingFinding => ({
  ...{ site: 'a', key: 'page-slow /', severity: 'look', title: '/ is slow', mend: null, firstSeen: NOW, before: 0 },
  ...over,
});
const any = fc.record({
  site: fc.constantFrom('a', 'b', 'c'),
  key: fc.constantFrom('page-slow /', 'page-slow /b/', 'link x', 'certificate-none'),
  severity: fc.constantFrom('broken' as const, 'look' as const),
  title: fc.constant('Something'),
  mend: fc.constant(null),
  firstSeen: fc.constantFrom(NOW, '2026-11-01T00:00:00Z', '2025-01-01T00:00:00Z'),
  before: fc.nat(5),
});

describe('need', () => {
  it('is greater for what is broken, for busy sites, for what comes again, for what waits long', () => {
    const calm = needOf(finding(), 0, NOW);
    expect(needOf(finding({ severity: 'broken' }), 0, NOW)).toBeGreaterThan(calm);
    expect(needOf(finding(), 100, NOW)).toBeGreaterThan(calm);
    expect(needOf(finding({ before: 1 }), 0, NOW)).toBeGreaterThan(calm);
    expect(needOf(finding({ firstSeen: '2026-11-01T00:00:00Z' }), 0, NOW)).toBeGreaterThan(calm);
    // Neither grows without end.
    expect(needOf(finding({ before: 99, firstSeen: '2020-01-01T00:00:00Z' }), 0, NOW)).toBeLessThan(
      needOf(finding({ severity: 'broken' }), 0, NOW),
    );
  });

  it('puts findings of one kind together and loses none', () => {
    fc.assert(
      fc.property(fc.array(any, { maxLength: 30 }), (all) => {
        const groups = byNeed(all, (site) => (site === 'a' ? 50 : 0), NOW);
        expect(groups.flatMap((g) => g.findings).length).toBe(all.length);
        expect(new Set(groups.map((g) => g.kind)).size).toBe(groups.length);
        for (const g of groups) {
          expect(g.findings.every((f) => f.key.split(' ')[0] === g.kind)).toBeTrue();
          const needs = g.findings.map((f) => needOf(f, f.site === 'a' ? 50 : 0, NOW));
          expect(needs).toEqual([...needs].sort((a, b) => b - a));
          expect(g.severity === 'broken').toBe(g.findings.some((f) => f.severity === 'broken'));
        }
      }),
    );
  });

  it('calls one by what it is and several by their kind', () => {
    expect(byNeed([finding()], () => 0, NOW)[0]!.title).toBe('/ is slow');
    expect(byNeed([finding(), finding({ site: 'b' })], () => 0, NOW)[0]!.title).toBe('Pages are slow');
  });

  it('says in a line how a fleet stands', () => {
    expect(fleetLine([], 12)).toBe('All well at 12 sites.');
    const broken = { site: 'a', severity: 'broken' as const };
    const look = (site: string) => ({ site, severity: 'look' as const });
    expect(fleetLine([broken, look('a')], 1)).toBe('1 site has something broken.');
    expect(fleetLine([broken, look('b'), look('b'), look('c')], 9)).toBe(
      '1 site has something broken, 2 sites have something to look at, 6 are well.',
    );
    expect(fleetLine([look('b')], 2)).toBe('1 site has something to look at, 1 is well.');
  });
});
