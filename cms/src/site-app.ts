import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express } from 'express';
import type { Pool } from 'pg';
import type { SiteDocument } from '@tin-porch/core/model';
import { redirectOf } from '@tin-porch/core/page';
import { dynamicParts } from './answer.js';
import { PAGE_HEADERS } from './headers.js';

/** A site as it was exported: its folder, its document, and where it is read. */
export interface ExportedSite {
  /** Where `public/` is. */
  folder: string;
  document: SiteDocument;
  origin: string;
  db: Pool;
  /** How many proxies stand before it: the address of a visitor is the one the last of them says. */
  proxies?: number;
}

/** A file whose name says what is in it never changes. */
const LASTING = /-[0-9a-f]{8,}(?:-\d+)?\.[a-z0-9]+$/;

/** Serves one exported site by itself: its files, its old addresses, and its forms through the database. */
export function siteApp({ folder, document, origin, db, proxies = 0 }: ExportedSite): Express {
  const files = join(folder, 'public');
  // The pages that answer a form wear what the others wear.
  const stylesheet = readdirSync(files).find((f) => /^site-[0-9a-f]+\.css$/.test(f));
  const current = { document, origin, ...(stylesheet && { stylesheet: `/${stylesheet}` }) };
  const app = express();
  app.disable('x-powered-by');
  app.set('trust proxy', proxies);
  app.use((_req, res, next) => {
    res.set(PAGE_HEADERS);
    next();
  });
  app.get('/-/well', async (_req, res) => {
    await db.query('select 1').then(
      () => res.type('text/plain').send('well\n'),
      () => res.status(503).type('text/plain').send('the database does not answer\n'),
    );
  });
  app.use(compression());
  app.use(dynamicParts(() => ({ db, current: () => Promise.resolve(current) })));
  app.use(
    express.static(files, {
      dotfiles: 'ignore',
      setHeaders: (res, path) =>
        void res.setHeader('cache-control', LASTING.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache'),
    }),
  );
  app.use((req, res) => {
    const to = redirectOf(document, req.path);
    if (to) return void res.redirect(301, to);
    res.status(404).sendFile(join(files, '404.html'));
  });
  return app;
}
