import { some } from '../../ground/some.js';
import type { PageEvidence, RoundEvidence } from './evidence.js';
import { found, type Finding } from './finding.js';

/** What a page with all that is loaded with it may weigh, bytes: two seconds over a slow phone’s line of 6 Mbit/s. */
const HEAVIEST = 1_500_000;
/** A page that takes longer to its last byte is slow, ms. */
const SLOWEST_MS = 1500;
/** So many of a list are said; of the rest how many. */
const SAID = 4;

const listed = (all: readonly string[]): string =>
  all.slice(0, SAID).join(', ') + (all.length > SAID ? ` and ${all.length - SAID} more` : '');
const pathOf = (url: string): string => new URL(url).pathname;
/** Digits of a phone number without its prefixes, which are written in many ways. */
const lastDigits = (text: string): string => text.replace(/\D/g, '').slice(-7);

/** What is wrong with the pages of a site, and with where its links lead. */
export function judgePages(evidence: RoundEvidence): Finding[] {
  const { pages } = evidence;
  return [
    ...pages.flatMap((page) => judgePage(page, evidence)),
    ...twice(pages),
    ...links(evidence),
    ...missingFacts(evidence),
  ];
}

function judgePage(page: PageEvidence, { open, otherLinks }: RoundEvidence): Finding[] {
  const path = pathOf(page.url);
  if (page.status === 0)
    return [
      found({
        key: `page-silent ${path}`,
        severity: 'broken',
        title: `${path} does not answer`,
        evidence: `${page.url}: ${page.error}`,
        harm: 'Visitors wait, and see nothing.',
        fix: 'See whether the server is up.',
        step: 'care',
      }),
    ];
  if (page.status === 503 && !open) return [];
  if (page.status >= 400)
    return [
      found({
        key: `page-status ${path}`,
        severity: 'broken',
        title: `${path} answers ${page.status}`,
        evidence: `${page.url} in ${page.ms} ms`,
        harm: 'Visitors see an error in place of the page.',
        fix: 'Deploy again, or go back to the release before.',
        step: 'publish',
        mend: 'deploy',
      }),
    ];
  const out: Finding[] = [];
  const look = (
    key: string,
    title: string,
    said: string,
    harm: string,
    fix: string,
    step: Finding['step'],
    severity: Finding['severity'] = 'look',
  ) => out.push(found({ key: `${key} ${path}`, severity, title: `${path} ${title}`, evidence: said, harm, fix, step }));
  if (page.ms > SLOWEST_MS)
    look(
      'page-slow',
      'is slow',
      `${page.ms} ms to the last byte.`,
      'Visitors leave before it is there.',
      'See how busy the server is.',
      'care',
    );
  const { seen } = page;
  if (!seen) return out;
  if (!seen.title)
    look(
      'page-title',
      'has no title',
      page.url,
      'Search results and tabs show its address instead.',
      'Write one.',
      'seo',
    );
  if (!seen.description && !seen.noindex)
    look(
      'page-description',
      'has no description',
      page.url,
      'Search engines pick words of their own.',
      'Write one.',
      'seo',
    );
  if (!seen.lang)
    look(
      'page-language',
      'does not say its language',
      '<html> without lang.',
      'It is read aloud in the wrong voice, and translated wrongly.',
      'Deploy again: every release says it.',
      'publish',
    );
  if (seen.heads !== 1)
    look(
      'page-heading',
      seen.heads ? 'has several main headings' : 'has no main heading',
      `${seen.heads} headings of the first rank.`,
      'Who has it read aloud does not hear what it is about.',
      'Give it one heading.',
      'pages',
    );
  if (seen.unsaid.length)
    look(
      'page-pictures',
      'has pictures that say nothing',
      listed(seen.unsaid),
      'Who does not see them does not know what they show.',
      'Say what they show, or that they are decoration.',
      'pages',
    );
  if (seen.insecure.length)
    look(
      'page-insecure',
      'loads something without encryption',
      listed(seen.insecure),
      'Browsers leave it out, or warn.',
      'Take it out, or load it over https.',
      'pages',
      'broken',
    );
  if (seen.badData.length)
    look(
      'page-data',
      'has structured data nobody can read',
      listed(seen.badData),
      'Search results show no hours, prices or address.',
      'Look at what it is made of: the facts.',
      'brief',
    );
  if (seen.secrets.length)
    look(
      'page-secret',
      'shows what looks like a key',
      listed(seen.secrets),
      'Whoever reads it may use it.',
      'Take it out, and make the key anew where it is from.',
      'pages',
      'broken',
    );
  const weights = new Map(otherLinks.map((l) => [pathOf(l.url), l.bytes]));
  const weight = page.bytes + seen.loads.reduce((sum, p) => sum + (weights.get(p) ?? 0), 0);
  if (weight > HEAVIEST) {
    const [worst, bytes] = [...seen.loads.map((p) => [p, weights.get(p) ?? 0] as const)].sort(
      (a, b) => b[1] - a[1],
    )[0]!;
    look(
      'page-heavy',
      'is heavy',
      `${(weight / 1e6).toFixed(1)} MB with all that is loaded with it, ${(HEAVIEST / 1e6).toFixed(1)} at most; ${worst} alone ${(bytes / 1e6).toFixed(1)} MB.`,
      'On a phone’s line it takes long, and costs its owner.',
      'Cut the picture smaller, or take it out.',
      'pages',
    );
  }
  return out;
}

function twice(pages: readonly PageEvidence[]): Finding[] {
  const by = new Map<string, string[]>();
  for (const { url, seen } of pages)
    if (seen?.title && !seen.noindex) by.set(seen.title, [...(by.get(seen.title) ?? []), pathOf(url)]);
  return [...by]
    .filter(([, paths]) => paths.length > 1)
    .map(([title, paths]) =>
      found({
        key: `titles-twice ${paths[0]!}`,
        severity: 'look',
        title: `${some(paths.length, 'page is', 'pages are')} called the same`,
        evidence: `“${title}”: ${listed(paths)}`,
        harm: 'In search results nobody can tell them apart.',
        fix: 'Give each its own title.',
        step: 'seo',
      }),
    );
}

function links({ otherLinks, outside, trails }: RoundEvidence): Finding[] {
  const said = { circle: 'goes round in a circle', nowhere: 'leads nowhere', silent: 'gives no answer', page: '' };
  return [
    ...otherLinks
      .filter((link) => link.status === 0 || link.status >= 400)
      .map((link) =>
        found({
          key: `link ${link.url}`,
          severity: 'look',
          title: 'A link leads nowhere',
          evidence: `${link.url} from ${pathOf(link.from)}: ${link.status || link.error}`,
          harm: 'Visitors who follow it see an error.',
          fix: 'Change or take out the link.',
          step: 'pages',
        }),
      ),
    ...outside.map(({ url, from, since, detail }) =>
      found({
        key: `outside ${url}`,
        severity: 'look',
        title: 'A link to another site leads nowhere',
        evidence: `${url} from ${pathOf(from)}: ${detail}, since ${since.slice(0, 10)}`,
        harm: 'Visitors who follow it see an error, and think the worse of both.',
        fix: 'Change or take out the link.',
        step: 'pages',
      }),
    ),
    ...trails
      .filter((t) => t.end !== 'page')
      .map((t) =>
        found({
          key: `trail ${t.from}`,
          severity: 'broken',
          title: `${t.from} ${said[t.end]}`,
          evidence: [t.from, ...t.hops.map((h) => `${h.status || 'no answer'} at ${h.url}`)].join(' → '),
          harm: 'Who has the old address, from a link, a search or a card, does not get to the site.',
          fix: 'Change where it leads.',
          step: 'seo',
        }),
      ),
  ];
}

/** What the sheet has for who wants to get in touch, and no page says. Nothing is said where a page was not to be had. */
function missingFacts({ facts, pages }: RoundEvidence): Finding[] {
  if (!pages.length || pages.some((p) => p.status !== 200 || !p.seen)) return [];
  const text = pages.map((p) => p.seen!.text).join('\n');
  const digits = text.replace(/\D/g, '');
  const missing = (what: string, value: string) =>
    found({
      key: `fact-${what}`,
      severity: 'look',
      title: `No page says the ${what === 'mail' ? 'mail address' : what + ' number'} of the sheet`,
      evidence: value,
      harm: 'Visitors get in touch by what is not right any more, or not at all.',
      fix: 'Deploy what was changed, or put it on a page.',
      step: 'publish',
    });
  return [
    ...(lastDigits(facts.phone).length >= 6 && !digits.includes(lastDigits(facts.phone))
      ? [missing('phone', facts.phone)]
      : []),
    ...(facts.mail && !text.toLowerCase().includes(facts.mail.toLowerCase()) ? [missing('mail', facts.mail)] : []),
  ];
}
