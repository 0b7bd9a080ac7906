import { Parser } from 'htmlparser2';
import { demoFacts } from '../../fixtures/facts.js';
import { newDocument } from '../../making/generate/site.js';
import { FINISHES, FORMATS } from '../../model/site.js';
import { drawMedium, drawRecipe, recipeFrom, SIZES, subjectsIn } from './draw.js';
import { drawMark, symbolsFor } from './mark.js';
import { safeSvg } from './safe-svg.js';
import { sizeOfSvg } from './svg-size.js';
import { subjects } from './subjects.js';

/** A drawing each part of which draws the one before twice: thirty of them come to a thousand million. */
const doubled = (draw: (n: number) => string): string =>
  `<svg><g id="d0"><path d="M0 0h4"/></g>${Array.from({ length: 30 }, (_, n) => `<g id="d${n + 1}">${draw(n)}${draw(n)}</g>`).join('')}<use href="#d30"/></svg>`;

const { look } = newDocument('x', demoFacts);

/** Element names of an SVG that closes everything it opens. */
function elements(svg: string): string[] {
  const names: string[] = [];
  let depth = 0;
  const parser = new Parser(
    { onopentag: (n) => (names.push(n), depth++), onclosetag: () => depth-- },
    { xmlMode: true },
  );
  parser.end(svg);
  expect(depth).toBe(0);
  return names;
}

describe('made pictures', () => {
  it('draw every subject in every style and format, the same each time, in sound numbers', () => {
    let seed = 0;
    for (const subject of Object.keys(subjects))
      for (const style of FINISHES.pictures)
        for (const format of FORMATS) {
          const recipe = { ...recipeFrom('', ++seed, format), subject, style };
          const { svg, width, height } = drawRecipe(recipe, look.day, 'flat');
          expect({ width, height }).toEqual(SIZES[format]);
          expect(svg)
            .withContext(`${subject} ${style}`)
            .not.toMatch(/NaN|undefined|Infinity/);
          expect(svg.length).toBeLessThan(40_000);
          if (seed % 40 === 0) expect(drawRecipe(recipe, look.day, 'flat').svg).toBe(svg);
        }
    expect(elements(drawRecipe(recipeFrom('a boat', 3), look.day, 'cut').svg)).toContain('path');
  });

  it('are read from words: subject, setting, mood and style', () => {
    expect(recipeFrom('A boat in the harbour at night, cut paper', 1)).toEqual(
      jasmine.objectContaining({ subject: 'boat', setting: 'harbour', mood: 'night', style: 'cut' }),
    );
    expect(subjectsIn('open fire')).not.toContain('pen');
    expect(subjectsIn('Uhren und Holz')).toEqual(jasmine.arrayContaining(['clock', 'planks']));
    expect(subjectsIn('qqq')).toEqual([]);
  });

  it('of others take on the inks of the look', () => {
    const medium = {
      id: 'a',
      kind: 'drawn' as const,
      title: '',
      width: 10,
      height: 10,
      svg: '<svg><path fill="#ABCDEF" d="M0 0"/></svg>',
      inks: { deep: '#abcdef' },
      credit: { by: '', licence: '', address: '' },
    };
    expect(drawMedium(medium, look)!.svg).not.toMatch(/abcdef/i);
  });
});

describe('a mark', () => {
  it('says the name safely, and its symbol suits the trade', () => {
    const mark = {
      kind: 'drawn' as const,
      layout: 'beside' as const,
      symbol: symbolsFor('boatyard')[0]!,
      text: 'Hollis & <Wren>',
      colour: 'lead' as const,
    };
    expect(mark.symbol).toBe('sail');
    const { svg } = drawMark(mark, look, look.day);
    expect(svg).toContain('Hollis &amp; &lt;Wren&gt;');
    elements(svg);
  });
});

describe('an SVG somebody brings', () => {
  it('loses all that is not drawing, and is the same when made safe again', () => {
    const hostile =
      '<svg onload="a()"><script>b()</script><foreignObject><iframe src="x"/></foreignObject><a href="javascript:c()"><rect width="2"/></a><use href="https://e.example/#x"/><image href="data:image/png,x"/><path d="M0 0h4" style="fill:url(https://e.example)" fill="url(javascript:d)"/><animate attributeName="href" to="x"/></svg>';
    const safe = safeSvg(hostile);
    if ('problem' in safe) return fail(safe.problem);
    expect(safe.svg).not.toMatch(/script|onload|foreign|iframe|javascript|e\.example|image|animate|style/);
    expect(safe.dropped).toEqual(jasmine.arrayContaining(['<script>', 'onload', '<image>']));
    expect(safeSvg(safe.svg)).toEqual({ svg: safe.svg, dropped: [] });
    // One that says only how large it is gets a box, so that it can be shown smaller.
    const sized = safeSvg('<svg width="300px" height="120"><path d="M0 0h4"/></svg>');
    expect('svg' in sized && sizeOfSvg(sized.svg)).toEqual({ width: 300, height: 120 });
  });

  it('is refused with a reason where it floods, draws nothing or is none', () => {
    for (const [text, reason] of [
      ['<!DOCTYPE svg [<!ENTITY a "x">]><svg>&a;</svg>', /entities/],
      ['GIF89a', /no SVG/],
      ['<svg><script>1</script></svg>', /draws anything/],
      [`<svg><path d="${'M0 0'.repeat(80_000)}"/></svg>`, /too large/],
      [`<svg>${'<g>'.repeat(400)}<path d="M0 0"/>${'</g>'.repeat(400)}</svg>`, /nested deeper/],
      [doubled((n) => `<use href="#d${n}"/>`), /repeats itself/],
      [doubled((n) => `<rect width="9" fill="url(#d${n})"/>`), /repeats itself/],
      ['<svg><g id="a"><use href="#b"/></g><g id="b"><use href="#a"/><path d="M0 0"/></g></svg>', /repeats itself/],
    ] as const)
      expect((safeSvg(text) as { problem: string }).problem).toMatch(reason);
  });
});
