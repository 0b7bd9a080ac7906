import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { SiteDetail } from '../api/model';
import { when } from '../parts/when';

const STATES = {
  new: ['new', 'moss'],
  old: ['old', 'lamp'],
  none: ['nothing yet', 'lamp'],
  silent: ['no answer', 'brick'],
} as const;

/** What a domain's own name servers say, and what resolvers tell visitors in different places. */
@Component({
  selector: 'tp-who-sees-what',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  styleUrl: './who-sees-what.scss',
  template: `
    <h2 class="gap">Who sees what</h2>
    <p class="quiet">Asked {{ seen().resolvers.length + 1 }} name servers {{ ago(seen().at) }}.</p>
    <ul class="resolvers">
      <li>
        <span class="dot" [class.good]="seen().leadsHere" [class.look]="!seen().leadsHere"></span
        ><b>Its own name servers</b><span class="mono">{{ authority() }}</span>
        <span class="chip" [class.moss]="seen().leadsHere" [class.lamp]="!seen().leadsHere">{{
          seen().leadsHere ? 'new' : seen().error ? 'no answer' : 'not yet'
        }}</span>
      </li>
      @for (r of seen().resolvers; track r.name) {
        <li>
          <span class="dot" [class.good]="r.state === 'new'" [class.look]="r.state !== 'new'"></span>{{ r.name
          }}<span class="mono"
            >{{ r.answer.join(', ') || '–' }}{{ r.state === 'old' && r.ttl ? ', ' + left(r.ttl) : '' }}</span
          >
          <span class="chip {{ states[r.state][1] }}">{{ states[r.state][0] }}</span>
        </li>
      }
    </ul>
  `,
})
export class WhoSeesWhat {
  readonly seen = input.required<NonNullable<SiteDetail['domainSeen']>>();
  readonly domain = input.required<string>();
  /** The time it is now, ms since 1970: what is left of an old answer is counted from it. */
  readonly now = input.required<number>();
  protected readonly states = STATES;
  protected readonly authority = computed(
    () =>
      this.seen()
        .records.filter((r) => r.name === this.domain() && r.type === 'A')
        .map((r) => r.data)
        .join(', ') || '–',
  );

  protected ago = (iso: string) => when(iso, this.now());
  /** How long an old answer may still be given, of what it had left when it was asked for. */
  protected left(ttl: number): string {
    const seconds = Math.round(ttl - (this.now() - Date.parse(this.seen().at)) / 1000);
    if (seconds <= 0) return 'should have the new one by now: ask again';
    return seconds > 90 ? `may stay so for ${Math.round(seconds / 60)} min` : `may stay so for ${seconds} s`;
  }
}
