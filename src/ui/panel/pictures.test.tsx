import '@testing-library/jest-dom/jest-globals';
import { beforeAll, describe, expect, jest, test } from '@jest/globals';
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { DAY, sample } from '@/core/tests/plans';
import { MonthTable } from '../flock/MonthTable';
import { openPlan } from '../session/bench';
import { show, standIns } from '../tests/shown';
import { LoadGuard } from './LoadGuard';

beforeAll(standIns);

describe('the months', () => {
  test.each(['pell-garth', 'tamar-flats', 'osk-landing'] as const)(
    '%s has a row for each month of two years, each with a figure for every column',
    (id) => {
      openPlan(sample(id), 1, DAY);
      show(<MonthTable />);
      const rows = document.querySelectorAll('[data-month]');
      expect(rows.length).toBeGreaterThanOrEqual(24);
      expect(rows.length).toBeLessThanOrEqual(25);
      for (const row of rows) expect(row.querySelectorAll('[data-figure]')).toHaveLength(5);
    },
  );
});

/** Whether the part below can be fetched. */
const server = { away: true };

function Fetched() {
  if (server.away) throw new Error('chunk 7 failed');
  return <p>here it is</p>;
}

function FieldAndPart() {
  const [typed, setTyped] = useState('');
  return (
    <>
      <input aria-label="typed" value={typed} onChange={(e) => setTyped(e.target.value)} />
      <LoadGuard>
        <Fetched />
      </LoadGuard>
    </>
  );
}

test('a part that cannot be fetched says so, keeps what was entered, and is tried again', () => {
  const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  render(<FieldAndPart />);
  fireEvent.change(screen.getByLabelText('typed'), { target: { value: '1.20 m' } });
  expect(screen.getByRole('alert')).toHaveTextContent('What you entered is kept');
  server.away = false;
  fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(screen.getByText('here it is')).toBeInTheDocument();
  expect(screen.getByLabelText('typed')).toHaveValue('1.20 m');
  quiet.mockRestore();
});
