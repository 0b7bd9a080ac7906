import { demoFacts } from '../../fixtures/facts.js';
import { siteFrom } from '../../fixtures/measure-copy.js';
import type { Section, SiteDocument } from '../../model/site.js';
import { apply, describe as told } from '../../operations/apply.js';
import { madeBy } from '../../operations/fields.js';
import type { Operation, SingleOperation } from '../../operations/operation.js';
import { findSection } from '../../operations/reach.js';
import { validateDocument, validateOperation } from '../../operations/validate.js';
import { addItemUnder, listsOf, shapesOfKind } from './lists.js';
import { otherKinds } from './other-kind.js';
import { pageLike } from './page-like.js';
import { twice, whereIs } from './sections.js';
import { alsoOn, asThere, isOtherwise, pagesWithout, twinsOf, withTwins } from './twins.js';

const yard = siteFrom(demoFacts, 1);
/** A section with a list, on a page, that can be of another kind. */
const first = yard.pages
  .flatMap((p) => p.sections)
  .find((s) => listsOf(s).some((l) => l.items.length > 2) && otherKinds(yard, s.id).length > 0)!;
const others = pagesWithout(yard, first.id);
const spread = apply(yard, alsoOn(yard, first.id, [others[0]!.id, others[1]!.id])!).document;
const list = listsOf(first)[0]!;
const heading = (value: string, section = first.id): SingleOperation => ({
  op: 'setText',
  at: { section, path: 'heading' },
  text: { value, from: { kind: 'designer' } },
});
const all = (d: SiteDocument): Section[] => [findSection(d, first.id)!, ...twinsOf(d, first.id).map((t) => t.section)];
const after = (d: SiteDocument, o: Operation, alone?: ReadonlySet<string>) => apply(d, withTwins(d, o, alone)).document;
const contents = (d: SiteDocument) => new Set(all(d).map((s) => JSON.stringify(s.content)));

describe('a section that is one and the same on several pages', () => {
  it('is put on the pages asked for, once on each, and taken back to the byte', () => {
    expect(validateDocument(spread)).toEqual([]);
    expect(all(spread).length).toBe(3);
    expect(contents(spread).size).toBe(1);
    expect(new Set(all(spread).map((s) => whereIs(spread, s.id)!.page.id)).size).toBe(3);
    expect(pagesWithout(spread, first.id).length).toBe(others.length - 2);
    const operation = alsoOn(yard, first.id, [others[0]!.id])!;
    expect(validateOperation(operation)).toEqual([]);
    expect(JSON.stringify(apply(apply(yard, operation).document, apply(yard, operation).inverse).document)).toBe(
      JSON.stringify(yard),
    );
    // One more page has the same one.
    const more = apply(spread, alsoOn(spread, all(spread)[1]!.id, [others[2]!.id])!).document;
    expect(all(more).length).toBe(4);
    expect(alsoOn(spread, first.id, [others[0]!.id])).toBeNull();
  });

  it('is changed everywhere by one change, whichever page it is made on', () => {
    const from = all(spread)[1]!.id;
    const item = list.items[0]!.id;
    const within = (section: string) => ({ section, path: list.field });
    const shape = shapesOfKind(first).find((s) => s.shape !== first.shape)?.shape ?? first.shape;
    const changes: SingleOperation[] = [
      heading('Ropes and tar', from),
      { op: 'setShape', section: from, shape, ground: 'deep' },
      { op: 'setSection', section: from, room: 'wide' },
      { op: 'setSection', section: from, on: 'phone', size: 'smaller' },
      addItemUnder(first, list.field, item, 'inew') && {
        ...(addItemUnder(first, list.field, item, 'inew') as Extract<SingleOperation, { op: 'insertItem' }>),
        list: within(from),
      },
      { op: 'moveItem', list: within(from), item, to: 1 },
      { op: 'removeItem', list: within(from), item },
    ];
    let now = spread;
    for (const change of changes) {
      const whole = withTwins(now, change);
      const { document, inverse } = apply(now, whole);
      expect(all(document).length).toBe(3);
      expect(contents(document).size).withContext(change.op).toBe(1);
      for (const { section } of twinsOf(document, first.id)) expect(isOtherwise(document, section.id)).toBeFalse();
      expect(validateDocument(document)).toEqual([]);
      expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(now));
      expect(document).not.toEqual(now);
      // It is told as the one change it is.
      expect(madeBy(whole)).toEqual(change);
      expect(told(whole)).toBe(told(change));
      now = document;
    }
    const other = otherKinds(now, from)[0]!.operation;
    const poured = after(now, other);
    expect(new Set(all(poured).map((s) => s.shape)).size).toBe(1);
    expect(all(poured)[0]!.shape).not.toBe(all(now)[0]!.shape);
    expect(contents(poured).size).toBe(1);
  });

  it('keeps what is otherwise on one page, whatever is changed beside it, and gives it up when asked', () => {
    const [here, , there] = all(spread).map((s) => s.id) as [string, string, string];
    const own = after(spread, heading('Only here', here), new Set([here]));
    expect(isOtherwise(own, here)).toBeTrue();
    const changed = after(after(own, heading('Everywhere else', there)), {
      op: 'setSection',
      section: there,
      align: 'middle',
    });
    const read = (id: string) => (findSection(changed, id)!.content['heading'] as { value: string }).value;
    expect(all(changed).map((s) => read(s.id))).toEqual(['Only here', 'Everywhere else', 'Everywhere else']);
    expect(all(changed).map((s) => s.align)).toEqual(['middle', 'middle', 'middle']);
    const given = apply(changed, asThere(changed, here, there)!).document;
    expect(contents(given).size).toBe(1);
    expect(isOtherwise(given, here)).toBeFalse();
    expect(findSection(given, here)!.reason).toBe(first.reason);
  });

  it('is hidden, moved and taken out on one page alone', () => {
    const [here, there] = all(spread).map((s) => s.id) as [string, string];
    const hidden = after(spread, { op: 'setSection', section: there, hidden: true, room: 'close' });
    expect(all(hidden).map((s) => s.hidden ?? false)).toEqual([false, true, false]);
    expect(all(hidden).map((s) => s.room)).toEqual(['close', 'close', 'close']);
    expect(isOtherwise(hidden, here)).toBeFalse();
    expect(withTwins(spread, { op: 'removeSection', section: here })).toEqual({ op: 'removeSection', section: here });
    const alone = after(spread, { op: 'setTwin', section: there, twin: null });
    expect(twinsOf(alone, there)).toEqual([]);
    expect(all(alone).length).toBe(2);
    expect(
      after(alone, heading('Not there', here))
        .pages.flatMap((p) => p.sections)
        .find((s) => s.id === there)!.content,
    ).toEqual(first.content);
  });

  it('leaves a change alone that says itself what becomes of the others', () => {
    const [here, there, last] = all(spread).map((s) => s.id) as [string, string, string];
    const batch: Operation = { op: 'batch', operations: [heading('One', here), heading('Two', there)] };
    const read = all(after(spread, batch)).map((s) => (s.content['heading'] as { value: string }).value);
    expect(read.slice(0, 2)).toEqual(['One', 'Two']);
    expect(last).toBeTruthy();
    expect(withTwins(yard, heading('One'))).toEqual(heading('One'));
  });

  it('comes along where its page is made once more, and not where it is made twice on its page', () => {
    const like = pageLike(spread, spread, whereIs(spread, first.id)!.page.id, true)!;
    expect(twinsOf(apply(spread, like.operation).document, first.id).length).toBe(3);
    const again = twice(spread, first.id)!;
    expect(twinsOf(apply(spread, again).document, first.id).length).toBe(2);
  });
});
