import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { Thread, ThreadLimit } from './thread.js';

/** A thread that waits, fails, ends itself or fills its memory, as it is asked to. */
const program = `
import { parentPort } from 'node:worker_threads';
const post = (said) => parentPort ? parentPort.postMessage(said) : process.send(said);
(parentPort ?? process).on('message', ({ serial, kind }) => {
  if (kind === 'end') process.exit(1);
  if (kind === 'loop') for (;;);
  if (kind === 'fill') { const all = []; for (;;) all.push(new Array(1e5).fill(all.length)); }
  if (kind === 'fail') return post({ serial, fault: { name: 'Named', message: 'said' } });
  post({ serial, answer: kind === 'pid' ? process.pid : kind });
});
post({ serial: 0 });`;
/** One that takes as many ms to be there as its file says. */
const slow = (ms: number) => `const end = Date.now() + ${ms}; while (Date.now() < end); ${program}`;

describe('a hand that works apart', () => {
  const made: Thread[] = [];
  const folder = mkdtempSync(join(tmpdir(), 'tin-porch-threads-'));
  const file = join(folder, 'program.mjs');
  writeFileSync(file, program);
  const begun = (options = {}) => {
    const one = new Thread(() => pathToFileURL(file), false, options);
    made.push(one);
    return one;
  };
  afterAll(async () => {
    await Promise.all(made.map((t) => t.close()));
    rmSync(folder, { recursive: true });
  });

  for (const apart of [false, true])
    describe(apart ? 'as a process' : 'as a thread', () => {
      const thread = (options = {}) => begun({ apart, ...options });

      it('answers in order, and gives what was thrown there its name', async () => {
        const one = thread();
        expect(await Promise.all(['a', 'b', 'c'].map((kind) => one.ask({ kind })))).toEqual(['a', 'b', 'c']);
        const error = await one.ask({ kind: 'fail' }).catch((e: Error) => e);
        expect([(error as Error).name, (error as Error).message]).toEqual(['Named', 'said']);
      });

      it('fails the request that ended it, and none of those that came after', async () => {
        const one = thread();
        for (let n = 0; n < 5; n++) {
          const all = ['a', 'end', 'b', 'c'].map((kind) => one.ask({ kind }).catch((e: Error) => e.message));
          expect(await Promise.all(all)).toEqual(['a', 'The thread stopped.', 'b', 'c']);
        }
        await one.close();
        expect(await one.ask({ kind: 'again' })).toBe('again');
      });

      it('takes no more than may wait', async () => {
        const one = thread({ mostWaiting: 2 });
        const all = Array.from({ length: 5 }, () => one.ask({ kind: 'a' }).catch((e: Error) => e.name));
        expect((await Promise.all(all)).filter((a) => a === 'ThreadLimit').length).toBe(2);
      });

      it('is not blamed for what it takes to be there, and ended where that takes too long', async () => {
        const of = (ms: number, options: object) => {
          const at = join(folder, `slow-${ms}-${apart}.mjs`);
          writeFileSync(
            at,
            slow(ms).replace(/^(.*?)(import .*?;\n)/s, (_, before: string, line: string) => line + before),
          );
          const one = new Thread(() => pathToFileURL(at), false, { apart, ...options });
          made.push(one);
          return one;
        };
        const one = of(1200, { mostMs: 600 });
        expect(await one.ask({ kind: 'a' })).toBe('a');
        await expectAsync(one.ask({ kind: 'loop' })).toBeRejectedWithError(ThreadLimit);
        await expectAsync(of(60_000, { mostMs: 600, startMs: 800 }).ask({ kind: 'a' })).toBeRejectedWithError(
          ThreadLimit,
        );
      });

      it('is ended where a request takes longer than it may', async () => {
        const one = thread({ mostMs: 1500 });
        const late = one.ask({ kind: 'loop' });
        const after = one.ask({ kind: 'a' });
        await expectAsync(late).toBeRejectedWithError(ThreadLimit);
        expect(await after).toBe('a');
      });
    });

  it('is ended as a thread where a request takes more memory than it may', async () => {
    const one = begun({ memory: { maxOldGenerationSizeMb: 24 } });
    await expectAsync(one.ask({ kind: 'fill' })).toBeRejected();
    expect(await one.ask({ kind: 'b' })).toBe('b');
  });

  it('is begun again where its process was killed while nobody asked', async () => {
    const one = begun({ apart: true });
    const first = (await one.ask({ kind: 'pid' })) as number;
    expect(first).not.toBe(process.pid);
    process.kill(first, 'SIGKILL');
    for (;;) {
      try {
        process.kill(first, 0);
      } catch {
        break;
      }
      await new Promise((done) => setTimeout(done, 10));
    }
    const next = (await one.ask({ kind: 'pid' })) as number;
    expect(next).not.toBe(first);
  });

  it('carries bytes to a process and back as they are', async () => {
    const one = begun({ apart: true });
    const bytes = new Uint8Array(300_000).map((_, n) => n % 251);
    const back = (await one.ask({ kind: bytes })) as Uint8Array;
    expect(Buffer.from(back).equals(Buffer.from(bytes))).toBeTrue();
  });
});
