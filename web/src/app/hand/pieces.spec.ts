import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { addSection, targetOfButton } from '@tin-porch/core/making';
import type { SiteFile } from '@tin-porch/core/model';
import { apply, textAt } from '@tin-porch/core/operations';
import type { ToFrame } from '@tin-porch/surface';
import { aDocument } from '../testing/a-site';
import { atThePage, type AtThePage } from '../testing/at-the-page';
import { WritingDesk } from '../writing/writing-desk';
import { SectionMargin } from './section-margin';
import { WordsFoot } from './words-foot';

const written = aDocument();
const start = apply(written, addSection(written, written.pages[0]!.id, 'rows/open', 1)).document;
const [opening, rows] = start.pages[0]!.sections;
const action = { section: opening!.id, path: 'action' };
interface Piece {
  id: string;
  place: string;
  picture: { media: string };
}

describe('what is in hand', () => {
  let at: AtThePage;
  let element: HTMLElement;
  const button = (words: string) =>
    Array.from(element.querySelectorAll('button')).find((b) => b.textContent.trim().startsWith(words));
  const press = async (words: string) => {
    button(words)!.click();
    await at.settle();
  };
  const pieces = () =>
    at.store.document()!.pages[0]!.sections.find((s) => s.id === rows!.id)!.content['items'] as Piece[];

  beforeEach(async () => {
    at = atThePage(start, [WritingDesk]);
    await at.settle();
  });
  afterEach(() => element.remove());

  describe('is a piece of a section made by hand', () => {
    const hold = async (piece: Piece) => {
      at.store.part.set(`${rows!.id}/items.${piece.id}.text`);
      const places = at.hand.sections().map((s, n) => ({ id: s.id, top: n * 200, bottom: n * 200 + 200 }));
      ({ element } = await at.shown(SectionMargin, { places, scrolled: 0, scale: 1 }));
      document.body.append(element);
      await at.settle();
    };
    const lists = () =>
      Array.from(element.querySelectorAll<HTMLLabelElement>('.chosen')).map((l) => l.firstChild!.textContent!.trim());

    it('which stands where it is put, but for the first, that stands beside nothing', async () => {
      const [first, second] = pieces();
      await hold(second!);
      expect(lists()).toEqual(['After the last', 'Its column', 'It is', 'First comes', 'Weight']);
      const list = element.querySelector<HTMLSelectElement>('.chosen select')!;
      expect(list.value).toBe('beside');
      list.value = 'row';
      list.dispatchEvent(new Event('change'));
      await at.settle();
      expect(pieces()[1]!.place).toBe('row');
      at.store.part.set(`${rows!.id}/items.${first!.id}.text`);
      await at.settle();
      expect(lists()).toEqual(['Its column', 'It is', 'First comes', 'Weight']);
    });

    it('which is given a picture among its parts, and can do without', async () => {
      await hold(pieces()[1]!);
      await press('Parts of it');
      const box = () =>
        Array.from(element.querySelectorAll('label'))
          .find((l) => l.textContent.trim() === 'Picture')!
          .querySelector('input')!;
      expect(box().checked).toBeFalse();
      box().click();
      await at.settle();
      const { media } = pieces()[1]!.picture;
      expect(at.store.document()!.media.some((m) => m.id === media)).toBeTrue();
      box().click();
      await at.settle();
      expect(pieces()[1]!.picture.media).toBe('');
    });
  });

  describe('is a button', () => {
    const led = () => targetOfButton(textAt(at.store.document()!, action)!);
    const hold = async () => {
      at.hand.write(`${action.section}/${action.path}`);
      ({ element } = await at.shown(WordsFoot));
      document.body.append(element);
    };
    const lead = async (to: string) => {
      await press('Leads ');
      const field = element.querySelector<HTMLInputElement>('#link-to')!;
      field.value = to;
      field.dispatchEvent(new Event('input'));
      await at.settle();
      await press('Lead there');
    };

    it('which says where it leads, is led elsewhere, and back where its place leads', async () => {
      await hold();
      expect(button('Leads to Contact')).toBeDefined();
      const { label, id } = start.pages.find((p) => p.id !== 'home' && p.id !== 'contact')!;
      await lead(label);
      expect(led()).toBe(`page:${id}`);
      expect(button(`Leads to ${label}`)).toBeDefined();
      await press('Leads to');
      await press('Where its place leads');
      expect(led()).toBeNull();
      expect(button('Leads to Contact')).toBeDefined();
      // Its words are not to be set off.
      expect(button('Strong')).toBeUndefined();
    });

    it('which leads to a file that is brought, and says why where it is not taken', async () => {
      await hold();
      await press('Leads ');
      const http = TestBed.inject(HttpTestingController);
      const bring = async (name: string) => {
        const files = new DataTransfer();
        files.items.add(new File(['%PDF-1.4'], name));
        const field = element.querySelector<HTMLInputElement>('input[type=file]')!;
        field.files = files.files;
        field.dispatchEvent(new Event('change'));
        await at.settle();
        return http.expectOne((r) => r.url === '/api/sites/gant/files');
      };
      (await bring('list.html')).flush(
        { title: '“list.html” was not taken', detail: 'What visitors can take away ends in one of these: pdf.' },
        { status: 422, statusText: 'Unprocessable' },
      );
      await at.settle();
      expect(element.querySelector('[role=alert]')!.textContent).toContain('ends in one of these');
      const file: SiteFile = { id: 'list', title: 'What we lay', ending: 'pdf', bytes: 12_000, hash: 'a'.repeat(64) };
      const sent = await bring('What we lay.pdf');
      expect(sent.request.params.get('name')).toBe('What we lay.pdf');
      sent.flush(file, { status: 201, statusText: 'Created' });
      await at.settle();
      expect(at.store.document()!.files).toEqual([file]);
      expect(led()).toBe('file:list');
      expect(button('Leads to What we lay (PDF, 12 KB)')).toBeDefined();
      // Another version of it is brought in its place.
      await press('Leads to');
      expect(button('Another version')).toBeDefined();
      const again = await bring('v2.pdf');
      expect(again.request.params.get('instead')).toBe('list');
      again.flush({ ...file, bytes: 9 }, { status: 201, statusText: 'Created' });
      await at.settle();
      expect(at.store.document()!.files!.map((f) => f.bytes)).toEqual([9]);
    });
  });

  it('is told apart where it says what nobody has said, until somebody vouches for it', async () => {
    const told: ToFrame[] = [];
    at.hand.told.subscribe((m) => told.push(m));
    const part = `${opening!.id}/lead`;
    at.hand.write(part);
    ({ element } = await at.shown(WordsFoot));
    document.body.append(element);
    const rest = () => new Promise((done) => setTimeout(done, 500));
    at.hand.heard({ kind: 'written', part, text: { value: 'We have laid rope since 1847, for ships of the navy.' } });
    await at.settle();
    await rest();
    await at.settle();
    expect(at.hand.doubts()).toEqual(['1847']);
    expect(told.at(-1)).toEqual({ kind: 'do', command: { name: 'doubt', words: ['1847'] } });
    expect(element.textContent).toContain('Nobody has said: 1847');
    await press('The client says so');
    await rest();
    await at.settle();
    expect(at.hand.doubts()).toEqual([]);
    expect(element.textContent).not.toContain('Nobody has said');
    // What the brief says is nothing to ask about.
    at.hand.heard({ kind: 'written', part, text: { value: 'We have laid rope since 1921.' } });
    await at.settle();
    await rest();
    expect(at.hand.doubts()).toEqual([]);
  });
});
