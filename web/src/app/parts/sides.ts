import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';

/** One thing that both wrote, as the others have it (`live`) and as it is drafted here. */
export interface BothWrote {
  words: string;
  live: string;
  draft: string;
  there: boolean;
  both?: string;
}
export type SideChoice = 'live' | 'draft' | 'both';

/** Where both say the same, there is nothing to decide. */
export const agreed = (p: BothWrote): boolean => p.there && p.live !== '' && p.live === p.draft;
/** What is chosen of a thing unless somebody says otherwise: what both made of it; else what one of them wrote. */
export const chosenAtFirst = (p: BothWrote | undefined, otherwise: 'live' | 'draft'): SideChoice =>
  p?.both !== undefined ? 'both' : otherwise;

/** What both wrote, and whose it is to be, thing by thing. */
@Component({
  selector: 'tp-sides',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (p of parts(); track $index; let n = $index) {
      @if (!agreed(p)) {
        <fieldset>
          <legend>{{ p.words }}</legend>
          @if (p.there) {
            @for (side of sidesOf(p); track side.choice) {
              <label class="pick">
                <input
                  type="radio"
                  [name]="group() + '-' + n"
                  [checked]="takes()(n) === side.choice"
                  (change)="choose.emit({ n, choice: side.choice })"
                />
                <span
                  ><b>{{ side.name }}</b> <span class="said">{{ side.words }}</span></span
                >
              </label>
            }
          } @else {
            <p>
              <b>{{ theirs() }}</b> <span class="said">{{ p.live }}</span>
              <span class="quiet"> {{ gone() }}</span>
            </p>
          }
        </fieldset>
      }
    }
  `,
  styles: `
    :host {
      display: grid;
      gap: 10px;
    }
    fieldset {
      display: grid;
      gap: 4px;
      min-width: 0;
      margin: 0;
      padding: 0;
      border: 0;
    }
    legend {
      font-size: 12.5px;
      float: none;
      margin: 0;
    }
    .pick {
      display: grid;
      grid-template-columns: auto 1fr;
      gap: 8px;
      align-items: start;
      min-height: 24px;
    }
    .said {
      white-space: pre-line;
      overflow-wrap: anywhere;
    }
  `,
})
export class Sides {
  readonly parts = input.required<readonly BothWrote[]>();
  /** What is chosen of a thing, by its place. */
  readonly takes = input.required<(n: number) => SideChoice>();
  /** What the radio buttons of these are named by: no other on the page is. */
  readonly group = input.required<string>();
  readonly theirs = input('Live');
  readonly ours = input('Drafted');
  readonly gone = input('What it stood in is not among the drafts any more.');
  readonly choose = output<{ n: number; choice: SideChoice }>();
  protected readonly agreed = agreed;

  protected sidesOf = (p: BothWrote): { choice: SideChoice; name: string; words: string }[] => [
    { choice: 'live', name: this.theirs(), words: p.live || 'taken out' },
    { choice: 'draft', name: this.ours(), words: p.draft || 'nothing' },
    ...(p.both === undefined ? [] : [{ choice: 'both' as const, name: 'Both', words: p.both }]),
  ];
}
