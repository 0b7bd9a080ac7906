import { ChangeDetectionStrategy, Component, computed, DestroyRef, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import type { Subscription } from 'rxjs';
import { asRefusal, PorchApi } from '../api/porch-api';
import { saveFile } from '../parts/save-file';
import { SiteStore } from '../site/site-store';

/** The whole site in one file, with the CMS it runs on: for a client who goes elsewhere, or to be kept. */
@Component({
  selector: 'tp-take-along',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule],
  template: `
    @if (may()) {
      <h2 class="gap">The site by itself</h2>
      <p class="quiet">
        All of it in one ZIP archive: its files, its document, its words as Markdown, and the CMS with the desk. It runs
        anywhere with Node and PostgreSQL, without Tin Porch; the pages alone on any web server.
      </p>
      @if (live()) {
        <fieldset class="choices">
          <legend class="sr">Which of it</legend>
          <label>
            <input type="radio" name="which" value="live" [ngModel]="which()" (ngModelChange)="which.set($event)" />
            as visitors see it now
          </label>
          <label>
            <input type="radio" name="which" value="drafts" [ngModel]="which()" (ngModelChange)="which.set($event)" />
            as it is drafted
          </label>
        </fieldset>
        <label class="check">
          <input type="checkbox" name="kept" [(ngModel)]="kept" />
          with what visitors sent, what was answered, and who is at the desk
        </label>
      }
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      }
      <p class="bar">
        @if (busy()) {
          <span role="status">It is being put together …</span>
          <button class="plain" type="button" (click)="stop()">Stop</button>
        } @else {
          <button class="plain" type="button" (click)="take()">Take the site along</button>
          @if (took(); as t) {
            <span class="quiet" role="status">{{ t }}</span>
          }
        }
      </p>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    .choices {
      display: flex;
      flex-wrap: wrap;
      gap: 6px 18px;
      margin: 8px 0;
      padding: 0;
      border: 0;
    }
    .bar {
      margin-top: 10px;
    }
  `,
})
export class TakeAlong {
  private readonly store = inject(SiteStore);
  private readonly api = inject(PorchApi);
  private readonly gone = inject(DestroyRef);
  protected readonly may = computed(() => this.api.may('designer'));
  protected readonly live = computed(() => !!this.store.detail()?.liveRelease);
  protected readonly which = signal<'live' | 'drafts'>('live');
  protected readonly kept = signal(true);
  protected readonly fault = signal('');
  protected readonly took = signal('');
  private readonly taking = signal<Subscription | null>(null);
  protected readonly busy = computed(() => this.taking() !== null);

  protected async take(): Promise<void> {
    this.fault.set('');
    this.took.set('');
    // What is written and not sent yet belongs to it.
    await this.store.flush();
    const [which, kept] = this.live() ? [this.which(), this.kept()] : (['drafts', false] as const);
    const name = `${this.store.id()}-${new Date().toISOString().slice(0, 10)}.zip`;
    this.taking.set(
      this.api
        .bytes(`/sites/${this.store.id()}/folder?which=${which}&kept=${kept ? 'with' : 'without'}`)
        .pipe(takeUntilDestroyed(this.gone))
        .subscribe({
          next: (bytes) => {
            saveFile(name, bytes, 'application/zip');
            this.took.set(`${name}, ${(bytes.size / 1e6).toFixed(1)} MB`);
          },
          error: (error: unknown) => {
            this.taking.set(null);
            this.fault.set(asRefusal(error).message);
          },
          complete: () => this.taking.set(null),
        }),
    );
  }
  protected stop(): void {
    this.taking()?.unsubscribe();
    this.taking.set(null);
  }
}
