import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { KINDS, measureBrief, sumOf, type Answer, type BriefMeasure, type Tally } from '@tin-porch/core/fixtures';

const BATCHES = fileURLToPath(new URL('../../../core/briefs', import.meta.url));
const FIRST_SIGHT = `${BATCHES}/first-sight.json`;
/** Every so many briefs of a batch is shut: counted, and looked at by nobody. */
const SHUT_EVERY = 5;

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
const share = ({ wanted, right, found }: Tally) => ({
  wanted,
  recall: percent(right, wanted),
  precision: found === null ? null : percent(right, found),
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
  for (const kind of KINDS) {
    const { wanted, recall, precision } = sight.kinds[kind]!;
    console.log(
      `  ${kind.padEnd(12)} ${String(recall).padStart(4)} % of ${String(wanted).padEnd(5)}` +
        (precision === null ? '' : ` ${String(precision).padStart(4)} % of what was read is right`),
    );
  }
}

/** Reads every batch of briefs and says how much of each was read; what is seen of a batch for the first time is kept. */
export function measureBriefs(): void {
  const kept = existsSync(FIRST_SIGHT) ? (JSON.parse(readFileSync(FIRST_SIGHT, 'utf8')) as Record<string, Sight>) : {};
  for (const entry of readdirSync(BATCHES, { withFileTypes: true }).filter((e) => e.isDirectory())) {
    const batch = entry.name;
    const folder = `${BATCHES}/${batch}`;
    const names = readdirSync(folder)
      .filter((f) => !f.endsWith('.answer.json'))
      .sort();
    const all = names.map((name, n) => {
      const answer = `${folder}/${name.replace(/\.[a-z]+$/, '.answer.json')}`;
      const measure = measureBrief(
        name,
        readFileSync(`${folder}/${name}`, 'utf8'),
        JSON.parse(readFileSync(answer, 'utf8')) as Answer,
      );
      return { name, measure, shut: n % SHUT_EVERY === SHUT_EVERY - 1 };
    });
    const now = sightOf(all.map((a) => a.measure));
    if (kept[batch]) show(`Batch ${batch}, at first sight`, kept[batch]);
    show(`Batch ${batch}, now`, now);
    kept[batch] ??= now;
    const open = all.filter((a) => !a.shut);
    for (const { name, measure } of open.filter((a) => a.measure.refused))
      console.log(`  refused ${name}: ${measure.refused}`);
    if (process.env['VERBOSE'])
      for (const { name, measure } of open)
        for (const words of measure.leaked) console.log(`  ${name} says “${words}”`);
  }
  writeFileSync(FIRST_SIGHT, `${JSON.stringify(kept, null, 2)}\n`);
}
