'use client';
import type { Sentence } from '@/core/kernel/sentence';
import { formatDay } from '@/text/format';
import { sentencePieces } from '@/text/sentence';
import { Figure } from './Figure';
import { afterMarks, marksOf } from './marks';

/** The one sentence, each of its numbers leading to its working. */
export function SentenceText({
  sentence,
  figureClass,
}: {
  sentence: Sentence;
  figureClass?: string;
}) {
  const pieces = sentencePieces(sentence);
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
        <Figure id={piece.figure} bare {...(figureClass ? { className: figureClass } : {})} />
        {typeof next === 'string' ? marksOf(next) : ''}
      </span>
    );
  });
}
