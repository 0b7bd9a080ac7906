import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { some } from '@tin-porch/core/some';
import type { Answered } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { copyText } from '../parts/copy-text';
import { Dialogs } from '../parts/dialogs';
import { day, when } from '../parts/when';
import { askedAgain } from './asked-again';
import { HoldingWords } from './holding-words';
import { PreviewForm, type PreviewTyped } from './preview-form';
import { SiteStore } from './site-store';

type Previews = Answered<'GET /sites/:id/previews'>;
type Preview = Previews['previews'][number];

/** Who may look at a site before it is open, and did; and what everybody else is told meanwhile. */
@Component({
  selector: 'tp-site-previews',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [HoldingWords, PreviewForm],
  template: `
    <h2 class="gap">Who may look before it opens</h2>
    @if (fault()) {
      <p class="note brick" role="alert">{{ fault() }}</p>
    }
    @if (found(); as all) {
      @if (store.detail()!.open) {
        <p class="quiet">The site is open: everybody sees it, by these links too.</p>
      }
      @if (!all.counted) {
        <p class="note lamp">Its server does not say at the moment who looked.</p>
      }
      <ul class="plain-list">
        @for (p of all.previews; track p.id) {
          <li>
            <div class="line">
              <b>{{ p.name }}</b>
              @if (p.over) {
                <span class="chip grey">over since {{ day(p.until) }}</span>
              } @else {
                <span class="quiet">until {{ day(p.until) }}{{ p.locked ? ', with a password' : '' }}</span>
              }
            </div>
            <p class="looked">{{ looked(p) }}</p>
            <p class="bar">
              @if (!p.over) {
                <button
                  class="plain small"
                  type="button"
                  [attr.aria-label]="'Copy the link for ' + p.name"
                  (click)="copy(p)"
                >
                  Copy the link
                </button>
              }
              <button
                class="plain small"
                type="button"
                [attr.aria-label]="(p.over ? 'Let it be good again: ' : 'Change it: ') + 'the link for ' + p.name"
                [attr.aria-expanded]="changing() === p.id"
                (click)="changing.set(changing() === p.id ? '' : p.id)"
              >
                {{ p.over ? 'Let it be good again' : 'Change it' }}
              </button>
              <button
                class="plain small"
                type="button"
                [attr.aria-label]="(p.over ? 'Take it away: ' : 'End it: ') + 'the link for ' + p.name"
                [disabled]="store.busy('DELETE /previews/' + p.id)"
                (click)="end(p)"
              >
                {{ p.over ? 'Take it away' : 'End it' }}
              </button>
            </p>
            @if (changing() === p.id) {
              <tp-preview-form
                [preview]="p"
                [busy]="store.busy('PUT /previews/' + p.id)"
                (typed)="change(p, $event)"
                (left)="changing.set('')"
              />
            }
          </li>
        } @empty {
          <li class="quiet">Nobody was given a link so far.</li>
        }
      </ul>
      @if (making()) {
        <tp-preview-form [busy]="store.busy('POST /previews')" (typed)="make($event)" (left)="making.set(false)" />
      } @else {
        <p class="bar">
          <button class="plain" type="button" (click)="making.set(true)">Give somebody a link …</button>
          @if (all.previews.length > 1) {
            <button class="plain" type="button" [disabled]="store.busy('DELETE /previews')" (click)="endAll()">
              End every link …
            </button>
          }
        </p>
      }
      @if (api.may('designer')) {
        <h3>What everybody else reads meanwhile</h3>
        <tp-holding-words [holding]="all.holding" [before]="all.before" />
      }
    }
  `,
  styles: `
    :host {
      display: block;
    }
    li {
      padding: 8px 0;
      border-bottom: 1px solid var(--tin-2);
    }
    .line {
      display: flex;
      flex-wrap: wrap;
      align-items: baseline;
      gap: 2px 10px;
      overflow-wrap: anywhere;
    }
    .looked {
      margin: 2px 0 6px;
    }
    .bar {
      margin: 8px 0;
    }
    h3 {
      margin: 16px 0 4px;
    }
  `,
})
export class SitePreviews {
  protected readonly store = inject(SiteStore);
  protected readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  private readonly asked = askedAgain<Previews>('/previews', 'Who may look');
  protected readonly found = this.asked.found;
  protected readonly fault = this.asked.fault;
  protected readonly making = signal(false);
  /** The one that is being changed. */
  protected readonly changing = signal('');
  protected readonly day = day;
  private readonly live = computed(() => this.store.detail()?.open ?? false);

  /** What was counted of a link: browsers, which is what can be told apart, and never more than that. */
  protected looked({ looked, over }: Preview): string {
    if (!looked) return 'Who looked is not known at the moment.';
    if (!looked.pages) return over ? 'Nobody looked.' : 'Nobody has looked so far.';
    return `Looked at in ${some(looked.lookers, 'browser')}, ${some(looked.pages, 'page')} in all, last ${when(looked.last, this.store.now())}.`;
  }

  protected async copy(p: Preview): Promise<void> {
    const copied = await copyText(p.url);
    this.store.said.set({
      words: `${copied ? 'Copied. ' : ''}Whoever has this link${p.locked ? ' and the password' : ''} sees the site until ${day(p.until)}: ${p.url}`,
      bad: false,
      stays: true,
    });
  }
  protected async make({ name, until, password }: PreviewTyped): Promise<void> {
    const made = await this.store.post<Preview>('/previews', { name, until, ...(password && { password }) });
    if (!made) return;
    this.making.set(false);
    await this.copy(made);
  }
  protected async change(p: Preview, { name, until, password }: PreviewTyped): Promise<void> {
    const wish = { name, until, ...(password !== '' && { password }) };
    if ((await this.store.put(`/previews/${p.id}`, wish)) !== undefined) this.changing.set('');
  }
  protected async end(p: Preview): Promise<void> {
    const sure =
      p.over ||
      (await this.dialogs.confirm({
        title: `End the link for ${p.name}?`,
        words: `Whoever has it ${this.live() ? 'sees the site like everybody else' : 'reads the holding page'} from then on, and who looked is forgotten.`,
        act: 'End it',
      }));
    if (sure && (await this.store.delete(`/previews/${p.id}`)) !== undefined)
      this.store.said.set({ words: `The link for ${p.name} has ended.`, bad: false });
  }
  protected async endAll(): Promise<void> {
    const sure = await this.dialogs.confirm({
      title: 'End every link?',
      words: 'Whoever was given a link does not get in with it any more. You can make new ones at any time.',
      act: 'End them all',
    });
    if (sure && (await this.store.delete('/previews')) !== undefined)
      this.store.said.set({ words: 'Every link that was given out has ended.', bad: false });
  }
}
