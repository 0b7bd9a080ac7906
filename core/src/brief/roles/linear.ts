/**
 * A linear model over named features (multinomial logistic regression), as it is shipped: of each feature a weight for each
 * class, in steps of `step`, a letter each.
 */
export interface LinearModel {
  classes: string[];
  step: number;
  bias: number[];
  /** “feature” + tab + one letter a class, a line each. */
  weights: string;
}

/** A letter for each step from the least to the most; the one in the middle is nought. */
const LETTERS = '!#$%&()*+,-./0123456789:;<=>?@ABCDEFGHIJKLMNOPQRSTUVWXYZ[]^_abcdefghijklmnopqrstuvwxyz{|}~';
const MIDDLE = (LETTERS.length - 1) >> 1;
/** How many steps a weight has to each side. */
export const STEPS = MIDDLE;

/** A weight in steps as a letter. */
export const letterOf = (steps: number): string =>
  LETTERS[Math.max(0, Math.min(2 * MIDDLE, Math.round(steps) + MIDDLE))]!;

export interface Linear {
  classes: readonly string[];
  /** How likely each class is for something with these features, in the order of the classes; they add up to 1. */
  predict(features: readonly string[]): number[];
  /** The sums themselves. */
  scores(features: readonly string[]): number[];
}

/** Makes a model ready to be asked. */
export function linear({ classes, step, bias, weights }: LinearModel): Linear {
  const rows = new Map<string, string>();
  for (const line of weights.split('\n')) {
    const tab = line.indexOf('\t');
    if (tab > 0) rows.set(line.slice(0, tab), line.slice(tab + 1));
  }
  const value = new Float64Array(128);
  for (let n = 0; n < LETTERS.length; n++) value[LETTERS.charCodeAt(n)] = (n - MIDDLE) * step;
  const scores = (features: readonly string[]) => {
    const sums = bias.slice();
    for (const f of features) {
      const row = rows.get(f);
      if (row) for (let k = 0; k < sums.length; k++) sums[k]! += value[row.charCodeAt(k)]!;
    }
    return sums;
  };
  return { classes, scores, predict: (features) => softmax(scores(features)) };
}

/** Scores as shares that add up to 1. */
export function softmax(scores: readonly number[]): number[] {
  const most = Math.max(...scores);
  const powers = scores.map((s) => Math.exp(s - most));
  const sum = powers.reduce((a, b) => a + b, 0);
  return powers.map((p) => p / sum);
}
