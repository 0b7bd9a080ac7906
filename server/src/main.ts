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
console.log('ready');
const stop = () => void porch.close().finally(() => process.exit(0));
process.on('SIGTERM', stop).on('SIGINT', stop);
// Started by another program: its end of the pipe closes when it dies, however it dies.
if (process.env['STOP_WITH_PARENT']) process.stdin.resume().on('end', stop);
