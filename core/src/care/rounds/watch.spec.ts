import fc from 'fast-check';
import { LOOKS_TO_BE_SURE, upShare, watchOn, type Look, type WatchState } from './watch.js';

const good = (place: string): Look => ({ place, cause: null, detail: 'answered 200' });
const bad = (place: string, detail = 'refused'): Look => ({ place, cause: 'server', detail });
const minute = (n: number) => new Date(Date.UTC(2026, 10, 24, 0, n)).toISOString();
/** What turned at each of some looks, a minute apart. */
const watched = (all: readonly (readonly Look[])[]) => {
  let state: WatchState | null = null;
  return all.map((looks, n) => {
    const next = watchOn(state, looks, minute(n));
    state = next.state;
    return next;
  });
};

describe('watching a site', () => {
  it('takes it for down once every place failed twice, since the first time', () => {
    const all = watched([
      [good('a'), good('b')],
      [bad('a'), bad('b')],
      [bad('a'), bad('b')],
      [bad('a'), bad('b')],
    ]);
    expect(all.map((w) => w.turned)).toEqual([null, null, 'down', null]);
    expect(all[2]!.state.failing!.since).toBe(minute(1));
    expect(all[2]!.state.failing!.detail).toBe('a: refused; b: refused');
  });

  it('does not take a hiccup for an outage, nor what one place sees alone', () => {
    const hiccup = watched([[bad('a')], [good('a')], [bad('a')], [good('a')]]);
    const alone = watched([
      [bad('a'), good('b')],
      [bad('a'), good('b')],
      [bad('a'), good('b')],
    ]);
    for (const all of [hiccup, alone]) expect(all.every((w) => w.turned === null && !w.state.down)).toBeTrue();
  });

  it('takes it for up again as soon as one place gets in', () => {
    const all = watched([
      [bad('a'), bad('b')],
      [bad('a'), bad('b')],
      [bad('a'), good('b')],
      [good('a'), good('b')],
    ]);
    expect(all.map((w) => w.turned)).toEqual([null, 'down', 'up', null]);
  });

  it('begins anew after a time in which nobody looked, unless it was down', () => {
    const once = watchOn(null, [bad('a')], minute(0)).state;
    expect(watchOn(once, [bad('a')], minute(5)).state).toEqual(
      jasmine.objectContaining({ down: false, failing: jasmine.objectContaining({ since: minute(5), looks: 1 }) }),
    );
    expect(watchOn(once, [bad('a')], minute(4)).turned).toBe('down');
    const down = watchOn(once, [bad('a')], minute(1)).state;
    const later = watchOn(down, [bad('a')], minute(60));
    expect(later.turned).toBeNull();
    expect(later.state.down).toBeTrue();
    expect(later.state.failing!.since).toBe(minute(0));
  });

  it('turns down and up by turns, whatever is seen, and never before it was looked twice', () => {
    const look = fc.array(fc.constantFrom(good('a'), bad('a'), good('b'), bad('b')), { minLength: 1, maxLength: 2 });
    fc.assert(
      fc.property(fc.array(look, { maxLength: 40 }), (all) => {
        const turns = watched(all).flatMap((w) => (w.turned ? [w.turned] : []));
        expect(turns.every((t, n) => t === (n % 2 ? 'up' : 'down'))).toBeTrue();
        const first = watched(all).findIndex((w) => w.turned === 'down');
        expect(first === -1 || first >= LOOKS_TO_BE_SURE - 1).toBeTrue();
      }),
    );
  });

  it('never says that all got in where one did not', () => {
    expect(upShare(0, 0)).toBeNull();
    expect(upShare(43_200, 0)).toBe('100');
    expect(upShare(43_200, 1)).toBe('99.99');
    expect(upShare(1_000_000, 1)).toBe('99.99');
    expect(upShare(3, 1)).toBe('66.66');
    expect(upShare(5, 5)).toBe('0.00');
  });
});
