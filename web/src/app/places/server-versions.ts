import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { some } from '@tin-porch/core/some';
import { firstValueFrom } from 'rxjs';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { copyText } from '../parts/copy-text';
import { when } from '../parts/when';

type Server = Answered<'GET /updates'>['servers'][number];
type Package = NonNullable<Server['packages']>[number];
/** After so many days nobody knows from package lists what is newer, ms. */
const STALE_MS = 8 * 86_400_000;

/** What a server is made of, what of it is behind, and why that matters. */
@Component({
  selector: 'tp-server-versions',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="between">
      <h3>{{ server().name }}</h3>
      <span class="chip {{ state().tone }}">{{ state().chip }}</span>
    </div>
    @if (server().error; as error) {
      <p>{{ error }}</p>
    }
    @if (server().agent; as a) {
      <p class="quiet">
        Its agent draws pages by version {{ a.engine }} and keeps tables of step {{ a.step }}; Node {{ a.node }}.
        @if (a.engine < newest()) {
          <b>It is older than Tin Porch itself</b>: what clients change on their sites is drawn by it.
        }
      </p>
    }
    @if (state().words) {
      <p>{{ state().words }}</p>
    }
    @if (behind().length) {
      <ul class="plain-list">
        @for (p of behind(); track p.name) {
          <li>
            <b>{{ p.name }}</b>
            @if (p.security) {
              <span class="chip brick">closes a hole</span>
            }
            @if (p.oldRuns) {
              <span class="chip lamp">the old one still runs</span>
            }
            <span class="quiet mono">{{
              p.candidate === p.installed ? p.installed : p.installed + ' → ' + p.candidate
            }}</span>
          </li>
        }
      </ul>
      @if (command(); as line) {
        <p class="quiet">For whoever looks after the machine, as root:</p>
        <p class="bar">
          <code class="mono">{{ line }}</code>
          <button class="plain small" type="button" (click)="copy(line)">{{ copied() || 'Copy it' }}</button>
        </p>
      }
    }
    @if (api.may('designer') && !server().error) {
      <details>
        <summary>Start a part of it anew</summary>
        <p class="quiet">
          One after the other. Pages go on; whoever sends a form or is at a desk just then waits for a second or two.
        </p>
        <p class="bar">
          <button class="plain small" type="button" [attr.aria-disabled]="doing() !== ''" (click)="renew('front')">
            {{ doing() === 'front' ? 'Starting …' : 'Its front, nginx' }}
          </button>
          <button class="plain small" type="button" [attr.aria-disabled]="doing() !== ''" (click)="renew('agent')">
            {{ doing() === 'agent' ? 'Starting …' : 'Its agent' }}
          </button>
        </p>
        @if (renewed(); as r) {
          <p [class.fault-line]="!r.well" role="status">{{ r.words }}</p>
        }
      </details>
    }
    @if (more().length) {
      <details>
        <summary>Up to date: {{ some(more().length, 'package') }}</summary>
        <p class="quiet mono">{{ list() }}</p>
      </details>
    }
  `,
  styles: `
    :host {
      display: block;
      padding: 12px 16px;
    }
    li {
      display: flex;
      flex-wrap: wrap;
      align-items: baseline;
      gap: 2px 10px;
      padding: 4px 0;
    }
    summary {
      padding: 3px 0;
    }
    .fault-line {
      color: var(--brick);
    }
    code {
      color: inherit;
      overflow-wrap: anywhere;
    }
    p {
      margin: 6px 0;
    }
  `,
})
export class ServerVersions {
  readonly server = input.required<Server>();
  readonly newest = input.required<number>();
  readonly now = input(Date.now());
  protected readonly api = inject(PorchApi);
  protected readonly copied = signal('');
  protected readonly doing = signal<'' | 'front' | 'agent'>('');
  protected readonly renewed = signal<{ well: boolean; words: string } | null>(null);
  protected readonly some = some;
  private readonly packages = computed(() => this.server().packages ?? []);
  protected readonly behind = computed(() =>
    this.packages()
      .filter((p) => p.candidate !== p.installed || p.oldRuns)
      .sort((a, b) => Number(b.security) - Number(a.security) || a.name.localeCompare(b.name)),
  );
  protected readonly more = computed(() => this.packages().filter((p) => !this.behind().includes(p)));
  protected readonly list = computed(() =>
    this.more()
      .map((p: Package) => `${p.name} ${p.installed}`)
      .join(', '),
  );
  protected readonly command = computed(() => {
    const names = this.behind().flatMap((p) => (p.candidate === p.installed ? [] : [p.name]));
    return names.length ? `apt-get install --only-upgrade ${names.join(' ')}` : '';
  });
  /** What is known, and how sure that is. */
  protected readonly state = computed(() => {
    const { error, packages, listsAt } = this.server();
    const of = (tone: string, chip: string, words = '') => ({ tone, chip, words });
    if (error) return of('grey', 'not asked', 'What is behind there is not known.');
    if (!packages) return of('grey', 'not known', 'It is no Debian: nobody here can say what of its system is behind.');
    const holes = packages.filter((p) => p.security).length;
    const age =
      listsAt === null ? 'It has no package lists' : `Its package lists are from ${when(listsAt, this.now())}`;
    const stale = listsAt === null || this.now() - Date.parse(listsAt) > STALE_MS;
    if (holes) return of('brick', `${some(holes, 'hole')} to close`, `${age}.`);
    if ((this.server().agent?.engine ?? 0) < this.newest()) return of('lamp', 'agent behind', `${age}.`);
    if (stale) return of('grey', 'not known', `${age}: what is newer is not known. apt-get update fetches them.`);
    const behind = this.behind().length;
    return behind ? of('lamp', `${some(behind, 'package')} behind`, `${age}.`) : of('moss', 'up to date', `${age}.`);
  });

  protected async renew(what: 'front' | 'agent'): Promise<void> {
    if (this.doing()) return;
    this.doing.set(what);
    this.renewed.set(null);
    try {
      const { ms } = await firstValueFrom(
        this.api.post<Answered<'POST /servers/:name/renewals'>>(`/servers/${this.server().name}/renewals`, { what }),
      );
      const name = what === 'front' ? 'Its front' : 'Its agent';
      this.renewed.set({ well: true, words: `${name} was started anew in ${(ms / 1000).toFixed(1)} s.` });
    } catch (error) {
      this.renewed.set({ well: false, words: asRefusal(error).message });
    }
    this.doing.set('');
  }

  protected async copy(line: string): Promise<void> {
    this.copied.set((await copyText(line)) ? 'Copied' : 'Mark it and copy it by hand');
  }
}
