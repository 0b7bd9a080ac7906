import { monthAfter, monthOf, type CarePlan, type Charge, type Seller } from '@tin-porch/core/care';
import type { ApiClient } from './api-client.js';

/** Whoever looks after the demo sites. */
const SELLER: Seller = {
  ...{
    name: 'Ines Tarrant Websites',
    street: '2 Sailmaker’s Loft',
    postcode: 'SM1 4QT',
    city: 'Saltmarrow',
    country: 'GB',
  },
  ...{ vatId: 'GB100200300', mail: 'ines@tinporch.example', contact: 'Ines Tarrant', phone: '01632 960 118' },
  ...{ taxNumber: '', iban: 'GB33 BUKB 2020 1555 5555 55', bic: '', dueDays: 14, tax: { category: 'S', rate: 2000 } },
  ...{ taxReason: '', numbering: '{year}-{count}', note: 'Thank you for having your site looked after here.' },
};

/** What is agreed with a client of the demo, and what was done for them. */
export interface DemoCare {
  plan: Pick<CarePlan, 'name' | 'price' | 'every' | 'minutes' | 'rate'>;
  street: string;
  mail: string;
  /** Work of the last month and of this one: so many days before today, minutes. */
  work: [back: number, minutes: number, words: string, charge: Charge][];
}
const INCLUDES = ['Rounds over every page each day', 'Backups each night, each one tried', 'A report each month'];

/** Agrees on care with a client, as the interface does. */
export async function agreeOnCare(api: ApiClient, site: string, name: string, care: DemoCare): Promise<void> {
  const now = new Date();
  const { known } = await api.call<{ known: boolean }>('GET', '/books');
  if (!known) await api.call('PUT', '/books/seller', SELLER);
  const since = monthAfter(monthOf(now.toISOString()), -3);
  await api.call('PUT', `/sites/${site}/plan`, {
    plan: { ...care.plan, currency: 'GBP', includes: INCLUDES, since, until: null },
    report: { day: 2, to: [care.mail], itself: false },
    buyer: {
      ...{ name, street: care.street, postcode: 'SM1 2HB', city: 'Saltmarrow', country: 'GB', vatId: '' },
      ...{ mail: care.mail, reference: '' },
    },
  });
  for (const [back, minutes, words, charge] of care.work)
    await api.call('POST', `/sites/${site}/time`, {
      ...{ id: crypto.randomUUID(), minutes, words, charge },
      day: new Date(now.getTime() - back * 86_400_000).toISOString().slice(0, 10),
    });
}

/** Charges the month before last of a site: issued, and paid. */
export async function chargeOnce(api: ApiClient, site: string): Promise<void> {
  const now = new Date();
  const month = monthAfter(monthOf(now.toISOString()), -2);
  const { id } = await api.call<{ id: string }>('POST', `/sites/${site}/invoices`, { month });
  await api.call('POST', `/invoices/${id}/issue`);
  await api.call('PUT', `/invoices/${id}/paid`, { day: now.toISOString().slice(0, 10) });
}
