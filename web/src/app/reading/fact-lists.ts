import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { fitList, type ListFact } from '@tin-porch/core/model';
import { KeptText } from '../parts/kept-text';
import { SiteStore } from '../site/site-store';
import { LISTS } from './brief-rows';

/** An id for a person that is new at a place in the list. */
const freeId = (people: readonly { id: string }[], n: number): string => {
  for (let k = n + 1; ; k++) if (!people.some((p) => p.id === `p${k}`)) return `p${k}`;
};

/** People, a line each, and what else is told in lists, commas between. */
@Component({
  selector: 'tp-fact-lists',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  imports: [KeptText],
  template: `
    <div class="field">
      <label for="f-people">People <span class="quiet">a line each: name, what they do</span></label>
      <textarea id="f-people" rows="3" maxlength="2000" [tpKept]="peopleText()" (typed)="setPeople($event)"></textarea>
    </div>
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
  protected readonly peopleText = computed(() =>
    (this.store.document()?.facts.people ?? []).map((p) => [p.name, p.role].filter(Boolean).join(', ')).join('\n'),
  );
  protected told = (field: ListFact) => this.store.document()?.facts[field] ?? [];
  protected setList(field: ListFact, text: string): void {
    this.store.change({ op: 'setList', field, values: fitList(field, text.split(',')) });
  }
  protected setPeople(text: string): void {
    const before = this.store.document()!.facts.people;
    const people = text
      .split('\n')
      .filter((l) => l.trim())
      .slice(0, 24)
      .map((line, n) => {
        const [name = '', ...role] = line.split(',');
        return {
          id: before[n]?.id ?? freeId(before, n),
          name: name.trim().slice(0, 80),
          role: role.join(',').trim().slice(0, 120),
        };
      });
    this.store.change({ op: 'setPeople', people });
  }
}
