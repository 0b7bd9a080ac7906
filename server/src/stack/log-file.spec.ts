import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { LogFile } from './log-file.js';

describe('the log of a program', () => {
  it('is put by when it is full, and the oldest let go', () => {
    const folder = mkdtempSync(join(tmpdir(), 'tin-porch-log-'));
    const log = new LogFile(join(folder, 'logs', 'quay.log'), 100);
    for (let n = 0; n < 40; n++) log.write(`${'x'.repeat(45)} ${String(n).padStart(2, '0')}\n`);
    const files = readdirSync(join(folder, 'logs')).sort();
    expect(files).toEqual(['quay.log', ...[1, 2, 3, 4, 5].map((n) => `quay.log.${n}`)]);
    const all = files.map((f) => readFileSync(join(folder, 'logs', f), 'utf8'));
    expect(all[0]).toContain(' 39');
    expect(all.join('')).not.toContain(' 00');
    rmSync(folder, { recursive: true });
  });
  it('stops nothing where it cannot be written', () => {
    const log = new LogFile('/proc/self/nowhere.log');
    expect(() => log.write('x')).not.toThrow();
  });
});
