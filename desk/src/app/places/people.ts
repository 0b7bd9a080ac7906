import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router } from '@angular/router';
import { firstValueFrom } from 'rxjs';
import { DeskApi, refusalOf } from '../desk-api';
import { Session } from '../here';
import type { MadeLink, PeopleHere, PersonLine } from '../model';
import { loaded } from '../parts/load';
import { Top } from '../parts/top';
import { Waiting } from '../parts/waiting';
import { Wording } from '../words/words';

const ROLES = ['owner', 'publish', 'write', 'messages'] as const;
type Role = (typeof ROLES)[number];
const MAIL = /^[^\s@<>]+@[^\s@<>]+\.[^\s@<>]+$/;

/** Whose the site is: who else is at its desk and what they may, what was done there, and the site to be taken along. */
@Component({
  selector: 'dk-people',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, Top, Waiting],
  template: `
    <dk-top [title]="w().people.title" back="/us" />
    <dk-waiting [of]="all" />
    @if (all.value(); as here) {
      @if (fault()) {
        <p class="bad pad" role="alert">{{ fault() }}</p>
      }
      @if (made(); as m) {
        <section class="fields" role="status">
          <p>
            <strong>{{ m.written ? w().people.linkSent(m.name, m.mail) : w().people.link(m.name) }}</strong>
          </p>
          <p class="quiet">{{ w().people.linkOnce }}</p>
          <input readonly [value]="m.link" [attr.aria-label]="w().people.link(m.name)" (focus)="mark($event)" />
          <p class="acts">
            <button type="button" (click)="copy(m.link)">{{ copied() ? w().people.copied : w().people.copy }}</button>
            <button class="plain" type="button" (click)="made.set(null)">{{ w().close }}</button>
          </p>
        </section>
      }
      <ul class="rows">
        @for (p of here.people; track p.id) {
          <li>
            <p>
              <strong>{{ p.name }}</strong> <span class="quiet">{{ p.mail }}</span>
            </p>
            <p class="quiet">{{ p.seenAt ? w().people.seen(words.day(p.seenAt)) : w().people.notSeen }}</p>
            @if (p.id !== here.me) {
              <label [attr.for]="'role-' + p.id" class="hidden">{{ w().people.may(p.name) }}</label>
              <select [id]="'role-' + p.id" [ngModel]="p.role" (ngModelChange)="setRole(p, $event)">
                @for (r of roles; track r) {
                  <option [value]="r">{{ w().people.roles[r] }}</option>
                }
              </select>
              <p class="acts">
                @if (sure() === p.id) {
                  <span>{{ w().people.outSure(p.name) }}</span>
                  <button class="plain" type="button" (click)="remove(p)">{{ w().people.yes }}</button>
                  <button class="plain" type="button" (click)="sure.set('')">{{ w().no }}</button>
                } @else {
                  <button
                    class="plain"
                    type="button"
                    [attr.aria-label]="w().people.again + ': ' + p.name"
                    (click)="again(p)"
                  >
                    {{ w().people.again }}
                  </button>
                  <button
                    class="plain"
                    type="button"
                    [attr.aria-label]="w().people.out + ': ' + p.name"
                    (click)="sure.set(p.id)"
                  >
                    {{ w().people.out }}
                  </button>
                }
              </p>
            } @else {
              <p class="quiet">{{ w().people.yours }}</p>
            }
          </li>
        }
      </ul>
      <form class="fields" (ngSubmit)="invite()">
        <h2>{{ w().people.invite }}</h2>
        <label>
          {{ w().people.name }}
          <input name="name" maxlength="80" autocomplete="off" [(ngModel)]="name" />
        </label>
        <label>
          {{ w().facts.mail }}
          <input name="mail" type="email" maxlength="254" autocomplete="off" [(ngModel)]="mail" />
        </label>
        <label for="new-role">{{ w().people.may('') }}</label>
        <select id="new-role" name="role" [(ngModel)]="role">
          @for (r of roles; track r) {
            <option [value]="r">{{ w().people.roles[r] }}</option>
          }
        </select>
        <p class="acts">
          <button class="main" type="submit" [attr.aria-disabled]="busy()">{{ w().people.letIn }}</button>
        </p>
      </form>
      <section class="fields">
        <h2>{{ w().people.take }}</h2>
        <p class="quiet">{{ w().people.takeHow }}</p>
        <p class="acts">
          <button type="button" [attr.aria-disabled]="busy()" (click)="take()">{{ w().people.takeNow }}</button>
        </p>
        @if (taking()) {
          <p role="status">{{ w().people.taking }}</p>
        }
      </section>
      <section class="fields">
        <h2>{{ w().people.back }}</h2>
        <p class="quiet">{{ w().people.backHow }}</p>
        <p class="acts">
          @if (sure() === here.me) {
            <span>{{ w().people.backSure }}</span>
            <button class="plain" type="button" (click)="giveBack(here.me)">{{ w().people.yes }}</button>
            <button class="plain" type="button" (click)="sure.set('')">{{ w().no }}</button>
          } @else {
            <button type="button" (click)="sure.set(here.me)">{{ w().people.back }}</button>
          }
        </p>
      </section>
      @if (here.log.length) {
        <h2 class="pad">{{ w().people.log }}</h2>
        <ul class="rows">
          @for (l of here.log; track $index) {
            <li>
              <p>{{ l.what }}</p>
              <p class="quiet">{{ l.by }}, {{ words.day(l.at) }}</p>
            </li>
          }
        </ul>
      }
    }
  `,
})
export class PeoplePlace {
  private readonly api = inject(DeskApi);
  private readonly session = inject(Session);
  private readonly router = inject(Router);
  protected readonly words = inject(Wording);
  protected readonly w = this.words.words;
  protected readonly roles = ROLES;
  protected readonly all = loaded((api) => api.get<PeopleHere>('/people'));
  protected readonly fault = signal('');
  protected readonly made = signal<(MadeLink & { name: string; mail: string }) | null>(null);
  protected readonly copied = signal(false);
  /** Whom a question is about that has not been answered yet. */
  protected readonly sure = signal('');
  protected readonly name = signal('');
  protected readonly mail = signal('');
  protected readonly role = signal<Role>('write');
  protected readonly taking = signal(false);
  private readonly under = signal(0);
  protected readonly busy = computed(() => this.under() > 0);

  /** Does something and shows who is here after it; what was refused is said, and nothing is lost. */
  private async done<T>(what: () => Promise<T>): Promise<T | undefined> {
    if (this.busy()) return undefined;
    this.under.update((n) => n + 1);
    this.fault.set('');
    try {
      return await what();
    } catch (error) {
      this.fault.set(refusalOf(error).message || this.w().away);
      scrollTo({ top: 0 });
      return undefined;
    } finally {
      this.under.update((n) => n - 1);
      this.sure.set('');
      this.all.again();
    }
  }
  private linked({ name, mail }: { name: string; mail: string }, link: MadeLink | undefined): boolean {
    if (!link) return false;
    this.copied.set(false);
    this.made.set({ ...link, name, mail });
    scrollTo({ top: 0 });
    return true;
  }
  protected mark = (event: FocusEvent): void => (event.target as HTMLInputElement).select();
  protected async copy(link: string): Promise<void> {
    this.copied.set(
      await navigator.clipboard.writeText(link).then(
        () => true,
        () => false,
      ),
    );
  }
  protected async invite(): Promise<void> {
    const who = { name: this.name().trim(), mail: this.mail().trim() };
    if (!who.name || !MAIL.test(who.mail)) {
      this.fault.set(who.name ? this.w().people.noMail : this.w().people.noName);
      return scrollTo({ top: 0 });
    }
    const link = await this.done(() =>
      firstValueFrom(this.api.post<MadeLink>('/people', { ...who, role: this.role() })),
    );
    if (!this.linked(who, link)) return;
    this.name.set('');
    this.mail.set('');
  }
  protected again = async (p: PersonLine): Promise<boolean> =>
    this.linked(p, await this.done(() => firstValueFrom(this.api.post<MadeLink>(`/people/${p.id}/link`, {}))));
  protected setRole = (p: PersonLine, role: Role) =>
    this.done(() => firstValueFrom(this.api.put(`/people/${p.id}`, { role })));
  protected remove = (p: PersonLine) => this.done(() => firstValueFrom(this.api.delete(`/people/${p.id}`)));
  protected async giveBack(me: string): Promise<void> {
    const gone = await this.done(async () => {
      await firstValueFrom(this.api.put(`/people/${me}`, { role: 'publish' }));
      return true;
    });
    if (!gone) return;
    await this.session.load();
    await this.router.navigateByUrl('/us');
  }
  /** The browser takes the archive as it is put together; whether somebody may is asked before, where a no can be said. */
  protected async take(): Promise<void> {
    this.taking.set(false);
    const may = await this.done(() => firstValueFrom(this.api.get<PeopleHere>('/people')));
    if (!may) return;
    const way = document.createElement('a');
    way.href = 'api/site.zip';
    way.download = '';
    way.click();
    this.taking.set(true);
  }
}
