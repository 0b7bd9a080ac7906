import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';
import { libraryApp } from './library.js';

interface Answer {
  total: number;
  pages: number;
  pictures: { id: string; title: string; style: string; file: string; inks: Record<string, string>; type: string }[];
}
const key = 'k'.repeat(24);
const folder = fileURLToPath(new URL('../shelves', import.meta.url));

describe('the picture library', () => {
  const server = createServer();
  let url = '';
  const call = (path: string, bearer = key) => fetch(url + path, { headers: { authorization: `Bearer ${bearer}` } });
  const search = async (query: string) => (await (await call(`/v1/pictures?${query}`)).json()) as Answer;

  beforeAll(async () => {
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
    server.on('request', libraryApp({ apiKey: key, behaviour: 'good', folder, origin: url }));
  });
  afterAll(() => new Promise((done) => server.close(done)));

  it('has more than four hundred pictures, in five styles and as close-ups', async () => {
    const all = await search('per=60');
    expect(all.total).toBeGreaterThan(400);
    expect(all.pages).toBe(Math.ceil(all.total / 60));
    for (const style of ['flat', 'line', 'cut', 'dusk', 'grain'])
      expect((await search(`style=${style}`)).total)
        .withContext(style)
        .toBeGreaterThan(50);
    expect((await search('style=material')).total).toBeGreaterThan(30);
  });

  it('finds by title, by what means the same, by the beginning of a compound, in other languages, and mistyped', async () => {
    const first = async (q: string) => (await search(`q=${encodeURIComponent(q)}`)).pictures[0]?.id ?? '';
    expect(await first('vessel')).toMatch(/^(boat|dinghy)-/);
    expect(await first('boatyard')).toMatch(/^(boat|dinghy)-/);
    expect(await first('clockmaker')).toMatch(/^(clock|watch)-/);
    expect(await first('granite')).toMatch(/^stone-/);
    expect(await first('fahrrad')).toMatch(/^(bicycle|wheel)-/);
    expect(await first('sunflowr')).toMatch(/^sunflower-/);
    expect((await search('q=zzzzz')).total).toBe(0);
  });

  it('gives files whose colours it names, and only its own', async () => {
    const { pictures } = await search('q=lighthouse&style=line');
    const one = pictures[0]!;
    const svg = await (await call(new URL(one.file).pathname)).text();
    for (const colour of Object.values(one.inks)) expect(svg).toContain(colour);
    expect((await call('/v1/files/..%2Findex.json')).status).toBe(404);
    expect((await call('/v1/files/index.json')).status).toBe(404);
    const [texture] = (await search('q=linen&style=material')).pictures;
    const bytes = new Uint8Array(await (await call(new URL(texture!.file).pathname)).arrayBuffer());
    expect([...bytes.slice(0, 3)]).toEqual([0xff, 0xd8, 0xff]);
  });

  it('says no to a wrong key and to a search that does not fit', async () => {
    expect((await call('/v1/pictures', 'wrong')).status).toBe(401);
    expect((await call('/v1/pictures?per=1000')).status).toBe(400);
    expect((await call('/v1/pictures?colour=red')).status).toBe(400);
  });
});
