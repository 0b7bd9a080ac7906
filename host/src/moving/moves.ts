import { randomBytes } from 'node:crypto';
import { readFile, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { Problem } from '@tin-porch/core/ground';
import { writeDurable } from '../durable.js';

/** Where a site is from now on, as visitors who still come here are led there. */
export interface MovedTo {
  address: string;
  httpPort: number;
  httpsPort: number;
  /** Its temporary address there, without a path. */
  temporary: string;
}
interface Held {
  token: string;
  over: Promise<void>;
  end(): void;
}

/** How long what is asked of a site is kept waiting for its move, and how long it is waited for what is under way, ms. */
const HELD_MS = 20_000;
const UNDER_WAY_MS = 12_000;
/** How long somebody who was led away and back waits for that, ms. */
const BACK_MS = 5000;
const FILE = 'moved.json';

/**
 * Sites that move to another server. While the last of one is carried over, whatever would change it waits, for a few
 * seconds: nothing is refused, and nothing comes in that would stay behind. Then this server leads everybody on.
 */
export class Moves {
  private readonly held = new Map<string, Held>();
  private readonly moved = new Map<string, MovedTo>();
  /** How much is under way at a site that may change it. */
  private readonly underWay = new Map<string, number>();
  private readonly ended = new Set<() => void>();
  /** Who waits for a site that comes back. */
  private readonly returned = new Set<() => void>();
  private readonly ledOn = new Map<string, { count: number; last: Date }>();

  private constructor(private readonly folder: string) {}

  /** @param folder of the sites @param ids of those that are here */
  static async load(folder: string, ids: readonly string[]): Promise<Moves> {
    const moves = new Moves(folder);
    for (const id of ids) {
      // One that is damaged is that site’s trouble: the server starts all the same.
      const to = await readFile(join(folder, id, FILE), 'utf8')
        .then((text) => JSON.parse(text) as MovedTo)
        .catch(() => null);
      if (to) moves.moved.set(id, to);
    }
    return moves;
  }

  /** For a server of whose sites none moves. */
  static none = (): Moves => new Moves('');

  /** Where a site has moved to; undefined where it is here. */
  to = (id: string): MovedTo | undefined => this.moved.get(id);
  /** Notes that somebody was led on. */
  led(id: string): void {
    const { count } = this.ledOn.get(id) ?? { count: 0 };
    this.ledOn.set(id, { count: count + 1, last: new Date() });
  }
  /** How many were led on since the agent was started, and when last. */
  ledSoFar = (id: string): { count: number; last: Date | null } => this.ledOn.get(id) ?? { count: 0, last: null };
  /** @throws Problem where a site is not to be changed at this moment, or not here any more */
  stays(id: string): void {
    if (this.moved.has(id)) throw new Problem(409, 'The site has moved to another server');
    if (this.held.has(id)) throw new Problem(503, 'The site is being moved');
  }

  /**
   * Says that something begins that may change a site; waits while it is being moved.
   * @returns what is to be called at its end, or null where the site is here no more
   */
  async begin(id: string): Promise<(() => void) | null> {
    for (let held = this.held.get(id); held; held = this.held.get(id)) await held.over;
    return this.beginNow(id);
  }
  /** The same for what can wait until another time: null while the site is being moved, too. */
  beginNow(id: string): (() => void) | null {
    if (this.held.has(id) || this.moved.has(id)) return null;
    this.underWay.set(id, (this.underWay.get(id) ?? 0) + 1);
    let over = false;
    return () => {
      if (over) return;
      over = true;
      const left = this.underWay.get(id)! - 1;
      if (left) this.underWay.set(id, left);
      else this.underWay.delete(id);
      for (const told of this.ended) told();
    };
  }

  /**
   * Has whatever would change a site wait, once what is under way has ended. It is let go again after some seconds, whoever
   * asked for it: what was carried over by then is worth nothing.
   * @returns what {@link leave} is to be told
   * @throws Problem 503 where what is under way does not end, 409 where it has moved already
   */
  async hold(id: string): Promise<string> {
    if (this.moved.has(id)) throw new Problem(409, 'The site has moved to another server');
    this.letGo(id);
    let end = (): void => undefined;
    const over = new Promise<void>((done) => (end = done));
    const held = { token: randomBytes(16).toString('hex'), over, end };
    this.held.set(id, held);
    const until = Date.now() + UNDER_WAY_MS;
    while (this.underWay.has(id)) {
      if (Date.now() > until) {
        if (this.held.get(id) === held) this.letGo(id);
        throw new Problem(503, 'Something is under way at the site that does not end');
      }
      await new Promise<void>((done) => {
        const told = () => {
          this.ended.delete(told);
          clearTimeout(timer);
          done();
        };
        const timer = setTimeout(told, 500);
        this.ended.add(told);
      });
    }
    setTimeout(() => this.held.get(id) === held && this.letGo(id), HELD_MS).unref();
    return held.token;
  }

  /** @throws Problem 409 where the site is not held by this token any more */
  isHeldBy(id: string, token: string): void {
    if (this.held.get(id)?.token !== token) throw new Problem(409, 'The site was let go meanwhile');
  }

  /** Lets what waits go on here: the site does not move now. */
  letGo(id: string): void {
    const held = this.held.get(id);
    this.held.delete(id);
    held?.end();
  }

  /**
   * Leads everybody on from now on, also after the next start. Where it does so already, it may lead elsewhere from now on.
   * @throws Problem 409 where the site is here, and not held by this token
   */
  async leave(id: string, token: string, to: MovedTo): Promise<void> {
    if (!this.moved.has(id)) this.isHeldBy(id, token);
    await writeDurable(join(this.folder, id, FILE), JSON.stringify(to));
    this.moved.set(id, to);
    this.letGo(id);
  }

  /** Waits, for a while, until a site is here again that is on its way back. */
  async back(id: string): Promise<void> {
    if (!this.moved.has(id)) return;
    await new Promise<void>((done) => {
      const told = () => {
        this.returned.delete(told);
        clearTimeout(timer);
        done();
      };
      const timer = setTimeout(told, BACK_MS);
      this.returned.add(told);
    });
  }

  /** Forgets where a site moved to: it is here again, or gone for good. */
  async forget(id: string): Promise<void> {
    this.letGo(id);
    this.ledOn.delete(id);
    if (!this.moved.has(id)) return;
    await rm(join(this.folder, id, FILE), { force: true });
    this.moved.delete(id);
    for (const told of this.returned) told();
  }
}
