import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, jest, test } from '@jest/globals';
import { act, screen } from '@testing-library/react';
import { DAY, sample } from '@/core/tests/plans';
import { sentenceText } from '@/text/sentence';
import { openPlan, storeHere, useBench } from '../session/bench';
import { show, standIns } from '../tests/shown';

jest.unstable_mockModule('next/navigation', () => ({ useRouter: () => ({ push: jest.fn() }) }));
const { BenchHeader } = await import('./BenchHeader');

beforeAll(standIns);
beforeEach(() => openPlan(sample('pell-garth'), 1, DAY));

test('the headline says what the coop carries and what holds it back, and follows an edit', () => {
  show(<BenchHeader />);
  const headline = screen.getByRole('heading', { level: 1 });
  expect(headline).toHaveTextContent('This coop carries 6 birds. You plan 14.');
  const { assessment } = useBench.getState();
  if (!assessment) throw new Error('no plan is open');
  expect(headline).toHaveTextContent(sentenceText(assessment.sentence));
});

test('where a save stands is always told', () => {
  show(<BenchHeader />);
  expect(document.querySelector('[data-save="saved"]')).toBeInTheDocument();
  act(() => storeHere().setState({ save: { kind: 'saving' } }));
  expect(document.querySelector('[data-save="saving"]')).toBeInTheDocument();
});
