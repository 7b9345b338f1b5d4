import { ruled } from '../rules/rules.data';
import { wetBulbC } from '../weather/psychrometrics';
import { heatIndexC, type Tender } from './indicators';
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

const [DAMP, FROST_RH] = [ruled('air.rh.most'), ruled('air.frost.rh')];
const [TARGET, MOST] = [ruled('air.ammonia.target'), ruled('air.ammonia.most')];
const DRAUGHT = ruled('air.draught.most');
/** Below this no heat index can alert: a wet bulb is not worked for nothing, °C. */
const NEVER_HOT_C = 20;

/** How bad one hour is, as hours of damp. */
export function badnessOf(
  { weather }: Pick<YearModel, 'weather'>,
  columns: YearColumns,
  tender: Tender,
  i: number,
): number {
  const tiC = columns.tiC[i] as number;
  const rh = columns.rh[i] as number;
  const isDraughty = (columns.roostMS[i] as number) > DRAUGHT;
  let bad = isDraughty ? WEIGHTS.draught : 0;
  if (rh >= DAMP) bad += WEIGHTS.damp;
  if ((columns.condensedKgS[i] as number) > 1e-9) bad += WEIGHTS.drips;
  const { frost } = tender;
  if (frost && (tiC <= frost.anyC || (tiC <= frost.dampC && (rh >= FROST_RH || isDraughty))))
    bad += WEIGHTS.frost;
  const ppm = columns.ammoniaPpm[i] as number;
  if (ppm > MOST) bad += WEIGHTS.ammoniaMost;
  else if (ppm > TARGET) bad += WEIGHTS.ammonia;
  if (tiC < NEVER_HOT_C) return bad;
  const wet = wetBulbC(tiC, columns.humRatio[i] as number, weather.pressurePa[i] as number);
  const felt = heatIndexC(tiC, wet);
  const [alert, danger, emergency] = tender.heatC;
  if (felt >= emergency) return bad + WEIGHTS.heatEmergency;
  if (felt >= danger) return bad + WEIGHTS.heatDanger;
  return felt >= alert ? bad + WEIGHTS.heatAlert : bad;
}
