import { parsePlanText } from '@/core/edit/parse';
import { dayIn } from '@/core/kernel/units/day';
import { DRAWING_FORMATS, DRAWING_TYPES, DRAWN, FULL_SIZE } from '@/formats/drawing/ask';
import { PAPERS, type PaperId, paperFor, readScale } from '@/formats/drawing/paper';
import { stripOf } from '@/formats/drawing/stripOf';
import { handle } from '@/server/handle';
import { problem, readBody } from '@/server/http';
import { run } from '@/server/jobs/pool';
import { now } from '@/server/settings';
import { wrongDates } from '@/text/awayDates';
import { NO_RUN } from '@/text/views';

export const dynamic = 'force-dynamic';

/** A drawing of the plan in the body, to scale; nothing is stored. */
export const POST = handle('POST /api/drawings', async (request) => {
  const asked = new URL(request.url).searchParams;
  const view = DRAWN.find((v) => v === (asked.get('view') ?? 'front'));
  if (!view) return problem(400, `view must be one of: ${DRAWN.join(', ')}.`);
  const format = DRAWING_FORMATS.find((f) => f === (asked.get('format') ?? 'svg'));
  if (!format) return problem(400, `format must be one of: ${DRAWING_FORMATS.join(', ')}.`);
  const fullSize = FULL_SIZE[view];
  if (fullSize && format !== 'pdf') return problem(400, `${fullSize}: format must be pdf.`);
  const scale = asked.get('scale');
  if (scale !== null && readScale(scale) === null) {
    return problem(400, 'scale must be as 1:20, or 3/4 in to the foot.');
  }
  const paper = asked.get('paper');
  if (paper !== null && !Object.hasOwn(PAPERS, paper)) {
    return problem(400, `paper must be one of: ${Object.keys(PAPERS).join(', ')}.`);
  }
  const body = await readBody(request, parsePlanText);
  if (!body.ok) return body.refusal;
  if (view === 'run' && body.value.run === null) return problem(422, NO_RUN);
  const fixture = asked.get('fixture');
  if (view === 'strip') {
    const strip = stripOf(body.value, fixture);
    if (typeof strip === 'string') return problem(422, strip);
  }
  const [on, back] = [asked.get('on'), asked.get('back')];
  if (view === 'sitter') {
    const wrong = wrongDates(on, back);
    if (wrong !== null) return problem(400, wrong);
  }
  const plan = body.value;
  const bytes = await run(
    'drawing',
    {
      plan,
      ask: {
        view,
        format,
        scale: scale === null ? null : readScale(scale),
        paper: (paper as PaperId | null) ?? paperFor(plan.units),
        fixture,
        on: (view === 'sitter' ? on : null) ?? dayIn(now(), plan.timeZone),
        back: view === 'sitter' ? back : null,
      },
    },
    request.signal,
  );
  return new Response(new Uint8Array(bytes), {
    headers: { 'content-type': DRAWING_TYPES[format], 'cache-control': 'no-store' },
  });
});
