import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { KINDS, leftOut, measureBrief, sumOf, type BriefMeasure, type Tally } from '@tin-porch/core/fixtures';
import { banks, batches, batchOf } from '../run/train.js';

const BATCHES = fileURLToPath(new URL('../../../core/briefs', import.meta.url));
const FIRST_SIGHT = `${BATCHES}/first-sight.json`;

/** What a batch came to, in whole percents where it is a share. */
interface Sight {
  at: string;
  briefs: number;
  built: number;
  leaked: number;
  medianPages: number;
  medianWords: number;
  /** Of each kind: how much of what is there was read, and how much of what was read is right; null where it cannot be told. */
  kinds: Record<string, { wanted: number; recall: number; precision: number | null }>;
}

const percent = (part: number, whole: number) => Math.round((100 * part) / (whole || 1));
const median = (list: number[]) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0;
const share = ({ wanted, right, found, sound }: Tally) => ({
  wanted,
  recall: percent(right, wanted),
  precision: found === null ? null : percent(sound ?? right, found),
});

function sightOf(measures: readonly BriefMeasure[]): Sight {
  const built = measures.filter((m) => !m.refused);
  return {
    at: new Date().toISOString().slice(0, 10),
    briefs: measures.length,
    built: built.length,
    leaked: measures.reduce((sum, m) => sum + m.leaked.length, 0),
    medianPages: median(built.map((m) => m.pages)),
    medianWords: median(built.map((m) => m.words)),
    kinds: Object.fromEntries(Object.entries(sumOf(measures)).map(([kind, t]) => [kind, share(t)])),
  };
}

function show(title: string, sight: Sight): void {
  console.log(
    `\n${title}: ${sight.built} of ${sight.briefs} built, ${sight.leaked} private stretches on pages, ` +
      `${sight.medianPages} pages and ${sight.medianWords} words at the median`,
  );
  showKinds(sight.kinds);
}

function showKinds(kinds: Sight['kinds']): void {
  for (const kind of KINDS) {
    const of = kinds[kind];
    // What was not measured yet when a batch was first seen.
    if (!of) continue;
    const { wanted, recall, precision } = of;
    console.log(
      `  ${kind.padEnd(12)} ${String(recall).padStart(4)} % of ${String(wanted).padEnd(5)}` +
        (precision === null ? '' : ` ${String(precision).padStart(4)} % of what was read is right`),
    );
  }
}

/** Reads every batch of briefs and says how much of each was read; what is seen of a batch for the first time is kept. */
export function measureBriefs(): void {
  const kept = existsSync(FIRST_SIGHT) ? (JSON.parse(readFileSync(FIRST_SIGHT, 'utf8')) as Record<string, Sight>) : {};
  for (const { batch, folder } of batches()) {
    const all = batchOf(folder).map(({ name, content, answer, shut }) => ({
      name,
      measure: measureBrief(name, content, answer),
      shut,
    }));
    const now = sightOf(all.map((a) => a.measure));
    if (kept[batch]) show(`Batch ${batch}, at first sight`, kept[batch]);
    show(`Batch ${batch}, now`, now);
    if (kept[batch])
      show(`Batch ${batch}, now, those nobody has looked at`, sightOf(all.filter((a) => a.shut).map((a) => a.measure)));
    kept[batch] ??= now;
    const open = all.filter((a) => !a.shut);
    for (const { name, measure } of open.filter((a) => a.measure.refused))
      console.log(`  refused ${name}: ${measure.refused}`);
    if (process.env['VERBOSE'])
      for (const { name, measure } of open)
        for (const words of measure.leaked) console.log(`  ${name} says “${words}”`);
  }
  // Those a reader met while it learned flatter it: each is read once more by one that has not met it.
  const open = batches().flatMap((b) => batchOf(b.folder).filter((a) => !a.shut));
  const kinds = Object.entries(sumOf(leftOut(open, banks()).map((tallies) => ({ tallies }))));
  console.log(`\nAll ${open.length} that are open, each read by a reader that has not met it`);
  showKinds(Object.fromEntries(kinds.map(([kind, t]) => [kind, share(t)])));
  writeFileSync(FIRST_SIGHT, `${JSON.stringify(kept, null, 2)}\n`);
}
