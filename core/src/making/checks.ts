import type { Medium, Page, Section, SiteDocument, Text } from '../model/site.js';
import { isPicture, isText } from '../model/site.js';
import { asPublished, openerOf, sectionsOf } from '../model/page.js';
import { cleanMarks, reworded } from '../model/marks.js';
import type { SingleOperation } from '../operations/operation.js';
import { textAt } from '../operations/reach.js';
import { palettesFrom, weakPairs, wishesIn } from '../look/palette.js';
import { shapes } from '../look/shapes/registry.gen.js';
import { textsOf, type PlacedText } from './generate/site.js';
import { isDead, targetOfButton } from './links.js';
import { picturePlaces, proposedAlt, withoutWords } from './picture-places.js';
import { listsOf, partsOf, switchPart } from './plan/lists.js';
import { splitSentences } from './writer/sentences.js';

/** What can be amiss with a page while it is worked on. */
export const CHECK_KINDS = ['contrast', 'heading', 'link', 'picture', 'empty', 'twice', 'word'] as const;
export type CheckKind = (typeof CHECK_KINDS)[number];

/** Something on a page that wants a look: where it is, what it is, and what would mend it. */
export interface PageCheck {
  kind: CheckKind;
  /** Null for what every page shares. */
  page: Page | null;
  section: Section;
  /** The place in the section; empty for all of it. */
  path: string;
  words: string;
  mend: { label: string; operations: SingleOperation[] } | null;
}

/** The longest word that fits beside nothing on a phone, letters. */
const WIDEST = 24;
/** Shorter sentences are said twice on purpose: “Ring us.” */
const LEAST_WORDS = 6;
/** Kinds that show facts: they say something where none of their own words do. */
const OF_FACTS = new Set(['header', 'footer', 'hours', 'visit', 'contact', 'call']);
const kindOf = (s: Section) => s.shape.split('/')[0]!;

const hasPicture = (value: unknown): boolean =>
  typeof value === 'object' &&
  value !== null &&
  (isPicture(value) ? value.media !== '' : !isText(value) && Object.values(value).some(hasPicture));

const setText = (t: PlacedText, text: Text): SingleOperation => ({
  op: 'setText',
  at: { section: t.section.id, path: t.path },
  text,
});

/** A text without the links in it that lead to what is gone. */
function withoutDead(document: SiteDocument, { value, from, marks }: Text): Text {
  const left = cleanMarks(
    value,
    marks?.filter((m) => m.kind !== 'link' || !isDead(document, m.target)),
  );
  return { value, from, ...(left && { marks: left }) };
}

function ofSection(document: SiteDocument, page: Page | null, section: Section, first: boolean): PageCheck[] {
  const texts = textsOf(section, page);
  const at = (kind: CheckKind, path: string, words: string, mend: PageCheck['mend'] = null): PageCheck => ({
    kind,
    page,
    section,
    path,
    words,
    mend,
  });
  const found: PageCheck[] = [];
  const says = texts.some((t) => t.text.value && !t.path.endsWith('.alt')) || hasPicture(section.content);
  if (!says && !OF_FACTS.has(kindOf(section)))
    return [
      at(
        'empty',
        '',
        'Nothing stands in it: visitors do not see it.',
        page && page.sections.length > 1
          ? { label: 'Take it out', operations: [{ op: 'removeSection', section: section.id }] }
          : null,
      ),
    ];
  const heading = partsOf(section, null).find((t) => t.path === 'heading');
  const listed = listsOf(section).some((l) => l.items.length);
  if (heading && !heading.text.value && (first || listed))
    found.push(
      at(
        'heading',
        'heading',
        first
          ? 'The page begins without a heading: search engines and those who listen to it miss what it is about.'
          : 'It has no heading: who listens to the page passes it by.',
        { label: 'Put one in', operations: [switchPart(heading)] },
      ),
    );
  for (const t of texts) {
    for (const m of t.text.marks ?? [])
      if (m.kind === 'link' && isDead(document, m.target)) {
        const words = `“${t.text.value.slice(m.from, m.to)}” led to what is not on the site any more, and leads nowhere.`;
        const mend = { label: 'No link', operations: [setText(t, withoutDead(document, t.text))] };
        found.push(at('link', t.path, words, mend));
      }
    const own = targetOfButton(t.text);
    if (own !== null && t.text.value && isDead(document, own)) {
      const words = `“${t.text.value}” led to what is not on the site any more.`;
      const operations: SingleOperation[] = [{ op: 'setTarget', at: { section: section.id, path: t.path }, to: null }];
      found.push(at('link', t.path, words, { label: 'Where its place leads', operations }));
    }
    if (/(?:^|\.)(?:heading|name)$/.test(t.path)) {
      const word = t.text.value.split(/[\s\u00ad/–—-]+/).find((w) => w.length > WIDEST);
      if (word) found.push(at('word', t.path, `“${word}” is wider than a phone: it breaks anywhere.`));
    }
  }
  return found;
}

/** Sentences that stand on one page twice; the later of the two is spoken of. */
function twiceOn(page: Page): PageCheck[] {
  const seen = new Set<string>();
  const bare = (s: string) => s.toLowerCase().replace(/[^\p{L}\p{N} ]/gu, '');
  return page.sections.flatMap((section) =>
    textsOf(section, page)
      .filter((t) => t.long)
      .flatMap((t) =>
        splitSentences(t.text.value).flatMap((sentence): PageCheck[] => {
          const key = bare(sentence);
          if (key.split(' ').length < LEAST_WORDS) return [];
          if (!seen.has(key)) {
            seen.add(key);
            return [];
          }
          const left = t.text.value.replace(sentence, '').replace(/ {2,}/g, ' ').trim();
          const { value, from, marks } = t.text;
          const text = { ...reworded({ value, ...(marks && { marks }) }, left), from };
          return [
            {
              kind: 'twice',
              page,
              section,
              path: t.path,
              words: `Said twice on this page: “${sentence}”`,
              mend: { label: 'Leave it out here', operations: [setText(t, text)] },
            },
          ];
        }),
      ),
  );
}

/** Colours of the look that cannot be read on one another, by day or night; with those nearest to them that can. */
function contrastOf(document: SiteDocument): PageCheck[] {
  const { look } = document;
  const page = document.pages[0] ?? null;
  const section = page && openerOf(page);
  if (!section) return [];
  const weak = (['day', 'night'] as const).flatMap((version) =>
    weakPairs(look[version]).map(({ role, on, ratio, needed }) => ({ version, role, on, ratio, needed })),
  );
  const [worst] = [...weak].sort((a, b) => a.ratio / a.needed - b.ratio / b.needed);
  if (!worst) return [];
  const { version, role, on, ratio, needed } = worst;
  const mended = { ...look, ...palettesFrom(wishesIn(look.day), look.richness) };
  const words = `Hard to read by ${version}: the colour “${role}” on “${on}” has a contrast of ${ratio.toFixed(1)}, and needs ${needed}.`;
  const more = weak.length > 1 ? ` So have ${weak.length - 1} more.` : '';
  const mend = weakPairs(mended.day).length + weakPairs(mended.night).length === 0;
  return [
    {
      kind: 'contrast',
      page,
      section,
      path: '',
      words: words + more,
      mend: mend ? { label: 'Take the nearest that can be read', operations: [{ op: 'setLook', look: mended }] } : null,
    },
  ];
}

/** Everything on the pages of a site that wants a look, page by page, from top to bottom. */
export function pageChecks(site: SiteDocument): PageCheck[] {
  const document = asPublished(site);
  const shared = [document.header, document.footer].flatMap((s) => (s ? ofSection(document, null, s, false) : []));
  const bare = withoutWords(document).flatMap((place): PageCheck[] => {
    const page = document.pages.find((p) => p.sections.some((s) => s.id === place.section.id)) ?? null;
    const medium: Medium | undefined = document.media.find((m) => m.id === place.picture.media);
    const path = `${place.at.path}.alt`;
    const value = medium ? proposedAlt(document, place, medium) : '';
    const at = { section: place.section.id, path };
    return [
      {
        kind: 'picture',
        page,
        section: place.section,
        path,
        words: 'Who cannot see this picture is not told what it shows.',
        mend:
          value && textAt(document, at)
            ? {
                label: `Say: ${value}`,
                operations: [{ op: 'setText', at, text: { value, from: { kind: 'designer' } } }],
              }
            : null,
      },
    ];
  });
  const silent = picturePlaces(document).flatMap(({ at, page, section, picture }): PageCheck[] =>
    picture.film && !picture.film.captions && !isDead(document, picture.film.file)
      ? [
          {
            kind: 'picture',
            page,
            section,
            path: `${at.path}.alt`,
            words: 'This film has no captions: who cannot hear it is not told what is said in it.',
            mend: null,
          },
        ]
      : [],
  );
  const pages = document.pages.flatMap((page) => [
    ...sectionsOf(page).flatMap((s) => ofSection(document, page, s, s === page.sections[0])),
    ...[...bare, ...silent].filter((c) => c.page === page),
    ...twiceOn(page),
  ]);
  return [...contrastOf(document), ...shared, ...pages];
}

/** What a section is called where a check speaks of it. */
export const titleOfSection = (section: Section): string => shapes[section.shape]?.title ?? section.shape;
