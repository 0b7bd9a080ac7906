import type { SiteDocument } from '@tin-porch/core/model';
import { packOf } from '@tin-porch/core/brief';
import { directionOf, inDirection } from '@tin-porch/core/making';
import { pagePath } from '@tin-porch/core/page';
import { drawnPage } from '@tin-porch/press';
import type { Choice } from './choices.js';

const escape = (s: string) =>
  s.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');

const STYLE = `body{margin:0;font:16px/1.5 'Atkinson Hyperlegible Next',system-ui,sans-serif;color:#1d2724;background:#f4f6f3}
main{max-width:1180px;margin:0 auto;padding:28px 20px 60px}h1{font-size:26px;line-height:1.2;margin:0 0 6px}h2{font-size:19px;margin:0}
.direction{margin:28px 0;background:#fff;border:1px solid #b9c4be;border-radius:4px;overflow:hidden}.direction.chosen{border:2px solid #2d6a4d}
.head{display:flex;flex-wrap:wrap;gap:6px 18px;align-items:center;padding:12px 16px}.head p{flex:1 1 320px;margin:0;color:#4b5955}
.head label{display:flex;gap:8px;align-items:center;font-weight:600}iframe{display:block;width:100%;height:min(74vh,720px);border:0;border-top:1px solid #d5ddd8}
.say{padding:16px;background:#fff;border:1px solid #b9c4be;border-radius:4px}.say label{display:block;font-weight:600;margin:0 0 4px}
input[type=text],textarea{box-sizing:border-box;width:100%;padding:8px 10px;font:inherit;border:1px solid #6f7d78;border-radius:4px;margin-bottom:14px}
button{padding:10px 18px;font:600 16px/1.3 inherit;font-family:inherit;color:#fff;background:#a5421d;border:0;border-radius:4px;cursor:pointer}
.done{padding:12px 16px;background:#ddeee4;border:1px solid #2d6a4d;border-radius:4px}a{color:#863414}
:focus-visible{outline:3px solid #a5421d;outline-offset:2px}`;

/** The page on which a client looks at directions and chooses. Works without script; `nonce` is for its one style. */
export function choicePage(choice: Choice, document: SiteDocument, nonce: string, fault = ''): string {
  const { facts } = document;
  const cards = choice.directions.map((ref, n) => {
    const d = directionOf(facts, packOf(facts), ref);
    const chosen = choice.chosen === n;
    const pages = document.pages
      .map(
        (p) =>
          `<a href="/choose/${choice.token}/${n}?page=${encodeURIComponent(p.id)}" target="d${n}">${escape(p.label)}</a>`,
      )
      .join(' ');
    return `<section class="direction${chosen ? ' chosen' : ''}"><div class="head"><h2>${escape(d.name)}</h2><p>${escape(d.why)}</p><span>${pages}</span><label><input type="radio" name="chosen" value="${n}"${chosen ? ' checked' : ''} required> This one</label></div><iframe name="d${n}" src="/choose/${choice.token}/${n}" title="${escape(d.name)}" sandbox loading="lazy"></iframe></section>`;
  });
  const told =
    choice.chosen === null
      ? ''
      : `<p class="done" role="status">Thank you. ${escape(choice.by || 'You')} chose ${escape(directionOf(facts, packOf(facts), choice.directions[choice.chosen]!).name)}. You can still change your mind here.</p>`;
  return `<!doctype html>
<html lang="en-GB"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><meta name="robots" content="noindex"><link rel="icon" href="/mark.svg"><title>Choose a direction – ${escape(facts.name)}</title><style nonce="${nonce}">${STYLE}</style></head>
<body><main><h1>${escape(facts.name)}: which direction?</h1><p>The words are the same in each, and can still change. Look at how it feels, then say which.</p>${told}${fault ? `<p class="done" role="alert">${escape(fault)}</p>` : ''}
<form method="post" action="/choose/${choice.token}">${cards.join('\n')}
<div class="say"><label for="by">Your name</label><input id="by" name="by" type="text" maxlength="80" autocomplete="name" value="${escape(choice.by)}"><label for="note">Anything to add</label><textarea id="note" name="note" rows="3" maxlength="2000">${escape(choice.note)}</textarea><button>Choose it</button></div></form></main></body></html>
`;
}

/** One direction of a choice, a page of it, as a document by itself; undefined where there is no such page. */
export async function directionPage(
  choice: Choice,
  document: SiteDocument,
  n: number,
  page: string,
  nonce: string,
): Promise<string | undefined> {
  const ref = choice.directions[n];
  if (!ref) return undefined;
  const dressed = inDirection(document, ref);
  const drawn = await drawnPage(dressed, page, `/choose/${choice.token}/media`);
  if (!drawn) return undefined;
  let { html } = drawn;
  for (const p of dressed.pages)
    html = html.replaceAll(
      `href="${pagePath(p)}"`,
      `href="/choose/${choice.token}/${n}?page=${encodeURIComponent(p.id)}"`,
    );
  return html
    .replace(/<link rel="(stylesheet|preload|icon)"[^>]*>/g, '')
    .replace(/ data-part="[^"]*"/g, '')
    .replace('</head>', `<style nonce="${nonce}">${drawn.css}</style></head>`);
}
