import { briefFixtures } from '../../fixtures/briefs.js';
import { measureReading, precision, recall, type Kind } from '../../fixtures/measure-reading.js';
import { readText } from './read-text.js';
import { wordsOf } from './span.js';

const LEAST: Record<Kind, number> = {
  phones: 0.95,
  mails: 0.95,
  hours: 0.95,
  prices: 0.9,
  years: 0.95,
  services: 0.75,
};
const values = (text: string, field: string) =>
  readText(text)
    .spans.filter((s) => s.field === field)
    .map((s) => s.value);

describe('reading a free text', () => {
  it('finds what a careful person finds in twenty messy briefs, and little else', () => {
    for (const [kind, score] of Object.entries(measureReading(briefFixtures)) as [
      Kind,
      ReturnType<typeof measureReading>[Kind],
    ][]) {
      expect(precision(score))
        .withContext(`${kind}, wrong: ${score.wrong.join('; ')}`)
        .toBeGreaterThanOrEqual(LEAST[kind]);
      expect(recall(score))
        .withContext(`${kind}, missed: ${score.missed.join('; ')}`)
        .toBeGreaterThanOrEqual(LEAST[kind]);
    }
  });

  it('knows the language, the name and the place', () => {
    for (const f of briefFixtures) {
      const { language, facts } = readText(f.text);
      expect(language).withContext(f.id).toBe(f.language);
      if (f.name) expect(facts.name).withContext(f.id).toBe(f.name);
      if (f.place) expect(facts.place).withContext(f.id).toBe(f.place);
    }
  });

  it('marks stretches that stand in the text, for every fact it reads', () => {
    for (const f of briefFixtures)
      for (const span of readText(f.text).spans) {
        expect(span.from).toBeGreaterThanOrEqual(0);
        expect(span.to).toBeLessThanOrEqual(f.text.length);
        expect(wordsOf(f.text, span).trim()).withContext(`${f.id} ${span.field}`).not.toBe('');
      }
  });

  it('hears a no', () => {
    expect(
      values(
        'We mend engines and pumps. We don’t do outboards any more. No online booking please, and no blog.',
        'unwanted',
      ),
    ).toEqual(['outboards', 'bookings', 'news']);
    expect(readText('We sell boats and sails. We no longer sell boats.').facts.services.map((s) => s.name)).toEqual([
      'Sails',
    ]);
    expect(
      values(
        'Something calm and plain for the website, nothing too modern, and please no purple on the site.',
        'dislike',
      ),
    ).toEqual(['modern', 'purple']);
  });

  it('names what speaks against itself, and takes two ways to write one number for one', () => {
    const { conflicts } = readText(
      'Ring 01632 960 114 or +44 1632 960114. The sign says 01632 960 999. Since 1952, or since 1950. Open Mon-Fri 9-5, on the door Mon-Fri 10-5.',
    );
    expect(conflicts.map((c) => [c.field, c.values.length])).toEqual([
      ['phone', 2],
      ['founded', 2],
      ['hours', 2],
    ]);
    expect(readText('01632 960 114, that is (01632) 960114').conflicts).toEqual([]);
  });

  it('keeps right what was put right, also when the text grows', () => {
    const text = 'Call Wren House on 01632 960 114. We are in Hollis Vale.';
    const corrections = [
      { words: '01632 960 114', was: 'phone', is: null },
      { words: 'Hollis Vale', was: 'place', is: 'area' },
    ];
    const read = readText(`Hello!\n\n${text}`, corrections);
    expect(read.facts.phone).toBe('');
    expect(read.facts.area).toBe('Hollis Vale');
    expect(read.facts.place).not.toBe('Hollis Vale');
  });

  it('keeps its place among picture characters and indented lines', () => {
    const text =
      '🙂🙂 Hello!\nPhone: 01632 960 114\nAddress:\n   4 Dial Passage\n   Saltmarrow SM1 1PB\n🎉 We mend clocks (since 1961).';
    const { spans, facts } = readText(text);
    expect(spans.map((s) => [s.field, wordsOf(text, s)])).toEqual([
      ['phone', '01632 960 114'],
      ['address', '   4 Dial Passage\n   Saltmarrow SM1 1PB'],
      ['founded', '1961'],
    ]);
    expect(facts.address).toBe('4 Dial Passage\nSaltmarrow SM1 1PB');
    expect(values('Ring us (01632 960114).', 'phone')).toEqual(['01632 960114']);
  });

  it('survives anything', () => {
    for (const odd of [
      '',
      '\n\n\n',
      '🙂'.repeat(50),
      '((((((((('.repeat(40),
      `${'a '.repeat(4000)}`,
      'Mon-'.repeat(300),
      '£'.repeat(500),
      '0'.repeat(400),
      '\u202e abc \u0007',
    ])
      expect(() => readText(odd))
        .withContext(odd.slice(0, 10))
        .not.toThrow();
  });
});
