'use client';
import { useEffect } from 'react';
import { createPortal } from 'react-dom';
import type { AirYear } from '@/core/air/airYear';
import { shutterChanges } from '@/core/air/shutters';
import { changeText, MONTH_NAMES, shareName, yearLesson } from '@/text/airWords';
import { usePlan } from '../session/bench';

/**
 * When to open and shut what, on one sheet for the coop's door: printed as soon as it is there, on screen never.
 * @param done  hears when the print has been made or called off
 */
export function ShutterSheet({ year, done }: { year: AirYear; done: () => void }) {
  const { name, fixtures, units } = usePlan();
  useEffect(() => {
    const root = document.documentElement;
    root.dataset.printing = 'sheet';
    window.addEventListener('afterprint', done, { once: true });
    window.print();
    return () => {
      window.removeEventListener('afterprint', done);
      delete root.dataset.printing;
    };
  }, [done]);
  const nameOf = (id: string): string => fixtures.find((f) => f.id === id)?.name ?? id;
  const { calendar } = year;
  const changes = shutterChanges(calendar);
  const turned = new Set(changes.map((c) => c.id).filter((id, i, all) => all.indexOf(id) !== i));
  return createPortal(
    <div data-print-sheet className="bg-white p-2 text-black">
      <h1 className="text-[1.5rem]">{name}: when to open and shut what</h1>
      <p className="mt-1">{yearLesson(year, units)}</p>
      <table className="mt-4 w-full border-collapse text-[0.9rem]">
        <thead>
          <tr>
            <th scope="col" className="border border-black px-1 text-left">
              opening
            </th>
            {MONTH_NAMES.map((m) => (
              <th key={m} scope="col" className="border border-black px-1">
                {m.slice(0, 3)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {calendar.ids.map((id, k) => (
            <tr key={id}>
              <th scope="row" className="border border-black px-1 text-left font-normal">
                {nameOf(id)}
              </th>
              {calendar.spells.map((spell, m) => (
                <td key={MONTH_NAMES[m]} className="border border-black px-1 text-center">
                  {shareName(spell.shares[k] ?? 0)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <h2 className="mt-4 text-[1.1rem]">Through the year</h2>
      <ul className="mt-1">
        {changes
          .filter((c) => turned.has(c.id))
          .sort((a, b) => a.month - b.month)
          .map((c) => (
            <li key={`${c.id} ${c.month}`}>
              ☐ {MONTH_NAMES[c.month]}: {changeText(nameOf(c.id), c.share)}
            </li>
          ))}
        {changes
          .filter((c) => !turned.has(c.id))
          .map((c) => (
            <li key={c.id}>☐ {changeText(nameOf(c.id), c.share)}, all year</li>
          ))}
      </ul>
      <p className="mt-4 text-[0.84rem]">
        Worked for the climate of the plan. Go by the weather: a warm week in March, a storm in
        June. Smell the air at the height of the bars: if you can smell it there, it is too much.
      </p>
    </div>,
    document.body,
  );
}
