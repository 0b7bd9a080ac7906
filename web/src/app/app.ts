import { Component } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { SignedOutBar } from './session/signed-out-bar';

@Component({
  selector: 'tp-root',
  imports: [RouterOutlet, SignedOutBar],
  template: '<tp-signed-out-bar /><router-outlet />',
})
export class App {}
