import { tenderOf } from '../air/tender';
import { workYear } from '../air/year';
import { yearModel } from '../air/yearModel';
import { assess } from '../assess';
import { createFlockWorker } from '../birds/flock';
import { flockSizes } from '../birds/flockSizes';
import { askedOn } from '../carrying/asked';
import { layOut } from '../drawing/run/lie';
import { newMade } from '../edit/new/homeMade';
import { newRain } from '../edit/new/rain';
import { createJudge } from '../judge';
import { groundOf } from '../layout/ground';
import type { Fixture, OfKind, Run } from '../model/schema';
import { RULE_BOOK } from '../rules/book';
import { judgingSheet } from '../stations/sheet';
import { workClimate } from '../weather/climate';
import { generateHours } from '../weather/hours';
import { weatherNormals } from '../weather/normals';
import { DAY, sampleClimate, soundCoop } from './plans';

/** A run of 4 m by 2 m under a roof. */
const RUN: Run = {
  lengthM: 4,
  widthM: 2,
  roof: 'full',
  eavesM: 0.2,
  skirtingM: 0.3,
  solidSides: [],
  cover: 'mesh13',
  pastimes: 1,
};

/**
 * What examples in the core's comments may name, beside what their own file exports: a sound coop of six hens of
 * 2.2 kg, 4 m by 3 m and 2 m high, its parts, its flock by day, and the context that it is judged in.
 */
export function exampleScope(): Record<string, unknown> {
  const plan = soundCoop();
  const flock = createFlockWorker()(plan, DAY);
  const of = <K extends Fixture['kind']>(kind: K): OfKind<K> => {
    const found = plan.fixtures.find((f): f is OfKind<K> => f.kind === kind);
    if (!found) throw new Error(`the coop has no ${kind}`);
    return found;
  };
  const climate = workClimate(sampleClimate('cold-continental'));
  if (climate === null) throw new Error('the climate is known');
  const normals = weatherNormals(climate);
  const model = yearModel(
    { ...plan, climate: sampleClimate('cold-continental') },
    flock,
    generateHours(normals, 1, 7),
    { shares: () => 1, shutIn: () => false, heaterW: 0 },
  );
  const ctx = createJudge()(plan, { on: DAY, book: RULE_BOOK, lean: false }).ctx;
  return {
    plan,
    newRain,
    // one roof of ten square metres, all of whose rain runs into 200 L, and 2 L are drawn a day
    rainStore: {
      ...{ roofM2: 10, runoff: 1, gutter: 1, flushMm: 0, barrelL: 200, heated: false },
      drawnL: new Float64Array(365).fill(2),
    },
    made: newMade({ ...of('feeder'), type: 'port' }, 'metric'),
    shell: plan.shell,
    flock,
    lot: flock.lots[0],
    sizes: flockSizes(plan),
    bar: of('bar'),
    bank: of('nestBank'),
    door: of('door'),
    feeder: of('feeder'),
    drinker: of('drinker'),
    climate,
    normals,
    model,
    columns: workYear(model),
    tender: tenderOf(flock),
    bird: assess(plan, { on: DAY }).birds[0],
    run: RUN,
    lie: layOut(plan.shell, RUN, 'right', []),
    ctx,
    sheet: judgingSheet('roosts', ctx.kept),
    ground: groundOf({ ...plan, fixtures: [] }, DAY),
    askedDay: askedOn(flock, 0, () => [0.3]),
    today: DAY,
  };
}
