import { flockByDay } from '@/core/birds/flock';
import { newRain } from '@/core/edit/new/rain';
import { barrelHighM } from '@/core/model/barrelForm';
import type { Drinker, OfKind, Rain } from '@/core/model/schema';
import { iceHours } from '@/core/stores/frost/freeze';
import { heatedLump, roundLump } from '@/core/stores/frost/lumps';
import { holdingW } from '@/core/stores/frost/open';
import { flushPipeM, gutterLs, peakLs } from '@/core/stores/rain/gutter';
import { drainedM2 } from '@/core/stores/rain/roof';
import { drunkByDay } from '@/core/stores/rain/store';
import { workClimate } from '@/core/weather/climate';
import { all, choice, climate, type Fault, fault, MM, measure, type Recipe } from './faults.make';
import { change, DAY, sampleClimate, soundCoop } from './plans';

/** A sound coop with a rain barrel that is as it should be. */
const withRain =
  (set: (rain: Rain) => void = () => {}): Recipe =>
  (d) => {
    d.rain = newRain({ ...d, units: 'metric' });
    set(d.rain);
  };
const changed =
  (set: (rain: Rain) => void): Recipe =>
  (d) => {
    if (d.rain) set(d.rain);
  };

const RAIN = soundCoop(withRain()).rain as Rain;
const ROOF_M2 = drainedM2(soundCoop(), RAIN);
/** A half-round gutter that just carries a downpour: what it carries grows with the 8/3 of its size. */
const LEAST_GUTTER =
  0.1 * (peakLs(ROOF_M2, 75) / gutterLs({ shape: 'half', acrossM: 0.1 }, 0.005)) ** (3 / 8);
const FLUSH = flushPipeM(ROOF_M2, 0.5, RAIN.flushBoreM);

const COLD = 'cool-maritime';
const winterC = workClimate(sampleClimate(COLD))?.design.winterC ?? Number.NaN;

/** Litres in a fount 0.3 m across that stay open just a day and a night. */
function openLitres(): number {
  const hours = (litres: number): number => {
    const { toZeroH, toBlockedH } = iceHours(roundLump(litres, 0.7 * 0.3, 9), winterC);
    return toZeroH + toBlockedH;
  };
  let [low, high] = [0.1, 2000];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (hours(middle) < 24) low = middle;
    else high = middle;
  }
  return high;
}

const drinker = (d: Parameters<Recipe>[0]): Drinker => {
  const found = d.fixtures.find((f) => f.id === 'drinker');
  if (found?.kind !== 'drinker') throw new Error('a drinker');
  return found;
};
const popDoor = (d: Parameters<Recipe>[0]): OfKind<'popDoor'> => {
  const found = d.fixtures.find((f) => f.kind === 'popDoor');
  if (found?.kind !== 'popDoor') throw new Error('a pop door');
  return found;
};
const heat =
  (watts: number, parts: Partial<Extract<Drinker['winter'], { kind: 'heated' }>> = {}): Recipe =>
  (d) =>
    change(d, 'drinker', 'drinker', {
      winter: { kind: 'heated', watts, by: 'water', immersed: false, cutOut: true, ...parts },
    });
const NEED_W = holdingW(
  heatedLump(drinker(soundCoop()), drinker(soundCoop()).capacityL ?? 0, {
    climate: sampleClimate(COLD),
  }),
  winterC,
);

/** A place that brings the birds of a sound coop a tenth more rain than they drink, off the whole of its roof. */
const dryish: Recipe = (d) => {
  const place = sampleClimate(COLD);
  const months = workClimate(place)?.months ?? [];
  const drunk = drunkByDay(flockByDay(d, DAY)).reduce((a, b) => a + b, 0);
  const fell = months.reduce((sum, m) => sum + m.rainMm, 0);
  const times = (1.1 * drunk) / (fell * d.shell.lengthM * d.shell.widthM * 0.9);
  climate(COLD)(d);
  d.climate = {
    ...place,
    source: {
      kind: 'normals',
      name: 'Dry',
      months: months.map((m) => ({ ...m, rainMm: m.rainMm * times })),
    },
  };
};

/** Faults of rain and of frost, each raised alone, with a near miss. */
export const RAIN_FAULTS: readonly Fault[] = [
  choice(
    'water.roof.unsafe',
    changed((r) => (r.cover = 'unsafe')),
    withRain(),
  ),
  choice(
    'water.gutter.noEave',
    changed((r) => (r.eaves = ['left'])),
    all((d) => {
      d.shell.roof = { kind: 'gable', lowM: 2, highM: 2.4, ridgeAxis: 'x' };
    }, withRain()),
  ),
  measure(
    'water.gutter.small',
    [LEAST_GUTTER - MM, LEAST_GUTTER + MM],
    (d, m) => changed((r) => (r.gutter = { shape: 'half', acrossM: m }))(d),
    withRain(),
  ),
  measure(
    'water.flush.short',
    [FLUSH - MM, FLUSH + MM],
    (d, m) => changed((r) => (r.flushLongM = m))(d),
    withRain(),
  ),
  choice(
    'water.stand.shelf',
    changed((r) => (r.barrel.stand = 'shelf')),
    withRain(),
  ),
  choice(
    'water.barrel.open',
    changed((r) => (r.barrel.dark = false)),
    withRain(),
  ),
  choice(
    'water.screens.shed',
    (d) => {
      d.schools['rain.screens'] = 'rain.screens.everywhere';
    },
    all(withRain(), (d) => {
      d.site.treesOver = true;
    }),
  ),
  choice(
    'water.overflow.footings',
    changed((r) => (r.barrel.overflow = 'none')),
    withRain(),
  ),
  choice(
    'water.line.fittings',
    changed((r) => (r.line.flush = false)),
    withRain(),
  ),
  measure(
    'water.barrel.door',
    [popDoor(soundCoop()).widthM - MM, popDoor(soundCoop()).widthM],
    (d, m) =>
      changed((r) => {
        const door = popDoor(d);
        r.barrel = { ...r.barrel, side: door.wall, alongM: door.alongM + m };
      })(d),
    withRain(),
  ),
  measure(
    'water.barrel.high',
    [1, -1],
    (d, by) =>
      changed((r) => {
        const outlet = d.shell.floorAboveGroundM + d.shell.roof.lowM - 0.1;
        r.barrel.standM = outlet - 0.05 - barrelHighM(r.barrel) + by * MM;
      })(d),
    withRain(),
  ),
  measure(
    'water.barrel.tall',
    [1.8 + MM, 1.8 - MM],
    (d, times) =>
      changed((r) => {
        Object.assign(r.barrel, {
          litres: 100,
          acrossM: Math.cbrt(0.4 / (Math.PI * times)),
          standM: 0.3,
        });
      })(d),
    withRain(),
  ),
  measure(
    'water.barrel.low',
    [0.15 - MM, 0.15],
    (d, m) =>
      changed((r) => {
        r.barrel.standM = d.shell.floorAboveGroundM + drinker(d).rimZ + m;
      })(d),
    all(
      (d) => change(d, 'drinker', 'drinker', { type: 'nipple', outlets: 3, rimZ: 0.1 + 0.42 }),
      withRain(),
    ),
  ),
  fault(
    'water.rain.little',
    (d) => {
      d.shell.roof = { kind: 'gable', lowM: 2, highM: 2.4, ridgeAxis: 'x' };
      d.rain = { ...newRain(d), eaves: ['front'], overhangM: 0 };
    },
    (d) => {
      d.shell.roof = { kind: 'gable', lowM: 2, highM: 2.4, ridgeAxis: 'x' };
      d.rain = { ...newRain(d), eaves: ['front', 'rear'], overhangM: 0 };
    },
    dryish,
  ),
  choice(
    'water.line.undrained',
    changed((r) => (r.line.drain = false)),
    all(climate(COLD), heat(250), withRain()),
  ),
  measure(
    'water.frost.ice',
    [openLitres() * 0.98, openLitres() * 1.02],
    (d, litres) => change(d, 'drinker', 'drinker', { capacityL: litres, diameterM: 0.3 }),
    all(climate(COLD), (d) => change(d, 'drinker', 'drinker', { winter: { kind: 'nothing' } })),
  ),
  fault(
    'water.heater.past',
    (d) => change(d, 'drinker', 'drinker', { type: 'cup', outlets: 3, tankZ: 1.2, onWall: true }),
    () => {},
    all(climate(COLD), heat(250)),
  ),
  measure('water.heater.weak', [NEED_W - 0.01, NEED_W + 0.01], (d, w) => heat(w)(d), climate(COLD)),
  fault(
    'water.heater.insulate',
    (d) => change(d, 'drinker', 'drinker', { capacityL: 300 }),
    heat(250),
    all(climate(COLD), heat(1000)),
  ),
  choice(
    'water.heater.cutOut',
    heat(250, { immersed: true, cutOut: false }),
    all(climate(COLD), heat(250)),
  ),
];
