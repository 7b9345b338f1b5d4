'use client';
import type { RainPart } from '@/core/drawing/rain/elevation';
import type { Plan, Rain } from '@/core/model/schema';
import { FieldGroup } from '../forms/FieldGroup';
import { SpecFields } from '../furniture/spec';
import { edit } from '../session/bench';
import { BARREL_SPECS, FLUSH_SPECS, LINE_SPECS, ROOF_SPECS } from './rainSpecs';

/** Roof, gutter, first rain, barrel and line, as the keeper builds them. */
export function RainFields({ rain, picked }: { rain: Rain; picked: RainPart | null }) {
  const change = (name: string, recipe: (r: Rain, p: Plan) => void) =>
    edit(`Rain: ${name.charAt(0).toLowerCase()}${name.slice(1)}`, (d) => {
      if (d.rain) recipe(d.rain, d);
    });
  return (
    <div className="flex w-[17rem] shrink-0 flex-col gap-3 overflow-y-auto max-lg:w-full max-lg:overflow-visible">
      <FieldGroup title="Roof and gutter" picked={picked === 'roof' || picked === 'gutter'}>
        <SpecFields of={rain} specs={ROOF_SPECS} change={change} />
      </FieldGroup>
      <FieldGroup title="First dirty water" picked={picked === 'flush'}>
        <SpecFields of={rain} specs={FLUSH_SPECS} change={change} />
      </FieldGroup>
      <FieldGroup
        title="Barrel"
        picked={picked === 'barrel' || picked === 'stand' || picked === 'overflow'}
      >
        <SpecFields of={rain} specs={BARREL_SPECS} change={change} />
      </FieldGroup>
      <FieldGroup title="Line to the drinkers" picked={picked === 'line'}>
        <SpecFields of={rain} specs={LINE_SPECS} change={change} />
      </FieldGroup>
    </div>
  );
}
