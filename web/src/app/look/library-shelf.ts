import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Medium } from '@tin-porch/core/model';
import { freeMediaId } from '@tin-porch/core/making';
import { PictureApi, type LibraryFound, type LibraryPicture } from '../api/picture-api';
import { asRefusal } from '../api/porch-api';
import { SiteStore } from '../site/site-store';

/** The picture library beside the controls: searched in words, or by what the client does. */
@Component({
  selector: 'tp-library-shelf',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule],
  styleUrl: './library-shelf.scss',
  template: `
    <form class="window-bar shelf-bar" (submit)="$event.preventDefault(); look(1)">
      <label class="sr" for="shelf-words">Look for</label>
      <input
        id="shelf-words"
        name="q"
        type="search"
        placeholder="Look for: harbour evening, linen, pottery"
        [(ngModel)]="q"
      />
      <select aria-label="What of" name="group" [(ngModel)]="group" (change)="look(1)">
        <option value="">Everything</option>
        @for (g of found()?.groups ?? []; track g) {
          <option [value]="g">{{ g }}</option>
        }
      </select>
      <select aria-label="Style" name="style" [(ngModel)]="style" (change)="look(1)">
        <option value="">Any style</option>
        @for (s of found()?.styles ?? []; track s) {
          <option [value]="s">{{ s }}</option>
        }
      </select>
      <select aria-label="Format" name="format" [(ngModel)]="format" (change)="look(1)">
        <option value="">Any format</option>
        @for (f of formats; track f) {
          <option [value]="f">{{ f }}</option>
        }
      </select>
      <button class="plain small" type="submit">Look</button>
      <span class="grow"></span>
      <button class="plain small" type="button" (click)="closed.emit()">Back to the window</button>
    </form>
    <div class="shelf">
      <p class="bar" role="group" aria-label="By what the client does">
        @for (s of services(); track s) {
          <button class="plain small" type="button" [attr.aria-pressed]="q() === s" (click)="q.set(s); look(1)">
            {{ s }}
          </button>
        }
      </p>
      @if (trouble(); as words) {
        <p class="note lamp" role="alert">{{ words }}</p>
      }
      @if (found(); as f) {
        <p class="quiet between">
          <span>{{ f.total }} in {{ f.name }}</span>
          <label class="check"
            ><input type="checkbox" [checked]="tint()" (change)="tint.set(!tint())" /> Close-ups in the site’s
            colours</label
          >
        </p>
        <ul class="media">
          @for (p of f.pictures; track p.id) {
            <li>
              <button
                type="button"
                [disabled]="taking() === p.id"
                [attr.aria-label]="'Take: ' + p.title"
                (click)="take(p)"
              >
                <img [src]="p.preview" alt="" loading="lazy" />
              </button>
              <span class="caption">{{ taking() === p.id ? 'Taking it' : p.title }}</span>
              <span class="quiet">{{ p.credit.by }}, {{ p.credit.licence }}</span>
            </li>
          } @empty {
            <li class="quiet">Nothing there is called that. Another word?</li>
          }
        </ul>
        @if (f.pages > 1) {
          <p class="bar">
            <button class="plain small" type="button" [disabled]="f.page <= 1" (click)="look(f.page - 1)">
              Before
            </button>
            <span class="mono">{{ f.page }} / {{ f.pages }}</span>
            <button class="plain small" type="button" [disabled]="f.page >= f.pages" (click)="look(f.page + 1)">
              More
            </button>
          </p>
        }
      }
    </div>
  `,
})
export class LibraryShelf {
  private readonly api = inject(PictureApi);
  private readonly store = inject(SiteStore);
  readonly closed = output<void>();
  readonly taken = output<Medium>();
  protected readonly formats = ['wide', 'square', 'tall'];
  protected readonly q = signal('');
  protected readonly group = signal('');
  protected readonly style = signal('');
  protected readonly format = signal('');
  protected readonly found = signal<LibraryFound | null>(null);
  protected readonly trouble = signal('');
  protected readonly taking = signal('');
  protected readonly tint = signal(true);
  protected readonly services = computed(() => {
    const { services, trade } = this.store.document()!.facts;
    return [...new Set([trade, ...services.map((s) => s.name)].filter(Boolean))].slice(0, 10);
  });
  private asked = 0;

  constructor() {
    this.q.set(this.services()[0] ?? '');
    void this.look(1);
  }

  protected async look(page: number): Promise<void> {
    const mine = ++this.asked;
    const [q, group, style, format] = [this.q(), this.group(), this.style(), this.format()];
    try {
      const found = await this.api.search({ q, group, style, format, page, per: 36 });
      if (mine !== this.asked) return;
      this.trouble.set(found.name === null ? 'No picture library is set up for this Tin Porch.' : '');
      this.found.set(found.name === null ? null : found);
    } catch (error) {
      if (mine !== this.asked) return;
      const { title, detail } = asRefusal(error);
      this.trouble.set(`${title}. ${detail}`);
    }
  }

  protected async take(p: LibraryPicture): Promise<void> {
    if (this.taking()) return;
    this.taking.set(p.id);
    try {
      const { medium } = await this.api.take(this.store.document()!.id, p.id, !p.drawn && this.tint());
      const free = { ...medium, id: freeMediaId(this.store.document()!, medium.id) };
      this.store.change({ op: 'putMedium', medium: free });
      this.store.said.set({ words: `“${p.title}” is among the pictures of the site.`, bad: false, undo: true });
      this.taken.emit(free);
    } catch (error) {
      const { title, detail } = asRefusal(error);
      this.trouble.set(`${title}. ${detail}`);
    }
    this.taking.set('');
  }
}
