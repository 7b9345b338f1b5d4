import { assess } from '@/core/assess';
import { draw } from '@/core/drawing/draw';
import type { View } from '@/core/drawing/shape';
import { rough } from '@/core/layout/rough';
import { decisionText } from '@/text/decisions';
import { findingTitle } from '@/text/findings';
import { sentenceText } from '@/text/sentence';
import { MADE } from './docTable';
import { drawingSvg } from './drawing/drawingSvg';
import { askedOf, type RoughAsk, roughAskSchema } from './roughAsk';

/** The day on which the page's coops are roughed out. */
const ON = '2026-11-24';

/** Twelve coops that keepers build, from a box for two bantams to a shed for forty. */
export const LAYOUT_CASES: readonly RoughAsk[] = [
  ['2 bantams', { kind: 'box', lengthM: 1.2, widthM: 0.9, heightM: 1.2 }, 'cool-maritime'],
  ['4 hens', { kind: 'box', lengthM: 1.8, widthM: 1.2, heightM: 1.4 }, 'wet-upland'],
  ['6 Sussex', { kind: 'playhouse', lengthM: 2.1, widthM: 1.5, heightM: 1.6 }, 'cool-maritime'],
  ['11 brown hens', { kind: 'shed', lengthM: 2.4, widthM: 1.8, heightM: 2.1 }, 'warm-continental'],
  ['6 Brahma and 2 ducks', null, 'cold-continental'],
  [
    '8 Leghorn pullets, 8 Fayoumi pullets and a Leghorn cock',
    { kind: 'frame', lengthM: 3.6576, widthM: 2.4384, heightM: 2.2352 },
    'hot-desert',
  ],
  ['a dozen chicks this spring', null, 'mediterranean'],
  ['20 Marans', null, 'prairie-blizzards'],
  ['4 ducks', null, 'wet-upland'],
  [
    '3 Silkies and 3 Polish',
    { kind: 'shed', lengthM: 2.4, widthM: 1.8, heightM: 2 },
    'humid-subtropical',
  ],
  ['12 hens and a cock', { kind: 'stall', lengthM: 3, widthM: 3, heightM: 2.4 }, 'far-north'],
  ['40 brown hens', null, 'tropical-wet-dry'],
].map(
  ([birds, space, climate], i): RoughAsk => ({
    birds: birds as string,
    space: space as NonNullable<RoughAsk['space']> | null,
    climate: climate as string,
    units: i === 4 || i === 5 ? 'imperial' : 'metric',
  }),
);

const VIEWS: readonly { readonly view: View; readonly name: string; readonly margin: number }[] = [
  { view: 'above', name: 'from above', margin: 0.45 },
  { view: 'front', name: 'from the front', margin: 0.08 },
];

/** A page of coops that the program has roughed out, drawn, each with its reasons. */
export function layoutsDoc(): string {
  return [
    '<!doctype html>',
    '<html lang="en"><meta charset="utf-8"><title>Coops roughed out</title>',
    '<style>body{font:15px/1.5 sans-serif;background:#f3efe4;color:#2a2926;margin:2rem auto;max-width:70rem}',
    'section{border-top:2px solid;padding:1rem 0}svg{max-width:48%;height:auto;vertical-align:top}li{margin:.2rem 0}</style>',
    `<h1>Coops roughed out</h1><p>${MADE}</p>`,
    ...LAYOUT_CASES.map(section),
    '</html>\n',
  ].join('\n');
}

function section(ask: RoughAsk): string {
  const asked = askedOf(roughAskSchema.parse(ask), ON);
  if (!asked.ok) throw new Error(`the birds of a case can't be read: ${ask.birds}`);
  const made = rough(asked.value.answers, ON);
  if (made.kind !== 'fits') throw new Error(`a case does not fit: ${ask.birds}`);
  const { plan, why } = made;
  const assessment = assess(plan, { on: ON });
  const scale = Math.min(110, 420 / plan.shell.lengthM);
  const drawings = VIEWS.map(({ view, name, margin }) => {
    const items = draw(plan, view, { birds: assessment.birds });
    const whole = items[0]?.face ?? { a0: 0, a1: 1, b0: 0, b1: 1 };
    const face = {
      a0: whole.a0 - 0.45,
      a1: whole.a1 + 0.45,
      b0: whole.b0 - margin,
      b1: whole.b1 + margin,
    };
    return drawingSvg(
      items.flatMap((i) => i.shapes),
      face,
      scale,
      `${ask.birds}, ${name}`,
    );
  });
  return [
    `<section><h2>${ask.birds}</h2>`,
    `<p>${sentenceText(assessment.sentence)}</p>`,
    ...drawings,
    '<ol>',
    ...why.map((d) =>
      d.code === 'shell.beyond'
        ? `</ol><h3>${decisionText(d, plan)}</h3><ol>`
        : `<li>${decisionText(d, plan)}</li>`,
    ),
    '</ol>',
    ...(assessment.findings.length === 0
      ? []
      : [`<p>Still to think of: ${assessment.findings.map(findingTitle).join('; ')}.</p>`]),
    '</section>',
  ].join('\n');
}
