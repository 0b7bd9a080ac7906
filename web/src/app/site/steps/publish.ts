import { Component, computed, effect, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { checklist } from '@tin-porch/core';
import type { Release } from '../../api/model';
import { JobSteps } from '../../parts/job-steps';
import { ServerChoice } from '../../parts/server-choice';
import { time, when } from '../../parts/when';
import { Worktable } from '../../parts/worktable';
import { SiteStore } from '../site-store';

const WORDS = { good: 'good', look: 'look at it', stop: 'stands in the way' };

@Component({
  selector: 'tp-step',
  imports: [FormsModule, RouterLink, Worktable, JobSteps, ServerChoice],
  template: `
    <tp-worktable controlsName="Checklist" besideName="Releases" [even]="true" [reading]="true">
      @if (store.detail(); as site) {
        <h2>Before it opens</h2>
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
              >Whose messages the contact form takes <span class="quiet">the client’s mail address</span></label
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
              Temporary address <span class="mono">{{ site.temporary }}</span>. Strangers
              {{ site.open ? 'see the site' : 'see the holding page' }}.
            </p>
            <p class="bar gap">
              <button class="plain" type="button" (click)="openSite()">Open it as yourself</button>
              <button class="plain" type="button" (click)="store.begin('deploy')" [disabled]="busy()">
                Deploy without opening
              </button>
              @if (site.open) {
                <button class="plain" type="button" (click)="store.put('/open', { open: false })">
                  Put the holding page up
                </button>
              }
            </p>
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
            <h2>Nothing has been published yet</h2>
            <p class="quiet">
              A site goes up in one piece: visitors see the old release or the new one, never a mixture.
            </p>
          }
          @if (site.releases.length) {
            <h2 class="gap">Releases</h2>
            <table class="rows">
              <thead>
                <tr>
                  <th>Made</th>
                  <th>Of step</th>
                  <th class="wide">Size</th>
                  <th><span class="sr">State</span></th>
                </tr>
              </thead>
              <tbody>
                @for (r of site.releases; track r.id) {
                  <tr>
                    <td>{{ at(r.madeAt) }}</td>
                    <td>{{ r.head }}</td>
                    <td class="wide">{{ r.files }} files, {{ kb(r) }} KB, {{ r.sent }} sent</td>
                    <td>
                      @if (r.id === site.liveRelease) {
                        <span class="chip moss">Live</span>
                      } @else {
                        <button class="plain small" type="button" (click)="store.post('/rollback', { release: r.id })">
                          Go back to it
                        </button>
                      }
                    </td>
                  </tr>
                }
              </tbody>
            </table>
          }
        }
      </ng-container>
    </tp-worktable>
  `,
})
export class PublishStep {
  protected readonly store = inject(SiteStore);
  protected readonly words = WORDS;
  protected readonly items = computed(() => (this.store.document() ? checklist(this.store.document()!) : []));
  protected readonly form = computed(() => this.store.document()?.forms[0] ?? null);
  protected readonly job = computed(
    () => this.store.detail()?.jobs.find((j) => j.kind === 'publish' || j.kind === 'deploy') ?? null,
  );
  protected readonly busy = computed(() => ['waiting', 'running'].includes(this.job()?.state ?? ''));

  constructor() {
    effect(() => {
      const site = this.store.detail();
      const stop = this.items().some((i) => i.state === 'stop');
      this.store.main.set(
        site
          ? {
              label: site.open ? 'Publish changes' : 'Publish',
              run: () => void this.store.begin('publish'),
              disabled: !site.server || stop || this.busy(),
            }
          : null,
      );
    });
  }
  protected at = time;
  protected kb = (r: Release) => Math.ceil(r.bytes / 1024);
  protected ago = (iso: string) => when(iso, this.store.now());
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
