import { Component, effect, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { shapes, toConfirm, type Page } from '@tin-porch/core';
import { Worktable } from '../../parts/worktable';
import { Drawing } from '../../window/drawing';
import { SiteWindow } from '../../window/window';
import { SiteStore } from '../site-store';

@Component({
  selector: 'tp-step',
  imports: [RouterLink, Worktable, SiteWindow],
  template: `
    <tp-worktable controlsName="Plan">
      @if (store.drawn()) {
        <div class="between">
          <h2>Plan</h2>
          <span class="quiet">Every section, and why it is there</span>
        </div>
        @for (page of store.document()!.pages; track page.id) {
          <section class="sheet plan-page" [class.here]="page.id === store.page()">
            <button
              class="link"
              type="button"
              (click)="store.page.set(page.id)"
              [attr.aria-pressed]="page.id === store.page()"
            >
              <b>{{ page.label }}</b> <span class="mono quiet">/{{ page.slug }}</span>
            </button>
            <p class="quiet">{{ page.reason }}</p>
            <ol>
              @for (section of page.sections; track section.id) {
                <li>
                  <b>{{ title(section.shape) }}</b> {{ character(section.shape)
                  }}<span class="quiet">{{ section.reason }}</span>
                </li>
              }
            </ol>
            @if (open(page); as n) {
              <a class="chip lamp" routerLink="../pages" (click)="store.page.set(page.id)">{{ n }} to confirm</a>
            }
          </section>
        }
      } @else {
        <div class="stack">
          <h2>No plan yet</h2>
          <p>The plan is made from the brief: which pages, which sections, and why.</p>
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
export class PlanStep {
  protected readonly store = inject(SiteStore);
  private readonly drawing = inject(Drawing);
  constructor() {
    effect(() =>
      this.store.main.set(this.store.drawn() ? { label: 'Write another version', run: () => void this.again() } : null),
    );
  }
  protected title = (shape: string) => shapes[shape]?.title ?? shape;
  protected character = (shape: string) => shapes[shape]?.character ?? '';
  protected open = (page: Page) => toConfirm(this.store.document()!).filter((t) => t.page?.id === page.id).length;

  private async again(): Promise<void> {
    const document = this.store.document()!;
    const { version } = await this.drawing.write(document.facts, document.seed + 1);
    this.store.change(version);
    this.store.said.set({
      words: `Version ${version.seed} is in place. The one before is one undo away.`,
      bad: false,
      undo: true,
    });
  }
}
