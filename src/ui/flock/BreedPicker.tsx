'use client';
import { Command } from 'cmdk';
import { ChevronsUpDown, Plus } from 'lucide-react';
import * as Popover from 'radix-ui/popover';
import { useId, useState } from 'react';
import { breedsOf } from '@/core/birds/lots';
import { birdSize, classOfHen } from '@/core/birds/size';
import { lookOf } from '@/core/drawing/birds/bird';
import { ownBreedFrom } from '@/core/edit/defaults';
import { formatMass } from '@/core/kernel/units/mass';
import { ANY_BREED_IDS, type Breed } from '@/core/model/breeds.data';
import type { Group } from '@/core/model/schema';
import {
  aliasFor,
  breedRank,
  CLASS_NAMES,
  COMB_NAMES,
  EGG_COLOUR_NAMES,
  FLIGHT_NAMES,
} from '@/text/breeds';
import { Shapes } from '../drawing/Shapes';
import { birdOnPage, onPage } from '../drawing/silhouette';
import { Field } from '../forms/Field';
import { eggMassIn } from '../forms/measures';
import { edit, usePlan } from '../session/bench';
import type { ChangeGroup } from './changeGroup';

/** The breed of a group, found as one types; beside the list the bird is drawn to scale. */
export function BreedPicker({ group, change }: { group: Group; change: ChangeGroup }) {
  const id = useId();
  const plan = usePlan();
  const breeds = breedsOf(plan);
  const current = breeds.find((b) => b.id === group.breed);
  const [open, setOpen] = useState(false);
  const take = (breed: Breed): void => {
    change('Breed', (g) => {
      g.breed = breed.id;
      g.massKg = null;
      g.figures = {};
    });
    setOpen(false);
  };
  const makeOwn = (breed: Breed): void => {
    const own = ownBreedFrom(plan, breed);
    edit('A breed of your own', (d) => {
      d.ownBreeds.push(own);
      const found = d.flock.find((g) => g.id === group.id);
      if (found) {
        found.breed = own.id;
        found.massKg = null;
        found.figures = {};
      }
    });
    setOpen(false);
  };
  return (
    <Field id={id} label="Breed" inTable>
      <Popover.Root open={open} onOpenChange={setOpen}>
        <Popover.Trigger asChild>
          <button
            id={id}
            type="button"
            className="input flex items-center justify-between! gap-1 text-left"
            aria-label={`Breed: ${current?.name ?? ''}`}
          >
            <span className="truncate" data-name>
              {current?.name}
            </span>
            <ChevronsUpDown size={13} className="shrink-0 text-soft" aria-hidden />
          </button>
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="start"
            sideOffset={4}
            collisionPadding={12}
            aria-label="Breeds"
            className="z-20 w-[min(36rem,94vw)] border border-strong bg-raised shadow-lg"
          >
            <Chooser breeds={breeds} current={current} take={take} makeOwn={makeOwn} />
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </Field>
  );
}

function Chooser({
  breeds,
  current,
  take,
  makeOwn,
}: {
  breeds: readonly Breed[];
  current: Breed | undefined;
  take: (breed: Breed) => void;
  makeOwn: (breed: Breed) => void;
}) {
  const [looked, setLooked] = useState(current?.id ?? '');
  const [typed, setTyped] = useState('');
  const byId = new Map(breeds.map((b) => [b.id, b]));
  const shown = byId.get(looked) ?? current;
  const groups = [
    ['Your own', breeds.filter((b) => b.id.startsWith('own-'))],
    ['Not one breed', breeds.filter((b) => ANY_BREED_IDS.has(b.id))],
    [
      'Chickens',
      breeds.filter(
        (b) => b.kind === 'chicken' && !b.id.startsWith('own-') && !ANY_BREED_IDS.has(b.id),
      ),
    ],
    ['Ducks', breeds.filter((b) => b.kind === 'duck' && !b.id.startsWith('own-'))],
    ['Meat birds', breeds.filter((b) => b.kind === 'meat' && !b.id.startsWith('own-'))],
  ] as const;
  return (
    <Command
      label="Find a breed"
      value={looked}
      onValueChange={setLooked}
      filter={(value, search) => {
        const breed = byId.get(value);
        return breed ? breedRank(breed, search) : 0;
      }}
      className="grid grid-cols-[minmax(0,1fr)_16rem] max-lg:grid-cols-1"
    >
      <div className="min-w-0 border-line border-r max-lg:border-r-0">
        <Command.Input
          autoFocus
          value={typed}
          onValueChange={setTyped}
          placeholder="Any name, class, egg colour, comb"
          className="w-full border-line border-b bg-raised px-3 py-2 outline-none"
        />
        <Command.List className="h-72 overflow-y-auto py-1 max-lg:h-52">
          <Command.Empty className="px-3 py-2 text-soft">
            No breed has all of these words. Take one that is near, and make it your own.
          </Command.Empty>
          {groups.map(([name, all]) =>
            all.length === 0 ? null : (
              <Command.Group
                key={name}
                heading={name}
                className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-1 [&_[cmdk-group-heading]]:text-[0.8rem] [&_[cmdk-group-heading]]:text-soft"
              >
                {all.map((b) => (
                  <Command.Item
                    key={b.id}
                    value={b.id}
                    onSelect={() => take(b)}
                    className="flex cursor-pointer justify-between gap-2 px-3 py-1 data-[selected=true]:bg-chalk-soft max-lg:min-h-[44px] max-lg:items-center"
                    data-breed={b.id}
                  >
                    <span className={b.id === current?.id ? 'font-semibold' : ''}>
                      {b.name}
                      <Alias breed={b} typed={typed} />
                    </span>
                    <span className="text-[0.84rem] text-soft">
                      {CLASS_NAMES[classOfHen(b.kind, b.henKg).id]}
                    </span>
                  </Command.Item>
                ))}
              </Command.Group>
            ),
          )}
        </Command.List>
      </div>
      {shown ? <Compared shown={shown} current={current} makeOwn={makeOwn} /> : null}
    </Command>
  );
}

/** The other name by which a breed was found. */
function Alias({ breed, typed }: { breed: Breed; typed: string }) {
  const alias = aliasFor(breed, typed);
  return alias === null ? null : <span className="text-[0.84rem] text-soft"> ({alias})</span>;
}

const WIDTH = 212;
const HEIGHT = 118;

/** The breed looked at, drawn beside the one the group has now, at one scale. */
function Compared({
  shown,
  current,
  makeOwn,
}: {
  shown: Breed;
  current: Breed | undefined;
  makeOwn: (breed: Breed) => void;
}) {
  const { units } = usePlan();
  const pair = current && current.id !== shown.id ? [shown, current] : [shown];
  const sizes = pair.map((b) => ({ breed: b, ...birdSize(b.henKg) }));
  const length = sizes.reduce((sum, s) => sum + s.lengthM + 0.06, 0);
  const tallest = Math.max(...sizes.map((s) => s.headM));
  const scale = Math.min((WIDTH - 8) / length, (HEIGHT - 22) / tallest, 210);
  let at = 6;
  return (
    <div className="flex flex-col gap-2 p-3 text-[0.87rem]" aria-live="polite">
      <svg
        width={WIDTH}
        height={HEIGHT}
        role="img"
        aria-label="Drawn at one scale"
        data-scale={scale}
      >
        <line x1="0" x2={WIDTH} y1={HEIGHT - 16} y2={HEIGHT - 16} className="stroke-straw-line" />
        {sizes.map(({ breed, lengthM, headM }, i) => {
          const rect = {
            x: at,
            y: HEIGHT - 16 - headM * scale,
            width: lengthM * scale,
            height: headM * scale,
          };
          at += (lengthM + 0.06) * scale;
          return (
            <g key={breed.id} data-compared={breed.id}>
              <g opacity={i === 0 ? 1 : 0.55}>
                <Shapes
                  shapes={birdOnPage(
                    rect,
                    lookOf({
                      class: classOfHen(breed.kind, breed.henKg).id,
                      sex: 'hen',
                      comb: breed.comb,
                    }),
                  )}
                  projection={onPage}
                  hatches=""
                />
              </g>
              <text
                x={rect.x + rect.width / 2}
                y={HEIGHT - 3}
                textAnchor="middle"
                fontSize="11"
                className="fill-soft"
              >
                {i === 0 ? 'this one' : 'now'}
              </text>
            </g>
          );
        })}
      </svg>
      <h3 className="text-[1.02rem]">{shown.name}</h3>
      <dl className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5" data-reason>
        <Fact name="hen">
          {formatMass(shown.henKg, units)}, {CLASS_NAMES[classOfHen(shown.kind, shown.henKg).id]}
        </Fact>
        <Fact name="eggs">
          {shown.eggsYear === 0
            ? 'not kept to lay'
            : `${shown.eggsYear} in the first year, ${eggMassIn(units).write(shown.eggKg)}, ${EGG_COLOUR_NAMES[shown.eggColour]}`}
        </Fact>
        <Fact name="cold">{shown.coldHardy} of 5</Fact>
        <Fact name="heat">{shown.heatHardy} of 5</Fact>
        <Fact name="broody">{shown.broodiness} of 5</Fact>
        <Fact name="build">
          {shown.kind === 'duck' ? '' : `${COMB_NAMES[shown.comb]}, `}
          {FLIGHT_NAMES[shown.flight]}
        </Fact>
      </dl>
      <p className="text-[0.8rem] text-soft">
        Standard weights and keepers' usage; strains differ.
      </p>
      <button type="button" className="button mt-auto" onClick={() => makeOwn(shown)}>
        <Plus size={14} aria-hidden /> Make it my own breed
      </button>
    </div>
  );
}

function Fact({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <>
      <dt className="text-soft">{name}</dt>
      <dd>{children}</dd>
    </>
  );
}
