import { inject, Injectable } from '@angular/core';
import { some } from '@tin-porch/core/some';
import { firstValueFrom } from 'rxjs';
import type { Answered, OpenFinding } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { Dialogs } from './dialogs';

type Mend = NonNullable<OpenFinding['mend']>;
/** What a mend is called on its button. */
export const MENDS: Record<Mend, string> = {
  certificate: 'Ask for a certificate',
  backup: 'Back it up now',
  records: 'Set the records',
  deploy: 'Deploy again',
  update: 'Draw it anew',
};
/** What a visitor would notice of a mend; null where that is nothing. */
const NOTICED: Record<Mend, string | null> = {
  certificate: null,
  backup: null,
  records: 'The domain’s A record and its www name are led to the server; everything else in its zone stays.',
  deploy: 'What was drafted since the last deploy goes up with it.',
  update:
    'What visitors have is drawn by the newest version, drafts stay drafts. A copy is tried first; what reads otherwise waits for you to let it through.',
};

/** Has findings mended or put off, many at once. */
@Injectable({ providedIn: 'root' })
export class Mending {
  private readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);

  /** What of some findings Tin Porch can mend, all in one way; null where it cannot, or not in one way. */
  wayOf(findings: readonly OpenFinding[]): Mend | null {
    const ways = new Set(findings.map((f) => f.mend));
    return ways.size === 1 ? [...ways][0]! : null;
  }

  /** Begins to mend. Resolves to what is to be said of it; null where it was thought better of. @throws Error with why not */
  async mend(findings: readonly OpenFinding[]): Promise<string | null> {
    const way = this.wayOf(findings);
    if (!way) return null;
    const noticed = NOTICED[way];
    const sites = new Set(findings.map((f) => f.site)).size;
    if (
      noticed &&
      !(await this.dialogs.confirm({
        title: `${MENDS[way]}${sites > 1 ? ` at ${sites} sites` : ''}?`,
        words: noticed,
        act: MENDS[way],
      }))
    )
      return null;
    const which = findings.map(({ site, key }) => ({ site, key }));
    const { begun, refused } = await this.ask<Answered<'POST /findings/mend'>>(
      firstValueFrom(this.api.post('/findings/mend', { which })),
    );
    if (!begun) throw new Error(refused.join(' '));
    return [
      begun === 1 ? 'It is being mended, and looked at again then.' : `${some(begun, 'site')} are being mended.`,
      ...refused,
    ].join(' ');
  }

  /** Puts findings off, or has them said again. @throws Error with why not */
  async snooze(findings: readonly OpenFinding[], off: { until: Date; reason: string } | null): Promise<void> {
    const which = findings.map(({ site, key }) => ({ site, key }));
    await this.ask(
      firstValueFrom(
        this.api.put('/findings/snooze', { which, off: off && { ...off, until: off.until.toISOString() } }),
      ),
    );
  }

  private async ask<T>(call: Promise<unknown>): Promise<T> {
    try {
      return (await call) as T;
    } catch (error) {
      throw new Error(asRefusal(error).message, { cause: error });
    }
  }
}
