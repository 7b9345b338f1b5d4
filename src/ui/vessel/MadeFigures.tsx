'use client';
import { formatTape, formatTrue, type Tape } from '@/core/kernel/units/tape';
import type { Vessel } from '@/core/model/schema';
import { roundHoles } from '@/core/stores/vessels/holes';
import { portSpacing } from '@/core/stores/vessels/ports';
import { acrossAtM } from '@/core/stores/vessels/volume';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { FigureList, Part } from '../furniture/FigureList';
import { useAssessment } from '../session/bench';

/** What it holds and how long it lasts. */
export function HoldsFigures({ vessel: v }: { vessel: Vessel }) {
  const isFeed = v.kind === 'feeder';
  const station = isFeed ? 'feed' : 'water';
  const id = (name: string): string => `${station}.vessel.${v.id}.${name}`;
  return (
    <Part title="What it holds">
      <FigureList
        rows={[
          { name: 'Filled to the brim', id: id('whole') },
          { name: isFeed ? 'Never runs out' : 'Stays below the holes', id: id('dead') },
          { name: 'Birds can have', id: id('litres') },
          ...(isFeed ? [{ name: 'which is', id: id('contents') }] : []),
          v.hung
            ? { name: 'Full and swinging it pulls like', id: id('weight') }
            : { name: 'Full it weighs', id: id('full') },
          { name: 'All of them last', id: `${station}.days` },
          { name: 'Lost to waste in a year', id: id('wasteYear') },
          { name: 'at the least', id: id('wasteYearLeast') },
          { name: 'at the most', id: id('wasteYearMost') },
          { name: 'which costs', id: id('wasteCost') },
          { name: 'Warmed by day it pushes out', id: id('pushed') },
        ]}
      />
    </Part>
  );
}

/** Lines of the table of cuts, in the order that they are marked. */
const CUTS = [
  ['around', 'Round it at the holes'],
  ['arc', 'From middle to middle'],
  ['web', 'Wall left between two'],
  ['hole', 'Hole to cut'],
  ['middle', 'Middle of the holes above the foot'],
  ['room', 'Room round the bucket'],
  ['underRim', 'Water under the pan’s rim'],
  ['stand', 'Block under it'],
  ['cord', 'Cord of a level gauge'],
  ['buyAt', 'Gauge drawn up so far: buy feed'],
] as const;

/** Each measure as it is worked, and as the keeper's own tape has it. */
export function CutTable({ vessel: v, tape }: { vessel: Vessel; tape: Tape }) {
  const { figures } = useAssessment();
  const station = v.kind === 'feeder' ? 'feed' : 'water';
  const rows = CUTS.flatMap(([key, name]) => {
    const figure = figures.get(`${station}.vessel.${v.id}.${key}`);
    return figure ? [{ name, figure }] : [];
  });
  if (rows.length === 0) return null;
  return (
    <Part title="To mark and cut">
      <WorkingHost>
        <table className="w-full text-[0.9rem]">
          <thead>
            <tr className="text-soft text-[0.82rem]">
              <th className="text-left font-normal">Measure</th>
              <th className="pl-3 text-right font-normal">Worked out</th>
              <th className="pl-3 text-right font-normal">On your tape</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ name, figure }) => (
              <tr key={name} className="border-line border-t">
                <th scope="row" className="py-0.5 text-left font-normal">
                  {name}
                </th>
                <td className="figures whitespace-nowrap pl-3 text-right text-soft">
                  <Figure id={figure.id} say={(f) => formatTrue(f.value, tape)} />
                </td>
                <td
                  className="figures whitespace-nowrap pl-3 text-right font-semibold"
                  data-figure={figure.id}
                >
                  {formatTape(Math.max(0, figure.value), tape)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </WorkingHost>
    </Part>
  );
}

/** On a phone in the shed: the two measures that are marked first stay in sight. */
export function FirstCuts({ vessel: v, tape }: { vessel: Vessel; tape: Tape }) {
  const { figures } = useAssessment();
  const told = (
    [
      ['arc', 'Middle to middle'],
      ['middle', 'Middle above foot'],
      ['room', 'Room round it'],
    ] as const
  ).flatMap(([key, name]) => {
    const id = `${v.kind === 'feeder' ? 'feed' : 'water'}.vessel.${v.id}.${key}`;
    const figure = figures.get(id);
    return figure ? [{ id, name, value: figure.value }] : [];
  });
  if (told.length === 0) return null;
  return (
    <dl className="-mx-4 -mb-4 sticky bottom-0 z-10 flex gap-6 border-strong border-t bg-paper px-4 py-2 lg:hidden">
      {told.slice(0, 2).map(({ id, name, value }) => (
        <div key={id}>
          <dt className="text-[0.82rem] text-soft">{name}</dt>
          <dd className="figures font-semibold text-[1.15rem]" data-figure={id}>
            {formatTape(Math.max(0, value), tape)}
          </dd>
        </div>
      ))}
    </dl>
  );
}

/** Where every hole is marked, from one zero, and whether stepping off would do. */
export function HoleMarks({ vessel, tape }: { vessel: Vessel; tape: Tape }) {
  const round = roundHoles(vessel);
  if (round === null) return null;
  const across = acrossAtM(round.made.body, round.middleM);
  const { marks, steppedOffM, canStep } = portSpacing(across, round.holes, round.holeM, tape);
  return (
    <Part title="Marks on the tape, from one zero">
      <ol className="flex flex-wrap gap-x-4 gap-y-1 text-[0.9rem]" data-marks>
        {marks.map(({ m, tapeM }, i) => (
          <li key={m} className="figures" data-axis>
            <span className="text-soft">{i + 1}</span>{' '}
            <strong className="font-semibold">{formatTape(tapeM, tape)}</strong>
          </li>
        ))}
      </ol>
      <p className="text-[0.87rem] text-soft" data-reason>
        {canStep
          ? `Stepped off one by one, the last gap is ${formatTrue(Math.abs(steppedOffM), tape)} off. That will do.`
          : `Do not step them off one by one: the last gap would be ${formatTape(Math.abs(steppedOffM), tape)} off. Lay the tape round it once and mark them all.`}
      </p>
    </Part>
  );
}
