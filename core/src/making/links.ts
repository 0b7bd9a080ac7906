import { isTarget } from '../model/marks.js';
import type { SiteDocument } from '../model/site.js';
import { readPhone } from '../brief/reading/reach.js';
import { shapes } from '../look/shapes/registry.gen.js';

/** Somewhere words can lead to, and what it is called. */
export interface LinkChoice {
  target: string;
  words: string;
}

const telOf = (phone: string): string => `tel:${phone.replace(/\(0\)/, '').replace(/(?!^\+)[^\d]/g, '')}`;

/** Everything of a site that words can lead to: its pages, their sections, and the ways to reach the client. */
export function linkChoices(document: SiteDocument): LinkChoice[] {
  const { facts, pages } = document;
  const titled = (page: SiteDocument['pages'][number]) =>
    page.sections.flatMap((s, n) => {
      const heading = (s.content['heading'] as { value?: string } | undefined)?.value;
      const title = shapes[s.shape]?.title ?? s.shape;
      return n ? [{ target: `page:${page.id}#${s.id}`, words: `${page.label}: ${heading ? heading : title}` }] : [];
    });
  return [
    ...pages.map((p) => ({ target: `page:${p.id}`, words: p.label })),
    ...(facts.phone ? [{ target: telOf(facts.phone), words: `Ring ${facts.phone}` }] : []),
    ...(facts.mail ? [{ target: `mailto:${facts.mail}`, words: `Write to ${facts.mail}` }] : []),
    ...facts.contacts.map((c) =>
      c.value.includes('@')
        ? { target: `mailto:${c.value}`, words: `Write to ${c.value}, ${c.what}` }
        : { target: telOf(c.value), words: `Ring ${c.value}, ${c.what}` },
    ),
    ...pages.flatMap(titled),
  ].filter((c) => isTarget(c.target));
}

/** A target for an address as somebody types it; null where it is none: a phone, a mail address, an address of the web. */
export function readLink(typed: string): string | null {
  const said = typed.trim().replace(/^<|>$/g, '');
  const web = /^https?:\/\//i.test(said)
    ? said.replace(/^https?/i, (s) => s.toLowerCase())
    : /^(?:www\.)?(?:[\p{L}\p{N}-]+\.)+\p{L}{2,}(?:[/?#]\S*)?$/u.test(said)
      ? `https://${said}`
      : null;
  const mail = /^(?:mailto:)?([^\s@]+@[^\s@]+\.[^\s@]+)$/i.exec(said)?.[1];
  const phone = readPhone(said.replace(/^tel:/i, ''));
  const target = mail ? `mailto:${mail}` : (web ?? (phone ? telOf(said.replace(/^tel:/i, '')) : null));
  return target !== null && isTarget(target) ? target : null;
}

/** True for a link to a page or section that is not on the site any more. */
export function isDead(document: SiteDocument, target: string): boolean {
  const within = /^page:([^#]+)(?:#(.+))?$/.exec(target);
  const page = within && document.pages.find((p) => p.id === within[1]);
  return within !== null && (!page || (within[2] !== undefined && !page.sections.some((s) => s.id === within[2])));
}
