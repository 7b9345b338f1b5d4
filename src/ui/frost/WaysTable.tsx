'use client';
import { Check } from 'lucide-react';
import type { Drinker, Plan } from '@/core/model/schema';
import { barrelWay, drinkerWay, takeBarrelWay, takeDrinkerWay } from '@/core/stores/frost/choose';
import type { FrostOption } from '@/core/stores/frost/compare';
import { BARREL_ID } from '@/core/tending/frostWays';
import { formatPlain } from '@/text/format';
import { FROST_WAY_NAMES, hoursText, workText } from '@/text/frostWords';
import { edit, usePlan } from '../session/bench';

/** The drinker of that id in a plan. */
const drinkerIn = (plan: Plan, id: string): Drinker | undefined =>
  plan.fixtures.find((f): f is Drinker => f.kind === 'drinker' && f.id === id);

/** What parts of a table are, said once more: as blocks on a phone they would no longer be. */
const ROLES = {
  table: { role: 'table' },
  row: { role: 'row' },
  rowheader: { role: 'rowheader' },
  cell: { role: 'cell' },
} as const;

const COSTS = 'Costs a winter';
const heated = ({ heater }: FrostOption, value: number): string => {
  if (heater === null) return '0';
  if (heater.sizeW === null) return '–';
  return value > 0 && value < 0.5 ? 'under 1' : formatPlain(Math.round(value));
};

/** What is told of each way. */
const COLUMNS: readonly {
  readonly title: string;
  readonly number: boolean;
  /** Says nothing where there is no heater. */
  readonly power?: true;
  readonly say: (o: FrostOption, plan: Plan) => string;
}[] = [
  {
    title: 'On the coldest night',
    number: false,
    say: (o, { fills }) => workText(o, fills.waterDays * 24),
  },
  {
    title: 'Power cut: blocked after',
    number: true,
    say: (o) => (o.way === 'drained' ? 'empty' : hoursText(o.blockedH)),
  },
  { title: 'Hours on', number: true, power: true, say: (o) => heated(o, o.hoursOn) },
  { title: 'kWh a winter', number: true, power: true, say: (o) => heated(o, o.kWh) },
  {
    title: COSTS,
    number: true,
    power: true,
    say: (o, { prices }) => heated(o, o.kWh * (prices.kWh ?? 0)),
  },
];

/** A column's title; what it costs in the keeper's currency, where she has named it. */
const named = (title: string, currency: string | null): string =>
  title === COSTS && currency !== null ? `${title}, ${currency}` : title;

/** Ways to keep one drinker, or the barrel with its line, open side by side; the one that is chosen is marked. */
export function WaysTable({ id, options }: { id: string; options: readonly FrostOption[] }) {
  const plan = usePlan();
  const { prices } = plan;
  const drinker = drinkerIn(plan, id);
  const now =
    id === BARREL_ID ? plan.rain && barrelWay(plan.rain) : drinker ? drinkerWay(drinker) : null;
  const name = drinker?.name ?? 'Rain barrel and its line';
  const choose = (option: FrostOption): void => {
    edit(`${name}: ${FROST_WAY_NAMES[option.way]}`, (d) => {
      const own = drinkerIn(d, id);
      if (id === BARREL_ID && d.rain) takeBarrelWay(d.rain, option);
      else if (own) takeDrinkerWay(own, option, d.units);
    });
  };
  return (
    <section className="shrink-0" data-ways>
      <h3 className="font-semibold text-[0.95rem]" data-name>
        {name}
      </h3>
      {/* on a phone each way is a card: the roles keep it a table */}
      <table {...ROLES.table} className="w-full table-fixed text-[0.9rem] max-sm:block">
        <thead className="max-sm:hidden">
          <tr className="border-ink border-b-2 align-bottom text-soft text-[0.82rem]">
            <th className="w-[27%] py-1 text-left font-normal">Way</th>
            {COLUMNS.map(({ title, number }) =>
              title === COSTS && prices.kWh === null ? null : (
                <th
                  key={title}
                  className={`pl-3 font-normal ${number ? 'text-right' : 'w-[21%] text-left'}`}
                >
                  {named(title, prices.currency)}
                </th>
              ),
            )}
            <th className="w-24">
              <span className="sr-only">Choose</span>
            </th>
          </tr>
        </thead>
        <tbody className="max-sm:block">
          {options.map((o) => (
            <tr
              key={o.way}
              {...ROLES.row}
              className={`border-line border-b max-sm:block max-sm:py-2 ${o.way === now ? 'bg-paper' : ''}`}
            >
              <th
                scope="row"
                {...ROLES.rowheader}
                className="py-1 text-left font-normal max-sm:block max-sm:font-semibold"
              >
                {FROST_WAY_NAMES[o.way]}
              </th>
              {COLUMNS.map(({ title, number, power, say }) =>
                title === COSTS && prices.kWh === null ? null : (
                  <td
                    key={title}
                    {...ROLES.cell}
                    className={`pl-3 max-sm:flex max-sm:justify-between max-sm:gap-3 max-sm:pl-0 ${number ? 'text-right' : ''} ${power && o.heater === null ? 'max-sm:hidden' : ''}`}
                  >
                    <span className="text-soft sm:hidden">{named(title, prices.currency)}</span>
                    <span className={number ? 'figures whitespace-nowrap' : ''} data-axis>
                      {say(o, plan)}
                    </span>
                  </td>
                ),
              )}
              <td {...ROLES.cell} className="w-px py-1 pl-3 text-right max-sm:block max-sm:pl-0">
                <WayPress
                  chosen={o.way === now}
                  made={o.heater === null || o.heater.sizeW !== null}
                  name={FROST_WAY_NAMES[o.way]}
                  press={() => choose(o)}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** Chooses a way; the one that is chosen says so in its place. */
function WayPress({
  chosen,
  made,
  name,
  press,
}: {
  chosen: boolean;
  /** A heater is made for it. */
  made: boolean;
  name: string;
  press: () => void;
}) {
  if (!made) return null;
  return (
    <button
      type="button"
      className="button min-h-[1.75rem] px-2 text-[0.85rem]"
      aria-label={`${name}: choose`}
      aria-pressed={chosen}
      onClick={press}
    >
      {chosen ? (
        <>
          <Check size={14} aria-hidden /> chosen
        </>
      ) : (
        'Choose'
      )}
    </button>
  );
}
