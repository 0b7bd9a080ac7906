// Writes core/src/shapes/registry.gen.ts from the folders core/src/shapes/KIND/NAME, so that adding a shape is adding a folder.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(dirname(fileURLToPath(import.meta.url)), 'src/shapes');
const folders = (dir) =>
  readdirSync(dir, { withFileTypes: true })
    .filter((e) => e.isDirectory())
    .map((e) => e.name)
    .sort();
const names = folders(root).flatMap((kind) => folders(join(root, kind)).map((name) => `${kind}/${name}`));
const lines = [
  "import type { AnyShape } from './shape.js';",
  ...names.map((n, i) => `import { shape as s${i} } from './${n}/shape.js';`),
  '',
  'export const shapes: Record<string, AnyShape> = {',
  ...names.map((n, i) => `  '${n}': s${i} as unknown as AnyShape,`),
  '};',
  '',
  '/** The CSS of each shape, by the shape’s name. */',
  'export const shapeCss: Record<string, string> = {',
  ...names.map((n) => {
    const css = join(root, n, 'shape.css');
    return `  '${n}': ${JSON.stringify(existsSync(css) ? readFileSync(css, 'utf8').trim() : '')},`;
  }),
  '};',
  '',
];
const target = join(root, 'registry.gen.ts');
const text = lines.join('\n');
if (!existsSync(target) || readFileSync(target, 'utf8') !== text) writeFileSync(target, text);
