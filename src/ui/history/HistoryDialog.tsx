'use client';
import * as Dialog from 'radix-ui/dialog';
import { useEffect, useState } from 'react';
import { sessionHere, usePlan } from '../session/bench';
import { SavePreview } from './SavePreview';
import { byDay, type Save, savesSchema, whatItWas } from './saves';

/** The saves kept of the plan: looked at, named, gone back to. */
export function HistoryDialog({ close }: { close: () => void }) {
  return (
    <Dialog.Root open onOpenChange={close}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
        <Dialog.Content className="-translate-x-1/2 -translate-y-1/2 fixed top-1/2 left-1/2 z-20 flex h-[min(44rem,92vh)] w-[min(58rem,96vw)] flex-col border border-strong bg-raised p-5 shadow-xl">
          <Dialog.Title className="text-[1.3rem]">Earlier saves</Dialog.Title>
          <Dialog.Description className="mt-1 text-soft">
            Choose a save to look at it. Going back can be undone. A save with a name is kept for
            good.
          </Dialog.Description>
          <Saves close={close} />
          <div className="mt-3 flex justify-end">
            <Dialog.Close className="button">Close</Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Saves({ close }: { close: () => void }) {
  const { id } = usePlan();
  const [saves, setSaves] = useState<readonly Save[] | null>(null);
  const [looked, setLooked] = useState<number | null>(null);
  const [wrong, setWrong] = useState(false);
  useEffect(() => {
    const load = async (): Promise<void> => {
      await sessionHere().saver.saveNow();
      const response = await fetch(`/api/plans/${id}/saves`);
      setSaves(savesSchema.parse(await response.json()));
    };
    load().catch(() => setWrong(true));
  }, [id]);
  if (wrong)
    return (
      <p role="alert" className="mt-3 flex-1 text-oxide">
        The server does not answer. Start it again, then open this once more.
      </p>
    );
  if (!saves) return <p className="mt-3 flex-1 text-soft">Reading…</p>;
  const rename = (revision: number, name: string | null): void =>
    setSaves(saves.map((s) => (s.revision === revision ? { ...s, name } : s)));
  const at = saves.findIndex((s) => s.revision === looked);
  const save = saves[at];
  return (
    <div className="mt-3 grid min-h-0 flex-1 grid-cols-[20rem_minmax(0,1fr)] gap-5 max-md:grid-cols-1 max-md:grid-rows-[minmax(0,2fr)_minmax(0,3fr)]">
      <SaveList saves={saves} looked={looked} look={setLooked} />
      <section
        aria-label="The save, looked at"
        className="min-h-0 overflow-y-auto border-line border-l pl-5 max-md:border-t max-md:border-l-0 max-md:pt-3 max-md:pl-0"
      >
        {save ? (
          <SavePreview
            key={save.revision}
            save={save}
            before={saves[at + 1] ?? null}
            latest={at === 0}
            rename={rename}
            close={close}
          />
        ) : (
          <p className="text-soft">Nothing is chosen yet.</p>
        )}
      </section>
    </div>
  );
}

function SaveList({
  saves,
  looked,
  look,
}: {
  saves: readonly Save[];
  looked: number | null;
  look: (revision: number) => void;
}) {
  return (
    <div className="min-h-0 overflow-y-auto">
      {byDay(saves).map(({ day, saves: ofDay }) => (
        <section key={day} aria-label={day}>
          <h3 className="sticky top-0 border-line border-b bg-raised py-1 text-[0.87rem] text-soft">
            {day}
          </h3>
          <ul>
            {ofDay.map((save) => (
              <li key={save.revision}>
                <button
                  type="button"
                  aria-pressed={looked === save.revision}
                  onClick={() => look(save.revision)}
                  className={`grid w-full grid-cols-[4.6rem_minmax(0,1fr)] gap-x-2 border-l-3 px-2 py-1.5 text-left hover:bg-sunk max-lg:min-h-[44px] ${looked === save.revision ? 'border-chalk bg-sunk' : 'border-transparent'}`}
                >
                  <time
                    dateTime={save.savedAt}
                    className="figures whitespace-nowrap text-[0.87rem] text-soft"
                  >
                    {new Date(save.savedAt).toLocaleTimeString(undefined, { timeStyle: 'short' })}
                  </time>
                  <span className="min-w-0 break-words text-[0.92rem]" data-name>
                    {save.name ? <strong className="block">{save.name}</strong> : null}
                    {whatItWas(save.edits)}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}
