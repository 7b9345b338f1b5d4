import { assess } from '@/core/assess';
import { labelOf } from '@/core/measure/label';
import { settledFindings } from '@/core/measure/settled';
import { inOrder, standingOf } from '@/core/measure/standing';
import { type Tape, tapeOfRoom, tapeOfThing } from '@/core/measure/tapes';
import type { ROOM_MEASURES } from '@/core/measure/things.data';
import { uncertainOf } from '@/core/measure/uncertain';
import type { Plan } from '@/core/model/schema';
import { roughBirds } from '@/formats/roughAsk';
import { climateOf } from '@/formats/weatherAnswer';
import { readFlock } from '@/text/flockWords';
import { ROOM_WORDS, THING_WORDS } from '@/text/measuring';
import { PLACE_NAMES } from '@/text/places';
import type { Read, Typed } from './typed';

/** The climate as far as it can be read. */
function climateTyped({ climate, units }: Typed) {
  const read = climateOf(climate, units);
  return read.ok ? read.value : null;
}

/** The birds as far as they can be read. */
export const flockOf = (typed: Typed, on: string) =>
  readFlock(typed.birds, on, (climateTyped(typed)?.latitudeDeg ?? 0) < 0);

/** The plan of what was typed, what it comes to, and what hangs on rough measures. */
export function workedOf(typed: Typed, { measured, statureM }: Read, on: string) {
  const flock = flockOf(typed, on);
  const first = flock.birds[0];
  const standing = standingOf(
    {
      id: 'check',
      name: first
        ? `${PLACE_NAMES[typed.place]} for ${typed.birds.trim().slice(0, 50)}`
        : `${PLACE_NAMES[typed.place]}, measured`,
      units: typed.units,
      timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC',
      birds: roughBirds(flock),
      climate: climateTyped(typed),
    },
    measured,
  );
  const made = standing.plan;
  const plan: Plan = { ...made, keeper: { ...made.keeper, statureM } };
  const assessment = assess(plan, { on });
  return {
    plan,
    assessment,
    findings: settledFindings({ ...standing, plan }, assessment.findings, on),
    label: labelOf(plan, on),
    uncertain: uncertainOf(plan, on),
  };
}

/** Where the tape lies for the measure that has the focus, and how it is held. */
export function tapeOf(
  shown: string,
  typed: Typed,
  plan: Plan,
): { tape: Tape | null; how: string } {
  const [of, measure] = shown.split('.') as [string, string];
  if (of === 'room') {
    const id = measure as (typeof ROOM_MEASURES)[number]['id'];
    return { tape: tapeOfRoom(plan, id), how: ROOM_WORDS[id].how };
  }
  const thing = typed.things.find((t) => String(t.id) === of);
  const fixture = thing && plan.fixtures[inOrder(typed.things).indexOf(thing)];
  const words = thing && THING_WORDS[thing.kind].measures[measure];
  if (!fixture || !words) return { tape: null, how: '' };
  return { tape: tapeOfThing(plan, fixture, measure), how: `${fixture.name}. ${words.how}` };
}
