import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import type { OutsideFact } from '@tin-porch/core/brief';
import { withOutside } from '@tin-porch/core/brief';
import { factOperations } from '@tin-porch/core/operations';
import { some } from '@tin-porch/core/some';
import { asRefusal } from '../api/porch-api';
import { SiteStore } from '../site/site-store';
import { costWords, WritingDesk } from '../writing/writing-desk';

/** What the outside language service reads in the brief, each with its words, to be taken one by one. */
@Component({
  selector: 'tp-outside',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  template: `
    @if (desk.service(); as name) {
      <details class="gap">
        <summary>Have {{ name }} read it too</summary>
        <p class="quiet">
          An outside service, paid by the word. The whole text goes out to it, as it is. What it finds must stand in the
          text, and is put in only where you take it.
        </p>
        <p class="bar">
          <button class="plain small" type="button" [disabled]="desk.busy() || !store.may('helper')" (click)="read()">
            {{ desk.busy() ? 'Reading …' : 'Send it and read' }}
          </button>
          @if (desk.progress(); as p) {
            <span class="quiet">{{ p.characters }} characters so far</span>
          }
        </p>
        <div aria-live="polite">
          @if (said()) {
            <p class="quiet">{{ said() }}</p>
          }
        </div>
        @if (found().length) {
          <ul class="rows found">
            @for (fact of found(); track fact.kind + fact.value) {
              <li>
                <span>
                  {{ capital(fact.kind) }}: <b>{{ fact.value }}</b>
                  @if (fact.detail) {
                    , {{ fact.detail }}
                  }
                  <br /><span class="quiet">“{{ fact.quote }}”</span>
                </span>
                <button
                  class="plain small"
                  type="button"
                  [attr.aria-label]="'Take ' + fact.kind + ' ' + fact.value"
                  (click)="take(fact)"
                >
                  Take it
                </button>
              </li>
            }
          </ul>
        }
      </details>
    }
  `,
  styles: `
    .found {
      margin: 6px 0 0;
      padding: 0;
      list-style: none;
    }
    .found li {
      display: grid;
      grid-template-columns: minmax(0, 1fr) auto;
      gap: 4px 12px;
      align-items: start;
      padding: 6px 0;
    }
  `,
})
export class OutsidePanel {
  protected readonly store = inject(SiteStore);
  protected readonly desk = inject(WritingDesk);
  protected readonly found = signal<OutsideFact[]>([]);
  protected readonly said = signal('');

  protected capital = (s: string) => s.charAt(0).toUpperCase() + s.slice(1);

  protected async read(): Promise<void> {
    this.said.set('');
    this.found.set([]);
    try {
      const { facts, dropped, held, note, cost } = await this.desk.read();
      this.found.set(facts);
      this.said.set(
        [
          note || (facts.length ? '' : 'It found nothing that the facts do not have.'),
          dropped ? `${some(dropped, 'fact', 'facts')} left out: nobody wrote them.` : '',
          held ? `${some(held, 'fact', 'facts')} not offered: what is not for visitors.` : '',
          costWords(cost),
        ]
          .filter(Boolean)
          .join(' '),
      );
    } catch (error) {
      this.said.set(asRefusal(error).message);
    }
  }

  protected take(fact: OutsideFact): void {
    const { facts } = this.store.document()!;
    for (const operation of factOperations(facts, withOutside(facts, fact))) this.store.change(operation);
    this.found.update((all) => all.filter((f) => f !== fact));
  }
}
