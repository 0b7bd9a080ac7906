import { gzipSync } from 'node:zlib';
import { itemsOf } from '@tin-porch/cms';
import type { CollectionItem, Page, SiteDocument } from '@tin-porch/core/model';
import { apply, type Operation } from '@tin-porch/core/operations';
import { allTexts, newCollection, writeVersion } from '@tin-porch/core/making';
import { demoFacts, siteFrom } from '@tin-porch/core/fixtures';
import { validateDocument } from '@tin-porch/core/validate';
import { draw, drawnFiles, press } from '@tin-porch/press';
import pg from 'pg';
import { openBrowser } from '../support/browser.js';
import { MAIL, PASSWORD, stackForTests } from '../support/stack-for-tests.js';

type Keep = (name: string, unit: 'ms' | 'KB' | 'MB', values: number[]) => void;

const PAGES = [4, 30, 60, 200];
const STEPS = [50, 1000, 5000];
const SITES = 1000;

/** A site of so many pages, of words like those of other sites. */
function ofPages(count: number): SiteDocument {
  const site = siteFrom(demoFacts, 4);
  const models = site.pages.filter((p) => p.slug !== '');
  const copy = (n: number): Page => {
    const model = models[n % models.length]!;
    return {
      ...model,
      id: `copy${n}`,
      slug: `copy-${n}`,
      label: `Page ${n}`,
      sections: model.sections.map((s) => ({ ...s, id: `${s.id}c${n}` })),
    };
  };
  const more = Math.max(0, count - site.pages.length);
  return {
    ...site,
    id: `pages-${count}`,
    pages: [...site.pages, ...Array.from({ length: more }, (_, n) => copy(n))].slice(0, count),
  };
}

/** Another word in the first text of a page that can be written over. */
const another = (document: SiteDocument, n: number): Operation => {
  const { section, path } = allTexts(document).find((t) => t.page && t.page.slug !== '')!;
  return {
    op: 'setText',
    at: { section: section.id, path },
    text: { value: `Larch on oak, ${n}`, from: { kind: 'designer' } },
  };
};

async function taken(work: () => Promise<unknown>): Promise<number> {
  const started = performance.now();
  await work();
  return performance.now() - started;
}

/** How rendering grows with the pages of a site. */
async function measurePages(keep: Keep): Promise<void> {
  await draw(ofPages(4), 'https://warm.example');
  for (const count of PAGES) {
    const document = ofPages(count);
    const times: number[] = [];
    // Another origin each time: nothing of it was drawn before.
    for (let n = 0; n < 5; n++) times.push(await taken(() => draw(document, `https://p${count}-${n}.example`)));
    keep(`Render ${count} pages on a pool thread`, 'ms', times);
  }
  let document = ofPages(200);
  const origin = 'https://word.example';
  keep('Press a release of 200 pages, the first', 'ms', [await taken(() => press(document, origin))]);
  const again: number[] = [];
  for (let n = 0; n < 8; n++) {
    document = apply(document, another(document, n)).document;
    again.push(await taken(() => press(document, origin)));
  }
  keep('Change one word of 200 pages and press the release', 'ms', again);
}

const ITEMS = [100, 1000, 10_000];
/** A site of which a collection has so many items, each with a page of its own. */
function ofItems(count: number): SiteDocument {
  const begun = newCollection(siteFrom(demoFacts, 4), 'news', 'News', '2026-01-01T08:00Z');
  const site = apply(siteFrom(demoFacts, 4), begun).document;
  const [collection] = site.collections!;
  const text = (value: string) => ({ value, from: { kind: 'client' as const } });
  const items = Array.from({ length: count }, (_, n): CollectionItem => ({
    id: `n${n}`,
    slug: `news-${n}`,
    title: text(`What was new on day ${n}`),
    made: new Date(Date.UTC(2000, 0, 1 + n, 8)).toISOString().replace(/:00\.000Z$/, 'Z'),
    state: 'up',
    values: {
      body: text(`Larch came up the river, and ${n} planks of it were sawn.\n\nThe slip was tarred again.`),
      text: text(`Larch came up the river on day ${n}.`),
    },
  }));
  return { ...site, id: `items-${count}`, collections: [{ ...collection!, items }] };
}

/** How a site grows with what is in its collections. */
async function measureItems(keep: Keep): Promise<void> {
  for (const count of ITEMS) {
    let document = ofItems(count);
    const origin = `https://items${count}.example`;
    const at = '2099-01-01T08:00Z';
    keep(`A site of ${count} items, as JSON`, 'KB', [JSON.stringify(document).length / 1024]);
    keep(`Render ${count} items, the first time`, 'ms', [
      await taken(() => drawnFiles(document, origin, undefined, at)),
    ]);
    const [again, checked, found]: number[][] = [[], [], []];
    for (let n = 0; n < 5; n++) {
      const before = document;
      const { id } = document.collections![0]!;
      document = apply(document, {
        op: 'setEntry',
        collection: id,
        item: `n${n}`,
        values: { text: { value: `Another word, ${n}.`, from: { kind: 'client' } } },
      }).document;
      checked!.push(await taken(() => Promise.resolve(validateDocument(document, before))));
      again!.push(await taken(() => drawnFiles(document, origin, undefined, at)));
      found!.push(
        await taken(() => Promise.resolve(itemsOf(document, document.collections![0]!, `day ${count - n}`, 40, at))),
      );
    }
    keep(`Check one changed item of ${count}`, 'ms', checked!);
    keep(`Render again after one of ${count} items changed`, 'ms', again!);
    keep(`Find among ${count} items at the desk`, 'ms', found!);
  }
}

/** How changes, undo and lists grow with the log of a site and the number of sites. */
async function measureLog(keep: Keep): Promise<void> {
  const test = await stackForTests({ checkAnswers: false });
  const db = new pg.Client({ connectionString: test.stack.config.databaseUrl });
  try {
    await db.connect();
    const { id } = await test.api.call<{ id: string }>('POST', '/sites', demoFacts);
    const call = (operation: Operation, base: number) =>
      test.api.call<{ head: number }>('POST', `/sites/${id}/operations`, { operation, base });
    let { head } = await call(writeVersion(demoFacts, 4), 0);
    let { document } = await test.api.call<{ document: SiteDocument }>('GET', `/sites/${id}`);
    const model = document.pages.find((p) => p.slug !== '')!;
    for (let n = document.pages.length; n < 60; n++) {
      const page: Page = {
        ...model,
        id: `copy${n}`,
        slug: `copy-${n}`,
        label: `Page ${n}`,
        sections: model.sections.map((s) => ({ ...s, id: `${s.id}c${n}` })),
      };
      ({ head } = await call({ op: 'insertPage', page, at: n }, head));
    }
    ({ document } = await test.api.call<{ document: SiteDocument }>('GET', `/sites/${id}`));
    for (const steps of STEPS) {
      // The log as if so much had been done: the newest change, again and again.
      await db.query(
        `insert into operation (site, seq, kind, op, inverse, by, author)
         select o.site, $2 + n, 'do', o.op, o.inverse, o.by, o.author
         from operation o, generate_series(1, $3::int) n where o.site = $1 and o.seq = $2`,
        [id, head, Math.max(0, steps - head)],
      );
      head = Math.max(head, steps);
      await db.query('update site set head = $2 where id = $1', [id, head]);
      const [changes, undone, opened]: number[][] = [[], [], []];
      let bytes = 0;
      for (let n = 0; n < 21; n++) {
        changes!.push(await taken(async () => ({ head } = await call(another(document, n), head))));
        const news = await test.api.call<object>('GET', `/sites/${id}?since=${head - 1}`);
        bytes = JSON.stringify(news).length;
        opened!.push(await taken(() => test.api.call('GET', `/sites/${id}?since=${head}`)));
        undone!.push(
          await taken(async () => ({ head } = await test.api.call<{ head: number }>('POST', `/sites/${id}/undo`, {}))),
        );
      }
      keep(`A change of 60 pages with ${steps} steps behind it`, 'ms', changes!);
      keep(`Undo with ${steps} steps behind it`, 'ms', undone!);
      keep(`What is new of a site with ${steps} steps behind it`, 'ms', opened!);
      keep(`  and its answer`, 'KB', [bytes / 1024]);
    }
    await measureDoors(keep, test.stack.url, id);
    await db.query(
      `insert into site (id, organisation, document, summary, temporary, preview_key)
       select 'many-' || n, organisation, document, summary, 'many-' || n, 'x' from site, generate_series(1, $2::int) n where id = $1`,
      [id, SITES],
    );
    const lists: number[] = [];
    for (let n = 0; n < 11; n++) lists.push(await taken(() => test.api.call('GET', '/sites')));
    keep(`The list of ${SITES} sites`, 'ms', lists.slice(1));
  } finally {
    await db.end();
    await test.end();
  }
}

/** What comes over the wire, compressed, before a page can be used. */
async function measureDoors(keep: Keep, url: string, site: string): Promise<void> {
  const browser = await openBrowser();
  try {
    const page = await (await browser.newContext()).newPage();
    const scripts = new Map<string, number>();
    page.on('response', (response) => {
      if (/\.js$/.test(new URL(response.url()).pathname))
        void response.body().then(
          (body) => scripts.set(response.url(), gzipSync(body).byteLength),
          () => undefined,
        );
    });
    const total = () => [...scripts.values()].reduce((a, b) => a + b, 0) / 1024;
    await page.goto(`${url}/sign-in`, { waitUntil: 'networkidle' });
    keep('Script of the sign-in page, compressed', 'KB', [total()]);
    await page.fill('#mail', MAIL);
    await page.fill('#password', PASSWORD);
    await page.click('button.act');
    await page.waitForSelector('text=On the bench');
    scripts.clear();
    await page.goto('about:blank');
    await page.goto(`${url}/sites/${site}/brief`, { waitUntil: 'networkidle' });
    await page.waitForSelector('#f-phone');
    keep('Script of a site’s first step, compressed, worker and all', 'KB', [total()]);
  } finally {
    await browser.close();
  }
}

/** How the work grows with what there is: pages, steps of history, sites. */
export async function measureGrowth(keep: Keep): Promise<void> {
  console.log('\nGrowth');
  await measurePages(keep);
  await measureItems(keep);
  await measureLog(keep);
}
