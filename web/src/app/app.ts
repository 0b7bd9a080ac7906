import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { FocusKeeper } from './frame/focus-keeper';
import { SignedOutBar } from './session/signed-out-bar';

@Component({
  selector: 'tp-root',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterOutlet, SignedOutBar],
  template: '<tp-signed-out-bar /><router-outlet />',
})
export class App {
  constructor() {
    inject(FocusKeeper).start();
  }
}
