import { readFileSync } from 'node:fs';
import { demoFacts } from '@tin-porch/core/fixtures';
import { writeVersion } from '@tin-porch/core/making';
import pg from 'pg';
import { stackForTests, until } from '../support/stack-for-tests.js';

type Keep = (name: string, unit: 'ms' | 'MB', values: number[]) => void;

/** Sites that are published, and how often each is walked: rounds of a thousand sites. */
const SITES = 20;
const TIMES = 50;

/** Time of the processor that a process with its threads has had, ms. */
const worked = (pid: number): number => {
  const [, rest] = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ');
  const fields = rest!.split(' ');
  return (Number(fields[11]) + Number(fields[12])) * 10;
};

/** What a thousand rounds and a look at each site take of our own time: all of it is real, and on this machine. */
export async function measureRounds(keep: Keep): Promise<void> {
  const { stack, api, end } = await stackForTests({ checkAnswers: false });
  const db = new pg.Client({ connectionString: stack.config.databaseUrl });
  try {
    await db.connect();
    for (let n = 0; n < SITES; n++) {
      const facts = { ...demoFacts, name: `Round ${n}` };
      const { id } = await api.call<{ id: string }>('POST', '/sites', facts);
      await api.call('POST', `/sites/${id}/operations`, { operation: writeVersion(facts, n + 1) });
      await api.call('PUT', `/sites/${id}/server`, { server: n % 2 ? 'quay' : 'slip' });
      await api.call('PUT', `/sites/${id}/domain`, { domain: `round${n}.example` });
      await api.call('POST', `/sites/${id}/domain/register`, {});
      await api.call('POST', `/sites/${id}/domain/records`, {});
      await api.job(id, 'publish');
    }
    const { pid } = stack.programs.get('porch')!.child!;
    const none = async () =>
      (await db.query(`select 1 from job where kind = 'round' and state in ('waiting', 'running', 'retrying') limit 1`))
        .rowCount === 0;
    await until('the first rounds', none);
    const taken: number[] = [];
    const own: number[] = [];
    for (let n = 0; n < TIMES; n++) {
      const [started, before] = [performance.now(), worked(pid!)];
      await api.call('POST', '/rounds', {});
      await until('the rounds', none);
      taken.push((performance.now() - started) / SITES);
      own.push((worked(pid!) - before) / SITES);
    }
    keep('A round of one site of twenty, as long as it takes', 'ms', taken);
    keep('A round of one site of twenty, our own work', 'ms', own);
    const { rows } = await db.query<{ findings: number }>(
      'select count(*)::int as findings from finding where ended_at is null',
    );
    console.log(`  ${SITES * TIMES} rounds; findings at sites that are well: ${rows[0]!.findings}`);
  } finally {
    await db.end();
    await end();
  }
}
