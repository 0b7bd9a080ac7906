import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Router } from '@angular/router';
import { some } from '@tin-porch/core/some';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { time, when } from '../parts/when';
import { askedAgain } from './asked-again';
import { BackupParts } from './backup-parts';
import { SiteStore } from './site-store';

type Backups = Answered<'GET /sites/:id/backups'>;
type Backup = Backups['backups'][number];
/** So many are listed at first. */
const FIRST = 5;

/** The backups of a site: where the newest are, whether they were found to be any, and one brought back. */
@Component({
  selector: 'tp-site-backups',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [BackupParts],
  template: `
    <h2 class="gap">Backups</h2>
    @if (fault()) {
      <p class="note brick" role="alert">{{ fault() }}</p>
    }
    @if (found(); as all) {
      @for (p of states(); track p.place) {
        <p class="keeper">
          <span class="chip {{ p.tone }}">{{ p.place }}</span>
          <span>{{ p.words }}</span>
        </p>
      } @empty {
        <p class="quiet">No place for backups is set up that is not the server of this site.</p>
      }
      @if (all.places.length && api.may('helper')) {
        <p class="bar">
          <button class="plain" type="button" [disabled]="busy()" (click)="backUp()">Back it up now</button>
        </p>
      }
      @if (proven() && api.may('designer')) {
        <details (toggle)="askServers()">
          <summary>Its server is gone for good?</summary>
          <p class="quiet">
            It is brought up on another, from the newest backup that was proven. What visitors sent after that is lost;
            what its people changed is among the drafts. This is refused while its own server answers.
          </p>
          <p class="bar">
            <label class="sr" for="other-server">On which server</label>
            <select id="other-server" [value]="other()" (change)="other.set($any($event.target).value)">
              <option value="">On which server?</option>
              @for (name of servers(); track name) {
                <option [value]="name">{{ name }}</option>
              }
            </select>
            <button class="plain" type="button" [disabled]="!other() || reviving()" (click)="revive()">
              Bring it up there …
            </button>
          </p>
        </details>
      }
      @if (all.backups.length) {
        <h3>One brought back</h3>
        <p class="quiet">
          Whole, as a site of its own beside this one, which stays as it is with its messages. Or parts of it: a page,
          an item, words, a message.
        </p>
        <ul>
          @for (b of listed(); track b.place + b.snapshot) {
            <li>
              <span>
                {{ at(b.madeAt) }}
                <span class="quiet">at {{ b.place }}, {{ size(b) }}{{ b.provenAt ? '' : ', not proven' }}</span>
              </span>
              @if (api.may('designer')) {
                <button
                  class="plain small"
                  type="button"
                  [attr.aria-label]="'Bring it back beside this site, as it was ' + at(b.madeAt) + ', from ' + b.place"
                  [disabled]="restoring()"
                  (click)="restore(b)"
                >
                  Bring it back beside
                </button>
                <button
                  class="plain small"
                  type="button"
                  [attr.aria-label]="'Parts of it as it was ' + at(b.madeAt) + ', from ' + b.place"
                  [attr.aria-expanded]="open() === b.place + b.snapshot"
                  (click)="open.set(open() === b.place + b.snapshot ? '' : b.place + b.snapshot)"
                >
                  Parts of it
                </button>
              }
              @if (open() === b.place + b.snapshot) {
                <tp-backup-parts class="parts" [backup]="b" />
              }
            </li>
          }
        </ul>
        @if (all.backups.length > listed().length) {
          <button class="plain small" type="button" (click)="whole.set(true)">
            Show the other {{ all.backups.length - listed().length }}
          </button>
        }
      }
    }
  `,
  styles: `
    :host {
      display: block;
    }
    .keeper {
      display: flex;
      flex-wrap: wrap;
      align-items: baseline;
      gap: 2px 10px;
      margin: 6px 0;
    }
    .bar {
      margin: 10px 0;
    }
    details {
      margin: 10px 0;
    }
    select {
      width: auto;
      min-height: 32px;
      padding: 4px 8px;
    }
    h3 {
      margin: 14px 0 2px;
    }
    ul {
      margin: 6px 0;
      padding: 0;
      list-style: none;
    }
    li > span:first-child {
      margin-right: auto;
    }
    .parts {
      flex: 0 0 100%;
    }
    li {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      justify-content: space-between;
      gap: 4px 8px;
      padding: 6px 0;
      border-bottom: 1px solid var(--tin-2);
    }
  `,
})
export class SiteBackups {
  private readonly store = inject(SiteStore);
  protected readonly api = inject(PorchApi);
  private readonly router = inject(Router);
  private readonly dialogs = inject(Dialogs);
  private readonly asked = askedAgain<Backups>('/backups', 'What is backed up');
  protected readonly found = this.asked.found;
  protected readonly fault = this.asked.fault;
  protected readonly whole = signal(false);
  /** The one whose parts are looked at. */
  protected readonly open = signal('');
  protected readonly restoring = computed(() => this.store.busy('POST /restores'));
  protected readonly proven = computed(() => this.found()!.backups.some((b) => b.provenAt !== null));
  /** The servers it is not on; asked for when somebody wants to know. */
  protected readonly servers = signal<readonly string[]>([]);
  protected readonly other = signal('');
  protected readonly reviving = computed(
    () =>
      this.store.busy('POST /revival') ||
      this.store
        .detail()!
        .jobs.some((j) => j.kind === 'revive' && ['waiting', 'running', 'retrying'].includes(j.state)),
  );
  protected readonly busy = computed(
    () =>
      this.store.busy('POST /backup') ||
      this.store.detail()!.jobs.some((j) => j.kind === 'backup' && (j.state === 'waiting' || j.state === 'running')),
  );
  protected readonly listed = computed(() => {
    const all = this.found()?.backups ?? [];
    return this.whole() ? all : all.slice(0, FIRST);
  });
  /** How it stands at each place: what was measured there, and nothing better. */
  protected readonly states = computed(() => {
    const { places, backups, troubles } = this.found()!;
    const now = this.store.now();
    return places.map((place) => {
      const newest = backups.find((b) => b.place === place);
      const trouble = troubles.find((t) => t.place === place);
      const proven = backups.find((b) => b.place === place && b.provenAt !== null);
      const last = proven
        ? `Proven ${when(proven.provenAt, now)}, in ${(proven.provenMs! / 1000).toFixed(1)} s: ${some(proven.files, 'file')} and ${some(proven.rows, 'row')} came back as they were.`
        : '';
      const wrong = newest?.fault ?? (trouble && `None since ${time(trouble.since)}: ${trouble.words}`);
      if (wrong)
        return { place, tone: 'brick', words: [wrong, last && `Before that: ${last}`].filter(Boolean).join(' ') };
      if (!newest) return { place, tone: 'grey', words: 'None was made here so far.' };
      return proven === newest
        ? { place, tone: 'moss', words: last }
        : { place, tone: 'grey', words: `Made ${when(newest.madeAt, now)}, and not tried out so far.` };
    });
  });

  protected askServers(): void {
    if (this.servers().length) return;
    this.api.get<{ servers: { name: string }[] }>('/servers').subscribe({
      next: ({ servers }) =>
        this.servers.set(servers.map((s) => s.name).filter((name) => name !== this.store.detail()?.server?.name)),
      error: (error: unknown) => this.fault.set(asRefusal(error).message),
    });
  }
  protected async revive(): Promise<void> {
    const [own, other] = [this.store.detail()!.server?.name ?? 'its server', this.other()];
    const sure = await this.dialogs.confirm({
      title: `Bring it up on ${other}?`,
      words: `It is then looked after there, and its domain led there where we keep its records. If ${own} ever comes back, what it has of the site is not brought over.`,
      act: `Bring it up on ${other}`,
    });
    if (sure) await this.store.post('/revival', { server: other });
  }
  protected backUp(): void {
    void this.store.begin('backup');
  }
  protected async restore({ place, snapshot }: Backup): Promise<void> {
    const made = await this.store.post<{ id: string }>('/restores', { place, snapshot });
    if (made) await this.router.navigate(['/sites', made.id, 'pages']);
  }
  protected at = time;
  protected size = ({ files, rows }: Backup): string => `${some(files, 'file')}, ${some(rows, 'row')}`;
}
