import { isFrame, sectionsOf } from '../model/page.js';
import type { Page, SiteDocument } from '../model/site.js';
import { apply } from '../operations/apply.js';
import { OperationError } from '../operations/definition.js';
import type { Operation, SingleOperation } from '../operations/operation.js';
import { textsOf } from './generate/site.js';
import { isDead, linkChoices, targetOfButton } from './links.js';
import { picturePlaces } from './picture-places.js';

/**
 * A link in the words of a page, or a button with a target of its own: the text it is in (`section/path`), the words, and where
 * it leads, in words.
 */
export interface PlacedLink {
  part: string;
  words: string;
  leads: string;
  /** True where what it led to is gone. */
  dead: boolean;
}

/** The links within the texts of a page, from top to bottom. */
export function linksOf(document: SiteDocument, page: Page): PlacedLink[] {
  const known = new Map(linkChoices(document).map((c) => [c.target, c.words]));
  return sectionsOf(page).flatMap((s) =>
    textsOf(s, page).flatMap(({ path, text }) => {
      const link = (words: string, target: string): PlacedLink => ({
        part: `${s.id}/${path}`,
        words,
        leads: known.get(target) ?? target.replace(/^(?:tel|mailto|page|file):/, ''),
        dead: isDead(document, target),
      });
      const own = targetOfButton(text);
      return [
        ...(own !== null && text.value ? [link(text.value, own)] : []),
        ...(text.marks ?? []).flatMap((m) =>
          m.kind === 'link' ? [link(text.value.slice(m.from, m.to), m.target)] : [],
        ),
      ];
    }),
  );
}

/** The pictures of a page: the text that says what each shows (`section/path`), what it is called and what is said of it. */
export const picturesOf = (document: SiteDocument, page: Page): { part: string; name: string; alt: string }[] =>
  picturePlaces(document).flatMap(({ page: on, at, picture, label }) =>
    on?.id === page.id && picture.media
      ? [{ part: `${at.section}/${at.path}.alt`, name: label, alt: picture.alt.value }]
      : [],
  );

/**
 * One thing done to several sections, in the order they stand: those it can be done to as one step, and why it cannot to
 * others. Null where it can be done to none.
 */
export function toSeveral(
  document: SiteDocument,
  ids: readonly string[],
  what: (document: SiteDocument, id: string) => Operation | null,
): { operation: Operation | null; refused: string[] } {
  let now = document;
  const operations: SingleOperation[] = [];
  const refused = new Set<string>();
  const chosen = document.pages.flatMap((p) => p.sections).filter((s) => ids.includes(s.id) && !isFrame(s));
  for (const { id } of chosen) {
    try {
      const operation = what(now, id);
      if (!operation) continue;
      const next = apply(now, operation).document;
      now = next;
      operations.push(...(operation.op === 'batch' ? operation.operations : [operation]));
    } catch (error) {
      if (!(error instanceof OperationError)) throw error;
      refused.add(error.message);
    }
  }
  return {
    operation: operations.length > 1 ? { op: 'batch', operations } : (operations[0] ?? null),
    refused: [...refused],
  };
}
