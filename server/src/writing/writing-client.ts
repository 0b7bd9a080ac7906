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
}

/** A service that did not answer, or not with what was asked. The message is for the person. */
export class WritingFailed extends Error {
  override name = 'WritingFailed';
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
 * Asks an outside writing service over HTTP: chat-style messages and a JSON Schema in, server-sent events out, as
 * docs/writing-service.md says. Streams, times out, tries again what may pass, and checks the answer against the schema.
 */
export class WritingClient {
  constructor(
    private readonly service: { url: string; key: string },
    private readonly limits: WritingLimits = STANDARD_LIMITS,
  ) {}

  /** @throws WritingFailed where no try gave an answer that matches the schema */
  async ask(
    task: Pick<WritingTask, 'messages' | 'schema'>,
    received: (characters: number, tail: string) => void = () => undefined,
    cancel?: AbortSignal,
  ): Promise<{ answer: WritingAnswer; cost: WritingCost }> {
    let last = new WritingFailed('It was not asked.', false);
    const spent: WritingCost = { input: 0, output: 0, amount: 0, currency: '' };
    for (let n = 0; n < this.limits.tries; n++) {
      if (n > 0) await pause(last.waitMs || this.limits.backOffMs * 2 ** (n - 1));
      if (cancel?.aborted) throw new WritingFailed('It was called off.', false);
      try {
        const { text, cost } = await this.once(task, received, cancel);
        // What a refused answer cost is paid for all the same.
        spent.input += cost.input;
        spent.output += cost.output;
        spent.amount += cost.amount;
        spent.currency = cost.currency;
        return { answer: this.read(text, task.schema), cost: spent };
      } catch (error) {
        if (!(error instanceof WritingFailed)) throw error;
        last = error;
        if (!error.passing) break;
      }
    }
    throw last;
  }

  private read(text: string, schema: object): WritingAnswer {
    let value: unknown;
    try {
      value = JSON.parse(text);
    } catch {
      throw new WritingFailed('It answered something that is not JSON.', true);
    }
    const fault = faultOnce(schema, value, 'answer');
    if (fault !== null) throw new WritingFailed(`Its answer does not match the schema: ${fault.slice(0, 200)}.`, true);
    return value as WritingAnswer;
  }

  private async once(
    task: Pick<WritingTask, 'messages' | 'schema'>,
    received: (characters: number, tail: string) => void,
    cancel?: AbortSignal,
  ): Promise<{ text: string; cost: WritingCost }> {
    const { idleMs, wholeMs, mostBytes } = this.limits;
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
      const response = await fetch(`${this.service.url.replace(/\/$/, '')}/write`, {
        method: 'POST',
        headers: {
          authorization: `Bearer ${this.service.key}`,
          'content-type': 'application/json',
          accept: 'text/event-stream',
        },
        body: JSON.stringify({ messages: task.messages, schema: task.schema, stream: true }),
        signal: stop.signal,
        redirect: 'error',
      });
      alive();
      if (!response.ok) {
        const wait = Number(response.headers.get('retry-after') ?? 0) * 1000;
        const why = await response
          .text()
          .then((t) => titleOf(t))
          .catch(() => '');
        throw new WritingFailed(
          response.status === 401 || response.status === 403
            ? 'It does not accept our key.'
            : `It answered ${response.status}${why ? `: ${why}` : ''}.`,
          response.status === 429 || response.status >= 500,
          Math.min(wait, 10_000),
        );
      }
      if (!/^text\/event-stream/i.test(response.headers.get('content-type') ?? '') || !response.body)
        throw new WritingFailed('It did not answer with a stream.', true);
      return await this.stream(response.body, alive, received, mostBytes);
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

  private async stream(
    body: ReadableStream<Uint8Array>,
    alive: () => void,
    received: (characters: number, tail: string) => void,
    mostBytes: number,
  ): Promise<{ text: string; cost: WritingCost }> {
    let text = '';
    let cost: WritingCost | null = null;
    let fault: WritingFailed | null = null;
    let bytes = 0;
    const parser = createParser({
      onEvent: ({ event, data }) => {
        const value = parsed(data);
        if (event === 'part' && typeof value['text'] === 'string') text += value['text'];
        else if (event === 'done') cost = costOf(value);
        else if (event === 'error')
          fault = new WritingFailed(`It gave up: ${String(value['title'] ?? 'no reason given').slice(0, 200)}.`, true);
      },
    });
    const decoder = new TextDecoder();
    for await (const chunk of body as unknown as AsyncIterable<Uint8Array>) {
      alive();
      bytes += chunk.byteLength;
      if (bytes > mostBytes) throw new WritingFailed('It sent more than anybody would read.', false);
      parser.feed(decoder.decode(chunk, { stream: true }));
      if (fault) throw fault as WritingFailed;
      received(text.length, text.slice(-160));
    }
    if (!cost) throw new WritingFailed('It broke off in the middle.', true);
    return { text, cost };
  }
}

function parsed(data: string): Record<string, unknown> {
  try {
    const value: unknown = JSON.parse(data);
    return typeof value === 'object' && value !== null ? (value as Record<string, unknown>) : {};
  } catch {
    return {};
  }
}

const titleOf = (problem: string): string => {
  const title = parsed(problem)['title'];
  return typeof title === 'string' ? title.slice(0, 200) : '';
};

function costOf(done: Record<string, unknown>): WritingCost {
  const part = (key: string) => (done[key] ?? {}) as Record<string, unknown>;
  const number = (v: unknown) => (typeof v === 'number' && Number.isFinite(v) && v >= 0 ? v : 0);
  const currency = part('cost')['currency'];
  return {
    input: number(part('usage')['input']),
    output: number(part('usage')['output']),
    amount: number(part('cost')['amount']),
    currency: typeof currency === 'string' && /^[A-Z]{3}$/.test(currency) ? currency : '',
  };
}
