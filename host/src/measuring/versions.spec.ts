import { NEWEST } from '@tin-porch/cms';
import { ENGINE } from '@tin-porch/core/page';
import { readPolicy, versions } from './versions.js';

const POLICY = `nginx:
  Installed: 1.22.1-9+deb12u11
  Candidate: 1.22.1-9+deb12u11
  Version table:
 *** 1.22.1-9+deb12u11 500
        500 http://deb.debian.org/debian-security bookworm-security/main amd64 Packages
        100 /var/lib/dpkg/status
     1.22.1-9+deb12u9 500
        500 http://deb.debian.org/debian bookworm/main amd64 Packages
openssl:
  Installed: 3.0.19-1~deb12u2
  Candidate: 3.0.22-1~deb12u2
  Version table:
     3.0.22-1~deb12u2 500
        500 http://deb.debian.org/debian-security bookworm-security/main amd64 Packages
     3.0.20-1~deb12u2 500
        500 http://deb.debian.org/debian bookworm/main amd64 Packages
 *** 3.0.19-1~deb12u2 100
        100 /var/lib/dpkg/status
restic:
  Installed: 0.14.0-1+b5
  Candidate: 0.14.0-2
  Version table:
     0.14.0-2 500
        500 http://deb.debian.org/debian bookworm/main amd64 Packages
     0.14.0-1+b6 500
        500 http://deb.debian.org/debian-security bookworm-security/main amd64 Packages
 *** 0.14.0-1+b5 100
        100 /var/lib/dpkg/status
gone:
  Installed: 1.0
  Candidate: (none)
  Version table:
`;

describe('what a server is made of', () => {
  it('is behind where a source has a newer one, which closes a hole where it comes from there', () => {
    expect([...readPolicy(POLICY)]).toEqual([
      ['nginx', { candidate: '1.22.1-9+deb12u11', security: false }],
      ['openssl', { candidate: '3.0.22-1~deb12u2', security: true }],
      // It was closed in one that is not the newest by now.
      ['restic', { candidate: '0.14.0-2', security: true }],
    ]);
    expect(readPolicy('').size).toBe(0);
    expect(readPolicy('N: Unable to locate package x\n').size).toBe(0);
  });

  it('is told of the machine at hand', async () => {
    const { agent, packages, listsAt } = await versions('0123456789ab');
    expect(agent).toEqual({ engine: ENGINE, step: NEWEST, node: process.versions.node, program: '0123456789ab' });
    const names = packages!.map((p) => p.name);
    expect(names).toContain('nginx');
    expect(names).toContain('restic');
    expect(names.some((n) => /^postgresql-\d+$/.test(n))).toBeTrue();
    for (const p of packages!) {
      expect(p.installed).withContext(p.name).toMatch(/^\d/);
      // What is not behind closes nothing.
      if (p.candidate === p.installed) expect(p.security).withContext(p.name).toBeFalse();
    }
    if (listsAt !== null) expect(Date.parse(listsAt)).toBeLessThanOrEqual(Date.now());
    // Asked again it is the same, and the machine is not asked.
    expect(await versions(null)).toBe(await versions(null));
  });
});
