import { demoFacts } from '../fixtures/facts.js';
import { briefFixtures } from '../fixtures/briefs.js';
import { factsOf } from '../fixtures/measure-copy.js';
import type { SiteDocument, Text } from '../model/site.js';
import { apply } from '../operations/apply.js';
import type { Operation } from '../operations/operation.js';
import { validateDocument } from '../operations/validate.js';
import { pageChecks, type CheckKind } from './checks.js';
import { newDocument } from './generate/site.js';
import { writeVersion } from './generate/write.js';
import { takeOutPage } from './plan/plan.js';

const site = apply(newDocument('x', demoFacts), writeVersion(demoFacts, 1)).document;
const [home, other] = site.pages;
const opening = home!.sections[0]!;
const said = (value: string, more: Partial<Text> = {}): Text => ({ value, from: { kind: 'designer' }, ...more });
const put = (document: SiteDocument, section: string, path: string, text: Text) =>
  apply(document, { op: 'setText', at: { section, path }, text }).document;
const kinds = (document: SiteDocument): CheckKind[] => pageChecks(document).map((c) => c.kind);
/** A site with what is amiss mended as it is offered: that must be gone, and nothing else come. */
function mended(document: SiteDocument, kind: CheckKind): SiteDocument {
  const check = pageChecks(document).find((c) => c.kind === kind)!;
  const operation: Operation = { op: 'batch', operations: check.mend!.operations };
  const after = apply(document, operation).document;
  expect(validateDocument(after)).toEqual([]);
  return after;
}

describe('what wants a look on a page', () => {
  it('is nothing on a site as it is written, whatever the brief, but a picture nobody can put into words', () => {
    for (const { id, text } of briefFixtures.slice(0, 12)) {
      const facts = factsOf(text, id);
      const made = apply(newDocument(id, facts), writeVersion(facts, 1)).document;
      const found = pageChecks(made)
        .filter((c) => c.kind !== 'picture')
        .map((c) => `${c.page?.id} ${c.section.shape} ${c.words}`);
      expect(found).withContext(id).toEqual([]);
    }
  });

  it('is a colour that cannot be read on another, by day or night, and its mend is the nearest that can', () => {
    const { look } = site;
    for (const version of ['day', 'night'] as const) {
      const palette = { ...look[version], text: look[version].ground };
      const document = apply(site, { op: 'setLook', look: { ...look, [version]: palette } }).document;
      expect(kinds(document)).toEqual(['contrast', ...kinds(site)]);
      expect(pageChecks(document)[0]!.words).toMatch(
        new RegExp(`by ${version}: the colour “text” on “.+” has a contrast of 1\\.0`),
      );
      expect(kinds(mended(document, 'contrast'))).toEqual(kinds(site));
    }
  });

  it('is a link to what is gone, and its mend leaves the words and every other mark', () => {
    const text = said('See the list, or ring', {
      marks: [
        { kind: 'link', from: 4, to: 12, target: `page:${other!.id}` },
        { kind: 'strong', from: 8, to: 12 },
        { kind: 'link', from: 17, to: 21, target: 'tel:01632960114' },
      ],
    });
    const linked = put(site, opening.id, 'lead', text);
    expect(kinds(linked)).toEqual([]);
    const gone = apply(linked, takeOutPage(linked, other!.id)).document;
    const check = pageChecks(gone).find((c) => c.kind === 'link')!;
    expect([check.page?.id, check.section.id, check.path]).toEqual([home!.id, opening.id, 'lead']);
    expect(check.words).toContain('the list');
    const after = mended(gone, 'link');
    expect(kinds(after)).not.toContain('link');
    expect((after.pages[0]!.sections[0]!.content['lead'] as Text).marks?.map((m) => m.kind)).toEqual([
      'strong',
      'link',
    ]);
  });

  it('is a page that begins without a heading, and a list that has none', () => {
    const bare = put(site, opening.id, 'heading', said(''));
    expect(kinds(bare)).toContain('heading');
    expect(kinds(mended(bare, 'heading'))).not.toContain('heading');
    const listed = home!.sections.find((s) => s.shape.startsWith('services/'))!;
    expect(kinds(put(site, listed.id, 'heading', said('')))).toContain('heading');
  });

  it('is a sentence said twice, the later of them, but not one that is short', () => {
    const twice = 'We lay every rope in the long walk behind the chapel.';
    const listed = home!.sections.find((s) => s.shape.startsWith('services/'))!;
    const once = put(site, opening.id, 'lead', said(`${twice} Ring us.`));
    const both = put(once, listed.id, 'lead', said(`Ring us. ${twice} And more.`));
    const check = pageChecks(both).filter((c) => c.kind === 'twice');
    expect(check.map((c) => c.section.id)).toEqual([listed.id]);
    const after = mended(both, 'twice');
    expect(kinds(after)).not.toContain('twice');
    expect((after.pages[0]!.sections.find((s) => s.id === listed.id)!.content['lead'] as Text).value).toBe(
      'Ring us. And more.',
    );
  });

  it('is a section with nothing in it, and a word that is wider than a phone', () => {
    const statement = { id: 'x9', shape: 'statement/wide', reason: '', content: { text: said(''), by: said('') } };
    const empty = apply(site, { op: 'insertSection', page: home!.id, section: statement, at: 1 }).document;
    expect(kinds(empty)).toContain('empty');
    expect(JSON.stringify(mended(empty, 'empty'))).toBe(JSON.stringify(site));
    const wide = put(site, opening.id, 'heading', said('Donaudampfschifffahrtsgesellschaft'));
    expect(kinds(wide)).toContain('word');
    expect(
      kinds(put(site, opening.id, 'heading', said('Donau\u00addampf\u00adschifffahrts\u00adgesellschaft'))),
    ).not.toContain('word');
  });

  it('is a picture nobody has put into words, and its mend says what it shows', () => {
    const place = pageChecks(site).length;
    expect(place).toBe(0);
    const pictured = home!.sections.find((s) => (s.content['picture'] as { media?: string } | undefined)?.media);
    const silent = put(site, pictured!.id, 'picture.alt', said(''));
    expect(kinds(silent)).toEqual(['picture']);
    expect(kinds(mended(silent, 'picture'))).toEqual([]);
  });
});
