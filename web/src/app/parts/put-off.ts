import { ChangeDetectionStrategy, Component, inject, input, output, signal } from '@angular/core';
import type { OpenFinding } from '../api/model';
import { Mending } from './mending';

let serial = 0;
const DAY_MS = 86_400_000;

/** Puts findings off for a while, with a reason. */
@Component({
  selector: 'tp-put-off',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form class="off" (submit)="put($event)">
      <span class="pair">
        <label [for]="id + 'for'">For</label>
        <select [id]="id + 'for'" (change)="days.set(+$any($event.target).value)">
          @for (o of spans; track o[0]) {
            <option [value]="o[0]" [selected]="o[0] === days()">{{ o[1] }}</option>
          }
        </select>
      </span>
      <span class="pair wide">
        <label [for]="id + 'why'">Why</label>
        <input
          [id]="id + 'why'"
          type="text"
          maxlength="300"
          placeholder="The client knows of it"
          [value]="reason()"
          [attr.aria-invalid]="fault() ? true : null"
          [attr.aria-describedby]="fault() ? id + 'fault' : null"
          (input)="reason.set($any($event.target).value); fault.set('')"
        />
      </span>
      <button class="plain small" type="submit" [disabled]="busy()">Put off</button>
      <button class="link" type="button" (click)="done.emit()">Leave it</button>
    </form>
    @if (fault()) {
      <p class="fault" role="alert" [id]="id + 'fault'">{{ fault() }}</p>
    }
  `,
  styles: `
    .off {
      display: flex;
      flex-wrap: wrap;
      gap: 6px 8px;
      align-items: center;
      margin-top: 8px;
    }
    .pair {
      display: flex;
      gap: 8px;
      align-items: center;
    }
    .wide {
      flex: 1 1 220px;
      max-width: 400px;
    }
    input {
      flex: 1;
      min-width: 0;
    }
    select {
      width: auto;
    }
  `,
})
export class PutOff {
  private readonly mending = inject(Mending);
  readonly findings = input.required<readonly OpenFinding[]>();
  readonly done = output<void>();
  protected readonly id = `off-${++serial}-`;
  protected readonly spans: readonly (readonly [number, string])[] = [
    [1, 'a day'],
    [7, 'a week'],
    [30, 'a month'],
    [90, 'three months'],
  ];
  protected readonly days = signal(7);
  protected readonly reason = signal('');
  protected readonly fault = signal('');
  protected readonly busy = signal(false);

  protected async put(event: Event): Promise<void> {
    event.preventDefault();
    if (!this.reason().trim()) return this.fault.set('Say why, for whoever asks in a month.');
    this.busy.set(true);
    try {
      await this.mending.snooze(this.findings(), {
        until: new Date(Date.now() + this.days() * DAY_MS),
        reason: this.reason().trim(),
      });
      this.done.emit();
    } catch (error) {
      this.fault.set((error as Error).message);
    } finally {
      this.busy.set(false);
    }
  }
}
