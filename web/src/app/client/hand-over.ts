import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Answered } from '../api/model';
import { Dialogs } from '../parts/dialogs';
import { SiteStore } from '../site/site-store';

type Person = Answered<'GET /sites/:id/desk'>['people'][number];
/** A site that was handed over: to whom, and the link of whoever was not at the desk before. */
export type HandedOver = Answered<'POST /sites/:id/handover'> & { name: string };

const NEW = 'new';

/** Makes the site its client’s own, in one act. */
@Component({
  selector: 'tp-hand-over',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule],
  template: `
    <h3 id="hand-over">{{ owners().length ? 'Handed over' : 'Hand over' }}</h3>
    @for (o of owners(); track o.id) {
      <p>
        The site is <b>{{ o.name }}’s</b> since {{ day(o.ownerSince!) }}.
      </p>
    }
    @if (owners().length) {
      <p class="quiet">
        They say at their desk who else may what there, and take the site along whole whenever they like. You look after
        it and deploy as before; each time you come to the desk stands in its log. They give it back in the same place.
      </p>
    } @else {
      <p class="quiet">
        Makes the site somebody’s own: they say who else is at the desk, and can take it along whole. You go on looking
        after it.
      </p>
    }
    @if (fault()) {
      <p class="note brick" role="alert">{{ fault() }}</p>
    }
    @if (open()) {
      <form class="stack" (ngSubmit)="hand()">
        <div class="line">
          <div class="field">
            <label for="hand-to">To whom</label>
            <select id="hand-to" name="to" [(ngModel)]="to">
              @for (p of others(); track p.id) {
                <option [value]="p.id">{{ p.name }}, {{ p.mail }}</option>
              }
              <option [value]="somebodyNew">somebody new</option>
            </select>
          </div>
          @if (to() === somebodyNew) {
            <div class="field">
              <label for="hand-name">Name</label
              ><input id="hand-name" name="name" maxlength="80" autocomplete="off" [(ngModel)]="name" />
            </div>
            <div class="field">
              <label for="hand-mail">Mail</label
              ><input id="hand-mail" name="mail" type="email" maxlength="254" autocomplete="off" [(ngModel)]="mail" />
            </div>
          }
        </div>
        @if (kept(); as n) {
          <label class="check">
            <input type="checkbox" name="unlock" [(ngModel)]="unlock" />
            leave them what is locked at the desk too ({{ n }})
          </label>
        }
        <p class="bar">
          <button class="act" type="submit" [disabled]="store.busy('POST /handover')">Hand the site over</button>
          <button class="plain" type="button" (click)="open.set(false)">Not now</button>
        </p>
      </form>
    } @else {
      <p>
        <button class="plain" type="button" (click)="begin()">
          {{ owners().length ? 'Hand it to somebody else too' : 'Hand the site over …' }}
        </button>
      </p>
    }
  `,
  styles: `
    :host {
      display: block;
      margin-top: 18px;
    }
    .bar,
    p + p:has(button) {
      margin-top: 12px;
    }
  `,
})
export class HandOver {
  protected readonly store = inject(SiteStore);
  private readonly dialogs = inject(Dialogs);
  readonly people = input.required<readonly Person[]>();
  readonly handed = output<HandedOver>();
  protected readonly somebodyNew = NEW;
  protected readonly owners = computed(() => this.people().filter((p) => p.role === 'owner'));
  protected readonly others = computed(() => this.people().filter((p) => p.role !== 'owner'));
  protected readonly kept = computed(() => this.store.document()?.locks?.length ?? 0);
  protected readonly open = signal(false);
  protected readonly to = signal(NEW);
  protected readonly name = signal('');
  protected readonly mail = signal('');
  protected readonly unlock = signal(true);
  protected readonly fault = signal('');
  /** What the act is called, so that it is done once however often it is sent. */
  private act = '';

  protected day = (at: string): string => new Intl.DateTimeFormat('en-GB', { dateStyle: 'long' }).format(new Date(at));

  protected begin(): void {
    this.act = crypto.randomUUID();
    this.to.set(this.others()[0]?.id ?? NEW);
    this.open.set(true);
  }

  protected async hand(): Promise<void> {
    const person = this.others().find((p) => p.id === this.to());
    const [name, mail] = [this.name().trim(), this.mail().trim()];
    if (!person && !name) return this.fault.set('Say to whom.');
    if (!person && !/^[^\s@]+@[^\s@]+\.[^\s@]+$/.test(mail))
      return this.fault.set('Give a mail address: name@place.example.');
    this.fault.set('');
    const whose = person?.name ?? name;
    const sure = await this.dialogs.confirm({
      title: `Hand the site over to ${whose}?`,
      words: `It is ${whose}’s from then on: only they let people in at the desk or in no more. They can give it back, you cannot take it.`,
      act: 'Hand over',
    });
    if (!sure) return;
    const made = await this.store.post<Answered<'POST /sites/:id/handover'>>('/handover', {
      id: this.act,
      to: person ? { person: person.id } : { name, mail },
      unlock: this.unlock() && this.kept() > 0,
    });
    if (!made) return;
    this.open.set(false);
    this.name.set('');
    this.mail.set('');
    this.handed.emit({ ...made, name: whose });
  }
}
