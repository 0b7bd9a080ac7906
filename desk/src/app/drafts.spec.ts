import { TestBed } from '@angular/core/testing';
import { Drafts, keyOf } from './drafts';
import { Session } from './here';
import type { Change } from './model';
import { atTheDesk, HERE } from './testing/at-the-desk';

const phone = (was: string, value: string): Change => ({ kind: 'fact', field: 'phone', was, value });
const sending = (of: readonly Change[]) => ({ changes: of });

describe('what is not up yet', () => {
  it('is one change a thing, held against what it was first', () => {
    atTheDesk();
    const drafts = TestBed.inject(Drafts);
    drafts.put(phone('1', '2'));
    drafts.put({ kind: 'text', at: { section: 's1', path: 'heading' }, was: 'a', value: 'b' });
    drafts.put(phone('2', '3'));
    expect(drafts.count()).toBe(2);
    expect(drafts.about('fact phone')).toEqual(phone('1', '3'));
    drafts.put(phone('3', '1'));
    expect(drafts.all().map(keyOf)).toEqual(['text s1 heading']);
  });

  it('outlives a reload, and what of it nobody can read is nothing', async () => {
    atTheDesk();
    TestBed.inject(Drafts).put(phone('1', '2'));
    // It is there in the same moment: the page may be gone in the next.
    const key = 'desk drafts ada@gant.example';
    const before = localStorage.getItem(key);
    TestBed.resetTestingModule();
    atTheDesk();
    localStorage.setItem(key, before!);
    expect(TestBed.inject(Drafts).all()).toEqual([phone('1', '2')]);
    for (const bad of ['{', '7', '[{"kind":4}]', 'null']) {
      TestBed.resetTestingModule();
      atTheDesk();
      localStorage.setItem(key, bad);
      expect(TestBed.inject(Drafts).all()).withContext(bad).toEqual([]);
    }
  });

  it('is nobody else’s: who comes after finds what they left themselves', () => {
    atTheDesk();
    const drafts = TestBed.inject(Drafts);
    drafts.put(phone('1', '2'));
    TestBed.tick();
    const session = TestBed.inject(Session);
    session.here.set(null);
    TestBed.tick();
    expect(drafts.count()).toBe(1);
    session.here.set({ ...HERE, me: { ...HERE.me, name: 'Tom', mail: 'tom@gant.example' } });
    TestBed.tick();
    expect(drafts.count()).toBe(0);
    session.here.set(HERE);
    TestBed.tick();
    expect(drafts.all()).toEqual([phone('1', '2')]);
  });

  it('is sent under one name until it is known to be taken, and what was written meanwhile stays', async () => {
    const http = atTheDesk();
    const drafts = TestBed.inject(Drafts);
    drafts.put(phone('1', '2'));
    const first = drafts.send();
    const lost = http.expectOne('api/changes');
    const { id } = lost.request.body as { id: string };
    expect(lost.request.headers.get('x-desk')).toBe('1');
    lost.error(new ProgressEvent('error'), { status: 0 });
    expect(await first).toBe(false);
    expect(drafts.count()).toBe(1);
    expect(drafts.refused()!.status).toBe(0);
    const second = drafts.send();
    const again = http.expectOne('api/changes');
    expect(again.request.body).toEqual({ id, ...sending([phone('1', '2')]) });
    drafts.put({ kind: 'fact', field: 'mail', was: '', value: 'a@b.example' });
    again.flush({ seq: 4, live: true });
    expect(await second).toBe(true);
    expect(drafts.all().map(keyOf)).toEqual(['fact mail']);
    expect(drafts.last()).toEqual({ seq: 4, live: true });
    const third = drafts.send({ ask: 'Look first' });
    const asked = http.expectOne('api/changes');
    expect((asked.request.body as { id: string; ask: string }).id).not.toBe(id);
    expect((asked.request.body as { ask: string }).ask).toBe('Look first');
    asked.flush({ asked: true });
    await third;
    expect(drafts.count()).toBe(0);
  });

  it('is all still there when it is refused, with what reads there now', async () => {
    const http = atTheDesk();
    const drafts = TestBed.inject(Drafts);
    drafts.put(phone('1', '2'));
    const sent = drafts.send();
    http
      .expectOne('api/changes')
      .flush(
        { title: 'It says something else by now', detail: 'It now says “9”.', theirs: '9' },
        { status: 409, statusText: 'Conflict' },
      );
    expect(await sent).toBe(false);
    expect(drafts.refused()!.theirs).toBe('9');
    expect(drafts.all()).toEqual([phone('1', '2')]);
  });

  it('is not sent twice at once, nor where there is none of it', async () => {
    const http = atTheDesk();
    const drafts = TestBed.inject(Drafts);
    expect(await drafts.send()).toBe(false);
    drafts.put(phone('1', '2'));
    const sent = drafts.send();
    expect(await drafts.send()).toBe(false);
    http.expectOne('api/changes').flush({ seq: 1, live: true });
    await sent;
    http.verify();
  });
});
