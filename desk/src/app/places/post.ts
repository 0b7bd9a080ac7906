import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { firstValueFrom } from 'rxjs';
import { Answers } from '../answers';
import { DeskApi, refusalOf } from '../desk-api';
import { Session } from '../here';
import type { Message } from '../model';
import { Grow } from '../parts/grow';
import { loaded } from '../parts/load';
import { Top } from '../parts/top';
import { Waiting } from '../parts/waiting';
import { Wording } from '../words/words';

/** Which messages are asked for. */
interface Asked {
  words: string;
  unread: boolean;
  mine?: boolean;
  label?: string;
}
interface Listed {
  messages: Message[];
  more: boolean;
  unread: number;
  found: number;
  labels: string[];
  people: { id: string; name: string }[];
}

/** Months messages may be kept for; 0 is for good. */
const TERMS = [0, 3, 6, 12, 24, 36, 60, 120];

/** What visitors sent: read, answered, noted, found again, erased. */
@Component({
  selector: 'dk-post',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, Grow, Top, Waiting],
  template: `
    <dk-top [title]="w().places.post" />
    <form class="find" role="search" (ngSubmit)="find()">
      <label class="hidden" for="find">{{ w().search }}</label>
      <input id="find" type="search" name="find" [placeholder]="w().search" [(ngModel)]="wanted" />
      <label class="hidden" for="only">{{ w().onlyWhich }}</label>
      <select id="only" name="only" [ngModel]="only()" (ngModelChange)="only.set($event); find()">
        <option value="">{{ w().onlyAll }}</option>
        <option value="unread">{{ w().unread }}</option>
        @if (takes()) {
          <option value="mine">{{ w().onlyMine }}</option>
        }
        @for (l of labels(); track l) {
          <option [value]="'label ' + l">{{ l }}</option>
        }
      </select>
    </form>
    <dk-waiting [of]="first" />
    @if (asked().words && messages().length) {
      <p class="acts pad" role="status">
        <span>{{ w().found(found()) }}</span>
        <a class="button" [href]="'api/messages.csv' + query()" download>{{ w().saveTable }}</a>
        @if (mayErase() && asked().words.length >= 3) {
          @if (erasing() === 'all') {
            <span>{{ w().eraseAllSure }}</span>
            <button class="plain" type="button" (click)="eraseAll()">{{ w().yes }}</button>
            <button class="plain" type="button" (click)="erasing.set('')">{{ w().no }}</button>
          } @else {
            <button class="plain" type="button" (click)="erasing.set('all')">{{ w().eraseAll(found()) }}</button>
          }
        }
      </p>
    }
    <ul class="rows">
      @for (m of messages(); track m.id) {
        <li>
          <button
            class="row"
            type="button"
            [attr.aria-expanded]="opened() === m.id"
            [class.new]="!m.readAt"
            (click)="toggle(m)"
          >
            <strong>{{ whoOf(m) }}</strong>
            <span class="quiet">{{ words.day(m.receivedAt) }} · {{ gistOf(m) }}</span>
            @if (nameOf(m.takenBy) || m.labels.length) {
              <span class="quiet">{{ marksOf(m) }}</span>
            }
          </button>
          @if (opened() === m.id) {
            <dl>
              @for (f of m.fields; track f.name) {
                @if (f.value) {
                  <dt>{{ f.label }}</dt>
                  <dd class="lines">{{ f.value }}</dd>
                }
              }
            </dl>
            @for (a of m.answers; track a.at) {
              <div class="said">
                <p class="quiet" [class.bad]="a.state === 'failed'">
                  {{ w().answeredBy(a.by, words.day(a.at)) }} · {{ w().letters[a.state] }}
                </p>
                <p class="lines">{{ a.words }}</p>
                @if (a.state === 'failed' && a.error) {
                  <p class="bad">{{ a.error }}</p>
                }
              </div>
            }
            @if (mailOf(m); as mail) {
              @if (mayAnswer()) {
                <label>
                  {{ w().yourAnswer }}
                  <textarea
                    rows="4"
                    maxlength="8000"
                    [dkGrow]="answers.to(m.id)"
                    [value]="answers.to(m.id)"
                    (input)="answers.write(m.id, $any($event.target).value)"
                  ></textarea>
                </label>
                <p class="quiet">{{ w().goesTo(mail) }}</p>
                <p class="acts">
                  <button
                    class="main"
                    type="button"
                    [attr.aria-disabled]="!answers.to(m.id).trim() || sending()"
                    (click)="answer(m)"
                  >
                    {{ w().sendAnswer }}
                  </button>
                </p>
              }
              <p>
                <a [class]="mayAnswer() ? 'plain' : 'button main'" [href]="replyTo(m, mail)">{{
                  mayAnswer() ? w().ownMail : w().answer
                }}</a>
              </p>
            }
            @if (people().length) {
              <label>
                {{ w().takenBy }}
                <select #taken (change)="give(m, taken)">
                  <option value="">{{ w().nobody }}</option>
                  @for (p of people(); track p.id) {
                    <option [value]="p.id" [selected]="p.id === m.takenBy">{{ p.name }}</option>
                  }
                </select>
              </label>
            }
            <label>
              {{ w().labels }}
              <input
                maxlength="300"
                list="labels"
                [value]="m.labels.join(', ')"
                (change)="label(m, $any($event.target).value)"
              />
            </label>
            <label>
              {{ w().note }}
              <textarea rows="2" maxlength="2000" [value]="m.note" #note></textarea>
            </label>
            <p class="acts">
              <button type="button" (click)="keepNote(m, note.value)">{{ w().keepNote }}</button>
              <button class="plain" type="button" (click)="mark(m, false)">{{ w().markUnread }}</button>
              @if (mayErase()) {
                @if (erasing() === m.id) {
                  <span>{{ w().eraseSure }}</span>
                  <button class="plain" type="button" (click)="erase(m)">{{ w().yes }}</button>
                  <button class="plain" type="button" (click)="erasing.set('')">{{ w().no }}</button>
                } @else {
                  <button class="plain" type="button" (click)="erasing.set(m.id)">{{ w().erase }}</button>
                }
              }
            </p>
          }
        </li>
      } @empty {
        @if (first.value()) {
          <li>
            <p>{{ asked().words || only() ? w().noneFound : w().noPost }}</p>
          </li>
        }
      }
    </ul>
    <datalist id="labels">
      @for (l of labels(); track l) {
        <option [value]="l"></option>
      }
    </datalist>
    @if (fault()) {
      <p class="bad pad" role="alert">{{ fault() }}</p>
    }
    @if (more()) {
      <p class="acts pad">
        <button type="button" (click)="goOn()">{{ w().more }}</button>
      </p>
    }
    @if (!asked().words && first.value()) {
      <p class="acts pad">
        @if (messages().length) {
          <a class="button" [href]="'api/messages.csv' + query()" download>{{ w().saveTable }}</a>
        }
      </p>
      @if (mayErase()) {
        <section class="fields">
          <label>
            {{ w().keptHow }}
            <select (change)="choose($any($event.target).value)">
              @for (m of terms; track m) {
                <option [value]="m" [selected]="m === (wantedTerm() ?? keeping.value()?.months ?? 0)">
                  {{ m ? w().keptMonths(m) : w().keptForGood }}
                </option>
              }
            </select>
          </label>
          <p class="quiet">{{ w().keptErases }}</p>
          @if (wantedTerm(); as months) {
            <p class="acts">
              <span>{{ w().keptSure }}</span>
              <button type="button" (click)="keep(months)">{{ w().keepYes }}</button>
              <button class="plain" type="button" (click)="wantedTerm.set(null)">{{ w().no }}</button>
            </p>
          }
        </section>
      }
    }
  `,
})
export class PostPlace {
  /** The message that is to be open, from the address. */
  readonly open = input<string>();
  private readonly api = inject(DeskApi);
  private readonly session = inject(Session);
  protected readonly words = inject(Wording);
  protected readonly w = this.words.words;
  protected readonly wanted = signal('');
  /** Which of them are shown: `unread`, `mine`, `label …`, or all. */
  protected readonly only = signal('');
  protected readonly asked = signal<Asked>({ words: '', unread: false });
  protected readonly first = loaded((api) => api.get<Listed>(`/messages${this.query()}`));
  protected readonly keeping = loaded((api) => api.get<{ months: number | null }>('/keeping'));
  protected readonly labels = computed(() =>
    [...new Set([...(this.first.value()?.labels ?? []), ...this.messages().flatMap((m) => m.labels)])].sort(),
  );
  protected readonly people = computed(() => this.first.value()?.people ?? []);
  /** A designer is none of the people. */
  protected readonly takes = computed(() => !this.session.here()?.me.designer);
  protected readonly found = computed(() => this.first.value()?.found ?? 0);
  protected readonly terms = TERMS;
  /** A term that was chosen and not yet said yes to: what is older goes at once. */
  protected readonly wantedTerm = signal<number | null>(null);
  protected readonly messages = signal<Message[]>([]);
  protected readonly more = signal(false);
  protected readonly opened = signal('');
  protected readonly erasing = signal('');
  protected readonly answers = inject(Answers);
  protected readonly mayAnswer = computed(() => this.session.here()?.mail === true);
  protected readonly sending = signal(false);
  protected readonly fault = signal('');
  /** Who only reads or writes takes nothing away for good. */
  protected readonly mayErase = computed(() => /^(?:publish|designer)$/.test(this.session.here()?.me.role ?? ''));

  constructor() {
    effect(() => {
      const came = this.first.value();
      if (!came) return;
      this.messages.set(came.messages);
      this.more.set(came.more);
      this.session.unread.set(came.unread);
      const wanted = came.messages.find((m) => m.id === this.open());
      if (wanted && this.opened() === '') this.toggle(wanted);
    });
  }

  protected query(before = ''): string {
    const { words, unread, mine, label } = this.asked();
    const query = new URLSearchParams({
      ...(words && { words }),
      ...(unread && { show: 'unread' }),
      ...(mine && { show: 'mine' }),
      ...(label && { label }),
      ...(before && { before }),
    }).toString();
    return query && `?${query}`;
  }
  protected find(): void {
    // What was asked before was asked of something else.
    this.erasing.set('');
    const only = this.only();
    this.asked.set({
      words: this.wanted().trim(),
      unread: only === 'unread',
      ...(only === 'mine' && { mine: true }),
      ...(only.startsWith('label ') && { label: only.slice(6) }),
    });
    this.first.again();
  }
  protected async goOn(): Promise<void> {
    await this.tried(async () => {
      const last = this.messages().at(-1)!.id;
      const came = await firstValueFrom(
        this.api.get<{ messages: Message[]; more: boolean }>(`/messages${this.query(last)}`),
      );
      this.messages.update((all) => [...all, ...came.messages]);
      this.more.set(came.more);
    });
  }
  private async tried(work: () => Promise<void>): Promise<void> {
    this.fault.set('');
    try {
      await work();
    } catch (error) {
      const refused = refusalOf(error);
      this.fault.set(refused.status === 0 ? this.w().away : refused.message);
    }
  }
  private change(m: Message, with_: Partial<Message>): void {
    this.messages.update((all) => all.map((x) => (x.id === m.id ? { ...x, ...with_ } : x)));
  }
  protected toggle(m: Message): void {
    this.erasing.set('');
    this.opened.set(this.opened() === m.id ? '' : m.id);
    if (this.opened() && !m.readAt) void this.mark(m, true);
  }
  protected mark(m: Message, read: boolean): Promise<void> {
    return this.tried(async () => {
      await firstValueFrom(this.api.put(`/messages/${m.id}`, { read }));
      this.change(m, { readAt: read ? new Date().toISOString() : null });
      this.session.unread.update((n) => Math.max(0, n + (read ? -1 : 1)));
      if (!read) this.opened.set('');
    });
  }
  protected keepNote(m: Message, note: string): Promise<void> {
    return this.tried(async () => {
      await firstValueFrom(this.api.put(`/messages/${m.id}`, { note }));
      this.change(m, { note });
    });
  }
  protected nameOf = (id: string | null): string => this.people().find((p) => p.id === id)?.name ?? '';
  protected marksOf = (m: Message): string => [this.nameOf(m.takenBy), ...m.labels].filter(Boolean).join(' · ');
  protected async give(m: Message, chosen: HTMLSelectElement): Promise<void> {
    const takenBy = chosen.value || null;
    await this.tried(async () => {
      await firstValueFrom(this.api.put(`/messages/${m.id}`, { takenBy }));
      this.change(m, { takenBy });
    });
    // Where it was not taken, it says who sees to it as before.
    chosen.value = this.messages().find((x) => x.id === m.id)?.takenBy ?? '';
  }
  protected label(m: Message, typed: string): Promise<void> {
    const labels = [
      ...new Set(
        typed
          .split(',')
          .map((l) => l.trim().slice(0, 40))
          .filter(Boolean),
      ),
    ].slice(0, 12);
    return this.tried(async () => {
      await firstValueFrom(this.api.put(`/messages/${m.id}`, { labels }));
      this.change(m, { labels });
    });
  }
  protected erase(m: Message): Promise<void> {
    return this.tried(async () => {
      await firstValueFrom(this.api.delete(`/messages/${m.id}`));
      this.messages.update((all) => all.filter((x) => x.id !== m.id));
    });
  }

  protected answer(m: Message): Promise<void> {
    if (this.sending() || !this.answers.to(m.id).trim()) return Promise.resolve();
    this.sending.set(true);
    return this.tried(async () => {
      const words = await this.answers.send(m.id);
      const by = this.session.here()?.me.name ?? '';
      const said = { words, by, at: new Date().toISOString(), state: 'waiting', error: null };
      this.change(m, { answers: [...m.answers, said] });
    }).finally(() => this.sending.set(false));
  }

  protected eraseAll(): Promise<void> {
    return this.tried(async () => {
      await firstValueFrom(this.api.post('/messages/erase', { ...this.asked(), count: this.found() }));
      this.erasing.set('');
      this.first.again();
    });
  }
  protected choose(term: string): void {
    // To keep more erases nothing.
    if (term === '0') void this.keep(null);
    else this.wantedTerm.set(Number(term));
  }
  protected keep(months: number | null): Promise<void> {
    return this.tried(async () => {
      await firstValueFrom(this.api.put('/keeping', { months }));
      this.wantedTerm.set(null);
      this.keeping.again();
      this.first.again();
    });
  }

  private field = (m: Message, name: RegExp) => m.fields.find((f) => name.test(f.name) && f.value)?.value ?? '';
  protected whoOf = (m: Message): string => this.field(m, /^name$/) || this.mailOf(m) || m.fields[0]?.value || '';
  protected mailOf = (m: Message): string =>
    m.fields.find((f) => /^[^\s@]+@[^\s@]+\.[^\s@]+$/.test(f.value))?.value ?? '';
  protected gistOf(m: Message): string {
    const longest = m.fields.reduce((a, f) => (f.value.length > a.length ? f.value : a), '');
    return longest.length > 90 ? `${longest.slice(0, 88).trimEnd()}…` : longest;
  }
  protected replyTo(m: Message, mail: string): string {
    const quoted = this.longest(m).replace(/^/gm, '> ');
    const subject = this.w().replySubject(this.session.here()?.site.name ?? '');
    return `mailto:${encodeURIComponent(mail)}?subject=${encodeURIComponent(subject)}&body=${encodeURIComponent(`\n\n${quoted}`)}`;
  }
  private longest = (m: Message) => m.fields.reduce((a, f) => (f.value.length > a.length ? f.value : a), '');
}
