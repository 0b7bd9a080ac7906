// Puts each document of the window into one file of script. They are no part of the interface: they run in a frame that may
// talk to nobody but the page that holds it.
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

await build({
  entryPoints: { frame: 'src/frame/frame.ts', hand: 'src/frame/hand.ts' },
  absWorkingDir: fileURLToPath(new URL('.', import.meta.url)),
  outdir: 'src/frame/dist',
  bundle: true,
  platform: 'browser',
  format: 'iife',
  target: 'es2022',
  minify: true,
  legalComments: 'none',
});
