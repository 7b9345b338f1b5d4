'use client';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { hearSaves, knownSave } from '../session/known';
import { hearOthers } from '../session/windows';

/** Asks for the list anew where one of its plans is known to have been saved since: here, or in another window. */
export function useSaved(
  plans: readonly { readonly id: string; readonly revision: number }[],
): void {
  const router = useRouter();
  useEffect(() => {
    const isOld = ({ id, revision }: { id: string; revision: number }): boolean =>
      (knownSave(id)?.revision ?? 0) > revision;
    const look = (): void => {
      if (plans.some(isOld)) router.refresh();
    };
    look();
    const stop = hearSaves(look);
    const stopOthers = hearOthers((id, revision) => {
      if (plans.some((plan) => plan.id === id && plan.revision < revision)) router.refresh();
    });
    return () => {
      stop();
      stopOthers();
    };
  }, [plans, router]);
}
