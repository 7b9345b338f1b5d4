'use client';
import { useEffect } from 'react';
import { redo, show, undo, useBench, type View } from './store/bench';

const VIEWS: readonly View[] = ['front', 'side', 'above'];

/** Keys of the bench: undo and redo anywhere but in a field; single letters outside fields only. */
export function useBenchKeys(): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.target instanceof HTMLElement && event.target.closest('input, select, textarea'))
        return;
      const key = event.key.toLowerCase();
      if ((event.ctrlKey || event.metaKey) && key === 'z') {
        event.preventDefault();
        if (event.shiftKey) redo();
        else undo();
      } else if ((event.ctrlKey || event.metaKey) && key === 'y') {
        event.preventDefault();
        redo();
      } else if (key === 'v' && !event.ctrlKey && !event.metaKey && !event.altKey) {
        const { view } = useBench.getState();
        show(VIEWS[(VIEWS.indexOf(view) + 1) % VIEWS.length] ?? 'front');
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
