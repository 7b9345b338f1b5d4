import { circle, type Face, polyline, rect, type Shape } from '@/core/drawing/shape';
import { formatTape, formatTrue, type Tape, tapeFor } from '@/core/kernel/units/tape';
import type { Made, Plan, Vessel } from '@/core/model/schema';
import { asItStands } from '@/core/model/vesselForm';
import { pipeOf } from '@/core/rules/pipes.data';
import { ruled } from '@/core/rules/rules.data';
import { takesUp } from '@/core/rules/vesselKinds.data';
import type { RoundHoles } from '@/core/stores/vessels/holes';
import { portSpacing } from '@/core/stores/vessels/ports';
import { acrossAtM } from '@/core/stores/vessels/volume';
import { EDGE_MM, PAPERS, type PaperId } from './paper';
import { type Fonts, INK, newDocument, type Paper, PT, putSheet, type Title } from './pdf';
import type { Sheet, SheetText } from './sheet';
import { stripSheets } from './stripLengths';

/** Words on the strip, mm. */
const WORDS_MM = 2.2;
/** A story stick's breadth on paper, m. */
const STICK_M = 0.02;
const LINE_MM = 5;

type Part = Pick<Sheet, 'name' | 'face' | 'scale' | 'layers'>;

/**
 * The papers of a can with ports: a strip at full size to wrap round it with the middle of each hole, a template of
 * the hole, a stick with the heights, and the tape's marks with the parts to buy.
 */
export async function stripPdf(
  plan: Plan,
  round: RoundHoles,
  { day, paper }: { readonly day: string; readonly paper: PaperId },
  fonts: Fonts,
): Promise<Uint8Array> {
  const doc = await newDocument(fonts);
  const { vessel } = round;
  const tape = plan.keeper.tape ?? tapeFor(plan.units);
  doc.pdf.setTitle(`${plan.name}, ${vessel.name}: strip`);
  const title = (view: string): Title => ({ view, day, paper, units: plan.units });
  const name = `${plan.name}: ${vessel.name}`.slice(0, 60);
  for (const part of stripSheets(name, round, tape, paper)) {
    putSheet(doc, part, title('Strip to wrap round it'));
  }
  putSheet(doc, templateSheet(name, round, tape), title('Template of the hole'));
  putSheet(doc, stickSheet(name, round, plan, tape), title('Story stick of its heights'));
  marksPage(doc, round, tape, paper);
  return doc.pdf.save();
}

/** The hole at full size with its cross, to be pricked through. */
function templateSheet(name: string, { holeM, middleM }: RoundHoles, tape: Tape): Part {
  const r = holeM / 2;
  const arm = r + 0.012;
  return sheet(
    name,
    [
      circle('divider', [0, 0], r),
      polyline('leader', [-arm, 0], [arm, 0]),
      polyline('leader', [0, -arm], [0, arm]),
    ],
    [
      {
        at: [0, -arm - 0.006],
        text: `Hole ${formatTape(holeM, tape)} across`,
        sizeMm: 3,
        anchor: 'middle',
      },
      {
        at: [0, -arm - 0.013],
        text: `its middle ${formatTape(middleM, tape)} above the foot`,
        sizeMm: 3,
        anchor: 'middle',
      },
    ],
  );
}

/** Heights of the vessel on one stick, from what it stands on up: its block, its floor, the middle of its holes. */
function stickSheet(
  name: string,
  { vessel, made, middleM }: RoundHoles,
  plan: Plan,
  tape: Tape,
): Part {
  const marks = heightsOf(vessel, made, middleM, plan);
  const top = Math.max(0.12, ...marks.map((m) => m.m)) + 0.02;
  const half = STICK_M / 2;
  const shapes: Shape[] = [
    rect('divider', { a0: -half, a1: half, b0: 0, b1: top }),
    ...marks.map((m) => polyline('divider', [-half, m.m], [half, m.m])),
  ];
  const texts = spread(marks.map((m) => m.m)).map(
    (b, i): SheetText => ({
      at: [half + 0.004, b - 0.001],
      text: `${marks[i]?.words}, ${formatTape(marks[i]?.m ?? 0, tape)}`,
      sizeMm: WORDS_MM,
      anchor: 'start',
    }),
  );
  return sheet(name, shapes, texts, { wide: 0.09 });
}

/** Heights above the litter, or above the foot where it hangs. */
function heightsOf(
  vessel: Vessel,
  made: Made,
  middleM: number,
  plan: Plan,
): { m: number; words: string }[] {
  const floorZ = vessel.place === 'run' ? 0 : plan.litter.depthM;
  const standM = vessel.rimZ - floorZ - (takesUp(vessel).rimM ?? 0);
  const block = vessel.hung || standM < 0.005 ? 0 : standM;
  return [
    ...(block > 0 ? [{ m: block, words: 'Top of the block' }] : []),
    ...(made.floorM > 0 ? [{ m: block + made.floorM, words: 'Floor under the feed' }] : []),
    ...(vessel.type === 'port'
      ? [{ m: block + made.floorM + made.elbow.gapM, words: 'Mouth of the elbow' }]
      : []),
    { m: block + middleM, words: 'Middle of the holes' },
  ];
}

/** Labels that stand clear of one another, low to high, m. */
function spread(at: readonly number[]): number[] {
  let last = Number.NEGATIVE_INFINITY;
  return at.map((m) => {
    last = Math.max(m, last + 0.005);
    return last;
  });
}

function sheet(
  name: string,
  shapes: readonly Shape[],
  texts: readonly SheetText[],
  { wide = 0 }: { wide?: number } = {},
): Part {
  const points = shapes.flatMap((s) =>
    s.kind === 'ellipse'
      ? [
          [s.middle[0] - s.half[0], s.middle[1] - s.half[1]],
          [s.middle[0] + s.half[0], s.middle[1] + s.half[1]],
        ]
      : s.commands.flatMap(([letter, ...n]) => (letter === 'Z' ? [] : [[n[0] ?? 0, n[1] ?? 0]])),
  );
  const across = [...points.map(([a]) => a ?? 0), ...texts.map((t) => t.at[0])];
  const up = [...points.map(([, b]) => b ?? 0), ...texts.map((t) => t.at[1])];
  const face: Face = {
    a0: Math.min(...across) - 0.004,
    a1: Math.max(...across) + 0.004 + wide,
    b0: Math.min(...up) - 0.004,
    b1: Math.max(...up) + 0.004,
  };
  return { name, face, scale: 1, layers: [{ layer: 'feed and water', shapes, texts }] };
}

/** What to mark with a tape, and what to buy. */
function marksPage(
  { pdf, text, figures }: Paper,
  { vessel, made, holes, holeM, middleM }: RoundHoles,
  tape: Tape,
  paper: PaperId,
): void {
  const { widthMm, heightMm } = PAPERS[paper];
  const page = pdf.addPage([widthMm * PT, heightMm * PT]);
  const across = acrossAtM(made.body, middleM);
  const { aroundM, arcM, marks, steppedOffM, canStep } = portSpacing(across, holes, holeM, tape);
  let y = heightMm - EDGE_MM - 8;
  const put = (words: string, x: number, size: number, font = text): void =>
    page.drawText(words, { x: (EDGE_MM + x) * PT, y: y * PT, size, font, color: INK });
  const line = (name: string, value: string): void => {
    put(name, 0, 10);
    put(value, 78, 10, figures);
    y -= LINE_MM;
  };
  put(`${vessel.name}: marks for the tape`.slice(0, 70), 0, 14);
  y -= 10;
  line('Round it at the holes', `${formatTape(aroundM, tape)}  (${formatTrue(aroundM, tape)})`);
  line('From middle to middle', `${formatTape(arcM, tape)}  (${formatTrue(arcM, tape)})`);
  line('Middle of the holes above the foot', formatTape(middleM, tape));
  line('Each hole across', formatTape(holeM, tape));
  y -= 3;
  put('Measure every mark from the same zero, with the tape laid round it:', 0, 10);
  y -= LINE_MM + 1;
  marks.forEach(({ m, tapeM }, i) => {
    line(`   Hole ${i + 1}`, `${formatTape(tapeM, tape)}  (${formatTrue(m, tape)})`);
  });
  y -= 2;
  put(
    canStep
      ? `Stepped off one by one, the last gap is ${formatTrue(Math.abs(steppedOffM), tape)} off: that will do.`
      : `Do not step them off one by one: the last gap would be ${formatTape(Math.abs(steppedOffM), tape)} off.`,
    0,
    10,
  );
  y -= 10;
  put('Parts', 0, 14);
  y -= 8;
  for (const part of partsOf(vessel, made, tape)) {
    put(part, 0, 10);
    y -= LINE_MM;
  }
  y -= 5;
  const notes = ['File the edges of every hole smooth: burrs cut combs and crops.'];
  if (vessel.type === 'port') {
    notes.push(
      'Measure the outside of the elbow itself: a collar is larger than its pipe.',
      `The hole is ${formatTape(ruled('feed.hole.over'), 'mm')} wider than what goes through it.`,
    );
  }
  if (made.body.shape === 'pail') {
    notes.push('The strip is an arc, for the wall leans: cut it along both curved lines.');
  }
  for (const note of notes) {
    put(note, 0, 10);
    y -= LINE_MM;
  }
}

/** What such a vessel is made of. */
function partsOf(vessel: Vessel, made: RoundHoles['made'], tape: Tape): string[] {
  const { elbow, pan, hole } = made;
  // what is bought is named as it is sold, the right way up
  const body = asItStands(vessel, made).body as RoundHoles['made']['body'];
  const size = (m: number): string => formatTape(m, tape);
  const sold = pipeOf(elbow.acrossM);
  const bin =
    body.shape === 'pail'
      ? `1 pail, ${size(body.footM)} across the foot, ${size(body.topM)} the top, ${size(body.highM)} high`
      : `1 can or drum, ${size(body.acrossM)} across, ${size(body.highM)} high`;
  if (vessel.type === 'port') {
    return [
      `${bin}, with its lid`,
      `${vessel.outlets} elbows, ${size(elbow.acrossM)} outside where they go through${sold ? ` (${sold.name})` : ''}`,
      `Each trimmed so that its mouth hangs ${size(elbow.legM)} under the leg`,
    ];
  }
  return [
    `${bin}, with a lid${vessel.type === 'bucket' ? ' that shuts airtight' : ''}`,
    ...(pan ? [`1 pan, ${size(pan.acrossM)} across, ${size(pan.deepM)} deep`] : []),
    `${vessel.outlets} holes of ${size(hole.acrossM)}`,
    ...(vessel.type === 'holes'
      ? ['1 block inside and screws with washers: through the pan into the block']
      : []),
  ];
}
