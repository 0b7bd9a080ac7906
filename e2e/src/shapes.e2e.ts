import { createHash } from 'node:crypto';
import type { FileMedium } from '@tin-porch/core/model';
import { kinds } from '@tin-porch/core/look';
import { directionNumbered } from '@tin-porch/core/making';
import { demoFacts, monkeyOn, shapeSheet, siteFrom, sitesForMonkey, STRESSES } from '@tin-porch/core/fixtures';
import type { Browser } from 'playwright-core';
import { openBrowser } from './support/browser.js';
import sharp from 'sharp';
import { brokenWords, lookAt, nu, pictureBoxes } from './support/rendered.js';

const WIDTHS = [320, 768, 1280, 1920];

describe('every section shape', () => {
  let browser: Browser;
  const sheets = Object.keys(kinds).map((kind, n) => ({
    kind,
    // Over the kinds every stress, width and version comes about; long words always meet the narrowest page.
    looks: [
      { stress: 'long' as const, width: 320, mode: n % 2 ? ('dark' as const) : ('light' as const) },
      {
        stress: STRESSES[n % STRESSES.length]!,
        width: WIDTHS[n % 4]!,
        mode: n % 2 ? ('light' as const) : ('dark' as const),
      },
    ].map((l, k) => ({ ...l, document: shapeSheet(kind, l.stress, directionNumbered(n * 2 + k + 1)) })),
  }));
  beforeAll(async () => {
    browser = await openBrowser();
  });
  afterAll(() => browser.close());

  it('stays on the page, is accessible and stands still, with too much, too little and no pictures, by day and night', async () => {
    for (const { kind, looks } of sheets)
      for (const { document, width, mode, stress } of looks)
        for (const { path, faults } of await lookAt(browser, document, { width, mode }))
          expect(faults).withContext(`${kind}, ${stress}, ${width} px, ${mode}, ${path}`).toEqual([]);
  });

  it('is accessible, stays on the page and is sound markup after a hundred edits nobody would make', async () => {
    const left = sitesForMonkey().flatMap((site, n) => (n % 10 === 1 ? [monkeyOn(site, n + 101, 100).document] : []));
    expect(left.length).toBe(2);
    for (const [n, document] of left.entries())
      for (const { path, faults } of await lookAt(browser, document, {
        width: n % 2 ? 1280 : 390,
        mode: n % 3 ? 'light' : 'dark',
      }))
        expect(faults).withContext(`site ${n}, ${path}`).toEqual([]);
    expect(nu(left)).toEqual([]);
  });

  it('has a photograph where it has a drawing: in the same place and of the same size', async () => {
    const bytes = await sharp({ create: { width: 960, height: 640, channels: 3, background: '#406a70' } })
      .webp()
      .toBuffer();
    const hash = createHash('sha256').update(bytes).digest('hex');
    const photograph = (id: string): FileMedium => ({
      id,
      kind: 'file',
      title: 'sample',
      width: 960,
      height: 640,
      colour: '#406a70',
      focus: [0.5, 0.5],
      renditions: (['image/webp', 'image/jpeg'] as const).map((type) => ({
        type,
        width: 960,
        height: 640,
        hash,
        bytes: bytes.length,
      })),
      credit: { by: '', licence: '', address: '' },
    });
    for (const [n, kind] of Object.keys(kinds).entries()) {
      const drawn = shapeSheet(kind, 'sample', directionNumbered(n + 1));
      if (!JSON.stringify(drawn.pages).includes('"sample-')) continue;
      const files = { ...drawn, media: drawn.media.map((m) => photograph(m.id)) };
      for (const width of [n % 2 ? 390 : 1280]) {
        const boxes = await pictureBoxes(browser, files, { width, mode: 'light' }, new Map([[hash, bytes]]));
        expect(boxes.length).withContext(kind).toBeGreaterThan(0);
        expect(boxes)
          .withContext(`${kind}, ${width} px`)
          .toEqual(await pictureBoxes(browser, drawn, { width, mode: 'light' }, new Map()));
      }
    }
  });

  it('breaks no word of a heading on a narrow page, in whatever look', async () => {
    const facts = { ...demoFacts, name: 'Saltmarrow Amateur Dampfschifffahrt' };
    for (let n = 1; n <= 4; n++) {
      const look = { ...siteFrom(facts, n).look, headingCase: n % 2 ? ('capitals' as const) : ('sentence' as const) };
      for (const width of [320, 390])
        expect(await brokenWords(browser, { ...siteFrom(facts, n), look }, { width, mode: 'light' }))
          .withContext(`version ${n}, ${width} px, ${look.heading}, ${look.headingCase}`)
          .toEqual([]);
    }
  });

  it('is markup and style that the Nu HTML checker has nothing against', () => {
    // The long words are made up of German ones, and a text without its heading is told of.
    const known = /appears to be written in|lacks heading/;
    expect(nu(sheets.flatMap((s) => s.looks.map((l) => l.document))).filter((m) => !known.test(m))).toEqual([]);
  });
});
