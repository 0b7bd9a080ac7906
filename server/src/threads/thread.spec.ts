import { Thread, ThreadLimit } from './thread.js';

/** A thread that waits, fails, ends itself or fills its memory, as it is asked to. */
const program = `
import { parentPort } from 'node:worker_threads';
parentPort.on('message', ({ serial, kind }) => {
  if (kind === 'end') process.exit(1);
  if (kind === 'loop') for (;;);
  if (kind === 'fill') { const all = []; for (;;) all.push(new Array(1e5).fill(all.length)); }
  if (kind === 'fail') return parentPort.postMessage({ serial, fault: { name: 'Named', message: 'said' } });
  parentPort.postMessage({ serial, answer: kind });
});`;

describe('a thread', () => {
  const made: Thread[] = [];
  const thread = (options = {}) => {
    const one = new Thread(() => new URL(`data:text/javascript,${encodeURIComponent(program)}`), false, options);
    made.push(one);
    return one;
  };
  afterAll(() => Promise.all(made.map((t) => t.close())));

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

  it('is ended where a request takes longer or more memory than it may', async () => {
    const one = thread({ mostMs: 400, memory: { maxOldGenerationSizeMb: 24 } });
    const late = one.ask({ kind: 'loop' });
    const after = one.ask({ kind: 'a' });
    await expectAsync(late).toBeRejectedWithError(ThreadLimit);
    expect(await after).toBe('a');
    await expectAsync(one.ask({ kind: 'fill' })).toBeRejected();
    expect(await one.ask({ kind: 'b' })).toBe('b');
  }, 20_000);

  it('takes no more than may wait', async () => {
    const one = thread({ mostWaiting: 2 });
    const all = Array.from({ length: 5 }, () => one.ask({ kind: 'a' }).catch((e: Error) => e.name));
    expect((await Promise.all(all)).filter((a) => a === 'ThreadLimit').length).toBe(2);
  });
});
