import { load } from 'cheerio/slim';
import { safeSvg } from '@tin-porch/core/safe-svg';
import { readBrief } from '@tin-porch/core/brief';
import { pageParts, readReference } from '@tin-porch/core/reference';
import { answerWith } from '@tin-porch/press/threads';

/** What of a page leads elsewhere on its site, and what it is called. */
export interface PageSeen {
  title: string;
  /** Paths of links, pictures and styles of the same origin, each once. */
  links: string[];
}

export type StrangersRequest =
  | { kind: 'links'; html: string }
  | { kind: 'reference'; html: string; sheets: string[] }
  | { kind: 'brief'; text: string }
  | { kind: 'svg'; text: string }
  | { kind: 'page'; html: string; url: string };

function pageSeen(html: string, url: string): PageSeen {
  const $ = load(html);
  const { origin } = new URL(url);
  const paths = $('a[href], img[src], link[rel=stylesheet]')
    .toArray()
    .map((e) => $(e).attr('href') ?? $(e).attr('src') ?? '')
    .filter((href) => URL.canParse(href, url))
    .map((href) => new URL(href, url))
    .filter((l) => l.origin === origin)
    .map((l) => l.pathname);
  return { title: $('title').first().text(), links: [...new Set(paths)] };
}

answerWith<StrangersRequest>((request) => {
  switch (request.kind) {
    case 'links':
      return pageParts(request.html).links;
    case 'reference':
      return readReference(pageParts(request.html), request.sheets);
    case 'brief':
      return readBrief(request.text);
    case 'svg':
      return safeSvg(request.text);
    case 'page':
      return pageSeen(request.html, request.url);
  }
});
