import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { needsConfirming, emptyFacts, type Facts } from '@tin-porch/core/model';
import { apply } from '@tin-porch/core/operations';
import { newDocument, rewriteVersion } from '@tin-porch/core/making';
import type { Database } from '../db/database.js';
import { Spellings } from './spelling.js';
import { WritingClient, WritingFailed } from './writing-client.js';
import { Writing } from './writing.js';

const facts: Facts = {
  ...emptyFacts(),
  name: 'Gant’s Ropewalk',
  trade: 'ropemaker',
  place: 'Saltmarrow',
  phone: '01632 960 140',
  description:
    'We lay hemp and manila by hand in the old walk. Most of it goes to sailing boats on the coast. The walk is ninety paces long and has a slope in it.',
  services: [
    { id: 'v1', name: 'Mooring warps', detail: '', price: 'from £40' },
    { id: 'v2', name: 'Fenders', detail: '', price: '' },
  ],
};
const blank = newDocument('gant', facts);
const site = apply(blank, rewriteVersion(blank, 1)).document;

type Answer = (
  tries: number,
  res: import('node:http').ServerResponse,
  sent: { messages: { content: string }[] },
) => void;
/** A service that answers as it is told to, over a real socket. */
async function service(answer: Answer): Promise<{ url: string; asked: () => number; close(): void }> {
  let tries = 0;
  const server: Server = createServer((req, res) => {
    let body = '';
    req.on('data', (d) => (body += d)).on('end', () => answer(++tries, res, JSON.parse(body) as never));
  });
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const { port } = server.address() as AddressInfo;
  return {
    url: `http://127.0.0.1:${port}`,
    asked: () => tries,
    close: () => (server.closeAllConnections(), server.close()),
  };
}
const limits = { idleMs: 20_000, wholeMs: 30_000, tries: 3, backOffMs: 10, mostBytes: 100_000 };
/** Soon over, for a service that says nothing. */
const soon = { ...limits, idleMs: 250 };
const stream = (res: import('node:http').ServerResponse, text: string, end = true) => {
  res.writeHead(200, { 'content-type': 'text/event-stream' });
  const chunk = (value: object) => `data: ${JSON.stringify(value)}\n\n`;
  const part = (content: string) => chunk({ choices: [{ index: 0, delta: { content }, finish_reason: null }] });
  // Cut in the middle of a character and of a line, as networks do.
  const bytes = Buffer.from(
    [...text.match(/[^]{1,30}/gu)!].map(part).join('') +
      (end
        ? chunk({ choices: [{ index: 0, delta: {}, finish_reason: 'stop' }] }) +
          chunk({ choices: [], usage: { prompt_tokens: 100, completion_tokens: 20 } }) +
          'data: [DONE]\n\n'
        : ''),
  );
  for (let n = 0; n < bytes.length; n += 37) res.write(bytes.subarray(n, n + 37));
  res.end();
};
const echo = (sent: { messages: { content: string }[] }, change: (value: string) => string) => {
  const { texts } = JSON.parse(sent.messages.at(-1)!.content) as { texts: { id: string; value: string }[] };
  return JSON.stringify({ texts: texts.map(({ id, value }) => ({ id, value: change(value) })) });
};
const db = { query: () => Promise.resolve({ rows: [] }) } as unknown as Database;
const spellings = new Spellings();
const told = (url: string) => ({
  ...{ url, key: 'k', model: 'small' },
  price: { input: 20, output: 100, currency: 'GBP' },
});
const writing = (url: string, within = limits) =>
  new Writing(db, { client: new WritingClient(told(url), within), name: 'test' }, spellings);

describe('an outside writing service', () => {
  afterAll(() => spellings.close());

  it('streams an answer in, past the fact guard, with what it cost', async () => {
    const s = await service((_n, res, sent) =>
      stream(
        res,
        echo(sent, (v) => `${v} Wir sind – ja – “gut”. Award-winning since 1902.`),
      ),
    );
    try {
      const { changes, by, cost } = await writing(s.url).rework(
        'gant',
        site,
        { kind: 'another', scope: { page: 'home' } },
        'service',
      );
      expect(by).toBe('service');
      expect(cost).toEqual({ input: 100, output: 20, amount: 0.004, currency: 'GBP', estimated: false });
      expect(changes.length).toBeGreaterThan(2);
      for (const { after } of changes) {
        expect(after.value).toContain('– ja – “gut”');
        expect(needsConfirming(after)).toBeTrue();
        expect(after.from.kind === 'service' && after.from.unbacked.join(' ')).toContain('1902');
      }
    } finally {
      s.close();
    }
  });

  it('is tried again after nonsense, a broken stream or a busy moment, and pays for every answer', async () => {
    const s = await service((n, res, sent) => {
      if (n === 1) return void res.writeHead(429, { 'retry-after': '0' }).end();
      if (n === 2) return stream(res, 'Certainly! Here you are.');
      stream(
        res,
        echo(sent, (v) => `${v} Ask us.`),
      );
    });
    try {
      const { by, cost } = await writing(s.url).rework('gant', site, { kind: 'warmer', scope: 'site' }, 'service');
      expect(s.asked()).toBe(3);
      expect(by).toBe('service');
      expect(cost?.amount).toBeCloseTo(0.008);
    } finally {
      s.close();
    }
  });

  it('is stepped in for by the built-in writer when it is down, silent, refusing or talking nonsense, and that is said', async () => {
    const ways: [Answer, RegExp, typeof limits?][] = [
      [
        (_n, res) =>
          void res.writeHead(503, { 'content-type': 'application/json' }).end('{"error":{"message":"Having a rest"}}'),
        /Having a rest/,
      ],
      [
        (_n, res) => void res.writeHead(200, { 'content-type': 'text/event-stream' }).write(': nothing\n\n'),
        /sent nothing/,
        soon,
      ],
      [(_n, res) => void res.writeHead(401).end(), /does not accept our key/],
      [(_n, res) => stream(res, '{"texts":[{"id":1}]}'), /does not match the schema/],
      [(_n, res) => stream(res, '{"texts":[]', false), /broke off/],
      [(_n, res) => stream(res, 'x'.repeat(200_000)), /more than anybody would read/],
    ];
    for (const [answer, said, within] of ways) {
      const s = await service(answer);
      try {
        const { version, by, note } = await writing(s.url, within).version('gant', blank, 1, 'service', false);
        expect(by).toBe('house');
        expect(note).toMatch(said);
        expect(note).toContain('built-in writer');
        expect(version.pages.length).toBeGreaterThan(0);
      } finally {
        s.close();
      }
    }
    await expectAsync(
      new WritingClient(told('http://127.0.0.1:9'), limits).ask({ messages: [], schema: {} }),
    ).toBeRejectedWithError(WritingFailed, /cannot be reached/);
  });

  it('is heard whole as well as in a stream, and its tokens are told from what was said where it counts none', async () => {
    const s = await service((_n, res, sent) =>
      res.writeHead(200, { 'content-type': 'application/json' }).end(
        JSON.stringify({
          choices: [
            { message: { role: 'assistant', content: echo(sent, (v) => `${v} Ask us.`) }, finish_reason: 'stop' },
          ],
        }),
      ),
    );
    try {
      const { by, cost } = await writing(s.url).rework('gant', site, { kind: 'warmer', scope: 'site' }, 'service');
      expect(by).toBe('service');
      expect(cost!.estimated).toBeTrue();
      expect(cost!.input).toBeGreaterThan(200);
      expect(cost!.amount).toBeCloseTo((cost!.input * 20 + cost!.output * 100) / 1_000_000, 9);
    } finally {
      s.close();
    }
  });

  it('says why where it refuses, runs out of room or gives up in the middle', async () => {
    const ends = (value: object) => (res: import('node:http').ServerResponse) => {
      res.writeHead(200, { 'content-type': 'text/event-stream' });
      res.end(`data: ${JSON.stringify(value)}\n\ndata: [DONE]\n\n`);
    };
    const ways: [object, RegExp, number][] = [
      [{ choices: [{ delta: { refusal: 'Not that.' } }] }, /would not do it: Not that/, 1],
      [{ choices: [{ delta: { content: '{"te' }, finish_reason: 'length' }] }, /ran out of room/, 3],
      [{ choices: [{ delta: {}, finish_reason: 'content_filter' }] }, /would not answer this/, 1],
      [{ error: { message: 'The model fell over' } }, /gave up: The model fell over/, 3],
    ];
    for (const [value, said, tries] of ways) {
      const s = await service((_n, res) => ends(value)(res));
      try {
        const { note } = await writing(s.url).read('gant', site);
        expect(note).toMatch(said);
        expect(s.asked()).withContext(String(said)).toBe(tries);
      } finally {
        s.close();
      }
    }
  });

  it('keeps what was paid, for answers that were of no use too', async () => {
    const kept: unknown[][] = [];
    const counting = {
      query: (sql: string, values: unknown[]) => {
        if (/insert into language_cost/.test(sql)) kept.push(values);
        return Promise.resolve({ rows: [] });
      },
    } as unknown as Database;
    const s = await service((n, res) => stream(res, n <= 3 ? 'Certainly! Here you are.' : '{"facts":[]}'));
    try {
      const client = new WritingClient(told(s.url), limits);
      const desk = new Writing(counting, { client, name: 'test' }, spellings);
      expect((await desk.read('gant', site)).note).toContain('not JSON');
      expect(kept.map(([, what, input]) => [what, input])).toEqual([['read', 300]]);
      expect((await desk.read('gant', site)).cost!.input).toBe(100);
      expect(kept.length).toBe(2);
    } finally {
      s.close();
    }
  });

  it('has a request answered with changes that fit, keeps what that cost, and says so where it fails', async () => {
    const kept: unknown[][] = [];
    const counting = {
      query: (sql: string, values: unknown[]) => {
        if (/insert into language_cost/.test(sql)) kept.push(values);
        return Promise.resolve({ rows: [] });
      },
    } as unknown as Database;
    const opening = site.pages[0]!.sections[0]!;
    const change = (section: string) => ({
      words: 'More room',
      operation: { op: 'setSection', section, room: 'wide' },
    });
    const asked: string[] = [];
    const s = await service((n, res, sent) => {
      asked.push(sent.messages.at(-1)!.content);
      if (n === 1) stream(res, JSON.stringify({ changes: [change(opening.id), change('nowhere')], left: '' }));
      else if (n === 2)
        stream(res, JSON.stringify({ changes: [{ words: 'x', operation: { op: 'setLook' } }], left: '' }));
      else stream(res, JSON.stringify({ changes: [], left: 'Which colour?' }));
    });
    try {
      const desk = new Writing(counting, { client: new WritingClient(told(s.url), limits), name: 'test' }, spellings);
      const { reply, cost } = await desk.propose('gant', site, 'It feels cramped', { page: 'home' });
      if (reply.kind !== 'slip') throw new Error(reply.kind);
      expect(reply.changes.map((c) => c.at)).toEqual([{ page: 'home', section: opening.id }]);
      expect(reply.left.join()).toContain('1 of what it proposed');
      expect(cost!.input).toBe(100);
      expect((JSON.parse(asked[0]!) as { inHand: object }).inHand).toEqual({ page: 'home' });
      // An answer that is none of the schema is asked for once more.
      expect((await desk.propose('gant', site, 'It feels cramped', {})).reply).toEqual({
        kind: 'no',
        words: 'Which colour?',
      });
      expect(s.asked()).toBe(3);
      expect(kept.map(([, what, input]) => [what, input])).toEqual([
        ['ask', 100],
        ['ask', 200],
      ]);
      s.close();
      expect((await desk.propose('gant', site, 'It feels cramped', {})).reply).toEqual({
        kind: 'no',
        words: 'The service did not answer it: It cannot be reached.',
      });
    } finally {
      s.close();
    }
  });

  it('asks as model servers are asked: which model, a schema by name, and a key only where there is one', async () => {
    const seen: { headers: Record<string, unknown>; body: Record<string, unknown>; path: string }[] = [];
    const server = createServer((req, res) => {
      let body = '';
      req
        .on('data', (d) => (body += d))
        .on('end', () => {
          seen.push({ headers: req.headers, body: JSON.parse(body) as never, path: req.url! });
          stream(res, '{"facts":[]}');
        });
    });
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}/v1/`;
    try {
      for (const key of ['k', ''])
        await new Writing(
          db,
          { client: new WritingClient({ url, key, model: 'small', price: null }, limits), name: 'test' },
          spellings,
        ).read('gant', site);
      const [first, second] = seen;
      expect(first!.path).toBe('/v1/chat/completions');
      expect(first!.headers['authorization']).toBe('Bearer k');
      expect(second!.headers['authorization']).toBeUndefined();
      expect(first!.body).toEqual(
        jasmine.objectContaining({ model: 'small', stream: true, stream_options: { include_usage: true } }),
      );
      const format = first!.body['response_format'] as { type: string; json_schema: { schema: { type: string } } };
      expect([format.type, format.json_schema.schema.type]).toEqual(['json_schema', 'object']);
      // A brief is read as it is, whole.
      expect(JSON.stringify(first!.body['messages'])).toContain('The walk is ninety paces long');
    } finally {
      server.closeAllConnections();
      server.close();
    }
  });

  it('has the dictionary put spelling right', async () => {
    const told = {
      ...site,
      pages: site.pages.map((p, n) =>
        n
          ? p
          : {
              ...p,
              sections: p.sections.map((x, k) =>
                k
                  ? x
                  : {
                      ...x,
                      content: {
                        ...x.content,
                        lead: {
                          value: 'We lay hemp by hand in the oldd walk and recieve visitors of Gant.',
                          from: { kind: 'designer' as const },
                        },
                      },
                    },
              ),
            },
      ),
    };
    const { changes } = await writing('http://127.0.0.1:9').rework(
      'gant',
      told,
      { kind: 'spelling', scope: { page: 'home' } },
      'house',
    );
    expect(changes.map((c) => c.after.value)).toContain(
      'We lay hemp by hand in the old walk and receive visitors of Gant.',
    );
  });
});
