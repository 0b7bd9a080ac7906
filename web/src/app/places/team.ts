import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import type { Answer, Role } from '@tin-porch/contract';
import { firstValueFrom } from 'rxjs';
import { asRefusal, PorchApi } from '../api/porch-api';
import { copyText } from '../parts/copy-text';
import { Dialogs } from '../parts/dialogs';
import { time } from '../parts/when';

type Team = Answer<'GET /team'>;
type Audit = Answer<'GET /audit'>;
type Person = Team['people'][number];

const ROLES: readonly (readonly [Role, string, string])[] = [
  ['owner', 'Owner', 'everything, people included'],
  ['designer', 'Designer', 'writes, deploys and publishes'],
  ['helper', 'Helper', 'writes, and publishes nothing'],
  ['accountant', 'Accountant', 'looks at everything, notes what was paid'],
];

/** The organisation: its people and their roles, invitations, and the list of who did what. */
@Component({
  selector: 'tp-team',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [FormsModule, RouterLink],
  template: `
    <main class="place">
      <h1>People</h1>
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      }
      @if (link(); as l) {
        <section class="note moss stack made" role="status">
          <p>
            <b>{{ l.words }}</b> Whoever has this link can use it once, until {{ at(l.endsAt) }}. It is not shown again.
          </p>
          <p class="bar">
            <input class="link-field mono" readonly aria-label="The link" [value]="l.url" (focus)="mark($event)" />
            <button class="plain" type="button" (click)="copy(l.url)">{{ copied() ? 'Copied' : 'Copy' }}</button>
            <button class="plain" type="button" (click)="link.set(null)">Close</button>
          </p>
        </section>
      }
      <div class="panels">
        @if (team(); as t) {
          @if (owner()) {
            <form class="line" (ngSubmit)="rename()">
              <div class="field">
                <label for="team-name">Name of the organisation</label
                ><input id="team-name" name="name" maxlength="80" [(ngModel)]="name" />
              </div>
              <button class="plain" type="submit">Rename</button>
            </form>
          } @else {
            <p class="quiet">{{ t.organisation }}</p>
          }
          <ul class="sheet people" aria-label="People">
            @for (p of t.people; track p.id) {
              <li>
                <span class="person">
                  <b>{{ p.name }}</b>
                  <span class="quiet">{{ p.mail }}</span>
                </span>
                @if (owner()) {
                  <label class="sr" [for]="'role-' + p.id">Role of {{ p.name }}</label>
                  <select [id]="'role-' + p.id" #chosen [ngModel]="p.role" (ngModelChange)="setRole(p, $event, chosen)">
                    @for (r of roles; track r[0]) {
                      <option [value]="r[0]">{{ r[1] }}</option>
                    }
                  </select>
                } @else {
                  <span>{{ roleName(p.role) }}</span>
                }
                <span class="quiet seen"
                  >{{ p.second ? 'Second factor' : 'Password alone' }},
                  {{ p.seenAt ? 'seen ' + at(p.seenAt) : 'not seen lately' }}</span
                >
                @if (owner()) {
                  <span class="bar">
                    <button
                      class="plain small"
                      type="button"
                      [attr.aria-label]="'Another password for ' + p.name"
                      (click)="reset(p)"
                    >
                      Another password
                    </button>
                    <button
                      class="plain small"
                      type="button"
                      [attr.aria-label]="'Take away the account of ' + p.name"
                      (click)="remove(p)"
                    >
                      Take away
                    </button>
                  </span>
                }
              </li>
            }
          </ul>
          @if (owner()) {
            <section class="sheet card">
              <h2>Invite somebody</h2>
              <form class="line" (ngSubmit)="invite()">
                <div class="field">
                  <label for="invite-mail">Mail</label
                  ><input id="invite-mail" name="mail" type="email" maxlength="254" [(ngModel)]="mail" />
                </div>
                <div class="field">
                  <label for="invite-role">Role</label
                  ><select id="invite-role" name="role" [(ngModel)]="role">
                    @for (r of roles; track r[0]) {
                      <option [value]="r[0]">{{ r[1] }}: {{ r[2] }}</option>
                    }
                  </select>
                </div>
                <button class="act" type="submit">Make a link</button>
              </form>
              @if (t.invitations.length) {
                <ul class="plain-list" aria-label="Open invitations">
                  @for (i of t.invitations; track i.id) {
                    <li class="between">
                      <span>
                        {{ i.mail }} <span class="quiet">as {{ roleName(i.role) }}, until {{ at(i.endsAt) }}</span>
                        @if (i.letter; as l) {
                          @if (l.state === 'failed' || l.state === 'unsure') {
                            <span class="lost">
                              {{
                                l.state === 'failed'
                                  ? 'The letter did not arrive'
                                  : 'Whether the letter arrived is not known'
                              }}
                              ({{ l.error }}). Hand the link over yourself, or invite once more.
                            </span>
                          } @else {
                            <span class="quiet">{{ l.state === 'sent' ? 'Letter sent' : 'Letter on its way' }}</span>
                          }
                        }
                      </span>
                      <button
                        class="plain small"
                        type="button"
                        [attr.aria-label]="'Take back the invitation of ' + i.mail"
                        (click)="takeBack(i.id)"
                      >
                        Take back
                      </button>
                    </li>
                  }
                </ul>
              }
            </section>
            <section class="sheet card">
              <h2>Who did what</h2>
              <table class="rows" aria-label="Who did what">
                <thead>
                  <tr>
                    <th>When</th>
                    <th>Who</th>
                    <th>What</th>
                    <th class="wide">Site</th>
                  </tr>
                </thead>
                <tbody>
                  @for (line of audit()?.lines; track line.id) {
                    <tr>
                      <td>{{ at(line.at) }}</td>
                      <td>{{ line.by }}</td>
                      <td>{{ line.what }}</td>
                      <td class="wide">
                        @if (line.site) {
                          <a [routerLink]="['/sites', line.site, 'publish']">{{ line.site }}</a>
                        }
                      </td>
                    </tr>
                  }
                </tbody>
              </table>
              @if (audit()?.more) {
                <p><button class="plain" type="button" (click)="older()">Show older ones</button></p>
              }
            </section>
          }
        }
      </div>
    </main>
  `,
  styles: `
    .people {
      list-style: none;
      margin: 0;
      padding: 0;
    }
    .people li {
      display: flex;
      flex-wrap: wrap;
      gap: 8px 16px;
      align-items: center;
      padding: 10px 16px;
    }
    .people li + li {
      border-top: 1px solid var(--tin-2);
    }
    .person {
      display: grid;
      flex: 1 1 13rem;
      overflow-wrap: anywhere;
    }
    .made {
      margin-bottom: 16px;
    }
    .lost {
      display: block;
      color: var(--brick);
    }
    .seen {
      flex: 1 1 9rem;
    }
    .people select,
    .link-field {
      padding: 6px 10px;
      border: 1px solid var(--tin-4);
      border-radius: var(--r);
    }
    .link-field {
      flex: 1 1 16rem;
      min-width: 0;
    }
  `,
})
export class TeamPlace {
  private readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  protected readonly roles = ROLES;
  protected readonly at = time;
  protected readonly team = signal<Team | null>(null);
  protected readonly audit = signal<Audit | null>(null);
  protected readonly owner = computed(() => this.api.may('owner'));
  protected readonly name = signal('');
  protected readonly mail = signal('');
  protected readonly role = signal<Role>('designer');
  protected readonly link = signal<{ url: string; endsAt: string; words: string } | null>(null);
  protected readonly copied = signal(false);
  protected readonly fault = signal('');

  constructor() {
    this.look();
  }

  protected roleName = (role: Role): string => ROLES.find(([r]) => r === role)![1];
  protected mark = (event: FocusEvent) => (event.target as HTMLInputElement).select();

  protected look(): void {
    const fault = (error: unknown) => this.fault.set(asRefusal(error).message);
    this.api.get<Team>('/team').subscribe({
      next: (team) => {
        this.team.set(team);
        this.name.set(team.organisation);
      },
      error: fault,
    });
    if (this.owner()) this.api.get<Audit>('/audit').subscribe({ next: (audit) => this.audit.set(audit), error: fault });
  }

  protected older(): void {
    const lines = this.audit()?.lines ?? [];
    this.api.get<Audit>(`/audit?before=${lines.at(-1)!.id}`).subscribe({
      next: (more) => this.audit.set({ lines: [...lines, ...more.lines], more: more.more }),
      error: (error: unknown) => this.fault.set(asRefusal(error).message),
    });
  }

  private async doing<T>(work: () => Promise<T>): Promise<T | undefined> {
    this.fault.set('');
    try {
      return await work();
    } catch (error) {
      this.fault.set(asRefusal(error).message);
      return undefined;
    } finally {
      this.look();
    }
  }
  private linked(words: string, to: string, { token, endsAt, written }: Answer<'POST /team/invitations'>): void {
    this.copied.set(false);
    const said = written ? `${words}, sent to ${to} too.` : `${words}.`;
    this.link.set({ url: `${location.origin}/link/${token}`, endsAt, words: said });
  }

  protected rename = () => this.doing(() => firstValueFrom(this.api.put('/team', { name: this.name() })));
  protected async invite(): Promise<void> {
    if (!/^[^\s@]+@[^\s@]+$/.test(this.mail().trim()))
      return this.fault.set('Give the mail address of whom you invite: name@place.example.');
    await this.doing(async () => {
      const made = await firstValueFrom(
        this.api.post<Answer<'POST /team/invitations'>>('/team/invitations', { mail: this.mail(), role: this.role() }),
      );
      this.linked(`An invitation for ${this.mail()}`, this.mail(), made);
      this.mail.set('');
    });
  }
  protected takeBack = (id: string) => this.doing(() => firstValueFrom(this.api.delete(`/team/invitations/${id}`)));
  protected async setRole(p: Person, role: Role, chosen: HTMLSelectElement): Promise<void> {
    await this.doing(() => firstValueFrom(this.api.put(`/team/people/${p.id}`, { role })));
    // Where that was refused, the field says again what is.
    if (this.fault()) chosen.value = p.role;
  }
  protected async reset(p: Person): Promise<void> {
    await this.doing(async () => {
      const made = await firstValueFrom(this.api.post<Answer<'POST /team/invitations'>>(`/team/people/${p.id}/reset`));
      this.linked(`Another password for ${p.name}`, p.mail, made);
    });
  }
  protected async remove(p: Person): Promise<void> {
    const sure = await this.dialogs.confirm({
      title: `Take the account of ${p.name} away?`,
      words: `${p.name} is signed out at once. What was done from the account stays, under that name.`,
      act: 'Take it away',
    });
    if (sure) await this.doing(() => firstValueFrom(this.api.delete(`/team/people/${p.id}`)));
  }
  protected async copy(url: string): Promise<void> {
    this.copied.set(await copyText(url));
  }
}
