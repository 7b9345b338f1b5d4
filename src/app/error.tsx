'use client';
import { useEffect } from 'react';
import { BrokenPage } from '@/ui/furniture/BrokenPage';

/** A page that broke: told to the window's own log as well. */
export default function PageError({ error, reset }: { error: Error; reset: () => void }) {
  useEffect(() => reportError(error), [error]);
  return <BrokenPage again={reset} />;
}
