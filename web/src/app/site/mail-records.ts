import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import { zoneLines } from '@tin-porch/core/care';
import { DomainRecords } from './domain-records';
import { SiteStore } from './site-store';

/** The records by which letters of a site may come from its own domain: what is missing, and where they come from now. */
@Component({
  selector: 'tp-mail-records',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [DomainRecords],
  template: `
    @if (store.detail()?.mail; as mail) {
      <h2 class="gap">Letters</h2>
      @if (mail.own) {
        <p class="quiet">
          What the site writes (answers, links to the desk, notices) comes from
          <span class="mono">{{ mail.from }}</span>, signed with a key of its own.
        </p>
      } @else {
        <p class="quiet">
          What the site writes (answers, links to the desk, notices) comes from
          <span class="mono">{{ mail.from }}</span> until these records are there. They only add: whoever sends mail of
          {{ store.detail()!.domain }} today still does, and what comes in stays where it is.
        </p>
      }
      <tp-domain-records [records]="mail.records" (copy)="copy.emit($event)" />
      @if (open()) {
        <p class="bar gap">
          @if (ours()) {
            <button class="plain" type="button" [disabled]="store.busy(SET)" (click)="set()">
              {{ store.busy(SET) ? 'Setting …' : 'Set the mail records now' }}
            </button>
          }
          <button class="plain" type="button" (click)="copy.emit(zone())">Copy the mail records as zone lines</button>
        </p>
      }
    }
  `,
})
export class MailRecords {
  /** Asks for words to be copied. */
  readonly copy = output<string>();
  protected readonly store = inject(SiteStore);
  protected readonly SET = 'POST /domain/mail-records';
  private readonly records = computed(() => this.store.detail()?.mail?.records ?? []);
  protected readonly zone = computed(() => zoneLines(this.records()));
  /** Whether anything is to do. */
  protected readonly open = computed(() => this.zone() !== '');
  protected readonly ours = computed(() => this.store.detail()?.domainSeen?.registration.state === 'ours');

  protected async set(): Promise<void> {
    if ((await this.store.post('/domain/mail-records')) !== undefined)
      this.store.said.set({ words: 'The mail records are set. Letters come from the domain now.', bad: false });
  }
}
