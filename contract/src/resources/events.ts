import { route } from '../route.js';

/** Something that changed. Only ids travel; who listens asks for the rest. */
export type PorchEvent =
  | { kind: 'site'; site: string; head: number }
  | { kind: 'job'; site: string; job: string }
  /** A message came in, or was read. */
  | { kind: 'inbox'; site: string }
  | { kind: 'care'; site: string }
  /** A client chose a direction. */
  | { kind: 'choice'; site: string }
  /** A writing service is at it: how much it has sent, and the end of that. */
  | { kind: 'writing'; site: string; characters: number; tail: string };

export const events = {
  'GET /events': route({
    says: 'What changes at the sites of the organisation, as server-sent events.',
    role: 'accountant',
    gives: 'text/event-stream',
  }),
};
