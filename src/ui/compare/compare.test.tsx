import '@testing-library/jest-dom/jest-globals';
import { beforeAll, expect, jest, test } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import { DAY, sample } from '@/core/tests/plans';
import { spoilt, standIns } from '../tests/shown';
import { compareHref } from './columns';

jest.unstable_mockModule('next/navigation', () => ({ useRouter: () => ({ push: jest.fn() }) }));
const { CompareScreen } = await import('./CompareScreen');

beforeAll(standIns);

const stored = (id: Parameters<typeof sample>[0]) => ({ plan: sample(id), revision: 1, on: DAY });
const listed = (['pell-garth', 'tamar-flats'] as const).map((id) => ({ ...sample(id) }));

test('two plans stand side by side, each with what it carries', () => {
  const { container } = render(
    <CompareScreen
      plans={[stored('pell-garth'), stored('tamar-flats')]}
      all={listed as never}
      nonce=""
    />,
  );
  const drawings = [...container.querySelectorAll('svg[data-scale]')];
  expect(drawings).toHaveLength(2);
  expect(new Set(drawings.map((d) => d.getAttribute('data-scale'))).size).toBe(1);
  expect(container).toHaveTextContent(sample('pell-garth').name);
  expect(container).toHaveTextContent(sample('tamar-flats').name);
  expect(spoilt(container)).toEqual([]);
});

test('one plan alone asks for a second', () => {
  render(<CompareScreen plans={[stored('pell-garth')]} all={listed as never} nonce="" />);
  expect(screen.getByText(/Choose a second plan/)).toBeInTheDocument();
});

test('the address names every plan, whatever its name has in it', () => {
  expect(compareHref(['a', 'b&c'])).toBe('/compare?plan=a&plan=b%26c');
});
