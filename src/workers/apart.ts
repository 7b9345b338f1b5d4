/**
 * Hears a worker until it is done.
 * @param worker   just made
 * @param message  what it is asked
 * @param tell     hears each answer
 * @param isDone   whether an answer is the last
 * @param fail     hears where the worker could not be begun or broke
 * @returns        the way to call it off
 */
export function hearWorker<Message, Told>(
  worker: Worker,
  message: Message,
  tell: (told: Told) => void,
  isDone: (told: Told) => boolean,
  fail: () => void,
): () => void {
  const end = (): void => {
    // called off before it has come it would tell of an error
    worker.onmessage = null;
    worker.onerror = null;
    worker.terminate();
  };
  worker.onmessage = ({ data }: MessageEvent<Told>): void => {
    tell(data);
    if (isDone(data)) end();
  };
  worker.onerror = (): void => {
    end();
    fail();
  };
  worker.postMessage(message);
  return end;
}
