import { readBrief } from '../../brief/read.js';
import { packNamed } from '../../brief/trades/packs.js';
import { languages, type LanguageTag } from '../../language/registry.gen.js';
import type { SiteLanguage } from '../../language/language.js';
import { tradesWithWays, wayOf } from '../../brief/trades/ways.js';
import { emptyFacts, type Facts, type SiteDocument } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { migrate } from '../../operations/forward/migrate.js';
import { validateDocument } from '../../operations/validate.js';
import { checklist } from '../../care/checklist.js';
import { demoFacts } from '../../fixtures/facts.js';
import { render } from '../../page/render/render.js';
import { rewriteVersion } from '../plan/plan.js';
import { usualServices } from './fill.js';
import { allTexts, newDocument, toConfirm } from './site.js';
import { writeVersion } from './write.js';

const made = (facts: Facts): SiteDocument => {
  const bare = newDocument('x', facts);
  return apply(bare, writeVersion(facts, 1, bare)).document;
};
const sections = (document: SiteDocument) => document.pages.reduce((n, p) => n + p.sections.length, 0);

describe('a site that is filled out', () => {
  const lines = [
    'We are a small pottery in Saltmarrow.',
    'Uhrmacher in Bad Salzfurt',
    'Réparation de vélos à Quimperlé, 02 98 00 00 00',
    'Soy afilador',
    'Morris side, Saltmarrow',
    'Site for my locksmith business please',
    'hello there',
  ];

  it('has four pages and sixteen sections from one line, in the language of the line', () => {
    for (const line of lines) {
      const document = made(readBrief(line));
      expect(document.fill).withContext(line).toBe('full');
      expect(document.pages.length).withContext(line).toBeGreaterThanOrEqual(4);
      expect(sections(document)).withContext(line).toBeGreaterThanOrEqual(16);
      expect(validateDocument(document)).withContext(line).toEqual([]);
    }
    expect(lines.map((l) => made(readBrief(l)).language)).toEqual([
      'en-GB',
      'de',
      'fr',
      'es',
      'en-GB',
      'en-GB',
      'en-GB',
    ]);
  });

  it('says nothing about the business as if somebody had said it', () => {
    for (const line of lines) {
      const document = made(readBrief(line));
      const { trades, families } = languages[document.language];
      const known = [
        ...Object.values(trades).flatMap((t) => t.services),
        ...Object.values(families).flatMap((f) => f.steps.flat()),
      ];
      for (const { text } of allTexts(document))
        if (known.some((k) => k.toLowerCase() === text.value.toLowerCase()))
          expect(toConfirm(document).some((t) => t.text === text))
            .withContext(text.value)
            .toBeTrue();
    }
  });

  it('asks for quotes, people and prices, and does not open before they are answered', () => {
    const document = made(readBrief(lines[0]!));
    const asked = toConfirm(document).flatMap((t) =>
      t.text.from.kind === 'placeholder' ? [t.section.shape.split('/')[0]!] : [],
    );
    for (const kind of ['quotes', 'people', 'services', 'questions', 'story', 'hours'])
      expect(asked).withContext(kind).toContain(kind);
    expect(checklist(document).find((c) => c.id === 'placeholders')!.state).toBe('stop');
  });

  it('asks nobody the same twice, and asks a clockmaker something else than a garage', () => {
    const asked = (trade: string, language: LanguageTag) => {
      const facts = { ...emptyFacts(), name: 'Ottersay', trade };
      const site = { ...newDocument('x', facts, 1, language) };
      return allTexts(apply(site, writeVersion(facts, 1, { ...site, fill: 'full' })).document)
        .filter((t) => t.path.endsWith('.question'))
        .map((t) => t.text.value);
    };
    for (const [tag, { trades }] of Object.entries(languages) as [LanguageTag, SiteLanguage][])
      for (const trade of new Map(tradesWithWays.map((t) => [wayOf(t), t])).values()) {
        const questions = asked(trades[trade]!.noun, tag);
        expect(new Set(questions).size).withContext(`${tag} ${trade}`).toBe(questions.length);
        expect(questions.length).withContext(`${tag} ${trade}`).toBeGreaterThanOrEqual(5);
        for (const [question] of languages[tag].ways[wayOf(trade)!]!.questions)
          expect(questions).withContext(`${tag} ${trade}`).toContain(question);
      }
    const garage = asked('garage', 'en-GB');
    expect(asked('clockmaker', 'en-GB').filter((q) => garage.includes(q)).length).toBeLessThanOrEqual(2);
  });

  it('asks for numbers too, and gives the year it began where that is known', () => {
    const figures = (line: string) =>
      allTexts(made(readBrief(line)))
        .filter((t) => t.section.shape.startsWith('figures/') && t.path.endsWith('.figure'))
        .map((t) => [t.text.value, t.text.from.kind]);
    expect(figures(lines[0]!)).toEqual(Array.from({ length: 3 }, () => ['00', 'placeholder']));
    expect(figures(`${lines[0]!}, since 1974`)[0]).toEqual(['1974', 'brief']);
  });

  it('tells places only the client can fill apart from its own words, in every page that is drawn', () => {
    const document = made(readBrief(lines[0]!));
    const html = render(document, { origin: 'https://x.example' })
      .flatMap((f) => ('text' in f && f.path.endsWith('.html') ? [f.text] : []))
      .join('\n');
    const marked = [...html.matchAll(/class="[^"]*\bto-tell\b[^"]*"[^>]*>([^<]*)</g)].map((m) => m[1]!);
    const places = allTexts(document).filter((t) => t.text.from.kind === 'placeholder' && t.text.value);
    for (const value of new Set(marked.map((m) => m.replace(/&#39;/g, '’'))))
      expect(places.map((p) => p.text.value)).toContain(value);
    expect(new Set(marked).size).toBeGreaterThan(5);
  });

  it('does not say the same on every site: no heading, lead or question stands on more than one in four', () => {
    const sites = Array.from({ length: 40 }, (_, n) =>
      made({ ...readBrief(lines[n % lines.length]!), name: `Works ${n}` }),
    );
    const counts = new Map<string, number>();
    for (const document of sites) {
      const said = allTexts(document)
        .filter((t) => t.text.from.kind !== 'placeholder' && /(?:heading|lead)$/.test(t.path))
        .map((t) => t.text.value.replace(document.facts.name, '{name}'))
        .filter((v) => v.split(' ').length > 2);
      for (const v of new Set(said)) counts.set(v, (counts.get(v) ?? 0) + 1);
    }
    expect([...counts].filter(([, n]) => n > sites.length / 4)).toEqual([]);
  });

  it('leaves what the client does not want: no prices are asked for where none are wanted', () => {
    const facts = { ...readBrief(lines[0]!), unwanted: ['prices'] };
    const document = made(facts);
    expect(toConfirm(document).some((t) => t.path.endsWith('.price'))).toBeFalse();
  });

  it('keeps no place for what somebody said as long as the client wants none', () => {
    const kinds = (text: string) =>
      made(readBrief(text)).pages.flatMap((p) => p.sections.map((s) => s.shape.split('/')[0]));
    const brief = 'We are the Marrow Players, amateur theatre in Saltmarrow.';
    expect(kinds(brief)).toContain('quotes');
    expect(kinds(`${brief} No reviews, please.`)).not.toContain('quotes');
  });

  it('is not what a brief that carries a site begins with, and can be turned on and off again', () => {
    const document = made(demoFacts);
    expect(document.fill).toBe('said');
    const full = apply(document, {
      op: 'setWriting',
      language: document.language,
      length: 'middle',
      fill: 'full',
    }).document;
    const filled = apply(full, rewriteVersion(full, 2)).document;
    expect(sections(filled)).toBeGreaterThan(sections(document));
    expect(filled.pages.some((p) => p.id === 'questions')).toBeTrue();
    const said = apply(filled, {
      op: 'setWriting',
      language: document.language,
      length: 'middle',
      fill: 'said',
    }).document;
    const back = apply(said, rewriteVersion(said, 3)).document;
    expect(back.pages.map((p) => p.id)).toEqual(document.pages.map((p) => p.id));
    expect(toConfirm(back).some((t) => t.text.from.kind === 'placeholder')).toBeFalse();
  });

  it('keeps what a person wrote on a page that is no longer filled out', () => {
    const document = made(readBrief(lines[0]!));
    const page = document.pages.find((p) => p.id === 'questions')!;
    const list = page.sections.find((s) => s.shape.startsWith('questions/'))!;
    const item = (list.content['items'] as { id: string }[])[1]!;
    const written = apply(document, {
      op: 'setText',
      at: { section: list.id, path: `items.${item.id}.answer` },
      text: { value: 'Six weeks, mostly.', from: { kind: 'designer' } },
    }).document;
    const said = { ...written, fill: 'said' as const };
    const back = apply(said, rewriteVersion(said, 2)).document;
    expect(allTexts(back).some((t) => t.text.value === 'Six weeks, mostly.')).toBeTrue();
  });

  it('adds usual services only where few were named, and none twice', () => {
    const pack = packNamed('clockmaker');
    const named = (names: string[]) => names.map((name, n) => ({ id: `v${n + 1}`, name, detail: '', price: '' }));
    expect(usualServices(pack, languages['en-GB'], named(['Clock repairs'])).map((s) => s.name)).not.toContain(
      'Clock repairs',
    );
    expect(usualServices(pack, languages['en-GB'], named(['A', 'B', 'C']))).toEqual([]);
    expect(usualServices(packNamed('any'), languages['en-GB'], [])).toEqual([]);
  });

  it('is what no older document is', () => {
    const { fill: _, ...old } = made(demoFacts);
    expect(migrate({ ...old, schema: 5 }).fill).toBe('said');
  });
});
