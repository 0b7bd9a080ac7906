import {
  briefFixtures,
  factsOf,
  measureCopy,
  overlap,
  proseOfSite,
  siteFrom,
  twinBriefs,
} from '../../fixtures/index.js';
import { LANGUAGE_TAGS, languages } from '../../language/registry.gen.js';
import { hoursIn } from '../../brief/format.js';
import { TONES } from '../../model/site.js';
import { validateDocument } from '../../operations/validate.js';
import { render } from '../../page/render/render.js';
import { readingEase } from '../writer/reading-ease.js';
import { allTexts } from './site.js';

const mean = (values: number[]) => values.reduce((a, b) => a + b, 0) / values.length;

describe('the copy of twenty messy briefs', () => {
  it('has no slot left open, nothing invented and no sentence twice, in every language and tone', () => {
    for (const { id, text } of briefFixtures)
      for (const [n, language] of LANGUAGE_TAGS.entries()) {
        const tone = TONES[(n + id.length) % TONES.length]!;
        const document = siteFrom({ ...factsOf(text, id), tone }, n + 1, { language });
        const { unresolved, invented, repeated } = measureCopy(document);
        const about = `${id}, ${language}, ${tone}`;
        expect(validateDocument(document)).withContext(about).toEqual([]);
        expect(unresolved).withContext(about).toEqual([]);
        expect(invented).withContext(about).toEqual([]);
        expect(repeated.filter((s) => !/\d/.test(s)))
          .withContext(about)
          .toEqual([]);
      }
  });

  it('reads harder when formal than when plain, and asks and exclaims when lively', () => {
    const told = (tone: (typeof TONES)[number]) =>
      briefFixtures
        .filter((f) => f.language === 'en')
        .map((f) =>
          proseOfSite(siteFrom({ ...factsOf(f.text, f.id), tone, description: '' }, 3))
            .map((t) => t.text.value)
            .join(' '),
        );
    const ease = Object.fromEntries(TONES.map((t) => [t, mean(told(t).map((c) => readingEase(c, 'en').ease))]));
    expect(ease['formal']!).toBeLessThan(ease['plain']! - 3);
    const marks = (tone: 'lively' | 'formal') => mean(told(tone).map((c) => (c.match(/[?!]/g) ?? []).length));
    expect(marks('lively')).toBeGreaterThan(marks('formal') * 2);
    const near = (tone: 'warm' | 'formal') =>
      mean(told(tone).map((c) => (c.match(/\b(?:you|us|we|me|I)\b/gi) ?? []).length));
    expect(near('warm')).toBeGreaterThan(near('formal') * 1.5);
  });

  it('does not make two businesses of one trade alike', () => {
    const shares = twinBriefs.flatMap(([a, b]) =>
      [1, 2, 3, 4].map((seed) => overlap(siteFrom(factsOf(a, 'a'), seed), siteFrom(factsOf(b, 'b'), seed)).share),
    );
    expect(mean(shares)).toBeLessThan(0.1);
  });
});

describe('a site in another language', () => {
  const german = { language: 'de', length: 'middle' } as const;
  it('writes days, times, prices and phone numbers as that language does, and asks for the names nobody has given', () => {
    const facts = factsOf(
      'Name: Kiln Street Pots\nTrade: pottery\nTown: Saltmarrow\nTel: 01632 960555\nHours: Wed-Sun 11am-5pm\nServices:\n- Tableware, from £14.50\n- Raku days, £35 a head\n\nWe throw and glaze everything in Kiln Street and you are welcome to watch.',
      'pots',
    );
    const words = allTexts(siteFrom(facts, 2, german)).map((t) => t.text);
    const all = words.map((t) => t.value).join('\n');
    const spaced = all.replace(/\u00a0/g, ' ');
    expect(spaced).toContain('ab 14,50 £');
    expect(spaced).toContain('35 £ pro Person');
    expect(all).toContain('Geschirr');
    expect(all).not.toContain('welcome to watch');
    const asked = words.filter((t) => t.from.kind === 'placeholder');
    expect(asked.map((t) => t.value)).toContain('Raku days');
    const page = render(siteFrom(facts, 2, german), { origin: 'https://x.example' }).find(
      (f) => f.path === '/index.html',
    );
    const html = page && 'text' in page ? page.text : '';
    expect(html).toContain('lang="de"');
    expect(html).toContain('+44 1632 960555');
    expect(html).toContain('Mittwoch bis Sonntag: 11 Uhr bis 17 Uhr');
    expect(html).toContain('Zum Text springen');
  });

  it('gives names the article they take, and elides', () => {
    const polished = (tag: 'de' | 'fr', text: string) => languages[tag].polish!(text);
    expect(polished('de', 'Der Weg zu Segelmacherei Thiessen')).toBe('Der Weg zur Segelmacherei Thiessen');
    expect(polished('de', 'Über Kleingartenverein Am Leuchtturm')).toBe('Über den Kleingartenverein Am Leuchtturm');
    expect(polished('de', 'Die Leistungen von Marram')).toBe('Die Leistungen von Marram');
    expect(polished('fr', 'Les services de Atelier Kerven')).toBe('Les services de l’Atelier Kerven');
    expect(polished('fr', 'Venir chez Moulin Vert, à Moulin Vert, près de Moulin Vert')).toBe(
      'Venir chez le Moulin Vert, au Moulin Vert, près du Moulin Vert',
    );
    expect(polished('fr', 'Tout ce que Agnès Roux fait')).toBe('Tout ce qu’Agnès Roux fait');
  });

  it('says in its own way when it is closed for a time', () => {
    const hours = 'Monday to Friday 9.00–17.00\nclosed in January\nclosed from 24 December to 1st of March';
    const said = (tag: 'de' | 'fr' | 'es' | 'en-US') => hoursIn(languages[tag], hours);
    expect(said('de')).toEqual([
      'Montag bis Freitag: 9 Uhr bis 17 Uhr',
      'Im Januar geschlossen',
      'Vom 24. Dezember bis 1. März geschlossen',
    ]);
    expect(said('fr')).toEqual([
      'Du lundi au vendredi : 9 h à 17 h',
      'Fermé en janvier',
      'Fermé du 24 décembre au 1er mars',
    ]);
    expect(said('es')[2]).toBe('Cerrado del 24 de diciembre al 1 de marzo');
    expect(said('en-US')).toEqual([
      'Monday–Friday: 9 am – 5 pm',
      'Closed in January',
      'Closed from December 24 to March 1',
    ]);
  });

  it('says in its own way the days that the client put in as otherwise', () => {
    const hours = '24 December closed\n24 December to 2 January closed\n31 December 9.30–12.00';
    const said = (tag: 'de' | 'fr' | 'es' | 'en-US') => hoursIn(languages[tag], hours);
    expect(said('de')).toEqual([
      'Am 24. Dezember geschlossen',
      'Vom 24. Dezember bis 2. Januar geschlossen',
      '31. Dezember: 9.30 Uhr bis 12 Uhr',
    ]);
    expect(said('fr')[0]).toBe('Fermé le 24 décembre');
    expect(said('es')[1]).toBe('Cerrado del 24 de diciembre al 2 de enero');
    expect(said('en-US')).toEqual([
      'Closed on December 24',
      'Closed from December 24 to January 2',
      'December 31: 9:30 am – 12 pm',
    ]);
  });

  it('has every message, fixed word and trade in every language', () => {
    const english = languages['en-GB'];
    const shape = (value: unknown): unknown =>
      typeof value === 'object' && value !== null && !Array.isArray(value)
        ? Object.fromEntries(Object.entries(value).map(([k, v]) => [k, shape(v)]))
        : Array.isArray(value)
          ? 'list'
          : typeof value;
    for (const tag of LANGUAGE_TAGS) {
      const language = languages[tag];
      expect(Object.keys(language.patterns).sort()).withContext(tag).toEqual(Object.keys(english.patterns).sort());
      expect(shape(language.words)).withContext(tag).toEqual(shape(english.words));
      for (const pool of Object.values(language.patterns)) expect(pool.any?.length).withContext(tag).toBeGreaterThan(0);
      if (language.reading !== 'en') expect(Object.keys(language.trades).length).withContext(tag).toBeGreaterThan(60);
    }
  });
});
