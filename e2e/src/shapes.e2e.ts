import { directionNumbered, kinds } from '@tin-porch/core';
import { shapeSheet, STRESSES } from '@tin-porch/core/fixtures';
import type { Browser } from 'playwright-core';
import { openBrowser } from './support/browser.js';
import { lookAt, nu } from './support/rendered.js';

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
  }, 240_000);

  it('is markup and style that the Nu HTML checker has nothing against', () => {
    // The long words are made up of German ones, and a text without its heading is told of.
    const known = /appears to be written in|lacks heading/;
    expect(nu(sheets.flatMap((s) => s.looks.map((l) => l.document))).filter((m) => !known.test(m))).toEqual([]);
  }, 120_000);
});
