import { Problem } from '@tin-porch/core/ground';
import type { SiteDocument } from '@tin-porch/core/model';
import {
  bringIn,
  describe,
  netOf,
  type BroughtIn,
  type Operation,
  type SingleOperation,
} from '@tin-porch/core/operations';
import type { Database } from '../db/database.js';
import { agree, chosenOf, sidesOf, singles, type Side } from '../live/sides.js';
import { withoutTakenBack, type Author, type Draft } from '../sites/site-log.js';
import { nameOf, type SiteHead, type SiteRow } from '../sites/site-row.js';
import type { Sites } from '../sites/sites.js';

/** So many steps of one of the two at most are walked through; so many operations a step has at most. */
const MOST_STEPS = 3000;
const MOST_AT_ONCE = 500;

/** The steps of both logs that somebody had before them. */
export interface Heads {
  copy: number;
  original: number;
}
/** How a staging copy differs from the site it is of. */
export interface StagingState {
  of: { id: string; name: string };
  heads: Heads;
  /** What stands of what was changed on the copy, newest first, each named once. */
  tried: string[];
  /** What was changed in the site itself since. */
  meanwhile: string[];
  /** What both changed, and has to be decided: `live` is what the copy says, `draft` what the site says. */
  parts: Side[];
}
interface Meeting {
  copy: SiteHead;
  original: SiteRow;
  marks: { at: number; from: number };
  heads: Heads;
  came: BroughtIn;
  base: SiteDocument;
  /** What is held, as one change of each thing. */
  net: SingleOperation[];
  tried: Draft[];
  meanwhile: Draft[];
}

/**
 * Copies of sites to try things on: each is a site of its own, closed to visitors, which knows what it is a copy of. What was
 * tried is brought back as one change after what was changed in the site itself meanwhile; then both are the same again.
 */
export class Staging {
  constructor(
    private readonly db: Database,
    private readonly sites: Sites,
  ) {}

  /** Makes a staging copy of a site, where that is served. @throws Problem 409 of one that is such a copy */
  async make(site: SiteRow, called: string): Promise<SiteRow> {
    if (site.stagingOf) throw new Problem(409, 'It is a staging copy itself', 'Make one of the site it is of.');
    const copy = await this.sites.copy(site, called);
    await this.db.query(
      'update site set staging_of = $2, staging_at = $3, staging_from = $4, server = $5 where id = $1',
      [copy.id, site.id, copy.head, site.head, site.server],
    );
    return { ...copy, stagingOf: site.id, server: site.server };
  }

  /** The staging copies of a site, the newest first. */
  async of(site: string): Promise<{ id: string; name: string }[]> {
    const { rows } = await this.db.query<Pick<SiteHead, 'id' | 'called' | 'summary'>>(
      'select id, called, summary from site where staging_of = $1 order by created_at desc',
      [site],
    );
    return rows.map((r) => ({ id: r.id, name: nameOf(r) }));
  }

  /** How a staging copy differs from its site. @throws Problem 404 where it is none */
  async state(copy: SiteHead): Promise<StagingState> {
    const { original, heads, came, net, base, tried, meanwhile } = await this.meet(copy);
    const named = (drafts: readonly Draft[]) => [
      ...new Set(drafts.filter((d) => d.stands).map((d) => describe(d.operation))).values(),
    ];
    return {
      of: { id: original.id, name: nameOf(original) },
      heads,
      tried: named(tried.toReversed()),
      meanwhile: named(meanwhile.toReversed()),
      parts: sidesOf(came.document, net, base),
    };
  }

  /**
   * Brings what was tried back into the site, as one change, and makes the copy the same. Of what both changed, what is in
   * neither list stays as it is in the site.
   * @throws Problem 409 where one of both is further than `heads`, or nothing was tried
   */
  async bringBack(
    copy: SiteHead,
    heads: Heads,
    chosen: { theirs: readonly number[]; both: readonly number[] },
    author: Author,
  ): Promise<{ head: number; brought: number }> {
    const meeting = await this.meet(copy, heads);
    const { original, came, net, base, tried } = meeting;
    if (!tried.some((d) => d.stands)) throw new Problem(409, 'Nothing was changed on the copy');
    const operations = [
      ...came.taken.map((t) => t.operation),
      ...chosenOf(came.document, net, chosen, base).map((one): Operation => one),
    ];
    const head = await this.same(meeting, inSteps(operations), author);
    if (operations.length)
      await this.sites.log.namePoint(original.id, head, `With what was tried on “${nameOf(copy)}”`, author);
    return { head, brought: operations.length };
  }

  /** Makes a copy the same as its site is now: what was tried is in its history alone. @throws Problem 409 where they are */
  async renew(copy: SiteHead, heads: Heads, author: Author): Promise<void> {
    const meeting = await this.meet(copy, heads);
    if (!meeting.tried.length && !meeting.meanwhile.length) throw new Problem(409, 'The copy is as the site is');
    await this.same(meeting, [], author);
  }

  /** Makes a staging copy a site of its own. */
  async part(copy: SiteHead): Promise<void> {
    await this.db.query('update site set staging_of = null where id = $1', [copy.id]);
  }

  /** Both since they were the same, walked side by side. @param heads where they have to be still */
  private async meet(copy: SiteHead, heads?: Heads): Promise<Meeting> {
    const original = copy.stagingOf ? await this.sites.get(copy.stagingOf) : undefined;
    if (!original) throw new Problem(404, 'It is a copy of no site');
    const { rows } = await this.db.query<{ at: number; from: number }>(
      'select staging_at as at, staging_from as "from" from site where id = $1',
      [copy.id],
    );
    const marks = rows[0]!;
    const { log } = this.sites;
    if (copy.head - marks.at > MOST_STEPS || original.head - marks.from > MOST_STEPS)
      throw new Problem(409, 'Too much was changed since', 'Make another copy, and do there what shall be done.');
    const [base, theirs, own] = [
      await log.documentAt(original.id, marks.from),
      await log.draftsSince(original.id, marks.from),
      await log.draftsSince(copy.id, marks.at),
    ];
    const are = { copy: own.head, original: theirs.head };
    if (heads && (heads.copy !== are.copy || heads.original !== are.original))
      throw new Problem(409, 'The site has changed meanwhile', 'Look once more at what is to be brought back.');
    const [came, steps] = withoutTakenBack((counts) => {
      const live = own.drafts.filter(counts).map(({ operation }, n) => ({ id: String(n), operation }));
      return [
        bringIn(
          base,
          theirs.drafts.filter(counts).map(({ operation }) => ({ operation })),
          live,
        ),
        live,
      ] as const;
    });
    const held = new Set(came.held.map((h) => h.id));
    const net = netOf(
      came.document,
      steps.filter((s) => held.has(s.id)).map((s) => s.operation),
    );
    // Where both came to write the same, there is nothing to decide.
    const open = sidesOf(came.document, net, base).map((side) => !agree(side));
    return {
      ...{ copy, original, marks, heads: are, came, base },
      net: net.filter((_, n) => open[n]),
      tried: own.drafts,
      meanwhile: theirs.drafts,
    };
  }

  /** Writes what is brought into the site, and has the copy take the same way, in one. Gives the newest step of the site. */
  private async same(
    { copy, original, marks, heads }: Meeting,
    brought: readonly Operation[],
    author: Author,
  ): Promise<number> {
    const { log } = this.sites;
    const [own, theirs] = [await log.between(copy.id, marks.at), await log.between(original.id, marks.from)];
    const back = inSteps([...own.back, ...theirs.on, ...brought]);
    const [head] = await log.writeAll(
      [
        { id: original.id, head: heads.original, operations: brought },
        { id: copy.id, head: heads.copy, operations: back },
      ],
      author,
      async (client) => {
        // Pictures and files that one of the two has, the other may show.
        await client.query(
          `insert into site_picture (site, hash) select $2, hash from site_picture where site = $1
           union select $1, hash from site_picture where site = $2 on conflict do nothing`,
          [original.id, copy.id],
        );
        await client.query('update site set staging_at = $2, staging_from = $3 where id = $1', [
          copy.id,
          heads.copy + back.length,
          heads.original + brought.length,
        ]);
      },
    );
    return head!;
  }
}

/** Operations as few steps of a log: each is whole in one of them. */
function inSteps(operations: readonly Operation[]): Operation[] {
  const steps: SingleOperation[][] = [];
  for (const operation of operations) {
    const all = singles(operation);
    const last = steps.at(-1);
    if (last && last.length + all.length <= MOST_AT_ONCE) last.push(...all);
    else if (all.length) steps.push([...all]);
  }
  return steps.map((all) => (all.length === 1 ? all[0]! : { op: 'batch', operations: all }));
}
