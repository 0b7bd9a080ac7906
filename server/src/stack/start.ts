import { existsSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { fileURLToPath } from 'node:url';
import { loadDemo } from '../demo/load.js';
import { FIRST_DESIGNER, StackError, startStack } from './stack.js';

const USAGE = `usage: ./start [--port N] [--data DIR] [--empty] [--new-password]

  --port N    where the interface answers on 127.0.0.1 (default 8700)
  --data DIR  where everything is kept (default .data in this folder)
  --empty     without the demo clients
  --new-password
              makes up another password for the account that was made first, and says it`;

const fail = (message: string): never => {
  console.error(message);
  process.exit(1);
};

let values: { port: string; data?: string; empty?: boolean; 'new-password'?: boolean; help?: boolean };
try {
  ({ values } = parseArgs({
    options: {
      port: { type: 'string', default: '8700' },
      data: { type: 'string' },
      empty: { type: 'boolean' },
      'new-password': { type: 'boolean' },
      help: { type: 'boolean' },
    },
  }) as never);
} catch (error) {
  fail(`${(error as Error).message}\n\n${USAGE}`);
}
if (values!.help) {
  console.log(USAGE);
  process.exit(0);
}
const port = Number(values!.port);
if (!Number.isInteger(port) || port < 1 || port > 65535)
  fail(`--port takes a number from 1 to 65535, not “${values!.port}”.`);
const data = resolve(values!.data ?? join(fileURLToPath(new URL('../../..', import.meta.url)), '.data'));

let stopping = false;
try {
  const loaded = join(data, 'demo-loaded');
  const loading = !values!.empty && !existsSync(loaded);
  const stack = await startStack({
    data,
    port,
    say: (line) => console.log(line),
    // A start that was killed while it loaded the demo clients never said its password.
    newPassword: values!['new-password'] === true || loading,
  });
  const stop = () => {
    if (stopping) return;
    stopping = true;
    console.log('Stopping …');
    void stack.stop().finally(() => process.exit(0));
  };
  process.on('SIGINT', stop).on('SIGTERM', stop).on('SIGHUP', stop);
  if (loading) {
    console.log('Loading the demo clients, once …');
    try {
      await loadDemo(stack, stack.password!, (line) => console.log(`  ${line}`));
      writeFileSync(loaded, '');
    } catch (error) {
      if (!stopping) console.error(`The demo clients could not all be loaded: ${(error as Error).message}`);
    }
  }
  if (!stopping) {
    console.log(`Tin Porch is ready at ${stack.url}`);
    if (stack.password) {
      console.log(`Sign in as ${FIRST_DESIGNER.mail} with ${stack.password}`);
      console.log('This password was made up just now and is said only here. Change it under your initials.');
    } else console.log(`Sign in as ${FIRST_DESIGNER.mail}. Password forgotten? ./start --new-password`);
    console.log(`What each program says is kept in ${join(data, 'logs')}.`);
  }
} catch (error) {
  if (error instanceof StackError) fail(error.message);
  throw error;
}
