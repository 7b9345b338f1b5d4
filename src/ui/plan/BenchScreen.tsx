'use client';
import dynamic from 'next/dynamic';
import { useEffect, useLayoutEffect, useState } from 'react';
import type { Plan } from '@/core/model/schema';
import { Bench } from '../bench/Bench';
import { BenchTools } from '../bench/BenchTools';
import { takeNonce } from '../furniture/nonce';
import { Part } from '../furniture/Part';
import { BenchHeader } from '../header/BenchHeader';
import { useBenchKeys, useKeys } from '../keys/useBenchKeys';
import { LoadGuard } from '../panel/LoadGuard';
import { fetchTheRest } from '../panel/parts';
import { StationPanel } from '../panel/StationPanel';
import { closeHouseRules, useHouseRules } from '../rules/room';
import { openHere, SessionPage, takeOver, useBench, useWorked } from '../session/bench';
import type { FirstSight } from '../session/benchState';
import { createSession } from '../session/session';
import { Staves } from '../staves/Staves';
import { takeStep, useTour } from '../tour/tour';
import { doEarlyActs } from './earlyActs';
import { PaneBar } from './PaneBar';

/** The flock brings charts and a catalogue along: it is loaded when it is first gone to. */
const FlockScreen = dynamic(() => import('../flock/FlockScreen').then((m) => m.FlockScreen), {
  loading: OpeningFlock,
});

const BrooderScreen = dynamic(() =>
  import('../brooder/BrooderScreen').then((m) => m.BrooderScreen),
);

const HouseRules = dynamic(() => import('../rules/HouseRules').then((m) => m.HouseRules));

const Tour = dynamic(() => import('../tour/Tour').then((m) => m.Tour));

const KeysDialog = dynamic(() => import('../keys/KeysDialog').then((m) => m.KeysDialog));

/** Words of the bench that stand on no first sight. */
const BENCH_PARTS = [
  () => import('../bench/RefusedWays'),
  () => import('../bench/whereText'),
  () => import('../bench/RunDrawing'),
  () => import('../bench/Arrangements'),
];

/**
 * One plan, open: header, staves, the bench or the flock, and the panel. The server draws it from a store of its
 * own; the browser makes the same one and goes on from there.
 */
export function BenchScreen({
  plan,
  revision,
  on,
  nonce,
  first,
}: {
  plan: Plan;
  revision: number;
  on: string;
  nonce: string;
  first: FirstSight;
}) {
  const [session] = useState(
    () => openHere(plan.id, revision) ?? createSession(plan, revision, on, first),
  );
  const [ready, setReady] = useState(false);
  const [caughtUp, setCaughtUp] = useState(false);
  // biome-ignore lint/correctness/useExhaustiveDependencies: later edits live in the store; an older page changes nothing
  useLayoutEffect(() => {
    takeNonce(nonce);
    takeOver(session);
    session.saver.openStored(plan, revision, on);
    session.start();
    setReady(true);
    return session.saver.start();
  }, [session, revision]);
  useEffect(() => {
    if (ready) void doEarlyActs().then(() => setCaughtUp(true));
  }, [ready]);
  return (
    <SessionPage value={session}>
      <Opened ready={ready} caughtUp={caughtUp} />
    </SessionPage>
  );
}

/** @param ready  whether the browser has taken the page over: what is pressed is done */
function Opened({ ready, caughtUp }: { ready: boolean; caughtUp: boolean }) {
  const isOpen = useBench((s) => s.plan !== null && s.assessment !== null);
  const planId = useBench((s) => s.plan?.id);
  const name = useBench((s) => s.plan?.name ?? '');
  const station = useBench((s) => s.station);
  const worked = useWorked();
  const pane = useBench((s) => s.pane);
  const ruling = useHouseRules((s) => s.open);
  // gone to a station, the coop is what is looked at
  // biome-ignore lint/correctness/useExhaustiveDependencies: closes when another station is gone to
  useEffect(closeHouseRules, [station, planId]);
  const listingKeys = useKeys((s) => s.open);
  const touring = useTour((s) => s.step !== null);
  // a link may ask for the tour
  useEffect(() => {
    if (!ready || !new URLSearchParams(location.search).has('tour')) return;
    history.replaceState(null, '', location.pathname);
    takeStep(0);
  }, [ready]);
  useBenchKeys();
  useEffect(() => fetchTheRest(BENCH_PARTS), []);
  useEffect(() => {
    document.title = `${name} · Wide Rafter`;
  }, [name]);
  if (!isOpen) return null;
  return (
    <>
      <div
        className="grid h-dvh grid-rows-[auto_minmax(0,1fr)_auto] print:block print:h-auto"
        data-ready={ready ? '' : undefined}
        data-worked={worked && caughtUp ? '' : undefined}
      >
        <Part after={2} whole>
          <BenchHeader />
        </Part>
        <main
          data-pane={pane}
          className="group/main relative grid min-h-0 grid-cols-[220px_minmax(0,1fr)_340px] max-lg:flex max-lg:flex-col max-lg:overflow-y-auto print:block"
        >
          <Part after={2}>
            <Staves />
          </Part>
          <Part after={1}>
            <LoadGuard>
              {ruling ? (
                <HouseRules />
              ) : station === 'flock' ? (
                worked ? (
                  <FlockScreen />
                ) : (
                  <OpeningFlock />
                )
              ) : station === 'brooder' ? (
                <BrooderScreen />
              ) : (
                <Bench />
              )}
            </LoadGuard>
            {ruling || station === 'flock' || station === 'brooder' ? null : (
              <div className="flex flex-wrap items-center gap-2 px-4 pt-3 lg:hidden print:hidden max-lg:group-data-[pane=staves]/main:hidden [&_.button]:min-h-[44px]">
                <BenchTools place="phone" />
              </div>
            )}
          </Part>
          <Part after={3}>
            <StationPanel />
          </Part>
        </main>
        <PaneBar />
      </div>
      {listingKeys ? <KeysDialog /> : null}
      {touring ? <Tour /> : null}
      <Said />
    </>
  );
}

function OpeningFlock() {
  return <p className="p-5 text-soft">Opening the flock…</p>;
}

/** What was just done, for readers of the screen. */
function Said() {
  const said = useBench((s) => s.said);
  return (
    <p className="sr-only" role="status" aria-live="polite">
      {said}
    </p>
  );
}
