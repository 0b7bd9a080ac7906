import { some } from '../../ground/some.js';
import type { RoundEvidence } from './evidence.js';
import { found, type Finding } from './finding.js';

/** Headers a site is sent with, each with what it keeps away. */
const HEADERS: readonly (readonly [string, string])[] = [
  ['strict-transport-security', 'somebody between a visitor and the site could have it shown without encryption'],
  ['content-security-policy', 'a script that got in somewhere would run'],
  ['x-content-type-options', 'a file could be run as what it is not'],
  ['referrer-policy', 'other sites are told which page a visitor came from'],
];

/** What a review of how safe a site is turns up, from outside. */
export function judgeSafety({ headers, cookies, ajar, domain }: RoundEvidence): Finding[] {
  const out: Finding[] = [];
  const missing = headers ? HEADERS.filter(([name]) => !headers[name]) : [];
  if (missing.length)
    out.push(
      found({
        key: 'safety-headers',
        severity: 'look',
        title: `${some(missing.length, 'header', 'headers')} that keep visitors safe ${missing.length === 1 ? 'is' : 'are'} not sent`,
        evidence: missing.map(([name]) => name).join(', '),
        harm: `Without ${missing.length === 1 ? 'it' : 'them'} ${missing.map(([, what]) => what).join('; ')}.`,
        fix: 'Something between the server and visitors takes them out; see what stands there.',
        step: 'domain',
      }),
    );
  const loose = cookies.filter((c) => domain && !(/;\s*secure/i.test(c) && /;\s*httponly/i.test(c)));
  if (loose.length)
    out.push(
      found({
        key: 'safety-cookies',
        severity: 'look',
        title: 'A cookie is set that others can read',
        evidence: loose.map((c) => c.split('=')[0]!).join(', '),
        harm: 'Who only looks at the site is marked, and the mark can be read by scripts or on the way.',
        fix: 'Find what sets it, and take it out.',
        step: 'pages',
      }),
    );
  for (const path of ajar)
    out.push(
      found({
        key: `safety-ajar ${path}`,
        severity: 'broken',
        title: `${path} can be read by anybody`,
        evidence: `${path} was answered with a file.`,
        harm: 'Such files hold keys, passwords or the whole site with its people.',
        fix: 'Take the file out of the site, and change what stood in it.',
        step: 'pages',
      }),
    );
  return out;
}

/** What stands in the way of being found. */
export function judgeSearch({ badFeeds, ...evidence }: RoundEvidence): Finding[] {
  return [
    ...judgeMap(evidence),
    ...badFeeds.map(({ path, detail }) =>
      found({
        key: `feed ${path}`,
        severity: 'look',
        title: 'A feed cannot be read',
        evidence: `${path}: ${detail}`,
        harm: 'Who follows the site by it hears nothing any more.',
        fix: 'Deploy again.',
        step: 'publish',
        mend: 'deploy',
      }),
    ),
  ];
}

function judgeMap({ search, pages, toFind, open }: Omit<RoundEvidence, 'badFeeds'>): Finding[] {
  if (!search || !open) return [];
  if (search.shutOut)
    return [
      found({
        key: 'search-shut',
        severity: 'broken',
        title: 'Search engines are told to stay away',
        evidence: 'robots.txt forbids everything.',
        harm: 'The site drops out of search results within days.',
        fix: 'Deploy again: a published site lets them in.',
        step: 'publish',
        mend: 'deploy',
      }),
    ];
  if (search.listed === null)
    return [
      found({
        key: 'search-map',
        severity: 'look',
        title: 'The site map cannot be read',
        evidence: `/sitemap.xml: ${search.error}`,
        harm: 'New pages are found late by search engines.',
        fix: 'Deploy again.',
        step: 'publish',
        mend: 'deploy',
      }),
    ];
  const listed = new Set(search.listed);
  const left = pages.filter((p) => {
    const { pathname } = new URL(p.url);
    return p.status === 200 && p.seen && !p.seen.noindex && toFind.includes(pathname) && !listed.has(pathname);
  });
  const hidden = pages.filter((p) => p.seen?.noindex && listed.has(new URL(p.url).pathname));
  const paths = (all: typeof pages) => all.map((p) => new URL(p.url).pathname).join(', ');
  return [
    ...(left.length
      ? [
          found({
            key: 'search-left-out',
            severity: 'look',
            title: `The site map leaves ${some(left.length, 'page')} out`,
            evidence: paths(left),
            harm: 'Search engines find them late, or not at all.',
            fix: 'Deploy again.',
            step: 'publish',
            mend: 'deploy',
          }),
        ]
      : []),
    ...(hidden.length
      ? [
          found({
            key: 'search-two-minds',
            severity: 'look',
            title: 'The site map names pages that ask to be left out',
            evidence: paths(hidden),
            harm: 'Search engines are told two things, and choose.',
            fix: 'Decide in SEO whether they are to be found.',
            step: 'seo',
          }),
        ]
      : []),
  ];
}

/** Paths of files that lie about where somebody copied too much: none of them is ever part of a site. */
export const ADDRESSES_NOBODY_ASKS_FOR: readonly string[] = [
  '/.git/HEAD',
  '/.env',
  '/.htpasswd',
  '/backup.zip',
  '/dump.sql',
  '/config.json',
  '/site.json',
  '/id_rsa',
];
