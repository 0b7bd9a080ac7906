import { spawn } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const USAGE = `usage: ./test [PART …]

  lint    style, import directions, formatting
  unit    core, contract, press, cms, host, standins and server, in Node
  web     the tests of the interface and of the desk, in Chromium
  e2e     the whole of it: PostgreSQL, sockets, TLS, a browser
  NAME    one end-to-end suite, such as faults or path

Without a part, all of them. VERBOSE=1 names every test.`;

const root = fileURLToPath(new URL('../../..', import.meta.url));
/** What is tested without a browser; each line is a process of its own. */
const UNITS: readonly (readonly string[])[] = [['server'], ['core'], ['contract', 'press', 'cms', 'host', 'standins']];
/** What of the server waits for other programs more than it works: in a process beside the rest of it. */
const BACKUPS = join('server', 'dist', 'backups');
/** Compiled test files, by the sources that are there now: what a removed source left behind does not count. */
const compiled = (room: string, ending: string) =>
  readdirSync(join(root, room, 'src'), { recursive: true })
    .map(String)
    .filter((f) => f.endsWith(ending))
    .sort()
    .map((f) => join(root, room, 'dist', f.replace(/\.tsx?$/, '.js')));

interface Part {
  name: string;
  kind: 'lint' | 'unit' | 'web' | 'e2e';
  command: string[];
  cwd?: string;
}
const jasmine = (files: string[]) => ['node', '--enable-source-maps', join(root, 'e2e/dist/run/jasmine.js'), ...files];
const bin = (name: string) => join(root, 'node_modules/.bin', name);
const suites = compiled('e2e', '.e2e.ts');
const all: Part[] = [
  // The longest first.
  ...UNITS.map((rooms) => ({
    name: rooms.join('-'),
    kind: 'unit' as const,
    command: jasmine(rooms.flatMap((room) => compiled(room, '.spec.ts')).filter((f) => !f.includes(BACKUPS))),
  })),
  {
    name: 'backups',
    kind: 'unit',
    command: jasmine(compiled('server', '.spec.ts').filter((f) => f.includes(BACKUPS))),
  },
  { name: 'lint', kind: 'lint', command: [bin('eslint'), '.'] },
  { name: 'formatting', kind: 'lint', command: [bin('prettier'), '--check', '--log-level', 'warn', '.'] },
  { name: 'web', kind: 'web', command: [bin('ng'), 'test', '--watch=false'], cwd: join(root, 'web') },
  { name: 'desk', kind: 'web', command: [bin('ng'), 'test', '--watch=false'], cwd: join(root, 'desk') },
  ...suites.map((file) => ({
    name: /([\w-]+)\.e2e\.js$/.exec(file)![1]!,
    kind: 'e2e' as const,
    command: jasmine([file]),
  })),
];
/** Suites that only draw pages and look at them: at whatever speed. */
const DRAWN = new Set(['shapes', 'layouts', 'golden']);
/** Suites in which somebody works in a browser at people’s speed, or time is of the essence; the longest first. */
const AT_SPEED = ['hand', 'walker', 'path', 'attacks', 'client', 'away', 'together'];
/** Suites that wait for the clock more than they work: beside whatever else there is. */
const WAITING = new Set(['backups', 'grown']);
/** What asks for a processor and nothing else: it has what is left of one, beside what goes at people’s speed. */
const PATIENT = new Set(['core', 'lint', 'formatting']);

const asked = process.argv.slice(2);
if (asked.includes('--help')) {
  console.log(USAGE);
  process.exit(0);
}
const unknown = asked.find((a) => !all.some((p) => p.name === a || p.kind === a));
if (unknown) {
  console.error(`There is no part “${unknown}”.\n\n${USAGE}`);
  process.exit(2);
}

/** Of each part that failed so many letters are shown, at the end: where a long log is cut, that is what is left. */
const MOST_SAID = 20_000;
const failures: string[] = [];

/** Runs one part; gives what held and what did not. A part that ends without counting is one failure, or one pass. */
function run({ name, command, cwd }: Part): Promise<{ passed: number; failed: number }> {
  const started = performance.now();
  const [program, ...args] = command;
  return new Promise((done) => {
    const child = spawn(program!, args, {
      cwd: cwd ?? root,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, NG_CLI_ANALYTICS: 'false' },
    });
    let said = '';
    const take = (part: Buffer) => void (said += part.toString());
    child.stdout.on('data', take);
    child.stderr.on('data', take);
    child.on('error', (error) => void (said += error.message));
    child.on('close', (code) => {
      const counts = /^##counts (\d+) (\d+)$/m.exec(said);
      const result = { passed: Number(counts?.[1] ?? (code === 0 ? 1 : 0)), failed: Number(counts?.[2] ?? 0) };
      if (code !== 0 && result.failed === 0) result.failed = 1;
      const words = said.replace(/^##counts.*\n?/m, '').trim();
      if (words && process.env['VERBOSE']) console.log(words);
      if (result.failed) failures.push(`--- ${name}\n${words.slice(-MOST_SAID)}`);
      console.log(
        `${name}: ${result.passed} passed, ${result.failed} failed, ${((performance.now() - started) / 1000).toFixed(0)} s\n`,
      );
      done(result);
    });
  });
}

const missing = suites.filter((s) => !existsSync(s));
if (missing.length) throw new Error(`not built: ${missing.join(', ')}`);
const total = { passed: 0, failed: 0 };
const wanted = all.filter((p) => !asked.length || asked.includes(p.name) || asked.includes(p.kind));
/** Runs parts one after the other; `nice` is how much they give way to others (nice(1)). */
async function runAll(parts: Part[], nice = 0): Promise<void> {
  for (let part = parts.shift(); part; part = parts.shift()) {
    const command = nice ? ['nice', '-n', String(nice), ...part.command] : part.command;
    const { passed, failed } = await run({ ...part, command });
    total.passed += passed;
    total.failed += failed;
  }
}
// What needs no browser of people’s speed goes two at a time, the longest first; the lane that finds none left goes on with
// what gives way to whatever else wants the processor. What needs people’s speed goes one after the other beside that;
// whichever of the two lanes has come to its end helps the other out.
const alone = (p: Part) => p.kind === 'e2e' && !DRAWN.has(p.name);
const atSpeed = AT_SPEED.flatMap((name) => wanted.filter((p) => p.name === name));
const waiting = wanted.filter((p) => WAITING.has(p.name));
const rest = wanted.filter((p) => alone(p) && !AT_SPEED.includes(p.name) && !waiting.includes(p));
const patient = wanted.filter((p) => PATIENT.has(p.name) && atSpeed.length > 0);
const LONGEST = ['server', 'shapes', 'layouts'];
const place = (p: Part) => LONGEST.indexOf(p.name) + 1 || LONGEST.length + 1;
const quick = wanted
  .filter((p) => !alone(p) && !patient.includes(p) && !waiting.includes(p))
  .sort((a, b) => place(a) - place(b));
let giving: Promise<void> | undefined;
const lane = () => runAll(quick).then(() => void (giving ??= runAll(patient, 19)));
// What mostly waits goes beside all of it.
const besides = runAll(waiting, 5);
await Promise.all([lane(), lane()]);
await Promise.all([
  runAll(atSpeed).then(() => runAll(rest)),
  giving!.then(() => runAll(rest, 5)).then(() => runAll(atSpeed)),
  besides,
]);
if (failures.length) console.log(`${failures.join('\n\n')}\n`);
console.log(`${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed ? 1 : 0);
