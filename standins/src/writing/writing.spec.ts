import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { writingApp } from './writing.js';

const key = 'k'.repeat(24);
const server = createServer(writingApp({ apiKey: key, behaviour: 'good' }));
let url = '';
const call = (path: string, method: string, body: unknown, bearer = key) =>
  fetch(url + path, {
    method,
    headers: { authorization: `Bearer ${bearer}`, 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
const asked = {
  model: 'quillfoot-small',
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
  response_format: {
    type: 'json_schema',
    json_schema: { name: 'answer', schema: { type: 'object', required: ['texts'] } },
  },
  stream: true,
  stream_options: { include_usage: true },
};
interface Chunk {
  choices: { delta: { content?: string }; finish_reason: string | null }[];
  usage?: { prompt_tokens: number };
}
/** The chunks of a stream, in order, without the word that ends it. */
const chunks = (text: string): Chunk[] =>
  [...text.matchAll(/^data: (\{.*\})$/gm)].map((m) => JSON.parse(m[1]!) as Chunk);
const said = (all: readonly Chunk[]) => all.map((c) => c.choices[0]?.delta.content ?? '').join('');

describe('the writing stand-in', () => {
  beforeAll(async () => {
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  });
  afterAll(() => void server.close());

  it('streams an answer in parts that make one JSON document, then what it cost', async () => {
    const response = await call('/v1/chat/completions', 'POST', asked);
    expect(response.headers.get('content-type')).toContain('text/event-stream');
    const whole = await response.text();
    expect(whole.endsWith('data: [DONE]\n\n')).toBeTrue();
    const all = chunks(whole);
    expect(JSON.parse(said(all))).toEqual({ texts: [{ id: 'a/b', value: 'We repair ropes.' }] });
    expect(all.at(-2)!.choices[0]!.finish_reason).toBe('stop');
    expect(all.at(-1)!.usage!.prompt_tokens).toBeGreaterThan(10);
  });

  it('answers whole where no stream is asked for', async () => {
    const response = await call('/v1/chat/completions', 'POST', { ...asked, stream: false });
    const { choices, usage } = (await response.json()) as {
      choices: { message: { content: string } }[];
      usage: { total_tokens: number };
    };
    expect(choices[0]!.message.content).toContain('We repair ropes.');
    expect(usage.total_tokens).toBeGreaterThan(10);
  });

  it('reads a brief, each fact with the line it stands in', async () => {
    const brief = 'Gant’s Ropewalk, since 1871.\n- Mooring warps\nRing 01632 960 140';
    const messages = [{ role: 'user', content: JSON.stringify({ brief }) }];
    const read = await call('/v1/chat/completions', 'POST', { model: asked.model, messages });
    const { choices } = (await read.json()) as { choices: { message: { content: string } }[] };
    const { facts } = JSON.parse(choices[0]!.message.content) as {
      facts: { kind: string; value: string; quote: string }[];
    };
    expect(facts.map((f) => [f.kind, f.value])).toEqual([
      ['phone', '01632 960 140'],
      ['founded', '1871'],
      ['service', 'Mooring warps'],
    ]);
    for (const { quote } of facts) expect(brief).toContain(quote);
  });

  it('refuses a wrong key, a request that does not fit and a behaviour it does not have', async () => {
    expect((await call('/v1/chat/completions', 'POST', asked, 'wrong')).status).toBe(401);
    expect((await call('/v1/chat/completions', 'POST', { messages: [] })).status).toBe(400);
    expect((await call('/behaviour', 'PUT', { behaviour: 'kind' })).status).toBe(400);
    expect((await call('/v1/chat/completions', 'POST', { ...asked, model: 'another' })).status).toBe(404);
  });

  it('goes wrong the way it is told to', async () => {
    const as = async (behaviour: string) => {
      expect((await call('/behaviour', 'PUT', { behaviour })).status).toBe(200);
      return call('/v1/chat/completions', 'POST', asked);
    };
    expect((await as('down')).status).toBe(503);
    expect((await as('busy')).status).toBe(429);
    expect((await call('/v1/chat/completions', 'POST', asked)).status).toBe(200);
    expect(await (await as('broken')).text()).not.toContain('[DONE]');
    expect(await (await as('inventive')).text()).toContain('1902');
    await as('good');
  });
});
