import fc from 'fast-check';
import type { Problem } from '@tin-porch/core/ground';
import { demoFacts, photograph } from '@tin-porch/core/fixtures';
import { addItem, allTexts, listsOf, ownPage, writeVersion } from '@tin-porch/core/making';
import type { SiteDocument } from '@tin-porch/core/model';
import type { Operation } from '@tin-porch/core/operations';
import { validateDocument } from '@tin-porch/core/validate';
import { Accounts } from '../accounts/accounts.js';
import { Sites } from '../sites/sites.js';
import type { SiteHead } from '../sites/site-row.js';
import { realDatabase } from '../testing/real-database.js';
import { Staging } from './staging.js';

describe('a staging copy', () => {
  let test: Awaited<ReturnType<typeof realDatabase>>;
  let sites: Sites;
  let staging: Staging;
  let ines: { id: string; name: string; organisation: string };
  let original: string;
  let copy: string;
  const fact = (field: 'phone' | 'strapline' | 'place', value: string): Operation => ({ op: 'setFact', field, value });
  const at = async (id: string) => (await sites.get(id))!;
  const head = async (id: string): Promise<SiteHead> => sites.headOf(ines.organisation, id);
  const change = (id: string, operation: Operation) => sites.log.change(id, operation, ines);
  const state = async () => staging.state(await head(copy));
  const bring = async (theirs: number[] = [], both: number[] = [], heads?: { copy: number; original: number }) =>
    staging.bringBack(await head(copy), heads ?? (await state()).heads, { theirs, both }, ines);
  const refusal = (work: Promise<unknown>) =>
    work.then(
      () => null,
      (error: Problem) => error,
    );
  const but = ({ id: _, ...rest }: SiteDocument) => rest;
  /** Both say the same, and nothing is left to bring. */
  const same = async () => {
    expect(but((await at(copy)).document)).toEqual(but((await at(original)).document));
    expect(validateDocument((await at(original)).document)).toEqual([]);
    const now = await state();
    expect([now.tried, now.meanwhile, now.parts]).toEqual([[], [], []]);
  };
  /** A heading of three words or more, and where it stands. */
  const heading = async () => {
    const { document } = await at(original);
    return allTexts(document).find((t) => t.text.value.split(' ').length > 6)!;
  };
  const text = (section: string, path: string, value: string): Operation => ({
    ...{ op: 'setText', at: { section, path }, text: { value, from: { kind: 'designer' } } },
  });

  beforeAll(async () => {
    test = await realDatabase();
    sites = new Sites(test.db);
    staging = new Staging(test.db, sites);
    await new Accounts(test.db).put('ines@tinporch.example', 'Ines', 'a-dry-place-to-work');
    const { rows } = await test.db.query<{ id: string; organisation: string }>('select id, organisation from account');
    ines = { ...rows[0]!, name: 'Ines' };
    await test.db.query(
      `insert into server (name, address, http_port, https_port, temporary_base, temporary_port, control_url)
       values ('quay', '127.0.0.2', 80, 443, 'quay.test', 8712, 'https://127.0.0.2:9012')`,
    );
  });
  afterAll(() => test.end());
  beforeEach(async () => {
    ({ id: original } = await sites.create(ines.organisation, demoFacts));
    await change(original, writeVersion(demoFacts, 1));
    await change(original, fact('phone', '01632 960 001'));
    await sites.setServer(original, 'quay');
    ({ id: copy } = await staging.make(await at(original), 'The copy'));
  });

  it('is as the site is, knows what it is of, and is meant for the same server; there is none of a copy', async () => {
    const made = await at(copy);
    expect([made.stagingOf, made.server, made.called, made.open, made.domain]).toEqual([
      original,
      'quay',
      'The copy',
      false,
      null,
    ]);
    expect(await staging.of(original)).toEqual([{ id: copy, name: 'The copy' }]);
    expect((await state()).of).toEqual({ id: original, name: demoFacts.name });
    await same();
    expect((await refusal(staging.make(made, 'Once more')))?.title).toBe('It is a staging copy itself');
    expect((await refusal(staging.state(await head(original))))?.status).toBe(404);
  });

  it('has what was tried on it brought back as one change, after what was changed in the site meanwhile', async () => {
    const { section, path } = await heading();
    await change(copy, fact('strapline', 'Tried first'));
    await change(copy, fact('strapline', 'Tried last'));
    await change(copy, text(section.id, path, 'Written on the copy.'));
    await change(copy, fact('place', 'Taken back'));
    await sites.log.step(copy, 'undo', ines);
    await change(original, fact('phone', '01632 960 002'));
    const { tried, meanwhile, parts } = await state();
    expect(tried.length).withContext(tried.join()).toBe(2);
    expect(tried[0]).toMatch(/^Reworded|^Wrote|text|words/i);
    expect([meanwhile.length, parts]).toEqual([1, []]);
    const before = await at(original);
    const { head: step, brought } = await bring();
    expect(brought).toBe(3);
    const after = await at(original);
    expect([step, after.head]).toEqual([before.head + 1, before.head + 1]);
    expect([after.document.facts.strapline, after.document.facts.phone, after.document.facts.place]).toEqual([
      'Tried last',
      '01632 960 002',
      before.document.facts.place,
    ]);
    expect(JSON.stringify(after.document)).toContain('Written on the copy.');
    expect((await sites.log.history(original, 1))[0]!.name).toBe('With what was tried on “The copy”');
    await same();
    // Taken back in one.
    await sites.log.step(original, 'undo', ines);
    expect((await at(original)).document).toEqual(before.document);
  });

  it('goes on after that: what is tried next is brought back again, and a second copy knows nothing of it', async () => {
    const other = await staging.make(await at(original), 'Another');
    await change(copy, fact('strapline', 'First'));
    await bring();
    await change(copy, fact('strapline', 'Second'));
    await change(original, fact('place', 'Saltmarrow Quay'));
    expect((await state()).tried.length).toBe(1);
    await bring();
    await same();
    expect((await at(original)).document.facts.strapline).toBe('Second');
    const { tried, meanwhile } = await staging.state(await head(other.id));
    expect([tried.length, meanwhile.length]).toEqual([0, 2]);
    expect((await staging.of(original)).map((c) => c.name)).toEqual(['Another', 'The copy']);
  });

  it('asks about what both changed: the copy’s, the site’s, or both word by word; and not where both say the same', async () => {
    const { section, path, text: was } = await heading();
    const words = was.value.split(' ');
    const with1 = ['Mornings', ...words.slice(1)].join(' ');
    const with2 = [...words.slice(0, -1), 'evenings.'].join(' ');
    await change(copy, text(section.id, path, with1));
    await change(original, text(section.id, path, with2));
    await change(copy, fact('phone', 'of the copy'));
    await change(original, fact('phone', 'of the site'));
    await change(copy, fact('place', 'Brinegate'));
    await change(original, fact('place', 'Brinegate'));
    const { parts } = await state();
    expect(parts.map((p) => [p.live, p.draft])).toEqual([
      [with1, with2],
      ['of the copy', 'of the site'],
    ]);
    expect(parts[0]!.both).toBe(['Mornings', ...words.slice(1, -1), 'evenings.'].join(' '));
    expect((await refusal(bring([], [1])))?.title).toBe('Both cannot be had of that');
    await bring([1], [0]);
    const { document } = await at(original);
    expect(document.facts.phone).toBe('of the copy');
    expect(JSON.stringify(document)).toContain(parts[0]!.both!);
    await same();

    await change(copy, fact('phone', 'of the copy again'));
    await change(original, fact('phone', 'of the site again'));
    // What nobody chose is as it is in the site, and the copy takes that over.
    expect((await bring()).brought).toBe(0);
    expect((await at(copy)).document.facts.phone).toBe('of the site again');
    await same();
  });

  it('brings nothing that was not looked at: where either went on meanwhile, it is refused and both stay', async () => {
    await change(copy, fact('phone', 'tried'));
    const { heads } = await state();
    for (const id of [copy, original]) {
      await change(id, fact('strapline', 'meanwhile'));
      const both = [await at(copy), await at(original)];
      const no = await refusal(bring([], [], heads));
      expect([no?.status, no?.title]).toEqual([409, 'The site has changed meanwhile']);
      expect((await refusal(staging.renew(await head(copy), heads, ines)))?.status).toBe(409);
      expect([await at(copy), await at(original)]).toEqual(both);
    }
    // One of two at once comes through, and the other hears of it.
    const now = (await state()).heads;
    const came = await Promise.all([refusal(bring([], [], now)), refusal(bring([], [], now))]);
    expect(came.filter((c) => c === null).length).toBe(1);
    expect(came.find((c) => c !== null)!.status).toBe(409);
    await same();
    expect((await refusal(bring()))?.title).toBe('Nothing was changed on the copy');
  });

  it('begins anew from the site, with what was tried in its history', async () => {
    await change(copy, fact('phone', 'tried'));
    const tried = (await head(copy)).head;
    await change(original, fact('place', 'Brinegate'));
    await staging.renew(await head(copy), (await state()).heads, ines);
    await same();
    expect((await sites.log.documentAt(copy, tried)).facts.phone).toBe('tried');
    expect((await refusal(staging.renew(await head(copy), (await state()).heads, ines)))?.title).toBe(
      'The copy is as the site is',
    );
  });

  it('brings pages, sections and pictures that were made on it, and takes over those of the site', async () => {
    const hash = (letter: string) => letter.repeat(64);
    const picture = (id: string, letter: string): Operation => ({
      op: 'putMedium',
      medium: photograph(id, id, {
        renditions: [{ type: 'image/jpeg', width: 900, height: 600, hash: hash(letter), bytes: 9 }],
      }),
    });
    for (const [site, letter] of [
      [copy, 'a'],
      [original, 'b'],
    ] as const)
      await test.db.query(
        `with b as (insert into picture_bytes (hash, type, bytes) values ($2, 'image/jpeg', 'x') on conflict do nothing)
         insert into site_picture (site, hash) values ($1, $2)`,
        [site, hash(letter)],
      );
    const put = picture('m-copy', 'a');
    const sent = await refusal(change(copy, put));
    expect(sent).withContext(String(sent?.detail)).toBeNull();
    await change(original, picture('m-site', 'b'));
    const { document } = await at(copy);
    await change(copy, ownPage(document, 'Moorings'));
    const list = document.pages.flatMap((p) => p.sections).flatMap((s) => listsOf(s).map((l) => ({ s, l })))[0]!;
    await change(copy, addItem(list.s, list.l.field, 'newone'));
    const pages = document.pages.length;
    await bring();
    await same();
    const { document: now } = await at(original);
    expect(now.pages.length).toBe(pages + 1);
    expect(now.media.filter((m) => /^m-/.test(m.id)).map((m) => m.id)).toEqual(
      jasmine.arrayWithExactContents(['m-copy', 'm-site']),
    );
    const { rows } = await test.db.query('select hash from site_picture where site = $1', [original]);
    expect(rows.length).toBe(2);
  });

  it('becomes a site of its own where that is said, or where its site goes', async () => {
    await change(copy, fact('phone', 'tried'));
    await staging.part(await head(copy));
    expect([(await at(copy)).stagingOf, await staging.of(original)]).toEqual([null, []]);
    expect((await refusal(state()))?.status).toBe(404);
    expect((await at(copy)).document.facts.phone).toBe('tried');
    const second = await staging.make(await at(original), 'Second');
    await test.db.query('delete from site where id = $1', [original]);
    expect((await at(second.id)).stagingOf).toBeNull();
  });

  it('comes to the same as its site whatever was changed on both, and nothing of the site’s is written over unasked', async () => {
    const told = { brought: 0, decided: 0 };
    await fc.assert(
      fc.asyncProperty(
        fc.array(
          fc.record({
            there: fc.boolean(),
            what: fc.constantFrom('phone', 'strapline', 'text', 'page', 'move', 'undo'),
            n: fc.nat(5),
          }),
          { minLength: 1, maxLength: 12 },
        ),
        fc.boolean(),
        async (steps, theirs) => {
          const { id } = await sites.create(ines.organisation, demoFacts);
          await change(id, writeVersion(demoFacts, 2));
          original = id;
          ({ id: copy } = await staging.make(await at(original), 'The copy'));
          for (const { there, what, n } of steps) {
            const on = there ? copy : original;
            const { document } = await at(on);
            const texts = allTexts(document);
            // Undone to the very beginning, there are neither pages nor words.
            if (!texts.length) continue;
            const one = texts[(n * 7) % texts.length]!;
            const operation =
              what === 'phone' || what === 'strapline'
                ? fact(what, `${on} ${n}`)
                : what === 'text'
                  ? text(one.section.id, one.path, `Written ${n} on ${there ? 'the copy' : 'the site'}`)
                  : what === 'page'
                    ? ownPage(document, `Page ${n}`)
                    : ({ op: 'movePage', page: document.pages[n % document.pages.length]!.id, to: 0 } as Operation);
            // What does not fit is not done.
            await (what === 'undo' ? sites.log.step(on, 'undo', ines) : change(on, operation)).catch(() => undefined);
          }
          const { tried, parts } = await state();
          const written = (await at(original)).document.facts;
          if (!tried.length) return;
          told.brought++;
          told.decided += parts.length;
          await bring(theirs ? parts.flatMap((p, n) => (p.there ? [n] : [])) : []);
          await same();
          const { facts } = (await at(original)).document;
          if (!theirs && steps.some((s) => !s.there && s.what === 'phone') && written.phone !== demoFacts.phone)
            expect(facts.phone).toBe(written.phone);
        },
      ),
      { numRuns: 25, seed: 33 },
    );
    expect(told.brought).toBeGreaterThan(12);
    expect(told.decided).toBeGreaterThan(5);
  });
});
