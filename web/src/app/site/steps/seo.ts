import { ChangeDetectionStrategy, Component, computed, effect, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router, RouterLink } from '@angular/router';
import type { Page } from '@tin-porch/core/model';
import {
  defaultDescription,
  defaultTitle,
  descriptionOf,
  fitWidth,
  pagePath,
  RESULT,
  textWidth,
  titleOf,
} from '@tin-porch/core/page';
import { some } from '@tin-porch/core/some';
import { Worktable } from '../../parts/worktable';
import { OldAddresses } from '../old-addresses';
import { PageAddress } from '../page-address';
import { SiteStore } from '../site-store';

@Component({
  selector: 'tp-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, OldAddresses, PageAddress, RouterLink, Worktable],
  styleUrl: './seo.scss',
  template: `
    <tp-worktable controlsName="Titles" besideName="In a search" [even]="true" [reading]="true">
      @if (store.drawn()) {
        <div class="between"><h2>What search engines are told</h2></div>
        <p class="quiet">Left empty, a field says what stands in it in grey.</p>
        @for (line of lines(); track line.page.id) {
          <section class="sheet seo-page">
            <h3>{{ line.page.label }}</h3>
            <tp-page-address [page]="line.page" />
            <div class="field">
              <label [for]="'title-' + line.page.id"
                >Title <span class="quiet">{{ line.titleWidth }} of {{ result.title.width }} px</span></label
              >
              <input
                maxlength="300"
                [id]="'title-' + line.page.id"
                [placeholder]="line.defaultTitle"
                [ngModel]="line.page.seo.title?.value ?? ''"
                (ngModelChange)="set(line.page, 'title', $event)"
              />
              <progress
                [max]="result.title.width"
                [value]="line.titleWidth"
                [attr.aria-label]="'Width of the title of ' + line.page.label"
                [class.over]="line.titleWidth > result.title.width"
              ></progress>
              @if (line.titleWidth > result.title.width) {
                <p class="fault">Too wide: a search result would cut it.</p>
              }
            </div>
            <div class="field">
              <label [for]="'description-' + line.page.id"
                >Description
                <span class="quiet">{{ line.descriptionWidth }} of {{ result.description.width }} px</span></label
              >
              <textarea
                rows="3"
                maxlength="1000"
                [id]="'description-' + line.page.id"
                [placeholder]="line.defaultDescription"
                [ngModel]="line.page.seo.description?.value ?? ''"
                (ngModelChange)="set(line.page, 'description', $event)"
              ></textarea>
              <progress
                [max]="result.description.width"
                [value]="line.descriptionWidth"
                [attr.aria-label]="'Width of the description of ' + line.page.label"
                [class.over]="line.descriptionWidth > result.description.width"
              ></progress>
            </div>
          </section>
        }
      } @else {
        <div class="stack">
          <h2>No pages yet</h2>
          <a class="plain" routerLink="../brief">To the brief</a>
        </div>
      }
      <ng-container beside>
        <h2>As it may stand in a search</h2>
        <p class="quiet">Measured in the width of the letters, not their number.</p>
        @for (line of lines(); track line.page.id) {
          <div class="result">
            <span class="where">{{ line.address }}</span>
            <span class="title">{{ line.title }}</span>
            <span class="text">{{ line.description }}</span>
          </div>
        }
        @if (store.drawn()) {
          <tp-old-addresses />
        }
        <h2 class="gap">In every release, beside the pages</h2>
        <ul class="plain-list">
          <li>sitemap.xml with {{ some(lines().length, 'page') }}, robots.txt, favicon</li>
          <li>Canonical address and sharing tags on every page</li>
          <li>The business as structured data, from the facts of the brief</li>
        </ul>
      </ng-container>
    </tp-worktable>
  `,
})
export class SeoStep {
  protected readonly some = some;
  protected readonly store = inject(SiteStore);
  private readonly router = inject(Router);
  protected readonly result = RESULT;
  protected readonly lines = computed(() => {
    const document = this.store.document();
    const site = this.store.detail();
    if (!document) return [];
    const host = site?.domain ?? (site?.temporary ? new URL(site.temporary).host : 'not placed yet');
    return document.pages.map((page) => {
      const [title, description] = [titleOf(document, page), descriptionOf(document, page)];
      return {
        page,
        defaultTitle: defaultTitle(document, page),
        defaultDescription: defaultDescription(document, page),
        titleWidth: Math.round(textWidth(title, RESULT.title.size)),
        descriptionWidth: Math.round(textWidth(description, RESULT.description.size)),
        title: fitWidth(title, RESULT.title.size, RESULT.title.width),
        description: fitWidth(description, RESULT.description.size, RESULT.description.width),
        address: `${host}${pagePath(page)}`,
      };
    });
  });

  constructor() {
    effect(() =>
      this.store.main.set(
        this.store.drawn()
          ? {
              label: 'Check and publish',
              run: () => void this.router.navigate(['/sites', this.store.document()!.id, 'publish']),
            }
          : null,
      ),
    );
  }
  protected set(page: Page, field: 'title' | 'description', value: string): void {
    this.store.change({
      op: 'setSeo',
      page: page.id,
      field,
      text: value.trim() ? { value, from: { kind: 'designer' } } : null,
    });
  }
}
