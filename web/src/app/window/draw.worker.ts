/// <reference lib="webworker" />
import { renderWindow, writeVersion, type Facts, type SiteDocument } from '@tin-porch/core';

export type DrawRequest =
  | { kind: 'draw'; serial: number; document: SiteDocument; page: string }
  | { kind: 'write'; serial: number; facts: Facts; seed: number };

// Draws pages and writes versions away from the hand that types. Of several waiting drawings only the newest is made.
let newest: Extract<DrawRequest, { kind: 'draw' }> | null = null;
addEventListener('message', ({ data }: MessageEvent<DrawRequest>) => {
  if (data.kind === 'write') {
    const started = performance.now();
    postMessage({
      kind: 'written',
      serial: data.serial,
      version: writeVersion(data.facts, data.seed),
      ms: performance.now() - started,
    });
    return;
  }
  const idle = newest === null;
  newest = data;
  if (!idle) return;
  setTimeout(() => {
    const request = newest!;
    newest = null;
    const started = performance.now();
    postMessage({
      kind: 'drawn',
      serial: request.serial,
      ...renderWindow(request.document, request.page, ''),
      ms: performance.now() - started,
    });
  });
});
