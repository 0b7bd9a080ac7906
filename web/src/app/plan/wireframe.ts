import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { isText, type Page, type Section } from '@tin-porch/core/model';
import { shapes } from '@tin-porch/core/look';
import { kindOf } from '@tin-porch/core/making';

interface Box {
  id: string;
  kind: string;
  title: string;
  heading: string;
  /** Names of the items it holds, where it holds any. */
  items: string[];
  /** Lines of running text, by the length of what stands there. */
  lines: number[];
}

function boxOf(section: Section): Box {
  const content = section.content;
  const text = (v: unknown) => (isText(v) ? v.value : '');
  const items = Array.isArray(content['items'])
    ? (content['items'] as { name?: unknown }[]).map((i) => text(i.name))
    : [];
  const running = [
    text(content['lead']),
    ...(Array.isArray(content['paragraphs']) ? content['paragraphs'].map(text) : []),
  ].join(' ');
  const count = Math.min(6, Math.ceil(running.length / 70));
  return {
    id: section.id,
    kind: kindOf(section.shape),
    title: shapes[section.shape]?.title ?? section.shape,
    heading: text(content['heading']),
    items,
    lines: Array.from({ length: count }, (_, n) => (n === count - 1 && count > 1 ? 55 : 92)),
  };
}

/** A page before it is drawn: grey boxes in their proportions, with the real headings. */
@Component({
  selector: 'tp-wireframe',
  changeDetection: ChangeDetectionStrategy.OnPush,
  styleUrl: './wireframe.scss',
  template: `
    <ol class="wireframe" [attr.aria-label]="'Wireframe of ' + page().label">
      @for (box of boxes(); track box.id) {
        <li [class]="'wire ' + box.kind" [class.on]="box.id === section()">
          <button type="button" class="link" (click)="choose.emit(box.id)">{{ box.title }}</button>
          <div class="wire-words">
            @if (box.heading) {
              <b>{{ box.heading }}</b>
            }
            @for (width of box.lines; track $index) {
              <i [style.width.%]="width"></i>
            }
          </div>
          @if (box.items.length) {
            <ul>
              @for (item of box.items; track $index) {
                <li>{{ item }}</li>
              }
            </ul>
          }
          @if (box.kind === 'opening' && box.lines.length) {
            <span class="wire-picture" aria-hidden="true"></span>
          }
        </li>
      }
    </ol>
  `,
})
export class Wireframe {
  readonly page = input.required<Page>();
  readonly section = input<string | null>(null);
  readonly choose = output<string>();
  protected readonly boxes = computed(() => this.page().sections.map(boxOf));
}
