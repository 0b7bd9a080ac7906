import type { AddressInfo } from 'node:net';
import { Accounts } from './accounts/accounts.js';
import { openDatabase } from './db/database.js';
import { metricsServer } from './measuring.js';
import { Sites } from './sites/sites.js';
import { realDatabase } from './testing/real-database.js';

describe('what is measured of Tin Porch', () => {
  let test: Awaited<ReturnType<typeof realDatabase>>;
  /** What is told by a server that counts in a database. */
  async function told(db: Parameters<typeof metricsServer>[0], times = 1): Promise<string> {
    const server = metricsServer(db);
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    try {
      let text = '';
      for (let n = 0; n < times; n++) {
        const answer = await fetch(`http://127.0.0.1:${(server.address() as AddressInfo).port}/metrics`);
        expect(answer.headers.get('content-type')).toBe('application/openmetrics-text; version=1.0.0; charset=utf-8');
        text = await answer.text();
      }
      return text;
    } finally {
      server.closeAllConnections();
      await new Promise((done) => server.close(done));
    }
  }
  const lines = (text: string) => text.split('\n').filter((l) => l.startsWith('tin_porch_'));

  beforeAll(async () => {
    test = await realDatabase();
    await new Accounts(test.db).put('ines@tinporch.example', 'Ines', 'a password of ines');
    const { rows } = await test.db.query<{ organisation: string }>('select organisation from account');
    const { id } = await new Sites(test.db).create(rows[0]!.organisation, { name: 'Yard' });
    await test.db.query(
      `insert into job (site, kind, state, input, finished_at)
       select $1, kind, state, '{}', now() from (values ('deploy', 'running'), ('round', 'waiting'), ('backup', 'failed')) j (kind, state)`,
      [id],
    );
    await test.db.query(
      `insert into server (name, address, http_port, https_port, temporary_base, temporary_port, control_url)
       select n, '127.0.0.1', 80, 443, n, 90, 'https://x.test' from unnest(array['quay', 'slip']) n`,
    );
    await test.db.query(
      `insert into server_sample (server, at, load, cores, memory_bytes, memory_free, disk_bytes, disk_free, database, troubles)
       values ('quay', now() - interval '2 minutes', 0, 1, 1, 1, 1, 1, true, 0)`,
    );
  });
  afterAll(() => test.end());

  it('is counted anew with every time it is asked for, and ends as OpenMetrics ends', async () => {
    const text = await told(test.db, 3);
    expect(text.endsWith('# EOF\n')).toBeTrue();
    const all = lines(text);
    for (const line of [
      ...['tin_porch_database_up 1', 'tin_porch_sites 1', 'tin_porch_messages_unread 0'],
      ...['tin_porch_jobs{state="running"} 1', 'tin_porch_jobs{state="waiting"} 1'],
      'tin_porch_jobs_failed_day{kind="backup"} 1',
    ])
      expect(all).toContain(line);
    const seen = all.filter((l) => l.startsWith('tin_porch_server_seen_seconds'));
    expect(seen.length).toBe(1);
    expect(Number(/quay"\} (\d+)/.exec(seen[0]!)![1])).toBeGreaterThanOrEqual(120);
    expect(text).toContain('process_cpu_user_seconds_total');
    // No name of a site, of a person, and no address of anybody is in it.
    for (const secret of ['Yard', 'ines', '127.0.0.1']) expect(text).not.toContain(secret);
  });

  it('says that the database is away, and claims no number that nobody counted', async () => {
    const gone = openDatabase('postgres://nobody@127.0.0.1:9/none');
    const all = lines(await told(gone));
    expect(all).toEqual(['tin_porch_database_up 0']);
    await gone.end();
  });
});
