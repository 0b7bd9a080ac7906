import { TestBed } from '@angular/core/testing';
import { provideIcons } from '@ng-icons/core';
import {
  lucideArrowDown,
  lucideArrowLeft,
  lucideArrowUp,
  lucidePencilLine,
  lucidePlus,
  lucideTrash2,
} from '@ng-icons/lucide';
import { toCsv } from '@tin-porch/core/collections';
import type { Collection, CollectionItem } from '@tin-porch/core/model';
import type { Operation, SingleOperation } from '@tin-porch/core/operations';
import { SectionPanel } from '../site/section-panel';
import { aDocument } from '../testing/a-site';
import { atThePage, type AtThePage } from '../testing/at-the-page';
import { CollectionTable } from './collection-table';
import { ItemForm } from './item-form';
import { Collections } from './collections';
import { OutlineCollections } from './outline-collections';

const text = (value: string) => ({ value, from: { kind: 'client' as const } });
const item = (id: string, title: string, more: Partial<CollectionItem> = {}): CollectionItem => ({
  id,
  slug: id,
  title: text(title),
  made: '2026-03-01T09:00Z',
  state: 'up',
  values: {},
  ...more,
});
const start = aDocument();
const shelf: Collection = {
  id: 'shelf',
  kind: 'products',
  name: 'Shelf',
  page: start.pages[1]!.id,
  fields: [{ id: 'berth', label: 'Berth', type: 'number' }],
  items: [
    item('b', 'Bell rope', { values: { price: text('£9') }, tags: ['hemp'] }),
    item('a', 'Anchor warp', { state: 'draft', values: { price: text('£30') } }),
    item('c', 'Cod line', { from: '2999-01-01T00:00Z', values: { price: text('£100') } }),
  ],
};
const document_ = { ...start, collections: [shelf] };

describe('collections beside the window', () => {
  let at: AtThePage;
  let collections: Collections;
  beforeEach(() => {
    at = atThePage(document_, [
      provideIcons({ lucideArrowDown, lucideArrowLeft, lucideArrowUp, lucidePencilLine, lucidePlus, lucideTrash2 }),
    ]);
    collections = TestBed.inject(Collections);
  });
  const button = (element: HTMLElement, words: string) => {
    const found = [...element.querySelectorAll('button')].find(
      (b) => b.textContent.trim() === words || b.getAttribute('aria-label') === words,
    );
    if (!found) throw new Error(`There is no “${words}” in “${element.textContent}”.`);
    return found;
  };
  const type = (field: HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement, value: string, event = 'input') => {
    field.value = value;
    field.dispatchEvent(new Event(event));
  };
  const table = async () => {
    collections.open.set({ collection: 'shelf', item: null });
    const { element } = await at.shown(CollectionTable);
    return element;
  };
  /** What is there at last. */
  const until = async <T>(look: () => T | null): Promise<T> => {
    for (let n = 0; n < 100; n++) {
      const found = look();
      if (found !== null) return found;
      await new Promise((done) => setTimeout(done, 20));
      await at.settle();
    }
    throw new Error('It never was there.');
  };
  const titles = (element: HTMLElement) =>
    [...element.querySelectorAll<HTMLInputElement>('tbody .title input')].map((i) => i.value);

  it('are listed in the outline with how much is in them, and begun there', async () => {
    const { element } = await at.shown(OutlineCollections);
    expect(element.textContent).toContain('3 items, 1 draft');
    const kind = element.querySelector('select')!;
    type(kind, 'news', 'change');
    await at.settle();
    expect(element.querySelector<HTMLInputElement>('input')!.value).toBe('News');
    button(element, 'Begin it').click();
    await at.settle();
    const [operation] = at.changes as Extract<Operation, { op: 'batch' }>[];
    expect(operation!.operations.map((o) => o.op)).toEqual(['insertCollection', 'insertPage']);
    expect(collections.collection()!.name).toBe('News');
  });

  it('are found by words, state and tag, and sorted by any column and back', async () => {
    const element = await table();
    expect(titles(element)).toEqual(['Bell rope', 'Anchor warp', 'Cod line']);
    button(element, 'Price').click();
    await at.settle();
    expect(titles(element)).toEqual(['Bell rope', 'Anchor warp', 'Cod line']);
    button(element, 'Price').click();
    await at.settle();
    expect(titles(element)).toEqual(['Cod line', 'Anchor warp', 'Bell rope']);
    button(element, 'Product').click();
    await at.settle();
    expect(titles(element)).toEqual(['Anchor warp', 'Bell rope', 'Cod line']);
    const [state, tag] = [...element.querySelectorAll<HTMLSelectElement>('.tools select')];
    for (const [which, shown] of [
      ['draft', 'Anchor warp'],
      ['planned', 'Cod line'],
      ['up', 'Bell rope'],
    ] as const) {
      type(state!, which, 'change');
      await at.settle();
      expect(titles(element)).toEqual([shown]);
    }
    type(state!, '', 'change');
    type(tag!, 'hemp', 'change');
    await at.settle();
    expect(titles(element)).toEqual(['Bell rope']);
    type(element.querySelector<HTMLInputElement>('input[type=search]')!, 'cod');
    await at.settle();
    expect(element.textContent).toContain('Nothing of it is like that.');
  });

  it('have words set off where they are written in a form, and what changes elsewhere comes in', async () => {
    collections.open.set({ collection: 'shelf', item: 'b' });
    const form = await at.shown(ItemForm, { collection: shelf, item: shelf.items[0]! });
    const place = await until(() => form.element.querySelector<HTMLElement>('#item-text[contenteditable]'));
    expect(place.getAttribute('aria-label')).toBe('In a sentence or two');
    expect([...form.element.querySelectorAll('button')].some((b) => b.textContent.trim() === 'Strong')).toBeFalse();
    place.focus();
    document.execCommand('insertText', false, 'Laid by hand.');
    await until(() => at.changes.length || null);
    form.fixture.componentRef.setInput('item', at.store.document()!.collections![0]!.items[0]!);
    await at.settle();
    getSelection()!.selectAllChildren(place);
    await new Promise((done) => setTimeout(done, 50));
    await at.settle();
    button(form.element, 'Strong').click();
    const said = { value: 'Laid by hand.', from: { kind: 'designer' }, marks: [{ kind: 'strong', from: 0, to: 13 }] };
    expect((at.changes.at(-1) as SingleOperation & { values: object }).values).toEqual({ text: said });
    const sent = at.changes.length;
    const elsewhere = { ...shelf.items[0]!, values: { text: text('Laid in the long walk.') } };
    form.fixture.componentRef.setInput('item', elsewhere);
    await at.settle();
    expect(place.textContent).toBe('Laid in the long walk.');
    expect(at.changes.length).toBe(sent);
    type(form.element.querySelector<HTMLInputElement>('#item-slug')!, 'bell-line', 'change');
    expect(at.changes.at(-1)).toEqual({ op: 'setEntry', collection: 'shelf', item: 'b', slug: 'bell-line' });
  });

  it('are written in their cells, and many are changed at once as one step', async () => {
    const element = await table();
    type(element.querySelector<HTMLInputElement>('[aria-label="Price of Bell rope"]')!, '£11');
    expect(at.changes.pop()).toEqual({
      op: 'setEntry',
      collection: 'shelf',
      item: 'b',
      values: { price: { value: '£11', from: { kind: 'designer' } } },
    });
    type(element.querySelector<HTMLInputElement>('[aria-label="Price of Bell rope"]')!, '');
    expect((at.changes.pop() as SingleOperation & { values: object }).values).toEqual({ price: null });
    for (const name of ['Take Anchor warp', 'Take Cod line'])
      element.querySelector<HTMLInputElement>(`[aria-label="${name}"]`)!.click();
    await at.settle();
    button(element, 'Put up').click();
    const put = { op: 'setEntry', collection: 'shelf', state: 'up', from: null, until: null } as const;
    expect(at.changes.pop()).toEqual({
      op: 'batch',
      operations: [
        { ...put, item: 'a' },
        { ...put, item: 'c' },
      ],
    });
    await at.settle();
    button(element, 'Take out').click();
    await at.settle();
    expect(titles(element)).toEqual(['Bell rope']);
    expect(at.store.said()).toEqual(jasmine.objectContaining({ words: '2 items are taken out.', undo: true }));
  });

  it('open one item with all it says, keep its address while it is a draft of a name, and give it its time', async () => {
    const element = await table();
    button(element, 'Open Anchor warp').click();
    await at.settle();
    const field = <T extends HTMLElement = HTMLInputElement>(id: string) => element.querySelector<T>(`#item-${id}`)!;
    expect([...element.querySelectorAll('.field label')].map((l) => l.textContent.trim())).toContain('Berth');
    type(field('title'), 'Anchor rope');
    expect(at.changes.pop()).toEqual(jasmine.objectContaining({ slug: 'anchor-rope' }));
    await at.settle();
    // Another has that address: it keeps its own.
    type(field('title'), 'B');
    expect(at.changes.pop()).not.toEqual(jasmine.objectContaining({ slug: 'b' }));
    type(field('berth'), '2.5', 'change');
    expect((at.changes.pop() as { values?: object }).values).toEqual({ berth: 2.5 });
    type(field('tags'), 'hemp, , tar,hemp');
    expect((at.changes.pop() as { tags?: string[] }).tags).toEqual(['hemp', 'tar']);
    type(field('from'), '2026-06-14T08:30', 'change');
    // Half past eight in London is half past seven in UTC, in summer.
    expect((at.changes.pop() as { from?: string }).from).toBe('2026-06-14T07:30Z');
    await at.settle();
    button(element, 'Put it up').click();
    expect((at.changes.pop() as { state?: string }).state).toBe('up');
    type(field('slug'), 'B', 'change');
    expect(at.store.said()!.words).toContain('Another product is at “b”.');
    type(field('language'), 'french', 'change');
    expect(at.store.said()!.words).toContain('is no language tag');
    expect(field('language').value).toBe('');
    type(field('language'), 'fr', 'change');
    expect((at.changes.pop() as { language?: string }).language).toBe('fr');
    await at.settle();
    button(element, 'Take out B').click();
    await at.settle();
    expect(titles(element).length).toBe(2);
  });

  it('have fields of their own, kept apart from those of their kind', async () => {
    const element = await table();
    const [name, holds] = [
      element.querySelector<HTMLInputElement>('[aria-label="Name of a new field"]')!,
      element.querySelector<HTMLSelectElement>('[aria-label="What it holds"]')!,
    ];
    type(name, 'Price');
    type(holds, 'choice', 'change');
    await at.settle();
    expect(button(element, 'Add the field').disabled).toBeTrue();
    type(element.querySelector<HTMLInputElement>('[aria-label^="What there is to choose"]')!, 'High, Low');
    await at.settle();
    button(element, 'Add the field').click();
    expect((at.changes.pop() as { fields?: object[] }).fields).toEqual([
      shelf.fields[0]!,
      { id: 'price2', label: 'Price', type: 'choice', choices: ['High', 'Low'] },
    ]);
    await at.settle();
    button(element, 'Move the field Price up').click();
    expect((at.changes.pop() as { fields: { id: string }[] }).fields.map((f) => f.id)).toEqual(['price2', 'berth']);
    await at.settle();
    button(element, 'Take out the field Berth').click();
    expect((at.changes.pop() as { fields: { id: string }[] }).fields.map((f) => f.id)).toEqual(['price2']);
  });

  it('say what a file would change before it does', async () => {
    const element = await table();
    const csv = toCsv(document_, shelf).replace('Bell rope', 'Bell cord').replace('Cod line', '');
    const field = element.querySelector<HTMLInputElement>('input[type=file]')!;
    const bring = async (name: string, words: string) => {
      const files = new DataTransfer();
      files.items.add(new File([words], name));
      field.files = files.files;
      field.dispatchEvent(new Event('change'));
      await new Promise((done) => setTimeout(done, 50));
      await at.settle();
    };
    await bring('shelf.csv', `${csv},Quite new,,up\r\n`);
    const note = () => element.querySelector<HTMLElement>('.note')!;
    expect(note().textContent).toContain('1 item new, 1 otherwise, 2 as they are.');
    expect(note().textContent).toContain('Quite new');
    expect(note().textContent).toMatch(/Bell cord\s+title/);
    expect(at.changes).toEqual([]);
    button(note(), 'Leave it').click();
    await at.settle();
    expect(note()).toBeNull();
    await bring('shelf.csv', `${csv},Quite new,,up\r\n`);
    button(note(), 'Bring it in').click();
    await at.settle();
    expect(titles(element)).toEqual(['Bell cord', 'Anchor warp', 'Cod line', 'Quite new']);
    await bring('shelf.docx', 'PK');
    expect(note().textContent).toContain('neither CSV, JSON, Markdown, a calendar nor a card');
    expect([...note().querySelectorAll('button')].map((b) => b.textContent.trim())).toEqual(['Leave it']);
  });

  it('are shown by a section in the stead of what it has of its own', async () => {
    const section = start.pages.flatMap((p) => p.sections).find((s) => s.shape.startsWith('services/'))!;
    const { element, fixture } = await at.shown(SectionPanel, { section });
    const which = element.querySelector<HTMLSelectElement>(`#shows-${section.id}`)!;
    type(which, 'shelf', 'change');
    expect((at.changes.pop() as Extract<Operation, { op: 'batch' }>).operations.map((o) => o.op)).toEqual([
      'setContent',
      'setShows',
    ]);
    const now = at.store
      .document()!
      .pages.flatMap((p) => p.sections)
      .find((s) => s.id === section.id)!;
    fixture.componentRef.setInput('section', now);
    await at.settle();
    expect(element.querySelector('fieldset.items')).toBeNull();
    type(element.querySelector<HTMLInputElement>(`#most-${section.id}`)!, '99', 'change');
    expect(at.changes.pop()).toEqual(
      jasmine.objectContaining({ op: 'setShows', shows: { collection: 'shelf', show: 'kept', most: 48 } }),
    );
    // By their months only where they follow their time.
    const months = () =>
      [...element.querySelectorAll('label')]
        .find((l) => l.textContent.includes('Under their months'))
        ?.querySelector('input');
    expect(months()).toBeUndefined();
    const newest = { collection: 'shelf', show: 'newest' as const, most: 6 };
    fixture.componentRef.setInput('section', { ...now, shows: newest });
    await at.settle();
    months()!.click();
    expect(at.changes.pop()).toEqual(jasmine.objectContaining({ shows: { ...newest, monthly: true } }));
    fixture.componentRef.setInput('section', { ...now, shows: { ...newest, monthly: true } });
    await at.settle();
    type(element.querySelector<HTMLSelectElement>(`#which-${section.id}`)!, 'kept', 'change');
    expect(at.changes.pop()).toEqual(jasmine.objectContaining({ shows: { ...newest, show: 'kept' } }));
    button(element, 'Open Shelf').click();
    expect(collections.collection()!.id).toBe('shelf');
    type(which, '', 'change');
    expect(at.changes.pop()).toEqual({ op: 'setShows', section: section.id, shows: null });
  });
});
