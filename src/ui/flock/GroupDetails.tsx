'use client';
import type { Group } from '@/core/model/schema';
import { ruled } from '@/core/rules/rules.data';
import { toldOn } from '@/core/stations/flock/flock';
import { IF_COCK } from '@/text/choices.data';
import { formatDay } from '@/text/format';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { ChoiceField, CountField, TextField } from '../forms/fields';
import { useAssessment } from '../session/bench';
import type { ChangeGroup } from './changeGroup';
import { OwnFigures } from './OwnFigures';

const REARED = [
  { id: 'elsewhere', name: 'come as they are' },
  { id: 'here', name: 'reared here from the hatch' },
] as const;

/** What does not fit a row: leaving, rearing, sorting, and the breed's figures as they hold for this group. */
export function GroupDetails({ group, change }: { group: Group; change: ChangeGroup }) {
  return (
    <div className="flex flex-col gap-3 px-2 pt-1 pb-3">
      <div className="grid grid-cols-4 items-start gap-x-3 gap-y-2 max-lg:grid-cols-2">
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
        <ChoiceField
          label="Chicks"
          value={group.raisedHere ? 'here' : 'elsewhere'}
          choices={REARED}
          commit={(where) =>
            change('Rearing', (g) => {
              g.raisedHere = where === 'here';
            })
          }
        />
        {group.raisedHere ? <Eggs group={group} change={change} /> : null}
        {group.sex === 'unsexed' ? <Sorting group={group} change={change} /> : null}
        {group.sex === 'hen' ? <Sexed group={group} change={change} /> : null}
      </div>
      <OwnFigures group={group} change={change} />
      <OneBird group={group} />
    </div>
  );
}

const HATCHED_FROM = [
  { id: 'chicks', name: 'bought as chicks' },
  { id: 'own', name: 'eggs of our own' },
  { id: 'posted', name: 'eggs by post' },
] as const;

/** Eggs the group is hatched from: not all hatch, and half of the chicks are cocks. */
function Eggs({ group, change }: { group: Group; change: ChangeGroup }) {
  const { figures } = useAssessment();
  const { eggsSet } = group;
  const hatched = `brooder.${group.id}.hatched`;
  return (
    <>
      <ChoiceField
        label="Hatched from"
        value={eggsSet === null ? 'chicks' : eggsSet.posted ? 'posted' : 'own'}
        choices={HATCHED_FROM}
        commit={(from) =>
          change('Hatched from', (g) => {
            const eggs = g.eggsSet?.eggs ?? Math.max(12, g.count * 3);
            g.eggsSet = from === 'chicks' ? null : { eggs, posted: from === 'posted' };
          })
        }
      />
      {eggsSet ? (
        <div>
          <CountField
            label="Eggs set"
            value={eggsSet.eggs}
            least={1}
            most={5000}
            commit={(n) =>
              change('Eggs set', (g) => {
                if (g.eggsSet) g.eggsSet.eggs = n;
              })
            }
          />
          {figures.get(hatched) ? (
            <WorkingHost className="text-[0.82rem] text-soft">
              gives <Figure id={hatched} />, <Figure id={`brooder.${group.id}.forGroup`} /> of this
              kind
            </WorkingHost>
          ) : null}
        </div>
      ) : null}
    </>
  );
}

const IF_ONE = [{ id: 'open', name: 'not decided' }, ...IF_COCK] as const;

/** Of chicks sold as hens one may be a cock: how likely, and what is done with him. */
function Sexed({ group, change }: { group: Group; change: ChangeGroup }) {
  const { figures } = useAssessment();
  const chance = `flock.${group.id}.cockChance`;
  if (!figures.get(chance)) return null;
  return (
    <>
      <div>
        <CountField
          label="Told wrong, in a hundred"
          value={Math.round((group.sexedWrong ?? ruled('flock.sexed.wrong')) * 100)}
          least={0}
          most={50}
          commit={(n) =>
            change('Told wrong', (g) => {
              g.sexedWrong = n / 100;
            })
          }
        />
        <WorkingHost className="text-[0.82rem] text-soft">
          one or more is a cock: <Figure id={chance} />
        </WorkingHost>
      </div>
      <ChoiceField
        label="If one is a cock"
        value={group.ifCock ?? 'open'}
        choices={IF_ONE}
        commit={(v) =>
          change('If one is a cock', (g) => {
            g.ifCock = v === 'open' ? null : (v as 'leaves' | 'stays');
          })
        }
      />
    </>
  );
}

function Sorting({ group, change }: { group: Group; change: ChangeGroup }) {
  return (
    <>
      <TextField
        label="Cocks are taken out on"
        type="date"
        value={group.sorted?.on ?? ''}
        commit={(day) =>
          change('Sorting', (g) => {
            g.sorted = day ? { on: day, cocksKept: g.sorted?.cocksKept ?? 0 } : null;
          })
        }
      />
      {group.sorted ? (
        <CountField
          label="Cocks that stay"
          value={group.sorted.cocksKept}
          least={0}
          most={Math.floor(group.count / 2)}
          commit={(n) =>
            change('Cocks that stay', (g) => {
              if (g.sorted) g.sorted.cocksKept = n;
            })
          }
        />
      ) : null}
    </>
  );
}

/** One bird of the group: what she takes, and what she eats, drinks and lays on the first day she is here. */
function OneBird({ group }: { group: Group }) {
  const { figures, flock } = useAssessment();
  const at = flock.lots.findIndex((l) => l.group.id === group.id);
  const day = at < 0 ? null : toldOn(flock, at);
  const id = (name: string): string => `flock.${group.id}.${name}`;
  const area = `floor.areaPerBird.${group.id}`;
  const width = `roosts.widthPerBird.${group.id}`;
  // who has left decides nothing any more
  if (at < 0) return <p className="text-[0.87rem] text-soft">These birds have left.</p>;
  return (
    <WorkingHost className="text-[0.87rem] text-soft">
      <p>
        Grown, one weighs <Figure id={id('mass')} />
        {figures.get(area) ? (
          <>
            {' '}
            and takes <Figure id={area} /> of floor
          </>
        ) : null}
        {figures.get(width) ? (
          <>
            , <Figure id={width} /> of bar
          </>
        ) : null}
        .{' '}
        {day !== null && figures.get(id('feed')) ? (
          <>
            On <time data-day={day}>{formatDay(day)}</time> she weighs <Figure id={id('live')} />,
            eats <Figure id={id('feed')} />, drinks <Figure id={id('water')} />
            {(figures.get(id('eggs'))?.value ?? 0) > 0 ? (
              <>
                {' '}
                and lays <Figure id={id('eggs')} />
              </>
            ) : null}
            .
          </>
        ) : null}
      </p>
    </WorkingHost>
  );
}
