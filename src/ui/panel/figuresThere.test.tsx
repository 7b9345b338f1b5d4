import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
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
