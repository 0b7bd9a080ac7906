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

const NAMESPACE = 'http://www.sitemaps.org/schemas/sitemap/0.9';
const parser = new XMLParser({ ignoreAttributes: false, isArray: (name) => name === 'url', parseTagValue: false });

const decoded = (address: string): string => {
  try {
    return decodeURI(address);
  } catch {
    return address;
  }
};

/** Reads a page that was fetched. What leads elsewhere is told as paths where it is of the same origin. */
export function pageSeen(html: string, url: string): PageRead {
  const $ = load(html);
  const { origin } = new URL(url);
  const own = (href: string): string[] => {
    if (!URL.canParse(href, url)) return [];
    const to = new URL(href, url);
    return to.origin === origin ? [to.pathname] : [];
  };
  const of = (what: string, name: string): string[] =>
    $(what)
      .toArray()
      .map((e) => $(e).attr(name) ?? '');
  const loaded = [...of('img[src]', 'src'), ...of('link[rel=stylesheet]', 'href'), ...of('script[src]', 'src')];
  const attribute = (what: string, name: string) => ($(what).first().attr(name) ?? '').trim();
  const badData = $('script[type="application/ld+json"]')
    .toArray()
    .flatMap((e) => {
      try {
        const data = JSON.parse($(e).text()) as Record<string, unknown>;
        return data['@context'] ? [] : ['it says no @context'];
      } catch (error) {
        return [(error as Error).message];
      }
    });
  const forms = $('form')
    .toArray()
    .flatMap((f) =>
      own($(f).attr('action') ?? '').map((action) => ({
        action,
        fields: $(f)
          .find('input[name], textarea[name], select[name]')
          .toArray()
          .map((e) => ({
            name: $(e).attr('name')!,
            type: e.tagName === 'input' ? ($(e).attr('type') ?? 'text') : e.tagName,
            required: $(e).attr('required') !== undefined,
            value:
              (e.tagName === 'select' ? $(e).find('option[value!=""]').first().attr('value') : $(e).attr('value')) ??
              '',
          })),
      })),
    );
  const reached = of('a[href^="tel:"], a[href^="mailto:"]', 'href').join('\n');
  const seen: Omit<PageRead, 'text'> = {
    title: $('title').first().text(),
    links: [...new Set([...of('a[href]', 'href'), ...loaded].flatMap(own))],
    description: attribute('meta[name=description]', 'content'),
    lang: attribute('html', 'lang'),
    heads: $('h1').length,
    noindex: /\bnoindex\b/i.test(attribute('meta[name=robots]', 'content')),
    unsaid: $('img:not([alt])')
      .toArray()
      .map((e) => $(e).attr('src') ?? ''),
    insecure: url.startsWith('https:')
      ? [
          ...loaded,
          ...of('iframe[src], source[src], video[src], audio[src]', 'src'),
          ...of('form[action]', 'action'),
        ].filter((href) => /^http:/i.test(href))
      : [],
    badData,
    secrets: SECRETS.flatMap((s) => s.exec(html)?.[0] ?? []).map((s) => `${s.slice(0, 24)} …`),
    loads: [...new Set(loaded.flatMap(own))],
    forms,
  };
  $('script, style').remove();
  return { ...seen, text: `${$('body').text()}\n${decoded(reached)}`.slice(0, MOST_TEXT) };
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
