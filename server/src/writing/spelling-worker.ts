import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import nspell from 'nspell';
import type { SiteDocument } from '@tin-porch/core/model';
import { rework, type ReworkRequest, type Spelling } from '@tin-porch/core/making';
import { answerWith } from '@tin-porch/press/threads';

/** What the worker is asked: texts worked over with a dictionary, or which of some words it does not know. */
export type SpellingRequest = { dictionary: string } & (
  { kind: 'rework'; document: SiteDocument; request: ReworkRequest } | { kind: 'unknown'; words: string[] }
);

const require = createRequire(import.meta.url);
const known = new Map<string, Spelling>();

/** The Hunspell dictionary of a language, read once: up to some seconds the first time. */
function dictionaryOf(name: string): Spelling {
  let spelling = known.get(name);
  if (!spelling) {
    const folder = dirname(require.resolve(`dictionary-${name}`));
    const spell = nspell(readFileSync(join(folder, 'index.aff')), readFileSync(join(folder, 'index.dic')));
    spelling = { correct: (w) => spell.correct(w), suggest: (w) => spell.suggest(w) };
    known.set(name, spelling);
  }
  return spelling;
}

answerWith<SpellingRequest>((data) => {
  const spelling = dictionaryOf(data.dictionary);
  return data.kind === 'rework'
    ? rework(data.document, data.request, spelling)
    : data.words.filter(
        (w) => !spelling.correct(w.replace(/’/g, "'")) && !spelling.correct(w.toLowerCase().replace(/’/g, "'")),
      );
});
