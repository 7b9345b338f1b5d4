import { PLACE_KINDS } from '@/core/layout/places.data';
import { THING_KINDS, USUAL_CHOICES } from '@/core/measure/things.data';
import { FLOORS } from '@/text/choices.data';
import { nothingTyped, type Typed, type TypedThing } from './typed';

const KEY = 'wide-rafter-measures';

/** Keeps what has been typed in this browser until it is taken to the bench. */
export function keepTyped(typed: Typed): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(typed));
  } catch {
    // a browser that keeps nothing is no error
  }
}

export function forgetTyped(): void {
  try {
    localStorage.removeItem(KEY);
  } catch {
    // a browser that keeps nothing is no error
  }
}

/** What was typed before; null where there is nothing, or nothing that is understood any more. */
export function keptTyped(): Typed | null {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? 'null') as Partial<Typed> | null;
    if (kept === null || typeof kept !== 'object' || !Array.isArray(kept.things)) return null;
    const plain = nothingTyped(kept.units === 'imperial' ? 'imperial' : 'metric');
    return {
      ...alike(plain, kept),
      units: plain.units,
      climate: kept.climate ?? null,
      floorBuild: FLOORS.find((f) => f.id === kept.floorBuild)?.id ?? null,
      meshFixedBy: kept.meshFixedBy ?? null,
      place: PLACE_KINDS.find((p) => p.id === kept.place)?.id ?? plain.place,
      room: alike(plain.room, kept.room ?? {}),
      things: kept.things.filter(isThing).map((t, i) => ({
        id: i + 1,
        kind: t.kind,
        values: Object.fromEntries(
          Object.entries(t.values).filter(([, said]) => typeof said === 'string'),
        ),
        choices: chosen(USUAL_CHOICES[t.kind], t.choices),
      })),
    };
  } catch {
    return null;
  }
}

/** What an older or a broken store has, as far as it is of the kind that is known now. */
const alike = <T extends object>(plain: T, kept: object): T =>
  Object.fromEntries(
    Object.entries(plain).map(([key, value]) => {
      const said = (kept as Record<string, unknown>)[key];
      return [key, typeof said === typeof value ? said : value];
    }),
  ) as T;

/** Answers that can be: what is asked with null is a word, a number or yes and no. */
const chosen = (plain: TypedThing['choices'], kept: object): TypedThing['choices'] =>
  Object.fromEntries(
    Object.entries(plain).map(([key, value]) => {
      const said = (kept as Record<string, unknown>)[key];
      const wanted = value !== null ? typeof value : TYPES[key];
      return [key, typeof said === wanted ? said : value];
    }),
  ) as unknown as TypedThing['choices'];

const TYPES: Readonly<Record<string, string>> = {
  boxes: 'number',
  outside: 'boolean',
  walkedIn: 'boolean',
  shape: 'string',
  cover: 'string',
  type: 'string',
};

const isThing = (t: unknown): t is TypedThing =>
  typeof t === 'object' &&
  t !== null &&
  THING_KINDS.includes((t as TypedThing).kind) &&
  typeof (t as TypedThing).values === 'object' &&
  typeof (t as TypedThing).choices === 'object';
