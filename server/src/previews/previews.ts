import { randomBytes, randomUUID } from 'node:crypto';
import { Problem } from '@tin-porch/core/ground';
import type { Holding } from '@tin-porch/core/page';
import { hashPassword } from '../accounts/passwords.js';
import { temporaryOrigin, tellHost } from '../deploy/deploy.js';
import type { HostLooked } from '../servers/host-client.js';
import type { ServerRow, Servers } from '../servers/servers.js';
import type { KeptPreview, SiteHead } from '../sites/site-row.js';
import type { Sites } from '../sites/sites.js';

/** So many links of a site are good at a time, and so far ahead, days. */
const MOST = 40;
const FURTHEST_DAYS = 366;
/** For so many days a link that is over is still listed, with who looked; and with those that are good, so many at most. */
const LISTED_DAYS = 30;
const MOST_LISTED = 100;
const DAY_MS = 86_400_000;
/** Two who change the previews of one site at once: the second does it anew, at most so often. */
const TRIES = 4;

/** What is said of a preview, where something is. */
export interface PreviewWish {
  name?: string;
  until?: string;
  /** Asked for from now on; null takes it away. */
  password?: string | null;
}
/** A preview as it is listed. */
export interface ListedPreview extends Omit<KeptPreview, 'token' | 'lock'> {
  url: string;
  over: boolean;
  locked: boolean;
  looked: HostLooked | null;
}

/** Links by which others look at a site before it is open, and the page that stands before it. */
export class Previews {
  constructor(
    private readonly parts: { sites: Sites; servers: Servers },
    private readonly now: () => number = Date.now,
  ) {}

  private async deployed(site: SiteHead): Promise<ServerRow> {
    const server = site.server && site.liveRelease ? await this.parts.servers.get(site.server) : undefined;
    if (!server) throw new Problem(409, 'There is nothing to look at yet', 'Deploy the site first.');
    return server;
  }

  private listed = (
    site: SiteHead,
    server: ServerRow,
    { token, lock, ...preview }: KeptPreview,
    looked: HostLooked | null,
  ): ListedPreview => ({
    ...preview,
    url: `${temporaryOrigin(site, server)}/?preview=${token}`,
    over: Date.parse(preview.until) <= this.now(),
    locked: lock !== null,
    looked,
  });

  /**
   * The links of a site, the newest first, and who looked; `counted` is false where its server does not say so now. None
   * before it is deployed.
   */
  async of(site: SiteHead): Promise<{ previews: ListedPreview[]; counted: boolean; before: string | null }> {
    const server = site.server && site.liveRelease ? await this.parts.servers.get(site.server) : undefined;
    if (!server) return { previews: [], counted: true, before: null };
    const counts = site.previews.length ? await server.client.previews(site.id).catch(() => null) : {};
    return {
      previews: [...site.previews]
        .reverse()
        .map((p) => this.listed(site, server, p, counts && (counts[p.token] ?? NOBODY))),
      counted: counts !== null,
      before: `${temporaryOrigin(site, server)}/-/holding`,
    };
  }

  /**
   * Changes the links of a site where it is served first, and here once that is done: what is said to be over opens nothing
   * any more. @throws Problem where the server does not answer, or others change them all the time
   */
  private async change(
    of: SiteHead,
    to: (all: readonly KeptPreview[]) => KeptPreview[],
    key?: string,
  ): Promise<SiteHead> {
    const { sites } = this.parts;
    for (let n = 0; n < TRIES; n++) {
      const site = await sites.headOf(of.organisation, of.id);
      const server = site.server ? await this.parts.servers.get(site.server) : undefined;
      const all = to(site.previews.filter((p) => Date.parse(p.until) > this.now() - LISTED_DAYS * DAY_MS));
      const good = all.filter((p) => Date.parse(p.until) > this.now()).length;
      // The oldest of those that are over go first.
      let over = Math.max(0, all.length - Math.max(good, MOST_LISTED));
      const previews = all.filter((p) => Date.parse(p.until) > this.now() || over-- <= 0);
      const next = { ...site, previews, previewKey: key ?? site.previewKey };
      if (server && site.liveRelease) await tellHost(next, server);
      if (await sites.setPreviews(next, site.previews)) return next;
    }
    throw new Problem(409, 'Others change the links of this site at this moment', 'Try it again.');
  }

  private until(wanted: string): string {
    const at = Date.parse(wanted);
    if (!(at > this.now())) throw new Problem(422, 'That is past', 'Choose a day that is still to come.');
    if (at > this.now() + FURTHEST_DAYS * DAY_MS)
      throw new Problem(422, 'That is more than a year ahead', 'Choose an earlier day.');
    return new Date(at).toISOString();
  }
  private async lock(password: string | null): Promise<string | null> {
    if (password === null || password === '') return null;
    if (password.trim().length < SHORTEST)
      throw new Problem(422, 'The password is too short', `${SHORTEST} characters or more.`);
    return hashPassword(password);
  }

  /** Makes a link. @throws Problem 409 where nothing is deployed or there are too many, 422 where what is wished cannot be */
  async make(
    site: SiteHead,
    { name, until, password = null }: PreviewWish & { name: string; until: string },
    by: string,
  ): Promise<ListedPreview> {
    const server = await this.deployed(site);
    const made: KeptPreview = {
      id: randomUUID(),
      token: randomBytes(16).toString('base64url'),
      name: name.trim(),
      until: this.until(until),
      lock: await this.lock(password),
      madeAt: new Date(this.now()).toISOString(),
      by,
    };
    if (!made.name) throw new Problem(422, 'Say whom it is for', 'A link without a name is nobody’s.');
    await this.change(site, (all) => {
      if (all.filter((p) => Date.parse(p.until) > this.now()).length >= MOST)
        throw new Problem(409, 'There are too many links', `End some of the ${MOST} there are first.`);
      return [...all, made];
    });
    return this.listed(site, server, made, NOBODY);
  }

  /** Changes what a link is called, until when it is good, or its password: who has the one before is asked again. */
  async put(site: SiteHead, id: string, wish: PreviewWish): Promise<void> {
    const until = wish.until === undefined ? undefined : this.until(wish.until);
    const lock = wish.password === undefined ? undefined : await this.lock(wish.password);
    const name = wish.name?.trim();
    if (name === '') throw new Problem(422, 'Say whom it is for', 'A link without a name is nobody’s.');
    await this.change(site, (all) => {
      known(all, id);
      return all.map((p) =>
        p.id === id ? { ...p, ...(name && { name }), ...(until && { until }), ...(lock !== undefined && { lock }) } : p,
      );
    });
  }

  /** Ends a link: it opens nothing any more. Gives what it was called. */
  async end(site: SiteHead, id: string): Promise<string> {
    let name = '';
    await this.change(site, (all) => {
      ({ name } = known(all, id));
      return all.filter((p) => p.id !== id);
    });
    return name;
  }

  /** Ends every link there is, those by which the house looks itself among them. */
  async endAll(site: SiteHead): Promise<void> {
    await this.change(site, () => [], randomBytes(32).toString('hex'));
  }

  /** What the page says from now on that stands before a site; null where that is left to the house. */
  async hold(site: SiteHead, wanted: Holding): Promise<Holding | null> {
    const words = wanted.words.replace(/\s+/g, ' ').trim();
    const holding = words || wanted.opens ? { opens: wanted.opens, words } : null;
    const server = site.server && site.liveRelease ? await this.parts.servers.get(site.server) : undefined;
    if (server) await tellHost({ ...site, holding }, server);
    await this.parts.sites.setHolding(site.id, holding);
    return holding;
  }
}

const SHORTEST = 6;
const NOBODY: HostLooked = { lookers: 0, pages: 0, first: '', last: '' };

/** @throws Problem 404 */
function known(all: readonly KeptPreview[], id: string): KeptPreview {
  const preview = all.find((p) => p.id === id);
  if (!preview) throw new Problem(404, 'There is no such link any more');
  return preview;
}
