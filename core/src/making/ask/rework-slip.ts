import type { SiteDocument } from '../../model/site.js';
import { allTexts } from '../generate/site.js';
import type { Reworked } from '../rework/rework.js';
import { change, no, slip, type Reply } from './reply.js';

/** Texts that were worked over as a slip: each taken or left by itself. */
export function reworkSlip(document: SiteDocument, changes: readonly Reworked[], note: string): Reply {
  if (!changes.length) return no(note || 'Nothing was found to change.');
  const places = allTexts(document);
  return slip(
    changes.map((c) => {
      const page = places.find((t) => t.section.id === c.at.section)?.page;
      return change(
        { op: 'setText', at: c.at, text: c.after },
        `${c.label}: ${c.measured}`,
        { ...(page && { page: page.id }), section: c.at.section, path: c.at.path },
        { before: c.before.value, after: c.after.value },
      );
    }),
    note ? [note] : [],
  )!;
}
