import { existsSync, realpathSync, rmSync } from 'node:fs';
import { createConnection, createServer, type Socket } from 'node:net';
import { pipeline } from 'node:stream';

// usage: waiting-room.js FOLDER
// Stands beside the front, in its folder: whoever asks for what the agent answers while it is being started anew waits here,
// and is let through once it listens. It goes on while the agent ends, and ends once its folder is gone.

/** Where the front finds it, and the agent. */
const [OWN, AGENT] = ['waiting.sock', 'agent.sock'] as const;
/** So long after the agent was missed first somebody is kept waiting, ms: from then on they are told that it is away. */
const HOLD_MS = 25_000;
const AGAIN_MS = 40;
const LOOK_MS = 15_000;

const folder = realpathSync(process.argv[2]!);
// Paths are relative to it: that of a socket may be no longer than 107 bytes.
process.chdir(folder);
let missedAt: number | null = null;

/** The agent is missed: from now on it is looked whether it is there again. */
function miss(): void {
  if (missedAt !== null) return;
  missedAt = Date.now();
  const looking = setInterval(() => {
    const agent = createConnection(AGENT)
      .on('connect', () => {
        missedAt = null;
        clearInterval(looking);
        agent.destroy();
      })
      .on('error', () => undefined);
  }, AGAIN_MS);
}

/** Somebody who waits: everything they say is kept by the system until somebody listens. */
function wait(visitor: Socket): void {
  let gone = false;
  visitor.on('error', () => undefined).on('close', () => (gone = true));
  const ask = () => {
    if (gone) return;
    const agent = createConnection(AGENT);
    agent.on('connect', () => {
      if (gone) return void agent.destroy();
      // What was answered comes to its end before either is closed.
      pipeline(visitor, agent, visitor, () => undefined);
    });
    agent.on('error', () => {
      if (agent.bytesRead || agent.bytesWritten) return;
      miss();
      if (Date.now() - missedAt! > HOLD_MS) visitor.destroy();
      else setTimeout(ask, AGAIN_MS);
    });
  };
  ask();
}

rmSync(OWN, { force: true });
createServer({ allowHalfOpen: true }, wait).listen(OWN);
setInterval(() => {
  // Nobody comes any more, or another took its place.
  if (!existsSync(folder) || !existsSync(OWN)) process.exit(0);
}, LOOK_MS);
