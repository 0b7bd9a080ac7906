import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { needsConfirming } from '@tin-porch/core/model';
import { textsOf } from '@tin-porch/core/making';
import { aDocument, aSite } from '../testing/a-site';
import { atThePage, type AtThePage } from '../testing/at-the-page';
import { PageLike } from './page-like';

const start = aDocument();
const other = { ...aDocument(2), id: 'withy', facts: { ...start.facts, name: 'Withy & Reed' } };

describe('a page like another', () => {
  let at: AtThePage;
  let element: HTMLElement;
  let http: HttpTestingController;
  let added: string[];
  const pick = async (list: string, value: string) => {
    const found = element.querySelector<HTMLSelectElement>(`select[aria-label="${list}"]`)!;
    found.value = value;
    found.dispatchEvent(new Event('change'));
    await at.settle();
  };
  const add = async () => {
    element.querySelector<HTMLButtonElement>('button')!.click();
    await at.settle();
  };
  const pages = () => at.store.document()!.pages;

  beforeEach(async () => {
    at = atThePage(start);
    const shown = await at.shown(PageLike);
    ({ element } = shown);
    added = [];
    shown.fixture.componentInstance.added.subscribe((id) => added.push(id));
    document.body.append(element);
    http = TestBed.inject(HttpTestingController);
    const lines = [start, other].map((d) => ({ id: d.id, name: d.facts.name }));
    http.expectOne('/api/sites').flush({ sites: lines, findings: [], unread: 0 });
    await at.settle();
  });
  afterEach(() => element.remove());

  it('of this site is added at the end, and is the one that is shown', async () => {
    expect(element.querySelector('button')!.disabled).toBeTrue();
    await pick('The page it is like', 'services');
    // Its words are this site’s own: there is nothing to choose about them.
    expect(element.querySelector('input')).toBeNull();
    await add();
    expect(pages().length).toBe(start.pages.length + 1);
    expect(added).toEqual([pages().at(-1)!.id]);
    expect(element.querySelector('button')!.disabled).toBeTrue();
  });

  it('of another site comes with its words to confirm, or without', async () => {
    await pick('A page like one of', 'withy');
    expect(element.querySelector('select[aria-label="The page it is like"]')).toBeNull();
    http.expectOne('/api/sites/withy').flush(aSite({ id: 'withy', document: other }));
    await at.settle();
    await pick('The page it is like', 'about');
    await add();
    const made = pages().at(-1)!;
    const claims = made.sections.flatMap((s) => textsOf(s)).filter((t) => needsConfirming(t.text));
    expect(claims.length).toBeGreaterThan(0);
  });

  it('is not there where the other site cannot be had, and it is said', async () => {
    await pick('A page like one of', 'withy');
    http
      .expectOne('/api/sites/withy')
      .flush({ title: 'There is no such site' }, { status: 404, statusText: 'Not Found' });
    await at.settle();
    expect(element.querySelector('[role=status]')!.textContent).toContain('There is no such site');
    expect(element.querySelector('button')!.disabled).toBeTrue();
  });
});
