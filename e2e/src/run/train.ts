import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import {
  answeredFixtures,
  briefFixtures,
  train,
  unmarked,
  type Answer,
  type Answered,
  type SentenceBank,
} from '@tin-porch/core/fixtures';

const BRIEFS = fileURLToPath(new URL('../../../core/briefs', import.meta.url));
const MODELS = fileURLToPath(new URL('../../../core/src/brief/models', import.meta.url));
/** Every so many briefs of a batch is shut: counted, looked at by nobody, and learned from by nothing. */
export const SHUT_EVERY = 5;

/** A batch of briefs by name, `shut` those nothing is learned from. */
export function batchOf(folder: string): (Answered & { shut: boolean })[] {
  return readdirSync(folder)
    .filter((f) => !f.endsWith('.answer.json'))
    .sort()
    .map((file, n) => {
      const content = readFileSync(`${folder}/${file}`, 'utf8');
      const shut = n % SHUT_EVERY === SHUT_EVERY - 1;
      if (/\.marked\./.test(file)) {
        const { text, answer } = unmarked(content);
        return { name: file.replace('.marked', ''), content: text, answer, shut };
      }
      const answer = JSON.parse(
        readFileSync(`${folder}/${file.replace(/\.[a-z]+$/, '.answer.json')}`, 'utf8'),
      ) as Answer;
      return { name: file, content, answer, shut };
    });
}

/** The batches there are: folders of briefs, in the order they were written. */
export const batches = (): { batch: string; folder: string }[] =>
  readdirSync(BRIEFS, { withFileTypes: true })
    .filter((e) => e.isDirectory() && e.name !== 'sentences')
    .map((e) => ({ batch: e.name, folder: `${BRIEFS}/${e.name}` }));

/** Sentences whose role is known, by language. */
export const banks = (): SentenceBank[] =>
  (['en', 'de', 'fr', 'es'] as const)
    .filter((language) => existsSync(`${BRIEFS}/sentences/${language}.txt`))
    .map((language) => ({ language, text: readFileSync(`${BRIEFS}/sentences/${language}.txt`, 'utf8') }));

const quoted = (s: string) => `\`${s.replace(/[\\`]/g, '\\$&').replace(/\$\{/g, '\\${')}\``;

/** Learns the reader’s models from every batch in `met` and writes them where they are shipped from. */
export function trainAll(met: readonly string[]): void {
  const corpus = batches()
    .filter((b) => met.includes(b.batch))
    .flatMap((b) => batchOf(b.folder).filter((a) => !a.shut));
  const data = train([...corpus, ...answeredFixtures(briefFixtures)], banks());
  for (const [name, model] of Object.entries(data)) {
    const { classes, step, bias, weights } = model;
    writeFileSync(
      `${MODELS}/${name}.ts`,
      `import type { LinearModel } from '../roles/linear.js';\n\n/** Learned by \`npm run train\`; not written by hand. */\nexport const ${name}Model: LinearModel = {\n  classes: ${JSON.stringify(classes)},\n  step: ${step},\n  bias: ${JSON.stringify(bias)},\n  weights: ${quoted(weights)},\n};\n`,
    );
    console.log(`${name}: ${weights.split('\n').length} features, ${Math.round(weights.length / 1000)} KB`);
  }
}

if (process.argv[1] === fileURLToPath(import.meta.url))
  trainAll(process.argv.slice(2).length ? process.argv.slice(2) : batches().map((b) => b.batch));
