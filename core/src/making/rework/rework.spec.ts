import { briefFixtures, demoFacts, factsOf, siteFrom } from '../../fixtures/index.js';
import { textsOf } from '../generate/site.js';
import { apply } from '../../operations/apply.js';
import { validateOperation } from '../../operations/validate.js';
import type { SiteDocument } from '../../model/site.js';
import { readingEase } from '../writer/reading-ease.js';
import { keptFacts, rework, takeChanges, type ReworkKind } from './rework.js';

const site = siteFrom(demoFacts, 1);
const about = site.pages.find((p) => p.id === 'about')!;
const story = about.sections.find((s) => s.shape.startsWith('story/'))!;
const first = textsOf(story).find((t) => t.path.startsWith('paragraphs.'))!.path;
/** The site with a text of one’s own in the story of the about page. */
const telling = (value: string): SiteDocument =>
  apply(site, {
    op: 'setText',
    at: { section: story.id, path: first },
    text: { value, from: { kind: 'designer' } },
  }).document;
const worked = (value: string, kind: ReworkKind, instruction?: string): string => {
  const document = telling(value);
  const scope = { text: { section: story.id, path: first } };
  const { changes, note } = rework(document, { kind, scope, ...(instruction && { instruction }) });
  return changes[0]?.after.value ?? note;
};
const words = (text: string) => text.split(/\s+/).length;
const LONG =
  'We have been mending boats on the old slip since 1987, and we really do like the very old ones, so that most of the winter is basically spent on planking. In order to keep the yard dry we are able to close the doors. We utilise larch and oak.';

describe('reworking', () => {
  it('does measurably what it is called, and keeps every fact', () => {
    const said: Record<string, string> = {};
    for (const kind of ['shorter', 'longer', 'plainer', 'warmer', 'formal', 'livelier', 'another'] as const) {
      const after = worked(LONG, kind);
      said[kind] = after;
      expect(after).withContext(kind).not.toBe(LONG);
      for (const fact of keptFacts(LONG, site))
        expect(after.toLowerCase()).withContext(kind).toContain(fact.toLowerCase());
    }
    const ease = (text: string) => readingEase(text, 'en');
    expect(words(said['shorter']!)).toBeLessThan(words(LONG) * 0.9);
    expect(words(said['longer']!)).toBeGreaterThan(words(LONG) + 3);
    expect(ease(said['plainer']!).ease).toBeGreaterThan(ease(LONG).ease);
    expect(said['plainer']).not.toMatch(/utilise|really|basically/);
    expect(said['warmer']).toMatch(/\b(?:you|us)\b/i);
    expect(worked('We don’t lift boats we can’t chock.', 'formal')).toBe('We do not lift boats we cannot chock.');
    expect(said['livelier']).toMatch(/[?!]/);
    expect(ease(said['livelier']!).words / ease(said['livelier']!).sentences).toBeLessThan(
      ease(LONG).words / ease(LONG).sentences,
    );
  });

  it('makes a list of an enumeration, and says where there is none', () => {
    expect(worked('We mend clinker dinghies, open launches and day boats, mostly in winter.', 'list')).toBe(
      'We mend:\n• clinker dinghies\n• open launches\n• day boats\n• Mostly in winter.',
    );
    expect(worked('The doors are shut.', 'list')).toContain('no enumeration');
  });

  it('puts spelling right by a dictionary and leaves names alone', () => {
    const lexicon = new Set('we mend the wooden boats of on slip and'.split(' '));
    const spelling = {
      correct: (w: string) => lexicon.has(w.toLowerCase()),
      suggest: (w: string) => [...lexicon].filter((l) => l[0] === w[0]),
    };
    const document = telling('We mned the woden boats of Hollis and Quarrie.');
    const { changes } = rework(document, { kind: 'spelling', scope: { section: story.id } }, spelling);
    expect(changes.map((c) => c.after.value)).toContain('We mend the wooden boats of Hollis and Quarrie.');
  });

  it('reads free instructions, and says so where it does not understand or nobody has told', () => {
    expect(worked('We mend boats. The yard cat sleeps in the sail loft.', 'free', 'leave out the cat')).toBe(
      'We mend boats.',
    );
    expect(worked('We mend boats.', 'free', 'replace “mend” with “repair”')).toBe('We repair boats.');
    expect(worked('We mend boats.', 'free', 'mention the borrowed winch')).toContain('winch');
    expect(worked('We mend boats.', 'free', 'mention helicopters')).toContain('Nobody has told anything about');
    expect(worked('We mend boats.', 'free', 'sing it')).toContain('does not understand');
  });

  it('places each keyword once on a site', () => {
    const { changes } = rework(site, { kind: 'keywords', scope: 'site', instruction: 'clinker repairs, harbour slip' });
    const all = changes
      .map((c) => c.after.value)
      .join(' ')
      .toLowerCase();
    for (const k of ['clinker repairs', 'harbour slip']) expect(all.split(k).length).withContext(k).toBe(2);
  });

  it('proposes only changes that fit the document, over whole sites in four languages', () => {
    for (const { id, text } of briefFixtures.filter((_, n) => n % 3 === 0)) {
      const document = siteFrom(factsOf(text, id), 2);
      for (const kind of ['another', 'shorter', 'longer', 'plainer', 'warmer', 'formal', 'livelier', 'list'] as const) {
        const { changes } = rework(document, { kind, scope: 'site' });
        if (!changes.length) continue;
        const operation = takeChanges(changes);
        expect(validateOperation(operation)).withContext(`${id} ${kind}`).toEqual([]);
        const done = apply(document, operation);
        expect(apply(done.document, done.inverse).document).toEqual(document);
      }
    }
  });
});
