import { demoFacts } from '../../fixtures/facts.js';
import { photograph } from '../../fixtures/photograph.js';
import { briefFixtures } from '../../fixtures/briefs.js';
import { answerOf, measureAsking } from '../../fixtures/measure-asking.js';
import { factsOf, siteFrom } from '../../fixtures/measure-copy.js';
import {
  FIRST_REQUESTS,
  FOREIGN_LAYOUT,
  FOREIGN_REQUESTS,
  FOURTH_REQUESTS,
  SECOND_REQUESTS,
  THIRD_REQUESTS,
} from '../../fixtures/requests.js';
import { childrenOf, type SiteDocument, type SiteFile } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { validateDocument, validateOperation } from '../../operations/validate.js';
import { layoutsOf } from '../../look/layout.js';
import { shapes } from '../../look/shapes/registry.gen.js';
import { renderPage } from '../../page/index.js';
import { sampleOf } from '../directions/sample.js';
import { kindOf, rewriteVersion } from '../plan/plan.js';
import { ask, INTENTS, takeSlip, withSlip } from './ask.js';
import { pictureFirst } from './intents/layout.js';
import type { InHand } from './reader.js';
import { picturePlaces } from '../picture-places.js';
import type { Given, Reply } from './reply.js';

const site = siteFrom(demoFacts, 1);
const from = (name: string) => siteFrom(factsOf(briefFixtures.find((b) => b.name === name)!.text, ''));
const [house, seeds] = [from('The Lantern House'), from('The Saltmarrow Seed Company')];
const home: InHand = { page: 'home' };
const reply = (said: string, on: InHand = home, document = site): Reply => ask(document, { said, on });
const changesOf = (r: Reply) => (r.kind === 'slip' ? r.changes : []);
/** The operation a request comes to, once every change of its slip is taken. */
const operation = (said: string, on?: InHand, document = site) =>
  takeSlip(document, changesOf(reply(said, on, document)));
const after = (document: SiteDocument, ...said: string[]) =>
  said.reduce((now, s) => {
    const r = ask(now, { said: s, on: home });
    if (r.kind !== 'slip') throw new Error(`“${s}”: ${r.kind}, ${r.words}`);
    const next = withSlip(now, r.changes);
    expect(validateDocument(next)).withContext(s).toEqual([]);
    return next;
  }, document);
const labels = (document: SiteDocument) => document.pages.map((p) => p.label);
const kinds = (document: SiteDocument, label: string) =>
  document.pages.find((p) => p.label === label)!.sections.map((s) => kindOf(s.shape));

describe('a request in plain words', () => {
  for (const intent of INTENTS)
    for (const said of intent.examples)
      it(`“${said}” (${intent.name}) is answered with changes that fit, or plainly`, () => {
        const answer = reply(said, { page: 'home', section: 's2' });
        if (answer.kind === 'no') expect(answer.words).not.toContain('Not understood');
        const taken = takeSlip(site, changesOf(answer));
        if (!taken) return;
        expect(validateOperation(taken)).toEqual([]);
        const { document, inverse } = apply(site, taken);
        expect(validateDocument(document)).toEqual([]);
        expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(site));
      });

  it('comes to what it should in four of five of each batch, and to a wrong change in none', () => {
    for (const [document, batch] of [
      [site, FIRST_REQUESTS],
      [house, SECOND_REQUESTS],
      [seeds, THIRD_REQUESTS],
      [site, FOURTH_REQUESTS],
    ] as const) {
      const score = measureAsking(document, batch);
      expect(score.right).withContext(score.told.join('\n')).toBeGreaterThanOrEqual(40);
      expect(score.wrong).withContext(score.told.join('\n')).toBe(0);
    }
  });
});

describe('a request in another language', () => {
  const sites = { de: 'Segelmacherei Thiessen', fr: 'Atelier du Vieux Môle', es: 'Cerámica Lucero' } as const;
  for (const [language, name] of Object.entries(sites) as ['de' | 'fr' | 'es', string][])
    it(`comes to what it should in four of five, and to a wrong change in none (${language})`, () => {
      const score = measureAsking(from(name), FOREIGN_REQUESTS[language]);
      expect(score.right).withContext(score.told.join('\n')).toBeGreaterThanOrEqual(12);
      expect(score.wrong).withContext(score.told.join('\n')).toBe(0);
      const layout = measureAsking(from(name), FOREIGN_LAYOUT[language]);
      expect([layout.right, layout.wrong]).withContext(layout.told.join('\n')).toEqual([5, 0]);
    });
});

describe('facts, asked for in plain words', () => {
  it('are set where they are plainly given', () => {
    expect(operation('The phone is 01632 960 999.')).toEqual({ op: 'setFact', field: 'phone', value: '01632 960 999' });
    expect(operation('the address is wrong, it should be Unit 8, Strand')).toEqual({
      op: 'setFact',
      field: 'address',
      value: 'Unit 8, Strand',
    });
  });
  it('are left alone where they are spoken of but not given', () => {
    for (const said of [
      'the address is wrong',
      'the phone is missing',
      'the name is too long, please shorten it',
      'hours are hard to read',
      'phone is on the second page',
      'the mail is not ours, ask Tom',
      'the hours are the old ones',
      'address is Unit 8, can you move it up?',
    ])
      expect(operation(said)).withContext(said).toBeNull();
  });
  it('keep what a price is for', () =>
    expect(JSON.stringify(operation('winter storage is now 44 pounds'))).toContain('£44 a week'));
});

describe('words, asked for in plain words', () => {
  it('are put in the place of others, wherever they stand whole', () => {
    expect(JSON.stringify(after(site, 'change “wooden boats” to “wooden ships”').pages)).not.toContain('wooden boats');
    const text = { value: 'Amend the mend', from: { kind: 'designer' as const } };
    const one = apply(site, { op: 'setText', at: { section: 's1', path: 'heading' }, text }).document;
    expect(JSON.stringify(after(one, 'change mend to repair').pages)).toContain('"Amend the repair"');
  });
  it('are said to stand nowhere, or to be so already', () => {
    expect(reply('change “unicorn” to “horse”')).toEqual(
      jasmine.objectContaining({ kind: 'no', words: jasmine.stringContaining('stands nowhere') }),
    );
    expect(reply(`the place is ${site.facts.place}`)).toEqual(
      jasmine.objectContaining({ kind: 'no', words: jasmine.stringContaining('already') }),
    );
  });
});

describe('the plan, changed in plain words', () => {
  const start = siteFrom(demoFacts, 2);
  it('gains, loses and moves pages', () => {
    expect(labels(after(start, 'Please add a page about the old slip.'))).toContain('Old slip');
    expect(labels(after(start, 'add an imprint', 'add a privacy page')).slice(4)).toEqual(['Imprint', 'Privacy']);
    expect(labels(after(start, 'remove the about page'))).not.toContain('About');
    expect(labels(after(start, 'move about before services'))).toEqual(['Home', 'About', 'Services', 'Contact']);
    expect(labels(after(start, 'rename the services page to Work'))).toContain('Work');
  });
  it('leaves a page that visitors know at its address', () => {
    const slug = (live: boolean) => {
      const r = ask(site, { said: 'rename the services page to Work', live });
      return withSlip(site, changesOf(r)).pages.find((p) => p.id === 'services')!.slug;
    };
    expect([slug(true), slug(false)]).toEqual(['services', 'work']);
  });
  it('puts pages under others, one level deep, and another version keeps them there', () => {
    const nested = after(start, 'add a page about rigging under services', 'put about under services');
    const services = nested.pages.find((p) => p.id === 'services')!;
    expect(childrenOf(nested.pages, services).map((p) => p.label)).toEqual(['About', 'Rigging']);
    const again = apply(nested, rewriteVersion(nested, 9)).document;
    expect(childrenOf(again.pages, services).map((p) => p.label)).toEqual(['About', 'Rigging']);
    expect(reply('put contact under about', home, nested)).toEqual(
      jasmine.objectContaining({ kind: 'no', words: jasmine.stringContaining('one level deep') }),
    );
    expect(after(nested, 'remove the services page').pages.every((p) => p.parent === undefined)).toBeTrue();
  });
  it('gains, loses and moves sections', () => {
    expect(kinds(after(start, 'add opening hours to the about page'), 'About').at(-1)).toBe('hours');
    expect(kinds(after(start, 'put steps on the home page at the top'), 'Home')[1]).toBe('steps');
    expect(kinds(after(start, 'take out the form from contact'), 'Contact')).not.toContain('contact');
    expect(kinds(after(start, 'move the story on home first'), 'Home')[0]).toBe('story');
  });
  it('says what it cannot do', () => {
    expect(reply('add a spaceship to the home page')).toEqual(
      jasmine.objectContaining({ kind: 'no', words: jasmine.stringContaining('no section I know') }),
    );
    expect(reply('remove the home page').kind).toBe('no');
    // A site without a form has none to put on a page.
    const without = { ...after(site, 'take out the form from contact'), forms: [] };
    expect(reply('add a contact form to the about page', home, without).kind).toBe('no');
  });
});

describe('a work slip', () => {
  it('has the parts of one sentence one by one, each said of the site as those before leave it', () => {
    const changes = changesOf(reply('make the services dark, the buttons round and the text a bit larger'));
    expect(changes.map((c) => c.operation.op)).toEqual(['setShape', 'setLook', 'setLook']);
    expect(withSlip(site, changes).look).toEqual(jasmine.objectContaining({ button: 'pill', base: 17.25 }));
    expect(withSlip(site, changes.slice(1)).pages).toEqual(site.pages);
    // What is left is not in those that are taken, though a look is said whole.
    expect(withSlip(site, [changes[2]!]).look).toEqual({ ...site.look, base: 17.25 });
    const prices = changesOf(reply('rigging costs £60 and hull survey costs £300'));
    expect(prices.length).toBe(2);
    expect(withSlip(site, [prices[1]!]).facts.services.map((s) => s.price)).toEqual(['', '£38 a week', '', '£300']);
    // What a part says whole is said of what the parts before it left.
    const both = changesOf(reply('rename the about page to The yard and hide the about page from the menu'));
    const about = (n: number[]) =>
      withSlip(
        site,
        both.filter((_, k) => n.includes(k)),
      ).pages[2]!;
    expect([about([0, 1]).label, about([0, 1]).menu]).toEqual(['The yard', false]);
    expect([about([1]).label, about([1]).menu]).toEqual(['About', false]);
    const pages = changesOf(reply('add a page about ropes and add a page about tar'));
    expect(withSlip(site, [pages[1]!]).pages.at(-1)!.label).toBe('Tar');
  });
  it('drops nothing of two requests in one sentence: each is done, asked back about or said', () => {
    const simple = [
      'make the services dark',
      'the buttons should be round',
      'use warmer colours',
      'bigger text',
      'remove the animations',
      'rigging costs £60 an hour',
      'the phone is 01632 960 777',
      'hide the map on the contact page',
      'move the story to the bottom of the home page',
      'add opening hours to the about page',
      'rename the about page to The yard',
      'more space between the sections',
      'no pictures on the services page',
      'make "one cradle" bold',
    ];
    const counts = new Map(simple.map((s) => [s, changesOf(reply(s)).length]));
    for (const a of simple) {
      expect(counts.get(a)).withContext(a).toBeGreaterThan(0);
      for (const b of simple) {
        if (a === b) continue;
        for (const joint of [' and ', ', ']) {
          const answer = reply(a + joint + b);
          const told = answer.kind !== 'slip' || answer.left.length > 0 || (answer.open?.length ?? 0) > 0;
          if (!told)
            expect(changesOf(answer).length)
              .withContext(a + joint + b)
              .toBeGreaterThanOrEqual(counts.get(a)! + counts.get(b)!);
        }
      }
    }
  });
  it('says what of a sentence it did not take into account', () => {
    const answer = reply('the phone is 01632 960 777 and the flagpole wobbles');
    const left = answer.kind === 'slip' ? answer.left.join() : answer.kind;
    expect(answer.kind === 'slip' ? left : 'asked').toMatch(/flagpole|asked/);
  });
  it('asks back where words could mean several things, and each choice is a change of its own', () => {
    const answer = reply('duplicate the call to action', {});
    if (answer.kind !== 'ask') return fail(answer.kind);
    expect(answer.choices.map((c) => c.label)).toEqual(['Call to act on Services', 'Call to act on About']);
    for (const { reply: choice } of answer.choices) expect(changesOf(choice).length).toBe(1);
    // What can be done to none of them is no question.
    expect(reply('make the call to action dark', {}).kind).toBe('no');
  });
  it('knows this, the same again, and what was asked for before', () => {
    expect(operation('delete this', { page: 'services', section: 's7' })).toEqual(
      jasmine.objectContaining({ op: 'batch' }),
    );
    const said = 'make the services section on the home page dark';
    const { reply: again } = answerOf(site, { said: 'same for the story', before: said, on: 'home', want: [] });
    expect(JSON.stringify(again)).toContain('"section":"s3"');
    const warm = changesOf(reply('use warmer colours'));
    const now = withSlip(site, warm);
    const back = ask(now, { said: 'undo the colours', before: [{ said: 'use warmer colours', document: site }] });
    expect(withSlip(now, changesOf(back)).look).toEqual(site.look);
  });
  it('does not take a wish without a thing for a change', () => {
    for (const said of [
      'make it pop',
      'hello',
      'the weather is nice',
      'blue',
      'thank you',
      'services',
      'hmm no',
      '???',
    ])
      expect(changesOf(reply(said)))
        .withContext(said)
        .toEqual([]);
  });
  it('never throws and never gives a site that is not valid, whatever it is told', () => {
    const bits = [
      'make',
      'the',
      'home page',
      'story',
      'darker',
      'remove',
      '"',
      'and',
      'to',
      'under',
      'first',
      '£5',
      'this',
      'picture',
      'all',
      'button',
      'not',
      ',',
      'services',
      'bigger',
      'http://x.example',
      'swap',
      'hide',
      '’',
      'add a',
      'page about',
      'second',
    ];
    let seed = 7;
    const next = () => (seed = (seed * 1103515245 + 12345) % 2147483648);
    for (let n = 0; n < 300; n++) {
      const said = Array.from({ length: 2 + (next() % 9) }, () => bits[next() % bits.length]).join(' ');
      const answer = reply(said, { page: 'home', section: 's3', path: 'heading' });
      const taken = takeSlip(site, changesOf(answer));
      if (taken)
        expect(validateDocument(withSlip(site, changesOf(answer))))
          .withContext(said)
          .toEqual([]);
    }
  });
});

describe('a question about the site', () => {
  it('is answered from the checks, with what would mend it', () => {
    const bare = apply(site, {
      op: 'setText',
      at: { section: 's2', path: 'heading' },
      text: { value: '', from: { kind: 'designer' } },
    }).document;
    const answer = reply('what could be better here?', home, bare);
    if (answer.kind !== 'talk') return fail(answer.kind);
    const mended = answer.points.filter((p) => p.changes);
    expect(mended.length).toBeGreaterThan(0);
    for (const p of mended) expect(validateDocument(withSlip(bare, p.changes!))).toEqual([]);
  });
  it('is answered of what visitors get, where sections of the page are hidden', () => {
    const text = { value: '', from: { kind: 'designer' as const } };
    const bare = apply(site, { op: 'setText', at: { section: 's2', path: 'heading' }, text }).document;
    const hidden = apply(bare, { op: 'setSection', section: 's4', hidden: true }).document;
    const points = (d: SiteDocument) => {
      const answer = reply('what could be better here?', home, d);
      return answer.kind === 'talk' ? answer.points.filter((p) => p.at.section === 's2').length : -1;
    };
    expect(points(bare)).toBeGreaterThan(0);
    expect(points(hidden)).toBe(points(bare));
    expect(points(apply(hidden, { op: 'setSection', section: 's2', hidden: true }).document)).toBe(0);
  });
  it('is answered from why a section is there', () =>
    expect(reply('why is this here?', { page: 'home', section: 's3' })).toEqual(
      jasmine.objectContaining({ kind: 'talk', words: jasmine.stringContaining(site.pages[0]!.sections[2]!.reason) }),
    ));
});

describe('how sections are laid out, asked for in plain words', () => {
  const on = (section: string, said: string) => operation(said, { section });
  it('is for every kind of page, or for the one that is named', () => {
    expect(on('s4', 'make this smaller on phones')).toEqual({
      op: 'setSection',
      section: 's4',
      on: 'phone',
      size: 'smaller',
    });
    expect(on('s4', 'put the picture on the other side')).toEqual({ op: 'setSection', section: 's4', side: 'other' });
    expect(on('s4', 'more room around this on tablets')).toEqual({
      op: 'setSection',
      section: 's4',
      on: 'tablet',
      room: 'wide',
    });
    expect(on('s4', 'show this only on phones')).toEqual({
      op: 'batch',
      operations: [
        { op: 'setSection', section: 's4', on: 'phone', hidden: false },
        { op: 'setSection', section: 's4', hidden: true },
      ],
    });
  });

  it('knows at which side the picture of each shape stands', () => {
    const turned = Object.keys(shapes).filter((shape) => layoutsOf({ shape }).includes('side'));
    expect(turned.length).toBeGreaterThan(5);
    for (const shape of turned) {
      const html = renderPage(sampleOf(site, shape), 'home', { origin: 'https://s.example' })!;
      const section = html.slice(html.indexOf(shape.replace('/', '-')));
      const [picture, heading] = [section.search(/<img[^>]* class="pic|<img class="pic/), section.search(/<h[12]/)];
      expect(picture).withContext(shape).toBeGreaterThan(0);
      expect(pictureFirst({ shape }))
        .withContext(shape)
        .toBe(picture < heading);
    }
    // It stands at the left already.
    expect(reply('put the photo on the left', { section: 's4' }).kind).toBe('no');
    expect(on('s4', 'put the photo on the right')).toEqual({ op: 'setSection', section: 's4', side: 'other' });
  });

  it('is never done to every page where it was asked for one kind of them', () => {
    for (const said of ['larger text on phones', 'warmer colours on mobile', 'rounder corners on tablets']) {
      const answer = reply(said, { page: 'home' });
      expect(answer.kind).withContext(said).not.toBe('slip');
    }
  });

  it('is refused where it cannot be so, and says why', () => {
    expect(JSON.stringify(reply('hide this on phones', { section: 's1' }))).toContain('opens “Home”');
    expect(JSON.stringify(reply('make this narrower on phones', { section: 's2' }))).toContain(
      'same on every kind of page',
    );
  });
});

describe('an answer to a question', () => {
  const words = (r: Reply) => (r.kind === 'talk' ? [r.words, ...r.points.map((p) => p.words)].join('\n') : r.kind);
  const weeks = (...visits: number[]) => ask(site, { said: 'how many visitors do we have?', on: home, visits });
  it('tells how many come, and that fewer do', () => {
    expect(words(weeks(10, 20, 30, 40, 50, 60, 70, 80))).toContain(
      '65 visits a week in the last four, 25 in the four before',
    );
    expect(words(weeks())).toContain('Nothing is known');
    expect(words(weeks(1, 2, 3))).toContain('Nothing is known');
    const better = (...visits: number[]) => words(ask(site, { said: 'what is missing?', on: home, visits }));
    expect(better(100, 100, 100, 100, 50, 50, 50, 50)).toContain('Fewer come than did');
    expect(better(100, 100, 100, 100, 90, 90, 90, 90)).not.toContain('Fewer come');
    for (const [document, said] of [
      [from('Segelmacherei Thiessen'), 'Wie viele Besucher haben wir?'],
      [from('Atelier du Vieux Môle'), 'Combien de visites avons-nous ?'],
      [from('Cerámica Lucero'), '¿Cuántas visitas tenemos?'],
    ] as const)
      expect(words(ask(document, { said, on: home, visits: [9, 9, 9, 9, 9, 9, 9, 9] }))).toContain('9 visits a week');
  });
  it('says what a trade is the better for, each what can be taken, and what nobody has asked the client', () => {
    const [craft, shop] = [site, seeds].map((document) => {
      const r = ask(document, { said: "what's missing?", on: home });
      if (r.kind !== 'talk') throw new Error(r.kind);
      for (const change of r.points.flatMap((p) => p.changes ?? []))
        expect(validateDocument(apply(document, change.operation).document)).toEqual([]);
      return words(r);
    });
    expect(craft).toMatch(/a boatyard is the better for it/);
    expect(shop).not.toMatch(/a boatyard/);
    expect(craft).toMatch(/To ask the client: /);
  });
});

describe('a request that something is given along with', () => {
  const medium = photograph('slip-in-may', 'The slip in May');
  const file: SiteFile = { id: 'berths', title: 'Berths', ending: 'pdf', bytes: 9000, hash: '2'.repeat(64) };
  const [opening] = site.pages[0]!.sections;
  const given = (said: string, thing: Given, on: InHand = home, document = site) =>
    ask(document, { said, on, given: thing });
  const made = (r: Reply, document = site) => {
    if (r.kind !== 'slip') throw new Error(`${r.kind}: ${'words' in r ? r.words : ''}`);
    const after = withSlip(document, r.changes);
    expect(validateDocument(after)).toEqual([]);
    expect(JSON.stringify(apply(after, apply(document, takeSlip(document, r.changes)!).inverse).document)).toBe(
      JSON.stringify(document),
    );
    return after;
  };
  const shownIn = (document: SiteDocument) =>
    picturePlaces(document).flatMap((p) =>
      p.picture.media === medium.id ? [`${p.page!.id} ${kindOf(p.section.shape)}`] : [],
    );

  it('puts a picture where it is said, and is asked where it is not', () => {
    for (const said of ['use this at the top', 'put this picture at the top of the home page', 'use this instead'])
      expect(shownIn(made(given(said, { medium }, { page: 'home', section: opening!.id, path: 'picture' }))))
        .withContext(said)
        .toEqual(['home opening']);
    expect(shownIn(made(given('use this for the story', { medium })))).toEqual(['home story']);
    for (const said of ['', 'here you are', 'wobble the flagpole']) {
      const r = given(said, { medium });
      if (r.kind !== 'ask') throw new Error(`“${said}”: ${r.kind}`);
      expect(r.choices.length).withContext(said).toBeGreaterThan(2);
      for (const choice of r.choices) made(choice.reply);
      // It can be kept without a place.
      expect(shownIn(made(r.choices.at(-1)!.reply))).toEqual([]);
      expect(made(r.choices.at(-1)!.reply).media.some((m) => m.id === medium.id)).toBeTrue();
    }
  });

  it('puts a picture into a gallery as one more, not in the place of another', () => {
    const shown = after(site, 'add a gallery to the home page');
    const gallery = shown.pages[0]!.sections.find((s) => kindOf(s.shape) === 'gallery')!;
    const before = (gallery.content['items'] as unknown[]).length;
    const more = made(given('add this to the gallery', { medium }, home, shown), shown);
    const items = more.pages[0]!.sections.find((s) => s.id === gallery.id)!.content['items'] as unknown[];
    expect(items.length).toBe(before + 1);
    expect(shownIn(more)).toEqual(['home gallery']);
  });

  it('leads a button to a file, or asks which', () => {
    const led = made(
      given('the main button should lead to this', { file }, { page: 'home', section: opening!.id, path: 'action' }),
    );
    expect(JSON.stringify(led.pages[0]!.sections[0]!.content)).toContain('"to":"file:berths"');
    const r = given('offer this', { file });
    if (r.kind !== 'ask') throw new Error(r.kind);
    for (const choice of r.choices) expect(made(choice.reply).files!.map((f) => f.id)).toEqual(['berths']);
    const shown = after(site, 'add downloads to the home page');
    const papers = made(given('offer this as a download', { file }, home, shown), shown);
    expect(JSON.stringify(papers.pages[0])).toContain('"to":"file:berths"');
  });

  it('says where it is not used by what was asked', () => {
    const r = given('make the buttons round', { medium });
    if (r.kind !== 'slip') throw new Error(r.kind);
    expect(r.left.join()).toContain('not used');
  });
});
