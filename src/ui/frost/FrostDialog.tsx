'use client';
import { useMemo } from 'react';
import { lineDates } from '@/core/stores/frost/dates';
import { hottestDay } from '@/core/weather/frostDates';
import { dayOfYearText } from '@/text/climates';
import { formatValue } from '@/text/format';
import { FullDialog } from '../forms/FullDialog';
import { Part } from '../furniture/FigureList';
import { FindingList } from '../furniture/FindingList';
import { useAssessment, useBench, usePlan } from '../session/bench';
import { useStores } from '../session/useStores';
import { PowerCost, PowerLead } from './Power';
import { WaysTable } from './WaysTable';

/** Ways to keep each drinker open, side by side: what is carried, what is paid, and what a power cut does. */
export function FrostDialog({ close }: { close: () => void }) {
  const plan = usePlan();
  const { flock, findings } = useAssessment();
  const on = useBench((s) => s.on);
  const ask = useMemo(() => ({ kind: 'frost', plan, on }) as const, [plan, on]);
  const told = useStores('frost', ask, true);
  const ways = told === null || told === 'failed' ? told : told.ways;
  const climate = flock.climate;
  const own = findings.filter((f) => /^water\.(frost|heater)\./.test(f.code));
  const dates = climate && lineDates(climate.nightsC, hottestDay(climate.maxC));
  return (
    <FullDialog title="Water in frost" fit="wide" close={close}>
      {climate === null ? (
        <p className="text-soft">
          Choose a climate under Air: then hours to ice are worked for it.
        </p>
      ) : (
        <p className="text-soft" data-reason>
          On the coldest night that is planned for,{' '}
          {formatValue(climate.design.winterC, 'celsius', plan.units)}, with fresh water just
          poured. Energy is that of a mean winter.
        </p>
      )}
      {own.length > 0 ? <FindingList findings={own} /> : null}
      {ways === 'failed' ? (
        <p className="text-oxide">It could not be worked. Open it again.</p>
      ) : null}
      {ways === null && climate !== null ? <p className="text-soft">Working ten winters…</p> : null}
      {Array.isArray(ways) && ways.length === 0 && climate !== null ? (
        <p>No drinker freezes here.</p>
      ) : null}
      {Array.isArray(ways)
        ? ways.map(({ id, options }) => <WaysTable key={id} id={id} options={options} />)
        : null}
      {Array.isArray(ways) && ways.length > 0 ? <PowerCost /> : null}
      {dates ? (
        <Part title="A line that is drained">
          <p className="text-[0.9rem]" data-reason>
            Drain it by <time>{dayOfYearText(dates.drainBy[0])}</time>: in one year of ten frost has
            come by then. By <time>{dayOfYearText(dates.drainBy[1])}</time> it has come in five, by{' '}
            <time>{dayOfYearText(dates.drainBy[2])}</time> in nine. Fill it again after{' '}
            <time>{dayOfYearText(dates.refillBy[2])}</time>: in nine years of ten the last frost is
            over. In five it is over by <time>{dayOfYearText(dates.refillBy[1])}</time>.
          </p>
        </Part>
      ) : null}
      <PowerLead />
    </FullDialog>
  );
}
