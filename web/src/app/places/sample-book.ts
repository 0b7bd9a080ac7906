import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { ActivatedRoute, Router, RouterLink } from '@angular/router';
import type { SiteDocument } from '@tin-porch/core/model';
import { kinds, shapes, TRAITS, type Trait } from '@tin-porch/core/look';
import { addSection } from '@tin-porch/core/making';
import { firstValueFrom } from 'rxjs';
import type { SiteDetail, SiteLine } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { Glimpse } from '../window/glimpse';

interface Sample {
  name: string;
  kind: string;
  title: string;
  character: string;
  traits: readonly Trait[];
  words: string;
}
/** Kinds in the order a page has them. */
const ORDER = [
  'header',
  'opening',
  'services',
  'feature',
  'story',
  'statement',
  'steps',
  'people',
  'quotes',
  'gallery',
  'compare',
  'products',
  'prices',
  'table',
  'figures',
  'news',
  'events',
  'questions',
  'downloads',
  'partners',
  'areas',
  'hours',
  'visit',
  'contact',
  'call',
  'rows',
  'footer',
];
const rank = (kind: string) => (ORDER.includes(kind) ? ORDER.indexOf(kind) : ORDER.length);
const SAMPLES: Sample[] = Object.entries(shapes)
  .map(([name, s]) => ({
    name,
    kind: name.split('/')[0]!,
    title: s.title,
    character: s.character,
    traits: s.traits,
    words: `${name} ${s.title} ${s.character} ${s.traits.join(' ')}`.toLowerCase(),
  }))
  .sort((a, b) => rank(a.kind) - rank(b.kind));

/** Every section shape, shown with a site’s own words, look and pictures by the real renderer; to look through and to use. */
@Component({
  selector: 'tp-sample-book',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule, RouterLink, Glimpse],
  styleUrl: './sample-book.scss',
  template: `
    <main class="place book">
      <div class="between">
        <h1>Sample book</h1>
        <p class="quiet">{{ shown().length }} of {{ all }} shapes in {{ kindCount }} kinds</p>
      </div>
      <div class="bar book-bar">
        <label class="sr" for="book-site">Shown with the words of</label>
        <select id="book-site" [disabled]="!sites()?.length" (change)="open($any($event.target).value)">
          @for (s of sites(); track s.id) {
            <option [value]="s.id" [selected]="s.id === document()?.id">{{ s.name }}</option>
          }
        </select>
        <label class="sr" for="book-search">Search</label>
        <input
          id="book-search"
          type="search"
          placeholder="Search: quiet prices, dark, picture"
          [ngModel]="query()"
          (ngModelChange)="query.set($event)"
        />
        <div class="bar widths" role="group" aria-label="Width">
          @for (w of widths; track w[0]) {
            <button class="plain small" type="button" [attr.aria-pressed]="wide() === w[1]" (click)="wide.set(w[1])">
              {{ w[0] }}
            </button>
          }
        </div>
        <div class="bar widths" role="group" aria-label="Day or night">
          @for (v of versions; track v[0]) {
            <button class="plain small" type="button" [attr.aria-pressed]="only() === v[1]" (click)="only.set(v[1])">
              {{ v[0] }}
            </button>
          }
        </div>
      </div>
      <div class="book-body">
        <nav aria-label="Kinds and characters">
          <h2 class="sr">Kinds</h2>
          <ul class="book-kinds">
            <li><button type="button" class="link" [class.on]="!kind()" (click)="kind.set('')">Every kind</button></li>
            @for (k of kindList; track k.id) {
              <li>
                <button type="button" class="link" [class.on]="kind() === k.id" (click)="kind.set(k.id)">
                  {{ k.title }} <span class="mono quiet">{{ k.count }}</span>
                </button>
              </li>
            }
          </ul>
          <h2>Character</h2>
          <div class="bar">
            @for (t of traits; track t) {
              <button
                class="plain small"
                type="button"
                [attr.aria-pressed]="trait() === t"
                (click)="trait.set(trait() === t ? '' : t)"
              >
                {{ t }}
              </button>
            }
          </div>
        </nav>
        @if (document(); as d) {
          <ul class="samples" [class.narrow]="wide() < 500">
            @for (s of shown(); track s.name) {
              <li>
                <tp-glimpse
                  [document]="d"
                  [shape]="s.name"
                  [wide]="wide()"
                  [only]="only()"
                  [waits]="true"
                  [upTo]="wide() < 500 ? 620 : 460"
                  [title]="s.title + ', ' + s.character"
                />
                <div class="between">
                  <p>
                    <b>{{ s.title }}</b> <span class="quiet">{{ s.character }}</span>
                  </p>
                  @if (puttable(s, d)) {
                    <button
                      class="plain small"
                      type="button"
                      (click)="chosen.set(chosen() === s.name ? '' : s.name)"
                      [attr.aria-expanded]="chosen() === s.name"
                    >
                      Put into a page
                    </button>
                  }
                </div>
                @if (chosen() === s.name) {
                  <p class="bar">
                    @for (p of d.pages; track p.id) {
                      <button class="plain small" type="button" (click)="put(s, p.id)">{{ p.label }}</button>
                    }
                  </p>
                }
              </li>
            } @empty {
              <li class="quiet">No shape is like that. Fewer words, or another kind?</li>
            }
          </ul>
        } @else if (sites() && !sites()!.length) {
          <p>The book shows shapes with the words of a site. <a routerLink="/new">Begin with a brief</a>.</p>
        }
      </div>
      @if (told(); as words) {
        <p class="said-note sheet" role="status">
          <span>{{ words.words }}</span> <a class="plain small" [routerLink]="words.link">Open it</a>
        </p>
      }
    </main>
  `,
})
export class SampleBook {
  private readonly api = inject(PorchApi);
  private readonly route = inject(ActivatedRoute);
  private readonly router = inject(Router);
  protected readonly all = SAMPLES.length;
  protected readonly traits = TRAITS;
  protected readonly kindList = Object.entries(kinds)
    .sort(([a], [b]) => rank(a) - rank(b))
    .map(([id, k]) => ({
      id,
      title: k.title,
      count: SAMPLES.filter((s) => s.kind === id).length,
    }));
  protected readonly kindCount = this.kindList.length;
  protected readonly widths = [
    ['Wide', 1280],
    ['Phone', 390],
  ] as const;
  protected readonly versions = [
    ['Day', 'day'],
    ['Night', 'night'],
  ] as const;
  protected readonly sites = signal<SiteLine[] | null>(null);
  protected readonly document = signal<SiteDocument | null>(null);
  protected readonly query = signal('');
  protected readonly kind = signal('');
  protected readonly trait = signal('');
  protected readonly wide = signal<number>(1280);
  protected readonly only = signal<'day' | 'night'>('day');
  protected readonly chosen = signal('');
  protected readonly told = signal<{ words: string; link: string } | null>(null);
  protected readonly shown = computed(() => {
    const words = this.query().toLowerCase().split(/\s+/).filter(Boolean);
    return SAMPLES.filter(
      (s) =>
        (!this.kind() || s.kind === this.kind()) &&
        (!this.trait() || s.traits.includes(this.trait() as Trait)) &&
        words.every((w) => s.words.includes(w)),
    );
  });

  constructor() {
    void this.begin();
    effect(() => {
      this.shown();
      this.chosen.set('');
    });
  }
  private async begin(): Promise<void> {
    const sites = (await firstValueFrom(this.api.get<{ sites: SiteLine[] }>('/sites'))).sites.filter((s) => s.drawn);
    this.sites.set(sites);
    const wanted = this.route.snapshot.queryParamMap.get('site');
    const first = sites.find((s) => s.id === wanted) ?? sites[0];
    if (first) await this.open(first.id);
  }
  protected async open(id: string): Promise<void> {
    try {
      const { document } = await firstValueFrom(this.api.get<SiteDetail>(`/sites/${id}`));
      this.document.set(document);
      void this.router.navigate([], { queryParams: { site: id }, replaceUrl: true });
    } catch (error) {
      this.told.set({ words: `That site could not be opened: ${asRefusal(error).title}`, link: '/' });
    }
  }
  protected puttable = (s: Sample, d: SiteDocument): boolean =>
    kinds[s.kind]!.reason !== '' && d.pages.length > 0 && !(s.kind === 'contact' && d.forms.length === 0);
  protected async put(sample: Sample, page: string): Promise<void> {
    const document = this.document()!;
    const label = document.pages.find((p) => p.id === page)!.label;
    try {
      const at = document.pages.find((p) => p.id === page)!.sections.length;
      const operation = addSection(document, page, sample.name, at);
      await firstValueFrom(this.api.post(`/sites/${document.id}/operations`, { operation }));
      await this.open(document.id);
      this.told.set({ words: `${sample.title} stands at the end of ${label}.`, link: `/sites/${document.id}/pages` });
    } catch (error) {
      this.told.set({
        words: `That could not be put in: ${asRefusal(error).title}`,
        link: `/sites/${document.id}/plan`,
      });
    }
    this.chosen.set('');
  }
}
