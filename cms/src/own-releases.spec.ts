import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { demoFacts, siteFrom } from '@tin-porch/core/fixtures';
import { newCollection, newItem } from '@tin-porch/core/making';
import type { SiteDocument } from '@tin-porch/core/model';
import { apply } from '@tin-porch/core/operations';
import { render } from '@tin-porch/core/page';
import { OwnReleases } from './own-releases.js';

const ORIGIN = 'https://yard.example';
const site = siteFrom(demoFacts, 2);
const called = (name: string): SiteDocument => ({ ...site, facts: { ...site.facts, strapline: name } });

describe('the releases of a site that runs by itself', () => {
  let folder: string;
  const home = (files: string) => readFileSync(join(files, 'index.html'), 'utf8');
  const put = async (releases: OwnReleases, document: SiteDocument) => (await releases.serving.press(document))();

  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'tin-porch-own-'));
    // An export: what is drawn as it is, what is cut and made as bytes of its own.
    for (const file of render(site, { origin: ORIGIN })) {
      const at = join(folder, 'public', file.path);
      mkdirSync(dirname(at), { recursive: true });
      writeFileSync(at, 'text' in file ? file.text : `bytes of ${file.path}`);
    }
    writeFileSync(join(folder, 'site.json'), JSON.stringify(site));
  });
  afterEach(() => rmSync(folder, { recursive: true, force: true }));

  it('are what was exported until something is changed, then what is served from the moment it is said', async () => {
    const releases = await OwnReleases.open(folder, ORIGIN);
    expect([releases.changed(), releases.files()]).toEqual([false, join(folder, 'public')]);
    const serve = await releases.serving.press(called('Another line altogether'));
    // Made, and not served.
    expect(releases.files()).toBe(join(folder, 'public'));
    expect((await OwnReleases.open(folder, ORIGIN)).changed()).toBe(false);
    await serve();
    expect(releases.document().facts.strapline).toBe('Another line altogether');
    expect(readFileSync(join(folder, 'public/index.html'), 'utf8')).not.toContain('Another line altogether');
    const again = await OwnReleases.open(folder, ORIGIN);
    expect([again.files(), again.document()]).toEqual([releases.files(), releases.document()]);
  });

  it('have every file a page asks for; what was made before is not there twice', async () => {
    const releases = await OwnReleases.open(folder, ORIGIN);
    const document = called('Žluťoučký kůň, вода');
    await put(releases, document);
    for (const file of render(document, { origin: ORIGIN })) {
      const at = join(releases.files(), file.path);
      expect(statSync(at).size).withContext(file.path).toBeGreaterThan(0);
      // A font of other letters than were cut is the one that was cut: the same file, under both names.
      if (file.path.startsWith('/fonts/')) expect(statSync(at).nlink).withContext(file.path).toBeGreaterThan(1);
    }
    expect(home(releases.files())).not.toBe(home(join(folder, 'public')));
  });

  it('write what reads otherwise, and nothing that reads as before; all of it is what would be drawn anew', async () => {
    const releases = await OwnReleases.open(folder, ORIGIN);
    await put(releases, called('First'));
    const [page] = site.pages.filter((p) => p.slug);
    const text = { value: 'Larch on oak', from: { kind: 'client' as const } };
    const at = { section: page!.sections[0]!.id, path: 'heading' };
    const document = apply(called('First'), { op: 'setText', at, text }).document;
    await put(releases, document);
    const written: string[] = [];
    for (const file of render(document, { origin: ORIGIN })) {
      if (!('text' in file) || file.outlined) continue;
      const path = join(releases.files(), file.path);
      expect(readFileSync(path, 'utf8')).withContext(file.path).toBe(file.text);
      if (statSync(path).nlink === 1) written.push(file.path);
    }
    expect(written).toEqual([`/${page!.slug}/index.html`]);
    // Opened anew, nothing is known of what was written.
    const again = await OwnReleases.open(folder, ORIGIN);
    await put(again, called('Second'));
    expect(home(again.files())).toContain('Second');
  });

  it('are kept two at most, and what a kill left half made is made anew', async () => {
    const releases = await OwnReleases.open(folder, ORIGIN);
    for (const name of ['First', 'Second', 'Third']) await put(releases, called(name));
    const kept = () => readdirSync(join(folder, 'releases')).filter((f) => f.startsWith('c-'));
    expect(kept().length).toBe(2);
    // Killed between making and serving: the old one is served, and the same can be made again.
    await releases.serving.press(called('Fourth'));
    const reopened = await OwnReleases.open(folder, ORIGIN);
    expect(reopened.document().facts.strapline).toBe('Third');
    await put(reopened, called('Fourth'));
    expect(reopened.document().facts.strapline).toBe('Fourth');
    expect(kept().length).toBe(2);
    // A pointer to what is not there any more serves what was exported.
    writeFileSync(join(folder, 'releases', 'current'), 'c-gone');
    expect((await OwnReleases.open(folder, ORIGIN)).files()).toBe(join(folder, 'public'));
  });

  it('are behind once the time of what was planned has come, and not any more when they are made anew', async () => {
    const begun = apply(site, newCollection(site, 'news', 'News', '2020-01-01T08:00Z')).document;
    const text = (value: string) => ({ value, from: { kind: 'client' as const } });
    const [collection] = begun.collections!;
    const document = apply(
      begun,
      newItem(collection!, 'n1', '2020-01-01T08:00Z', text('Slack water'), { state: 'up', from: '2020-06-01T08:00Z' }),
    ).document;
    writeFileSync(join(folder, 'site.json'), JSON.stringify(document));
    const releases = await OwnReleases.open(folder, ORIGIN);
    // Nobody noted for when the export was drawn: it is drawn once more.
    expect(releases.serving.stale()).toBe(true);
    await put(releases, document);
    expect(releases.serving.stale()).toBe(false);
    expect(readFileSync(join(releases.files(), 'news/index.html'), 'utf8')).toContain('Slack water');
    // A page that came since has a picture to be shared with.
    const page = readFileSync(join(releases.files(), 'news/slack-water/index.html'), 'utf8');
    const share = /property="og:image" content="https:\/\/yard\.example([^"]+)"/.exec(page)![1]!;
    expect(statSync(join(releases.files(), share)).size).toBeGreaterThan(0);
    const at = join(releases.files(), '..', 'drawn-for');
    const again = async () => (await OwnReleases.open(folder, ORIGIN)).serving.stale();
    expect(await again()).toBe(false);
    writeFileSync(at, '2020-05-31T08:00Z');
    expect(await again()).toBe(true);
    writeFileSync(at, '2020-06-01T08:00Z');
    expect(await again()).toBe(false);
  });

  it('say that another export is another', async () => {
    const before = (await OwnReleases.open(folder, ORIGIN)).release;
    expect((await OwnReleases.open(folder, ORIGIN)).release).toBe(before);
    writeFileSync(join(folder, 'site.json'), JSON.stringify(called('Later')));
    expect((await OwnReleases.open(folder, ORIGIN)).release).not.toBe(before);
    rmSync(join(folder, 'site.json'));
    await expectAsync(OwnReleases.open(folder, ORIGIN)).toBeRejected();
  });
});
