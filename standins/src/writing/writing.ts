import express, { type Express, type Response } from 'express';
import { setTimeout as pause } from 'node:timers/promises';
import { Ajv } from 'ajv';

/** How the service behaves: `good`, or one of the ways services go wrong. */
export const BEHAVIOURS = ['good', 'inventive', 'slow', 'silent', 'nonsense', 'broken', 'busy', 'down'] as const;
export type Behaviour = (typeof BEHAVIOURS)[number];

export interface WritingConfig {
  apiKey: string;
  behaviour: Behaviour;
}

const ajv = new Ajv({ strict: false });
const checkRequest = ajv.compile({
  type: 'object',
  required: ['model', 'messages'],
  properties: {
    model: { type: 'string', minLength: 1, maxLength: 100 },
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
    response_format: {
      type: 'object',
      required: ['type'],
      properties: {
        type: { enum: ['text', 'json_object', 'json_schema'] },
        json_schema: {
          type: 'object',
          required: ['name', 'schema'],
          properties: { name: { type: 'string', pattern: '^[\\w-]{1,64}$' }, schema: { type: 'object' }, strict: {} },
        },
      },
    },
    stream: { type: 'boolean' },
    stream_options: { type: 'object', properties: { include_usage: { type: 'boolean' } } },
  },
});

const problem = (res: Response, status: number, message: string) =>
  void res.status(status).json({ error: { message } });

interface Order {
  order?: string;
  brief?: string;
  facts?: Record<string, unknown>;
  texts?: { id: string; value: string; most?: number }[];
  request?: string;
  inHand?: { page?: string; section?: string; path?: string };
  outline?: { pages: { id: string; label: string; sections: OutlinedSection[] }[] };
}
interface OutlinedSection {
  id: string;
  shape: string;
  otherShapes: string[];
  texts: { path: string; label: string; value: string }[];
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

/** The one model there is. */
const MODEL = 'quillfoot-small';
const INVENTED = 'Award-winning since 1902, with over 300 happy customers.';

const READS: [kind: string, pattern: RegExp][] = [
  ['phone', /(?:\+|0)\d[\d ]{7,14}\d/g],
  ['mail', /[\w.-]+@[\w-]+(?:\.[\w-]+)+/g],
  ['founded', /(?<=since |founded in |started in |seit |depuis |desde )\d{4}/gi],
  ['service', /(?<=^\s*[-•*] )[^,:\n]{3,60}/gm],
];

/** Reads a brief the way a small model might: what is easy to see, each with the line it stands in. */
function readText(brief: string, behaviour: Behaviour): object[] {
  const found = READS.flatMap(([kind, pattern]) =>
    [...brief.matchAll(pattern)].map((m) => {
      const from = brief.lastIndexOf('\n', m.index) + 1;
      const to = brief.indexOf('\n', m.index);
      return { kind, value: m[0].trim(), detail: '', quote: brief.slice(from, to < 0 ? undefined : to).trim() };
    }),
  );
  const invented = { kind: 'membership', value: 'Guild of Master Craftsmen', detail: '', quote: INVENTED };
  return behaviour === 'inventive' ? [...found, invented] : found;
}

/** Says what a request comes to the way a small model might: from what is in hand, a quote, and a verb it knows. */
function proposeFor({ request = '', inHand = {}, outline }: Order, behaviour: Behaviour): object {
  const sections = outline?.pages.flatMap((p) => p.sections) ?? [];
  const held = sections.find((s) => s.id === inHand.section) ?? sections[0];
  const text = held?.texts.find((t) => t.path === inHand.path) ?? held?.texts[0];
  const quoted = /[“"«„]([^”"»“]{2,200})[”"»“]/.exec(request)?.[1];
  const setText = (value: string) => ({
    op: 'setText',
    at: { section: held!.id, path: text!.path },
    text: { value, from: { kind: 'designer' } },
  });
  const changes: object[] = [];
  if (held && text && quoted) changes.push({ words: `${text.label} says what you said`, operation: setText(quoted) });
  else if (held && /\b(?:airy|space|breathe|room)\b/i.test(request))
    changes.push({ words: 'More room around it', operation: { op: 'setSection', section: held.id, room: 'wide' } });
  else if (held && held.otherShapes.length > 1 && /\b(?:boring|dull|different|livelier)\b/i.test(request)) {
    const shape = held.otherShapes.find((s) => s !== held.shape)!;
    changes.push({ words: 'Laid out otherwise', operation: { op: 'setShape', section: held.id, shape } });
  }
  if (behaviour === 'inventive' && held && text)
    changes.push(
      { words: 'Says more', operation: setText(INVENTED) },
      { words: 'Rings true', operation: { op: 'setFact', field: 'phone', value: '01632 960 999' } },
      { words: 'Away with it', operation: { op: 'removeSection', section: 'nowhere' } },
    );
  return { changes, left: changes.length ? '' : 'I do not see what should change.' };
}

/** Answers a conversation: the last message of the user holds the order, the facts and the texts as JSON. */
function answerTo(content: string, behaviour: Behaviour): object | null {
  let asked: Order;
  try {
    asked = JSON.parse(content) as Order;
  } catch {
    return null;
  }
  if (typeof asked.brief === 'string') return { facts: readText(asked.brief, behaviour) };
  if (typeof asked.request === 'string') return proposeFor(asked, behaviour);
  if (!Array.isArray(asked.texts)) return null;
  const { order = '', facts = {} } = asked;
  const texts = asked.texts.map(({ id, value, most = 1200 }, n) => {
    const said = writeText(String(value), order, facts).slice(0, most);
    return { id, value: behaviour === 'inventive' && n === 0 ? `${said} ${INVENTED}` : said };
  });
  return { texts };
}

/**
 * A language service: `POST /v1/chat/completions` takes messages and a JSON Schema and answers whole or, where it is asked
 * to, as a stream of server-sent events that ends with `[DONE]`. `PUT /behaviour` makes it go wrong in the ways such
 * services do.
 */
export function writingApp(config: WritingConfig): Express {
  const app = express();
  app.disable('x-powered-by');
  let { behaviour } = config;
  let answers = 0;
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
  app.get('/v1/models', (_req, res) => res.json({ object: 'list', data: [{ id: MODEL, object: 'model' }] }));
  app.post('/v1/chat/completions', async (req, res) => {
    if (!checkRequest(req.body)) return problem(res, 400, ajv.errorsText(checkRequest.errors));
    if (behaviour === 'down') return problem(res, 503, 'The service is down');
    if (behaviour === 'busy') {
      // The next try is let in.
      behaviour = 'good';
      res.set('retry-after', '1');
      return problem(res, 429, 'Too many at once');
    }
    const { model, messages, response_format, stream, stream_options } = req.body as {
      model: string;
      messages: { role: string; content: string }[];
      response_format?: { json_schema?: { schema: object } };
      stream?: boolean;
      stream_options?: { include_usage?: boolean };
    };
    if (model !== MODEL) return problem(res, 404, `There is no model ${model}`);
    const answer = answerTo(messages.filter((m) => m.role === 'user').at(-1)?.content ?? '', behaviour);
    const text =
      behaviour === 'nonsense'
        ? 'Certainly! Here is your copy, fresh from the harbour.'
        : JSON.stringify(answer ?? { texts: [] });
    const schema = response_format?.json_schema?.schema;
    if (answer && behaviour === 'good' && schema && !ajv.validate(schema, answer))
      return problem(res, 422, 'The schema cannot be met');
    const input = Math.ceil(messages.reduce((sum, m) => sum + m.content.length, 0) / 4);
    const output = Math.ceil(text.length / 4);
    const usage = { prompt_tokens: input, completion_tokens: output, total_tokens: input + output };
    const about = { id: `answer-${++answers}`, model, created: Math.floor(Date.now() / 1000) };
    if (!stream)
      return void res.json({
        ...about,
        object: 'chat.completion',
        choices: [{ index: 0, message: { role: 'assistant', content: text }, finish_reason: 'stop' }],
        usage,
      });
    res.status(200).set({ 'content-type': 'text/event-stream', 'cache-control': 'no-store' });
    res.flushHeaders();
    const send = (more: object) =>
      res.write(`data: ${JSON.stringify({ ...about, object: 'chat.completion.chunk', ...more })}\n\n`);
    if (behaviour === 'silent') return;
    const size = Math.max(12, Math.ceil(text.length / 40));
    for (let at = 0; at < text.length && !res.destroyed; at += size) {
      send({ choices: [{ index: 0, delta: { content: text.slice(at, at + size) }, finish_reason: null }] });
      await pause(behaviour === 'slow' ? 400 : 12);
      if (behaviour === 'broken' && at > text.length / 2) return void res.end();
    }
    send({ choices: [{ index: 0, delta: {}, finish_reason: 'stop' }] });
    if (stream_options?.include_usage) send({ choices: [], usage });
    res.end('data: [DONE]\n\n');
  });
  return app;
}
