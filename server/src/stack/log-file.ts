import { appendFileSync, existsSync, mkdirSync, renameSync, statSync } from 'node:fs';
import { dirname } from 'node:path';

const MOST_BYTES = 5_000_000;
const KEPT = 5;

/** What a program says, in a file that is put by when it is full: `name.log`, `name.log.1`, … the oldest let go. */
export class LogFile {
  private size = 0;

  constructor(
    private readonly file: string,
    private readonly most = MOST_BYTES,
  ) {
    mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
    this.size = existsSync(file) ? statSync(file).size : 0;
  }

  /** Adds to it. A disk that is full loses lines, and stops nothing. */
  write(part: Buffer | string): void {
    try {
      if (this.size > this.most) this.putBy();
      appendFileSync(this.file, part, { mode: 0o600 });
      this.size += part.length;
    } catch {
      // There is nowhere left to say so.
    }
  }

  private putBy(): void {
    for (let n = KEPT - 1; n >= 1; n--)
      if (existsSync(`${this.file}.${n}`)) renameSync(`${this.file}.${n}`, `${this.file}.${n + 1}`);
    renameSync(this.file, `${this.file}.1`);
    this.size = 0;
  }
}
