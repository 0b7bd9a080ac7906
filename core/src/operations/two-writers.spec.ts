import fc from 'fast-check';
import { monkeyOn, sitesForMonkey, type Step } from '../fixtures/monkey.js';
import { demoFacts } from '../fixtures/facts.js';
import { newDocument } from '../making/generate/site.js';
import { writeVersion } from '../making/generate/write.js';
import { addItem, listsOf } from '../making/plan/lists.js';
import type { SiteDocument } from '../model/site.js';
import { apply } from './apply.js';
import type { Operation, SingleOperation } from './operation.js';
import { bringIn, netOf, type DraftStep, type LiveStep } from './two-writers.js';
import { validateDocument } from './validate.js';

const site = apply(newDocument('yard', demoFacts), writeVersion(demoFacts, 4)).document;
const text = (section: string, path: string, value: string): Operation => ({
  op: 'setText',
  at: { section, path },
  text: { value, from: { kind: 'client' } },
});
const phone = (value: string): Operation => ({ op: 'setFact', field: 'phone', value });
const steps = (...operations: Operation[]): LiveStep[] =>
  operations.map((operation, n) => ({ id: `c${n}`, operation }));
const drafts = (...operations: Operation[]): DraftStep[] => operations.map((operation) => ({ operation }));

/** The two logs of a site, brought together whenever `brought` says so. */
function written(
  start: SiteDocument,
  draft: readonly Step[],
  live: readonly Step[],
  order: readonly ('d' | 'l' | 'b')[],
) {
  const [waiting, done] = [[...draft], [...live]];
  const log: DraftStep[] = [];
  const there: LiveStep[] = [];
  let document = start;
  let held: string[] = [];
  const bring = () => {
    const came = bringIn(start, log, there);
    for (const { id, operation } of came.taken) {
      document = apply(document, operation).document;
      log.push({ operation, of: id });
    }
    expect(JSON.stringify(came.document)).toBe(JSON.stringify(document));
    held = came.held.map((h) => h.id);
  };
  for (const who of order) {
    if (who === 'b') bring();
    const next = who === 'd' ? waiting.shift() : who === 'l' ? done.shift() : undefined;
    if (!next) continue;
    if (who === 'l') there.push({ id: `c${there.length}`, operation: next.operation });
    else
      try {
        // A draft that was thought of before something came in may not fit any more: then it is not made.
        const after = apply(document, next.operation).document;
        if (validateDocument(after, document).length) continue;
        document = after;
        log.push({ operation: next.operation });
      } catch {
        continue;
      }
  }
  bring();
  return { document, log, there, held };
}

describe('two writers on one site', () => {
  it('have what each of them wrote, where it is not the same', () => {
    const came = bringIn(
      site,
      drafts(text('s1', 'heading', 'Drafted'), { op: 'movePage', page: 'contact', to: 1 }),
      steps(phone('01632 960 555'), text('s2', 'heading', 'From the shop')),
    );
    expect(came.held).toEqual([]);
    expect(came.taken.map((t) => t.id)).toEqual(['c0', 'c1']);
    expect(came.document.facts.phone).toBe('01632 960 555');
    expect(JSON.stringify(came.document)).toContain('Drafted');
    expect(JSON.stringify(came.document)).toContain('From the shop');
  });

  it('are both kept where they wrote the same, until somebody says which', () => {
    const mine = text('s1', 'heading', 'Drafted');
    const came = bringIn(
      site,
      drafts(phone('1'), mine),
      steps(text('s1', 'heading', 'Live'), text('s2', 'heading', 'x')),
    );
    expect(came.held).toEqual([{ id: 'c0', draft: mine }]);
    expect(came.taken.map((t) => t.id)).toEqual(['c1']);
    expect(JSON.stringify(came.document)).not.toContain('"Live"');
  });

  it('are not brought together by half: what hangs on a step that is held waits with it', () => {
    const list = site.pages.flatMap((p) => p.sections.flatMap((s) => listsOf(s).map((l) => ({ s, l }))))[0]!;
    const added = addItem(list.s, list.l.field, 'newone');
    const came = bringIn(
      site,
      drafts({ op: 'removeSection', section: list.s.id }),
      steps(added, { op: 'removeItem', list: added.list, item: 'newone' }, phone('7')),
    );
    expect(came.held.map((h) => h.id)).toEqual(['c0', 'c1']);
    expect(came.held[0]!.draft).toEqual({ op: 'removeSection', section: list.s.id });
    expect(came.taken.map((t) => t.id)).toEqual(['c2']);
  });

  it('take in a step made on one that was taken before, drafts in between', () => {
    const list = site.pages.flatMap((p) => p.sections.flatMap((s) => listsOf(s).map((l) => ({ s, l }))))[0]!;
    const added = addItem(list.s, list.l.field, 'newone');
    const first = bringIn(site, drafts(phone('1')), steps(added));
    const log: DraftStep[] = [
      { operation: phone('1') },
      { operation: first.taken[0]!.operation, of: 'c0' },
      { operation: text('s1', 'heading', 'Later') },
    ];
    const live = steps(added, { op: 'removeItem', list: added.list, item: 'newone' });
    expect(bringIn(site, log, live).taken.map((t) => t.id)).toEqual(['c1']);
  });

  it('say the same again of what is held already, and take a side that was chosen for a draft', () => {
    const live = steps(text('s1', 'heading', 'Live'));
    const log = [...drafts(text('s1', 'heading', 'Drafted')), { operation: text('s1', 'heading', 'Live') }];
    for (let n = 0; n < 2; n++) {
      const came = bringIn(site, log, live);
      expect(came.held.length).toBe(1);
      expect(came.taken).toEqual([]);
      expect(JSON.stringify(came.document)).toContain('"Live"');
    }
  });

  it('are told as what their steps come to, however often one thing was written', () => {
    const net = netOf(site, [
      text('s1', 'heading', 'First'),
      { op: 'batch', operations: [phone('1') as SingleOperation, text('s1', 'heading', 'Last') as SingleOperation] },
      { op: 'removeSection', section: 'nowhere' },
    ]);
    expect(net.map((o) => o.op)).toEqual(['setText', 'setFact', 'removeSection']);
    expect(JSON.stringify(net[0])).toContain('Last');
  });

  it('come to one document in any order they are brought together, or say what they wait for', () => {
    const told = { taken: 0, held: 0, same: 0 };
    const sites = sitesForMonkey().slice(0, 4);
    fc.assert(
      fc.property(
        fc.nat({ max: sites.length - 1 }),
        fc.nat({ max: 5000 }),
        fc.array(fc.constantFrom('d' as const, 'l' as const, 'b' as const), { minLength: 10, maxLength: 36 }),
        (which, seed, order) => {
          const start = sites[which]!;
          const draft = monkeyOn(start, seed, 8).steps;
          const live = monkeyOn(start, seed + 7000, 8).steps;
          const end = written(start, draft, live, order);
          const taken = end.log.flatMap((d) => (d.of ? [d.of] : []));
          // Each live step is among the drafts or held; none is both, none is lost.
          expect([...taken, ...end.held].sort()).toEqual(end.there.map((l) => l.id).sort());
          told.taken += taken.length;
          told.held += end.held.length;
          // Brought together once, at the end, the same steps that were taken in parts are there.
          const once = bringIn(start, end.log, end.there);
          expect(once.taken).toEqual([]);
          expect(JSON.stringify(once.document)).toBe(JSON.stringify(end.document));
          told.same++;
        },
      ),
      { numRuns: 60, seed: 11 },
    );
    expect(told.taken).toBeGreaterThan(60);
    expect(told.held).toBeGreaterThan(20);
  });
});
