import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { photograph } from '@tin-porch/core/fixtures';
import { picturePlaces } from '@tin-porch/core/making';
import { aDocument } from '../testing/a-site';
import { atThePage, type AtThePage } from '../testing/at-the-page';
import { WritingDesk } from '../writing/writing-desk';
import { provideIcons } from '@ng-icons/core';
import { lucidePaperclip, lucidePencilLine } from '@ng-icons/lucide';
import { AskLine } from './ask-line';
import { Asking } from './asking';

const medium = photograph('slip', 'The slip');

describe('the line in which it is said what should change', () => {
  let at: AtThePage;
  let element: HTMLElement;
  let asking: Asking;
  let http: HttpTestingController;
  const line = () => element.querySelector<HTMLInputElement>('#ask')!;
  const say = async (words: string) => {
    line().value = words;
    line().dispatchEvent(new Event('input'));
    element.querySelector('form')!.dispatchEvent(new Event('submit'));
    await at.settle();
  };
  const files = (name: string, type: string) => {
    const all = new DataTransfer();
    all.items.add(new File(['x'], name, { type }));
    return all;
  };
  const answer = async (path: string, body: object, status = 200) => {
    await at.settle();
    http.expectOne((r) => r.url.endsWith(path)).flush(body, { status, statusText: 'x' });
    await at.settle();
    await at.settle();
  };

  beforeEach(async () => {
    at = atThePage(aDocument(), [WritingDesk, Asking, provideIcons({ lucidePaperclip, lucidePencilLine })]);
    asking = TestBed.inject(Asking);
    http = TestBed.inject(HttpTestingController);
    await at.settle();
    ({ element } = await at.shown(AskLine));
    document.body.append(element);
  });
  afterEach(() => element.remove());

  it('takes a picture that is pasted, puts it where it is said, and has it no more once that is taken', async () => {
    line().dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: files('slip.jpg', 'image/jpeg'), cancelable: true }),
    );
    await answer('/pictures', { medium, plainBackground: false, dropped: [] });
    expect(element.textContent).toContain('with The slip');
    expect(document.activeElement).toBe(line());
    // Nothing of it is the site’s yet.
    expect(at.store.document()!.media.some((m) => m.id === 'slip')).toBeFalse();
    await say('use this at the top');
    expect(asking.changes().length).toBe(1);
    asking.take();
    await at.settle();
    const [first] = picturePlaces(at.store.document()!).filter((p) => p.picture.media === 'slip');
    expect(first!.page!.id).toBe('home');
    expect(element.textContent).not.toContain('with The slip');
  });

  it('asks what a file is for that is given without a word, and goes on without it where it is let go', async () => {
    element
      .querySelector('form')!
      .dispatchEvent(new DragEvent('drop', { dataTransfer: files('berths.pdf', 'application/pdf'), cancelable: true }));
    await answer('/files', { id: 'berths', title: 'Berths', ending: 'pdf', bytes: 9, hash: 'a'.repeat(64) });
    await say('');
    expect(asking.open()!.reply.kind).toBe('ask');
    element.querySelector<HTMLButtonElement>('[aria-label="Without Berths"]')!.click();
    await at.settle();
    expect(asking.given()).toBeNull();
    await say('make the buttons round');
    expect(asking.changes().length).toBe(1);
    expect(JSON.stringify(asking.open()!.reply)).not.toContain('not used');
  });

  it('says why something is not taken, and keeps what stands in it', async () => {
    line().value = 'use this at the top';
    line().dispatchEvent(new Event('input'));
    line().dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: files('slip.jpg', 'image/jpeg'), cancelable: true }),
    );
    await answer('/pictures', { title: 'Not taken', detail: 'It is no picture.' }, 422);
    expect(at.store.said()).toEqual(
      jasmine.objectContaining({ bad: true, words: jasmine.stringContaining('no picture') }),
    );
    expect(asking.line()).toBe('use this at the top');
    expect(asking.given()).toBeNull();
    const words = new DragEvent('drop', { dataTransfer: new DataTransfer(), cancelable: true });
    element.querySelector('form')!.dispatchEvent(words);
    expect(words.defaultPrevented).toBeFalse();
    // Words are pasted as they always are.
    const paste = new ClipboardEvent('paste', { clipboardData: new DataTransfer(), cancelable: true });
    line().dispatchEvent(paste);
    expect(paste.defaultPrevented).toBeFalse();
  });
});
