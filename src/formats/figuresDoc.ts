import type { Given, LineSpec } from '@/core/kernel/working';
import { lineName, WORKINGS } from '@/text/workings';
import { MADE, row, table } from './docTable';

const GIVEN: Readonly<Record<Given, string>> = {
  entered: 'entered',
  school: 'the school chosen',
  found: 'worked out elsewhere',
  keepers: "keepers' rule",
  'breed-standards': 'breed standard',
  'nrc-1994': 'published (NRC 1994)',
  'cigr-2002': 'published (CIGR 2002)',
  'air-network': 'worked (balances of air, heat and damp)',
  'timber-tables': 'published (timber tables)',
  'wide-rafter': 'assumption',
};

export function figuresDoc(): string {
  const parts = Object.entries(WORKINGS).map(([key, spec]) => {
    const lines = Object.entries(spec.lines as Record<string, LineSpec>).map(([name, line]) =>
      row(
        `\`${name}\`${name === spec.result ? ' (result)' : ''}`,
        lineName(key, name),
        line.unit,
        'formula' in line ? `\`${line.formula}\`` : GIVEN[line.given],
        line.each ? `one for each ${line.each}` : '',
      ),
    );
    return `## \`${key}\`\n\n${table(['symbol', 'called', 'unit', 'formula or origin', ''], lines)}`;
  });
  return [
    '# Figures',
    MADE,
    'How each kind of figure is worked. Formulas are plain arithmetic; `.*` multiplies item by item, `wholeDown` and `wholeUp` round to nine decimals before they floor or ceil.',
    ...parts,
    '',
  ].join('\n\n');
}
