import { seeded } from '@tin-porch/core/ground';
import { instantOf } from '@tin-porch/core/collections';
import type { CollectionItem, Facts, SiteDocument, Text } from '@tin-porch/core/model';
import { newCollection, slugOf, writeVersion } from '@tin-porch/core/making';
import { writeLogLine } from '@tin-porch/core/care';
import { withServer } from '../servers/reach.js';
import type { Stack } from '../stack/stack.js';
import { FIRST_DESIGNER } from '../stack/stack.js';
import { ApiClient } from './api-client.js';
import { DeskClient } from './desk-client.js';
import { agreeOnCare, chargeOnce } from './books.js';
import { demoClients, type DemoClient } from './clients.js';

const AGENTS = [
  'Mozilla/5.0 (X11; Linux x86_64) Gecko/20100101 Reader/128.0',
  'Mozilla/5.0 (Macintosh) Desk/17.4',
  'Mozilla/5.0 (Linux; Android 14) Pocket/126.0 Mobile',
  'Mozilla/5.0 (Phone; 17_5) Pocket/17.5 Mobile',
  'Mozilla/5.0 (compatible; TideCrawl/2.1 bot)',
];
/** Where readers of the demo sites come from; most come straight there. */
const LED_BY = [
  '',
  '',
  '',
  'https://search.example/',
  'https://search.example/',
  'https://saltmarrow.example/traders/',
];
const WEEKS = 12;

/** A past day’s access log of a made-up site: readers, crawlers and a few mistyped addresses, the same every time. */
function dayLog(day: Date, visits: number, seed: number): string {
  const random = seeded(seed);
  const weekend = [0, 6].includes(day.getUTCDay()) ? 1.35 : 1;
  const count = Math.max(1, Math.round(visits * weekend * (0.65 + random.next() * 0.7)));
  const lines: { at: number; line: string }[] = [];
  for (let n = 0; n < count; n++) {
    const address = `198.51.100.${1 + Math.floor(random.next() * 250)}`;
    const agent = random.pick(AGENTS);
    let referrer = random.pick(LED_BY);
    let at = day.getTime() + Math.floor(random.next() * 86_000_000);
    for (const path of [
      '/',
      ...['/services/', '/about/', '/contact/', '/old-page'].filter(() => random.next() < 0.38),
    ]) {
      lines.push({
        at,
        line: writeLogLine({
          address,
          time: new Date(at),
          method: 'GET',
          path,
          status: path === '/old-page' ? 404 : 200,
          bytes: 4000 + Math.floor(random.next() * 5000),
          referrer,
          agent,
        }),
      });
      // From the first page on they are there already.
      referrer = '';
      at = Math.min(at + 8000 + Math.floor(random.next() * 60_000), day.getTime() + 86_399_000);
    }
  }
  return (
    lines
      .sort((a, b) => a.at - b.at)
      .map((l) => l.line)
      .join('\n') + '\n'
  );
}

async function customerSets(registrar: string, domain: string, address: string): Promise<void> {
  const post = async (path: string, fields: [string, string][]) => {
    const response = await fetch(registrar + path, {
      method: 'POST',
      body: new URLSearchParams(fields),
      redirect: 'manual',
    });
    if (response.status !== 303) throw new Error(`${path} at the registrar answered ${response.status}`);
  };
  if (!(await fetch(`${registrar}/records/${domain}`)).ok) await post('/records', [['domain', domain]]);
  const records = [
    ['@', 'A', '120', address],
    ['www', 'CNAME', '120', `${domain}.`],
    ['@', 'MX', '3600', '10 mail.brinegate.example.'],
  ];
  await post(
    `/records/${domain}`,
    records.flatMap(
      ([name, type, ttl, data]) =>
        [
          ['name', name!],
          ['type', type!],
          ['ttl', ttl!],
          ['data', data!],
        ] as [string, string][],
    ),
  );
}

/** Loads the demo clients as a designer would: through the API, the registrar’s pages and the sites’ own forms. Running it again adds only what is missing. */
export async function loadDemo(
  stack: Pick<Stack, 'url' | 'config'>,
  password: string,
  say: (line: string) => void,
): Promise<void> {
  const api = new ApiClient(stack.url);
  await api.signIn(FIRST_DESIGNER.mail, password);
  const { sites } = await api.call<{ sites: { id: string; name: string }[] }>('GET', '/sites');
  for (const [n, client] of [...demoClients].reverse().entries()) {
    if (sites.some((s) => s.name === client.facts.name)) continue;
    await loadClient(api, stack.config, client, n);
    say(
      `${client.facts.name}: ${{ brief: 'a brief', making: 'being made', live: `live at ${client.domain ?? ''}` }[client.stage]}`,
    );
  }
}

async function loadClient(api: ApiClient, config: Stack['config'], client: DemoClient, n: number): Promise<void> {
  const change = (operation: unknown) => api.call('POST', `/sites/${id}/operations`, { operation });
  const { id } = await api.call<{ id: string }>('POST', '/sites', client.facts);
  if (client.stage === 'brief') return;
  const read = () =>
    api.call<{ document: { facts: Facts; pages: { sections: { id: string; content: Record<string, unknown> }[] }[] } }>(
      'GET',
      `/sites/${id}`,
    );
  await change(writeVersion((await read()).document.facts, client.seed));
  if (!client.server) return;
  await api.call('PUT', `/sites/${id}/server`, { server: client.server });
  const server = config.servers.find((s) => s.name === client.server)!;
  if (client.stage === 'making') return void (await api.job(id, 'deploy'));

  // The designer has gone through the claims with the client: what stays is vouched for.
  const operations: unknown[] = [];
  for (const page of (await read()).document.pages)
    for (const section of page.sections) {
      const walk = (value: unknown, path: string): void => {
        if (Array.isArray(value)) value.forEach((v, i) => walk(v, `${path}.${i}`));
        else if (typeof value === 'object' && value !== null) {
          const text = value as { value?: string; from?: { kind: string; claim?: boolean } };
          if (text.from?.kind === 'pack' && text.from.claim)
            operations.push({
              op: 'setText',
              at: { section: section.id, path },
              text: { value: text.value, from: { kind: 'client' } },
            });
          else if (!text.from) for (const [k, v] of Object.entries(value)) walk(v, path ? `${path}.${k}` : k);
        }
      };
      walk(section.content, '');
    }
  if (operations.length) await change({ op: 'batch', operations });
  if (client.grows)
    await change(growing(await api.call<{ document: SiteDocument }>('GET', `/sites/${id}`), client.grows));
  await api.call('PUT', `/sites/${id}/domain`, { domain: client.domain });
  if (client.holder === 'account') {
    await api.call('POST', `/sites/${id}/domain/register`, {}).catch((error: Error) => {
      if (!/taken/.test(error.message)) throw error;
    });
    await api.call('POST', `/sites/${id}/domain/records`, {});
  } else await customerSets(new URL(config.rdap).origin, client.domain!, server.address);
  await api.job(id, 'publish');

  const logs: { day: string; text: string }[] = [];
  const today = Date.parse(new Date().toISOString().slice(0, 10));
  for (let back = WEEKS * 7; back > 0; back--) {
    const day = new Date(today - back * 86_400_000);
    const trend = 0.75 + 0.5 * (1 - back / (WEEKS * 7));
    logs.push({
      day: day.toISOString().slice(0, 10),
      text: dayLog(day, (client.visits ?? 10) * trend, n * 1000 + back),
    });
  }
  await withServer(config, server.name, async (host) => {
    for (const { day, text } of logs) await host.putLog(id, day, text);
  });
  if (client.care) {
    await agreeOnCare(api, id, client.facts.name, client.care);
    if (client.care.plan.every === 'month') await chargeOnce(api, id);
  }
  if (client.message) await sendForm(server, client.domain!, config, client.message);
  if (client.trouble === 'record-changed')
    await customerSets(new URL(config.rdap).origin, client.domain!, '203.0.113.77');
  await api.job(id, 'round');
  if (client.desk) await atTheDesk(api, id, server, client.desk);
  if (client.trouble === 'release-ahead')
    await change({ op: 'setFact', field: 'hours', value: 'Monday to Friday 7.30–16.30\nSaturday by arrangement' });
  // It is made while somebody looks round; the next is made at night.
  await api.call('POST', `/sites/${id}/backup`, {});
}

const DAY_MS = 86_400_000;
/** The operation that begins a collection of a client, with what is in it: up, planned, and over. */
function growing({ document }: { document: SiteDocument }, { kind, name, items }: NonNullable<DemoClient['grows']>) {
  const midnight = Date.parse(new Date().toISOString().slice(0, 10));
  const at = (days: number, hour = 8) => instantOf(midnight + days * DAY_MS + hour * 3_600_000);
  const text = (value: string): Text => ({ value, from: { kind: 'client' } });
  const begun = newCollection({ ...document, facts: { ...document.facts, events: [] } }, kind, name, at(-150));
  const operations = begun.op === 'batch' ? begun.operations : [begun];
  const pictures = document.media.slice(0, items.length);
  const made = items.map(({ title, text: short, body, days, on, by, tags }, n): CollectionItem => {
    const day = on && at(on.days).slice(0, 10);
    const picture = pictures[n];
    return {
      id: `demo${n + 1}`,
      slug: slugOf(title),
      title: text(title),
      made: at(Math.min(days, 0)),
      state: 'up',
      ...(days > 0 && { from: at(days) }),
      ...(by && { by }),
      ...(tags && { tags }),
      values: {
        text: text(short),
        ...(body && { body: text(body) }),
        ...(on && { starts: `${day}T${on.from}`, ends: `${day}T${on.to}`, place: text(on.place) }),
        ...(picture && { picture: { media: picture.id, alt: text('') } }),
      },
    };
  });
  return {
    op: 'batch',
    operations: operations.map((o) =>
      o.op === 'insertCollection' ? { ...o, collection: { ...o.collection, items: made } } : o,
    ),
  };
}

/** Somebody of the client’s at work on the site itself, while the designer has a draft of the same open. */
async function atTheDesk(
  api: ApiClient,
  id: string,
  server: Stack['config']['servers'][number],
  { name, mail, otherDays, proposes, drafted }: NonNullable<DemoClient['desk']>,
): Promise<void> {
  const { link } = await api.call<{ link: string }>('POST', `/sites/${id}/people`, { name, mail, role: 'publish' });
  const loopback = /(^|\.)localhost$/.test(server.temporaryBase);
  const { document } = await api.call<{ document: { facts: Facts } }>('GET', `/sites/${id}`);
  const desk = new DeskClient({
    address: loopback ? '127.0.0.1' : server.address,
    port: server.temporaryPort,
    host: `${id}.${server.temporaryBase}`,
  });
  await desk.follow(link.split('#link=')[1]!);
  // Drafted before, so that it is to be decided.
  await api.call('POST', `/sites/${id}/operations`, { operation: { op: 'setFact', field: 'hours', value: drafted } });
  const { hours } = await desk.read<{ hours: { text: string; week: { days: unknown; others: string[] } } }>('/facts');
  const week = { ...hours.week, others: [...hours.week.others, otherDays] };
  const up = await desk.change([{ kind: 'hours', was: hours.text, value: week }]);
  if (up.status !== 200) throw new Error(`the desk answered ${up.status} ${up.body}`);
  const { pages } = await desk.read<{
    pages: { sections: { texts: { at: { path: string }; value: string }[] }[] }[];
  }>('/pages');
  const heading = pages[0]?.sections[0]?.texts.find((t) => t.at.path === 'heading');
  if (heading && document.facts.strapline)
    await desk.change(
      [{ kind: 'text', at: heading.at, was: heading.value, value: proposes }],
      'Shall we say since when?',
    );
}

async function sendForm(
  server: Stack['config']['servers'][number],
  domain: string,
  config: Stack['config'],
  fields: Record<string, string>,
): Promise<void> {
  const { request } = await import('node:https');
  const { readFile } = await import('node:fs/promises');
  const ca = await Promise.all(config.trust.map((f) => readFile(f, 'utf8')));
  const body = new URLSearchParams(fields).toString();
  const status = await new Promise<number>((done, fail) => {
    const req = request(
      {
        host: server.address,
        port: server.httpsPort,
        servername: domain,
        ca,
        method: 'POST',
        path: '/-/forms/contact',
        headers: {
          host: domain,
          'content-type': 'application/x-www-form-urlencoded',
          'content-length': Buffer.byteLength(body),
        },
      },
      (res) => {
        res.resume();
        done(res.statusCode ?? 0);
      },
    );
    req.on('error', fail);
    req.end(body);
  });
  if (status !== 303) throw new Error(`the contact form answered ${status}`);
}
