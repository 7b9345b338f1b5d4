'use client';
import { Plus } from 'lucide-react';
import { newRun } from '@/core/edit/defaults';
import type { OfKind, Plan } from '@/core/model/schema';
import { animalsOf } from '@/core/stations/shell/shell';
import { ANIMAL_NAMES, PLACES, SIDES } from '@/text/choices.data';
import { AtTheBench } from '../../furniture/AtTheBench';
import { FigureList } from '../../furniture/FigureList';
import { FixtureRows } from '../../furniture/FixtureRows';
import { Fold } from '../../furniture/Fold';
import { PlanFields } from '../../furniture/PlanFields';
import type { Rows } from '../../furniture/rows';
import { among } from '../../furniture/shown';
import { edit, usePlan } from '../../session/bench';
import { WindowRows } from '../openings/openings';
import { BoughtPart } from './BoughtPart';
import { ObstacleRows } from './ObstacleRows';
import { GRID, PartitionPart } from './PartitionPart';
import { MESH, RUN, SITE } from './run.rows';

/** The keeper's own strip, the run, the dust bath, the windows and the site. */
export function ShellDetails() {
  const { run } = usePlan();
  return (
    <>
      <Fold title="Run">
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
              <PlanFields at="run" rows={RUN} />
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
      </Fold>
      <Fold title="Dust bath" of={['dustBath']}>
        <FigureList rows={[{ name: 'Needed', id: 'shell.dustBath.needed' }]} />
        <FixtureRows
          kind="dustBath"
          rows={BATH}
          empty="No dust bath yet. Birds that range make their own."
          adds={[{ name: 'Add a dust bath', make: 'dustBath' }]}
        />
      </Fold>
      <Fold title="Windows" of={['window']}>
        <WindowRows />
        <FigureList rows={MESH} />
      </Fold>
      <ObstacleRows />
      <BoughtPart />
      <AtTheBench station="shell" />
      <PartitionPart />
      <Fold title="Foot, storage and site">
        <div className={GRID}>
          <PlanFields at="shell" rows={STORAGE} />
          <PlanFields at="site" rows={SITE} />
        </div>
        <AnimalsPart />
        <SiteAdvice />
      </Fold>
    </>
  );
}

/** The keeper's own strip is there as soon as it has a depth. */
const STORAGE: Rows<Plan['shell']> = [
  {
    path: 'storage',
    label: 'Your own strip, deep',
    none: 'none',
    as: {
      type: 'number',
      kind: 'length',
      show: (strip) => (strip as Plan['shell']['storage'])?.depthM ?? null,
      store: (m, strip) => (m === null ? null : { wall: 'left', ...(strip as object), depthM: m }),
    },
  },
  { path: 'storage.wall', choices: SIDES },
  { path: 'apronM', none: 'not known' },
  { path: 'studsM', none: 'none, or not known' },
];

const BATH: Rows<OfKind<'dustBath'>> = [
  'lengthM',
  'depthM',
  'fillM',
  { path: 'place', choices: PLACES },
  'roofed',
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
      <PlanFields at="site" rows={ANIMALS_HERE} />
    </fieldset>
  );
}

const ANIMALS_HERE: Rows<Plan['site']> = ANIMAL_NAMES.map(({ id, name }) => ({
  path: 'animals',
  label: name,
  half: true,
  as: {
    ...among(id),
    show: (_, site) => animalsOf({ site }).includes(id),
    store: (yes, _, site, plan) => among(id).store(yes, animalsOf({ site }), site, plan),
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
