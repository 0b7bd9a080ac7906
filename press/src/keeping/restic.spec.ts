import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
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

  it('open with another password, both or it alone, and keep all that was kept', async () => {
    const { id } = (await restic.newest(place, 'site:gant'))!;
    const next = { ...place, password: 'another-one-of-the-tests' };
    // Where nothing was ever kept, there is none to change.
    expect(await restic.addPassword({ ...place, repository: join(folder, 'nowhere') }, next.password)).toBeFalse();
    await restic.leavePassword({ ...place, repository: join(folder, 'nowhere') });
    // One that does not answer is not one that is not there.
    const away = { ...place, repository: 'rest:http://127.0.0.1:9/none/' };
    await expectAsync(restic.addPassword(away, next.password)).toBeRejectedWithError(ResticError);
    for (let n = 0; n < 2; n++) expect(await restic.addPassword(place, next.password)).toBeTrue();
    expect([(await restic.snapshots(place)).length, (await restic.snapshots(next)).length]).toEqual([2, 2]);
    for (let n = 0; n < 2; n++) await restic.leavePassword(next);
    await expectAsync(restic.snapshots(place)).toBeRejectedWithError(ResticError, /wrong password/);
    expect(await restic.file(next, id, 'about.json')).toBe('{"site":"gant"}');
    // Nothing of it stays beside the repository.
    expect(readdirSync(join(folder, 'cache')).filter((name) => name.startsWith('next-'))).toEqual([]);
    await expectAsync(
      restic.addPassword({ ...place, password: 'one-that-opens-nothing' }, 'yet-another-one-here'),
    ).toBeRejectedWithError(ResticError, /wrong password/);
    // As it was for whoever comes after.
    await restic.addPassword(next, place.password);
    await restic.leavePassword(place);
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
