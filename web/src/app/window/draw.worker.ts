/// <reference lib="webworker" />
import { readText, renderWindow, rewriteVersion, type Correction, type SiteDocument } from '@tin-porch/core';

export type DrawRequest = { serial: number } & (
  | { kind: 'draw'; document: SiteDocument; page: string }
  | { kind: 'read'; text: string; corrections: Correction[] }
  | { kind: 'write'; document: SiteDocument; seed: number; keepAddresses: boolean }
);
type Latest<K> = Extract<DrawRequest, { kind: K }>;

// Draws pages, reads briefs and writes versions away from the hand that types. Of several drawings or readings that wait,
// only the newest is made.
const waiting: { draw?: Latest<'draw'>; read?: Latest<'read'> } = {};

function later(work: () => object): void {
  setTimeout(() => {
    const started = performance.now();
    const answer = work();
    postMessage({ ...answer, ms: performance.now() - started });
  });
}

addEventListener('message', ({ data }: MessageEvent<DrawRequest>) => {
  if (data.kind === 'write')
    return later(() => ({
      kind: 'written',
      serial: data.serial,
      version: rewriteVersion(data.document, data.seed, data.keepAddresses),
    }));
  const idle = waiting[data.kind] === undefined;
  if (data.kind === 'draw') {
    waiting.draw = data;
    if (!idle) return;
    later(() => {
      const request = waiting.draw!;
      delete waiting.draw;
      return { kind: 'drawn', serial: request.serial, ...renderWindow(request.document, request.page, '') };
    });
  } else {
    waiting.read = data;
    if (!idle) return;
    later(() => {
      const request = waiting.read!;
      delete waiting.read;
      return { kind: 'read', serial: request.serial, reading: readText(request.text, request.corrections) };
    });
  }
});

// The first reading is the dear one: its rules are made ready before anybody types.
readText('Ready. We mend boats from £5 an hour, Mon–Fri 9–5. Call 01632 960 001.');
