import { execFileSync, spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { createHash, randomBytes } from 'node:crypto';
import {
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  readlinkSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { demoFacts } from '@tin-porch/core/fixtures';
import { newDocument, writeVersion } from '@tin-porch/core/making';
import { apply } from '@tin-porch/core/operations';
import { makeManifest, render } from '@tin-porch/core/page';

type Keep = (name: string, unit: 'ms' | 'KB' | 'MB' | '%' | '', values: number[]) => void;

const PROGRAM = fileURLToPath(new URL('../../../host/dist/run/main.mjs', import.meta.url));
const [OURS, PLAIN] = ['127.11.9.1', '127.11.9.2'];
const SITES = 500;
const ROUNDS = 5;
const REQUESTS = 60_000;
const DOMAIN = 'site-0.example';
const sha256 = (bytes: Uint8Array | string) => createHash('sha256').update(bytes).digest('hex');
const pause = (ms: number) => new Promise((done) => setTimeout(done, ms));

/** Lays a server’s folder out with so many live sites, each with pages of its own and a photograph. */
function layOut(data: string, from: number, to: number): void {
  const origin = 'https://site.example';
  for (let n = from; n < to; n++) {
    const id = `site-${n}`;
    const facts = { ...demoFacts, name: `Mooring ${n}` };
    const document = apply(newDocument(id, facts), writeVersion(facts, n)).document;
    const files = render(document, { origin }).flatMap((f) =>
      'text' in f ? [{ path: f.path, type: f.type, bytes: Buffer.from(f.text) }] : [],
    );
    files.push({ path: '/pictures/quay-0a1b2c3d.jpg', type: 'image/jpeg', bytes: randomBytes(n ? 2000 : 90_000) });
    const json = JSON.stringify(document);
    const manifest = makeManifest(files, json, origin, sha256);
    for (const { bytes } of files) {
      const hash = sha256(bytes);
      const file = join(data, 'blobs', hash.slice(0, 2), hash);
      mkdirSync(dirname(file), { recursive: true });
      writeFileSync(file, bytes);
    }
    const folder = join(data, 'sites', id);
    mkdirSync(join(folder, 'releases'), { recursive: true });
    writeFileSync(join(folder, 'releases/r-1.json'), JSON.stringify({ id: 'r-1', manifest, document }));
    writeFileSync(
      join(folder, 'current.json'),
      JSON.stringify({ release: 'r-1', before: null, switchedAt: '2026-11-01T00:00:00Z' }),
    );
    writeFileSync(
      join(folder, 'site.json'),
      JSON.stringify({
        ...{ id, name: id, temporary: id, domain: `${id}.example`, open: true, previewKey: 'a'.repeat(64) },
      }),
    );
  }
}

/** Memory of the agent and of the nginx that works in its folder, MB: their own and their share of what they have in common. */
function memoryOf(folder: string, agent: number): { agent: number; front: number } {
  const pss = (pid: string | number) =>
    Number(/Pss:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/smaps_rollup`, 'utf8'))![1]) / 1024;
  const front = readdirSync('/proc').filter((pid) => {
    try {
      return /^\d+$/.test(pid) && readlinkSync(`/proc/${pid}/cwd`) === folder;
    } catch {
      return false;
    }
  });
  return { agent: pss(agent), front: front.reduce((sum, pid) => sum + pss(pid), 0) };
}

async function start(data: string): Promise<ChildProcess> {
  const file = join(data, 'host.json');
  writeFileSync(
    file,
    JSON.stringify({
      ...{ name: 'bench', address: OURS, httpPort: 8180, httpsPort: 8543, data, reserveBytes: 0 },
      temporary: { base: 'bench.localhost', address: OURS, port: 8190 },
      control: { address: OURS, port: 9100, code: randomBytes(24).toString('base64url') },
      databaseUrl: 'postgres://nobody@127.11.9.99:1/none',
    }),
  );
  const child = spawn(process.execPath, [PROGRAM, file], {
    stdio: ['pipe', 'pipe', 'inherit'],
    env: { ...process.env, STOP_WITH_PARENT: '1', NODE_ENV: 'production' },
  });
  await new Promise<void>((done, fail) => {
    child.stdout!.on('data', (part: Buffer) => part.toString().includes('ready') && done());
    child.once('exit', (code) => fail(new Error(`the agent ended with ${code}`)));
  });
  return child;
}
async function end(child: ChildProcess): Promise<void> {
  const ended = new Promise((done) => child.once('exit', done));
  child.kill('SIGTERM');
  await ended;
}

/** Requests a second that a server answers over HTTP/2 and TLS, with what they were sent. @throws where one was refused */
function load(address: string, port: number, path: string, more: string[] = [], requests = REQUESTS): number {
  const { stdout } = spawnSync(
    'h2load',
    [
      ...['-n', String(requests), '-c', '40', '-m', '4', '-H', 'accept-encoding: br', ...more],
      ...['--connect-to', `${address}:${port}`, `https://${DOMAIN}:${port}${path}`],
    ],
    { encoding: 'utf8' },
  );
  if (!stdout.includes(`${requests} succeeded, 0 failed, 0 errored`)) throw new Error(stdout);
  return Number(/([\d.]+) req\/s/.exec(stdout)![1]);
}

/** The front of a hosting server beside a plain nginx with the same files and headers, in the same run; and what sites cost. */
export async function measureHosting(keep: Keep): Promise<void> {
  if (!existsSync('/usr/bin/h2load')) {
    console.log('The bench of hosting needs h2load: apt-get install nghttp2-client');
    return;
  }
  const folder = mkdtempSync(join(tmpdir(), 'tin-porch-bench-'));
  const data = join(folder, 'host');
  layOut(data, 0, 10);
  mkdirSync(join(data, 'certificates'), { recursive: true });
  const [key, chain] = [join(folder, 'key.pem'), join(folder, 'chain.pem')];
  execFileSync(
    'openssl',
    [
      ...['req', '-x509', '-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:prime256v1', '-nodes', '-days', '2'],
      ...['-keyout', key, '-out', chain, '-subj', '/CN=bench', '-addext', `subjectAltName=DNS:${DOMAIN}`],
    ],
    { stdio: 'ignore' },
  );
  writeFileSync(
    join(data, `certificates/${DOMAIN}.json`),
    JSON.stringify({ key: readFileSync(key, 'utf8'), chain: readFileSync(chain, 'utf8') }),
  );
  let agent = await start(data);
  const plain = join(folder, 'plain');
  try {
    await pause(8000);
    const release = join(data, 'front/releases/site-0/r-1');
    cpSync(release, join(plain, 'html'), { recursive: true, dereference: true });
    mkdirSync(join(plain, 'tmp'));
    writeFileSync(join(plain, 'nginx.conf'), plainConf(join(data, 'front/nginx.conf'), key, chain));
    execFileSync('/usr/sbin/nginx', ['-p', plain, '-c', 'nginx.conf', '-e', 'error.log']);
    for (const [what, path] of [
      ['a page', '/'],
      ['a photograph of 90 KB', '/pictures/quay-0a1b2c3d.jpg'],
    ] as const) {
      const requests = path === '/' ? REQUESTS : REQUESTS / 4;
      const shares: number[] = [];
      const rates: number[] = [];
      for (let n = 0; n < ROUNDS; n++) {
        const [ours, theirs] = [load(OURS, 8543, path, [], requests), load(PLAIN, 8544, path, [], requests)];
        shares.push((100 * ours) / theirs);
        rates.push(ours);
      }
      keep(`${what}: requests a second`, '', rates);
      keep(`${what}: of what a plain nginx answers`, '%', shares);
    }
    const full = load(OURS, 8543, '/');
    const log = join(folder, 'times.tsv');
    const each = Math.max(1, Math.floor(full / 2 / 40));
    load(OURS, 8543, '/', ['--rps', String(each), '--log-file', log], each * 40 * 8);
    const times = readFileSync(log, 'utf8').trim().split('\n');
    const ms = times.map((line) => Number(line.split('\t')[2]) / 1000).sort((a, b) => a - b);
    keep('a page at half load, 99th percentile', 'ms', [ms[Math.floor(ms.length * 0.99)]!]);

    const few = memoryOf(join(data, 'front'), agent.pid!);
    await end(agent);
    layOut(data, 10, SITES);
    const began = performance.now();
    agent = await start(data);
    keep(`${SITES} sites: start where nothing is laid out yet`, 'ms', [performance.now() - began]);
    await end(agent);
    const again = performance.now();
    agent = await start(data);
    keep(`${SITES} sites: start`, 'ms', [performance.now() - again]);
    await pause(20_000);
    const many = memoryOf(join(data, 'front'), agent.pid!);
    keep(`${SITES} sites: memory of the agent`, 'MB', [many.agent]);
    keep(`${SITES} sites: memory of the front`, 'MB', [many.front]);
    const grown = many.agent + many.front - few.agent - few.front;
    keep('an idle site: memory', 'KB', [(1024 * grown) / (SITES - 10)]);
  } finally {
    await end(agent);
    const pid = Number(existsSync(join(plain, 'nginx.pid')) && readFileSync(join(plain, 'nginx.pid'), 'utf8'));
    if (pid) process.kill(pid, 'SIGTERM');
    rmSync(folder, { recursive: true, force: true });
  }
}

/** A plain nginx as anybody sets it up, with one site whose files lie in a folder, and the headers the front sends. */
function plainConf(ours: string, key: string, chain: string): string {
  const text = readFileSync(ours, 'utf8');
  const secure = text.slice(text.indexOf(' ssl http2'));
  const headers = [...new Set(secure.match(/add_header (?:x-c|ref|content-s|strict)\S* "[^"]*" always;/g))];
  const brotli = /^load_module .*$/m.exec(text)?.[0] ?? '';
  return `${brotli}
${process.getuid?.() === 0 ? 'user root;' : ''} worker_processes auto; pid nginx.pid; error_log error.log;
events { worker_connections 4096; }
http {
  include /etc/nginx/mime.types; access_log access.log; server_tokens off; sendfile on; tcp_nopush on;
  keepalive_requests 10000; gzip_static on; ${brotli && 'brotli_static on;'}
  client_body_temp_path tmp/a; proxy_temp_path tmp/b; fastcgi_temp_path tmp/c; uwsgi_temp_path tmp/d; scgi_temp_path tmp/e;
  ssl_protocols TLSv1.2 TLSv1.3; ssl_session_cache shared:s:8m;
  server {
    listen ${PLAIN}:8544 ssl http2; ssl_certificate ${chain}; ssl_certificate_key ${key}; root html;
    ${headers.join('\n    ')}
    add_header cache-control no-cache;
  }
}
`;
}
