import { readFileSync } from 'node:fs';
import type { Stack } from '@tin-porch/server/stack';
import { visit, type Visit } from '@tin-porch/server/visitor';

/** Fetches a page of a site over HTTPS from its server, trusting only the stack’s own authority. */
export function trustedVisit(stack: Stack, server: string, host: string, path: string): Promise<Visit> {
  const { address, httpsPort } = stack.config.servers.find((s) => s.name === server)!;
  return visit({
    scheme: 'https',
    host,
    path,
    address,
    port: httpsPort,
    roots: stack.config.trust.map((f) => readFileSync(f, 'utf8')),
  });
}
