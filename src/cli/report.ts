import type { Assessment } from '@/core/assess';
import type { Plan } from '@/core/model/schema';
import { SEVERITY_NAMES } from '@/text/findingSay';
import { findingText, findingTitle, whenText } from '@/text/findings';
import { formatDay } from '@/text/format';
import { inUnits } from '@/text/inUnits';
import { sayFigure } from '@/text/say';
import { sentenceText } from '@/text/sentence';
import { STATION_NAMES, VERDICT_NAMES } from '@/text/stations';

/** The assessment for a reader of the terminal: the sentence, the staves, the schools, the findings. */
export function report(plan: Plan, a: Assessment): string {
  return [
    `${plan.name}, ${formatDay(a.on)}`,
    sentenceText(a.sentence),
    '',
    ...table([
      ['station', 'carries', 'verdict', 'planned', 'today'],
      ...a.staves
        .filter((s) => s.station !== 'flock' && s.station !== 'shell')
        .map((s) => [
          STATION_NAMES[s.station],
          s.carries === null ? '–' : `${s.carries}${s.orMore ? ' or more' : ''}`,
          s.verdict
            ? VERDICT_NAMES[s.verdict]
            : s.state === 'notEntered'
              ? 'not entered'
              : 'nobody asks',
          String(a.planned),
          String(a.today),
        ]),
    ]),
    '',
    'Rules',
    ...schoolLines(plan, a),
    '',
    a.findings.length === 0 ? 'No findings.' : 'Findings',
    ...a.findings.map(
      (f) =>
        `  ${SEVERITY_NAMES[f.severity].padEnd(8)} ${findingTitle(f)}. ${[findingText(f, plan, a.figures), whenText(f, a.on)].filter(Boolean).join(' ')}`,
    ),
  ].join('\n');
}

function schoolLines(plan: Plan, a: Assessment): string[] {
  const rows = Object.entries(a.schools).flatMap(([topic, offers]) =>
    offers.map((o) => {
      const rule = o.ruleFigure === null ? undefined : a.figures.get(o.ruleFigure);
      return [
        `  ${o.chosen ? '*' : ' '} ${topic}`,
        o.row ? inUnits(o.row.school, plan.units) : 'your own',
        rule ? sayFigure(rule, plan.units) : '',
        o.carries === null ? '' : `carries ${o.carries}`,
        o.comparisonOnly ? '(to compare)' : '',
      ];
    }),
  );
  return table(rows);
}

/** Columns padded to their widest cell. */
function table(rows: readonly (readonly string[])[]): string[] {
  const widths: number[] = [];
  for (const row of rows)
    for (const [i, cell] of row.entries()) widths[i] = Math.max(widths[i] ?? 0, cell.length);
  return rows.map((row) =>
    row
      .map((cell, i) => cell.padEnd(widths[i] ?? 0))
      .join('  ')
      .trimEnd(),
  );
}
