import { DAY_HOURS } from '../weather/hours';
import { monthOfDay, YEAR_DAYS } from '../weather/yearCurve';
import { stepperOf, type YearModel } from './year';

/** The nights of a month in a coop kept one way, by their mean. */
export interface Nights {
  /** Inside less outside, K. */
  readonly riseK: number;
  /** Water that condenses in the air, kg a night. */
  readonly dripKg: number;
  readonly nights: number;
}

/**
 * Nights of a month, worked from the model; the first year of its weather.
 * @param month  0…11
 * @example      nightsOf(model, 0).nights // 31
 */
export function nightsOf(model: YearModel, month: number): Nights {
  const stepper = stepperOf(model);
  const { weather } = model;
  let [hours, rise, drip, nights] = [0, 0, 0, 0];
  for (let day = 0; day < YEAR_DAYS; day++) {
    if (monthOfDay(day) !== month) continue;
    nights++;
    for (let i = day * DAY_HOURS; i < (day + 1) * DAY_HOURS; i++) {
      if ((weather.sun.sinHeight[i] ?? 0) > 0) continue;
      const out = stepper.step(i);
      hours++;
      rise += out.tiC - (weather.tempC[i] ?? 0);
      drip += out.condensedKgS * 3600;
    }
  }
  return { riseK: hours === 0 ? 0 : rise / hours, dripKg: drip / nights, nights };
}

/** What shutting all openings does in the coldest month, beside the coop as it is kept. */
export interface ShutLesson {
  /** 0…11. */
  readonly month: number;
  readonly kept: Nights;
  readonly shut: Nights;
}

/**
 * A month's nights as kept, and with every opening that somebody made shut.
 * @param month  0…11
 * @example      shutLesson(model, 1).shut.nights // 28
 */
export function shutLesson(model: YearModel, month: number): ShutLesson {
  const { openings } = model.house;
  const states = model.states.map((share, k) => (openings[k % openings.length]?.leak ? share : 0));
  return { month, kept: nightsOf(model, month), shut: nightsOf({ ...model, states }, month) };
}
