import { Type } from '@sinclair/typebox';
import { checkOf, faultOnce, faultsIn } from './check.js';

const Rope = Type.Object(
  { name: Type.String({ minLength: 1 }), metres: Type.Integer() },
  { additionalProperties: false },
);

describe('a check', () => {
  it('is compiled once for a schema, and says why not', () => {
    const check = checkOf<{ name: string; metres: number }>(Rope);
    expect(checkOf(Rope)).toBe(check as never);
    expect(check({ name: 'Hemp', metres: 9 })).toBeTrue();
    expect(check({ name: '', metres: 'nine' })).toBeFalse();
    expect(faultsIn(check.errors, 'rope')).toMatch(/^rope\/name/);
  });

  it('stops at the first fault, or finds every one', () => {
    const [first, every] = [checkOf(Rope), checkOf(Rope, 'every')];
    for (const check of [first, every]) check({ name: '', metres: 'nine' });
    expect([first.errors?.length, every.errors?.length]).toEqual([1, 2]);
  });

  it('of a schema that is used once leaves nothing behind', () => {
    expect(faultOnce({ type: 'integer' }, 7, 'answer')).toBeNull();
    expect(faultOnce({ type: 'integer' }, 'seven', 'answer')).toContain('answer must be integer');
  });
});
