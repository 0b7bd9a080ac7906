import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { some } from '@tin-porch/core/some';
import type { Answered } from '../api/model';
import { Difference } from '../parts/difference';

export type Coming = NonNullable<Answered<'GET /sites/:id/coming'>['coming']>;
type Page = Coming['pages'][number];

/** What visitors find otherwise once another release is served: in one sentence, then page by page. */
@Component({
  selector: 'tp-coming-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Difference, RouterLink],
  template: `
    @let coming = what();
    <p>
      {{ otherwise() || nothing() }}
      @if (by() && otherwise()) {
        <span class="quiet">By {{ by() }}.</span>
      }
    </p>
    @for (p of nowhere(); track p.path) {
      <p class="note lamp">
        <span class="mono">{{ p.path }}</span> leads nowhere then. Who has it kept, and search engines, find nothing
        there.
        @if (mendAt(); as at) {
          <a [routerLink]="at">Say where it leads</a>
        }
      </p>
    }
    @if (coming.everywhere.pages) {
      <details open>
        <summary><b>On each of them</b></summary>
        <tp-difference [before]="lines(coming.everywhere.before)" [after]="lines(coming.everywhere.after)" />
      </details>
    }
    @for (p of coming.pages; track p.path) {
      <details [open]="coming.pages.length === 1">
        <summary>
          <b>{{ p.title }}</b> <span class="mono quiet">{{ p.path }}</span>
          @if (p.state !== 'changed') {
            <span class="chip {{ p.state === 'new' ? 'moss' : 'lamp' }}">{{ p.state === 'new' ? 'new' : 'goes' }}</span>
          }
          <span class="quiet">{{ short(p) }}</span>
        </summary>
        @if (p.before.length || p.after.length) {
          <tp-difference [before]="lines(p.before)" [after]="lines(p.after)" />
        }
        @for (words of more(p); track $index) {
          <p>{{ words }}</p>
        }
      </details>
    }
    @if (coming.more) {
      <p class="quiet">… and {{ some(coming.more, 'page') }} more.</p>
    }
    @for (a of coming.addresses; track a.from) {
      <p>
        <span class="mono">{{ a.from }}</span>
        {{ a.to ? 'leads to' : 'is led nowhere any more' }} <span class="mono">{{ a.to }}</span>
      </p>
    }
    @for (f of coming.files; track f.path) {
      <p>
        <span class="mono">{{ f.path }}</span> {{ FILE[f.state] }}
      </p>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    p {
      margin: 6px 0;
      overflow-wrap: anywhere;
    }
    details {
      border-bottom: 1px solid var(--tin-2);
      padding: 6px 0;
    }
    summary {
      overflow-wrap: anywhere;
    }
    tp-difference {
      margin: 6px 0 2px 16px;
    }
    details p {
      margin-left: 16px;
    }
  `,
})
export class ComingList {
  readonly what = input.required<Coming>();
  /** Who made the changes, in words. */
  readonly by = input('');
  /** What is said where nothing is otherwise. */
  readonly nothing = input.required<string>();
  /** Where an address that leads nowhere is led on; empty where that cannot be done from here. */
  readonly mendAt = input('');
  protected readonly FILE = { new: 'comes', gone: 'goes', changed: 'is another version' };
  /** Pages that go, and whose address leads nowhere then. */
  protected readonly nowhere = computed(() => this.what().pages.filter((p) => p.state === 'gone' && !p.leadsTo));
  /** What is otherwise, in one sentence; empty where nothing is. */
  protected readonly otherwise = computed(() => {
    const { pages, everywhere, look, files, addresses, more } = this.what();
    const count = (state: Page['state']) => pages.filter((p) => p.state === state).length;
    const changed = Math.max(count('changed') + more, everywhere.pages);
    const said = [
      changed && `${some(changed, 'page')} ${changed === 1 ? 'changes' : 'change'}`,
      count('new') && `${some(count('new'), 'page')} ${count('new') === 1 ? 'comes' : 'come'}`,
      count('gone') && `${some(count('gone'), 'page')} ${count('gone') === 1 ? 'goes' : 'go'}`,
      look && 'the look of every page is another',
      files.length && some(files.length, 'file'),
      addresses.length && some(addresses.length, 'old address', 'old addresses'),
    ].filter((words): words is string => typeof words === 'string');
    const text = said.join(', ');
    return text && `${text[0]!.toUpperCase()}${text.slice(1)}.`;
  });

  protected some = some;
  protected lines = (all: readonly string[]): string => all.join('\n');
  protected short = (p: Page): string =>
    [
      p.pictures && some(p.pictures, 'picture'),
      p.links.length && some(p.links.length, 'link'),
      p.leadsTo && `leads to ${p.leadsTo} then`,
    ]
      .filter(Boolean)
      .join(', ');
  protected more = (p: Page): string[] => [
    ...p.links,
    ...p.told.map((words) => `Told to search engines: ${words}`),
    ...(p.pictures ? [`${some(p.pictures, 'picture')} ${p.pictures === 1 ? 'is' : 'are'} another`] : []),
  ];
}
