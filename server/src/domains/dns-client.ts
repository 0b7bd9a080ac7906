import { randomInt } from 'node:crypto';
import { createSocket } from 'node:dgram';
import { connect } from 'node:net';
import dnsPacket, { type Answer, type DecodedPacket, type RecordType } from 'dns-packet';
import type { PlainRecord } from '@tin-porch/core/care';
import type { NameServer } from '../config.js';

const { decode, encode, streamEncode } = dnsPacket;

/** An answer of a name server: its response code and records as people read them. */
export interface DnsAnswer {
  rcode: string;
  records: PlainRecord[];
}

function plainData(a: Answer): string | null {
  switch (a.type) {
    case 'A':
    case 'AAAA':
      return a.data;
    case 'CNAME':
    case 'NS':
      return `${a.data}.`;
    case 'MX':
      return `${a.data.preference ?? 0} ${a.data.exchange}.`;
    case 'CAA':
      return `${a.data.flags ?? 0} ${a.data.tag} "${String(a.data.value)}"`;
    case 'TXT':
      return `"${[a.data].flat().map(String).join('')}"`;
    default:
      return null;
  }
}

function read(message: Buffer, id: number, name: string): (DecodedPacket & { rcode: string }) | null {
  try {
    const packet = decode(message) as DecodedPacket & { rcode: string };
    // A reply counts only where id and question are those that were asked (RFC 5452, 9.1).
    return packet.type === 'response' && packet.id === id && packet.questions?.[0]?.name.toLowerCase() === name
      ? packet
      : null;
  } catch {
    return null;
  }
}

/** Asks one name server over UDP, twice, and over TCP where the answer was cut (RFC 1035, RFC 7766). @throws Error on silence */
export async function askDns(
  server: Pick<NameServer, 'address' | 'port'>,
  name: string,
  type: RecordType,
  timeout = 1200,
): Promise<DnsAnswer> {
  const owner = name.toLowerCase();
  const id = randomInt(65536);
  const query = {
    type: 'query' as const,
    id,
    flags: dnsPacket.RECURSION_DESIRED,
    questions: [{ type, name: owner }],
    additionals: [
      {
        type: 'OPT' as const,
        name: '.' as const,
        udpPayloadSize: 1232,
        flags: 0,
        options: [],
        extendedRcode: 0,
        ednsVersion: 0,
        flag_do: false,
      },
    ],
  };
  const overUdp = () =>
    new Promise<DecodedPacket & { rcode: string }>((done, fail) => {
      const socket = createSocket('udp4');
      let ended = false;
      const end = (then: () => void) => {
        if (ended) return;
        ended = true;
        clearTimeout(timer);
        socket.close();
        then();
      };
      // An answer that came while this process was busy has been waiting: it is read before silence is called.
      const timer = setTimeout(
        () => setImmediate(() => end(() => fail(new Error(`${server.address} does not answer`)))),
        timeout,
      );
      socket.on('error', (error) => end(() => fail(error)));
      socket.on('message', (message, from) => {
        const packet = from.address === server.address && from.port === server.port ? read(message, id, owner) : null;
        if (packet) end(() => done(packet));
      });
      socket.send(encode(query), server.port, server.address);
    });
  const overTcp = () =>
    new Promise<DecodedPacket & { rcode: string }>((done, fail) => {
      const socket = connect(server.port, server.address, () => socket.write(streamEncode(query)));
      let held: Buffer = Buffer.alloc(0);
      socket.setTimeout(timeout, () => socket.destroy(new Error(`${server.address} does not answer over TCP`)));
      socket.on('error', fail);
      socket.on('data', (part) => {
        held = Buffer.concat([held, part]);
        if (held.length < 2 || held.length < 2 + held.readUInt16BE(0)) return;
        socket.destroy();
        const packet = read(held.subarray(2, 2 + held.readUInt16BE(0)), id, owner);
        if (packet) done(packet);
        else fail(new Error(`${server.address} sent something that is no answer`));
      });
    });
  let packet = await overUdp().catch(overUdp);
  if (packet.flag_tc) packet = await overTcp();
  const records = (packet.answers ?? []).flatMap((a) => {
    const data = plainData(a);
    return data === null
      ? []
      : [{ name: a.name.toLowerCase(), type: a.type, ttl: (a as { ttl?: number }).ttl ?? 0, data }];
  });
  return { rcode: packet.rcode, records };
}
