import { load } from 'cheerio/slim';
import { XMLParser, XMLValidator } from 'fast-xml-parser';
import type { PageSeen } from '@tin-porch/core/care';

/** A form of a page, as somebody who fills it in sees it. */
export interface FormSeen {
  /** Path it is sent to. */
  action: string;
  fields: { name: string; type: string; required: boolean; value: string }[];
}

export interface PageRead extends PageSeen {
  forms: FormSeen[];
}

/** What looks like a key or a password in the source of a page. */
const SECRETS = [
  /-----BEGIN [A-Z ]*PRIVATE KEY-----/,
  /\b(?:api[_-]?key|secret|passwor[dt]|access[_-]?token)["']?\s*[:=]\s*["'][\w+/=-]{16,}["']/i,
];
/** Letters of a page’s words that are kept to look for facts in. */
const MOST_TEXT = 100_000;

/** Letters of an address that is followed. */
const LONGEST = 1000;

const NAMESPACE = 'http://www.sitemaps.org/schemas/sitemap/0.9';
const parser = new XMLParser({ ignoreAttributes: false, isArray: (name) => name === 'url', parseTagValue: false });

const decoded = (address: string): string => {
  try {
    return decodeURI(address);
  } catch {
    return address;
  }
};

/** What is loaded with a page, by its element, and where that says so. */
const LOADED: Readonly<Record<string, string>> = {
  img: 'src',
  script: 'src',
  iframe: 'src',
  source: 'src',
  video: 'src',
  audio: 'src',
};
/** What of it is weighed and followed: the rest is large by nature, or another’s. */
const WEIGHED = new Set(['img', 'script', 'link']);

/**
 * Reads a page that was fetched, its elements one by one: asking for each kind of them anew takes four times as long. What
 * leads elsewhere is told as paths where it is of the same origin.
 */
export function pageSeen(html: string, url: string): PageRead {
  const $ = load(html);
  const { origin, protocol } = new URL(url);
  const own = (href: string): string[] => {
    if (!URL.canParse(href, url)) return [];
    const to = new URL(href, url);
    return to.origin === origin ? [to.pathname] : [];
  };
  const seen: PageRead = {
    ...{
      title: '',
      links: [],
      outside: [],
      description: '',
      lang: '',
      heads: 0,
      noindex: false,
      unsaid: [],
      insecure: [],
    },
    ...{ badData: [], loads: [], feeds: [], forms: [], text: '' },
    secrets: SECRETS.flatMap((s) => s.exec(html)?.[0] ?? []).map((s) => `${s.slice(0, 24)} …`),
  };
  const [anchors, loads, reached]: string[][] = [[], [], []];
  const encrypted = (address: string) => {
    if (protocol === 'https:' && /^http:/i.test(address)) seen.insecure.push(address);
  };
  const others: string[] = [];
  /** Where another’s site is led to; what stands behind “#” is the same page. */
  const elsewhere = (href: string): string[] => {
    if (!URL.canParse(href, url)) return [];
    const to = new URL(href, url);
    to.hash = '';
    return /^https?:$/.test(to.protocol) && to.href.length <= LONGEST ? [to.href] : [];
  };
  let titled = false;
  for (const e of $('*').toArray()) {
    if (!('attribs' in e)) continue;
    const { tagName, attribs } = e;
    const said = attribs[tagName === 'link' ? 'href' : (LOADED[tagName] ?? '')];
    if (said !== undefined && (tagName !== 'link' || /\bstylesheet\b/i.test(attribs['rel'] ?? ''))) {
      encrypted(said);
      if (WEIGHED.has(tagName)) loads!.push(...own(said));
    }
    switch (tagName) {
      case 'html':
        seen.lang ||= (attribs['lang'] ?? '').trim();
        break;
      case 'title':
        // A drawing has titles of its own.
        if (!titled) seen.title = $(e).text();
        titled = true;
        break;
      case 'h1':
        seen.heads++;
        break;
      case 'meta':
        if (attribs['name'] === 'description') seen.description ||= (attribs['content'] ?? '').trim();
        if (attribs['name'] === 'robots') seen.noindex ||= /\bnoindex\b/i.test(attribs['content'] ?? '');
        break;
      case 'img':
        if (attribs['alt'] === undefined) seen.unsaid.push(attribs['src'] ?? '');
        break;
      case 'a': {
        const { href } = attribs;
        if (href === undefined) break;
        if (/^(?:tel|mailto):/i.test(href)) reached!.push(decoded(href));
        else if (own(href).length) anchors!.push(...own(href));
        else others.push(...elsewhere(href));
        break;
      }
      case 'form':
        encrypted(attribs['action'] ?? '');
        for (const action of own(attribs['action'] ?? ''))
          seen.forms.push({
            action,
            fields: $(e)
              .find('input[name], textarea[name], select[name]')
              .toArray()
              .map((f) => ({
                name: f.attribs['name']!,
                type: f.tagName === 'input' ? (f.attribs['type'] ?? 'text') : f.tagName,
                required: f.attribs['required'] !== undefined,
                value:
                  (f.tagName === 'select'
                    ? $(f).find('option[value!=""]').first().attr('value')
                    : f.attribs['value']) ?? '',
              })),
          });
        break;
      case 'link':
        if (
          /\balternate\b/i.test(attribs['rel'] ?? '') &&
          /^application\/(?:rss|atom)\+xml$/i.test(attribs['type'] ?? '')
        )
          seen.feeds.push(...own(attribs['href'] ?? ''));
        break;
      case 'script':
        if (attribs['type'] === 'application/ld+json') seen.badData.push(...dataFaults($(e).text()));
        break;
    }
  }
  seen.links = [...new Set([...anchors!, ...loads!])];
  seen.outside = [...new Set(others)];
  seen.loads = [...new Set(loads)];
  $('script, style').remove();
  seen.text = `${$('body').text()}\n${reached!.join('\n')}`.slice(0, MOST_TEXT);
  return seen;
}

/** Entries of a feed (RFC 4287, or RSS 2.0). @throws SyntaxError where it is none */
export function feedEntries(xml: string): number {
  const fault = XMLValidator.validate(xml);
  if (fault !== true) throw new SyntaxError(fault.err.msg);
  const { feed, rss } = parser.parse(xml) as { feed?: { entry?: unknown }; rss?: { channel?: { item?: unknown } } };
  if (feed === undefined && rss?.channel === undefined) throw new SyntaxError('It is no feed.');
  const entries = feed ? feed.entry : rss?.channel?.item;
  return entries === undefined ? 0 : Array.isArray(entries) ? entries.length : 1;
}

/** Why structured data cannot be used (JSON-LD 1.1); empty where it can. */
function dataFaults(text: string): string[] {
  try {
    const data = JSON.parse(text) as Record<string, unknown> | null;
    return data?.['@context'] ? [] : ['it says no @context'];
  } catch (error) {
    return [(error as Error).message];
  }
}

/** Paths a site map lists (sitemaps.org 0.9). @throws SyntaxError where it is none */
export function sitemapPaths(xml: string): string[] {
  const fault = XMLValidator.validate(xml);
  if (fault !== true) throw new SyntaxError(fault.err.msg);
  const { urlset } = parser.parse(xml) as { urlset?: { '@_xmlns'?: string; url?: { loc?: unknown }[] } };
  if (urlset?.['@_xmlns'] !== NAMESPACE) throw new SyntaxError('It is no site map.');
  return (urlset.url ?? []).map(({ loc }) => {
    if (typeof loc !== 'string' || !URL.canParse(loc)) throw new SyntaxError('An address in it is none.');
    return new URL(loc).pathname;
  });
}
