import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { firstValueFrom } from 'rxjs';
import { DeskApi, refusalOf } from '../desk-api';
import { Drafts } from '../drafts';
import { Session } from '../here';
import type { Kind, Today } from '../model';
import { FirstSteps } from '../parts/first-steps';
import { HelpLine } from '../parts/help-line';
import { loaded } from '../parts/load';
import { Top } from '../parts/top';
import { Waiting } from '../parts/waiting';
import { Wording } from '../words/words';

/** What needs somebody today, what was changed, and who came. */
@Component({
  selector: 'dk-today',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FirstSteps, HelpLine, RouterLink, Top, Waiting],
  template: `
    <dk-top [title]="greeting()" [under]="session.here()?.site?.address ?? ''" />
    <dk-waiting [of]="today" />
    <dk-first-steps />
    @if (today.value(); as t) {
      <ul class="rows">
        @for (m of t.messages; track m.id) {
          <li>
            <h2>{{ w().wroteTo(whoOf(m.fields)) }}</h2>
            <p class="quiet">{{ words.day(m.receivedAt) }} · {{ gist(m.fields) }}</p>
            <a [routerLink]="['/post']" [queryParams]="{ open: m.id }">{{ w().answer }}</a>
          </li>
        }
        @for (p of t.proposals; track p.id) {
          <li>
            <h2>{{ p.words }}</h2>
            <p class="quiet">{{ p.answer ? w().answered(p.answer) : w().waits }}</p>
          </li>
        }
        @for (p of t.planned; track p.id) {
          <li>
            <h2>{{ w().changed(p.by, p.words) }}</h2>
            @if (p.refused) {
              <p class="bad">{{ w().plan.refused(p.when) }} {{ p.refused }}</p>
            } @else {
              <p class="quiet">{{ w().plan.done(p.when) }}</p>
            }
            @if (mayTakeBack()) {
              <button
                class="plain"
                type="button"
                [attr.aria-label]="w().takeOut + ': ' + p.words"
                (click)="letGo(p.id)"
              >
                {{ w().takeOut }}
              </button>
            }
            @if (fault()?.of === p.id) {
              <p class="bad" role="alert">{{ fault()?.words }}</p>
            }
          </li>
        }
        @if (t.pressing) {
          <li>
            <p>{{ w().pressing }}</p>
          </li>
        }
        @if (!t.messages.length && !t.proposals.length && !t.planned.length && !t.pressing) {
          <li>
            <p>{{ w().nothingNew }}</p>
          </li>
        }
      </ul>
      @if (writes()) {
        <p class="acts wide">
          @for (l of fresh(); track l.id) {
            <a class="button main" [routerLink]="['/lists', l.id, 'new']">{{
              w().newOf(w().kinds[l.kind] ?? l.name)
            }}</a>
          }
          @if (open('hours')) {
            <a class="button" [class.main]="!fresh().length" routerLink="/us/hours">{{ w().changeHours }}</a>
          }
          @if (open('words')) {
            <a class="button" routerLink="/pages">{{ w().changeWords }}</a>
          }
        </p>
      }
      <dk-help-line />
      @if (visits(); as v) {
        <p class="quiet pad">{{ w().visits(v[1], v[0]) }}</p>
      }
      @if (lines().length) {
        <h2 class="pad">{{ w().lately }}</h2>
        <ul class="rows">
          @for (l of lines(); track l.seq) {
            <li>
              <h2>{{ w().changed(l.by, l.words) }}</h2>
              <p class="quiet">
                {{ words.day(l.at) }}
                @if (l.takenBack) {
                  · {{ w().takenBack }}
                }
              </p>
              @if (mayTakeBack() && !l.takenBack && l.kind === 'do') {
                <button class="plain" type="button" (click)="takeBack(l.seq)">{{ w().takeBack }}</button>
              }
              @if (fault()?.of === l.seq) {
                <p class="bad" role="alert">{{ fault()?.words }}</p>
              }
            </li>
          }
        </ul>
      }
    }
  `,
})
export class TodayPlace {
  protected readonly session = inject(Session);
  private readonly drafts = inject(Drafts);
  private readonly api = inject(DeskApi);
  protected readonly words = inject(Wording);
  protected readonly w = this.words.words;
  protected readonly today = loaded((api) => api.get<Today>('/today'));
  protected readonly fault = signal<{ of: number | string; words: string } | null>(null);
  private readonly role = computed(() => this.session.here()?.me.role);
  /** What one would put up something new of, most days. */
  protected readonly fresh = computed(() =>
    (this.session.here()?.lists ?? [])
      .filter((l) => !l.locked && (l.kind === 'news' || l.kind === 'events'))
      .slice(0, 2),
  );
  protected readonly writes = computed(() => this.role() !== 'messages');
  protected open = (kind: Kind): boolean => !this.session.here()?.locked.includes(kind);
  protected readonly mayTakeBack = computed(() => this.writes() && this.role() !== 'write');
  /** What was done; that something was taken back is said of what was taken back. */
  protected readonly lines = computed(() =>
    (this.today.value()?.lines ?? []).filter((l) => l.kind === 'do').slice(0, 6),
  );
  protected readonly greeting = computed(() => {
    const name = (this.session.here()?.me.name ?? '').split(' ')[0]!;
    const hour = new Date().getHours();
    const w = this.w();
    return hour < 12 ? w.morning(name) : hour < 18 ? w.afternoon(name) : w.evening(name);
  });
  /** Visits of the seven days before the last seven, and of those. */
  protected readonly visits = computed(() => {
    const days = this.today.value()?.visits;
    if (!days) return null;
    const since = new Date(Date.now() - 7 * 86_400_000).toISOString().slice(0, 10);
    const sums: [number, number] = [0, 0];
    for (const [day, { visits }] of Object.entries(days)) sums[day > since ? 1 : 0] += visits;
    return sums[0] + sums[1] ? sums : null;
  });

  protected whoOf = (fields: Record<string, string>): string =>
    fields['name'] || fields['mail'] || fields['email'] || Object.values(fields)[0] || '';
  protected gist(fields: Record<string, string>): string {
    const longest = Object.values(fields).reduce((a, b) => (b.length > a.length ? b : a), '');
    return longest.length > 90 ? `${longest.slice(0, 88).trimEnd()}…` : longest;
  }
  private async done(of: number | string, what: () => Promise<unknown>): Promise<void> {
    this.fault.set(null);
    try {
      await what();
      this.today.again();
    } catch (error) {
      this.fault.set({ of, words: refusalOf(error).message || this.w().away });
    }
  }
  protected takeBack = (seq: number) => this.done(seq, () => this.drafts.takeBack(seq));
  protected letGo = (id: string) => this.done(id, () => firstValueFrom(this.api.delete(`/planned/${id}`)));
}
