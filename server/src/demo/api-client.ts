/** A designer at work through the API, as the interface is. */
export class ApiClient {
  private cookie = '';
  private token = '';
  constructor(private readonly url: string) {}

  /** What a request of this session carries. */
  headers = (): Record<string, string> => ({ cookie: this.cookie, 'x-porch-token': this.token });

  /** @throws Error with the problem’s own words */
  async call<T = unknown>(method: string, path: string, body?: unknown): Promise<T> {
    const response = await fetch(`${this.url}/api${path}`, {
      method,
      headers: {
        ...this.headers(),
        // A connection that rested is closed by the server just when it is wanted again, now and then.
        connection: 'close',
        ...(body !== undefined && { 'content-type': 'application/json' }),
      },
      body: body === undefined ? null : JSON.stringify(body),
    });
    const set = response.headers.get('set-cookie');
    if (set) this.cookie = set.split(';')[0]!;
    if (response.status === 204) return undefined as T;
    const answer = (await response.json()) as { title?: string; detail?: string };
    if (!response.ok)
      throw new Error(`${method} ${path}: ${response.status} ${answer.title ?? ''} ${answer.detail ?? ''}`.trim());
    return answer as T;
  }

  /** Goes on with the session of another. */
  take(other: ApiClient): void {
    [this.cookie, this.token] = [other.cookie, other.token];
  }

  async signIn(mail: string, password: string): Promise<void> {
    this.token = (await this.call<{ csrf: string }>('POST', '/session', { mail, password })).csrf;
  }

  /** Begins a job and waits for its end. @throws Error where it failed or took longer than `seconds` */
  async job(
    site: string,
    kind: string,
    seconds = 60,
  ): Promise<{ steps: { name: string; ms: number; detail: string }[]; ms: number }> {
    const started = performance.now();
    const { job } = await this.call<{ job: { id: string } }>('POST', `/sites/${site}/${kind}`, {});
    for (;;) {
      const { jobs } = await this.call<{
        jobs: {
          id: string;
          state: string;
          error: string | null;
          steps: { name: string; ms: number; detail: string }[];
        }[];
      }>('GET', `/sites/${site}`);
      const now = jobs.find((j) => j.id === job.id)!;
      if (now.state === 'done') return { steps: now.steps, ms: performance.now() - started };
      if (now.state === 'failed' || now.state === 'cancelled' || performance.now() - started > seconds * 1000)
        throw new Error(`${kind} of ${site}: ${now.state}, ${now.error ?? ''}`);
      await new Promise((done) => setTimeout(done, 100));
    }
  }
}
