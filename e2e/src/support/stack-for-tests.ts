import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ApiClient } from '@tin-porch/server/demo';
import { FIRST_DESIGNER, startStack, type Stack, type StackOptions } from '@tin-porch/server/stack';

/** What the first account of stacks for tests is signed in with. */
export const PASSWORD = 'only-for-the-tests-here';
export const MAIL = FIRST_DESIGNER.mail;

/** A stack of its own for one suite: other addresses, other ports, its own data, gone afterwards. */
export async function stackForTests(
  options: Partial<StackOptions> = {},
): Promise<{ stack: Stack; api: ApiClient; data: string; quayDatabase(): string; end(): Promise<void> }> {
  const data = mkdtempSync(join(tmpdir(), 'tin-porch-test-'));
  const port = 21000 + (process.pid % 4000) * 2 + Math.floor(Math.random() * 2);
  const stack = await startStack({ data, port, password: PASSWORD, checkAnswers: true, unlooked: true, ...options });
  const api = new ApiClient(stack.url);
  await api.signIn(MAIL, PASSWORD);
  return {
    stack,
    api,
    data,
    /** The database of the hosting server quay, as the program there opens it. */
    quayDatabase: () =>
      (JSON.parse(readFileSync(join(data, 'quay.json'), 'utf8')) as { databaseUrl: string }).databaseUrl,
    async end() {
      await stack.stop();
      rmSync(data, { recursive: true, force: true });
    },
  };
}

export const until = async <T>(
  what: string,
  ask: () => Promise<T | undefined | false | null>,
  seconds = 120,
): Promise<T> => {
  const end = Date.now() + seconds * 1000;
  for (;;) {
    const got = await ask().catch(() => undefined);
    if (got) return got;
    if (Date.now() > end) throw new Error(`waited ${seconds} s in vain: ${what}`);
    await new Promise((done) => setTimeout(done, 100));
  }
};
