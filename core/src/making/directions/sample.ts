import type { Medium, Page, Section, SiteDocument } from '../../model/site.js';
import { isPicture } from '../../model/site.js';
import { recipeFrom } from '../../look/pictures/draw.js';
import { newSection } from '../plan/plan.js';
import { kinds, shapes } from '../../look/shapes/registry.gen.js';

const kindOf = (shape: string) => shape.split('/')[0]!;

/** The pictures samples show where a site has too few of its own. */
const SAMPLE_SUBJECTS = ['boat', 'planks', 'plane', 'anchor', 'rope', 'hands', 'hammer', 'pen', 'terrace'];
const sampleMedia = (document: SiteDocument): Medium[] =>
  SAMPLE_SUBJECTS.map((subject, n) => {
    const own = document.media[n];
    return own
      ? { ...own, id: `sample-${n + 1}` }
      : { id: `sample-${n + 1}`, kind: 'made', title: subject, recipe: { ...recipeFrom('', 40 + n), subject } };
  });

/** Content with every bare place for a picture filled from the samples. */
function pictured(value: unknown, next: () => string): unknown {
  if (isPicture(value)) return value.media ? value : { ...value, media: next() };
  if (Array.isArray(value)) return value.map((v) => pictured(v, next));
  if (typeof value === 'object' && value !== null && !('from' in value))
    return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, pictured(v, next)]));
  return value;
}

/**
 * A site of one section, to show a shape with the site’s own words, look and pictures: a section it has of that kind, else
 * one as it would be put in, else the sample of the kind. With `of`, it is that section of the site, laid out so.
 */
export function sampleOf(document: SiteDocument, shape: string, of?: string): SiteDocument {
  const kind = kindOf(shape);
  const { belongs } = shapes[shape]!;
  const own = [...document.pages]
    .flatMap((p) => p.sections.map((s) => ({ s, home: p.slug === '' })))
    .filter(({ s }) => (of === undefined ? kindOf(s.shape) === kind : s.id === of))
    .sort((a, b) => Number(b.home === (belongs === 'home')) - Number(a.home === (belongs === 'home')))[0]?.s;
  let n = 0;
  const fill = (content: Section['content']) =>
    pictured(content, () => `sample-${(n++ % SAMPLE_SUBJECTS.length) + 1}`) as Section['content'];
  const shared = kind === 'header' ? document.header : kind === 'footer' ? document.footer : null;
  const content =
    shared?.content ??
    own?.content ??
    (kind === 'header' || kind === 'footer' || !document.pages.length
      ? (kinds[kind]!.sample as Section['content'])
      : newSection(document, shape).content);
  const section: Section = { id: 'sample', shape, reason: '', content: fill(content) };
  const page: Page = {
    id: 'home',
    slug: '',
    label: document.pages[0]?.label ?? 'Home',
    reason: '',
    seo: { title: null, description: null },
    sections: [section],
  };
  const others = document.pages.slice(1).map((p) => ({ ...p, sections: p.sections.slice(0, 1) }));
  const blank: Page = {
    ...page,
    sections: [
      {
        ...section,
        id: 'under',
        shape: 'opening/plain',
        content: document.pages[0]?.sections[0]?.content ?? section.content,
      },
    ],
  };
  return {
    ...document,
    media: [...document.media, ...sampleMedia(document)],
    header: kind === 'header' ? section : null,
    footer: kind === 'footer' ? section : null,
    pages: [kind === 'header' || kind === 'footer' ? blank : page, ...others],
  };
}
