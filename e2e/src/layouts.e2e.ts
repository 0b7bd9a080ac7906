import { layoutsOf, kinds } from '@tin-porch/core/look';
import { directionNumbered } from '@tin-porch/core/making';
import {
  isPicture,
  isText,
  type LayoutName,
  type OnDevice,
  type Section,
  type SiteDocument,
} from '@tin-porch/core/model';
import { validateDocument } from '@tin-porch/core/validate';
import { shapeSheet } from '@tin-porch/core/fixtures';
import type { Browser } from 'playwright-core';
import { openBrowser } from './support/browser.js';
import { laidOut, lookAt, nu, type Laid } from './support/rendered.js';

/** Page widths of each kind, px. */
const WIDE = 1280;
const TABLET = 700;
const PHONE = 390;
const KINDS = Object.keys(kinds).filter((k) => k !== 'header' && k !== 'footer');

/** A site with every section laid out otherwise. */
const all = (document: SiteDocument, layout: Partial<Section>): SiteDocument => ({
  ...document,
  pages: document.pages.map((p) => ({ ...p, sections: p.sections.map((s) => ({ ...s, ...layout })) })),
});

const HASH = 'f'.repeat(64);
/** The content of a section with quiet buttons, other pictures on phones, films, and pieces that are tables or set large. */
function otherwiseWithin(value: unknown, film: boolean, key = ''): unknown {
  if (Array.isArray(value)) return value.map((v, n) => otherwiseWithin(v, film && n === 0, key));
  if (isText(value)) return /^(?:action|second)$/.test(key) ? { ...value, as: 'quiet' } : value;
  if (isPicture(value))
    return value.media
      ? { ...value, on: { phone: 'sample-2' }, ...(film && { film: { file: 'file:launch', captions: 'file:said' } }) }
      : value;
  if (typeof value !== 'object' || value === null) return value;
  const inside = Object.fromEntries(Object.entries(value).map(([k, v]) => [k, otherwiseWithin(v, film, k)]));
  return 'weight' in inside
    ? {
        ...inside,
        order: 'words',
        weight: inside['width'] === 'wide' ? 'box' : 'large',
        ...(inside['place'] === 'beside' && { as: 'table' }),
      }
    : inside;
}
/** A site with all of that, and its last page on hold. */
const otherwise = (document: SiteDocument): SiteDocument => ({
  ...document,
  files: [
    { id: 'launch', title: 'The launch', ending: 'mp4', bytes: 9, hash: HASH },
    { id: 'said', title: 'What is said', ending: 'vtt', bytes: 9, hash: HASH },
  ],
  pages: document.pages.map((p, n) => ({
    ...p,
    ...(n === document.pages.length - 1 && { hold: '' }),
    sections: p.sections.map((s, k) => ({
      ...s,
      // What sends a form is no button of a family.
      content: s.shape.startsWith('contact/')
        ? s.content
        : (otherwiseWithin(s.content, (n + k) % 2 === 0) as Section['content']),
    })),
  })),
});

describe('a section laid out otherwise', () => {
  let browser: Browser;
  // Every shape there is, in one site: a page for each kind, or for each shape where a page can have one alone.
  const proper: SiteDocument = (() => {
    const sheets = KINDS.map((kind) => shapeSheet(kind, 'sample', directionNumbered(3)));
    const pages = sheets.flatMap(({ pages: own }, k) =>
      own.map((page, p) => ({
        ...page,
        id: k + p ? `k${k}p${p}` : 'home',
        slug: k + p ? `k${k}-p${p}` : '',
        sections: page.sections.map((s) => ({ ...s, id: `k${k}${s.id}` })),
      })),
    );
    return { ...sheets[0]!, pages, look: { ...sheets[0]!.look, edge: 'straight' } };
  })();
  // The same on as few pages as there can be: where a section stands does not depend on what its page is.
  const site: SiteDocument = (() => {
    const sections = proper.pages.flatMap((p) => p.sections);
    const pages = proper.pages.slice(0, Math.ceil(sections.length / 40));
    return { ...proper, pages: pages.map((p, n) => ({ ...p, sections: sections.slice(n * 40, n * 40 + 40) })) };
  })();
  const sections = site.pages.flatMap((p) => p.sections);
  beforeAll(async () => {
    browser = await openBrowser();
  });
  afterAll(() => browser.close());

  const measured = new Map<number, Laid[]>();
  /** Every section as it is and with a layout of its own, side by side, at a width. */
  async function compared(layout: Partial<Section>, width: number) {
    const sight = { width, mode: 'light' as const };
    const before = measured.get(width) ?? (await laidOut(browser, site, sight)).sections;
    measured.set(width, before);
    const { sections: after, over } = await laidOut(browser, all(site, layout), sight);
    expect(over)
      .withContext(`${JSON.stringify(layout)} at ${width} px`)
      .toEqual([]);
    expect([before.length, after.length]).toEqual([sections.length, sections.length]);
    return sections.map((section, n) => ({ section, before: before[n]!, after: after[n]! }));
  }
  /** What changed for a section is so where it can be laid out so, and where it cannot nothing changed at all. */
  async function does(name: LayoutName, value: string, changed: (before: Laid, after: Laid) => boolean) {
    const wrong: string[] = [];
    for (const { section, before, after } of await compared({ [name]: value }, WIDE)) {
      if (layoutsOf(section).includes(name)) {
        if (!changed(before, after)) wrong.push(`${section.shape} does not: ${JSON.stringify([before, after])}`);
      } else if (before.height !== after.height || before.edge !== after.edge)
        wrong.push(`${section.shape} should not`);
    }
    return wrong;
  }
  it('has its picture on the other side, wherever a shape says it can', async () => {
    expect(
      await does('side', 'other', ({ picture: was }, { picture: is }) => Math.abs(is!.left - was!.left) > 100),
    ).toEqual([]);
  });

  it('has its words in the middle, or at the edge', async () => {
    expect(await does('align', 'middle', (_, { words }) => words !== null && Math.abs(words.off) >= 0)).toEqual([]);
  });

  it('has as many in a row as it is told', async () => {
    expect(await does('columns', '2', (_, { across }) => across === 2)).toEqual([]);
  });

  it('is narrower', async () => {
    expect(await does('width', 'narrow', (before, after) => after.edge > before.edge + 40)).toEqual([]);
  });

  it('has larger words', async () => {
    expect(await does('size', 'larger', (b, a) => a.size > b.size)).toEqual([]);
  });

  it('is otherwise on one kind of page alone', async () => {
    const on = (phone: OnDevice) => ({ on: { phone } });
    const phone = on({ hidden: true, size: 'larger', room: 'close' });
    for (const { section, before, after } of await compared(phone, TABLET))
      expect(after).withContext(section.shape).toEqual(before);
    for (const { section, after } of await compared(on({ hidden: true }), PHONE))
      expect(after.seen).withContext(section.shape).toBeFalse();
    for (const { section, before, after } of await compared(on({ columns: '2', side: 'other' }), PHONE)) {
      if (layoutsOf(section).includes('columns') && before.across)
        expect(after.across).withContext(section.shape).toBe(2);
      if (layoutsOf(section).includes('side'))
        expect(after.picture!.top < after.words!.top)
          .withContext(section.shape)
          .not.toBe(before.picture!.top < before.words!.top);
    }
  });

  it('stays accessible, on the page and sound style in every way at once', async () => {
    const every: Partial<Section> = {
      room: 'close',
      size: 'larger',
      align: 'middle',
      side: 'other',
      columns: '4',
      width: 'narrow',
      edge: 'slant',
      motion: 'slide',
      pace: 'reverse',
      on: { phone: { columns: '2', size: 'smaller', align: 'start' }, tablet: { columns: '3', room: 'wide' } },
    };
    const laid = otherwise(all(proper, every));
    // The sample of a page that has one of a kind alone has the same section over each: that is all that is wrong with it.
    expect(validateDocument(laid).filter((m) => !m.message.startsWith('two have the id'))).toEqual([]);
    for (const [n, width] of [PHONE, TABLET, WIDE].entries()) {
      const paths = proper.pages.filter((_, k) => k % 9 === n).map((p) => (p.slug ? `/${p.slug}/` : '/'));
      for (const { path, faults } of await lookAt(browser, laid, { width, mode: n ? 'dark' : 'light' }, paths))
        expect(faults).withContext(`${width} px, ${path}`).toEqual([]);
    }
    const known = /appears to be written in|lacks heading/;
    expect(nu([laid]).filter((m) => !known.test(m))).toEqual([]);
  });
});
