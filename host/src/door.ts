import { createHash } from 'node:crypto';
import { mkdir, readFile, rm } from 'node:fs/promises';
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
/** What both sides are to have next: the server’s own, and whom it is for. */
interface Next {
  identity: Identity;
  porch: string;
}

/** So long whoever asks with the keys of before is let in after they were taken out of use: what was under way ends, ms. */
const FORMER_MS = 60_000;

const digestOf = (text: string): string => createHash('sha256').update(text).digest('hex');
const readJson = <T>(file: string): Promise<T | null> =>
  readFile(file, 'utf8')
    .then((text) => JSON.parse(text) as T)
    .catch(() => null);

/** The door of the control API: the server has an identity of its own, and lets one other in, whom it was paired with. */
export class Door {
  /** Told when the server has another identity. */
  renewed: (identity: Identity) => void = () => undefined;
  private former: { porch: string; until: number } | null = null;

  private constructor(
    private readonly folder: string,
    private readonly name: string,
    private readonly code: string,
    private own: Identity,
    private paired: Paired | null,
    private next: Next | null,
  ) {}

  /** What the server proves itself with. */
  get identity(): Identity {
    return this.own;
  }

  /**
   * Opens the door kept in a folder; there is an identity from the first time on.
   * @param code the code whoever pairs has to know; another than that of the pairing there is makes room for another one
   */
  static async open(folder: string, name: string, code: string): Promise<Door> {
    await mkdir(folder, { recursive: true, mode: 0o700 });
    const file = join(folder, 'identity.json');
    let identity = await readFile(file, 'utf8').then(
      (text) => JSON.parse(text) as Identity,
      (error: NodeJS.ErrnoException) => {
        if (error.code !== 'ENOENT') throw error;
        return null;
      },
    );
    if (!identity) {
      identity = await newIdentity(name);
      await writeDurable(file, JSON.stringify(identity), 0o600);
    }
    // Where that is damaged, nobody is let in until somebody has the code again.
    const paired = await readJson<Paired>(join(folder, 'paired.json'));
    const next = await readJson<Next>(join(folder, 'next.json'));
    const door = new Door(folder, name, code, identity, paired, next);
    // It was killed while it took the next keys into use.
    if (next && paired?.porch === next.porch) await door.settle(next);
    return door;
  }

  private keep = (name: string, what: Paired | Next | Identity): Promise<void> =>
    writeDurable(join(this.folder, name), JSON.stringify(what), 0o600);

  /** The fingerprint of whoever is at the other end; undefined where they show none. */
  private static whoIs(socket: TLSSocket): string | undefined {
    const { raw } = socket.getPeerCertificate() as { raw?: Buffer };
    return raw && fingerprintOf(raw);
  }

  /** @throws Problem 401 where it is not the one the server was paired with */
  letIn(socket: TLSSocket): void {
    if (!this.paired) throw new Problem(401, 'This server is paired with nobody so far');
    const who = Door.whoIs(socket);
    if (who === this.paired.porch) return;
    const { former } = this;
    if (former && who === former.porch && Date.now() < former.until) return;
    throw new Problem(401, 'This server is paired with somebody else');
  }

  /**
   * Pairs with whoever proves that they know the code: once. Until then, whom it was paired with before is let in.
   * @returns the server’s own proof
   * @throws Problem 401, or 409 where the code was used by somebody else
   */
  async pair(socket: TLSSocket, proof: string): Promise<string> {
    const porch = Door.whoIs(socket);
    const own = fingerprintOf(this.own.certificate);
    if (!porch || !isProof(proof, this.code, 'porch', porch, own))
      throw new Problem(401, 'That is not the code this server was given');
    const code = digestOf(this.code);
    if (this.paired?.code === code && this.paired.porch !== porch)
      throw new Problem(409, 'The code was used', 'Give the server another in its configuration, and start it again.');
    if (this.paired?.porch !== porch || this.paired.code !== code) {
      await this.keep('paired.json', { porch, code });
      this.paired = { porch, code };
      // Whoever was let in before has nothing to take into use any more.
      await this.forgetNext();
      this.former = null;
    }
    return proofOf(this.code, 'host', porch, own);
  }

  /**
   * Makes ready for other keys on both sides; until they are taken into use, those there are count. Safe to say again.
   * @param certificate what whoever asks is to be known by, PEM
   * @returns what the server is to be known by, PEM
   * @throws Problem 400 where that is no certificate
   */
  async prepare(certificate: string): Promise<string> {
    const porch = orRefuse(certificate);
    if (this.next?.porch !== porch) {
      const next = { identity: this.next?.identity ?? (await newIdentity(this.name)), porch };
      await this.keep('next.json', next);
      this.next = next;
    }
    return this.next!.identity.certificate;
  }

  /**
   * Takes the other keys into use: said by whoever has theirs, which nobody but them can. Safe to say again.
   * @throws Problem 401 where it is somebody else, or nothing was made ready for them
   */
  async take(socket: TLSSocket): Promise<void> {
    const who = Door.whoIs(socket);
    const { paired: before, next } = this;
    if (!before || !who) throw new Problem(401, 'This server is paired with nobody so far');
    if (next?.porch === who) {
      await this.keep('paired.json', { ...before, porch: who });
      this.paired = { ...before, porch: who };
      this.former = { porch: before.porch, until: Date.now() + FORMER_MS };
      await this.settle(next);
    } else if (before.porch !== who) throw new Problem(401, 'Nothing was made ready for these keys');
  }

  private async settle(next: Next): Promise<void> {
    await this.keep('identity.json', next.identity);
    this.own = next.identity;
    await this.forgetNext();
    this.renewed(next.identity);
  }
  private async forgetNext(): Promise<void> {
    await rm(join(this.folder, 'next.json'), { force: true });
    this.next = null;
  }
}

function orRefuse(certificate: string): string {
  try {
    return fingerprintOf(certificate);
  } catch {
    throw new Problem(400, 'That is no certificate');
  }
}
