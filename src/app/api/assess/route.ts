import { assess } from '@/core/assess';
import { parsePlanText } from '@/core/edit/parse';
import { dayIn, isDay } from '@/core/kernel/units/day';
import { assessmentJson } from '@/formats/assessmentJson';
import { handle } from '@/server/handle';
import { jsonText, problem, readBody } from '@/server/http';
import { run } from '@/server/jobs/pool';
import { MANY_FIXTURES } from '@/server/jobs/size';
import { now } from '@/server/settings';

export const dynamic = 'force-dynamic';

/** The assessment of the plan in the body, on the day in `on`; nothing is stored. */
export const POST = handle('POST /api/assess', async (request) => {
  const asked = new URL(request.url).searchParams.get('on');
  if (asked !== null && !isDay(asked)) return problem(400, 'on must be a day, such as 2027-03-01.');
  const body = await readBody(request, parsePlanText);
  if (!body.ok) return body.refusal;
  const plan = body.value;
  const on = asked ?? dayIn(now(), plan.timeZone);
  return jsonText(
    plan.fixtures.length <= MANY_FIXTURES
      ? JSON.stringify(assessmentJson(assess(plan, { on })))
      : await run('assessment', { plan, on }, request.signal),
  );
});
