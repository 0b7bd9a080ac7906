import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { some } from '@tin-porch/core/some';
import { catchError, EMPTY, filter, merge, switchMap } from 'rxjs';
import { PorchEvents } from '../api/events';
import type { Answered } from '../api/model';
import { asRefusal, PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { agreed, chosenAtFirst, Sides, type SideChoice } from '../parts/sides';
import { SiteStore } from './site-store';

type State = Answered<'GET /sites/:id/staging'>;
/** So many changes are named at once. */
const NAMED = 8;

/** How a staging copy differs from the site it is of, and how what was tried on it comes back there. */
@Component({
  selector: 'tp-staging-copy',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, Sides],
  template: `
    @if (store.detail()?.stagingOf; as of) {
      <h2>
        Staging copy of <a [routerLink]="['/sites', of.id]">{{ of.name }}</a>
      </h2>
      <p class="quiet">
        Try things here: nothing of it is to be seen on the site itself, visitors do not find the copy, and what is sent
        from it is told to nobody but you. Show it by a link in <a routerLink="../publish">Publish</a>.
      </p>
      @if (done()) {
        <p class="note moss" role="status">{{ done() }} <a [routerLink]="['/sites', of.id]">To the site</a></p>
      }
      @if (fault()) {
        <p class="note brick" role="alert">{{ fault() }}</p>
      }
      @if (state(); as s) {
        @for (list of lists(); track list.title) {
          <h3>{{ list.title }}</h3>
          <ul class="plain-list">
            @for (words of list.words; track $index) {
              <li>{{ words }}</li>
            }
            @if (list.more) {
              <li class="quiet">and {{ list.more }} more</li>
            }
          </ul>
        } @empty {
          <p>Nothing was changed on either since both were the same.</p>
        }
        @if (undecided()) {
          <section class="note lamp" aria-label="To decide">
            <p>
              <b>{{ some(undecided(), 'thing') }} changed on both.</b> What shall it be?
            </p>
            <tp-sides
              [parts]="s.parts"
              [takes]="takes"
              group="staging"
              theirs="Copy"
              ours="Site"
              gone="What it stood in is not on the site any more: it stays behind."
              (choose)="choose($event.n, $event.choice)"
            />
          </section>
        }
        @if (api.may('designer')) {
          <p class="bar">
            @if (s.tried.length) {
              <button class="act" type="button" [attr.aria-disabled]="busy() || null" (click)="bring()">
                Bring it back into the site
              </button>
            }
            @if (s.tried.length || s.meanwhile.length) {
              <button class="plain" type="button" [attr.aria-disabled]="busy() || null" (click)="anew()">
                Begin anew from the site{{ s.tried.length ? ' …' : '' }}
              </button>
            }
            <button class="plain" type="button" [attr.aria-disabled]="busy() || null" (click)="part()">
              Make it a site of its own …
            </button>
          </p>
          @if (s.tried.length) {
            <p class="quiet">
              It is one change there, after what was changed on the site meanwhile; Undo takes it back. Visitors see it
              with the next deploy. The copy is the same then.
            </p>
          }
        }
      } @else if (!fault()) {
        <p class="quiet" role="status">Both are compared …</p>
      }
    }
  `,
  styles: `
    :host {
      display: block;
      margin-bottom: 22px;
    }
    :host:empty {
      display: none;
    }
    h3 {
      margin: 12px 0 4px;
    }
    ul {
      margin: 0;
    }
    p {
      margin: 6px 0;
      overflow-wrap: anywhere;
    }
    section {
      margin: 10px 0;
    }
    .bar {
      margin: 12px 0 6px;
    }
  `,
})
export class StagingCopy {
  protected readonly store = inject(SiteStore);
  protected readonly api = inject(PorchApi);
  private readonly dialogs = inject(Dialogs);
  protected readonly state = signal<State | null>(null);
  protected readonly fault = signal('');
  protected readonly done = signal('');
  private readonly chosen = signal<Readonly<Record<number, SideChoice>>>({});
  protected readonly some = some;
  protected readonly busy = computed(
    () =>
      this.store.busy('POST /staging/back') ||
      this.store.busy('POST /staging/anew') ||
      this.store.busy('DELETE /staging'),
  );
  protected readonly undecided = computed(() => this.state()?.parts.filter((p) => !agreed(p)).length ?? 0);
  protected readonly lists = computed(() => {
    const s = this.state();
    if (!s) return [];
    return [
      { title: 'Tried here', all: s.tried },
      { title: 'Changed on the site meanwhile', all: s.meanwhile },
    ]
      .filter((l) => l.all.length)
      .map(({ title, all }) => ({ title, words: all.slice(0, NAMED), more: Math.max(0, all.length - NAMED) }));
  });

  constructor() {
    // Asked again after each change of the copy, and of the site it is of.
    merge(
      toObservable(this.store.detail),
      inject(PorchEvents).all.pipe(filter((e) => e.kind === 'site' && e.site === this.store.detail()?.stagingOf?.id)),
    )
      .pipe(
        filter(() => Boolean(this.store.detail()?.stagingOf)),
        switchMap(() =>
          this.api.get<State>(`/sites/${this.store.id()}/staging`).pipe(
            catchError((error: unknown) => {
              this.fault.set(`How it differs from the site was not asked for. ${asRefusal(error).message}`);
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe((state) => {
        this.fault.set('');
        // What was chosen of other things is not for these.
        if (JSON.stringify(state.parts) !== JSON.stringify(this.state()?.parts)) this.chosen.set({});
        this.state.set(state);
      });
  }

  protected takes = (n: number): SideChoice => this.chosen()[n] ?? chosenAtFirst(this.state()?.parts[n], 'live');
  protected choose = (n: number, choice: SideChoice): void => this.chosen.update((all) => ({ ...all, [n]: choice }));

  protected async bring(): Promise<void> {
    const { state, name } = await this.looked();
    if (!state) return;
    const that = (choice: SideChoice) =>
      state.parts.flatMap((p, n) => (p.there && !agreed(p) && this.takes(n) === choice ? [n] : []));
    const brought = await this.store.post<{ brought: number }>('/staging/back', {
      ...{ heads: state.heads, theirs: that('live'), both: that('both') },
    });
    if (brought)
      this.done.set(
        brought.brought
          ? `Brought back into ${name}. Both are the same now.`
          : 'Nothing of it was taken. Both are the same now.',
      );
  }
  protected async anew(): Promise<void> {
    const { state, name } = await this.looked();
    if (!state) return;
    const sure =
      !state.tried.length ||
      (await this.dialogs.confirm({
        title: `Begin anew from ${name}?`,
        words: `What was tried here goes from the copy, ${some(state.tried.length, 'change')}: it is in the history of the copy alone then.`,
        act: 'Begin anew',
      }));
    if (sure && (await this.store.post('/staging/anew', { heads: state.heads })) !== undefined)
      this.done.set(`The copy is as ${name} is now.`);
  }
  protected async part(): Promise<void> {
    const { name } = await this.looked();
    const sure = await this.dialogs.confirm({
      title: 'Make it a site of its own?',
      words: `It can have a domain and visitors then. What was tried on it is not brought back into ${name} any more.`,
      act: 'Make it a site of its own',
    });
    if (sure) await this.store.delete('/staging');
  }
  /** What stands there, once what is written and not sent yet is sent; null while something is under way. */
  private async looked(): Promise<{ state: State | null; name: string }> {
    this.done.set('');
    const { busy } = this;
    await this.store.flush();
    return { state: busy() ? null : this.state(), name: this.store.detail()?.stagingOf?.name ?? 'the site' };
  }
}
