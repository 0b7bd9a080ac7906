import { ChangeDetectionStrategy, Component, computed, ElementRef, inject, linkedSignal, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { fitsFor, freeMediaId, putAt, type PicturePlace } from '@tin-porch/core/making';
import type { Medium, SiteDocument } from '@tin-porch/core/model';
import type { SingleOperation } from '@tin-porch/core/operations';
import { PictureApi } from '../api/picture-api';
import { asRefusal } from '../api/porch-api';
import { TAKEN } from '../look/bring-pictures';
import { Retouching } from '../look/retouching';
import { SiteStore } from '../site/site-store';
import { KeptText } from '../parts/kept-text';
import { FilmPart } from './film-part';
import { Hand } from './hand';

/** Thirds of a picture, from its left or its top. */
const NAMED = [
  { across: 'left', down: 'top', at: 0.15, upTo: 0.34 },
  { across: 'middle', down: 'middle', at: 0.5, upTo: 0.67 },
  { across: 'right', down: 'foot', at: 0.85, upTo: Infinity },
] as const;
const POINTS = NAMED.flatMap((y, v) =>
  NAMED.map((x, h) => ({ value: `${h} ${v}`, words: h === 1 && v === 1 ? 'the middle' : `${y.down} ${x.across}` })),
);

/** The tools of the picture in hand: another in its place, from the site or from a file, what it shows in words, or none. */
@Component({
  selector: 'tp-picture-foot',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FilmPart, RouterLink, KeptText],
  host: { class: 'contents' },
  styleUrl: './foot.scss',
  template: `
    @if (hand.picture(); as place) {
      <div class="tools" role="toolbar" aria-label="Picture, in hand">
        <b class="in-hand">Picture</b>
        @if (hand.kind() !== 'wide') {
          <label class="check"
            ><input type="checkbox" [checked]="alone()" (change)="alone.set($any($event.target).checked)" />{{
              hand.kind() === 'phone' ? 'Phones only' : 'Tablets only'
            }}</label
          >
          @if (own()) {
            <button class="plain small" type="button" (click)="asElsewhere()">As elsewhere</button>
          }
        }
        <select
          aria-label="Another picture of the site"
          (change)="put($any($event.target).value); $any($event.target).value = ''"
        >
          <option value="">Another of the site’s …</option>
          @for (m of others(); track m.id) {
            <option [value]="m.id">{{ m.title || m.id }}{{ m.fits ? ', fits its words' : '' }}</option>
          }
        </select>
        <label class="plain small file"
          >{{ state() || 'From a file …'
          }}<input class="sr" type="file" [accept]="accepted" (change)="choose($any($event.target))"
        /></label>
        <label class="sr" for="picture-words">What it shows, in words</label>
        <input
          id="picture-words"
          maxlength="400"
          placeholder="What it shows, in words"
          [tpKept]="place.picture.alt.value"
          (typed)="say($event)"
        />
        @if (inSight(); as at) {
          <select aria-label="What of it stays in sight" (change)="keepInSight($any($event.target).value)">
            @for (p of points; track p.value) {
              <option [value]="p.value" [selected]="p.value === at">In sight: {{ p.words }}</option>
            }
          </select>
        }
        @if (file()?.source) {
          <button class="plain small" type="button" (click)="cut()">Cut it for here</button>
        } @else {
          <a class="plain small" routerLink="look">Work it over in Look</a>
        }
        @if (place.picture.media && !device()) {
          <tp-film-part [place]="place" />
        }
        <button class="plain small" type="button" (click)="bare()">Leave bare</button>
        @if (fault()) {
          <span class="fault" role="alert">{{ fault() }}</span>
        }
      </div>
    }
  `,
})
export class PictureFoot {
  protected readonly hand = inject(Hand);
  private readonly store = inject(SiteStore);
  private readonly api = inject(PictureApi);
  private readonly element = inject<ElementRef<HTMLElement>>(ElementRef);
  protected readonly accepted = TAKEN;
  /** Whether what is done counts for the kind of page that is looked at alone. */
  protected readonly alone = signal(false);
  protected readonly device = computed(() => {
    const kind = this.hand.kind();
    return kind !== 'wide' && this.alone() ? kind : null;
  });
  /** The picture of the kind of page that is looked at, where it has one of its own. */
  protected readonly own = computed(() => {
    const kind = this.hand.kind();
    return kind === 'wide' ? undefined : this.hand.picture()?.picture.on?.[kind];
  });
  protected asElsewhere(): void {
    const [kind, place] = [this.hand.kind(), this.hand.picture()];
    if (kind !== 'wide' && place)
      this.change([{ op: 'setPicture', at: place.at, media: '', on: kind }], 'The picture is what it is elsewhere.');
  }
  private readonly taken = computed(() => `${this.hand.picture()?.at.section}/${this.hand.picture()?.at.path}`);
  protected readonly fault = linkedSignal({ source: this.taken, computation: () => '' });
  /** How far a file is that is being brought. */
  protected readonly state = linkedSignal({ source: this.taken, computation: () => '' });
  /** The pictures of the site, those that fit the words beside this place first. */
  protected readonly others = computed(() => {
    const place = this.hand.picture();
    const document = this.store.document();
    if (!place || !document) return [];
    const fit = new Set(fitsFor(document, place).map((m) => m.id));
    return document.media
      .filter((m) => m.id !== this.shown())
      .map((m) => ({ id: m.id, title: m.title, fits: fit.has(m.id) }))
      .sort((a, b) => Number(b.fits) - Number(a.fits));
  });

  /** The picture that is there on the kind of page that is looked at. */
  private readonly shown = computed(() => this.own() ?? this.hand.picture()?.picture.media);
  protected readonly points = POINTS;
  private readonly work = inject(Retouching);
  /** Cuts it, and works it over, for the place it stands in alone. */
  protected cut(): void {
    const [file, place] = [this.file(), this.hand.picture()];
    if (file && place) this.work.begin(file, place, true, this.device());
  }
  protected readonly file = computed(() => {
    const id = this.shown();
    const medium = this.store.document()?.media.find((m) => m.id === id);
    return medium?.kind === 'file' ? medium : null;
  });
  /** Which of the points what stays in sight is nearest to; null where the picture is no file. */
  protected readonly inSight = computed(() => {
    const at = this.file()?.focus;
    return at ? at.map((v) => NAMED.findIndex((n) => n.upTo > v)).join(' ') : null;
  });
  /** Which part of a file stays in sight wherever it is cut. */
  protected keepInSight(point: string): void {
    const file = this.file();
    const [x = 1, y = 1] = point.split(' ').map(Number);
    if (!file) return;
    const focus: [number, number] = [NAMED[x]!.at, NAMED[y]!.at];
    this.change([{ op: 'putMedium', medium: { ...file, focus } }], 'Wherever it is cut, that stays in sight.');
  }

  constructor() {
    this.hand.dropped.pipe(takeUntilDestroyed()).subscribe(([file]) => file && this.bring(file));
  }

  /** Brings the keys to the tools. */
  focus(): void {
    this.element.nativeElement.querySelector<HTMLElement>('select, button, input')?.focus();
  }

  private change(operations: SingleOperation[], words: string): void {
    this.store.change({ op: 'batch', operations });
    void this.store.flush();
    this.store.said.set({ words, bad: false, undo: true });
  }
  private putting(document: SiteDocument, place: PicturePlace, medium: Medium): SingleOperation[] {
    const on = this.device();
    return on ? [{ op: 'setPicture', at: place.at, media: medium.id, on }] : putAt(document, place, medium);
  }
  protected put(id: string): void {
    const [place, document] = [this.hand.picture(), this.store.document()];
    const medium = document?.media.find((m) => m.id === id);
    if (place && document && medium)
      this.change(this.putting(document, place, medium), 'Another picture is there now.');
  }
  protected choose(input: HTMLInputElement): void {
    const [file] = input.files ?? [];
    input.value = '';
    if (file) this.bring(file);
  }
  private bring(file: File): void {
    const [place, site] = [this.hand.picture(), this.store.id()];
    if (!place) return;
    this.fault.set('');
    this.state.set('0 % sent');
    this.api.bring(site, file, file.name || 'Dropped picture').subscribe({
      next: (b) => {
        if ('sent' in b) return this.state.set(b.sent < 1 ? `${Math.round(b.sent * 100)} % sent` : 'Making its sizes');
        const document = this.store.document()!;
        const medium = { ...b.medium, id: freeMediaId(document, b.medium.id) };
        this.state.set('');
        this.change(
          [{ op: 'putMedium', medium }, ...this.putting(document, place, medium)],
          'Your picture is there now.',
        );
      },
      error: (error: unknown) => {
        const { title, detail } = asRefusal(error);
        this.state.set('');
        this.fault.set(detail || title);
      },
    });
  }
  protected say(value: string): void {
    const { section, path } = this.hand.picture()!.at;
    const text = { value, from: { kind: 'designer' as const } };
    this.store.change({ op: 'setText', at: { section, path: `${path}.alt` }, text });
  }
  protected bare(): void {
    const { at } = this.hand.picture()!;
    this.store.change({ op: 'setPicture', at, media: '' });
    void this.store.flush();
    this.store.said.set({
      words: 'The picture is taken from this place; it stays among those of the site.',
      bad: false,
      undo: true,
    });
  }
}
