import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { FINISHES, FORMATS, type FileMedium, type Medium, type Recipe } from '@tin-porch/core/model';
import { MOODS, settings } from '@tin-porch/core/look';
import { textAt } from '@tin-porch/core/operations';
import {
  bestFits,
  fillBare,
  fitsFor,
  makePicture,
  picturePlaces,
  proposedAlt,
  putAt,
  replaceEverywhere,
  sayAll,
  unusedMedia,
  withoutWords,
  type PicturePlace,
} from '@tin-porch/core/making';
import { ChooseThen } from '../parts/choose-then';
import { SiteStore } from '../site/site-store';
import { BringPictures } from './bring-pictures';
import { PictureImages } from './picture-image';
import { Retouching } from './retouching';
import { some } from '@tin-porch/core/some';

/** What of the pictures is listed besides a collection of its own. */
const EVERY = '';
const UNUSED = '/unused';

/** The pictures of a site: brought, found, made from words; put into their places and said in words. */
@Component({
  selector: 'tp-pictures-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, BringPictures, ChooseThen],
  styleUrl: './pictures-panel.scss',
  template: `
    <tp-bring-pictures (brought)="arrived($event)" />
    <form class="field" (submit)="make($event)">
      <label for="make-words">Make a picture</label>
      <div class="bar nowrap">
        <input
          id="make-words"
          name="words"
          [(ngModel)]="words"
          placeholder="a boat in the harbour at night, cut paper"
        />
        <button class="plain small" type="submit">Make it</button>
      </div>
    </form>
    <p class="bar">
      <button class="plain small" type="button" (click)="find.emit()">Find one in the library</button>
      <button class="plain small" type="button" (click)="fit()">Best fit for each place</button>
      @if (bareCount(); as n) {
        <button class="plain small" type="button" (click)="fill()">Make those for {{ some(n, 'bare place') }}</button>
      }
    </p>
    @if (unsaid().length; as n) {
      <p class="note lamp bar">
        <span
          >{{ some(n, 'picture that matters has', 'pictures that matter have') }} no words for people who do not see
          pictures.</span
        >
        <button class="plain small" type="button" (click)="say(n)">Put them into words</button>
      </p>
    }
    <div class="between media-head">
      <h2>{{ some(listed().length, 'picture') }}</h2>
      <div class="bar">
        <label class="sr" for="media-of">Which of them</label>
        <select id="media-of" [ngModel]="collection()" (ngModelChange)="collection.set($event)">
          <option value="">All</option>
          <option [value]="unusedKey">Unused</option>
          @for (c of collections(); track c) {
            <option [value]="c">{{ c }}</option>
          }
        </select>
        @if (collection() === unusedKey && listed().length) {
          <button class="plain small" type="button" (click)="clear()">Take them out</button>
        }
      </div>
    </div>
    <ul class="media">
      @for (m of listed(); track m.id) {
        <li>
          <button type="button" [class.on]="m.id === chosen()" (click)="choose(m)" [attr.aria-label]="m.title || m.id">
            <img [src]="images.of(m)" alt="" loading="lazy" />
          </button>
          <span class="quiet">{{ uses(m).length ? uses(m).length + ' ×' : 'unused' }}</span>
        </li>
      }
    </ul>
    @if (picture(); as m) {
      <div class="sheet chosen-picture">
        <div class="field">
          <label for="picture-title">What it is</label>
          <input id="picture-title" maxlength="120" [ngModel]="m.title" (ngModelChange)="write(m, { title: $event })" />
        </div>
        <div class="field">
          <label for="picture-collection">Collection</label>
          <input
            id="picture-collection"
            maxlength="60"
            list="collections"
            placeholder="None"
            [ngModel]="m.collection ?? ''"
            (ngModelChange)="write(m, { collection: $event })"
          />
          <datalist id="collections">
            @for (c of collections(); track c) {
              <option [value]="c"></option>
            }
          </datalist>
        </div>
        @if (m.kind !== 'made') {
          <div class="field">
            <label for="picture-by">By</label>
            <div class="bar nowrap">
              <input
                id="picture-by"
                maxlength="160"
                placeholder="Nobody named"
                [ngModel]="m.credit.by"
                (ngModelChange)="credit(m, 'by', $event)"
              />
              <input
                aria-label="Licence"
                maxlength="80"
                placeholder="Licence"
                [ngModel]="m.credit.licence"
                (ngModelChange)="credit(m, 'licence', $event)"
              />
            </div>
          </div>
        }
        @if (m.kind === 'made') {
          <div class="bar">
            @for (part of parts; track part[0]) {
              <select
                [attr.aria-label]="part[1]"
                [ngModel]="m.recipe[part[0]]"
                (ngModelChange)="recipe(m, part[0], $event)"
              >
                @for (o of part[2]; track o) {
                  <option [value]="o">{{ o || part[1] + ': open' }}</option>
                }
              </select>
            }
          </div>
        }
        <p class="bar">
          @if (m.kind === 'made') {
            <span class="bar suggestions" role="group" aria-label="Others of it">
              @for (v of variations(m); track v.recipe.seed) {
                <button
                  type="button"
                  [attr.aria-label]="'Another of it, ' + v.recipe.seed"
                  (click)="store.change({ op: 'putMedium', medium: v })"
                >
                  <img [src]="images.of(v)" alt="" />
                </button>
              }
            </span>
          }
          @if (m.kind === 'file' && m.source) {
            <button class="plain small" type="button" (click)="work.begin(m)">Work it over</button>
            @if (otherTint(m)) {
              <button class="plain small" type="button" [disabled]="work.busy()" (click)="work.tintAnew(m)">
                {{ work.busy() ? 'Making its sizes' : 'In the colours of now' }}
              </button>
            }
          }
          @if (!uses(m).length) {
            <button class="plain small" type="button" (click)="remove(m)">Take it out</button>
          }
        </p>
        @for (p of uses(m); track p.at.section + p.at.path) {
          <div class="field">
            <div class="label-row">
              <label [for]="'alt-' + p.at.section + p.at.path">{{ p.page?.label }}, {{ p.label }}</label>
              <span class="bar">
                @if (m.kind === 'file' && m.source) {
                  <button class="link" type="button" (click)="work.begin(m, p)">Cut it for here</button>
                }
                <button class="link" type="button" (click)="bare(p)">Leave bare</button>
              </span>
            </div>
            <input
              [id]="'alt-' + p.at.section + p.at.path"
              [placeholder]="'Said in words; empty where it only decorates'"
              [ngModel]="p.picture.alt.value"
              (ngModelChange)="sayAt(p, $event)"
            />
            @if (!p.picture.alt.value && proposal(p); as words) {
              <button class="link" type="button" (click)="sayAt(p, words)">“{{ words }}”</button>
            }
          </div>
        }
        <tp-choose-then
          label="A place for this picture"
          placeholder="A place on the site …"
          act="Put it there"
          [options]="placeOptions()"
          (chosen)="put(m, $event)"
        />
        <tp-choose-then
          label="Another picture instead of it, everywhere"
          placeholder="Another picture of the site …"
          act="Put it instead"
          [options]="otherOptions()"
          (chosen)="instead(m, $event)"
        />
      </div>
    }
    @if (here(); as list) {
      @if (list.length) {
        <div class="between places-head">
          <h2>On this page</h2>
          <button class="plain small" type="button" (click)="fit(store.page())">Best fit for this page</button>
        </div>
        <ul class="picture-places">
          @for (h of list; track h.place.at.section + h.place.at.path) {
            <li>
              <button
                type="button"
                class="place-now"
                [attr.aria-label]="(h.now ? 'Now at ' : 'bare, at ') + h.place.label"
                [disabled]="!h.now"
                (click)="h.now && choose(h.now)"
              >
                @if (h.now; as m) {
                  <img [src]="images.of(m)" alt="" loading="lazy" />
                } @else {
                  <span class="quiet">bare</span>
                }
              </button>
              <div>
                <span>{{ h.place.label }}</span>
                <div class="bar suggestions">
                  @for (m of h.fits; track m.id) {
                    <button
                      type="button"
                      [attr.aria-label]="'Put there: ' + (m.title || m.id)"
                      (click)="putInto(h.place, m)"
                    >
                      <img [src]="images.of(m)" alt="" loading="lazy" />
                    </button>
                  }
                </div>
              </div>
            </li>
          }
        </ul>
      }
    }
  `,
})
export class PicturesPanel {
  protected readonly some = some;
  protected readonly store = inject(SiteStore);
  protected readonly images = inject(PictureImages);
  protected readonly work = inject(Retouching);
  /** The library is to stand beside. */
  readonly find = output<void>();
  protected readonly document = computed(() => this.store.document()!);
  protected readonly words = signal('');
  protected readonly unusedKey = UNUSED;
  protected readonly chosen = signal('');
  protected readonly collection = signal(EVERY);
  protected readonly picture = computed(() => this.document().media.find((m) => m.id === this.chosen()));
  protected readonly places = computed(() => picturePlaces(this.document()));
  protected readonly placeOptions = computed(() =>
    this.places().map((p, n) => [String(n), [p.page?.label, p.label].filter(Boolean).join(', ')] as const),
  );
  protected readonly otherOptions = computed(() =>
    this.document()
      .media.filter((m) => m.id !== this.chosen())
      .map((m) => [m.id, m.title || m.id] as const),
  );
  /** The places of the page in the window: what stands there and what would fit. */
  protected readonly here = computed(() =>
    this.places()
      .filter((p) => p.page?.id === this.store.page())
      .map((place) => ({
        place,
        now: this.document().media.find((m) => m.id === place.picture.media),
        fits: fitsFor(this.document(), place),
      })),
  );
  /** The places of each picture, by its id. */
  private readonly usedAt = computed(() => {
    const used = new Map<string, PicturePlace[]>();
    for (const p of this.places())
      if (p.picture.media) used.set(p.picture.media, [...(used.get(p.picture.media) ?? []), p]);
    return used;
  });
  protected readonly bareCount = computed(() => this.places().filter((p) => !p.picture.media).length);
  protected readonly unsaid = computed(() => withoutWords(this.document()));
  protected readonly collections = computed(() =>
    [...new Set(this.document().media.flatMap((m) => (m.collection ? [m.collection] : [])))].sort(),
  );
  protected readonly listed = computed(() => {
    const { media } = this.document();
    const wanted = this.collection();
    const listed =
      wanted === UNUSED
        ? unusedMedia(this.document())
        : media.filter((m) => wanted === EVERY || m.collection === wanted);
    // What came last is what one has in hand.
    return [...listed].reverse();
  });
  /** What of a recipe can be chosen, by name and values; empty leaves it open. */
  protected readonly parts = [
    ['setting', 'Setting', ['', ...Object.keys(settings)]],
    ['mood', 'Mood', ['', ...MOODS]],
    ['style', 'Style', ['', ...FINISHES.pictures]],
    ['format', 'Format', [...FORMATS]],
  ] as const;

  protected uses = (m: Medium): PicturePlace[] => this.usedAt().get(m.id) ?? [];
  protected proposal = (p: PicturePlace) => proposedAlt(this.document(), p);

  /** Chooses a picture, as one that has just come in does. */
  choose(m: Medium): void {
    this.chosen.set(m.id);
    const [first] = this.uses(m);
    if (first?.page) this.store.page.set(first.page.id);
  }
  protected arrived({ medium, plainBackground }: { medium: Medium; plainBackground: boolean }): void {
    this.collection.set(EVERY);
    this.choose(medium);
    if (plainBackground)
      this.store.said.set({
        words: `${medium.title || 'It'} stands before a plain background: “Work it over” can take it out.`,
        bad: false,
      });
  }
  protected make(event: Event): void {
    event.preventDefault();
    const words = this.words().trim();
    if (!words) return;
    const medium = makePicture(this.document(), words, Math.floor(Math.random() * 1e6));
    this.store.change({ op: 'putMedium', medium });
    this.chosen.set(medium.id);
  }
  protected write(m: Medium, change: { title?: string; collection?: string }): void {
    const { collection, ...rest } = { ...m, ...change };
    const medium: Medium = collection ? { ...rest, collection } : rest;
    this.store.change({ op: 'putMedium', medium });
  }
  protected credit(m: Exclude<Medium, { kind: 'made' }>, part: 'by' | 'licence', value: string): void {
    this.store.change({ op: 'putMedium', medium: { ...m, credit: { ...m.credit, [part]: value } } });
  }
  protected recipe(m: Medium & { kind: 'made' }, part: keyof Recipe, value: string): void {
    this.store.change({ op: 'putMedium', medium: { ...m, recipe: { ...m.recipe, [part]: value } } });
  }
  /** True where a picture is in two colours of a look that is another by now. */
  protected otherTint(m: FileMedium): boolean {
    const { deep, wash } = this.document().look.day;
    return !!m.retouch?.tint && (m.retouch.tint[0] !== deep || m.retouch.tint[1] !== wash);
  }
  /** The next few drawings of a recipe. */
  protected variations(m: Medium & { kind: 'made' }): (Medium & { kind: 'made' })[] {
    return [1, 2, 3, 4].map((n) => ({ ...m, recipe: { ...m.recipe, seed: (m.recipe.seed + n) % 2 ** 31 } }));
  }
  protected remove(m: Medium): void {
    this.store.change({ op: 'removeMedium', medium: m.id });
    this.store.said.set({ words: `${m.title || m.id} is out.`, bad: false, undo: true });
  }
  protected clear(): void {
    const operations = this.listed().map((m) => ({ op: 'removeMedium' as const, medium: m.id }));
    this.store.change({ op: 'batch', operations });
    this.store.said.set({ words: `${operations.length} unused are out.`, bad: false, undo: true });
    this.collection.set(EVERY);
  }
  protected put(m: Medium, at: string): void {
    const place = at === '' ? undefined : this.places()[Number(at)];
    if (place) this.putInto(place, m);
  }
  protected putInto(place: PicturePlace, m: Medium): void {
    this.store.change({ op: 'batch', operations: putAt(this.document(), place, m) });
  }
  protected instead(m: Medium, to: string): void {
    const operation = to ? replaceEverywhere(this.document(), m.id, to) : null;
    if (operation) this.store.change(operation);
  }
  protected bare(p: PicturePlace): void {
    this.store.change({ op: 'setPicture', at: p.at, media: '' });
  }
  protected sayAt(p: PicturePlace, value: string): void {
    const at = { ...p.at, path: `${p.at.path}.alt` };
    if (textAt(this.document(), at))
      this.store.change({ op: 'setText', at, text: { value, from: { kind: 'designer' } } });
  }
  protected say(before: number): void {
    const operation = sayAll(this.document());
    if (operation) this.store.change(operation);
    const left = this.unsaid().length;
    this.store.said.set({
      words: left
        ? `${some(before - left, 'picture is', 'pictures are')} put into words; for ${some(left, 'other')} there is nothing to propose: write it below.`
        : 'Every picture that matters is put into words. Read them over.',
      bad: false,
      undo: operation !== null,
    });
  }
  protected fill(): void {
    const operation = fillBare(this.document(), Math.floor(Math.random() * 1e6));
    if (operation) this.store.change(operation);
    this.store.said.set(
      operation
        ? { words: 'Pictures were made for the places whose words say of what.', bad: false, undo: true }
        : { words: 'The words beside the bare places do not say what a picture could be of.', bad: false },
    );
  }
  protected fit(page?: string): void {
    const operation = bestFits(this.document(), page);
    if (operation) this.store.change(operation);
    else this.store.said.set({ words: 'Every place has the picture that fits it best already.', bad: false });
  }
}
