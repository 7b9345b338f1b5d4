import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DAY, soundCoop } from '@/core/tests/plans';
import { useRefused } from '../../forms/refused';
import { openPlan } from '../../session/bench';
import { plan, type } from '../../tests/hands';
import { show, spoilt, standIns } from '../../tests/shown';
import { LitterPanel } from '../all';
import { DepthPicture } from './DepthPicture';

beforeAll(standIns);
beforeEach(() => {
  useRefused.setState({ list: [] });
  openPlan(soundCoop(), 1, DAY);
});

test('litter: bedding, depth, board and floor', async () => {
  const user = userEvent.setup();
  show(<LitterPanel />);
  const weekly = () => document.querySelector('[data-figure="litter.weekly"]')?.textContent;
  const shavings = weekly();
  await user.selectOptions(
    screen.getByLabelText('Bedding', { selector: 'input, select, textarea' }),
    'straw',
  );
  expect(weekly()).not.toBe(shavings);
  await type(
    screen.getByLabelText(/^Planned for, at most/, { selector: 'input, select, textarea' }),
    '25 cm',
  );
  expect(plan().litter.finalM).toBeCloseTo(0.25, 9);
  await user.clear(
    screen.getByLabelText(/^Planned for, at most/, { selector: 'input, select, textarea' }),
  );
  await user.tab();
  expect(plan().litter.finalM).toBeNull();
  await user.selectOptions(
    screen.getByLabelText('Floor under it', { selector: 'input, select, textarea' }),
    'earth',
  );
  expect(plan().shell.floorBuild).toBe('earth');
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
