import { Worker } from 'node:worker_threads';
import { languages, type LanguageTag, type ReworkAnswer, type ReworkRequest, type SiteDocument } from '@tin-porch/core';
import type { SpellingRequest } from './spelling-worker.js';

const DICTIONARIES: Record<LanguageTag, string> = { 'en-GB': 'en-gb', 'en-US': 'en', es: 'es', fr: 'fr', de: 'de' };
const IDLE_MS = 5 * 60_000;

type Ask = SpellingRequest extends infer R
  ? R extends SpellingRequest
    ? Omit<R, 'serial' | 'dictionary'>
    : never
  : never;

/** Dictionaries in a thread of their own: loading one takes seconds, and memory that is given back when nobody asks. */
export class Spellings {
  private worker: Worker | null = null;
  private serial = 0;
  private readonly waiting = new Map<number, { done(value: unknown): void; fail(error: Error): void }>();
  private idle: NodeJS.Timeout | null = null;

  private start(): Worker {
    const file = import.meta.url.endsWith('.mjs') ? './spelling-worker.mjs' : './spelling-worker.js';
    const worker = new Worker(new URL(file, import.meta.url));
    worker.unref();
    worker.on('message', ({ serial, answer, fault }: { serial: number; answer?: unknown; fault?: string }) => {
      const asked = this.waiting.get(serial);
      this.waiting.delete(serial);
      if (fault !== undefined) asked?.fail(new Error(fault));
      else asked?.done(answer);
    });
    const lost = (error?: Error) => {
      if (this.worker === worker) this.worker = null;
      for (const { fail } of this.waiting.values()) fail(error ?? new Error('The dictionary stopped.'));
      this.waiting.clear();
    };
    worker.on('error', lost);
    worker.on('exit', () => lost());
    return worker;
  }

  private async ask(language: LanguageTag, request: Ask): Promise<unknown> {
    if (this.idle) clearTimeout(this.idle);
    this.idle = setTimeout(() => void this.close(), IDLE_MS);
    this.idle.unref();
    this.worker ??= this.start();
    const serial = ++this.serial;
    const answer = new Promise<unknown>((done, fail) => this.waiting.set(serial, { done, fail }));
    this.worker.postMessage({ ...request, serial, dictionary: DICTIONARIES[language] });
    return answer;
  }

  /** Texts worked over with the dictionary of the site’s language at hand. */
  rework = (document: SiteDocument, request: ReworkRequest): Promise<ReworkAnswer> =>
    this.ask(document.language, { kind: 'rework', document, request }) as Promise<ReworkAnswer>;

  /** The words of a text its language’s dictionary does not know. */
  async unknown(language: LanguageTag, text: string): Promise<string[]> {
    const words = [...new Set(text.match(/[\p{L}][\p{L}’'-]*/gu) ?? [])];
    return (await this.ask(language, { kind: 'unknown', words })) as string[];
  }

  /** Where names cannot be told by their capitals, the dictionary says which words are none. */
  async knownIn(language: LanguageTag, text: string): Promise<((word: string) => boolean) | undefined> {
    if (languages[language].reading !== 'de') return undefined;
    const strange = new Set(await this.unknown(language, text));
    return (word) => !strange.has(word);
  }

  async close(): Promise<void> {
    const { worker } = this;
    this.worker = null;
    await worker?.terminate();
  }
}
