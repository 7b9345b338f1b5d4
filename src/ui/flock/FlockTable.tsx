'use client';
import { Plus, Trash2 } from 'lucide-react';
import { BREEDS } from '@/core/birds/breeds.data';
import { breedById } from '@/core/birds/size';
import type { Outcome } from '@/core/outcome';
import { newGroup } from '@/core/plan/defaults';
import { type Group, PLAN_LIMITS, type Plan } from '@/core/plan/schema';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { ChoiceField, CountField, TextField } from '../forms/fields';
import { MeasureField } from '../forms/MeasureField';
import { massIn, massWithin } from '../forms/measures';
import { edit, useBench, usePlan } from '../store/bench';
import { FlockPicture } from './FlockPicture';

const SEXES = [
  { id: 'hen', name: 'hens' },
  { id: 'cock', name: 'cocks' },
] as const;

const BREED_CHOICES = BREEDS.map(({ id, name }) => ({ id, name }));

/** The flock as groups, edited in place, beside its birds at one scale. */
export function FlockTable() {
  const plan = usePlan();
  const on = useBench((s) => s.on);
  const add = (): void => {
    edit('Add a group', (d) => void d.flock.push(newGroup(plan, on)));
  };
  return (
    <section
      aria-label="The flock"
      className="flex min-h-0 min-w-0 flex-col gap-4 overflow-y-auto px-5 py-4 max-lg:shrink-0 max-lg:overflow-visible max-lg:px-4 max-lg:group-data-[pane=staves]/main:hidden"
    >
      <div className="flex items-baseline justify-between">
        <h2 className="text-[1.2rem]">Who lives here, and when</h2>
        <button
          type="button"
          className={`button ${plan.flock.length === 0 ? 'button-primary' : ''}`}
          onClick={add}
        >
          <Plus size={15} aria-hidden /> Add a group
        </button>
      </div>
      {plan.flock.length === 0 ? (
        <p className="max-w-prose text-soft">
          A group is birds of one breed, sex and age: four Sussex hens, say. Add the ones you keep
          and the ones you mean to keep; the coop is sized for the most that live in it on one day.
        </p>
      ) : (
        <FlockPicture />
      )}
      <ul className="flex flex-col gap-3">
        {plan.flock.map((group) => (
          <li key={group.id}>
            <GroupRow group={group} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function GroupRow({ group }: { group: Group }) {
  const { units } = usePlan();
  const change = (name: string, recipe: (g: Group) => void): Outcome<Plan> =>
    edit(name, (d) => {
      const found = d.flock.find((g) => g.id === group.id);
      if (found) recipe(found);
    });
  const remove = (): void => {
    edit(`Remove ${group.name}`, (d) => {
      d.flock = d.flock.filter((g) => g.id !== group.id);
    });
  };
  const hold = massWithin(units);
  return (
    <fieldset className="border border-line bg-raised px-3 pt-2 pb-3" data-group={group.id}>
      <legend className="sr-only" data-name>
        {group.name}
      </legend>
      <div className="grid grid-cols-[minmax(0,2fr)_5rem_minmax(0,2fr)_6rem_7rem_2rem] items-start gap-x-3 gap-y-2 max-lg:grid-cols-2">
        <TextField
          label="Group"
          value={group.name}
          commit={(name) =>
            change('Name', (g) => {
              g.name = name;
            })
          }
        />
        <CountField
          label="Birds"
          value={group.count}
          least={1}
          most={PLAN_LIMITS.birds}
          commit={(n) =>
            change('Birds', (g) => {
              g.count = n;
            })
          }
        />
        <ChoiceField
          label="Breed"
          value={group.breed}
          choices={BREED_CHOICES}
          commit={(breed) =>
            change('Breed', (g) => {
              g.breed = breed;
              g.massKg = null;
            })
          }
        />
        <ChoiceField
          label="Sex"
          value={group.sex}
          choices={SEXES}
          commit={(sex) =>
            change('Sex', (g) => {
              g.sex = sex;
            })
          }
        />
        <Mass group={group} hold={hold} change={change} />
        <button
          type="button"
          className="icon-button mt-5"
          aria-label={`Remove ${group.name}`}
          title="Remove"
          onClick={remove}
        >
          <Trash2 size={15} aria-hidden />
        </button>
      </div>
      <div className="mt-2 grid grid-cols-3 gap-x-3 max-lg:grid-cols-1 max-lg:gap-y-2">
        <TextField
          label="Hatched"
          type="date"
          value={group.hatchedOn ?? ''}
          commit={(day) =>
            change('Hatched', (g) => {
              g.hatchedOn = day || null;
            })
          }
        />
        <TextField
          label="In the coop from"
          type="date"
          value={group.arrivesOn}
          commit={(day) =>
            change('Arrival', (g) => {
              g.arrivesOn = day;
            })
          }
        />
        <TextField
          label="Until (open if empty)"
          type="date"
          value={group.leavesOn ?? ''}
          commit={(day) =>
            change('Leaving', (g) => {
              g.leavesOn = day || null;
            })
          }
        />
      </div>
      <WorkingHost className="mt-2 text-[0.87rem] text-soft">
        <p>
          A grown bird weighs <Figure id={`flock.${group.id}.mass`} />
          {group.massKg === null
            ? ` (${breedById(group.breed)?.name ?? 'breed'} standard)`
            : ' (your figure)'}{' '}
          and takes <Takes id={group.id} />
        </p>
      </WorkingHost>
    </fieldset>
  );
}

function Takes({ id }: { id: string }) {
  const figures = useBench((s) => s.assessment?.figures);
  const width = `roosts.widthPerBird.${id}`;
  const area = `floor.areaPerBird.${id}`;
  return (
    <>
      {figures?.[area] ? (
        <>
          <Figure id={area} /> of floor
        </>
      ) : null}
      {figures?.[width] ? (
        <>
          {' '}
          and <Figure id={width} /> of bar
        </>
      ) : null}
      .
    </>
  );
}

function Mass({
  group,
  hold,
  change,
}: {
  group: Group;
  hold: (kg: number) => Outcome<number>;
  change: (name: string, recipe: (g: Group) => void) => Outcome<Plan>;
}) {
  const { units } = usePlan();
  const mass = useBench((s) => s.assessment?.figures[`flock.${group.id}.mass`]?.value ?? null);
  return (
    <div>
      <MeasureField
        label="Grown mass"
        value={mass}
        measure={massIn(units)}
        commit={(kg) => {
          const held = hold(kg);
          return held.ok
            ? change('Mass', (g) => {
                g.massKg = kg;
              })
            : held;
        }}
      />
      {group.massKg === null ? null : (
        <button
          type="button"
          className="mt-0.5 text-[0.8rem] text-chalk underline"
          onClick={() =>
            change('Mass', (g) => {
              g.massKg = null;
            })
          }
        >
          take the breed's
        </button>
      )}
    </div>
  );
}
