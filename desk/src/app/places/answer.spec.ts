import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Answers } from '../answers';
import { Session } from '../here';
import type { Message } from '../model';
import { atTheDesk, button, HERE, shown, textOf, write } from '../testing/at-the-desk';
import { en } from '../words/en';
import { PostPlace } from './post';

const message = (more: Partial<Message> = {}): Message => ({
  id: 'm1',
  form: 'contact',
  fields: [
    { name: 'name', label: 'Your name', value: 'Wilma' },
    { name: 'mail', label: 'Mail', value: 'w@post.example' },
  ],
  receivedAt: new Date().toISOString(),
  readAt: new Date().toISOString(),
  note: '',
  labels: [],
  takenBy: null,
  answers: [],
  ...more,
});

describe('an answer written at the desk', () => {
  let http: HttpTestingController;
  const opened = async (of = message()) => {
    const place = await shown(PostPlace, { open: 'm1' });
    http.expectOne('api/messages').flush({ messages: [of], more: false, unread: 0, found: 1 });
    http.expectOne('api/keeping').flush({ months: null });
    await place.whenStable();
    return place;
  };
  const sent = () => http.expectOne({ method: 'POST', url: 'api/messages/m1/answer' });
  beforeEach(() => {
    http = atTheDesk();
  });

  it('goes out, and stands under the message; nothing is sent where nothing is written', async () => {
    const place = await opened();
    expect(textOf(place)).toContain(en.goesTo('w@post.example'));
    button(place, en.sendAnswer).click();
    http.expectNone('api/messages/m1/answer');
    write(place, en.yourAnswer, ' Yes, berth four. ');
    await place.whenStable();
    button(place, en.sendAnswer).click();
    button(place, en.sendAnswer).click();
    const request = sent();
    expect(request.request.body).toEqual(jasmine.objectContaining({ words: ' Yes, berth four. ' }));
    request.flush(null);
    await place.whenStable();
    expect(textOf(place)).toContain('Ada Gant answered');
    expect(textOf(place)).toContain('Yes, berth four.');
    expect(TestBed.inject(Answers).to('m1')).toBe('');
  });

  it('is still there after a reload and a failure, and is one letter however often it is sent', async () => {
    let place = await opened();
    write(place, en.yourAnswer, 'Yes.');
    const key = 'desk answers ada@gant.example';
    const before = localStorage.getItem(key)!;
    TestBed.resetTestingModule();
    http = atTheDesk();
    localStorage.setItem(key, before);
    place = await opened();
    expect((place.nativeElement as HTMLElement).querySelector('textarea')!.value).toBe('Yes.');
    button(place, en.sendAnswer).click();
    const first = sent();
    first.error(new ProgressEvent('error'));
    await place.whenStable();
    expect(textOf(place)).toContain(en.away);
    button(place, en.sendAnswer).click();
    const again = sent();
    expect(again.request.body).toEqual(first.request.body);
    again.error(new ProgressEvent('error'));
    await place.whenStable();
    // Other words are another letter: the first may have gone out.
    write(place, en.yourAnswer, 'Yes, from May.');
    await place.whenStable();
    button(place, en.sendAnswer).click();
    const other = sent();
    expect((other.request.body as { id: string }).id).not.toBe((first.request.body as { id: string }).id);
    write(place, en.yourAnswer, 'And one more thing.');
    other.flush(null);
    await place.whenStable();
    expect(textOf(place)).toContain('Yes, from May.');
    expect(TestBed.inject(Answers).to('m1')).toBe('And one more thing.');
    button(place, en.sendAnswer).click();
    sent().flush(null);
    await place.whenStable();
    expect(localStorage.getItem(key)).toBe('{}');
    for (const bad of ['{', '7', '{"m1":4}', 'null']) {
      TestBed.resetTestingModule();
      http = atTheDesk();
      localStorage.setItem(key, bad);
      expect(TestBed.inject(Answers).to('m1')).withContext(bad).toBe('');
    }
  });

  it('says what became of it, and why where it could not be delivered', async () => {
    const answer = { words: 'Yes.', by: 'Tom', at: new Date().toISOString() };
    const place = await opened(
      message({
        answers: [
          { ...answer, state: 'failed', error: '550 no such box' },
          { ...answer, at: '2026-01-01T08:00:00Z', state: 'sent', error: null },
        ],
      }),
    );
    expect(textOf(place)).toContain(`Tom answered`);
    expect(textOf(place)).toContain(`${en.letters['failed']}`);
    expect(textOf(place)).toContain('550 no such box');
    expect(textOf(place)).toContain(en.letters['sent']!);
  });

  it('is written elsewhere where no letters go out from here', async () => {
    TestBed.inject(Session).here.set({ ...HERE, mail: false });
    const place = await opened();
    expect(textOf(place)).not.toContain(en.yourAnswer);
    expect(button(place, en.answer).getAttribute('href')).toContain('mailto:w%40post.example');
  });

  it('is erased with all that is found of somebody, which is given out before as a table', async () => {
    const place = await opened();
    const element = place.nativeElement as HTMLElement;
    const find = element.querySelector<HTMLInputElement>('#find')!;
    find.value = 'w@post.example';
    find.dispatchEvent(new Event('input'));
    element.querySelector('form')!.dispatchEvent(new Event('submit'));
    await place.whenStable();
    http
      .expectOne('api/messages?words=w%40post.example')
      .flush({ messages: [message()], more: true, unread: 0, found: 41 });
    await place.whenStable();
    expect(textOf(place)).toContain(en.found(41));
    expect(button(place, en.saveTable).getAttribute('href')).toBe('api/messages.csv?words=w%40post.example');
    button(place, en.eraseAll(41)).click();
    await place.whenStable();
    expect(textOf(place)).toContain(en.eraseAllSure);
    button(place, en.no).click();
    await place.whenStable();
    button(place, en.eraseAll(41)).click();
    await place.whenStable();
    button(place, en.yes).click();
    const request = http.expectOne({ method: 'POST', url: 'api/messages/erase' });
    expect(request.request.body).toEqual({ words: 'w@post.example', unread: false, count: 41 });
    request.flush(null);
    await place.whenStable();
    http.expectOne('api/messages?words=w%40post.example').flush({ messages: [], more: false, unread: 0, found: 0 });
    await place.whenStable();
    expect(textOf(place)).toContain(en.noneFound);
  });

  it('is kept as long as is said; to keep less asks first, to keep more does not', async () => {
    const place = await opened();
    const select = (place.nativeElement as HTMLElement).querySelector<HTMLSelectElement>('.fields select')!;
    const choose = async (months: string) => {
      select.value = months;
      select.dispatchEvent(new Event('change'));
      await place.whenStable();
    };
    const answered = async (months: number | null) => {
      const put = http.expectOne({ method: 'PUT', url: 'api/keeping' });
      expect(put.request.body).toEqual({ months });
      put.flush({ erased: 0 });
      await new Promise((done) => setTimeout(done));
      await place.whenStable();
      http.expectOne('api/keeping').flush({ months });
      http.expectOne('api/messages').flush({ messages: [message()], more: false, unread: 0, found: 1 });
      await place.whenStable();
    };
    await choose('12');
    http.expectNone('api/keeping');
    button(place, en.no).click();
    await place.whenStable();
    expect(select.value).toBe('0');
    await choose('24');
    button(place, en.keepYes).click();
    await answered(24);
    expect(select.value).toBe('24');
    await choose('0');
    await answered(null);
    expect(select.value).toBe('0');
  });

  it('are labelled, given to somebody, and shown by either', async () => {
    const place = await shown(PostPlace);
    const people = [{ id: 'p1', name: 'Tom' }];
    http.expectOne('api/messages').flush({
      messages: [message()],
      more: false,
      unread: 0,
      found: 0,
      labels: ['order'],
      people,
    });
    http.expectOne('api/keeping').flush({ months: null });
    await place.whenStable();
    const within = <T extends Element>(what: string) => (place.nativeElement as HTMLElement).querySelector<T>(what)!;
    within<HTMLElement>('button.row').click();
    await place.whenStable();
    http.match(() => true).forEach((r) => r.flush(null));
    const id = message().id;
    const taken = within<HTMLSelectElement>('li select');
    taken.value = 'p1';
    taken.dispatchEvent(new Event('change'));
    const given = http.expectOne(`api/messages/${id}`);
    expect(given.request.body).toEqual({ takenBy: 'p1' });
    given.flush(null);
    await place.whenStable();
    // With the line cut nobody else sees to it, and the words of labels stay where they were typed.
    taken.value = '';
    taken.dispatchEvent(new Event('change'));
    http.expectOne(`api/messages/${id}`).error(new ProgressEvent('error'));
    await place.whenStable();
    expect([taken.value, textOf(place).includes(en.away)]).toEqual(['p1', true]);
    write(place, en.labels, 'kept here');
    http.expectOne(`api/messages/${id}`).error(new ProgressEvent('error'));
    await place.whenStable();
    expect(within<HTMLInputElement>('input[list]').value).toBe('kept here');
    expect(within('button.row').textContent).not.toContain('kept here');
    write(place, en.labels, ' spring,, order , spring');
    const labelled = http.expectOne(`api/messages/${id}`);
    expect(labelled.request.body).toEqual({ labels: ['spring', 'order'] });
    labelled.flush(null);
    await place.whenStable();
    expect(within('button.row').textContent).toContain('Tom · spring · order');
    const only = within<HTMLSelectElement>('#only');
    expect([...only.options].map((o) => o.text.trim())).toEqual([
      en.onlyAll,
      en.unread,
      en.onlyMine,
      'order',
      'spring',
    ]);
    only.value = 'label spring';
    only.dispatchEvent(new Event('change'));
    await place.whenStable();
    http
      .expectOne('api/messages?label=spring')
      .flush({ messages: [], more: false, unread: 0, found: 0, labels: [], people });
    await place.whenStable();
    expect(textOf(place)).toContain(en.noneFound);
    only.value = 'mine';
    only.dispatchEvent(new Event('change'));
    await place.whenStable();
    http.expectOne('api/messages?show=mine').flush({ messages: [], more: false, unread: 0, found: 0 });
  });
});
