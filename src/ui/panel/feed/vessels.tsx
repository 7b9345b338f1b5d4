'use client';
import { Hammer } from 'lucide-react';
import dynamic from 'next/dynamic';
import { intoRoom } from '@/core/edit/intoRoom';
import { bodiesFor, newMade } from '@/core/edit/new/homeMade';
import type { OfKind } from '@/core/model/schema';
import { vesselKind } from '@/core/rules/vesselKinds.data';
import { bought } from '@/core/stations/vessels/remedies/bought';
import { DISHES, DRINKERS, FEEDERS, FEEDS, THERMOSTATS, WINTERS, WRAPS } from '@/text/choices.data';
import { Figure } from '../../figure/Figure';
import { useOpener } from '../../forms/useOpener';
import { FixtureRows } from '../../furniture/FixtureRows';
import { editFixture } from '../../furniture/fixtures';
import { useAssessment, usePlan } from '../../session/bench';
import { main, more, type Vessel } from './vessel.specs';

const Workbench = dynamic(() => import('../../vessel/Workbench').then((m) => m.Workbench));

/** Made at home or bought; the workbench, where it is made. */
function AtTheWorkbench({ v }: { v: Vessel }) {
  const plan = usePlan();
  const { open, button, show, close } = useOpener();
  const make = (): void => {
    const made = v.made ?? newMade(v, plan.units);
    if (made === null) return;
    if (v.made === null) {
      editFixture(v.kind, v.id, 'Make it at home', (own) => {
        (own as Vessel).made = made;
        own.capacityL = null;
        // a can of feed is too heavy for a wall
        if (made.body.shape !== 'pipe') own.onWall = false;
        Object.assign(own, intoRoom(own as Vessel, plan));
      });
    }
    show();
  };
  if (bodiesFor(v).length === 0 && v.made === null) return null;
  return (
    <span className="mt-1.5 flex flex-wrap gap-2">
      <button ref={button} type="button" className="button" onClick={make}>
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
      {open ? <Workbench id={v.id} close={close} /> : null}
    </span>
  );
}

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

export function FeederRows() {
  return (
    <FixtureRows<'feeder'>
      kind="feeder"
      specs={[
        {
          kind: 'choice',
          label: 'Kind',
          choices: FEEDERS,
          get: (v) => v.type,
          set: (v, t) => {
            v.type = t as OfKind<'feeder'>['type'];
          },
        },
        ...main,
      ]}
      more={[
        {
          kind: 'choice',
          label: 'Feed in it',
          choices: FEEDS,
          get: (v) => v.feed,
          set: (v, f) => {
            v.feed = f as OfKind<'feeder'>['feed'];
          },
        },
        ...more,
        {
          kind: 'yes',
          label: 'Taken in at night',
          get: (v) => v.takenInAtNight,
          set: (v, y) => {
            v.takenInAtNight = y;
          },
        },
      ]}
      moreTitle="Feed, place, weight, how it is filled"
      empty="No feeder yet. Every bird needs a place when you have just filled it."
      adds={[
        { name: 'Add a feeder', make: 'feeder' },
        {
          name: 'Ports',
          make: 'ports',
        },
        {
          name: 'Pedal-lid box',
          make: 'pedal',
        },
      ]}
      summary={(v) => <Told v={v} />}
    />
  );
}

export function DishRows() {
  return (
    <FixtureRows<'dish'>
      kind="dish"
      specs={[
        {
          kind: 'choice',
          label: 'Holds',
          choices: DISHES,
          get: (d) => d.holds,
          set: (d, v) => {
            d.holds = v as 'shell' | 'grit';
          },
        },
      ]}
      empty="No dish of oyster shell or grit yet."
      adds={[
        { name: 'Shell', make: 'shell' },
        { name: 'Grit', make: 'grit' },
      ]}
    />
  );
}

export function DrinkerRows() {
  return (
    <FixtureRows<'drinker'>
      kind="drinker"
      specs={[
        {
          kind: 'choice',
          label: 'Kind',
          choices: DRINKERS,
          get: (v) => v.type,
          set: (v, t) => {
            v.type = t as OfKind<'drinker'>['type'];
          },
        },
        ...main,
      ]}
      more={[
        ...more,
        {
          kind: 'yes',
          label: 'A tray stands under it',
          get: (v) => v.tray,
          set: (v, y) => {
            v.tray = y;
          },
        },
        {
          kind: 'choice',
          label: 'In frost',
          choices: WINTERS,
          get: (v) => v.winter.kind,
          set: (v, k) => {
            v.winter =
              k === 'heated'
                ? { kind: 'heated', watts: 50, by: 'water', immersed: false, cutOut: true }
                : { kind: k as 'nothing' | 'carried' };
          },
        },
        {
          kind: 'choice',
          label: 'Wrapped in',
          choices: WRAPS,
          get: (v) => v.wrap,
          set: (v, w) => {
            v.wrap = w as typeof v.wrap;
          },
        },
        {
          kind: 'amount',
          label: 'Heater',
          unit: 'W',
          least: 0,
          most: 3000,
          step: 25,
          when: (v) => v.winter.kind === 'heated',
          get: (v) => (v.winter.kind === 'heated' ? v.winter.watts : 0),
          set: (v, w) => {
            if (v.winter.kind === 'heated') v.winter.watts = w;
          },
        },
        {
          kind: 'choice',
          label: 'Switched by',
          choices: THERMOSTATS,
          when: (v) => v.winter.kind === 'heated',
          get: (v) => (v.winter.kind === 'heated' ? v.winter.by : 'water'),
          set: (v, by) => {
            if (v.winter.kind === 'heated') v.winter.by = by as 'water' | 'air';
          },
        },
        {
          kind: 'yes',
          label: 'Heater in the water',
          when: (v) => v.winter.kind === 'heated',
          get: (v) => v.winter.kind === 'heated' && v.winter.immersed,
          set: (v, y) => {
            if (v.winter.kind === 'heated') v.winter.immersed = y;
          },
        },
        {
          kind: 'yes',
          label: 'It switches off where the water is low',
          when: (v) => v.winter.kind === 'heated' && v.winter.immersed,
          get: (v) => v.winter.kind === 'heated' && v.winter.cutOut,
          set: (v, y) => {
            if (v.winter.kind === 'heated') v.winter.cutOut = y;
          },
        },
        {
          kind: 'openLength',
          label: 'Tank above litter',
          none: 'no tank',
          most: 6,
          when: (v) => vesselKind(v).onLine,
          get: (v, plan) => (v.tankZ === null ? null : v.tankZ - plan.litter.depthM),
          set: (v, m, plan) => {
            v.tankZ = m === null ? null : m + plan.litter.depthM;
          },
        },
        {
          kind: 'openLength',
          label: 'Bore of its line',
          none: 'not known',
          most: 0.2,
          when: (v) => vesselKind(v).onLine,
          get: (v) => v.boreM,
          set: (v, m) => {
            v.boreM = m;
          },
        },
      ]}
      moreTitle="Place, weight, tray, tank, frost"
      empty="No drinker yet. Size it for the hottest day."
      adds={[
        { name: 'Add a drinker', make: 'drinker' },
        {
          name: 'Nipples',
          make: 'nipples',
        },
        {
          name: 'Cups',
          make: 'cups',
        },
      ]}
      summary={(v) => <Told v={v} />}
    />
  );
}
