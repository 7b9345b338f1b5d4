import { handle } from '@/server/handle';
import { noPlan, problem } from '@/server/http';
import { readPlan } from '@/server/plans';
import { thermometerWeek } from '@/server/thermometer';

export const dynamic = 'force-dynamic';

/** The last week of the simulated thermometer in a plan's coop, as a logger writes it. */
export const GET = handle<{ params: Promise<{ id: string }> }>(
  'GET /api/plans/{id}/thermometer',
  async (_request, { params }) => {
    const found = await readPlan((await params).id);
    if (!found) return noPlan();
    if (!found.ok) return problem(409, 'The stored plan cannot be read.', found.issues);
    const week = thermometerWeek(found.value.plan);
    if (week === null)
      return problem(422, 'This plan has no climate or no birds: there is nothing to read.');
    return new Response(week, {
      headers: { 'content-type': 'text/csv; charset=utf-8', 'cache-control': 'no-store' },
    });
  },
);
