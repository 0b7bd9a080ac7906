import { pino } from 'pino';
import { readConfig } from './config.js';
import { startHost } from './host.js';

// usage: main.js CONFIG.json
const file = process.argv[2];
if (!file) {
  console.error('usage: main.js CONFIG.json');
  process.exit(2);
}
const config = readConfig(file);
const log = pino(
  { name: `host ${config.name}`, redact: ['req.headers.authorization', 'req.headers.cookie'] },
  pino.destination(2),
);
// Whoever started it starts it again: it ends, and what is under way is answered first.
const again = () => void host.handOver().finally(() => process.exit(0));
const host = await startHost(config, log, again);
console.log('ready');
const stop = () => void host.close().finally(() => process.exit(0));
process.on('SIGTERM', stop).on('SIGINT', stop);
// Started by another program: its end of the pipe closes when it dies, however it dies.
if (process.env['STOP_WITH_PARENT']) process.stdin.resume().on('end', stop);
