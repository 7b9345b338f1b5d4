'use client';
import { useId } from 'react';
import {
  fieldUnit,
  formatLength,
  readRoomLength,
  type UnitSystem,
} from '@/core/kernel/units/length';
import { PLACE_KINDS, type PlaceKindId, placeKind } from '@/core/layout/places.data';
import { MOST_ROUGH_M } from '@/formats/roughAsk';
import { issueText } from '@/text/issues';
import { PLACE_NAMES } from '@/text/places';
import { Field } from '../forms/Field';
import { within } from '../forms/measures';

export const SIDES_ASKED = ['length', 'width', 'height'] as const;
export type Sides = Readonly<Record<(typeof SIDES_ASKED)[number], string>>;

/** Where they live: a kind of thing with its measures, or a room that the program chooses. */
export interface Where {
  readonly kind: PlaceKindId | null;
  readonly sides: Sides;
}

const LABELS: Readonly<Record<keyof Sides, string>> = {
  length: 'Length',
  width: 'Width',
  height: 'Height',
};

/** The usual size of a kind of thing, as it is typed. */
export function sidesOf(kind: PlaceKindId, units: UnitSystem): Sides {
  const row = placeKind(kind);
  const said = (m: number): string =>
    formatLength(units === 'metric' ? m : Math.round(m / 0.3048) * 0.3048, { units });
  return { length: said(row.lengthM), width: said(row.widthM), height: said(row.highM) };
}

/** The room in metres, or what is wrong with each side. */
export function readSides(
  sides: Sides,
  units: UnitSystem,
):
  | { readonly m: Readonly<Record<keyof Sides, number>> }
  | { readonly wrong: Partial<Record<keyof Sides, string>> } {
  const m: Partial<Record<keyof Sides, number>> = {};
  const wrong: Partial<Record<keyof Sides, string>> = {};
  for (const side of SIDES_ASKED) {
    const read = readRoomLength(sides[side], units);
    const held = read.ok
      ? within(0.4, side === 'height' ? 8 : MOST_ROUGH_M, units)(read.value)
      : read;
    if (held.ok) m[side] = held.value;
    else wrong[side] = held.issues[0] ? issueText(held.issues[0]) : '';
  }
  return Object.keys(wrong).length > 0
    ? { wrong }
    : { m: m as Readonly<Record<keyof Sides, number>> };
}

export function WhereQuestion({
  where,
  units,
  change,
}: {
  where: Where;
  units: UnitSystem;
  change: (where: Where) => void;
}) {
  const name = useId();
  const read = where.kind === null ? null : readSides(where.sides, units);
  return (
    <fieldset>
      <legend className="font-title text-[1.1rem]">2. Where?</legend>
      <div className="mt-1 grid grid-cols-2 gap-1">
        {[null, ...PLACE_KINDS.map((p) => p.id)].map((kind) => (
          <label
            key={kind ?? 'any'}
            className={`flex cursor-pointer items-center gap-2 border px-2 py-1 text-[0.92rem] max-lg:min-h-[44px] ${where.kind === kind ? 'border-chalk bg-raised' : 'border-line'}`}
          >
            <input
              type="radio"
              name={name}
              checked={where.kind === kind}
              onChange={() =>
                change({ kind, sides: kind === null ? where.sides : sidesOf(kind, units) })
              }
            />
            {kind === null ? 'You tell me' : PLACE_NAMES[kind]}
          </label>
        ))}
      </div>
      {where.kind === null ? (
        <p className="mt-1.5 text-[0.88rem] text-soft">
          The smallest room that holds them well, in steps of{' '}
          {units === 'metric' ? '30 cm' : 'a foot'}.
        </p>
      ) : (
        <div className="mt-1.5 grid grid-cols-3 gap-2">
          {SIDES_ASKED.map((side) => (
            <Field
              key={side}
              id={`${name}-${side}`}
              label={LABELS[side]}
              unit={units === 'imperial' ? 'ft' : fieldUnit(units)}
              error={read && 'wrong' in read ? (read.wrong[side] ?? null) : null}
              typed={where.sides[side]}
              mean={(text) => change({ ...where, sides: { ...where.sides, [side]: text } })}
            >
              <input
                id={`${name}-${side}`}
                className="input figures"
                value={where.sides[side]}
                onChange={(e) =>
                  change({ ...where, sides: { ...where.sides, [side]: e.target.value } })
                }
                aria-invalid={read !== null && 'wrong' in read && read.wrong[side] !== undefined}
              />
            </Field>
          ))}
        </div>
      )}
    </fieldset>
  );
}
