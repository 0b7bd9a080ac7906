import { Component } from '@angular/core';
import { RouterOutlet } from '@angular/router';

@Component({ selector: 'tp-root', imports: [RouterOutlet], template: '<router-outlet />' })
export class App {}
