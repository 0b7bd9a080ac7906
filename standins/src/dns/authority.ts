import type { Names } from '../registrar/names.js';
import { toAnswer } from './records.js';
import type { Reply } from './server.js';

/** How long a “no such name” may be kept by others, s (RFC 2308). */
const NEGATIVE_TTL = 20;

/** Answers for the registered zones, and for `.example` and `.test` as the registry that delegates nothing else. */
export function answerAs(names: Names, serverName: string): (name: string, type: string) => Reply {
  return (name, type) => {
    const zone = names.zoneOf(name);
    const soa = (owner: string, serial: number) => ({
      name: owner,
      type: 'SOA' as const,
      class: 'IN' as const,
      ttl: NEGATIVE_TTL,
      data: {
        mname: serverName,
        rname: `hostmaster.${serverName}`,
        serial,
        refresh: 3600,
        retry: 600,
        expire: 604800,
        minimum: NEGATIVE_TTL,
      },
    });
    if (!zone) {
      const top = name.split('.').at(-1) ?? '';
      if (!['example', 'test'].includes(top))
        return { rcode: 'REFUSED', authoritative: false, answers: [], authorities: [] };
      if (name === top && type === 'SOA')
        return { rcode: 'NOERROR', authoritative: true, answers: [soa(top, 1)], authorities: [] };
      return {
        rcode: name === top ? 'NOERROR' : 'NXDOMAIN',
        authoritative: true,
        answers: [],
        authorities: [soa(top, 1)],
      };
    }
    const label = name === zone.domain ? '@' : name.slice(0, -zone.domain.length - 1);
    const here = zone.records.filter((r) => r.name === label);
    const answers: Reply['answers'] = [];
    if (label === '@' && (type === 'SOA' || type === 'ANY')) answers.push(soa(zone.domain, zone.serial));
    if (label === '@' && (type === 'NS' || type === 'ANY') && !here.some((r) => r.type === 'NS'))
      answers.push({ name, type: 'NS', class: 'IN', ttl: 3600, data: serverName });
    const alias = here.find((r) => r.type === 'CNAME');
    if (alias && type !== 'CNAME') {
      answers.push(toAnswer(alias, name));
      const target = alias.data.toLowerCase().replace(/\.$/, '');
      if (names.zoneOf(target) && target !== name)
        answers.push(...answerAs(names, serverName)(target, type).answers.slice(0, 20));
    } else for (const r of here) if (r.type === type || type === 'ANY') answers.push(toAnswer(r, name));
    if (answers.length) return { rcode: 'NOERROR', authoritative: true, answers, authorities: [] };
    const exists = here.length > 0 || label === '@' || zone.records.some((r) => r.name.endsWith(`.${label}`));
    return {
      rcode: exists ? 'NOERROR' : 'NXDOMAIN',
      authoritative: true,
      answers: [],
      authorities: [soa(zone.domain, zone.serial)],
    };
  };
}
