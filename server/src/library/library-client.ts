import { Type, type Static } from '@sinclair/typebox';
import { Problem } from '@tin-porch/core/ground';
import { checkOf, faultsIn } from '@tin-porch/core/check';

const line = (maxLength: number) => Type.String({ maxLength });
const size = Type.Integer({ minimum: 1, maximum: 20000 });
/** A picture as a library lists it: what docs/picture-library.md asks for. */
export const LibraryPicture = Type.Object({
  id: Type.String({ pattern: '^[A-Za-z0-9._-]{1,80}$' }),
  title: line(200),
  group: line(60),
  tags: Type.Array(line(60), { maxItems: 60 }),
  style: line(40),
  format: line(40),
  width: size,
  height: size,
  type: Type.Union(
    ['image/svg+xml', 'image/jpeg', 'image/png', 'image/webp', 'image/avif'].map((t) => Type.Literal(t)),
  ),
  /** Which of a drawing’s colours stands for which ink; empty where it is not to be tinted. */
  inks: Type.Record(line(20), Type.String({ pattern: '^#[0-9a-f]{6}$' })),
  file: Type.String({ pattern: '^https?://', maxLength: 600 }),
  preview: Type.String({ pattern: '^https?://', maxLength: 600 }),
  credit: Type.Object({ by: line(160), licence: line(80), address: line(400) }),
});
export type LibraryPicture = Static<typeof LibraryPicture>;

export const LibraryAnswer = Type.Object({
  total: Type.Integer({ minimum: 0 }),
  page: Type.Integer({ minimum: 1 }),
  pages: Type.Integer({ minimum: 0 }),
  groups: Type.Array(line(60), { maxItems: 60 }),
  styles: Type.Array(line(60), { maxItems: 60 }),
  pictures: Type.Array(LibraryPicture, { maxItems: 60 }),
});
export type LibraryAnswer = Static<typeof LibraryAnswer>;

const checkAnswer = checkOf<LibraryAnswer>(LibraryAnswer);
const checkPicture = checkOf<LibraryPicture>(LibraryPicture);

const WAIT_MS = 8000;
const MOST_BYTES = 20_000_000;

/** What somebody looks for. */
export type LibrarySearch = Partial<Record<'q' | 'group' | 'style' | 'format' | 'page' | 'per', string>>;

/**
 * Asks a picture library over HTTP as docs/picture-library.md says. What it answers is checked before anything is made
 * of it; files are only fetched from the library’s own origin. Every trouble is a Problem 502 with the reason.
 */
export class LibraryClient {
  constructor(private readonly library: { url: string; key: string }) {}

  private async ask(url: URL): Promise<Response> {
    let response: Response;
    try {
      response = await fetch(url, {
        headers: { authorization: `Bearer ${this.library.key}` },
        redirect: 'error',
        signal: AbortSignal.timeout(WAIT_MS),
      });
    } catch (error) {
      const late = (error as Error).name === 'TimeoutError';
      throw trouble(late ? `It did not answer within ${WAIT_MS / 1000} s.` : 'It cannot be reached.');
    }
    if (response.status === 404) throw new Problem(404, 'The library has no such picture');
    if (!response.ok)
      throw trouble(response.status === 401 ? 'It does not accept our key.' : `It answered ${response.status}.`);
    return response;
  }

  private address(path: string): URL {
    return new URL(`${this.library.url.replace(/\/$/, '')}${path}`);
  }

  private async json(url: URL): Promise<unknown> {
    const response = await this.ask(url);
    try {
      return JSON.parse((await bytesOf(response, 2_000_000)).toString('utf8'));
    } catch (error) {
      if (error instanceof Problem) throw error;
      throw trouble('It answered something that is not JSON.');
    }
  }

  /** @throws Problem 502 */
  async search(search: LibrarySearch): Promise<LibraryAnswer> {
    const url = this.address('/v1/pictures');
    for (const [name, value] of Object.entries(search)) if (value) url.searchParams.set(name, value);
    const answer = await this.json(url);
    if (!checkAnswer(answer))
      throw trouble(`Its answer does not match the schema: ${faultsIn(checkAnswer.errors, 'answer').slice(0, 160)}.`);
    return answer;
  }

  /** @throws Problem 404 or 502 */
  async picture(id: string): Promise<LibraryPicture> {
    const answer = await this.json(this.address(`/v1/pictures/${encodeURIComponent(id)}`));
    if (!checkPicture(answer) || answer.id !== id) throw trouble('Its answer does not match the schema.');
    return answer;
  }

  /** The bytes of a picture, whole or small, and the type it is given as. @throws Problem 502 */
  async file(picture: LibraryPicture, which: 'file' | 'preview'): Promise<{ type: string; bytes: Buffer }> {
    const url = new URL(picture[which]);
    if (url.origin !== this.address('/').origin) throw trouble('It leads to another place for its files.');
    const response = await this.ask(url);
    const type = (response.headers.get('content-type') ?? '').split(';')[0]!.trim();
    return { type, bytes: await bytesOf(response, MOST_BYTES) };
  }
}

const trouble = (why: string) => new Problem(502, 'The picture library does not help', why);

async function bytesOf(response: Response, most: number): Promise<Buffer> {
  const parts: Uint8Array[] = [];
  let size = 0;
  try {
    for await (const part of response.body as unknown as AsyncIterable<Uint8Array>) {
      size += part.byteLength;
      if (size > most) break;
      parts.push(part);
    }
  } catch {
    throw trouble('It broke off in the middle.');
  }
  if (size > most) throw trouble('It sent more than anybody would look at.');
  return Buffer.concat(parts);
}
