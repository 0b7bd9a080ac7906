/** What Tin Porch can do itself to put a finding right. */
export type MendKind = 'certificate' | 'backup' | 'records' | 'deploy' | 'update';

/** The mends that change nothing a visitor or a bill would notice: they are done without asking. */
export const DONE_UNASKED: ReadonlySet<MendKind> = new Set<MendKind>(['certificate', 'backup']);

/** What a round found, with what it saw. */
export interface Finding {
  /**
   * Stable for one thing at one site, so that the same trouble is one finding from round to round. Its first word is the
   * kind of trouble.
   */
  key: string;
  severity: 'broken' | 'look';
  title: string;
  evidence: string;
  /** What it does to visitors or to the client. */
  harm: string;
  /** What to do about it, and where. */
  fix: string;
  step: 'brief' | 'look' | 'pages' | 'seo' | 'domain' | 'publish' | 'care';
  /** What Tin Porch can do about it itself; null where somebody has to. */
  mend: MendKind | null;
  /** A letter to whoever must, where neither Tin Porch nor its people can; null elsewhere. */
  note: string | null;
}

/** A finding, said with what is not always there left out. */
export const found = (f: Omit<Finding, 'mend' | 'note'> & Partial<Pick<Finding, 'mend' | 'note'>>): Finding => ({
  mend: null,
  note: null,
  ...f,
});

/** The kind of trouble a finding is of: the same for every site and page. */
export const kindOf = (key: string): string => key.split(' ')[0]!;

/** Whole days from now until a time, both as ISO 8601. */
export const daysUntil = (then: string, now: string): number =>
  Math.floor((Date.parse(then) - Date.parse(now)) / 86_400_000);
