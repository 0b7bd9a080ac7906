import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { NgIcon } from '@ng-icons/core';
import { FILE_TYPES } from '@tin-porch/core/model';
import { freeMediaId } from '@tin-porch/core/making';
import { firstValueFrom, last } from 'rxjs';
import { PictureApi } from '../api/picture-api';
import { asRefusal } from '../api/porch-api';
import { Hand } from '../hand/hand';
import { TAKEN } from '../look/bring-pictures';
import { SiteStore } from '../site/site-store';
import { Asking } from './asking';

const IS_PICTURE = /^image\//;

/** The line in which it is said what should change, with a picture or a file given along where one is meant. */
@Component({
  selector: 'tp-ask-line',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, NgIcon],
  styleUrl: './ask-line.scss',
  template: `
    <form
      (ngSubmit)="ask()"
      role="search"
      aria-label="Say what should change"
      (dragover)="over($event)"
      (drop)="dropped($event)"
    >
      <ng-icon name="lucidePencilLine" size="16" aria-hidden="true" />
      @if (given(); as title) {
        <span class="given"
          >with <b>{{ title }}</b><button
            type="button"
            [attr.aria-label]="'Without ' + title"
            (click)="asking.given.set(null)"
          >
            ×
          </button></span
        >
      }
      <input
        id="ask"
        name="ask"
        autocomplete="off"
        aria-label="Say what should change"
        [placeholder]="placeholder()"
        [ngModel]="asking.line()"
        (ngModelChange)="asking.line.set($event)"
        (paste)="pasted($event)"
      />
      @if (store.drawn()) {
        <button
          class="clip"
          type="button"
          aria-label="Give a picture or a file along"
          [disabled]="!!bringing()"
          (click)="picker.click()"
        >
          <ng-icon name="lucidePaperclip" size="16" aria-hidden="true" />
        </button>
        <input
          #picker
          class="sr"
          type="file"
          tabindex="-1"
          aria-hidden="true"
          [accept]="accepted"
          (change)="bring($any($event.target).files?.[0]); $any($event.target).value = ''"
        />
      }
      <kbd aria-hidden="true">/</kbd>
    </form>
    @if (bringing()) {
      <span class="sr" role="status">{{ bringing() }}</span>
    }
  `,
})
export class AskLine {
  protected readonly asking = inject(Asking);
  protected readonly store = inject(SiteStore);
  private readonly hand = inject(Hand);
  private readonly api = inject(PictureApi);
  protected readonly accepted = [TAKEN, ...Object.keys(FILE_TYPES).map((ending) => `.${ending}`)].join(',');
  /** How far what is given along is on its way. */
  protected readonly bringing = signal('');
  protected readonly given = computed(() => {
    const given = this.asking.given();
    return given && ('medium' in given ? given.medium.title || 'your picture' : given.file.title);
  });
  protected readonly placeholder = computed(
    () =>
      this.bringing() ||
      (this.given() ? 'What is it for? use this at the top' : 'Say what should change: phone is 01632 960 114'),
  );

  protected ask(): void {
    this.hand.rest();
    this.asking.ask(this.asking.line());
  }
  protected over(event: DragEvent): void {
    if (event.dataTransfer?.types.includes('Files')) event.preventDefault();
  }
  protected dropped(event: DragEvent): void {
    const [file] = event.dataTransfer?.files ?? [];
    // Words that are dragged there go where words go.
    if (!file) return;
    event.preventDefault();
    void this.bring(file);
  }
  protected pasted(event: ClipboardEvent): void {
    const file = event.clipboardData?.files[0];
    if (!file) return;
    event.preventDefault();
    void this.bring(file);
  }

  /** Brings what is given along: it is none of the site’s before what it is for is taken. */
  protected async bring(file: File | undefined): Promise<void> {
    const document = this.store.document();
    if (!file || !document || this.bringing()) return;
    this.bringing.set(`Bringing ${file.name || 'it'} …`);
    try {
      const given = IS_PICTURE.test(file.type)
        ? await this.picture(document.id, file)
        : { file: await firstValueFrom(this.api.bringFile(document.id, file, file.name)) };
      if (this.store.id() !== document.id) return;
      this.asking.given.set(given);
      globalThis.document.getElementById('ask')?.focus();
    } catch (error) {
      this.store.said.set({ words: asRefusal(error).message, bad: true });
    } finally {
      this.bringing.set('');
    }
  }
  private async picture(site: string, file: File) {
    const brought = await firstValueFrom(this.api.bring(site, file, file.name || 'Pasted picture').pipe(last()));
    if (!('medium' in brought)) throw new Error('The picture did not arrive.');
    return { medium: { ...brought.medium, id: freeMediaId(this.store.document()!, brought.medium.id) } };
  }
}
