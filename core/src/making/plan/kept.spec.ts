import { briefFixtures } from '../../fixtures/briefs.js';
import { demoFacts } from '../../fixtures/facts.js';
import { factsOf, siteFrom } from '../../fixtures/measure-copy.js';
import { needsConfirming, type Section, type SiteDocument } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { validateDocument } from '../../operations/validate.js';
import { renderPage } from '../../page/index.js';
import { textsOf } from '../generate/site.js';
import { asKept, layIn } from './kept.js';

describe('a section put by for other sites', () => {
  const yard = siteFrom(demoFacts, 1);
  const house = siteFrom(factsOf(briefFixtures[6]!.text, ''), 2);
  const sections = yard.pages.flatMap((p) => p.sections);
  const valuesOf = (s: Section) =>
    textsOf(s).flatMap((t) => (t.text.value && !t.path.endsWith('.alt') ? [t.text.value] : []));
  const laid = (document: SiteDocument, id: string, words: boolean, from = yard) => {
    const operation = layIn(document, document.pages[0]!.id, 1, asKept(from, id)!, words)!;
    const after = apply(document, operation);
    return { ...after, section: after.document.pages[0]!.sections[1]! };
  };

  it('is laid in on another with its words and pictures, all of what nobody said there to confirm', () => {
    for (const { id, shape } of sections) {
      if (!asKept(yard, id)) continue;
      const { document, section, inverse } = laid(house, id, true);
      expect(validateDocument(document)).withContext(shape).toEqual([]);
      expect(section.shape).toBe(shape);
      expect(valuesOf(section)).toEqual(valuesOf(sections.find((s) => s.id === id)!));
      for (const { text } of textsOf(section))
        if (text.value && !(text.from.kind === 'pack' && !text.from.claim)) expect(needsConfirming(text)).toBeTrue();
      expect(renderPage(document, document.pages[0]!.id, { origin: 'https://s.example' })).toBeDefined();
      expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(house));
    }
  });

  it('is laid in with the words of the other site, and how it was laid out comes along', () => {
    const [, services] = yard.pages[0]!.sections;
    const fitted = apply(yard, { op: 'setSection', section: services!.id, size: 'larger', room: 'close' }).document;
    const { document, section } = laid(house, services!.id, false, fitted);
    expect([section.shape, section.size, section.room]).toEqual([services!.shape, 'larger', 'close']);
    expect(validateDocument(document)).toEqual([]);
    const others = new Set(valuesOf(services!));
    expect(valuesOf(section).some((v) => others.has(v) && /boat|mast|plank/i.test(v))).toBeFalse();
  });

  it('leaves picture files with their client, and links to pages that are not there', () => {
    const [opener] = yard.pages[0]!.sections;
    const file = { id: 'photo', kind: 'file' as const, title: 'Slip', width: 9, height: 9, colour: '#123456' };
    const withFile = {
      ...yard,
      media: [
        ...yard.media,
        { ...file, focus: [0.5, 0.5], renditions: [], credit: { by: '', licence: '', address: '' } },
      ],
    } as unknown as SiteDocument;
    const shown = apply(withFile, { op: 'setPicture', at: { section: opener!.id, path: 'picture' }, media: 'photo' });
    const linked = apply(shown.document, {
      op: 'setText',
      at: { section: opener!.id, path: 'lead' },
      text: {
        value: 'Ring us or look',
        from: { kind: 'designer' },
        marks: [
          { kind: 'link', from: 0, to: 4, target: 'tel:01632960114' },
          { kind: 'link', from: 11, to: 15, target: 'page:about' },
        ],
      },
    }).document;
    const kept = asKept(linked, opener!.id)!;
    expect(kept.media).toEqual([]);
    expect((kept.section.content['picture'] as { media: string }).media).toBe('');
    const lead = textsOf(laid(house, opener!.id, true, linked).section).find((t) => t.path === 'lead')!.text;
    expect(lead.marks?.map((m) => m.kind === 'link' && m.target)).toEqual(['tel:01632960114']);
  });

  it('brings its picture under another id where that is taken', () => {
    const [opener] = yard.pages[0]!.sections;
    const kept = asKept(yard, opener!.id)!;
    const [medium] = kept.media;
    const taken = {
      ...house,
      media: [...house.media.filter((m) => m.id !== medium!.id), { ...medium!, title: 'Another' }],
    };
    const { document, section } = laid(taken, opener!.id, true);
    const shown = (section.content['picture'] as { media: string }).media;
    expect(shown).not.toBe(medium!.id);
    expect(document.media.find((m) => m.id === shown)?.title).toBe(medium!.title);
  });

  it('is no header, footer or form', () => {
    expect(asKept(yard, yard.header!.id)).toBeNull();
    expect(asKept(yard, sections.find((s) => s.shape.startsWith('contact/'))!.id)).toBeNull();
    expect(asKept(yard, 'nowhere')).toBeNull();
  });
});
