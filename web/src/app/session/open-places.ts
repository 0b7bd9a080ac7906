import { Injectable, signal } from '@angular/core';
import { shapes } from '@tin-porch/core/look';
import { allTexts } from '@tin-porch/core/making';
import type { SiteDocument } from '@tin-porch/core/model';

/** The site that is open, for what looks over all of it from outside. */
export interface OpenSite {
  id: string;
  document(): SiteDocument | null;
  /** Takes a page, and a part of it, in hand. */
  take(page: string, part: string | null): void;
}

/** A place of the open site that can be jumped to. */
export interface OpenPlace {
  words: string;
  more: string;
  page: string;
  part: string | null;
}

/** How much of a text is shown in a list. */
const SHOWN = 60;

/** Where words stand in what a place says; after all that it says where they are only in what it is. */
const foundAt = ({ words }: OpenPlace, wanted: string): number => {
  const at = words.toLowerCase().indexOf(wanted);
  return at < 0 ? words.length : at;
};
/** The part of a text around what was looked for. */
const excerpt = (text: string, at: number): string => {
  if (text.length <= SHOWN) return text;
  const from = at > SHOWN - 20 && at < text.length ? at - 20 : 0;
  return `${from ? '…' : ''}${text.slice(from, from + SHOWN)}…`;
};

/** The places of the site that is open: its pages, their sections, and what stands there. */
@Injectable({ providedIn: 'root' })
export class OpenPlaces {
  readonly site = signal<OpenSite | null>(null);

  /** The places all of these words speak of, pages first. */
  of(words: readonly string[], most: number): OpenPlace[] {
    const document = this.site()?.document();
    if (!document || !words.length) return [];
    const pages = document.pages.map((p): OpenPlace => ({ words: p.label, more: 'page', page: p.id, part: null }));
    const sections = document.pages.flatMap((p) =>
      p.sections.map((s): OpenPlace => ({
        words: shapes[s.shape]?.title ?? s.shape,
        more: `on ${p.label}${s.hidden ? ', hidden' : ''}`,
        page: p.id,
        part: `${s.id}/`,
      })),
    );
    const texts = allTexts(document).flatMap((t): OpenPlace[] =>
      t.page && t.text.value
        ? [
            {
              words: t.text.value,
              more: `${t.label} on ${t.page.label}`,
              page: t.page.id,
              part: `${t.section.id}/${t.path}`,
            },
          ]
        : [],
    );
    return [...pages, ...sections, ...texts]
      .filter((p) => words.every((w) => `${p.words} ${p.more}`.toLowerCase().includes(w)))
      .map((p) => ({ p, at: foundAt(p, words[0]!) }))
      .sort((a, b) => a.at - b.at)
      .slice(0, most)
      .map(({ p, at }) => ({ ...p, words: excerpt(p.words, at) }));
  }
}
