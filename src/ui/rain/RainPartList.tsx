'use client';
import { useEffect, useRef } from 'react';
import { RAIN_PARTS, type RainPart } from '@/core/drawing/rain/elevation';
import { vesselKind } from '@/core/rules/vesselKinds.data';
import { drinkersOf } from '@/core/stations/vessels/vessels';
import { SEVERITY_NAMES } from '@/text/findingSay';
import { FigureList } from '../furniture/FigureList';
import { FindingList } from '../furniture/FindingList';
import { Mark } from '../marks/Mark';
import { useAssessment, usePlan } from '../session/bench';
import { faultsOf, PART_WORDS } from './rainParts';

/** Each part of the rain's way, judged: its figures, and what is wrong with it. */
export function RainPartList({
  picked,
  pick,
}: {
  picked: RainPart | null;
  pick: (part: RainPart) => void;
}) {
  return (
    <ul className="flex flex-col" data-rain-parts>
      {RAIN_PARTS.map((part) => (
        <li key={part}>
          <PartCard part={part} picked={part === picked} pick={() => pick(part)} />
        </li>
      ))}
    </ul>
  );
}

function PartCard({ part, picked, pick }: { part: RainPart; picked: boolean; pick: () => void }) {
  const plan = usePlan();
  const { findings } = useAssessment();
  const own = useRef<HTMLElement>(null);
  const { name, figures } = PART_WORDS[part];
  const faults = faultsOf(part, findings);
  const [worst] = faults;
  const onLine = drinkersOf(plan).filter((v) => vesselKind(v).onLine);
  const heads = onLine.map((v) => ({
    name: `Barrel’s foot over ${v.name}`,
    id: `water.rain.head.${v.id}`,
  }));
  useEffect(() => {
    if (picked) own.current?.scrollIntoView({ block: 'nearest' });
  }, [picked]);
  return (
    <section
      ref={own}
      className={`flex flex-col gap-1 border-l-[3px] py-1.5 pl-2 ${picked ? 'border-chalk bg-paper' : 'border-transparent'}`}
      data-rain-part={part}
    >
      <button
        type="button"
        className="flex items-baseline justify-between gap-3 text-left hover:text-chalk max-lg:min-h-[44px] max-lg:items-center"
        aria-pressed={picked}
        onClick={pick}
      >
        <span className="font-semibold text-[0.95rem]">{name}</span>
        <span className="flex items-center gap-1 text-[0.84rem]">
          <Mark kind={worst?.severity ?? 'enough'} />
          {worst ? SEVERITY_NAMES[worst.severity] : 'in order'}
        </span>
      </button>
      <FigureList rows={part === 'line' ? [...heads, ...figures] : figures} />
      {part === 'line' && onLine.length === 0 ? (
        <p className="text-[0.87rem] text-soft" data-reason>
          No drinker hangs on it yet: you fill the drinkers from the barrel. Under Water, cups or
          nipples take the water by themselves.
        </p>
      ) : null}
      {faults.length > 0 ? <FindingList findings={faults} /> : null}
    </section>
  );
}
