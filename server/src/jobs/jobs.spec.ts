import { Accounts } from '../accounts/accounts.js';
import { Sites } from '../sites/sites.js';
import { realDatabase } from '../testing/real-database.js';
import { cleaningSteps } from './cleaning.js';
import { JobLater, JobRefused, Jobs, type Job, type Work } from './jobs.js';

describe('jobs', () => {
  let test: Awaited<ReturnType<typeof realDatabase>>;
  let jobs: Jobs;
  let site: string;
  let work: (w: Work) => Promise<void>;
  const quiet = { error: () => undefined };
  const open = async () => {
    const made = new Jobs(test.db, test.url, quiet);
    made.handle('deploy', (w) => work(w));
    await made.start();
    return made;
  };
  const until = async (id: string, fits: (j: Job) => boolean, seconds = 12): Promise<Job> => {
    for (const end = Date.now() + seconds * 1000; ; await new Promise((done) => setTimeout(done, 50))) {
      const job = (await jobs.get(id))!;
      if (fits(job)) return job;
      if (Date.now() > end) throw new Error(`the job stayed ${job.state}: ${job.error ?? ''}`);
    }
  };

  beforeAll(async () => {
    test = await realDatabase();
    await new Accounts(test.db).put('a@b.example', 'A', 'x');
    const { rows } = await test.db.query<{ organisation: string }>('select organisation from account');
    ({ id: site } = await new Sites(test.db).create(rows[0]!.organisation, { name: 'Yard' }));
    jobs = await open();
  });
  afterAll(async () => {
    await jobs.stop();
    await test.end();
  });

  it('run step by step and keep what each step came to', async () => {
    work = async ({ step }) => {
      await step('First', async () => 'one');
      await step('Second', async () => ({ detail: 'two' }));
    };
    const job = await until((await jobs.begin(site, 'deploy')).id, (j) => j.state === 'done');
    expect(job.steps.map((s) => [s.name, s.state, s.detail])).toEqual([
      ['First', 'done', 'one'],
      ['Second', 'done', 'two'],
    ]);
  });

  it('are one at a time for a site: asking again gives the open one', async () => {
    let letGo = () => {};
    work = () => new Promise((done) => (letGo = done));
    const first = await jobs.begin(site, 'deploy');
    await until(first.id, (j) => j.state === 'running');
    expect((await jobs.begin(site, 'deploy')).id).toBe(first.id);
    letGo();
    await until(first.id, (j) => j.state === 'done');
    work = async () => {};
    expect((await jobs.begin(site, 'deploy')).id).not.toBe(first.id);
  });

  it('that change what is served do not run beside each other', async () => {
    let letGo = () => {};
    work = () => new Promise((done) => (letGo = done));
    const deploy = await jobs.begin(site, 'deploy');
    await expectAsync(jobs.begin(site, 'rollback', { release: 'r-1' })).toBeRejectedWithError(JobRefused);
    await until(deploy.id, (j) => j.state === 'running');
    letGo();
    await until(deploy.id, (j) => j.state === 'done');
    work = async () => {};
    const back = await jobs.begin(site, 'rollback', { release: 'r-1' });
    expect((await jobs.begin(site, 'rollback', { release: 'r-1' })).id).toBe(back.id);
    await expectAsync(jobs.begin(site, 'rollback', { release: 'r-2' })).toBeRejectedWithError(JobRefused);
    await jobs.cancel(back.id);
  });

  it('wait with a reason for what passes by itself, and are tried at once when somebody asks', async () => {
    let open = false;
    work = ({ step }) =>
      step('Knock', async () => {
        if (!open) throw new JobLater('Nobody is in.', 600);
        return 'Let in';
      }).then(() => undefined);
    const { id } = await jobs.begin(site, 'deploy');
    const waiting = await until(id, (j) => j.state === 'retrying');
    expect(waiting.error).toBe('Nobody is in.');
    expect(waiting.steps[0]!.state).toBe('failed');
    open = true;
    await jobs.begin(site, 'deploy');
    expect((await until(id, (j) => j.state === 'done')).error).toBeNull();
  });

  it('stop for good where trying again would not help', async () => {
    work = async () => {
      throw new JobRefused('The site is gone.');
    };
    const { id } = await jobs.begin(site, 'deploy');
    expect((await until(id, (j) => j.state === 'failed')).error).toBe('The site is gone.');
  });

  it('try an unforeseen failure again', async () => {
    let tries = 0;
    work = async () => {
      if (++tries === 1) throw new TypeError('nobody thought of this');
    };
    const job = await until((await jobs.begin(site, 'deploy')).id, (j) => j.state === 'done');
    expect(job.attempt).toBe(2);
  });

  it('can be stopped while they run: no later step is begun', async () => {
    const begun: string[] = [];
    let letGo = () => {};
    work = async ({ step }) => {
      await step('Long', () => new Promise<string>((done) => (letGo = () => done(''))));
      await step('Never', async () => (begun.push('Never'), ''));
    };
    const { id } = await jobs.begin(site, 'deploy');
    await until(id, (j) => j.steps.length === 1);
    await jobs.cancel(id);
    letGo();
    await new Promise((done) => setTimeout(done, 300));
    expect((await jobs.get(id))!.state).toBe('cancelled');
    expect(begun).toEqual([]);
  });

  it('whose worker stood still while another took the job over write nothing over it and begin no step more', async () => {
    const begun: string[] = [];
    const letGo: (() => void)[] = [];
    work = async ({ job, step }) => {
      const mine = job.attempt;
      await step(`Long, attempt ${mine}`, () => new Promise<string>((done) => (letGo[mine] = () => done(''))));
      await step('After it', async () => (begun.push(`attempt ${mine}`), ''));
    };
    const { id } = await jobs.begin(site, 'deploy');
    await until(id, (j) => j.steps.length === 1);
    // Its heartbeat is late: for the sweeper it is lost.
    await test.db.query(`update job set state = 'waiting', heartbeat_at = now() - interval '1 minute' where id = $1`, [
      id,
    ]);
    await until(id, (j) => j.attempt === 2 && j.steps.length === 1);
    letGo[1]!();
    await new Promise((done) => setTimeout(done, 300));
    expect((await jobs.get(id))!.steps.map((s) => `${s.name} ${s.state}`)).toEqual(['Long, attempt 2 running']);
    letGo[2]!();
    const job = await until(id, (j) => j.state === 'done');
    expect(begun).toEqual(['attempt 2']);
    expect(job.steps.map((s) => s.name)).toEqual(['Long, attempt 2', 'After it']);
  });

  it('whose worker died are taken up by another', async () => {
    work = async () => {};
    const { rows } = await test.db.query<{ id: string }>(
      `insert into job (site, kind, state, heartbeat_at, attempt) values ($1, 'deploy', 'running', now() - interval '1 minute', 1) returning id`,
      [site],
    );
    expect((await until(rows[0]!.id, (j) => j.state === 'done')).attempt).toBe(2);
  });

  it('of the house belong to no site, and are one at a time too', async () => {
    const clean = async (w: Work) => cleaningSteps(w, test.db);
    jobs.handle('cleaning', clean);
    await test.db.query(
      `insert into session (token, account, csrf, expires_at) select 'x'::bytea, id, 'x', now() - interval '1 day' from account limit 1`,
    );
    const [one, again] = await Promise.all([jobs.begin(null, 'cleaning'), jobs.begin(null, 'cleaning')]);
    expect(again.id).toBe(one.id);
    const job = await until(one.id, (j) => j.state === 'done');
    expect([job.site, job.steps.length, job.steps[0]!.detail]).toEqual([null, 13, '1 session gone']);
    expect((await test.db.query('select 1 from session')).rowCount).toBe(0);
    // Another one may come after it.
    await until((await jobs.begin(null, 'cleaning')).id, (j) => j.state === 'done');
  });

  it('tell who works for them when they are stopped', async () => {
    let heard = false;
    work = async ({ step, signal }) => {
      await step(
        'Long',
        () =>
          new Promise<string>((done, fail) => {
            const end = setTimeout(() => done('not stopped'), 8000);
            signal.addEventListener('abort', () => {
              clearTimeout(end);
              heard = true;
              fail(new Error('stopped'));
            });
          }),
      );
    };
    const { id } = await jobs.begin(site, 'deploy');
    await until(id, (j) => j.steps[0]?.state === 'running');
    await jobs.cancel(id);
    await new Promise((done) => setTimeout(done, 200));
    expect(heard).toBeTrue();
    expect((await jobs.get(id))!.state).toBe('cancelled');
  });
});
