import { tmpdir } from 'node:os';
import { Problem } from '@tin-porch/core/ground';
import type { Browser } from 'playwright-core';

/** How long it may take to start, or a page to come, ms. */
export const WITHIN_MS = 30_000;
const FLAGS = [
  ...['--disable-gpu', '--no-first-run', '--disable-background-networking', '--disable-component-update'],
  ...['--disable-sync', '--disable-dev-shm-usage', '--disable-quic'],
  // Its own walls stand where it may build them: not where everything runs as root.
  ...(process.getuid?.() === 0 ? ['--no-sandbox'] : []),
];

/**
 * Starts the browser of the machine, without a window. @param program where it is; null where there is none
 * @throws Problem 503 where none is there, or it does not start
 */
export async function launchChromium(program: string | null, flags: readonly string[] = []): Promise<Browser> {
  if (!program)
    throw new Problem(
      503,
      'There is no browser',
      'Install Debian’s chromium-headless-shell, and start Tin Porch again.',
    );
  const { chromium } = await import('playwright-core');
  return chromium
    .launch({
      ...{ executablePath: program, args: [...FLAGS, ...flags], timeout: WITHIN_MS },
      // It has nothing of what is in the environment here: neither secrets nor an allocator that it does not bear.
      env: { PATH: process.env['PATH'] ?? '', HOME: tmpdir(), LANG: 'C.UTF-8' },
    })
    .catch((error: Error) => {
      throw new Problem(503, 'The browser does not start', error.message.split('\n')[0]!);
    });
}
