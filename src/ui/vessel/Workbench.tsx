'use client';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { type Tape, tapeFor } from '@/core/kernel/units/tape';
import type { Vessel } from '@/core/model/schema';
import { roundHoles } from '@/core/stores/vessels/holes';
import { FullDialog } from '../forms/FullDialog';
import { FindingList } from '../furniture/FindingList';
import { takeStrip } from '../furniture/takeDrawing';
import { useAssessment, usePlan, useWorked } from '../session/bench';
import { CutTable, FirstCuts, HoldsFigures, HoleMarks } from './MadeFigures';
import { SectionPicture } from './SectionPicture';
import { VesselFields } from './VesselFields';

/** One vessel on the workbench: its measures, its section, and what follows from them, all at once. */
export function Workbench({ id, close }: { id: string; close: () => void }) {
  const plan = usePlan();
  const vessel = plan.fixtures.find(
    (f): f is Vessel => f.id === id && (f.kind === 'feeder' || f.kind === 'drinker'),
  );
  if (!vessel?.made) return null;
  return (
    <FullDialog title={vessel.name} named close={close}>
      <OnTheBench vessel={vessel} />
    </FullDialog>
  );
}

function OnTheBench({ vessel }: { vessel: Vessel }) {
  const plan = usePlan();
  const tape: Tape = plan.keeper.tape ?? tapeFor(plan.units);
  const worked = useWorked();
  const made = vessel.made;
  if (!made) return null;
  return (
    <>
      <div className="flex min-h-0 flex-1 gap-5 max-lg:flex-col">
        <VesselFields vessel={vessel} made={made} tape={tape} />
        {worked ? <SectionPicture vessel={vessel} made={made} tape={tape} /> : null}
        <div className="flex w-[23rem] shrink-0 flex-col gap-3 overflow-y-auto max-lg:w-full max-lg:overflow-visible">
          <Faults of={vessel} />
          <CutTable vessel={vessel} tape={tape} />
          <HoleMarks vessel={vessel} tape={tape} />
          <StripButton vessel={vessel} />
          <HoldsFigures vessel={vessel} />
        </div>
      </div>
      <FirstCuts vessel={vessel} tape={tape} />
    </>
  );
}

/** What is wrong with this one, with its remedies. */
function Faults({ of }: { of: Vessel }) {
  const { findings } = useAssessment();
  const own = findings.filter((f) => f.fixtures.includes(of.id) && f.fixtures.length === 1);
  return own.length === 0 ? null : <FindingList findings={own} />;
}

/** Prints the papers of a vessel whose holes go round it. */
function StripButton({ vessel }: { vessel: Vessel }) {
  const plan = usePlan();
  const [state, setState] = useState<'idle' | 'making' | string>('idle');
  if (roundHoles(vessel) === null) return null;
  const take = async (): Promise<void> => {
    setState('making');
    setState((await takeStrip(plan, vessel.id)) ?? 'idle');
  };
  return (
    <div className="flex flex-col gap-1">
      <button
        type="button"
        className="button button-primary w-fit"
        disabled={state === 'making'}
        onClick={() => void take()}
      >
        <Printer size={15} aria-hidden />{' '}
        {state === 'making' ? 'Making it…' : 'Strip at full size (PDF)'}
      </button>
      <p className="text-[0.87rem] text-soft" data-reason>
        A strip to wrap round it with every middle marked, the hole, a stick of its heights, the
        marks and the parts. Print at full size.
      </p>
      {state === 'idle' || state === 'making' ? null : (
        <p role="alert" className="text-[0.87rem] text-oxide">
          {state}
        </p>
      )}
    </div>
  );
}
