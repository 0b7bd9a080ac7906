import { demoFacts } from '../../fixtures/facts.js';
import type { Facts } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { validateDocument } from '../../operations/validate.js';
import { render } from '../../page/render/render.js';
import { withFollowing } from '../plan/follow.js';
import { allTexts, newDocument } from './site.js';
import { groupsOf } from './lists.js';
import { writeVersion } from './write.js';

const facts: Facts = {
  ...demoFacts,
  contacts: [
    { id: 'c1', value: demoFacts.phone, what: 'The yard' },
    { id: 'c2', value: '01632 960 771', what: 'Moorings, day and night' },
  ],
  branches: [
    { id: 'b1', name: 'The net loft', address: '2 Capstan Quay, Saltmarrow', phone: '', hours: 'Saturday 10.00–14.00' },
  ],
  events: [
    { id: 'e1', name: 'Open slip', when: 'First Sunday in June, 11 to 4', place: 'The yard', detail: '' },
    { id: 'e2', name: 'Splicing evening', when: 'Thursdays 19.30', place: '', detail: 'Bring a rope.' },
  ],
  registrations: ['Company no. 00417203'],
};
const site = (of: Facts, seed = 2, language: 'en-GB' | 'de' = 'en-GB') =>
  apply(newDocument('x', of, seed), writeVersion(of, seed, { language, length: 'middle' })).document;
const html = (of: Facts, seed = 2) =>
  render(site(of, seed), { origin: 'https://yard.example' })
    .filter((f) => f.path.endsWith('.html'))
    .map((f) => ('text' in f ? f.text : ''))
    .join('\n');

describe('what a business has more than one of', () => {
  it('stands on its pages: numbers with what they are for, further places with their hours, registers', () => {
    for (let seed = 0; seed < 6; seed++) {
      const pages = html(facts, seed);
      for (const said of ['tel:01632960771', 'Moorings, day and night', 'The net loft', 'Saturday 10.00–14.00'])
        expect(pages).withContext(`${seed}: ${said}`).toContain(said);
      expect(pages.match(/Company no\. 00417203/g)!.length)
        .withContext('at the foot of every page')
        .toBeGreaterThan(2);
      expect(validateDocument(site(facts, seed))).toEqual([]);
    }
  });

  it('has its events told once, with when and where', () => {
    const told = { ...facts, description: `${facts.description} The splicing evening is Thursdays 19.30.` };
    const texts = allTexts(site(told)).map((t) => t.text.value);
    for (const said of ['Open slip', 'First Sunday in June, 11 to 4', 'The yard', 'Bring a rope.'])
      expect(texts).toContain(said);
    expect(texts.filter((t) => t.includes('Thursdays 19.30')).length).toBe(1);
  });

  it('says nothing in words that nobody has put into the language of the site', () => {
    const words = allTexts(site(facts, 2, 'de')).map((t) => t.text.value);
    expect(words.join('\n')).not.toContain('Splicing evening');
  });

  it('follows where an event changes, comes or goes', () => {
    const before = site(facts);
    const change = (events: Facts['events']) =>
      allTexts(apply(before, withFollowing(before, { op: 'setEvents', events })).document)
        .map((t) => t.text.value)
        .join('\n');
    const [one, two] = facts.events;
    expect(change([{ ...one!, when: 'Second Sunday in June' }, two!])).toContain('Second Sunday in June');
    expect(change([two!])).not.toContain('Open slip');
    expect(change([one!, two!, { id: 'e3', name: 'Regatta', when: '2 August', place: '', detail: '' }])).toContain(
      'Regatta',
    );
  });
});

describe('the services page', () => {
  const grouped = demoFacts.services.map((s, n) => ({ ...s, group: n % 2 ? 'On the slip' : 'In the shed' }));

  it('has a section for each group services come in, every service in one of them', () => {
    const document = site({ ...demoFacts, services: grouped });
    const page = document.pages.find((p) => p.id === 'services')!;
    const headings = page.sections.map((s) => (s.content['heading'] as { value: string } | undefined)?.value);
    expect(headings).toEqual(jasmine.arrayContaining(['In the shed', 'On the slip']));
    const named = page.sections.flatMap((s) =>
      ((s.content['items'] ?? []) as { name: { value: string } }[]).map((i) => i.name.value),
    );
    expect(named.length).toBe(new Set(named).size);
    for (const s of demoFacts.services) expect(named.join('\n')).withContext(s.name).toContain(s.name);
  });

  it('makes no group of one, and none where nothing is grouped', () => {
    expect(groupsOf(demoFacts.services)).toBeNull();
    expect(groupsOf(demoFacts.services.map((s, n) => ({ ...s, group: n ? 'One' : 'Other' })))).toBeNull();
  });
});
