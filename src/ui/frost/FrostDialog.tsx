'use client';
import { useMemo } from 'react';
import type { Plan } from '@/core/model/schema';
import type { FrostOption } from '@/core/stores/frost/compare';
import { lineDates } from '@/core/stores/frost/dates';
import { hottestDay } from '@/core/weather/frostDates';
import { dayOfYearText } from '@/text/climates';
import { formatPlain, formatValue } from '@/text/format';
import { FROST_WAY_NAMES, hoursText, workText } from '@/text/frostWords';
import { FullDialog } from '../forms/FullDialog';
import { FindingList } from '../panel/FindingList';
import { Part } from '../panel/stations/FigureList';
import { type Spec, SpecFields } from '../panel/stations/spec';
import { edit, useAssessment, useBench, usePlan } from '../store/bench';
import { useStores } from '../store/useStores';

/** Ways to keep each drinker open, side by side: what is carried, what is paid, and what a power cut does. */
export function FrostDialog({ close }: { close: () => void }) {
  const plan = usePlan();
  const { flock, findings } = useAssessment();
  const on = useBench((s) => s.on);
  const ask = useMemo(() => ({ kind: 'frost', plan, on }) as const, [plan, on]);
  const told = useStores('frost', ask);
  const ways = told === null || told === 'failed' ? told : told.ways;
  const climate = flock.climate;
  const own = findings.filter((f) => /^water\.(frost|heater)\./.test(f.code));
  const dates = climate && lineDates(climate.nightsC, hottestDay(climate.maxC));
  return (
    <FullDialog title="Water in frost" fit close={close}>
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
        ? ways.map(({ id, options }) => (
            <WaysTable
              key={id}
              name={plan.fixtures.find((f) => f.id === id)?.name ?? 'Rain barrel and its line'}
              options={options}
            />
          ))
        : null}
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

function WaysTable({ name, options }: { name: string; options: readonly FrostOption[] }) {
  const { prices } = usePlan();
  return (
    <section className="overflow-x-auto" data-ways>
      <h3 className="font-semibold text-[0.95rem]" data-name>
        {name}
      </h3>
      <table className="w-full min-w-[34rem] text-[0.9rem]">
        <thead>
          <tr className="border-ink border-b-2 text-soft text-[0.82rem]">
            <th className="py-1 text-left font-normal">Way</th>
            <th className="pl-3 text-left font-normal">On the coldest night</th>
            <th className="pl-3 text-right font-normal">Power cut: blocked after</th>
            <th className="pl-3 text-right font-normal">kWh a winter</th>
            {prices.kWh === null ? null : <th className="pl-3 text-right font-normal">Costs</th>}
          </tr>
        </thead>
        <tbody>
          {options.map((o) => (
            <tr key={o.way} className="border-line border-b">
              <th scope="row" className="py-1 text-left font-normal">
                {FROST_WAY_NAMES[o.way]}
              </th>
              <td className="pl-3" data-axis>
                {workText(o)}
              </td>
              <td className="figures pl-3 text-right" data-axis>
                {hoursText(o.blockedH)}
              </td>
              <td className="figures pl-3 text-right" data-axis>
                {o.heater === null ? '0' : formatPlain(Math.round(o.kWh))}
              </td>
              {prices.kWh === null ? null : (
                <td className="figures pl-3 text-right" data-axis>
                  {formatPlain(Math.round(o.kWh * prices.kWh))}
                  {prices.currency === null ? '' : ` ${prices.currency}`}
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

const LEAD: readonly Spec<Plan['site']>[] = [
  {
    kind: 'openLength',
    label: 'Power lead, long',
    none: 'not measured',
    most: 300,
    get: (s) => s.leadM,
    set: (s, m) => {
      s.leadM = m;
    },
  },
];

/** What all heaters draw at once, and how their lead is run. */
function PowerLead() {
  const { fixtures, rain, site, units } = usePlan();
  const heaters = [
    ...fixtures.flatMap((f) => (f.kind === 'drinker' ? [f.winter] : [])),
    ...(rain ? [rain.barrel.winter] : []),
  ].flatMap((w) => (w.kind === 'heated' ? [w.watts] : []));
  if (heaters.length === 0) return null;
  const all = heaters.reduce((a, b) => a + b, 0);
  return (
    <Part title="Power">
      <p className="text-[0.9rem]">
        All heaters at once draw{' '}
        <span className="figures" data-axis>
          {formatPlain(all)} W
        </span>
        {site.leadM === null ? null : (
          <>
            , over a lead of{' '}
            <span className="figures" data-axis>
              {formatValue(site.leadM, 'm', units)}
            </span>
          </>
        )}
        . Say both where you buy the cable.
      </p>
      <div className="grid w-56 grid-cols-1">
        <SpecFields
          of={site}
          specs={LEAD}
          change={(name, recipe) => edit(name, (d) => recipe(d.site, d))}
        />
      </div>
      <ul className="list-disc pl-5 text-[0.87rem] text-soft" data-reason>
        <li>Residual-current protection, an outdoor cable and box, no joint on the ground.</li>
        <li>Through the wall in a sleeve, its gap sealed against mice; a drip loop before it.</li>
        <li>Fixed wiring, and a lead longer than you can see along: a licensed electrician.</li>
      </ul>
    </Part>
  );
}
