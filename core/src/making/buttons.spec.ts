import { demoFacts } from '../fixtures/facts.js';
import { siteFrom } from '../fixtures/measure-copy.js';
import type { SiteDocument, Text } from '../model/site.js';
import { apply } from '../operations/apply.js';
import type { Operation } from '../operations/operation.js';
import { rebase } from '../operations/rebase.js';
import { textAt } from '../operations/reach.js';
import { validateDocument } from '../operations/validate.js';
import { renderPage } from '../page/index.js';
import { ask, withSlip } from './ask/ask.js';
import { pageChecks } from './checks.js';
import { targetOfButton } from './links.js';
import { linksOf } from './outline.js';
import { asKept, layIn } from './plan/kept.js';
import { changesTo } from './points/changes-to.js';

const site = siteFrom(demoFacts, 1);
const home = site.pages[0]!;
const [opening] = home.sections;
const action = { section: opening!.id, path: 'action' };
const html = (document: SiteDocument) => renderPage(document, home.id, { origin: 'https://s.example' })!;
const led = (to: string | null, from = site): SiteDocument => apply(from, { op: 'setTarget', at: action, to }).document;
/** Where the main button of the opening leads. */
const hrefOf = (document: SiteDocument) => /<a class="button" href="([^"]*)"/.exec(html(document))?.[1];
const services = site.pages.find((p) => p.id === 'services')!;

describe('where a button leads', () => {
  const byItself = hrefOf(site);

  it('is said, and taken back to the byte', () => {
    expect(byItself).toContain('contact');
    for (const [to, href] of [
      ['page:services', `/${services.slug}/`],
      ['tel:+441632960112', 'tel:+441632960112'],
      ['https://quay.example/book', 'https://quay.example/book'],
    ] as const) {
      const { document, inverse } = apply(site, { op: 'setTarget', at: action, to });
      expect(validateDocument(document)).toEqual([]);
      expect(hrefOf(document)).toBe(href);
      expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(site));
    }
    expect(JSON.stringify(led(null, led('page:services')))).toBe(JSON.stringify(site));
  });

  it('stays with the button whatever it says, and goes with nothing else', () => {
    const text: Text = { value: 'See what we lay', from: { kind: 'designer' } };
    const said = apply(led('page:services'), { op: 'setText', at: action, text });
    expect(hrefOf(said.document)).toBe(`/${services.slug}/`);
    expect(html(said.document)).toContain('See what we lay');
    expect(JSON.stringify(apply(said.document, said.inverse).document)).toBe(JSON.stringify(led('page:services')));
    // A heading is no button.
    const heading = { ...action, path: 'heading' };
    expect(validateDocument(apply(site, { op: 'setTarget', at: heading, to: 'page:services' }).document)).not.toEqual(
      [],
    );
    expect(() => apply(site, { op: 'setTarget', at: { ...action, path: 'nothing' }, to: null })).toThrowError(
      /no button/,
    );
  });

  it('is another thing than its words for two people at once', () => {
    const words: Operation = { op: 'setText', at: action, text: { value: 'Come by', from: { kind: 'client' } } };
    const target: Operation = { op: 'setTarget', at: action, to: 'page:services' };
    const there = apply(site, words);
    const mine = rebase(site, target, words);
    if (!('operation' in mine)) return fail(`they meet at ${JSON.stringify(mine)}`);
    const both = apply(there.document, mine.operation).document;
    expect(textAt(both, action)!.value).toBe('Come by');
    expect(targetOfButton(textAt(both, action)!)).toBe('page:services');
  });

  it('leads where its place does once its page is gone, which is a check with a mend', () => {
    const gone = apply(led('page:services'), { op: 'removePage', page: 'services' }).document;
    expect(hrefOf(gone)).toBe(byItself);
    const check = pageChecks(gone).find((c) => c.kind === 'link' && c.path === 'action')!;
    expect(check.words).toContain('not on the site any more');
    const mended = check.mend!.operations.reduce((now, o) => apply(now, o).document, gone);
    expect(pageChecks(mended).some((c) => c.kind === 'link' && c.path === 'action')).toBeFalse();
    expect(linksOf(gone, gone.pages[0]!).find((l) => l.part === `${opening!.id}/action`)).toEqual(
      jasmine.objectContaining({ dead: true }),
    );
    const there = led('page:services');
    expect(linksOf(there, there.pages[0]!)[0]).toEqual(
      jasmine.objectContaining({ leads: services.label, dead: false }),
    );
  });

  it('is told where two points differ in it alone', () => {
    const changes = changesTo(site, led('page:services'));
    expect(changes.length).toBe(1);
    expect(changes[0]!.after).toContain(`leads to ${services.label}`);
    expect(changes[0]!.before).not.toContain('leads to');
    expect(hrefOf(withSlip(site, changes))).toBe(`/${services.slug}/`);
  });

  it('stays behind where its section is laid in on another site', () => {
    const call = site.pages.flatMap((p) => p.sections).find((s) => s.shape.startsWith('call/'))!;
    const at = { section: call.id, path: 'action' };
    for (const [to, kept] of [
      ['page:services', null],
      ['https://quay.example/', 'https://quay.example/'],
    ] as const) {
      const there = apply(site, { op: 'setTarget', at, to }).document;
      const laid = apply(site, layIn(site, home.id, 1, asKept(there, call.id)!, true)!).document;
      const section = laid.pages[0]!.sections[1]!;
      expect(targetOfButton(textAt(laid, { section: section.id, path: 'action' })!)).toBe(kept);
      expect(validateDocument(laid)).toEqual([]);
    }
  });

  it('can be asked for, and is asked back where it is not said', () => {
    const asked = (said: string, on = {}) => ask(site, { said, on });
    const to = (said: string, on = {}) => {
      const reply = asked(said, on);
      return reply.kind === 'slip' ? reply.changes.map((c) => c.operation) : reply.kind;
    };
    expect(to('the button at the top should lead to the services page', { page: 'home' })).toEqual([
      { op: 'setTarget', at: action, to: 'page:services' },
    ]);
    expect(to('link this button to https://quay.example/book', { section: opening!.id, path: 'action' })).toEqual([
      { op: 'setTarget', at: action, to: 'https://quay.example/book' },
    ]);
    const file = { id: 'list', title: 'Winter list', ending: 'pdf' as const, bytes: 9, hash: 'a'.repeat(64) };
    const withFile = apply(site, { op: 'putFile', file }).document;
    const reply = ask(withFile, { said: 'let this button lead to the winter list', on: { section: opening!.id } });
    expect(reply.kind === 'slip' && reply.changes[0]!.operation).toEqual({
      op: 'setTarget',
      at: action,
      to: 'file:list',
    });
    expect(asked('where should the button lead', { page: 'home' }).kind).not.toBe('slip');
  });
});
