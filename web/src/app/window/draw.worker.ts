/// <reference lib="webworker" />
import { instantOf } from '@tin-porch/core/collections';
import type { Correction, DirectionRef, SiteDocument } from '@tin-porch/core/model';
import { readText } from '@tin-porch/core/brief';
import { inDirection, rewriteVersion, sampleOf } from '@tin-porch/core/making';
import { renderWindow } from '@tin-porch/core/page';

/** How a site is shown beside itself: in another direction, or one section shape of it alone. */
export interface Showing {
  direction?: DirectionRef;
  shape?: string;
  /** The section that is shown in that shape; one of its kind where left out. */
  section?: string;
  only?: 'day' | 'night';
}

export type DrawRequest = { serial: number } & (
  | { kind: 'draw'; window: number; document: SiteDocument; page: string; only?: 'day' | 'night' }
  | { kind: 'glimpse'; document: SiteDocument; page: string; showing: Showing }
  | { kind: 'read'; text: string; corrections: Correction[] }
  | { kind: 'write'; document: SiteDocument; seed: number; keepAddresses: boolean }
);
type Latest<K> = Extract<DrawRequest, { kind: K }>;

// Draws pages, reads briefs and writes versions away from the hand that types. Of several drawings or readings that wait,
// only the newest is made: for each window, of drawings.
const drawings = new Map<number, Latest<'draw'>>();
let reading: Latest<'read'> | undefined;

/** Where the window takes the picture files of a site from. */
const media = (document: SiteDocument) => ({ mediaBase: `/window/media/${document.id}` });

function later(work: () => object): void {
  setTimeout(() => {
    const started = performance.now();
    const answer = work();
    postMessage({ ...answer, ms: performance.now() - started });
  });
}

/** Collections are shown as visitors get them now. */
const now = () => instantOf(Date.now());

addEventListener('message', ({ data }: MessageEvent<DrawRequest>) => {
  if (data.kind === 'write')
    return later(() => ({
      kind: 'written',
      serial: data.serial,
      version: rewriteVersion(data.document, data.seed, data.keepAddresses),
    }));
  if (data.kind === 'glimpse')
    return later(() => {
      const { document, page, showing } = data;
      const { direction, shape, section, only } = showing;
      const dressed = direction ? inDirection(document, direction) : document;
      const shown = shape ? sampleOf(dressed, shape, section) : dressed;
      return {
        kind: 'glimpsed',
        serial: data.serial,
        ...renderWindow(shown, page, '', { ...media(document), ...(only && { only }), at: now() }),
      };
    });
  if (data.kind === 'draw') {
    const idle = !drawings.has(data.window);
    drawings.set(data.window, data);
    if (!idle) return;
    later(() => {
      const request = drawings.get(data.window)!;
      drawings.delete(data.window);
      const { document, page, only } = request;
      const drawn = renderWindow(document, page, '', { ...media(document), ...(only && { only }), at: now() });
      return { kind: 'drawn', serial: request.serial, ...drawn };
    });
  } else {
    const idle = reading === undefined;
    reading = data;
    if (!idle) return;
    later(() => {
      const request = reading!;
      reading = undefined;
      return { kind: 'read', serial: request.serial, reading: readText(request.text, request.corrections) };
    });
  }
});

// The first reading is the dear one: its rules are made ready before anybody types.
readText('Ready. We mend boats from £5 an hour, Mon–Fri 9–5. Call 01632 960 001.');
