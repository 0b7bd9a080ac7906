import { pino } from 'pino';
import { readConfig } from './config.js';
import { startPorch } from './porch.js';

// usage: main.js CONFIG.json
const file = process.argv[2];
if (!file) {
  console.error('usage: main.js CONFIG.json');
  process.exit(2);
}
const log = pino(
  { name: 'porch', redact: ['err.config', 'req.headers.authorization', 'req.headers.cookie'] },
  pino.destination(2),
);
process.on('unhandledRejection', (err) => log.error({ err }, 'something was left unhandled'));
const porch = await startPorch(readConfig(file), log);
// The first account of a server that is not started by ./start; one that is there stays as it is.
const first = process.env['FIRST_DESIGNER'];
if (first) {
  const { mail, name, password } = JSON.parse(first) as Record<string, string>;
  await porch.accounts.put(mail!, name!, password!);
}
console.log('ready');
const stop = () => void porch.close().finally(() => process.exit(0));
process.on('SIGTERM', stop).on('SIGINT', stop);
// Started by another program: its end of the pipe closes when it dies, however it dies.
if (process.env['STOP_WITH_PARENT']) process.stdin.resume().on('end', stop);
