// Puts each document of the window into one file of script, for those who show one. They are no part of any application: they
// run in a frame that talks to nobody but the page that holds it.
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

const here = (path) => fileURLToPath(new URL(path, import.meta.url));
for (const [room, entries] of Object.entries({ web: ['frame', 'hand'], desk: ['hand'] }))
  await build({
    entryPoints: entries.map((e) => here(`src/${e}.ts`)),
    outdir: here(`../${room}/.surface`),
    bundle: true,
    platform: 'browser',
    format: 'iife',
    target: 'es2022',
    minify: true,
    legalComments: 'none',
  });
