import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Drafts } from '../drafts';
import type { DayTime, Facts, Week } from '../model';
import { Grow } from '../parts/grow';
import { loaded } from '../parts/load';
import { Top } from '../parts/top';
import { Waiting } from '../parts/waiting';
import { Wording } from '../words/words';

/** A time of the day as it is written in the hours: 8.30. */
const said = (time: string) => `${Number(time.slice(0, 2))}.${time.slice(3)}`;
const MONTHS = [
  ...['January', 'February', 'March', 'April', 'May', 'June'],
  ...['July', 'August', 'September', 'October', 'November', 'December'],
];
/** A day as the sheet of facts writes it, whatever language the site speaks: the site says it in its own. */
const dayOf = (iso: string) => `${Number(iso.slice(8))} ${MONTHS[Number(iso.slice(5, 7)) - 1]!}`;

/** When the business is open: a week, and the days that are otherwise. */
@Component({
  selector: 'dk-hours',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, Top, Waiting, Grow],
  template: `
    <dk-top [title]="w().hours" back="/us" [under]="under()" />
    <dk-waiting [of]="facts" />
    @if (facts.value()?.locked?.hours) {
      <p class="pad lines">{{ facts.value()?.hours?.text || w().hoursNone }}</p>
      <p class="quiet pad">{{ w().locked }}</p>
    } @else if (week(); as now) {
      @if (differs()) {
        <p class="differs pad" role="status">
          {{ w().differs }} <q class="lines">{{ facts.value()?.hours?.text }}</q>
          <button class="plain" type="button" (click)="drafts.drop('hours')">{{ w().takeTheirs }}</button>
        </p>
      }
      <ul class="rows">
        @for (times of now.days; track $index; let d = $index) {
          <li class="day">
            <h2 [id]="'day' + d">{{ words.weekdays()[d] }}</h2>
            <div class="times">
              @for (t of times ?? []; track $index; let n = $index) {
                <p>
                  <input
                    type="time"
                    [attr.aria-label]="words.weekdays()[d] + ', ' + w().opens"
                    [value]="t.opens"
                    (change)="setTime(d, n, 'opens', $any($event.target).value)"
                  />
                  –
                  <input
                    type="time"
                    [attr.aria-label]="words.weekdays()[d] + ', ' + w().closes"
                    [value]="t.closes"
                    (change)="setTime(d, n, 'closes', $any($event.target).value)"
                  />
                  <button class="plain" type="button" (click)="takeTime(d, n)">{{ w().takeOut }}</button>
                </p>
              } @empty {
                <p>{{ times ? w().closed : w().notSaid }}</p>
              }
              <p class="acts">
                <button class="plain" type="button" (click)="addTime(d)">
                  {{ times?.length ? w().anotherTime : w().open }}
                </button>
                @if (!times || times.length) {
                  <button class="plain" type="button" (click)="setDay(d, [])">{{ w().closed }}</button>
                }
                @if (d > 0 && now.days[d - 1]) {
                  <button class="plain" type="button" (click)="setDay(d, now.days[d - 1]!)">
                    {{ w().asDayBefore }}
                  </button>
                }
              </p>
              @if (wrong(times)) {
                <p class="bad" role="alert">{{ w().dayWrong }}</p>
              }
            </div>
          </li>
        }
      </ul>
      <section class="fields">
        <h2>{{ w().otherDays }}</h2>
        <label>
          {{ w().otherHow }}
          <textarea
            rows="2"
            maxlength="400"
            [dkGrow]="now.others.join('\\n')"
            [value]="now.others.join('\\n')"
            (change)="setOthers($any($event.target).value)"
          ></textarea>
        </label>
        @if (adding()) {
          <fieldset>
            <legend>{{ w().anotherDay }}</legend>
            <label>{{ w().from }} <input type="date" name="from" [(ngModel)]="from" /></label>
            <label>{{ w().to }} <input type="date" name="to" [(ngModel)]="to" [min]="from()" /></label>
            <label class="tick"><input type="checkbox" name="shut" [(ngModel)]="shut" /> {{ w().closed }}</label>
            @if (!shut()) {
              <p class="acts">
                <label>{{ w().opens }} <input type="time" name="opens" [(ngModel)]="opens" /></label>
                <label>{{ w().closes }} <input type="time" name="closes" [(ngModel)]="closes" /></label>
              </p>
            }
            <p class="acts">
              <button class="main" type="button" [attr.aria-disabled]="!line()" (click)="addDay()">
                {{ w().add }}
              </button>
              <button type="button" (click)="adding.set(false)">{{ w().close }}</button>
            </p>
          </fieldset>
        } @else {
          <button type="button" (click)="adding.set(true)">{{ w().anotherDay }}</button>
        }
      </section>
    }
  `,
})
export class HoursPlace {
  protected readonly drafts = inject(Drafts);
  protected readonly words = inject(Wording);
  protected readonly w = this.words.words;
  protected readonly facts = loaded((api) => api.get<Facts>('/facts'));
  protected readonly adding = signal(false);
  protected readonly from = signal('');
  protected readonly to = signal('');
  protected readonly shut = signal(true);
  protected readonly opens = signal('');
  protected readonly closes = signal('');

  private readonly draft = computed(() => {
    const change = this.drafts.all().find((c) => c.kind === 'hours');
    return change?.kind === 'hours' ? change : undefined;
  });
  protected readonly week = computed<Week | null>(() => this.draft()?.value ?? this.facts.value()?.hours.week ?? null);
  protected readonly differs = computed(() => {
    const [draft, now] = [this.draft(), this.facts.value()];
    return !!draft && !!now && draft.was !== now.hours.text;
  });
  protected readonly under = computed(() => {
    const pages = this.facts.value()?.hours.pages;
    return pages ? (pages.length ? this.w().stands(pages.join(', ')) : this.w().standsNowhere) : '';
  });
  /** The line another day comes to; empty while something of it is missing. */
  protected readonly line = computed(() => {
    const [from, to] = [this.from(), this.to()];
    if (!from || (to && to < from)) return '';
    const days = to && to !== from ? `${dayOf(from)} to ${dayOf(to)}` : dayOf(from);
    if (this.shut()) return `${days} closed`;
    return this.opens() && this.closes() ? `${days} ${said(this.opens())}–${said(this.closes())}` : '';
  });

  protected wrong(times: readonly DayTime[] | null): boolean {
    const sorted = [...(times ?? [])].sort((a, b) => (a.opens < b.opens ? -1 : 1));
    return sorted.some((t, n) => {
      const next = sorted[n + 1];
      return !t.opens || !t.closes || t.opens === t.closes || (!!next && next.opens < t.closes);
    });
  }

  private set(week: Week): void {
    const now = this.facts.value()!.hours;
    // What reads as it did is no change.
    if (JSON.stringify(week) === JSON.stringify(now.week)) return this.drafts.drop('hours');
    this.drafts.put({ kind: 'hours', was: now.text, value: week });
  }
  protected setDay(day: number, times: DayTime[]): void {
    const week = this.week()!;
    this.set({ ...week, days: week.days.map((d, n) => (n === day ? times.map((t) => ({ ...t })) : d)) });
  }
  protected setTime(day: number, n: number, end: keyof DayTime, value: string): void {
    this.setDay(
      day,
      (this.week()!.days[day] ?? []).map((t, k) => (k === n ? { ...t, [end]: value } : t)),
    );
  }
  protected takeTime(day: number, n: number): void {
    this.setDay(
      day,
      (this.week()!.days[day] ?? []).filter((_, k) => k !== n),
    );
  }
  protected addTime(day: number): void {
    const times = this.week()!.days[day] ?? [];
    this.setDay(day, [...times, times.length ? { opens: '', closes: '' } : { opens: '09:00', closes: '17:00' }]);
  }
  protected setOthers(value: string): void {
    const others = value
      .split('\n')
      .map((l) => l.trim())
      .filter(Boolean)
      .slice(0, 20);
    this.set({ ...this.week()!, others });
  }
  protected addDay(): void {
    const line = this.line();
    if (!line) return;
    this.set({ ...this.week()!, others: [...this.week()!.others, line] });
    this.adding.set(false);
    for (const field of [this.from, this.to, this.opens, this.closes]) field.set('');
    this.shut.set(true);
  }
}
