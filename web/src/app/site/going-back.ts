import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { NgbActiveModal } from '@ng-bootstrap/ng-bootstrap';
import { some } from '@tin-porch/core/some';
import { catchError, distinctUntilChanged, EMPTY, filter, map, switchMap, tap } from 'rxjs';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { ComingList } from './coming-list';

type Found = Answered<'GET /sites/:id/releases/:release/coming'>;

/** Which release of which site is to be served, and how that is said. */
export interface GoingBack {
  site: string;
  release: string;
  title: string;
  words: string;
  act: string;
}

/**
 * Asked before another release is served: what visitors find otherwise then, and whether what the people of the site changed
 * since is kept. Closes with whether it is.
 */
@Component({
  selector: 'tp-going-back',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ComingList, FormsModule],
  template: `
    <form class="jumper" (ngSubmit)="modal.close(keeps())">
      <h2 id="back-title">{{ of()?.title }}</h2>
      <p>{{ of()?.words }} The drafts here stay as they are, and messages are not touched.</p>
      @if (since()) {
        <fieldset class="choices">
          <legend>
            {{ some(since(), 'change') }} made on the site itself {{ since() === 1 ? 'is' : 'are' }} newer than it
          </legend>
          <label>
            <input type="radio" name="keeps" [value]="true" [ngModel]="keeps()" (ngModelChange)="keeps.set($event)" />
            Keep them{{ lostToo() }}
          </label>
          <label>
            <input type="radio" name="keeps" [value]="false" [ngModel]="keeps()" (ngModelChange)="keeps.set($event)" />
            Without them, just as it was: they wait among the drafts
          </label>
        </fieldset>
      }
      <h3>What visitors will find otherwise</h3>
      <div class="comes" tabindex="0" role="region" aria-label="What visitors will find otherwise">
        @if (fault()) {
          <p class="note brick" role="alert">{{ fault() }}</p>
        } @else if (asking() && api.ended()) {
          <p class="note lamp" role="alert">
            You are signed out. Leave it as it is, and sign in at the top of the page: nothing was done.
          </p>
        } @else if (asking() && api.away()) {
          <p class="note lamp" role="alert">
            Tin Porch does not answer at this moment. It is asked again once it does.
          </p>
        } @else if (asking()) {
          <p class="quiet" role="status">Both are drawn and compared …</p>
        } @else if (found(); as it) {
          <tp-coming-list [what]="it.coming" nothing="Nothing: to visitors they are the same." />
        }
      </div>
      <p class="bar gap">
        <button class="act" type="submit">{{ of()?.act }}</button>
        <button class="plain" type="button" ngbAutofocus (click)="modal.dismiss()">Leave it as it is</button>
      </p>
    </form>
  `,
  styles: `
    h3 {
      margin: 12px 0 4px;
    }
    legend {
      margin: 0 0 4px;
      font-size: 1rem;
      font-weight: 600;
    }
    label {
      display: block;
      padding: 4px 0;
    }
    .comes {
      max-height: 38vh;
      overflow: auto;
      padding: 2px 10px;
      border: 1px solid var(--tin-2);
      border-radius: var(--r);
    }
    p {
      overflow-wrap: anywhere;
    }
  `,
})
export class GoingBackDialog {
  protected readonly modal = inject(NgbActiveModal);
  protected readonly api = inject(PorchApi);
  readonly of = signal<GoingBack | null>(null);
  protected readonly keeps = signal(true);
  protected readonly found = signal<Found | null>(null);
  protected readonly asking = signal(true);
  protected readonly fault = signal('');
  protected readonly lost = computed(() => this.found()?.lost ?? 0);
  protected readonly since = computed(() => (this.found()?.kept ?? 0) + this.lost());
  /** What cannot be kept of them. */
  protected readonly lostToo = computed(() => {
    const lost = this.lost();
    if (!lost) return '';
    return lost === 1
      ? '; one is about what is not in it, and waits among the drafts'
      : `; ${lost} are about what is not in it, and wait among the drafts`;
  });
  protected readonly some = some;

  constructor() {
    const asked = computed(() => {
      const of = this.of();
      return of && `/sites/${of.site}/releases/${of.release}/coming?people=${this.keeps() ? 'kept' : 'left'}`;
    });
    toObservable(asked)
      .pipe(
        filter((path) => path !== null),
        distinctUntilChanged(),
        tap(() => {
          this.asking.set(true);
          this.fault.set('');
        }),
        switchMap((path) =>
          this.api.get<Found>(path).pipe(
            map((found) => {
              this.found.set(found);
              this.asking.set(false);
            }),
            catchError((error: unknown) => {
              this.asking.set(false);
              this.fault.set(`What visitors will find was not asked for. ${asRefusal(error).message}`);
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe();
  }
}
