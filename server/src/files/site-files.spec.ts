import type { Problem } from '@tin-porch/core/ground';
import { pdf } from '@tin-porch/core/fixtures';
import { writeVersion } from '@tin-porch/core/making';
import type { SiteFile } from '@tin-porch/core/model';
import { render } from '@tin-porch/core/page';
import { Accounts } from '../accounts/accounts.js';
import { Pictures } from '../pictures/pictures.js';
import { renderedBytes } from '@tin-porch/press';
import { Sites } from '../sites/sites.js';
import { Strangers } from '../strangers/strangers.js';
import { realDatabase } from '../testing/real-database.js';
import { MOST_FILE_BYTES, MOST_FILM_BYTES, SiteFiles } from './site-files.js';

const refusal = (work: Promise<unknown>) =>
  work.then(
    () => null,
    (error: Problem) => `${error.status} ${error.title}: ${error.detail}`,
  );

describe('files for visitors', () => {
  let test: Awaited<ReturnType<typeof realDatabase>>;
  let sites: Sites;
  let files: SiteFiles;
  let pictures: Pictures;
  const strangers = new Strangers();
  let ines: { id: string; name: string; organisation: string };
  let id = '';
  const site = async () => (await sites.get(id))!;
  const bring = async (name: string, bytes: Uint8Array | string, instead?: string) =>
    files.bring(await site(), name, Buffer.from(bytes as string), instead);
  /** The files of a release of the site as it is, with their bytes. */
  const released = async () =>
    (
      await renderedBytes(render((await site()).document, { origin: 'https://c.example' }), pictures.readerOf(id))
    ).filter((f) => f.path.startsWith('/files/'));

  beforeAll(async () => {
    test = await realDatabase();
    sites = new Sites(test.db);
    pictures = new Pictures(test.db, strangers);
    files = new SiteFiles(pictures);
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

  it('are given out by a release once something leads to them, under an address that another version keeps', async () => {
    const [first, second] = [pdf(['Winding, once a week']), pdf(['Winding, on Sundays'])];
    const file = await bring('How to wind it.PDF', first);
    expect(file).toEqual(
      jasmine.objectContaining({ id: 'how-to-wind-it', title: 'How to wind it', ending: 'pdf', bytes: first.length }),
    );
    await sites.log.change(id, { op: 'putFile', file }, ines);
    expect(await released()).toEqual([]);
    const at = { section: (await site()).document.pages[0]!.sections[0]!.id, path: 'action' };
    await sites.log.change(id, { op: 'setTarget', at, to: `file:${file.id}` }, ines);
    const [out] = await released();
    expect([out!.path, out!.type]).toEqual(['/files/how-to-wind-it.pdf', 'application/pdf']);
    expect(Buffer.compare(Buffer.from(out!.bytes), Buffer.from(first))).toBe(0);
    const again = await bring('winding-v2.pdf', second, file.id);
    expect([again.id, again.title]).toEqual([file.id, file.title]);
    await sites.log.change(id, { op: 'putFile', file: again }, ines);
    const [now] = await released();
    expect(now!.path).toBe(out!.path);
    expect(Buffer.compare(Buffer.from(now!.bytes), Buffer.from(second))).toBe(0);
    // Another of the same name gets an address of its own.
    expect((await bring('How to wind it.pdf', first)).id).toBe('how-to-wind-it-2');
  });

  it('are refused where they are not what they are called, can run in a browser, are empty or too large', async () => {
    for (const [name, bytes, why] of [
      ['page.html', '<script>1</script>', 'ends in one of these'],
      ['drawing.svg', '<svg xmlns="http://www.w3.org/2000/svg"/>', 'ends in one of these'],
      ['noending', 'words', 'ends in one of these'],
      ['../../etc/passwd', 'words', 'ends in one of these'],
      ['prices.pdf', '<html>', 'something else within'],
      ['prices.xlsx', 'no archive', 'something else within'],
      ['prices.csv', Buffer.from([0x66, 0, 0xff]), 'something else within'],
      ['song.mp3', 'not a song', 'something else within'],
      ['launch.mp4', 'no film at all', 'something else within'],
      ['launch.webm', 'no film at all', 'something else within'],
      ['said.vtt', '00:01 --> 00:02 words without the name of what it is', 'something else within'],
      ['long.mp4', Buffer.alloc(MOST_FILM_BYTES + 1), '30 is the most'],
      ['large.txt', Buffer.alloc(MOST_FILE_BYTES + 1, 0x20), '20 is the most'],
    ] as const)
      expect(await refusal(bring(name, bytes as string)))
        .withContext(name)
        .toContain(why);
    expect((await bring('said.vtt', 'WEBVTT\n\n00:01.000 --> 00:02.000\nShe floats.\n')).ending).toBe('vtt');
    expect((await bring('launch.mp4', '\0\0\0\u0018ftypmp42')).ending).toBe('mp4');
    expect((await bring('Preise für Uhren.csv', 'Uhr;Preis\n')).id).toBe('preise-fur-uhren');
  });

  it('are of their site alone: none can be put in whose bytes were never brought to it', async () => {
    const file: SiteFile = { id: 'x', title: 'X', ending: 'pdf', bytes: 9, hash: 'e'.repeat(64) };
    expect(await refusal(sites.log.change(id, { op: 'putFile', file }, ines))).toMatch(/^422 .*not kept here/);
    const other = await sites.create(ines.organisation, { name: 'Quill Joinery', trade: 'joiner', services: [] });
    const theirs = (await site()).document.files![0]!;
    expect(await refusal(sites.log.change(other.id, { op: 'putFile', file: theirs }, ines))).toMatch(/not kept here/);
  });
});
