import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { KNOWN_CSS, knownUnits } from './support/rendered.js';

const root = fileURLToPath(new URL('../..', import.meta.url));
const jar = join(dirname(createRequire(import.meta.url).resolve('vnu-jar/package.json')), 'build/dist/vnu.jar');
const porch = (...args: string[]) =>
  spawnSync(process.execPath, [join(root, 'server/dist/run/porch.mjs'), ...args], { encoding: 'utf8' });

const briefs: Record<string, string> = {
  'full.md':
    '# Quill & Plane Joinery\n\nWe are four joiners in an old sail loft above the harbour. We make doors and stairs for houses that have no straight walls left. The timber is bought as whole boards. Since 2009.\n\nPhone: 01632 960 417\nMail: workshop@quillandplane.example\nAddress: The Old Sail Loft, Tannery Row, Saltmarrow\nHours: Mon-Fri 7.30-16.30\n\n## Services\n- Sash windows, from £310: Mended and hung\n- Staircases\n- Doors\n',
  'one-line.txt': 'A thatcher called Tolliver in Saltmarrow',
  'long.json': JSON.stringify({
    name: `The ${'Extraordinarily '.repeat(6)}Long-Named Guest House`,
    trade: 'guest house',
    place: 'Saltmarrow',
    services: Array.from({ length: 14 }, (_, n) => ({
      name: `Room ${n + 1} with “quotes” & <angles>`,
      detail: 'A bed, a chair. '.repeat(30).trim(),
      price: '£80',
    })),
  }),
};

describe('./porch build', () => {
  let out: string;
  const files = (folder: string): string[] =>
    readdirSync(folder, { recursive: true })
      .map(String)
      .filter((f) => statSync(join(folder, f)).isFile())
      .sort();

  beforeAll(() => {
    out = mkdtempSync(join(tmpdir(), 'tin-porch-build-'));
    for (const [name, text] of Object.entries(briefs)) {
      writeFileSync(join(out, name), text);
      for (const seed of name === 'full.md' ? ['1', '2', '7'] : ['1', '7'])
        expect(porch('build', join(out, name), '--out', join(out, `${name}-${seed}`), '--seed', seed).status)
          .withContext(name)
          .toBe(0);
    }
  });
  afterAll(() => rmSync(out, { recursive: true, force: true }));

  it('writes site, content, document and report', () => {
    const made = files(join(out, 'full.md-1'));
    for (const file of [
      'public/index.html',
      'public/sitemap.xml',
      'public/robots.txt',
      'public/404.html',
      'content/home.md',
      'site.json',
      'report.json',
    ])
      expect(made).toContain(file);
    const report = JSON.parse(readFileSync(join(out, 'full.md-1/report.json'), 'utf8')) as {
      seconds: number;
      bytes: number;
      toConfirm: unknown[];
    };
    expect(report.seconds).toBeGreaterThan(0);
    const { facts, coverage, provenance } = report as unknown as {
      facts: { field: string; words: string }[];
      coverage: { share: number; gaps: unknown[] };
      provenance: Record<string, number>;
    };
    expect(facts.find((f) => f.field === 'phone')?.words).toBe('01632 960 417');
    expect(coverage.share).toBeGreaterThan(0.5);
    expect(provenance['brief']).toBeGreaterThan(3);
    expect(report.bytes).toBe(
      files(join(out, 'full.md-1/public')).reduce((sum, f) => sum + statSync(join(out, 'full.md-1/public', f)).size, 0),
    );
  });

  it('gives identical bytes for the same brief and seed, into a folder that held another version', () => {
    expect(porch('build', join(out, 'full.md'), '--out', join(out, 'full.md-2'), '--seed', '1').status).toBe(0);
    for (const part of ['public', 'content']) {
      expect(files(join(out, 'full.md-2', part))).toEqual(files(join(out, 'full.md-1', part)));
      for (const f of files(join(out, 'full.md-1', part)))
        expect(readFileSync(join(out, 'full.md-2', part, f)).equals(readFileSync(join(out, 'full.md-1', part, f))))
          .withContext(f)
          .toBeTrue();
    }
    expect(readFileSync(join(out, 'full.md-2/site.json'), 'utf8')).toBe(
      readFileSync(join(out, 'full.md-1/site.json'), 'utf8'),
    );
  });

  it('ends with 2 and a sentence for what it cannot use', () => {
    writeFileSync(join(out, 'empty.md'), ' \n');
    writeFileSync(join(out, 'binary.md'), Buffer.from([0xff, 0xfe, 0x00, 0xd8, 0x80]));
    for (const args of [
      ['build', join(out, 'empty.md'), '--out', out],
      ['build', join(out, 'binary.md'), '--out', out],
      ['build', join(out, 'nowhere.md'), '--out', out],
      ['build', out, '--out', out],
      ['build', join(out, 'full.md')],
      ['build', join(out, 'full.md'), '--out', out, '--seed', 'x'],
      ['paint'],
      ['backup'],
      [
        'backup',
        join(out, 'nowhere.json'),
        '--at',
        'rest:http://127.0.0.1:9/',
        '--password-file',
        join(out, 'full.md'),
      ],
      [
        'restore',
        join(out, 'nowhere.json'),
        '--at',
        'rest:http://127.0.0.1:9/',
        '--password-file',
        join(out, 'no.txt'),
      ],
      [],
    ]) {
      const { status, stderr } = porch(...args);
      expect(status).withContext(args.join(' ')).toBe(2);
      expect(stderr).not.toMatch(/^\s+at /m);
      expect(stderr.length).toBeGreaterThan(10);
    }
  });

  it('writes pages and styles that the Nu HTML checker has nothing against, and a sitemap that is well-formed', () => {
    const pages = files(out)
      .filter((f) => /\.html$/.test(f))
      .map((f) => join(out, f));
    expect(pages.length).toBeGreaterThan(40);
    const checked = spawnSync(
      'java',
      ['-Xss8m', '-jar', jar, '--exit-zero-always', '--format', 'json', '--stdout', ...pages],
      { encoding: 'utf8', maxBuffer: 1 << 26 },
    );
    const { messages } = JSON.parse(checked.stdout) as {
      messages: { type: string; subType?: string; message: string; url: string }[];
    };
    expect(
      messages.filter((m) => m.type === 'error' || m.subType === 'warning').map((m) => `${m.url} ${m.message}`),
    ).toEqual([]);
    const css = files(out)
      .filter((f) => /\.css$/.test(f))
      .map((f) => join(out, f));
    for (const f of css) writeFileSync(f, knownUnits(readFileSync(f, 'utf8')));
    const styled = spawnSync(
      'java',
      ['-Xss8m', '-jar', jar, '--exit-zero-always', '--format', 'json', '--stdout', '--css', ...css],
      { encoding: 'utf8', maxBuffer: 1 << 26 },
    );
    const faults = (JSON.parse(styled.stdout) as { messages: { type: string; message: string }[] }).messages
      .filter((m) => m.type === 'error')
      .map((m) => m.message);
    expect(faults.filter((m) => !KNOWN_CSS.test(m))).toEqual([]);
    for (const map of files(out).filter((f) => f.endsWith('sitemap.xml')))
      expect(() => execFileSync('xmllint', ['--noout', join(out, map)])).not.toThrow();
  });
});
