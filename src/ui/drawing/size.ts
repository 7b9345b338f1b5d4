'use client';
import { type RefObject, useLayoutEffect, useRef, useState } from 'react';

export interface Size {
  readonly width: number;
  readonly height: number;
}

/** The size of an element as it changes; null until it has been measured. */
export function useSize<T extends HTMLElement>(): [RefObject<T | null>, Size | null] {
  const ref = useRef<T | null>(null);
  const [size, setSize] = useState<Size | null>(null);
  // before the first picture: what the server drew for no size in particular is never seen at the wrong one
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    const { width, height } = element.getBoundingClientRect();
    if (width > 0) setSize({ width, height });
    const observer = new ResizeObserver(([entry]) => {
      if (!entry) return;
      const { width, height } = entry.contentRect;
      setSize({ width, height });
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, size];
}
