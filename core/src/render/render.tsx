import { renderToString } from 'preact-render-to-string';
import type { VNode } from 'preact';
import { shortHash } from '../generate/random.js';
import { hoursIn, phoneIn } from '../languages/format.js';
import { languages, type LanguageTag } from '../languages/registry.gen.js';
import { families } from '../look/type.js';
import type { Page, Section, SiteDocument } from '../model/site.js';
import { drawFavicon, drawScene, SCENE } from '../pictures/scene.js';
import { descriptionOf, jsonLd, pagePath, robots, sitemap, titleOf } from '../seo/seo.js';
import { shapes } from '../shapes/registry.gen.js';
import type { FormState, Surroundings } from '../shapes/shape.js';
import { fontPath, siteCss } from './css.js';
import { layOut } from './lay-out.js';

/** A file of a rendered site: its text, or the package specifier of bytes that ship with the product. */
export type RenderedFile = { path: string; type: string } & ({ text: string } | { asset: string });

export interface RenderOptions {
  /** The origin the site will be read at, for canonical addresses: `https://name.example`. */
  origin: string;
  /** Marks every text with its place, draws pictures inline and takes fonts from `fontBase`: for the window. */
  window?: { fontBase: string };
  /** What a form answered, for the page that answers it. */
  formState?: FormState;
}

/** Where visitors send a form: the CMS answers here. */
export const formAction = (form: string): string => `/-/forms/${form}`;

interface Files {
  hours: string[];
  phone: string;
  css: string;
  cssPath: string;
  pictures: Map<string, { path: string; text: string }>;
}

function usedShapes(document: SiteDocument): string[] {
  return [document.header, document.footer, ...document.pages.flatMap((p) => p.sections)].flatMap((s) =>
    s ? [s.shape] : [],
  );
}

function prepare(document: SiteDocument, options: RenderOptions): Files {
  const css = siteCss(
    document.look,
    usedShapes(document),
    options.window ? 'swap' : 'optional',
    options.window?.fontBase ?? '',
  );
  const language = languages[document.language];
  const { facts } = document;
  return {
    hours: hoursIn(language, facts.hours),
    phone: phoneIn(language, facts.phone, facts),
    css,
    cssPath: `/site-${shortHash(css)}.css`,
    pictures: new Map(),
  };
}

/** The kind of section that does a page’s work where there is no such page. */
const DOES_THE_WORK: Record<string, string[]> = { contact: ['contact', 'visit', 'call'], services: ['services'] };

const kindOf = (section: Section) => section.shape.split('/')[0]!;

/** The name of a section within its page: its kind, on the first of its kind that can be led to. */
function anchorOf(page: Page, section: Section): string | undefined {
  const kind = kindOf(section);
  return page.sections.find((s) => kindOf(s) === kind)?.id === section.id ? kind : undefined;
}

function linkTo(document: SiteDocument, id: string): string {
  const page = document.pages.find((p) => p.id === id);
  if (page) return pagePath(page);
  for (const kind of DOES_THE_WORK[id] ?? [])
    for (const p of document.pages) if (p.sections.some((s) => kindOf(s) === kind)) return `${pagePath(p)}#${kind}`;
  return pagePath(document.pages[0]!);
}

function surroundings(
  document: SiteDocument,
  page: Page | null,
  section: Section,
  first: boolean,
  options: RenderOptions,
  files: Files,
): Surroundings {
  return {
    facts: document.facts,
    page,
    pages: document.pages,
    words: languages[document.language].words,
    hours: files.hours,
    phone: files.phone,
    anchor: page ? anchorOf(page, section) : undefined,
    palette: document.look.day,
    editing: options.window !== undefined,
    level: first ? 1 : 2,
    link: (id) => linkTo(document, id),
    picture: (scene) => {
      let file = files.pictures.get(scene);
      if (!file) {
        const text = drawScene(scene, document.look.day, document.look.seed);
        file = { text, path: `/pictures/${scene}-${shortHash(text)}.svg` };
        files.pictures.set(scene, file);
      }
      return { src: options.window ? `data:image/svg+xml,${encodeURIComponent(file.text)}` : file.path, ...SCENE };
    },
    form: (id) => {
      const form = document.forms.find((f) => f.id === id);
      const state = options.formState?.form === id ? options.formState : null;
      return form ? { form, action: formAction(id), state } : null;
    },
    part: (path) => (options.window ? { 'data-part': `${section.id}/${path}` } : ({} as Record<string, string>)),
  };
}

function drawSection(
  document: SiteDocument,
  page: Page | null,
  section: Section | null,
  first: boolean,
  options: RenderOptions,
  files: Files,
): VNode | null {
  const shape = section && shapes[section.shape];
  if (!section || !shape) return null;
  return (
    <shape.Component
      content={section.content as never}
      at={surroundings(document, page, section, first, options, files)}
    />
  );
}

function drawPage(
  document: SiteDocument,
  page: Page,
  title: string,
  options: RenderOptions,
  files: Files,
  indexed: boolean,
): string {
  const description = descriptionOf(document, page);
  const canonical = `${options.origin}${pagePath(page)}`;
  const preload = [...new Set([document.look.heading, document.look.reading])];
  const body = (
    <html lang={document.language}>
      <head>
        <meta charset="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <title>{title}</title>
        <meta name="description" content={description} />
        {indexed ? <link rel="canonical" href={canonical} /> : <meta name="robots" content="noindex" />}
        <meta property="og:type" content="website" />
        <meta property="og:title" content={title} />
        <meta property="og:description" content={description} />
        <meta property="og:url" content={canonical} />
        <meta property="og:site_name" content={document.facts.name} />
        <meta property="og:locale" content={languages[document.language].locale} />
        <meta name="theme-color" content={document.look.day.ground} />
        <link rel="icon" href="/favicon.svg" type="image/svg+xml" />
        {preload.map((id) => (
          <link key={id} rel="preload" href={fontPath(id)} as="font" type="font/woff2" crossorigin="anonymous" />
        ))}
        <link rel="stylesheet" href={files.cssPath} />
        {indexed && page.slug === '' && (
          <script
            type="application/ld+json"
            dangerouslySetInnerHTML={{
              __html: JSON.stringify(jsonLd(document, options.origin)).replace(/</g, '\\u003c'),
            }}
          />
        )}
      </head>
      <body>
        <a class="skip" href="#main">
          {languages[document.language].words.skip}
        </a>
        {drawSection(document, page, document.header, false, options, files)}
        <main id="main">{page.sections.map((s, n) => drawSection(document, page, s, n === 0, options, files))}</main>
        {drawSection(document, page, document.footer, false, options, files)}
      </body>
    </html>
  );
  return `<!doctype html>\n${layOut(renderToString(body))}`;
}

/** A page for an address the site does not have. */
function notFoundPage(language: LanguageTag): Page {
  const { words } = languages[language];
  const text = (value: string) => ({ value, from: { kind: 'designer' as const } });
  return {
    id: 'not-found',
    slug: 'not-found',
    label: words.notFoundTitle,
    reason: '',
    seo: { title: null, description: text(words.notFoundLead) },
    sections: [
      {
        id: 'not-found-opening',
        shape: 'opening/plain',
        reason: '',
        content: {
          heading: text(words.notFound),
          lead: text(words.notFoundLead),
        },
      },
    ],
  };
}

/** A page of a site as HTML, with the answer to a form where there is one. */
export function renderPage(document: SiteDocument, pageId: string, options: RenderOptions): string | undefined {
  const page = document.pages.find((p) => p.id === pageId);
  return (
    page &&
    drawPage(
      document,
      page,
      titleOf(document, page),
      options,
      prepare(document, options),
      options.formState === undefined,
    )
  );
}

/** What the window shows: a page’s HTML with every text marked, and the site’s CSS beside it. */
export function renderWindow(
  document: SiteDocument,
  pageId: string,
  fontBase: string,
): { html: string; css: string } | undefined {
  const page = document.pages.find((p) => p.id === pageId) ?? document.pages[0];
  if (!page) return undefined;
  const options: RenderOptions = { origin: 'https://window.invalid', window: { fontBase } };
  const files = prepare(document, options);
  return { html: drawPage(document, page, titleOf(document, page), options, files, false), css: files.css };
}

/**
 * Renders a site whole. Pure and deterministic: the same document and options give the same files, sorted by path.
 */
export function render(document: SiteDocument, options: RenderOptions): RenderedFile[] {
  const files = prepare({ ...document, pages: [...document.pages, notFoundPage(document.language)] }, options);
  const out: RenderedFile[] = document.pages.map((page) => ({
    path: `${pagePath(page)}index.html`,
    type: 'text/html; charset=utf-8',
    text: drawPage(document, page, titleOf(document, page), options, files, true),
  }));
  const missing = notFoundPage(document.language);
  out.push(
    {
      path: '/404.html',
      type: 'text/html; charset=utf-8',
      text: drawPage(document, missing, `${missing.label} – ${document.facts.name}`, options, files, false),
    },
    { path: files.cssPath, type: 'text/css; charset=utf-8', text: files.css },
    { path: '/favicon.svg', type: 'image/svg+xml', text: drawFavicon(document.facts.name, document.look.day) },
    { path: '/sitemap.xml', type: 'application/xml; charset=utf-8', text: sitemap(document, options.origin) },
    { path: '/robots.txt', type: 'text/plain; charset=utf-8', text: robots(options.origin) },
    ...[...files.pictures.values()].map((p) => ({ path: p.path, type: 'image/svg+xml', text: p.text })),
    ...[...new Set([document.look.heading, document.look.reading])].map((id) => ({
      path: fontPath(id),
      type: 'font/woff2',
      asset: families[id]!.file,
    })),
  );
  return out.sort((a, b) => (a.path < b.path ? -1 : 1));
}

/** The page every visitor meets until a site is open. */
export function holdingPage(name: string, language: LanguageTag = 'en-GB'): string {
  const body = (
    <html lang={language}>
      <head>
        <meta charset="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta name="robots" content="noindex" />
        <title>{name}</title>
        <style>
          {
            'body{margin:0;min-height:100vh;display:grid;place-content:center;padding:1.5rem;font:1.1rem/1.6 Georgia,serif;color:#222b29;background:#f4f5f2;text-align:center}h1{font-size:1.9rem;line-height:1.2;margin:0 0 .6rem;overflow-wrap:anywhere}p{margin:0}'
          }
        </style>
      </head>
      <body>
        <main>
          <h1>{name}</h1>
          <p>{languages[language].words.opensSoon}</p>
        </main>
      </body>
    </html>
  );
  return `<!doctype html>\n${renderToString(body)}\n`;
}
