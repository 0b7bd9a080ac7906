import type { Retouch } from '@tin-porch/core/model';
import { answerWith } from '../threads/answer.js';
import { develop, lightOf, print, sightOf } from './developing.js';

/** What the thread is asked: work on the bytes of a picture. */
export type PictureRequest =
  | { kind: 'develop' | 'light'; bytes: Uint8Array }
  | { kind: 'sight'; bytes: Uint8Array; retouch: Retouch }
  | { kind: 'print'; bytes: Uint8Array; retouch?: Retouch };

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
  }
});
