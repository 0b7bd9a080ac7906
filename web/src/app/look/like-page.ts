import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { lookLike, saysReference, type Reference } from '@tin-porch/core/look';
import { firstValueFrom } from 'rxjs';
import { asRefusal, PorchApi } from '../api/porch-api';
import { SiteStore } from '../site/site-store';

/** A page the client likes as the place a look begins: its colours, kinds of type, corners and room; never its words or code. */
@Component({
  selector: 'tp-like-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FormsModule],
  template: `
    <form class="field" (submit)="$event.preventDefault(); at()">
      <label for="like-address">Begin where a page they like is</label>
      <div class="bar nowrap">
        <input id="like-address" name="address" inputmode="url" placeholder="name.example/page" [(ngModel)]="address" />
        <button class="plain small" type="submit" [disabled]="busy()">{{ busy() ? 'Reading' : 'Read it' }}</button>
      </div>
    </form>
    <p class="bar">
      <label class="plain small"
        >A saved page<input class="sr" type="file" accept=".html,.htm,text/html" (change)="saved($any($event.target))"
      /></label>
      <span class="quiet">Colours, kinds of type, corners and room are taken; nothing else.</span>
    </p>
    @if (trouble(); as words) {
      <p class="note lamp" role="alert">{{ words }}</p>
    }
    @if (taken(); as words) {
      <p class="note moss" role="status">Taken: {{ words }}.</p>
    }
  `,
})
export class LikePage {
  private readonly api = inject(PorchApi);
  private readonly store = inject(SiteStore);
  protected readonly address = signal('');
  protected readonly busy = signal(false);
  protected readonly trouble = signal('');
  protected readonly taken = signal('');

  protected async at(): Promise<void> {
    const address = this.address().trim();
    if (address) await this.take({ address });
  }
  protected async saved(input: HTMLInputElement): Promise<void> {
    const file = input.files?.[0];
    if (!file) return;
    const html = await file.text();
    input.value = '';
    if (html.length > 1_900_000) return this.trouble.set(`${file.name} is too long for a page.`);
    await this.take({ html });
  }
  private async take(asked: { address: string } | { html: string }): Promise<void> {
    this.busy.set(true);
    this.trouble.set('');
    this.taken.set('');
    try {
      const reference = await firstValueFrom(this.api.post<Reference>('/references', asked));
      const { look, language } = this.store.document()!;
      this.store.change({ op: 'setLook', look: lookLike(look, reference, language.slice(0, 2)) });
      this.taken.set(saysReference(reference).join(', '));
    } catch (error) {
      const { title, detail } = asRefusal(error);
      this.trouble.set(detail || title);
    }
    this.busy.set(false);
  }
}
