import { shippedClimate } from '@/core/edit/place';
import { type Outcome, ok } from '@/core/kernel/outcome';
import type { UnitSystem } from '@/core/kernel/units/length';
import type { PlanClimate } from '@/core/model/schema';
import { readNormals } from './normals';

/** What the weather is like: a shipped climate by its id, twelve months as pasted, or not said. */
export type WeatherAnswer = string | { readonly normals: string } | null;

/** Where pasted normals are from is not asked: a middling latitude at sea level (assumption). */
const LATITUDE_DEG = 50;

/** The climate that a plan has by this answer; or what is wrong with the months pasted. */
export function climateOf(answer: WeatherAnswer, units: UnitSystem): Outcome<PlanClimate | null> {
  if (answer === null) return ok(null);
  if (typeof answer === 'string') return ok(shippedClimate(answer, null));
  const read = readNormals(answer.normals, units);
  if (!read.ok) return read;
  return ok({
    source: { kind: 'normals', name: 'My normals', months: read.value.months },
    latitudeDeg: LATITUDE_DEG,
    altitudeM: 0,
    exposure: 'garden',
  });
}
