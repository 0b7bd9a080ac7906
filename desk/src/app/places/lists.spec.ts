import { TestBed } from '@angular/core/testing';
import type { HttpTestingController, TestRequest } from '@angular/common/http/testing';
import { Router } from '@angular/router';
import { Drafts } from '../drafts';
import { Session } from '../here';
import type { Change, ItemsOf, ListItem } from '../model';
import { atTheDesk, button, HERE, shown, textOf, write } from '../testing/at-the-desk';
import { en } from '../words/en';
import { ItemPlace } from './item';
import { ListPlace } from './list';
import { TodayPlace } from './today';

const said = (title: string, more: Partial<ListItem['said']> = {}): ListItem['said'] => ({
  title,
  up: true,
  from: '',
  until: '',
  values: { starts: '2026-07-01T19:30', text: 'By the crane.' },
  ...more,
});
const item = (id: string, title: string, more: Partial<ListItem> = {}): ListItem => ({
  id,
  title,
  state: 'up',
  when: '1 July 2026',
  said: said(title),
  ...more,
});
const answer = (items: ListItem[], found = items.length): ItemsOf => ({
  list: {
    id: 'l1',
    kind: 'events',
    name: 'What is on',
    locked: false,
    ordered: false,
    count: 9,
    fields: [
      { id: 'starts', label: 'Begins', type: 'time', choices: [] },
      { id: 'text', label: 'In a sentence or two', type: 'prose', choices: [] },
      { id: 'tide', label: 'Tide', type: 'choice', choices: ['High', 'Low'] },
    ],
  },
  zone: 'Europe/London',
  items,
  found,
});
type ItemChange = Extract<Change, { kind: 'item' }>;

describe('the lists of the desk', () => {
  let http: HttpTestingController;
  beforeEach(() => {
    http = atTheDesk();
    spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    TestBed.inject(Session).here.set({
      ...HERE,
      lists: [{ id: 'l1', kind: 'events', name: 'What is on', locked: false }],
    });
  });
  const asked = (): TestRequest => http.expectOne((r) => r.url === 'api/lists/l1' || r.url.startsWith('api/lists/l1?'));
  const changes = () => TestBed.inject(Drafts).all() as readonly ItemChange[];
  const listed = async () => {
    const place = await shown(ListPlace, { list: 'l1' });
    await new Promise((done) => setTimeout(done, 200));
    asked().flush(answer([item('a', 'Regatta'), item('b', 'Tar day', { state: 'planned' })], 50));
    await place.whenStable();
    return place;
  };
  const opened = async (id: string, items: ListItem[]) => {
    const place = await shown(ItemPlace, { list: 'l1', item: id });
    asked().flush(answer(items));
    await place.whenStable();
    return place;
  };

  it('show what is in one, how it stands, what is not up yet, and that there is more', async () => {
    TestBed.inject(Drafts).put({ kind: 'item', collection: 'l1', item: 'n', was: null, value: said('Quite new') });
    const place = await listed();
    expect(textOf(place)).toContain('Regatta1 July 2026 · up');
    expect(textOf(place)).toContain('Tar day1 July 2026 · planned');
    expect(textOf(place)).toContain('Quite new1 change not up yet');
    button(place, en.moreItems(48)).click();
    await new Promise((done) => setTimeout(done, 200));
    expect(asked().request.urlWithParams).toContain('most=120');
  });

  it('are searched once the hand rests', async () => {
    const place = await listed();
    const find = (place.nativeElement as HTMLElement).querySelector<HTMLInputElement>('input[type=search]')!;
    for (const words of ['r', 're', 'reg & co']) {
      find.value = words;
      find.dispatchEvent(new Event('input'));
    }
    await new Promise((done) => setTimeout(done, 200));
    const request = asked();
    expect(request.request.urlWithParams).toContain('words=reg%20%26%20co');
    request.flush(answer([], 0));
    await place.whenStable();
    expect(textOf(place)).toContain(en.noneFound);
  });

  it('take something new as it is written, planned for a time or kept for later', async () => {
    const place = await opened('new', []);
    write(place, en.itemTitle, 'Slack\nwater');
    await place.whenStable();
    expect(changes()[0]!.was).toBeNull();
    expect(changes()[0]!.value).toEqual({ title: 'Slack water', up: true, from: '', until: '', values: {} });
    const element = place.nativeElement as HTMLElement;
    const radio = element.querySelectorAll<HTMLInputElement>('input[type=radio]');
    radio[1]!.click();
    await place.whenStable();
    const from = element.querySelector<HTMLInputElement>('input[type=datetime-local]')!;
    from.value = '2026-12-24T08:00';
    from.dispatchEvent(new Event('change'));
    await place.whenStable();
    expect(changes()[0]!.value!.from).toBe('2026-12-24T08:00');
    radio[2]!.click();
    await place.whenStable();
    expect(changes()[0]!.value!.up).toBeFalse();
    radio[0]!.click();
    await place.whenStable();
    expect(changes()[0]!.value).toEqual(jasmine.objectContaining({ up: true, from: '' }));
    expect(changes().length).toBe(1);
    button(place, en.takeItOut).click();
    await place.whenStable();
    expect(changes()).toEqual([]);
  });

  it('change what one says, hold it against what it said, and take it out', async () => {
    const place = await opened('a', [item('a', 'Regatta')]);
    const element = place.nativeElement as HTMLElement;
    const [day, clock] = [
      element.querySelector<HTMLInputElement>('fieldset input[type=date]')!,
      element.querySelector<HTMLInputElement>('fieldset input[type=time]')!,
    ];
    expect([day.value, clock.value]).toEqual(['2026-07-01', '19:30']);
    clock.value = '20:00';
    clock.dispatchEvent(new Event('change'));
    await place.whenStable();
    const select = element.querySelector('select')!;
    select.value = 'High';
    select.dispatchEvent(new Event('change'));
    await place.whenStable();
    expect(changes()[0]!.was).toEqual(said('Regatta'));
    expect(changes()[0]!.value!.values).toEqual({
      starts: '2026-07-01T20:00',
      text: 'By the crane.',
      tide: 'High',
    });
    button(place, en.takeItOut).click();
    await place.whenStable();
    expect(changes()[0]!.value).toBeNull();
    expect(textOf(place)).toContain(en.willGo);
    button(place, en.takeBack).click();
    await place.whenStable();
    expect(changes()).toEqual([]);
  });

  it('say where somebody else changed the same item meanwhile', async () => {
    TestBed.inject(Drafts).put({
      kind: 'item',
      collection: 'l1',
      item: 'a',
      was: said('Regatta'),
      value: said('Our regatta'),
    });
    const place = await opened('a', [item('a', 'The regatta')]);
    expect(textOf(place)).toContain(`${en.differs} The regatta`);
    button(place, en.takeTheirs).click();
    await place.whenStable();
    expect(changes()).toEqual([]);
  });

  it('are the first thing to do on Today', async () => {
    const place = await shown(TodayPlace);
    http
      .expectOne('api/today')
      .flush({ messages: [], lines: [], proposals: [], planned: [], visits: null, pressing: 0 });
    await place.whenStable();
    expect(button(place, 'Put up an event').getAttribute('href')).toBe('/lists/l1/new');
  });
});
