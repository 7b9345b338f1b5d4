import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { act, fireEvent, screen, within } from '@testing-library/react';
import { aired } from '@/core/tests/aired';
import { DAY, sample } from '@/core/tests/plans';
import { edit, openPlan } from '../session/bench';
import { show, standIns } from '../tests/shown';
import { AirPlayer } from './AirPlayer';
import { showDay } from './airShow';
import { FirstLesson } from './FirstLesson';
import { SeasonMeasures } from './SeasonMeasures';
import { ThermometerPart } from './ThermometerPart';
import { YearPart } from './YearPart';

beforeAll(standIns);
beforeEach(() => act(() => showDay('cold')));

const open = (plan: ReturnType<typeof sample>): void => act(() => openPlan(plan, 1, DAY));

describe('the air’s panel', () => {
  test('tells its lesson, and follows an edit', () => {
    open(sample('pell-garth'));
    const { container } = show(<FirstLesson />);
    const lesson = () => container.querySelector('[data-first-lesson]')?.textContent;
    const before = lesson();
    expect(before).toMatch(/Nothing is open yet/);
    act(() => {
      edit('More leaky', (d) => {
        d.shell.leakTimes = 4;
      });
    });
    expect(lesson()).not.toBe(before);
  });

  test('goes through the hours of either day', () => {
    open(aired('osk-landing'));
    const { container } = show(<AirPlayer />);
    const slider = screen.getByRole('slider', { name: 'Hour of the day' });
    expect(container.querySelector('[data-moment="3"]')).toHaveTextContent('Outdoors −28 °C');
    fireEvent.change(slider, { target: { value: '12' } });
    expect(container.querySelector('[data-moment="12"]')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('radio', { name: 'A hot day' }));
    expect(container.querySelector('[data-moment="15"]')).toHaveTextContent('the sun');
  });

  test('sets measures of the season side by side when asked', () => {
    open(aired('pell-garth'));
    show(<SeasonMeasures />);
    const fold = screen.getByRole('button', { name: 'Ways through the cold' });
    fireEvent.click(fold);
    expect(screen.queryByRole('table')).not.toBeInTheDocument();
    fireEvent.click(fold);
    const cold = within(screen.getByRole('table'));
    expect(cold.getByRole('rowheader', { name: 'As it is now' })).toBeInTheDocument();
    expect(cold.getByRole('rowheader', { name: 'All shut or boarded' })).toBeInTheDocument();
    expect(screen.getByText('In a cold snap')).toBeInTheDocument();
    act(() => showDay('hot'));
    expect(
      within(screen.getByRole('table')).getByRole('rowheader', { name: 'A roof painted white' }),
    ).toBeInTheDocument();
    expect(screen.getByText(/call a vet/)).toBeInTheDocument();
  });

  test('says nothing of a year, of hours or of a thermometer where nobody lives, or no climate is set', () => {
    for (const plan of [
      { ...sample('pell-garth'), flock: [] },
      { ...sample('pell-garth'), climate: null },
    ]) {
      open(plan);
      const { container, unmount } = show(
        <>
          <FirstLesson />
          <AirPlayer />
          <YearPart />
          <ThermometerPart />
        </>,
      );
      expect(container).toHaveTextContent(/^$/);
      unmount();
    }
  });

  test('gaps fitted to a thermometer are told, and taken back', () => {
    open({
      ...sample('pell-garth'),
      shell: { ...sample('pell-garth').shell, leakTimes: 2.5 },
    });
    const { container } = show(<ThermometerPart />);
    expect(container).toHaveTextContent('2.5 times the gaps of its build');
    fireEvent.click(screen.getByRole('button', { name: 'Take that back' }));
    expect(container).not.toHaveTextContent('2.5 times');
  });
});
