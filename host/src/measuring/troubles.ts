import { open, stat } from 'node:fs/promises';
import { StringDecoder } from 'node:string_decoder';

/** An answer that was none: what the front could not give, or what was given as a fault of ours (RFC 9110, 15.6). */
export interface Trouble {
  /** ISO 8601. */
  at: string;
  host: string;
  method: string;
  /** Without what was asked along with it: keys may be in there. */
  path: string;
  status: number;
  /** What the agent answered, where it was asked; `-` where it did not. */
  behind: string;
}

/** So many of the newest are kept. */
const KEPT = 300;
/** So much of a file that is there already is read, bytes. */
const LOOKED_BACK = 200_000;

/** Reads a line that the front writes of a trouble; null where it is none. */
export function readTrouble(line: string): Trouble | null {
  try {
    const { at, host, method, path, status, behind } = JSON.parse(line) as Record<keyof Trouble, unknown>;
    if (typeof at !== 'string' || Number.isNaN(Date.parse(at)) || typeof status !== 'number') return null;
    return {
      at: new Date(at).toISOString(),
      status,
      host: String(host).slice(0, 253),
      method: String(method).slice(0, 10),
      path: String(path).slice(0, 300),
      behind: String(behind),
    };
  } catch {
    return null;
  }
}

/** Follows the file in which the front writes down what went wrong, from where it was read the last time. */
export class Troubles {
  private at = -1;
  private inode = -1;
  private rest = '';
  private decoder = new StringDecoder('utf8');
  private readonly kept: Trouble[] = [];
  private total = 0;
  private reading: Promise<void> = Promise.resolve();

  constructor(private readonly file: string) {}

  /** How many there were since this was made. */
  async count(): Promise<number> {
    await this.read();
    return this.total;
  }
  /** The newest first; also those of before this was made. */
  async newest(): Promise<Trouble[]> {
    await this.read();
    return [...this.kept].reverse();
  }

  private read(): Promise<void> {
    this.reading = this.reading.then(() => this.follow());
    return this.reading;
  }
  private async follow(): Promise<void> {
    const found = await stat(this.file).catch(() => null);
    if (!found) {
      // All that comes into it is new.
      this.at = Math.max(0, this.at);
      return;
    }
    const first = this.at < 0;
    // Another file has its name by now.
    if (found.ino !== this.inode || found.size < this.at) {
      [this.inode, this.at, this.rest] = [found.ino, first ? Math.max(0, found.size - LOOKED_BACK) : 0, ''];
      this.decoder = new StringDecoder('utf8');
    }
    if (found.size === this.at) return;
    const handle = await open(this.file, 'r');
    try {
      for await (const part of handle.createReadStream({ start: this.at, autoClose: false })) {
        this.at += (part as Buffer).length;
        const lines = (this.rest + this.decoder.write(part as Buffer)).split('\n');
        this.rest = lines.pop()!;
        for (const line of lines) {
          const trouble = readTrouble(line);
          if (!trouble) continue;
          // What is there already was counted by whoever was here before.
          if (!first) this.total++;
          this.kept.push(trouble);
        }
        this.kept.splice(0, this.kept.length - KEPT);
      }
    } finally {
      await handle.close();
    }
  }
}
