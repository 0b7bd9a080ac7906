/** What every page of a site is sent with: nothing foreign runs, frames or is fetched. */
export const PAGE_HEADERS = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'strict-origin-when-cross-origin',
  'content-security-policy':
    "default-src 'none'; img-src 'self' data:; media-src 'self'; style-src 'self'; font-src 'self'; manifest-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
} as const;
