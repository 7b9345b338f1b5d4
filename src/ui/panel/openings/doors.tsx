'use client';
import type { OfKind } from '@/core/model/schema';
import { DOOR_WORKS, HATCH_USES, LATCHES } from '@/text/choices.data';
import { Figure } from '../../figure/Figure';
import { FixtureRows } from '../../furniture/FixtureRows';
import { STEP_ABOVE_LITTER } from '../../furniture/shown';
import { hole } from './openings';

const latch = { path: 'latch', choices: LATCHES } as const;

export const DoorRows = () => (
  <FixtureRows
    kind="door"
    rows={[...hole, latch, 'insideLatch', 'opensIn', 'halves']}
    empty="No door for a person yet."
    adds={[{ name: 'Add a door', make: 'door' }]}
  />
);

export const HatchRows = () => (
  <FixtureRows
    kind="hatch"
    rows={[...hole, { path: 'use', choices: HATCH_USES }]}
    more={[
      latch,
      { path: 'flapM', none: 'as the opening' },
      { path: 'frontM', none: 'nothing there' },
      'flapKg',
      'stay',
    ]}
    moreTitle="Latch, flap, stay"
    empty="No hatch yet."
    adds={[{ name: 'Add a hatch', make: 'hatch' }]}
  />
);

const powered = (d: OfKind<'popDoor'>): boolean => d.works !== 'manual';
/** A ramp is there as soon as it has a length. */
const RAMP = { widthM: 0.3, cleatM: 0.14 } as const;

export const PopDoorRows = () => (
  <FixtureRows
    kind="popDoor"
    rows={[
      ...hole,
      { path: 'works', choices: DOOR_WORKS },
      { path: 'closesAfterMin', step: 5, when: powered },
    ]}
    more={[
      {
        path: 'ramp',
        label: 'Ramp, length',
        none: 'no ramp',
        as: {
          type: 'number',
          kind: 'length',
          least: 0.1,
          most: 10,
          show: (ramp) => (ramp as OfKind<'popDoor'>['ramp'])?.lengthM ?? null,
          store: (m, ramp) => (m === null ? null : { ...RAMP, ...(ramp as object), lengthM: m }),
        },
      },
      'ramp.widthM',
      'ramp.cleatM',
      { path: 'stepZ', none: 'none', as: STEP_ABOVE_LITTER },
      latch,
      { path: 'lampInView', when: (d) => d.works === 'light' || d.works === 'earlier' },
      'rampInside',
      { path: 'override', when: powered },
      { path: 'guarded', when: powered },
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
