import { DRAWING_FORMATS, DRAWN, type Drawn, FULL_SIZE } from '@/formats/drawing/ask';
import { drawnFile } from '@/formats/drawing/drawn';
import { PAPERS, type PaperId, paperFor, readScale, SCALES } from '@/formats/drawing/paper';
import { stripOf } from '@/formats/drawing/stripOf';
import { wrongDates } from '@/text/awayDates';
import { NO_RUN } from '@/text/views';
import { dayFor, readPlan, readWords, toldOf, type Wrong } from './planFile';
import type { CliWorld } from './world';

interface Asked {
  readonly view: Drawn;
  readonly scale: number | null;
  readonly format: (typeof DRAWING_FORMATS)[number];
  readonly paper: PaperId | null;
  readonly fixture: string | null;
  readonly back: string | null;
  readonly out: string;
}

/**
 * `wide-rafter draw`: a plan as a drawing to scale, or its story sticks at full size.
 * @returns exit code: 0 drawn, 1 the plan can't be read or the file not written, 2 wrong usage
 */
export async function runDraw(
  args: readonly string[],
  world: CliWorld,
  usage: string,
): Promise<0 | 1 | 2> {
  const asked = readWords(args, OPTIONS, readDrawing);
  if ('wrong' in asked) {
    world.err(`${asked.wrong}\n\n${usage}`);
    return 2;
  }
  const { file, out, format, view } = asked;
  const plan = readPlan(file, world);
  if (plan === null) return 1;
  if (view === 'run' && plan.run === null) {
    world.err(NO_RUN);
    return 1;
  }
  if (view === 'strip') {
    const strip = stripOf(plan, asked.fixture);
    if (typeof strip === 'string') {
      world.err(strip);
      return 1;
    }
  }
  const bytes = await drawnFile(
    plan,
    {
      view,
      format,
      scale: asked.scale,
      paper: asked.paper ?? paperFor(plan.units),
      fixture: asked.fixture,
      back: asked.back,
      on: dayFor(asked.on, plan, world),
    },
    world.fonts,
  );
  try {
    world.writeBytes(out, bytes);
  } catch (error) {
    world.err(`${out} can't be written: ${toldOf(error)}`);
    return 1;
  }
  return 0;
}

const listed = (names: readonly string[]): string => names.join(', ');

const OPTIONS = {
  view: { type: 'string' },
  scale: { type: 'string' },
  format: { type: 'string' },
  paper: { type: 'string' },
  fixture: { type: 'string' },
  back: { type: 'string' },
  out: { type: 'string', short: 'o' },
} as const;

/** What the words of a drawing mean. */
function readDrawing(
  values: Partial<Record<keyof typeof OPTIONS | 'on', string | undefined>>,
): Asked | Wrong {
  if (values.out === undefined) return { wrong: 'Say where the drawing goes: -o out.svg.' };
  // a coop has two sides: the right one is looked in through where no other is asked for
  const named = values.view === 'side' ? 'right' : (values.view ?? 'front');
  const view = DRAWN.find((v) => v === named);
  if (!view) return { wrong: `--view ${values.view} is none of: ${listed(DRAWN)}.` };
  const wanted = values.format ?? /\.([a-z]+)$/i.exec(values.out)?.[1]?.toLowerCase();
  const format = DRAWING_FORMATS.find((f) => f === wanted);
  if (!format) return { wrong: `A drawing is one of: ${listed(DRAWING_FORMATS)}.` };
  const wrongTime = view === 'sitter' ? wrongDates(values.on ?? null, values.back ?? null) : null;
  if (wrongTime !== null) return { wrong: wrongTime };
  const fullSize = FULL_SIZE[view];
  if (fullSize && format !== 'pdf') return { wrong: `${fullSize}: -o ${view}.pdf.` };
  const scale = values.scale === undefined ? null : readScale(values.scale);
  if (values.scale !== undefined && scale === null) {
    const names = [...SCALES.metric, ...SCALES.imperial].map((s) => `"${s.name}"`);
    return { wrong: `--scale ${values.scale} is no scale. Write it as ${listed(names)}.` };
  }
  const paper = values.paper?.toLowerCase();
  if (paper !== undefined && !(paper in PAPERS)) {
    return { wrong: `--paper ${values.paper} is none of: ${listed(Object.keys(PAPERS))}.` };
  }
  return {
    view,
    scale,
    format,
    paper: (paper as PaperId | undefined) ?? null,
    fixture: values.fixture ?? null,
    back: values.back ?? null,
    out: values.out,
  };
}
