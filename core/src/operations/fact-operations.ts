import { LIST_FACTS, type FactField, type Facts, type ListFact } from '../model/site.js';
import type { SingleOperation } from './operation.js';

/** The operations that turn one sheet of facts into another; none where nothing differs. */
export function factOperations(before: Facts, after: Partial<Facts>): SingleOperation[] {
  const out: SingleOperation[] = [];
  for (const [key, value] of Object.entries(after) as [keyof Facts, Facts[keyof Facts]][]) {
    if (JSON.stringify(before[key]) === JSON.stringify(value)) continue;
    if (key === 'services') out.push({ op: 'setServices', services: value as Facts['services'] });
    else if (key === 'people') out.push({ op: 'setPeople', people: value as Facts['people'] });
    else if (key === 'contacts') out.push({ op: 'setContacts', contacts: value as Facts['contacts'] });
    else if (key === 'branches') out.push({ op: 'setBranches', branches: value as Facts['branches'] });
    else if (key === 'events') out.push({ op: 'setEvents', events: value as Facts['events'] });
    else if ((LIST_FACTS as readonly string[]).includes(key))
      out.push({ op: 'setList', field: key as ListFact, values: value as string[] });
    else out.push({ op: 'setFact', field: key as FactField, value: value as string });
  }
  return out;
}
