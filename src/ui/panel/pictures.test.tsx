import '@testing-library/jest-dom/jest-globals';
import { beforeAll, describe, expect, jest, test } from '@jest/globals';
import { fireEvent, render, screen, within } from '@testing-library/react';
import { useState } from 'react';
import { DAY, sample, sampleClimate, soundCoop } from '@/core/tests/plans';
import { MonthTable } from '../flock/MonthTable';
import { openPlan } from '../session/bench';
import { show, spoilt, standIns } from '../tests/shown';
import { LightTable } from './door/LightTable';
import { MonthBars } from './feed/MonthBars';
import { LoadGuard } from './LoadGuard';
import { DepthPicture } from './litter/DepthPicture';

beforeAll(standIns);

describe('the light through the year', () => {
  const lit = (school: string) =>
    soundCoop((d) => {
      d.climate = sampleClimate('wet-upland');
      d.schools['light.laying'] = school;
    });

  test('a school with a lamp draws it and has its weeks in a table', () => {
    openPlan(lit('light.laying.morning'), 1, DAY);
    const { container } = show(<LightTable />);
    expect(spoilt(container)).toEqual([]);
    fireEvent.click(screen.getByText('The lamp, week by week'));
    const rows = within(screen.getByRole('table')).getAllByRole('row');
    // a row for each week in which it burns: fewer than the year has, more than its dark half
    expect(rows.length).toBeGreaterThan(26);
    expect(rows.length).toBeLessThanOrEqual(53);
    expect(container.textContent).not.toMatch(/NaN|undefined/);
  });

  test('winter rest burns none, and without a place it asks for one', () => {
    openPlan(lit('light.laying.none'), 1, DAY);
    const { container, unmount } = show(<LightTable />);
    expect(container).toBeEmptyDOMElement();
    unmount();
    openPlan(soundCoop(), 1, DAY);
    show(<LightTable />);
    expect(screen.getByText(/Choose a place under Flock/)).toBeInTheDocument();
  });
});

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

  test('feed and water are drawn as bars of their months, the largest as high as the picture', () => {
    openPlan(sample('pell-garth'), 1, DAY);
    for (const what of ['feed', 'water'] as const) {
      const { container, unmount } = show(<MonthBars of={what} title={what} />);
      expect(spoilt(container)).toEqual([]);
      const heights = [...container.querySelectorAll('rect')].map((r) =>
        Number(r.getAttribute('height')),
      );
      expect(heights.length).toBeGreaterThanOrEqual(24);
      expect(Math.min(...heights)).toBeGreaterThanOrEqual(0);
      unmount();
    }
  });
});

test('the litter is drawn from its start to its clean-out, whatever its school', () => {
  for (const school of ['deep', 'thin', 'sand', 'mesh'] as const) {
    openPlan(
      soundCoop((d) => {
        d.litter.school = school;
        d.litter.depthM = school === 'mesh' ? 0 : 0.06;
      }),
      1,
      DAY,
    );
    const { container, unmount } = show(<DepthPicture />);
    expect([school, spoilt(container)]).toEqual([school, []]);
    unmount();
  }
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
