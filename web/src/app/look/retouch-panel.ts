import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Retouch } from '@tin-porch/core/model';
import { AS_IT_IS } from '@tin-porch/core/look';
import { SiteStore } from '../site/site-store';
import { Retouching } from './retouching';

const LIGHTS = [
  ['light', 'Light'],
  ['contrast', 'Contrast'],
  ['warmth', 'Warmth'],
  ['richness', 'Richness'],
] as const satisfies readonly (readonly [keyof Retouch, string])[];
const PROPORTIONS = [
  ['Free', null],
  ['3 : 2', 3 / 2],
  ['1 : 1', 1],
  ['4 : 5', 4 / 5],
  ['16 : 9', 16 / 9],
] as const;

/** What is done to a picture file: cut, straightened, balanced, taken out of its background. */
@Component({
  selector: 'tp-retouch-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule],
  template: `
    @if (work.medium(); as m) {
      <div class="between">
        <h2>{{ work.place() ? 'A cut for ' + work.place()!.label : m.title || m.id }}</h2>
        <button class="link" type="button" (click)="work.leave()">Leave it</button>
      </div>
      <div class="field">
        <span class="label" id="cut-to">Cut to</span>
        <div class="bar" role="group" aria-labelledby="cut-to">
          @for (p of proportions; track p[0]) {
            <button
              class="plain small"
              type="button"
              [attr.aria-pressed]="work.proportion() === p[1] && work.looking() === 'cut'"
              (click)="work.hold(p[1]); work.looking.set('cut')"
            >
              {{ p[0] }}
            </button>
          }
          <button class="plain small" type="button" (click)="work.set({ crop: [0, 0, 1, 1] })">All of it</button>
        </div>
      </div>
      <div class="field">
        <span class="label" id="turn">Turn</span>
        <div class="bar" role="group" aria-labelledby="turn">
          <button class="plain small" type="button" (click)="turn(-1)">To the left</button>
          <button class="plain small" type="button" (click)="turn(1)">To the right</button>
        </div>
      </div>
      <div class="field">
        <label for="straighten"
          >Straighten <span class="mono">{{ work.retouch().straighten }}°</span></label
        >
        <input
          id="straighten"
          type="range"
          min="-20"
          max="20"
          step="0.25"
          [ngModel]="work.retouch().straighten"
          (ngModelChange)="work.set({ straighten: $event })"
        />
      </div>
      <div class="between">
        <h3>Light and colour</h3>
        <button class="plain small" type="button" (click)="work.rightByItself()">Balance it</button>
      </div>
      @for (l of lights; track l[0]) {
        <div class="field">
          <label [for]="'set-' + l[0]"
            >{{ l[1] }} <span class="mono">{{ percent(l[0]) }}</span></label
          >
          <input
            [id]="'set-' + l[0]"
            type="range"
            min="-1"
            max="1"
            step="0.02"
            [ngModel]="work.retouch()[l[0]]"
            (ngModelChange)="change(l[0], $event)"
          />
        </div>
      }
      <label class="check"
        ><input type="checkbox" [checked]="!!work.retouch().tint" (change)="tint()" /> In two colours of the site</label
      >
      <h3>Background</h3>
      <div class="field">
        <label for="cut-out"
          >Take a plain background out <span class="mono">{{ percent('cutOut') }}</span></label
        >
        <input
          id="cut-out"
          type="range"
          min="0"
          max="1"
          step="0.02"
          [ngModel]="work.retouch().cutOut"
          (ngModelChange)="change('cutOut', $event)"
        />
      </div>
      @if (work.retouch().cutOut) {
        <div class="field">
          <label for="outline">Line around it</label>
          <div class="bar">
            <input
              id="outline"
              type="range"
              min="0"
              max="0.05"
              step="0.002"
              [ngModel]="work.retouch().outline"
              (ngModelChange)="change('outline', $event)"
            />
            <input
              type="color"
              aria-label="Colour of the line"
              [ngModel]="work.retouch().outlineColour"
              (ngModelChange)="work.set({ outlineColour: $event })"
            />
          </div>
        </div>
        <div class="field">
          <label for="shadow">Shadow under it</label>
          <input
            id="shadow"
            type="range"
            min="0"
            max="1"
            step="0.05"
            [ngModel]="work.retouch().shadow"
            (ngModelChange)="change('shadow', $event)"
          />
        </div>
      }
      @if (work.trouble(); as words) {
        <p class="note lamp" role="alert">{{ words }}</p>
      }
      <p class="bar">
        <button class="act" type="button" [disabled]="work.busy()" (click)="work.keep()">
          {{ work.busy() ? 'Making its sizes' : work.place() ? 'Keep it for this place' : 'Keep it' }}
        </button>
        <button class="plain" type="button" (click)="asItWas()">As it was brought</button>
      </p>
    }
  `,
})
export class RetouchPanel {
  protected readonly work = inject(Retouching);
  private readonly store = inject(SiteStore);
  protected readonly lights = LIGHTS;
  protected readonly proportions = PROPORTIONS;

  protected percent = (key: 'light' | 'contrast' | 'warmth' | 'richness' | 'cutOut') =>
    Math.round(this.work.retouch()[key] * 100);
  protected change(key: keyof Retouch, value: number): void {
    // Where the background goes, the result is what one wants to see.
    if (key === 'cutOut' || key === 'outline' || key === 'shadow') this.work.looking.set('result');
    this.work.set({ [key]: value });
  }
  protected turn(by: 1 | -1): void {
    this.work.set({ turn: (this.work.retouch().turn + by + 4) % 4, crop: [0, 0, 1, 1] });
  }
  protected tint(): void {
    const { deep, wash } = this.store.document()!.look.day;
    this.work.set({ tint: this.work.retouch().tint ? null : [deep, wash] });
  }
  protected asItWas(): void {
    this.work.retouch.set(AS_IT_IS);
  }
}
