import type { Raster, Retouch } from '@tin-porch/core';
import { answerWith } from '../threads/answer.js';
import { develop, lightOf, print, sightOf } from './darkroom.js';
import { outlined, rasterBytes } from './rastering.js';

/** What the thread is asked: work on the bytes of a picture, or a picture made of drawing and words. */
export type PictureRequest =
  | { kind: 'develop' | 'light'; bytes: Uint8Array }
  | { kind: 'sight'; bytes: Uint8Array; retouch: Retouch }
  | { kind: 'print'; bytes: Uint8Array; retouch?: Retouch }
  | { kind: 'raster'; raster: Raster; file: Uint8Array | null }
  | { kind: 'outline'; svg: string };

answerWith<PictureRequest>((request) => {
  switch (request.kind) {
    case 'develop':
      return develop(Buffer.from(request.bytes));
    case 'light':
      return lightOf(Buffer.from(request.bytes));
    case 'sight':
      return sightOf(Buffer.from(request.bytes), request.retouch);
    case 'print':
      return print(Buffer.from(request.bytes), request.retouch);
    case 'raster':
      return rasterBytes(request.raster, request.file && Buffer.from(request.file));
    case 'outline':
      return outlined(request.svg);
  }
});
