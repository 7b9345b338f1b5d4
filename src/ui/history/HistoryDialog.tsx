'use client';
import * as Dialog from 'radix-ui/dialog';
import { useEffect, useState } from 'react';
import * as z from 'zod/mini';
import { planDifferences } from '@/core/edit/differences';
import { parsePlan } from '@/core/edit/parse';
import { fail, issue, ok } from '@/core/kernel/outcome';
import type { Plan } from '@/core/model/schema';
import { differencesText } from '@/text/differences';
import { TextField } from '../forms/fields';
import { edit, usePlan } from '../store/bench';
import { saveNow } from '../store/saving';

const savesSchema = z.array(
  z.object({ revision: z.int(), savedAt: z.string(), name: z.nullable(z.string()) }),
);

type Save = z.infer<typeof savesSchema>[number];

/** The saves kept of the plan: named, looked at, gone back to. */
export function HistoryDialog({ close }: { close: () => void }) {
  return (
    <Dialog.Root open onOpenChange={close}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
        <Dialog.Content className="-translate-x-1/2 -translate-y-1/2 fixed top-1/2 left-1/2 z-20 flex max-h-[90vh] w-[min(40rem,94vw)] flex-col border border-strong bg-raised p-5 shadow-xl">
          <Dialog.Title className="text-[1.3rem]">Earlier saves</Dialog.Title>
          <Dialog.Description className="mt-1 text-soft">
            Going back is itself an edit: it can be undone. A save with a name is kept for good.
          </Dialog.Description>
          <SaveList close={close} />
          <div className="mt-4 flex justify-end">
            <Dialog.Close className="button">Close</Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function SaveList({ close }: { close: () => void }) {
  const { id } = usePlan();
  const [saves, setSaves] = useState<readonly Save[] | null>(null);
  const [wrong, setWrong] = useState(false);
  useEffect(() => {
    const load = async (): Promise<void> => {
      await saveNow();
      const response = await fetch(`/api/plans/${id}/saves`);
      setSaves(savesSchema.parse(await response.json()));
    };
    load().catch(() => setWrong(true));
  }, [id]);
  if (wrong)
    return (
      <p role="alert" className="mt-3 text-oxide">
        The server does not answer. Start it again, then open this once more.
      </p>
    );
  if (!saves) return <p className="mt-3 text-soft">Reading…</p>;
  const rename = (revision: number, name: string | null): void =>
    setSaves(saves.map((s) => (s.revision === revision ? { ...s, name } : s)));
  return (
    <ol className="mt-3 flex min-h-0 flex-col overflow-y-auto" data-name>
      {saves.map((save, i) => (
        <SaveRow key={save.revision} save={save} latest={i === 0} rename={rename} close={close} />
      ))}
    </ol>
  );
}

function SaveRow({
  save,
  latest,
  rename,
  close,
}: {
  save: Save;
  latest: boolean;
  rename: (revision: number, name: string | null) => void;
  close: () => void;
}) {
  const plan = usePlan();
  const [then, setThen] = useState<Plan | null>(null);
  /** A name that the server did not take. */
  const [unnamed, setUnnamed] = useState<string | null>(null);
  const address = `/api/plans/${plan.id}/saves/${save.revision}`;
  const look = async (): Promise<void> => {
    const parsed = parsePlan(await (await fetch(address)).json());
    if (parsed.ok) setThen(parsed.value);
  };
  const name = (text: string) => {
    const wanted = text.trim() || null;
    if (wanted !== null && wanted.length > 80) return fail(issue('name.long', { most: 80 }));
    setUnnamed(null);
    fetch(address, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name: wanted }),
    }).then(
      // what is shown as its name is what the server has
      (response) => (response.ok ? rename(save.revision, wanted) : setUnnamed(wanted ?? '')),
      () => setUnnamed(wanted ?? ''),
    );
    return ok(wanted);
  };
  const goBack = (): void => {
    if (!then) return;
    edit('Go back to an earlier save', (draft) => {
      Object.assign(draft, then);
    });
    close();
  };
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_auto] items-end gap-x-3 border-line border-t py-2">
      <div>
        <p className="text-[0.87rem] text-soft">
          <time dateTime={save.savedAt}>{new Date(save.savedAt).toLocaleString()}</time>
          {latest ? ', as it stands' : ''}
        </p>
        <TextField
          key={unnamed ?? save.name ?? ''}
          label={`Name of save ${save.revision}`}
          value={save.name ?? ''}
          commit={name}
        />
        {unnamed === null ? null : (
          <p role="alert" className="mt-1 text-[0.87rem] text-oxide">
            The name “{unnamed}” is not saved: the server does not answer or refused it. Type it
            again when it is there.
          </p>
        )}
        {then ? (
          <p className="mt-1 text-[0.87rem]">
            Beside now: {differencesText(planDifferences(plan, then))}.
          </p>
        ) : null}
      </div>
      {latest ? null : then ? (
        <button type="button" className="button button-primary" onClick={goBack}>
          Go back to it
        </button>
      ) : (
        <button
          type="button"
          className="button"
          onClick={look}
          aria-label={`Look at save ${save.revision}`}
        >
          Look
        </button>
      )}
    </li>
  );
}
