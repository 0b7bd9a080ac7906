import { Problem } from '@tin-porch/core/ground';
import type { Facts } from '@tin-porch/core/model';
import type { Reference } from '@tin-porch/core/look';
import type { SafeSvg } from '@tin-porch/core/safe-svg';
import { BriefError } from '@tin-porch/core/brief';
import { Thread, ThreadLimit } from '@tin-porch/press/threads';
import type { PageRead } from './page-seen.js';
import type { StrangersRequest } from './strangers-worker.js';

const MOST_MS = 6000;
const MOST_MB = 256;
const MOST_WAITING = 200;

/**
 * Reads what strangers made (pages, styles, drawings, briefs) in a thread with limits on time and memory. Whatever it is
 * made to do there, pages go on being answered here.
 */
export class Strangers {
  private readonly thread = new Thread(
    (ending) => new URL(`./strangers-worker${ending}`, import.meta.url),
    import.meta.url.endsWith('.mjs'),
    {
      mostMs: MOST_MS,
      mostWaiting: MOST_WAITING,
      memory: { maxOldGenerationSizeMb: MOST_MB, maxYoungGenerationSizeMb: 32, stackSizeMb: 4 },
    },
  );

  /** @throws Problem 422 where reading it takes more than it may, or breaks */
  private async ask<T>(request: StrangersRequest, what: string): Promise<T> {
    try {
      return (await this.thread.ask(request)) as T;
    } catch (error) {
      if (error instanceof ThreadLimit)
        throw new Problem(422, `${what} cannot be read`, `Reading it takes more than it may. ${error.message}`);
      if ((error as Error).name === 'BriefError') throw new BriefError((error as Error).message);
      if (error instanceof Error && /RangeError|SyntaxError|TypeError|CssSyntaxError/.test(error.name))
        throw new Problem(422, `${what} cannot be read`, 'It is not made as such things are.');
      throw error;
    }
  }

  /** Addresses of the stylesheets of a page, as they are written. */
  links = (html: string): Promise<string[]> => this.ask({ kind: 'links', html }, 'That page');
  reference = (html: string, sheets: string[]): Promise<Reference> =>
    this.ask({ kind: 'reference', html, sheets }, 'That page');
  /** @throws BriefError where it says nothing that can be used */
  brief = (text: string): Promise<Facts> => this.ask({ kind: 'brief', text }, 'The brief');
  svg = (text: string): Promise<SafeSvg> => this.ask({ kind: 'svg', text }, 'The drawing');
  page = (html: string, url: string): Promise<PageRead> => this.ask({ kind: 'page', html, url }, 'The page');
  /** Paths a site map lists (sitemaps.org 0.9). @throws Problem 422 where it is no site map */
  sitemap = (xml: string): Promise<string[]> => this.ask({ kind: 'sitemap', xml }, 'The site map');
  /** How many entries a feed has (RFC 4287, or RSS 2.0). @throws Problem 422 where it is none */
  feed = (xml: string): Promise<number> => this.ask({ kind: 'feed', xml }, 'The feed');

  close = (): Promise<void> => this.thread.close();
}
