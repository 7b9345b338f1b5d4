'use client';
import { Plus } from 'lucide-react';
import * as Dialog from 'radix-ui/dialog';
import { useState } from 'react';
import { NewPlanForm } from './NewPlanForm';

/** Asks who lives in the coop and where it stands, then for the room, and opens the new plan. */
export function NewPlanDialog() {
  const [open, setOpen] = useState(false);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="button">
        <Plus size={15} aria-hidden /> New plan
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="-translate-x-1/2 -translate-y-1/2 fixed top-1/2 left-1/2 z-20 max-h-[92vh] w-[min(34rem,94vw)] overflow-auto border border-strong bg-raised p-5 shadow-xl"
        >
          <Dialog.Title className="text-[1.3rem]">New plan</Dialog.Title>
          <NewPlanForm />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
