import type { FieldForm } from '@tin-porch/core/model';
import type { Written } from './messages.js';
import { docOf, schemaFor, targetOfAddress, writtenOf } from './words-schema.js';

const back = (text: Written, form: FieldForm = 'prose', blocks = false) =>
  writtenOf(docOf(schemaFor(form, blocks), text));

describe('words as they are edited', () => {
  const text: Written = {
    value: 'We mend boats by hand.\nAsk us.',
    marks: [
      { kind: 'link', from: 3, to: 13, target: 'page:services' },
      { kind: 'strong', from: 8, to: 16 },
      { kind: 'stress', from: 23, to: 26 },
    ],
  };
  it('come back as the text they were made from', () => {
    expect(back(text)).toEqual(text);
    expect(back(text, 'line')).toEqual(text);
    expect(back({ value: '' })).toEqual({ value: '' });
  });
  it('come back from paragraphs and lists as from running words', () => {
    const list: Written = {
      value: 'Three of us.\nBy the slip.\n• Planks\n• Old ribs\nAnd more.',
      marks: [
        { kind: 'strong', from: 6, to: 9 },
        { kind: 'stress', from: 37, to: 40 },
      ],
    };
    const doc = docOf(schemaFor('prose', true), list);
    expect(doc.content.content.map((n) => n.type.name)).toEqual(['paragraph', 'list', 'paragraph']);
    expect(writtenOf(doc)).toEqual(list);
    expect(back({ value: '• One' }, 'prose', true)).toEqual({ value: '• One' });
    expect(back({ value: '' }, 'prose', true)).toEqual({ value: '' });
  });
  it('have nothing set off and one line where they are a label', () =>
    expect(back(text, 'words')).toEqual({ value: 'We mend boats by hand. Ask us.' }));
  it('lose lines that stand empty at their end', () => {
    expect(back({ value: 'Mend. \n\n' })).toEqual({ value: 'Mend.' });
    expect(back({ value: 'Mend.\n• Planks\n• ' }, 'prose', true)).toEqual({ value: 'Mend.\n• Planks' });
    expect(back({ value: 'A • B •' })).toEqual({ value: 'A • B •' });
  });
  it('lead where a site may lead, and nowhere else', () => {
    expect(targetOfAddress('HTTPS://b.example/x')).toBe('https://b.example/x');
    expect(targetOfAddress('mailto:a@b.example?subject=Hello')).toBe('mailto:a@b.example');
    expect(targetOfAddress('tel:+44 (1632) 960-114')).toBe('tel:+441632960114');
    for (const bad of ['javascript:alert(1)', '#top', '/about', 'data:text/html,x', 'ftp://b.example'])
      expect(targetOfAddress(bad)).withContext(bad).toBeNull();
  });
});
