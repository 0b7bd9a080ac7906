import { piecesOf, sentencesIn } from './pieces.js';

const laid = (text: string) => piecesOf(text).map((p) => [p.kind, p.text]);

describe('lines that were broken at a width', () => {
  const lines = (text: string) => piecesOf(text).map((p) => p.text.replace(/\n/g, ' '));
  it('are one where they go on, and two where the second begins something', () => {
    const first = 'We build and mend wooden boats in the long shed behind the church, and have done';
    expect(lines(`${first}\nso since the days of my grandfather.`)).toEqual([
      `${first} so since the days of my grandfather.`,
    ]);
    expect(lines(`${first}\n£5m public liability`)).toEqual([first, '£5m public liability']);
  });
});

describe('the layout of a brief', () => {
  it('tells headings, lists, labels, tables and sentences apart, and says what each stands under', () => {
    const text =
      '# Gannet Knots\n\nWe make bell ropes. They last.\n\n## Prices\n- Bell rope, £140\n- Mats\n\nPhone: 01632 960 220\n\n| Job | Price |\n|---|---|\n| Splice | £12 |\n';
    expect(laid(text)).toEqual([
      ['heading', 'Gannet Knots'],
      ['sentence', 'We make bell ropes.'],
      ['sentence', 'They last.'],
      ['heading', 'Prices'],
      ['item', 'Bell rope, £140'],
      ['item', 'Mats'],
      ['label', 'Phone'],
      ['value', '01632 960 220'],
      ['row', '| Job | Price |'],
      ['row', '| Splice | £12 |'],
    ]);
    const pieces = piecesOf(text);
    expect(pieces.filter((p) => p.kind === 'item').map((p) => p.under)).toEqual(['Prices', 'Prices']);
    expect(pieces.find((p) => p.kind === 'value')!.label).toBe('Phone');
    for (const p of pieces) expect(text.slice(p.from, p.to)).toBe(p.text);
  });

  it('puts lines together that a mail program broke, and leaves lines alone that people broke', () => {
    expect(
      laid(
        'We have made ropes on this quay since the old queen was young, and the\nwalk is still the length it was when my grandfather laid it out with a\nball of string.',
      ),
    ).toEqual([
      [
        'line',
        'We have made ropes on this quay since the old queen was young, and the\nwalk is still the length it was when my grandfather laid it out with a\nball of string.',
      ],
    ]);
    expect(laid('Sundays 10.30 at the chapel\nWednesdays 10 with tea').length).toBe(2);
  });

  it('takes a question in bold for the label of what stands behind it', () => {
    const labels = (text: string) =>
      piecesOf(text)
        .filter((p) => p.kind === 'value')
        .map((p) => [p.label, p.text]);
    expect(
      labels(
        '**Qui s’occupe de quoi ?** Naïma Kersaho (mécanique)\n\n**What would you rather not have :** riders in racing clothes',
      ),
    ).toEqual([
      ['Qui s’occupe de quoi ?', 'Naïma Kersaho (mécanique)'],
      ['What would you rather not have', 'riders in racing clothes'],
    ]);
  });
  it('does not end a sentence at a short form, an initial or a date', () => {
    const of = (text: string) => sentencesIn(text).map((s) => text.slice(s.from, s.to));
    expect(of('Ask Mr. Pell at No. 5. He knows.')).toEqual(['Ask Mr. Pell at No. 5.', 'He knows.']);
    expect(of('Wir sind z. B. am 1. April da. Sonst nicht.')).toEqual([
      'Wir sind z. B. am 1. April da.',
      'Sonst nicht.',
    ]);
    expect(of('Mo.–Do. 8–16 Uhr, Industriestr. 4. Kommen Sie.')).toEqual([
      'Mo.–Do. 8–16 Uhr, Industriestr. 4.',
      'Kommen Sie.',
    ]);
    expect(of('He works in the shed. She does too.').length).toBe(2);
  });

  it('says who speaks in a thread of mails and in a chat', () => {
    const thread =
      'From: Ada Pike <ada@gannet.example>\nTo: Ines Moor <ines@moorweb.example>\n\nIt is Gannet Knots.\n\nOn 3 May, Ines Moor wrote:\n> What is it called?\n> \n> Ada Pike wrote:\n';
    const by = Object.fromEntries(piecesOf(thread).map((p) => [p.text, [p.speaker, p.depth]]));
    expect(by['It is Gannet Knots.']).toEqual(['client', 0]);
    expect(by['What is it called?']).toEqual(['designer', 1]);
    const chat =
      '[3/11, 09:14] Ada: it is called Gannet Knots\n[3/11, 09:15] Web Ines: prices?\n[3/11, 09:16] Ada: £140 a rope\n';
    expect(
      piecesOf(chat)
        .filter((p) => p.kind !== 'head')
        .map((p) => [p.speaker, p.text]),
    ).toEqual([
      ['client', 'it is called Gannet Knots'],
      ['designer', 'prices?'],
      ['client', '£140 a rope'],
    ]);
  });

  it('cuts a run of words nobody put stops in, and says which file a piece came in', () => {
    const run =
      'so we make ropes for bells and ships and the odd swing and we have done since my uncle had the walk and what I want is a picture of the walk from the far end in the morning if somebody can get up';
    expect(piecesOf(run).length).toBeGreaterThan(2);
    const files = piecesOf('=== a.txt ===\n\nWe make ropes.\n\n=== b.csv ===\n\n| Rope | £140 |');
    expect(files.filter((p) => p.kind !== 'head').map((p) => p.file)).toEqual(['a.txt', 'b.csv']);
  });

  it('lays out anything', () => {
    for (const odd of ['', '\n\n', '>'.repeat(300), '|'.repeat(300), ': : :', '- \n- \n', '# \n', 'a. '.repeat(2000)])
      expect(() => piecesOf(odd)).not.toThrow();
  });
});
