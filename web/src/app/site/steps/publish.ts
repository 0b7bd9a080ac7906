import { ChangeDetectionStrategy, Component, computed, effect, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { checklist } from '@tin-porch/core/care';
import { JobSteps } from '../../parts/job-steps';
import { Dialogs } from '../../parts/dialogs';
import { PorchApi } from '../../api/porch-api';
import { PlannedPublishing } from '../planned-publishing';
import { SitePreviews } from '../site-previews';
import { WhatComes } from '../what-comes';
import { ReleaseList } from '../release-list';
import { ServerChoice } from '../../parts/server-choice';
import { Worktable } from '../../parts/worktable';
import { SiteStore } from '../site-store';

const WORDS = { good: 'good', look: 'to look at', stop: 'stands in the way' };

@Component({
  selector: 'tp-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    FormsModule,
    RouterLink,
    Worktable,
    JobSteps,
    ServerChoice,
    ReleaseList,
    SitePreviews,
    WhatComes,
    PlannedPublishing,
  ],
  template: `
    <tp-worktable controlsName="Checklist" besideName="Releases" [even]="true" [reading]="true">
      @if (store.detail(); as site) {
        <tp-what-comes />
        @if (site.stagingOf) {
          <p class="quiet">
            A staging copy is not opened to visitors: deploy it behind the holding page, and show it by a link. What was
            tried is brought back in <a routerLink="../care">Care</a>.
          </p>
        } @else {
          <tp-planned-publishing />
        }
        <h2 [class.gap]="site.stagingOf">
          {{
            site.open ? 'Before visitors see changes' : site.stagingOf ? 'What is not right so far' : 'Before it opens'
          }}
        </h2>
        <ul class="steps">
          @for (item of items(); track item.id) {
            <li>
              <span class="dot {{ item.state }}"></span
              ><b
                >{{ item.title }}<span class="sr">: {{ words[item.state] }}</span></b
              >
              @if (item.state !== 'good') {
                <a class="ms" [routerLink]="'../' + item.step">Mend</a>
              }
              <span class="detail">{{ item.detail }}</span>
            </li>
          }
        </ul>
        @if (form(); as f) {
          <div class="field gap">
            <label for="deliver"
              >Contact form: for whom <span class="quiet">the client’s mail address, named in the Inbox</span></label
            >
            <input
              id="deliver"
              type="email"
              maxlength="254"
              [ngModel]="f.deliverTo"
              (ngModelChange)="store.change({ op: 'setForm', form: f.id, deliverTo: $event })"
            />
          </div>
        }
        <h2 class="gap">Server</h2>
        @if (site.server; as server) {
          <p>
            On <b>{{ server.name }}</b> <span class="mono quiet">{{ server.address }}</span>
          </p>
          @if (site.liveRelease) {
            <p class="gap">
              Temporary address <span class="mono">{{ site.temporary }}</span>. Visitors
              {{ site.open ? 'see the site' : 'see the holding page' }}.
            </p>
            <p class="bar gap">
              <button class="plain" type="button" (click)="openSite()">Look at it now</button>
              @if (!site.open) {
                <button class="plain" type="button" (click)="store.begin('deploy')" [disabled]="busy()">
                  Deploy behind the holding page
                </button>
              }
              @if (site.open) {
                <button class="plain" type="button" (click)="close()" [disabled]="store.busy('PUT /open')">
                  Close it with the holding page
                </button>
              }
            </p>
            @if (api.may('helper')) {
              <tp-site-previews />
            }
          } @else {
            <p class="bar gap">
              <button class="plain" type="button" (click)="store.begin('deploy')" [disabled]="busy() || !store.drawn()">
                Deploy behind the holding page
              </button>
            </p>
          }
        } @else {
          <tp-server-choice />
        }
      }
      <ng-container beside>
        @if (store.detail(); as site) {
          @if (job(); as job) {
            <tp-job-steps [job]="job" [now]="store.now()" (cancel)="store.cancel(job)" />
          } @else {
            <h2>Nothing has been deployed yet</h2>
            <p class="quiet">
              A site goes up in one piece: visitors see the old release or the new one, never a mixture.
            </p>
          }
          @if (site.releases.length) {
            <h2 class="gap">Releases</h2>
            <tp-release-list />
          }
        }
      </ng-container>
    </tp-worktable>
  `,
})
export class PublishStep {
  protected readonly store = inject(SiteStore);
  protected readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  protected readonly words = WORDS;
  protected readonly items = computed(() => (this.store.document() ? checklist(this.store.document()!) : []));
  protected readonly form = computed(() => this.store.document()?.forms[0] ?? null);
  protected readonly job = computed(
    () => this.store.detail()?.jobs.find((j) => ['publish', 'deploy', 'rollback'].includes(j.kind)) ?? null,
  );
  /** True where visitors do not see all that was changed yet. */
  private readonly behind = computed(
    () => this.store.detail()?.path.find((s) => s.step === 'publish')?.state === 'needs',
  );
  protected readonly busy = computed(() => ['waiting', 'running'].includes(this.job()?.state ?? ''));

  constructor() {
    effect(() => {
      const site = this.store.detail();
      const stop = this.items().some((i) => i.state === 'stop');
      this.store.main.set(
        site
          ? {
              // A staging copy is shown by links alone.
              label: site.stagingOf
                ? 'Deploy'
                : !site.open
                  ? 'Publish'
                  : this.behind()
                    ? 'Deploy changes'
                    : 'Deploy again',
              run: () => void this.store.begin(site.stagingOf ? 'deploy' : 'publish'),
              for: 'designer',
              why: !site.server
                ? 'Choose a server first.'
                : stop
                  ? `Something stands in the way: ${this.items()
                      .find((i) => i.state === 'stop')!
                      .title.toLowerCase()}.`
                  : this.busy() && 'It is under way.',
            }
          : null,
      );
    });
  }
  protected async close(): Promise<void> {
    const site = this.store.detail();
    if (!site) return;
    const sure = await this.dialogs.confirm({
      title: 'Take the site down?',
      words: `Visitors of ${site.domain ?? 'the temporary address'} see the holding page from then on, until you publish again. Search engines are told to come back later.`,
      act: 'Close it with the holding page',
    });
    if (sure && (await this.store.put('/open', { open: false })) !== undefined)
      this.store.said.set({ words: 'The holding page is up: visitors do not see the site now.', bad: false });
  }
  protected async openSite(): Promise<void> {
    // Opened before the answer is there, so that the browser sees it was asked for by a click.
    const tab = window.open('', '_blank');
    const shared = (await this.store.post('/share', { days: 1 })) as { url: string } | undefined;
    if (!tab) return;
    tab.opener = null;
    if (shared) tab.location.href = shared.url;
    else tab.close();
  }
}
