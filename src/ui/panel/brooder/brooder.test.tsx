import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DAY, sample } from '@/core/tests/plans';
import { BrooderScreen } from '../../brooder/BrooderScreen';
import { useRefused } from '../../forms/refused';
import { openPlan } from '../../session/bench';
import { Staves } from '../../staves/Staves';
import { plan, type } from '../../tests/hands';
import { show, standIns } from '../../tests/shown';
import { BrooderFields } from '../all';

beforeAll(standIns);
beforeEach(() => {
  useRefused.setState({ list: [] });
  openPlan(sample('pell-garth'), 1, DAY);
});

test('the brooder of Osk Landing: its heat, its weeks, and its own chalk line', async () => {
  const user = userEvent.setup();
  openPlan(sample('osk-landing'), 1, DAY);
  const { unmount } = show(<BrooderFields />);
  await user.selectOptions(
    screen.getByLabelText('Heat', { selector: 'input, select, textarea' }),
    'plate',
  );
  expect(plan().brooder?.heat).toMatchObject({ kind: 'plate' });
  await type(
    screen.getByLabelText(/^Plate, width/, { selector: 'input, select, textarea' }),
    '60 cm',
  );
  expect(plan().brooder?.heat).toMatchObject({ kind: 'plate', widthM: 0.6 });
  await user.selectOptions(
    screen.getByLabelText('Heat', { selector: 'input, select, textarea' }),
    'hen',
  );
  await type(screen.getByLabelText(/^Broody hens/, { selector: 'input, select, textarea' }), '2');
  expect(plan().brooder?.heat).toEqual({ kind: 'hen', hens: 2 });
  unmount();
  const drawn = show(<BrooderScreen />);
  expect(drawn.container.querySelectorAll('tbody tr')).toHaveLength(10);
  drawn.unmount();
  show(<Staves />);
  const rails = document.querySelectorAll('li:has([data-station="brooder"]) [data-rail]');
  expect(rails).toHaveLength(1);
});
