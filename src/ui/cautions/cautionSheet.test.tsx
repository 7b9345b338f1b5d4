import '@testing-library/jest-dom/jest-globals';
import { expect, test } from '@jest/globals';
import { render } from '@testing-library/react';
import { assess } from '@/core/assess';
import { cautionsOf } from '@/core/cautions';
import { DAY, sample } from '@/core/tests/plans';
import { CautionSheet } from './CautionSheet';

test('the sheet of cautions has each that applies, and whom else to ask', () => {
  const plan = sample('pell-garth');
  const cautions = cautionsOf(plan, assess(plan, { on: DAY }));
  const { container } = render(<CautionSheet plan={plan} on={DAY} cautions={cautions} />);
  expect(cautions.length).toBeGreaterThan(3);
  expect(container.querySelectorAll('li')).toHaveLength(cautions.length);
  expect(container).toHaveTextContent('Ask an electrician, a vet, a builder');
});
