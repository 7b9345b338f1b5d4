import '@testing-library/jest-dom/jest-globals';
import { expect, test } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import { assess } from '@/core/assess';
import { DAY, sample } from '@/core/tests/plans';
import { findingTitle } from '@/text/findings';
import { spoilt } from '../tests/shown';
import { PlanSheet } from './PlanSheet';

test.each(['pell-garth', 'tamar-flats', 'osk-landing'] as const)(
  'the sheet of %s has its sentence, three drawings, what each station carries and the worst that is found',
  (id) => {
    const plan = sample(id);
    const assessment = assess(plan, { on: DAY });
    const { container } = render(<PlanSheet plan={plan} assessment={assessment} />);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(plan.name);
    expect(container.querySelectorAll('svg[role="img"], figure svg').length).toBeGreaterThan(2);
    const [worst] = assessment.findings;
    if (worst) expect(container).toHaveTextContent(findingTitle(worst));
    for (const { carries } of assessment.staves) {
      if (carries !== null) expect(container).toHaveTextContent(String(carries));
    }
    expect(spoilt(container)).toEqual([]);
  },
);
