import { newDocument } from '../making/generate/site.js';
import { demoFacts } from '../fixtures/facts.js';
import { lookLike, saysReference } from './like.js';
import { partsOf, weakPairs } from './palette.js';
import { pageParts, readReference } from './reference.js';
import { families } from './type.js';

const PAGE = `<!doctype html><html><head>
<link rel="stylesheet" href="/site.css"><link rel="stylesheet" media="print" href="/print.css">
<style>.hero{padding:96px 24px;background:#0b3d2e;color:#fff}</style></head>
<body><header class="hero"><h1 class="title">Words nobody takes</h1><a class="btn" href="/">Go</a></header>
<section style="background:#f6efe2"><p>Text</p></section></body></html>`;
const SHEET = `:root{--brand:#c4502a;--round:10px}
body{background:#fffdf8;color:#222;font:400 18px/1.6 "Source Serif", Georgia, serif}
h1,h2{font-family:"Inter",Helvetica,sans-serif;font-weight:800;text-transform:uppercase}
.btn{background:var(--brand);color:white;border-radius:var(--round)}
.never-used{background:#ff00ff;border-radius:40px}
@media print{.btn{background:#0000ff}}
@media (prefers-color-scheme: dark){body{background:#000}}
broken { color: `;

describe('a look from a page somebody likes', () => {
  const parts = pageParts(PAGE);
  const found = readReference(parts, [SHEET]);

  it('reads what its styles say, of rules it uses only, through custom properties and past broken ones', () => {
    expect(parts.links).toEqual(['/site.css']);
    expect(found.colours).toContain('#c4502a');
    expect(found.colours).toContain('#0b3d2e');
    expect(found.colours).not.toContain('#ff00ff');
    expect(found.colours).not.toContain('#0000ff');
    expect(found.ground).toBe('#fffdf8');
    expect(found.heading).toEqual({ kind: 'sans', weight: 800, capitals: true });
    expect(found.reading).toEqual({ kind: 'serif', size: 18 });
    expect(found.corner).toBe(10);
    expect(found.room).toBe(96);
    expect(JSON.stringify(found)).not.toContain('Words');
  });

  it('is a place to begin from: its character taken over, every pair still readable', () => {
    const { look } = newDocument('site', demoFacts, 1);
    const next = lookLike(look, found, 'en');
    expect(families[next.heading]!.kind).toBe('sans');
    expect(families[next.reading]!.kind).toBe('serif');
    expect([next.headingCase, next.corner, next.base]).toEqual(['capitals', 10, 18]);
    expect(next.density).toBeGreaterThan(1.1);
    expect([...weakPairs(next.day), ...weakPairs(next.night)]).toEqual([]);
    const apart = Math.abs(partsOf(next.day.lead).h - partsOf(found.colours[0]!).h);
    expect(Math.min(apart, 360 - apart)).toBeLessThan(30);
    expect(saysReference(found)).toContain('sans headings');
  });

  it('leaves everything as it is where a page says nothing', () => {
    const { look } = newDocument('site', demoFacts, 1);
    expect(lookLike(look, readReference(pageParts('<p>Bare</p>'), []), 'en')).toEqual(look);
  });
});
