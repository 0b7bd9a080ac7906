import { demoFacts } from '../../fixtures/facts.js';
import { photograph } from '../../fixtures/photograph.js';
import { newDocument } from '../../making/generate/site.js';
import { writeVersion } from '../../making/generate/write.js';
import { pageChecks } from '../../making/checks.js';
import { picturePlaces, unusedMedia } from '../../making/picture-places.js';
import type { SiteDocument } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import type { SingleOperation } from '../../operations/operation.js';
import { validateDocument } from '../../operations/validate.js';
import { render, renderWindow, targetOf } from './render.js';

const site = apply(newDocument('x', demoFacts), writeVersion(demoFacts, 1)).document;
const origin = 'https://hollis.example';
const at = picturePlaces(site).find((p) => p.page?.id === 'home' && p.picture.media)!.at;
const hash = (n: number) => String(n).repeat(64);
const photo = (id: string, focus: [number, number]) =>
  photograph(id, id, {
    focus,
    renditions: [
      { type: 'image/avif', width: 800, height: 1000, hash: hash(1), bytes: 10 },
      { type: 'image/jpeg', width: 800, height: 1000, hash: hash(2), bytes: 10 },
    ],
    credit: { by: 'Nell Farrow', licence: 'CC BY 4.0', address: '' },
  });
const after = (...operations: SingleOperation[]): SiteDocument => apply(site, { op: 'batch', operations }).document;
const text = (document: SiteDocument, path: RegExp) =>
  (render(document, { origin }).find((f) => path.test(f.path)) as { text: string }).text;
/** The home page, all of it in one line. */
const inLine = (html: string) => html.replace(/\n\s*/g, '');
const home = (document: SiteDocument) => inLine(text(document, /^\/index\.html$/));
const css = (document: SiteDocument) => text(document, /^\/site-.*\.css$/);

describe('what stands in a place for a picture', () => {
  it('is another one on phones alone, chosen before anything is fetched, with what must stay in sight of it', () => {
    const shown = after(
      { op: 'putMedium', medium: photo('slip-tall', [0.2, 0.8]) },
      { op: 'setPicture', at, media: 'slip-tall', on: 'phone' },
    );
    expect(validateDocument(shown)).toEqual([]);
    const picture = /<picture>(?:(?!<\/picture>).)*slip-tall.*?<\/picture>/.exec(home(shown))![0];
    const sources = picture.match(/<source[^>]*>/g)!;
    expect(sources[0]).toContain('media="(max-width: 35.99rem)"');
    expect(sources[0]).toContain('type="image/avif"');
    expect(sources[1]).toContain('.jpeg');
    expect(sources[1]).toContain('width="800" height="1000"');
    // What stands there on every other page is what stood there.
    const before = /<img class="pic[^>]*>/.exec(home(site))![0];
    expect(picture).toContain(/src="[^"]*"/.exec(before)![0]);
    expect(picture).toContain('phone-at-2-8');
    expect(css(shown)).toMatch(/@container page \(max-width: 35\.99rem\) \{\s*\.phone-at-2-8 \{\s*--look-at: 20% 80%;/);
    expect(css(site)).not.toContain('phone-at');
    // Its file is given out, who made it is named, and it is not one that nothing shows.
    expect(render(shown, { origin }).some((f) => f.path.startsWith('/pictures/slip-tall-'))).toBeTrue();
    expect(home(shown)).toContain('Nell Farrow');
    expect(unusedMedia(shown).map((m) => m.id)).not.toContain('slip-tall');
    expect(renderWindow(shown, 'home', '', { mediaBase: '/m' })!.html).toContain(`srcset="/m/${hash(2)}"`);
  });

  it('is what it is elsewhere again when that is given up, to the byte', () => {
    const put = { op: 'setPicture', at, media: site.media[0]!.id, on: 'tablet' } as const;
    const { document, inverse } = apply(site, put);
    expect(home(document)).toContain('(min-width: 36rem) and (max-width: 51.99rem)');
    expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(site));
    expect(JSON.stringify(apply(document, { ...put, media: '' }).document)).toBe(JSON.stringify(site));
    // What is put there for all leaves what one has.
    const other = apply(document, { op: 'setPicture', at, media: '' }).document;
    expect(picturePlaces(other).find((p) => p.at.path === at.path && p.at.section === at.section)!.picture.on).toEqual({
      tablet: site.media[0]!.id,
    });
  });

  it('is a film with its captions, of which nothing is fetched before it is played', () => {
    const file = (id: string, ending: 'mp4' | 'vtt') => ({ id, title: id, ending, bytes: 9, hash: hash(3) });
    const film = { file: 'file:launch', captions: 'file:launch-said' };
    const shown = after(
      { op: 'putFile', file: file('launch', 'mp4') },
      { op: 'putFile', file: file('launch-said', 'vtt') },
      { op: 'setFilm', at, film },
    );
    expect(validateDocument(shown)).toEqual([]);
    const video = /<video.*?<\/video>/.exec(home(shown))![0];
    expect(video).toContain('preload="none"');
    expect(video).toContain('controls');
    expect(video).toMatch(/poster="\/pictures\//);
    expect(video).toContain('<source src="/files/launch.mp4" type="video/mp4"');
    expect(video).toContain('<track kind="captions" src="/files/launch-said.vtt" srclang="en-GB"');
    expect(render(shown, { origin }).filter((f) => f.path.startsWith('/files/')).length).toBe(2);
    // In the window it is taken hold of.
    const window = /<video.*?<\/video>/.exec(inLine(renderWindow(shown, 'home', '')!.html))![0];
    expect(window).not.toMatch(/controls|<source/);
    const said = (d: SiteDocument) => pageChecks(d).filter((c) => c.words.includes('captions')).length;
    expect(said(shown)).toBe(0);
    const silent = apply(shown, { op: 'setFilm', at, film: { file: 'file:launch' } }).document;
    expect(said(silent)).toBe(1);
    // Where its file is gone, the picture stands for itself, and nobody is told of captions.
    const gone = apply(silent, { op: 'removeFile', file: 'launch' }).document;
    expect(home(gone)).not.toContain('<video');
    expect(said(gone)).toBe(0);
    const without = apply(shown, { op: 'setFilm', at, film: null }).document;
    expect(home(without)).toBe(home(site));
  });
});

describe('the family of a button', () => {
  const opening = site.pages[0]!.sections[0]!;
  const place = { section: opening.id, path: 'action' };
  it('is that of its place, or its own; the third costs nothing where no button is of it', () => {
    expect(home(site)).toMatch(/<a class="button" href="[^"]*"><span>/);
    expect(css(site)).not.toContain('.button.quiet');
    const quiet = apply(site, { op: 'setFamily', at: place, as: 'quiet' });
    expect(validateDocument(quiet.document)).toEqual([]);
    expect(home(quiet.document)).toContain('<a class="button quiet"');
    expect(css(quiet.document)).toContain('.button.quiet');
    expect(JSON.stringify(apply(quiet.document, quiet.inverse).document)).toBe(JSON.stringify(site));
    // Other words and another target leave it.
    const written = apply(quiet.document, {
      op: 'batch',
      operations: [
        { op: 'setText', at: place, text: { value: 'Come and see', from: { kind: 'designer' } } },
        { op: 'setTarget', at: place, to: 'page:services' },
      ],
    }).document;
    expect(home(written)).toMatch(/<a class="button quiet" href="\/services\/"><span>Come and see/);
  });
});

describe('the name of a section within its page', () => {
  const story = site.pages[0]!.sections.find((s) => s.shape.startsWith('story/'))!;
  const named = apply(site, { op: 'setAnchor', section: story.id, anchor: 'the-yard' });
  it('is that of its kind, or its own, and links follow it', () => {
    expect(home(site)).toContain('id="story"');
    expect(home(named.document)).toContain('id="the-yard"');
    expect(home(named.document)).not.toContain('id="story"');
    expect(targetOf(named.document, `page:home#${story.id}`)).toBe('/#the-yard');
    expect(JSON.stringify(apply(named.document, named.inverse).document)).toBe(JSON.stringify(site));
  });
  it('is the name of one section alone, which no other has, that of a kind among them', () => {
    const [opening] = site.pages[0]!.sections;
    const taken = () => apply(named.document, { op: 'setAnchor', section: opening!.id, anchor: 'the-yard' });
    expect(taken).toThrowError(/Another section/);
    const kind = apply(site, { op: 'setAnchor', section: opening!.id, anchor: 'story' }).document;
    expect(home(kind).match(/id="story"/g)!.length).toBe(1);
    expect(validateDocument(kind)).toEqual([]);
    // One that comes from another page with a name that is taken goes without.
    const elsewhere = site.pages[1]!.sections.at(-1)!;
    const both = apply(named.document, {
      op: 'batch',
      operations: [
        { op: 'setAnchor', section: elsewhere.id, anchor: 'the-yard' },
        { op: 'moveSection', section: elsewhere.id, page: 'home', to: site.pages[0]!.sections.length },
      ],
    }).document;
    expect(home(both).match(/id="the-yard"/g)!.length).toBe(1);
  });
});
