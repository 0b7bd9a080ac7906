import express, { type Express, type Response } from 'express';
import { setTimeout as pause } from 'node:timers/promises';
import { Ajv } from 'ajv';

/** How the service behaves: `good`, or one of the ways services go wrong. */
export const BEHAVIOURS = ['good', 'inventive', 'slow', 'silent', 'nonsense', 'broken', 'busy', 'down'] as const;
export type Behaviour = (typeof BEHAVIOURS)[number];

export interface WritingConfig {
  apiKey: string;
  behaviour: Behaviour;
  /** The price of a thousand tokens, in pounds. */
  price: number;
}

const ajv = new Ajv({ strict: false });
const checkRequest = ajv.compile({
  type: 'object',
  required: ['messages', 'schema'],
  properties: {
    messages: {
      type: 'array',
      minItems: 1,
      maxItems: 50,
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['role', 'content'],
        properties: {
          role: { enum: ['system', 'user', 'assistant'] },
          content: { type: 'string', maxLength: 400_000 },
        },
      },
    },
    schema: { type: 'object' },
    stream: { type: 'boolean' },
  },
});

const problem = (res: Response, status: number, title: string) =>
  void res.status(status).type('application/problem+json').send(JSON.stringify({ title, status }));

interface Order {
  order?: string;
  facts?: Record<string, unknown>;
  texts?: { id: string; value: string; most?: number }[];
}

const SWAPS: [RegExp, string][] = [
  [/\bmend(s?)\b/g, 'repair$1'],
  [/\bmostly\b/g, 'mainly'],
  [/\bring\b/g, 'call'],
  [/\bRing\b/g, 'Call'],
  [/\bbegan\b/g, 'started'],
  [/\bas well\b/g, 'too'],
  [/\bWe have\b/g, 'We’ve'],
  [/\bdo not\b/g, 'don’t'],
  [/\bThe list below has all\b/g, 'Below you find all'],
  [/\bWrite to\b/g, 'Send a line to'],
];
const sentences = (text: string) => text.split(/(?<=[.!?])\s+/);
const capital = (s: string) => (s ? s[0]!.toUpperCase() + s.slice(1) : s);

/** Writes a text the way a small model might: a word here, an order there, and what the order asks for. */
function writeText(value: string, order: string, facts: Record<string, unknown>): string {
  let text = SWAPS.reduce((now, [from, to]) => now.replace(from, to), value);
  const parts = sentences(text);
  if (/shorter/i.test(order) && parts.length > 1)
    text = parts.slice(0, Math.max(1, Math.ceil(parts.length / 2))).join(' ');
  if (/longer/i.test(order) && text.length > 20) {
    const phone = typeof facts['phone'] === 'string' ? facts['phone'] : '';
    text = phone && !text.includes(phone) ? `${text} Call ${phone} to ask.` : text;
  }
  if (/warmer/i.test(order) && text.length > 20) text = `${text} You are welcome to ask.`;
  if (/livelier/i.test(order) && text.length > 20) text = `${text} Interested? Ask!`;
  if (/anew|other words/i.test(order) && text === value && parts.length > 1)
    text = [...parts.slice(1), parts[0]!].join(' ');
  return capital(text);
}

const INVENTED = 'Award-winning since 1902, with over 300 happy customers.';

/** Answers a conversation: the last message of the user holds the order, the facts and the texts as JSON. */
function answerTo(content: string, behaviour: Behaviour): object | null {
  let asked: Order;
  try {
    asked = JSON.parse(content) as Order;
  } catch {
    return null;
  }
  if (!Array.isArray(asked.texts)) return null;
  const { order = '', facts = {} } = asked;
  const texts = asked.texts.map(({ id, value, most = 1200 }, n) => {
    const said = writeText(String(value), order, facts).slice(0, most);
    return { id, value: behaviour === 'inventive' && n === 0 ? `${said} ${INVENTED}` : said };
  });
  return { texts };
}

/**
 * A writing service: `POST /write` takes messages and a JSON Schema and streams the answer as server-sent events (`part`,
 * then `done` with usage and cost). `PUT /behaviour` makes it go wrong in the ways such services do.
 */
export function writingApp(config: WritingConfig): Express {
  const app = express();
  app.disable('x-powered-by');
  let { behaviour } = config;
  app.use((req, res, next) =>
    req.headers.authorization === `Bearer ${config.apiKey}` ? next() : problem(res, 401, 'The key is missing or wrong'),
  );
  app.use(express.json({ limit: '1mb' }));
  app.put('/behaviour', (req, res) => {
    const wanted = (req.body as { behaviour?: unknown } | undefined)?.behaviour;
    if (!BEHAVIOURS.includes(wanted as Behaviour)) return problem(res, 400, `One of ${BEHAVIOURS.join(', ')}`);
    behaviour = wanted as Behaviour;
    res.json({ behaviour });
  });
  app.post('/write', async (req, res) => {
    if (!checkRequest(req.body)) return problem(res, 400, ajv.errorsText(checkRequest.errors));
    if (behaviour === 'down') return problem(res, 503, 'The service is down');
    if (behaviour === 'busy') {
      // The next try is let in.
      behaviour = 'good';
      res.set('retry-after', '1');
      return problem(res, 429, 'Too many at once');
    }
    const { messages, schema } = req.body as { messages: { role: string; content: string }[]; schema: object };
    const input = Math.ceil(messages.reduce((sum, m) => sum + m.content.length, 0) / 4);
    const answer = answerTo(messages.filter((m) => m.role === 'user').at(-1)?.content ?? '', behaviour);
    const text =
      behaviour === 'nonsense'
        ? 'Certainly! Here is your copy, fresh from the harbour.'
        : JSON.stringify(answer ?? { texts: [] });
    if (answer && behaviour === 'good' && !ajv.validate(schema, answer))
      return problem(res, 422, 'The schema cannot be met');
    res.status(200).set({ 'content-type': 'text/event-stream', 'cache-control': 'no-store' });
    res.flushHeaders();
    const send = (event: string, data: object) => res.write(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`);
    if (behaviour === 'silent') return;
    const size = Math.max(12, Math.ceil(text.length / 40));
    for (let at = 0; at < text.length && !res.destroyed; at += size) {
      send('part', { text: text.slice(at, at + size) });
      await pause(behaviour === 'slow' ? 400 : 12);
      if (behaviour === 'broken' && at > text.length / 2) return void res.end();
    }
    const output = Math.ceil(text.length / 4);
    send('done', {
      usage: { input, output },
      cost: { amount: ((input + output) / 1000) * config.price, currency: 'GBP' },
    });
    res.end();
  });
  return app;
}
