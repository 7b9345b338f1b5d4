'use client';
import { AddButton } from './AddButton';
import { ArrangeIt } from './ArrangeIt';
import { FinishIt } from './FinishIt';
import { ThingsButton } from './tree/ThingsButton';
import type { ThingsPlace } from './tree/things';

/** What is done with the whole coop: add, list, arrange, finish. */
export const BenchTools = ({ place }: { place: ThingsPlace }) => (
  <>
    <AddButton />
    <ThingsButton place={place} />
    <ArrangeIt />
    <FinishIt />
  </>
);
