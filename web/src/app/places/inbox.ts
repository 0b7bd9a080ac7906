import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { debounceTime, filter, firstValueFrom, merge, startWith, Subject } from 'rxjs';
import { PorchEvents } from '../api/events';
import type { InboxMessage } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { some } from '@tin-porch/core/some';
import { ViewSwitch } from '../parts/view-switch';
import { time } from '../parts/when';

interface Answer {
  messages: InboxMessage[];
  more: boolean;
  counts: { all: number; unread: number; aside: number };
  sites: { id: string; name: string }[];
}
type Show = 'all' | 'unread' | 'aside';

@Component({
  selector: 'tp-inbox',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [RouterLink, FormsModule, ViewSwitch],
  styleUrl: './inbox.scss',
  template: `
    <main class="place">
      <h1>Inbox</h1>
      <p class="quiet">What visitors sent through your clients’ forms. Each site’s own CMS keeps a copy.</p>
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      }
      <div class="bar gap">
        <tp-view-switch label="Which messages" [views]="views()" [(shown)]="show" (shownChange)="look()" />
        <label class="sr" for="inbox-site">Of which site</label>
        <select id="inbox-site" [ngModel]="site()" (ngModelChange)="site.set($event); look()">
          <option value="">Every site</option>
          @for (s of sites(); track s.id) {
            <option [value]="s.id">{{ s.name }}</option>
          }
        </select>
        <label class="sr" for="inbox-words">Words in them</label>
        <input
          id="inbox-words"
          type="search"
          maxlength="200"
          placeholder="Words in them"
          [ngModel]="words()"
          (ngModelChange)="words.set($event); typed.next()"
        />
      </div>
      @if (show() === 'aside') {
        <p class="note lamp gap bar">
          <span
            >More of these came in within minutes than people write: it looks like a flood. They are kept until you
            erase them.</span
          >
          <button class="plain small" type="button" [disabled]="!counts().aside" (click)="eraseAside()">
            Erase all {{ counts().aside }}
          </button>
        </p>
      }
      <ul class="letters" aria-label="Messages">
        @for (m of messages(); track m.id) {
          <li class="sheet" [class.unread]="!m.readAt">
            <div class="between">
              <b
                >{{ m.fields['name'] || 'No name' }} <span class="quiet">to</span>
                <a [routerLink]="['/sites', m.site, 'care']">{{ m.siteName }}</a></b
              >
              <span class="quiet">{{ at(m.receivedAt) }}</span>
            </div>
            <p class="letter">{{ m.fields['message'] }}</p>
            <div class="bar">
              @if (m.fields['mail']; as mail) {
                <a class="plain small" [href]="'mailto:' + mail">{{ mail }}</a>
              }
              @if (m.fields['phone']; as phone) {
                <span class="mono">{{ phone }}</span>
              }
              <button class="plain small" type="button" (click)="mark(m)">
                {{ m.readAt ? 'Not read yet' : 'Read' }}
              </button>
              <button
                class="plain small"
                type="button"
                [attr.aria-label]="'Erase the message of ' + (m.fields['name'] || 'nobody named')"
                (click)="erase(m)"
              >
                Erase
              </button>
            </div>
          </li>
        } @empty {
          @if (loaded()) {
            <li class="quiet">{{ words() || site() ? 'Nothing like that.' : 'Nothing here.' }}</li>
          }
        }
      </ul>
      @if (more()) {
        <p class="gap"><button class="plain" type="button" (click)="older()">Show older ones</button></p>
      }
    </main>
  `,
})
export class InboxPlace {
  private readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  protected readonly messages = signal<InboxMessage[]>([]);
  protected readonly more = signal(false);
  protected readonly counts = signal({ all: 0, unread: 0, aside: 0 });
  protected readonly sites = signal<{ id: string; name: string }[]>([]);
  protected readonly loaded = signal(false);
  protected readonly fault = signal('');
  protected readonly show = signal<Show>('all');
  protected readonly site = signal('');
  protected readonly words = signal('');
  protected readonly typed = new Subject<void>();
  protected readonly views = computed<readonly (readonly [Show, string])[]>(() => {
    const { all, unread, aside } = this.counts();
    const counted = (words: string, n: number) => (this.loaded() ? `${words} ${n}` : words);
    return [
      ['all', counted('All', all)],
      ['unread', counted('Unread', unread)],
      ['aside', counted('Put aside', aside)],
    ];
  });
  private asked = 0;

  constructor() {
    const events = inject(PorchEvents);
    merge(events.all.pipe(filter((e) => e.kind === 'inbox')), events.back)
      .pipe(startWith(null), debounceTime(50), takeUntilDestroyed())
      .subscribe(() => this.look());
    this.typed.pipe(debounceTime(250), takeUntilDestroyed()).subscribe(() => this.look());
  }

  private address(after?: InboxMessage): string {
    const query = new URLSearchParams({ show: this.show() });
    if (this.words().trim()) query.set('words', this.words().trim());
    if (this.site()) query.set('site', this.site());
    if (after) {
      query.set('before', after.receivedAt);
      query.set('id', after.id);
    }
    return `/inbox?${query.toString()}`;
  }
  /** Asks for the newest that are wanted. Of two answers under way the later question counts. */
  protected look(after?: InboxMessage): void {
    const mine = ++this.asked;
    this.api.get<Answer>(this.address(after)).subscribe({
      next: (answer) => {
        if (mine !== this.asked) return;
        this.messages.set(after ? [...this.messages(), ...answer.messages] : answer.messages);
        this.more.set(answer.more);
        this.counts.set(answer.counts);
        this.sites.set(answer.sites);
        this.loaded.set(true);
        this.fault.set('');
      },
      error: (e: unknown) => mine === this.asked && this.fault.set(asRefusal(e).message),
    });
  }
  protected older(): void {
    this.look(this.messages().at(-1));
  }
  protected async mark(m: InboxMessage): Promise<void> {
    await this.done(this.api.put(`/inbox/${m.id}`, { read: !m.readAt }));
  }
  protected async erase(m: InboxMessage): Promise<void> {
    const sure = await this.dialogs.confirm({
      title: 'Erase this message?',
      words: `What ${m.fields['name'] || 'the visitor'} wrote is erased here and in the CMS of ${m.siteName}. It cannot be brought back.`,
      act: 'Erase it',
    });
    if (sure) await this.done(this.api.delete(`/inbox/${m.id}`));
  }
  protected async eraseAside(): Promise<void> {
    const sure = await this.dialogs.confirm({
      title: `Erase ${some(this.counts().aside, 'message')}?`,
      words: 'All that was put aside is erased here and in the CMSs of the sites. It cannot be brought back.',
      act: 'Erase them',
    });
    if (sure) await this.done(this.api.delete('/inbox/aside'));
  }
  private async done(call: ReturnType<PorchApi['put']>): Promise<void> {
    try {
      await firstValueFrom(call);
      this.look();
    } catch (error) {
      this.fault.set(asRefusal(error).message);
    }
  }
  protected at = time;
}
