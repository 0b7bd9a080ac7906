import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { writingApp } from './writing.js';

const key = 'k'.repeat(24);
const server = createServer(writingApp({ apiKey: key, behaviour: 'good', price: 0.002 }));
let url = '';
const call = (path: string, method: string, body: unknown, bearer = key) =>
  fetch(url + path, {
    method,
    headers: { authorization: `Bearer ${bearer}`, 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
const asked = {
  messages: [
    { role: 'system', content: 'Write.' },
    {
      role: 'user',
      content: JSON.stringify({
        order: 'Make each text shorter.',
        facts: { phone: '01632 960 140' },
        texts: [{ id: 'a/b', value: 'We mend ropes. Ring us.' }],
      }),
    },
  ],
  schema: { type: 'object', required: ['texts'] },
  stream: true,
};
/** The events of a stream, in order. */
const events = (text: string) =>
  text
    .split('\n\n')
    .filter(Boolean)
    .map((block) => ({
      event: /^event: (.*)$/m.exec(block)?.[1] ?? '',
      data: JSON.parse(/^data: (.*)$/m.exec(block)?.[1] ?? 'null') as Record<string, unknown>,
    }));

describe('the writing stand-in', () => {
  beforeAll(async () => {
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  });
  afterAll(() => void server.close());

  it('streams an answer in parts that make one JSON document, then what it cost', async () => {
    const response = await call('/write', 'POST', asked);
    expect(response.headers.get('content-type')).toContain('text/event-stream');
    const all = events(await response.text());
    const text = all
      .filter((e) => e.event === 'part')
      .map((e) => e.data['text'])
      .join('');
    expect(JSON.parse(text)).toEqual({ texts: [{ id: 'a/b', value: 'We repair ropes.' }] });
    expect(all.at(-1)!.event).toBe('done');
    expect(all.at(-1)!.data).toEqual(jasmine.objectContaining({ cost: jasmine.objectContaining({ currency: 'GBP' }) }));
  });

  it('refuses a wrong key, a request that does not fit and a behaviour it does not have', async () => {
    expect((await call('/write', 'POST', asked, 'wrong')).status).toBe(401);
    expect((await call('/write', 'POST', { messages: [] })).status).toBe(400);
    expect((await call('/behaviour', 'PUT', { behaviour: 'kind' })).status).toBe(400);
  });

  it('goes wrong the way it is told to', async () => {
    const as = async (behaviour: string) => {
      expect((await call('/behaviour', 'PUT', { behaviour })).status).toBe(200);
      return call('/write', 'POST', asked);
    };
    expect((await as('down')).status).toBe(503);
    expect((await as('busy')).status).toBe(429);
    expect((await call('/write', 'POST', asked)).status).toBe(200);
    expect(events(await (await as('broken')).text()).some((e) => e.event === 'done')).toBeFalse();
    expect(await (await as('inventive')).text()).toContain('1902');
    await as('good');
  });
});
