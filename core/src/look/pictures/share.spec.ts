import { newDocument } from '../../making/generate/site.js';
import { writeVersion } from '../../making/generate/write.js';
import { demoFacts } from '../../fixtures/facts.js';
import { contrast } from '../palette.js';
import type { SiteDocument } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { render } from '../../page/render/render.js';
import { drawings, inColours, materialInLight, MATERIALS, surfaces } from './kit.js';
import { sharePicture } from './share.js';

const site = apply(newDocument('site', demoFacts, 1), writeVersion(demoFacts, 1)).document;
const seeded = (seed: number): SiteDocument => ({ ...site, look: { ...site.look, seed } });

describe('share pictures', () => {
  it('stand in every composition for every page, in colours that can be read, words within their frame', () => {
    for (const seed of [0, 1, 2])
      for (const page of site.pages) {
        const { letterings, svg, width, height } = sharePicture(seeded(seed), page);
        const ground = /<rect width="1200" height="630" fill="(#[0-9a-f]{6})"/.exec(svg)![1]!;
        for (const { box, colour, words } of letterings) {
          expect(words).not.toBe('');
          expect(box.x >= 0 && box.y >= 0 && box.x + box.width <= width && box.y + box.height <= height).toBeTrue();
          expect(contrast(colour, ground)).toBeGreaterThan(4.5);
        }
      }
  });

  it('are named for what is on them: the page says where, and another heading is another file', () => {
    const pathsOf = (d: SiteDocument) =>
      render(d, { origin: 'https://site.test' }).flatMap((f) =>
        'raster' in f && f.path.startsWith('/share/') ? [f.path] : [],
      );
    const before = pathsOf(site);
    expect(before.length).toBe(site.pages.length);
    const home = render(site, { origin: 'https://site.test' }).find((f) => f.path === '/index.html');
    expect(home && 'text' in home && home.text).toContain(`https://site.test${before.find((p) => p.includes('home'))}`);
    const [first] = site.pages[0]!.sections;
    const changed = apply(site, {
      op: 'setText',
      at: { section: first!.id, path: 'heading' },
      text: { value: 'Another heading', from: { kind: 'designer' } },
    }).document;
    expect(pathsOf(changed).filter((p) => !before.includes(p)).length).toBe(1);
  });
});

describe('the picture kit', () => {
  it('names every colour of its drawings for what it stands for, so that all of them follow a look', () => {
    let count = 0;
    for (const { svg, inks, title, tags } of drawings()) {
      count++;
      const named = new Set(Object.values(inks));
      const strange = new Set((svg.match(/#[0-9a-f]{6}/g) ?? []).filter((c) => !named.has(c)));
      if (strange.size || !title || !tags.length || svg.length > 60_000) fail(`${title}: ${[...strange].join()}`);
    }
    expect(count).toBeGreaterThan(400);
  });

  it('has close-ups of every material, each a surface in light and not a flat colour, the same each time', () => {
    expect(Object.keys(MATERIALS)).toEqual(['stone', 'timber', 'linen', 'tin', 'water', 'paper', 'soil', 'glaze']);
    for (const { material, variety, seed } of surfaces()) {
      const lit = materialInLight(material, variety, seed, 60, 40);
      const { data } = inColours(lit, ['#222222', '#888888', '#eeeeee']);
      const values = Array.from({ length: 2400 }, (_, p) => data[p * 4]!);
      const mean = values.reduce((a, b) => a + b) / values.length;
      const spread = Math.sqrt(values.reduce((a, b) => a + (b - mean) ** 2, 0) / values.length);
      expect(spread).withContext(`${material} ${variety}`).toBeGreaterThan(4);
      expect(mean).withContext(`${material} ${variety}`).toBeGreaterThan(12);
      expect(
        inColours(materialInLight(material, variety, seed, 60, 40), ['#222222', '#888888', '#eeeeee']).data,
      ).toEqual(data);
    }
  });
});
