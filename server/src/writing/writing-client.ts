import { setTimeout as pause } from 'node:timers/promises';
import { faultOnce } from '@tin-porch/core/check';
import { createParser } from 'eventsource-parser';
import type { WritingAnswer, WritingTask } from '@tin-porch/core/making';

/** What an answer cost: tokens in and out, and money as the service counts it. */
export interface WritingCost {
  input: number;
  output: number;
  amount: number;
  currency: string;
  /** True where the service did not count its tokens, and they are told from the length of what was said. */
  estimated: boolean;
}

/** A service that completes chats, as model servers answer: where, with which key and model, and what a million tokens cost. */
export interface LanguageService {
  url: string;
  key: string;
  model: string;
  price: { input: number; output: number; currency: string } | null;
}

/** What is asked: messages, and the JSON Schema the answer must match. */
export type Asked = Pick<WritingTask, 'messages' | 'schema'>;

/** A service that did not answer, or not with what was asked. The message is for the person. */
export class WritingFailed extends Error {
  override name = 'WritingFailed';
  /** What answers cost that were of no use. */
  spent: WritingCost | null = null;
  constructor(
    message: string,
    /** True where trying again may help. */
    readonly passing: boolean,
    readonly waitMs = 0,
  ) {
    super(message);
  }
}

export interface WritingLimits {
  /** Longest wait for the first byte and between two pieces, ms. */
  idleMs: number;
  /** Longest wait for the whole answer, ms. */
  wholeMs: number;
  /** How often it is tried in all. */
  tries: number;
  /** The wait before the second try, ms; it doubles. */
  backOffMs: number;
  /** Bytes of answer that are read at most. */
  mostBytes: number;
}
export const STANDARD_LIMITS: WritingLimits = {
  idleMs: 15_000,
  wholeMs: 120_000,
  tries: 3,
  backOffMs: 400,
  mostBytes: 2_000_000,
};

/**
 * Asks an outside language service by its chat completions: messages and a JSON Schema in, the answer streamed as
 * server-sent events or whole, as docs/language-service.md says. Times out, tries again what may pass, and checks the
 * answer against the schema.
 */
export class WritingClient {
  constructor(
    private readonly service: LanguageService,
    private readonly limits: WritingLimits = STANDARD_LIMITS,
  ) {}

  /** @throws WritingFailed where no try gave an answer that matches the schema */
  async ask<T = WritingAnswer>(
    task: Asked,
    received: (characters: number, tail: string) => void = () => undefined,
    cancel?: AbortSignal,
  ): Promise<{ answer: T; cost: WritingCost }> {
    let last = new WritingFailed('It was not asked.', false);
    const spent = this.costOf(0, 0, false);
    for (let n = 0; n < this.limits.tries; n++) {
      if (n > 0) await pause(last.waitMs || this.limits.backOffMs * 2 ** (n - 1));
      if (cancel?.aborted) throw new WritingFailed('It was called off.', false);
      try {
        const { text, cost } = await this.once(task, received, cancel);
        // What a refused answer cost is paid for all the same.
        spent.input += cost.input;
        spent.output += cost.output;
        spent.amount += cost.amount;
        spent.estimated ||= cost.estimated;
        return { answer: this.read<T>(text, task.schema), cost: spent };
      } catch (error) {
        if (!(error instanceof WritingFailed)) throw error;
        last = error;
        if (!error.passing) break;
      }
    }
    last.spent = spent.input + spent.output > 0 ? spent : null;
    throw last;
  }

  private costOf(input: number, output: number, estimated: boolean): WritingCost {
    const { price } = this.service;
    const amount = price ? (input * price.input + output * price.output) / 1_000_000 : 0;
    return { input, output, amount, currency: price?.currency ?? '', estimated };
  }

  private read<T>(text: string, schema: object): T {
    let value: unknown;
    try {
      value = JSON.parse(text);
    } catch {
      throw new WritingFailed('It answered something that is not JSON.', true);
    }
    const fault = faultOnce(schema, value, 'answer');
    if (fault !== null) throw new WritingFailed(`Its answer does not match the schema: ${fault.slice(0, 200)}.`, true);
    return value as T;
  }

  private async once(
    task: Asked,
    received: (characters: number, tail: string) => void,
    cancel?: AbortSignal,
  ): Promise<{ text: string; cost: WritingCost }> {
    const { idleMs, wholeMs } = this.limits;
    const stop = new AbortController();
    const whole = setTimeout(() => stop.abort('whole'), wholeMs);
    let idle = setTimeout(() => stop.abort('idle'), idleMs);
    const alive = () => {
      clearTimeout(idle);
      idle = setTimeout(() => stop.abort('idle'), idleMs);
    };
    const cancelled = () => stop.abort('cancelled');
    cancel?.addEventListener('abort', cancelled);
    try {
      const response = await fetch(`${this.service.url.replace(/\/$/, '')}/chat/completions`, {
        method: 'POST',
        headers: {
          // Servers on one's own machine often have no key.
          ...(this.service.key && { authorization: `Bearer ${this.service.key}` }),
          'content-type': 'application/json',
          accept: 'text/event-stream, application/json',
        },
        body: JSON.stringify({
          model: this.service.model,
          messages: task.messages,
          response_format: { type: 'json_schema', json_schema: { name: 'answer', strict: true, schema: task.schema } },
          stream: true,
          stream_options: { include_usage: true },
        }),
        signal: stop.signal,
        redirect: 'error',
      });
      alive();
      if (!response.ok) {
        const wait = Number(response.headers.get('retry-after') ?? 0) * 1000;
        const why = await response
          .text()
          .then((t) => messageOf(parsed(t)))
          .catch(() => '');
        throw new WritingFailed(
          response.status === 401 || response.status === 403
            ? 'It does not accept our key.'
            : `It answered ${response.status}${why ? `: ${why}` : ''}.`,
          response.status === 429 || response.status >= 500,
          Math.min(wait, 10_000),
        );
      }
      const type = response.headers.get('content-type') ?? '';
      if (!response.body || !/^(?:text\/event-stream|application\/json)/i.test(type))
        throw new WritingFailed('It answered neither with a stream nor with JSON.', true);
      const asked = task.messages.reduce((sum, m) => sum + m.content.length, 0);
      const heard = new Heard();
      const take = /^application\/json/i.test(type)
        ? wholeBody((text) => heard.whole(parsed(text)))
        : events((data) => heard.event(data));
      await this.listen(response.body, take, alive, () => received(heard.text.length, heard.text.slice(-160)));
      const { text, usage } = heard.finish();
      return {
        text,
        cost: usage
          ? this.costOf(usage.input, usage.output, false)
          : this.costOf(Math.ceil(asked / LETTERS), Math.ceil(text.length / LETTERS), true),
      };
    } catch (error) {
      if (error instanceof WritingFailed) throw error;
      if (stop.signal.aborted)
        throw new WritingFailed(
          stop.signal.reason === 'cancelled'
            ? 'It was called off.'
            : stop.signal.reason === 'idle'
              ? `It sent nothing for ${idleMs / 1000} s.`
              : `It was not done after ${wholeMs / 1000} s.`,
          stop.signal.reason === 'idle',
        );
      throw new WritingFailed('It cannot be reached.', true);
    } finally {
      clearTimeout(whole);
      clearTimeout(idle);
      cancel?.removeEventListener('abort', cancelled);
    }
  }

  private async listen(
    body: ReadableStream<Uint8Array>,
    { feed, end }: Taker,
    alive: () => void,
    told: () => void,
  ): Promise<void> {
    let bytes = 0;
    const decoder = new TextDecoder();
    for await (const chunk of body as unknown as AsyncIterable<Uint8Array>) {
      alive();
      bytes += chunk.byteLength;
      if (bytes > this.limits.mostBytes) throw new WritingFailed('It sent more than anybody would read.', false);
      feed(decoder.decode(chunk, { stream: true }));
      told();
    }
    end();
  }
}

/** About how many characters make a token, where a service does not count them. */
const LETTERS = 4;

interface Taker {
  feed(text: string): void;
  end(): void;
}
const wholeBody = (take: (text: string) => void): Taker => {
  let all = '';
  return { feed: (text) => (all += text), end: () => take(all) };
};
const events = (take: (data: string) => void): Taker => {
  const parser = createParser({ onEvent: ({ data }) => take(data) });
  return { feed: (text) => parser.feed(text), end: () => undefined };
};

type Value = Record<string, unknown>;
const inside = (value: unknown): Value => (typeof value === 'object' && value !== null ? (value as Value) : {});

/** What was heard of a completion, chunk by chunk or whole. */
class Heard {
  text = '';
  private usage: { input: number; output: number } | null = null;
  private done = false;

  event(data: string): void {
    if (data.trim() === '[DONE]') this.done = true;
    else this.take(parsed(data), 'delta');
  }

  whole(value: Value): void {
    this.take(value, 'message');
    this.done = true;
  }

  private take(value: Value, part: 'delta' | 'message'): void {
    if (value['error']) throw new WritingFailed(`It gave up: ${messageOf(value) || 'no reason given'}.`, true);
    const choice = inside((value['choices'] as unknown[] | undefined)?.[0]);
    const { content, refusal } = inside(choice[part]);
    if (typeof refusal === 'string' && refusal)
      throw new WritingFailed(`It would not do it: ${refusal.slice(0, 200)}`, false);
    if (typeof content === 'string') this.text += content;
    if (choice['finish_reason'] === 'length') throw new WritingFailed('It ran out of room for its answer.', true);
    if (choice['finish_reason'] === 'content_filter') throw new WritingFailed('It would not answer this.', false);
    if (typeof choice['finish_reason'] === 'string') this.done = true;
    const usage = inside(value['usage']);
    const count = (key: string) => {
      const n = usage[key];
      return typeof n === 'number' && Number.isFinite(n) && n >= 0 ? n : 0;
    };
    if (value['usage']) this.usage = { input: count('prompt_tokens'), output: count('completion_tokens') };
  }

  finish(): Pick<Heard, 'text'> & { usage: { input: number; output: number } | null } {
    if (!this.done) throw new WritingFailed('It broke off in the middle.', true);
    return { text: this.text, usage: this.usage };
  }
}

function parsed(data: string): Value {
  try {
    return inside(JSON.parse(data));
  } catch {
    return {};
  }
}

/** Why something was refused, as the service says it. */
const messageOf = (value: Value): string => {
  const { error } = value;
  const message = typeof error === 'string' ? error : (inside(error)['message'] ?? value['title']);
  return typeof message === 'string' ? message.slice(0, 200) : '';
};
