/** A line of an access log in the combined log format. */
export interface LogEntry {
  address: string;
  /** ISO 8601 date, UTC. */
  day: string;
  method: string;
  path: string;
  status: number;
  agent: string;
}

const LINE =
  /^(\S+) (\S+) \S+ \[(\d{2})\/(\w{3})\/(\d{4}):(\d{2}):(\d{2}):(\d{2}) ([+-]\d{4})\] "(\S+) (\S+)[^"]*" (\d{3}) \S+ "((?:[^"\\]|\\.)*)" "((?:[^"\\]|\\.)*)"/;
const MONTHS = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ');

/** Reads one line of the combined log format, or gives null for one that is not. */
export function readLogLine(line: string): LogEntry | null {
  const m = LINE.exec(line);
  if (!m) return null;
  const month = MONTHS.indexOf(m[4]!);
  if (month < 0) return null;
  return {
    // A shortened address is told from its neighbours by the number that stands where an ident would.
    address: m[2] === '-' ? m[1]! : `${m[1]!} ${m[2]!}`,
    day: `${m[5]}-${String(month + 1).padStart(2, '0')}-${m[3]}`,
    method: m[10]!,
    path: m[11]!,
    status: Number(m[12]),
    agent: m[14]!,
  };
}

/** All that a line of the log says of one answer. */
export interface LogDetails extends LogEntry {
  /** ISO 8601, UTC. */
  at: string;
  /** The page it was asked from; empty where nobody said. */
  from: string;
}
/** Reads a line with when it was and where it was asked from, or gives null for one that is none. */
export function readLogDetails(line: string): LogDetails | null {
  const entry = readLogLine(line);
  if (!entry) return null;
  const [, , , , , , hours, minutes, seconds, zone, , , , from] = LINE.exec(line)!;
  const at = Date.parse(`${entry.day}T${hours}:${minutes}:${seconds}${zone!.slice(0, 3)}:${zone!.slice(3)}`);
  return { ...entry, at: new Date(at).toISOString(), from: from === '-' ? '' : from! };
}

/** An address without what points at one household: the last 8 bits of IPv4, the last 80 of IPv6. */
export const shortAddress = (address: string): string => {
  const v4 = /(?:^|:)(\d{1,3}\.\d{1,3}\.\d{1,3})\.\d{1,3}$/.exec(address);
  if (v4) return `${v4[1]!}.0`;
  const [head = ''] = address.split('::');
  return address.includes(':') ? `${head.split(':').slice(0, 3).join(':')}::` : address;
};

/**
 * The lines of a log with their addresses shortened. Who came from addresses alike stays apart by a number of the day, so
 * that visits count as before; lines that are shortened already stay as they are.
 */
export function shortenLog(text: string): string {
  const numbers = new Map<string, number>();
  return text
    .split('\n')
    .map((line) => {
      const m = /^(\S+) - (.*)$/s.exec(line);
      if (!m) return line;
      const n = numbers.get(m[1]!) ?? numbers.size + 1;
      numbers.set(m[1]!, n);
      return `${shortAddress(m[1]!)} v${n} ${m[2]!}`;
    })
    .join('\n');
}

/** Writes a line of the combined log format; quotes, backslashes and control characters of what a visitor sent are escaped. */
export function writeLogLine(entry: {
  address: string;
  time: Date;
  method: string;
  path: string;
  status: number;
  bytes: number;
  referrer: string;
  agent: string;
}): string {
  const safe = (s: string) =>
    [...s.slice(0, 1000)]
      .map((c) =>
        c === '"' || c === '\\'
          ? `\\${c}`
          : c < ' ' || c === '\x7f'
            ? `\\x${c.charCodeAt(0).toString(16).padStart(2, '0')}`
            : c,
      )
      .join('');
  const t = entry.time;
  const two = (n: number) => String(n).padStart(2, '0');
  const stamp = `${two(t.getUTCDate())}/${MONTHS[t.getUTCMonth()]}/${t.getUTCFullYear()}:${two(t.getUTCHours())}:${two(t.getUTCMinutes())}:${two(t.getUTCSeconds())} +0000`;
  return `${entry.address} - - [${stamp}] "${entry.method} ${safe(entry.path).replace(/ /g, '%20')} HTTP/1.1" ${entry.status} ${entry.bytes} "${safe(entry.referrer) || '-'}" "${safe(entry.agent) || '-'}"`;
}

/** What programs that read for nobody say of themselves. */
export const MACHINE = /bot|crawl|spider|slurp|fetch|monitor|check|curl|wget|python|round/i;

/** Sums days into weeks that end on `today` (ISO date): `weeks` numbers, oldest first. */
export function byWeek(days: Record<string, { visits: number }>, today: string, weeks: number): number[] {
  const out = new Array<number>(weeks).fill(0);
  const end = Date.parse(today);
  for (const [day, { visits }] of Object.entries(days)) {
    const back = Math.floor((end - Date.parse(day)) / (7 * 86_400_000));
    if (back >= 0 && back < weeks) out[weeks - 1 - back]! += visits;
  }
  return out;
}
