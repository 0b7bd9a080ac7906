import { renderToString } from 'preact-render-to-string';
import type { ComponentChildren } from 'preact';
import { phoneIn } from '../../brief/format.js';
import { sayDay } from '../../collections/times.js';
import { languages, type LanguageTag } from '../../language/registry.gen.js';
import { telUri } from '../../look/shapes/words.js';
import type { SiteDocument } from '../../model/site.js';
import { stylesheetOf, type Manifest } from '../release/manifest.js';

/** A site whose pages are not shown to whoever asks. Before its first release it has a name and nothing else. */
export interface ClosedSite {
  name: string;
  live: { document: SiteDocument; manifest: Manifest } | null;
}

/** What the page says that stands before a site. */
export interface Holding {
  /** The day it opens, `2027-03-01`; null where that is not said. */
  opens: string | null;
  /** In the designer’s or the client’s own words; empty where the house’s are enough. */
  words: string;
}
export const NO_HOLDING: Holding = { opens: null, words: '' };

const PLAIN =
  'body{margin:0;font:1.1rem/1.6 Georgia,serif;color:#222b29;background:#f4f5f2}main{padding:1.5rem}h1{font-size:1.9rem;line-height:1.2}';
/** How it stands on the page, in the measures of the look where there is one. */
const PLACE =
  'main{min-block-size:100vh;min-block-size:100svh;display:grid;place-content:center;justify-items:center;gap:.9rem;text-align:center;padding:3rem var(--edge,1.5rem)}main>*{margin:0;max-inline-size:34rem}main>img{inline-size:4.5rem;block-size:auto;margin-block-end:.6rem}main>.quiet{color:var(--quiet,#4a5552)}main .fault{margin:0;color:var(--bad,#9a2a1c)}main a{color:var(--lead,#1d5a63);text-underline-offset:.2em}form{display:grid;gap:.6rem;inline-size:min(22rem,100%);text-align:start}input,button{font:inherit;min-block-size:2.9rem;padding:.4rem .8rem;box-sizing:border-box;inline-size:100%;color:inherit;background:none;border:1px solid var(--text,#222b29);border-radius:3px}button{color:var(--on-lead,#fff);background:var(--lead,#1d5a63);border-color:transparent;cursor:pointer}:focus-visible{outline:3px solid var(--accent,#b5651d);outline-offset:2px}.contact{display:grid;gap:.2rem}';

const languageOf = ({ live }: ClosedSite): LanguageTag => live?.document.language ?? 'en-GB';

function page(site: ClosedSite, children: ComponentChildren): string {
  const sheet = site.live && stylesheetOf(site.live.manifest);
  // The page is drawn once its letters are there, or without them: asked for at once, they mostly are.
  const fonts = Object.keys(site.live?.manifest.files ?? {}).filter((path) => path.startsWith('/fonts/'));
  const icon = site.live && Object.hasOwn(site.live.manifest.files, '/favicon.svg');
  const body = (
    <html lang={languageOf(site)}>
      <head>
        <meta charset="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta name="robots" content="noindex" />
        <meta name="color-scheme" content="light dark" />
        <title>{site.name}</title>
        {icon && <link rel="icon" href="/favicon.svg" type="image/svg+xml" />}
        {fonts.map((path) => (
          <link key={path} rel="preload" href={path} as="font" type="font/woff2" crossorigin="anonymous" />
        ))}
        {sheet ? <link rel="stylesheet" href={sheet} /> : <style dangerouslySetInnerHTML={{ __html: PLAIN }} />}
        <style dangerouslySetInnerHTML={{ __html: PLACE }} />
      </head>
      <body>
        <main>
          {icon && <img src="/favicon.svg" alt="" />}
          {children}
        </main>
      </body>
    </html>
  );
  return `<!doctype html>\n${renderToString(body)}\n`;
}

/** Files of a release that the pages before a closed site are made with; everything else of it is closed. */
export const isOfHolding = ({ live }: ClosedSite, path: string): boolean =>
  live !== null &&
  Object.hasOwn(live.manifest.files, path) &&
  (path === stylesheetOf(live.manifest) || path === '/favicon.svg' || path.startsWith('/fonts/'));

/**
 * The page every visitor meets until a site is open, in the look of the site. A day that is past is not said.
 * @param today as `2027-03-01` @param ended whether the visitor came by a link that was good once
 */
export function holdingPage(site: ClosedSite, { opens, words }: Holding, today: string, ended = false): string {
  const language = languages[languageOf(site)];
  const said = language.words;
  const facts = site.live?.document.facts;
  const day = opens && opens >= today && site.live ? sayDay(site.live.document, opens) : null;
  const phone = facts && phoneIn(language, facts.phone, facts);
  const dial = phone && telUri(phone);
  return page(
    site,
    <>
      <h1>{site.name}</h1>
      {facts?.strapline && <p class="quiet">{facts.strapline}</p>}
      {words ? (
        <>
          <p>{words}</p>
          {day && <p>{said.opensOn(day)}</p>}
        </>
      ) : (
        <p>{day ? said.opensOn(day) : said.opensSoon}</p>
      )}
      {(dial || facts?.mail) && (
        <p class="contact">
          {dial && <a href={dial}>{phone}</a>}
          {facts!.mail && <a href={`mailto:${facts!.mail}`}>{facts!.mail}</a>}
        </p>
      )}
      {ended && <p class="quiet">{said.preview.ended}</p>}
    </>,
  );
}

/** What somebody is told who asks for a preview that has a password. */
export type PreviewFault = 'wrong' | 'often';

/**
 * The page that asks for the password of a preview.
 * @param token of the preview @param to the page that was asked for
 */
export function previewLock(site: ClosedSite, token: string, to: string, fault?: PreviewFault): string {
  const said = languages[languageOf(site)].words.preview;
  return page(
    site,
    <>
      <h1>{site.name}</h1>
      <p>{said.locked}</p>
      <form method="post" action="/-/preview">
        <input type="hidden" name="preview" value={token} />
        <input type="hidden" name="to" value={to} />
        <label for="password">{said.password}</label>
        <input
          id="password"
          name="password"
          type="password"
          autocomplete="current-password"
          required
          maxLength={200}
          aria-invalid={fault === 'wrong' ? 'true' : undefined}
          aria-describedby={fault && 'fault'}
        />
        {fault && (
          <p id="fault" class="fault" role="alert">
            {said[fault]}
          </p>
        )}
        <button type="submit">{said.look}</button>
      </form>
    </>,
  );
}
