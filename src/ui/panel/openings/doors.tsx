'use client';
import type { OfKind } from '@/core/model/schema';
import { DOOR_WORKS, HATCH_USES, LATCHES } from '@/text/choices.data';
import { Figure } from '../../figure/Figure';
import { FixtureRows } from '../../furniture/FixtureRows';
import { hole } from './openings';

export function DoorRows() {
  return (
    <FixtureRows<'door'>
      kind="door"
      specs={[
        ...hole,
        {
          kind: 'choice',
          label: 'Latch',
          choices: LATCHES,
          get: (d) => d.latch,
          set: (d, v) => {
            d.latch = v as OfKind<'door'>['latch'];
          },
        },
        {
          kind: 'yes',
          label: 'It opens from inside',
          get: (d) => d.insideLatch,
          set: (d, v) => {
            d.insideLatch = v;
          },
        },
        {
          kind: 'yes',
          label: 'It swings into the coop',
          get: (d) => d.opensIn,
          set: (d, v) => {
            d.opensIn = v;
          },
        },
        {
          kind: 'yes',
          label: 'In two halves',
          get: (d) => d.halves,
          set: (d, v) => {
            d.halves = v;
          },
        },
      ]}
      empty="No door for a person yet."
      adds={[{ name: 'Add a door', make: 'door' }]}
    />
  );
}

export function HatchRows() {
  return (
    <FixtureRows<'hatch'>
      kind="hatch"
      specs={[
        ...hole,
        {
          kind: 'choice',
          label: 'For',
          choices: HATCH_USES,
          get: (h) => h.use,
          set: (h, v) => {
            h.use = v as OfKind<'hatch'>['use'];
          },
        },
      ]}
      more={[
        {
          kind: 'choice',
          label: 'Latch',
          choices: LATCHES,
          get: (h) => h.latch,
          set: (h, v) => {
            h.latch = v as OfKind<'hatch'>['latch'];
          },
        },
        {
          kind: 'openLength',
          label: 'Its flap is wide',
          none: 'as the opening',
          get: (h) => h.flapM,
          set: (h, v) => {
            h.flapM = v;
          },
        },
        {
          kind: 'openLength',
          label: 'Clear width in front',
          none: 'nothing there',
          get: (h) => h.frontM,
          set: (h, v) => {
            h.frontM = v;
          },
        },
        {
          kind: 'amount',
          label: 'The flap weighs',
          unit: 'kg',
          least: 0,
          most: 500,
          get: (h) => h.flapKg,
          set: (h, v) => {
            h.flapKg = v;
          },
        },
        {
          kind: 'yes',
          label: 'A stay or catch holds it',
          get: (h) => h.stay,
          set: (h, v) => {
            h.stay = v;
          },
        },
      ]}
      moreTitle="Latch, flap, stay"
      empty="No hatch yet."
      adds={[{ name: 'Add a hatch', make: 'hatch' }]}
    />
  );
}

const powered = (d: OfKind<'popDoor'>): boolean => d.works !== 'manual';

export function PopDoorRows() {
  return (
    <FixtureRows<'popDoor'>
      kind="popDoor"
      specs={[
        ...hole,
        {
          kind: 'choice',
          label: 'Works',
          choices: DOOR_WORKS,
          get: (d) => d.works,
          set: (d, v) => {
            d.works = v as OfKind<'popDoor'>['works'];
          },
        },
        {
          kind: 'amount',
          label: 'Closes after sunset',
          unit: 'min',
          least: 0,
          most: 240,
          step: 5,
          when: powered,
          get: (d) => d.closesAfterMin,
          set: (d, v) => {
            d.closesAfterMin = v;
          },
        },
      ]}
      more={[
        {
          kind: 'openLength',
          label: 'Ramp, length',
          none: 'no ramp',
          most: 10,
          get: (d) => d.ramp?.lengthM ?? null,
          set: (d, v) => {
            d.ramp = v === null ? null : { widthM: 0.3, cleatM: 0.14, ...d.ramp, lengthM: v };
          },
        },
        {
          kind: 'length',
          label: 'Ramp, width',
          least: 0.05,
          most: 2,
          when: (d) => d.ramp !== null,
          get: (d) => d.ramp?.widthM ?? 0.3,
          set: (d, v) => {
            if (d.ramp) d.ramp.widthM = v;
          },
        },
        {
          kind: 'length',
          label: 'Cleat to cleat',
          most: 1,
          when: (d) => d.ramp !== null,
          get: (d) => d.ramp?.cleatM ?? 0,
          set: (d, v) => {
            if (d.ramp) d.ramp.cleatM = v;
          },
        },
        {
          kind: 'openLength',
          label: 'Step inside, above litter',
          none: 'none',
          most: 3,
          get: (d, plan) => (d.stepZ === 0 ? null : d.stepZ - plan.litter.depthM),
          set: (d, v, plan) => {
            d.stepZ = v === null ? 0 : v + plan.litter.depthM;
          },
        },
        {
          kind: 'choice',
          label: 'Latch',
          choices: LATCHES,
          get: (d) => d.latch,
          set: (d, v) => {
            d.latch = v as OfKind<'popDoor'>['latch'];
          },
        },
        {
          kind: 'yes',
          label: 'Its sensor sees a lamp',
          when: (d) => d.works === 'light' || d.works === 'earlier',
          get: (d) => d.lampInView,
          set: (d, v) => {
            d.lampInView = v;
          },
        },
        {
          kind: 'yes',
          label: 'A ramp inside, up to the sill',
          get: (d) => d.rampInside,
          set: (d, v) => {
            d.rampInside = v;
          },
        },
        {
          kind: 'yes',
          label: 'It can be worked by hand, and has a second door',
          when: powered,
          get: (d) => d.override,
          set: (d, v) => {
            d.override = v;
          },
        },
        {
          kind: 'yes',
          label: 'Birds cannot reach its cord and track',
          when: powered,
          get: (d) => d.guarded,
          set: (d, v) => {
            d.guarded = v;
          },
        },
      ]}
      moreTitle="Ramp, step, latch, safety"
      empty="No pop door yet. One serves fifteen birds."
      adds={[{ name: 'Add a pop door', make: 'popDoor' }]}
      summary={(d) =>
        d.ramp ? (
          <p>
            The ramp climbs at <Figure id={`door.${d.id}.slope`} />.
          </p>
        ) : null
      }
    />
  );
}
