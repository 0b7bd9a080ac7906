import type { ElementRef } from '@angular/core';
import { ChangeDetectionStrategy, Component, computed, inject, signal, viewChild } from '@angular/core';
import { linkChoices, pageAt, readPath } from '@tin-porch/core/making';
import { SiteStore } from './site-store';

/** Addresses that are none of the site’s pages, and where each leads: those that pages had before, and any other. */
@Component({
  selector: 'tp-old-addresses',
  changeDetection: ChangeDetectionStrategy.OnPush,
  styleUrl: './old-addresses.scss',
  template: `
    <h2 class="gap">Old addresses</h2>
    <p class="quiet">Links to them stay good: a visitor who follows one is led on for good (301).</p>
    @if (lines().length) {
      <ul class="plain-list">
        @for (line of lines(); track line.from) {
          <li>
            <span class="mono">{{ line.from }}</span>
            @if (line.to) {
              <span>leads to {{ line.to }}</span>
            } @else {
              <span class="chip lamp">leads nowhere: its page is gone</span>
            }
            <button
              class="plain small"
              type="button"
              [attr.aria-label]="'Forget ' + line.from"
              (click)="forget(line.from)"
            >
              Forget it
            </button>
          </li>
        }
      </ul>
    }
    <form (submit)="add($event)">
      <div class="field">
        <label for="old-address">Old address</label>
        <input
          #from
          id="old-address"
          maxlength="300"
          placeholder="/prices.html"
          spellcheck="false"
          autocapitalize="none"
          [attr.aria-invalid]="fault() ? true : null"
          [attr.aria-describedby]="fault() ? 'old-fault' : null"
          (input)="fault.set('')"
        />
      </div>
      <div class="field">
        <label for="old-to">Leads to</label>
        <select #to id="old-to">
          @for (c of choices(); track c.target) {
            <option [value]="c.target">{{ c.words }}</option>
          }
        </select>
      </div>
      <button class="plain small" type="submit">Lead it there</button>
      @if (fault(); as words) {
        <p class="fault" id="old-fault" role="alert">{{ words }}</p>
      }
    </form>
  `,
})
export class OldAddresses {
  private readonly store = inject(SiteStore);
  private readonly from = viewChild.required<ElementRef<HTMLInputElement>>('from');
  private readonly to = viewChild.required<ElementRef<HTMLSelectElement>>('to');
  protected readonly fault = signal('');
  /** Pages and sections of them: an address of the site leads to a place on it. */
  protected readonly choices = computed(() =>
    linkChoices(this.store.document()!).filter((c) => c.target.startsWith('page:')),
  );
  protected readonly lines = computed(() => {
    const document = this.store.document()!;
    const all = linkChoices(document);
    return (document.redirects ?? []).map(({ from, to }) => ({
      from,
      to: all.find((c) => c.target === to)?.words ?? (to.startsWith('page:') ? '' : to),
    }));
  });

  protected add(event: Event): void {
    event.preventDefault();
    const document = this.store.document()!;
    const field = this.from().nativeElement;
    const from = readPath(field.value);
    if (!from) return this.fault.set('That is no address of a page. Write it as it was: /prices.html');
    this.fault.set('');
    const page = pageAt(document, from);
    if (page) return this.fault.set(`${from} is the address of ${page.label}.`);
    if ((document.redirects?.length ?? 0) >= MOST && !document.redirects!.some((r) => r.from === from))
      return this.fault.set(`There are ${MOST} already: no more fit.`);
    this.change({ op: 'setRedirect', from, to: this.to().nativeElement.value });
    field.value = '';
    field.focus();
  }
  protected forget(from: string): void {
    this.change({ op: 'setRedirect', from, to: null });
    this.store.said.set({ words: `${from} leads nowhere any more.`, bad: false, undo: true });
  }
  private change(operation: Parameters<SiteStore['change']>[0]): void {
    this.store.change(operation);
    void this.store.flush();
  }
}
/** As many as a site holds. */
const MOST = 300;
