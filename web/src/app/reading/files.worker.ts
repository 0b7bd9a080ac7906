/// <reference lib="webworker" />
import { FileError } from '@tin-porch/core/brief';
import { textOfBytes } from '@tin-porch/core/intake';

export interface FileRequest {
  name: string;
  bytes: Uint8Array;
}
export type FileAnswer = { text: string } | { fault: string };

// Reads one file away from the hand that types. Whoever asked ends it when it takes too long.
addEventListener('message', ({ data: { name, bytes } }: MessageEvent<FileRequest>) => {
  textOfBytes(name, bytes).then(
    (text) => postMessage({ text } satisfies FileAnswer),
    (error: unknown) =>
      postMessage({
        fault: error instanceof FileError ? error.message : `${name} cannot be read.`,
      } satisfies FileAnswer),
  );
});
