import { CdkDrag, CdkDropList, type CdkDragDrop } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { some } from '@tin-porch/core/some';
import { firstValueFrom } from 'rxjs';
import type { Answered, ServerInfo } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { bytes } from '../parts/bytes';
import { PastLine } from '../parts/past-line';
import { time } from '../parts/when';

type SiteThere = ServerInfo['sites'][number];
type Troubles = Answered<'GET /servers/:name/troubles'>['troubles'];
/** So many sites stand on a shelf by name; the others are told by their number until somebody wants to see them. */
const SHOWN = 8;
/** What of a site takes room. */
const roomOf = ({ room }: SiteThere): number => (room ? room.files + room.rows + room.logs : 0);

/** A server as a shelf: what stands on it is as wide as the room it takes; beside it how it was in the last day. */
@Component({
  selector: 'tp-server-shelf',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, PastLine, CdkDropList, CdkDrag],
  styleUrl: './server-shelf.scss',
  template: `
    <section class="sheet shelf" [attr.aria-labelledby]="'server-' + server().name">
      <div class="who">
        <h2 [id]="'server-' + server().name">{{ server().name }}</h2>
        <p class="mono quiet">{{ facts() }}</p>
        <p>
          <span class="chip {{ server().state.tone }}">{{ server().state.words }}</span>
        </p>
        @if (server().state.advice) {
          <p>{{ server().state.advice }}</p>
        }
        @if (server().now; as now) {
          <p class="quiet">Up {{ up(now.upSeconds) }}.</p>
        }
        <p class="bar">
          <ng-content />
          @if (!server().error) {
            <button class="plain small" type="button" [attr.aria-expanded]="log() !== null" (click)="read()">
              What failed
            </button>
          }
        </p>
      </div>
      <div
        class="stands"
        cdkDropList
        cdkDropListOrientation="horizontal"
        [cdkDropListData]="server().name"
        [cdkDropListSortingDisabled]="true"
        [cdkDropListEnterPredicate]="takes"
        (cdkDropListDropped)="dropped($event)"
      >
        <p class="quiet">{{ caption() }}</p>
        <ul class="on">
          @for (site of shown(); track site.id) {
            <li
              [style.flex-grow]="wide(site)"
              cdkDrag
              [cdkDragStartDelay]="HELD"
              [cdkDragData]="site"
              [cdkDragDisabled]="!draggable(site)"
            >
              <a
                [routerLink]="['/sites', site.id, site.live ? 'care' : 'publish']"
                [class.moving]="moving().has(site.id)"
                [attr.title]="site.name + (site.room ? ', ' + said(site) : '')"
                draggable="false"
                (keydown)="key($event, site)"
              >
                <b>{{ site.name }}</b>
                <span class="mono">{{ words(site) }}</span>
              </a>
            </li>
          } @empty {
            <li class="none">None of your sites is here.</li>
          }
          @if (server().sites.length > shown().length) {
            <li class="more">
              <button type="button" (click)="whole.set(true)">{{ server().sites.length - shown().length }} more</button>
            </li>
          }
        </ul>
        <div class="board" aria-hidden="true"></div>
        <ng-content select="[below]" />
      </div>
      <div class="past">
        @if (server().now; as now) {
          <tp-past-line name="Requests" [now]="rate()" [values]="of('requests')" />
          <tp-past-line
            name="Memory"
            tone="moss"
            [most]="1"
            [said]="share"
            [now]="size(now.memoryBytes - now.memoryFreeBytes)"
            [values]="of('memory')"
          />
          <tp-past-line
            name="Disk"
            [tone]="server().state.tone === 'moss' ? 'moss' : 'lamp'"
            [most]="1"
            [said]="share"
            [now]="share(1 - now.diskFreeBytes / now.diskBytes)"
            [values]="of('disk')"
          />
          <tp-past-line
            name="Failed"
            tone="brick"
            [most]="5"
            [now]="failed()"
            [values]="of('troubles')"
            [said]="whole0"
          />
        } @else {
          <p class="quiet">How it was is told again when it answers.</p>
        }
      </div>
      @if (log(); as troubles) {
        <div class="log" tabindex="-1">
          @if (fault()) {
            <p class="note brick" role="alert">{{ fault() }}</p>
          } @else {
            <table>
              <caption class="sr">
                Answers that failed on
                {{
                  server().name
                }}, the newest first
              </caption>
              <tbody>
                @for (t of troubles; track $index) {
                  <tr>
                    <td class="mono">{{ at(t.at) }}</td>
                    <td>
                      @if (t.site) {
                        <a [routerLink]="['/sites', t.site, 'care']">{{ t.name }}</a>
                      } @else {
                        <span class="quiet">no site</span>
                      }
                    </td>
                    <td>
                      <span class="mono">{{ t.method }} {{ t.path }}, {{ t.status }}</span
                      ><br />{{ t.cause }}
                    </td>
                  </tr>
                } @empty {
                  <tr>
                    <td>Nothing failed that is still known.</td>
                  </tr>
                }
              </tbody>
            </table>
          }
        </div>
      }
    </section>
  `,
})
export class ServerShelf {
  readonly server = input.required<ServerInfo>();
  /** Sites that are on their way to another server. */
  readonly moving = input<ReadonlySet<string>>(new Set());
  /** Whether a site can be carried off by hand. */
  readonly carries = input(false);
  /** A site was put onto this shelf, by whatever way. */
  readonly put = output<{ site: SiteThere; from: string }>();
  /** Somebody takes a site in hand, by key. */
  readonly taken = output<SiteThere>();
  private readonly api = inject(PorchApi);
  protected readonly whole = signal(false);
  protected readonly log = signal<Troubles | null>(null);
  protected readonly fault = signal('');
  private readonly sorted = computed(() => [...this.server().sites].sort((a, b) => roomOf(b) - roomOf(a)));
  protected readonly shown = computed(() =>
    this.whole() || this.sorted().length <= SHOWN + 1 ? this.sorted() : this.sorted().slice(0, SHOWN),
  );
  protected readonly facts = computed(() => {
    const { address, now } = this.server();
    return [address, ...(now ? [some(now.cores, 'core'), bytes(now.memoryBytes)] : [])].join(' · ');
  });
  protected readonly caption = computed(() => {
    const { sites, others, now, error } = this.server();
    if (error !== undefined) return 'What stands on it, as it was the last time.';
    const free = now ? `${bytes(now.diskFreeBytes)} of ${bytes(now.diskBytes)} free.` : '';
    if (sites.length && sites.every((s) => !s.room))
      return `What stands on it. How much room each takes is being measured. ${free}`;
    const taken = sites.reduce((sum, s) => sum + roomOf(s), 0) + others.bytes;
    const besides = others.sites ? `, ${some(others.sites, 'site')} of others among it` : '';
    return sites.length || others.sites
      ? `What stands on it, as wide as it takes room: ${bytes(taken)}${besides}. ${free}`
      : free;
  });
  protected readonly rate = computed(() => {
    const known = this.server().past.filter((p) => p.requests !== null);
    const last = known.at(-1)?.requests;
    if (last === undefined || last === null) return 'not known';
    return last < 0.1 ? `${Math.round(last * 60)} a minute` : `${last < 9.95 ? last.toFixed(1) : Math.round(last)} /s`;
  });
  /** How many failed in the last day, and when the last did. */
  protected readonly failed = computed(() => {
    const all = this.server().past;
    const sum = all.reduce((n, p) => n + (p.troubles ?? 0), 0);
    const last = all.filter((p) => p.troubles).at(-1);
    return last ? `${sum}, ${clock(last.at)}` : '0';
  });

  protected of = (what: 'requests' | 'memory' | 'disk' | 'troubles'): (number | null)[] =>
    this.server().past.map((p) => p[what]);
  protected wide = (site: SiteThere): number => Math.max(1, roomOf(site) / 1e6);
  protected words = (site: SiteThere): string =>
    this.moving().has(site.id) ? 'moving' : site.room ? bytes(roomOf(site)) : site.live ? '' : 'not deployed';
  protected said(site: SiteThere): string {
    const { files, rows, logs } = site.room!;
    return `files ${bytes(files)}, database ${bytes(rows)}, logs ${bytes(logs)}`;
  }
  protected draggable = (site: SiteThere): boolean =>
    this.carries() && site.live && !this.moving().has(site.id) && !this.server().error;
  /** Only what stands elsewhere is put here, and only where somebody answers. */
  protected takes = (): boolean => !this.server().error && this.server().now?.database === true;
  protected dropped({ item, previousContainer, container }: CdkDragDrop<string, string, SiteThere>): void {
    if (previousContainer !== container) this.put.emit({ site: item.data, from: previousContainer.data });
  }
  protected key(event: KeyboardEvent, site: SiteThere): void {
    if (event.key.toLowerCase() !== 'm' || event.ctrlKey || event.metaKey || event.altKey) return;
    if (!this.draggable(site)) return;
    event.preventDefault();
    event.stopPropagation();
    this.taken.emit(site);
  }

  protected async read(): Promise<void> {
    if (this.log()) return this.log.set(null);
    this.fault.set('');
    try {
      const { troubles } = await firstValueFrom(
        this.api.get<Answered<'GET /servers/:name/troubles'>>(`/servers/${this.server().name}/troubles`),
      );
      this.log.set(troubles);
    } catch (error) {
      this.fault.set(`What failed was not asked for. ${asRefusal(error).message}`);
      this.log.set([]);
    }
  }

  /** A finger scrolls unless it rests, ms. */
  protected readonly HELD = { touch: 400, mouse: 0 };
  protected at = time;
  protected size = bytes;
  protected share = (v: number): string => `${Math.round(v * 100)} %`;
  protected whole0 = (v: number): string => String(Math.round(v));
  protected up = (s: number) =>
    s > 172_800
      ? `${Math.floor(s / 86_400)} days`
      : s > 7200
        ? `${Math.floor(s / 3600)} hours`
        : s > 120
          ? `${Math.floor(s / 60)} minutes`
          : `${s} seconds`;
}
const clock = (iso: string): string =>
  new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
