// Litter rises: what is set where its rule says passes as the litter is started and as it is cleaned out.
import { createAssessor } from '../../assess';
import { flockSizes } from '../../birds/flockSizes';
import { ADDS, type Adds } from '../../edit/adds';
import { litterEndM, litterStartM } from '../../model/litter';
import type { Plan } from '../../model/schema';
import { bareCoop, DAY, hens } from '../../tests/plans';
import { withFinalDepth } from '../litterCourse';

const on = DAY;
/** A breed of each class, and its mass, kg. */
const KINDS = [
  ['bantam', 'pekin-bantam', 0.7],
  ['light', 'leghorn', 1.8],
  ['medium', 'brown-hybrid', 2.2],
  ['heavy', 'orpington', 3.4],
  ['giant', 'brahma', 4.6],
  ['ducks', 'indian-runner', 1.9],
] as const;
const DEPTHS_M = [0.1, 0.15, 0.2, 0.25, 0.3];
const SCHOOLS = ['deep', 'thin'] as const;
const LOWEST_BAR_M = 0.45;
/** Findings of a height. */
const HEIGHTS =
  /lip\.(low|high|unreached)|bar\.(low|high)|hop\.high|vessel\.(high|low)|sill\.(low|high)|bar\.(belowNests|nearNests)/;

function settled(breed: string, massKg: number, depthM: number, school: 'deep' | 'thin'): Plan {
  const bare = bareCoop({ flock: [hens(6, { breed, massKg })] });
  const plan = {
    ...bare,
    shell: { ...bare.shell, lengthM: 4, widthM: 3 },
    litter: { ...bare.litter, school, depthM },
  };
  return withFinalDepth(plan, createAssessor()(plan, { on }).litterFinalM);
}

const faults = (plan: Plan): string[] =>
  createAssessor()(plan, { on })
    .findings.map((f) => f.code)
    .filter((code) => HEIGHTS.test(code));

describe.each(KINDS)('%s', (kind, breed, massKg) => {
  test.each(SCHOOLS)('on a %s bed of any depth', (school) => {
    let rises = 0;
    const told: string[] = [];
    for (const depthM of DEPTHS_M) {
      const plan = settled(breed, massKg, depthM, school);
      if (litterEndM(plan) > litterStartM(plan) + 0.01) rises++;
      const sizes = flockSizes(plan);
      const things: [string, Adds][] = [
        ...(kind === 'ducks' ? [] : ([['bar', ADDS.bar]] as [string, Adds][])),
        ['nestBank', ADDS.nestBank],
        ['feeder', ADDS.feeder],
        ['ports', ADDS.ports],
        ['drinker', ADDS.drinker],
        ['nipples', ADDS.nipples],
        ['cups', ADDS.cups],
        ['popDoor', ADDS.popDoor],
      ];
      for (const [name, make] of things) {
        const codes = faults({ ...plan, fixtures: [make(plan, sizes)] });
        for (const code of codes) {
          // birds that hop less than the lowest bar may stand ask for a step, whatever the litter
          if (code === 'roosts.hop.high' && sizes.hopM < LOWEST_BAR_M) continue;
          told.push(`${name} at ${depthM}: ${code}`);
        }
      }
    }
    expect(told).toEqual([]);
    // a deep bed grows; a thin one is changed before it does
    expect(rises > 0).toBe(school === 'deep');
  });
});
