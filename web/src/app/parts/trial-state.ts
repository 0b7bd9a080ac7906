import type { Answered, Job } from '../api/model';

type Line = Answered<'GET /updates'>['sites'][number];
/** Work that is not at its end. */
const OPEN: ReadonlySet<Job['state']> = new Set(['waiting', 'running', 'retrying']);

/** What is known of the copy of a site, as a chip and what is behind it. */
export interface TrialState {
  tone: 'moss' | 'lamp' | 'brick' | 'rain' | 'grey';
  chip: string;
  words: string;
}

/** How it stands with a site that an earlier version drew. */
export function trialState({ trial, wanted, job }: Pick<Line, 'trial' | 'wanted' | 'job'>): TrialState {
  const of = (tone: TrialState['tone'], chip: string, words = ''): TrialState => ({ tone, chip, words });
  if (job && OPEN.has(job.state))
    return of('rain', job.kind === 'update' ? 'being updated' : 'being tried', job.error ?? '');
  if (wanted) return of('grey', 'waits to be tried');
  if (!trial?.counts) return of('grey', 'not tried', 'Nobody knows what would change.');
  const words = trial.words.join(' ');
  if (trial.verdict === 'worse') return of('brick', 'worse', words);
  if (trial.verdict === 'same') return of('moss', 'same to the eye', 'No word and no point of it would change.');
  return trial.letBy
    ? of('moss', 'let through', `${words} ${trial.letBy} looked at it.`)
    : of('lamp', 'looks otherwise', words);
}
