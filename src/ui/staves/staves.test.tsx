import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DAY, sample } from '@/core/tests/plans';
import { useRefused } from '../forms/refused';
import { openPlan, useBench } from '../session/bench';
import { show, standIns } from '../tests/shown';
import { Staves } from './Staves';

beforeAll(standIns);

const figure = (id: string) => document.querySelector(`[data-figure="${id}"]`);

beforeEach(() => useRefused.setState({ list: [] }));

describe('the staves', () => {
  beforeEach(() => openPlan(sample('pell-garth'), 1, DAY));

  test('each station that carries has its figure, its verdict in words and its rail', () => {
    show(<Staves />);
    expect(figure('roosts.capacity')).toHaveTextContent('6');
    expect(screen.getAllByText('short')).toHaveLength(2);
    expect(screen.getByText('tight')).toBeInTheDocument();
    const rails = [...document.querySelectorAll('[data-rail]')].map((r) =>
      Number(r.getAttribute('data-length')),
    );
    expect(rails).toEqual(
      // floor, roosts, nests; feed and water end in a break at one and a half times the plan
      [0.65, (6 / 14) * 0.65, (13 / 14) * 0.65, 0.975, 0.975].map((n) => expect.closeTo(n, 9)),
    );
    expect(document.querySelectorAll('[data-chalk]')).toHaveLength(5);
  });

  test('a station that is short later says from when', () => {
    show(<Staves />);
    expect(screen.getByText('26 Aug next year')).toBeInTheDocument();
  });

  test('stations not entered have no rail, and say so', () => {
    openPlan(sample('tamar-flats'), 1, DAY);
    show(<Staves />);
    expect(document.querySelectorAll('[data-rail]')).toHaveLength(1);
    // roosts, nests, air, feed, water, pop doors
    expect(screen.getAllByText('not entered')).toHaveLength(6);
  });

  test('arrow keys walk the stations, and Enter opens one', async () => {
    const user = userEvent.setup();
    show(<Staves />);
    const door = (name: string) => screen.getByRole('button', { name });
    door('Flock').focus();
    await user.keyboard('{ArrowDown}{ArrowDown}');
    expect(door('Floor')).toHaveFocus();
    await user.keyboard('{ArrowUp}{ArrowUp}{ArrowUp}');
    expect(door('Brooder')).toHaveFocus();
    await user.keyboard('{ArrowUp}');
    expect(door('Reach')).toHaveFocus();
    await user.keyboard('{Enter}');
    expect(useBench.getState().station).toBe('reach');
    expect(door('Reach')).toHaveAttribute('aria-current', 'page');
  });
});
