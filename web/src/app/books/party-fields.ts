import { ChangeDetectionStrategy, Component, input, model } from '@angular/core';
import type { Party } from '@tin-porch/core/care';

const countries = new Intl.DisplayNames('en-GB', { type: 'region', fallback: 'none' });
/** What a country is called by its two letters; empty where none is. */
export const countryName = (code: string): string => (/^[A-Z]{2}$/.test(code) && countries.of(code)) || '';

/** Who somebody is, as invoices have it. */
@Component({
  selector: 'tp-party-fields',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let p = party();
    <div class="field">
      <label [for]="name() + '-name'">Name, as invoices have it</label>
      <input
        [id]="name() + '-name'"
        maxlength="200"
        autocomplete="off"
        [value]="p.name"
        (input)="set('name', $event)"
      />
    </div>
    <div class="field">
      <label [for]="name() + '-street'">Street and number</label>
      <input
        [id]="name() + '-street'"
        maxlength="200"
        autocomplete="off"
        [value]="p.street"
        (input)="set('street', $event)"
      />
    </div>
    <div class="three">
      <div class="field">
        <label [for]="name() + '-postcode'">Postcode</label>
        <input
          [id]="name() + '-postcode'"
          maxlength="40"
          autocomplete="off"
          [value]="p.postcode"
          (input)="set('postcode', $event)"
        />
      </div>
      <div class="field">
        <label [for]="name() + '-city'">Town</label>
        <input
          [id]="name() + '-city'"
          maxlength="200"
          autocomplete="off"
          [value]="p.city"
          (input)="set('city', $event)"
        />
      </div>
      <div class="field">
        <label [for]="name() + '-country'"
          >Country <span class="quiet">{{ country(p.country) }}</span></label
        >
        <input
          [id]="name() + '-country'"
          maxlength="2"
          autocomplete="off"
          placeholder="GB"
          [value]="p.country"
          (input)="set('country', $event)"
        />
      </div>
    </div>
    <div class="two">
      <div class="field">
        <label [for]="name() + '-vat'">VAT number, if there is one</label>
        <input
          [id]="name() + '-vat'"
          maxlength="40"
          autocomplete="off"
          placeholder="GB123456789"
          [value]="p.vatId"
          (input)="set('vatId', $event)"
        />
      </div>
      <div class="field">
        <label [for]="name() + '-mail'">Mail</label>
        <input
          [id]="name() + '-mail'"
          type="email"
          maxlength="200"
          autocomplete="off"
          [value]="p.mail"
          (input)="set('mail', $event)"
        />
      </div>
    </div>
  `,
  styles: `
    :host {
      display: block;
      container-type: inline-size;
    }
    .two,
    .three {
      display: grid;
      gap: 0 12px;
    }
    @container (min-width: 420px) {
      .two {
        grid-template-columns: 1fr 1fr;
      }
      .three {
        grid-template-columns: 1fr 1.4fr 1.2fr;
      }
    }
  `,
})
export class PartyFields {
  /** What the ids of its fields begin with. */
  readonly name = input.required<string>();
  readonly party = model.required<Party>();
  protected country = countryName;

  protected set(field: keyof Party, event: Event): void {
    const typed = (event.target as HTMLInputElement).value;
    const value =
      field === 'country' ? typed.toUpperCase() : field === 'vatId' ? typed.toUpperCase().replace(/\s/g, '') : typed;
    this.party.set({ ...this.party(), [field]: value });
  }
}
