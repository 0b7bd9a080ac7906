import { createSocket, type Socket } from 'node:dgram';
import { once } from 'node:events';
import { createServer, type Server } from 'node:net';
import { setTimeout as rest } from 'node:timers/promises';
import { Worker } from 'node:worker_threads';
import dnsPacket, { type Answer, type Packet } from 'dns-packet';
import { serveDns, type Reply } from '@tin-porch/standins';
import { askDns } from './dns-client.js';
import { lookRound } from './look-round.js';
import type { Registrar } from './registrar.js';

const net = `127.5.${process.pid % 250}`;
const A = (name: string, data: string): Answer => ({ type: 'A', name, ttl: 60, data });

describe('asking a name server', () => {
  const at = { address: `${net}.1`, port: 5391 };
  let udp: Socket;
  let tcp: Server;
  let asked: number;
  /** What comes back over UDP: some packets, the question's own id filled in unless they bring one. */
  let replies: (query: Packet, nth: number) => (Packet | Buffer)[];
  let overTcp: (query: Packet) => Buffer;
  const reply = (query: Packet, more: Partial<Packet> = {}): Packet => ({
    type: 'response',
    id: query.id!,
    questions: query.questions!,
    answers: [A('knot.example', '203.0.113.1')],
    ...more,
  });

  beforeAll(async () => {
    udp = createSocket('udp4');
    udp.on('message', (message, peer) => {
      for (const packet of replies(dnsPacket.decode(message), ++asked))
        udp.send(Buffer.isBuffer(packet) ? packet : dnsPacket.encode(packet), peer.port, peer.address);
    });
    tcp = createServer((socket) => {
      socket.on('error', () => undefined);
      socket.on('data', (part) => {
        const bytes = overTcp(dnsPacket.streamDecode(part));
        // In two parts, as a network may bring it.
        socket.write(bytes.subarray(0, 3));
        setImmediate(() => socket.write(bytes.subarray(3)));
      });
    });
    await new Promise<void>((done) => udp.bind(at.port, at.address, done));
    await new Promise<void>((done) => tcp.listen(at.port, at.address, done));
  });
  afterAll(() => {
    udp.close();
    tcp.close();
  });
  beforeEach(() => (asked = 0));

  it('takes the answer to its own question alone, whatever else comes first', async () => {
    replies = (q) => [
      Buffer.from('no packet at all'),
      reply(q, { id: (q.id! + 1) % 65536, answers: [A('knot.example', '203.0.113.66')] }),
      reply(q, { questions: [{ type: 'A', name: 'other.example' }], answers: [A('knot.example', '203.0.113.67')] }),
      { ...reply(q), type: 'query' },
      reply(q),
    ];
    const { rcode, records } = await askDns(at, 'KNOT.example', 'A');
    expect(rcode).toBe('NOERROR');
    expect(records).toEqual([{ name: 'knot.example', type: 'A', ttl: 60, data: '203.0.113.1' }]);
  });

  it('asks once more where nothing comes, and then gives up', async () => {
    replies = (q, nth) => (nth === 1 ? [] : [reply(q)]);
    expect((await askDns(at, 'knot.example', 'A', 80)).records.length).toBe(1);
    expect(asked).toBe(2);
    replies = () => [];
    await expectAsync(askDns(at, 'knot.example', 'A', 80)).toBeRejectedWithError(/does not answer/);
    expect(asked).toBe(4);
  });

  it('asks over TCP for what was cut, and says so where that makes no sense', async () => {
    replies = (q) => [reply(q, { flags: dnsPacket.TRUNCATED_RESPONSE, answers: [] })];
    overTcp = (q) => dnsPacket.streamEncode(reply(q));
    expect((await askDns(at, 'knot.example', 'A')).records[0]!.data).toBe('203.0.113.1');
    overTcp = (q) => dnsPacket.streamEncode(reply(q, { id: (q.id! + 1) % 65536 }));
    await expectAsync(askDns(at, 'knot.example', 'A')).toBeRejectedWithError(/no answer/);
  });

  it('reads records as people write them', async () => {
    const answers: Answer[] = [
      { type: 'MX', name: 'knot.example', ttl: 60, data: { preference: 10, exchange: 'mail.knot.example' } },
      { type: 'CAA', name: 'knot.example', ttl: 60, data: { flags: 0, tag: 'issue', value: 'authority.example' } },
      { type: 'TXT', name: 'knot.example', ttl: 60, data: ['two ', 'parts'] },
      { type: 'NS', name: 'knot.example', ttl: 60, data: 'ns1.knot.example' },
    ];
    replies = (q) => [reply(q, { answers })];
    expect((await askDns(at, 'knot.example', 'MX')).records.map((r) => r.data)).toEqual([
      '10 mail.knot.example.',
      '0 issue "authority.example"',
      '"two parts"',
      'ns1.knot.example.',
    ]);
  });

  it('reads an answer that came while it was busy itself, past its time', async () => {
    const elsewhere = new Worker(
      `const socket = require('node:dgram').createSocket('udp4');
       let asked = 0;
       socket.on('message', (query, peer) => {
         if (++asked > 1) return;
         query[2] |= 0x80;
         setTimeout(() => socket.send(query, peer.port, peer.address), 60);
       });
       socket.bind(5392, '${net}.1', () => require('node:worker_threads').parentPort.postMessage('ready'));`,
      { eval: true },
    );
    await once(elsewhere, 'message');
    const answer = askDns({ ...at, port: 5392 }, 'knot.example', 'A', 150);
    await rest(20);
    Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, 300);
    expect((await answer).rcode).toBe('NOERROR');
    await elsewhere.terminate();
  });
});

describe('looking round for a domain', () => {
  const domain = 'knot.example';
  const home = '203.0.113.1';
  const authority = { name: 'ns1.brinegate.example', address: `${net}.2`, port: 5391 };
  const resolver = { name: 'Resolver, north', address: `${net}.3`, port: 5391 };
  const mute = { name: 'Resolver, mute', address: `${net}.4`, port: 5391 };
  let zone: Record<string, string>;
  let cached: string[];
  let refuses: boolean;
  let closing: { close(): Promise<void> }[];
  const registrar = {
    lookUp: () => Promise.resolve({ state: 'ours', expires: null, registrar: null, page: null }),
  } as unknown as Registrar;
  const answering = (answers: Answer[], rcode: Reply['rcode'] = 'NOERROR'): Reply => ({
    ...{ rcode, authoritative: true, answers, authorities: [] },
  });
  const look = (dns: Partial<Parameters<typeof lookRound>[2]['dns']> = {}) =>
    lookRound(domain, home, { dns: { authority, resolvers: [resolver], port: 5391, ...dns } } as never, registrar);

  beforeAll(async () => {
    closing = [
      await serveDns(authority, false, (name, type) => {
        const data = zone[`${name} ${type}`];
        if (refuses) return answering([], 'REFUSED');
        return answering(data ? [{ type, name, ttl: 60, data } as Answer] : []);
      }),
      await serveDns(resolver, true, (name, type) => {
        if (type === 'NS') return answering([{ type, name, ttl: 60, data: authority.name }]);
        if (name === authority.name) return answering([A(name, authority.address)]);
        return answering(cached.map((data) => A(name, data)));
      }),
    ];
  });
  afterAll(() => Promise.all(closing.map((c) => c.close())));
  beforeEach(() => {
    zone = { [`${domain} A`]: home, [`www.${domain} CNAME`]: domain };
    cached = [home];
    refuses = false;
  });

  it('says that it leads here, and what each resolver would tell a visitor', async () => {
    const seen = await look({ resolvers: [resolver, mute] });
    expect([seen.leadsHere, seen.error]).toEqual([true, null]);
    expect(seen.records.map((r) => `${r.name} ${r.type} ${r.data}`)).toEqual([
      `${domain} A ${home}`,
      `www.${domain} CNAME ${domain}.`,
    ]);
    expect(seen.resolvers.map((r) => r.state)).toEqual(['new', 'silent']);
    cached = ['203.0.113.8'];
    expect((await look()).resolvers[0]).toEqual(jasmine.objectContaining({ state: 'old', answer: ['203.0.113.8'] }));
    cached = [];
    expect((await look()).resolvers[0]!.state).toBe('none');
  });

  it('does not lead here with another address, nor with one of IPv6 beside it', async () => {
    zone[`${domain} A`] = '203.0.113.8';
    expect((await look()).leadsHere).toBeFalse();
    zone = { [`${domain} A`]: home, [`${domain} AAAA`]: '2001:db8::1' };
    expect((await look()).leadsHere).toBeFalse();
    zone = {};
    const empty = await look();
    expect([empty.leadsHere, empty.error, empty.records]).toEqual([false, null, []]);
  });

  it('finds the name servers by itself where none is set, and tells no answer from an empty one', async () => {
    const found = await look({ authority: null });
    expect([found.leadsHere, found.error]).toEqual([true, null]);
    refuses = true;
    const refused = await look();
    expect([refused.leadsHere, refused.error]).toEqual([false, `${authority.name} answered REFUSED`]);
    const nobody = await look({ authority: null, resolvers: [] });
    expect(nobody.error).toBe('No name server is known for it.');
  });
});
