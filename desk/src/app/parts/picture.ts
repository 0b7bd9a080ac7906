import { ChangeDetectionStrategy, Component, computed, DestroyRef, inject, input, output, signal } from '@angular/core';
import { from, switchMap, type Subscription } from 'rxjs';
import { DeskApi, refusalOf } from '../desk-api';
import { Session } from '../here';
import type { Shown } from '../model';
import { wording } from '../words/words';
import { Grow } from './grow';
import { smaller } from './smaller';

/** Bytes of the largest photograph that is taken. */
const MOST_BYTES = 30_000_000;
/** What is asked for: a phone makes one of these of whatever its camera took. */
const TYPES = 'image/jpeg,image/png,image/webp,image/avif,image/gif';

/** A place for a picture: what stands there, another from the camera or the device, or none, and what is to be seen on it. */
@Component({
  selector: 'dk-picture',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Grow],
  template: `
    <fieldset class="picture" [class.changed]="changed()">
      <legend>{{ label() }}</legend>
      @if (shown().media; as media) {
        <img [src]="'api/pictures/' + media" alt="" />
      }
      @if (sent() !== null) {
        <p role="status">{{ sent()! < 1 ? w().sendingPicture(percent()) : w().makingPicture }}</p>
        <progress [attr.aria-label]="label()" max="100" [value]="sent()! < 1 ? percent() : null"></progress>
        <p class="acts">
          <button class="plain" type="button" (click)="stop()">{{ w().stop }}</button>
        </p>
      } @else {
        @if (fault()) {
          <p class="bad" role="alert">{{ fault() }}</p>
        }
        <p class="acts">
          @if (left(); as file) {
            <button type="button" (click)="bring(file)">{{ w().again }}</button>
          }
          @if (mayTake()) {
            <label class="button take">
              {{ shown().media ? w().otherPicture : w().takePicture }}
              <input class="hidden" type="file" [accept]="types" (change)="choose($any($event.target))" />
            </label>
          }
          @if (shown().media) {
            <button class="plain" type="button" (click)="shownChange.emit({ media: '', alt: '' })">
              {{ w().noPicture }}
            </button>
          }
        </p>
        @if (shown().media) {
          <label>
            {{ w().seenOn }}
            <textarea
              rows="1"
              maxlength="600"
              [dkGrow]="shown().alt"
              [value]="shown().alt"
              (input)="describe($any($event.target).value)"
            ></textarea>
          </label>
          <p class="quiet">{{ w().seenHow }}</p>
        }
      }
    </fieldset>
  `,
})
export class PictureField {
  readonly label = input.required<string>();
  readonly shown = input.required<Shown>();
  readonly changed = input(false);
  readonly shownChange = output<Shown>();
  private readonly api = inject(DeskApi);
  private readonly session = inject(Session);
  protected readonly w = wording().words;
  protected readonly types = TYPES;
  protected readonly mayTake = computed(() => this.session.here()?.pictures === true);
  /** How much of a photograph is sent, as a share; null while none is. */
  protected readonly sent = signal<number | null>(null);
  protected readonly percent = computed(() => Math.round((this.sent() ?? 0) * 100));
  protected readonly fault = signal('');
  /** One that did not arrive, to be sent again. */
  protected readonly left = signal<File | null>(null);
  private sending: Subscription | undefined;

  constructor() {
    inject(DestroyRef).onDestroy(() => this.sending?.unsubscribe());
  }

  protected choose(field: HTMLInputElement): void {
    const file = field.files?.[0];
    // The same one can be chosen again.
    field.value = '';
    if (file) this.bring(file);
  }
  protected bring(file: File): void {
    this.stop();
    if (file.size > MOST_BYTES) return this.fault.set(this.w().pictureLarge(Math.round(file.size / 1e6)));
    this.sent.set(0);
    this.sending = from(smaller(file))
      .pipe(switchMap((made) => this.api.bring(made, file.name)))
      .subscribe({
        next: (came) => {
          if ('sent' in came) return this.sent.set(came.sent);
          this.sent.set(null);
          // What was said of another picture is not true of this one.
          this.shownChange.emit({ media: came.id, alt: '' });
        },
        error: (error: unknown) => {
          const refused = refusalOf(error);
          this.sent.set(null);
          this.fault.set(refused.status === 0 ? this.w().pictureLost : refused.message || this.w().failed);
          // What is refused for what it is would be refused again.
          if (refused.status !== 422) this.left.set(file);
        },
      });
  }
  protected stop(): void {
    this.sending?.unsubscribe();
    this.sent.set(null);
    this.fault.set('');
    this.left.set(null);
  }
  protected describe(typed: string): void {
    this.shownChange.emit({ ...this.shown(), alt: typed.replace(/\s*\n\s*/g, ' ') });
  }
}
