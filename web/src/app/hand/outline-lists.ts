import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { linksOf, picturesOf } from '@tin-porch/core/making';
import type { Page } from '@tin-porch/core/model';
import { headingsOf } from '@tin-porch/core/page';
import { some } from '@tin-porch/core/some';
import { ViewSwitch } from '../parts/view-switch';
import { SiteStore } from '../site/site-store';

type List = 'headings' | 'links' | 'pictures';

/** One thing of the page that is open, from top to bottom: its headings as they are drawn, its links, its pictures in words. */
@Component({
  selector: 'tp-outline-lists',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ViewSwitch],
  styleUrl: './outline-lists.scss',
  template: `
    <h2>Of {{ page().label }} alone</h2>
    <tp-view-switch label="What of the page" [views]="views" [(shown)]="list" />
    <p class="quiet">{{ about() }}</p>
    <ul>
      @for (row of rows(); track $index) {
        <li [style.--level]="row.level">
          @if (row.part) {
            <button type="button" class="link" (click)="go.emit(row.part)">{{ row.words }}</button>
          } @else {
            <span>{{ row.words }}</span>
          }
          <span class="quiet" [class.fault]="row.bad">{{ row.more }}</span>
        </li>
      }
    </ul>
  `,
})
export class OutlineLists {
  private readonly store = inject(SiteStore);
  readonly page = input.required<Page>();
  /** The part (`section/path`) that is to be gone to. */
  readonly go = output<string>();
  protected readonly list = signal<List>('headings');
  protected readonly views = [
    ['headings', 'Headings'],
    ['links', 'Links'],
    ['pictures', 'Pictures'],
  ] as const;
  protected readonly rows = computed(() => {
    const document = this.store.document()!;
    const page = this.page();
    if (this.list() === 'headings')
      return headingsOf(document, page.id).map((h) => ({
        part: h.part,
        words: h.words,
        more: `level ${h.level}`,
        level: h.level,
        bad: false,
      }));
    if (this.list() === 'links')
      return linksOf(document, page).map((l) => ({
        part: l.part,
        words: l.words,
        more: l.dead ? 'leads nowhere: what it led to is gone' : `leads to ${l.leads}`,
        level: 1,
        bad: l.dead,
      }));
    return picturesOf(document, page).map((p) => ({
      part: p.part,
      words: p.name,
      more: p.alt || 'not in words',
      level: 1,
      bad: !p.alt,
    }));
  });
  protected readonly about = computed(() => {
    const rows = this.rows();
    const bad = rows.filter((r) => r.bad).length;
    if (this.list() === 'headings') {
      const first = rows.filter((r) => r.level === 1).length;
      const skips = rows.filter((r, n) => r.level > (rows[n - 1]?.level ?? 0) + 1).length;
      const levels =
        first === 1 && !skips
          ? 'one of the first level, and none skips one'
          : `${first} of the first level${skips ? `, and ${skips} skip one` : ''}`;
      return `${some(rows.length, 'heading')} as they are drawn: ${levels}.`;
    }
    if (this.list() === 'links')
      return rows.length
        ? `${some(rows.length, 'link')} in its words${bad ? `, ${bad} of them to nowhere` : ''}.`
        : 'No links in its words: set one with Link, where words are written.';
    return rows.length
      ? `${some(rows.length, 'picture')}${bad ? `, ${bad} of them not in words` : ', all of them in words'}.`
      : 'No pictures on it.';
  });
}
