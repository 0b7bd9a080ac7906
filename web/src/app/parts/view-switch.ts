import { ChangeDetectionStrategy, Component, input, model } from '@angular/core';

/** Chooses what stands beside the controls: a name each, one of them shown. */
@Component({
  selector: 'tp-view-switch',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="views" role="group" [attr.aria-label]="label()">
      @for (view of views(); track view[0]) {
        <button
          class="plain small"
          type="button"
          [attr.aria-pressed]="shown() === view[0]"
          (click)="shown.set(view[0])"
        >
          {{ view[1] }}
        </button>
      }
    </div>
  `,
  styles: `
    .views {
      display: flex;
      gap: 0;
      margin-bottom: 12px;
    }
    .views button {
      border-radius: 0;
      margin-left: -1px;
    }
    @media (max-width: 600px) {
      .views {
        margin-bottom: 0;
      }
    }
    @media (max-width: 360px) {
      .views {
        flex-wrap: wrap;
      }
    }
  `,
})
export class ViewSwitch<V extends string> {
  readonly label = input('What stands beside');
  readonly views = input.required<readonly (readonly [V, string])[]>();
  readonly shown = model.required<V>();
}
