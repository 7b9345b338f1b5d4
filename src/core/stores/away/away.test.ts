import { sitterSheet } from '../../../text/sitterSheet';
import { assess } from '../../assess';
import { newRain } from '../../edit/new/rain';
import type { Plan } from '../../model/schema';
import { askAway, awayOf, awayWeather } from '../../tending/awayOf';
import { change, sampleClimate, soundCoop } from '../../tests/plans';
import { YEAR_DAYS } from '../../weather/yearCurve';
import { runBarrel } from '../rain/barrel';

const WEEK = ['2027-06-01', '2027-06-08'] as const;
const lasts = (plan: Plan, limit: string, [from, to]: readonly [string, string] = WEEK) => {
  const found = awayOf(plan, from, to).lasts.find((l) => l.limit === limit);
  if (!found) throw new Error(limit);
  return found;
};

describe('how long birds can be left', () => {
  test('feed lasts as many whole days as the full feeders hold, and what is missing is told', () => {
    const plan = soundCoop((d) => change(d, 'feeder', 'feeder', { capacityL: 5, type: 'port' }));
    const { flock } = assess(plan, { on: WEEK[0] });
    const eatable = (5 * 0.65) / 1.04;
    let [left, days] = [eatable, 0];
    while (left >= (flock.totals.coopFeedKg[days] ?? 0))
      left -= flock.totals.coopFeedKg[days++] ?? 0;
    const all = [...flock.totals.coopFeedKg.subarray(0, 7)].reduce((a, b) => a + b, 0);
    expect(lasts(plan, 'feed').days).toBe(days);
    expect(lasts(plan, 'feed').more).toBeCloseTo(all - eatable, 9);
  });

  test('a feeder that lasts all of the time ends nothing', () => {
    const plan = soundCoop((d) => change(d, 'feeder', 'feeder', { capacityL: 60 }));
    expect(lasts(plan, 'feed')).toEqual({ limit: 'feed', days: Infinity, more: null });
  });

  test('six eggs a box, and three days in heat', () => {
    const plan = soundCoop();
    const { flock } = assess(plan, { on: WEEK[0] });
    const perDay = [...flock.totals.eggs.subarray(0, 7)].reduce((a, b) => a + b, 0) / 7;
    const bank = plan.fixtures.find((f) => f.kind === 'nestBank');
    const boxes = bank?.kind === 'nestBank' ? bank.boxes * bank.rows : 0;
    const whole = Math.floor((6 * boxes) / perDay);
    expect(lasts(plan, 'eggs').days).toBe(whole >= 7 ? Infinity : whole);
    const hot = soundCoop((d) => {
      d.climate = sampleClimate('hot-desert');
    });
    expect(lasts(hot, 'eggs').days).toBeLessThanOrEqual(3);
  });

  test('a door opened by hand lasts no day, a powered one a month; droppings a week where there is no board', () => {
    const plan = soundCoop();
    expect(lasts(plan, 'door').days).toBe(0);
    expect(awayOf(plan, ...WEEK).days).toBe(0);
    const powered = soundCoop((d) => {
      for (const f of d.fixtures) if (f.kind === 'popDoor') f.works = 'light';
    });
    const month = ['2027-06-01', '2027-07-20'] as const;
    expect(lasts(powered, 'door', month).days).toBe(30);
    expect(lasts(powered, 'droppings', month).days).toBe(7);
  });

  test('an open drinker freezes in a cold January and not in June; a heater keeps it open', () => {
    const cold = (d: Plan): void => {
      d.climate = sampleClimate('cold-continental');
    };
    const january = ['2027-01-10', '2027-01-20'] as const;
    expect(lasts(soundCoop(cold), 'frost', january).days).toBeLessThanOrEqual(1);
    expect(lasts(soundCoop(cold), 'frost').days).toBe(Infinity);
    const heated = soundCoop((d) => {
      cold(d);
      for (const f of d.fixtures) {
        if (f.kind !== 'drinker') continue;
        f.winter = { kind: 'heated', watts: 250, by: 'water', immersed: false, cutOut: true };
      }
    });
    expect(lasts(heated, 'frost', january).days).toBe(Infinity);
  });

  test('rain lengthens the water: the third shortest of thirty years, each from today’s level', () => {
    const dry = soundCoop((d) => {
      d.climate = sampleClimate('wet-upland');
      change(d, 'drinker', 'drinker', { capacityL: 2, type: 'nipple', outlets: 3, rimZ: 0.52 });
    });
    const wet: Plan = { ...dry, rain: newRain(dry) };
    wet.rain = wet.rain && { ...wet.rain, barrel: { ...wet.rain.barrel, litres: 30, today: 0.5 } };
    const days = ['2027-06-01', '2027-07-25'] as const;
    expect(lasts(wet, 'water', days).days).toBeGreaterThan(lasts(dry, 'water', days).days);
    // the same year by year, by hand, over the thirty
    const assessment = assess(wet, { on: days[0] });
    const ask = askAway(wet, assessment, ...days);
    const weather = awayWeather(wet, assessment);
    if (!weather.rain) throw new Error('it rains there');
    const { days: fell, store } = weather.rain;
    const counts: number[] = [];
    for (let y = 0; y < 30; y++) {
      let level = 15;
      let own = 2;
      let [snow, flush, wasWet, n] = [0, 0, false, 0];
      for (let i = 0; i < ask.back - ask.leaves; i++) {
        const at = y * YEAR_DAYS + 151 + i;
        const mean = fell.meanC[at] ?? 0;
        const mm = fell.rainMm[at] ?? 0;
        const melt = mean < 0 ? 0 : Math.min(snow, 4 * mean);
        snow += (mean < 0 ? mm : 0) - melt;
        const runs = (mean < 0 ? 0 : mm) + melt;
        if (runs > 0 && !wasWet) flush = store.flushMm;
        wasWet = runs > 0;
        const kept = Math.min(flush, runs);
        flush -= kept;
        level = Math.min(30, level + (runs - kept) * store.roofM2 * store.runoff * store.gutter);
        const want = assessment.flock.totals.coopWaterL[i] ?? 0;
        if (mean >= 0) {
          const drawn = Math.min(level, want + 2 - own);
          level -= drawn;
          own += drawn;
        }
        if (own < want - 1e-9) break;
        own -= want;
        n++;
      }
      counts.push(n);
    }
    counts.sort((a, b) => a - b);
    const third = counts[2] ?? 0;
    expect(lasts(wet, 'water', days).days).toBe(third >= 54 ? Infinity : third);
    expect(runBarrel(fell, store).years).toHaveLength(30);
  });

  test('the shortest comes first, and what ends on a day ends on it however long they are away', () => {
    const plan = soundCoop((d) => {
      d.climate = sampleClimate('cold-continental');
      for (const f of d.fixtures) if (f.kind === 'popDoor') f.works = 'light';
    });
    const all = awayOf(plan, '2027-01-10', '2027-01-24');
    expect(all.lasts.map((l) => l.days)).toEqual(
      all.lasts.map((l) => l.days).toSorted((a, b) => a - b),
    );
    expect(all.days).toBe(Math.min(all.lasts[0]?.days ?? 0, 14));
    // what ends on a day of its own ends on it however long they are away
    const longer = awayOf(plan, '2027-01-10', '2027-02-10');
    for (const limit of ['feed', 'water', 'frost'] as const) {
      const own = (of: typeof all) => of.lasts.find((l) => l.limit === limit)?.days ?? -1;
      if (own(all) < 14) expect(own(longer)).toBe(own(all));
    }
  });
});

describe('a barrel counts only where a drinker hangs on its line', () => {
  const founts = (parts: Partial<Plan> = {}): Plan => {
    const plan = soundCoop((d) => {
      d.climate = sampleClimate('wet-upland');
      change(d, 'drinker', 'drinker', { type: 'fount', capacityL: 10, name: 'Drinker 1' });
    });
    const rain = newRain(plan);
    return { ...plan, rain: { ...rain, barrel: { ...rain.barrel, litres: 800 } }, ...parts };
  };
  const DATES = ['2027-06-01', '2027-07-01'] as const;

  test('a fount of 10 L beside 800 L lasts as long as the fount, and the sheet says who fills it', () => {
    const plan = founts();
    const found = awayOf(plan, ...DATES);
    const alone = awayOf(founts({ rain: null }), ...DATES);
    const water = (a: typeof found) => a.lasts.find((l) => l.limit === 'water');
    expect(water(found)).toEqual(water(alone));
    expect(water(found)?.days).toBeLessThan(30);
    expect(found.fillEvery).toEqual({ names: ['Drinker 1'], days: water(found)?.days });
    const { flock } = assess(plan, { on: DATES[0] });
    const sheet = sitterSheet(plan, flock, found, ...DATES);
    const lines = sheet.parts.flatMap((p) => p.lines).join(' ');
    expect(lines).toContain(`fill Drinker 1 from it every ${water(found)?.days} days`);
    expect(alone.fillEvery).toBeNull();
  });

  test('hung on the line it counts, and nobody has to fill anything', () => {
    const plan = structuredClone(founts());
    change(plan, 'drinker', 'drinker', { type: 'nipple', outlets: 3, tankZ: null, rimZ: 0.52 });
    const found = awayOf(plan, ...DATES);
    expect(found.fillEvery).toBeNull();
    expect(found.lasts.find((l) => l.limit === 'water')?.days).toBe(Infinity);
  });
});

test('what is not there is not told to last: no pop door, no eggs', () => {
  const plan = soundCoop((d) => {
    d.fixtures = d.fixtures.filter((f) => f.kind !== 'popDoor' && f.kind !== 'nestBank');
  });
  const limits = awayOf(plan, ...WEEK).lasts.map((l) => l.limit);
  expect(limits).not.toContain('door');
  expect(limits).not.toContain('eggs');
});
