import { FileError } from '@tin-porch/core/brief';
import { Thread, ThreadLimit, type ThreadOptions } from '@tin-porch/press/threads';

export interface FileRequest {
  name: string;
  bytes: Uint8Array;
}

const LIMITS: ThreadOptions = { mostMs: 30_000, memory: { maxOldGenerationSizeMb: 512 } };

/**
 * The text of a file of any kind a brief comes in, read in a thread with limits of time and memory.
 * @throws FileError where it cannot be read, or takes longer or more than any brief does
 */
export async function openedFile(name: string, bytes: Uint8Array, limits = LIMITS): Promise<string> {
  const thread = new Thread(
    (ending) => new URL(`./file-worker${ending}`, import.meta.url),
    import.meta.url.endsWith('.mjs'),
    limits,
  );
  try {
    return (await thread.ask({ name, bytes } satisfies FileRequest)) as string;
  } catch (error) {
    if (error instanceof ThreadLimit) throw new FileError(`${name} takes too long or too much to read.`);
    const { name: kind, message } = error as Error;
    throw new FileError(kind === 'FileError' ? message : `${name} cannot be read.`);
  } finally {
    await thread.close();
  }
}
