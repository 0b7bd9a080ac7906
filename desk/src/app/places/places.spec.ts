import { TestBed } from '@angular/core/testing';
import type { HttpTestingController } from '@angular/common/http/testing';
import { DeskApi } from '../desk-api';
import { Drafts } from '../drafts';
import { Session } from '../here';
import type { Facts, Message, Today } from '../model';
import { Differs } from '../parts/differs';
import { SignIn } from '../parts/sign-in';
import { Tray } from '../parts/tray';
import { AROUND, atTheDesk, button, shown, textOf, write } from '../testing/at-the-desk';
import { de } from '../words/de';
import { en } from '../words/en';
import { es } from '../words/es';
import { fr } from '../words/fr';
import { Wording } from '../words/words';
import { HoursPlace } from './hours';
import { PagePlace } from './page';
import { PostPlace } from './post';
import { EntriesPlace } from './entries';
import { TodayPlace } from './today';

const DAY = { opens: '08:00', closes: '17:00' };
const facts = (more: Partial<Facts> = {}): Facts => ({
  locked: { contact: false, hours: false, prices: false, people: false },
  facts: [
    { field: 'phone', value: '01632 960 114', pages: ['Home'] },
    { field: 'mail', value: '', pages: [] },
    { field: 'address', value: '', pages: [] },
  ],
  hours: {
    text: 'Monday to Friday 8.00–17.00',
    week: { days: [[DAY], [DAY], [DAY], [DAY], [DAY], null, null], others: [] },
    pages: ['Home', 'Contact'],
  },
  services: [{ id: 'v1', name: 'Rope', detail: '', price: '£4' }],
  people: [{ id: 'p1', name: 'Ada', role: 'Ropemaker', about: '' }],
  ...more,
});

describe('the places of the desk', () => {
  let http: HttpTestingController;

  it('show the hours as a week, and make of another day a line the site can say in any language', async () => {
    http = atTheDesk();
    const place = await shown(HoursPlace);
    http.expectOne('api/facts').flush(facts());
    await place.whenStable();
    expect(textOf(place)).toContain('Stands on Home, Contact');
    expect((place.nativeElement as HTMLElement).querySelectorAll('input[type=time]').length).toBe(10);
    button(place, en.anotherDay).click();
    await place.whenStable();
    write(place, en.from, '2026-12-24');
    write(place, 'To', '2027-01-02');
    await place.whenStable();
    button(place, en.add).click();
    await place.whenStable();
    const change = TestBed.inject(Drafts).about('hours');
    expect(change?.kind === 'hours' && change.value.others).toEqual(['24 December to 2 January closed']);
    // A single day with other times.
    button(place, en.anotherDay).click();
    await place.whenStable();
    write(place, en.from, '2026-12-31');
    (place.nativeElement as HTMLElement).querySelector<HTMLInputElement>('[name=shut]')!.click();
    await place.whenStable();
    write(place, en.opens, '09:30');
    expect(button(place, en.add).getAttribute('aria-disabled')).toBe('true');
    write(place, en.closes, '12:00');
    await place.whenStable();
    button(place, en.add).click();
    await place.whenStable();
    expect(JSON.stringify(TestBed.inject(Drafts).about('hours'))).toContain('31 December 9.30–12.00');
  });

  it('say under a day what is wrong with its times, and forget a change that is none', async () => {
    http = atTheDesk();
    const place = await shown(HoursPlace);
    http.expectOne('api/facts').flush(facts());
    await place.whenStable();
    const closes = (place.nativeElement as HTMLElement).querySelectorAll<HTMLInputElement>('input[type=time]')[1]!;
    for (const [value, wrong] of [
      ['08:00', true],
      ['', true],
      ['12:00', false],
    ] as const) {
      closes.value = value;
      closes.dispatchEvent(new Event('change'));
      await place.whenStable();
      expect(textOf(place).includes(en.dayWrong)).withContext(value).toBe(wrong);
    }
    closes.value = '17:00';
    closes.dispatchEvent(new Event('change'));
    expect(TestBed.inject(Drafts).count()).toBe(0);
  });

  it('add, change and take out what is offered', async () => {
    http = atTheDesk();
    const place = await shown(EntriesPlace);
    http.expectOne('api/facts').flush(facts());
    await place.whenStable();
    write(place, en.price, '£5');
    button(place, en.another).click();
    await place.whenStable();
    const drafts = TestBed.inject(Drafts);
    expect(drafts.all().map((c) => (c.kind === 'service' ? [c.was?.price, c.value?.price] : null))).toEqual([
      ['£4', '£5'],
      [undefined, ''],
    ]);
    button(place, en.takeOut).click();
    await place.whenStable();
    expect(drafts.about('service v1')).toEqual(jasmine.objectContaining({ value: null }));
    button(place, en.takeBack).click();
    await place.whenStable();
    expect(drafts.about('service v1')).toBeUndefined();
  });

  it('show the words of a page, and beneath one that it says something else by now', async () => {
    http = atTheDesk();
    const drafts = TestBed.inject(Drafts);
    const at = { section: 's1', path: 'heading' };
    drafts.put({ kind: 'text', at, was: 'Old', value: 'Mine' });
    const place = await shown(PagePlace, { page: 'home' });
    http.expectOne('api/pages').flush({
      pages: [
        {
          id: 'home',
          label: 'Home',
          hold: false,
          ...AROUND,
          sections: [
            {
              id: 's1',
              title: 'Top',
              locked: false,
              texts: [{ at, label: 'Heading', value: 'Theirs', form: 'words' as const, long: false, most: 300 }],
              pictures: [],
            },
          ],
        },
      ],
    });
    await place.whenStable();
    expect((place.nativeElement as HTMLElement).querySelector('textarea')!.value).toBe('Mine');
    expect(textOf(place)).toContain('It says something else by now: Theirs');
    button(place, en.takeTheirs).click();
    await place.whenStable();
    expect((place.nativeElement as HTMLElement).querySelector('textarea')!.value).toBe('Theirs');
    write(place, 'Heading', 'Two\nlines');
    expect(drafts.about('text s1 heading')?.value).toBe('Two lines');
  });

  it('propose what both made of a text, where they changed different words, and write it to be put up with the rest', async () => {
    http = atTheDesk();
    const drafts = TestBed.inject(Drafts);
    const at = { section: 's1', path: 'lead' };
    const place = await shown(Differs, { key: 'text s1 lead', now: 'We mend oak boats. Ring us.' });
    expect(textOf(place)).toBe('');
    drafts.put({ kind: 'text', at, was: 'We mend boats. Ring us.', value: 'We mend boats. Write to us.' });
    await place.whenStable();
    expect(textOf(place)).toContain(`${en.both} We mend oak boats. Write to us.`);
    button(place, en.takeBoth).click();
    await place.whenStable();
    expect(drafts.all()).toEqual([
      { kind: 'text', at, was: 'We mend oak boats. Ring us.', value: 'We mend oak boats. Write to us.' },
    ]);
    http.verify();
    expect(textOf(place)).toBe('');
    // Where both changed the same words, there is no such thing; nor of a number.
    drafts.drop('text s1 lead');
    drafts.put({ kind: 'text', at, was: 'We mend boats. Ring us.', value: 'We mend larch boats. Ring us.' });
    await place.whenStable();
    expect(textOf(place)).toContain(en.differs);
    expect(textOf(place)).not.toContain(en.both);
    drafts.put({ kind: 'fact', field: 'phone', was: '01632 960 1', value: '01632 960 2' });
    const phone = await shown(Differs, { key: 'fact phone', now: '01632 961 1' });
    expect(textOf(phone)).toContain(en.differs);
    expect(textOf(phone)).not.toContain(en.both);
  });

  it('read a message when it is opened, and ask before they erase one', async () => {
    http = atTheDesk();
    const place = await shown(PostPlace);
    const message: Message = {
      id: 'm1',
      form: 'contact',
      fields: [
        { name: 'name', label: 'Your name', value: 'Wilma' },
        { name: 'mail', label: 'Mail', value: 'w@post.example' },
        { name: 'message', label: 'Message', value: 'Is there room?\nFor nine metres.' },
      ],
      receivedAt: new Date().toISOString(),
      readAt: null,
      note: '',
      labels: [],
      takenBy: null,
      answers: [],
    };
    http.expectOne('api/messages').flush({ messages: [message], more: false, unread: 1, found: 1 });
    http.expectOne('api/keeping').flush({ months: null });
    await place.whenStable();
    expect(TestBed.inject(Session).unread()).toBe(1);
    (place.nativeElement as HTMLElement).querySelector<HTMLElement>('button.row')!.click();
    http.expectOne({ method: 'PUT', url: 'api/messages/m1' }).flush(null);
    await place.whenStable();
    expect(TestBed.inject(Session).unread()).toBe(0);
    expect(button(place, en.ownMail).getAttribute('href')).toBe(
      `mailto:w%40post.example?subject=${encodeURIComponent('Your message to Gant & Sons')}&body=${encodeURIComponent('\n\n> Is there room?\n> For nine metres.')}`,
    );
    button(place, en.erase).click();
    await place.whenStable();
    button(place, en.no).click();
    await place.whenStable();
    http.expectNone({ method: 'DELETE', url: 'api/messages/m1' });
    button(place, en.erase).click();
    await place.whenStable();
    button(place, en.yes).click();
    http.expectOne({ method: 'DELETE', url: 'api/messages/m1' }).flush(null, { status: 503, statusText: 'away' });
    await place.whenStable();
    expect(textOf(place)).toContain('Wilma');
  });

  it('hold who works there, of whom each is changed, added and taken out', async () => {
    http = atTheDesk();
    const place = await shown(EntriesPlace, { what: 'people' });
    http.expectOne('api/facts').flush(facts());
    await place.whenStable();
    expect(textOf(place)).toContain(en.whoTitle);
    write(place, en.fields['role']!, 'Master ropemaker');
    button(place, en.another).click();
    await place.whenStable();
    const drafts = TestBed.inject(Drafts);
    const ada = { name: 'Ada', role: 'Ropemaker', about: '' };
    const [first, second] = drafts.all();
    expect(first).toEqual({ kind: 'person', person: 'p1', was: ada, value: { ...ada, role: 'Master ropemaker' } });
    expect(second).toEqual(
      jasmine.objectContaining({ kind: 'person', was: null, value: { name: '', role: '', about: '' } }),
    );
    button(place, en.takeOut).click();
    await place.whenStable();
    expect(drafts.about('person p1')).toEqual(jasmine.objectContaining({ value: null }));
    button(place, en.takeBack).click();
    await place.whenStable();
    expect(drafts.about('person p1')).toBeUndefined();
  });

  it('say what needs somebody, and who may take what back', async () => {
    const today: Today = {
      messages: [
        { id: 'm1', fields: { name: 'Wilma', message: 'Is there room?' }, receivedAt: new Date().toISOString() },
      ],
      lines: [
        { seq: 3, kind: 'do', words: 'Changed “Phone”', by: 'Ada', at: new Date().toISOString(), takenBack: false },
      ],
      proposals: [
        { id: 'p', words: 'Changed “Mail”', by: 'Ada', note: '', at: new Date().toISOString(), answer: 'Good.' },
      ],
      planned: [
        { id: 'q', words: 'Changed “Address”', by: 'Ada', when: 'Monday at 9.00', refused: null },
        { id: 'r', words: 'Changed “Hours”', by: 'Ada', when: 'Sunday at 9.00', refused: 'It says something else.' },
      ],
      visits: { [new Date().toISOString().slice(0, 10)]: { visits: 61, pages: 80 } },
      pressing: 0,
    };
    for (const [role, may] of [
      ['publish', true],
      ['messages', false],
    ] as const) {
      TestBed.resetTestingModule();
      http = atTheDesk({ role });
      const place = await shown(TodayPlace);
      http.expectOne('api/today').flush(today);
      await place.whenStable();
      const said = textOf(place);
      for (const words of [
        'Wilma wrote',
        'Your designer: Good.',
        'Ada: Changed “Phone”',
        '61 people came',
        en.plan.done('Monday at 9.00'),
        `${en.plan.refused('Sunday at 9.00')} It says something else.`,
      ])
        expect(said).withContext(words).toContain(words);
      expect(said.includes(en.takeBack)).withContext(role).toBe(may);
      expect(said.includes(en.changeHours)).withContext(role).toBe(may);
      if (!may) continue;
      const letGo = () => button(place, en.takeOut).click();
      letGo();
      http
        .expectOne({ method: 'DELETE', url: 'api/planned/q' })
        .flush({ title: 'There is no such plan' }, { status: 404, statusText: '-' });
      await new Promise((done) => setTimeout(done));
      await place.whenStable();
      expect(textOf(place)).toContain('There is no such plan');
      letGo();
      http.expectOne({ method: 'DELETE', url: 'api/planned/q' }).flush(null);
      await new Promise((done) => setTimeout(done));
      await place.whenStable();
      http.expectOne('api/today').flush({ ...today, planned: [] });
      await place.whenStable();
      expect(textOf(place)).not.toContain('Monday at 9.00');
    }
  });

  it('keep what is to go up later for its time, which has to be one', async () => {
    http = atTheDesk();
    TestBed.inject(Drafts).put({ kind: 'fact', field: 'phone', was: '1', value: '2' });
    const tray = await shown(Tray);
    button(tray, en.plan.later).click();
    await tray.whenStable();
    button(tray, en.plan.yes).click();
    await tray.whenStable();
    expect(textOf(tray)).toContain(en.plan.none);
    write(tray, en.plan.when, '2026-12-24T18:30');
    await tray.whenStable();
    button(tray, en.plan.yes).click();
    const asked = http.expectOne('api/changes');
    expect((asked.request.body as { at: string }).at).toBe('2026-12-24T18:30');
    asked.flush({ title: 'That time is over', detail: '' }, { status: 422, statusText: '-' });
    await new Promise((done) => setTimeout(done));
    await tray.whenStable();
    expect(textOf(tray)).toContain('That time is over');
    button(tray, en.plan.yes).click();
    http.expectOne('api/changes').flush({ planned: '24 December at 18.30' });
    await new Promise((done) => setTimeout(done));
    await tray.whenStable();
    expect(textOf(tray)).toContain(en.plan.done('24 December at 18.30'));
    expect(TestBed.inject(Drafts).count()).toBe(0);
  });

  it('hold a tray with what is not up yet: seen, put up, or asked about alone by who only writes', async () => {
    http = atTheDesk();
    TestBed.inject(Drafts).put({ kind: 'fact', field: 'phone', was: '1', value: '2' });
    let tray = await shown(Tray);
    expect(textOf(tray)).toContain('1 change not up yet');
    button(tray, en.putUp).click();
    http.expectOne('api/changes').flush({ seq: 2, live: false });
    await tray.whenStable();
    expect(textOf(tray)).toContain(en.kept);
    TestBed.resetTestingModule();
    http = atTheDesk({ role: 'write' });
    TestBed.inject(Drafts).put({ kind: 'fact', field: 'phone', was: '1', value: '2' });
    tray = await shown(Tray);
    expect(textOf(tray)).not.toContain(en.putUp);
    button(tray, en.askSend).click();
    expect((http.expectOne('api/changes').request.body as { ask: string }).ask).toBe('');
  });

  it('say why somebody does not come in, and keep the address', async () => {
    http = atTheDesk();
    TestBed.inject(DeskApi).ended.set(true);
    const form = await shown(SignIn);
    http.expectOne('api/ways').flush({ mail: true });
    await form.whenStable();
    button(form, en.sendLink).click();
    await form.whenStable();
    expect(textOf(form)).toContain(en.mailFirst);
    http.expectNone('api/ask-link');
    write(form, en.mail, 'ada@gant.example');
    write(form, en.password, 'wrong');
    button(form, en.signIn).click();
    http
      .expectOne('api/sign-in')
      .flush({ title: 'That does not fit', detail: 'Look again.' }, { status: 401, statusText: 'no' });
    await form.whenStable();
    expect(textOf(form)).toContain('That does not fit. Look again.');
    expect((form.nativeElement as HTMLElement).querySelector<HTMLInputElement>('[type=email]')!.value).toBe(
      'ada@gant.example',
    );
    button(form, en.sendLink).click();
    http.expectOne('api/ask-link').flush(null, { status: 204, statusText: 'sent' });
    await form.whenStable();
    expect(textOf(form)).toContain(en.linkSent);
    expect(textOf(form)).not.toContain('does not fit');
  });

  it('speak four languages, each with a word for all there is to say', () => {
    atTheDesk();
    const shapeOf = (value: unknown): unknown =>
      typeof value === 'object' && value !== null
        ? Object.fromEntries(Object.entries(value).map(([k, v]) => [k, shapeOf(v)]))
        : typeof value === 'function'
          ? value.length
          : typeof value === 'string' && value !== '';
    for (const words of [de, fr, es]) expect(shapeOf(words)).toEqual(shapeOf(en));
    const wording = TestBed.inject(Wording);
    for (const [tag, today] of [
      ['de', 'Heute'],
      ['fr', 'Aujourd’hui'],
      ['es', 'Hoy'],
      ['en-US', 'Today'],
      ['nl', 'Today'],
    ] as const) {
      wording.tag.set(tag);
      expect(wording.words().places.today).toBe(today);
    }
    wording.tag.set('de');
    expect(wording.weekdays()[0]).toBe('Montag');
  });
});
