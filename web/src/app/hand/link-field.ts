import type { ElementRef } from '@angular/core';
import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  inject,
  input,
  linkedSignal,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { NgbTypeahead } from '@ng-bootstrap/ng-bootstrap';
import { linkChoices, readLink, type LinkChoice } from '@tin-porch/core/making';
import { FILE_TYPES } from '@tin-porch/core/model';
import { firstValueFrom, map, merge, Subject, type Observable } from 'rxjs';
import { PictureApi } from '../api/picture-api';
import { asRefusal } from '../api/porch-api';
import { SiteStore } from '../site/site-store';

/**
 * Where words lead to: found by a few letters among pages, sections, files and ways to reach the client, an address typed in,
 * or a file that is brought.
 */
@Component({
  selector: 'tp-link-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, NgbTypeahead],
  host: { class: 'contents', '(keydown.escape)': '$event.stopPropagation(); left.emit()' },
  template: `
    <form class="bar nowrap" (ngSubmit)="go()">
      <label class="sr" for="link-to">Leads to</label>
      <input
        #field
        id="link-to"
        name="link-to"
        maxlength="500"
        autocomplete="off"
        placeholder="A page, a file, a phone, an address …"
        [attr.aria-invalid]="fault() ? true : null"
        [attr.aria-describedby]="fault() ? 'link-fault' : null"
        [ngModel]="typed()"
        (ngModelChange)="typed.set($event)"
        [ngbTypeahead]="search"
        [resultFormatter]="words"
        [inputFormatter]="words"
        (selectItem)="$event.preventDefault(); chosen.emit($event.item.target)"
        (focus)="asked.next(typedWords())"
        placement="top-start"
      />
      <button class="plain small" type="submit">Lead there</button>
      @if (target() !== null) {
        <button class="plain small" type="button" (click)="chosen.emit(null)">{{ none() }}</button>
      }
      <button class="plain small" type="button" [disabled]="bringing()" (click)="picker.click()">
        {{ file() ? 'Another version' : 'A file …' }}
      </button>
      <input
        #picker
        class="sr"
        type="file"
        tabindex="-1"
        aria-hidden="true"
        [accept]="endings"
        (change)="bring($any($event.target).files?.[0]); $any($event.target).value = ''"
      />
      <button class="plain small" type="button" (click)="left.emit()">Close</button>
      @if (bringing()) {
        <span class="quiet" role="status">Bringing it …</span>
      }
      @if (fault(); as words) {
        <span class="fault" id="link-fault" role="alert">{{ words }}</span>
      }
    </form>
  `,
})
export class LinkField {
  private readonly store = inject(SiteStore);
  private readonly api = inject(PictureApi);
  private readonly gone = inject(DestroyRef);
  readonly target = input.required<string | null>();
  /** What it is called to lead nowhere of one’s own choosing. */
  readonly none = input('No link');
  /** Where to; null for nowhere. */
  readonly chosen = output<string | null>();
  readonly left = output();
  private readonly field = viewChild.required<ElementRef<HTMLInputElement>>('field');
  private readonly list = viewChild.required(NgbTypeahead);
  private readonly all = computed(() => linkChoices(this.store.document()!));
  protected readonly typed = linkedSignal<string | LinkChoice>(() => this.shown(this.target()));
  protected readonly typedWords = computed(() => {
    const typed = this.typed();
    return typeof typed === 'string' ? typed : typed.words;
  });
  protected readonly fault = linkedSignal({ source: this.typed, computation: () => '' });
  protected readonly asked = new Subject<string>();
  protected readonly words = (c: LinkChoice | string) => (typeof c === 'string' ? c : c.words);

  constructor() {
    afterNextRender(() => this.field().nativeElement.focus());
  }

  private shown(target: string | null): string {
    return target === null
      ? ''
      : (this.all().find((c) => c.target === target)?.words ?? target.replace(/^(?:tel|mailto):/, ''));
  }
  protected readonly search = (typed: Observable<string>) =>
    merge(typed, this.asked).pipe(map((words) => this.matching(words)));
  private matching(words: string): LinkChoice[] {
    const wanted = words.trim().toLowerCase().split(/\s+/);
    return this.all()
      .filter((c) => wanted.every((w) => c.words.toLowerCase().includes(w)))
      .slice(0, 8);
  }
  protected readonly endings = Object.keys(FILE_TYPES)
    .map((e) => `.${e}`)
    .join(',');
  protected readonly bringing = signal(false);
  /** The file it leads to. */
  protected readonly file = computed(() => {
    const target = this.target();
    return this.store.document()!.files?.find((f) => `file:${f.id}` === target);
  });
  /** Brings a file for visitors: one more, or another version of the one it leads to, whose address stays. */
  protected async bring(file: File | undefined): Promise<void> {
    const document = this.store.document();
    if (!file || !document) return;
    // What becomes of it is not to lie under what else there is to choose.
    this.list().dismissPopup();
    this.bringing.set(true);
    this.fault.set('');
    try {
      const brought = await firstValueFrom(this.api.bringFile(document.id, file, file.name, this.file()?.id));
      if (this.store.document()?.id !== document.id) return;
      this.store.change({ op: 'putFile', file: brought });
      // Where something else was taken in hand meanwhile, that is not led to it.
      if (this.gone.destroyed)
        this.store.said.set({ words: `${brought.title} is here: words and buttons can lead to it.`, bad: false });
      else this.chosen.emit(`file:${brought.id}`);
    } catch (error) {
      if (this.gone.destroyed) this.store.said.set({ words: asRefusal(error).message, bad: true });
      else this.fault.set(asRefusal(error).message);
    } finally {
      this.bringing.set(false);
    }
  }
  protected go(): void {
    const said = this.typedWords().trim();
    const [only, ...others] = said ? this.matching(said) : [];
    const exact = this.all().find((c) => c.words.toLowerCase() === said.toLowerCase());
    const read = exact?.target ?? readLink(said) ?? (only && !others.length ? only.target : null);
    if (read) this.chosen.emit(read);
    else this.fault.set(said ? 'No page of that name, and no address.' : 'Say where it leads.');
  }
}
