import { assess } from '../../assess';
import type { Drinker, Feeder, Plan, Vessel } from '../../model/schema';
import { DAY, soundCoop } from '../../tests/plans';
import { intoRoom } from '../intoRoom';
import { newDrinker, newFeeder } from './floorThings';
import { bodiesFor, newMade, withBody } from './homeMade';

/** Findings that are of how a thing is made. */
const OF_MAKING = /^(feed|water)\.(ports|mouth|dead|pan|hole|bucket)\./;

const plan = soundCoop();
const VESSELS: readonly Vessel[] = [
  ...(['tube', 'trough', 'port', 'pedal', 'holes'] as const).map((type) =>
    newFeeder(plan, { type, outlets: 4 } as Partial<Feeder>),
  ),
  ...(['bucket', 'cup', 'nipple'] as const).map((type) =>
    newDrinker(plan, { type, outlets: 4 } as Partial<Drinker>),
  ),
];

test('what a keeper is given to begin with has nothing wrong with it, from any body, in either system', () => {
  for (const units of ['metric', 'imperial'] as const) {
    for (const v of VESSELS) {
      for (const shape of bodiesFor(v)) {
        const start = newMade(v, units);
        if (!start) throw new Error(v.type);
        const isFirst = start.body.shape === shape;
        const made = isFirst ? start : withBody(v, start, shape, units);
        const own = { ...v, id: 'made', made } as Vessel;
        const draft: Plan = { ...plan, units };
        const placed = { ...own, ...intoRoom(own, draft) } as Vessel;
        const { findings, figures } = assess(
          { ...draft, fixtures: [...plan.fixtures, placed] },
          { on: DAY },
        );
        const told = findings.filter((f) => OF_MAKING.test(f.code) && f.fixtures.includes('made'));
        expect([units, v.type, shape, told.map((f) => f.code)]).toEqual([units, v.type, shape, []]);
        const station = v.kind === 'feeder' ? 'feed' : 'water';
        expect(figures.get(`${station}.vessel.made.litres`)?.value).toBeGreaterThan(3);
        const outside = findings.filter((f) => f.code === 'shell.fixture.pastWall');
        expect([v.type, shape, outside]).toEqual([v.type, shape, []]);
      }
    }
  }
});

test('what is bought is made from nothing', () => {
  expect(bodiesFor({ kind: 'drinker', type: 'fount' })).toEqual([]);
  expect(bodiesFor({ kind: 'drinker', type: 'trough' })).toEqual([]);
  expect(newMade(newFeeder(plan, { type: 'pan' }), 'metric')).toBeNull();
});
