'use client';

const CHANNEL = 'wide-rafter-saves';

interface Save {
  readonly id: string;
  readonly revision: number;
}

/** Tells the other windows of this browser that a plan was saved. */
export function tellOthers(id: string, revision: number): void {
  if (typeof BroadcastChannel === 'undefined') return;
  const channel = new BroadcastChannel(CHANNEL);
  channel.postMessage({ id, revision } satisfies Save);
  channel.close();
}

/** Hears of plans that other windows of this browser save; returns the way to stop. */
export function hearOthers(heard: (id: string, revision: number) => void): () => void {
  if (typeof BroadcastChannel === 'undefined') return () => undefined;
  const channel = new BroadcastChannel(CHANNEL);
  channel.onmessage = ({ data }: MessageEvent<Save>) => heard(data.id, data.revision);
  return () => channel.close();
}
