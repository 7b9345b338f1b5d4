'use client';
import { firstLessonPieces } from '@/text/firstLessons';
import { Figure } from '../figure/Figure';
import { afterMarks, marksOf } from '../figure/marks';
import { WorkingHost } from '../figure/WorkingHost';
import { useAssessment } from '../session/bench';

/** What this coop's air teaches before anything is worked at length, each number leading to its working. */
export function FirstLesson() {
  const { figures } = useAssessment();
  const pieces = firstLessonPieces(figures);
  if (pieces === null) return null;
  return (
    <WorkingHost className="border-chalk border-l-3 py-0.5 pl-2.5">
      <p className="text-[0.95rem]" data-first-lesson>
        {pieces.map((piece, i) => {
          const [before, next] = [pieces[i - 1], pieces[i + 1]];
          if (typeof piece === 'string')
            return (
              <span key={piece}>{typeof before === 'object' ? afterMarks(piece) : piece}</span>
            );
          return (
            // a mark never begins a line: it stays with its number
            <span key={piece.figure} className="whitespace-nowrap">
              <Figure id={piece.figure} className="figures text-[0.94em]" />
              {typeof next === 'string' ? marksOf(next) : ''}
            </span>
          );
        })}
      </p>
    </WorkingHost>
  );
}
