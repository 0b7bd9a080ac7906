import { seeded } from '../ground/random.js';
import { checkOf } from '../ground/check.js';
import {
  cleanMarks,
  isTarget,
  LinkTarget,
  marksAfter,
  marksFit,
  reworded,
  runsOf,
  sliced,
  type TextMark,
} from './marks.js';

const strong = (from: number, to: number): TextMark => ({ kind: 'strong', from, to });
const link = (from: number, to: number, target = 'page:about'): TextMark => ({ kind: 'link', from, to, target });

describe('marks of a text', () => {
  it('come in one form: within the words, joined where they touch, the later link over the earlier one', () => {
    expect(cleanMarks('Mend boats', [strong(5, 40), strong(0, 5), strong(3, 3)])).toEqual([strong(0, 10)]);
    expect(cleanMarks('Mend boats', [link(0, 10), link(5, 10, 'tel:01632960114')])).toEqual([
      link(0, 5),
      link(5, 10, 'tel:01632960114'),
    ]);
    expect(cleanMarks('Mend', [strong(6, 9)])).toBeUndefined();
    expect(marksFit({ value: 'Mend', marks: [strong(0, 9)] })).toBeFalse();
    expect(marksFit({ value: 'Mend', marks: [] })).toBeFalse();
    // A database gives them back with their properties in another order.
    expect(marksFit({ value: 'Mend', marks: [{ to: 4, from: 0, kind: 'strong' }] })).toBeTrue();
  });

  it('cut a text into runs that are its words again', () => {
    const runs = runsOf({ value: 'We mend boats by hand', marks: [link(3, 13), strong(8, 16)] });
    expect(runs.map((r) => [r.words, r.strong, r.link])).toEqual([
      ['We ', false, null],
      ['mend ', false, 'page:about'],
      ['boats', true, 'page:about'],
      [' by', true, null],
      [' hand', false, null],
    ]);
  });

  it('stay with their words when others change', () => {
    const marks = [strong(3, 7), link(8, 13)];
    const before = { value: 'We mend boats by hand', marks };
    expect(marksAfter(before, 'Oh, we mend boats by hand')).toEqual([strong(7, 11), link(12, 17)]);
    expect(marksAfter(before, 'We mend old boats by hand')).toEqual([strong(3, 7), link(12, 17)]);
    expect(marksAfter(before, 'We mend boats')).toEqual(marks);
    expect(marksAfter(before, 'We fix boats by hand')).toEqual([strong(3, 6), link(7, 12)]);
    expect(reworded(before, 'Something else').marks).toBeUndefined();
    expect('marks' in reworded(before, '')).toBeFalse();
  });

  it('are of a stretch what they are of the whole', () => {
    expect(sliced({ value: 'We mend boats', marks: [strong(3, 13)] }, 8)).toEqual({
      value: 'boats',
      marks: [strong(0, 5)],
    });
  });

  it('hold whatever is written where', () => {
    const random = seeded(12).next;
    const letters = 'ab \n';
    const words = (most: number) =>
      Array.from({ length: Math.floor(random() * most) }, () => letters[Math.floor(random() * 4)]).join('');
    for (let n = 0; n < 2000; n++) {
      const value = words(24);
      const place = () => Math.floor(random() * 26) - 1;
      const marks = cleanMarks(
        value,
        Array.from({ length: 4 }, () => (random() < 0.5 ? strong(place(), place()) : link(place(), place()))),
      );
      const text = { value, ...(marks && { marks }) };
      expect(marksFit(text)).toBeTrue();
      expect(
        runsOf(text)
          .map((r) => r.words)
          .join(''),
      ).toBe(value);
      const cut = Math.floor(random() * (value.length + 1));
      expect(
        marksFit(reworded(text, value.slice(0, cut) + words(4) + value.slice(cut + Math.floor(random() * 4)))),
      ).toBeTrue();
    }
  });

  it('lead to pages, sections, phones, mail and the web, and nowhere else', () => {
    const schema = checkOf(LinkTarget);
    const fits = (target: string) => {
      expect(schema(target)).withContext(target).toBe(isTarget(target));
      return isTarget(target);
    };
    for (const good of [
      'page:about',
      'page:about#s3',
      'tel:+441632960114',
      'mailto:a@b.example',
      'https://b.example/x?y',
    ])
      expect(fits(good)).withContext(good).toBeTrue();
    for (const bad of [
      'javascript:alert(1)',
      'page:',
      '/about',
      'data:text/html,x',
      'tel:',
      'https://a b',
      'mailto:x',
      'HTTPS:',
    ])
      expect(fits(bad)).withContext(bad).toBeFalse();
  });
});
