import { z } from 'zod';
import { planSchema } from '@/core/model/schema';

/** JSON Schema (2020-12) of the plan file, made from the schema that plans are read by. */
export function planJsonSchema(): object {
  return {
    ...z.toJSONSchema(planSchema, { target: 'draft-2020-12', io: 'input' }),
    title: 'Wide Rafter plan, version 1',
    description:
      'SI units. Axes: x left to right as seen from the front, y front to rear, z up from the bare floor; metres.',
  };
}
