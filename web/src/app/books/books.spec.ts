import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, signal, type Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter, Router } from '@angular/router';
import { PorchApi } from '../api/porch-api';
import type { Answered } from '../api/model';
import { Dialogs } from '../parts/dialogs';
import { BooksPlace } from '../places/books';
import { InvoicePlace } from '../places/invoice';
import { SiteStore } from '../site/site-store';
import { ReportStep } from '../site/steps/report';
import { aPlan, anInvoice, aWholeInvoice } from '../testing/a-book';
import { toldByHand } from '../testing/no-events';
import { invoiceChip } from './invoice-chip';
import { MoneyField } from './money-field';
import { countryName } from './party-fields';
import { SellerForm } from './seller-form';
import { SitePlan } from './site-plan';

describe('the books', () => {
  let http: HttpTestingController;
  let sure: boolean;
  const settle = async (fixture: ComponentFixture<unknown>, ms = 0) => {
    await new Promise((done) => setTimeout(done, ms));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  async function shown<C>(component: Type<C>, inputs: Record<string, unknown> = {}) {
    const fixture = TestBed.createComponent(component);
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    await settle(fixture);
    const element = fixture.nativeElement as HTMLElement;
    const field = <E extends HTMLElement = HTMLInputElement>(selector: string) => element.querySelector<E>(selector)!;
    return {
      ...{ fixture, element, field },
      words: () => element.textContent.replace(/\s+/g, ' '),
      fault: () => element.querySelector('[role=alert]')?.textContent.trim() ?? '',
      type: (selector: string, value: string) => {
        field(selector).value = value;
        field(selector).dispatchEvent(new Event('input'));
      },
      press: async (label: string) => {
        [...element.querySelectorAll('button')]
          .find((b) => `${b.getAttribute('aria-label') ?? ''} ${b.textContent}`.includes(label))!
          .click();
        await settle(fixture);
      },
      has: (label: string) => [...element.querySelectorAll('button')].some((b) => b.textContent.includes(label)),
    };
  }
  const as = (role: string) =>
    TestBed.inject(PorchApi).session.set({ designer: { name: 'Ines', mail: 'i@x.example', role } } as never);
  const refusal = (title: string) => ({ title, status: 409 });
  const no = { status: 409, statusText: 'Conflict' };

  beforeEach(() => {
    sure = true;
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        provideRouter([]),
        toldByHand().provider,
        {
          provide: SiteStore,
          useValue: { id: signal('gant'), main: signal(null), document: signal({ facts: { name: 'Gant & Sons' } }) },
        },
        { provide: Dialogs, useValue: { confirm: () => Promise.resolve(sure) } },
      ],
    });
    http = TestBed.inject(HttpTestingController);
  });
  afterEach(() => http.verify());

  describe('a field for money', () => {
    it('reads what is typed and keeps it as it was typed', async () => {
      const { fixture, words, type, field, fault } = await shown(MoneyField, {
        name: 'm',
        label: 'Price',
        currency: 'GBP',
        amount: 4500,
      });
      expect(field('input').value).toBe('45');
      type('input', '1.200,5');
      await settle(fixture);
      expect([fixture.componentInstance.amount(), fixture.componentInstance.unread()]).toEqual([120_050, false]);
      expect(words()).toContain('£1,200.50');
      expect(field('input').value).toBe('1.200,5');
      type('input', '4..5');
      await settle(fixture);
      expect(fault()).toContain('“4..5” is not an amount');
      expect([fixture.componentInstance.amount(), fixture.componentInstance.unread()]).toEqual([null, true]);
      type('input', '');
      await settle(fixture);
      expect([fault(), fixture.componentInstance.unread()]).toEqual(['', false]);
      fixture.componentRef.setInput('amount', 5);
      await settle(fixture);
      expect(field('input').value).toBe('0.05');
    });
  });

  it('know countries by their letters', () => {
    expect(['GB', 'DE', 'ZZ', 'g', ''].map(countryName)).toEqual([
      'United Kingdom',
      'Germany',
      jasmine.any(String) as never,
      '',
      '',
    ]);
  });

  it('say of each invoice how it stands', () => {
    const chip = (over: object) => invoiceChip(anInvoice(over)).words;
    const issued = { number: '1', issued: '2026-11-01', due: '2026-11-15' };
    expect([chip({}), chip({ lacks: ['x'] }), chip({ ...issued, state: 'open' })]).toEqual([
      'Draft',
      'Draft, not whole',
      'Not sent yet',
    ]);
    const gone = { ...issued, state: 'open', sentAt: '2026-11-01T00:00:00.000Z' };
    expect(chip({ ...gone, letter: { state: 'failed', error: '550' } })).toBe('Did not arrive');
    expect(chip({ ...gone, letter: { state: 'sent', error: null } })).toBe('Due 15 Nov 2026');
    expect(chip({ ...issued, state: 'open', sentAt: '2026-11-01T00:00:00.000Z' })).toBe('Due 15 Nov 2026');
    expect([chip({ ...issued, state: 'late' }), chip({ ...issued, state: 'paid', paid: '2026-11-02' })]).toEqual([
      'Late since 15 Nov 2026',
      'Paid 2 Nov 2026',
    ]);
    expect([chip({ ...issued, state: 'taken back' }), chip({ ...issued, takesBack: 'x' })]).toEqual([
      'Taken back',
      'Takes back',
    ]);
  });

  describe('with a client', () => {
    const opened = async (over: object = {}) => {
      const place = await shown(SitePlan);
      http.expectOne('/api/sites/gant/plan').flush(aPlan(over));
      await settle(place.fixture);
      return place;
    };

    it('say what is agreed, how the work stands, and what was told of each month', async () => {
      const { words, element } = await opened();
      expect(words()).toContain('Fair wind, £45.50 each month without tax, with 1 h 20 min of work each month.');
      expect(words()).toContain('to ada@gant.example; you send it, from day 2 of the next month on.');
      expect(words()).toContain('This month 1 h 30 min of 1 h 20 min in the plan, 10 min beyond it.');
      const months = [...element.querySelectorAll('[aria-label=Months] li')].map((li) =>
        li.textContent.replace(/\s+/g, ' ').trim(),
      );
      expect(months[0]).toMatch(/November 2026\s?runs/);
      expect(months[1]).toContain('report sent 2 Nov 2026, on an invoice');
      expect(months[2]).toContain('Draft the invoice');
      expect(months[0]).not.toContain('Draft');
    });

    it('take work down once, however it is typed, and say what cannot be read', async () => {
      const { fixture, press, type, fault, element } = await opened();
      await press('Write it down');
      expect(fault()).toContain('Say what was done');
      type('#work-words', ' A poster ');
      type('#work-time', 'long');
      await press('Write it down');
      expect(fault()).toContain('Say how long');
      type('#work-time', '1,5');
      await press('Write it down');
      const first = http.expectOne('/api/sites/gant/time');
      expect(first.request.body).toEqual(jasmine.objectContaining({ minutes: 90, words: 'A poster', charge: 'plan' }));
      first.flush(refusal('Not now'), no);
      await settle(fixture);
      expect(fault()).toBe('Not now');
      expect(element.querySelector<HTMLInputElement>('#work-words')!.value).toBe(' A poster ');
      await press('Write it down');
      const again = http.expectOne('/api/sites/gant/time');
      // Sent again, it is the same note.
      expect(again.request.body.id).toBe(first.request.body.id);
      again.flush(null);
      await settle(fixture);
      http.expectOne('/api/sites/gant/plan').flush(aPlan({ notes: [] }));
      await settle(fixture);
      expect(element.querySelector<HTMLInputElement>('#work-words')!.value).toBe('');
      expect(element.textContent).toContain('Nothing was written down');
    });

    it('take a note away, and draft the invoice of a month', async () => {
      const { fixture, press, fault } = await opened();
      await press('Take away: New prices');
      http
        .expectOne((r) => r.method === 'DELETE' && r.url.endsWith('/time/00000000-0000-4000-8000-000000000001'))
        .flush(null);
      await settle(fixture);
      http.expectOne('/api/sites/gant/plan').flush(aPlan());
      await settle(fixture);
      const gone = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
      await press('Draft the invoice of September 2026');
      http.expectOne('/api/sites/gant/invoices').flush(refusal('There is nothing to charge'), no);
      await settle(fixture);
      expect(fault()).toContain('nothing to charge');
      await press('Draft the invoice of September 2026');
      http.expectOne('/api/sites/gant/invoices').flush({ id: 'x' });
      expect(gone).toHaveBeenCalledWith(['/books', 'x']);
    });

    it('agree on something, keep what was typed where it is refused, and send what stands there', async () => {
      const { fixture, press, type, fault, field } = await opened();
      await press('Change what is agreed');
      type('#plan-minutes', 'much');
      await press('Keep it');
      expect(fault()).toContain('“much” is not a time');
      type('#plan-minutes', '2h');
      type('#plan-price', '1..2');
      await press('Keep it');
      expect(fixture.nativeElement.textContent).toContain('An amount cannot be read.');
      type('#plan-price', '50');
      type('#plan-name', 'Strong wind');
      type('#plan-until', '2026-08');
      await press('Keep it');
      expect(fault()).toContain('ends before it begins');
      type('#plan-until', '');
      type('#report-day', '31');
      await press('Keep it');
      expect(fault()).toContain('from 1 to 28');
      type('#report-day', '5');
      type('#report-to', 'a@x.example\n\n b@x.example ');
      type('#buyer-country', 'gb');
      // What is typed in one field leaves the others as they are.
      expect(field('#plan-minutes').value).toBe('2h');
      await press('Keep it');
      const put = http.expectOne('/api/sites/gant/plan');
      expect(put.request.method).toBe('PUT');
      const sent = put.request.body as Answered<'GET /sites/:id/plan'>;
      expect(sent.plan).toEqual(
        jasmine.objectContaining({ name: 'Strong wind', price: 5000, minutes: 120, rate: 6000, until: null }),
      );
      expect(sent.report).toEqual({ day: 5, to: ['a@x.example', 'b@x.example'], itself: false });
      expect(sent.buyer!.country).toBe('GB');
      put.flush(refusal('Not so'), no);
      await settle(fixture);
      expect([fault(), field('#plan-name').value]).toEqual(['Not so', 'Strong wind']);
      await press('Leave it as it was');
      expect(field('#plan-name')).toBeNull();
    });

    it('agree on nothing at all, and on a first plan with what is usual', async () => {
      const { fixture, press, field, words } = await opened({ plan: null, report: null, reports: [] });
      expect(words()).toContain('There is no care plan');
      await press('Agree on something');
      expect(field('#plan-name')).toBeNull();
      field('input[type=checkbox]').click();
      await settle(fixture);
      expect(field('#plan-minutes').value).toBe('1 h');
      expect(field<HTMLTextAreaElement>('#plan-includes').value).toContain('Backups each night');
      field('input[type=checkbox]').click();
      await settle(fixture);
      await press('Keep it');
      const put = http.expectOne('/api/sites/gant/plan');
      expect(put.request.body).toEqual({ plan: null, report: null, buyer: null });
      put.flush(null);
      await settle(fixture);
      http.expectOne('/api/sites/gant/plan').flush(aPlan());
    });

    it('let nobody change what is agreed who may not', async () => {
      as('accountant');
      const { has, words } = await opened();
      expect(has('Change what is agreed') || has('Write it down') || has('Draft the invoice')).toBe(false);
      expect(words()).toContain('Fair wind');
      as('owner');
    });
  });

  describe('as a place', () => {
    const opened = async (over: Partial<Answered<'GET /books'>> = {}) => {
      const place = await shown(BooksPlace);
      const { seller } = {
        seller: { name: '', iban: '', numbering: '{year}-{count}', dueDays: 14, tax: { category: 'S', rate: 2000 } },
      };
      http.expectOne('/api/books').flush({
        ...{ month: '2026-10', seller, known: false, mail: true, due: [], reports: [], invoices: [], ...over },
      });
      await settle(place.fixture);
      return place;
    };

    it('say how to begin where there is nothing', async () => {
      const { words } = await opened();
      expect(words()).toContain('Agree on a care plan with a client');
      expect(words()).toContain('Nobody has said yet');
      expect(words()).not.toContain('Owed');
    });

    it('list invoices by how they stand, and say what is owed in each currency', async () => {
      const id = (n: number) => `10000000-0000-4000-8000-00000000000${n}`;
      const { fixture, words, press, element, fault } = await opened({
        invoices: [
          anInvoice({ id: id(1) }),
          anInvoice({ id: id(2), number: 'A', state: 'open', due: '2026-11-15' }),
          anInvoice({ id: id(3), number: 'B', state: 'late', due: '2026-11-01', currency: 'EUR', gross: 100 }),
          anInvoice({ id: id(4), number: 'C', state: 'open', takesBack: id(5), gross: -5000 }),
          anInvoice({ id: id(5), number: 'D', state: 'taken back' }),
        ],
      });
      expect(words()).toContain('Owed: £66.60, €1.00');
      expect(element.querySelectorAll('tbody tr').length).toBe(5);
      await press('Late');
      expect([...element.querySelectorAll('td.name a')].map((a) => a.textContent)).toEqual(['B']);
      await press('Paid');
      expect(words()).toContain('None of that kind.');
      await press('Save the list');
      http.expectOne('/api/books/csv').flush(new Blob([JSON.stringify(refusal('Not now'))]), no);
      // What came instead of the list is read.
      for (let n = 0; n < 200 && !fault(); n++) await settle(fixture, 20);
      expect(fault()).toBe('Not now');
    });

    it('draft what is due, and send what was not sent, once somebody is sure', async () => {
      const report = {
        site: 'gant',
        name: 'Gant & Sons',
        month: '2026-10',
        to: ['a@x.example'],
        itself: false,
        late: false,
        lost: false,
        sentAt: null,
      };
      const { fixture, words, press, has, fault } = await opened({
        due: [{ site: 'gant', name: 'Gant & Sons' }],
        reports: [
          report,
          { ...report, site: 'b', to: [] },
          { ...report, site: 'c', sentAt: '2026-11-02T08:00:00.000Z' },
        ],
      });
      await press('Draft 1 invoice');
      http.expectOne('/api/books/drafts').flush({ made: 1 });
      await settle(fixture);
      expect(words()).toContain('1 draft is there.');
      http.expectOne('/api/books').flush(refusal('Not now'), no);
      await settle(fixture);
      expect(fault()).toBe('Not now');
      sure = false;
      await press('Send the one that is not sent');
      http.expectNone('/api/books/reports');
      sure = true;
      await press('Send the one that is not sent');
      http.expectOne('/api/books/reports').flush({ sent: 0, refused: ['Gant & Sons: no paper'] });
      await settle(fixture);
      expect(words()).toContain('Gant & Sons: no paper');
      http
        .expectOne('/api/books')
        .flush({ month: '2026-10', seller: { name: '' }, known: false, due: [], reports: [], invoices: [] });
      await settle(fixture);
      expect(has('Send')).toBe(false);
    });

    it('ask who writes the invoices, and say at once what cannot be so', async () => {
      const closed: boolean[] = [];
      const { fixture, press, type, fault, words, field } = await shown(SellerForm, {
        seller: {
          ...{
            name: '',
            street: '',
            postcode: '',
            city: '',
            country: '',
            vatId: '',
            mail: '',
            contact: '',
            phone: '',
            taxNumber: '',
          },
          ...{
            iban: '',
            bic: '',
            dueDays: 14,
            tax: { category: 'S', rate: 2000 },
            taxReason: '',
            numbering: '{year}-{count}',
            note: '',
          },
        },
      });
      fixture.componentInstance.closed.subscribe((kept) => closed.push(kept));
      type('#seller-rate', 'twenty');
      await press('Keep it');
      expect(fault()).toContain('“twenty” is not a rate');
      type('#seller-rate', '8,1');
      type('#seller-numbering', '2026');
      await press('Keep it');
      expect(fault()).toContain('have to count');
      type('#seller-numbering', 'TP-{count}');
      type('#seller-iban', 'GB29NWBK60161331926818');
      await settle(fixture);
      expect(fault()).toContain('check digits');
      type('#seller-iban', 'GB29 NWBK 6016 1331 9268 19');
      type('#seller-vat', 'gb 1');
      await settle(fixture);
      expect([words().includes('such as TP-0007'), field('#seller-rate').value]).toEqual([true, '8,1']);
      await press('Keep it');
      const put = http.expectOne('/api/books/seller');
      expect(put.request.body).toEqual(jasmine.objectContaining({ vatId: 'GB1', tax: { category: 'S', rate: 810 } }));
      put.flush(null);
      expect(closed).toEqual([true]);
    });
  });

  describe('an invoice', () => {
    const opened = async (over: object = {}) => {
      const place = await shown(InvoicePlace, { id: 'i1' });
      http.expectOne('/api/invoices/i1').flush(aWholeInvoice(over));
      await settle(place.fixture);
      return place;
    };
    const ISSUED = { number: '2026-0001', issued: '2026-11-01', due: '2026-11-15', state: 'open' as const };

    it('is written line by line, and adds up as it is typed', async () => {
      const { fixture, words, press, type, field, element, fault } = await opened();
      expect(words()).toContain('£55.50 without tax');
      expect(field('[id^=line-time]').value).toBe('0:10');
      type('[id^=line-time]', '1h');
      await press('Another line');
      expect(words()).toContain('£105.50 without tax');
      await press('Keep the draft');
      expect(fault()).toContain('Line 3 is not whole');
      const [last] = [...element.querySelectorAll<HTMLInputElement>('[id^=line-words]')].slice(-1);
      last!.value = 'Stamps';
      last!.dispatchEvent(new Event('input'));
      await press('Take line 1 away');
      const select = element.querySelector('select')!;
      select.value = 'piece';
      select.dispatchEvent(new Event('change'));
      await settle(fixture);
      await press('Keep the draft');
      const put = http.expectOne('/api/invoices/i1');
      expect(put.request.body.lines).toEqual([
        { words: 'Beyond', quantity: 1, unit: 'piece', price: 6000 },
        { words: 'Stamps', quantity: 1, unit: 'piece', price: 0 },
      ]);
      put.flush(refusal('Not now'), no);
      await settle(fixture);
      expect([fault(), element.querySelectorAll('fieldset').length]).toEqual(['Not now', 2]);
    });

    it('gets its number once somebody is sure, and says what it wants before', async () => {
      const { fixture, words, press, fault } = await opened({ lacks: ['Your address.'] });
      expect(words()).toMatch(/Before it may have a number:\s?Your address\./);
      sure = false;
      await press('Give it its number');
      http.expectNone('/api/invoices/i1/issue');
      sure = true;
      await press('Give it its number');
      http.expectOne('/api/invoices/i1').flush(null);
      http.expectOne('/api/invoices/i1/issue').flush(refusal('The invoice is not whole yet'), no);
      await settle(fixture);
      expect(fault()).toContain('not whole yet');
      http.expectOne('/api/invoices/i1').flush(aWholeInvoice());
      await settle(fixture);
      await press('Give it its number');
      http.expectOne('/api/invoices/i1').flush(null);
      http.expectOne('/api/invoices/i1/issue').flush({ number: '2026-0001' });
      await settle(fixture);
      http.expectOne('/api/invoices/i1').flush(aWholeInvoice(ISSUED));
      await settle(fixture);
      expect(words()).toContain('Invoice 2026-0001');
      expect(words()).toContain('£66.60 to pay');
    });

    it('is sent, paid, not paid, and taken back', async () => {
      const { fixture, words, press, has } = await opened(ISSUED);
      const next = async (over: object) => {
        http.expectOne('/api/invoices/i1').flush(aWholeInvoice({ ...ISSUED, ...over }));
        await settle(fixture);
      };
      await press('Send it');
      http.expectOne('/api/invoices/i1/send').flush({ to: 'ada@gant.example' });
      await settle(fixture);
      await next({ sentAt: '2026-11-01T08:00:00.000Z', sentTo: 'ada@gant.example' });
      expect(words()).toContain('on the way to ada@gant.example');
      await press('Note it as paid');
      const paid = http.expectOne('/api/invoices/i1/paid');
      expect(paid.request.body.day).toMatch(/^\d{4}-\d\d-\d\d$/);
      // Pressed twice it is noted once.
      await press('Note it as paid');
      paid.flush(null);
      await settle(fixture);
      await next({ state: 'paid', paid: '2026-11-03' });
      expect(words()).toContain('Paid on 3 November 2026');
      await press('It was not paid');
      http.expectOne('/api/invoices/i1/paid').flush(null);
      await settle(fixture);
      await next({});
      await press('Take it back');
      http.expectOne('/api/invoices/i1/back').flush({ number: '2026-0002' });
      await settle(fixture);
      await next({ state: 'taken back' });
      expect(words()).toContain('It is taken back, by 2026-0002.');
      expect(has('Take it back') || has('Note it as paid')).toBe(false);
    });

    it('is thrown away as a draft, and says where there is none', async () => {
      const { press } = await opened();
      const gone = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
      await press('Throw it away');
      http.expectOne((r) => r.method === 'DELETE').flush(null);
      expect(gone).toHaveBeenCalledWith(['/books']);
      const none = await shown(InvoicePlace, { id: 'i2' });
      http
        .expectOne('/api/invoices/i2')
        .flush({ title: 'There is no such invoice', status: 404 }, { status: 404, statusText: 'x' });
      await settle(none.fixture);
      expect(none.fault()).toBe('There is no such invoice');
    });

    it('says why it cannot be printed', async () => {
      const { fixture, press, fault } = await opened(ISSUED);
      await press('Save as PDF');
      http
        .expectOne('/api/invoices/i1/pdf')
        .flush(new Blob([JSON.stringify(refusal('There is no browser to print with'))]), no);
      await settle(fixture, 20);
      expect(fault()).toBe('There is no browser to print with');
    });
  });

  describe('a report', () => {
    const report = (over: object = {}) => ({
      ...{
        words: '',
        plans: '',
        said: {},
        sentAt: null,
        sentTo: [],
        sentBy: null,
        letters: [],
        page: null,
        over: true,
      },
      ...over,
    });
    const opened = async (over: object = {}) => {
      const place = await shown(ReportStep, { month: '2026-10' });
      http.expectOne('/api/sites/gant/reports/2026-10').flush(report(over));
      await settle(place.fixture);
      return place;
    };

    it('keeps words as they are typed, and draws the page anew', async () => {
      const { fixture, type, words, field } = await opened();
      const before = field<HTMLIFrameElement>('iframe').src;
      type('#report-words', 'A good');
      type('#report-words', 'A good month');
      await settle(fixture);
      expect(words()).toContain('Not kept yet');
      await settle(fixture, 600);
      const put = http.expectOne('/api/sites/gant/reports/2026-10');
      expect(put.request.body).toEqual({ words: 'A good month', plans: '' });
      put.flush(null);
      await settle(fixture);
      expect(words()).toContain('Kept');
      expect(field<HTMLIFrameElement>('iframe').src).not.toBe(before);
    });

    it('sends again what could not be kept, once there is somebody to take it', async () => {
      const { fixture, type, fault, field } = await opened();
      type('#report-words', 'A good month');
      await settle(fixture, 600);
      http.expectOne('/api/sites/gant/reports/2026-10').flush({}, { status: 401, statusText: 'x' });
      await settle(fixture);
      expect(fault()).toContain('not kept yet');
      TestBed.inject(PorchApi).ended.set(false);
      await settle(fixture, 600);
      http.expectOne('/api/sites/gant/reports/2026-10').flush(null);
      await settle(fixture);
      expect([fault(), field<HTMLTextAreaElement>('#report-words').value]).toEqual(['', 'A good month']);
    });

    it('is sent with what stands there, once, and stays', async () => {
      const { fixture, type, press, words, has, field, fault } = await opened();
      type('#report-plans', 'New boats');
      await press('Send it');
      http.expectOne((r) => r.method === 'PUT').flush(null);
      http.expectOne('/api/sites/gant/reports/2026-10/send').flush({ to: ['a@x.example'] });
      http
        .expectOne((r) => r.method === 'GET')
        .flush(
          report({
            sentAt: '2026-11-02T08:00:00.000Z',
            sentBy: 'Ines',
            sentTo: ['a@x.example'],
            letters: [{ to: 'a@x.example', state: 'failed', error: '550 no' }],
            plans: 'New boats',
          }),
        );
      await settle(fixture, 600);
      expect(words()).toContain('Sent 2 Nov 2026 by Ines to a@x.example');
      expect(fault()).toContain('The letter to a@x.example did not arrive: 550 no.');
      expect(has('Send it')).toBe(false);
      expect(field('#report-words')).toBeNull();
    });

    it('waits where the month runs still', async () => {
      const { has, words } = await opened({ over: false });
      expect(has('Send it')).toBe(false);
      expect(words()).toContain('The month runs still');
    });
  });
});
