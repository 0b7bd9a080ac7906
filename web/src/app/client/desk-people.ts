import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { copyText } from '../parts/copy-text';
import { Dialogs } from '../parts/dialogs';
import { time } from '../parts/when';
import { SiteStore } from '../site/site-store';
import { DeskLocks } from './desk-locks';
import { HandOver, type HandedOver } from './hand-over';

type Desk = Answered<'GET /sites/:id/desk'>;
type Person = Desk['people'][number];
type Made = Answered<'POST /sites/:id/people'>;

/** What a designer gives somebody to do; whose the site is comes by handing it over. */
type Role = Exclude<Person['role'], 'owner'>;
const ROLES: readonly (readonly [Role, string])[] = [
  ['publish', 'changes the site'],
  ['write', 'writes, you look first'],
  ['messages', 'reads messages'],
];

/** Who is at the desk of a site: let in by a link, given more or less to do, let in no more; and the way there oneself. */
@Component({
  selector: 'tp-desk-people',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, DeskLocks, HandOver],
  template: `
    <h2 class="gap">The client’s desk</h2>
    @if (fault()) {
      <p class="note brick" role="alert">
        {{ fault() }} <button class="plain small" type="button" (click)="look()">Ask again</button>
      </p>
    }
    @if (desk(); as d) {
      <p class="quiet">
        Where the client changes hours, prices and words and reads messages: <span class="mono">{{ d.address }}</span>
      </p>
      @if (told()) {
        <p class="note moss" role="status">{{ told() }}</p>
      }
      @if (made(); as m) {
        <section class="note moss stack" role="status">
          <p>
            <b>{{ m.words }}</b> It is good once, until {{ at(m.until) }}, and is not shown again.
          </p>
          <p class="bar">
            <input class="link-field mono" readonly aria-label="The link" [value]="m.link" (focus)="mark($event)" />
            <button class="plain" type="button" (click)="copy(m.link)">{{ copied() ? 'Copied' : 'Copy' }}</button>
            <button class="plain" type="button" (click)="made.set(null)">Close</button>
          </p>
        </section>
      }
      <ul class="plain-list">
        @for (p of d.people; track p.id) {
          <li class="person">
            <span>
              <b>{{ p.name }}</b> <span class="quiet">{{ p.mail }}</span>
            </span>
            @if (p.role === 'owner') {
              <span>owns the site</span>
            } @else if (designer()) {
              <label class="sr" [for]="'desk-role-' + p.id">What {{ p.name }} may do</label>
              <select [id]="'desk-role-' + p.id" [ngModel]="p.role" (ngModelChange)="setRole(p, $event)">
                @for (r of roles; track r[0]) {
                  <option [value]="r[0]">{{ r[1] }}</option>
                }
              </select>
            }
            <span class="quiet">{{ p.seenAt ? 'seen ' + at(p.seenAt) : 'not seen yet' }}</span>
            @if (designer()) {
              <span class="bar">
                <button
                  class="plain small"
                  type="button"
                  [attr.aria-label]="'Another link for ' + p.name"
                  (click)="again(p)"
                >
                  Another link
                </button>
                @if (p.role !== 'owner') {
                  <button
                    class="plain small"
                    type="button"
                    [attr.aria-label]="'Let in no more: ' + p.name"
                    (click)="remove(p)"
                  >
                    Let in no more
                  </button>
                }
              </span>
            }
          </li>
        } @empty {
          <li class="quiet">Nobody yet.</li>
        }
      </ul>
      @if (designer()) {
        <form class="line" (ngSubmit)="invite()">
          <div class="field">
            <label for="desk-name">Name</label><input id="desk-name" name="name" maxlength="80" [(ngModel)]="name" />
          </div>
          <div class="field">
            <label for="desk-mail">Mail</label
            ><input id="desk-mail" name="mail" type="email" maxlength="254" [(ngModel)]="mail" />
          </div>
          <div class="field">
            <label for="desk-role">May</label
            ><select id="desk-role" name="role" [(ngModel)]="role">
              @for (r of roles; track r[0]) {
                <option [value]="r[0]">{{ r[1] }}</option>
              }
            </select>
          </div>
          <button class="plain" type="submit">Make a link</button>
        </form>
        <p class="bar">
          <button class="plain" type="button" (click)="goThere()">Go to the desk yourself</button>
          <select aria-label="What is seen there" [ngModel]="seenAs()" (ngModelChange)="see($event)">
            <option value="">as the designer</option>
            @for (r of roles; track r[0]) {
              <option [value]="r[0]">as somebody who {{ r[1] }}</option>
            }
          </select>
          @if (way(); as w) {
            <a [href]="w" target="_blank" rel="noopener">Open it: the link is good once, for ten minutes</a>
          }
        </p>
      }
      @if (designer()) {
        <tp-desk-locks />
        <tp-hand-over [people]="d.people" (handed)="over($event)" />
      }
      @for (l of lost(); track l.id) {
        <p class="note lamp" role="status">
          {{ l.state === 'failed' ? 'This letter did not arrive' : 'Whether this letter arrived is not known' }}: “{{
            l.subject
          }}” to {{ l.to }}. {{ l.error }}
        </p>
      }
      @if (!d.mail) {
        <p class="quiet">No letters go out from this server: links are handed over by you.</p>
      } @else if (d.letters.length) {
        <details>
          <summary>Letters of this site</summary>
          <ul class="plain-list">
            @for (l of d.letters; track l.id) {
              <li>
                {{ l.subject }}
                <span class="quiet">to {{ l.to }}, {{ at(l.sentAt ?? l.madeAt) }}, {{ letterState[l.state] }}</span>
              </li>
            }
          </ul>
        </details>
      }
      @if (d.log.length) {
        <details>
          <summary>What was done at the desk</summary>
          <ul class="plain-list">
            @for (l of d.log; track $index) {
              <li>
                {{ l.what }} <span class="quiet">{{ l.by }}, {{ at(l.at) }}</span>
              </li>
            }
          </ul>
        </details>
      }
    }
  `,
  styles: `
    :host {
      display: block;
    }
    .person {
      display: flex;
      flex-wrap: wrap;
      gap: 6px 14px;
      align-items: center;
      padding: 6px 0;
    }
    .link-field {
      flex: 1 1 16rem;
      min-width: 0;
      padding: 6px 10px;
      border: 1px solid var(--tin-4);
      border-radius: var(--r);
    }
    form,
    details,
    .note {
      margin-top: 12px;
    }
    form + .bar {
      margin-top: 12px;
    }
  `,
})
export class DeskPeople {
  protected readonly store = inject(SiteStore);
  private readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  protected readonly roles = ROLES;
  protected readonly at = time;
  protected readonly desk = signal<Desk | null>(null);
  protected readonly fault = signal('');
  protected readonly made = signal<(Made & { words: string }) | null>(null);
  protected readonly way = signal('');
  /** Whom the desk is seen as. */
  protected readonly seenAs = signal<'' | Role>('');
  protected readonly copied = signal(false);
  protected readonly name = signal('');
  protected readonly mail = signal('');
  protected readonly role = signal<Role>('publish');
  protected readonly designer = computed(() => this.api.may('designer'));
  protected readonly letterState = {
    waiting: 'waits to be sent',
    sending: 'being sent',
    sent: 'sent',
    failed: 'refused',
    unsure: 'sent, perhaps',
  };
  /** Letters that did not arrive, or of which nobody knows. */
  protected readonly lost = computed(
    () => this.desk()?.letters.filter((l) => l.state === 'failed' || l.state === 'unsure') ?? [],
  );
  private readonly placed = computed(() => (this.store.detail()?.liveRelease ? this.store.id() : ''));

  constructor() {
    effect(() => {
      if (this.placed()) this.look();
    });
  }

  protected look(): void {
    this.api.get<Desk>(`/sites/${this.store.id()}/desk`).subscribe({
      next: (desk) => {
        this.fault.set('');
        this.desk.set(desk);
      },
      error: (error: unknown) => this.fault.set(asRefusal(error).message),
    });
  }
  protected mark = (event: FocusEvent) => (event.target as HTMLInputElement).select();
  private linked(made: Made | undefined, words: string): void {
    if (!made) return;
    this.copied.set(false);
    this.made.set({ ...made, words });
    this.look();
  }
  protected async invite(): Promise<void> {
    const [name, mail] = [this.name().trim(), this.mail().trim()];
    if (!name) return this.fault.set('Say who it is.');
    if (!/^[^\s@]+@[^\s@]+\.[^\s@]+$/.test(mail)) return this.fault.set('Give a mail address: name@place.example.');
    this.fault.set('');
    const made = await this.store.post<Made>('/people', { name, mail, role: this.role() });
    if (!made) return;
    this.linked(made, made.written ? `A link for ${name}, sent to ${mail} too.` : `A link for ${name}.`);
    this.name.set('');
    this.mail.set('');
  }
  /** What was done, where there is no link to be handed over. */
  protected readonly told = signal('');
  protected over({ name, link, until, written }: HandedOver): void {
    const sent = written ? ' They were written to.' : '';
    this.told.set(link ? '' : `The site is ${name}’s.${sent}`);
    this.linked(
      link ? { link, until: until! } : undefined,
      `The site is ${name}’s. This link opens their desk.${sent}`,
    );
    this.look();
  }
  protected again = async (p: Person) =>
    this.linked(await this.store.post<Made>(`/people/${p.id}/link`), `Another link for ${p.name}.`);
  protected async setRole(p: Person, role: Role): Promise<void> {
    await this.store.put(`/people/${p.id}`, { role });
    this.look();
  }
  protected async remove(p: Person): Promise<void> {
    const sure = await this.dialogs.confirm({
      title: `Let ${p.name} in no more?`,
      words: `${p.name} is signed out at once, wherever that is. What they changed stays.`,
      act: 'Let in no more',
    });
    if (!sure) return;
    await this.store.delete(`/people/${p.id}`);
    this.look();
  }
  protected see(as: '' | Role): void {
    this.seenAs.set(as);
    // The link there is was made for somebody else.
    this.way.set('');
  }
  protected async goThere(): Promise<void> {
    const as = this.seenAs();
    const made = await this.store.post<Made>('/desk', as ? { as } : {});
    if (made) this.way.set(made.link);
    this.look();
  }
  protected async copy(link: string): Promise<void> {
    this.copied.set(await copyText(link));
  }
}
