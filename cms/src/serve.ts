#!/usr/bin/env node
import { readFile } from 'node:fs/promises';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import express from 'express';
import pg from 'pg';
import { migrate } from '@tin-porch/core/operations';
import { dynamicParts } from './answer.js';
import { setUpTables } from './schema.js';

// Serves one exported site on a plain server: its files from DIR/public, its forms through PostgreSQL.
const { values } = parseArgs({
  options: {
    site: { type: 'string' },
    port: { type: 'string', default: '8080' },
    host: { type: 'string', default: '127.0.0.1' },
  },
});
if (!values.site || !process.env['DATABASE_URL']) {
  console.error('usage: DATABASE_URL=postgres://… tin-porch-cms --site DIR [--port N] [--host ADDRESS]');
  process.exit(2);
}
const folder = resolve(values.site);
const document = migrate(JSON.parse(await readFile(join(folder, 'site.json'), 'utf8')));
const db = new pg.Pool({ connectionString: process.env['DATABASE_URL'] });
await setUpTables(db);
const origin = `http://${values.host}:${values.port}`;
const app = express();
app.disable('x-powered-by');
app.use(dynamicParts(() => ({ db, current: async () => ({ document, origin }) })));
app.use(express.static(join(folder, 'public')));
app.use((_req, res) => void res.status(404).sendFile(join(folder, 'public/404.html')));
app.listen(Number(values.port), values.host, () => console.log(`${document.facts.name} is at ${origin}/`));
