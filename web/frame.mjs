// Puts each document of the window into one file of script. They are no part of the interface: they run in a frame that may
// talk to nobody but the page that holds it.
import { build } from 'esbuild';

await build({
  entryPoints: { frame: 'src/frame/frame.ts', hand: 'src/frame/hand.ts' },
  absWorkingDir: import.meta.dirname,
  outdir: 'src/frame/dist',
  bundle: true,
  platform: 'browser',
  format: 'iife',
  target: 'es2022',
  minify: true,
  legalComments: 'none',
});
