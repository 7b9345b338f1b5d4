'use client';
import { useState } from 'react';
import { intoRoom } from '@/core/edit/intoRoom';
import { TAPES, type Tape } from '@/core/kernel/units/tape';
import type { Made, Vessel } from '@/core/model/schema';
import { MEASURED_HOW, TAPE_CHOICES } from '@/text/choices.data';
import { FieldGroup } from '../forms/FieldGroup';
import { ChoiceField } from '../forms/fields';
import { editFixture } from '../furniture/fixtures';
import { SpecFields } from '../furniture/spec';
import { edit, usePlan } from '../session/bench';
import { bodySpecs, MOUTH_SPECS, STAND_SPECS, shapeSpec, type Taken } from './madeSpecs';

/** What a home-made vessel is made from, its mouth, how it stands, and the keeper's tape. */
export function VesselFields({ vessel, made, tape }: { vessel: Vessel; made: Made; tape: Tape }) {
  const plan = usePlan();
  const [taken, setTaken] = useState<Taken>('across');
  const change = (name: string, recipe: (v: Vessel, p: typeof plan) => void) =>
    editFixture(vessel.kind, vessel.id, name, (v) => {
      recipe(v as Vessel, plan);
      // grown, it still stands clear of the walls
      Object.assign(v, intoRoom(v as Vessel, plan));
    });
  const isRound = made.body.shape === 'can' || made.body.shape === 'pail';
  return (
    <div className="flex w-[17rem] shrink-0 flex-col gap-3 overflow-y-auto max-lg:w-full max-lg:overflow-visible">
      <FieldGroup title="Body">
        <SpecFields of={vessel} specs={[shapeSpec(vessel)]} change={change} />
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
        <SpecFields of={vessel} specs={bodySpecs(isRound ? taken : 'across')} change={change} />
      </FieldGroup>
      <FieldGroup title="Mouth">
        <SpecFields of={vessel} specs={MOUTH_SPECS} change={change} />
      </FieldGroup>
      <FieldGroup title="Stands">
        <SpecFields of={vessel} specs={STAND_SPECS} change={change} />
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
