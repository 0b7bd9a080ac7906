import type { events as eventRoutes } from '@tin-porch/contract';
import { sessionName } from '@tin-porch/sign-in';
import type { Parts } from '../parts.js';
import { sessionToken, type Handlers } from '../serve.js';

/** A line that keeps the connection from being taken for dead. */
const BEAT_MS = 20_000;

/** What changes, told as it does. */
export function eventHandlers({ accounts, events }: Parts): Handlers<typeof eventRoutes> {
  return {
    'GET /events': ({ me, req, res }) => {
      res.set({ 'content-type': 'text/event-stream', 'x-accel-buffering': 'no' });
      res.flushHeaders();
      res.write('retry: 1500\n\n');
      const token = sessionToken(req);
      const close = () => res.end();
      const remove = events.add({
        organisation: me.organisation,
        session: sessionName(token),
        tell: (event) => void res.write(`data: ${JSON.stringify(event)}\n\n`),
        close,
      });
      const beat = setInterval(() => {
        res.write(': still here\n\n');
        // A session that has run out is told by nobody.
        void accounts.session(token).then(
          (session) => session ?? close(),
          () => undefined,
        );
      }, BEAT_MS);
      req.on('close', () => {
        clearInterval(beat);
        remove();
      });
      return undefined;
    },
  };
}
