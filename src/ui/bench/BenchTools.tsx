'use client';
import { AddButton } from './AddButton';
import { ArrangeIt } from './ArrangeIt';
import { FinishIt } from './FinishIt';
import { ThingsButton } from './tree/ThingsButton';

/** What is done with the whole coop: add, list, arrange, finish. */
export const BenchTools = () => (
  <>
    <AddButton />
    <ThingsButton />
    <ArrangeIt />
    <FinishIt />
  </>
);
