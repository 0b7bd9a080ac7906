import { spawn, type ChildProcess } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync, cpSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { HostConfig } from '@tin-porch/host';

const ROOT = fileURLToPath(new URL('../../../', import.meta.url));
const RUN = 'host/dist/run';

/**
 * The agent of a hosting server as a program of its own, begun anew whenever it ends, as the system does. What it finds in
 * its environment besides is read at every start.
 */
export async function agentProcess(config: HostConfig, env: Record<string, string> = {}) {
  const file = join(config.data, '..', `${config.name}.json`);
  writeFileSync(file, JSON.stringify(config));
  let going = true;
  let child: ChildProcess;
  let starts = 0;
  let next = Promise.resolve();
  const up = () =>
    new Promise<void>((done) => {
      starts++;
      child = spawn(process.execPath, [join(ROOT, RUN, 'agent.mjs'), file], {
        stdio: ['ignore', 'pipe', 'ignore'],
        env: { ...process.env, NODE_ENV: 'production', ...env },
      });
      child.stdout!.on('data', (part: Buffer) => part.toString().includes('ready') && done());
      child.once('exit', () => {
        if (going) next = new Promise((there) => setTimeout(() => there(going ? up() : undefined), 50));
      });
    });
  await up();
  return {
    starts: () => starts,
    async kill(): Promise<void> {
      const ended = new Promise((done) => child.once('exit', done));
      child.kill('SIGKILL');
      await ended;
    },
    /** Resolves once it is there again after it ended. */
    again: () => next,
    async end(): Promise<void> {
      // One that is about to begin is waited for.
      await next;
      going = false;
      const ended = new Promise((done) =>
        (child.exitCode ?? child.signalCode) !== null ? done(null) : child.once('exit', done),
      );
      child.kill('SIGTERM');
      // One that hangs does not hear it.
      const timer = setTimeout(() => child.kill('SIGKILL'), 30_000);
      await ended;
      clearTimeout(timer);
    },
  };
}

/** Agents that are otherwise than the one that is installed, each in a folder of its own. */
export function otherAgents() {
  const folder = mkdtempSync(join(tmpdir(), 'tin-porch-agents-'));
  return {
    /** One whose program was changed by `change`. Gives its folder. */
    make(name: string, change: (program: string) => string, needs?: object): string {
      const root = join(folder, name);
      mkdirSync(join(root, 'desk/dist'), { recursive: true });
      symlinkSync(join(ROOT, 'desk/dist/browser'), join(root, 'desk/dist/browser'));
      cpSync(join(ROOT, RUN), join(root, RUN), { recursive: true, filter: (f) => !f.endsWith('.map') });
      const main = join(root, RUN, 'main.mjs');
      const before = readFileSync(main, 'utf8');
      const after = change(before);
      if (after === before) throw new Error(`${name} is the agent as it is.`);
      writeFileSync(main, after);
      if (needs) writeFileSync(join(root, RUN, 'about.json'), JSON.stringify(needs));
      return root;
    },
    end: () => rmSync(folder, { recursive: true, force: true }),
  };
}
