import { parentPort } from 'node:worker_threads';
import { THERE, type ThreadAnswer } from './thread.js';

/** Makes a thread, or a process that stands for one, answer what it is asked, one request after the other. */
export function answerWith<R>(answer: (request: R) => unknown): void {
  let last: Promise<void> = Promise.resolve();
  const send = (answer: ThreadAnswer) => (parentPort ? parentPort.postMessage(answer) : process.send!(answer));
  send({ serial: THERE });
  (parentPort ?? process).on('message', (request: R & { serial: number }) => {
    const { serial } = request;
    const post = (what: Omit<ThreadAnswer, 'serial'>) => send({ ...what, serial });
    last = last.then(async () => {
      try {
        post({ answer: await answer(request) });
      } catch (error) {
        const { name, message } = error as Error;
        post({ fault: { name, message } });
      }
    });
  });
}
