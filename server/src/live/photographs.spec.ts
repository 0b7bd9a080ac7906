import { randomUUID } from 'node:crypto';
import type { FileMedium, SiteDocument } from '@tin-porch/core/model';
import sharp from 'sharp';
import { deploySteps } from '../deploy/deploy.js';
import { DeskClient } from '../demo/desk-client.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';

interface Shown {
  media: string;
  alt: string;
}
interface Pages {
  pages: {
    id: string;
    sections: { id: string; pictures: { at: { section: string; path: string }; shown: Shown }[] }[];
  }[];
}

/** A photograph as a phone gives it: lying on its side, and saying so, where it was taken, and with what. */
const photo = (colour = '#7a4a2a') =>
  sharp({ create: { width: 1200, height: 1600, channels: 3, background: colour } })
    .withExif({ IFD0: { Make: 'Tidewater', Copyright: 'Nell' }, IFD3: { GPSLatitude: '50/1 21/1 0/1' } })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();

/** Photographs from the client’s desk on the hosting server to the visitor, and to the designer’s drafts. */
describe('a photograph brought at the desk', () => {
  let world: SmallWorld;
  let id: string;
  let other: string;
  const desk = async (site: string, role: 'publish' | 'write' | 'messages'): Promise<DeskClient> => {
    const tom = new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${site}.quay.test` });
    const { client } = await world.quay();
    const who = {
      name: 'Tom',
      mail: `tom-${randomUUID()}@hollis.example`,
      role,
      by: 'Ines',
      origin: 'http://hollis.example',
    };
    await tom.follow((await client.invite(site, who)).token);
    return tom;
  };
  const bring = async (tom: DeskClient, bytes: Buffer, name = 'IMG_2041.jpg') => {
    const { status, body } = await tom.bring(bytes, name);
    return { status, body: JSON.parse(body) as { id: string; width: number; height: number; detail?: string } };
  };
  const placeOf = async (tom: DeskClient) =>
    (await tom.read<Pages>('/pages')).pages.flatMap((p) => p.sections.flatMap((s) => s.pictures))[0]!;
  const put = async (tom: DeskClient, media: string, alt: string, ask?: string) => {
    const { at, shown } = await placeOf(tom);
    return tom.change([{ kind: 'picture', at, was: shown, value: { media, alt } }], ask);
  };
  const document = async (): Promise<SiteDocument> => (await world.sites.get(id))!.document;
  const pull = async () => world.live.pull(id, (await world.quay()).client);
  const deploy = (site = id) => world.run(site, (work) => deploySteps(work, world));
  const home = async (tom: DeskClient) => (await tom.call('GET', '/')).body;

  beforeAll(async () => {
    world = await smallWorld();
    [id, other] = [await world.site('Hollis & Wren'), await world.site('Marrow Chandlery')];
    for (const site of [id, other]) {
      await world.sites.setOpen(site, true);
      expect((await deploy(site)).error).toBeNull();
    }
  });
  afterAll(() => world.end());

  it('is shown to its own people first, goes up with the page, and has left behind where it was taken', async () => {
    const tom = await desk(id, 'publish');
    const { status, body } = await bring(tom, await photo());
    expect([status, body.width, body.height]).toEqual([201, 1600, 1200]);
    expect(body.id).toMatch(/^img-2041-[0-9a-f]{8}$/);
    const sight = await tom.api('GET', `/pictures/${body.id}`);
    expect([sight.status, sight.headers['content-type']]).toEqual([200, 'image/webp']);
    const { at, shown } = await placeOf(tom);
    const changes = [{ kind: 'picture', at, was: shown, value: { media: body.id, alt: 'A brown wall' } }];
    const seen = JSON.parse((await tom.api('POST', '/preview', { changes, page: '' })).body) as { html: string };
    const [file] = /api\/pictures\/files\/[0-9a-f]{64}/.exec(seen.html)!;
    expect((await tom.call('GET', `/-/desk/${file}`)).status).toBe(200);
    expect(await home(tom)).not.toContain(body.id);
    expect(JSON.parse((await put(tom, body.id, 'A brown wall')).body)).toEqual({ seq: 1, live: true });
    const page = await home(tom);
    expect(page).toContain('alt="A brown wall"');
    const [address] = new RegExp(`/pictures/${body.id}[^" ]*\\.jpeg`).exec(page)!;
    const served = await tom.bytes(address);
    const { exif, orientation, width } = await sharp(served).metadata();
    expect([exif, orientation, width]).toEqual([undefined, undefined, 1600]);
  });

  it('is among the pictures of the designer with all its files, and stays where the site is deployed again', async () => {
    await pull();
    const medium = (await document()).media.find((m) => m.id.startsWith('img-2041')) as FileMedium;
    for (const { hash } of [...medium.renditions, medium.source!])
      expect((await world.pictures.of(id, hash)).bytes.length).toBeGreaterThan(0);
    // It can be worked over there, which needs what it was made from.
    expect((await world.pictures.light(id, medium.source!.hash)).light).toBeDefined();
    expect((await deploy()).error).toBeNull();
    const tom = await desk(id, 'publish');
    expect(await home(tom)).toContain(medium.id);
  });

  it('comes with what is only proposed, before the designer says yes to it', async () => {
    const wilma = await desk(id, 'write');
    const { body } = await bring(wilma, await photo('#224466'), 'The new slip.jpeg');
    expect((await put(wilma, body.id, 'The new slip', 'Better?')).status).toBe(200);
    expect(await home(wilma)).not.toContain(body.id);
    await pull();
    const [proposal] = (await world.live.of(id)).proposals;
    await world.live.answer(id, proposal!.id, true, '', world.ines);
    const medium = (await document()).media.find((m) => m.id === body.id) as FileMedium;
    expect((await world.pictures.of(id, medium.source!.hash)).type).toBe('image/jpeg');
    expect((await deploy()).error).toBeNull();
    expect(await home(wilma)).toContain(body.id);
  });

  it('is fetched once its server answers again, and its step not taken in before', async () => {
    const tom = await desk(id, 'publish');
    const { body } = await bring(tom, await photo('#668822'));
    await put(tom, body.id, 'Green');
    const { client } = await world.quay();
    const cut = Object.assign(Object.create(client) as typeof client, {
      blob: () => Promise.reject(new Error('The line was cut.')),
    });
    const known = await world.live.known(id);
    await expectAsync(world.live.pull(id, cut)).toBeRejected();
    expect(await world.live.known(id)).toBe(known);
    expect((await document()).media.some((m) => m.id === body.id)).toBeFalse();
    await pull();
    expect((await document()).media.some((m) => m.id === body.id)).toBeTrue();
  });

  it('is refused in words where it is none, and nothing of it is kept', async () => {
    const tom = await desk(id, 'publish');
    const whole = await photo();
    for (const [bytes, words] of [
      [Buffer.from('a letter, not a picture'), 'no JPEG'],
      [whole.subarray(0, whole.length / 2), 'damaged'],
      [Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>'), 'no JPEG'],
      [
        await sharp({ create: { width: 9, height: 9, channels: 3, background: '#fff' } })
          .png()
          .toBuffer(),
        'too few',
      ],
    ] as const) {
      const { status, body } = await bring(tom, bytes);
      expect(status).withContext(words).toBe(422);
      expect(body.detail).toContain(words);
    }
    expect((await bring(tom, Buffer.alloc(0))).status).toBe(400);
    expect((await tom.bring(Buffer.alloc(31_000_000), 'large.jpg')).status).toBe(413);
    expect((await put(tom, 'img-2041-00000000', 'Never brought')).status).toBe(422);
  });

  it('is of its own site: others have neither it nor its files, and who only reads messages brings none', async () => {
    const tom = await desk(id, 'publish');
    const { body } = await bring(tom, await photo('#aa2211'), 'secret.jpg');
    await put(tom, body.id, 'Red');
    const [hash] = /files\/([0-9a-f]{64})/
      .exec(
        (JSON.parse((await tom.api('POST', '/preview', { changes: [], page: 'home' })).body) as { html: string }).html,
      )!
      .slice(1);
    expect((await tom.api('GET', `/pictures/files/${hash!}`)).status).toBe(200);
    const stranger = await desk(other, 'publish');
    expect((await stranger.api('GET', `/pictures/${body.id}`)).status).toBe(404);
    expect((await stranger.api('GET', `/pictures/files/${hash!}`)).status).toBe(404);
    expect((await put(stranger, body.id, 'Mine now')).status).toBe(422);
    expect((await bring(await desk(id, 'messages'), await photo())).status).toBe(403);
    const nobody = new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${id}.quay.test` });
    expect((await bring(nobody, await photo())).status).toBe(401);
    expect((await nobody.api('GET', `/pictures/${body.id}`)).status).toBe(401);
  });
});
