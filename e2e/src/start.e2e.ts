import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ApiClient } from '@tin-porch/server/demo';
import { FIRST_DESIGNER } from '@tin-porch/server/stack';

const script = fileURLToPath(new URL('../../server/dist/run/start.mjs', import.meta.url));

describe('./start', () => {
  let data: string;
  const port = 25_000 + (process.pid % 4000);
  const started: ChildProcess[] = [];

  /** Starts, and gives what was said once it is ready or has ended. */
  const start = (...args: string[]) =>
    new Promise<{ said: string; code: number | null; child: ChildProcess }>((done) => {
      const child = spawn(process.execPath, [script, '--empty', '--data', data, '--port', String(port), ...args]);
      started.push(child);
      let said = '';
      const take = (part: Buffer) => {
        said += part.toString();
        if (said.includes('is kept in')) done({ said, code: null, child });
      };
      child.stdout.on('data', take);
      child.stderr.on('data', take);
      child.on('close', (code) => done({ said, code, child }));
    });
  /** Every process that has the data folder in its command or works in it. */
  const all = () =>
    readdirSync('/proc')
      .filter((n) => /^\d+$/.test(n) && Number(n) !== process.pid)
      .filter((n) => {
        try {
          return readFileSync(`/proc/${n}/cmdline`, 'utf8').includes(data);
        } catch {
          return false;
        }
      })
      .map(Number);
  let password = '';
  const signIn = (word = password) => new ApiClient(`http://127.0.0.1:${port}`).signIn(FIRST_DESIGNER.mail, word);
  const passwordIn = (said: string) => /Sign in as \S+ with (\S+)/.exec(said)?.[1] ?? '';

  beforeAll(() => void (data = mkdtempSync(join(tmpdir(), 'tin-porch-start-'))));
  afterAll(async () => {
    for (const child of started) child.kill('SIGINT');
    await new Promise((done) => setTimeout(done, 4000));
    for (const pid of all()) process.kill(pid, 'SIGKILL');
    rmSync(data, { recursive: true, force: true });
  });

  it('says where it is and how to sign in; a second one, or one whose port is taken, says why it will not', async () => {
    const first = await start();
    expect(first.said).toContain(`Tin Porch is ready at http://127.0.0.1:${port}`);
    password = passwordIn(first.said);
    expect(password).toMatch(/^\w{4}(-\w{4}){3}$/);
    await signIn();
    const second = await start();
    expect([second.code, second.said]).toEqual([1, jasmine.stringContaining('already running on this data folder')]);
    const third = await start('--data', mkdtempSync(join(data, 'other-')));
    expect([third.code, third.said]).toEqual([1, jasmine.stringContaining(`Port ${port} is taken`)]);
  });

  it('comes back after a kill -9 of everything it had started', async () => {
    const killed = all();
    expect(killed.length).toBeGreaterThan(4);
    for (const pid of killed)
      try {
        process.kill(pid, 'SIGKILL');
      } catch {
        /* it had just ended with another */
      }
    const again = await start();
    expect(again.said).toContain('is ready at');
    expect(again.said).not.toContain(password);
    await signIn();
  });

  it('stops all it started when it is told to', async () => {
    const running = started.at(-1)!;
    running.kill('SIGINT');
    await new Promise((done) => running.once('close', done));
    expect(running.exitCode).toBe(0);
    expect(all()).toEqual([]);
  });
});
