import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { RouterLink } from '@angular/router';
import { shapes } from '@tin-porch/core/look';
import { addSection, offersFor, shapesOfKind, whereIs } from '@tin-porch/core/making';
import { SiteStore } from '../site/site-store';
import { Glimpse } from '../window/glimpse';
import { Hand } from './hand';
import type { Seam } from './section-margin';

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
      <li class="more"><a routerLink="/sample-book">All shapes, in the sample book</a></li>
    </ul>
  `,
})
export class SectionSeam {
  protected readonly store = inject(SiteStore);
  private readonly hand = inject(Hand);
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
    if (this.seam().kind === 'shape') return `${title(at) ?? ''}, laid out otherwise: no word is lost.`;
    return `Between ${title(at) ?? 'the top'} and ${title(at + 1) ?? 'the end'}, with the words of this site.`;
  });

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
