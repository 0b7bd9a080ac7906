import type { Page, SiteDocument } from '../../../model/site.js';
import { namedOf } from '../../../model/page.js';
import type { Operation } from '../../../operations/operation.js';
import { pageAt, readdress, readPath } from '../../plan/addresses.js';
import { pageLike } from '../../plan/page-like.js';
import { slugOf } from '../../plan/slug.js';
import { ownFrame } from '../../plan/sections.js';
import { nestPage, ownPage, pageOffers, renamePage, takeOutPage } from '../../plan/plan.js';
import { change, changeOn, no, question, slip, type Intent } from '../reply.js';

const capital = (s: string) => s[0]!.toUpperCase() + s.slice(1);
const tidy = (s: string) =>
  s
    .trim()
    .replace(/^["“‘']|["”’']$/g, '')
    .replace(/^(?:the|a|an|another|our|my|your|new|die|der|das|les?|la|los|las|el)\s+/i, '')
    .replace(/\s+(?:hinzu|ein|an)$/i, '')
    .replace(/\s+(?:page|please)$/i, '')
    .trim();

/** A page more, with what there is to say on it. */
export const pageNew: Intent = {
  name: 'page new',
  weight: 1.04,
  examples: [
    'add a page about the old slip',
    'I need a privacy page',
    'add an imprint',
    'add a page about rigging under services',
  ],
  read(r, { document }) {
    const begins = /^(?:and |perhaps |maybe )?(?:a|an|one) (?:new )?page\b/i.test(r.words);
    if (!r.word('verb:add') && !begins && !r.has('verb:put', 'verb:change', 'verb:use')) return null;
    const said = r.words.replace(/[?!]+$/, '');
    const law = /\b(imprint|impressum|privacy(?: notice| policy)?|accessibility(?: statement)?)\b/i.exec(said);
    const about =
      /\bpage\b\s*(?:about|for|on|called|named|with|of|:|that shows|where|saying)\s+(.+?)(?:\s+under\s+(.+))?$/i.exec(
        said,
      ) ??
      /\b(?:add|need|want|have|create|make|like)\b\s+(?:(?:a|an|another|our|new)\s+)*(?!new\b)([\p{L} -]{3,40}?)\s+page(?:\s+under\s+(.+))?$/iu.exec(
        said,
      ) ??
      (law && r.has('verb:add') ? ([said, law[1]!, undefined] as unknown as RegExpExecArray) : null);
    if (r.has('verb:hold')) return null;
    const named = !about && r.has('noun:page') && !r.things('page').length ? r.tail('prep:about') : undefined;
    if (!about && !named) return null;
    if (/\b(?:to|on|onto|into) (?:the|our|my)\b.*\bpage$/i.test(said) && !/\bpage (?:about|for|called)/i.test(said))
      return null;
    // A page is called by what it is about, not by the whole of a sentence.
    const wanted = tidy((about?.[1] ?? named ?? '').split(/,|\b(?:that|which|who|with|where|so that|because)\b/i)[0]!);
    if (wanted.split(/\s+/).length > 5 || /^(?:its|their|it|them|this|that)\b/i.test(wanted))
      return question('What should the page be called? Say: add a page about …');
    if (!wanted || wanted.length > 60) return null;
    r.explain(r.from, r.to);
    r.things('quoted');
    const name = wanted.toLowerCase();
    const there = document.pages.find((p) => p.label.toLowerCase() === name || p.slug === name);
    if (there) return no(`There is a page ${there.label} already.`);
    const over =
      about?.[2] && document.pages.find((p) => p.slug && p.label.toLowerCase() === tidy(about[2]!).toLowerCase());
    const offer = pageOffers(document).find((o) => {
      const [label, first] = [o.label.toLowerCase(), name.split(' ')[0]!];
      return label.startsWith(first) || o.page.id.startsWith(first.replace(/s$/, ''));
    });
    const made: Operation = offer
      ? { op: 'insertPage', page: offer.page, at: document.pages.length }
      : ownPage(document, capital(wanted.slice(0, 40)));
    if (made.op !== 'insertPage') return null;
    const operation = over ? { ...made, page: { ...made.page, parent: over.id } } : made;
    return slip([
      change(
        operation,
        `A page ${operation.page.label}${over ? ` under ${over.label}` : ''}`,
        { page: operation.page.id },
        {
          after: offer?.reason ?? 'A heading and a story to write: what it should say, the client has to tell.',
        },
      ),
    ]);
  },
};

/** A page taken out, with all that is on it. */
export const pageOut: Intent = {
  name: 'page out',
  examples: ['remove the about page', 'get rid of services'],
  read(r, { document }) {
    if (!r.word('verb:out')) return null;
    if (r.has('part:', 'like:', 'kind:gallery', 'noun:section') || (r.hand.section && r.has('this:'))) return null;
    const [page] = r.pages('', 'to');
    if (!page || r.pages('at').length) return null;
    if (page.slug === '') return no('The home page stays.');
    r.every('noun:page', 'prep:', 'all:');
    const under = document.pages.filter((p) => p.parent === page.id).length;
    return slip([
      changeOn(
        document,
        (d) => takeOutPage(d, page.id),
        `${page.label} goes, with all that is on it`,
        { page: page.id },
        {
          before: `${page.label}${under ? `; what is under it moves up` : ''}`,
        },
      ),
    ]);
  },
};

/** A page on hold, with what is said in its stead, or there again. */
export const pageHold: Intent = {
  name: 'page hold',
  weight: 1.06,
  examples: [
    'put the services page on hold',
    'put this page on hold and say “Back in March”',
    'take the services page off hold',
  ],
  read(r) {
    const again = /\b(?:off|no longer on|not on) hold\b/.exec(r.even.low.slice(r.from, r.to));
    if (!r.has('verb:hold') && !again) return null;
    // Of the whole site it is said at another step.
    if (r.has('noun:site', 'all:')) return null;
    const page = r.pages()[0] ?? (r.has('noun:page') && r.has('this:') ? r.pageInHand() : undefined);
    if (!page) return null;
    if (again) r.explain(r.from + again.index, r.from + again.index + again[0].length);
    const words = r.quoted() ?? '';
    r.every('verb:hold', 'verb:say', 'verb:', 'verb:out', 'noun:page', 'this:', 'prep:');
    if (!!again === (page.hold === undefined))
      return no(again ? `${page.label} is not on hold.` : `${page.label} is on hold already.`);
    return slip([
      change(
        { op: 'setHold', page: page.id, hold: again ? null : words },
        again ? `${page.label} is there again` : `${page.label} on hold: its address stays, and says so in its stead`,
        { page: page.id },
        again ? {} : { after: words || 'The words of the language' },
      ),
    ]);
  },
};

/** A header or footer that one page has of its own, or that of all pages again. */
export const pageFrame: Intent = {
  name: 'page frame',
  weight: 1.07,
  examples: [
    'give the services page a header of its own',
    'this page should have its own footer',
    'the services page should have the same header as the others again',
  ],
  read(r, { document }) {
    const part = r.has('kind:header') ? 'header' : r.has('kind:footer') ? 'footer' : null;
    const low = r.even.low.slice(r.from, r.to);
    const own = /\b(?:own|different|another|separate|eigene[nr]?|propi[oa]|propre|à elle)\b/.exec(low);
    const again = /\b(?:the same|as (?:on )?(?:the )?(?:others?|every|all)|shared|again)\b/.exec(low);
    if (!part || (!own && !again) || r.has('ground:', 'part:', 'like:grid', 'like:cards', 'verb:say')) return null;
    const page = r.pages()[0] ?? (r.has('noun:page') && r.has('this:') ? r.pageInHand() : undefined);
    if (!page) return null;
    for (const m of [own, again]) if (m) r.explain(r.from + m.index, r.from + m.index + m[0].length);
    r.every(
      `kind:${part}`,
      'verb:',
      'verb:again',
      'verb:add',
      'noun:page',
      'this:',
      'all:',
      'like:other',
      'prep:',
      'nth:',
    );
    if (again && !own) {
      if (!page[part]) return no(`${page.label} has the ${part} of every page.`);
      return slip([
        change(
          { op: 'setFrame', page: page.id, part, section: null },
          `${page.label} with the ${part} of every page again`,
          {
            page: page.id,
          },
        ),
      ]);
    }
    const operation = ownFrame(document, page.id, part);
    if (!operation) return no(`${page.label} has a ${part} of its own already.`);
    return slip([
      change(operation, `${page.label} with a ${part} of its own: what is changed there is changed on no other page`, {
        page: page.id,
      }),
    ]);
  },
};

/** A page called otherwise, in the menu and wherever the site leads to it. */
export const pageName: Intent = {
  name: 'page name',
  weight: 1.02,
  examples: [
    'rename the services page to Work',
    'call the About page "The yard"',
    'the menu should say Our work instead of Services',
  ],
  read(r, { document, live }) {
    const instead = /\b(?:say|read|be called)\s+["“']?(.+?)["”']?\s+(?:instead of|rather than|not)\s+/i.exec(r.words);
    if (!r.word('verb:rename') && !(r.has('part:menu') && r.word('verb:say'))) return null;
    const page = r.pages()[0] ?? (/\b(?:it|this|that)\b/.test(r.even.low) ? r.pageInHand() : undefined);
    if (!page) return null;
    let label = r.quoted() ?? instead?.[1];
    if (!label) {
      const m =
        /\bpage\s+(?:(?:to|as|into)\s+)?(.+)$/i.exec(r.words) ??
        /\s(?:to|as|into)\s+(.+)$/i.exec(r.words) ??
        new RegExp(`(?:${page.label.replace(/[^\p{L}\p{N} ]/gu, '.')}|\\b(?:it|this|that))\\s+(.+)$`, 'iu').exec(
          r.words,
        );
      label = m?.[1];
    }
    label = label?.replace(/^["“‘']|["”’'.]$/g, '').trim();
    if (!label || label.length > 40 || label.toLowerCase() === page.label.toLowerCase()) return null;
    r.explain(r.from, r.to);
    return slip([
      changeOn(
        document,
        (d) => renamePage(d, page.id, label, live),
        'What the page is called',
        { page: page.id },
        { before: page.label, after: label },
      ),
    ]);
  },
};

/** What a page is called and where it is, but for what is changed of it. */
const renamed = (document: SiteDocument, page: Page, more: { menu?: boolean }): Operation => ({
  op: 'setPage',
  ...namedOf(document.pages.find((p) => p.id === page.id) ?? page),
  ...more,
});

/** The address of a page. */
export const pageAddress: Intent = {
  name: 'page address',
  weight: 1.08,
  examples: ['change the address of the services page to /work', 'the about page should be at /the-yard'],
  read(r, { document, live }) {
    const path = r.find(/(?<=\s|^)["“]?\/([\p{L}\p{N}-]{1,60})\/?["”]?(?=\s|$)/u);
    const [page] = r.pages();
    if (!path || !page || r.has('verb:link', 'cannot:redirect') || !r.has('fact:address', 'prep:at')) return null;
    if (!page.slug) return no('The home page has the address of the site itself.');
    r.explain(r.from, r.to);
    const slug = slugOf(path[1]!);
    const operation = readdress(document, page.id, slug, live);
    if (!operation) return no(`There is a page at /${slug}/ already.`);
    return slip([
      changeOn(
        document,
        (d) => readdress(d, page.id, slug, live) ?? operation,
        `The address of ${page.label}${live ? '; the old one leads to it' : ''}`,
        { page: page.id },
        { before: `/${page.slug}/`, after: `/${slug}/` },
      ),
    ]);
  },
};

/** A page like one there is. */
export const pageTwice: Intent = {
  name: 'page twice',
  weight: 1.06,
  examples: ['duplicate the about page', 'copy the services page'],
  read(r, { document }) {
    if (!r.has('verb:twice') || !r.has('noun:page') || r.has('noun:section')) return null;
    const [named] = r.pages('');
    const page = named ?? (/\bthis page\b/i.test(r.words) ? r.pageInHand() : undefined);
    if (!page) return null;
    r.every('verb:twice', 'verb:', 'noun:page', 'this:');
    const like = pageLike(document, document, page.id, true);
    if (!like) return no(`Nothing of ${page.label} can stand on another page.`);
    return slip([change(like.operation, `A page like ${page.label}, at the end of the menu`, { page: like.page })]);
  },
};

/** Where an old address leads. */
export const oldAddress: Intent = {
  name: 'old address',
  weight: 1.12,
  examples: ['/old-work should lead to the services page', 'redirect /prices to services'],
  read(r, { document }) {
    const said = r.find(/(?:https?:\/)?\/[^\s"“”,]{1,200}/u);
    const from = said && readPath(said[0]);
    if (!r.has('verb:link', 'cannot:redirect') || r.has('part:button')) return null;
    if (!from) {
      if (!r.has('cannot:redirect')) return null;
      r.explain(r.from, r.to);
      return question('Which address, and where does it lead? Say: /old-page should lead to the services page.');
    }
    const [page] = r.pages();
    r.explain(r.from, r.to);
    if (!page) return question(`Where should ${from} lead? Say: ${from} should lead to the services page.`);
    if (pageAt(document, from)) return no(`${from} is the address of ${pageAt(document, from)!.label}.`);
    return slip([
      change(
        { op: 'setRedirect', from, to: `page:${page.id}` },
        `${from} leads to ${page.label}`,
        { page: page.id },
        { before: 'nowhere', after: page.label },
      ),
    ]);
  },
};

/** A page in the menu or not. */
export const inMenu: Intent = {
  name: 'in menu',
  weight: 1.06,
  examples: [
    'hide the contact page from the menu',
    'put about back in the menu',
    'about should not be in the menu',
    "don't show services in the navigation",
  ],
  read(r, { document }) {
    if (!r.word('part:menu')) return null;
    if (r.has('prep:under', 'prep:after') && r.things('page').length > 1) return null;
    const not = r.find(/\b(?:not|n't|never) (?:be |stand |appear )?(?=in\b|on\b)/);
    if (not) r.explain(r.from + not.index, r.from + not.index + not[0].length);
    const out = r.word('verb:hide', 'verb:out') ?? not;
    const back = r.word('verb:show', 'verb:put', 'verb:add');
    if (!out && !back) return null;
    const [page] = r.pages();
    if (!page) return null;
    if (!page.slug && out)
      return no('The mark leads to the home page; it has no place in the menu of its own to be taken from.');
    r.every('prep:', 'noun:page', 'verb:undo');
    const menu = !out;
    return slip([
      changeOn(
        document,
        (d) => renamed(d, page, { menu }),
        menu ? `${page.label} is in the menu` : `${page.label} is not in the menu; the footer leads to it`,
        { page: page.id },
      ),
    ]);
  },
};

/** A page under another one. */
export const pageUnder: Intent = {
  name: 'page under',
  weight: 1.03,
  examples: ['put about under services', 'nest the about page under services', 'put contact under about in the menu'],
  read(r, { document }) {
    if (!r.word('verb:put', 'verb:move') && !/\b(?:nest|file)\b/i.test(r.words)) return null;
    if (/\b(?:nest|file)\b/i.test(r.words)) {
      const at = r.even.low.search(/\b(?:nest|file)\b/);
      r.explain(at, at + 4);
    }
    const under = /\b(?:under|as a sub-?page of)\b/i.exec(r.words);
    if (!under) return null;
    const at = r.from + under.index;
    const all = r.things('page');
    const over = document.pages.find(
      (p) => all.some((x) => x.page === p) && r.even.low.indexOf(p.label.toLowerCase(), at) >= 0,
    );
    const page =
      all.map((x) => x.page).find((p) => p !== over) ??
      (r.has('this:') || /\bit\b/.test(r.even.low) ? r.pageInHand() : undefined);
    if (!page || !over || page === over) return null;
    r.every('prep:', 'noun:page', 'this:', 'part:menu');
    return slip([
      changeOn(document, (d) => nestPage(d, page.id, over.id), `${page.label} is under ${over.label}`, {
        page: page.id,
      }),
    ]);
  },
};

/** A page at another place in the menu. */
export const pageMove: Intent = {
  name: 'page move',
  examples: [
    'move about before services',
    'move About to the front of the menu',
    'contact should come first in the menu',
  ],
  read(r, { document }) {
    if (!r.word('verb:move', 'verb:put') || r.has('noun:section')) return null;
    const all = r.things('page').map((x) => x.page);
    const page = all[0];
    if (!page) return null;
    const others = document.pages.filter((p) => p !== page);
    const at = document.pages.indexOf(page);
    const before = r.word('prep:before');
    const after = r.word('prep:after');
    const place = r.word('place:')?.of;
    r.every('prep:', 'noun:page', 'part:menu', 'nth:');
    if (!page.slug) return no('The home page stays first.');
    const anchor = all[1];
    if ((before || after) && !anchor) return null;
    const to = anchor
      ? others.indexOf(anchor) + (before ? 0 : 1)
      : place === 'top'
        ? 1
        : place === 'bottom'
          ? others.length
          : place === 'up'
            ? at - 1
            : place === 'down'
              ? at + 1
              : -1;
    if (to < 0) return null;
    const within = Math.max(1, Math.min(others.length, to));
    if (within === at) return no(`${page.label} stands there already.`);
    return slip([
      change(
        { op: 'movePage', page: page.id, to: within },
        `${page.label} comes ${within === 1 ? 'first in the menu' : `after ${others[within - 1]!.label}`}`,
        { page: page.id },
      ),
    ]);
  },
};

/** What search results say of a page. */
export const inSearch: Intent = {
  name: 'in search',
  weight: 1.08,
  examples: [
    'Google should show "Wooden boats, mended" as the title of our home page',
    'the description of the services page in search results should be "What we do"',
  ],
  read(r, { document }) {
    if (!r.has('seo:any')) return null;
    r.every('seo:', 'verb:', 'part:heading', 'part:text', 'rework:', 'prep:', 'degree:', 'noun:page', 'noun:site');
    const field = r.has('seo:description')
      ? 'description'
      : r.has('seo:title', 'part:heading')
        ? 'title'
        : r.has('part:text', 'verb:write')
          ? 'description'
          : 'title';
    const page = r.pages()[0] ?? r.pageInHand() ?? document.pages[0];
    if (!page) return null;
    const set = r.has('seo:title', 'part:heading') && /\b(?:set|change|make)\b.*?\bto\s+(.+)$/i.exec(r.words);
    if (set) r.explain(r.from + set.index + set[0].length - set[1]!.length, r.to);
    const value = r.quoted() ?? r.tail('verb:say') ?? (set ? set[1] : undefined);
    if (!value || (!r.even.quoted.length && value.split(/\s+/).length < 2))
      return question(
        `What should search results say of ${page.label}? Say: the ${field} of ${page.label} for Google should be “…”. What they say now stands under SEO.`,
      );
    const was = page.seo[field]?.value ?? '';
    return slip([
      change(
        { op: 'setSeo', page: page.id, field, text: { value: value.slice(0, 400), from: { kind: 'designer' } } },
        `${capital(field)} of ${page.label} in search results`,
        { page: page.id },
        {
          before: was || 'made from the page',
          after: value,
        },
      ),
    ]);
  },
};
