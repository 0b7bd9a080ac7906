import type { Retouch } from '@tin-porch/core';
import { answerWith } from '../threads/answer.js';
import { develop, lightOf, print, sightOf } from './darkroom.js';

/** What the thread is asked, each with the bytes of a picture. */
export type PictureRequest = { bytes: Uint8Array } & (
  { kind: 'develop' } | { kind: 'light' } | { kind: 'sight'; retouch: Retouch } | { kind: 'print'; retouch?: Retouch }
);

answerWith<PictureRequest>((request) => {
  const bytes = Buffer.from(request.bytes);
  switch (request.kind) {
    case 'develop':
      return develop(bytes);
    case 'light':
      return lightOf(bytes);
    case 'sight':
      return sightOf(bytes, request.retouch);
    case 'print':
      return print(bytes, request.retouch);
  }
});
