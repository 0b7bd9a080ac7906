import { Injectable } from '@angular/core';
import type { Correction, SiteDocument } from '@tin-porch/core/model';
import type { PutVersion } from '@tin-porch/core/operations';
import type { Reading } from '@tin-porch/core/brief';
import { filter, firstValueFrom, Subject } from 'rxjs';
import type { DrawRequest, Showing } from './draw.worker';

type Answer = { serial: number; ms: number } & (
  | { kind: 'drawn'; html?: string; css?: string }
  | { kind: 'glimpsed'; html?: string; css?: string }
  | { kind: 'read'; reading: Reading }
  | { kind: 'written'; version: PutVersion }
);
/** A request without its serial, kind by kind. */
type Ask = DrawRequest extends infer R ? (R extends DrawRequest ? Omit<R, 'serial'> : never) : never;
type Of<K> = Extract<Answer, { kind: K }>;

/** The worker that draws, reads and writes, behind promises and streams. */
@Injectable({ providedIn: 'root' })
export class Drawing {
  private worker: Worker | undefined;
  private serial = 0;
  private readonly answers = new Subject<Answer>();
  /** Every page that was drawn. */
  readonly drawn = this.answers.pipe(filter((a): a is Of<'drawn'> => a.kind === 'drawn'));
  /** Every text that was read. */
  readonly readings = this.answers.pipe(filter((a): a is Of<'read'> => a.kind === 'read'));

  /** Begins the worker, which takes a processor most of a second: it is there sooner for who asks first. */
  begin(): Worker {
    if (!this.worker) {
      this.worker = new Worker(new URL('./draw.worker', import.meta.url), { type: 'module' });
      this.worker.addEventListener('message', ({ data }: MessageEvent<Answer>) => this.answers.next(data));
    }
    return this.worker;
  }
  private ask(request: Ask): number {
    const serial = ++this.serial;
    this.begin().postMessage({ ...request, serial });
    return serial;
  }
  /** Asks for a page to be shown in a window; the answer with this serial, or a newer one, comes on `drawn`. */
  draw(window: number, document: SiteDocument, page: string, only?: 'day' | 'night'): number {
    return this.ask({ kind: 'draw', window, document, page, ...(only && { only }) });
  }
  /** Draws a site another way, beside itself. */
  async glimpse(document: SiteDocument, page: string, showing: Showing): Promise<Of<'glimpsed'>> {
    const serial = this.serial + 1;
    const answer = firstValueFrom(
      this.answers.pipe(filter((a): a is Of<'glimpsed'> => a.kind === 'glimpsed' && a.serial === serial)),
    );
    this.ask({ kind: 'glimpse', document, page, showing });
    return answer;
  }
  /** Asks for a reading of a text; the answer with this serial, or a newer one, comes on `readings`. */
  read(text: string, corrections: Correction[] = []): number {
    return this.ask({ kind: 'read', text, corrections });
  }
  /** Writes a version of a site; what a person has done to it stays. */
  async write(
    document: SiteDocument,
    seed: number,
    keepAddresses: boolean,
  ): Promise<{ version: PutVersion; ms: number }> {
    const serial = this.serial + 1;
    const answer = firstValueFrom(
      this.answers.pipe(filter((a): a is Of<'written'> => a.kind === 'written' && a.serial === serial)),
    );
    this.ask({ kind: 'write', document, seed, keepAddresses });
    return answer;
  }
}
