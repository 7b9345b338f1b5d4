'use client';
import { useRouter } from 'next/navigation';
import * as Dialog from 'radix-ui/dialog';
import { useState } from 'react';
import { parseKeptText } from '@/core/edit/parse';
import { issueLine } from '@/text/issues';
import { PickFile } from '../forms/PickFile';
import { storeNew } from '../session/storeNew';

/** Largest plan file read, bytes; the server takes no more either. */
const MOST_BYTES = 1_000_000;

/** Brings a plan file in; where it can't be read, says what is wrong and stores nothing. */
export function BringIn() {
  const router = useRouter();
  const [wrong, setWrong] = useState<{ file: string; lines: readonly string[] } | null>(null);
  const take = async (file: File): Promise<void> => {
    const lines = await bringIn(file, (address) => router.push(address));
    if (lines.length > 0) setWrong({ file: file.name, lines });
  };
  return (
    <>
      <PickFile
        name="Bring in a file"
        field="Plan file to bring in"
        accept=".json,application/json"
        take={(file) => void take(file)}
      />
      <Dialog.Root open={wrong !== null} onOpenChange={() => setWrong(null)}>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
          <Dialog.Content className="-translate-x-1/2 -translate-y-1/2 fixed top-1/2 left-1/2 z-20 max-h-[80vh] w-[min(34rem,92vw)] overflow-auto border border-strong bg-raised p-5 shadow-xl">
            <Dialog.Title className="text-[1.2rem]">
              <span data-name className="break-all">
                {wrong?.file}
              </span>{' '}
              was not brought in
            </Dialog.Title>
            <Dialog.Description className="mt-1 text-soft">
              Nothing was stored. What to mend:
            </Dialog.Description>
            <ul className="mt-2 flex flex-col gap-1">
              {wrong?.lines.map((line) => (
                <li key={line} className="break-words">
                  {line}
                </li>
              ))}
            </ul>
            <div className="mt-4 flex justify-end">
              <Dialog.Close className="button">Close</Dialog.Close>
            </div>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </>
  );
}

/** Stores a plan file and goes to it. @returns what is wrong, a line each; none where it went in */
async function bringIn(file: File, go: (address: string) => void): Promise<readonly string[]> {
  if (file.size > MOST_BYTES)
    return [
      `It is larger than 1 MB (${Math.round(file.size / 1e6)} MB). A plan file is far smaller.`,
    ];
  const text = await file.text();
  const parsed = parseKeptText(text);
  if (!parsed.ok) {
    const lines = parsed.issues.slice(0, 12).map(issueLine);
    const more = parsed.issues.length - lines.length;
    return more > 0 ? [...lines, `And ${more} more.`] : lines;
  }
  const stored = await storeNew(parsed.value);
  if (stored.ok) {
    go(stored.href);
    return [];
  }
  return stored.status === null
    ? ['The server does not answer. Start it again, then bring the file in once more.']
    : [`The server refused it (${stored.status}). Try again.`];
}
