import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  output,
  signal,
} from '@angular/core';
import type { Answered } from '../api/model';
import { dateOf } from '../parts/when';
import { SiteStore } from './site-store';

type Preview = Answered<'GET /sites/:id/previews'>['previews'][number];
/** What was typed of a link; the password empty where it stays as it is, null where none is to be asked for any more. */
export interface PreviewTyped {
  name: string;
  until: string;
  password: string | null;
}

const SHORTEST = 6;
/** So long a link is good where nobody says otherwise, days. */
const USUAL_DAYS = 14;
const FURTHEST_DAYS = 365;

/** A link for looking at a site: whom it is for, until when, and its password. */
@Component({
  selector: 'tp-preview-form',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form novalidate (submit)="$event.preventDefault(); send()">
      <div class="field">
        <label [for]="id('name')">Whom it is for</label>
        <input
          maxlength="80"
          [id]="id('name')"
          [value]="name()"
          [attr.aria-invalid]="fault()?.at === 'name' ? true : null"
          (input)="name.set($any($event.target).value); fault.set(null)"
        />
      </div>
      <div class="field">
        <label [for]="id('until')">The last day it is good</label>
        <input
          type="date"
          [id]="id('until')"
          [min]="today()"
          [max]="last()"
          [value]="until()"
          [attr.aria-invalid]="fault()?.at === 'until' ? true : null"
          (input)="until.set($any($event.target).value); fault.set(null)"
        />
      </div>
      <div class="field">
        <label [for]="id('password')"
          >{{ preview()?.locked ? 'Another password' : 'A password' }}
          <span class="quiet">{{ preview()?.locked ? 'empty: it stays as it is' : 'if you like' }}</span></label
        >
        <input
          maxlength="200"
          autocomplete="off"
          [id]="id('password')"
          [value]="password()"
          [disabled]="open()"
          [attr.aria-invalid]="fault()?.at === 'password' ? true : null"
          (input)="password.set($any($event.target).value); fault.set(null)"
        />
      </div>
      @if (preview()?.locked) {
        <label class="check"
          ><input type="checkbox" [checked]="open()" (change)="open.set($any($event.target).checked)" /> Ask for no
          password any more</label
        >
      }
      @if (fault(); as f) {
        <p class="fault" role="alert">{{ f.words }}</p>
      }
      <p class="bar">
        <button class="plain" type="submit" [attr.aria-disabled]="busy()">
          {{ preview() ? 'Keep it so' : 'Make the link' }}
        </button>
        <button class="link" type="button" (click)="left.emit()">Leave it</button>
      </p>
    </form>
  `,
  styles: `
    form {
      display: grid;
      gap: 10px;
      max-width: 26rem;
      margin: 8px 0 12px;
    }
    .bar {
      margin: 0;
    }
    input[type='date'] {
      width: auto;
      justify-self: start;
    }
    .check {
      display: flex;
      align-items: center;
      gap: 8px;
      min-height: 28px;
    }
    .check input {
      width: auto;
    }
  `,
})
export class PreviewForm {
  /** The link that is changed; null for a new one. */
  readonly preview = input<Preview | null>(null);
  readonly busy = input(false);
  readonly typed = output<PreviewTyped>();
  readonly left = output();
  private readonly store = inject(SiteStore);
  protected readonly today = computed(() => dateOf(this.store.now()));
  protected readonly last = computed(() => dateOf(this.store.now() + FURTHEST_DAYS * 86_400_000));
  protected readonly name = linkedSignal(() => this.preview()?.name ?? '');
  protected readonly until = linkedSignal(() => {
    const preview = this.preview();
    return preview && !preview.over ? dateOf(Date.parse(preview.until)) : this.usual;
  });
  private readonly usual = dateOf(this.store.now() + USUAL_DAYS * 86_400_000);
  protected readonly password = signal('');
  /** Whether no password is to be asked for any more. */
  protected readonly open = signal(false);
  protected readonly fault = signal<{ at: 'name' | 'until' | 'password'; words: string } | null>(null);
  protected id = (field: string): string => `preview-${this.preview()?.id ?? 'new'}-${field}`;

  protected send(): void {
    if (this.busy()) return;
    const [name, until, password] = [this.name().trim(), this.until(), this.password().trim()];
    if (!name) return this.fault.set({ at: 'name', words: 'Say whom it is for: you will want to know in a month.' });
    if (!until || until < this.today()) return this.fault.set({ at: 'until', words: 'Give a day that is not past.' });
    if (until > this.last()) return this.fault.set({ at: 'until', words: 'That is more than a year ahead.' });
    if (password && password.length < SHORTEST)
      return this.fault.set({ at: 'password', words: `A password has ${SHORTEST} characters or more.` });
    // To the end of that day, where whoever says it is.
    this.typed.emit({
      name,
      until: new Date(`${until}T23:59:59.000`).toISOString(),
      password: this.open() ? null : password,
    });
  }
}
