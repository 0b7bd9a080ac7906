import { Component, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router } from '@angular/router';
import type { Facts } from '@tin-porch/core';
import { switchMap } from 'rxjs';
import { asRefusal, PorchApi } from '../api/porch-api';

@Component({
  selector: 'tp-new-brief',
  host: { class: 'contents' },
  imports: [FormsModule],
  template: `
    <main class="place narrow">
      <h1>New brief</h1>
      <form (ngSubmit)="begin()">
        <div class="field">
          <label for="name"
            >Client or business name <span class="quiet">may be left empty when it is in the text</span></label
          >
          <input id="name" name="name" maxlength="120" [(ngModel)]="name" />
        </div>
        <div class="field">
          <label for="text">What they sent you <span class="quiet">a mail, notes, anything; as it is</span></label>
          <textarea
            id="text"
            name="text"
            rows="14"
            maxlength="200000"
            [(ngModel)]="text"
            placeholder="Paste it here. Lines such as “Phone: …” or “- Sash windows, from £310” are read as facts; everything else is kept as the description."
          ></textarea>
        </div>
        @if (fault()) {
          <p class="fault" role="alert">{{ fault() }} What you typed is still here.</p>
        }
        <button class="act" type="submit" [disabled]="busy()">Begin</button>
      </form>
    </main>
  `,
})
export class NewBrief {
  private readonly api = inject(PorchApi);
  private readonly router = inject(Router);
  protected name = '';
  protected text = '';
  protected readonly fault = signal('');
  protected readonly busy = signal(false);

  protected begin(): void {
    const name = this.name.trim();
    if (!name && !this.text.trim()) return void this.fault.set('Give a name, or paste what the client sent.');
    this.busy.set(true);
    const source = name ? `Name: ${name}\n\n${this.text}` : this.text;
    this.api
      .post<{ facts: Facts }>('/briefs', { text: source })
      .pipe(switchMap(({ facts }) => this.api.post<{ id: string }>('/sites', facts)))
      .subscribe({
        next: ({ id }) => void this.router.navigate(['/sites', id, 'brief']),
        error: (error: unknown) => {
          this.busy.set(false);
          this.fault.set(asRefusal(error).message);
        },
      });
  }
}
