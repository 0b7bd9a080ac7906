import type { SiteDocument } from '../model/site.js';
import type { Operation } from './operation.js';

/** What leaves everything to the people of a site that was kept from them; null where nothing was. */
export function leaveAll({ locks = [] }: SiteDocument): Operation | null {
  const operations = locks.map((lock) => ({ op: 'setLock' as const, lock, locked: false }));
  return operations.length > 1 ? { op: 'batch', operations } : (operations[0] ?? null);
}
