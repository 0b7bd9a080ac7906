import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { NgbActiveModal } from '@ng-bootstrap/ng-bootstrap';
import { SingleKeys } from './single-keys';

@Component({
  selector: 'tp-keys-dialog',
  changeDetection: ChangeDetectionStrategy.OnPush,
  styleUrl: './keys-dialog.scss',
  template: `
    <div class="jumper">
      <h2 id="keys-title">Keys</h2>
      <dl class="keys">
        <dt><kbd>Ctrl K</kbd></dt>
        <dd>Jump to a site, a step or a place on the open site</dd>
        <dt><kbd>Ctrl Z</kbd></dt>
        <dd>Undo; in a field, what was typed there</dd>
        <dt><kbd>Ctrl Y</kbd> <kbd>Ctrl Shift Z</kbd></dt>
        <dd>Redo</dd>
        @if (single.on()) {
          <dt><kbd>/</kbd></dt>
          <dd>Say what should change</dd>
          <dt><kbd>[</kbd> <kbd>]</kbd></dt>
          <dd>The step before, the next step</dd>
          <dt><kbd>Y</kbd> <kbd>N</kbd></dt>
          <dd>Right or wrong, in the list of what is to confirm</dd>
          <dt><kbd>?</kbd></dt>
          <dd>This list</dd>
        }
      </dl>
      <p class="bar gap">
        <button class="plain" type="button" ngbAutofocus (click)="modal.close()">Close</button>
        <label class="tick"
          ><input type="checkbox" [checked]="single.on()" (change)="single.set($any($event.target).checked)" /> Keys
          pressed alone do something</label
        >
      </p>
    </div>
  `,
})
export class KeysDialog {
  protected readonly modal = inject(NgbActiveModal);
  protected readonly single = inject(SingleKeys);
}
