import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import { Router } from '@angular/router';
import { changesTo } from '@tin-porch/core/making';
import type { SiteDocument } from '@tin-porch/core/model';
import { some } from '@tin-porch/core/some';
import { firstValueFrom } from 'rxjs';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { Asking } from '../asking/asking';
import { time } from '../parts/when';
import { SiteStore } from './site-store';

type Backup = Answered<'GET /sites/:id/backups'>['backups'][number];
type Missing = Answered<'GET /sites/:id/backups/:place/:snapshot/messages'>;
/** So many of the things that differ are named. */
const NAMED = 4;

/** What of a backup can be brought back alone: what differs on the site, and messages that are not there any more. */
@Component({
  selector: 'tp-backup-parts',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (fault()) {
      <p class="note brick" role="alert">{{ fault() }}</p>
    } @else if (!document() && !missing()) {
      <p class="quiet" role="status">It is fetched from {{ backup().place }} …</p>
    }
    @if (document()) {
      @if (changes().length) {
        <p>
          <b>{{ some(changes().length, 'thing') }}</b> {{ changes().length === 1 ? 'differs' : 'differ' }} from the site
          in hand: {{ named() }}
        </p>
        <p class="bar">
          <button class="plain small" type="button" (click)="choose()">
            {{ changes().length === 1 ? 'Look at it' : 'Choose among them' }}
          </button>
          <span class="quiet">Nothing changes before you take it.</span>
        </p>
      } @else {
        <p>The site in hand is as visitors saw it then.</p>
      }
    }
    @if (missing(); as m) {
      @if (m.missing) {
        <p>
          <b>{{ m.missing }} of {{ some(m.all, 'message') }}</b> {{ m.missing === 1 ? 'is' : 'are' }} not there any
          more{{ m.missing > m.messages.length ? '; the newest of them:' : ':' }}
        </p>
        <ul aria-label="Messages that are not there any more">
          @for (message of m.messages; track message.id) {
            <li>
              <span>
                <b>{{ message.fields['name'] || 'No name' }}</b>
                <span class="quiet">
                  {{ at(message.receivedAt) }}{{ message.erased ? ', erased since' : ''
                  }}{{ message.answers ? ', answered' : '' }}
                </span>
                <span class="letter">{{ message.fields['message'] }}</span>
              </span>
              <button
                class="plain small"
                type="button"
                [attr.aria-label]="'Put the message of ' + (message.fields['name'] || 'nobody named') + ' back'"
                [disabled]="busy()"
                (click)="putBack(message)"
              >
                Put it back
              </button>
            </li>
          }
        </ul>
      } @else {
        <p>{{ m.all ? 'Every message in it is there.' : 'There is no message in it.' }}</p>
      }
    }
    @if (said()) {
      <p class="note moss" role="status">{{ said() }}</p>
    }
  `,
  styles: `
    :host {
      display: block;
      padding: 4px 0 8px;
      overflow-wrap: anywhere;
    }
    p {
      margin: 6px 0;
    }
    ul {
      margin: 4px 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: flex;
      align-items: flex-start;
      justify-content: space-between;
      gap: 4px 12px;
      padding: 6px 0;
      border-top: 1px solid var(--tin-2);
    }
    li button {
      flex: none;
    }
    .letter {
      display: -webkit-box;
      -webkit-box-orient: vertical;
      -webkit-line-clamp: 3;
      overflow: hidden;
    }
  `,
})
export class BackupParts {
  readonly backup = input.required<Backup>();
  private readonly store = inject(SiteStore);
  private readonly api = inject(PorchApi);
  private readonly asking = inject(Asking);
  private readonly router = inject(Router);
  protected readonly document = signal<SiteDocument | null>(null);
  protected readonly missing = signal<Missing | null>(null);
  protected readonly fault = signal('');
  protected readonly said = signal('');
  protected readonly busy = signal(false);
  protected readonly some = some;
  protected readonly at = time;
  /** What would make the site in hand what it was. */
  protected readonly changes = computed(() => {
    const [now, then] = [this.store.document(), this.document()];
    return now && then ? changesTo(now, { ...then, id: now.id }) : [];
  });
  protected readonly named = computed(() => {
    const words = this.changes().map((c) => c.words);
    const more = words.length - NAMED;
    return `${words.slice(0, NAMED).join(', ')}${more > 0 ? ` and ${more} more` : ''}.`;
  });

  constructor() {
    // Told again of the same backup, nothing of it is asked for anew.
    effect(() => void this.fetch(this.address()));
  }

  private readonly address = computed(() => {
    const { place, snapshot } = this.backup();
    return `/sites/${this.store.id()}/backups/${encodeURIComponent(place)}/${snapshot}`;
  });

  private async fetch(address: string): Promise<void> {
    const asked = <T>(what: 'document' | 'messages') => firstValueFrom(this.api.get<T>(`${address}/${what}`));
    // One after the other is kinder to a place that is asked by everybody.
    try {
      const { document } = await asked<Answered<'GET /sites/:id/backups/:place/:snapshot/document'>>('document');
      this.document.set(document as SiteDocument);
      this.missing.set(await asked<Missing>('messages'));
    } catch (error) {
      this.fault.set(`What is in it was not all asked for. ${asRefusal(error).message}`);
    }
  }

  protected choose(): void {
    this.asking.show(`As visitors saw it ${time(this.backup().madeAt)}`, {
      kind: 'slip',
      changes: this.changes(),
      left: [],
      exact: true,
    });
    void this.router.navigate(['/sites', this.store.id(), 'pages']);
  }

  protected async putBack(message: Missing['messages'][number]): Promise<void> {
    this.busy.set(true);
    this.fault.set('');
    try {
      await firstValueFrom(this.api.post(`${this.address()}/messages`, { ids: [message.id] }));
      this.missing.update(
        (m) => m && { ...m, missing: m.missing - 1, messages: m.messages.filter((one) => one !== message) },
      );
      this.said.set(
        `The message of ${message.fields['name'] || 'nobody named'} is back, in the inbox and at the desk.`,
      );
    } catch (error) {
      this.fault.set(`It was not put back. ${asRefusal(error).message}`);
    } finally {
      this.busy.set(false);
    }
  }
}
