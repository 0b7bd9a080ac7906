import { text } from 'node:stream/consumers';
import { pino } from 'pino';
import { readConfig } from './config.js';
import { startHost } from './host.js';
import { Programs } from './programs/programs.js';
import { tryBackups, type AskedTry } from './program-trial.js';

// usage: main.js CONFIG.json
//        main.js CONFIG.json try: proves the backups that are named to it as JSON, beside the agent that serves
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
if (process.argv[3] === 'try') {
  const asked = JSON.parse(await text(process.stdin)) as AskedTry;
  await tryBackups(config, asked, (tried) => console.log(JSON.stringify(tried)), log);
  process.exit(0);
}
// Whoever started it starts it again: it ends, and what is under way is answered first.
const again = () => void starting.then((host) => host.handOver()).finally(() => process.exit(0));
const starting = Programs.open(file, config.reserveBytes).then((programs) =>
  startHost(config, log, { again, programs }),
);
// Also while it starts: what it started by then would run on alone.
const stop = () =>
  void starting
    .then((host) => host.close())
    .catch(() => undefined)
    .finally(() => process.exit(0));
process.on('SIGTERM', stop).on('SIGINT', stop);
// Started by another program: its end of the pipe closes when it dies, however it dies.
if (process.env['STOP_WITH_PARENT']) process.stdin.resume().on('end', stop);
await starting;
console.log('ready');
