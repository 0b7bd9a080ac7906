import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal, type Signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router } from '@angular/router';
import { NgbActiveModal } from '@ng-bootstrap/ng-bootstrap';
import { STEPS } from '@tin-porch/core/steps';
import { OpenPlaces, type OpenPlace } from '../session/open-places';
import type { SiteLine } from '../api/model';
import { STEP_TITLES } from '../site/step-titles';

interface Line {
  words: string;
  more: string;
  url: string;
  /** What is taken in hand there. */
  place?: OpenPlace;
}

/** Jumps to a site, one of its steps, or any place of the one that is open: a field with a list under it, walked by arrow keys (ARIA combobox pattern). */
@Component({
  selector: 'tp-jump-dialog',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule],
  template: `
    <div class="jumper">
      <label id="jump-label" for="jump">Jump to a site, a step or a place on this one</label>
      <input
        id="jump"
        ngbAutofocus
        autocomplete="off"
        role="combobox"
        aria-expanded="true"
        aria-controls="jump-list"
        aria-autocomplete="list"
        [attr.aria-activedescendant]="found().length ? 'jump-' + at() : null"
        placeholder="A client, a domain, a step, a page, any words"
        [ngModel]="query()"
        (ngModelChange)="query.set($event)"
        (keydown)="key($event)"
      />
      <ul id="jump-list" role="listbox" aria-label="Sites, steps and places">
        @for (line of found(); track $index; let n = $index) {
          <li
            role="option"
            [id]="'jump-' + n"
            [attr.aria-selected]="n === at()"
            (click)="go(line)"
            (pointermove)="at.set(n)"
          >
            {{ line.words }} <span class="quiet">{{ line.more }}</span>
          </li>
        }
      </ul>
      @if (!found().length) {
        <p class="quiet" role="status">Nothing is called that.</p>
      }
      <p class="bar gap">
        <button class="plain small" type="button" (click)="modal.dismiss()">Close</button>
      </p>
    </div>
  `,
})
export class JumpDialog {
  protected readonly modal = inject(NgbActiveModal);
  private readonly router = inject(Router);
  private readonly places = inject(OpenPlaces);
  /** Set by who opens it: the sites, kept up to date. */
  sites: Signal<SiteLine[]> = signal([]);
  protected readonly query = signal('');
  protected readonly found = computed<Line[]>(() => {
    const words = this.query().toLowerCase().split(/\s+/).filter(Boolean);
    const sites = this.sites().map((s) => ({
      words: s.name || 'A client without a name',
      more: s.address ?? s.trade,
      url: `/sites/${s.id}`,
    }));
    if (!words.length) return sites.slice(0, 12);
    const steps = this.sites().flatMap((s) =>
      STEPS.map((step) => ({ words: s.name, more: STEP_TITLES[step], url: `/sites/${s.id}/${step}` })),
    );
    const site = this.places.site();
    // What is on the site that is open is meant before another site.
    const here = this.places.of(words, 8).map((place): Line => ({ ...place, url: `/sites/${site!.id}/pages`, place }));
    const others = [...sites, ...steps].filter((l) =>
      words.every((w) => `${l.words} ${l.more}`.toLowerCase().includes(w)),
    );
    return [...here.slice(0, others.length ? 8 : 12), ...others].slice(0, 12);
  });
  /** The line that Enter takes. */
  protected readonly at = linkedSignal({ source: this.found, computation: () => 0 });

  protected key(event: KeyboardEvent): void {
    const last = this.found().length - 1;
    const to = {
      ArrowDown: this.at() === last ? 0 : this.at() + 1,
      ArrowUp: this.at() === 0 ? last : this.at() - 1,
      Home: event.ctrlKey ? 0 : undefined,
      End: event.ctrlKey ? last : undefined,
    }[event.key];
    if (to !== undefined && last >= 0) {
      event.preventDefault();
      this.at.set(to);
      document.getElementById(`jump-${to}`)?.scrollIntoView({ block: 'nearest' });
    } else if (event.key === 'Enter') {
      event.preventDefault();
      this.go(this.found()[this.at()]);
    }
  }
  protected go(line?: Line): void {
    if (!line) return;
    this.modal.close();
    const { place } = line;
    if (place) this.places.site()?.take(place.page, place.part);
    void this.router.navigateByUrl(line.url);
  }
}
