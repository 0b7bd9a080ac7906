/** An error that an HTTP API answers as problem details (RFC 9457). */
export class Problem extends Error {
  override name = 'Problem';
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail = '',
    /** Extension members, such as the pointers of fields that do not fit. */
    readonly more: Record<string, unknown> = {},
  ) {
    super(detail ? `${title}: ${detail}` : title);
  }
  /** The body, of type application/problem+json. */
  body(instance?: string): Record<string, unknown> {
    return {
      type: 'about:blank',
      title: this.title,
      status: this.status,
      ...(this.detail && { detail: this.detail }),
      ...(instance && { instance }),
      ...this.more,
    };
  }
}

const KNOWN: Record<number, string> = {
  400: 'The request cannot be read',
  413: 'The request is too large',
  415: 'The request is of a type this address does not take',
  408: 'The request took too long to arrive',
};

/** Any thrown value as a problem: what a body parser refused keeps its 4xx, a disk that is full or cannot be written to is 507, everything else is a plain 500 that gives nothing away. */
export function problemFrom(error: unknown): Problem {
  if (error instanceof Problem) return error;
  const e = error as { status?: number; code?: string; message?: string } | null;
  if (e?.code === 'ENOSPC' || e?.code === 'EDQUOT') return new Problem(507, 'The disk is full', 'Nothing was changed.');
  if (e?.code === 'EROFS') return new Problem(507, 'The disk cannot be written to', 'Nothing was changed.');
  if (typeof e?.status === 'number' && e.status >= 400 && e.status < 500)
    return new Problem(
      e.status,
      KNOWN[e.status] ?? 'The request is refused',
      e.status === 400 ? 'The body or the address is malformed.' : '',
    );
  return new Problem(500, 'Something went wrong here', 'It has been written to the log.');
}
