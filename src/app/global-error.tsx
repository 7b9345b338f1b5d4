'use client';
import './globals.css';
import { useEffect } from 'react';
import { BrokenPage } from '@/ui/furniture/BrokenPage';

/** What stands where not even the frame of all pages could be drawn. */
export default function GlobalError({ error, reset }: { error: Error; reset: () => void }) {
  useEffect(() => reportError(error), [error]);
  return (
    <html lang="en">
      <body>
        <BrokenPage again={reset} />
      </body>
    </html>
  );
}
