import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chosen as choose, decide, fallenFrom, readChoice, writeChoice, type Choice } from './choice.js';

const [OWN, OLD, NEW] = ['000000000000', '111111111111', '222222222222'];
const chosen = (state: Choice['state'], more: Partial<Choice> = {}): Choice => ({
  ...{ version: NEW, installed: OWN, before: OLD, served: true, state, at: '2026-11-30T08:00:00.000Z' },
  ...more,
});
const all = () => true;
const none = () => false;

describe('the version of the agent that is begun', () => {
  it('is the one that is installed where none was chosen, or another was installed since', () => {
    expect(decide(null, OWN, all)).toEqual({ version: OWN, choice: null, watched: false });
    expect(decide(chosen('up', { installed: OLD }), OWN, all)).toEqual({ version: OWN, choice: null, watched: false });
    expect(decide(chosen('new', { installed: OLD }), OWN, all).version).toBe(OWN);
  });

  it('is the one that was chosen: watched at its first start, and not once it is known to serve', () => {
    expect(decide(chosen('new'), OWN, all)).toEqual({ version: NEW, choice: chosen('begun'), watched: true });
    expect(decide(chosen('up'), OWN, all)).toEqual({ version: NEW, choice: chosen('up'), watched: false });
  });

  it('is the one before where a new one has ended once, and nothing is tried a second time', () => {
    const { version, choice, watched } = decide(chosen('begun'), OWN, all);
    expect([version, watched]).toEqual([OLD, false]);
    expect(choice).toEqual(jasmine.objectContaining({ version: OLD, before: OLD, state: 'up' }));
    expect(choice!.fallen).toEqual(
      jasmine.objectContaining({ version: NEW, why: 'It ended before it was known to serve.' }),
    );
    // And so it stays.
    expect(decide(choice, OWN, all)).toEqual({ version: OLD, choice, watched: false });
  });

  it('is new where it was chosen, but for the one before: that has served already', () => {
    const at = new Date('2026-11-30T09:00:00Z');
    const first = choose(null, NEW, { running: OWN, installed: OWN }, at);
    expect(first).toEqual({
      ...{ version: NEW, installed: OWN, before: OWN, served: true, state: 'new' },
      at: at.toISOString(),
    });
    // Nobody has to say that it serves: it would give way to the one that was left.
    const back = choose({ ...first, state: 'begun' }, OWN, { running: NEW, installed: OWN }, at);
    expect([back.version, back.before, back.state]).toEqual([OWN, NEW, 'up']);
    expect(decide(back, OWN, all).watched).toBeFalse();
    // One that was not known to serve is new however often it is chosen; so is one of which the choice says nothing.
    expect(back.served).toBeFalse();
    expect(choose(back, NEW, { running: OWN, installed: OWN }, at).state).toBe('new');
    expect(choose({ ...back, served: true }, NEW, { running: OWN, installed: OWN }, at).state).toBe('up');
    expect(choose(back, OLD, { running: OWN, installed: OWN }, at).state).toBe('new');
    expect(choose({ ...first, version: OLD }, OWN, { running: NEW, installed: OWN }, at).state).toBe('new');
  });

  it('says why it fell, as whoever saw it fall said it', () => {
    const fallen = fallenFrom(chosen('begun'), 'It does not start: no such place', new Date('2026-11-30T09:00:00Z'));
    expect(fallen).toEqual({
      ...{ version: OLD, installed: OWN, before: OLD, served: true, state: 'up', at: '2026-11-30T09:00:00.000Z' },
      fallen: { version: NEW, at: '2026-11-30T09:00:00.000Z', why: 'It does not start: no such place' },
    });
    expect(decide(fallen, OWN, all)).toEqual({ version: OLD, choice: fallen, watched: false });
  });

  it('is the one that is installed where nothing else is on the disk any more', () => {
    for (const state of ['new', 'begun', 'up'] as const) {
      const { version, choice } = decide(chosen(state), OWN, none);
      expect(version).withContext(state).toBe(OWN);
      expect(choice!.fallen!.why).withContext(state).toBe('It is not on the disk of the server any more.');
      expect(decide(choice, OWN, (v) => v === OWN).version)
        .withContext(state)
        .toBe(OWN);
    }
    const before = decide(chosen('new'), OWN, (v) => v === OLD);
    expect([before.version, before.watched]).toEqual([OLD, false]);
  });

  it('is kept in a file that is whole or not there; one that cannot be read is none', () => {
    const folder = mkdtempSync(join(tmpdir(), 'tin-porch-choice-'));
    try {
      const programs = join(folder, 'programs');
      expect(readChoice(programs)).toBeNull();
      writeChoice(programs, chosen('new'));
      expect(readChoice(programs)).toEqual(chosen('new'));
      writeFileSync(join(programs, 'choice.json'), '{"version":');
      expect(readChoice(programs)).toBeNull();
      writeChoice(programs, null);
      writeChoice(programs, null);
      expect(readChoice(programs)).toBeNull();
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  });
});
