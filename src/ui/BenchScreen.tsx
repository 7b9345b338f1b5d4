'use client';
import { useEffect, useLayoutEffect } from 'react';
import type { Plan } from '@/core/plan/schema';
import { Bench } from './bench/Bench';
import { Figures } from './figure/shown';
import { FlockTable } from './flock/FlockTable';
import { BenchHeader } from './header/BenchHeader';
import { useBenchKeys } from './keys';
import { StationPanel } from './panel/StationPanel';
import { Staves } from './staves/Staves';
import { openPlan, useBench } from './store/bench';
import { startSaving } from './store/saving';

/** One plan, open: header, staves, the bench or the flock, and the panel. */
export function BenchScreen({ plan, revision, on }: { plan: Plan; revision: number; on: string }) {
  // biome-ignore lint/correctness/useExhaustiveDependencies: a plan is opened once; later edits live in the store
  useLayoutEffect(() => {
    openPlan(plan, revision, on);
    return startSaving();
  }, [plan.id]);
  const opened = useBench((s) => s.plan?.id === plan.id);
  return opened ? <Opened /> : <Opening name={plan.name} />;
}

function Opened() {
  const assessment = useBench((s) => s.assessment);
  const plan = useBench((s) => s.plan);
  const name = plan?.name ?? '';
  const inFlock = useBench((s) => s.station === 'flock');
  useBenchKeys();
  useEffect(() => {
    document.title = `${name} · Wide Rafter`;
  }, [name]);
  if (!assessment || !plan) return null;
  return (
    <Figures assessment={assessment} plan={plan}>
      <div className="grid h-dvh grid-rows-[auto_minmax(0,1fr)]" data-ready>
        <BenchHeader />
        <main className="grid min-h-0 grid-cols-[220px_minmax(0,1fr)_340px] max-lg:grid-cols-1 max-lg:overflow-y-auto">
          <Staves />
          {inFlock ? <FlockTable /> : <Bench />}
          <StationPanel />
        </main>
      </div>
    </Figures>
  );
}

function Opening({ name }: { name: string }) {
  return (
    <p className="p-6 text-soft">
      Opening <span data-name>{name}</span>…
    </p>
  );
}
