import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import type { Plan } from '@/core/model/schema';
import { DAY, sample, soundCoop } from '@/core/tests/plans';
import { BrooderScreen } from '../brooder/BrooderScreen';
import { useRefused } from '../forms/refused';
import { openPlan, useBench } from '../session/bench';
import { Staves } from '../staves/Staves';
import { show, standIns } from '../tests/shown';
import {
  AirFields,
  AtTheBench,
  BrooderFields,
  DoorFields,
  FeedFields,
  LitterPanel,
  NestOpeningDays,
  ReachFields,
  RoostDetails,
  ShellDetails,
  WaterFields,
} from './all';
import { FloorFields } from './floor/FloorFields';

beforeAll(standIns);

const plan = (): Plan => {
  const open = useBench.getState().plan;
  if (!open) throw new Error('no plan is open');
  return open;
};
/** Types into a field and leaves it by Enter; a field takes its text a moment after it has the focus. */
async function type(field: HTMLElement, text: string): Promise<void> {
  const user = userEvent.setup();
  await user.click(field);
  await new Promise((r) => setTimeout(r, 40));
  await user.clear(field);
  await user.type(field, `${text}{Enter}`);
}

const PANELS: readonly (readonly [string, () => ReactNode])[] = [
  ['air', () => <AirFields />],
  ['feed', () => <FeedFields />],
  ['water', () => <WaterFields />],
  ['litter', () => <LitterPanel />],
  ['door', () => <DoorFields />],
  ['reach', () => <ReachFields />],
  ['brooder', () => <BrooderFields />],
  ['shell', () => <ShellDetails />],
  ['roosts', () => <RoostDetails />],
  ['floor', () => <FloorFields />],
  ['nests', () => <NestOpeningDays />],
  ['nests at the bench', () => <AtTheBench station="nests" />],
  ['the brooder drawn', () => <BrooderScreen />],
];

describe.each(['pell-garth', 'tamar-flats', 'osk-landing'] as const)('on %s', (id) => {
  test.each(PANELS)('the panel of %s shows only figures that are there', (_, panel) => {
    openPlan(sample(id), 1, DAY);
    const { container } = show(panel());
    expect(container.textContent).not.toMatch(/undefined|NaN|Infinity/);
  });
});

beforeEach(() => useRefused.setState({ list: [] }));

test('of a parted coop each zone is shown by itself, with its own birds', async () => {
  const user = userEvent.setup();
  openPlan(
    soundCoop((d) => {
      d.partition = { axis: 'x', atM: 2, beyond: [] };
    }),
    1,
    DAY,
  );
  show(<Staves />);
  const planned = () => document.querySelector('[data-figure="coop.planned"]')?.textContent;
  expect(planned()).toBe('6');
  await user.click(screen.getByRole('button', { name: 'Right' }));
  expect(useBench.getState().zone).toBe('beyond');
  expect(useBench.getState().assessment?.zones?.beyond.planned).toBe(0);
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
