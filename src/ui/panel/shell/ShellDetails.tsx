'use client';
import { Plus } from 'lucide-react';
import { newRun } from '@/core/edit/defaults';
import type { OfKind, Plan, Side } from '@/core/model/schema';
import { animalsOf } from '@/core/stations/shell/shell';
import { ANIMAL_NAMES, PLACES, SIDES } from '@/text/choices.data';
import { AtTheBench } from '../../furniture/AtTheBench';
import { FigureList, Part } from '../../furniture/FigureList';
import { FixtureRows } from '../../furniture/FixtureRows';
import { type Spec, SpecFields } from '../../furniture/spec';
import { edit, usePlan } from '../../session/bench';
import { WindowRows } from '../openings/openings';
import { BoughtPart } from './BoughtPart';
import { ObstacleRows } from './ObstacleRows';
import { GRID, PartitionPart } from './PartitionPart';
import { MESH, RUN, SITE } from './run.specs';

/** The keeper's own strip, the run, the dust bath, the windows and the site. */
export function ShellDetails() {
  const { shell, run, site } = usePlan();
  return (
    <>
      <Part title="Run">
        {run === null ? (
          <button
            type="button"
            className="button self-start"
            onClick={() =>
              edit('Add a run', (d) => {
                d.run = newRun(d);
              })
            }
          >
            <Plus size={15} aria-hidden /> Add a run
          </button>
        ) : (
          <>
            <FigureList
              rows={[
                { name: 'Run needed', id: 'shell.run.needed' },
                { name: 'There', id: 'shell.run.have' },
              ]}
            />
            <div className={GRID}>
              <SpecFields
                of={run}
                specs={RUN}
                change={(name, recipe) =>
                  edit(name, (d) => {
                    if (d.run) recipe(d.run, d);
                  })
                }
              />
            </div>
            <button
              type="button"
              className="button self-start"
              onClick={() =>
                edit('Remove the run', (d) => {
                  d.run = null;
                })
              }
            >
              Remove the run
            </button>
          </>
        )}
      </Part>
      <Part title="Dust bath">
        <FigureList rows={[{ name: 'Needed', id: 'shell.dustBath.needed' }]} />
        <FixtureRows<'dustBath'>
          kind="dustBath"
          specs={BATH}
          empty="No dust bath yet. Birds that range make their own."
          adds={[{ name: 'Add a dust bath', make: 'dustBath' }]}
        />
      </Part>
      <Part title="Windows">
        <WindowRows />
        <FigureList rows={MESH} />
      </Part>
      <ObstacleRows />
      <BoughtPart />
      <AtTheBench station="shell" />
      <PartitionPart />
      <Part title="Foot, storage and site">
        <div className={GRID}>
          <SpecFields
            of={shell}
            specs={STORAGE}
            change={(name, recipe) => edit(name, (d) => recipe(d.shell, d))}
          />
          <SpecFields
            of={site}
            specs={SITE}
            change={(name, recipe) => edit(name, (d) => recipe(d.site, d))}
          />
        </div>
        <AnimalsPart />
        <SiteAdvice />
      </Part>
    </>
  );
}

const STORAGE: readonly Spec<Plan['shell']>[] = [
  {
    kind: 'openLength',
    label: 'Your own strip, deep',
    none: 'none',
    get: (s) => s.storage?.depthM ?? null,
    set: (s, m) => {
      s.storage = m === null ? null : { wall: s.storage?.wall ?? 'left', depthM: m };
    },
  },
  {
    kind: 'choice',
    label: 'Along the wall',
    choices: SIDES,
    when: (s) => s.storage !== null,
    get: (s) => s.storage?.wall ?? 'left',
    set: (s, v) => {
      if (s.storage) s.storage.wall = v as Side;
    },
  },
  {
    kind: 'openLength',
    label: 'Apron round the foot',
    none: 'not known',
    most: 3,
    get: (s) => s.apronM,
    set: (s, m) => {
      s.apronM = m;
    },
  },
  {
    kind: 'openLength',
    label: 'Studs, middle to middle',
    none: 'none, or not known',
    most: 3,
    get: (s) => s.studsM,
    set: (s, m) => {
      s.studsM = m;
    },
  },
];

const BATH: readonly Spec<OfKind<'dustBath'>>[] = [
  {
    kind: 'length',
    label: 'Length',
    least: 0.1,
    get: (b) => b.lengthM,
    set: (b, m) => {
      b.lengthM = m;
    },
  },
  {
    kind: 'length',
    label: 'Width',
    least: 0.1,
    get: (b) => b.depthM,
    set: (b, m) => {
      b.depthM = m;
    },
  },
  {
    kind: 'length',
    label: 'Filled, deep',
    most: 1,
    get: (b) => b.fillM,
    set: (b, m) => {
      b.fillM = m;
    },
  },
  {
    kind: 'choice',
    label: 'Stands',
    choices: PLACES,
    get: (b) => b.place,
    set: (b, v) => {
      b.place = v as 'coop' | 'run';
    },
  },
  {
    kind: 'yes',
    label: 'Roofed',
    get: (b) => b.roofed,
    set: (b, v) => {
      b.roofed = v;
    },
  },
];

/** Which animals the coop is kept shut against: they set the mesh of every opening. */
function AnimalsPart() {
  const { site } = usePlan();
  return (
    <fieldset className="grid grid-cols-2 gap-x-3 gap-y-1">
      <legend className="mb-1 text-[0.84rem] text-soft">
        {site.animals === null
          ? 'Animals that come here. Tick them; until then the plan counts on foxes and rats.'
          : 'Animals that come here: they decide the mesh of every opening.'}
      </legend>
      <SpecFields
        of={site}
        specs={ANIMALS_HERE}
        change={(name, recipe) => edit(name, (d) => recipe(d.site, d))}
      />
    </fieldset>
  );
}

const ANIMALS_HERE: readonly Spec<Plan['site']>[] = ANIMAL_NAMES.map(({ id, name }) => ({
  kind: 'yes',
  label: name,
  half: true,
  get: (s) => animalsOf({ site: s }).includes(id),
  set: (s, v) => {
    const others = animalsOf({ site: s }).filter((a) => a !== id);
    s.animals = v ? [...others, id] : others;
  },
}));

/** What the site's answers lead to. */
function SiteAdvice() {
  const { site, shell } = usePlan();
  const lines = [
    site.treesOver && shell.roofBuild === 'sheetMetal'
      ? 'Shade helps much in summer. On a metal roof, nuts and branches frighten birds, and leaves fill the gutter.'
      : null,
    site.treesOver && shell.roofBuild !== 'sheetMetal'
      ? 'Shade helps much in summer. Clear leaves from the gutter in autumn.'
      : null,
    site.wet
      ? 'First build a drained pad for the coop and the run. No litter stays dry on wet ground.'
      : null,
    'A power lead comes in through a sleeve that is sealed against animals.',
  ].filter((l) => l !== null);
  return (
    <ul className="list-disc pl-4 text-[0.87rem] text-soft" data-reason>
      {lines.map((l) => (
        <li key={l}>{l}</li>
      ))}
    </ul>
  );
}
