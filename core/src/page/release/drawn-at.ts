import { instantOf } from '../../collections/times.js';
import type { SiteDocument } from '../../model/site.js';
import { otherDays } from '../seo/seo.js';

/**
 * The minute a release of a site is drawn for, where it would be another at another time: this one where items come and go,
 * the first of this day (UTC) where no more than days of this year are told. Undefined where it is the same whenever it is
 * drawn. @param now ms since 1970
 */
export function drawnAt(document: SiteDocument, now: number): string | undefined {
  if (document.collections) return instantOf(now);
  const day = instantOf(now - (now % 86_400_000));
  return otherDays(document.facts.hours, day.slice(0, 10)).length ? day : undefined;
}
