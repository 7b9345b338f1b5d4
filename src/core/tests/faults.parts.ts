import { assess } from '@/core/assess';
import { newBrooder, newRun } from '@/core/edit/defaults';
import type { Plan, Run } from '@/core/model/schema';
import type { Recipe } from './faults.make';
import { change, DAY, hens, soundCoop } from './plans';

export const withRun =
  (parts: Partial<Run> = {}): Recipe =>
  (d) => {
    d.run = { ...newRun(d), ...parts };
  };

/** A keeper who gets to the wall under a board with its step before it. */
export const longArm: Recipe = (d) => {
  d.keeper.armM = 1.2;
};

/** Chicks in the brooder that move out so many days after their hatch. */
export const withBrood =
  (count = 10, days = 60, massKg = 2.2): Recipe =>
  (d) => {
    d.brooder = {
      ...newBrooder(),
      lengthM: 3,
      widthM: 1,
      feedEdgeM: 1,
      waterRimM: 1,
      heat: { kind: 'plate', widthM: 0.5, depthM: 0.4 },
    };
    // they move out after the horizon's end, so that the coop stays as it is
    const hatched = new Date(Date.UTC(2028, 9, 20));
    const out = new Date(hatched.getTime() + days * 86_400_000);
    d.flock.push(
      hens(count, {
        id: 'chicks',
        name: 'Chicks',
        massKg,
        hatchedOn: hatched.toISOString().slice(0, 10),
        arrivesOn: out.toISOString().slice(0, 10),
        raisedHere: true,
        ifCock: 'leaves',
      }),
    );
  };

export const lamp =
  (parts: object): Recipe =>
  (d) => {
    if (!d.brooder) return;
    d.brooder.heat = {
      kind: 'lamp',
      watts: 100,
      count: 2,
      aboveM: 0.45,
      coated: false,
      secondFixing: true,
      ...parts,
    };
  };

export const brooderIs =
  (parts: Partial<NonNullable<Plan['brooder']>>): Recipe =>
  (d) => {
    if (d.brooder) Object.assign(d.brooder, parts);
  };

/** Rims at the back of a bantam among medium hens. */
export function smallBirds(d: Plan, kg: number): void {
  const rimZ = 0.1 + 0.185 * Math.cbrt(kg);
  change(d, 'feeder', 'feeder', { rimZ });
  change(d, 'drinker', 'drinker', { rimZ });
}

export function duckHouse(d: Plan): void {
  d.shell.floorAboveGroundM = 0.21;
  change(d, 'nestBank', 'bank', { collect: 'flap' });
  change(d, 'popDoor', 'pop', { widthM: 0.4, heightM: 0.45 });
  change(d, 'drinker', 'drinker', { capacityL: 10 });
}

export function heavyHouse(d: Plan): void {
  change(d, 'feeder', 'feeder', { capacityL: 14 });
}

export const raised: Recipe = (d) => {
  d.shell.floorAboveGroundM = 0.6;
};

/** Doors and bars for the largest birds. */
export function giantHouse(d: Plan): void {
  change(d, 'popDoor', 'pop', { widthM: 0.4, heightM: 0.45 });
  change(d, 'bar', 'bar', { y: 2.42 });
  change(d, 'bar', 'step', { y: 1.95 });
}

export const SOUND = assess(soundCoop(), { on: DAY });
/** Floor of the sound coop that nothing stands on, m². */
export const TAKEN_FREE_M2 = SOUND.figures.get('floor.have')?.value ?? Number.NaN;
export const HENS_KG_DAY = SOUND.flock.peaks.coopFeedKg?.value ?? Number.NaN;
export const EATEN = SOUND.flock.totals.coopFeedKg;
export const MEAN_KG_DAY = EATEN.reduce((a, b) => a + b, 0) / EATEN.length;
export const HENS_L_DAY = SOUND.flock.peaks.coopWaterL?.value ?? Number.NaN;
/** A week's feed of the sound coop through ports, as litres of pellets. */
export const FEED_WEEK_L = (7 * HENS_KG_DAY * 1.04) / 0.65;
export const LITTER_DAYS = (0.01 / (SOUND.figures.get('litter.rise')?.value ?? 1)) * 365;
