'use client';
import { ChevronDown } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import type { StationId } from '@/core/kernel/finding';
import type { Plan } from '@/core/model/schema';
import { RULE_BOOK } from '@/core/rules/book';
import { PRESETS, type Preset } from '@/core/rules/presets.data';
import { PRESET_WORDS } from '@/text/presets';
import { sentenceText } from '@/text/sentence';
import { STATION_NAMES } from '@/text/stations';
import { TOPIC_NAMES } from '@/text/topics';
import { SchoolList } from '../furniture/SchoolList';
import { nameOf } from '../furniture/schoolName';
import { edit, haunt, useAssessment, useBench, usePlan } from '../session/bench';
import { fetchEngine } from '../session/engineHere';
import { closeHouseRules } from './room';
import { TakeRules } from './TakeRules';

/** All rules that keepers differ about, on one page: what is chosen, why, and what each other would give here. */
export function HouseRules() {
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    heading.current?.focus();
    return () => haunt(null);
  }, []);
  const stations = [...new Set(RULE_BOOK.topics.map((t) => t.station))];
  return (
    <section
      aria-labelledby="house-rules"
      data-house-rules
      className="min-h-0 overflow-y-auto px-5 py-4 max-lg:shrink-0 max-lg:overflow-visible max-lg:group-data-[pane=staves]/main:hidden"
    >
      <div className="flex items-start justify-between gap-3 max-sm:flex-wrap">
        <div>
          <h2 id="house-rules" ref={heading} tabIndex={-1} className="text-[1.3rem] outline-none">
            House rules
          </h2>
          <p className="max-w-xl text-soft">
            Keepers differ about these. Choose what you keep birds by; each says what it would give
            for this plan.
          </p>
        </div>
        <button type="button" className="button shrink-0" onClick={closeHouseRules}>
          Back to the coop
        </button>
      </div>
      <ul className="mt-3 grid gap-3 md:grid-cols-3" aria-label="Sets of rules">
        {PRESETS.map((preset) => (
          <PresetCard key={preset.id} preset={preset} />
        ))}
      </ul>
      <TakeRules />
      {stations.map((station) => (
        <OfStation key={station} station={station} />
      ))}
    </section>
  );
}

/** The rules that a set makes of a plan; what is not of the set goes by its default. */
const withPreset = (plan: Plan, { schools }: Preset): Plan => ({
  ...plan,
  schools: { ...schools },
});

/** One set, what it makes of this plan, and the way to take it. */
function PresetCard({ preset }: { preset: Preset }) {
  const plan = usePlan();
  const on = useBench((s) => s.on);
  const [made, setMade] = useState<{ said: string; rails: Record<string, number> } | null>(null);
  useEffect(() => {
    let late = false;
    void fetchEngine()
      .then(({ createAssessor }) => {
        if (late) return;
        const { sentence, staves } = createAssessor()(withPreset(plan, preset), { on, lean: true });
        setMade({
          said: sentenceText(sentence),
          rails: Object.fromEntries(
            staves.flatMap((s) => (s.carries === null ? [] : [[s.station, s.carries]])),
          ),
        });
      })
      .catch(() => undefined);
    return () => {
      late = true;
    };
  }, [plan, preset, on]);
  const { name, why } = PRESET_WORDS[preset.id];
  const chosen = isTaken(plan, preset);
  const rest = (): void => haunt(made === null ? null : { plan: null, rails: made.rails });
  return (
    <li
      className={`flex flex-col border p-3 ${chosen ? 'border-chalk' : 'border-line'}`}
      data-preset={preset.id}
      data-chosen={chosen || undefined}
    >
      <h3 className="text-[1.05rem]">{name}</h3>
      <p className="text-[0.88rem] text-soft">{why}</p>
      <p className="mt-1 flex-1 text-[0.9rem]" aria-live="polite">
        {made?.said ?? 'Working…'}
      </p>
      <button
        type="button"
        className="button mt-2 justify-center"
        disabled={chosen}
        onPointerEnter={rest}
        onPointerLeave={() => haunt(null)}
        onFocus={rest}
        onBlur={() => haunt(null)}
        onClick={() =>
          edit(name, (d) => {
            d.schools = { ...preset.schools };
          })
        }
      >
        {chosen ? 'Chosen' : preset.id === 'usual' ? 'Back to the usual rules' : 'Take this set'}
      </button>
    </li>
  );
}

const isTaken = ({ schools }: Plan, preset: Preset): boolean => {
  const entries = Object.entries(schools);
  return (
    entries.length === Object.keys(preset.schools).length &&
    entries.every(([topic, id]) => preset.schools[topic] === id)
  );
};

/** The topics of one station, each shut to a line until it is opened. */
function OfStation({ station }: { station: StationId }) {
  const { schools } = useAssessment();
  const { units, schools: own } = usePlan();
  const topics = RULE_BOOK.topics.filter((t) => t.station === station && schools[t.id]);
  if (topics.length === 0) return null;
  return (
    <section className="mt-5">
      <h3 className="border-line border-b text-[1.1rem]">{STATION_NAMES[station]}</h3>
      {topics.map((topic) => {
        const offers = schools[topic.id] ?? [];
        const chosen = offers.find((o) => o.chosen);
        return (
          <details key={topic.id} className="border-line border-b py-2" data-topic={topic.id}>
            <summary className="flex cursor-pointer flex-wrap items-baseline gap-x-3 hover:bg-raised max-lg:min-h-[44px]">
              <span className="min-w-[14rem] text-soft">{TOPIC_NAMES[topic.id]}</span>
              <span className="font-semibold">{chosen ? nameOf(chosen, units) : ''}</span>
              {own[topic.id] === undefined ? null : (
                <span className="text-[0.85rem] text-soft">changed</span>
              )}
              <span className="ml-auto flex items-center gap-1 text-[0.9rem] text-chalk">
                Compare <ChevronDown size={14} aria-hidden />
              </span>
            </summary>
            <div className="max-w-2xl">
              {own[topic.id] === undefined ? null : (
                <button
                  type="button"
                  className="button mt-2"
                  onClick={() =>
                    edit(`Usual rule: ${TOPIC_NAMES[topic.id]}`, (d) => {
                      delete d.schools[topic.id];
                    })
                  }
                >
                  Back to the usual rule
                </button>
              )}
              <SchoolList topic={topic.id} offers={offers} station={station} />
            </div>
          </details>
        );
      })}
    </section>
  );
}
