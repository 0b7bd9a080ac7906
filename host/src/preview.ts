import { createHmac, timingSafeEqual } from 'node:crypto';

const sign = (siteId: string, until: number, key: string) =>
  createHmac('sha256', Buffer.from(key, 'hex')).update(`preview ${siteId} ${until}`).digest('base64url');

/** A preview token for one site, good until a time in seconds since 1970. */
export const previewToken = (siteId: string, until: number, key: string): string =>
  `${until}.${sign(siteId, until, key)}`;

/** Seconds a token is still good for; 0 where it is not (any more). */
export function previewLeft(token: string, siteId: string, key: string, now: number): number {
  const m = /^(\d{1,12})\.([\w-]{43})$/.exec(token);
  if (!m) return 0;
  const until = Number(m[1]);
  const given = Buffer.from(m[2]!);
  const right = Buffer.from(sign(siteId, until, key));
  return given.length === right.length && timingSafeEqual(given, right)
    ? Math.max(0, Math.floor(until - now / 1000))
    : 0;
}
