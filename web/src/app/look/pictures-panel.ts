import { Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import {
  bestFits,
  drawMedium,
  makePicture,
  picturePlaces,
  replaceEverywhere,
  textAt,
  usesOf,
  withoutWords,
  type Medium,
  type PicturePlace,
} from '@tin-porch/core';
import { SiteStore } from '../site/site-store';

/** The pictures of a site: made from words, varied, put into their places, said in words. */
@Component({
  selector: 'tp-pictures-panel',
  imports: [FormsModule],
  template: `
    <form class="field" (submit)="make($event)">
      <label for="make-words">Make a picture</label>
      <div class="bar">
        <input
          id="make-words"
          name="words"
          [(ngModel)]="words"
          placeholder="a boat in the harbour at night, cut paper"
        />
        <button class="plain" type="submit">Make it</button>
      </div>
    </form>
    <p class="bar">
      <button class="plain small" type="button" (click)="fit()">Best fit for each place</button>
      @if (unsaid().length; as n) {
        <span class="chip lamp">{{ n }} without words</span>
      }
    </p>
    <ul class="media">
      @for (m of document().media; track m.id) {
        <li>
          <button type="button" [class.on]="m.id === chosen()" (click)="choose(m)" [attr.aria-label]="m.title || m.id">
            <img [src]="image(m)" alt="" />
          </button>
          <span class="quiet">{{ uses(m).length ? uses(m).length + ' ×' : 'unused' }}</span>
        </li>
      }
    </ul>
    @if (picture(); as m) {
      <div class="sheet chosen-picture">
        <h2>{{ m.title || m.id }}</h2>
        <p class="bar">
          @if (m.kind === 'made') {
            <button class="plain small" type="button" (click)="vary(m)">Another of it</button>
          }
          @if (!uses(m).length) {
            <button class="plain small" type="button" (click)="remove(m)">Take it out</button>
          }
        </p>
        @for (p of uses(m); track p.at.section + p.at.path) {
          <div class="field">
            <div class="label-row">
              <label [for]="'alt-' + p.at.section + p.at.path">{{ p.page?.label }}, {{ p.label }}</label>
              <button class="link" type="button" (click)="bare(p)">Leave bare</button>
            </div>
            <input
              [id]="'alt-' + p.at.section + p.at.path"
              placeholder="Said in words; empty where it only decorates"
              [ngModel]="p.picture.alt.value"
              (ngModelChange)="say(p, $event)"
            />
          </div>
        }
        <div class="field">
          <label for="put-at">Put it at</label>
          <select id="put-at" (change)="put(m, $any($event.target).value); $any($event.target).value = ''">
            <option value="">A place on the site</option>
            @for (p of places(); track p.at.section + p.at.path; let n = $index) {
              <option [value]="n">{{ p.page?.label }}, {{ p.label }}</option>
            }
          </select>
        </div>
        <div class="field">
          <label for="instead">Instead of it, everywhere</label>
          <select id="instead" (change)="instead(m, $any($event.target).value); $any($event.target).value = ''">
            <option value="">Another picture of the site</option>
            @for (o of document().media; track o.id) {
              @if (o.id !== m.id) {
                <option [value]="o.id">{{ o.title || o.id }}</option>
              }
            }
          </select>
        </div>
      </div>
    }
  `,
})
export class PicturesPanel {
  private readonly store = inject(SiteStore);
  protected readonly document = computed(() => this.store.document()!);
  protected words = '';
  protected readonly chosen = signal('');
  protected readonly picture = computed(() => this.document().media.find((m) => m.id === this.chosen()));
  protected readonly places = computed(() => picturePlaces(this.document()));
  protected readonly unsaid = computed(() => withoutWords(this.document()));
  private readonly drawn = new Map<string, string>();

  protected image(m: Medium): string {
    const { look } = this.document();
    const key = JSON.stringify([m, look.day, look.pictures]);
    let url = this.drawn.get(key);
    if (!url) {
      url = `data:image/svg+xml,${encodeURIComponent(drawMedium(m, look)?.svg ?? '')}`;
      if (this.drawn.size > 200) this.drawn.clear();
      this.drawn.set(key, url);
    }
    return url;
  }
  protected uses = (m: Medium) => usesOf(this.document(), m.id);
  protected choose(m: Medium): void {
    this.chosen.set(m.id);
    const [first] = this.uses(m);
    if (first?.page) this.store.page.set(first.page.id);
  }
  protected make(event: Event): void {
    event.preventDefault();
    const words = this.words.trim();
    if (!words) return;
    const medium = makePicture(this.document(), words, Math.floor(Math.random() * 1e6));
    this.store.change({ op: 'putMedium', medium });
    this.chosen.set(medium.id);
  }
  protected vary(m: Medium & { kind: 'made' }): void {
    const { seed } = m.recipe;
    this.store.change({ op: 'putMedium', medium: { ...m, recipe: { ...m.recipe, seed: (seed + 1) % 2 ** 31 } } });
  }
  protected remove(m: Medium): void {
    this.store.change({ op: 'removeMedium', medium: m.id });
    this.store.said.set({ words: `${m.title || m.id} is out.`, bad: false, undo: true });
  }
  protected put(m: Medium, at: string): void {
    const place = at === '' ? undefined : this.places()[Number(at)];
    if (place) this.store.change({ op: 'setPicture', at: place.at, media: m.id });
  }
  protected instead(m: Medium, to: string): void {
    const operation = to ? replaceEverywhere(this.document(), m.id, to) : null;
    if (operation) this.store.change(operation);
  }
  protected bare(p: PicturePlace): void {
    this.store.change({ op: 'setPicture', at: p.at, media: '' });
  }
  protected say(p: PicturePlace, value: string): void {
    const at = { ...p.at, path: `${p.at.path}.alt` };
    if (textAt(this.document(), at))
      this.store.change({ op: 'setText', at, text: { value, from: { kind: 'designer' } } });
  }
  protected fit(): void {
    const operation = bestFits(this.document());
    if (operation) this.store.change(operation);
    else this.store.said.set({ words: 'Every place has the picture that fits it best already.', bad: false });
  }
}
