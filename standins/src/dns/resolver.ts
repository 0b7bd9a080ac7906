import { ask } from './ask.js';
import type { Rcode, Reply } from './server.js';

interface Kept {
  reply: Reply;
  at: number;
  until: number;
}

/** A caching resolver: asks the authority and keeps what it hears for as long as its TTL says, also that there is nothing. */
export function cachingResolver(
  authority: { address: string; port: number },
  now: () => number = Date.now,
): (name: string, type: string) => Promise<Reply> {
  const cache = new Map<string, Kept>();
  return async (name, type) => {
    const key = `${type} ${name}`;
    const kept = cache.get(key);
    if (kept && kept.until > now()) {
      const age = Math.floor((now() - kept.at) / 1000);
      const aged = <T>(records: T[]) =>
        records.map((r) => ({ ...r, ttl: Math.max(0, ((r as { ttl?: number }).ttl ?? 0) - age) }));
      return { ...kept.reply, answers: aged(kept.reply.answers), authorities: aged(kept.reply.authorities) };
    }
    const heard = await ask(authority, name, type);
    const rcode = heard.rcode as Rcode;
    const reply: Reply = {
      rcode,
      authoritative: false,
      answers: heard.answers ?? [],
      authorities: heard.authorities ?? [],
    };
    const ttls = (reply.answers.length ? reply.answers : reply.authorities).map(
      (r) => (r as { ttl?: number }).ttl ?? 0,
    );
    const ttl = ttls.length ? Math.min(...ttls) : 0;
    if (ttl > 0 && (rcode === 'NOERROR' || rcode === 'NXDOMAIN')) {
      if (cache.size > 10_000) cache.clear();
      cache.set(key, { reply, at: now(), until: now() + ttl * 1000 });
    }
    return reply;
  };
}
