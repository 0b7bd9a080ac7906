import http from 'node:http';
import https from 'node:https';
import {
  ADDRESSES_NOBODY_ASKS_FOR,
  type PageEvidence,
  type RoundEvidence,
  type TrailEvidence,
} from '@tin-porch/core/care';
import type { SiteDocument } from '@tin-porch/core/model';
import { Problem } from '@tin-porch/core/ground';
import { pagePath } from '@tin-porch/core/page';
import { some } from '@tin-porch/core/some';
import type { Work } from '../jobs/jobs.js';
import type { HostClient } from '../servers/host-client.js';
import type { FormSeen } from '../strangers/page-seen.js';
import type { Strangers } from '../strangers/strangers.js';
import type { OutsideLinks } from './outside.js';
import { visit, type Visit } from './visitor.js';

/** A site as it is walked. */
export interface Walked {
  /** The names it has: those of others are not asked. */
  names: readonly string[];
  /** Its pages over https at its domain; else over http at its temporary address. */
  secure: boolean;
  host: string;
  address: string;
  httpPort: number;
  port: number;
  cookie?: string;
  roots: string[];
}

/** Links followed of one site at most. */
const MOST_LINKS = 400;
/** Old addresses followed of one site at most, and hops of one. */
const MOST_TRAILS = 100;
const MOST_HOPS = 6;

/** What is walked of a site, and with whom. */
export interface ToWalk {
  /** Paths of its pages, as they were deployed. */
  paths: readonly string[];
  /** The document that is live; null where it could not be asked for. */
  live: SiteDocument | null;
  /** Whether there is a www name beside the bare one. */
  www: boolean;
  tries: () => ReturnType<HostClient['tries']>;
  outside: Pick<OutsideLinks, 'follow'>;
}
/** What of the evidence comes from walking. */
type Seen = Omit<
  RoundEvidence,
  | 'address'
  | 'damaged'
  | 'open'
  | 'domain'
  | 'resolved'
  | 'resolved6'
  | 'registration'
  | 'facts'
  | 'unproven'
  | 'inside'
>;

/** Things looked at of a page: that it answers, in what time, and what stands on it. */
const CHECKS_OF_PAGE = 10;
const CHECKS_OF_CERTIFICATE = 4;
/** `robots.txt` and `sitemap.xml`. */
const CHECKS_OF_SEARCH = 2;

/** Goes through a site as a visitor does, over connections that are kept for one walk. */
export class Walk {
  readonly base: string;
  private readonly agent: http.Agent;
  /** Reading it takes longer than answering: it is read with the first page. */
  private certificateKnown = false;

  constructor(
    private readonly site: Walked,
    private readonly strangers: Pick<Strangers, 'feed' | 'page' | 'sitemap'>,
  ) {
    const { secure, host, port } = site;
    this.base = secure ? `https://${host}` : `http://${host}:${port}`;
    this.agent = new (secure ? https : http).Agent({ keepAlive: true, maxSockets: 4 });
  }

  /** Goes through all of it, step by step; what was seen, and at how many things it was looked. */
  async all(
    work: Pick<Work, 'step'>,
    { paths, live, www, tries, outside }: ToWalk,
  ): Promise<Seen & { checks: number }> {
    const { secure } = this.site;
    const read = await work.step('Pages', async () => {
      const read = await this.pages(paths);
      const open = read.pages.filter((p) => p.status === 200).length;
      return { ...read, detail: `${open} of ${read.pages.length} open` };
    });
    const led = await work.step('Links', async () => {
      const otherLinks = await this.links(read.pages);
      const trails = secure && live ? await this.trails(live, www) : [];
      const out = await outside.follow(read.pages);
      const detail = [
        `${otherLinks.length} pictures, styles and links followed`,
        ...(trails.length ? [`${some(trails.length, 'address', 'addresses')} that lead on`] : []),
        ...(out.known ? [`${out.asked} of ${some(out.known, 'link')} to others`] : []),
      ].join(', ');
      return { otherLinks, trails, out, detail };
    });
    const told = secure
      ? await work.step('What others see', async () => {
          const [ajar, search, feeds] = [await this.ajar(), await this.search(), await this.feeds(read.pages)];
          const detail = [
            search.listed ? `${some(search.listed.length, 'page')} in the site map` : search.error,
            ...(feeds.count ? [some(feeds.count, 'feed')] : []),
          ].join(', ');
          const checks = ADDRESSES_NOBODY_ASKS_FOR.length + CHECKS_OF_SEARCH + feeds.count;
          return { ajar, search, badFeeds: feeds.bad, checks, detail };
        })
      : { ajar: [], search: null, badFeeds: [], checks: 0 };
    const { message } = await work.step('A message', async () => {
      const message = await this.message(read.forms, tries);
      return { message, detail: message?.detail ?? 'The site has no form' };
    });
    const { pages, certificate, certificateError, headers, cookies } = read;
    const { otherLinks, trails, out } = led;
    const { ajar, search, badFeeds } = told;
    return {
      ...{ pages, certificate, certificateError, headers, cookies, otherLinks, trails, outside: out.failing },
      ...{ ajar, search, badFeeds, message },
      toFind: (live?.pages ?? []).filter((p) => p.hold === undefined).map(pagePath),
      checks:
        CHECKS_OF_PAGE * paths.length +
        (secure ? CHECKS_OF_CERTIFICATE + cookies.length : 0) +
        otherLinks.length +
        trails.length +
        out.asked +
        told.checks +
        (message && message.arrived !== null ? 1 : 0),
    };
  }

  end(): void {
    this.agent.destroy();
  }

  /** Asks for one path of the site. @throws Error where nothing answers */
  get = (path: string, more: { form?: Record<string, string>; cut?: boolean } = {}): Promise<Visit> => {
    const { secure, host, address, port, roots, cookie } = this.site;
    return visit({
      ...{ scheme: secure ? 'https' : 'http', host, path, address, port, roots, agent: this.agent },
      ...(cookie && { cookie }),
      ...more,
      certificateKnown: this.certificateKnown,
    });
  };

  /** Reads every page, and what the first that answered was sent with. */
  async pages(
    paths: readonly string[],
  ): Promise<
    Pick<RoundEvidence, 'pages' | 'certificate' | 'certificateError' | 'headers' | 'cookies'> & { forms: FormSeen[] }
  > {
    const out: PageEvidence[] = [];
    const forms: FormSeen[] = [];
    let first: Visit | null = null;
    let certificateError = '';
    for (const path of paths) {
      const url = this.base + path;
      try {
        const v = await this.get(path);
        const seen = /html/.test(v.type) ? await this.strangers.page(v.body, url) : null;
        if (seen && v.status === 200) forms.push(...seen.forms);
        const { forms: _, ...rest } = seen ?? { forms: [] };
        out.push({
          ...{ url, status: v.status, ms: v.ms, error: '', bytes: v.bytes },
          seen: seen ? (rest as PageEvidence['seen']) : null,
        });
        first ??= v;
        this.certificateKnown = true;
      } catch (error) {
        out.push({ url, status: 0, ms: 0, error: (error as Error).message, bytes: 0, seen: null });
        certificateError ||= (error as Error).message;
      }
    }
    const { secure } = this.site;
    return {
      pages: out,
      forms,
      certificate: secure ? (first?.certificate ?? null) : null,
      certificateError: secure ? (first ? first.certificateError : certificateError) : '',
      headers: secure && first?.status === 200 ? first.headers : null,
      cookies: first?.cookies ?? [],
    };
  }

  /** Follows every link, picture and style of the pages that is no page itself, each once. */
  async links(pages: readonly PageEvidence[]): Promise<RoundEvidence['otherLinks']> {
    const known = new Set(pages.map((p) => new URL(p.url).pathname));
    const from = new Map<string, string>();
    for (const page of pages)
      for (const path of page.seen?.links ?? [])
        if (!known.has(path) && !from.has(path) && from.size < MOST_LINKS) from.set(path, page.url);
    const out: RoundEvidence['otherLinks'] = [];
    for (const [path, page] of from) {
      const link = { url: this.base + path, from: page };
      out.push(
        await this.get(path, { cut: true }).then(
          (v) => ({ ...link, status: v.status, error: '', bytes: v.bytes }),
          (e: Error) => ({ ...link, status: 0, error: e.message, bytes: 0 }),
        ),
      );
    }
    return out;
  }

  /** Which of the addresses that nobody should get an answer from give one. */
  async ajar(): Promise<string[]> {
    const out: string[] = [];
    for (const path of ADDRESSES_NOBODY_ASKS_FOR)
      if ((await this.get(path).catch(() => null))?.status === 200) out.push(path);
    return out;
  }

  /** What is said to search engines. */
  async search(): Promise<NonNullable<RoundEvidence['search']>> {
    const robots = await this.get('/robots.txt').catch(() => null);
    const shutOut = robots?.status === 200 && shutsOut(robots.body);
    try {
      const map = await this.get('/sitemap.xml');
      if (map.status !== 200) return { shutOut, listed: null, error: `answered ${map.status}` };
      return { shutOut, listed: await this.strangers.sitemap(map.body), error: '' };
    } catch (error) {
      return { shutOut, listed: null, error: whyNot(error) };
    }
  }

  /** Reads the feeds that pages name: how many there are, and which cannot be read. */
  async feeds(pages: readonly PageEvidence[]): Promise<{ count: number; bad: RoundEvidence['badFeeds'] }> {
    const paths = [...new Set(pages.flatMap((p) => p.seen?.feeds ?? []))];
    const bad: RoundEvidence['badFeeds'] = [];
    for (const path of paths)
      try {
        const v = await this.get(path);
        if (v.status !== 200) bad.push({ path, detail: `answered ${v.status}` });
        else await this.strangers.feed(v.body);
      } catch (error) {
        bad.push({ path, detail: whyNot(error) });
      }
    return { count: paths.length, bad };
  }

  /** Where an address leads in the end, hop by hop. What leads to another’s site ends there: that one is not asked. */
  async trail(from: string): Promise<TrailEvidence> {
    const { names, address, httpPort, port, roots, secure } = this.site;
    const hops: TrailEvidence['hops'] = [];
    let url = from;
    while (hops.length < MOST_HOPS) {
      const { protocol, hostname, pathname, search, port: said } = new URL(url);
      if (!names.includes(hostname)) return { from, hops, end: 'page' };
      const scheme = protocol === 'https:' ? 'https' : 'http';
      const at = scheme === 'https' ? port : httpPort;
      if (said && Number(said) !== at) return { from, hops, end: 'page' };
      const v = await visit({
        ...{ scheme, host: hostname, path: pathname + search, address, port: at, roots, certificateKnown: true },
        ...((scheme === 'https') === secure && { agent: this.agent }),
      }).catch(() => null);
      hops.push({ url, status: v?.status ?? 0 });
      if (!v) return { from, hops, end: 'silent' };
      const next = v.status >= 300 && v.status < 400 && v.location ? new URL(v.location, url).href : null;
      if (!next) return { from, hops, end: v.status < 400 ? 'page' : 'nowhere' };
      if (hops.some((h) => h.url === next)) return { from, hops, end: 'circle' };
      url = next;
    }
    return { from, hops, end: 'circle' };
  }

  /** What is to lead on: over http, by the www name where there is one, from old addresses of pages. */
  async trails(document: SiteDocument, www: boolean): Promise<TrailEvidence[]> {
    const { host } = this.site;
    const starts = [
      `http://${host}/`,
      ...(www ? [`https://www.${host}/`] : []),
      ...(document.redirects ?? []).slice(0, MOST_TRAILS).map((r) => this.base + r.from),
    ];
    const out: TrailEvidence[] = [];
    for (const start of starts) out.push(await this.trail(start));
    return out;
  }

  /** Sends a marked message through the first form as a visitor does, and says whether it got through to where it is kept. */
  async message(
    forms: readonly FormSeen[],
    tries: () => ReturnType<HostClient['tries']>,
  ): Promise<RoundEvidence['message']> {
    const form = forms.find((f) => f.action.startsWith('/-/forms/'));
    if (!form) return null;
    try {
      const { mark, mail } = await tries();
      const v = await this.get(form.action, { form: { ...filledIn(form), [MARK]: mark } });
      if (v.status === 202 && (JSON.parse(v.body) as { arrived?: boolean }).arrived === true)
        return mail === null
          ? { arrived: true, detail: `${form.action} in ${v.ms} ms` }
          : { arrived: false, detail: `It is kept, but no letter tells of it: ${mail}` };
      // Too much was sent from here at this moment: that says nothing of what a visitor sends.
      if (v.status === 429) return { arrived: null, detail: 'Not tried: too many were sent just now' };
      return { arrived: false, detail: `${form.action} answered ${v.status}.` };
    } catch (error) {
      return { arrived: false, detail: `${form.action}: ${(error as Error).message}` };
    }
  }
}

const whyNot = (error: unknown): string =>
  error instanceof Problem ? (error.detail ?? error.message) : (error as Error).message;

/** The field the CMS knows a message of a round by. */
const MARK = '-tried';

/** A form filled in as far as it has to be, by what its fields ask for. */
export function filledIn({ fields }: FormSeen): Record<string, string> {
  const words: Record<string, string> = {
    email: 'round@tinporch.example',
    tel: '+44 1632 960000',
    date: '2030-01-01',
    number: '1',
  };
  return Object.fromEntries(
    fields.flatMap((f) =>
      f.type === 'hidden' || f.type === 'select' || f.type === 'radio' || f.type === 'checkbox'
        ? f.value
          ? [[f.name, f.value]]
          : []
        : f.required
          ? [[f.name, words[f.type] ?? 'A round tries whether messages arrive.']]
          : [],
    ),
  );
}

/** Whether `robots.txt` forbids everything to everybody (RFC 9309). */
export function shutsOut(robots: string): boolean {
  let everybody = false;
  let naming = false;
  for (const line of robots.split(/\r?\n/)) {
    const [, field, value] = /^\s*([a-z-]+)\s*:\s*(.*?)\s*(?:#.*)?$/i.exec(line) ?? [];
    if (!field) continue;
    if (/^user-agent$/i.test(field)) {
      everybody = (naming && everybody) || value === '*';
      naming = true;
    } else {
      naming = false;
      if (everybody && /^disallow$/i.test(field) && value === '/') return true;
    }
  }
  return false;
}
