import { existsSync, mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { randomBytes } from 'node:crypto';
import { Seal, SealError } from './seal.js';

describe('a seal', () => {
  const seal = new Seal(randomBytes(32));

  it('closes a secret otherwise each time, and opens it again', () => {
    const [one, two] = [seal.close('the token of a host'), seal.close('the token of a host')];
    expect(one).not.toBe(two);
    expect(one).not.toContain('token');
    expect([seal.open(one), seal.open(two)]).toEqual(['the token of a host', 'the token of a host']);
  });

  it('does not open what was closed with another key, or changed', () => {
    const closed = seal.close('secret');
    expect(() => new Seal(randomBytes(32)).open(closed)).toThrowError(SealError);
    const bytes = Buffer.from(closed.slice(3), 'base64url');
    bytes[bytes.length - 1]! ^= 1;
    expect(() => seal.open(`v1.${bytes.toString('base64url')}`)).toThrowError(SealError);
  });

  it('hands on what was kept before anything was closed', () => {
    expect(seal.open('an old token')).toBe('an old token');
  });

  it('makes its key once, in a file only its owner reads', () => {
    const folder = mkdtempSync(join(tmpdir(), 'seal-'));
    try {
      const file = join(folder, 'secrets.key');
      const closed = Seal.of(file).close('kept');
      expect(existsSync(file) && statSync(file).mode & 0o777).toBe(0o600);
      expect(Seal.of(file).open(closed)).toBe('kept');
    } finally {
      rmSync(folder, { recursive: true });
    }
  });
});
