'use client';
import { Hammer } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { intoRoom } from '@/core/edit/intoRoom';
import { newMade } from '@/core/edit/new/homeMade';
import { formatLength, type UnitSystem } from '@/core/kernel/units/length';
import type { Made, OfKind, Vessel } from '@/core/model/schema';
import type { VesselForm } from '@/core/model/vesselForm';
import { takesUp, vesselKind } from '@/core/rules/vesselKinds.data';
import { bought } from '@/core/stations/vessels/remedies/bought';
import { DISHES, DRINKERS, FEEDERS, FEEDS, THERMOSTATS, WINTERS, WRAPS } from '@/text/choices.data';
import { Figure } from '../../figure/Figure';
import { useOpener } from '../../forms/useOpener';
import { FixtureRows } from '../../furniture/FixtureRows';
import { editFixture } from '../../furniture/fixtures';
import type { Rows } from '../../furniture/rows';
import { ABOVE_LITTER } from '../../furniture/shown';
import { useAssessment, usePlan } from '../../session/bench';
import { main, more } from './vessel.rows';

const Workbench = dynamic(() => import('../../vessel/Workbench').then((m) => m.Workbench));

/** Sizes that differ by less are the same to a tape, m. */
const SAME_M = 0.005;

/** How large a vessel is, and how large it would be as it is first made; null where that is the same. */
function sizeChanged(v: Vessel, made: Made, units: UnitSystem): string | null {
  const [is, would] = [takesUp(v), takesUp({ ...v, made })];
  const sides = ['longM', 'deepM', 'highM'] as const;
  if (sides.every((m) => Math.abs(is[m] - would[m]) < SAME_M)) return null;
  const said = (f: VesselForm): string => {
    const [long, deep, high] = sides.map((m) => formatLength(f[m], { units }));
    return f.round ? `${deep} across and ${high} high` : `${long} × ${deep}, ${high} high`;
  };
  return `It is ${said(is)}. Made at home it begins as ${said(would)}: you change that at the workbench.`;
}

/** The question was asked by a press: its answer is where the hands are. */
const takeFocus = (button: HTMLButtonElement | null): void => button?.focus();

/** Made at home or bought; the workbench, where it is made. A size is never changed unasked. */
function AtTheWorkbench({ v }: { v: Vessel }) {
  const plan = usePlan();
  const { open, button, show, close } = useOpener();
  const [asked, setAsked] = useState<string | null>(null);
  const make = (made: Made): void => {
    setAsked(null);
    editFixture(v.kind, v.id, 'Make it at home', (own) => {
      (own as Vessel).made = made;
      own.capacityL = null;
      // a can of feed is too heavy for a wall
      if (made.body.shape !== 'pipe') own.onWall = false;
      Object.assign(own, intoRoom(own as Vessel, plan));
    });
    show();
  };
  const first = newMade(v, plan.units);
  if (first === null && v.made === null) return null;
  const begin = (): void => {
    const changes = v.made === null && first && sizeChanged(v, first, plan.units);
    if (changes) setAsked(changes);
    else if (v.made === null && first) make(first);
    else show();
  };
  const leave = (): void => {
    setAsked(null);
    button.current?.focus();
  };
  return (
    <span className="mt-1.5 flex flex-wrap gap-2">
      <button
        ref={button}
        type="button"
        className="button"
        aria-expanded={v.made === null ? asked !== null : undefined}
        onClick={begin}
      >
        <Hammer size={15} aria-hidden /> {v.made ? 'Workbench' : 'Make it at home'}
      </button>
      {v.made ? (
        <button
          type="button"
          className="button"
          onClick={() =>
            editFixture(v.kind, v.id, 'Bought', (own) => {
              Object.assign(own, bought(own as Vessel));
            })
          }
        >
          It is bought
        </button>
      ) : null}
      {asked !== null && first !== null ? (
        <span className="flex w-full flex-wrap items-center gap-2" role="status">
          <span className="w-full">{asked}</span>
          <button
            type="button"
            className="button button-primary"
            ref={takeFocus}
            onClick={() => make(first)}
            onKeyDown={(e) => {
              if (e.key !== 'Escape') return;
              // it leaves the question, not the panel
              e.preventDefault();
              leave();
            }}
          >
            Yes, make it
          </button>
          <button type="button" className="button" onClick={leave}>
            Leave it as it is
          </button>
        </span>
      ) : null}
      {open ? <Workbench id={v.id} close={close} /> : null}
    </span>
  );
}

/** What it holds, and where birds can stand. */
const toldOf = (v: Vessel): readonly string[] => {
  const own = `${v.kind === 'feeder' ? 'feed' : 'water'}.vessel.${v.id}`;
  return [`${own}.${v.kind === 'feeder' ? 'contents' : 'litres'}`, `${own}.edge`];
};

/** What a vessel holds, weighs and offers, in a line. */
function Told({ v }: { v: Vessel }) {
  const { figures } = useAssessment();
  const station = v.kind === 'feeder' ? 'feed' : 'water';
  const id = (name: string): string => `${station}.vessel.${v.id}.${name}`;
  return (
    <p>
      Holds <Figure id={id(v.kind === 'feeder' ? 'contents' : 'litres')} />;{' '}
      {v.hung ? (
        <>
          full and swinging it pulls like <Figure id={id('weight')} />
        </>
      ) : (
        <>
          full it weighs <Figure id={id('full')} />
        </>
      )}
      {figures.get(id('edge')) ? (
        <>
          ; <Figure id={id('edge')} /> to stand along
        </>
      ) : null}
      .
      <AtTheWorkbench v={v} />
    </p>
  );
}

export const FeederRows = () => (
  <FixtureRows
    kind="feeder"
    rows={[{ path: 'type', choices: FEEDERS }, ...main]}
    more={[{ path: 'feed', choices: FEEDS }, ...more, 'takenInAtNight']}
    moreTitle="Feed, place, weight, how it is filled"
    empty="No feeder yet. Every bird needs a place when you have just filled it."
    adds={[
      { name: 'Add a feeder', make: 'feeder' },
      { name: 'Ports', make: 'ports' },
      { name: 'Pedal-lid box', make: 'pedal' },
    ]}
    told={toldOf}
    summary={(v) => <Told v={v} />}
  />
);

export const DishRows = () => (
  <FixtureRows
    kind="dish"
    rows={[{ path: 'holds', choices: DISHES }]}
    empty="No dish of oyster shell or grit yet."
    adds={[
      { name: 'Shell', make: 'shell' },
      { name: 'Grit', make: 'grit' },
    ]}
  />
);

const onLine = (v: Vessel): boolean => vesselKind(v).onLine;

/** How it is kept open in frost, and the line it hangs on. */
const WINTER: Rows<OfKind<'drinker'>> = [
  'tray',
  {
    path: 'winter.kind',
    choices: WINTERS,
    after: (v) => {
      v.winter =
        v.winter.kind === 'heated'
          ? { kind: 'heated', watts: 50, by: 'water', immersed: false, cutOut: true }
          : { kind: v.winter.kind };
    },
  },
  { path: 'wrap', choices: WRAPS },
  { path: 'winter.watts', step: 25 },
  { path: 'winter.by', choices: THERMOSTATS },
  'winter.immersed',
  { path: 'winter.cutOut', when: (v) => v.winter.kind === 'heated' && v.winter.immersed },
  { path: 'tankZ', none: 'no tank', as: ABOVE_LITTER, when: onLine },
  { path: 'boreM', none: 'not known', when: onLine },
];

export const DrinkerRows = () => (
  <FixtureRows
    kind="drinker"
    rows={[{ path: 'type', choices: DRINKERS }, ...main]}
    more={[...more, ...WINTER]}
    moreTitle="Place, weight, tray, tank, frost"
    empty="No drinker yet. Size it for the hottest day."
    adds={[
      { name: 'Add a drinker', make: 'drinker' },
      { name: 'Nipples', make: 'nipples' },
      { name: 'Cups', make: 'cups' },
    ]}
    told={toldOf}
    summary={(v) => <Told v={v} />}
  />
);
