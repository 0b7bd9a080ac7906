import { demoFacts } from '../../fixtures/facts.js';
import { siteFrom } from '../../fixtures/measure-copy.js';
import { cellsOf, rowsOf, type Piece } from '../../look/shapes/hand-rows.js';
import { shapes } from '../../look/shapes/registry.gen.js';
import type { Section, SiteDocument } from '../../model/site.js';
import { apply, operationForward } from '../../operations/apply.js';
import { migrate } from '../../operations/forward/migrate.js';
import type { Operation } from '../../operations/operation.js';
import { findSection } from '../../operations/reach.js';
import { validateDocument } from '../../operations/validate.js';
import { renderPage } from '../../page/index.js';
import { picturePartsOf, switchPicture } from '../picture-places.js';
import { addItemUnder, choicesOf, itemAt, listsOf } from './lists.js';
import { otherKinds } from './other-kind.js';
import { addSection, offersFor } from './plan.js';

const site = siteFrom(demoFacts, 1);
const home = site.pages[0]!;
const made = apply(site, addSection(site, home.id, 'rows/open', 1)).document;
const of = (document: SiteDocument): Section => document.pages[0]!.sections[1]!;
const rows = of(made);
const pieces = (document: SiteDocument) => of(document).content['items'] as Piece[];
const html = (document: SiteDocument) => renderPage(document, home.id, { origin: 'https://s.example' })!;
const after = (...operations: Operation[]) => operations.reduce((now, o) => apply(now, o).document, made);
const choose = (piece: string, field: string, value: string): Operation => ({
  op: 'setChoice',
  at: { section: rows.id, path: `items.${piece}.${field}` },
  value,
});

describe('a section made by hand', () => {
  it('stands in rows of columns of pieces, whatever is said of the first and never more than four beside one another', () => {
    const as = (...places: string[]) =>
      rowsOf(places.map((place, n) => ({ id: `i${n}`, place }) as Piece)).map((row) =>
        row.map((column) => column.map((p) => p.id.slice(1)).join('')),
      );
    expect(as('below', 'below', 'beside')).toEqual([['01', '2']]);
    expect(as('row', 'beside', 'below', 'row', 'below')).toEqual([['0', '12'], ['34']]);
    expect(as('row', 'beside', 'beside', 'beside', 'beside', 'below')).toEqual([['0', '1', '2', '3'], ['45']]);
    expect(as()).toEqual([]);
  });

  it('is offered, laid in with what is to be written, and valid in each of its shapes', () => {
    expect(offersFor(site, home).map((o) => o.shape.split('/')[0])).toContain('rows');
    expect(validateDocument(made)).toEqual([]);
    for (const shape of Object.keys(shapes).filter((s) => s.startsWith('rows/'))) {
      const dressed = after({ op: 'setShape', section: rows.id, shape });
      expect(validateDocument(dressed)).toEqual([]);
      expect(html(dressed).match(/class="hand-column/g)!.length).toBe(2);
    }
    // What is not on a site costs it nothing.
    expect(html(site)).not.toContain('hand-');
  });

  it('takes choices that there are, and takes them back to the byte', () => {
    const [first, second] = pieces(made);
    const { document, inverse } = apply(made, choose(second!.id, 'place', 'row'));
    expect(html(document).match(/class="hand-row/g)!.length).toBe(2);
    expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(made));
    for (const [field, value] of [
      ['place', 'nowhere'],
      ['place', 'wide'],
      ['name', 'beside'],
      ['text', 'gap'],
      ['constructor', 'row'],
    ] as const)
      expect(() => apply(made, choose(first!.id, field, value)))
        .withContext(`${field} ${value}`)
        .toThrowError(/to choose/);
    expect(() => apply(made, choose('gone', 'place', 'row'))).toThrowError(/to choose/);
    // A name of a form is not a choice.
    const contact = made.pages.flatMap((p) => p.sections).find((s) => s.shape.startsWith('contact/'))!;
    expect(() =>
      apply(made, { op: 'setChoice', at: { section: contact.id, path: 'form' }, value: 'row' }),
    ).toThrowError(/to choose/);
  });

  it('shows what a piece is: words, a quote, the facts of the client, nothing', () => {
    const [first] = pieces(made);
    const piece = (as: string) => html(after(choose(first!.id, 'as', as)));
    expect(piece('quote')).toMatch(/<figure class="hand-piece"[^>]*>.*<blockquote/s);
    expect(piece('reach')).toContain(demoFacts.mail);
    expect(piece('gap')).toContain('hand-gap');
    expect(piece('gap')).not.toContain(first!.text.value);
    expect(html(after(choose(first!.id, 'width', 'even')))).not.toContain(' wide"');
  });

  it('draws a table from lines, its first line the head, and no row longer than that', () => {
    expect(cellsOf('Berth | Summer | Winter\n\nSmall | £40 | £30 | too much\n| Large | £60 |')).toEqual([
      ['Berth', 'Summer', 'Winter'],
      ['Small', '£40', '£30'],
      ['Large', '£60', ''],
    ]);
    expect(cellsOf('Berth\tPrice\nSmall\t£40')).toEqual([
      ['Berth', 'Price'],
      ['Small', '£40'],
    ]);
    expect(cellsOf('')).toEqual([]);
    const [first] = pieces(made);
    const drawn = html(
      after(choose(first!.id, 'as', 'table'), {
        op: 'setText',
        at: { section: rows.id, path: `items.${first!.id}.text` },
        text: { value: 'Berth | Price\nSmall |', from: { kind: 'designer' } },
      }),
    );
    expect(drawn).toMatch(/<th scope="col">Berth<\/th>\s*<th scope="col">Price<\/th>/);
    expect(drawn).toMatch(/<td>Small<\/td>\s*<td>–<\/td>/);
  });

  it('has the order and the weight it is given, each piece its own', () => {
    const [first, second] = pieces(made);
    const pictured = html(after(choose(first!.id, 'order', 'words')));
    const at = (words: string, of: string) => of.indexOf(words);
    const [words, picture] = [first!.text.value, '<img class="pic'];
    const [before, now] = [html(made), pictured].map((h) => h.slice(h.indexOf('rows-open')));
    expect(at(picture, before!)).toBeLessThan(at(words, before!));
    expect(at(picture, now!)).toBeGreaterThan(at(words, now!));
    expect(html(after(choose(second!.id, 'weight', 'large'))).match(/hand-large/g)!.length).toBe(1);
  });

  it('made before pieces had an order comes forward, and so do changes made to it then', () => {
    const old = structuredClone(made) as unknown as { schema: number; pages: SiteDocument['pages'] };
    old.schema = 8;
    const bare = ({ order: _, weight: __, ...piece }: Piece) => piece;
    const section = old.pages[0]!.sections[1]!;
    const items = section.content['items'] as Piece[];
    section.content['items'] = items.map(bare);
    const today = migrate(old);
    expect(today).toEqual(made);
    const insert: Operation = {
      op: 'insertItem',
      list: { section: rows.id, path: 'items' },
      item: { ...bare(items[0]!), id: 'back' },
      at: 0,
    };
    const done = apply(today, operationForward(insert, today)).document;
    expect(validateDocument(apply(today, insert).document)).not.toEqual([]);
    expect(validateDocument(done)).toEqual([]);
  });

  it('grows by a piece under another, which can have a picture, made where the site has none that fits', () => {
    const [first] = pieces(made);
    const list = listsOf(rows)[0]!;
    expect([list.one, list.items.length]).toEqual(['Piece', 3]);
    const grown = after(addItemUnder(rows, 'items', first!.id, 'new'));
    expect(pieces(grown).map((p) => p.id)[1]).toBe('new');
    const section = of(grown);
    const item = itemAt(section, 'items.new.text')!;
    expect(choicesOf(section, item).map((c) => [c.title, c.value])).toEqual([
      ['After the last', 'beside'],
      ['Its column', 'even'],
      ['It is', 'words'],
      ['First comes', 'picture'],
      ['Weight', 'even'],
    ]);
    // What stands first stands beside nothing.
    expect(choicesOf(section, itemAt(section, `items.${first!.id}.text`)!).map((c) => c.title)).not.toContain(
      'After the last',
    );
    const [place] = picturePartsOf(grown, section, item);
    expect(place!.picture.media).toBe('');
    const shown = apply(grown, switchPicture(grown, place!, 7));
    expect(validateDocument(shown.document)).toEqual([]);
    const { media } = pieces(shown.document)[1]!.picture;
    expect(shown.document.media.some((m) => m.id === media)).toBeTrue();
    expect(JSON.stringify(apply(shown.document, shown.inverse).document)).toBe(JSON.stringify(grown));
    const again = picturePartsOf(shown.document, of(shown.document), item)[0]!;
    expect(pieces(apply(shown.document, switchPicture(shown.document, again, 7)).document)[1]!.picture.media).toBe('');
  });

  it('can be made of a section that lists things, and the other way round, and keeps its words', () => {
    const listed = home.sections.find((s) => s.shape.startsWith('services/'))!;
    const offer = otherKinds(site, listed.id).find((o) => o.shape.startsWith('rows/'))!;
    const poured = apply(site, offer.operation).document;
    expect(validateDocument(poured)).toEqual([]);
    const section = findSection(poured, listed.id)!;
    const names = (listed.content['items'] as { name: { value: string } }[]).map((i) => i.name.value);
    expect((section.content['items'] as Piece[]).map((p) => p.name.value)).toEqual(names);
    const back = otherKinds(poured, listed.id).find((o) => o.shape.startsWith('services/'))!;
    const returned = findSection(apply(poured, back.operation).document, listed.id)!;
    expect((returned.content['items'] as Piece[]).map((i) => i.name.value)).toEqual(names);
  });
});
