import { emptyFacts, type SiteDocument } from '@tin-porch/core/model';
import { apply } from '@tin-porch/core/operations';
import { allTexts, newDocument, writeVersion } from '@tin-porch/core/making';
import { render } from '@tin-porch/core/page';
import { demoFacts, siteFrom } from '@tin-porch/core/fixtures';
import { draw, press } from './press.js';

const ORIGIN = 'https://gant.example';
const site = (strapline: string): SiteDocument => {
  const facts = {
    ...emptyFacts(),
    name: 'Gant & Sons',
    trade: 'ropemaker',
    strapline,
    services: ['Mooring ropes', 'Bell ropes', 'Fenders'].map((name, n) => ({
      id: `v${n}`,
      name,
      detail: '',
      price: '',
    })),
  };
  return apply(newDocument('gant', facts), writeVersion(facts, 3)).document;
};

describe('the press', () => {
  it('makes every file the renderer names, in its order, with the words as they are', async () => {
    const document = site('Rope, laid in the long walk.');
    const rendered = render(document, { origin: ORIGIN });
    const pressed = await press(document, ORIGIN);
    expect(pressed.map((f) => `${f.path} ${f.type}`)).toEqual(rendered.map((f) => `${f.path} ${f.type}`));
    for (const [n, file] of rendered.entries()) {
      expect(pressed[n]!.bytes.byteLength).withContext(file.path).toBeGreaterThan(0);
      if ('text' in file && !file.outlined) expect(pressed[n]!.bytes.toString()).toBe(file.text);
    }
    // A font that was cut is a WOFF2, a drawing for sharing a JPEG: what their names say.
    for (const { path, bytes } of pressed) {
      if (path.endsWith('.woff2')) expect(bytes.subarray(0, 4).toString()).toBe('wOF2');
      if (path.endsWith('.jpg')) expect(bytes.subarray(0, 2).toString('hex')).toBe('ffd8');
    }
  });

  it('gives the same bytes for the same document, also where several are asked for at once', async () => {
    const documents = [site('One.'), site('Two.'), site('One.')];
    const [one, two, again] = await Promise.all(documents.map((d) => press(d, ORIGIN)));
    const bytes = (files: typeof one) => files!.map((f) => f.bytes.toString('base64')).join();
    expect(bytes(one) === bytes(again)).toBeTrue();
    expect(bytes(one) === bytes(two)).toBeFalse();
  });

  it('says which picture file is missing', async () => {
    const document = site('Rope.');
    const hash = 'ab'.repeat(32);
    const rendition = { type: 'image/jpeg' as const, width: 640, height: 480, hash, bytes: 10 };
    const page = document.pages[0]!;
    const file = {
      id: 'walk',
      kind: 'file' as const,
      title: 'The walk',
      width: 640,
      height: 480,
      colour: '#445566',
      focus: [0.5, 0.5] as [number, number],
      renditions: [rendition],
      credit: { by: '', licence: '', address: '' },
    };
    const withPicture = (value: unknown): unknown =>
      Array.isArray(value)
        ? value.map(withPicture)
        : typeof value === 'object' && value !== null
          ? 'media' in value
            ? { ...value, media: 'walk' }
            : Object.fromEntries(Object.entries(value).map(([k, v]) => [k, withPicture(v)]))
          : value;
    const pages = [{ ...page, sections: withPicture(page.sections) as typeof page.sections }];
    await expectAsync(press({ ...document, media: [file], pages }, ORIGIN)).toBeRejectedWithError(
      'There is no picture ababababab.',
    );
  });

  it('draws again only what changed, and gives what a whole pressing gives', async () => {
    const before = siteFrom(demoFacts, 3);
    const origin = 'https://again.example';
    expect((await draw(before, origin)).drawn).toBe(before.pages.length);
    const { section, path } = allTexts(before).find((t) => t.page?.slug !== '' && t.page)!;
    const text = { value: 'Tarred by hand', from: { kind: 'designer' as const } };
    const after = apply(before, { op: 'setText', at: { section: section.id, path }, text }).document;
    expect((await draw(after, origin)).drawn).toBe(1);
    const pressed = await press(after, origin);
    expect(pressed.map((f) => f.path)).toEqual(render(after, { origin }).map((f) => f.path));
    const whole = render(after, { origin });
    for (const [n, file] of whole.entries())
      if ('text' in file && !file.outlined) expect(pressed[n]!.bytes.toString()).toBe(file.text);
  });

  it('stops where it is told to, and goes on with the next', async () => {
    const stop = new AbortController();
    const stopped = press(site('Stopped.'), ORIGIN, undefined, stop.signal);
    stop.abort();
    await expectAsync(stopped).toBeRejected();
    expect((await press(site('Gone on with.'), ORIGIN)).length).toBeGreaterThan(5);
  });
});
