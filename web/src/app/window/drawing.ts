import { Injectable } from '@angular/core';
import type { Facts, PutVersion, SiteDocument } from '@tin-porch/core';
import { filter, firstValueFrom, fromEvent, map } from 'rxjs';
import type { DrawRequest } from './draw.worker';

type Answer =
  | { kind: 'drawn'; serial: number; html?: string; css?: string; ms: number }
  | { kind: 'written'; serial: number; version: PutVersion; ms: number };

/** The worker that draws and writes, behind promises and a stream. */
@Injectable({ providedIn: 'root' })
export class Drawing {
  private readonly worker = new Worker(new URL('./draw.worker', import.meta.url), { type: 'module' });
  private serial = 0;
  private readonly answers = fromEvent<MessageEvent<Answer>>(this.worker, 'message').pipe(map((m) => m.data));
  /** Every page that was drawn. */
  readonly drawn = this.answers.pipe(filter((a) => a.kind === 'drawn'));

  private ask(request: DrawRequest): void {
    this.worker.postMessage(request);
  }
  /** Asks for a page; the answer with this serial, or a newer one, comes on `drawn`. */
  draw(document: SiteDocument, page: string): number {
    const serial = ++this.serial;
    this.ask({ kind: 'draw', serial, document, page });
    return serial;
  }
  async write(facts: Facts, seed: number): Promise<{ version: PutVersion; ms: number }> {
    const serial = ++this.serial;
    const answer = firstValueFrom(this.answers.pipe(filter((a) => a.kind === 'written' && a.serial === serial)));
    this.ask({ kind: 'write', serial, facts, seed });
    return (await answer) as Extract<Answer, { kind: 'written' }>;
  }
}
