'use client';
import * as Dialog from 'radix-ui/dialog';
import { type FormEvent, useId, useState } from 'react';
import * as z from 'zod/mini';
import { isNameTaken } from '@/core/edit/planNames';
import { PLAN_LIMITS } from '@/core/model/limits';
import { Field } from '../forms/Field';

const names = z.array(z.object({ id: z.string(), name: z.string() }));

const NO_ANSWER = 'The server does not answer, so the name is as it was. Start it and try again.';

/**
 * Asks for a plan's new name, and says where another plan has it.
 * @param rename  gives the plan its name; what is wrong, or null
 */
export function RenameDialog({
  id,
  name,
  rename,
  close,
}: {
  id: string;
  name: string;
  rename: (name: string) => Promise<string | null>;
  close: () => void;
}) {
  const field = useId();
  const [text, setText] = useState(name);
  const [wrong, setWrong] = useState<string | null>(null);
  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const wanted = text.trim().replace(/\s+/g, ' ');
    const said = wrongWith(wanted) ?? (await takenBy(id, wanted)) ?? (await rename(wanted));
    if (said === null) close();
    else setWrong(said);
  };
  return (
    <Dialog.Root open onOpenChange={close}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="-translate-x-1/2 -translate-y-1/2 fixed top-1/2 left-1/2 z-20 w-[min(28rem,92vw)] border border-strong bg-raised p-5 shadow-xl"
        >
          <Dialog.Title className="text-[1.2rem]">Rename the plan</Dialog.Title>
          <form onSubmit={submit} noValidate className="mt-3 flex flex-col gap-4">
            <Field id={field} label="Name" error={wrong}>
              <input
                id={field}
                className="input"
                autoComplete="off"
                value={text}
                aria-invalid={wrong !== null}
                aria-describedby={wrong ? `${field}-error` : undefined}
                onFocus={(event) => event.currentTarget.select()}
                onChange={(event) => setText(event.currentTarget.value)}
              />
            </Field>
            <div className="flex justify-end gap-2">
              <Dialog.Close type="button" className="button">
                Cancel
              </Dialog.Close>
              <button type="submit" className="button button-primary">
                Rename
              </button>
            </div>
          </form>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function wrongWith(name: string): string | null {
  if (name === '') return 'Give the plan a name.';
  if (name.length > PLAN_LIMITS.name)
    return `That name is too long: ${PLAN_LIMITS.name} letters at most.`;
  return name.isWellFormed() && !/\p{Cc}/u.test(name) ? null : 'Type it again in plain letters.';
}

/** Says where another plan has the name; null where it is free. */
async function takenBy(id: string, name: string): Promise<string | null> {
  const response = await fetch('/api/plans', { cache: 'no-store' }).catch(() => null);
  if (!response?.ok) return NO_ANSWER;
  const plans = names.parse(await response.json()).filter((p) => p.id !== id);
  return isNameTaken(
    name,
    plans.map((p) => p.name),
  )
    ? `Another plan is called “${name}”. Give this one a name of its own.`
    : null;
}

/** Renames a plan that is not open here. @returns what is wrong, or null */
export async function renameOnServer(id: string, name: string): Promise<string | null> {
  const response = await fetch(`/api/plans/${id}/name`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ name }),
  }).catch(() => null);
  if (response?.ok) return null;
  const body = (await response?.json().catch(() => null)) as {
    issues?: readonly { text?: string }[];
  } | null;
  return body?.issues?.[0]?.text ?? NO_ANSWER;
}
