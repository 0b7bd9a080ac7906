/** One line of the operation log: a change, or the taking back (undo) or putting back (redo) of an earlier line. */
export interface LogLine {
  seq: number;
  kind: 'do' | 'undo' | 'redo';
  /** For undo and redo: the seq of the change it takes back or puts back. */
  of: number | null;
}

export interface HistoryState {
  /** The change undo would take back. */
  undo: number | null;
  /** The change redo would put back. */
  redo: number | null;
}

/** Reads off the log what undo and redo would do now. A new change after an undo lets go of what could be redone. */
export function historyState(log: readonly LogLine[]): HistoryState {
  const done: number[] = [];
  let undone: number[] = [];
  for (const line of log) {
    if (line.kind === 'do') {
      done.push(line.seq);
      undone = [];
    } else if (line.kind === 'undo') {
      undone.push(done.pop()!);
    } else {
      done.push(undone.pop()!);
    }
  }
  return { undo: done.at(-1) ?? null, redo: undone.at(-1) ?? null };
}
