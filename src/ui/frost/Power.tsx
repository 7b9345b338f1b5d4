'use client';
import type { UnitSystem } from '@/core/kernel/units/length';
import type { Plan } from '@/core/model/schema';
import { formatPlain, formatValue } from '@/text/format';
import { TextField } from '../forms/fields';
import { Part } from '../furniture/FigureList';
import { type Spec, SpecFields } from '../furniture/spec';
import { edit, usePlan } from '../session/bench';

/** Air that a plug can be set to, °C. */
const PLUGS_C = [-2, -1, 0, 1, 2] as const;

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

const POWER: readonly Spec<Plan['prices']>[] = [
  {
    kind: 'openAmount',
    label: 'A kWh costs',
    unit: '',
    none: 'not said',
    least: 0,
    most: 1e6,
    get: (p) => p.kWh,
    set: (p, v) => {
      p.kWh = v;
    },
  },
];
const PLUG = (units: UnitSystem): readonly Spec<Plan['site']>[] => [
  {
    kind: 'choice',
    label: 'The plug switches on below',
    choices: PLUGS_C.map((c) => ({ id: String(c), name: formatValue(c, 'celsius', units) })),
    get: (s) => String(s.plugC),
    set: (s, c) => {
      s.plugC = Number(c);
    },
  },
];

/** What power costs here, and at what cold a plug switches a heater on. */
export function PowerCost() {
  const { prices, site, units } = usePlan();
  return (
    <div className="grid max-w-[34rem] grid-cols-1 items-end gap-3 sm:grid-cols-3">
      <SpecFields
        of={prices}
        specs={POWER}
        change={(name, recipe) => edit(name, (d) => recipe(d.prices, d))}
      />
      <TextField
        label="Currency"
        value={prices.currency ?? ''}
        commit={(text) =>
          edit('Currency', (d) => {
            d.prices.currency = text.trim() || null;
          })
        }
      />
      <SpecFields
        of={site}
        specs={PLUG(units)}
        change={(name, recipe) => edit(name, (d) => recipe(d.site, d))}
      />
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
