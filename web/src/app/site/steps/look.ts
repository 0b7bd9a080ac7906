import { Component, computed, effect, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { contrast, drawLook, families, packOf, TEXT_PAIRS, type Palette } from '@tin-porch/core';
import { Worktable } from '../../parts/worktable';
import { SiteWindow } from '../../window/window';
import { SiteStore } from '../site-store';

const ROLES: [keyof Palette, string][] = [
  ['lead', 'Lead'],
  ['accent', 'Accent'],
  ['wash', 'Wash'],
  ['ground', 'Ground'],
  ['text', 'Text'],
];

@Component({
  selector: 'tp-step',
  imports: [RouterLink, Worktable, SiteWindow],
  template: `
    <tp-worktable controlsName="Look">
      @if (store.drawn() && look(); as look) {
        <div class="between">
          <h2>{{ look.name }}</h2>
          <span class="quiet">Look {{ look.seed }} for this trade</span>
        </div>
        @for (version of versions(); track version.name) {
          <h3 class="gap">Colour by {{ version.name }}</h3>
          <ul class="swatches">
            @for (role of roles; track role[0]) {
              <li>
                <span class="swatch" [style.background]="version.palette[role[0]]"></span>{{ role[1] }}
                <span class="mono quiet">{{ version.palette[role[0]] }}</span>
              </li>
            }
          </ul>
          <p class="verdict">
            <span class="dot" [class.good]="version.lowest >= 4.5" [class.bad]="version.lowest < 4.5"></span> All
            {{ pairs }} text pairings read at 4.5 : 1 or better. Lowest: {{ version.pair }},
            {{ version.lowest.toFixed(1) }}.
          </p>
        }
        <h3 class="gap">Type</h3>
        <div class="sheet type">
          <b>{{ families[look.heading]?.css }}</b>
          <span>with {{ families[look.reading]?.css }} for reading</span>
        </div>
        <dl class="facts">
          <dt>Corners</dt>
          <dd>{{ look.corner }} px</dd>
          <dt>Density</dt>
          <dd>{{ look.density }}</dd>
        </dl>
        <p class="bar">
          <button class="plain" type="button" (click)="put(look.seed - 1)" [disabled]="look.seed <= 1">
            Look before
          </button>
          <button class="plain" type="button" (click)="put(look.seed + 1)">Next look</button>
        </p>
      } @else {
        <div class="stack">
          <h2>Nothing to dress yet</h2>
          <p>The look is put on once there are pages.</p>
          <a class="plain" routerLink="../brief">To the brief</a>
        </div>
      }
      <ng-container beside>
        @if (store.drawn()) {
          <tp-window [document]="store.document()!" [(page)]="store.page" />
        }
      </ng-container>
    </tp-worktable>
  `,
})
export class LookStep {
  protected readonly store = inject(SiteStore);
  protected readonly roles = ROLES;
  protected readonly families = families;
  protected readonly pairs = TEXT_PAIRS.length;
  protected readonly look = computed(() => this.store.document()?.look);
  protected readonly versions = computed(() => {
    const look = this.look();
    if (!look) return [];
    return (['day', 'night'] as const).map((name) => {
      const palette = look[name];
      const worst = TEXT_PAIRS.map(([a, b]) => ({
        pair: `${a} on ${b}`,
        ratio: contrast(palette[a], palette[b]),
      })).sort((a, b) => a.ratio - b.ratio)[0]!;
      return { name, palette, lowest: worst.ratio, pair: worst.pair };
    });
  });

  constructor() {
    effect(() =>
      this.store.main.set(
        this.store.drawn() ? { label: 'Another look', run: () => this.put((this.look()?.seed ?? 0) + 1) } : null,
      ),
    );
  }
  protected put(seed: number): void {
    const document = this.store.document()!;
    this.store.change({ op: 'setLook', look: drawLook(packOf(document.facts), seed, document.facts.colours) });
  }
}
