'use client';
import { ChevronDown, ChevronRight, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { PLAN_LIMITS } from '@/core/model/limits';
import type { Group } from '@/core/model/schema';
import { SEXES } from '@/text/choices.data';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { ChoiceField, CountField, TextField } from '../forms/fields';
import { OfThing } from '../forms/thing';
import { namedFor } from '../furniture/fixtures';
import { edit, useAssessment, usePlan } from '../session/bench';
import { BreedPicker } from './BreedPicker';
import type { ChangeGroup } from './changeGroup';
import { GroupDetails } from './GroupDetails';
import { lotColour } from './lotColours';

const COLUMNS =
  'lg:grid-cols-[10px_minmax(0,1fr)_2.9rem_minmax(0,1.05fr)_5rem_7.35rem_7.35rem_1.6rem_1.6rem]';

/** The groups of the flock, a row each, edited in place. */
export function GroupTable() {
  const { flock } = usePlan();
  return (
    <div className="compact shrink-0">
      <div
        aria-hidden
        className={`hidden gap-x-1.5 px-1.5 pb-1 text-[0.8rem] text-soft lg:grid ${COLUMNS}`}
      >
        <span />
        <span>Group</span>
        <span>Birds</span>
        <span>Breed</span>
        <span>Sex</span>
        <span>Hatched</span>
        <span>In the coop from</span>
      </div>
      <ul className="border-line border-t">
        {flock.map((group) => (
          <li key={group.id} className="border-line border-b">
            <GroupRow group={group} />
          </li>
        ))}
      </ul>
    </div>
  );
}

function GroupRow({ group }: { group: Group }) {
  const [open, setOpen] = useState(false);
  const { flock } = useAssessment();
  const at = flock.lots.findIndex((lot) => lot.group.id === group.id);
  const change: ChangeGroup = (name, recipe) =>
    edit(namedFor(group.name, name), (d) => {
      const found = d.flock.find((g) => g.id === group.id);
      if (found) recipe(found);
    });
  const remove = (): void => {
    edit(`Remove ${group.name}`, (d) => {
      d.flock = d.flock.filter((g) => g.id !== group.id);
    });
  };
  return (
    <OfThing id={group.id} name={group.name}>
      <fieldset data-group={group.id} className={open ? 'bg-raised' : ''}>
        <legend className="sr-only" data-name>
          {group.name}
        </legend>
        <div className={`grid grid-cols-2 items-center gap-x-1.5 gap-y-1 px-1.5 py-1 ${COLUMNS}`}>
          <span
            className="hidden size-2.5 border border-ink lg:block"
            style={{ background: `var(${lotColour(Math.max(0, at))})` }}
          />
          <TextField
            label="Group"
            inTable
            value={group.name}
            commit={(name) =>
              change('Name', (g) => {
                g.name = name;
              })
            }
          />
          <CountField
            label="Birds"
            inTable
            value={group.count}
            least={1}
            most={PLAN_LIMITS.birds}
            commit={(n) =>
              change('Birds', (g) => {
                g.count = n;
                if (g.sorted) g.sorted.cocksKept = Math.min(g.sorted.cocksKept, Math.floor(n / 2));
              })
            }
          />
          <BreedPicker group={group} change={change} />
          <ChoiceField
            label="Sex"
            inTable
            value={group.sex}
            choices={SEXES}
            commit={(sex) =>
              change('Sex', (g) => {
                g.sex = sex;
                if (sex !== 'unsexed') g.sorted = null;
              })
            }
          />
          <TextField
            label="Hatched"
            inTable
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
            inTable
            type="date"
            value={group.arrivesOn}
            commit={(day) =>
              change('Arrival', (g) => {
                g.arrivesOn = day;
              })
            }
          />
          <button
            type="button"
            className="icon-button lg:w-7"
            aria-expanded={open}
            aria-label={`More of ${group.name}`}
            title="Leaving, rearing, the breed's figures"
            onClick={() => setOpen(!open)}
          >
            {open ? <ChevronDown size={16} aria-hidden /> : <ChevronRight size={16} aria-hidden />}
          </button>
          <button
            type="button"
            className="icon-button justify-self-end lg:w-7"
            aria-label={`Remove ${group.name}`}
            title="Remove"
            onClick={remove}
          >
            <Trash2 size={15} aria-hidden />
          </button>
        </div>
        {group.hatchedOn === null ? (
          <WorkingHost className="px-1.5 pb-1 text-[0.82rem] text-soft lg:pl-6">
            Hatched: not known. Counted as <Figure id="flock.unknownAge" /> old when they came.
          </WorkingHost>
        ) : null}
        {open ? <GroupDetails group={group} change={change} /> : null}
      </fieldset>
    </OfThing>
  );
}
