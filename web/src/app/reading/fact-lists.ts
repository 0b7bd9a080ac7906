import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { fitList, type ListFact } from '@tin-porch/core/model';
import { KeptText } from '../parts/kept-text';
import { SiteStore } from '../site/site-store';
import { LISTS } from './brief-rows';

/** What is told in lists, commas between. */
@Component({
  selector: 'tp-fact-lists',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [KeptText],
  template: `
    @for (list of lists; track list.field) {
      <div class="field">
        <label [for]="'f-' + list.field"
          >{{ list.label }} <span class="quiet">{{ list.hint }}; commas between</span></label
        >
        <input
          [id]="'f-' + list.field"
          maxlength="1200"
          [tpKept]="told(list.field).join(', ')"
          (typed)="setList(list.field, $event)"
        />
      </div>
    }
  `,
})
export class FactLists {
  private readonly store = inject(SiteStore);
  protected readonly lists = LISTS;
  protected told = (field: ListFact) => this.store.document()?.facts[field] ?? [];
  protected setList(field: ListFact, text: string): void {
    this.store.change({ op: 'setList', field, values: fitList(field, text.split(',')) });
  }
}
