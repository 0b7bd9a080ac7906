import { createServer, type Server } from 'node:http';
import express from 'express';
import {
  collectDefaultMetrics,
  Gauge,
  openMetricsContentType,
  Registry,
  type OpenMetricsContentType,
} from 'prom-client';
import type { Database } from './db/database.js';

/** What is counted in the database, each with what it is told by. */
const COUNTED: readonly [name: string, help: string, label: string | null, query: string][] = [
  ['sites', 'Sites that are kept', null, 'select count(*)::int as n from site'],
  [
    'sites_live',
    'Sites that visitors see, by server',
    'server',
    'select server as label, count(*)::int as n from site where live_release is not null and open group by 1',
  ],
  [
    'jobs',
    'Work that is not at its end, by how it stands',
    'state',
    `select state as label, count(*)::int as n from job where state in ('waiting', 'running', 'retrying') group by 1`,
  ],
  [
    'jobs_failed_day',
    'Work that was given up in the last day, by its kind',
    'kind',
    `select kind as label, count(*)::int as n from job where state = 'failed' and finished_at > now() - interval '1 day' group by 1`,
  ],
  [
    'certificates_ending',
    'Certificates that end within a fortnight',
    null,
    `select count(*)::int as n from certificate where not_after < now() + interval '14 days'`,
  ],
  [
    'messages_unread',
    'Messages of visitors nobody has read',
    null,
    'select count(*)::int as n from message where read_at is null and not aside',
  ],
  [
    'letters_waiting',
    'Letters of ours that are not out yet',
    null,
    `select count(*)::int as n from outgoing where state = 'waiting'`,
  ],
  [
    'server_seen_seconds',
    'How long ago a server last said how it is',
    'server',
    `select name as label, extract(epoch from now() - max(at))::int as n
     from server left join server_sample on server = name group by name having max(at) is not null`,
  ],
];

/**
 * What is measured of Tin Porch itself, for whoever keeps such figures and is let at the address: `/metrics` as OpenMetrics
 * 1.0. Where the database does not answer it is told as away, and what is counted there is left out.
 */
export function metricsServer(db: Database): Server {
  const registry = new Registry<OpenMetricsContentType>();
  registry.setContentType(openMetricsContentType);
  const registers = [registry];
  collectDefaultMetrics({ register: registry });
  const up = new Gauge({ name: 'tin_porch_database_up', help: 'Whether the database answers', registers });
  const counted = COUNTED.map(([name, help, label, query]) => ({
    gauge: new Gauge({ name: `tin_porch_${name}`, help, labelNames: label ? [label] : [], registers }),
    label,
    query,
  }));
  async function count(): Promise<void> {
    up.set(1);
    for (const { gauge, label, query } of counted) {
      gauge.reset();
      // One that has no label stands at 0 then, which nobody has counted.
      if (!label) gauge.remove();
      try {
        const { rows } = await db.query<{ label?: string; n: number }>(query);
        for (const { label: value, n } of rows) gauge.set(label ? { [label]: value ?? 'none' } : {}, n);
      } catch {
        up.set(0);
      }
    }
  }
  const app = express();
  app.disable('x-powered-by');
  app.get('/metrics', async (_req, res) => {
    await count();
    res.type(registry.contentType).send(await registry.metrics());
  });
  return createServer(app);
}
