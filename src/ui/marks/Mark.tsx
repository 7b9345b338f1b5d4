import type { Verdict } from '@/core/carrying/verdict';
import type { Severity } from '@/core/kernel/finding';

export type MarkKind = Verdict | Severity | 'notEntered' | 'none';

/** A small drawn mark for a verdict or a severity; always beside its word, never alone. */
export function Mark({ kind, size = 14 }: { kind: MarkKind; size?: number }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 14 14"
      aria-hidden="true"
      className={`shrink-0 ${COLOURS[kind]}`}
      data-mark-kind={kind}
    >
      {SHAPES[kind]}
    </svg>
  );
}

const COLOURS: Readonly<Record<MarkKind, string>> = {
  harm: 'text-oxide',
  short: 'text-oxide',
  awkward: 'text-ink',
  tight: 'text-ink',
  enough: 'text-ink',
  ample: 'text-verdigris',
  notEntered: 'text-soft',
  none: 'text-soft',
};

const stroke = { fill: 'none', stroke: 'currentColor', strokeWidth: 1.6 } as const;

/** Short: a rail that ends before its line. Tight, enough, ample: a rail at, past and well past it. */
const SHAPES: Readonly<Record<MarkKind, React.ReactNode>> = {
  short: (
    <>
      <path d="M1 7H6.5" stroke="currentColor" strokeWidth="4" />
      <path d="M11 1V13" {...stroke} />
    </>
  ),
  tight: (
    <>
      <path d="M1 7H9" stroke="currentColor" strokeWidth="4" opacity="0.55" />
      <path d="M9.8 1V13" {...stroke} />
    </>
  ),
  enough: (
    <>
      <path d="M1 7H12" stroke="currentColor" strokeWidth="4" />
      <path d="M8 1V13" {...stroke} />
    </>
  ),
  ample: (
    <>
      <path d="M0 7H14" stroke="currentColor" strokeWidth="5" />
      <path d="M5 1V13" {...stroke} />
    </>
  ),
  harm: (
    <path
      d="M7 0.5L13.5 13H0.5Z M6.3 5h1.4v4H6.3zM6.3 10.2h1.4v1.4H6.3z"
      fill="currentColor"
      fillRule="evenodd"
    />
  ),
  awkward: <path d="M2 12L12 2M2 7L7 2" {...stroke} />,
  notEntered: (
    <rect
      x="1.5"
      y="4.5"
      width="11"
      height="5"
      {...stroke}
      strokeWidth={1.2}
      strokeDasharray="2.5 2"
    />
  ),
  none: <path d="M2 7H12" {...stroke} strokeWidth={1.2} />,
};
