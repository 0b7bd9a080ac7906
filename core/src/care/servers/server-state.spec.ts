import { daysOfRoom, serverFaults, serverState, troubleCause, type ServerSeen } from './server-state.js';

const HOUR = 3_600_000;
const GB = 1e9;
/** Samples an hour each, with what is left in GB. */
const hourly = (free: (hour: number) => number, hours: number) =>
  Array.from({ length: hours }, (_, n) => ({ at: Date.UTC(2026, 10, 1) + n * HOUR, free: free(n) * GB }));

describe('how long the room of a server lasts', () => {
  it('is told from how it went, to the day', () => {
    // 0.3 GB a day, 2.7 GB left.
    const samples = hourly((n) => 2.7 + ((239 - n) * 0.3) / 24, 240);
    expect(daysOfRoom(samples)).toBeCloseTo(9, 6);
    expect(daysOfRoom([...samples].reverse())).toBeCloseTo(9, 6);
  });
  it('is not turned by one clearing or one large upload', () => {
    const noisy = hourly((n) => 40 - n / 24 + (n > 100 ? 6 : 0) - (n > 180 ? 3 : 0) + (n % 3) * 0.01, 240);
    expect(daysOfRoom(noisy)!).toBeGreaterThan(25);
    expect(daysOfRoom(noisy)!).toBeLessThan(50);
  });
  it('is not told where it becomes more, stays, or was looked at for too short', () => {
    expect(daysOfRoom(hourly((n) => 10 + n / 10, 100))).toBeNull();
    expect(daysOfRoom(hourly(() => 10, 100))).toBeNull();
    expect(daysOfRoom(hourly((n) => 10 - n, 5))).toBeNull();
    expect(daysOfRoom([])).toBeNull();
    expect(
      daysOfRoom([
        { at: 5, free: 1 },
        { at: 5, free: 2 },
      ]),
    ).toBeNull();
  });
});

describe('how a server is', () => {
  const well: ServerSeen = {
    ...{ database: true, front: true, load: 0.4, cores: 2, memoryBytes: 4 * GB, memoryFreeBytes: 2 * GB },
    ...{ diskBytes: 40 * GB, diskFreeBytes: 30 * GB, roomDays: null, troubles: 0, holes: 0 },
    ...{ writable: true, clockAheadS: 0.4 },
  };
  const said = (more: Partial<ServerSeen>) => {
    const { tone, words } = serverState({ ...well, ...more });
    return `${tone} ${words}`;
  };
  it('is broken in all that is, the worst first, and in nothing that only wants somebody', () => {
    const faults = (more: Partial<ServerSeen>) => serverFaults({ ...well, ...more }).map((f) => f.fault);
    expect(faults({})).toEqual([]);
    expect(faults({ troubles: 9, holes: 2, load: 9, roomDays: 3, clockAheadS: 90, memoryFreeBytes: 1 })).toEqual([]);
    expect(faults({ database: false, front: false, writable: false, clockAheadS: -7200, diskFreeBytes: GB })).toEqual([
      'database',
      'front',
      'disk',
      'clock',
      'full',
    ]);
    // Of one that does not answer nothing is known.
    expect(faults({ error: 'no answer', database: false, writable: false })).toEqual([]);
    const [disk] = serverFaults({ ...well, writable: false });
    expect([disk!.words, disk!.advice]).toEqual([
      serverState({ ...well, writable: false }).words,
      serverState({ ...well, writable: false }).advice,
    ]);
  });
  it('is the worst that is to be said of it', () => {
    expect(said({})).toBe('moss Well');
    expect(said({ error: 'no answer', database: false })).toBe('brick Does not answer');
    expect(said({ database: false, troubles: 9 })).toBe('brick Its database does not answer');
    expect(said({ front: false })).toBe('brick Its front does not answer');
    expect(said({ writable: false, diskFreeBytes: GB })).toBe('brick Its disk cannot be written to');
    expect(said({ clockAheadS: 59 })).toBe('moss Well');
    expect(said({ clockAheadS: 60, diskFreeBytes: GB })).toBe('brick Nearly full');
    expect(said({ clockAheadS: 60, roomDays: 9 })).toBe('lamp Its clock is 1 minute fast');
    expect(said({ clockAheadS: -3599 })).toBe('lamp Its clock is 60 minutes slow');
    expect(said({ clockAheadS: -3600 })).toBe('brick Its clock is 60 minutes slow');
    expect(said({ clockAheadS: 86_400 })).toBe('brick Its clock is 24 hours fast');
    expect(said({ clockAheadS: -3 * 86_400 })).toBe('brick Its clock is 3 days slow');
    expect(said({ clockAheadS: null })).toBe('moss Well');
    expect(said({ diskFreeBytes: GB, roomDays: 9 })).toBe('brick Nearly full');
    expect(said({ roomDays: 9.7, troubles: 1 })).toBe('lamp Room for 9 days');
    expect(said({ roomDays: 1.2 })).toBe('lamp Room for 1 day');
    expect(said({ roomDays: 0.4 })).toBe('lamp Full within a day');
    expect(said({ roomDays: 31 })).toBe('moss Well');
    expect(said({ diskFreeBytes: 3 * GB })).toBe('lamp Little room');
    expect(said({ memoryFreeBytes: GB / 10 })).toBe('lamp Little memory');
    expect(said({ troubles: 1 })).toBe('lamp 1 answer failed');
    expect(said({ load: 9 })).toBe('lamp Much to do');
    expect(said({ holes: 1, load: 9 })).toBe('lamp 1 hole to close');
    // What nobody knows is no trouble, and is said where the versions are.
    expect(said({ holes: null })).toBe('moss Well');
  });
  it('has something to do wherever it is not well', () => {
    for (const more of [
      { error: 'x' },
      { database: false },
      { front: false },
      { roomDays: 3 },
      { troubles: 2 },
      { load: 8 },
      { holes: 2 },
      { writable: false },
      { clockAheadS: 90 },
    ])
      expect(serverState({ ...well, ...more }).advice).not.toBe('');
    expect(serverState(well).advice).toBe('');
  });
  it('has a cause for each answer that was none', () => {
    const causes = [
      [503, '502'],
      [503, '503'],
      [500, '500'],
      [500, '-'],
      [503, '502, 502'],
      [501, '501'],
    ].map(([status, behind]) => troubleCause(status as number, behind as string));
    expect(causes[0]).toContain('did not answer');
    expect(causes[4]).toBe(causes[0]!);
    expect(new Set(causes).size).toBe(5);
  });
});
