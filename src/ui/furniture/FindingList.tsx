'use client';
import type { Finding } from '@/core/kernel/finding';
import type { Plan } from '@/core/model/schema';
import { type FindingSay, SEVERITY_NAMES } from '@/text/findingSay';
import { formatDay } from '@/text/format';
import { type TradePiece, tradePieces } from '@/text/trade';
import { Figure } from '../figure/Figure';
import { afterMarks, marksOf } from '../figure/marks';
import { TradeText } from '../figure/TradeText';
import { WorkingHost } from '../figure/WorkingHost';
import { Mark } from '../marks/Mark';
import { pickFinding, useAssessment, useBench, useFindingSay, usePlan } from '../session/bench';
import { keepFocus } from './focus';
import { RemedyList } from './RemedyList';
import { doPickedRemedy } from './useRemedies';

/** Findings, worst first; pressed, one shows where it lies on the drawing. */
export function FindingList({ findings }: { findings: readonly Finding[] }) {
  const plan = usePlan();
  const say = useFindingSay();
  if (findings.length === 0) return null;
  const words = wordsOf(findings, plan, say);
  return (
    <ul className="flex flex-col gap-2.5" data-letters>
      {findings.map((f) => (
        <li key={f.key}>
          <FindingCard finding={f} words={words.get(f.key) ?? []} />
        </li>
      ))}
    </ul>
  );
}

/** The words of each finding in pieces: a word of the trade is explained in the first that has it. */
function wordsOf(
  findings: readonly Finding[],
  plan: Plan,
  say: FindingSay,
): ReadonlyMap<string, readonly (readonly TradePiece[])[]> {
  const told = new Set<string>();
  return new Map(
    findings.map((f) => [
      f.key,
      say
        .pieces(f, plan)
        .map((piece) => (piece.kind === 'words' ? tradePieces(piece.text, told) : [])),
    ]),
  );
}

/** A piece of text without what stands with the number before it. */
const withoutMarks = (pieces: readonly TradePiece[]): TradePiece[] =>
  pieces.map((p, i) => (i === 0 && p.kind === 'text' ? { ...p, text: afterMarks(p.text) } : p));

function FindingCard({
  finding,
  words,
}: {
  finding: Finding;
  words: readonly (readonly TradePiece[])[];
}) {
  const plan = usePlan();
  const picked = useBench((s) => s.pickedFinding === finding.key);
  const say = useFindingSay();
  const { on } = useAssessment();
  const when = say.whenPieces(finding, on);
  const pieces = say.pieces(finding, plan);
  const tone = finding.severity === 'awkward' ? 'border-ink' : 'border-oxide';
  return (
    <WorkingHost className={`border-l-3 py-0.5 pl-2.5 ${tone} ${picked ? 'bg-sunk' : ''}`}>
      <div
        data-finding={finding.code}
        data-finding-key={finding.key}
        data-severity={finding.severity}
      >
        <button
          type="button"
          aria-pressed={picked}
          onClick={() => pickFinding(finding)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter' || !picked || !doPickedRemedy()) return;
            event.preventDefault();
            keepFocus();
          }}
          className="flex min-h-[24px] w-full items-center gap-1.5 text-left font-semibold hover:text-chalk"
          title="Show it on the drawing"
        >
          <Mark kind={finding.severity} size={13} />
          <span>{say.title(finding)}</span>
          <span
            className={`ml-auto font-normal text-[0.8rem] ${finding.severity === 'awkward' ? 'text-soft' : 'text-oxide'}`}
          >
            {SEVERITY_NAMES[finding.severity]}
          </span>
        </button>
        <p className="text-[0.9rem]">
          {pieces.map((piece, i) => {
            if (piece.kind === 'words') {
              const before = pieces[i - 1];
              const told = before?.kind === 'number' && finding.numbers[before.name];
              const own = words[i] ?? [];
              return <TradeText key={piece.text} pieces={told ? withoutMarks(own) : own} />;
            }
            if (piece.kind === 'fixtures') {
              return (
                <span key="fixtures" data-name>
                  {piece.names}
                </span>
              );
            }
            if (piece.kind === 'day') {
              return (
                <time key="from" data-day={piece.day}>
                  {formatDay(piece.day)}
                </time>
              );
            }
            const number = finding.numbers[piece.name];
            if (!number) return null;
            const next = pieces[i + 1];
            return (
              // a mark never begins a line: it stays with its number
              <span key={piece.name} className="whitespace-nowrap">
                <Figure
                  id={number.figure}
                  bare={piece.bare}
                  fine={piece.fine}
                  className="figures text-[0.94em]"
                />
                {next?.kind === 'words' ? marksOf(next.text) : ''}
              </span>
            );
          })}
        </p>
        {when.length > 0 ? (
          <p className="text-[0.82rem] text-soft">
            {when.map((piece) => (/\d/.test(piece) ? <time key={piece}>{piece}</time> : piece))}
          </p>
        ) : null}
        <RemedyList finding={finding} />
      </div>
    </WorkingHost>
  );
}
