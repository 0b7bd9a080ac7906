import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MARK_LAYOUTS, type Mark } from '@tin-porch/core/model';
import { drawFavicon, drawMark, symbolsFor } from '@tin-porch/core/look';
import { safeSvg } from '@tin-porch/core/safe-svg';
import { SiteStore } from '../site/site-store';

type Drawn = Mark & { kind: 'drawn' };
const asImage = (svg: string) => `data:image/svg+xml,${encodeURIComponent(svg)}`;

/** A mark for the site: drawn from its name and a symbol, or a logo somebody has. */
@Component({
  selector: 'tp-mark-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule],
  styleUrl: './mark-panel.scss',
  template: `
    <div class="field">
      <label for="mark-words">Words of the mark</label>
      <input id="mark-words" maxlength="60" [ngModel]="text()" (ngModelChange)="write($event)" />
    </div>
    <div class="field">
      <span class="label" id="mark-colour">Colour</span>
      <div class="bar" role="group" aria-labelledby="mark-colour">
        @for (c of colours; track c) {
          <button class="plain small" type="button" [attr.aria-pressed]="colour() === c" (click)="tint(c)">
            {{ c }}
          </button>
        }
      </div>
    </div>
    <ul class="marks">
      <li>
        <button type="button" [class.on]="!document().mark" (click)="put(null)">The name, set in type</button>
      </li>
      @for (m of options(); track m.layout + m.symbol) {
        <li>
          <button type="button" [class.on]="isOn(m)" [attr.aria-label]="m.layout + ' ' + m.symbol" (click)="put(m)">
            <img [src]="image(m)" alt="" />
          </button>
        </li>
      }
    </ul>
    <p class="bar">
      <button class="plain small" type="button" (click)="page.set(page() + 1)">Other symbols</button>
      <label class="plain small"
        >A logo file (SVG)<input
          class="sr"
          type="file"
          accept=".svg,image/svg+xml"
          (change)="bring($any($event.target))"
      /></label>
    </p>
    @if (told(); as words) {
      <p class="note" role="status">{{ words }}</p>
    }
    <p class="quiet favicon"><img [src]="favicon()" alt="" width="32" height="32" /> In the tab of the browser</p>
  `,
})
export class MarkPanel {
  private readonly store = inject(SiteStore);
  protected readonly document = computed(() => this.store.document()!);
  protected readonly colours = ['lead', 'accent', 'text'] as const;
  protected readonly page = signal(0);
  protected readonly told = signal('');
  private readonly wished = signal<{ text?: string; colour?: Drawn['colour'] }>({});
  private readonly mark = computed(() => {
    const { mark } = this.document();
    return mark?.kind === 'drawn' ? mark : null;
  });
  protected readonly text = computed(
    () => this.wished().text ?? this.mark()?.text ?? this.document().facts.name.slice(0, 60),
  );
  protected readonly colour = computed(() => this.wished().colour ?? this.mark()?.colour ?? 'lead');
  protected readonly options = computed<Drawn[]>(() => {
    const { facts } = this.document();
    const symbols = symbolsFor(`${facts.trade} ${facts.services.map((s) => s.name).join(' ')}`);
    const from = (this.page() * 3) % symbols.length;
    const chosen = [...symbols, ...symbols].slice(from, from + 3);
    const base = { kind: 'drawn' as const, text: this.text(), colour: this.colour() };
    return MARK_LAYOUTS.flatMap((layout): Drawn[] =>
      layout === 'words' || layout === 'initials'
        ? [{ ...base, layout, symbol: '' }]
        : chosen.map((symbol) => ({ ...base, layout, symbol })),
    );
  });
  protected image = (m: Drawn) => asImage(drawMark(m, this.document().look, this.document().look.day).svg);
  protected readonly favicon = computed(() => {
    const { facts, mark, look } = this.document();
    return asImage(drawFavicon(facts.name, mark, look.day));
  });
  protected isOn = (m: Drawn) => this.mark()?.layout === m.layout && this.mark()?.symbol === m.symbol;
  protected put(mark: Mark | null): void {
    this.store.change({ op: 'setMark', mark });
  }
  protected write(text: string): void {
    this.wished.set({ ...this.wished(), text });
    const mark = this.mark();
    if (mark && text.trim()) this.put({ ...mark, text: text.trim() });
  }
  protected tint(colour: Drawn['colour']): void {
    this.wished.set({ ...this.wished(), colour });
    const mark = this.mark();
    if (mark) this.put({ ...mark, colour });
  }
  protected async bring(input: HTMLInputElement): Promise<void> {
    const file = input.files?.[0];
    if (!file) return;
    const safe = safeSvg(await file.text());
    input.value = '';
    if ('problem' in safe) return this.told.set(`${file.name}: ${safe.problem}`);
    this.told.set(safe.dropped.length ? `Taken, without ${safe.dropped.join(', ')}.` : 'Taken as it is.');
    this.put({ kind: 'file', svg: safe.svg });
  }
}
