import { drawReport, type CarePlan } from '@tin-porch/core/care';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { CarePlans } from './care-plans.js';
import { Printer } from './printing.js';
import { Reports } from './reports.js';

const PLAN: CarePlan = {
  ...{ name: 'Quiet water', price: 4500, currency: 'GBP', every: 'month', minutes: 60, rate: 4500 },
  ...{ includes: [], since: '2026-01', until: null },
};

describe('reports for clients', () => {
  let world: SmallWorld;
  let plans: CarePlans;
  let reports: Reports;
  let site: string;
  let printed = 0;
  let failing = false;
  const faults: string[] = [];
  const log = { error: (o: object) => void faults.push(String((o as { err: Error }).err.message)) };
  const paper = {
    pdf: (html: string) => {
      if (failing) return Promise.reject(new Error('no paper'));
      printed++;
      return Promise.resolve(Buffer.from(`%PDF- of ${html.length}`));
    },
  } as unknown as Printer;
  const by = { name: 'Ines', mail: 'ines@tinporch.example' };
  const whole = async () => (await world.sites.get(site))!;
  const sql = (text: string, values: unknown[] = []) => world.db.query(text, values);
  const letters = async () =>
    (await sql('select recipient, subject, body, html, sender, reply_to, files from outgoing order by recipient'))
      .rows as {
      recipient: string;
      subject: string;
      body: string;
      html: string;
      sender: string;
      reply_to: string;
      files: { name: string }[];
    }[];
  const NOW = new Date('2026-11-03T08:00:00Z');
  const wish = (over: object = {}) => ({ day: 2, to: ['ada@gant.example'], itself: true, ...over });

  beforeAll(async () => {
    world = await smallWorld();
    plans = new CarePlans(world.db);
    const { sites, servers, visits, db } = world;
    reports = new Reports(db, sites, servers, visits, plans, paper, { wake: () => undefined }, 'https://porch.example');
    site = await world.site('Gant & Daughters');
    await sql(
      `insert into release (id, site, head, manifest, files, bytes, live_at) values
       ('first', $1, 1, '{}', 1, 1, '2026-09-01T12:00:00Z'), ('a', $1, 1, '{}', 1, 1, '2026-10-01T00:00:00Z'),
       ('b', $1, 1, '{}', 1, 1, '2026-10-31T23:59:00Z'), ('c', $1, 1, '{}', 1, 1, '2026-11-01T00:00:00Z')`,
      [site],
    );
    await sql(`update site set published_at = '2026-09-01T12:00:00Z', live_release = 'c', open = true where id = $1`, [
      site,
    ]);
  });
  beforeEach(async () => {
    [printed, failing, faults.length] = [0, false, 0];
    for (const table of [
      'client_report',
      'outgoing',
      'visit_day',
      'watch_day',
      'outage',
      'finding',
      'job',
      'time_note',
    ])
      await sql(`delete from ${table}`);
    await plans.put(site, { plan: PLAN, report: wish(), buyer: null });
  });
  afterAll(() => world.end());

  it('tell what was written down of a month, to its last minute and no further', async () => {
    const detail = {
      byPage: { '/': 9, '/contact/': 4, '/nowhere/': 8 },
      from: { 'a.example': 3 },
      forms: 1,
      missing: {},
      machines: 2,
    };
    const devices = { phone: 1, tablet: 0, desktop: 1 };
    await sql(
      `insert into visit_day (site, day, visits, pages, detail) values ($1, '2026-09-01', 7, 7, null), ($1, '2026-09-30', 5, 9, null),
       ($1, '2026-10-01', 3, 9, $2), ($1, '2026-10-31', 4, 9, $2), ($1, '2026-11-01', 90, 90, $2)`,
      [site, JSON.stringify({ ...detail, devices })],
    );
    await sql(
      `insert into watch_day (site, day, looks, down, took_ms, timed) values ($1, '2026-10-01', 1440, 3, 60000, 1000),
       ($1, '2026-10-31', 1440, 0, 20000, 1000), ($1, '2026-11-01', 1440, 1440, 900000, 1)`,
      [site],
    );
    await sql(
      `insert into outage (site, server, cause, detail, places, began_at, ended_at) values
       ($1, 'quay', 'site', '', '{}', '2026-09-30T23:50:00Z', '2026-10-01T00:05:00Z'), ($1, 'quay', 'site', '', '{}', '2026-11-01T00:00:00Z', null)`,
      [site],
    );
    await sql(
      `insert into finding (site, key, severity, title, evidence, fix, step, first_seen, ended_at) values
       ($1, 'x', 'look', '', '', '', 'seo', '2026-09-01', '2026-10-02'), ($1, 'y', 'look', '', '', '', 'seo', '2026-10-01', null)`,
      [site],
    );
    await sql(
      `insert into job (site, kind, state, created_at, finished_at) values
       ($1, 'backup', 'done', '2026-10-01', '2026-10-01T01:40:00Z'), ($1, 'backup', 'done', '2026-10-01', '2026-10-01T23:00:00Z'),
       ($1, 'backup', 'failed', '2026-10-02', '2026-10-02T01:40:00Z'), ($1, 'backup', 'done', '2026-10-31', '2026-10-31T01:40:00Z'),
       ($1, 'certificate', 'done', '2026-10-20', '2026-10-20T01:40:00Z')`,
      [site],
    );
    const note = { minutes: 30, words: 'Prices', charge: 'plan' as const, by: 'Ines' };
    for (const [n, day] of ['2026-09-30', '2026-10-31', '2026-11-01'].entries())
      await plans.note(site, { ...note, id: `00000000-0000-4000-8000-00000000000${n}`, day });
    const f = await reports.facts(await whole(), '2026-10', { words: 'One\n\n Two ', plans: '' }, NOW);
    expect([f.visits.visits, f.before, f.visits.forms, f.mostRead]).toEqual([
      ...[7, { visits: 12 }, 2, { label: jasmine.any(String), times: 8 } as never],
    ]);
    expect(f.words).toEqual(['One', 'Two']);
    expect(f.done).toEqual({
      ...{ published: 2, edited: 0, mended: 1, certificate: true },
      work: [{ day: '2026-10-31', words: 'Prices' }],
    });
    expect(f.backups).toEqual({ proven: 2, nights: 31 });
    expect([f.up, f.answerMs]).toEqual([{ looks: 2880, down: 3, minutes: 5 }, 40]);
    expect(f.care).toEqual({ plan: 'Quiet water', used: 30, included: 60 });
    const until = async (expires: string) => {
      const domainSeen = { registration: { expires } } as never;
      const told = await reports.facts({ ...(await whole()), domainSeen }, '2026-10', { words: '', plans: '' }, NOW);
      return told.planned.domainEnds;
    };
    expect(
      await Promise.all(['2026-11-02', '2026-12-24', '2027-06-01'].map((day) => until(`${day}T00:00:00Z`))),
    ).toEqual([...[null, '2026-12-24', null]]);
    // A month that runs has only the nights it had.
    expect((await reports.facts(await whole(), '2026-11', { words: '', plans: '' }, NOW)).backups.nights).toBe(3);
    expect((await world.visits.month(site, '2026-10')).byDay.map((n) => n || '').join()).toBe(`3${','.repeat(30)}4`);
    expect((await world.visits.month(site, '2026-09')).before).toBeNull();
  });

  it('go out once, to everybody named, and stay as they went', async () => {
    await plans.put(site, { plan: null, report: wish({ to: ['b@gant.example', 'a@gant.example'] }), buyer: null });
    await reports.write(site, '2026-10', { words: 'A good month.', plans: 'New boats in spring' });
    const ends = await Promise.allSettled([1, 2, 3].map(async () => reports.send(await whole(), '2026-10', by, NOW)));
    expect(ends.filter((e) => e.status === 'fulfilled').length).toBe(1);
    const out = await letters();
    expect(out.map((l) => [l.recipient, l.subject, l.reply_to, l.files.map((f) => f.name)])).toEqual(
      ['a', 'b'].map((who) => [
        ...[`${who}@gant.example`, 'Gant & Daughters in October 2026', by.mail, ['2026-10.pdf']],
      ]) as never,
    );
    const link = /https:\/\/porch\.example\/report\/([\w-]{32})/.exec(out[0]!.body)!;
    expect(out[0]!.body).toContain('A good month.');
    expect(out[0]!.html).toContain('New boats in spring');
    expect(out[0]!.html).not.toContain('<svg');
    // What is otherwise now was not then.
    const page = await reports.page(await whole(), '2026-10', NOW);
    await sql(`insert into visit_day (site, day, visits, pages) values ($1, '2026-10-05', 500, 500)`, [site]);
    expect(await reports.page(await whole(), '2026-10', NOW)).toBe(page);
    expect(await reports.byToken(link[1]!)).toBe(page);
    expect((await reports.pdf(await whole(), '2026-10')).toString()).toContain('%PDF-');
    await expectAsync(reports.write(site, '2026-10', { words: 'x', plans: '' })).toBeRejectedWithError(/sent as it is/);
    const stands = async () =>
      (await reports.lastMonth(world.ines.organisation, NOW)).map((l) => [!!l.sentAt, l.late, l.lost]);
    expect(await stands()).toEqual([[true, false, false]]);
    await sql(`update outgoing set state = 'failed', error = '550 no' where recipient = 'a@gant.example'`);
    expect(await stands()).toEqual([[true, false, true]]);
    expect((await reports.row(site, '2026-10')).letters).toEqual([
      { to: 'a@gant.example', state: 'failed', error: '550 no' },
      { to: 'b@gant.example', state: 'waiting', error: null },
    ]);
  });

  it('are read by nobody before they are sent', async () => {
    await reports.write(site, '2026-10', { words: 'Not yet', plans: '' });
    const { token } = await reports.row(site, '2026-10');
    expect(token.length).toBe(32);
    // Who only looks leaves nothing behind.
    await reports.page(await whole(), '2026-09', NOW);
    expect((await reports.told(site)).map((t) => t.month)).toEqual(['2026-10']);
    for (const asked of [token, '', 'x'.repeat(32), "' or true --"])
      await expectAsync(reports.byToken(asked)).toBeRejectedWithError(/no report/);
    expect(await reports.page(await whole(), '2026-10', NOW)).toContain('October 2026');
  });

  it('do not go where the month is not over, nobody is named, or there is no mail', async () => {
    await expectAsync(reports.send(await whole(), '2026-11', by, NOW)).toBeRejectedWithError(/not over/);
    await plans.put(site, { plan: PLAN, report: wish({ to: [] }), buyer: null });
    await expectAsync(reports.send(await whole(), '2026-10', by, NOW)).toBeRejectedWithError(/Nobody is named/);
    const { db, sites, servers, visits } = world;
    const mute = new Reports(db, sites, servers, visits, plans, paper, null, null);
    await expectAsync(mute.send(await whole(), '2026-10', by, NOW)).toBeRejectedWithError(/No mail server/);
    expect(printed).toBe(0);
  });

  it('go by themselves on their day, once, and again the next morning where they could not', async () => {
    await plans.put(site, { plan: PLAN, report: wish({ day: 4 }), buyer: null });
    expect(await reports.sendDue(log, NOW)).toBe(0);
    await plans.put(site, { plan: PLAN, report: wish({ itself: false }), buyer: null });
    expect(await reports.sendDue(log, NOW)).toBe(0);
    await plans.put(site, { plan: PLAN, report: wish(), buyer: null });
    failing = true;
    expect(await reports.sendDue(log, NOW)).toBe(0);
    expect(faults).toEqual(['no paper']);
    expect((await reports.lastMonth(world.ines.organisation, NOW)).map((l) => l.late)).toEqual([true]);
    expect(await letters()).toEqual([]);
    failing = false;
    expect(await reports.sendDue(log, NOW)).toBe(1);
    expect(await reports.sendDue(log, NOW)).toBe(0);
    expect((await letters()).length).toBe(1);
    // A site that went up after that month has nothing to tell of it.
    expect(await reports.lastMonth(world.ines.organisation, new Date('2026-09-20T08:00:00Z'))).toEqual([]);
  });

  it('are of the months since a site went up or was counted, a year of them at most', async () => {
    const at = (publishedAt: Date | null) => reports.months({ id: site, publishedAt }, NOW);
    expect(await at(null)).toEqual([]);
    expect(await at(new Date('2026-10-09'))).toEqual(['2026-11', '2026-10']);
    expect((await at(new Date('2024-01-01'))).length).toBe(13);
    await sql(`insert into visit_day (site, day, visits, pages) values ($1, '2026-09-30', 1, 1)`, [site]);
    expect((await at(new Date('2026-10-09'))).at(-1)).toBe('2026-09');
  });

  it('are printed for real, in the fonts of the site', async () => {
    const printer = new Printer('/usr/lib/chromium/chromium-headless-shell');
    const { said, days } = await reports.said(await whole(), '2026-10', await reports.row(site, '2026-10'), NOW);
    const pdf = await printer.pdf(drawReport(said, (await whole()).document.look, days));
    await printer.close();
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
    // The fonts are within: names of their subsets stand in it.
    expect(pdf.toString('latin1')).toMatch(/\/FontName \/[A-Z]{6}\+/);
  });
});
