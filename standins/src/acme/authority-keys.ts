import 'reflect-metadata';
import { webcrypto } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import * as x509 from '@peculiar/x509';

const crypto = webcrypto as unknown as Crypto;
x509.cryptoProvider.set(crypto);
const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' };
const DAY = 86_400_000;

const serial = () => '00' + Buffer.from(crypto.getRandomValues(new Uint8Array(15))).toString('hex');
const makeKeys = () => crypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']) as Promise<CryptoKeyPair>;

async function pemOf(key: CryptoKey): Promise<string> {
  return x509.PemConverter.encode(await crypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY');
}

/** A certificate authority: a root that signs one intermediate, and an intermediate that signs for sites (RFC 5280). */
export class Authority {
  private constructor(
    readonly root: x509.X509Certificate,
    readonly intermediate: x509.X509Certificate,
    private readonly key: CryptoKey,
  ) {}

  /** Opens the authority kept in a folder, or founds one there. The root is written as `root.pem`. */
  static async open(folder: string): Promise<Authority> {
    const file = join(folder, 'authority.json');
    if (!existsSync(file)) {
      const rootKeys = await makeKeys();
      const keys = await makeKeys();
      const year = 365 * DAY;
      const common = { notBefore: new Date(Date.now() - DAY), signingAlgorithm: ALGORITHM };
      const usage = new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true);
      const root = await x509.X509CertificateGenerator.createSelfSigned({
        ...common,
        serialNumber: serial(),
        name: 'CN=Saltmarrow Test Root, O=Saltmarrow Harbour Authority',
        notAfter: new Date(Date.now() + 20 * year),
        keys: rootKeys,
        extensions: [
          new x509.BasicConstraintsExtension(true, 1, true),
          usage,
          await x509.SubjectKeyIdentifierExtension.create(rootKeys.publicKey),
        ],
      });
      const intermediate = await x509.X509CertificateGenerator.create({
        ...common,
        serialNumber: serial(),
        subject: 'CN=Saltmarrow Test Issuer 1, O=Saltmarrow Harbour Authority',
        issuer: root.subject,
        notAfter: new Date(Date.now() + 5 * year),
        publicKey: keys.publicKey,
        signingKey: rootKeys.privateKey,
        extensions: [
          new x509.BasicConstraintsExtension(true, 0, true),
          usage,
          await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
          await x509.AuthorityKeyIdentifierExtension.create(rootKeys.publicKey),
        ],
      });
      writeFileSync(
        file,
        JSON.stringify({
          root: root.toString('pem'),
          intermediate: intermediate.toString('pem'),
          key: await pemOf(keys.privateKey),
        }),
        { mode: 0o600 },
      );
    }
    const kept = JSON.parse(readFileSync(file, 'utf8')) as { root: string; intermediate: string; key: string };
    writeFileSync(join(folder, 'root.pem'), kept.root + '\n');
    const key = await crypto.subtle.importKey('pkcs8', x509.PemConverter.decode(kept.key)[0]!, ALGORITHM, false, [
      'sign',
    ]);
    return new Authority(new x509.X509Certificate(kept.root), new x509.X509Certificate(kept.intermediate), key);
  }

  /** Signs a certificate for 90 days; gives the chain as PEM, leaf first, without the root. */
  async sign(
    publicKey: x509.PublicKeyType,
    names: string[],
    addresses: string[] = [],
    now = Date.now(),
  ): Promise<{ chain: string; leaf: x509.X509Certificate }> {
    const leaf = await x509.X509CertificateGenerator.create({
      serialNumber: serial(),
      subject: `CN=${names[0] ?? addresses[0]!}`,
      issuer: this.intermediate.subject,
      notBefore: new Date(now - 3_600_000),
      notAfter: new Date(now + 90 * DAY),
      publicKey,
      signingKey: this.key,
      signingAlgorithm: ALGORITHM,
      extensions: [
        new x509.BasicConstraintsExtension(false, undefined, true),
        new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
        new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
        new x509.SubjectAlternativeNameExtension([
          ...names.map((value) => ({ type: 'dns' as const, value })),
          ...addresses.map((value) => ({ type: 'ip' as const, value })),
        ]),
        await x509.SubjectKeyIdentifierExtension.create(publicKey),
        await x509.AuthorityKeyIdentifierExtension.create(this.intermediate.publicKey),
      ],
    });
    return { leaf, chain: `${leaf.toString('pem')}\n${this.intermediate.toString('pem')}\n` };
  }

  /** A key and chain for the authority’s own HTTPS. */
  async own(address: string): Promise<{ key: string; cert: string }> {
    const keys = await makeKeys();
    const { chain } = await this.sign(keys.publicKey, ['localhost'], [address]);
    return { key: await pemOf(keys.privateKey), cert: chain };
  }
}

/** The names a certificate request asks for, once its own signature is checked. @throws Error where it cannot be used */
export async function readRequest(der: Buffer): Promise<{ publicKey: x509.PublicKey; names: string[] }> {
  const request = new x509.Pkcs10CertificateRequest(new Uint8Array(der).buffer);
  if (!(await request.verify())) throw new Error('the request is not signed by its own key');
  const raw = request.getExtension('2.5.29.17');
  const names = raw
    ? new x509.SubjectAlternativeNameExtension(raw.rawData).names.items
        .filter((n) => n.type === 'dns')
        .map((n) => n.value.toLowerCase())
    : [];
  const common = /(?:^|,\s*)CN=([^,]+)/.exec(request.subject)?.[1]?.toLowerCase();
  if (common && !names.includes(common)) names.push(common);
  return { publicKey: request.publicKey, names };
}
