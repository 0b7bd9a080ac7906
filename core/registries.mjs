// Writes the registries of folders, so that adding a shape or a language is adding a folder:
// core/src/look/shapes/registry.gen.ts from shapes/KIND/NAME, core/src/language/registry.gen.ts from language/TAG.
// core/src/operations/families.gen.ts from operations/families/FAMILY: every operation, a file a family.
// core/src/model/languages.gen.ts: the tags of the languages there are. Who needs no more loads no language.
// And core/src/look/icons/icons.gen.ts: the drawings of the icons that are used.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(dirname(fileURLToPath(import.meta.url)), 'src');
const folders = (dir) =>
  readdirSync(dir, { withFileTypes: true })
    .filter((e) => e.isDirectory())
    .map((e) => e.name)
    .sort();
const write = (target, lines) => {
  const text = [...lines, ''].join('\n');
  if (!existsSync(target) || readFileSync(target, 'utf8') !== text) writeFileSync(target, text);
};

const shapesDir = join(root, 'look/shapes');
const names = folders(shapesDir).flatMap((kind) => folders(join(shapesDir, kind)).map((name) => `${kind}/${name}`));
write(join(shapesDir, 'registry.gen.ts'), [
  "import type { AnyKind, AnyShape } from './shape.js';",
  ...folders(shapesDir).map((k, i) => `import { kind as k${i} } from './${k}/kind.js';`),
  ...names.map((n, i) => `import { shape as s${i} } from './${n}/shape.js';`),
  '',
  'export const shapes: Record<string, AnyShape> = {',
  ...names.map((n, i) => `  '${n}': s${i} as unknown as AnyShape,`),
  '};',
  '',
  '/** What each kind of section holds, by its name. */',
  'export const kinds: Record<string, AnyKind> = {',
  ...folders(shapesDir).map((k, i) => `  '${k}': k${i} as unknown as AnyKind,`),
  '};',
  '',
  '/** The CSS that the shapes of a kind share, by its name. */',
  'export const kindCss: Record<string, string> = {',
  ...folders(shapesDir).flatMap((k) => {
    const css = join(shapesDir, k, 'kind.css');
    return existsSync(css) ? [`  ${k}: ${JSON.stringify(readFileSync(css, 'utf8').trim())},`] : [];
  }),
  '};',
  '',
  '/** The CSS of each shape, by the shape’s name. */',
  'export const shapeCss: Record<string, string> = {',
  ...names.map((n) => {
    const css = join(shapesDir, n, 'shape.css');
    return `  '${n}': ${JSON.stringify(existsSync(css) ? readFileSync(css, 'utf8').trim() : '')},`;
  }),
  '};',
]);

const tags = folders(join(root, 'language'));
write(join(root, 'model/languages.gen.ts'), [
  '/** The languages sites can be written in, by their BCP 47 tags. */',
  `export const LANGUAGE_TAGS = [${tags.map((t) => `'${t}'`).join(', ')}] as const;`,
  'export type LanguageTag = (typeof LANGUAGE_TAGS)[number];',
]);
write(join(root, 'language/registry.gen.ts'), [
  "import type { LanguageTag } from '../model/languages.gen.js';",
  "import type { SiteLanguage } from './language.js';",
  ...tags.map((t, i) => `import { language as l${i} } from './${t}/language.js';`),
  '',
  "export { LANGUAGE_TAGS, type LanguageTag } from '../model/languages.gen.js';",
  'export const languages: Record<LanguageTag, SiteLanguage> = {',
  ...tags.map((t, i) => `  '${t}': l${i},`),
  '};',
]);

const families = readdirSync(join(root, 'operations/families'))
  .filter((f) => f.endsWith('.ts') && !f.endsWith('.spec.ts'))
  .map((f) => f.slice(0, -3))
  .sort();
write(join(root, 'operations/families.gen.ts'), [
  ...families.map((f) => `import * as ${f} from './families/${f}.js';`),
  '',
  '/** Every operation there is, by its name. */',
  `export const families = { ${families.map((f) => `...${f}`).join(', ')} };`,
]);

const { icons } = createRequire(import.meta.url)('@iconify-json/lucide/icons.json');
const chosen = readFileSync(join(root, 'look/icons/choose.ts'), 'utf8');
const iconNames = [...new Set([...chosen.matchAll(/'([a-z][a-z0-9-]*)'/g)].map(([, name]) => name))].sort();
write(join(root, 'look/icons/icons.gen.ts'), [
  '/** The inside of each icon’s SVG, 24 by 24, drawn in strokes. By its name. */',
  'export const icons: Record<string, string> = {',
  ...iconNames.filter((n) => icons[n]).map((n) => `  '${n}': ${JSON.stringify(icons[n].body)},`),
  '};',
]);
const undrawn = iconNames.filter((n) => !icons[n]);
if (undrawn.length) throw new Error(`There is no drawing of ${undrawn.join(', ')}.`);
