'use client';
import * as Dialog from 'radix-ui/dialog';
import { takeStep } from '../tour/tour';
import { KEY_LINES } from './keyLines.data';
import { setLetters, useKeys } from './useBenchKeys';

/** All the keys, and the switch for single letters. */
export function KeysDialog() {
  const letters = useKeys((s) => s.letters);
  return (
    <Dialog.Root open onOpenChange={(now) => useKeys.setState({ open: now })}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
        <Dialog.Content className="-translate-x-1/2 -translate-y-1/2 fixed top-1/2 left-1/2 z-20 max-h-[90vh] w-[min(36rem,94vw)] overflow-auto border border-strong bg-raised p-5 shadow-xl">
          <Dialog.Title className="text-[1.3rem]">Keys</Dialog.Title>
          <Dialog.Description className="mt-1 text-soft">
            Single letters act while the staves, the drawing or a finding have the focus.
          </Dialog.Description>
          <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5" data-reason>
            {KEY_LINES.map(({ keys, does }) => (
              <div
                key={keys}
                className="col-span-2 grid grid-cols-subgrid border-line border-t pt-1.5"
              >
                <dt className="figures">{keys}</dt>
                <dd className="text-soft">{does}</dd>
              </div>
            ))}
          </dl>
          <div className="mt-4 flex items-center justify-between gap-4">
            <label className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-chalk"
                checked={letters}
                onChange={(e) => setLetters(e.currentTarget.checked)}
              />
              Single letters act
            </label>
            <span className="flex gap-2">
              <button
                type="button"
                className="button"
                onClick={() => {
                  useKeys.setState({ open: false });
                  takeStep(0);
                }}
              >
                Take the tour
              </button>
              <Dialog.Close className="button">Close</Dialog.Close>
            </span>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
