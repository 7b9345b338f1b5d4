import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DAY, soundCoop } from '@/core/tests/plans';
import { useRefused } from '../../forms/refused';
import { edit, openPlan } from '../../session/bench';
import { fixture } from '../../tests/hands';
import { show, standIns } from '../../tests/shown';
import { AtTheBench, NestDetails } from '../all';

beforeAll(standIns);
beforeEach(() => {
  useRefused.setState({ list: [] });
  openPlan(soundCoop(), 1, DAY);
});

test('measures for the bench are told of what is built, and of nothing else', () => {
  const told = () => [...document.querySelectorAll('[data-figure]')].map((e) => e.textContent);
  const { unmount } = show(<AtTheBench station="nests" />);
  expect(told()).toContain('10 cm');
  expect(screen.queryByText(/Curtain/)).toBeNull();
  unmount();
  edit('Curtain', (d) => {
    for (const f of d.fixtures) if (f.kind === 'nestBank') f.curtain = true;
  });
  const nests = show(<AtTheBench station="nests" />);
  expect(screen.getByText(/Curtain/)).toBeVisible();
  expect(told()).toContain('5 cm');
  nests.unmount();
  const { container } = show(<AtTheBench station="feed" />);
  expect(container).toHaveTextContent('');
});

test('a bank’s lid is chosen in its row', async () => {
  const user = userEvent.setup();
  show(<NestDetails bank={fixture('nestBank', 'bank')} />);
  await user.selectOptions(
    screen.getByLabelText('Collected', { selector: 'input, select, textarea' }),
    'flap',
  );
  expect(fixture('nestBank', 'bank').collect).toBe('flap');
});
