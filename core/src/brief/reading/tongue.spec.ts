import { briefFixtures } from '../../fixtures/briefs.js';
import { siteFrom } from '../../fixtures/measure-copy.js';
import { CLEARED, heldBack } from '../../making/writer/sentences.js';
import { render } from '../../page/render/render.js';
import { readBrief } from '../read.js';
import { readText } from './read-text.js';
import { directionOf, tongueName, tongueOf } from './tongue.js';

const ITALIAN = `Bottega Lanterna

Lavoriamo la terracotta a Portorosso dal 1987, e ogni pezzo passa per le nostre mani.
Il proprietario precedente non ha mai pagato le tasse, ma questo non si scrive.
Telefono 0185 990 011, mail bottega@lanterna.example.`;
const OURS = 'Lavoriamo la terracotta a Portorosso dal 1987, e ogni pezzo passa per le nostre mani.';

describe('a text in a language that is not read', () => {
  it('is told by its letters or its words, and one that is read never is', () => {
    const said: [string, string][] = [
      ['it', ITALIAN],
      ['nl', 'We zijn een kleine timmerwerkplaats in Saltmarrow en maken tafels en stoelen van oud hout.'],
      ['pl', 'Jesteśmy małym warsztatem stolarskim w Saltmarrow. Robimy stoły i krzesła ze starego drewna.'],
      ['pt', 'Somos uma oficina de barcos em Saltmarrow. Reparamos cascos e motores desde 1987, e guardamos barcos.'],
      ['ar', 'نصلح القوارب الخشبية منذ عام 1994 في ميناء سلطمارو، ونخزنها في الشتاء.'],
      ['he', 'אנחנו מתקנים סירות עץ בנמל מאז 1994'],
      ['ja', '木の船を修理しています。冬の間は預かります。'],
      ['el', 'Επισκευάζουμε ξύλινα σκάφη στο λιμάνι'],
    ];
    for (const [tag, text] of said) expect(tongueOf(text)).withContext(text).toBe(tag);
    for (const { id, text } of briefFixtures) expect(tongueOf(text)).withContext(id).toBeNull();
    for (const short of ['Saltmarrow', 'Lanterna, 0185 990 011', '', '12 34', 'bottega@lanterna.example'])
      expect(tongueOf(short)).withContext(short).toBeNull();
  });

  it('runs the way it runs, and has a name', () => {
    expect(['ar', 'he', 'it', 'ja'].map(directionOf)).toEqual(['rtl', 'rtl', 'ltr', 'ltr']);
    expect(['it', 'ar'].map(tongueName)).toEqual(['Italian', 'Arabic']);
  });

  it('gives its numbers, and the words over it as a name to ask for', () => {
    const { facts, tongue, nameSure } = readText(
      'ورشة الفنار\n\nنصلح القوارب الخشبية منذ عام 1994 في الميناء.\nالهاتف: 01632 960114\n',
    );
    expect(tongue).toBe('ar');
    expect([facts.name, facts.phone]).toEqual(['ورشة الفنار', '01632 960114']);
    expect(nameSure).toBeLessThan(0.5);
  });

  it('is held back whole, since nobody has read what of it is private, until a person clears it', () => {
    const facts = readBrief(ITALIAN);
    const held = heldBack(facts);
    expect(held.map((h) => h.text)).toContain(OURS);
    expect(held.every((h) => h.why === 'in a language that is not read')).toBeTrue();
    const pages = (document: ReturnType<typeof siteFrom>) =>
      render(document, { origin: 'https://x.example' })
        .flatMap((f) => ('text' in f && f.path.endsWith('.html') ? [f.text] : []))
        .join('\n');
    const before = pages(siteFrom(facts));
    expect(before).not.toContain('terracotta');
    expect(before).not.toContain('tasse');
    expect(before).toContain('<html lang="en-GB"');
    const after = pages(siteFrom(facts, 1, { corrections: [{ words: OURS, was: CLEARED, is: null }] }));
    expect(after).toMatch(/lang="it" dir="ltr"[^>]*>Lavoriamo la terracotta/);
    expect(after).not.toContain('tasse');
  });

  it('stands from right to left where its language does', () => {
    const words = 'نصلح القوارب الخشبية منذ عام 1994 في الميناء.';
    const facts = readBrief(`ورشة الفنار\n\n${words}\n\nالهاتف: 01632 960114\n`);
    const html = render(siteFrom(facts, 1, { corrections: [{ words, was: CLEARED, is: null }] }), {
      origin: 'https://x.example',
    })
      .flatMap((f) => ('text' in f && f.path.endsWith('.html') ? [f.text] : []))
      .join('\n');
    expect(html).toMatch(/lang="ar" dir="rtl"[^>]*>نصلح القوارب/);
  });
});
