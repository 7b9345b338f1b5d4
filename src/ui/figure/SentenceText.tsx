'use client';
import type { Sentence } from '@/core/kernel/sentence';
import { formatDay } from '@/text/format';
import { beneathPieces, type Piece, sentencePieces } from '@/text/sentence';
import { Figure } from './Figure';
import { afterMarks, marksOf } from './marks';

/** The one sentence, each of its numbers leading to its working, and what stands in a line beneath it. */
export function SentenceText({
  sentence,
  figureClass,
}: {
  sentence: Sentence;
  figureClass?: string;
}) {
  const more = figureClass ? { className: figureClass } : {};
  const beneath = beneathPieces(sentence);
  return (
    <>
      <Pieces pieces={sentencePieces(sentence)} {...more} />
      {beneath.length === 0 ? null : ' '}
      {beneath.length === 0 ? null : (
        <span className="mt-0.5 block font-normal font-text text-[0.87rem] text-soft" data-beneath>
          <Pieces pieces={beneath} {...more} />
        </span>
      )}
    </>
  );
}

function Pieces({ pieces, className }: { pieces: readonly Piece[]; className?: string }) {
  return pieces.map((piece, i) => {
    if (typeof piece === 'string') {
      const before = pieces[i - 1];
      const ofNumber = before !== undefined && typeof before !== 'string' && 'figure' in before;
      return <span key={piece}>{ofNumber ? afterMarks(piece) : piece}</span>;
    }
    if ('day' in piece) {
      return (
        <time key={piece.day} data-day={piece.day}>
          {formatDay(piece.day)}
        </time>
      );
    }
    const next = pieces[i + 1];
    return (
      // a mark never begins a line: it stays with its number
      <span key={piece.figure} className="whitespace-nowrap">
        <Figure id={piece.figure} bare {...(className ? { className } : {})} />
        {typeof next === 'string' ? marksOf(next) : ''}
      </span>
    );
  });
}
