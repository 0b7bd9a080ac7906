import { AS_IT_IS } from '@tin-porch/core/look';
import type { Credit, FileMedium, Retouch } from '@tin-porch/core/model';
import { Thread } from '../threads/thread.js';
import type { Developed, MadeFile, Printed } from './picture-file.js';
import type { PictureRequest } from './picture-worker.js';

/** What is noted of a picture that is brought. */
export interface Noted {
  id: string;
  title: string;
  credit?: Credit;
  tint?: Retouch['tint'];
}
/** A picture that was brought: how the site knows it, and the files it is made of. */
export interface Taken {
  medium: FileMedium;
  /** The one it was made from first. */
  files: MadeFile[];
  /** True where its background is plain enough to be taken out. */
  plainBackground: boolean;
}
export const NOBODY: Credit = { by: '', licence: '', address: '' };

/** What a file is called, without its ending, as a title. */
export const titleOf = (name: string): string =>
  name
    .replace(/\.[a-z0-9]{2,5}$/i, '')
    .replace(/[_\s]+/g, ' ')
    .trim()
    .slice(0, 120);

/** What a medium says of its printed files. */
export const renditionsOf = ({ files, width, height, colour }: Printed) => ({
  width,
  height,
  colour,
  renditions: files.map((f) => ({
    type: f.type,
    width: f.width,
    height: f.height,
    hash: f.hash,
    bytes: f.bytes.byteLength,
  })),
});

/**
 * Where photographs are developed: in processes of their own, so that what strangers bring takes neither the memory nor the
 * time of whoever asks. Every call throws PictureRefused, by its name, where a picture cannot be used.
 */
export class Darkroom {
  private readonly printing: Thread;
  private readonly showing: Thread;

  /** @param mostWaiting how many pictures may wait; more are refused at once (ThreadLimit) */
  constructor(mostWaiting = Infinity) {
    const thread = () =>
      new Thread((ending) => new URL(`./picture-worker${ending}`, import.meta.url), import.meta.url.endsWith('.mjs'), {
        idleMs: 60_000,
        apart: true,
        mostWaiting,
      });
    // One makes sizes, which takes seconds; the other shows what a change would look like, which must not wait.
    [this.printing, this.showing] = [thread(), thread()];
  }

  private ask = <T>(thread: Thread, request: PictureRequest): Promise<T> => thread.ask(request) as Promise<T>;

  /** Takes a photograph in: in every size it may be shown in, its source kept to be worked over. */
  async bring(bytes: Uint8Array, { id, title, credit = NOBODY, tint }: Noted): Promise<Taken> {
    const { source, focus, plainBackground } = await this.ask<Developed>(this.printing, { kind: 'develop', bytes });
    const retouch = { ...AS_IT_IS, tint: tint ?? null };
    const printed = await this.print(source.bytes, tint ? retouch : undefined);
    const { hash, width, height } = source;
    const medium: FileMedium = {
      id,
      kind: 'file',
      title,
      ...renditionsOf(printed),
      focus,
      source: { hash, width, height },
      credit,
      ...(tint && { retouch }),
    };
    return { medium, files: [source, ...printed.files], plainBackground };
  }

  /** The files of a kept picture, worked over where that is said. */
  print = (bytes: Uint8Array, retouch?: Retouch): Promise<Printed> =>
    this.ask(this.printing, { kind: 'print', bytes, ...(retouch && { retouch }) });

  /** What a retouch would look like, small, as WebP. */
  sight = async (bytes: Uint8Array, retouch: Retouch): Promise<Buffer> =>
    Buffer.from(await this.ask<Uint8Array>(this.showing, { kind: 'sight', bytes, retouch }));

  /** Light and colour that would put a kept picture right. */
  light = (bytes: Uint8Array): Promise<Pick<Retouch, 'light' | 'contrast' | 'warmth'>> =>
    this.ask(this.showing, { kind: 'light', bytes });

  async close(): Promise<void> {
    await Promise.all([this.printing.close(), this.showing.close()]);
  }
}
