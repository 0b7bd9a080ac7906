import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  model,
  output,
} from '@angular/core';
import { layoutsOf } from '@tin-porch/core/look';
import { LAYOUT_TITLES, layoutValue } from '@tin-porch/core/making';
import {
  ALL_LAYOUTS,
  ANCHOR,
  openerOf,
  WHOLE_LAYOUTS,
  type Device,
  type LayoutName,
  type Section,
} from '@tin-porch/core/model';
import type { OperationNamed } from '@tin-porch/core/operations';
import { KeptText } from '../parts/kept-text';
import { SiteStore } from '../site/site-store';

type Layout = Omit<OperationNamed<'setSection'>, 'op' | 'section'>;

/**
 * How a section is laid out otherwise than its shape and the look have it. With the window as narrow as a tablet or a phone,
 * it can be said for that alone.
 */
@Component({
  selector: 'tp-section-layout',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [KeptText],
  styleUrls: ['./margin-part.scss', './section-layout.scss'],
  template: `
    @if (kind() !== 'wide') {
      <div class="for" role="group" aria-label="What it counts for">
        <button type="button" [attr.aria-pressed]="!device()" (click)="alone.set(false)">Every width</button>
        <button type="button" [attr.aria-pressed]="!!device()" (click)="alone.set(true)">{{ only() }}</button>
      </div>
    }
    @for (row of rows(); track row.name) {
      <label>
        <span>{{ row.title }}</span>
        <select (change)="set(row.name, $any($event.target).value)">
          @for (o of row.options; track o.value) {
            <option [value]="o.value" [selected]="o.value === row.value">{{ o.words }}</option>
          }
        </select>
      </label>
    }
    @if (!device()) {
      <label>
        <span>Named #</span>
        <input
          maxlength="40"
          placeholder="for links"
          [attr.aria-invalid]="misnamed() ? true : null"
          [tpKept]="section().anchor ?? ''"
          (typed)="name($event)"
        />
      </label>
      @if (misnamed()) {
        <span class="fault" role="alert">{{ misnamed() }}</span>
      }
    }
    @if (device(); as device) {
      @if (hidden()) {
        <button type="button" (click)="laid.emit({ on: device, hidden: false })">Show it here</button>
      } @else if (!opens()) {
        <button type="button" (click)="laid.emit({ on: device, hidden: true })">Hide it here</button>
      }
      @if (section().on?.[device]) {
        <button type="button" (click)="giveUp(device)">Give it up</button>
      }
    }
  `,
})
export class SectionLayout {
  private readonly store = inject(SiteStore);
  readonly section = input.required<Section>();
  /** What the window is as wide as. */
  readonly kind = input.required<'wide' | Device>();
  readonly laid = output<Layout>();
  /** Whether what is said counts for that alone. */
  readonly alone = model(false);
  protected readonly device = computed(() => {
    const kind = this.kind();
    return this.alone() && kind !== 'wide' ? kind : null;
  });
  protected readonly only = computed(() => (this.kind() === 'phone' ? 'Phones only' : 'Tablets only'));
  protected readonly opens = computed(() =>
    this.store.document()!.pages.some((p) => openerOf(p)?.id === this.section().id),
  );
  protected readonly hidden = computed(() => {
    const { on, hidden } = this.section();
    return on?.[this.device()!]?.hidden ?? hidden ?? false;
  });
  protected readonly rows = computed(() => {
    const device = this.device();
    const section = this.section();
    return layoutsOf(section)
      .filter((name) => !device || !(name in WHOLE_LAYOUTS))
      .map((name) => {
        const own = device && (section.on?.[device] as Partial<Record<LayoutName, string>> | undefined)?.[name];
        const value = (device ? (own ?? 'same') : section[name]) ?? 'look';
        const most = device === 'phone' && name === 'columns' ? 2 : 4;
        const values = ALL_LAYOUTS[name].filter(
          (v) => name !== 'columns' || (Number(v) <= most && (device || v !== '1')),
        );
        const words = (v: string) => (name === 'side' && device ? 'other way about' : layoutValue(name, v));
        return {
          name,
          title: LAYOUT_TITLES[name],
          value,
          options: [
            ...(device ? [{ value: 'same', words: 'as elsewhere' }] : []),
            { value: 'look', words: device ? 'as the look' : 'as it is' },
            ...values.map((v) => ({ value: v as string, words: words(v) })),
          ],
        };
      });
  });

  /** Why what was typed is no name a section can have. */
  protected readonly misnamed = linkedSignal({ source: () => this.section().id, computation: () => '' });
  protected name(typed: string): void {
    const anchor = typed.trim().replace(/^#/, '').toLowerCase();
    const { id } = this.section();
    const page = this.store.document()!.pages.find((p) => p.sections.some((s) => s.id === id));
    const taken = !!anchor && page?.sections.some((s) => s.id !== id && s.anchor === anchor);
    this.misnamed.set(
      taken
        ? 'Another section of the page is named so.'
        : anchor && !new RegExp(ANCHOR).test(anchor)
          ? 'Letters and digits, with hyphens between.'
          : '',
    );
    if (!this.misnamed() && anchor !== (this.section().anchor ?? ''))
      this.store.change({ op: 'setAnchor', section: id, anchor: anchor || null });
  }
  protected set(name: LayoutName, value: string): void {
    const device = this.device();
    this.laid.emit({ ...(device && { on: device }), [name]: value } as Layout);
  }
  protected giveUp(device: Device): void {
    const own = Object.keys(this.section().on?.[device] ?? {});
    this.laid.emit({ on: device, ...Object.fromEntries(own.map((name) => [name, 'same'])) } as Layout);
  }
}
