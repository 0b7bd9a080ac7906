import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { childrenOf, type Page } from '@tin-porch/core/model';
import { hierarchy, tree } from 'd3-hierarchy';
import { linkHorizontal } from 'd3-shape';
import { some } from '@tin-porch/core/some';

interface Node {
  page: Page;
  children?: Node[];
}
const ROW = 58;
const COLUMN = 250;
const BOX = { width: 190, height: 42 };

/** The pages of a site as a tree: what the home page leads to, in the order of the menu. */
@Component({
  selector: 'tp-site-map',
  changeDetection: ChangeDetectionStrategy.OnPush,
  styleUrl: './site-map.scss',
  template: `
    <svg
      [attr.viewBox]="'0 0 ' + drawn().width + ' ' + drawn().height"
      class="site-map"
      role="group"
      aria-label="Site map"
    >
      @for (line of drawn().lines; track line.to) {
        <path [attr.d]="line.d" [class.aside]="line.aside" />
      }
      @for (box of drawn().boxes; track box.page.id) {
        <g
          [attr.transform]="'translate(' + box.x + ',' + box.y + ')'"
          role="button"
          tabindex="0"
          [class.on]="box.page.id === page()"
          [class.aside]="box.aside"
          [attr.aria-pressed]="box.page.id === page()"
          [attr.aria-label]="box.page.label + ', ' + box.said"
          (click)="choose.emit(box.page.id)"
          (keydown.enter)="choose.emit(box.page.id)"
        >
          <rect [attr.width]="size.width" [attr.height]="size.height" rx="4" />
          <text x="12" y="18" class="label">{{ box.label }}</text>
          <text x="12" y="33" class="more">{{ box.said }}</text>
        </g>
      }
    </svg>
  `,
})
export class SiteMap {
  readonly pages = input.required<readonly Page[]>();
  readonly page = input<string>('home');
  readonly choose = output<string>();
  protected readonly size = BOX;
  protected readonly drawn = computed(() => {
    const pages = this.pages();
    const [home] = pages;
    if (!home) return { boxes: [], lines: [], height: 10, width: 10 };
    const root = tree<Node>().nodeSize([ROW, COLUMN])(
      hierarchy<Node>({
        page: home,
        children: childrenOf(pages, null)
          .filter((p) => p !== home)
          .map((page) => ({ page, children: childrenOf(pages, page).map((under) => ({ page: under })) })),
      }),
    );
    const nodes = root.descendants();
    const top = Math.min(...nodes.map((n) => n.x));
    const at = (n: { x: number; y: number }) => ({ x: n.y + 4, y: n.x - top + 4 });
    const link = linkHorizontal<unknown, [number, number]>();
    const aside = (page: Page) => page.menu === false;
    return {
      width: COLUMN * Math.max(1, root.height) + BOX.width + 8,
      height: Math.max(...nodes.map((n) => n.x)) - top + BOX.height + 8,
      boxes: nodes.map((n) => {
        const { page } = n.data;
        const count = some(page.sections.length, 'section');
        return {
          page,
          ...at(n),
          aside: aside(page),
          label: page.label.length > 24 ? `${page.label.slice(0, 23)}…` : page.label,
          said: aside(page) ? `${count}, footer only` : count,
        };
      }),
      lines: root.links().map((l) => {
        const [from, to] = [at(l.source), at(l.target)];
        return {
          to: l.target.data.page.id,
          aside: aside(l.target.data.page),
          d:
            link({
              source: [from.x + BOX.width, from.y + BOX.height / 2],
              target: [to.x, to.y + BOX.height / 2],
            } as never) ?? '',
        };
      }),
    };
  });
}
