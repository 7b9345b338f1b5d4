import Link from 'next/link';
import { assess } from '@/core/assess';
import { pastWalls, project } from '@/core/drawing/projection';
import type { UnitSystem } from '@/core/kernel/units/length';
import { exactly } from '@/core/measure/bands';
import { type Measured, planOfStanding } from '@/core/measure/standing';
import { type Tape, tapeOfRoom, tapeOfThing } from '@/core/measure/tapes';
import type { Thing } from '@/core/measure/things';
import {
  type MeasureSpec,
  ROOM_MEASURES,
  THING_MEASURES,
  type ThingKind,
  USUAL_CHOICES,
} from '@/core/measure/things.data';
import type { Plan } from '@/core/model/schema';
import { ROOM_WORDS, THING_WORDS } from '@/text/measuring';
import { Drawing } from '../drawing/Drawing';
import { PrintButton } from '../print/PrintButton';
import { TapeLine } from './TapeLine';

const VIEWS: readonly { readonly view: Tape['view']; readonly name: string }[] = [
  { view: 'front', name: 'From the front' },
  { view: 'right', name: 'From the right; front at the left' },
  { view: 'above', name: 'From above; front at the foot' },
];
const FRAME = { width: 240, height: 150, left: 6, right: 6, top: 8, bottom: 8 };

/** What a sheet has lines for, and how many of each. */
const LINES: readonly { readonly kind: ThingKind; readonly times: number }[] = [
  { kind: 'bar', times: 3 },
  { kind: 'nests', times: 2 },
  { kind: 'popDoor', times: 1 },
  { kind: 'door', times: 1 },
  { kind: 'opening', times: 3 },
  { kind: 'feeder', times: 1 },
  { kind: 'drinker', times: 1 },
  { kind: 'obstacle', times: 2 },
];

interface Line {
  readonly number: number;
  readonly name: string;
  readonly how: string;
  readonly tape: Tape | null;
}

/** A sheet to print and fill by hand in the coop: where to hold the tape for each number, and a line to write it on. */
export function BlankSheet({ units, on }: { units: UnitSystem; on: string }) {
  const { plan, room, things } = exampleOf(units);
  return (
    <main className="mx-auto max-w-[56rem] px-6 py-5 text-[0.86rem] leading-snug print:max-w-none print:p-0 print:text-[9pt]">
      <div className="mb-4 flex items-center justify-between gap-3" data-no-print>
        <Link href="/check" className="button">
          Back to the check
        </Link>
        <PrintButton />
      </div>
      <h1 className="border-ink border-b-2 pb-1 text-[1.4rem] print:text-[14pt]">
        Measure up a coop
      </h1>
      <p className="mt-1">
        Write what the tape says, in {units === 'metric' ? 'cm' : 'feet and inches'}. Rough is
        enough: “about 60”, “40 to 50”, “knee high”. Leave out what is not there.
      </p>
      <section className="mt-3">
        <h2 className="border-line border-b text-[1rem]">The room, inside</h2>
        <Figures plan={plan} lines={room} on={on} />
        <ul className="mt-1 columns-2 gap-6 max-sm:columns-1">
          {room.map((line) => (
            <Blank key={line.number} line={line} />
          ))}
        </ul>
        <p className="mt-1">
          Sold for ______ birds. Its mesh is held by ______________. Thinnest board ________. Floor
          ______________.
        </p>
      </section>
      <div className="grid grid-cols-2 gap-x-6 max-sm:grid-cols-1">
        {things.map(({ kind, times, lines, plan: own }) => (
          <section key={kind} className="mt-2 break-inside-avoid">
            <h2 className="border-line border-b text-[1rem]">{THING_WORDS[kind].name}</h2>
            <Figures plan={own} lines={lines} on={on} />
            <table className="mt-0.5 w-full">
              <thead>
                <tr>
                  <th scope="col" className="w-8 text-left font-normal text-soft">
                    <span className="sr-only">Which</span>
                  </th>
                  {lines.map((l) => (
                    <th key={l.number} scope="col" className="text-left font-normal text-soft">
                      <span className="figures">{l.number}</span> {l.name}
                    </th>
                  ))}
                  <th scope="col" className="w-[22%] text-left font-normal text-soft">
                    {NOTE[kind]}
                  </th>
                </tr>
              </thead>
              <tbody>
                {Array.from({ length: times }, (_, i) => String(i + 1)).map((n) => (
                  <tr key={n} className="h-7 border-line border-b">
                    <th scope="row" className="text-left align-bottom font-normal text-soft">
                      {n}
                    </th>
                    {lines.map((l) => (
                      <td key={l.number} className="border-line border-l" />
                    ))}
                    <td className="border-line border-l" />
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        ))}
      </div>
    </main>
  );
}

/** Where the tape is held for each of these, in as many views as that takes. */
function Figures({ plan, lines, on }: { plan: Plan; lines: readonly Line[]; on: string }) {
  const { birds } = assess(plan, { on });
  const seen = VIEWS.filter(({ view }) => lines.some((l) => l.tape?.view === view));
  return (
    <div className={`mt-1 grid gap-2 ${seen.length > 2 ? 'grid-cols-3' : 'grid-cols-2'}`}>
      {seen.map(({ view, name }) => {
        const projection = project(view, plan.shell, FRAME, { past: pastWalls(view, plan) });
        return (
          <figure key={view} className="border border-line">
            <svg
              viewBox={`0 0 ${FRAME.width} ${FRAME.height}`}
              className="block w-full"
              role="img"
              aria-label={`Where to hold the tape, ${name.toLowerCase()}`}
            >
              <g opacity={0.5}>
                <Drawing plan={plan} birds={birds} projection={projection} />
              </g>
              {lines.map(({ tape, number }) =>
                tape?.view === view ? (
                  <TapeLine key={number} tape={tape} projection={projection} number={number} />
                ) : null,
              )}
            </svg>
            <figcaption className="border-line border-t px-1 text-[0.76rem] text-soft">
              {name}
            </figcaption>
          </figure>
        );
      })}
    </div>
  );
}

/** What else is written down of a thing. */
const NOTE: Readonly<Record<ThingKind, string>> = {
  bar: 'flat or round',
  nests: 'how many; which wall',
  popDoor: 'which wall',
  door: 'which wall; walk in?',
  opening: 'which wall; covered with',
  feeder: 'kind',
  drinker: 'kind',
  obstacle: 'what it is',
};

function Blank({ line }: { line: Line }) {
  return (
    <li className="mb-1 flex items-end gap-2 break-inside-avoid">
      <span className="figures w-5 shrink-0 text-right">{line.number}</span>
      <span className="min-w-0 flex-1">
        {line.name}. <span className="text-soft">{line.how}</span>
      </span>
      <span className="w-24 shrink-0 border-ink border-b" aria-hidden>
        &nbsp;
      </span>
    </li>
  );
}

/** Sizes at which the tapes of an example stand clear of one another, m. */
const CLEAR: Readonly<Partial<Record<ThingKind, Readonly<Record<string, number>>>>> = {
  bar: { across: 0.09, behind: 0.5 },
  nests: { wide: 0.4, deep: 0.5, high: 0.45 },
  popDoor: { wide: 0.45, high: 0.45, sill: 0.3 },
  opening: { wide: 0.8, high: 0.4, sill: 0.7 },
  obstacle: { left: 0.6, front: 0.4, long: 0.5, deep: 0.4 },
};

/** A small coop with one thing of a kind in it, or with nothing. */
function exampleWith(units: UnitSystem, kind: ThingKind | null): Plan {
  const thing =
    kind === null
      ? []
      : [
          {
            kind,
            choices: USUAL_CHOICES[kind],
            bands: Object.fromEntries(
              THING_MEASURES[kind].map((m: MeasureSpec) => [
                m.id,
                // where nobody has said it, it stands where there is room
                m.along
                  ? { ...exactly(m.usualM), open: true as const }
                  : exactly(CLEAR[kind]?.[m.id] ?? m.usualM),
              ]),
            ),
          } as Thing,
        ];
  return planOfStanding(
    { id: 'sheet', name: 'Sheet', units, timeZone: 'UTC', birds: [], climate: null },
    {
      room: Object.fromEntries(
        ROOM_MEASURES.map((m) => [m.id, exactly(m.usualM)]),
      ) as unknown as Measured['room'],
      things: thing,
      place: 'shed',
      soldFor: null,
      meshFixedBy: null,
      boardM: null,
      floorBuild: 'boards',
    },
  );
}

/** What is measured, numbered in the order in which it is taken, each kind of thing by itself. */
function exampleOf(units: UnitSystem) {
  const plan = exampleWith(units, null);
  let number = 0;
  const room = ROOM_MEASURES.map(
    (m): Line => ({ number: ++number, ...ROOM_WORDS[m.id], tape: tapeOfRoom(plan, m.id) }),
  );
  const things = LINES.map(({ kind, times }) => {
    const own = exampleWith(units, kind);
    const [fixture] = own.fixtures;
    const lines = THING_MEASURES[kind].map((m: MeasureSpec): Line => {
      const words = THING_WORDS[kind].measures[m.id];
      return {
        number: ++number,
        name: words?.name ?? m.id,
        how: words?.how ?? '',
        tape: fixture ? tapeOfThing(own, fixture, m.id) : null,
      };
    });
    return { kind, times, lines, plan: own };
  });
  return { plan, room, things };
}
