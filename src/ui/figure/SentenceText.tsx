'use client';
import type { Sentence } from '@/core/sentence';
import { formatDay } from '@/text/format';
import { sentencePieces } from '@/text/sentence';
import { Figure } from './Figure';

/** The one sentence, each of its numbers leading to its working. */
export function SentenceText({
  sentence,
  figureClass,
}: {
  sentence: Sentence;
  figureClass?: string;
}) {
  return sentencePieces(sentence).map((piece) =>
    typeof piece === 'string' ? (
      <span key={piece}>{piece}</span>
    ) : 'day' in piece ? (
      <time key={piece.day} data-day={piece.day}>
        {formatDay(piece.day)}
      </time>
    ) : (
      <Figure
        key={piece.figure}
        id={piece.figure}
        bare
        {...(figureClass ? { className: figureClass } : {})}
      />
    ),
  );
}
