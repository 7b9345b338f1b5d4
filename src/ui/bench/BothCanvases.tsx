'use client';
import { pastWalls } from '@/core/drawing/projection';
import type { Section } from '@/core/drawing/shape';
import { roomOf } from '@/core/drawing/view';
import { useSize } from '../drawing/size';
import { useAssessment, useBench, usePlan } from '../session/bench';
import { Canvas } from './Canvas';
import { depthMarks, heightMarks, marginsOf } from './frame';

/** Room for both until the browser has measured, px. */
const NOMINAL = { width: 720, height: 590 } as const;

/** Section over plan, at one scale and one over the other: what stands above a place of the plan stands over it. */
export function BothCanvases({ section }: { section: Section }) {
  const now = usePlan();
  const assessed = useAssessment();
  const held = useBench((s) => s.held);
  // while something is in hand both stay where they are
  const plan = held?.plan ?? now;
  const assessment = held?.assessment ?? assessed;
  const [ref, measured] = useSize<HTMLDivElement>();
  const { width, height } = measured ?? NOMINAL;
  const parts = ([section, 'above'] as const).map((view) => {
    const marks = view === 'above' ? depthMarks(assessment.feet.y) : heightMarks(assessment.marks);
    const margins = marginsOf(view, false, marks, plan.units);
    const past = pastWalls(view, plan);
    const room = roomOf(view, plan.shell);
    return {
      view,
      margins,
      wideM: past.left + room.acrossM + past.right,
      tallM: past.below + room.upM + past.above,
    };
  });
  const left = Math.max(...parts.map((p) => p.margins.left));
  const edges = parts.reduce((sum, { margins }) => sum + margins.top + margins.bottom, 0);
  const tallM = parts.reduce((sum, p) => sum + p.tallM, 0);
  const scale = Math.min(
    (height - edges) / tallM,
    ...parts.map((p) => (width - left - p.margins.right) / p.wideM),
  );
  const spare = Math.max(0, height - edges - tallM * scale) / 2;
  return (
    <div ref={ref} className="h-full min-h-0">
      {parts.map(({ view, margins, tallM: tall }) => (
        <div key={view} style={{ height: margins.top + margins.bottom + tall * scale + spare }}>
          <Canvas view={view} beside={{ scale, left }} />
        </div>
      ))}
    </div>
  );
}
