import { useEffect, useMemo } from 'react';

/**
 * Does the last of what it is given once a frame, however often a hand tells where it is.
 * @returns given work and whether it is done at once: what was waiting is then dropped
 */
export function useOncePerFrame(): (work: () => void, atOnce: boolean) => void {
  const queue = useMemo(() => {
    let waiting: (() => void) | null = null;
    let frame = 0;
    const flush = (): void => {
      frame = 0;
      const work = waiting;
      waiting = null;
      work?.();
    };
    return {
      drop: (): void => {
        cancelAnimationFrame(frame);
        frame = 0;
        waiting = null;
      },
      add: (work: () => void): void => {
        waiting = work;
        frame ||= requestAnimationFrame(flush);
      },
    };
  }, []);
  useEffect(() => queue.drop, [queue]);
  return (work, atOnce) => {
    if (!atOnce) return queue.add(work);
    queue.drop();
    work();
  };
}
