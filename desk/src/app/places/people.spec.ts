import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { PeopleHere, PersonLine } from '../model';
import { atTheDesk, button, HERE, shown, textOf, write } from '../testing/at-the-desk';
import { en } from '../words/en';
import { PeoplePlace } from './people';

const ADA: PersonLine = { id: 'a', name: 'Ada', mail: 'ada@gant.example', role: 'owner', seenAt: '2026-11-01T09:00Z' };
const TOM: PersonLine = { id: 't', name: 'Tom', mail: 'tom@gant.example', role: 'write', seenAt: null };
const ALL: PeopleHere = {
  people: [ADA, TOM],
  log: [{ at: '2026-11-01T09:00Z', by: 'Ines', what: 'Handed the site over to Ada' }],
  me: 'a',
};
const w = en.people;

describe('the people of a site, for whoever owns it', () => {
  let http: HttpTestingController;
  let fixture: ComponentFixture<PeoplePlace>;
  const settled = async () => {
    await new Promise((r) => setTimeout(r));
    await fixture.whenStable();
  };
  /** What is asked for anew after everything that was done. */
  const again = async (all = ALL) => {
    await settled();
    http.expectOne('api/people').flush(all);
    await settled();
  };
  const labelled = (label: string) =>
    (fixture.nativeElement as HTMLElement).querySelector<HTMLElement>(`[aria-label="${label}"]`)!;

  beforeEach(async () => {
    http = atTheDesk({ role: 'owner' });
    fixture = await shown(PeoplePlace);
    http.expectOne('api/people').flush(ALL);
    await fixture.whenStable();
  });
  afterEach(() => http.verify());

  it('says who is there and what was done, and leaves oneself as one is', () => {
    expect(textOf(fixture)).toContain(w.notSeen);
    expect(textOf(fixture)).toContain(w.yours);
    expect(textOf(fixture)).toContain('Handed the site over to Ada');
    const element = fixture.nativeElement as HTMLElement;
    expect(element.querySelector('#role-a')).toBeNull();
    expect(element.querySelector<HTMLSelectElement>('#role-t')!.selectedOptions[0]!.text).toBe(w.roles.write);
  });

  it('lets somebody in by a link that is shown once, and keeps what was written where that is refused', async () => {
    button(fixture, w.letIn).click();
    await settled();
    expect(textOf(fixture)).toContain(w.noName);
    write(fixture, w.name, 'Brede');
    write(fixture, en.facts.mail, 'brede');
    await settled();
    button(fixture, w.letIn).click();
    await settled();
    expect(textOf(fixture)).toContain(w.noMail);
    write(fixture, en.facts.mail, 'brede@gant.example');
    await settled();
    button(fixture, w.letIn).click();
    const asked = http.expectOne({ method: 'POST', url: 'api/people' });
    expect(asked.request.body).toEqual({ name: 'Brede', mail: 'brede@gant.example', role: 'write' });
    // Pressed twice, it is sent once.
    button(fixture, w.letIn).click();
    asked.flush({ title: 'That mail address is at the desk already', detail: '' }, { status: 409, statusText: '-' });
    await again();
    expect(textOf(fixture)).toContain('at the desk already');
    button(fixture, w.letIn).click();
    http
      .expectOne({ method: 'POST', url: 'api/people' })
      .flush({ link: 'https://gant.example/-/desk/#link=x', until: '2026-12-05T09:00Z', written: true });
    await again();
    expect(textOf(fixture)).toContain(w.linkSent('Brede', 'brede@gant.example'));
    expect((labelled(w.link('Brede')) as HTMLInputElement).value).toContain('#link=x');
    expect(textOf(fixture)).not.toContain('at the desk already');
  });

  it('gives somebody another role or another link, and lets them in no more once that is sure', async () => {
    const select = (fixture.nativeElement as HTMLElement).querySelector<HTMLSelectElement>('#role-t')!;
    select.value = [...select.options].find((o) => o.text === w.roles.messages)!.value;
    select.dispatchEvent(new Event('change'));
    const put = http.expectOne({ method: 'PUT', url: 'api/people/t' });
    expect(put.request.body).toEqual({ role: 'messages' });
    put.flush(null);
    await again({ ...ALL, people: [ADA, { ...TOM, role: 'messages' }] });
    labelled(`${w.again}: Tom`).click();
    http
      .expectOne({ method: 'POST', url: 'api/people/t/link' })
      .flush({ link: 'https://l', until: '2026-12-05T09:00Z' });
    await again();
    expect(textOf(fixture)).toContain(w.link('Tom'));
    labelled(`${w.out}: Tom`).click();
    await settled();
    expect(textOf(fixture)).toContain(w.outSure('Tom'));
    button(fixture, en.no).click();
    await settled();
    labelled(`${w.out}: Tom`).click();
    await settled();
    button(fixture, w.yes).click();
    http.expectOne({ method: 'DELETE', url: 'api/people/t' }).flush(null);
    await again({ ...ALL, people: [ADA] });
    expect(textOf(fixture)).not.toContain('tom@gant.example');
  });

  it('takes the site along where it may, and says why not where it may not', async () => {
    const saved: string[] = [];
    spyOn(HTMLAnchorElement.prototype, 'click').and.callFake(function (this: HTMLAnchorElement) {
      saved.push(this.getAttribute('href')!);
    });
    const press = () => button(fixture, w.takeNow).dispatchEvent(new MouseEvent('click', { bubbles: true }));
    press();
    http.expectOne('api/people').flush({ title: 'The site is busy', detail: '' }, { status: 503, statusText: '-' });
    await again();
    expect([textOf(fixture).includes('The site is busy'), saved]).toEqual([true, []]);
    press();
    http.expectOne('api/people').flush(ALL);
    await again();
    expect(saved).toEqual(['api/site.zip']);
    expect(textOf(fixture)).toContain(w.taking);
  });

  it('gives the site back once that is sure, and is no place of theirs then', async () => {
    const gone = spyOn(TestBed.inject(Router), 'navigateByUrl').and.resolveTo(true);
    button(fixture, w.back).click();
    await settled();
    button(fixture, w.yes).click();
    const put = http.expectOne({ method: 'PUT', url: 'api/people/a' });
    expect(put.request.body).toEqual({ role: 'publish' });
    put.flush(null);
    await settled();
    for (const asked of http.match('api/people')) asked.flush({ title: 'Not yours' }, { status: 403, statusText: '-' });
    http.expectOne('api/here').flush(HERE);
    await settled();
    expect(gone).toHaveBeenCalledOnceWith('/us');
  });
});
