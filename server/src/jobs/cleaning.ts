import { some } from '@tin-porch/core/some';
import type { Database } from '../db/database.js';
import type { Work } from './jobs.js';

/** What is thrown away, and after how long. Each line is one step of the job. */
const OLD: readonly (readonly [string, string, string])[] = [
  [
    'Sessions that have ended',
    'session',
    `with s as (delete from session where expires_at < now() returning 1) select count(*) as gone from s`,
  ],
  [
    'Tries to sign in of the day before',
    'try',
    `with t as (delete from sign_in_try where at < now() - interval '1 day' returning 1) select count(*) as gone from t`,
  ],
  [
    'Browsers not seen for a year',
    'browser',
    `with b as (delete from known_browser where seen_at < now() - interval '400 days' returning 1) select count(*) as gone from b`,
  ],
  [
    'Links nobody followed',
    'link',
    `with l as (delete from account_link where ends_at < now() - interval '30 days' returning 1) select count(*) as gone from l`,
  ],
  [
    'Letters of a quarter ago',
    'letter',
    `with o as (delete from outgoing where made_at < now() - interval '90 days' and state <> 'waiting' returning 1) select count(*) as gone from o`,
  ],
  [
    'Jobs of a quarter ago',
    'job',
    `with j as (delete from job where finished_at < now() - interval '90 days' returning 1) select count(*) as gone from j`,
  ],
  [
    'Archives of sites that went a year ago',
    'archive',
    `with d as (update departure set archive = null, left_at = null, keep_until = null where keep_until < now() returning 1) select count(*) as gone from d`,
  ],
  [
    'Pictures and files of no site',
    'file',
    `with p as (delete from picture_bytes b where not exists (select 1 from site_picture s where s.hash = b.hash) returning 1) select count(*) as gone from p`,
  ],
  [
    'Rounds of two years ago',
    'round',
    `with r as (delete from round where at < now() - interval '2 years' returning 1) select count(*) as gone from r`,
  ],
  [
    'What browsers saw two years ago',
    'look',
    `with l as (delete from lab_page where at < now() - interval '2 years' returning 1) select count(*) as gone from l`,
  ],
  [
    'How sites were watched two years ago',
    'day',
    `with w as (delete from watch_day where day < current_date - 730 returning 1) select count(*) as gone from w`,
  ],
  [
    'Links to others that no site has any more',
    'link',
    `with l as (delete from outside_link where asked_at < now() - interval '60 days' returning 1) select count(*) as gone from l`,
  ],
  [
    'How servers were three days ago, but for each hour',
    'measurement',
    `with m as (delete from server_sample where at < now() - interval '400 days'
       or at < now() - interval '3 days' and extract(minute from at) <> 0 returning 1) select count(*) as gone from m`,
  ],
];

/** Throws away what nobody asks for any more. Belongs to no site. */
export async function cleaningSteps(work: Work, db: Database): Promise<void> {
  for (const [name, what, statement] of OLD)
    await work.step(name, async () => {
      const { rows } = await db.query<{ gone: string }>(statement);
      return `${some(Number(rows[0]!.gone), what)} gone`;
    });
}
