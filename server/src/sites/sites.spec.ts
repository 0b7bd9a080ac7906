import type { Problem } from '@tin-porch/core/ground';
import type { Section } from '@tin-porch/core/model';
import { apply, type Operation } from '@tin-porch/core/operations';
import { addSection, offersFor, ownPage, writeVersion } from '@tin-porch/core/making';
import { summaryOf } from '@tin-porch/core/care';
import { demoFacts } from '@tin-porch/core/fixtures';
import { Accounts } from '../accounts/accounts.js';
import { realDatabase } from '../testing/real-database.js';
import { KeptSections } from './kept-sections.js';
import { Sites } from './sites.js';

describe('sites and their history', () => {
  let test: Awaited<ReturnType<typeof realDatabase>>;
  let sites: Sites;
  let ines: { id: string; name: string; organisation: string };
  /** A second person at work. */
  let tom: { id: string; name: string; organisation: string };
  let id: string;
  const phone = (value: string): Operation => ({ op: 'setFact', field: 'phone', value });
  const phoneNow = async () => (await sites.get(id))!.document.facts.phone;
  const refusal = (work: Promise<unknown>) =>
    work.then(
      () => null,
      (error: Problem) => error,
    );

  beforeAll(async () => {
    test = await realDatabase();
    sites = new Sites(test.db);
    await new Accounts(test.db).put('ines@tinporch.example', 'Ines', 'a-dry-place-to-work');
    await new Accounts(test.db).put('other@tinporch.example', 'Other', 'another-dry-place');
    const { rows } = await test.db.query<{ id: string; organisation: string }>(
      'select id, organisation from account order by name',
    );
    [ines, tom] = [
      { ...rows[0]!, name: 'Ines' },
      { ...rows[1]!, name: 'Tom' },
    ];
  });
  afterAll(() => test.end());
  beforeEach(async () => {
    ({ id } = await sites.create(ines.organisation, { name: 'Tolliver & Son' }));
  });

  it('is seen as it was at any step, whatever was taken back since, and a point can have a name', async () => {
    const before = (await sites.get(id))!.document;
    const seen = [before];
    for (const value of ['1', '2', '3']) {
      await sites.log.change(id, phone(value), ines);
      seen.push((await sites.get(id))!.document);
    }
    await sites.log.step(id, 'undo', ines);
    await sites.log.change(id, phone('4'), tom);
    for (const [step, document] of seen.entries()) expect(await sites.log.documentAt(id, step)).toEqual(document);
    expect((await sites.log.documentAt(id, 5)).facts.phone).toBe('4');
    expect((await refusal(sites.log.documentAt(id, 6)))?.status).toBe(404);
    expect(await sites.log.namePoint(id, 2, ' Shown to the client ', ines)).toBe('Shown to the client');
    expect((await sites.log.history(id)).map((l) => l.name)).toEqual([null, null, null, 'Shown to the client', null]);
    expect(await sites.log.namePoint(id, 2, '', tom)).toBeNull();
    expect((await sites.log.history(id, 2)).map((l) => [l.seq, l.name])).toEqual([
      [5, null],
      [4, null],
    ]);
    expect((await refusal(sites.log.namePoint(id, 9, 'Nowhere', ines)))?.status).toBe(404);
  });

  it('keeps sections for other sites of the organisation that put them by, and for nobody else', async () => {
    const kept = new KeptSections(test.db);
    const written = apply((await sites.get(id))!.document, writeVersion(demoFacts, 1)).document;
    const [opener, second] = written.pages[0]!.sections;
    await kept.keep(ines, written, opener!.id);
    const newest = await kept.keep(ines, written, second!.id);
    const [line, ...others] = await kept.list(ines.organisation);
    expect([line?.id, line?.kept.section.shape, line?.by, others.length]).toEqual([newest, second!.shape, 'Ines', 1]);
    expect(line!.kept.section.content).toEqual(jasmine.objectContaining({ heading: jasmine.anything() }) as never);
    expect(await kept.list(tom.organisation)).toEqual([]);
    expect((await refusal(kept.forget(tom.organisation, newest)))?.status).toBe(404);
    expect((await refusal(kept.keep(ines, written, written.header!.id)))?.status).toBe(409);
    await kept.forget(ines.organisation, newest);
    expect((await kept.list(ines.organisation)).map((l) => l.kept.section.shape)).toEqual([opener!.shape]);
  });

  it('gives two clients of one name an address each', async () => {
    const other = await sites.create(ines.organisation, { name: 'Tolliver & Son' });
    expect(other.id).not.toBe(id);
    expect(other.temporary).not.toBe((await sites.get(id))!.temporary);
  });

  it('shows a site to its own organisation only', async () => {
    expect((await refusal(sites.of(tom.organisation, id)))?.status).toBe(404);
    expect((await refusal(sites.of(ines.organisation, "x'; drop table site; --")))?.status).toBe(404);
    expect((await sites.of(ines.organisation, id)).id).toBe(id);
  });

  it('takes changes back and puts them back, in order, and forgets what was undone after a new change', async () => {
    for (const value of ['1', '2', '3']) await sites.log.change(id, phone(value), ines);
    await sites.log.step(id, 'undo', ines);
    await sites.log.step(id, 'undo', ines);
    expect(await phoneNow()).toBe('1');
    await sites.log.step(id, 'redo', ines);
    expect(await phoneNow()).toBe('2');
    await sites.log.change(id, phone('4'), ines);
    expect((await refusal(sites.log.step(id, 'redo', ines)))?.status).toBe(409);
    const lines = await sites.log.history(id);
    const { canUndo, canRedo } = await sites.log.canStep(id, ines.id);
    expect(lines.map((l) => l.kind)).toEqual(['do', 'redo', 'undo', 'undo', 'do', 'do', 'do']);
    expect([canUndo, canRedo]).toEqual([true, false]);
    for (let n = 0; n < 3; n++) await sites.log.step(id, 'undo', ines);
    expect(await phoneNow()).toBe('');
    expect((await refusal(sites.log.step(id, 'undo', ines)))?.status).toBe(409);
  });

  it('keeps every change of two people who write at once', async () => {
    await Promise.all(
      Array.from({ length: 12 }, (_, n) =>
        sites.log.change(id, { op: 'setFact', field: n % 2 ? 'phone' : 'place', value: String(n) }, ines),
      ),
    );
    const site = (await sites.get(id))!;
    expect(site.head).toBe(12);
    const { rows } = await test.db.query<{ seq: number }>('select seq from operation where site = $1 order by seq', [
      id,
    ]);
    expect(rows.map((r) => r.seq)).toEqual(Array.from({ length: 12 }, (_, n) => n + 1));
  });

  it('takes a change once, however often it is sent', async () => {
    const sending = { id: '0a1b2c3d-0000-4000-8000-000000000001', tab: 'one', base: 0 };
    const heads = await Promise.all([1, 2, 3].map(() => sites.log.change(id, phone('1'), ines, sending)));
    expect(heads.map((h) => h.head)).toEqual([1, 1, 1]);
    expect((await sites.get(id))!.head).toBe(1);
  });

  it('does not let one tab overwrite unseen what another wrote into the same field', async () => {
    await sites.log.change(id, phone('from here'), ines, { tab: 'one', base: 0 });
    const other = await refusal(sites.log.change(id, phone('from there'), ines, { tab: 'two', base: 0 }));
    expect(other?.status).toBe(409);
    expect(other?.detail).toContain('“from here”');
    // Another field, the same tab again, and one that has seen it are none of that.
    await sites.log.change(id, { op: 'setFact', field: 'place', value: 'Strand' }, ines, { tab: 'two', base: 0 });
    await sites.log.change(id, phone('and on'), ines, { tab: 'one', base: 0 });
    await sites.log.change(id, phone('from there'), ines, { tab: 'two', base: 3 });
    expect(await phoneNow()).toBe('from there');
  });

  it('takes what a tab that went away left, but for what somebody wrote meanwhile, and tells of that', async () => {
    await sites.log.change(id, phone('from Tom'), tom, { tab: 'two', base: 0 });
    const left = [
      { operation: phone('from Ines'), tab: 'one', base: 0 },
      { operation: { op: 'setFact', field: 'place', value: 'Strand' } as const, tab: 'one', base: 0 },
    ];
    expect((await refusal(sites.log.changeEach(id, left, ines)))?.detail).toBe('Tom wrote “from Tom”.');
    expect((await sites.get(id))!.document.facts.place).toBe('Strand');
    expect(await phoneNow()).toBe('from Tom');
    expect(await sites.log.changeEach(id, [{ operation: phone('seen'), tab: 'one', base: 2 }], ines)).toBe(3);
  });

  it('says both versions where two write the same, and whose the other is', async () => {
    await sites.log.change(id, phone('from Tom'), tom, { tab: 'two', base: 0 });
    const no = await refusal(sites.log.change(id, phone('from Ines'), ines, { tab: 'one', base: 0 }));
    expect(no?.detail).toBe('Tom wrote “from Tom”.');
    expect(no?.more).toEqual({ overwritten: true, theirs: 'from Tom', mine: 'from Ines' });
    // Seen, it is theirs to decide.
    await sites.log.change(id, phone('from Ines'), ines, { tab: 'one', base: 1 });
    expect(await phoneNow()).toBe('from Ines');
  });

  it('reads a change anew over what others did since, and tells the change it became', async () => {
    ({ id } = await sites.create(ines.organisation, demoFacts));
    await sites.log.change(id, writeVersion(demoFacts, 1), ines);
    const { document, head } = (await sites.get(id))!;
    const [page] = document.pages;
    const ids = page!.sections.map((s) => s.id);
    const shape = offersFor(document, page!)[0]!.shape;
    // Somebody puts a section first, while the third is moved to the end here, and the second is taken out there.
    const theirs = addSection(document, page!.id, shape, 0) as Operation & { section: Section };
    await sites.log.change(id, theirs, tom, { tab: 'two', base: head });
    await sites.log.change(id, { op: 'removeSection', section: ids[1]! }, tom, { tab: 'two', base: head });
    const mine: Operation = { op: 'moveSection', section: ids[2]!, page: page!.id, to: 1 };
    const taken = await sites.log.change(id, mine, ines, { tab: 'one', base: head });
    expect(taken.operation).toEqual({ ...mine, to: 2 });
    const now = (await sites.get(id))!.document.pages[0]!.sections.map((s) => s.id);
    expect(now).toEqual([theirs.section.id, ids[0]!, ids[2]!, ...ids.slice(3)]);
    // What one took out the other cannot write into.
    const gone = await refusal(
      sites.log.change(id, { op: 'setShape', section: ids[1]!, shape: page!.sections[1]!.shape }, ines, {
        tab: 'one',
        base: head,
      }),
    );
    expect([gone?.status, gone?.detail]).toEqual([409, 'Tom changed the same thing: Took a section out.']);
  });

  it('takes back what one did oneself, under what others did since', async () => {
    await sites.log.change(id, phone('1'), ines);
    await sites.log.change(id, { op: 'setFact', field: 'place', value: 'Strand' }, tom);
    await sites.log.change(id, { op: 'setFact', field: 'address', value: '2 Quay' }, tom);
    await sites.log.step(id, 'undo', ines);
    const facts = async () => {
      const { phone: p, place, address } = (await sites.get(id))!.document.facts;
      return [p, place, address].join('|');
    };
    expect(await facts()).toBe('|Strand|2 Quay');
    await sites.log.step(id, 'undo', tom);
    expect(await facts()).toBe('|Strand|');
    await sites.log.step(id, 'redo', ines);
    expect(await facts()).toBe('1|Strand|');
    expect((await refusal(sites.log.step(id, 'redo', ines)))?.title).toBe('There is nothing to redo');
    await sites.log.step(id, 'redo', tom);
    expect(await facts()).toBe('1|Strand|2 Quay');
    const [hers, his] = await Promise.all([ines, tom].map((who) => sites.log.canStep(id, who.id)));
    expect([hers!.canUndo, hers!.canRedo, his!.canUndo, his!.canRedo]).toEqual([true, false, true, false]);
  });

  it('takes back one’s own however much of it there was', async () => {
    for (const value of ['1', '2']) await sites.log.change(id, phone(value), ines);
    // Hundreds of changes, each taken back again.
    await test.db.query(
      `insert into operation (site, seq, kind, of, op, inverse, by, author, taken_back)
       select o.site, 2 + 2 * n - k, case k when 1 then 'do' else 'undo' end, case k when 0 then 1 + 2 * n end,
         case k when 1 then o.op else o.inverse end, case k when 1 then o.inverse else o.op end, o.by, o.author,
         case k when 1 then 2 + 2 * n end
       from operation o, generate_series(1, 300) n, generate_series(0, 1) k where o.site = $1 and o.seq = 2`,
      [id],
    );
    await test.db.query('update site set head = 602 where id = $1', [id]);
    await sites.log.step(id, 'undo', ines);
    expect(await phoneNow()).toBe('1');
    await sites.log.step(id, 'undo', ines);
    expect(await phoneNow()).toBe('');
    // What somebody else did in between, and so much since, cannot be told.
    await sites.log.change(id, { op: 'setFact', field: 'place', value: 'Strand' }, tom);
    expect((await refusal(sites.log.change(id, phone('3'), ines, { base: 1, tab: 'one' })))?.detail).toContain(
      'Too much',
    );
  });

  it('does not take back what somebody else wrote over, and does once that is taken back', async () => {
    await sites.log.change(id, phone('1'), ines);
    await sites.log.change(id, phone('2'), tom);
    const no = await refusal(sites.log.step(id, 'undo', ines));
    expect([no?.status, no?.title]).toEqual([409, 'Somebody wrote there meanwhile']);
    expect(await phoneNow()).toBe('2');
    await sites.log.step(id, 'undo', tom);
    await sites.log.step(id, 'undo', ines);
    expect(await phoneNow()).toBe('');
  });

  it('writes down who made a change, with what, and what they knew', async () => {
    await sites.log.change(id, phone('1'), tom, { part: 'ask', base: 0 });
    const { rows } = await test.db.query('select author, by, part, base from operation where site = $1', [id]);
    expect(rows).toEqual([{ author: tom.id, by: 'Tom', part: 'ask', base: 0 }]);
    expect((await sites.log.history(id))[0]).toEqual(
      jasmine.objectContaining({ by: 'Tom', part: 'ask', words: 'Changed “Phone”' }),
    );
  });

  it('reads what another server wrote, also where a change here failed half way', async () => {
    const elsewhere = new Sites(test.db);
    await sites.log.change(id, phone('1'), ines);
    expect((await elsewhere.get(id))!.document.facts.phone).toBe('1');
    // A change that is refused at its end leaves nothing of it behind.
    expect((await refusal(sites.log.change(id, phone('x'.repeat(41)), ines)))?.status).toBe(422);
    await elsewhere.log.change(id, phone('2'), tom);
    expect(await phoneNow()).toBe('2');
    await sites.log.change(id, { op: 'setFact', field: 'place', value: 'Strand' }, ines);
    const [here, there] = await Promise.all([sites.get(id), elsewhere.get(id)]);
    expect(here!.document).toEqual(there!.document);
    expect([here!.head, here!.document.facts.phone, here!.document.facts.place]).toEqual([3, '2', 'Strand']);
    // And what is kept is what is stored.
    const { rows } = await test.db.query<{ document: unknown }>('select document from site where id = $1', [id]);
    expect(rows[0]!.document).toEqual(JSON.parse(JSON.stringify(here!.document)));
  });

  it('keeps a summary beside each document, from which lists are made', async () => {
    await sites.log.change(id, writeVersion((await sites.get(id))!.document.facts, 1), ines);
    const [row] = await sites.list(ines.organisation);
    const site = (await sites.get(id))!;
    expect(Object.keys(row!)).not.toContain('document');
    expect(row!.summary).toEqual(summaryOf(site.document));
    expect(row!.summary.pages).toBe(site.document.pages.length);
    await test.db.query('update site set summary = null where id = $1', [id]);
    await sites.summarise();
    expect((await sites.headOf(ines.organisation, id)).summary).toEqual(row!.summary);
  });

  it('takes back the change that is named, or none', async () => {
    for (const value of ['1', '2']) await sites.log.change(id, phone(value), ines);
    expect((await refusal(sites.log.step(id, 'undo', ines, { of: 1 })))?.status).toBe(409);
    await sites.log.step(id, 'undo', ines, { of: 2 });
    expect(await phoneNow()).toBe('1');
  });

  it('takes nothing back that came after the step whoever asks knows of', async () => {
    const place = { op: 'setFact', field: 'place', value: 'Strand' } as const;
    await sites.log.change(id, phone('1'), ines);
    await sites.log.change(id, place, ines);
    // Pressed before the place was typed, and here after it: the phone goes, what was typed on stays.
    await sites.log.step(id, 'undo', ines, { base: 1 });
    const { facts } = (await sites.get(id))!.document;
    expect([facts.phone, facts.place]).toEqual(['', 'Strand']);
    // Nothing that stands is older than the first step; and what was typed over what is to go is not lost with it.
    expect((await refusal(sites.log.step(id, 'undo', ines, { base: 0 })))?.title).toBe('There is nothing to undo');
    await sites.log.change(id, phone('2'), ines);
    await sites.log.change(id, phone('3'), ines);
    expect((await refusal(sites.log.step(id, 'undo', ines, { base: 4 })))?.title).toBe(
      'Somebody wrote there meanwhile',
    );
    expect(await phoneNow()).toBe('3');
    await sites.log.step(id, 'undo', ines, { base: 5 });
    expect(await phoneNow()).toBe('2');
  });

  it('calls what was taken back by the name of the change, not of its inverse', async () => {
    await sites.log.change(id, writeVersion((await sites.get(id))!.document.facts, 1), ines);
    await sites.log.change(id, ownPage((await sites.get(id))!.document, 'Rigging'), ines);
    await sites.log.step(id, 'undo', ines);
    const lines = await sites.log.history(id);
    expect(lines[0]).toEqual(jasmine.objectContaining({ kind: 'undo', words: 'Added the page Rigging' }));
  });

  it('names what stands between two steps, newest first, without what was taken back', async () => {
    await sites.log.change(id, phone('1'), ines);
    await sites.log.change(id, { op: 'setFact', field: 'place', value: 'Strand' }, ines);
    await sites.log.change(id, { op: 'setFact', field: 'address', value: 'x' }, ines);
    await sites.log.step(id, 'undo', ines);
    const since = (head: number, until: number, kept: number[] = []) =>
      sites.log.changesSince({ site: id, head, kept }, until);
    expect(await since(0, 4)).toEqual(['Changed “Place”', 'Changed “Phone”']);
    expect(await since(1, 2)).toEqual(['Changed “Place”']);
    expect(await since(0, 4, [2])).toEqual(['Changed “Phone”']);
  });

  it('tells what was done since a step, from which the document of that step becomes that of now', async () => {
    await sites.log.change(id, phone('1'), ines);
    const before = (await sites.get(id))!;
    await sites.log.change(id, writeVersion(before.document.facts, 2), ines);
    await sites.log.change(id, phone('2'), ines);
    await sites.log.step(id, 'undo', ines);
    await sites.log.step(id, 'undo', ines);
    await sites.log.step(id, 'redo', ines);
    const now = (await sites.get(id))!;
    const since = (await sites.log.since(now, before.head))!;
    expect(since.length).toBe(5);
    const made = since.reduce((document, operation) => apply(document, operation).document, before.document);
    expect(made).toEqual(now.document);
    expect(await sites.log.since(now, now.head)).toEqual([]);
    // A step that is not there yet, and one so long ago that the document is less.
    expect(await sites.log.since(now, now.head + 1)).toBeNull();
    for (let n = 0; n < 41; n++) await sites.log.change(id, phone(String(n)), ines);
    expect(await sites.log.since((await sites.get(id))!, now.head)).toBeNull();
  });

  it('gives a domain to one of two sites that ask at once, and to nobody else what another organisation holds', async () => {
    const other = await sites.create(ines.organisation, { name: 'Tolliver & Son' });
    const both = await Promise.allSettled([
      sites.setDomain(id, 'one.example'),
      sites.setDomain(other.id, 'one.example'),
    ]);
    expect(both.map((b) => b.status).sort()).toEqual(['fulfilled', 'rejected']);
    await sites.hold('held.example', ines.organisation);
    const theirs = await sites.create(tom.organisation, { name: 'Elsewhere' });
    expect((await refusal(sites.setDomain(theirs.id, 'held.example')))?.status).toBe(409);
    await sites.setDomain(id, 'held.example');
    expect((await sites.get(id))!.domain).toBe('held.example');
  });

  it('takes over what a server really serves, unless it was changed here meanwhile', async () => {
    const before = { id, liveRelease: null, open: false, engine: null };
    const served = { liveRelease: 'r-1', open: true, engine: 4 };
    expect(await sites.takeOver(before, before)).toBeFalse();
    expect(await sites.takeOver(before, served)).toBeTrue();
    const now = (await sites.get(id))!;
    expect([now.liveRelease, now.open, now.publishedAt !== null]).toEqual(['r-1', true, true]);
    expect(await sites.takeOver(before, { ...served, liveRelease: 'r-2' })).toBeFalse();
    expect((await sites.get(id))!.liveRelease).toBe('r-1');
    // Its people changed something: another version drew the same release there.
    expect(await sites.takeOver({ id, ...served }, { ...served, engine: 5 })).toBeTrue();
  });

  it('refuses what is no operation, names what is not there, or would not fit, and changes nothing', async () => {
    const before = (await sites.get(id))!;
    const bad: [unknown, number][] = [
      [{ op: 'setFact', field: 'phone' }, 400],
      [
        { op: 'setText', at: { section: 's1', path: 'heading' }, text: { value: 'x', from: { kind: 'designer' } } },
        409,
      ],
      [{ op: 'setFact', field: 'phone', value: '1'.repeat(41) }, 422],
      [{ op: 'batch', operations: [phone('5'), { op: 'setSeo', page: 'home', field: 'title', text: null }] }, 409],
    ];
    for (const [operation, status] of bad)
      expect((await refusal(sites.log.change(id, operation, ines)))?.status)
        .withContext(JSON.stringify(operation))
        .toBe(status);
    const after = (await sites.get(id))!;
    expect([after.head, JSON.stringify(after.document)]).toEqual([before.head, JSON.stringify(before.document)]);
  });

  it('refuses a domain that another site has, in words', async () => {
    await sites.setDomain(id, 'tolliver.example');
    const other = await sites.create(ines.organisation, { name: 'Late' });
    const no = await refusal(sites.setDomain(other.id, 'tolliver.example'));
    expect(no?.status).toBe(409);
    expect(no?.detail).toContain('tolliver.example');
  });

  it('reads path and state off what is known', async () => {
    const stages = async () => (await sites.states.of((await sites.get(id))!)).path.map((s) => s.state).join(' ');
    expect(await stages()).toMatch(/^needs none none/);
    await sites.log.change(
      id,
      { op: 'setServices', services: [{ id: 'v1', name: 'Ridges', detail: '', price: '' }] },
      ines,
    );
    expect(await stages()).toMatch(/^done needs none/);
    await sites.log.change(id, writeVersion((await sites.get(id))!.document.facts, 1), ines);
    expect(await stages()).toMatch(/^done done done/);
    expect((await sites.states.of((await sites.get(id))!)).chip.words).toBe('Being made');
  });
});
