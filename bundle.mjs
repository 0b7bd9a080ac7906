// Puts each program of the house into one file: a program read from one file starts in a fraction of the time.
// Bundles lie as deep as the modules they are made of, so that paths relative to them stay true.
import { readFileSync, writeFileSync } from 'node:fs';
import { builtinModules } from 'node:module';
import { NEWEST } from '@tin-porch/cms';
import { ENGINE } from '@tin-porch/core/page';
import { build } from 'esbuild';

const programs = {
  'host/dist/run/agent.mjs': 'host/dist/programs/begin.js',
  'host/dist/run/main.mjs': 'host/dist/main.js',
  'host/dist/run/waiting-room.mjs': 'host/dist/front/waiting-room.js',
  'host/dist/run/press-worker.mjs': 'press/dist/press-worker.js',
  'host/dist/run/passkey-worker.mjs': 'sign-in/dist/passkey-worker.js',
  'host/dist/run/picture-worker.mjs': 'press/dist/darkroom/picture-worker.js',
  'host/dist/run/report-worker.mjs': 'mail/dist/report-worker.js',
  'cms/dist/run/cms.mjs': 'cms/dist/serve.js',
  'cms/dist/run/passkey-worker.mjs': 'sign-in/dist/passkey-worker.js',
  'cms/dist/run/picture-worker.mjs': 'press/dist/darkroom/picture-worker.js',
  'standins/dist/run/main.mjs': 'standins/dist/main.js',
  'server/dist/run/main.mjs': 'server/dist/main.js',
  'server/dist/run/spelling-worker.mjs': 'server/dist/writing/spelling-worker.js',
  'server/dist/run/e-invoice-worker.mjs': 'server/dist/books/e-invoice-worker.js',
  'server/dist/run/hashing-worker.mjs': 'server/dist/accounts/hashing-worker.js',
  'server/dist/run/passkey-worker.mjs': 'sign-in/dist/passkey-worker.js',
  'server/dist/run/strangers-worker.mjs': 'server/dist/strangers/strangers-worker.js',
  'server/dist/run/press-worker.mjs': 'press/dist/press-worker.js',
  'server/dist/run/picture-worker.mjs': 'press/dist/darkroom/picture-worker.js',
  'server/dist/run/comparing-worker.mjs': 'press/dist/comparing/comparing-worker.js',
  'server/dist/run/file-worker.mjs': 'server/dist/files/file-worker.js',
  'server/dist/run/start.mjs': 'server/dist/stack/start.js',
  'server/dist/run/porch.mjs': 'server/dist/cli/porch.js',
};
const built = await Promise.all(
  Object.entries(programs).map(([outfile, entry]) =>
    build({
      entryPoints: [entry],
      outfile,
      bundle: true,
      platform: 'node',
      format: 'esm',
      target: 'node20',
      sourcemap: 'linked',
      minifySyntax: true,
      minifyWhitespace: true,
      // They bring files of their own (WebAssembly, machine code, tables), or are loaded only when they are needed: they are
      // read from where they are installed.
      external: [
        'pg-native',
        'mammoth',
        'pdfjs-dist/*',
        'postal-mime',
        'subset-font',
        'fontverter',
        'fontkit',
        'sharp',
        'css-tree',
        'piscina',
        'playwright-core',
        '@e-invoice-eu/core',
      ],
      logLevel: 'error',
      metafile: true,
      banner: {
        js: "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);",
      },
    }),
  ),
);

// An agent is sent to servers by itself: what it is, and what has to be installed there beside it, goes with it.
const beside = new Set(
  built.flatMap(({ metafile }) =>
    Object.entries(metafile.outputs)
      .filter(([file]) => file.startsWith('host/'))
      .flatMap(([, output]) => output.imports)
      .filter((i) => i.external && !i.path.startsWith('node:') && !builtinModules.includes(i.path))
      .map((i) => /^(?:@[^/]+\/)?[^/]+/.exec(i.path)[0]),
  ),
);
// Not installed on purpose: it is used where it is there.
beside.delete('pg-native');
const installed = (name) => JSON.parse(readFileSync(`node_modules/${name}/package.json`, 'utf8')).version;
writeFileSync(
  'host/dist/run/about.json',
  JSON.stringify({
    ...{ engine: ENGINE, step: NEWEST, node: '20.0.0' },
    packages: Object.fromEntries([...beside].sort().map((n) => [n, installed(n)])),
  }),
);
