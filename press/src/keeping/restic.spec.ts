import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Restic, ResticError, type Place } from './restic.js';

describe('backups by restic', () => {
  let folder: string;
  let place: Place;
  let restic: Restic;
  let source: string;

  beforeAll(() => {
    folder = mkdtempSync(join(tmpdir(), 'tin-porch-restic-'));
    place = { repository: join(folder, 'place'), password: 'only-for-the-tests-here' };
    restic = new Restic(join(folder, 'cache'), 'quay');
    source = join(folder, 'some/where/else');
    mkdirSync(join(source, 'sites/gant'), { recursive: true });
    writeFileSync(join(source, 'about.json'), '{"site":"gant"}');
    writeFileSync(join(source, 'sites/gant/rows.jsonl'), 'ö1\nzwei\nlast');
  });
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  /** What can be had of a backup: all of it in a folder, one file, and a file line by line. */
  async function comesBack(snapshot: string): Promise<void> {
    const root = await restic.restore(place, snapshot, join(folder, `back-${snapshot}`));
    expect(readFileSync(join(root, 'about.json'), 'utf8')).toBe('{"site":"gant"}');
    expect(readFileSync(join(root, 'sites/gant/rows.jsonl'), 'utf8')).toBe('ö1\nzwei\nlast');
    expect(await restic.file(place, snapshot, 'about.json')).toBe('{"site":"gant"}');
    const lines: string[] = [];
    await restic.lines(place, snapshot, 'sites/gant/rows.jsonl', (line) => lines.push(line));
    expect(lines).toEqual(['ö1', 'zwei', 'last']);
  }

  it('come back as they were, from a place that is made with the first', async () => {
    const { id, added } = await restic.backUp(place, source, ['site:gant']);
    expect(added).toBeGreaterThan(0);
    await comesBack(id);
    expect((await restic.newest(place, 'site:gant'))?.id).toBe(id);
    expect(await restic.newest(place, 'site:other')).toBeUndefined();
  });

  it('come back though they were made with the whole path they lay under', async () => {
    const env = { ...process.env, RESTIC_REPOSITORY: place.repository, RESTIC_PASSWORD: place.password };
    const out = execFileSync('restic', ['backup', '--json', '--no-cache', source], { env, encoding: 'utf8' });
    const { snapshot_id } = JSON.parse(out.trim().split('\n').at(-1)!) as { snapshot_id: string };
    await comesBack(snapshot_id.slice(0, 8));
  });

  it('say what is not in them, and that a password is another', async () => {
    const { id } = (await restic.newest(place, 'site:gant'))!;
    await expectAsync(restic.file(place, id, 'nowhere.json')).toBeRejectedWithError(
      ResticError,
      /not found in snapshot/,
    );
    await expectAsync(restic.snapshots({ ...place, password: 'another' })).toBeRejectedWithError(
      ResticError,
      /wrong password/,
    );
  });
});
