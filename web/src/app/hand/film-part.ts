import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, signal } from '@angular/core';
import type { Film } from '@tin-porch/core/model';
import type { PicturePlace } from '@tin-porch/core/making';
import { pictureAt } from '@tin-porch/core/operations';
import { firstValueFrom } from 'rxjs';
import { PictureApi } from '../api/picture-api';
import { asRefusal } from '../api/porch-api';
import { SiteStore } from '../site/site-store';

const placeOf = ({ at }: PicturePlace): string => `${at.section}/${at.path}`;

/** A film in the place of a picture, and what is said in it: brought, changed for another, taken out. */
@Component({
  selector: 'tp-film-part',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  template: `
    @if (film(); as film) {
      <select aria-label="The film" [disabled]="bringing()" (change)="choose($any($event.target), films, texts)">
        <option value="">{{ bringing() ? 'Bringing it …' : 'Film …' }}</option>
        <option value="film">Another film</option>
        <option value="captions">{{ film.captions ? 'Other captions' : 'Captions' }}</option>
        <option value="none">No film</option>
      </select>
    } @else {
      <button class="plain small" type="button" [disabled]="bringing()" (click)="films.click()">
        {{ bringing() ? 'Bringing it …' : 'A film …' }}
      </button>
    }
    <input
      #films
      class="sr"
      type="file"
      tabindex="-1"
      aria-hidden="true"
      accept=".mp4,.webm"
      (change)="bring(films, 'file')"
    />
    <input
      #texts
      class="sr"
      type="file"
      tabindex="-1"
      aria-hidden="true"
      accept=".vtt"
      (change)="bring(texts, 'captions')"
    />
    @if (fault()) {
      <span class="fault" role="alert">{{ fault() }}</span>
    }
  `,
})
export class FilmPart {
  private readonly store = inject(SiteStore);
  private readonly api = inject(PictureApi);
  readonly place = input.required<PicturePlace>();
  protected readonly bringing = signal(false);
  private readonly of = computed(() => placeOf(this.place()));
  /** Of the place in hand alone. */
  protected readonly fault = linkedSignal({ source: this.of, computation: () => '' });
  protected readonly film = computed(() => this.place().picture.film);

  protected choose(select: HTMLSelectElement, films: HTMLInputElement, texts: HTMLInputElement): void {
    const { value } = select;
    select.value = '';
    if (value === 'film') films.click();
    else if (value === 'captions') texts.click();
    else if (value === 'none') this.set(null, 'The picture stands for itself again.');
  }
  private set(film: Film | null, words: string): void {
    this.store.change({ op: 'setFilm', at: this.place().at, film });
    void this.store.flush();
    this.store.said.set({ words, bad: false, undo: true });
  }
  protected async bring(field: HTMLInputElement, what: keyof Film): Promise<void> {
    const [file] = field.files ?? [];
    field.value = '';
    const [document, place] = [this.store.document(), this.place()];
    if (!file || !document) return;
    this.bringing.set(true);
    this.fault.set('');
    try {
      const brought = await firstValueFrom(this.api.bringFile(document.id, file, file.name));
      if (this.store.document()?.id !== document.id) return;
      // Of the place it was brought for, whatever is in hand by now.
      const there = pictureAt(this.store.document()!, place.at)?.film;
      const film = { ...(there ?? { file: `file:${brought.id}` }), [what]: `file:${brought.id}` };
      this.store.change({
        op: 'batch',
        operations: [
          { op: 'putFile', file: brought },
          { op: 'setFilm', at: place.at, film },
        ],
      });
      void this.store.flush();
      const words =
        what === 'captions'
          ? 'What is said in it can be read along.'
          : 'The film is there: nothing of it is fetched before a visitor plays it.';
      this.store.said.set({ words, bad: false, undo: true });
    } catch (error) {
      const { message } = asRefusal(error);
      if (this.of() === placeOf(place)) this.fault.set(message);
      else this.store.said.set({ words: message, bad: true });
    } finally {
      this.bringing.set(false);
    }
  }
}
