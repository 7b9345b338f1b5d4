'use client';
import { useState } from 'react';
import { intoRoom } from '@/core/edit/intoRoom';
import { TAPES, type Tape } from '@/core/kernel/units/tape';
import type { Made, Plan, Vessel } from '@/core/model/schema';
import { MEASURED_HOW, TAPE_CHOICES } from '@/text/choices.data';
import { FieldGroup } from '../forms/FieldGroup';
import { ChoiceField } from '../forms/fields';
import { FixtureFields } from '../furniture/PlanFields';
import { edit, usePlan } from '../session/bench';
import { bodyRows, MOUTH_ROWS, STAND_ROWS, shapeRow, type Taken } from './made.rows';

/** Grown, it still stands clear of the walls. */
const grown = (v: Vessel, plan: Plan): void => void Object.assign(v, intoRoom(v, plan));

/** What a home-made vessel is made from, its mouth, how it stands, and the keeper's tape. */
export function VesselFields({ vessel, made, tape }: { vessel: Vessel; made: Made; tape: Tape }) {
  const { units } = usePlan();
  const [taken, setTaken] = useState<Taken>('across');
  const isRound = made.body.shape === 'can' || made.body.shape === 'pail';
  return (
    <div className="flex w-[17rem] shrink-0 flex-col gap-3 overflow-y-auto max-lg:w-full max-lg:overflow-visible">
      <FieldGroup title="Body">
        <FixtureFields fixture={vessel} rows={[shapeRow(vessel, units)]} after={grown} />
        {isRound ? (
          <ChoiceField
            label="Measured"
            wide
            value={taken}
            choices={MEASURED_HOW}
            commit={(t) => {
              setTaken(t);
              return { ok: true, value: t };
            }}
          />
        ) : null}
        <FixtureFields fixture={vessel} rows={bodyRows(isRound ? taken : 'across')} after={grown} />
      </FieldGroup>
      <FieldGroup title="Mouth">
        <FixtureFields fixture={vessel} rows={MOUTH_ROWS} after={grown} />
      </FieldGroup>
      <FieldGroup title="Stands">
        <FixtureFields fixture={vessel} rows={STAND_ROWS} after={grown} />
        <ChoiceField
          label="Your tape is in"
          wide
          value={tape}
          choices={TAPE_CHOICES}
          commit={(t) =>
            edit('Tape', (d) => {
              d.keeper.tape = TAPES.find((own) => own === t) ?? null;
            })
          }
        />
      </FieldGroup>
    </div>
  );
}
