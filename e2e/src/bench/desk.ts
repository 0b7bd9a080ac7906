import { randomUUID } from 'node:crypto';
import { newCollection, writeVersion } from '@tin-porch/core/making';
import { demoFacts } from '@tin-porch/core/fixtures';
import type { CollectionItem, SiteDocument } from '@tin-porch/core/model';
import type { Operation, SingleOperation } from '@tin-porch/core/operations';
import { DeskClient } from '@tin-porch/server/demo/desk';
import { stackForTests } from '../support/stack-for-tests.js';

type Keep = (name: string, unit: 'ms', values: number[]) => void;

const COUNT = Number(process.env['ITEMS'] ?? 10_000);
/** Items of one change: more are refused. */
const AT_ONCE = 500;

async function taken(work: () => Promise<unknown>): Promise<number> {
  const started = performance.now();
  await work();
  return performance.now() - started;
}

const text = (value: string) => ({ value, from: { kind: 'client' as const } });
const itemOf = (n: number): CollectionItem => ({
  id: `n${n}`,
  slug: `news-${n}`,
  title: text(`What was new on day ${n}`),
  made: new Date(Date.UTC(1990, 0, 1 + n, 8)).toISOString().replace(/:00\.000Z$/, 'Z'),
  state: 'up',
  values: {
    body: text(`Larch came up the river, and ${n} planks of it were sawn.\n\nThe slip was tarred again.`),
    text: text(`Larch came up the river on day ${n}.`),
  },
});

/** One of thousands of items changed at the desk, from the press of the button until visitors have it. */
export async function measureDesk(keep: Keep): Promise<void> {
  const test = await stackForTests({ checkAnswers: false });
  try {
    const { id } = await test.api.call<{ id: string }>('POST', '/sites', demoFacts);
    const documentOf = async () => (await test.api.call<{ document: SiteDocument }>('GET', `/sites/${id}`)).document;
    const change = (operation: Operation) => test.api.call('POST', `/sites/${id}/operations`, { operation });
    await change(writeVersion(demoFacts, 4));
    await change(newCollection(await documentOf(), 'news', 'News', '2026-01-01T08:00Z'));
    const list = (await documentOf()).collections![0]!.id;
    for (let from = 0; from < COUNT; from += AT_ONCE) {
      const operations = Array.from({ length: Math.min(AT_ONCE, COUNT - from) }, (_, n): SingleOperation => ({
        op: 'insertEntry',
        collection: list,
        item: itemOf(from + n),
        at: from + n,
      }));
      await change({ op: 'batch', operations });
    }
    await test.api.call('PUT', `/sites/${id}/server`, { server: 'quay' });
    keep(`Deploy a site of ${COUNT} items for the first time`, 'ms', [
      await taken(() => test.api.job(id, 'deploy', 900)),
    ]);
    const { link } = await test.api.call<{ link: string }>('POST', `/sites/${id}/people`, {
      ...{ name: 'Ada', mail: 'ada@gant.example', role: 'publish' },
    });
    const at = new URL(link);
    const desk = new DeskClient({
      ...{ address: '127.0.0.1', port: Number(at.port || 80), host: at.host },
    });
    await desk.follow(/#link=(\S+)/.exec(link)![1]!);
    const times: number[] = [];
    for (let n = 0; n < 7; n++) {
      const item = `n${Math.floor((COUNT * (n + 1)) / 9)}`;
      const { items } = await desk.read<{ items: { id: string; said: { values: Record<string, string> } }[] }>(
        `/lists/${list}?item=${item}`,
      );
      const was = items.find((i) => i.id === item)!.said;
      const value = { ...was, values: { ...was.values, text: `Another word, ${n}.` } };
      times.push(
        await taken(async () => {
          const { status, body } = await desk.api('POST', '/changes', {
            id: randomUUID(),
            changes: [{ kind: 'item', collection: list, item, was, value }],
          });
          if (status !== 200 || !(JSON.parse(body) as { live: boolean }).live) throw new Error(`${status} ${body}`);
        }),
      );
    }
    keep(`The first of ${COUNT} items changed at the desk, until visitors have it`, 'ms', times.slice(0, 1));
    keep(`One of ${COUNT} items changed at the desk, until visitors have it`, 'ms', times.slice(1));
    const found: number[] = [];
    for (let n = 0; n < 9; n++) found.push(await taken(() => desk.api('GET', `/lists/${list}?words=day%20${n * 97}`)));
    keep(`Find among ${COUNT} items at the desk, with the answer`, 'ms', found);
  } finally {
    await test.end();
  }
}
