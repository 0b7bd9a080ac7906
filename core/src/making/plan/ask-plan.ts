import type { Page, SiteDocument } from '../../model/site.js';
import type { Operation } from '../../operations/operation.js';
import { kinds } from '../../look/shapes/registry.gen.js';
import {
  addSection,
  kindOf,
  nestPage,
  ownPage,
  pageOffers,
  renamePage,
  shapeOfKind,
  takeOutPage,
  takeOutSection,
} from './plan.js';

/** What a sentence about the plan comes to: a change and what it does, or null where it is not about the plan. */
export type PlanAnswer = { operation: Operation | null; words: string } | null;

/** Kinds of section in the order words are tried on them: the everyday ones first. */
const ORDER = [
  'visit',
  'contact',
  'prices',
  'services',
  'steps',
  'people',
  'quotes',
  'gallery',
  'questions',
  'story',
  'call',
  'opening',
];
const rank = (kind: string) => (ORDER.includes(kind) ? ORDER.indexOf(kind) : ORDER.length);
const kindsByName = Object.entries(kinds).sort(([a], [b]) => rank(a) - rank(b));
function kindFor(said: string): string | undefined {
  const words = said.trim();
  const named = kindsByName.find(([name, k]) => [name, k.title.toLowerCase()].includes(words.toLowerCase()));
  return (named ?? kindsByName.find(([, k]) => k.asked.test(words)))?.[0];
}

const tidy = (s: string) =>
  s
    .trim()
    .replace(/^(?:the|a|an|another|our|my|your|new)\s+/i, '')
    .replace(/\s+(?:page|section|part|strip)$/i, '')
    .replace(/^["“‘']|["”’']$/g, '')
    .trim();

/** The page a person means: by its label, its address, or what it is. */
function pageCalled(document: SiteDocument, said: string): Page | undefined {
  const name = tidy(said).toLowerCase();
  const home = /^(?:home|front|first|start|main|landing)$/.test(name);
  return (
    (home ? document.pages.find((p) => p.slug === '') : undefined) ??
    document.pages.find((p) => p.label.toLowerCase() === name || p.slug === name || p.id === name) ??
    document.pages.find((p) => p.label.toLowerCase().startsWith(name) && name.length > 2)
  );
}

const sectionCalled = (page: Page, said: string) => {
  const kind = kindFor(tidy(said));
  return page.sections.find((s) => kindOf(s.shape) === kind);
};
const capital = (s: string) => s[0]!.toUpperCase() + s.slice(1);
const no = (words: string): PlanAnswer => ({ operation: null, words });

/**
 * Reads a change of the plan said in plain words: a page or a section added, taken out, moved, put under another page or
 * renamed. With `keepAddresses` a renamed page stays at its address: visitors may know it.
 */
export function askPlan(document: SiteDocument, sentence: string, keepAddresses = false): PlanAnswer {
  if (!document.pages.length) return null;
  const said = sentence
    .trim()
    .replace(/^(?:please|can you|could you|i(?:’|')?d like (?:to )?|we need)\s+/i, '')
    .replace(/[.!]$/, '');

  const rename = /^(?:rename|call|relabel)\s+(.+?)\s+(?:to|as|into)?\s*["“‘']?([^"”’']{1,40})["”’']?$/i.exec(said);
  if (rename) {
    const direct =
      /^(?:rename|call|relabel)\s+(.+?\s+page|\S+)\s+(?:(?:to|as|into)\s+)?["“‘']?([^"”’']{1,40}?)["”’']?$/i.exec(said);
    const page = direct && pageCalled(document, direct[1]!);
    if (page)
      return {
        operation: renamePage(document, page.id, direct![2]!.trim(), keepAddresses),
        words: `${page.label} is called ${direct![2]!.trim()} now.`,
      };
  }

  const nest = /^(?:put|nest|move|file)\s+(.+?)\s+(?:under|below|inside|into)\s+(.+)$/i.exec(said);
  if (nest) {
    const [page, over] = [pageCalled(document, nest[1]!), pageCalled(document, nest[2]!)];
    if (page && over)
      return { operation: nestPage(document, page.id, over.id), words: `${page.label} is under ${over.label} now.` };
  }

  const out = /^(?:take out|remove|delete|drop|leave out|get rid of)\s+(.+?)(?:\s+(?:from|on|off)\s+(.+?))?$/i.exec(
    said,
  );
  if (out) {
    const page = pageCalled(document, out[2] ?? out[1]!);
    if (page && (!out[2] || /\bpage$/i.test(out[1]!))) {
      if (page.slug === '') return no('The home page stays.');
      return { operation: takeOutPage(document, page.id), words: `${page.label} is taken out, with all it held.` };
    }
    const section = page && sectionCalled(page, out[1]!);
    if (page && section) {
      if (page.sections.length === 1) return no(`It is the only section of ${page.label}. Take out the page instead.`);
      return { operation: takeOutSection(document, section.id), words: `Taken out of ${page.label}.` };
    }
    return out[2] ? no(`There is nothing like that on ${tidy(out[2])}.`) : null;
  }

  const add = /^(?:add|make|create|put|insert|include|we want|there should be)\s+(.+)$/i.exec(said);
  if (add) {
    const asPage =
      /^(?:(?:a|an|another|one more|new)\s+)*(?:new )?page\s+(?:about|for|on|called|named|with|of)\s+(.+?)(?:\s+under\s+(.+))?$/i.exec(
        add[1]!,
      ) ??
      /^(?:(?:a|an|another|our)\s+)?(.+?)\s+page(?:\s+under\s+(.+))?$/i.exec(add[1]!) ??
      // Pages the law expects are asked for by their name alone.
      /^(?:(?:a|an|the)\s+)?(imprint|impressum|privacy(?: notice| policy)?|accessibility(?: statement)?)$/i.exec(
        add[1]!,
      );
    const toAPage =
      !/^(?:(?:a|an|another|one more|new)\s+)*page\b/i.test(add[1]!) && /\s(?:to|on|onto|into|in)\s/i.test(add[1]!);
    if (asPage && !toAPage) {
      const wanted = tidy(asPage[1]!);
      const over = asPage[2] ? pageCalled(document, asPage[2]) : undefined;
      const there = pageCalled(document, wanted);
      if (there) return no(`There is a page ${there.label} already.`);
      const offer = pageOffers(document).find((o) => {
        const [label, name] = [o.label.toLowerCase(), wanted.toLowerCase().split(' ')[0]!];
        return label.startsWith(name) || o.page.id.startsWith(name.replace(/s$/, ''));
      });
      const operation: Operation = offer
        ? { op: 'insertPage', page: over ? { ...offer.page, parent: over.id } : offer.page, at: document.pages.length }
        : ownPage(document, capital(wanted));
      if (operation.op === 'insertPage' && over) operation.page = { ...operation.page, parent: over.id };
      return { operation, words: `${offer?.label ?? capital(wanted)} is added${over ? ` under ${over.label}` : ''}.` };
    }
    const asSection =
      /^(.+?)(?:\s+section)?\s+(?:to|on|onto|into|in)\s+(.+?)(?:\s*,?\s+(?:at the\s+)?(top|bottom|end|start|beginning|first|last))?$/i.exec(
        add[1]!,
      );
    if (asSection) {
      const page = pageCalled(document, asSection[2]!);
      const kind = kindFor(tidy(asSection[1]!));
      if (!page) return no(`There is no page called ${tidy(asSection[2]!)}.`);
      if (!kind)
        return no(
          `“${tidy(asSection[1]!)}” is no section I know. Known are: ${Object.values(kinds)
            .filter((k) => k.reason)
            .map((k) => k.title.toLowerCase())
            .join(', ')}.`,
        );
      const first = /top|start|beginning|first/i.test(asSection[3] ?? '');
      return {
        operation: addSection(
          document,
          page.id,
          shapeOfKind(document, page, kind),
          first ? Math.min(1, page.sections.length) : page.sections.length,
        ),
        words: `Added to ${page.label}.`,
      };
    }
    return null;
  }

  const move =
    /^(?:move|put|bring)\s+(.+?)\s+(?:to the\s+)?(up|down|top|bottom|first|last|before|after|end)(?:\s+(.+))?$/i.exec(
      said,
    );
  if (move) {
    const where = move[2]!.toLowerCase();
    const page = pageCalled(document, move[1]!);
    if (page && page.slug !== '') {
      const at = document.pages.indexOf(page);
      const other = move[3] ? pageCalled(document, move[3]) : undefined;
      const anchor = other ? document.pages.filter((p) => p !== page).indexOf(other) : -1;
      const to =
        where === 'up'
          ? at - 1
          : where === 'down'
            ? at + 1
            : where === 'top' || where === 'first'
              ? 1
              : where === 'before'
                ? anchor
                : where === 'after'
                  ? anchor + 1
                  : document.pages.length - 1;
      if ((where === 'before' || where === 'after') && !other)
        return no(`There is no page called ${tidy(move[3] ?? '')}.`);
      const place = Math.max(1, Math.min(document.pages.length - 1, to));
      if (place === at)
        return no(
          `${page.label} stands ${at === 1 ? 'first after the home page' : 'there'} already. To move a section, say on which page: move services on home up.`,
        );
      return {
        operation: { op: 'movePage', page: page.id, to: place },
        words: `${page.label} is moved${where === 'before' || where === 'after' ? ` ${where} ${other!.label}` : ''}.`,
      };
    }
    const on = / (?:on|of) (.+)$/i.exec(move[1]!);
    const holder = on ? pageCalled(document, on[1]!) : document.pages.find((p) => sectionCalled(p, move[1]!));
    const section = holder && sectionCalled(holder, move[1]!.replace(/ (?:on|of) .+$/i, ''));
    if (holder && section) {
      const at = holder.sections.indexOf(section);
      const last = holder.sections.length - 1;
      const to = where === 'up' ? at - 1 : where === 'down' ? at + 1 : where === 'top' || where === 'first' ? 0 : last;
      return {
        operation: { op: 'moveSection', section: section.id, page: holder.id, to: Math.max(0, Math.min(last, to)) },
        words: `Moved on ${holder.label}.`,
      };
    }
  }
  return null;
}
