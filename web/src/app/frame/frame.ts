import { Component, computed, inject, signal, viewChild, type TemplateRef } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { NgbDropdownModule, NgbModal } from '@ng-bootstrap/ng-bootstrap';
import { filter, merge, startWith } from 'rxjs';
import { debounceTime } from 'rxjs/operators';
import { STEPS } from '@tin-porch/core';
import { PorchEvents } from '../api/events';
import { Drawing } from '../window/drawing';
import type { OpenFinding, SiteSummary } from '../api/model';
import { PorchApi } from '../api/porch-api';

/** The eave over every place, and the keys that work everywhere. */
@Component({
  selector: 'tp-frame',
  imports: [RouterLink, RouterLinkActive, RouterOutlet, FormsModule, NgbDropdownModule],
  host: { '(document:keydown)': 'key($event)' },
  template: `
    <header class="eave">
      <a class="mark" routerLink="/"><img src="/mark.svg" alt="" />Tin Porch</a>
      <nav aria-label="Places">
        <a routerLink="/" routerLinkActive="here" [routerLinkActiveOptions]="{ exact: true }">Sites</a>
        <a routerLink="/servers" routerLinkActive="here">Servers</a>
        <a routerLink="/domains" routerLinkActive="here">Domains</a>
        <a routerLink="/inbox" routerLinkActive="here"
          >Inbox
          @if (unread()) {
            <span class="count">{{ unread() }}<span class="sr"> unread</span></span>
          }
        </a>
        <a routerLink="/rounds" routerLinkActive="here">Rounds</a>
        <a routerLink="/sample-book" routerLinkActive="here">Sample book</a>
      </nav>
      <button class="jump" type="button" (click)="jump()">Jump to a site or step <kbd>Ctrl K</kbd></button>
      <div ngbDropdown placement="bottom-end">
        <button class="who" ngbDropdownToggle type="button" [attr.aria-label]="initials() + ', account of ' + name()">
          {{ initials() }}
        </button>
        <div ngbDropdownMenu>
          <span class="dropdown-item-text">{{ name() }}</span>
          <button ngbDropdownItem type="button" (click)="help()">Keys</button>
          <button ngbDropdownItem type="button" (click)="signOut()">Sign out</button>
        </div>
      </div>
    </header>
    <router-outlet />
    <ng-template #jumper let-modal>
      <div class="jumper">
        <label class="sr" for="jump">Jump to</label>
        <input
          id="jump"
          #jumpField
          autocomplete="off"
          placeholder="A client, a domain or a step"
          [ngModel]="query()"
          (ngModelChange)="query.set($event)"
          (keydown.enter)="go(modal, found()[0])"
        />
        <ul>
          @for (line of found(); track line.url) {
            <li>
              <button type="button" (click)="go(modal, line)">
                {{ line.words }} <span class="quiet">{{ line.more }}</span>
              </button>
            </li>
          } @empty {
            <li class="quiet">Nothing is called that.</li>
          }
        </ul>
      </div>
    </ng-template>
    <ng-template #keys let-modal>
      <div class="jumper">
        <h2>Keys</h2>
        <dl class="keys">
          <dt><kbd>/</kbd></dt>
          <dd>Say what should change</dd>
          <dt><kbd>Ctrl K</kbd></dt>
          <dd>Jump to a site or step</dd>
          <dt><kbd>Ctrl Z</kbd></dt>
          <dd>Undo</dd>
          <dt><kbd>Ctrl Shift Z</kbd></dt>
          <dd>Redo</dd>
          <dt><kbd>Alt ←</kbd> <kbd>Alt →</kbd></dt>
          <dd>The step before, the next step</dd>
          <dt><kbd>?</kbd></dt>
          <dd>This list</dd>
        </dl>
        <button class="plain" type="button" (click)="modal.close()">Close</button>
      </div>
    </ng-template>
  `,
})
export class Frame {
  private readonly api = inject(PorchApi);
  private readonly router = inject(Router);
  private readonly modals = inject(NgbModal);
  /** Made here so that the worker is ready before the first site is opened. */
  protected readonly drawing = inject(Drawing);
  private readonly jumper = viewChild.required<TemplateRef<unknown>>('jumper');
  private readonly keys = viewChild.required<TemplateRef<unknown>>('keys');
  protected readonly unread = signal(0);
  private readonly sites = signal<SiteSummary[]>([]);
  protected readonly query = signal('');
  protected readonly name = computed(() => this.api.session()?.designer.name ?? '');
  protected readonly initials = computed(() =>
    this.name()
      .split(' ')
      .map((w) => w[0])
      .join('')
      .slice(0, 2),
  );
  protected readonly found = computed(() => {
    const words = this.query().toLowerCase().split(/\s+/).filter(Boolean);
    const lines = this.sites().flatMap((s) => [
      { words: s.name, more: s.address ?? s.trade, url: `/sites/${s.id}` },
      ...STEPS.map((step) => ({ words: s.name, more: step, url: `/sites/${s.id}/${step}` })),
    ]);
    return lines
      .filter((l) =>
        words.length
          ? words.every((w) => `${l.words} ${l.more}`.toLowerCase().includes(w))
          : !(STEPS as readonly string[]).includes(l.more),
      )
      .slice(0, 12);
  });

  constructor() {
    const events = inject(PorchEvents);
    merge(events.all.pipe(filter((e) => e.kind === 'inbox')), events.back)
      .pipe(startWith(null), debounceTime(100), takeUntilDestroyed())
      .subscribe(() => this.refresh());
  }

  private refresh(): void {
    this.api.get<{ sites: SiteSummary[]; findings: OpenFinding[]; unread: number }>('/sites').subscribe({
      next: ({ unread, sites }) => {
        this.unread.set(unread);
        this.sites.set(sites);
      },
      error: () => undefined,
    });
  }

  protected jump(): void {
    this.query.set('');
    this.refresh();
    this.modals.open(this.jumper(), { ariaLabelledBy: 'jump', animation: false });
    setTimeout(() => document.getElementById('jump')?.focus());
  }
  protected help(): void {
    this.modals.open(this.keys(), { animation: false });
  }
  protected go(modal: { close(): void }, line?: { url: string }): void {
    if (!line) return;
    modal.close();
    void this.router.navigateByUrl(line.url);
  }
  protected signOut(): void {
    this.api.delete('/session').subscribe(() => {
      this.api.session.set(null);
      void this.router.navigateByUrl('/sign-in');
    });
  }
  protected key(event: KeyboardEvent): void {
    const typing = event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName);
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
      event.preventDefault();
      this.jump();
    } else if (event.key === '?' && !typing) this.help();
  }
}
