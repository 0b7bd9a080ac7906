import { demoFacts } from '../../fixtures/facts.js';
import { newDocument, textsOf, toConfirm } from '../../making/generate/site.js';
import { writeVersion } from '../../making/generate/write.js';
import type { Section, SiteDocument } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { render, renderWindow } from './render.js';

const site = apply(newDocument('x', demoFacts), writeVersion(demoFacts, 1)).document;
const origin = 'https://hollis.example';

describe('a section that waits', () => {
  const home = site.pages[0]!;
  const [opening, second] = home.sections as [Section, Section];
  const hide = (id: string, hidden = true) => apply(site, { op: 'setSection', section: id, hidden }).document;
  const index = (document: SiteDocument) =>
    (render(document, { origin }).find((f) => f.path === '/index.html') as { text: string }).text;
  const words = (section: Section) => textsOf(section).find((t) => t.path === 'heading')!.text.value;

  it('is not in what visitors get, and what comes after it opens the page', () => {
    const html = index(hide(opening.id));
    expect(html).not.toContain(`<h1>${words(opening)}`);
    expect(html).not.toContain('data-hidden');
    expect(html.match(/<h1/g)?.length).toBe(1);
    expect(index(hide(second.id)).match(/<h1/g)?.length).toBe(1);
  });
  it('is drawn in the window, told apart', () => {
    const { html } = renderWindow(hide(second.id), 'home', '')!;
    expect(html).toContain('data-hidden');
    expect(html.match(/<h1/g)?.length).toBe(1);
  });
  it('comes back to the byte, and never leaves a page with nothing to show', () => {
    expect(index(apply(hide(second.id), { op: 'setSection', section: second.id, hidden: false }).document)).toBe(
      index(site),
    );
    const alone = home.sections
      .slice(1)
      .reduce((d, s) => apply(d, { op: 'setSection', section: s.id, hidden: true }).document, site);
    for (const operation of [
      { op: 'setSection', section: opening.id, hidden: true },
      { op: 'removeSection', section: opening.id },
      { op: 'moveSection', section: opening.id, page: 'contact', to: 0 },
    ] as const)
      expect(() => apply(alone, operation))
        .withContext(operation.op)
        .toThrowError(/all that visitors get/);
    expect(index(alone)).toContain(words(opening));
  });
  it('has nothing to confirm that keeps a site from going live', () => {
    const text = { value: 'Who?', from: { kind: 'placeholder' as const, ask: 'Who?' } };
    const claimed = apply(site, { op: 'setText', at: { section: second.id, path: 'heading' }, text }).document;
    const waits = apply(claimed, { op: 'setSection', section: second.id, hidden: true }).document;
    expect(toConfirm(claimed).length - toConfirm(waits).length).toBeGreaterThan(0);
  });
  it('can have room of its own, which no other site carries rules for', () => {
    const close = apply(site, { op: 'setSection', section: second.id, room: 'close' }).document;
    const css = (d: SiteDocument) =>
      (render(d, { origin }).find((f) => f.type.startsWith('text/css')) as { text: string }).text;
    expect(index(close)).toContain('data-room="close"');
    expect(css(close)).toContain("[data-room~='close']");
    expect(css(site)).not.toContain('data-room');
  });
});
