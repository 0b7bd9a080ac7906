import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { KeptText } from '../parts/kept-text';
import { day } from '../parts/when';
import { SiteStore } from '../site/site-store';

/** How long somebody types until it is sent, ms. */
const REST_MS = 700;

/** What is done with a site as a whole: what it is called here, a copy of it, and that it goes. */
@Component({
  selector: 'tp-whole-site',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [KeptText, RouterLink],
  template: `
    @if (store.detail(); as site) {
      @if (api.may('helper')) {
        <h2 class="gap">The site here</h2>
        <div class="field">
          <label for="called">What you call it</label>
          <input
            id="called"
            maxlength="120"
            autocomplete="off"
            [placeholder]="site.document.facts.name"
            [tpKept]="site.called ?? ''"
            (typed)="call($event)"
            (blur)="send()"
          />
          <span class="quiet">Only you see it, where sites stand beside each other.</span>
        </div>
      }
      @if (site.staging.length) {
        <p>
          Staging {{ site.staging.length === 1 ? 'copy' : 'copies' }}:
          @for (s of site.staging; track s.id; let last = $last) {
            <a [routerLink]="['/sites', s.id, 'care']">{{ s.name }}</a>{{ last ? '' : ', ' }}
          }
        </p>
      }
      @if (api.may('designer')) {
        <p class="bar">
          <button class="plain" type="button" [disabled]="busy()" (click)="copy()">Make a copy</button>
          @if (!site.stagingOf && site.document.pages.length) {
            <button class="plain" type="button" [disabled]="busy()" (click)="copy(true)">Make a staging copy</button>
          }
          @if (!site.leavesAt) {
            <button class="plain" type="button" [disabled]="busy()" (click)="letGo()">Delete the site …</button>
          }
        </p>
        <p class="quiet">
          A copy has the drafts with their pictures; messages, history and the people at the desk stay with this one.
          @if (!site.stagingOf) {
            On a staging copy you try things, and bring them back here.
          }
        </p>
      }
    }
  `,
  styles: `
    :host {
      display: block;
    }
    .field {
      max-width: 26rem;
    }
    .field .quiet {
      font-size: 12.5px;
    }
    .bar {
      margin: 12px 0 6px;
    }
  `,
})
export class WholeSite {
  protected readonly store = inject(SiteStore);
  protected readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  private readonly router = inject(Router);
  protected readonly busy = computed(() => this.store.busy('POST /copies') || this.store.busy('PUT /departure'));
  private readonly name = computed(() => {
    const site = this.store.detail()!;
    return site.called ?? (site.document.facts.name || 'the site');
  });
  private typed: string | null = null;
  private rest: ReturnType<typeof setTimeout> | undefined;
  private sending: Promise<void> = Promise.resolve();

  protected call(typed: string): void {
    this.typed = typed;
    clearTimeout(this.rest);
    this.rest = setTimeout(() => void this.send(), REST_MS);
  }
  /** Sends what was typed; where it was not taken, it stands there still, and is sent with the next letter. */
  protected send(): Promise<void> {
    clearTimeout(this.rest);
    // One after the other: a call that is under way is not made a second time, whatever it would say.
    return (this.sending = this.sending.then(async () => {
      const { typed } = this;
      if (typed === null || typed.trim() === (this.store.detail()?.called ?? '')) return;
      if ((await this.store.put('/name', { called: typed })) !== undefined && this.typed === typed) this.typed = null;
    }));
  }

  protected async copy(staging = false): Promise<void> {
    // What is written and not sent yet belongs to it.
    await this.store.flush();
    const made = await this.store.post<{ id: string }>('/copies', { called: '', ...(staging && { staging }) });
    if (made) await this.router.navigate(['/sites', made.id, 'care']);
  }

  protected async letGo(): Promise<void> {
    const site = this.store.detail()!;
    const seen = site.open ? 'Visitors see no more of it from now on. ' : '';
    const domain =
      site.domain && site.domainSeen?.leadsHere
        ? ` ${site.domain} leads here until you change its records at whoever keeps them.`
        : '';
    const sure = await this.dialogs.confirm({
      title: `Delete ${this.name()}?`,
      words: `${seen}For thirty days you can have it back as it is. Then it goes for good, with its drafts, its history, its messages and its desk; an archive of all of it stays for a year.${domain}`,
      act: 'Delete it in thirty days',
    });
    if (sure) await this.store.put('/departure', {});
  }
}

/** The step of a job that puts all of a site into its archive. */
const KEEPING = 'Keep all of it';
/** Says of a site that is to go when it does, and lets it be kept, or be gone at once. */
@Component({
  selector: 'tp-going',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (store.detail(); as site) {
      @if (site.leavesAt; as at) {
        <div class="note brick" role="status">
          <p>
            <b>{{ removing() ? 'It is being removed' : 'This site goes on ' + date(at) }}.</b>
            {{ kept() }}
          </p>
          @if (stuck(); as words) {
            <p role="alert">{{ words }}</p>
          }
          @if (api.may('designer')) {
            <p class="bar">
              @if (!removing() || stuck()) {
                <button class="act" type="button" [disabled]="busy()" (click)="keep()">Keep the site</button>
              }
              @if (unkept() !== null) {
                <button class="plain" type="button" [disabled]="busy()" (click)="again()">Try again</button>
              }
              @if (api.may('owner') && !removing()) {
                <button class="plain" type="button" [disabled]="busy()" (click)="remove(false)">Remove it now …</button>
              }
              @if (api.may('owner') && stuck() && waitsForServer()) {
                <button class="plain" type="button" [disabled]="busy()" (click)="remove(true)">
                  Remove it without its server …
                </button>
              }
            </p>
          }
        </div>
      }
    }
  `,
  styles: `
    .note {
      display: block;
      margin-bottom: 16px;
    }
    p {
      margin: 0 0 8px;
    }
    .bar {
      margin: 0;
    }
  `,
})
export class Going {
  protected readonly store = inject(SiteStore);
  protected readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  protected readonly date = day;
  protected readonly busy = computed(() =>
    ['DELETE /departure', 'PUT /departure', 'POST /departure/now'].some((call) => this.store.busy(call)),
  );
  private readonly removal = computed(() => {
    const job = this.store.detail()?.jobs.find((j) => j.kind === 'remove' || j.kind === 'leave');
    return job && ['waiting', 'running', 'retrying'].includes(job.state) ? job : null;
  });
  private readonly leaving = computed(() => this.store.detail()?.jobs.find((j) => j.kind === 'leave'));
  /** Why it was not closed and kept; null where it was, or is about to be. */
  protected readonly unkept = computed(() => {
    const job = this.leaving();
    if (this.removal() || job?.state === 'done') return null;
    return job?.error ?? (job ? 'That was stopped.' : '');
  });
  protected readonly kept = computed(() => {
    const why = this.unkept();
    if (why !== null) return `It is not closed and kept in an archive so far. ${why}`;
    if (this.removing()) return '';
    if (this.leaving()?.state !== 'done') return 'It is being closed, and all of it put into an archive.';
    const size = this.leaving()!.steps.find((s) => s.name === KEEPING)?.detail;
    return `Visitors see nothing of it. All of it is in an archive${size ? ` of ${size}` : ''}.`;
  });
  protected readonly removing = computed(() => this.removal()?.kind === 'remove');
  /** Why it does not go on, where it does not. */
  protected readonly stuck = computed(() => (this.removal()?.state === 'retrying' ? this.removal()!.error : null));
  protected readonly waitsForServer = computed(() => this.removing() && !!this.store.detail()?.server);

  protected async again(): Promise<void> {
    await this.store.put('/departure', {});
  }
  protected async keep(): Promise<void> {
    if ((await this.store.delete('/departure')) !== undefined)
      this.store.said.set({ words: 'The site stays. Open it again in Publish.', bad: false });
  }
  protected async remove(without: boolean): Promise<void> {
    const server = this.store.detail()?.server?.name;
    const left = without && server ? ` What ${server} has of it stays there: it does not answer.` : '';
    const sure = await this.dialogs.confirm({
      title: 'Remove it now?',
      words: `It cannot be had back then: its drafts, history, messages and desk go. An archive of all of it stays for a year, under Sites.${left}`,
      act: 'Remove it for good',
    });
    if (!sure) return;
    // One that waits for its server goes on without it as another job.
    const waiting = this.removal();
    if (without && waiting) await this.store.cancel(waiting);
    await this.store.post('/departure/now', { without });
  }
}
