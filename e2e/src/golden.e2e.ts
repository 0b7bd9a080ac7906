import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { demoFacts } from '@tin-porch/core/fixtures';
import { complete, kinds, shapes } from '@tin-porch/core/look';
import { newDocument, sampleOf } from '@tin-porch/core/making';
import { renderPage } from '@tin-porch/core/page';

const folder = fileURLToPath(new URL('../golden/', import.meta.url));
/** `GOLDEN=write` writes the files anew: what changed is then read in the diff. */
const WRITE = process.env['GOLDEN'] === 'write';

/** What a shape makes of the sample of its kind: the markup between the head of a page and its end. */
function markupOf(shape: string): string {
  const sample = sampleOf(newDocument('golden', demoFacts, 1), shape);
  const pages = sample.pages.map((page) => ({
    ...page,
    sections: page.sections.map((s) => ({ ...s, content: complete(s.shape.split('/')[0]!, s.content, 'golden') })),
  }));
  const html = renderPage({ ...sample, pages }, 'home', { origin: 'https://golden.example' })!;
  return html
    .slice(html.indexOf('<body>') + '<body>'.length, html.indexOf('</body>'))
    .replace(/^\n? *<a class="skip"[^]*?<\/a>/, '')
    .replace(/^\n+|\s+$/g, '');
}
const sheetOf = (kind: string): string =>
  Object.keys(shapes)
    .filter((shape) => shape.split('/')[0] === kind)
    .map((shape) => `<!-- ${shape} -->\n${markupOf(shape)}\n`)
    .join('\n');

describe('the markup of every section shape', () => {
  it('is what it was, or the change of it is meant', () => {
    if (WRITE) mkdirSync(folder, { recursive: true });
    for (const kind of Object.keys(kinds)) {
      const file = `${folder}${kind}.html`;
      if (WRITE) writeFileSync(file, sheetOf(kind));
      expect(existsSync(file) ? readFileSync(file, 'utf8') : 'There is no such file.')
        .withContext(`e2e/golden/${kind}.html`)
        .toBe(sheetOf(kind));
    }
    expect(readdirSync(folder).sort()).toEqual(
      Object.keys(kinds)
        .map((kind) => `${kind}.html`)
        .sort(),
    );
  });

  it('has the words of the sample, whichever shape it is in', () => {
    for (const shape of Object.keys(shapes)) expect(markupOf(shape).length).withContext(shape).toBeGreaterThan(80);
  });
});
