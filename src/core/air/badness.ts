import { ruled } from '../rules/rules.data';
import { isDraughty } from './draughty';

import { feltC } from './indicators';
import { isFrosty, type Tender } from './tender';
import type { YearColumns, YearModel } from './year';

/** What an hour of each harm weighs beside an hour of damp (assumption). */
const WEIGHTS = {
  damp: 1,
  drips: 2,
  frost: 3,
  heatAlert: 0.5,
  heatDanger: 3,
  heatEmergency: 10,
  ammonia: 1,
  ammoniaMost: 3,
  draught: 2,
} as const;

const DAMP = ruled('air.rh.most');
const [TARGET, MOST] = [ruled('air.ammonia.target'), ruled('air.ammonia.most')];
/** Below this no heat index can alert: a wet bulb is not worked for nothing, °C. */
const NEVER_HOT_C = 20;

/**
 * How bad one hour is, as hours of damp.
 * @param i  hour of the weather
 * @example  badnessOf(model, columns, tender, 4000) >= 0 // true
 */
export function badnessOf(
  model: Pick<YearModel, 'weather'>,
  columns: YearColumns,
  tender: Tender,
  i: number,
): number {
  const tiC = columns.tiC[i] as number;
  const rh = columns.rh[i] as number;
  const inDraught = isDraughty(model, columns, i);
  let bad = inDraught ? WEIGHTS.draught : 0;
  if (rh >= DAMP) bad += WEIGHTS.damp;
  if ((columns.condensedKgS[i] as number) > 1e-9) bad += WEIGHTS.drips;
  if (isFrosty(tender, tiC, rh, inDraught)) bad += WEIGHTS.frost;
  const ppm = columns.ammoniaPpm[i] as number;
  if (ppm > MOST) bad += WEIGHTS.ammoniaMost;
  else if (ppm > TARGET) bad += WEIGHTS.ammonia;
  if (tiC < NEVER_HOT_C) return bad;
  const felt = feltC(tiC, columns.humRatio[i] as number, model.weather.pressurePa[i] as number);
  const [alert, danger, emergency] = tender.heatC;
  if (felt >= emergency) return bad + WEIGHTS.heatEmergency;
  if (felt >= danger) return bad + WEIGHTS.heatDanger;
  return felt >= alert ? bad + WEIGHTS.heatAlert : bad;
}
