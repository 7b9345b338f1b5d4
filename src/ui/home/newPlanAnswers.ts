import { z } from 'zod';
import { newPlan } from '@/core/edit/defaults';
import { shippedClimate } from '@/core/edit/place';
import { dayIn } from '@/core/kernel/units/day';
import { readRoomLength, type UnitSystem } from '@/core/kernel/units/length';
import { PLAN_LIMITS } from '@/core/model/limits';
import type { Plan } from '@/core/model/schema';
import { issueText } from '@/text/issues';
import { within } from '../forms/measures';
import { roofOfKind } from '../forms/roof';

/** A length typed into the form, read in the units chosen there and held between 0.3 and 30 m. */
function readInside(text: string, units: UnitSystem): { m: number } | { wrong: string } {
  const read = readRoomLength(text, units);
  const held = read.ok ? within(0.3, 30, units)(read.value) : read;
  if (held.ok) return { m: held.value };
  const first = held.issues[0];
  return { wrong: first ? issueText(first) : '' };
}

/** The questions of the first step: who lives there, and where it stands. */
export const WHO_AND_WHERE = ['name', 'units', 'birds', 'breed', 'climate'] as const;

const ROOM = ['length', 'width', 'low', 'high'] as const;

export const answersSchema = z
  .object({
    name: z.string().trim().min(1, 'Give the coop a name.').max(PLAN_LIMITS.name),
    units: z.enum(['metric', 'imperial']),
    birds: z
      .string()
      .trim()
      .refine(
        (text) => text === '' || (/^\d+$/.test(text) && +text >= 1 && +text <= PLAN_LIMITS.birds),
        `Type a whole number from 1 to ${PLAN_LIMITS.birds}, or leave it empty.`,
      ),
    breed: z.string(),
    /** A shipped climate's id; empty: not said yet. */
    climate: z.string(),
    roof: z.enum(['mono', 'gable', 'flat']),
    length: z.string(),
    width: z.string(),
    low: z.string(),
    high: z.string(),
  })
  .superRefine((form, ctx) => {
    const metres: Partial<Record<(typeof ROOM)[number], number>> = {};
    for (const key of ROOM) {
      if (key === 'low' && form.roof === 'flat') continue;
      const read = readInside(form[key], form.units);
      if ('wrong' in read) ctx.addIssue({ code: 'custom', path: [key], message: read.wrong });
      else metres[key] = read.m;
    }
    if (metres.low !== undefined && metres.high !== undefined && metres.high < metres.low) {
      ctx.addIssue({
        code: 'custom',
        path: ['high'],
        message: 'The high side is lower than the low side. Swap them.',
      });
    }
  });

/** What a keeper answers before a plan is made. */
export type Answers = z.infer<typeof answersSchema>;

/** What the form begins with. */
export const BEGIN: Answers = {
  name: '',
  units: 'metric',
  birds: '',
  breed: 'any-medium',
  climate: '',
  roof: 'mono',
  length: '',
  width: '',
  low: '',
  high: '',
};

/**
 * The plan that the answers make.
 * @param answers  that the schema has accepted
 * @param now      the moment at which the birds are entered
 * @throws         Error for a length that can't be read: the schema refuses it first
 */
export function planFrom(answers: Answers, now: Date): Plan {
  const metres = (text: string): number => {
    const read = readInside(text, answers.units);
    if ('wrong' in read) throw new Error(read.wrong);
    return read.m;
  };
  const highM = metres(answers.high);
  const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';
  return newPlan({
    id: crypto.randomUUID(),
    name: answers.name,
    units: answers.units,
    timeZone,
    lengthM: metres(answers.length),
    widthM: metres(answers.width),
    roof: roofOfKind(answers.roof, {
      lowM: answers.roof === 'flat' ? highM : metres(answers.low),
      highM,
    }),
    climate: shippedClimate(answers.climate, null),
    ...(answers.birds.trim() === ''
      ? {}
      : {
          birds: { count: Number(answers.birds), breed: answers.breed, on: dayIn(now, timeZone) },
        }),
  });
}
