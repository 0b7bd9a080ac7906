import { randomInt } from 'node:crypto';
import { createSocket } from 'node:dgram';
import { connect } from 'node:net';
import dnsPacket, { type DecodedPacket, type RecordType } from 'dns-packet';

const { decode, encode, streamEncode } = dnsPacket;

/** A decoded answer; the package’s types leave out the response code it reads. */
export type Heard = DecodedPacket & { rcode: string };

/** Asks one server over UDP, and over TCP where the answer was cut. @throws Error on silence for `timeout` ms */
export async function ask(
  server: { address: string; port: number },
  name: string,
  type: string,
  timeout = 2000,
): Promise<Heard> {
  const query = {
    type: 'query' as const,
    id: randomInt(65536),
    flags: 0x100,
    questions: [{ name, type: type as RecordType }],
  };
  const fits = (p: Heard) => p.id === query.id && p.type === 'response';
  const reply = await new Promise<Heard>((done, fail) => {
    const socket = createSocket('udp4');
    const timer = setTimeout(() => end(() => fail(new Error(`no answer from ${server.address}`))), timeout);
    const end = (then: () => void) => {
      clearTimeout(timer);
      socket.close();
      then();
    };
    socket.on('error', (e) => end(() => fail(e)));
    socket.on('message', (m) => {
      try {
        const packet = decode(m) as Heard;
        if (fits(packet)) end(() => done(packet));
      } catch {
        /* a packet that cannot be read is as good as none */
      }
    });
    socket.send(encode(query), server.port, server.address);
  });
  if (!reply.flag_tc) return reply;
  return new Promise((done, fail) => {
    const socket = connect(server.port, server.address, () => socket.write(streamEncode(query)));
    const parts: Buffer[] = [];
    socket.setTimeout(timeout, () => socket.destroy(new Error(`no answer from ${server.address} over TCP`)));
    socket.on('error', fail);
    socket.on('data', (part) => {
      parts.push(part);
      const all = Buffer.concat(parts);
      if (all.length >= 2 && all.length >= 2 + all.readUInt16BE(0)) {
        socket.destroy();
        try {
          done(decode(all.subarray(2, 2 + all.readUInt16BE(0))) as Heard);
        } catch (error) {
          fail(error as Error);
        }
      }
    });
  });
}
