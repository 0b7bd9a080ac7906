import {
  account,
  books,
  events,
  fleet,
  inbox,
  library,
  look,
  openApi,
  pictures,
  rounds,
  routes,
  client,
  serving,
  session,
  sites,
  team,
  previews,
  updates,
  writing,
} from '@tin-porch/contract';
import { Problem } from '@tin-porch/core/ground';
import express, { Router } from 'express';
import { JobLater, JobRefused } from '../jobs/jobs.js';
import { HostRefused } from '../servers/host-client.js';
import type { Parts } from './parts.js';
import { bookHandlers } from './resources/books.js';
import { inboxHandlers, roundHandlers } from './resources/care.js';
import { eventHandlers } from './resources/events.js';
import { libraryHandlers, pictureHandlers } from './resources/pictures.js';
import { clientHandlers } from './resources/client.js';
import { fleetHandlers, servingHandlers } from './resources/serving.js';
import { accountHandlers, sessionHandlers } from './resources/session.js';
import { lookHandlers, siteHandlers, writingHandlers } from './resources/sites.js';
import { teamHandlers } from './resources/team.js';
import { previewHandlers } from './resources/previews.js';
import { updateHandlers } from './resources/updates.js';
import { serve } from './serve.js';

/** How deep a request may be nested: a document is less than half as deep. */
const DEEPEST = 40;
/** True where a string inside could not be kept by PostgreSQL (NUL, or half of a surrogate pair), or it is nested too deep. */
export function unkeepable(value: unknown, depth = 0): boolean {
  if (typeof value === 'string')
    return value.includes('\0') || !(value as string & { isWellFormed(): boolean }).isWellFormed();
  if (typeof value !== 'object' || value === null) return false;
  if (depth >= DEEPEST) return true;
  if (Array.isArray(value)) return value.some((v) => unkeepable(v, depth + 1));
  return Object.entries(value).some(([k, v]) => unkeepable(k) || unkeepable(v, depth + 1));
}

/** The host an Origin header names (RFC 6454, 7); null where it is none. */
const hostOfOrigin = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null);

/** The API of the interface, as the contract has it. Answers JSON; says no with problem details (RFC 9457). */
export function api(parts: Parts): Router {
  const router = Router();
  router.use((_req, res, next) => {
    res.set('cache-control', 'no-store');
    next();
  });
  // A page of another origin may neither post here nor be told anything (Fetch Metadata, and Origin for older browsers).
  router.use((req, _res, next) => {
    const site = req.headers['sec-fetch-site'];
    const origin = req.headers.origin;
    if (
      req.method !== 'GET' &&
      ((site && site !== 'same-origin' && site !== 'none') ||
        (origin && origin !== 'null' && hostOfOrigin(origin) !== req.headers.host) ||
        origin === 'null')
    )
      throw new Problem(403, 'The request comes from another site');
    next();
  });
  router.use(express.json({ limit: '2mb', strict: true }));
  router.use((req, _res, next) => {
    const sent =
      req.method !== 'GET' &&
      req.method !== 'HEAD' &&
      req.method !== 'DELETE' &&
      Number(req.headers['content-length'] ?? 0) > 0;
    const file = /^\/sites\/[^/]+\/(?:pictures|files)$/.test(req.path) && req.is('application/octet-stream');
    if (sent && !file && !req.is('application/json'))
      throw new Problem(415, 'The request is of a type this address does not take', 'Send application/json.');
    if (unkeepable(req.body))
      throw new Problem(
        400,
        'The request holds what cannot be stored',
        'A NUL, half a character, or lists within lists without end.',
      );
    next();
  });

  const description = JSON.stringify(openApi(routes, '/api'));
  router.get('/openapi.json', (_req, res) => void res.type('application/json').send(description));

  const served = {
    accounts: parts.accounts,
    audit: parts.audit,
    checkAnswers: parts.config.checkAnswers ?? false,
  };
  serve(router, served, session, sessionHandlers(parts));
  serve(router, served, account, accountHandlers(parts));
  serve(router, served, team, teamHandlers(parts));
  serve(router, served, sites, siteHandlers(parts));
  serve(router, served, writing, writingHandlers(parts));
  serve(router, served, look, lookHandlers(parts));
  serve(router, served, pictures, pictureHandlers(parts));
  serve(router, served, library, libraryHandlers(parts));
  serve(router, served, serving, servingHandlers(parts));
  serve(router, served, client, clientHandlers(parts));
  serve(router, served, fleet, fleetHandlers(parts));
  serve(router, served, inbox, inboxHandlers(parts));
  serve(router, served, rounds, roundHandlers(parts));
  serve(router, served, books, bookHandlers(parts));
  serve(router, served, previews, previewHandlers(parts));
  serve(router, served, updates, updateHandlers(parts));
  serve(router, served, events, eventHandlers(parts));

  router.use(() => {
    throw new Problem(404, 'There is no such call');
  });
  return router;
}

/** What a host or a job says no with, as the problem the interface shows. */
export function asProblem(error: unknown): unknown {
  if (error instanceof HostRefused) return new Problem(409, 'The server refuses', error.message);
  if (error instanceof JobLater) return new Problem(502, 'Not now', error.message);
  if (error instanceof JobRefused) return new Problem(409, 'That cannot be done yet', error.message);
  return error;
}
