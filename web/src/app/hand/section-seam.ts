import { ChangeDetectionStrategy, Component, computed, effect, inject, input, output } from '@angular/core';
import { RouterLink } from '@angular/router';
import { shapes } from '@tin-porch/core/look';
import {
  addSection,
  layIn,
  offersFor,
  otherKinds,
  type OtherKind,
  shapesOfKind,
  whereIs,
} from '@tin-porch/core/making';
import { apply } from '@tin-porch/core/operations';
import { some } from '@tin-porch/core/some';
import { SiteStore } from '../site/site-store';
import { Glimpse } from '../window/glimpse';
import { Hand } from './hand';
import { KeptSections, type KeptLine } from './kept-sections';
import type { Seam } from './section-margin';

/** How many other kinds are offered. */
const MOST_OTHERS = 6;

/** The page pulled apart under a section: what can be laid in there, or the other shapes of it, drawn with the words of this site. */
@Component({
  selector: 'tp-section-seam',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Glimpse, RouterLink],
  host: { '(keydown.escape)': 'closed.emit()' },
  styleUrl: './section-seam.scss',
  template: `
    <div class="about">
      <h2>{{ seam().kind === 'add' ? 'Add here' : 'Shape' }}</h2>
      <p>{{ where() }}</p>
      <button class="plain small" type="button" (click)="closed.emit()">Close</button>
    </div>
    <ul class="offers">
      @for (offer of offers(); track offer.shape) {
        <li>
          <button
            type="button"
            [attr.aria-label]="offer.title + ', ' + offer.character"
            [attr.aria-pressed]="seam().kind === 'shape' ? offer.shape === section()?.shape : null"
            (click)="choose(offer.shape)"
          >
            <tp-glimpse
              [document]="store.document()!"
              [page]="store.page()"
              [shape]="offer.shape"
              [section]="seam().kind === 'shape' ? seam().under : undefined"
              [title]="offer.title"
              [wide]="960"
              [upTo]="132"
              [waits]="true"
            />
            <b>{{ seam().kind === 'add' ? offer.title : offer.character }}</b>
            <span>{{ seam().kind === 'add' ? offer.character : '' }}</span>
          </button>
        </li>
      }
      @for (kind of others(); track kind.shape) {
        <li>
          <button type="button" [attr.aria-label]="'As ' + kind.title" (click)="make(kind)">
            <tp-glimpse
              [document]="kind.document"
              [page]="store.page()"
              [shape]="kind.shape"
              [section]="seam().under"
              [title]="kind.title"
              [wide]="960"
              [upTo]="132"
              [waits]="true"
            />
            <b>As {{ kind.title.toLowerCase() }}</b>
            <span>{{
              kind.left.length
                ? some(kind.left.length, 'text has', 'texts have') + ' no place in it'
                : 'keeps every word'
            }}</span>
          </button>
        </li>
      }
      @if (seam().kind === 'add') {
        @for (line of kept.all() ?? []; track line.id) {
          <li class="kept">
            <b>{{ line.name }}</b>
            <span>kept from {{ line.siteName || 'a site without a name' }}</span>
            <button class="plain small" type="button" (click)="layIn(line, true)">With its words</button>
            <button class="plain small" type="button" (click)="layIn(line, false)">With this site’s</button>
            <button
              class="plain small"
              type="button"
              [attr.aria-label]="'Forget it: ' + line.name"
              (click)="kept.forget(line)"
            >
              Forget it
            </button>
          </li>
        }
        @if (kept.fault(); as words) {
          <li class="kept" role="alert">Kept sections: {{ words }}</li>
        }
      }
      <li class="more"><a routerLink="/sample-book">All shapes, in the sample book</a></li>
    </ul>
  `,
})
export class SectionSeam {
  protected readonly store = inject(SiteStore);
  private readonly hand = inject(Hand);
  protected readonly kept = inject(KeptSections);
  readonly seam = input.required<Seam>();
  readonly closed = output();
  protected readonly section = computed(() => this.hand.sections().find((s) => s.id === this.seam().under));
  private readonly page = computed(() => {
    const { pages } = this.store.document()!;
    return pages.find((p) => p.id === this.store.page()) ?? pages[0]!;
  });
  protected readonly offers = computed(() => {
    const section = this.section();
    if (this.seam().kind === 'add') return offersFor(this.store.document()!, this.page());
    return section ? shapesOfKind(section).map((s) => ({ ...s, title: shapes[s.shape]?.title ?? '' })) : [];
  });
  protected readonly where = computed(() => {
    const title = (n: number) => shapes[this.hand.sections()[n]?.shape ?? '']?.title;
    const at = this.hand.sections().findIndex((s) => s.id === this.seam().under);
    if (this.seam().kind === 'shape')
      return `${title(at) ?? ''}, laid out otherwise: no word is lost. Or as another kind.`;
    return `Between ${title(at) ?? 'the top'} and ${title(at + 1) ?? 'the end'}, with the words of this site.`;
  });

  constructor() {
    effect(() => {
      if (this.seam().kind === 'add' && this.kept.all() === null) void this.kept.look();
    });
  }
  /** Lays in one that was put by, here or on another site. */
  protected layIn(line: KeptLine, words: boolean): void {
    const document = this.store.document()!;
    const at = (whereIs(document, this.seam().under)?.at ?? -1) + 1;
    const operation = layIn(document, this.page().id, at, line.kept, words);
    if (!operation) return;
    this.store.change(operation);
    void this.store.flush();
    const about = words ? ' Its words are another client’s: they are to confirm.' : '';
    this.store.said.set({ words: `${line.name} is laid in.${about}`, bad: false, undo: true });
    this.closed.emit();
    const all = operation.op === 'batch' ? operation.operations : [operation];
    const insert = all.find((o) => o.op === 'insertSection');
    if (insert) this.store.part.set(`${insert.section.id}/`);
  }

  protected readonly some = some;
  /** What the section could be instead, each drawn as it would be. */
  protected readonly others = computed(() => {
    const document = this.store.document()!;
    if (this.seam().kind === 'add') return [];
    return otherKinds(document, this.seam().under)
      .slice(0, MOST_OTHERS)
      .map((kind) => ({ ...kind, document: apply(document, kind.operation).document }));
  });
  protected make({ operation, title, left }: OtherKind): void {
    this.store.change(operation);
    void this.store.flush();
    const gone = left.length ? ` Not taken along: ${left.map((w) => `“${w.slice(0, 40)}”`).join(', ')}.` : '';
    this.store.said.set({ words: `It is ${title.toLowerCase()} now.${gone}`, bad: false, undo: true });
  }

  protected choose(shape: string): void {
    const { kind, under } = this.seam();
    const document = this.store.document()!;
    if (kind === 'shape') {
      const { ground } = this.section() ?? {};
      this.store.change({ op: 'setShape', section: under, shape, ...(ground && { ground }) });
      void this.store.flush();
      return;
    }
    const at = (whereIs(document, under)?.at ?? -1) + 1;
    const operation = addSection(document, this.page().id, shape, at);
    this.store.change(operation);
    void this.store.flush();
    this.store.said.set({ words: `${shapes[shape]?.title ?? 'A section'} is laid in.`, bad: false, undo: true });
    this.closed.emit();
    if (operation.op === 'insertSection') this.store.part.set(`${operation.section.id}/`);
  }
}
