import { dayIn, isDay } from '@/core/kernel/units/day';
import { parseRoughAsk } from '@/formats/roughAsk';
import { handle } from '@/server/handle';
import { jsonText, problem, readBody } from '@/server/http';
import { run } from '@/server/jobs/pool';
import { now } from '@/server/settings';

export const dynamic = 'force-dynamic';

/** A whole fit-out for the birds, the room and the weather in the body; nothing is stored. */
export const POST = handle('POST /api/rough', async (request) => {
  const { searchParams } = new URL(request.url);
  const on = searchParams.get('on') ?? dayIn(now(), 'UTC');
  if (!isDay(on)) return problem(400, 'on must be a day, such as 2027-03-01.');
  const body = await readBody(request, (text) => parseRoughAsk(text, on));
  if (!body.ok) return body.refusal;
  const { answers, choices } = body.value;
  const alternatives = searchParams.get('instead') === '1';
  return jsonText(await run('rough', [answers, on, choices, alternatives], request.signal));
});
