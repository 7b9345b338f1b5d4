'use client';
import { Plus } from 'lucide-react';
import type { KeyboardEvent } from 'react';
import type { View } from '@/core/drawing/shape';
import { MARK_NAMES, MEASURED_FROM } from '@/text/marks';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { useAdd } from '../panel/useAdd';
import { addGroup } from '../store/adding';
import { pick, show, useAssessment, useBench, usePlan, useWhole, useWorked } from '../store/bench';
import { Drawing } from './Drawing';
import { FinishIt } from './FinishIt';
import { GhostShapes } from './GhostShapes';
import { nudgePicked } from './nudge';
import { type Frame, pastWalls, project } from './projection';
import { FootStick, StoryStick } from './Sticks';
import { useSize } from './size';
import { stickPx } from './stickLabels';
import { ViewChoice } from './ViewChoice';

const CAPTIONS: Readonly<Record<View, string>> = {
  front: 'Section, seen from the front',
  side: 'Section, seen from the right; the front is at the left',
  above: 'Plan, seen from above; the front is at the foot',
};

/** From where each view is seen, for readers of the screen. */
const SEEN: Readonly<Record<View, string>> = {
  front: 'seen from the front',
  side: 'seen from the right side',
  above: 'seen from above',
};

/** Narrower than this a drawing has no room for every mark: only the picked fixture's are shown. */
const NARROW_PX = 480;
/** The size that is drawn for until the browser has measured: the bench on a screen of 1280 × 800. */
const NOMINAL = { width: 720, height: 643 } as const;
/** Where the story stick stands, px. */
const STICK_AT = 18;

/** @param besidePx  breadth of the story stick with its figures and names, px */
const margins = (view: View, narrow: boolean, besidePx: number): Omit<Frame, 'width' | 'height'> =>
  narrow
    ? { left: view === 'above' ? 16 : 78, right: 16, top: 10, bottom: 40 }
    : view === 'above'
      ? { left: 30, right: 30, top: 24, bottom: 66 }
      : { left: Math.max(182, STICK_AT + besidePx + 14), right: 22, top: 30, bottom: 70 };

/** The coop to scale, with its sticks; the middle of the screen. */
export function Bench() {
  const view = useBench((s) => s.view);
  return (
    <section
      aria-label="The coop, to scale"
      data-letters
      className="flex min-h-0 min-w-0 flex-col max-lg:sticky max-lg:top-0 max-lg:z-[5] max-lg:h-[300px] max-lg:shrink-0 max-lg:border-line max-lg:border-b max-lg:bg-paper max-lg:group-data-[pane=staves]/main:hidden"
    >
      <div className="flex items-center justify-between gap-3 px-4 pt-3">
        <p className="caption max-lg:sr-only">
          {CAPTIONS[view]}
          {view === 'above' ? null : <span className="block">{MEASURED_FROM}</span>}
        </p>
        <ViewChoice view={view} choose={show} />
      </div>
      <WorkingHost className="min-h-0 flex-1" workingClassName="max-h-56 overflow-auto px-4">
        <Canvas view={view} />
      </WorkingHost>
      <div className="max-lg:hidden">
        <PlacesLine />
        <FinishIt />
      </div>
    </section>
  );
}

function Canvas({ view }: { view: View }) {
  const plan = usePlan();
  const assessment = useAssessment();
  const whole = useWhole();
  const worked = useWorked();
  const picked = useBench((s) => s.picked);
  const ghost = useBench((s) => s.ghost);
  const zones = useZones(view);
  const station = useBench((s) => s.station);
  const [ref, measured] = useSize<HTMLDivElement>();
  const size = measured ?? NOMINAL;
  const onKey = (event: KeyboardEvent): void => {
    if (nudgePicked(event, view)) event.preventDefault();
  };
  if (size.width < 40) return <div ref={ref} className="h-full min-h-60" />;
  const narrow = size.width < NARROW_PX;
  const beside = stickPx(
    assessment.marks,
    assessment.marks.map((m) => MARK_NAMES[m.kind]),
    plan.units,
  );
  const frame = { ...size, ...margins(view, narrow, beside) };
  const past = pastWalls(view, plan);
  const projection = project(view, plan.shell, frame, { past });
  const ofPicked = <M extends { fixtures: readonly string[] }>(
    marks: readonly M[],
  ): readonly M[] =>
    narrow ? marks.filter((m) => picked !== null && m.fixtures.includes(picked)) : marks;
  const foot = ofPicked(view === 'side' ? assessment.feet.y : assessment.feet.x);
  return (
    <div ref={ref} className="h-full min-h-60 overflow-hidden">
      <svg
        role="application"
        aria-label={`Drawing of ${plan.name}, ${SEEN[view]}. Arrow keys move the picked fixture.`}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: arrows move the picked fixture while the drawing has focus
        tabIndex={0}
        // drawn for no size in particular, it fills what room there is
        viewBox={measured ? undefined : `0 0 ${size.width} ${size.height}`}
        width={measured ? size.width : '100%'}
        height={measured ? size.height : '100%'}
        data-scale={projection.scale}
        data-view={view}
        onKeyDown={onKey}
        className="block"
      >
        <Drawing
          plan={plan}
          birds={whole.birds}
          projection={projection}
          picked={picked}
          zones={zones}
          reach={worked && station === 'reach' ? assessment.reach : null}
          onPick={pick}
        />
        {ghost?.plan ? (
          <GhostShapes plan={plan} ghost={ghost.plan} projection={projection} />
        ) : null}
        {view === 'above' ? null : (
          <StoryStick
            marks={ofPicked(assessment.marks)}
            projection={projection}
            x={narrow ? 6 : STICK_AT}
            named={!narrow}
            picked={picked}
          />
        )}
        <FootStick
          marks={foot}
          projection={projection}
          y={projection.v(0) + (view === 'above' ? past.below * projection.scale + 8 : 12)}
          width={size.width}
          picked={picked}
        />
      </svg>
    </div>
  );
}

/** Findings that the map of the floor within reach shows better than a box. */
const OUT_OF_REACH: ReadonlySet<string> = new Set(['reach.floor.unreached', 'reach.vessel.far']);

/** The zone of the picked finding; else those of the station, where a view shows how far off they are. */
function useZones(view: View) {
  const station = useBench((s) => s.station);
  const pickedFinding = useBench((s) => s.pickedFinding);
  const { findings } = useAssessment();
  return (
    findings
      // from above the map itself shows what is out of reach, cell by cell
      .filter((f) => !(OUT_OF_REACH.has(f.code) && station === 'reach' && view === 'above'))
      .filter((f) =>
        pickedFinding === null
          ? f.station === station && view !== 'front'
          : f.key === pickedFinding,
      )
      .flatMap((f) => (f.zone ? [f.zone] : []))
  );
}

/** Who has a place, in words, under the drawing. */
function PlacesLine() {
  const { figures, planned } = useAssessment();
  const add = useAdd();
  const without = figures.get('roosts.without');
  if (planned === 0 || !without) {
    return (
      <p className="flex flex-wrap items-center gap-x-3 gap-y-1 px-4 pt-1 pb-3 text-[0.9rem] text-soft">
        {planned === 0 ? (
          <>
            No birds yet.
            <button type="button" className="button" onClick={addGroup}>
              <Plus size={15} aria-hidden /> Add six hens
            </button>
            They stand here at their own size.
          </>
        ) : (
          <>
            No bars yet.
            <button type="button" className="button" onClick={() => add('bar')}>
              <Plus size={15} aria-hidden /> Put a bar in
            </button>
            The birds go up on it.
          </>
        )}
      </p>
    );
  }
  const all = without.value === 0;
  return (
    <WorkingHost className="px-4 pt-1 pb-3 text-[0.9rem] text-soft" workingClassName="px-4 pb-3">
      {all ? (
        <p>At night every planned bird has a place on the bars.</p>
      ) : (
        <p>
          At night: <Figure id="roosts.without" /> without a place on the bars, dashed on the
          litter.
        </p>
      )}
    </WorkingHost>
  );
}
