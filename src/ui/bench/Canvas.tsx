'use client';
import dynamic from 'next/dynamic';
import { type KeyboardEvent, useId, useMemo } from 'react';
import { pastWalls, project } from '@/core/drawing/projection';
import type { View } from '@/core/drawing/shape';
import { SEEN } from '@/text/views';
import { Drawing } from '../drawing/Drawing';
import { useSize } from '../drawing/size';
import { Part } from '../furniture/Part';
import { pick, useAssessment, useBench, usePlan, useWhole, useWorked } from '../session/bench';
import { BrokenEdges, BrokenHatches } from './Broken';
import { CanvasSticks } from './CanvasSticks';
import { seenBy, useCameras } from './camera';
import { marginsOf, NARROW_PX, rodMarks } from './frame';
import { GhostShapes } from './GhostShapes';
import { useLit } from './lit';
import { nudgePicked } from './nudge';

/** The air is fetched where it is looked at. */
const AirLayer = dynamic(() => import('../air/AirLayer').then((m) => m.AirLayer), { ssr: false });
/** What takes hold of things is fetched once the drawing has been seen. */
const Hands = dynamic(() => import('./hands/Hands').then((m) => m.Hands), { ssr: false });

/** The size that is drawn for until the browser has measured: the bench on a screen of 1280 × 800. */
const NOMINAL = { width: 720, height: 643 } as const;
/**
 * The coop in one view, with its sticks: looked at, picked from and worked on.
 * @param beside  where it stands over or under another: their scale, px/m, and where both begin, px
 */
export function Canvas({
  view,
  beside = null,
}: {
  view: View;
  beside?: { readonly scale: number; readonly left: number } | null;
}) {
  const plan = usePlan();
  const assessment = useAssessment();
  const whole = useWhole();
  const worked = useWorked();
  const picked = useBench((s) => s.picked);
  const ghost = useBench((s) => s.ghost);
  const held = useBench((s) => s.held);
  const cutM = useBench((s) => (view === s.section ? s.cutM : 0));
  const camera = useCameras((s) => s[view] ?? null);
  const lit = useLit((s) => s.fixtures);
  const broken = useBroken(view);
  const station = useBench((s) => s.station);
  const [ref, measured] = useSize<HTMLDivElement>();
  const clip = useId();
  const size = measured ?? NOMINAL;
  const onKey = (event: KeyboardEvent): void => {
    if (nudgePicked(event, view)) event.preventDefault();
  };
  // while something is in hand the drawing stays where it is
  const still = held?.plan ?? plan;
  const stillMarks = held?.assessment ?? assessment;
  const narrow = size.width < NARROW_PX;
  const past = useMemo(() => pastWalls(view, still), [view, still]);
  const [left, most] = [beside && !narrow ? beside.left : null, beside?.scale ?? Infinity];
  const { units, shell } = still;
  const { frame, fit, projection } = useMemo(() => {
    const margins = marginsOf(view, narrow, rodMarks(view, stillMarks), units);
    const frame = { ...size, ...margins, ...(left === null ? {} : { left }) };
    const fit = project(view, shell, frame, { past, most });
    return { frame, fit, projection: seenBy(fit, frame, camera) };
  }, [view, narrow, stillMarks, units, shell, size, left, most, past, camera]);
  if (size.width < 40) return <div ref={ref} className="h-full min-h-60" />;
  const isClose = camera !== null;
  const footAt = isClose
    ? size.height - frame.bottom + 12
    : projection.v(0) + (view === 'above' ? past.below * projection.scale + 8 : 12);
  return (
    <div ref={ref} data-canvas={view} className="relative h-full min-h-0 overflow-hidden">
      <svg
        role="application"
        aria-label={`Drawing of ${plan.name}, ${SEEN[view]}. Press n to pick what stands in it; arrow keys move what is picked.`}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: arrows move the picked fixture while the drawing has focus
        tabIndex={0}
        // drawn for no size in particular, it fills what room there is
        viewBox={measured ? undefined : `0 0 ${size.width} ${size.height}`}
        width={measured ? size.width : '100%'}
        height={measured ? size.height : '100%'}
        data-scale={projection.scale}
        data-view={view}
        onKeyDown={onKey}
        className="block touch-none select-none outline-none -outline-offset-2 focus-visible:outline-2 focus-visible:outline-chalk"
      >
        {isClose ? (
          <clipPath id={clip}>
            <rect
              x={frame.left - 8}
              y={4}
              width={size.width - frame.left + 4}
              height={size.height - frame.bottom + 2}
            />
          </clipPath>
        ) : null}
        <g id={`${clip}-drawn`} clipPath={isClose ? `url(#${clip})` : undefined}>
          <BrokenEdges findings={broken} shell={plan.shell} projection={projection} />
          <Drawing
            plan={still}
            birds={held?.birds ?? whole.birds}
            inHand={held?.fixtures ?? NONE}
            projection={projection}
            picked={picked}
            lit={lit}
            cutM={cutM}
            reach={worked && station === 'reach' ? assessment.reach : null}
            onPick={pick}
          />
          <BrokenHatches findings={broken} shell={plan.shell} projection={projection} />
          {station === 'air' && worked && view !== 'above' ? (
            <AirLayer view={view} projection={projection} narrow={narrow} />
          ) : null}
          {ghost?.plan ? (
            <GhostShapes plan={plan} ghost={ghost.plan} projection={projection} />
          ) : null}
        </g>
        <Part after={1}>
          <CanvasSticks
            view={view}
            projection={projection}
            frame={frame}
            footAt={footAt}
            narrow={narrow}
          />
        </Part>
      </svg>
      {measured ? (
        // in a layer of its own: what is in hand is drawn anew every frame, and all the rest is not
        <svg
          aria-hidden
          width={measured.width}
          height={measured.height}
          className="pointer-events-none absolute inset-0 block touch-none select-none data-[held]:will-change-transform"
          data-held={held ? '' : undefined}
        >
          <Hands
            canvas={ref}
            drawing={`${clip}-drawn`}
            view={view}
            fit={fit}
            projection={projection}
            frame={frame}
            past={past}
            narrow={narrow}
          />
        </svg>
      ) : null}
    </div>
  );
}

const NONE: readonly string[] = [];

/** Findings that the map of the floor within reach shows better than a box. */
const OUT_OF_REACH: ReadonlySet<string> = new Set(['reach.floor.unreached', 'reach.vessel.far']);

/** The picked finding; else those of the station with a zone, where a view shows how far off they are. */
function useBroken(view: View) {
  const station = useBench((s) => s.station);
  const pickedFinding = useBench((s) => s.pickedFinding);
  const { findings } = useAssessment();
  return (
    findings
      // from above the map itself shows what is out of reach, cell by cell
      .filter((f) => !(OUT_OF_REACH.has(f.code) && station === 'reach' && view === 'above'))
      .filter((f) =>
        pickedFinding === null
          ? f.station === station && view !== 'front' && view !== 'rear'
          : f.key === pickedFinding,
      )
      .filter((f) => f.zone !== null)
  );
}
