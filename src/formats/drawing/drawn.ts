import { type Assessment, assess } from '@/core/assess';
import type { View } from '@/core/drawing/shape';
import type { Plan } from '@/core/model/schema';
import { awayOf } from '@/core/tending/awayOf';
import { formatDay } from '@/text/format';
import { sitterSheet } from '@/text/sitterSheet';
import { NO_RUN, VIEW_TITLES } from '@/text/views';
import type { DrawingAsk } from './ask';
import { type PaperId, SCALES } from './paper';
import type { Fonts } from './pdf';
import { runSheet } from './runSheet';
import { type Sheet, sheetOf } from './sheet';
import { stripOf } from './stripOf';

/**
 * A plan drawn as a file. Each way out is loaded when it is first asked for.
 * @throws Error where the run is asked of a plan that has none: who asks looks first
 */
export async function drawnFile(
  plan: Plan,
  { view, scale, format, paper, on, fixture, back }: DrawingAsk,
  fonts: () => Fonts,
): Promise<Uint8Array> {
  if (view === 'strip') {
    const round = stripOf(plan, fixture ?? null);
    if (typeof round === 'string') throw new Error(round);
    const { stripPdf } = await import('./stripPdf');
    return stripPdf(plan, round, { day: formatDay(on), paper }, fonts());
  }
  const assessment = assess(plan, { on });
  if (view === 'sitter') {
    const found = awayOf(plan, on, back ?? on);
    const { sitterPdf } = await import('./sitterPdf');
    return sitterPdf(sitterSheet(plan, assessment.flock, found, on, back ?? on), paper, fonts());
  }
  const text = (of: string): Uint8Array => new TextEncoder().encode(of);
  if (view === 'sticks') {
    const { sticksPdf } = await import('./stickPdf');
    return sticksPdf(plan, assessment, { day: formatDay(on), paper }, fonts());
  }
  const sheet = await sheetAt(plan, assessment, view, scale, paper);
  switch (format) {
    case 'svg':
      return text((await import('./svg')).sheetSvg(sheet));
    case 'dxf':
      return text((await import('./dxf')).sheetDxf(sheet));
    case 'png':
      return (await import('./png')).sheetPng(sheet, fonts());
    case 'pdf': {
      const title = { view: VIEW_TITLES[view], day: formatDay(on), paper, units: plan.units };
      return (await import('./pdf')).sheetPdf(sheet, title, fonts());
    }
  }
}

/** For what no usual scale brings on one sheet. */
const SMALLEST = 100;

/** A view at the scale asked for, else at the largest of the usual ones that one sheet of the paper holds. */
async function sheetAt(
  plan: Plan,
  assessment: Assessment,
  view: View | 'run',
  scale: number | null,
  paper: PaperId,
): Promise<Sheet> {
  const at = (s: number): Sheet => {
    if (view !== 'run') return sheetOf(plan, assessment, view, s);
    const run = runSheet(plan, assessment, s);
    if (run === null) throw new Error(NO_RUN);
    return run;
  };
  if (scale !== null) return at(scale);
  const { sheetsFor } = await import('./pdf');
  const usual = SCALES[plan.units].map((s) => at(s.scale));
  const fits = usual.find((s) => sheetsFor(s, paper).tiles.length === 1);
  return fits ?? at(SMALLEST);
}
