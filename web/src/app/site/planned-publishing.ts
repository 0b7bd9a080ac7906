import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { PorchApi } from '../api/porch-api';
import { day, time } from '../parts/when';
import { SiteStore } from './site-store';

/** Has the site published by itself at an hour, in the time of whoever looks. */
@Component({
  selector: 'tp-planned-publishing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (store.detail(); as site) {
      @if (site.planned; as planned) {
        <p class="note rain between">
          <span role="status">
            It is published by itself on <b>{{ at(planned.at) }}</b>, as it is drafted then. Planned by
            {{ planned.by }}.
          </span>
          @if (api.may('designer')) {
            <button class="plain small" type="button" [disabled]="busy()" (click)="plan(null)">Not then</button>
          }
        </p>
      } @else if (api.may('designer') && site.server) {
        <details>
          <summary>Publish it at another hour</summary>
          <p class="bar">
            <label for="planned-at">When, in your time ({{ zone }})</label>
            <input
              id="planned-at"
              type="datetime-local"
              [min]="soon()"
              [value]="typed()"
              [attr.aria-invalid]="fault() ? true : null"
              (input)="typed.set($any($event.target).value); fault.set('')"
            />
            <button class="plain" type="button" [disabled]="busy()" (click)="planTyped()">Plan it</button>
          </p>
          @if (fault()) {
            <p class="fault" role="alert">{{ fault() }}</p>
          }
          <p class="quiet">What is drafted at that hour goes up, within two minutes of it, as by the button above.</p>
        </details>
      }
    }
  `,
  styles: `
    :host {
      display: block;
      margin-bottom: 16px;
    }
    .bar {
      margin: 8px 0;
    }
    input {
      width: auto;
    }
    .note {
      gap: 8px;
      flex-wrap: wrap;
    }
  `,
})
export class PlannedPublishing {
  protected readonly store = inject(SiteStore);
  protected readonly api = inject(PorchApi);
  protected readonly typed = signal('');
  protected readonly fault = signal('');
  protected readonly busy = computed(() => this.store.busy('PUT /planned'));
  protected readonly zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  /** The first minute that can be chosen, as the field has it. */
  protected readonly soon = computed(() => {
    const now = new Date(this.store.now());
    return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
  });

  protected at(iso: string): string {
    const year = new Date(iso).getFullYear();
    return year === new Date(this.store.now()).getFullYear()
      ? time(iso)
      : `${day(iso)}, ${time(iso).split(', ').at(-1)}`;
  }
  protected async planTyped(): Promise<void> {
    const at = new Date(this.typed());
    if (Number.isNaN(at.getTime())) return this.fault.set('Give a day and an hour.');
    if (at.getTime() <= this.store.now()) return this.fault.set('That hour is past. Choose one that is still to come.');
    await this.plan(at.toISOString());
  }
  protected async plan(at: string | null): Promise<void> {
    const done = await this.store.put('/planned', { at });
    if (done !== undefined) this.typed.set('');
  }
}
