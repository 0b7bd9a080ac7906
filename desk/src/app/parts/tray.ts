import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { NavigationEnd, Router, RouterLink } from '@angular/router';
import { filter, map } from 'rxjs';
import { Refused } from '../desk-api';
import { Drafts } from '../drafts';
import { Session } from '../here';
import { wording } from '../words/words';

/** What is changed and not up yet, wherever one is: seen first, put up, sent to the designer, or thrown away. */
@Component({
  selector: 'dk-tray',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, RouterLink],
  template: `
    @if (drafts.count(); as n) {
      <section class="tray" [attr.aria-label]="w().tray(n)">
        <p class="head">
          <strong>{{ w().tray(n) }}</strong>
          <button class="plain" type="button" (click)="throwAway()">{{ w().throwAway }}</button>
        </p>
        @if (drafts.refused(); as refused) {
          <p class="bad" role="alert">
            {{ refused.status === 0 ? w().away : refused.message }}
          </p>
        }
        @if (planning()) {
          <label>
            {{ w().plan.when }}
            <input type="datetime-local" name="at" [min]="soonest" [(ngModel)]="at" />
          </label>
          <p class="acts">
            <button class="main" type="button" [attr.aria-disabled]="drafts.sending()" (click)="plan()">
              {{ w().plan.yes }}
            </button>
            <button type="button" (click)="planning.set(false)">{{ w().back }}</button>
          </p>
        } @else if (asking()) {
          <label>
            {{ w().askNote }}
            <textarea name="note" rows="2" maxlength="1000" [(ngModel)]="note"></textarea>
          </label>
          <p class="acts">
            <button class="main" type="button" [attr.aria-disabled]="drafts.sending()" (click)="send({ ask: note() })">
              {{ w().askSend }}
            </button>
            @if (!only()) {
              <button type="button" (click)="asking.set(false)">{{ w().back }}</button>
            }
          </p>
          @if (only()) {
            <p class="quiet">{{ w().askOnly }}</p>
          }
        } @else {
          <p class="acts">
            @if (!seeing()) {
              <a class="button" routerLink="/see">{{ w().see }}</a>
            }
            <button class="main" type="button" [attr.aria-disabled]="drafts.sending()" (click)="send()">
              {{ drafts.sending() ? w().putting : w().putUp }}
            </button>
          </p>
          <p class="acts">
            <button class="plain" type="button" (click)="planning.set(true)">{{ w().plan.later }}</button>
            <button class="plain" type="button" (click)="asking.set(true)">{{ w().ask }}</button>
          </p>
        }
      </section>
    } @else if (drafts.last(); as last) {
      <section class="tray done" role="status">
        <p class="head">
          <strong>{{
            last.planned ? w().plan.done(last.planned) : last.asked ? w().asked : last.live ? w().up : w().kept
          }}</strong>
          @if (last.seq; as seq) {
            <button class="plain" type="button" (click)="takeBack(seq)">{{ w().takeBack }}</button>
          }
          <button class="plain" type="button" (click)="drafts.last.set(null)">{{ w().close }}</button>
        </p>
      </section>
    }
  `,
})
export class Tray {
  protected readonly drafts = inject(Drafts);
  private readonly session = inject(Session);
  private readonly router = inject(Router);
  protected readonly w = wording().words;
  /** Whoever only writes can do nothing else with it. */
  protected readonly only = computed(() => this.session.here()?.me.role === 'write');
  protected readonly asking = signal(false);
  protected readonly note = signal('');
  /** Whether a time is chosen, and which: by the clock on the wall. */
  protected readonly planning = signal(false);
  protected readonly at = signal('');
  protected readonly soonest = new Date(Date.now() - new Date().getTimezoneOffset() * 60_000)
    .toISOString()
    .slice(0, 16);
  protected readonly seeing = toSignal(
    this.router.events.pipe(
      filter((e) => e instanceof NavigationEnd),
      map((e) => e.urlAfterRedirects.startsWith('/see')),
    ),
    { initialValue: false },
  );

  constructor() {
    effect(() => {
      if (this.only()) this.asking.set(true);
    });
  }

  protected async plan(): Promise<void> {
    if (!/^\d{4}-\d\d-\d\dT\d\d:\d\d/.test(this.at()))
      return this.drafts.refused.set(new Refused(422, this.w().plan.none, ''));
    await this.send({ at: this.at().slice(0, 16) });
  }
  protected async send(how: { ask?: string; at?: string } = {}): Promise<void> {
    if (!(await this.drafts.send(how))) return;
    this.note.set('');
    this.planning.set(false);
    this.asking.set(this.only());
    // What was looked at is up: the way goes on from the first place.
    if (this.seeing()) await this.router.navigateByUrl('/');
  }
  protected throwAway(): void {
    this.drafts.clear();
    this.planning.set(false);
    this.asking.set(this.only());
  }
  protected async takeBack(seq: number): Promise<void> {
    await this.drafts.takeBack(seq).catch(() => undefined);
    await this.router.navigateByUrl('/', { onSameUrlNavigation: 'reload' });
  }
}
