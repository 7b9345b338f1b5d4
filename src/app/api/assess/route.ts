import { assess } from '@/core/assess';
import { parsePlanText } from '@/core/edit/parse';
import { dayIn, isDay } from '@/core/kernel/units/day';
import { assessmentJson } from '@/formats/assessmentJson';
import { handle } from '@/server/handle';
import { problem, readBody } from '@/server/http';
import { now } from '@/server/settings';

export const dynamic = 'force-dynamic';

/** The assessment of the plan in the body, on the day in `on`; nothing is stored. */
export const POST = handle('/api/assess', async (request) => {
  const on = new URL(request.url).searchParams.get('on');
  if (on !== null && !isDay(on)) return problem(400, 'on must be a day, such as 2027-03-01.');
  const body = await readBody(request, parsePlanText);
  if (!body.ok) return body.refusal;
  const plan = body.value;
  const assessment = assess(plan, { on: on ?? dayIn(now(), plan.timeZone) });
  return Response.json(assessmentJson(assessment), { headers: { 'cache-control': 'no-store' } });
});
