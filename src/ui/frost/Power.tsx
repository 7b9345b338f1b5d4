'use client';
import type { UnitSystem } from '@/core/kernel/units/length';
import type { Plan } from '@/core/model/schema';
import { formatPlain, formatValue } from '@/text/format';
import { TextField } from '../forms/fields';
import { Part } from '../furniture/FigureList';
import { PlanFields } from '../furniture/PlanFields';
import { PriceField } from '../furniture/PriceField';
import type { Rows } from '../furniture/rows';
import { edit, usePlan } from '../session/bench';

/** Air that a plug can be set to, °C. */
const PLUGS_C = [-2, -1, 0, 1, 2] as const;

const plugRows = (units: UnitSystem): Rows<Plan['site']> => [
  {
    path: 'plugC',
    choices: PLUGS_C.map((id) => ({ id, name: formatValue(id, 'celsius', units) })),
    as: { type: 'choice', show: (c) => c, store: (c) => c },
  },
];

/** What power costs here, and at what cold a plug switches a heater on. */
export function PowerCost() {
  const { prices, units } = usePlan();
  return (
    <div className="grid max-w-[34rem] grid-cols-1 items-end gap-3 sm:grid-cols-3">
      <PriceField of="kWh" />
      <TextField
        label="Currency"
        value={prices.currency ?? ''}
        commit={(text) =>
          edit('Currency', (d) => {
            d.prices.currency = text.trim() || null;
          })
        }
      />
      <PlanFields at="site" rows={plugRows(units)} />
    </div>
  );
}

/** What all heaters draw at once, and how their lead is run. */
export function PowerLead() {
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
        <PlanFields at="site" rows={[{ path: 'leadM', none: 'not measured' }]} />
      </div>
      <ul className="list-disc pl-5 text-[0.87rem] text-soft" data-reason>
        <li>Residual-current protection, an outdoor cable and box, no joint on the ground.</li>
        <li>Through the wall in a sleeve, its gap sealed against mice; a drip loop before it.</li>
        <li>Fixed wiring, and a lead longer than you can see along: a licensed electrician.</li>
      </ul>
    </Part>
  );
}
