import { mkdtempSync, rmSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import dnsPacket from 'dns-packet';
import { Names } from '../registrar/names.js';
import { ask } from './ask.js';
import { answerAs } from './authority.js';
import { faultOf } from './records.js';
import { cachingResolver } from './resolver.js';
import { serveDns } from './server.js';

const net = `127.7.${process.pid % 250}`;
const authority = { address: `${net}.1`, port: 5399 };

describe('the name servers', () => {
  let folder: string;
  let names: Names;
  let server: Awaited<ReturnType<typeof serveDns>>;
  beforeAll(async () => {
    folder = mkdtempSync(join(tmpdir(), 'tin-porch-names-'));
    names = new Names(join(folder, 'names.json'));
    names.register('knot.example', 'account', 1, [
      { name: '@', type: 'A', ttl: 60, data: '203.0.113.1' },
      { name: 'www', type: 'CNAME', ttl: 60, data: 'knot.example.' },
      { name: 'loop', type: 'CNAME', ttl: 60, data: 'loop.knot.example.' },
      { name: 'a.deep', type: 'A', ttl: 60, data: '203.0.113.2' },
      { name: 'long', type: 'TXT', ttl: 60, data: `"${'y'.repeat(1900)}"` },
    ]);
    server = await serveDns(authority, false, answerAs(names, 'ns1.brinegate.example'));
  });
  afterAll(async () => {
    await server.close();
    rmSync(folder, { recursive: true, force: true });
  });
  const short = async (name: string, type: string) => {
    const reply = await ask(authority, name, type);
    return [reply.rcode, ...(reply.answers ?? []).map((a) => `${a.type} ${String((a as { data: unknown }).data)}`)];
  };

  it('follow an alias, tell an empty name from a missing one, and refuse foreign zones', async () => {
    expect(await short('WWW.knot.example', 'A')).toEqual(['NOERROR', 'CNAME knot.example', 'A 203.0.113.1']);
    expect(await short('loop.knot.example', 'A')).toEqual(['NOERROR', 'CNAME loop.knot.example']);
    expect(await short('deep.knot.example', 'A')).toEqual(['NOERROR']);
    expect(await short('shallow.knot.example', 'A')).toEqual(['NXDOMAIN']);
    expect(await short('nobody.example', 'A')).toEqual(['NXDOMAIN']);
    expect((await short('elsewhere.invalid', 'A'))[0]).toBe('REFUSED');
  });

  it('cut what is too long for UDP and give all of it over TCP', async () => {
    const reply = await ask(authority, 'long.knot.example', 'TXT');
    const [answer] = reply.answers as { data: Buffer[] }[];
    expect(answer!.data.map(String).join('')).toBe('y'.repeat(1900));
  });

  it('answer two questions that come in one TCP segment, and survive noise', async () => {
    const noise = connect(authority.port, authority.address, () => noise.end(Buffer.from([0, 5, 1, 2, 3, 4, 5])));
    await new Promise((done) => noise.on('close', done));
    const query = (id: number) =>
      dnsPacket.streamEncode({ type: 'query', id, flags: 0, questions: [{ type: 'A', name: 'knot.example' }] });
    const ids = await new Promise<number[]>((done) => {
      const socket = connect(authority.port, authority.address, () =>
        socket.write(Buffer.concat([query(7), query(8)])),
      );
      let held = Buffer.alloc(0);
      const seen: number[] = [];
      socket.on('data', (part) => {
        held = Buffer.concat([held, part]);
        while (held.length >= 2 && held.length >= 2 + held.readUInt16BE(0)) {
          seen.push(held.readUInt16BE(2));
          held = held.subarray(2 + held.readUInt16BE(0));
        }
        if (seen.length === 2) done(socket.end() && seen);
      });
    });
    expect(ids.sort()).toEqual([7, 8]);
  });

  it('survive a restart with every record', () => {
    expect(new Names(join(folder, 'names.json')).get('knot.example')?.records.length).toBe(5);
  });
});

describe('a caching resolver', () => {
  it('keeps answers and absences for their TTL, counting down, and asks again when it is over', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'tin-porch-names-'));
    const names = new Names(join(folder, 'names.json'));
    const at = { address: `${net}.2`, port: 5399 };
    const server = await serveDns(at, false, answerAs(names, 'ns1.brinegate.example'));
    try {
      let now = 1_000_000;
      const resolve = cachingResolver(at, () => now);
      const address = async () => {
        const { rcode, answers } = await resolve('late.example', 'A');
        return answers.length
          ? `${String((answers[0] as { data: string }).data)} ${(answers[0] as { ttl: number }).ttl}`
          : rcode;
      };
      expect(await address()).toBe('NXDOMAIN');
      const zone = names.register('late.example', 'account', 1, [
        { name: '@', type: 'A', ttl: 100, data: '203.0.113.5' },
      ]);
      expect(await address()).toBe('NXDOMAIN');
      now += 21_000;
      expect(await address()).toBe('203.0.113.5 100');
      names.setRecords(zone, [{ name: '@', type: 'A', ttl: 100, data: '203.0.113.6' }]);
      now += 40_000;
      expect(await address()).toBe('203.0.113.5 60');
      now += 61_000;
      expect(await address()).toBe('203.0.113.6 100');
    } finally {
      await server.close();
      rmSync(folder, { recursive: true, force: true });
    }
  });
});

describe('a record', () => {
  it('is refused, with the rule it breaks, where it could not be served', () => {
    const bad: [string, string, string][] = [
      ['@', 'A', '256.1.1.1'],
      ['@', 'A', '1.1.1'],
      ['@', 'AAAA', '1.1.1.1'],
      ['@', 'CNAME', 'x.example.'],
      ['www', 'CNAME', 'a b'],
      ['@', 'MX', 'mail.example.'],
      ['@', 'CAA', 'issue x'],
      ['..', 'A', '1.1.1.1'],
      ['-x', 'A', '1.1.1.1'],
      ['@', 'HINFO', 'x'],
    ];
    for (const [name, type, data] of bad)
      expect(faultOf({ name, type, ttl: 60, data }))
        .withContext(`${name} ${type} ${data}`)
        .not.toBeNull();
    expect(faultOf({ name: '@', type: 'A', ttl: 0, data: '1.1.1.1' })).toContain('TTL');
    for (const [name, type, data] of [
      ['@', 'A', '1.1.1.1'],
      ['_dmarc', 'TXT', '"v=1"'],
      ['@', 'MX', '10 mail.example.'],
      ['*', 'AAAA', '2001:db8::1'],
    ] as const)
      expect(faultOf({ name, type, ttl: 60, data })).toBeNull();
  });
});
