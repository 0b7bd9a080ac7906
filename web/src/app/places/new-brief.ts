import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { Router } from '@angular/router';
import type { Facts } from '@tin-porch/core/model';
import { FileError, textOfBrief, type Reading } from '@tin-porch/core/brief';
import { switchMap } from 'rxjs';
import { asRefusal, PorchApi } from '../api/porch-api';
import { MarkedText } from '../reading/marked-text';
import { OpenedFiles } from '../reading/opened-files';
import { Drawing } from '../window/drawing';
import { some } from '@tin-porch/core/some';

const KEPT = 'new-brief';
const MOST = 8_000_000;

/** The brief with the name that was typed beside it, as a field of JSON or a line of text. */
function named(text: string, name: string): string {
  if (!name) return text;
  if (!/^\s*\{/.test(text)) return `Name: ${name}\n\n${text}`;
  try {
    return JSON.stringify({ ...(JSON.parse(text) as object), name });
  } catch {
    // What is wrong with it is said by whoever reads it.
    return text;
  }
}

@Component({
  selector: 'tp-new-brief',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [FormsModule, MarkedText],
  template: `
    <main class="place">
      <h1>New brief</h1>
      <div class="twofold">
        <form (ngSubmit)="begin()" (dragover)="$event.preventDefault()" (drop)="dropped($event)">
          <div class="field">
            <label for="name"
              >Client or business name <span class="quiet">may be left empty when it is in the text</span></label
            >
            <input id="name" name="name" maxlength="120" [ngModel]="name()" (ngModelChange)="name.set($event)" />
          </div>
          <div class="field">
            <label for="text">What they sent you <span class="quiet">a mail, notes, anything; as it is</span></label>
            <textarea
              dir="auto"
              id="text"
              name="text"
              rows="16"
              maxlength="200000"
              [ngModel]="text()"
              (ngModelChange)="text.set($event)"
              placeholder="Paste it here, or drop files on it: a mail, a Word document, a PDF, their old page saved as HTML, a table of prices."
            ></textarea>
          </div>
          <div class="field">
            <label for="file"
              >Or a file
              <span class="quiet"
                >Word, PDF, mails, spreadsheets, saved pages, cards, tables, forms, text; several at once</span
              ></label
            >
            <input
              id="file"
              type="file"
              multiple
              accept=".txt,.md,.html,.htm,.vcf,.csv,.tsv,.json,.docx,.pdf,.eml,.xlsx,.ods,.odt,text/*"
              (change)="take($any($event.target))"
            />
          </div>
          @if (fault()) {
            <p class="fault" role="alert">{{ fault() }} What you typed is still here.</p>
          }
          <button class="act" type="submit" [disabled]="busy()">Begin</button>
        </form>
        <section aria-label="What it says">
          <h2>What it says</h2>
          @if (reading(); as read) {
            <p class="quiet">
              {{ some(read.spans.length, 'thing') }} read{{
                read.conflicts.length ? ', ' + read.conflicts.length + ' to settle' : ''
              }}. Each can be corrected in the brief.
            </p>
            <tp-marked-text [source]="read.source" [spans]="read.spans" />
          } @else {
            <p class="quiet">Names, numbers, hours, prices and services are highlighted here as you type or paste.</p>
          }
        </section>
      </div>
    </main>
  `,
  styles: `
    .twofold {
      display: grid;
      grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
      gap: 28px;
    }
    @media (max-width: 900px) {
      .twofold {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
})
export class NewBrief {
  protected readonly some = some;
  private readonly api = inject(PorchApi);
  private readonly router = inject(Router);
  private readonly drawing = inject(Drawing);
  private readonly files = inject(OpenedFiles);
  private readonly kept = JSON.parse(sessionStorage.getItem(KEPT) ?? '{}') as { name?: string; text?: string };
  protected readonly name = signal(this.kept.name ?? '');
  protected readonly text = signal(this.kept.text ?? '');
  protected readonly fault = signal('');
  protected readonly busy = signal(false);
  private readonly read = signal<(Reading & { source: string }) | null>(null);
  protected readonly reading = computed(() => (this.text().trim() ? this.read() : null));
  private asked = { serial: 0, source: '' };

  constructor() {
    effect(() => {
      const source = this.text();
      sessionStorage.setItem(KEPT, JSON.stringify({ name: this.name(), text: source }));
      if (source.trim())
        this.asked = { serial: this.drawing.read(source.slice(0, 20_000)), source: source.slice(0, 20_000) };
    });
    this.drawing.readings.pipe(takeUntilDestroyed()).subscribe(({ serial, reading }) => {
      if (serial === this.asked.serial) this.read.set({ ...reading, source: this.asked.source });
    });
  }

  protected dropped(event: DragEvent): void {
    const files = [...(event.dataTransfer?.files ?? [])];
    if (!files.length) return;
    event.preventDefault();
    void this.add(files);
  }
  protected take(field: HTMLInputElement): void {
    void this.add([...(field.files ?? [])]).then(() => (field.value = ''));
  }
  private async add(files: File[]): Promise<void> {
    this.fault.set('');
    const faults: string[] = [];
    for (const file of files) {
      if (file.size > MOST) {
        faults.push(`${file.name} is over ${MOST / 1_000_000} MB; leave out what is not about the business.`);
        continue;
      }
      try {
        const more = await this.files.read(file);
        // Of several files each reading says which it came from.
        const several = files.length > 1 || this.text().trim() !== '';
        const headed = several ? `=== ${file.name} ===\n\n${textOfBrief(file.name, more)}` : more;
        this.text.update((now) => [now.trim(), headed].filter(Boolean).join('\n\n').slice(0, 200_000));
      } catch (error) {
        faults.push(error instanceof FileError ? error.message : `${file.name} cannot be read.`);
      }
    }
    this.fault.set(faults.join(' '));
  }

  protected begin(): void {
    if (this.busy()) return;
    const name = this.name().trim();
    if (!name && !this.text().trim()) return void this.fault.set('Give a name, or paste what the client sent.');
    this.busy.set(true);
    const source = named(this.text(), name);
    this.api
      .post<{ facts: Facts }>('/briefs', { text: source })
      .pipe(switchMap(({ facts }) => this.api.post<{ id: string }>('/sites', facts)))
      .subscribe({
        next: ({ id }) => {
          sessionStorage.removeItem(KEPT);
          void this.router.navigate(['/sites', id, 'brief']);
        },
        error: (error: unknown) => {
          this.busy.set(false);
          this.fault.set(asRefusal(error).message);
        },
      });
  }
}
