'use client';
import type { RainPart } from '@/core/drawing/rain/elevation';
import type { Rain } from '@/core/model/schema';
import { FieldGroup } from '../forms/FieldGroup';
import { PlanFields } from '../furniture/PlanFields';
import type { Rows } from '../furniture/rows';
import { BARREL_ROWS, FLUSH_ROWS, LINE_ROWS, ROOF_ROWS } from './rain.rows';

const GROUPS: readonly {
  readonly title: string;
  readonly parts: readonly RainPart[];
  readonly rows: Rows<Rain>;
}[] = [
  { title: 'Roof and gutter', parts: ['roof', 'gutter'], rows: ROOF_ROWS },
  { title: 'First dirty water', parts: ['flush'], rows: FLUSH_ROWS },
  { title: 'Barrel', parts: ['barrel', 'stand', 'overflow'], rows: BARREL_ROWS },
  { title: 'Line to the drinkers', parts: ['line'], rows: LINE_ROWS },
];

/** Roof, gutter, first rain, barrel and line, as the keeper builds them. */
export const RainFields = ({ picked }: { picked: RainPart | null }) => (
  <div className="flex w-[17rem] shrink-0 flex-col gap-3 overflow-y-auto max-lg:w-full max-lg:overflow-visible">
    {GROUPS.map(({ title, parts, rows }) => (
      <FieldGroup key={title} title={title} picked={picked !== null && parts.includes(picked)}>
        <PlanFields
          at="rain"
          rows={rows}
          named={(label) => `Rain: ${label.charAt(0).toLowerCase()}${label.slice(1)}`}
        />
      </FieldGroup>
    ))}
  </div>
);
