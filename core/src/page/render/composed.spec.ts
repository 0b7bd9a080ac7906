import { demoFacts } from '../../fixtures/facts.js';
import { siteFrom } from '../../fixtures/measure-copy.js';
import { apply } from '../../operations/apply.js';
import { textAt } from '../../operations/reach.js';
import { composed } from './composed.js';
import { render } from './render.js';

const site = siteFrom(demoFacts, 1);
const at = { section: 's1', path: 'heading' };
const apart = 'Boote fu\u0308r Ha\u0308fen';
const words = (value: string, from: number, to: number) => ({
  value,
  from: { kind: 'designer' as const },
  marks: [{ kind: 'strong' as const, from, to }],
});
const with_ = (text: ReturnType<typeof words>) => apply(site, { op: 'setText', at, text }).document;

describe('words whose letters came in parts', () => {
  it('are whole letters on a page, and stand out where they did', () => {
    const from = apart.indexOf('Ha');
    const all = render(with_(words(apart, from, apart.length)), { origin: 'https://x.example' })
      .map((f) => ('text' in f ? f.text : ''))
      .join('\n');
    expect(all).toContain('<strong>Häfen</strong>');
    expect(all.normalize('NFC')).toBe(all);
    expect(textAt(composed(with_(words(apart, from, apart.length))), at)).toEqual(words('Boote für Häfen', 10, 15));
  });
  it('never close a tag or a quote with what was a letter of theirs', () => {
    const strange = '\u0338" onclick="x \u0338>';
    const html = render(with_(words(strange, 0, 1)), { origin: 'https://x.example' })
      .map((f) => ('text' in f ? f.text : ''))
      .join('\n');
    expect(html).not.toContain('<h1≯');
    expect(html).not.toContain('" onclick="');
  });
  it('leave alone a site that is composed already', () => expect(composed(site)).toBe(site));
});
