import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';

const at = (file: string) => fileURLToPath(new URL(file, import.meta.url));

/** Runs a suite of the end-to-end tests whole, where the tests run a sample; gives how much of it held, and in how long. */
function whole(suite: string, env: Record<string, string>): Promise<{ held: number; failed: number; seconds: number }> {
  const started = performance.now();
  return new Promise((done) => {
    const child = spawn(process.execPath, [at('../run/jasmine.js'), at(`../${suite}.e2e.js`)], {
      stdio: ['ignore', 'pipe', 'inherit'],
      env: { ...process.env, ...env },
    });
    let said = '';
    child.stdout.on('data', (part: Buffer) => (said += part.toString()));
    child.on('close', () => {
      const counts = /^##counts (\d+) (\d+)$/m.exec(said);
      const failed = Number(counts?.[2] ?? 1);
      if (failed) console.log(said.replace(/^##counts.*$/m, '').trim());
      done({ held: Number(counts?.[1] ?? 0), failed, seconds: (performance.now() - started) / 1000 });
    });
  });
}

/** All attacks at their full number, and every control of every screen, row for row. */
export async function measureWhole(keep: (name: string, unit: '' | '%', values: number[]) => void): Promise<void> {
  for (const [name, suite, env] of [
    ['Attacks, at eight times the number of the tests', 'attacks', { ATTACKS: '8' }],
    ['Walks over every control', 'walker', { WALK: '400' }],
  ] as const) {
    const { held, failed, seconds } = await whole(suite, env);
    keep(`${name}: held`, '', [held]);
    keep(`${name}: failed`, '', [failed]);
    console.log(`  in ${seconds.toFixed(0)} s`);
  }
}
