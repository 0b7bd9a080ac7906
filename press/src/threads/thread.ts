import { fork } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { Worker, type ResourceLimits } from 'node:worker_threads';

/** What a thread that is there and listens posts in place of the number of a request. */
export const THERE = 0;
/** How long a thread may take to be there, ms: on a machine that is busy it takes its time, and is not to blame for it. */
const START_MS = 30_000;

/** What a thread posts back. `name` is that of the error where one was thrown. */
export interface ThreadAnswer {
  serial: number;
  answer?: unknown;
  fault?: { name: string; message: string };
}

/** A request took longer, or more memory, than it may. */
export class ThreadLimit extends Error {
  override name = 'ThreadLimit';
}

export interface ThreadOptions {
  /** How long a thread that is asked nothing is kept. */
  idleMs?: number;
  /** How long it may take to begin. */
  startMs?: number;
  /** How long one request may take, from when the thread is there. Past it the thread is ended, and that request alone fails. */
  mostMs?: number;
  /** How many requests may wait; more are refused at once. */
  mostWaiting?: number;
  /** What it may take; of a thread only. */
  memory?: ResourceLimits;
  /** A process of its own instead of a thread: whatever memory its work takes is given back when it ends. */
  apart?: boolean;
}

/** What a thread and a process have in common here. */
interface Hand {
  on(event: 'message', heard: (said: ThreadAnswer) => void): Hand;
  on(event: 'error', lost: (error: Error) => void): Hand;
  on(event: 'exit', ended: () => void): Hand;
  off(event: string, listener: (...args: never[]) => void): Hand;
  postMessage(request: object): void;
  ref(): void;
  unref(): void;
  terminate(): Promise<unknown>;
}

function processOf(file: URL): Hand {
  const child = fork(fileURLToPath(file), { serialization: 'advanced' });
  // One that could not be begun ends without an exit.
  const ended = new Promise<void>((done) => child.once('exit', () => done()).once('error', () => done()));
  const hand: Hand = {
    on(event: string, listener: (...args: never[]) => void) {
      child.on(event, listener as () => void);
      return hand;
    },
    off(event, listener) {
      child.off(event, listener as () => void);
      return hand;
    },
    postMessage: (request) => void child.send(request),
    ref() {
      child.ref();
      child.channel?.ref();
    },
    unref() {
      child.unref();
      child.channel?.unref();
    },
    terminate() {
      child.kill('SIGKILL');
      return ended;
    },
  };
  return hand;
}

interface Asked {
  request: object;
  done(value: unknown): void;
  fail(error: Error): void;
}

/**
 * A thread of its own for work that takes long or much memory, or that strangers can make so: started when first asked,
 * ended when nobody asks. Answers one request after the other; what a request does to it, it does to no other request.
 */
export class Thread {
  private worker: Hand | null = null;
  private serial = 0;
  private readonly queue: Asked[] = [];
  private busy = false;
  private idle: NodeJS.Timeout | null = null;

  /** `file` without its ending: `.mjs` beside a bundle, `.js` beside a module. */
  constructor(
    private readonly file: (ending: string) => URL,
    private readonly bundled: boolean,
    private readonly options: ThreadOptions = {},
  ) {}

  /**
   * Asks the thread.
   * @throws Error with the name and words of what was thrown there; ThreadLimit where it took too long or too much, or too many wait
   */
  ask(request: object): Promise<unknown> {
    const { mostWaiting = Infinity } = this.options;
    if (this.queue.length >= mostWaiting) return Promise.reject(new ThreadLimit('Too much waits already.'));
    return new Promise((done, fail) => {
      this.queue.push({ request, done, fail });
      void this.work();
    });
  }

  private async work(): Promise<void> {
    if (this.busy) return;
    this.busy = true;
    if (this.idle) clearTimeout(this.idle);
    for (let next = this.queue.shift(); next; next = this.queue.shift())
      await this.one(next.request).then(next.done, next.fail);
    this.busy = false;
    this.idle = setTimeout(() => void this.close(), this.options.idleMs ?? 5 * 60_000);
    this.idle.unref();
  }

  private hand(): Hand {
    const file = this.file(this.bundled ? '.mjs' : '.js');
    const { apart, memory } = this.options;
    const made = apart ? processOf(file) : (new Worker(file, { ...(memory && { resourceLimits: memory }) }) as Hand);
    // One that ends while nobody asks it is not asked again.
    made.on('exit', () => {
      if (this.worker === made) this.worker = null;
    });
    made.on('error', () => undefined);
    return made;
  }

  private one(request: object): Promise<unknown> {
    const { mostMs, startMs = START_MS } = this.options;
    const fresh = this.worker === null;
    const worker = (this.worker ??= this.hand());
    const serial = ++this.serial;
    // A program may end while its thread has nothing to do, and not before.
    worker.ref();
    return new Promise<unknown>((done, fail) => {
      let late: NodeJS.Timeout | undefined;
      const wait = (ms: number) => {
        clearTimeout(late);
        if (mostMs !== undefined) late = setTimeout(() => lost(new ThreadLimit('It took too long.')), ms);
      };
      const over = () => {
        clearTimeout(late);
        worker.off('message', heard).off('error', lost).off('exit', ended);
        worker.unref();
      };
      const heard = (said: ThreadAnswer) => {
        if (said.serial === THERE) return wait(mostMs!);
        if (said.serial !== serial) return;
        over();
        if (said.fault) fail(Object.assign(new Error(said.fault.message), { name: said.fault.name }));
        else done(said.answer);
      };
      const lost = (error: Error) => {
        over();
        if (this.worker === worker) this.worker = null;
        worker.on('error', () => undefined);
        void worker.terminate();
        const memory = (error as { code?: string }).code === 'ERR_WORKER_OUT_OF_MEMORY';
        fail(memory ? new ThreadLimit('It took too much memory.') : error);
      };
      const ended = () => lost(new Error('The thread stopped.'));
      worker.on('message', heard).on('error', lost).on('exit', ended);
      wait(fresh ? startMs : mostMs!);
      worker.postMessage({ ...request, serial });
    });
  }

  async close(): Promise<void> {
    const { worker } = this;
    this.worker = null;
    if (this.idle) clearTimeout(this.idle);
    await worker?.terminate();
  }
}
