import { Injectable } from '@angular/core';
import { FileError } from '@tin-porch/core/brief';
import type { FileAnswer, FileRequest } from './files.worker';

/** No brief takes longer to open. */
const MOST_MS = 30_000;

/** Opens files of any kind a brief comes in, each in a worker of its own that is ended when it takes too long. */
@Injectable({ providedIn: 'root' })
export class OpenedFiles {
  /**
   * The text of a file.
   * @throws FileError with why it cannot be read
   */
  async read(file: File, mostMs = MOST_MS): Promise<string> {
    const { name } = file;
    const bytes = new Uint8Array(await file.arrayBuffer());
    const worker = new Worker(new URL('./files.worker', import.meta.url), { type: 'module' });
    try {
      const answer = await new Promise<FileAnswer>((done, fail) => {
        const late = setTimeout(() => fail(new FileError(`${name} takes too long to read.`)), mostMs);
        worker.addEventListener('message', ({ data }: MessageEvent<FileAnswer | object>) => {
          // What reads PDFs has messages of its own when it finds itself in a worker.
          if (!('text' in data || 'fault' in data)) return;
          clearTimeout(late);
          done(data);
        });
        worker.addEventListener('error', () => {
          clearTimeout(late);
          fail(new FileError(`${name} cannot be read here. Load the page anew and try once more.`));
        });
        worker.postMessage({ name, bytes } satisfies FileRequest, [bytes.buffer]);
      });
      if ('fault' in answer) throw new FileError(answer.fault);
      return answer.text;
    } finally {
      worker.terminate();
    }
  }
}
