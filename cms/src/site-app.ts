import { existsSync, readdirSync } from 'node:fs';
import { readdir, readFile } from 'node:fs/promises';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import compression from 'compression';
import express, { type Express } from 'express';
import type { Pool } from 'pg';
import { isLasting, redirectOf } from '@tin-porch/core/page';
import type { ServedFile } from '@tin-porch/press/leaving';
import { dynamicParts } from './answer.js';
import { desk } from './desk/desk.js';
import type { PictureStore } from './desk/pictures.js';
import { PAGE_HEADERS } from './headers.js';
import type { OwnReleases } from './own-releases.js';

/** A site as it was exported, with what was changed on it since, and where it is read. */
export interface ExportedSite {
  releases: OwnReleases;
  origin: string;
  db: Pool;
  /** Told when a letter was written; left out where none goes out. */
  post?(): void;
  pictures: PictureStore;
  /** How many proxies stand before it: the address of a visitor is the one the last of them says. */
  proxies?: number;
}

/** The application of the desk: beside the program where it was exported, else as it is built. */
const DESK_FOLDER = ['desk/', '../../desk/dist/browser/', '../../../desk/dist/browser/']
  .map((path) => fileURLToPath(new URL(path, import.meta.url)))
  .find((folder) => existsSync(join(folder, 'index.html')));

/** The files of a folder, by their addresses. */
async function* filesUnder(folder: string): AsyncGenerator<ServedFile> {
  for (const e of await readdir(folder, { recursive: true, withFileTypes: true })) {
    const file = join(e.parentPath, e.name);
    if (e.isFile()) yield { path: `/${relative(folder, file)}`, bytes: await readFile(file) };
  }
}

/** Serves one exported site by itself: its files, its old addresses, and its forms through the database. */
export function siteApp({ releases, origin, db, post, pictures, proxies = 0 }: ExportedSite): Express {
  const current = () => {
    // The pages that answer a form wear what the others wear.
    const stylesheet = readdirSync(releases.files()).find((f) => /^site-[0-9a-z]+\.css$/.test(f));
    return { document: releases.document(), origin, ...(stylesheet && { stylesheet: `/${stylesheet}` }) };
  };
  /** The files of a release, served as they are. */
  const served = (files: string) =>
    express.static(files, {
      dotfiles: 'ignore',
      setHeaders: (res, path) =>
        void res.setHeader('cache-control', isLasting(path) ? 'public, max-age=31536000, immutable' : 'no-cache'),
    });
  let now = { files: releases.files(), serve: served(releases.files()) };
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
  if (DESK_FOLDER)
    app.use(
      desk(DESK_FOLDER, () => ({
        db,
        serving: releases.serving,
        current,
        pictures,
        served: () => filesUnder(releases.files()),
        ...(post && { post }),
      })),
    );
  app.use(
    dynamicParts(() => ({
      db,
      current: () => Promise.resolve(current()),
      ...(post && { mail: true, kept: post }),
    })),
  );
  app.use((req, res, next) => {
    const files = releases.files();
    if (now.files !== files) now = { files, serve: served(files) };
    now.serve(req, res, next);
  });
  app.use((req, res) => {
    const to = redirectOf(releases.document(), req.path);
    if (to) return void res.redirect(301, to);
    res.status(404).sendFile(join(releases.files(), '404.html'));
  });
  return app;
}
