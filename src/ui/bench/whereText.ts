import type { Assessment } from '@/core/assess';
import { ENTERED_AT } from '@/core/edit/enteredAt';
import type { Fixture, Plan } from '@/core/model/schema';
import { placeText } from '@/text/placing';
import { STATION_NAMES } from '@/text/stations';

/**
 * Where a thing stands and what comes of it, for who cannot see it: "Front bar, 62 cm above the litter, 40 cm from the
 * rear wall; carries 5".
 */
export function whereText(fixture: Fixture, plan: Plan, assessment: Assessment | null): string {
  const place = placeText(fixture, plan);
  if (fixture.kind === 'bar') {
    const birds = assessment?.figures.get(`roosts.bar.${fixture.id}.birds`)?.value;
    return birds === undefined ? place : `${place}; carries ${Math.floor(birds + 1e-9)}`;
  }
  const station = ENTERED_AT[fixture.kind];
  const stave = assessment?.staves.find((s) => s.station === station);
  const carries = stave?.carries ?? null;
  return carries === null
    ? place
    : `${place}; ${STATION_NAMES[station].toLowerCase()} for ${carries}`;
}
