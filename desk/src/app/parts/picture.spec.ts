import { HttpEventType } from '@angular/common/http';
import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Drafts } from '../drafts';
import { Session } from '../here';
import type { Change, ItemsOf, Shown } from '../model';
import { ItemPlace } from '../places/item';
import { PagePlace } from '../places/page';
import { AROUND, atTheDesk, button, HERE, shown, textOf, write } from '../testing/at-the-desk';
import { en } from '../words/en';
import { PictureField } from './picture';
import { smaller } from './smaller';

const photo = (bytes = 4, name = 'IMG 7.jpg') => new File([new Uint8Array(bytes)], name, { type: 'image/jpeg' });

describe('a place for a picture at the desk', () => {
  let http: HttpTestingController;
  beforeEach(() => {
    http = atTheDesk();
  });
  const field = async (value: Shown = { media: '', alt: '' }) => {
    const place = await shown(PictureField, { label: 'Picture', shown: value });
    const said: Shown[] = [];
    place.componentInstance.shownChange.subscribe((s) => said.push(s));
    return { place, said, element: place.nativeElement as HTMLElement };
  };
  const choose = async (element: HTMLElement, file = photo()) => {
    const input = element.querySelector<HTMLInputElement>('input[type=file]')!;
    const chosen = new DataTransfer();
    chosen.items.add(file);
    input.files = chosen.files;
    input.dispatchEvent(new Event('change'));
    await new Promise((done) => setTimeout(done));
  };
  const sent = () => http.expectOne((r) => r.url === 'api/pictures');

  it('sends one, says how far it is, and shows it once it is made', async () => {
    const { place, said, element } = await field();
    expect(element.querySelector('img')).toBeNull();
    await choose(element);
    await place.whenStable();
    const request = sent();
    expect(request.request.params.get('name')).toBe('IMG 7.jpg');
    expect(request.request.headers.get('content-type')).toBe('image/jpeg');
    request.event({ type: HttpEventType.UploadProgress, loaded: 1, total: 4 });
    await place.whenStable();
    expect(textOf(place)).toContain(en.sendingPicture(25));
    request.event({ type: HttpEventType.UploadProgress, loaded: 4, total: 4 });
    await place.whenStable();
    expect(textOf(place)).toContain(en.makingPicture);
    request.flush({ id: 'img-7-aa' });
    await place.whenStable();
    // What was said of another is not true of this one.
    expect(said).toEqual([{ media: 'img-7-aa', alt: '' }]);
    expect(element.querySelector('progress')).toBeNull();
  });

  it('keeps one that did not arrive, and sends it again; one that is refused says why and is let go', async () => {
    const { place, said, element } = await field();
    await choose(element);
    sent().error(new ProgressEvent('error'));
    await place.whenStable();
    expect(textOf(place)).toContain(en.pictureLost);
    button(place, en.again).click();
    await new Promise((done) => setTimeout(done));
    sent().flush({ title: 'It was not taken', detail: 'It is damaged.' }, { status: 422, statusText: 'no' });
    await place.whenStable();
    expect(textOf(place)).toContain('It is damaged.');
    expect(textOf(place)).not.toContain(en.again);
    await choose(element, photo(30_000_001));
    http.expectNone((r) => r.url === 'api/pictures');
    await place.whenStable();
    expect(textOf(place)).toContain(en.pictureLarge(30));
    expect(said).toEqual([]);
  });

  it('is stopped by hand, and by going away', async () => {
    const { place, element } = await field();
    await choose(element);
    await place.whenStable();
    const request = sent();
    button(place, en.stop).click();
    await place.whenStable();
    expect(request.cancelled).toBeTrue();
    await choose(element);
    const other = sent();
    place.destroy();
    expect(other.cancelled).toBeTrue();
  });

  it('is described, and left out; nothing can be brought where nothing is taken', async () => {
    const { place, said, element } = await field({ media: 'boat', alt: 'A boat' });
    expect(element.querySelector('img')!.getAttribute('src')).toBe('api/pictures/boat');
    write(place, en.seenOn, 'A red\nboat');
    button(place, en.noPicture).click();
    expect(said.at(0)).toEqual({ media: 'boat', alt: 'A red boat' });
    expect(said.at(-1)).toEqual({ media: '', alt: '' });
    TestBed.inject(Session).here.set({ ...HERE, pictures: false });
    await place.whenStable();
    expect(element.querySelector('input[type=file]')).toBeNull();
  });

  it('is among what is changed of a page, and says where another stands there by now', async () => {
    const at = { section: 's1', path: 'picture' };
    const pages = (media: string) => ({
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
              texts: [],
              pictures: [{ at, of: '', shown: { media, alt: 'Old' } }],
            },
          ],
        },
      ],
    });
    const drafts = TestBed.inject(Drafts);
    const place = await shown(PagePlace, { page: 'home' });
    http.expectOne('api/pages').flush(pages('slip'));
    await place.whenStable();
    await choose(place.nativeElement as HTMLElement);
    sent().flush({ id: 'img-7-aa' });
    await place.whenStable();
    const change = drafts.about('picture s1 picture') as Extract<Change, { kind: 'picture' }>;
    expect([change.was, change.value]).toEqual([
      { media: 'slip', alt: 'Old' },
      { media: 'img-7-aa', alt: '' },
    ]);
    place.destroy();
    const later = await shown(PagePlace, { page: 'home' });
    http.expectOne('api/pages').flush(pages('other'));
    await later.whenStable();
    expect(textOf(later)).toContain(`${en.differs} Old`);
    button(later, en.takeTheirs).click();
    expect(drafts.count()).toBe(0);
  });

  it('is a field of an item, and no change where it is what it was', async () => {
    const drafts = TestBed.inject(Drafts);
    const place = await shown(ItemPlace, { list: 'l1', item: 'a' });
    const said = {
      title: 'Regatta',
      up: true,
      from: '',
      until: '',
      values: {},
      pictures: { picture: { media: 'slip', alt: '' } },
    };
    const list = {
      id: 'l1',
      kind: 'news',
      name: 'News',
      ordered: false,
      count: 1,
      locked: false,
      fields: [{ id: 'picture', label: 'Picture', type: 'picture', choices: [] }],
    };
    http
      .expectOne((r) => r.url.startsWith('api/lists/l1'))
      .flush({
        list,
        zone: 'UTC',
        found: 1,
        items: [{ id: 'a', title: 'Regatta', state: 'up', when: '', said }],
      } as ItemsOf);
    await place.whenStable();
    write(place, en.seenOn, 'The slip');
    const [change] = drafts.all() as Extract<Change, { kind: 'item' }>[];
    expect(change!.value!.pictures).toEqual({ picture: { media: 'slip', alt: 'The slip' } });
    await place.whenStable();
    expect((place.nativeElement as HTMLElement).querySelector('.picture.changed')).not.toBeNull();
    write(place, en.seenOn, '');
    expect(drafts.count()).toBe(0);
  });

  it('is sent no larger than is of use, and as it is where the browser cannot read it', async () => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 4400, height: 2200 });
    const paint = canvas.getContext('2d')!;
    const noise = paint.createImageData(4400, 2200);
    for (let n = 0; n < noise.data.length; n++) noise.data[n] = n % 4 === 3 ? 255 : (n * 7919) % 251;
    paint.putImageData(noise, 0, 0);
    const blob = await new Promise<Blob>((done) => canvas.toBlob((b) => done(b!), 'image/jpeg', 0.98));
    const large = new File([blob], 'IMG 8.jpg', { type: 'image/jpeg' });
    expect(large.size).toBeGreaterThan(2_500_000);
    const made = await smaller(large);
    expect([made.name, made.type, made.size < large.size]).toEqual(['IMG 8.jpg', 'image/jpeg', true]);
    const read = await createImageBitmap(made);
    expect([read.width, read.height]).toEqual([3600, 1800]);
    const none = new File([new Uint8Array(3_000_000)], 'none.jpg', { type: 'image/jpeg' });
    expect(await smaller(none)).toBe(none);
    expect(await smaller(photo())).toEqual(jasmine.objectContaining({ size: 4 }));
  });
});
