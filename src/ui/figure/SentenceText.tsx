'use client';
import type { Sentence } from '@/core/sentence';
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
