import fc from 'fast-check';
import { type Assessment, assess } from '../assess';
import { newDrinker, newFeeder } from '../edit/new/floorThings';
import { zonePlan } from '../edit/zones';
import type { Drinker, Plan } from '../model/schema';
import { ZONES } from '../model/scope';
import { capacityL, drinkersOf } from '../stations/vessels/vessels';
import { askAway, awayOf } from '../tending/awayOf';
import { frostWays } from '../tending/frostWays';
import { hens } from '../tests/plans';
import { runs } from '../tests/runs';
import { storedCoop } from '../tests/storedCoop';
import { type AwayAsk, away } from './away/away';
import { iceHours } from './frost/freeze';
import { holdingW, inFrost, isLineOpen, isOnBarrel } from './frost/open';
import { levelsOf } from './levels';
import { storeOf } from './rain/outlook';

// One question that is answered in two places: days away, the panels of feed and water, frost and its ways.

/** So many plans: a hundred before a release. */
const PLANS = runs(30, 100);
const [LEAVES, BACK] = ['2027-01-10', '2027-03-01'] as const;

/** A stored coop in two, each half with its own feeder and drinker. */
const inTwo = (plan: Plan, onLine: boolean): Plan => ({
  ...plan,
  flock: [
    hens(5, { massKg: 2.2 }),
    hens(4, { id: 'beyond', name: 'Beyond', breed: 'khaki-campbell' }),
  ],
  partition: { axis: 'x', atM: 2, beyond: ['beyond'] },
  fixtures: [
    ...plan.fixtures,
    { ...newFeeder(plan, { type: 'tube', x: 3, y: 2 }), id: 'feeder-b' },
    {
      ...newDrinker(plan, { type: onLine ? 'cup' : 'fount', x: 1, y: 2 }),
      id: 'drinker-b',
      ...(onLine ? { tankZ: null } : {}),
    },
  ],
});

const plans = fc
  .sample(fc.tuple(storedCoop, fc.boolean(), fc.boolean()), { seed: 27, numRuns: PLANS })
  .map(([plan, parted, onLine], i) => {
    const { rain } = plan;
    const line = rain && { ...rain.line, pump: i % 2 === 0 };
    const own = { ...plan, rain: rain && line && { ...rain, line } };
    return parted ? inTwo(own, onLine) : own;
  });

/** Each coop that birds live in, by itself, with the plan it is part of. */
const coops = plans.flatMap((plan): { plan: Plan; own: Assessment }[] => {
  const whole = assess(plan, { on: LEAVES });
  const { zones } = whole;
  return zones === null
    ? [{ plan, own: whole }]
    : ZONES.map((id) => ({ plan: zonePlan(plan, id), own: zones[id] }));
});

const value = (a: Assessment, id: string): number => {
  const figure = a.figures.get(id);
  if (!figure) throw new Error(id);
  return figure.value;
};
const summed = (a: Assessment, id: string, part: string): number =>
  [a.figures.get(id)?.parts[part] ?? []].flat().reduce<number>((sum, n) => sum + Number(n), 0);

/** A question in which every day is the hardest. */
const atPeak = (plan: Plan, own: Assessment): AwayAsk => {
  const { totals, peaks } = own.flock;
  return {
    ...askAway(plan, own, LEAVES, BACK),
    flock: {
      ...own.flock,
      totals: {
        ...totals,
        coopFeedKg: totals.coopFeedKg.map(() => peaks.coopFeedKg?.value ?? 0),
        coopWaterL: totals.coopWaterL.map(() => peaks.coopWaterL?.value ?? 0),
      },
    },
  };
};
const within = (days: number, wanted: number): number =>
  days >= wanted ? Number.POSITIVE_INFINITY : days;

test('a third of them have a barrel, a third a heater, a third are parted', () => {
  const count = (is: (p: Plan) => boolean): number => plans.filter(is).length;
  expect(count((p) => p.rain !== null)).toBeGreaterThanOrEqual(0.3 * PLANS);
  expect(
    count((p) => drinkersOf(p).some((v) => v.winter.kind === 'heated')),
  ).toBeGreaterThanOrEqual(0.3 * PLANS);
  expect(count((p) => p.partition !== null)).toBeGreaterThanOrEqual(0.3 * PLANS);
});

test('the panels and the days away count the same feed and the same water, and both last as long', () => {
  let [fed, watered, hung] = [0, 0, 0];
  for (const { plan, own } of coops) {
    const ask = atPeak(plan, own);
    const dry = { meanC: new Float64Array(32 * 365).fill(20), rainMm: new Float64Array(32 * 365) };
    const store = storeOf(plan, own.flock);
    const full = plan.rain && { ...plan.rain, barrel: { ...plan.rain.barrel, today: 1 } };
    const { lasts, wanted } = away(
      { ...ask, plan: { ...plan, rain: full } },
      { rain: store && { days: dry, store }, hours: null },
    );
    const days = (limit: string): number => lasts.find((l) => l.limit === limit)?.days ?? 0;
    if (own.figures.has('feed.days')) {
      fed++;
      expect(ask.feedKg).toBeCloseTo(summed(own, 'feed.days', 'eaten'), 9);
      expect(days('feed')).toBe(within(Math.floor(value(own, 'feed.days') + 1e-9), wanted));
    } else expect(ask.feedKg).toBe(0);
    if (own.figures.has('water.days')) {
      watered++;
      if (drinkersOf(plan).some((v) => isOnBarrel(v, plan))) hung++;
      expect(ask.waterL).toBeCloseTo(summed(own, 'water.days', 'litres'), 9);
      expect(days('water')).toBe(within(Math.floor(value(own, 'water.days') + 1e-9), wanted));
    } else expect(ask.waterL).toBe(0);
  }
  expect(Math.min(fed, watered)).toBeGreaterThan(PLANS);
  expect(hung).toBeGreaterThan(0.1 * PLANS);
});

test('the levels that are drawn run out on the day that is told', () => {
  for (const { plan, own } of coops) {
    const ask = askAway(plan, own, LEAVES, BACK);
    const taken = [...own.flock.totals.coopWaterL.subarray(0, 50)];
    const vessels = drinkersOf(plan).map((v) => ({ id: v.id, full: capacityL(v), waste: 1 }));
    const all = vessels.reduce((sum, v) => sum + v.full, 0);
    // where somebody gets at none of one of them, the drawing has more in it
    if (Math.abs(all - ask.waterL) > 1e-9) continue;
    const { emptyOn } = levelsOf(vessels, taken, 1e9);
    const told = away(ask, { rain: null, hours: null }).lasts.find((l) => l.limit === 'water');
    expect(told?.days).toBe(emptyOn[0] ?? Number.POSITIVE_INFINITY);
  }
});

/** Days until a drinker is blocked in air that stays as it is, by the closed form. */
function blockedDays(v: Drinker, plan: Plan, airC: number): number {
  const { lump, watts, by } = inFrost(v, capacityL(v), plan);
  const on = by === 'water' || airC < plan.site.plugC;
  const felt = watts > 0 && on ? airC + watts / (lump.areaM2 * lump.uWM2K) : airC;
  const { toZeroH, toBlockedH } = iceHours(lump, felt);
  return Math.floor((toZeroH + toBlockedH) / 24);
}

test('the panel, the ways through frost and the days away have one answer for each drinker', () => {
  let [freezing, heated, weak] = [0, 0, 0];
  for (const { plan, own } of coops) {
    const air = own.flock.climate?.design.winterC ?? 0;
    if (!(air < 0)) continue;
    const ways = new Map(frostWays(plan, own).map((w) => [w.id, w.options]));
    const hours = { tempC: new Float32Array(31 * 8760).fill(air) };
    const { lasts } = away(askAway(plan, own, LEAVES, BACK), { rain: null, hours });
    const drinkers = drinkersOf(plan);
    const frost = lasts.find((l) => l.limit === 'frost');
    const each = drinkers.map((v) => blockedDays(v, plan, Math.fround(air)));
    const first = Math.min(...each);
    expect(frost?.days).toBe(first < 50 ? first : Number.POSITIVE_INFINITY);
    for (const [i, v] of drinkers.entries()) {
      const told = (code: string): boolean =>
        own.findings.some((f) => f.code === code && f.fixtures.includes(v.id));
      const { watts, pastIt } = inFrost(v, capacityL(v), plan);
      const option = (way: string) => ways.get(v.id)?.find((o) => o.way === way);
      // with no heat, the panel's hours are those of its way
      const way = v.type === 'cup' || v.type === 'nipple' || v.wrap === 'bare' ? 'carried' : v.wrap;
      expect(option(way)?.blockedH).toBeCloseTo(value(own, `water.frost.${v.id}.blocked`), 6);
      const heater = option(v.wrap === 'foam' ? 'foamHeater' : 'heater') ?? option('fountHeater');
      if (heater && v.wrap !== 'tyre' && v.type !== 'cup' && v.type !== 'nipple') {
        const needs = value(own, `water.frost.${v.id}.watts`);
        expect(heater.heater?.needW).toBeCloseTo(1.25 * needs, 6);
      }
      if (pastIt) expect([v.id, told('water.heater.past')]).toEqual([v.id, true]);
      if (watts > 0) {
        heated++;
        const tooWeak = watts < holdingW(inFrost(v, capacityL(v), plan).lump, air) - 1e-9;
        if (!isOnBarrel(v, plan)) expect(told('water.heater.weak')).toBe(tooWeak);
        // one that is strong enough and switched by the water is never blocked
        if (!tooWeak && inFrost(v, capacityL(v), plan).by === 'water')
          expect(each[i]).toBe(Number.POSITIVE_INFINITY);
        if (tooWeak) weak++;
      } else {
        freezing++;
        if (told('water.frost.ice')) expect(each[i]).toBe(0);
      }
    }
  }
  expect(Math.min(freezing, heated)).toBeGreaterThan(0.1 * PLANS);
  expect(weak).toBeGreaterThan(0);
});

test("a barrel's heater that is told too weak opens no line", () => {
  let seen = 0;
  for (const { plan, own } of coops) {
    const { rain } = plan;
    if (rain?.barrel.winter.kind !== 'heated' || !rain.line.pump) continue;
    seen++;
    const designC = own.flock.climate?.design.winterC ?? null;
    const weak = own.findings.some(
      (f) => f.code === 'water.heater.weak' && f.fixtures.length === 0,
    );
    expect(isLineOpen(rain, designC)).toBe(!weak);
    expect(storeOf(plan, own.flock)?.heated).toBe(!weak);
  }
  expect(seen).toBeGreaterThan(0);
});

test('a parted coop lasts no longer than its worse half', () => {
  const parted = plans.filter((p) => p.partition !== null).slice(0, runs(4, 20));
  for (const plan of parted) {
    const all = awayOf(plan, LEAVES, BACK);
    const { zones } = assess(plan, { on: LEAVES });
    if (!zones) throw new Error('not parted');
    for (const id of ZONES) {
      const own = zonePlan(plan, id);
      const ask = askAway(own, zones[id], LEAVES, BACK);
      const feed = away(ask, { rain: null, hours: null }).lasts.find((l) => l.limit === 'feed');
      const told = all.lasts.find((l) => l.limit === 'feed');
      expect(told?.days).toBeLessThanOrEqual(feed?.days ?? 0);
    }
  }
});

test('a parted coop in which nobody lives yet is asked about all the same', () => {
  const plan = plans.find((p) => p.partition !== null);
  if (!plan) throw new Error('no parted coop');
  expect(awayOf({ ...plan, flock: [] }, LEAVES, BACK).wanted).toBe(50);
});
