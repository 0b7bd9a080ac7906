import { safeSvg } from '@tin-porch/core/safe-svg';
import { readBrief } from '@tin-porch/core/brief';
import { feedEntries, pageSeen, sitemapPaths } from './page-seen.js';
import { pageParts, readReference } from '@tin-porch/core/reference';
import { answerWith } from '@tin-porch/press/threads';

export type StrangersRequest =
  | { kind: 'links'; html: string }
  | { kind: 'reference'; html: string; sheets: string[] }
  | { kind: 'brief'; text: string }
  | { kind: 'svg'; text: string }
  | { kind: 'page'; html: string; url: string }
  | { kind: 'sitemap'; xml: string }
  | { kind: 'feed'; xml: string };

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
    case 'sitemap':
      return sitemapPaths(request.xml);
    case 'feed':
      return feedEntries(request.xml);
  }
});
