import { MACHINE } from './count.js';

/** What a day of an access log says, without telling who anybody was. */
export interface VisitDay {
  /** One address and browser on one day, however many pages were read. */
  visits: number;
  /** Pages that were read. */
  pages: number;
  /** Pages by how often they were read. */
  byPage: Record<string, number>;
  /** Visits by the host that led here; those that came of themselves are under an empty one. */
  from: Record<string, number>;
  devices: { phone: number; tablet: number; desktop: number };
  /** Messages sent through forms. */
  forms: number;
  /** Addresses of pages that people asked for and that are not there. */
  missing: Record<string, number>;
  /** Requests of machines, which are in none of the other numbers. */
  machines: number;
}

/** So many different pages, hosts and addresses are told apart in a day; what comes after them is under “…”. */
const MOST_KEYS = 500;
/** So many of them are kept of a day, the most frequent ones. */
const MOST_KEPT = 60;
const OTHERS = '…';
/** Programs that visitors use, of which is remembered what they are. */
const MOST_AGENTS = 5000;

type Device = keyof VisitDay['devices'];
const TABLET = /iPad|Tablet|Android(?!.*Mobile)/i;
const PHONE = /Mobi|Phone/i;
/** What somebody reads with, by what the program says of itself; null for a machine. */
export const deviceOf = (agent: string): Device | null =>
  MACHINE.test(agent) ? null : TABLET.test(agent) ? 'tablet' : PHONE.test(agent) ? 'phone' : 'desktop';

/** A number for a text, of 53 bits (two of FNV-1a): enough to tell the visitors of a day apart, and nothing to read back. */
function numberOf(text: string): number {
  let a = 0x811c9dc5;
  let b = 0x01000193;
  for (let n = 0; n < text.length; n++) {
    const c = text.charCodeAt(n);
    a = Math.imul(a ^ c, 0x01000193);
    b = Math.imul(b ^ c, 0x85ebca6b);
  }
  return (a >>> 0) * 0x200000 + ((b >>> 0) & 0x1fffff);
}

const add = (to: Map<string, number>, key: string): void => {
  const at = to.has(key) || to.size < MOST_KEYS ? key : OTHERS;
  to.set(at, (to.get(at) ?? 0) + 1);
};
const most = (all: Map<string, number>): Record<string, number> =>
  Object.fromEntries([...all].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1)).slice(0, MOST_KEPT));

/** Where a text between quotes ends: a quote in it has a backslash before it. */
function endOf(line: string, from: number): number {
  let at = line.indexOf('"', from);
  while (at > 0 && line.charCodeAt(at - 1) === 92) {
    let back = 0;
    while (line.charCodeAt(at - 1 - back) === 92) back++;
    if (back % 2 === 0) return at;
    at = line.indexOf('"', at + 1);
  }
  return at;
}

const path = (asked: string): string => {
  const end = asked.search(/[?#]/);
  return end < 0 ? asked : asked.slice(0, end);
};

/** Counts the lines of one day’s access log as they come, in the combined log format; each is read once. */
export class Tally {
  private readonly who = new Set<number>();
  private readonly byPage = new Map<string, number>();
  private readonly from = new Map<string, number>();
  private readonly missing = new Map<string, number>();
  private readonly agents = new Map<string, Device | null>();
  private readonly devices = { phone: 0, tablet: 0, desktop: 0 };
  private pages = 0;
  private forms = 0;
  private machines = 0;

  /** @param own hosts of the site itself: who comes from there was here already */
  constructor(private readonly own: ReadonlySet<string> = new Set()) {}

  /** Counts a line. One that is none is passed over. */
  add(line: string): void {
    const open = line.indexOf(' "');
    const asked = endOf(line, open + 2);
    if (open < 0 || asked < 0) return;
    const method = line.indexOf(' ', open + 2);
    const target = line.indexOf(' ', method + 1);
    if (method < 0 || target < 0 || target > asked) return;
    const status = Number(line.slice(asked + 2, asked + 5));
    const quote = line.indexOf(' "', asked + 5);
    const referred = endOf(line, quote + 2);
    const last = line.lastIndexOf('"');
    if (!(status >= 100) || quote < 0 || referred < 0 || last <= referred + 2) return;
    const agent = line.slice(referred + 3, last);
    let device = this.agents.get(agent);
    if (device === undefined) {
      device = deviceOf(agent);
      if (this.agents.size < MOST_AGENTS) this.agents.set(agent, device);
    }
    if (device === null) {
      this.machines++;
      return;
    }
    const verb = line.slice(open + 2, method);
    const to = path(line.slice(method + 1, target));
    if (verb === 'POST') {
      if (status === 303 && to.startsWith('/-/forms/')) this.forms++;
      return;
    }
    if (verb !== 'GET' || !(to.endsWith('/') || to.endsWith('.html') || status === 404)) return;
    if (status === 404) {
      // What browsers ask for of themselves is missed by nobody.
      if (!/\.(?!html$)\w{1,6}$/.test(to) && !to.startsWith('/-/')) add(this.missing, to);
      return;
    }
    if (status >= 400 || status === 301 || to.startsWith('/-/')) return;
    this.pages++;
    add(this.byPage, to);
    // A shortened address is told from its neighbours by what stands where an ident would: all before the time.
    const who = numberOf(`${line.slice(0, line.indexOf(' [')) + agent}`);
    if (this.who.has(who)) return;
    this.who.add(who);
    this.devices[device]++;
    const host = /^https?:\/\/(?:www\.)?([^/:?#"]+)/i.exec(line.slice(quote + 2, referred))?.[1]?.toLowerCase() ?? '';
    add(this.from, this.own.has(host) ? '' : host);
  }

  /** What was counted so far. */
  day(): VisitDay {
    return {
      ...{ visits: this.who.size, pages: this.pages, byPage: most(this.byPage), from: most(this.from) },
      ...{ devices: { ...this.devices }, forms: this.forms, missing: most(this.missing), machines: this.machines },
    };
  }
}

/** Several days as one. */
export function together(days: readonly VisitDay[]): VisitDay {
  const sum = (of: (d: VisitDay) => number) => days.reduce((n, d) => n + of(d), 0);
  const merged = (of: (d: VisitDay) => Record<string, number>) => {
    const all = new Map<string, number>();
    for (const d of days) for (const [key, n] of Object.entries(of(d))) all.set(key, (all.get(key) ?? 0) + n);
    return most(all);
  };
  return {
    visits: sum((d) => d.visits),
    pages: sum((d) => d.pages),
    byPage: merged((d) => d.byPage),
    from: merged((d) => d.from),
    devices: {
      phone: sum((d) => d.devices.phone),
      tablet: sum((d) => d.devices.tablet),
      desktop: sum((d) => d.devices.desktop),
    },
    forms: sum((d) => d.forms),
    missing: merged((d) => d.missing),
    machines: sum((d) => d.machines),
  };
}
