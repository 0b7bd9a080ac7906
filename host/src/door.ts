import { createHash } from 'node:crypto';
import { mkdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { TLSSocket } from 'node:tls';
import { fingerprintOf, isProof, newIdentity, proofOf, type Identity } from '@tin-porch/sign-in/pairing';
import { Problem } from '@tin-porch/core/ground';
import { writeDurable } from './durable.js';

/** Whom the server was paired with, and by which code, as digests. */
interface Paired {
  porch: string;
  code: string;
}

const digestOf = (text: string): string => createHash('sha256').update(text).digest('hex');

/** The door of the control API: the server has an identity of its own, and lets one other in, whom it was paired with. */
export class Door {
  private constructor(
    private readonly file: string,
    private readonly code: string,
    readonly identity: Identity,
    private paired: Paired | null,
  ) {}

  /**
   * Opens the door kept in a folder; there is an identity from the first time on.
   * @param code the code whoever pairs has to know; another than that of the pairing there is makes room for another one
   */
  static async open(folder: string, name: string, code: string): Promise<Door> {
    await mkdir(folder, { recursive: true, mode: 0o700 });
    const own = join(folder, 'identity.json');
    let identity = await readFile(own, 'utf8').then(
      (text) => JSON.parse(text) as Identity,
      (error: NodeJS.ErrnoException) => {
        if (error.code !== 'ENOENT') throw error;
        return null;
      },
    );
    if (!identity) {
      identity = await newIdentity(name);
      await writeDurable(own, JSON.stringify(identity), 0o600);
    }
    const file = join(folder, 'paired.json');
    // Where that is damaged, nobody is let in until somebody has the code again.
    const paired = await readFile(file, 'utf8')
      .then((text) => JSON.parse(text) as Paired)
      .catch(() => null);
    return new Door(file, code, identity, paired);
  }

  /** The fingerprint of whoever is at the other end; undefined where they show none. */
  private static whoIs(socket: TLSSocket): string | undefined {
    const { raw } = socket.getPeerCertificate() as { raw?: Buffer };
    return raw && fingerprintOf(raw);
  }

  /** @throws Problem 401 where it is not the one the server was paired with */
  letIn(socket: TLSSocket): void {
    if (!this.paired) throw new Problem(401, 'This server is paired with nobody so far');
    if (Door.whoIs(socket) !== this.paired.porch) throw new Problem(401, 'This server is paired with somebody else');
  }

  /**
   * Pairs with whoever proves that they know the code: once. Until then, whom it was paired with before is let in.
   * @returns the server’s own proof
   * @throws Problem 401, or 409 where the code was used by somebody else
   */
  async pair(socket: TLSSocket, proof: string): Promise<string> {
    const porch = Door.whoIs(socket);
    const own = fingerprintOf(this.identity.certificate);
    if (!porch || !isProof(proof, this.code, 'porch', porch, own))
      throw new Problem(401, 'That is not the code this server was given');
    const code = digestOf(this.code);
    if (this.paired?.code === code && this.paired.porch !== porch)
      throw new Problem(409, 'The code was used', 'Give the server another in its configuration, and start it again.');
    if (this.paired?.porch !== porch || this.paired.code !== code) {
      await writeDurable(this.file, JSON.stringify({ porch, code } satisfies Paired), 0o600);
      this.paired = { porch, code };
    }
    return proofOf(this.code, 'host', porch, own);
  }
}
