import { readFileSync } from 'node:fs';
import type { StandinsConfig } from './config.js';
import { startStandins } from './standins.js';

// usage: main.js CONFIG.json
await startStandins(JSON.parse(readFileSync(process.argv[2] ?? '', 'utf8')) as StandinsConfig);

console.log('ready');
process.on('SIGTERM', () => process.exit(0)).on('SIGINT', () => process.exit(0));
// Started by another program: its end of the pipe closes when it dies, however it dies.
if (process.env['STOP_WITH_PARENT']) process.stdin.resume().on('end', () => process.exit(0));
