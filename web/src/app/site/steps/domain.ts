import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { NgIcon } from '@ng-icons/core';
import { readDomain, zoneLines } from '@tin-porch/core/care';
import type { WayLink } from '../../api/model';
import { copyText } from '../../parts/copy-text';
import { Dialogs } from '../../parts/dialogs';
import { JobSteps } from '../../parts/job-steps';
import { ServerChoice } from '../../parts/server-choice';
import { day, when } from '../../parts/when';
import { Worktable } from '../../parts/worktable';
import { holderWords } from '../holder-words';
import { DomainRecords } from '../domain-records';
import { MailRecords } from '../mail-records';
import { SiteStore } from '../site-store';
import { WhoSeesWhat } from '../who-sees-what';

@Component({
  selector: 'tp-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    FormsModule,
    RouterLink,
    NgIcon,
    Worktable,
    JobSteps,
    ServerChoice,
    DomainRecords,
    MailRecords,
    WhoSeesWhat,
  ],
  template: `
    <tp-worktable controlsName="Records" besideName="The way in" [even]="true" [reading]="true">
      @if (store.detail(); as site) {
        @if (site.stagingOf) {
          <h2>No domain</h2>
          <p>
            A staging copy has its temporary address alone. Where it shall have a domain, make it a site of its own, in
            <a routerLink="../care">Care</a>.
          </p>
        } @else if (!site.server) {
          <h2>First, a server</h2>
          <p class="quiet">The records lead to it.</p>
          <tp-server-choice />
        } @else if (!site.domain || changing()) {
          <h2>{{ site.domain ? 'Another domain' : 'No domain yet' }}</h2>
          <p class="quiet">Type the name the site will be known by. Pasting a whole address is fine.</p>
          <form (ngSubmit)="give()" class="field gap">
            <label for="domain">Domain</label>
            <input
              id="domain"
              name="domain"
              autocomplete="off"
              autocapitalize="none"
              spellcheck="false"
              placeholder="name.example"
              [ngModel]="typed()"
              (ngModelChange)="typed.set($event)"
              [attr.aria-invalid]="fault() ? true : null"
            />
            @if (fault()) {
              <p class="fault" role="alert">{{ fault() }}</p>
            }
            <p class="bar gap">
              <button class="plain" type="submit">Use this domain</button>
              @if (changing()) {
                <button class="plain" type="button" (click)="changing.set(false)">Keep {{ site.domain }}</button>
              }
            </p>
          </form>
        } @else {
          <div class="between">
            <h2 class="mono-head">{{ site.domain }}</h2>
            <button class="link" type="button" (click)="change(site.domain)">Another domain</button>
          </div>
          @if (site.domainSeen; as seen) {
            <p class="quiet">{{ holder() }}</p>
            @if (seen.registration.state === 'free') {
              <p class="bar gap">
                <button
                  class="plain"
                  type="button"
                  [disabled]="store.busy('POST /domain/register')"
                  (click)="register()"
                >
                  {{ store.busy('POST /domain/register') ? 'Registering …' : 'Register it for a year' }}
                </button>
              </p>
            }
            @if (seen.error) {
              <p class="note brick gap">{{ seen.error }} Nothing is known of its records until they answer.</p>
            }
            <tp-domain-records [records]="site.records ?? []" (copy)="copy($event)" />
            <p class="bar gap">
              @if (seen.registration.state === 'ours' && toSet()) {
                <button
                  class="plain"
                  type="button"
                  [disabled]="store.busy('POST /domain/records')"
                  (click)="setRecords()"
                >
                  {{ store.busy('POST /domain/records') ? 'Setting …' : 'Set them now' }}
                </button>
              }
              @if (seen.registration.page; as page) {
                @if (seen.registration.state === 'elsewhere') {
                  <a class="plain" [href]="page" target="_blank" rel="noopener"
                    >Records page at {{ seen.registration.registrar }}
                    <ng-icon name="lucideArrowUpRight" aria-hidden="true"
                  /></a>
                }
              }
              <button class="plain" type="button" (click)="copy(zone())">Copy as zone lines</button>
            </p>
            <tp-mail-records (copy)="copy($event)" />
            <tp-who-sees-what [seen]="seen" [domain]="site.domain" [now]="store.now()" />
          } @else {
            <p class="quiet">Not asked yet.</p>
          }
        }
      }
      <ng-container beside>
        <div class="between">
          <h2>The way in, as a visitor</h2>
          @if (walkedAt()) {
            <span class="quiet">Walked {{ ago(walkedAt()!) }}</span>
          }
        </div>
        <p class="quiet">Each link of the chain is tried for real, in order.</p>
        @if (store.detail()?.domain) {
          <ol class="steps">
            @for (link of links(); track link.title) {
              <li>
                <span class="dot {{ link.state }}"></span
                ><b
                  >{{ link.title }}<span class="sr">: {{ link.state }}</span></b
                ><span class="mono quiet ms">{{ link.ms === null ? '' : link.ms + ' ms' }}</span
                ><span class="detail">{{ link.detail }}</span>
              </li>
            } @empty {
              <li class="quiet">
                <span></span>{{ walking() ? 'Walking …' : 'Walked once the site is on its server.' }}
              </li>
            }
          </ol>
          @if (store.detail()?.certificate; as c) {
            <p class="note moss gap">
              A certificate from {{ c.issuer }} for {{ c.names.join(', ') }} is in place until {{ date(c.notAfter) }}.
            </p>
          }
          @if (certificateJob(); as job) {
            <div class="gap"><tp-job-steps [job]="job" [now]="store.now()" (cancel)="store.cancel(job)" /></div>
          }
        } @else {
          <p class="note rain gap">Until a domain leads here the site opens at its temporary address.</p>
        }
      </ng-container>
    </tp-worktable>
  `,
  styles: `
    .mono-head {
      font-family: var(--mono);
      overflow-wrap: anywhere;
    }
  `,
})
export class DomainStep {
  protected readonly store = inject(SiteStore);
  private readonly dialogs = inject(Dialogs);
  protected readonly typed = signal('');
  protected readonly fault = signal('');
  protected readonly changing = signal(false);
  protected readonly links = signal<WayLink[]>([]);
  protected readonly walkedAt = signal<string | null>(null);
  protected readonly walking = signal(false);
  private walkedFor = '';
  private readonly seen = computed(() => this.store.detail()?.domainSeen ?? null);
  protected readonly toSet = computed(() => this.store.detail()?.records?.some((r) => r.verdict === 'change') ?? false);
  protected readonly certificateJob = computed(
    () => this.store.detail()?.jobs.find((j) => j.kind === 'certificate') ?? null,
  );
  protected readonly holder = computed(() => holderWords(this.seen()?.registration));
  protected readonly zone = computed(() => zoneLines(this.store.detail()?.records ?? []));

  constructor() {
    effect(() => {
      const site = this.store.detail();
      if (!site?.domain || !site.server) return this.store.main.set(null);
      if (site.domainSeen?.leadsHere && !site.certificate)
        return this.store.main.set({
          label: 'Get a certificate',
          run: () => void this.store.begin('certificate'),
          for: 'designer',
          why: !site.liveRelease
            ? 'The authority looks at the site itself: deploy it first, in Publish.'
            : this.store.openJob() !== null && 'Something else is under way. Wait until it has ended.',
        });
      this.store.main.set({
        label: this.walking() ? 'Asking …' : 'Ask again now',
        run: () => void this.walk(),
        for: 'helper',
        why: this.walking() && 'The name servers are being asked.',
      });
    });
    // Opening the step walks the way in once; so does a change of the domain or of its certificate.
    effect(() => {
      const site = this.store.detail();
      const now =
        site?.server && site.domain && site.liveRelease
          ? `${site.domain} ${site.certificate?.notAfter} ${site.open}`
          : '';
      if (now && now !== this.walkedFor && this.store.may('helper')) {
        this.walkedFor = now;
        untracked(() => void this.walk());
      }
    });
  }

  protected ago = (iso: string) => when(iso, this.store.now());
  protected date = day;
  protected async register(): Promise<void> {
    const domain = this.store.detail()?.domain;
    if (!domain) return;
    const sure = await this.dialogs.confirm({
      title: `Register ${domain}?`,
      words: `It is registered in your account for a year, and the registrar bills you for it. A registered name cannot be given back.`,
      act: 'Register it for a year',
    });
    if (sure && (await this.store.post('/domain/register')) !== undefined)
      this.store.said.set({ words: `${domain} is registered in your account for a year.`, bad: false });
  }
  protected async setRecords(): Promise<void> {
    if ((await this.store.post('/domain/records')) !== undefined)
      this.store.said.set({
        words: 'The records are set. Name servers elsewhere follow as their answers run out.',
        bad: false,
      });
  }
  protected copy(text: string): void {
    void copyText(text).then((done) =>
      this.store.said.set({ words: done ? `Copied: ${text}` : `The browser would not copy it: ${text}`, bad: !done }),
    );
  }
  protected change(domain: string): void {
    this.typed.set(domain);
    this.changing.set(true);
  }
  protected async give(): Promise<void> {
    const read = readDomain(this.typed());
    if ('error' in read) return this.fault.set(read.error);
    this.fault.set('');
    if ((await this.store.put('/domain', { domain: read.domain })) !== undefined) this.changing.set(false);
  }
  protected async walk(): Promise<void> {
    this.walking.set(true);
    const walked = (await this.store.post<{ at: string; links: WayLink[] }>('/way-in')) as
      { at: string; links: WayLink[] } | undefined;
    if (walked) {
      this.links.set(walked.links);
      this.walkedAt.set(walked.at);
    }
    this.walking.set(false);
  }
}
