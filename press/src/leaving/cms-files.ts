import { existsSync } from 'node:fs';
import { readdir, readFile } from 'node:fs/promises';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { FolderFile } from './site-folder.js';

/** The CMS as it is built, and what belongs beside it. */
const CMS = new URL('../../../cms/', import.meta.url);
const ROOT = new URL('../../../', import.meta.url);
const BESIDE = ['README.md', 'LICENSE', 'tin-porch-cms.service', 'cms.env.example'] as const;

/** A program without its map, which stays where it was made. */
const alone = (text: string) => text.replace(/\n\/\/# sourceMappingURL=.*\s*$/, '\n');

/** All files of a folder, by their way in it. */
async function filesIn(folder: URL): Promise<{ path: string; file: string }[]> {
  const root = fileURLToPath(folder);
  return (await readdir(root, { recursive: true, withFileTypes: true }))
    .filter((e) => e.isFile())
    .map((e) => join(e.parentPath, e.name))
    .map((file) => ({ path: relative(root, file).replaceAll('\\', '/'), file }));
}

/** The CMS as it stands here, where this is an exported one that is to be taken elsewhere once more. */
async function ownFiles(): Promise<FolderFile[]> {
  const here = new URL('./', import.meta.url);
  const beside = (await readdir(here)).filter(
    (f) => /\.mjs$/.test(f) || f === 'package.json' || BESIDE.some((b) => b === f),
  );
  const all = [
    ...beside.map((path) => ({ path, file: fileURLToPath(new URL(path, here)) })),
    ...(await filesIn(new URL('desk/', here))).map(({ path, file }) => ({ path: `desk/${path}`, file })),
  ];
  return Promise.all(all.map(async ({ path, file }) => ({ path: `cms/${path}`, bytes: await readFile(file) })));
}

/**
 * The CMS that an exported site runs on by itself: one program in one file, that needs nothing installed, with what is to be
 * read of it. Paths are within the export.
 */
export async function cmsFiles(): Promise<FolderFile[]> {
  if (existsSync(new URL('desk/index.html', import.meta.url))) return ownFiles();
  const programs = await Promise.all(
    ['cms.mjs', 'picture-worker.mjs', 'passkey-worker.mjs'].map(async (name) => ({
      path: `cms/${name}`,
      bytes: alone(await readFile(new URL(`dist/run/${name}`, CMS), 'utf8')),
    })),
  );
  const about = async (room: string) =>
    JSON.parse(await readFile(new URL(`${room}/package.json`, ROOT), 'utf8')) as {
      version: string;
      license: string;
      dependencies: Record<string, string>;
    };
  const { version, license } = await about('cms');
  const { sharp } = (await about('press')).dependencies;
  const own = {
    name: 'tin-porch-cms',
    version,
    license,
    description: 'The CMS of an exported site',
    type: 'module',
    bin: { 'tin-porch-cms': './cms.mjs' },
    engines: { node: '>=20.12' },
    // For photographs, and only for those: all else runs as it is.
    peerDependencies: { sharp },
    peerDependenciesMeta: { sharp: { optional: true } },
  };
  const desk = new URL('desk/dist/browser/', ROOT);
  const ofDesk = await filesIn(desk);
  return [
    ...programs,
    { path: 'cms/package.json', bytes: `${JSON.stringify(own, null, 2)}\n` },
    ...(await Promise.all(
      BESIDE.map(async (name) => ({ path: `cms/${name}`, bytes: await readFile(fileURLToPath(new URL(name, CMS))) })),
    )),
    // The desk of its people: what a browser loads.
    ...(await Promise.all(
      ofDesk.map(async ({ path, file }) => ({ path: `cms/desk/${path}`, bytes: await readFile(file) })),
    )),
  ];
}
