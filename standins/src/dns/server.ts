import { createSocket } from 'node:dgram';
import { createServer } from 'node:net';
import dnsPacket, { type DecodedPacket, type Packet } from 'dns-packet';

const {
  decode,
  encode,
  streamEncode,
  AUTHORITATIVE_ANSWER,
  RECURSION_AVAILABLE,
  RECURSION_DESIRED,
  TRUNCATED_RESPONSE,
} = dnsPacket;

const OPCODE = 0x7800;

export type Rcode = 'NOERROR' | 'FORMERR' | 'SERVFAIL' | 'NXDOMAIN' | 'NOTIMP' | 'REFUSED';
const RCODES: Record<Rcode, number> = { NOERROR: 0, FORMERR: 1, SERVFAIL: 2, NXDOMAIN: 3, NOTIMP: 4, REFUSED: 5 };

export interface Reply {
  rcode: Rcode;
  authoritative: boolean;
  answers: NonNullable<Packet['answers']>;
  authorities: NonNullable<Packet['authorities']>;
}
export type Respond = (name: string, type: string) => Promise<Reply> | Reply;

const nothing = (rcode: Rcode): Reply => ({ rcode, authoritative: false, answers: [], authorities: [] });

/**
 * Answers DNS over UDP and TCP (RFC 1035, 4.2). What does not fit the asker’s UDP size (512 bytes, or what EDNS says,
 * RFC 6891) is cut and marked truncated. Packets that cannot be read are answered FORMERR where they carry an id.
 */
export async function serveDns(
  at: { address: string; port: number },
  recursive: boolean,
  respond: Respond,
): Promise<{ close(): Promise<void> }> {
  const answer = async (message: Buffer): Promise<{ packet: Packet; udpSize: number } | null> => {
    if (message.length < 12 || message[2]! & 0x80) return null;
    let query: DecodedPacket;
    try {
      query = decode(message);
    } catch {
      return { packet: { type: 'response', id: message.readUInt16BE(0), flags: RCODES.FORMERR }, udpSize: 512 };
    }
    const question = query.questions?.[0];
    const opt = query.additionals?.find((a) => a.type === 'OPT') as { udpPayloadSize?: number } | undefined;
    let reply: Reply;
    if ((message[2]! >> 3) & 0xf) reply = nothing('NOTIMP');
    else if (query.questions?.length !== 1 || !question) reply = nothing('FORMERR');
    else
      reply = await Promise.resolve(respond(question.name.toLowerCase(), question.type)).catch(() =>
        nothing('SERVFAIL'),
      );
    const flags =
      (reply.authoritative ? AUTHORITATIVE_ANSWER : 0) |
      (recursive ? RECURSION_AVAILABLE : 0) |
      (message.readUInt16BE(2) & (OPCODE | RECURSION_DESIRED)) |
      RCODES[reply.rcode];
    const packet: Packet = {
      type: 'response',
      id: query.id ?? 0,
      flags,
      questions: query.questions ?? [],
      answers: reply.answers,
      authorities: reply.authorities,
    };
    if (opt)
      packet.additionals = [
        {
          type: 'OPT',
          name: '.',
          udpPayloadSize: 1232,
          flags: 0,
          options: [],
          extendedRcode: 0,
          ednsVersion: 0,
          flag_do: false,
        },
      ];
    return { packet, udpSize: Math.max(512, Math.min(opt?.udpPayloadSize ?? 512, 1232)) };
  };

  const udp = createSocket('udp4');
  udp.on('message', (message, peer) => {
    void answer(message).then((made) => {
      if (!made) return;
      let bytes = encode(made.packet);
      if (bytes.length > made.udpSize)
        bytes = encode({
          ...made.packet,
          flags: (made.packet.flags ?? 0) | TRUNCATED_RESPONSE,
          answers: [],
          authorities: [],
        });
      udp.send(bytes, peer.port, peer.address);
    });
  });
  const tcp = createServer((socket) => {
    let held: Buffer = Buffer.alloc(0);
    socket.setTimeout(10_000, () => socket.destroy());
    socket.on('error', () => socket.destroy());
    socket.on('data', (part) => {
      held = Buffer.concat([held, part]);
      while (held.length >= 2 && held.length >= 2 + held.readUInt16BE(0)) {
        const message = held.subarray(2, 2 + held.readUInt16BE(0));
        held = held.subarray(2 + message.length);
        void answer(Buffer.from(message)).then((made) =>
          made ? socket.writable && socket.write(streamEncode(made.packet)) : socket.destroy(),
        );
      }
    });
  });
  await new Promise<void>((done, fail) => udp.once('error', fail).bind(at.port, at.address, done));
  await new Promise<void>((done, fail) => tcp.once('error', fail).listen(at.port, at.address, done));
  return {
    async close() {
      await Promise.all([new Promise<void>((done) => udp.close(() => done())), new Promise((done) => tcp.close(done))]);
    },
  };
}
