import { Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { filter, merge, startWith } from 'rxjs';
import { PorchEvents } from '../api/events';
import type { InboxMessage } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { time } from '../parts/when';

@Component({
  selector: 'tp-inbox',
  host: { class: 'contents' },
  imports: [RouterLink],
  template: `
    <main class="place">
      <h1>Inbox</h1>
      <p class="quiet">What visitors sent through your clients’ forms. Each site’s own CMS keeps a copy.</p>
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      }
      <ul class="letters">
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
                {{ m.readAt ? 'Mark as unread' : 'Mark as read' }}
              </button>
            </div>
          </li>
        } @empty {
          @if (loaded()) {
            <li class="quiet">Nothing has come in yet.</li>
          }
        }
      </ul>
    </main>
  `,
})
export class InboxPlace {
  private readonly api = inject(PorchApi);
  protected readonly messages = signal<InboxMessage[]>([]);
  protected readonly loaded = signal(false);
  protected readonly fault = signal('');
  protected readonly unread = computed(() => this.messages().filter((m) => !m.readAt).length);
  constructor() {
    const events = inject(PorchEvents);
    merge(events.all.pipe(filter((e) => e.kind === 'inbox')), events.back)
      .pipe(startWith(null), takeUntilDestroyed())
      .subscribe(() => this.refresh());
  }
  private refresh(): void {
    this.api.get<{ messages: InboxMessage[] }>('/inbox').subscribe({
      next: ({ messages }) => {
        this.messages.set(messages);
        this.loaded.set(true);
      },
      error: (e: unknown) => this.fault.set(asRefusal(e).message),
    });
  }
  protected mark(m: InboxMessage): void {
    this.api
      .put(`/inbox/${m.id}`, { read: !m.readAt })
      .subscribe({ error: (e: unknown) => this.fault.set(asRefusal(e).message) });
  }
  protected at = time;
}
