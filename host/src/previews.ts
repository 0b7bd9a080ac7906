import { createHmac, randomBytes, timingSafeEqual } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { writeDurable } from './durable.js';
import type { PreviewSettings, SiteSettings } from './sites.js';

/** How often a password may be wrong before nobody is asked for it any more, and for how long, ms. */
const MOST_WRONG = 10;
const WRONG_MS = 15 * 60_000;
/** How long what was counted stands in memory alone, ms. */
const REST_MS = 3000;
/** Of so many who looked at one preview it is known who they were: beyond, they are not told apart. */
const MOST_LOOKERS = 1000;

/** What was seen of a preview: who looked, told apart by what they were given to carry, how many pages, and when. */
interface Seen {
  lookers: string[];
  pages: number;
  first: string;
  last: string;
}
/** The same as it is told. */
export interface Looked {
  lookers: number;
  pages: number;
  first: string;
  last: string;
}

type Of = Pick<SiteSettings, 'id' | 'previewKey' | 'previews'>;

/** The previews of closed sites that people were given a link to: who may look, and who did. */
export class Previews {
  private readonly bySite = new Map<string, Promise<Map<string, Seen>>>();
  private readonly wrong = new Map<string, { times: number; until: number }>();
  private readonly unwritten = new Set<string>();
  private timer: NodeJS.Timeout | undefined;

  /** @param folder of the sites */
  constructor(
    private readonly folder: string,
    private readonly now: () => number = Date.now,
  ) {}

  /** The preview of a link that is still good. */
  find({ previews = [] }: Of, token: string): PreviewSettings | undefined {
    return previews.find((p) => p.token === token && Date.parse(p.until) > this.now());
  }

  private proof = (site: Of, { token, lock }: PreviewSettings, looker: string): string =>
    createHmac('sha256', Buffer.from(site.previewKey, 'hex'))
      .update(`look ${site.id} ${token} ${looker} ${lock ?? ''}`)
      .digest('base64url');

  /** What somebody is given to carry who may look: good for this preview and its password as it is now. */
  admit(site: Of, preview: PreviewSettings): { value: string; seconds: number } {
    const looker = randomBytes(9).toString('base64url');
    return {
      value: `${preview.token}.${looker}.${this.proof(site, preview, looker)}`,
      seconds: Math.max(1, Math.floor((Date.parse(preview.until) - this.now()) / 1000)),
    };
  }

  /** Whose what somebody carries is, and of which preview; undefined where it is good for none (any more). */
  admitted(site: Of, value: string): { preview: PreviewSettings; looker: string } | undefined {
    const m = /^([\w-]{22})\.([\w-]{12})\.([\w-]{43})$/.exec(value);
    const preview = m && this.find(site, m[1]!);
    if (!preview) return undefined;
    const right = Buffer.from(this.proof(site, preview, m[2]!));
    const given = Buffer.from(m[3]!);
    return given.length === right.length && timingSafeEqual(given, right) ? { preview, looker: m[2]! } : undefined;
  }

  /** Whether a password may be tried: each counts as one that `failed` until it `fits`. */
  mayTry(token: string): boolean {
    const known = this.wrong.get(token);
    if (known && known.until <= this.now()) this.wrong.delete(token);
    return (this.wrong.get(token)?.times ?? 0) < MOST_WRONG;
  }
  failed(token: string): void {
    const times = (this.wrong.get(token)?.times ?? 0) + 1;
    this.wrong.set(token, { times, until: this.now() + WRONG_MS });
  }
  /** The password was the right one: the wrong ones before it are forgotten. */
  fits(token: string): void {
    this.wrong.delete(token);
  }

  private file = (site: string): string => join(this.folder, site, 'previews.json');

  private of(site: string): Promise<Map<string, Seen>> {
    let known = this.bySite.get(site);
    if (!known) {
      // Counted anew where nothing can be read: no site is to stand still for that.
      known = readFile(this.file(site), 'utf8')
        .then((text) => new Map(Object.entries(JSON.parse(text) as Record<string, Seen>)))
        .catch(() => new Map<string, Seen>());
      this.bySite.set(site, known);
    }
    return known;
  }

  /** Counts a page that somebody looked at. */
  async looked(site: string, token: string, looker: string): Promise<void> {
    const all = await this.of(site);
    const at = new Date(this.now()).toISOString();
    const seen = all.get(token) ?? { lookers: [], pages: 0, first: at, last: at };
    if (!seen.lookers.includes(looker) && seen.lookers.length < MOST_LOOKERS) seen.lookers.push(looker);
    seen.pages++;
    seen.last = at;
    all.set(token, seen);
    this.unwritten.add(site);
    this.timer ??= setTimeout(() => void this.write(), REST_MS).unref();
  }

  /** What was seen of the previews of a site, by their tokens. */
  async counts(site: string): Promise<Record<string, Looked>> {
    const all = [...(await this.of(site))];
    return Object.fromEntries(
      all.map(([token, { lookers, ...rest }]) => [token, { lookers: lookers.length, ...rest }]),
    );
  }

  /** Writes down what was counted. */
  async write(): Promise<void> {
    clearTimeout(this.timer);
    this.timer = undefined;
    const sites = [...this.unwritten];
    this.unwritten.clear();
    for (const site of sites) {
      const all = await this.of(site);
      await writeDurable(this.file(site), JSON.stringify(Object.fromEntries(all))).catch(() => undefined);
    }
  }

  /** Forgets what was counted of previews that a site has no more. */
  async keepOnly({ id, previews = [] }: Of): Promise<void> {
    const all = await this.of(id);
    const good = new Set(previews.map((p) => p.token));
    const gone = [...all.keys()].filter((token) => !good.has(token));
    for (const token of gone) all.delete(token);
    if (!gone.length) return;
    this.unwritten.add(id);
    await this.write();
  }
  /** A site that is here no more, or came with what was counted elsewhere. */
  forget(site: string): void {
    this.bySite.delete(site);
    this.unwritten.delete(site);
  }
}
