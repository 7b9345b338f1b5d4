'use client';
import { X } from 'lucide-react';
import type { Issue } from '@/core/kernel/outcome';
import type { UnitSystem } from '@/core/kernel/units/length';
import {
  type MeasureSpec,
  THING_MEASURES,
  type ThingChoices,
  type ThingKind,
} from '@/core/measure/things.data';
import { COVERS, DRINKERS, FEEDERS, OBSTACLES, OPENS, SIDES } from '@/text/choices.data';
import { inUnits } from '@/text/inUnits';
import { THING_WORDS } from '@/text/measuring';
import { Select } from '../forms/Select';
import { MeasureField } from './MeasureField';
import type { TypedThing } from './typed';

interface Choice {
  readonly key: string;
  readonly label: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
}

const NOT_LOOKED = { id: '', name: 'not looked at' } as const;
const asked = (options: Choice['options']): Choice['options'] => [NOT_LOOKED, ...options];
const WALL: Choice = { key: 'wall', label: 'In the wall', options: SIDES };
const YES_NO = (no: string, yes: string): Choice['options'] => [
  { id: 'false', name: no },
  { id: 'true', name: yes },
];
/** Boxes in a bank that a backyard coop has at most. */
const MOST_BOXES = 12;

const CHOICES: Readonly<Record<ThingKind, readonly Choice[]>> = {
  bar: [
    {
      key: 'shape',
      label: 'Shape',
      options: asked([
        { id: 'flat', name: 'flat on top' },
        { id: 'round', name: 'round' },
      ]),
    },
  ],
  nests: [
    {
      key: 'boxes',
      label: 'How many boxes',
      options: [
        { id: '', name: 'not counted' },
        ...Array.from({ length: MOST_BOXES }, (_, i) => ({
          id: String(i + 1),
          name: String(i + 1),
        })),
      ],
    },
    { key: 'wall', label: 'At the wall', options: SIDES },
    { key: 'outside', label: 'They stand', options: asked(YES_NO('inside', 'outside the wall')) },
  ],
  popDoor: [WALL],
  door: [WALL, { key: 'walkedIn', label: 'You', options: asked(YES_NO('reach in', 'walk in')) }],
  opening: [
    WALL,
    { key: 'cover', label: 'Covered with', options: asked(COVERS) },
    { key: 'opens', label: 'It', options: OPENS },
  ],
  feeder: [{ key: 'type', label: 'Kind', options: asked(FEEDERS) }],
  drinker: [{ key: 'type', label: 'Kind', options: asked(DRINKERS) }],
  obstacle: [{ key: 'what', label: 'What it is', options: OBSTACLES }],
};

/** One thing that stands in the coop: what it is, and its measures. */
export function ThingCard({
  thing,
  number,
  units,
  statureM,
  wrong,
  shown,
  show,
  change,
  remove,
}: {
  thing: TypedThing;
  /** Which of its kind. */
  number: number;
  units: UnitSystem;
  statureM: number;
  wrong: Readonly<Record<string, Issue>>;
  /** The measure whose tape is drawn, where it is one of this thing. */
  shown: string | null;
  show: (measure: string) => void;
  change: (thing: TypedThing) => void;
  remove: () => void;
}) {
  const words = THING_WORDS[thing.kind];
  const name = `${words.name} ${number}`;
  return (
    <section
      className="border border-line bg-raised p-2"
      aria-label={name}
      data-thing={thing.kind}
      data-thing-id={thing.id}
    >
      <div className="flex items-center justify-between gap-2">
        <h3 className="text-[1rem]">{name}</h3>
        <button
          type="button"
          className="icon-button"
          aria-label={`Take out ${name}`}
          title="Take it out"
          onClick={remove}
        >
          <X size={15} aria-hidden />
        </button>
      </div>
      <div className="grid grid-cols-2 gap-2">
        {CHOICES[thing.kind].map((c) => (
          <Select
            key={c.key}
            label={c.label}
            options={c.options.map((o) => ({ id: o.id, name: inUnits(o.name, units) }))}
            value={String(thing.choices[c.key as keyof typeof thing.choices] ?? '')}
            change={(v) =>
              change({
                ...thing,
                choices: { ...thing.choices, [c.key]: chosen(v) } as ThingChoices[ThingKind],
              })
            }
          />
        ))}
        {THING_MEASURES[thing.kind].map((spec: MeasureSpec) => {
          const own = words.measures[spec.id];
          return own ? (
            <MeasureField
              key={spec.id}
              words={own}
              value={thing.values[spec.id] ?? ''}
              units={units}
              statureM={statureM}
              height={spec.height === true}
              wrong={wrong[`${thing.id}.${spec.id}`]}
              shown={shown === spec.id}
              show={() => show(spec.id)}
              change={(v) => change({ ...thing, values: { ...thing.values, [spec.id]: v } })}
            />
          ) : null;
        })}
      </div>
    </section>
  );
}

/** A choice as the plan has it: a number, yes or no, or a word; null: not looked at. */
const chosen = (v: string): string | number | boolean | null =>
  v === '' ? null : v === 'true' ? true : v === 'false' ? false : /^\d+$/.test(v) ? Number(v) : v;
