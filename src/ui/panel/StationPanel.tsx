'use client';
import Link from 'next/link';
import { cautionsOf } from '@/core/cautions';
import type { StationId } from '@/core/kernel/finding';
import { cautionText } from '@/text/cautions';
import { STATION_NAMES, VERDICT_NAMES } from '@/text/stations';
import { FindingList } from '../furniture/FindingList';
import { useRemedies } from '../furniture/useRemedies';
import { Mark } from '../marks/Mark';
import { openHouseRules } from '../rules/room';
import { useAssessment, useBench, usePlan } from '../session/bench';
import { LoadGuard } from './LoadGuard';
import { NeededThere } from './NeededThere';
import { PANELS } from './panels';
import { RoughMeasures } from './parts';
import { Schools } from './Schools';

/** The station in view: needed against there, its worst finding and what it lacks, its fixtures, the rest, the schools, the cautions. */
export function StationPanel() {
  const station = useBench((s) => s.station);
  const hasRough = useBench((s) => (s.plan?.roughly.length ?? 0) > 0 && s.worked);
  const { findings } = useAssessment();
  const own = findings.filter((f) => f.station === station);
  // the worst, and what a station that carries too few lacks: the number above is not left without its reason
  const worst = own[0];
  const lacks = own.find((f) => f.severity === 'short');
  const first = [worst, lacks === worst ? undefined : lacks].filter((f) => f !== undefined);
  const { Fields, topics } = PANELS[station];
  useRemedies(station);
  return (
    <aside
      key={station}
      data-panel={station}
      aria-label={`${STATION_NAMES[station]}, in detail`}
      className="relative flex min-h-0 flex-col gap-4 overflow-y-auto border-line border-l bg-raised px-4 py-3 max-lg:shrink-0 max-lg:overflow-visible max-lg:border-l-0 max-lg:group-data-[pane=staves]/main:hidden"
    >
      <Heading station={station} />
      <NeededThere station={station} />
      {hasRough ? <RoughMeasures station={station} /> : null}
      <FindingList findings={first} />
      <LoadGuard>
        <Fields />
      </LoadGuard>
      <FindingList findings={own.filter((f) => !first.includes(f))} />
      {topics.map((topic) => (
        <Schools key={topic} topic={topic} />
      ))}
      <Cautions station={station} />
    </aside>
  );
}

function Heading({ station }: { station: StationId }) {
  const { staves } = useAssessment();
  const stave = staves.find((s) => s.station === station);
  return (
    <div className="flex items-baseline justify-between gap-2 border-ink border-b-2 pb-1.5">
      <h2 id="panel" className="text-[1.35rem]" tabIndex={-1}>
        {STATION_NAMES[station]}
      </h2>
      {stave?.verdict ? (
        <span
          className={`flex items-center gap-1.5 font-semibold ${stave.verdict === 'short' ? 'text-oxide' : stave.verdict === 'ample' ? 'text-verdigris' : ''}`}
        >
          <Mark kind={stave.verdict} /> {VERDICT_NAMES[stave.verdict]}
        </span>
      ) : null}
      {stave?.state === 'notEntered' ? (
        <span className="flex items-center gap-1.5 text-soft">
          <Mark kind="notEntered" /> not entered
        </span>
      ) : null}
    </div>
  );
}

function Cautions({ station }: { station: StationId }) {
  const plan = usePlan();
  const assessment = useAssessment();
  // what always holds stands on the sheet; what a choice made here brings stands here
  const own = cautionsOf(plan, assessment).filter((c) => c.station === station && !c.always);
  return (
    <div className="mt-auto border-line border-t pt-2 text-[0.84rem] text-soft">
      {own.length > 0 ? (
        <>
          <h3 className="mb-1 font-semibold text-[0.84rem] text-ink">Take care</h3>
          <ul className="flex flex-col gap-1" data-reason>
            {own.map((c) => (
              <li key={c.id}>{cautionText(c.id, plan.units)}</li>
            ))}
          </ul>
        </>
      ) : null}
      <button
        type="button"
        className="mt-1.5 mr-4 text-chalk hover:underline max-lg:min-h-[44px]"
        data-open-rules
        onClick={openHouseRules}
      >
        House rules
      </button>
      <Link
        href={`/plans/${plan.id}/cautions`}
        prefetch={false}
        className="mt-1.5 inline-block text-chalk hover:underline max-lg:py-3"
      >
        All cautions of this plan, to print
      </Link>
    </div>
  );
}
