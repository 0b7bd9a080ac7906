import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';

/** The CMS as it is built, and what belongs beside it. */
const CMS = new URL('../../../cms/', import.meta.url);
const BESIDE = ['README.md', 'LICENSE', 'tin-porch-cms.service', 'cms.env.example'] as const;

/**
 * The CMS that an exported site runs on by itself: one program in one file, that needs nothing installed, with what is to be
 * read of it. Paths are within the export.
 */
export async function cmsFiles(): Promise<{ path: string; bytes: string | Uint8Array }[]> {
  const program = await readFile(new URL('dist/run/cms.mjs', CMS), 'utf8');
  const { version, license } = JSON.parse(await readFile(new URL('package.json', CMS), 'utf8')) as {
    version: string;
    license: string;
  };
  const about = {
    name: 'tin-porch-cms',
    version,
    license,
    description: 'The CMS of an exported site',
    type: 'module',
    bin: { 'tin-porch-cms': './cms.mjs' },
    engines: { node: '>=20' },
  };
  return [
    // Its map stays where it was made.
    { path: 'cms/cms.mjs', bytes: program.replace(/\n\/\/# sourceMappingURL=.*\s*$/, '\n') },
    { path: 'cms/package.json', bytes: `${JSON.stringify(about, null, 2)}\n` },
    ...(await Promise.all(
      BESIDE.map(async (name) => ({ path: `cms/${name}`, bytes: await readFile(fileURLToPath(new URL(name, CMS))) })),
    )),
  ];
}
