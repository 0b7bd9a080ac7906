import { randomUUID } from 'node:crypto';
import { request } from 'node:http';
import { request as requestTls } from 'node:https';
import { trusting } from '@tin-porch/press/looking';

/** An answer of a site. */
export interface Answered {
  status: number;
  headers: Record<string, string | string[] | undefined>;
  body: string;
}

/** Somebody at the desk of a site, as its application is: by the address of its server and the name of the site. */
export class DeskClient {
  cookie = '';
  /** @param at `ca` are the authorities that are trusted where it is spoken to over TLS; `from` is the address it comes from */
  constructor(private readonly at: { address: string; port: number; host: string; ca?: string[]; from?: string }) {}

  /** A request to the site, with the session of the desk. */
  call = (method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answered> =>
    this.send(method, path, body === undefined ? undefined : JSON.stringify(body), {
      ...(body !== undefined && { 'content-type': 'application/json' }),
      ...headers,
    });

  private async send(
    method: string,
    path: string,
    body: string | Uint8Array | undefined,
    headers: Record<string, string>,
  ): Promise<Answered> {
    const { bytes, ...answer } = await this.raw(method, path, body, headers);
    return { ...answer, body: bytes.toString('utf8') };
  }
  private raw(
    method: string,
    path: string,
    body: string | Uint8Array | undefined,
    headers: Record<string, string>,
  ): Promise<Omit<Answered, 'body'> & { bytes: Buffer }> {
    return new Promise((done, fail) => {
      const { ca, from } = this.at;
      const req = (ca ? requestTls : request)(
        {
          ...(ca && { secureContext: trusting(ca), servername: this.at.host }),
          ...(from && { localAddress: from }),
          host: this.at.address,
          port: this.at.port,
          method,
          path,
          headers: {
            host: this.at.host,
            'x-desk': '1',
            cookie: this.cookie,
            ...headers,
          },
        },
        (res) => {
          const said: Buffer[] = [];
          res.on('data', (part: Buffer) => said.push(part));
          res
            .on('end', () => done({ status: res.statusCode!, headers: res.headers, bytes: Buffer.concat(said) }))
            .on('error', fail);
        },
      );
      req
        // As browsers do: the server may let a connection that rests go just as it is asked by it; then it read nothing.
        .on('error', (error: NodeJS.ErrnoException) =>
          req.reusedSocket && error.code === 'ECONNRESET'
            ? this.raw(method, path, body, headers).then(done, fail)
            : fail(error),
        )
        .setTimeout(15_000, () => req.destroy(new Error('no answer')))
        .end(body);
    });
  }
  /** Sends a form of the site, as a visitor’s browser does. */
  form = (path: string, fields: Record<string, string>): Promise<Answered> =>
    this.send('POST', path, new URLSearchParams(fields).toString(), {
      'content-type': 'application/x-www-form-urlencoded',
    });
  /** Brings a photograph. */
  bring = (bytes: Uint8Array, name: string): Promise<Answered> =>
    this.send('POST', `/-/desk/api/pictures?name=${encodeURIComponent(name)}`, bytes, {
      'content-type': 'application/octet-stream',
    });
  /** A file of the site as it is. */
  bytes = async (path: string): Promise<Buffer> => (await this.raw('GET', path, undefined, {})).bytes;
  api = (method: string, path: string, body?: unknown): Promise<Answered> =>
    this.call(method, `/-/desk/api${path}`, body);
  async read<T>(path: string): Promise<T> {
    return JSON.parse((await this.api('GET', path)).body) as T;
  }

  /** Comes in by the token of a link. @throws Error where it opens nothing */
  follow = (token: string): Promise<void> => this.comeIn('/follow', { link: token });
  /** Comes in by a password alone. @throws Error where it is not right */
  signIn = (mail: string, password: string): Promise<void> => this.comeIn('/sign-in', { mail, password });
  private async comeIn(path: string, body: object): Promise<void> {
    const came = await this.api('POST', path, body);
    if (came.status !== 204) throw new Error(`That opens nothing: ${came.status} ${came.body}`);
    this.cookie = (came.headers['set-cookie'] as string[])[0]!.split(';')[0]!;
  }
  /** Changes something as one step, or asks the designer to look first. */
  change = (changes: object[], ask?: string): Promise<Answered> =>
    this.api('POST', '/changes', { id: randomUUID(), changes, ...(ask !== undefined && { ask }) });
}
