'use client';
import { Undo2 } from 'lucide-react';
import * as Dialog from 'radix-ui/dialog';
import type { ReactNode } from 'react';
import { undo } from '../session/bench';

/** A workbench over the page, as large as the window lets it: its name, undo and close, and what lies on it. */
export function FullDialog({
  title,
  named = false,
  fit = false,
  close,
  children,
}: {
  title: string;
  /** The title is a name that a keeper gave. */
  named?: boolean;
  /** As small as what lies on it; wider, where that is a table. */
  fit?: boolean | 'wide';
  close: () => void;
  children: ReactNode;
}) {
  return (
    <Dialog.Root open onOpenChange={(now) => (now ? undefined : close())}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
        <Dialog.Content
          aria-describedby={undefined}
          // its name is read first, and nothing is pressed by chance
          onOpenAutoFocus={(event) => {
            event.preventDefault();
            (event.currentTarget as HTMLElement).focus();
          }}
          className={`fixed z-20 flex flex-col gap-3 overflow-auto border border-strong bg-raised p-4 shadow-xl max-sm:inset-0 ${
            fit
              ? `${fit === 'wide' ? 'w-[min(54rem,96vw)]' : 'w-[min(46rem,96vw)]'} -translate-x-1/2 top-[8vh] left-1/2 max-h-[88vh] max-sm:top-0 max-sm:left-0 max-sm:max-h-none max-sm:w-full max-sm:translate-x-0`
              : 'inset-3 lg:inset-x-[max(0.75rem,calc(50vw-38rem))]'
          }`}
        >
          <div className="flex items-center gap-3">
            <Dialog.Title
              className="min-w-0 flex-1 truncate text-[1.3rem]"
              {...(named ? { 'data-name': true } : {})}
            >
              {title}
            </Dialog.Title>
            <button
              type="button"
              className="icon-button"
              aria-label="Undo"
              title="Undo"
              onClick={() => undo()}
            >
              <Undo2 size={16} aria-hidden />
            </button>
            <Dialog.Close className="button">Close</Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
