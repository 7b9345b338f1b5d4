'use client';
import { RotateCcw } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Lot } from '@/core/birds/lots';
import type { Outcome } from '@/core/kernel/outcome';
import { COMBS, FLIGHTS } from '@/core/model/breeds.data';
import type { Group, GroupFigures, OwnBreed, Plan } from '@/core/model/schema';
import { COMB_NAMES, FLIGHT_NAMES } from '@/text/breeds';
import { ChoiceField, CountField, TextField } from '../forms/fields';
import { MeasureField } from '../forms/MeasureField';
import { countIn, eggMassIn, massIn, massWithin } from '../forms/measures';
import { edit, useAssessment, usePlan } from '../session/bench';
import type { ChangeGroup } from './changeGroup';

const COMB_CHOICES = COMBS.map((id) => ({ id, name: COMB_NAMES[id].replace(' comb', '') }));
const FLIGHT_CHOICES = FLIGHTS.map((id) => ({ id, name: FLIGHT_NAMES[id].replace(' flier', '') }));
const SCORES = [1, 2, 3, 4, 5].map((n) => ({ id: String(n), name: `${n} of 5` }));

type NumberKey = 'eggsYear' | 'eggKg' | 'layWeek';
type ScoreKey = 'broodiness' | 'coldHardy' | 'heatHardy';

/** The figures of the breed: changed for this group alone; of a breed of the keeper's own, for the breed. */
export function OwnFigures({ group, change }: { group: Group; change: ChangeGroup }) {
  const { units, ownBreeds } = usePlan();
  const { flock } = useAssessment();
  const lot = flock.lots.find((l) => l.group.id === group.id);
  if (!lot) return null;
  const own = ownBreeds.find((b) => b.id === group.breed);
  const changeBreed = (name: string, recipe: (b: OwnBreed) => void): Outcome<Plan> =>
    edit(name, (d) => {
      const found = d.ownBreeds.find((b) => b.id === group.breed);
      if (found) recipe(found);
    });
  const set = (name: string, key: NumberKey | ScoreKey, value: number): Outcome<Plan> =>
    own && key !== 'layWeek'
      ? changeBreed(name, (b) => {
          b[key] = value;
        })
      : change(name, (g) => {
          g.figures[key] = value;
        });
  const reset = (key: keyof GroupFigures): void => {
    change("The breed's figure", (g) => {
      delete g.figures[key];
    });
  };
  const hold = massWithin(units);
  const score = (label: string, key: ScoreKey): ReactNode => (
    <Overridden own={group.figures[key] !== undefined} reset={() => reset(key)}>
      <ChoiceField
        label={label}
        value={String(lot.breed[key])}
        choices={SCORES}
        commit={(n) => set(label, key, Number(n))}
      />
    </Overridden>
  );
  const named = <K extends 'comb' | 'flight'>(
    label: string,
    key: K,
    choices: readonly { readonly id: Lot['breed'][K]; readonly name: string }[],
  ): ReactNode => (
    <Overridden own={group.figures[key] !== undefined} reset={() => reset(key)}>
      <ChoiceField
        label={label}
        value={lot.breed[key]}
        choices={choices}
        commit={(value) =>
          own
            ? changeBreed(label, (b) => {
                b[key] = value;
              })
            : change(label, (g) => {
                g.figures[key] = value;
              })
        }
      />
    </Overridden>
  );
  return (
    <div className="grid grid-cols-4 items-start gap-x-3 gap-y-2 max-lg:grid-cols-2">
      {own ? (
        <TextField
          label="Breed’s name"
          value={own.name}
          commit={(name) =>
            changeBreed('Breed’s name', (b) => {
              b.name = name;
            })
          }
        />
      ) : null}
      <Overridden
        own={group.massKg !== null}
        reset={() =>
          change('Mass', (g) => {
            g.massKg = null;
          })
        }
      >
        <MeasureField
          label="Grown mass"
          value={lot.massKg}
          measure={massIn(units)}
          commit={(kg) => {
            const held = hold(kg);
            if (!held.ok) return held;
            return own
              ? changeBreed('Mass', (b) => {
                  b.henKg = kg;
                })
              : change('Mass', (g) => {
                  g.massKg = kg;
                });
          }}
        />
      </Overridden>
      <Overridden own={group.figures.eggsYear !== undefined} reset={() => reset('eggsYear')}>
        <CountField
          label="Eggs in the first year"
          value={lot.breed.eggsYear}
          least={0}
          most={365}
          commit={(n) => set('Eggs a year', 'eggsYear', n)}
        />
      </Overridden>
      <Overridden own={group.figures.eggKg !== undefined} reset={() => reset('eggKg')}>
        <MeasureField
          label="One egg"
          value={lot.breed.eggKg}
          measure={eggMassIn(units)}
          commit={(kg) => set('Egg mass', 'eggKg', kg)}
        />
      </Overridden>
      <Overridden own={group.figures.layWeek !== undefined} reset={() => reset('layWeek')}>
        <MeasureField
          label="First egg at, weeks"
          value={group.figures.layWeek ?? lot.class.layWeeks[0]}
          measure={countIn(14, 52)}
          commit={(n) => set('First egg', 'layWeek', n)}
        />
      </Overridden>
      {score('Broody', 'broodiness')}
      {score('Hardy in cold', 'coldHardy')}
      {score('Hardy in heat', 'heatHardy')}
      {named('Comb', 'comb', COMB_CHOICES)}
      {named('Flight', 'flight', FLIGHT_CHOICES)}
    </div>
  );
}

/** A figure that may be the keeper's own: marked as such, with the way back to the breed's. */
function Overridden({
  own,
  reset,
  children,
}: {
  own: boolean;
  reset: () => void;
  children: ReactNode;
}) {
  return (
    <div>
      {children}
      {own ? (
        <button
          type="button"
          className="mt-0.5 flex items-center gap-1 text-[0.8rem] text-chalk underline"
          onClick={reset}
        >
          <RotateCcw size={11} aria-hidden /> yours; take the breed's
        </button>
      ) : null}
    </div>
  );
}
