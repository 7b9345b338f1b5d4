'use client';
import { type ShutterCalendar, shutterChanges } from '@/core/air/shutters';
import { changeText, MONTH_NAMES, shareName } from '@/text/airWords';
import { usePlan } from '../session/bench';

const FILL: readonly (readonly [number, string])[] = [
  [0, 'bg-sunk'],
  [0.25, 'bg-chalk-soft'],
  [0.5, 'bg-chalk-faint'],
  [1, 'bg-chalk'],
];
const fillOf = (share: number): string => FILL.find(([s]) => share <= s)?.[1] ?? 'bg-chalk';

/** A strip of the year for each opening that can be shut, and its changes in words. */
export function ShutterStrips({ calendar }: { calendar: ShutterCalendar }) {
  const { fixtures } = usePlan();
  const nameOf = (id: string): string => fixtures.find((f) => f.id === id)?.name ?? id;
  if (calendar.ids.length === 0)
    return (
      <p className="text-soft">
        No window or vent here can be opened and shut, so there is nothing to turn in the year.
      </p>
    );
  return (
    <div className="flex flex-col gap-2" data-shutters>
      <ul className="flex flex-col gap-1.5">
        {calendar.ids.map((id, k) => (
          <li key={id} className="grid grid-cols-[8rem_1fr] items-center gap-2 max-sm:grid-cols-1">
            <span data-name>{nameOf(id)}</span>
            <span className="grid h-5 grid-cols-12 border border-line">
              {calendar.spells.map((spell, m) => (
                <span
                  key={MONTH_NAMES[m]}
                  className={`border-line border-r last:border-r-0 ${fillOf(spell.shares[k] ?? 0)}`}
                  title={`${MONTH_NAMES[m]}: ${shareName(spell.shares[k] ?? 0)}`}
                />
              ))}
            </span>
          </li>
        ))}
      </ul>
      <ul className="list-disc pl-5 text-[0.9rem]">
        {shutterChanges(calendar).map(({ id, month, share }) => (
          <li key={`${id}-${month}`}>
            {changeText(nameOf(id), share)}
            {shutterChanges(calendar).filter((c) => c.id === id).length > 1
              ? ` in ${MONTH_NAMES[month]}`
              : ' all year'}
          </li>
        ))}
      </ul>
    </div>
  );
}
