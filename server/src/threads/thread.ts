import { Worker } from 'node:worker_threads';

/** What a thread posts back. `name` is that of the error where one was thrown. */
export interface ThreadAnswer {
  serial: number;
  answer?: unknown;
  fault?: { name: string; message: string };
}

/** A thread of its own for work that takes long or much memory: started when first asked, ended when nobody asks. */
export class Thread {
  private worker: Worker | null = null;
  private serial = 0;
  private readonly waiting = new Map<number, { done(value: unknown): void; fail(error: Error): void }>();
  private idle: NodeJS.Timeout | null = null;

  /** `file` without its ending: `.mjs` beside a bundle, `.js` beside a module. */
  constructor(
    private readonly file: (ending: string) => URL,
    private readonly bundled: boolean,
    private readonly idleMs = 5 * 60_000,
  ) {}

  private start(): Worker {
    const worker = new Worker(this.file(this.bundled ? '.mjs' : '.js'));
    worker.on('message', ({ serial, answer, fault }: ThreadAnswer) => {
      const asked = this.waiting.get(serial);
      this.waiting.delete(serial);
      if (fault) asked?.fail(Object.assign(new Error(fault.message), { name: fault.name }));
      else asked?.done(answer);
      // A program may end while its thread has nothing to do, and not before.
      if (!this.waiting.size) worker.unref();
    });
    const lost = (error?: Error) => {
      if (this.worker === worker) this.worker = null;
      for (const { fail } of this.waiting.values()) fail(error ?? new Error('The thread stopped.'));
      this.waiting.clear();
    };
    worker.on('error', lost);
    worker.on('exit', () => lost());
    return worker;
  }

  /** Asks the thread. @throws Error with the name and words of what was thrown there */
  async ask(request: object): Promise<unknown> {
    if (this.idle) clearTimeout(this.idle);
    this.idle = setTimeout(() => {
      if (this.waiting.size) this.idle?.refresh();
      else void this.close();
    }, this.idleMs);
    this.idle.unref();
    this.worker ??= this.start();
    const serial = ++this.serial;
    const answer = new Promise<unknown>((done, fail) => this.waiting.set(serial, { done, fail }));
    this.worker.ref();
    this.worker.postMessage({ ...request, serial });
    return answer;
  }

  async close(): Promise<void> {
    const { worker } = this;
    this.worker = null;
    await worker?.terminate();
  }
}
