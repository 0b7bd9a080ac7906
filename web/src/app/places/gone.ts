import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { firstValueFrom, merge, startWith, switchMap } from 'rxjs';
import { debounceTime, filter } from 'rxjs/operators';
import { PorchEvents } from '../api/events';
import type { Answered, SiteLine } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { saveFile } from '../parts/save-file';
import { day } from '../parts/when';

type Departed = Answered<'GET /departures'>['departed'][number];

/** Sites that are to go, and those that are gone, with the archive of each. */
@Component({
  selector: 'tp-gone',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink],
  template: `
    @if (going().length + departed().length || fault()) {
      <h2 class="gap">Going and gone</h2>
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      }
      <ul>
        @for (s of going(); track s.id) {
          <li>
            <a class="name" [routerLink]="['/sites', s.id, 'care']">{{ s.name || 'A client without a name' }}</a>
            <span class="quiet">goes on {{ date(s.leavesAt!) }}</span>
          </li>
        }
        @for (d of departed(); track d.site) {
          <li>
            <b>{{ d.name || 'A client without a name' }}</b>
            <span class="quiet">
              went on {{ date(d.leftAt) }}; its archive of {{ size(d.bytes) }} stays until {{ date(d.keepUntil)
              }}{{ d.whole ? '' : ', without what was on its server' }}
            </span>
            @if (api.may('designer')) {
              <span class="bar">
                <button
                  class="plain small"
                  type="button"
                  [attr.aria-label]="'Take the archive of ' + d.name"
                  [disabled]="busy() === d.site"
                  (click)="take(d)"
                >
                  Take the archive
                </button>
                @if (api.may('owner')) {
                  <button
                    class="plain small"
                    type="button"
                    [attr.aria-label]="'Throw it away: what is left of ' + d.name"
                    [disabled]="busy() === d.site"
                    (click)="throwAway(d)"
                  >
                    Throw it away …
                  </button>
                }
              </span>
            }
          </li>
        }
      </ul>
    }
  `,
  styles: `
    :host {
      display: block;
      margin-top: 24px;
    }
    ul {
      margin: 8px 0 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 4px 12px;
      padding: 8px 0;
      border-bottom: 1px solid var(--tin-2);
    }
    .name {
      font-weight: 700;
    }
    .bar {
      margin-left: auto;
    }
  `,
})
export class Gone {
  protected readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  readonly sites = input.required<readonly SiteLine[]>();
  protected readonly going = computed(() => this.sites().filter((s) => s.leavesAt !== null));
  protected readonly departed = signal<readonly Departed[]>([]);
  protected readonly fault = signal('');
  protected readonly busy = signal<string | null>(null);
  protected readonly date = day;

  constructor() {
    const events = inject(PorchEvents);
    merge(events.all.pipe(filter((e) => e.kind === 'care')), events.back)
      .pipe(
        startWith(null),
        debounceTime(50),
        switchMap(() => this.ask()),
        takeUntilDestroyed(),
      )
      .subscribe();
  }
  private async ask(): Promise<void> {
    try {
      this.departed.set((await firstValueFrom(this.api.get<{ departed: Departed[] }>('/departures'))).departed);
      this.fault.set('');
    } catch (error) {
      this.fault.set(`What is gone was not asked for. ${asRefusal(error).message}`);
    }
  }
  /** Does something with an archive, and says where it was refused. */
  private async with(site: string, work: () => Promise<void>): Promise<void> {
    this.busy.set(site);
    try {
      await work();
      this.fault.set('');
    } catch (error) {
      this.fault.set(asRefusal(error).message);
    } finally {
      this.busy.set(null);
    }
  }
  protected take = ({ site }: Departed): Promise<void> =>
    this.with(site, async () => {
      const bytes = await firstValueFrom(this.api.bytes(`/departures/${site}/archive`));
      saveFile(`${site}.zip`, bytes, 'application/zip');
    });
  protected async throwAway({ site, name }: Departed): Promise<void> {
    const sure = await this.dialogs.confirm({
      title: `Throw away what is left of ${name}?`,
      words:
        'Its archive has the pages, the pictures, the messages and the people of its desk. It is in no other place here.',
      act: 'Throw it away',
    });
    if (!sure) return;
    await this.with(site, async () => {
      await firstValueFrom(this.api.delete(`/departures/${site}`));
      await this.ask();
    });
  }
  protected size = (bytes: number): string => `${(bytes / 1e6).toFixed(1)} MB`;
}
