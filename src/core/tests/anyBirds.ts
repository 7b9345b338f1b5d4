import fc from 'fast-check';
import { GROUP_DEFAULTS, newPlan } from '../edit/defaults';
import { shippedClimate } from '../edit/place';
import { BREEDS } from '../model/breeds.data';
import { CLIMATES } from '../model/climates.data';
import type { Group, Plan } from '../model/schema';
import { DAY } from './plans';

const CHICKENS = BREEDS.filter((b) => b.kind === 'chicken').map((b) => b.id);
const DUCKS = BREEDS.filter((b) => b.kind === 'duck').map((b) => b.id);

/** One to sixty birds of up to four breeds, ducks or none, in any climate and any shell from 1.2 × 0.9 to 6 × 4 m. */
export const anyBirdsInAnyShell = fc
  .record({
    kinds: fc.array(
      fc.record({ breed: fc.constantFrom(...CHICKENS), n: fc.integer({ min: 1, max: 20 }) }),
      { minLength: 1, maxLength: 4 },
    ),
    ducks: fc.option(
      fc.record({ breed: fc.constantFrom(...DUCKS), n: fc.integer({ min: 1, max: 6 }) }),
      { freq: 3 },
    ),
    most: fc.integer({ min: 1, max: 60 }),
    climate: fc.constantFrom(...CLIMATES.map((c) => c.id)),
    units: fc.constantFrom('metric' as const, 'imperial' as const),
    lengthCm: fc.integer({ min: 120, max: 600 }),
    widthCm: fc.integer({ min: 90, max: 400 }),
    heightCm: fc.integer({ min: 120, max: 260 }),
  })
  .map(({ kinds, ducks, most, climate, units, lengthCm, widthCm, heightCm }): Plan => {
    let left = most;
    const flock: Group[] = [];
    for (const { breed, n } of ducks ? [ducks, ...kinds] : kinds) {
      const count = Math.min(left, n);
      if (count < 1) continue;
      left -= count;
      flock.push({
        id: `g${flock.length}`,
        name: `G ${flock.length}`,
        breed,
        massKg: null,
        count,
        sex: 'hen',
        hatchedOn: null,
        arrivesOn: DAY,
        leavesOn: null,
        ...GROUP_DEFAULTS,
      });
    }
    const heightM = heightCm / 100;
    const plan = newPlan({
      id: 'any',
      name: 'Any',
      units,
      timeZone: 'UTC',
      lengthM: lengthCm / 100,
      widthM: widthCm / 100,
      roof: { kind: 'flat', lowM: heightM, highM: heightM },
      climate: shippedClimate(climate, null),
    });
    return { ...plan, flock };
  });
