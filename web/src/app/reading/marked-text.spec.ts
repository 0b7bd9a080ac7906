import type { Span } from '@tin-porch/core/brief';
import { runsOf } from './marked-text';

describe('a marked text', () => {
  const span = (field: Span['field'], from: number, to: number): Span => ({ field, from, to, value: '' });
  const source = 'Doors from £80, ring 123';
  it('shows every letter once, the narrower of two marks on top', () => {
    const runs = runsOf(source, [span('service', 0, 14), span('price', 6, 14), span('phone', 21, 24)]);
    expect(runs.map((r) => r.text).join('')).toBe(source);
    expect(runs.map((r) => [r.text, r.span?.field ?? null])).toEqual([
      ['Doors ', 'service'],
      ['from £80', 'price'],
      [', ring ', null],
      ['123', 'phone'],
    ]);
  });
  it('names a mark once, at its end, even where another cuts it in two', () => {
    const runs = runsOf(source, [span('service', 0, 24), span('price', 6, 14)]);
    expect(runs.filter((r) => r.last).map((r) => r.span!.field)).toEqual(['price', 'service']);
  });
  it('is just the text where nothing was read', () => expect(runsOf('abc', []).map((r) => r.text)).toEqual(['abc']));
});
