import { readFile } from 'node:fs/promises';
import { createServer, type RequestListener } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Problem } from '@tin-porch/core/ground';
import type { FileMedium } from '@tin-porch/core/model';
import { sharePicture } from '@tin-porch/core/look';
import type { Operation } from '@tin-porch/core/operations';
import { writeVersion } from '@tin-porch/core/making';
import { renderWindow, render } from '@tin-porch/core/page';
import sharp from 'sharp';
import { renderedBytes } from '@tin-porch/press';
import { Accounts } from '../accounts/accounts.js';
import { LibraryAnswer, LibraryClient } from '../library/library-client.js';
import { Library } from '../library/library.js';
import { Sites } from '../sites/sites.js';
import { realDatabase } from '../testing/real-database.js';
import { Strangers } from '../strangers/strangers.js';
import { Pictures } from './pictures.js';

const photo = (colour: string) =>
  sharp({ create: { width: 1000, height: 700, channels: 3, background: colour } })
    .jpeg()
    .toBuffer();
const refusal = (work: Promise<unknown>) =>
  work.then(
    () => null,
    (error: Problem) => error,
  );

describe('pictures of a site', () => {
  let test: Awaited<ReturnType<typeof realDatabase>>;
  let sites: Sites;
  let pictures: Pictures;
  const strangers = new Strangers();
  let ines: { id: string; name: string; organisation: string };
  let id = '';
  const site = async () => (await sites.get(id))!;

  beforeAll(async () => {
    test = await realDatabase();
    sites = new Sites(test.db);
    pictures = new Pictures(test.db, strangers);
    await new Accounts(test.db).put('ines@tinporch.example', 'Ines', 'a-dry-place-to-work');
    const { rows } = await test.db.query<{ id: string; organisation: string }>('select id, organisation from account');
    ines = { ...rows[0]!, name: 'Ines' };
    ({ id } = await sites.create(ines.organisation, { name: 'Tolliver & Son', trade: 'clockmaker', services: [] }));
    const { document } = await site();
    await sites.log.change(id, writeVersion(document.facts, 1, document), ines);
  });
  afterAll(async () => {
    await pictures.close();
    await strangers.close();
    await test.end();
  });

  it('brings a photograph into the document, the window and a release, with every size it is shown in', async () => {
    const { medium } = await pictures.bring(await site(), 'Long-case clock.JPG', await photo('#7a4a2a'));
    expect(medium.title).toBe('Long-case clock');
    const at = { section: (await site()).document.pages[0]!.sections[0]!.id, path: 'picture' };
    const both: Operation = {
      op: 'batch',
      operations: [
        { op: 'putMedium', medium },
        { op: 'setPicture', at, media: medium.id },
      ],
    };
    await sites.log.change(id, both, ines);
    const { document } = await site();
    const { html } = renderWindow(document, 'home', '', { mediaBase: `/window/media/${id}` })!;
    const shown = /\/window\/media\/[^/]+\/([0-9a-f]{64})/.exec(html)![1]!;
    expect((await pictures.of(id, shown)).type).toMatch(/^image\//);
    const files = await renderedBytes(render(document, { origin: 'https://clocks.example' }), pictures.readerOf(id));
    const sizes = files.filter((f) => f.path.startsWith('/pictures/long-case'));
    expect(new Set(sizes.map((f) => f.type))).toEqual(new Set(['image/avif', 'image/webp', 'image/jpeg']));
    const share = files.find((f) => f.path.startsWith('/share/home'))!;
    const made = await sharp(share.bytes).metadata();
    expect([made.format, made.width, made.height]).toEqual(['jpeg', 1200, 630]);
    expect(share.bytes.length).toBeLessThan(200_000);
    // The photograph is in it, where the share picture of this look has its picture.
    const { box } = sharePicture(document, document.pages[0]!).file!;
    const { data } = await sharp(share.bytes)
      .extract({ left: box.x + box.width / 2, top: box.y + box.height / 2, width: 1, height: 1 })
      .raw()
      .toBuffer({ resolveWithObject: true });
    expect(Math.abs(data[0]! - 0x7a) + Math.abs(data[1]! - 0x4a)).toBeLessThan(12);
    const page = files.find((f) => f.path === '/index.html')!.bytes.toString();
    expect(page).toContain(`https://clocks.example${share.path}`);
  });

  it('refuses a document that shows files nobody brought, and pictures of another site', async () => {
    const { medium } = await pictures.bring(await site(), 'dial.jpg', await photo('#334455'));
    const forged: FileMedium = {
      ...(medium as FileMedium),
      renditions: (medium as FileMedium).renditions.map((r) => ({ ...r, hash: 'ab'.repeat(32) })),
    };
    const no = await refusal(sites.log.change(id, { op: 'putMedium', medium: forged }, ines));
    expect(no?.status).toBe(422);
    expect(no?.message).toContain('dial');
    const other = await sites.create(ines.organisation, { name: 'Other' });
    const { hash } = (medium as FileMedium).source!;
    expect((await refusal(pictures.of(other.id, hash)))?.status).toBe(404);
    expect((await refusal(sites.log.change(other.id, { op: 'putMedium', medium }, ines)))?.status).toBe(422);
  });

  it('makes an SVG safe, and names the file that was not taken', async () => {
    const svg =
      '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 20" onload="x()"><script>x()</script><path d="M0 0h9"/></svg>';
    const { medium, dropped } = await pictures.bring(await site(), 'crest.svg', Buffer.from(svg));
    expect(medium.kind === 'drawn' && medium.svg).not.toContain('script');
    expect(medium.kind === 'drawn' && [medium.width, medium.height]).toEqual([40, 20]);
    expect(dropped).toContain('<script>');
    const no = await refusal(pictures.bring(await site(), 'notes.jpg', Buffer.from('just words')));
    expect([no?.status, no?.message.includes('notes.jpg')]).toEqual([422, true]);
  });

  describe('from a library', () => {
    const server = createServer();
    let answer: RequestListener;
    let library: Library;
    const picture = (url: string) => ({
      id: 'a-1',
      title: 'A quay',
      group: 'places',
      tags: [],
      style: 'flat',
      format: 'wide',
      width: 60,
      height: 40,
      type: 'image/svg+xml',
      inks: { sky: '#aabbcc' },
      file: `${url}/v1/files/a.svg`,
      preview: `${url}/v1/files/a.svg`,
      credit: { by: 'Lanternfold', licence: 'CC BY 4.0', address: `${url}/v1/pictures/a-1`, more: 'not ours' },
    });
    let url = '';
    const json =
      (body: unknown): RequestListener =>
      (_req, res) =>
        void res.setHeader('content-type', 'application/json').end(JSON.stringify(body));

    beforeAll(async () => {
      await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
      server.on('request', (req, res) => void answer(req, res));
      url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
      library = new Library({ client: new LibraryClient({ url, key: 'k' }), name: 'A library' }, pictures, strangers);
    });
    afterAll(() => new Promise((done) => server.close(done)));

    it('answers as the schema says that is written down for whoever builds one', async () => {
      const file = new URL('../../../docs/picture-library.schema.json', import.meta.url);
      const { $schema, title, ...schema } = JSON.parse(await readFile(file, 'utf8')) as Record<string, unknown>;
      expect([$schema, title]).toEqual(['https://json-schema.org/draft/2020-12/schema', 'Answer of a picture library']);
      expect(schema).toEqual(JSON.parse(JSON.stringify(LibraryAnswer)));
    });

    it('takes a drawing with its credit and inks, made safe', async () => {
      answer = (req, res) => {
        if (!req.url!.includes('/files/')) return void json(picture(url))(req, res);
        res.setHeader('content-type', 'image/svg+xml');
        res.end(
          '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 40"><script>x()</script><path fill="#aabbcc" d="M0 0h60v40z"/></svg>',
        );
      };
      const { medium } = await library.take(await site(), 'a-1', false);
      expect(medium.kind === 'drawn' && medium.svg).toContain('#aabbcc');
      expect(JSON.stringify(medium)).not.toContain('script');
      await sites.log.change(id, { op: 'putMedium', medium }, ines);
      const { document } = await site();
      const shown: Operation = {
        op: 'setPicture',
        at: { section: document.pages[0]!.sections[0]!.id, path: 'picture' },
        media: medium.id,
      };
      await sites.log.change(id, shown, ines);
      // Its licence asks that the author is named; its ink gives way to that of the look.
      const { html } = renderWindow((await site()).document, 'home', '')!;
      expect(html).toContain('Lanternfold, CC BY 4.0');
      expect(html).not.toContain('%23aabbcc');
    });

    const faults: [string, () => RequestListener, RegExp][] = [
      ['answers nonsense', () => json({ id: 7 }), /schema/],
      ['answers no JSON', () => (_req, res) => void res.end('Certainly!'), /not JSON/],
      ['keeps its files elsewhere', () => json(picture('http://127.0.0.1:9')), /another place/],
      ['does not take the key', () => (_req, res) => void res.writeHead(401).end(), /key/],
      ['is down', () => (_req, res) => void res.writeHead(503).end(), /503/],
    ];
    for (const [what, fault, why] of faults)
      it(`says so when it ${what}`, async () => {
        answer = fault();
        const fresh = new Library(
          { client: new LibraryClient({ url, key: 'k' }), name: 'A library' },
          pictures,
          strangers,
        );
        const no = await refusal(fresh.take(await site(), 'a-1', false));
        expect(no?.status).toBe(502);
        expect(no?.message).toMatch(why);
      });
  });
});
