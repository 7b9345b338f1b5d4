import { memo } from 'react';
import type { Frame, Projection } from '@/core/drawing/projection';
import type { View } from '@/core/drawing/shape';
import { acrossPage } from '@/core/drawing/view';
import { useAssessment, useBench, usePlan } from '../session/bench';
import { type RodMark, rodMarks, STICK_AT } from './frame';
import { FootStick, StoryStick } from './Sticks';

/** The sticks of a drawing: at its left and along its foot; on a phone only what is picked has marks. */
export const CanvasSticks = memo(function CanvasSticks({
  view,
  projection,
  frame,
  footAt,
  narrow,
}: {
  view: View;
  projection: Projection;
  frame: Frame;
  /** Where the foot stick lies, px. */
  footAt: number;
  narrow: boolean;
}) {
  const { shell } = usePlan();
  const assessment = useAssessment();
  const picked = useBench((s) => s.picked);
  const ofPicked = <M extends Pick<RodMark, 'fixtures'>>(marks: readonly M[]): readonly M[] =>
    narrow ? marks.filter((m) => picked !== null && m.fixtures.includes(picked)) : marks;
  const isAlongY = view === 'right' || view === 'left';
  const feet = ofPicked(isAlongY ? assessment.feet.y : assessment.feet.x)
    .map((mark) => ({ ...mark, at: acrossPage(view, shell, mark.m) }))
    .sort((a, b) => a.at - b.at);
  return (
    <>
      {view === 'above' && narrow ? null : (
        <StoryStick
          marks={ofPicked(rodMarks(view, assessment))}
          projection={projection}
          frame={frame}
          x={narrow ? 6 : STICK_AT}
          named={!narrow}
          picked={picked}
        />
      )}
      <FootStick marks={feet} projection={projection} y={footAt} frame={frame} picked={picked} />
    </>
  );
});
