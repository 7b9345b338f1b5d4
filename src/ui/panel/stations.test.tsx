import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Fixture, OfKind, Plan } from '@/core/model/schema';
import { DAY, soundCoop } from '@/core/tests/plans';
import { useRefused } from '../forms/refused';
import { edit, openPlan, undo, useBench } from '../session/bench';
import { show, standIns } from '../tests/shown';
import {
  AirFields,
  AtTheBench,
  BarDetails,
  DoorFields,
  FeedFields,
  LitterPanel,
  NestDetails,
  ReachFields,
  ShellDetails,
  WaterFields,
} from './all';

beforeAll(standIns);

const plan = (): Plan => {
  const open = useBench.getState().plan;
  if (!open) throw new Error('no plan is open');
  return open;
};
const fixture = <K extends Fixture['kind']>(kind: K, id: string): OfKind<K> => {
  const own = plan().fixtures.find((f) => f.id === id && f.kind === kind);
  if (!own) throw new Error(`no ${kind} ${id}`);
  return own as OfKind<K>;
};
const row = (id: string) => {
  const own = document.querySelector<HTMLElement>(`[data-row="${id}"]`);
  if (!own) throw new Error(`no row ${id}`);
  return within(own);
};
/** Types into a field and leaves it by Enter; a field takes its text a moment after it has the focus. */
async function type(field: HTMLElement, text: string): Promise<void> {
  const user = userEvent.setup();
  await user.click(field);
  await new Promise((r) => setTimeout(r, 40));
  await user.clear(field);
  await user.type(field, `${text}{Enter}`);
}

beforeEach(() => useRefused.setState({ list: [] }));

describe('on a sound coop', () => {
  beforeEach(() => openPlan(soundCoop(), 1, DAY));

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

  test('a vent is added, opened and covered, and its net area follows', async () => {
    const user = userEvent.setup();
    show(<AirFields />);
    await user.click(screen.getByRole('button', { name: 'Add a vent' }));
    expect(plan().fixtures.filter((f) => f.kind === 'vent')).toHaveLength(2);
    const net = () => document.querySelector('[data-figure="air.opening.vent"]')?.textContent;
    const before = net();
    await user.selectOptions(
      row('vent').getByLabelText('Covered with', { selector: 'input, select, textarea' }),
      'mesh6',
    );
    expect(fixture('vent', 'vent').cover).toBe('mesh6');
    expect(net()).not.toBe(before);
    await user.click(row('vent').getByText('Ridge, holes, screen, baffle'));
    await type(
      row('vent').getByLabelText(/^Drilled holes/, { selector: 'input, select, textarea' }),
      '40',
    );
    expect(fixture('vent', 'vent').holes).toEqual({ count: 40, diameterM: 0.025 });
    await type(
      row('vent').getByLabelText(/^Each hole across/, { selector: 'input, select, textarea' }),
      '3 cm',
    );
    expect(fixture('vent', 'vent').holes).toEqual({ count: 40, diameterM: 0.03 });
    await user.click(
      row('vent').getByLabelText('A baffle turns the air up', {
        selector: 'input, select, textarea',
      }),
    );
    expect(fixture('vent', 'vent').baffle).toBe(true);
    undo();
    expect(fixture('vent', 'vent').baffle).toBe(false);
  });

  test('what does not fit a field is told at it, and changes nothing', async () => {
    show(<FeedFields />);
    const every = screen.getByLabelText(/^Filled every/, { selector: 'input, select, textarea' });
    await type(every, '90');
    expect(screen.getByRole('alert')).toHaveTextContent('from 1 days to 60 days');
    expect(plan().fills.feedDays).toBe(7);
    await type(every, '10');
    expect(plan().fills.feedDays).toBe(10);
    await type(every, 'soon');
    expect(screen.getByRole('alert')).toHaveTextContent('not a number');
    expect(plan().fills.feedDays).toBe(10);
  });

  test('a feeder says what it holds and weighs, and changes its kind', async () => {
    const user = userEvent.setup();
    show(<FeedFields />);
    expect(row('feeder').getByText(/full and swinging it pulls like/)).toBeInTheDocument();
    await user.selectOptions(
      row('feeder').getByLabelText('Kind', { selector: 'input, select, textarea' }),
      'trough',
    );
    expect(fixture('feeder', 'feeder').type).toBe('trough');
    await type(
      row('feeder').getByLabelText(/^Trough, length/, { selector: 'input, select, textarea' }),
      '80 cm',
    );
    expect(fixture('feeder', 'feeder').lengthM).toBeCloseTo(0.8, 9);
    await type(
      row('feeder').getByLabelText(/^Rim above litter/, { selector: 'input, select, textarea' }),
      '20 cm',
    );
    expect(fixture('feeder', 'feeder').rimZ).toBeCloseTo(0.3, 9);
    await user.click(screen.getByRole('button', { name: 'Pedal-lid box' }));
    expect(plan().fixtures.some((f) => f.kind === 'feeder' && f.type === 'pedal')).toBe(true);
    await user.click(screen.getByRole('button', { name: 'Grit' }));
    expect(plan().fixtures.some((f) => f.kind === 'dish' && f.holds === 'grit')).toBe(true);
  });

  test('a drinker becomes a line of nipples with a tank', async () => {
    const user = userEvent.setup();
    show(<WaterFields />);
    await user.selectOptions(
      row('drinker').getByLabelText('Kind', { selector: 'input, select, textarea' }),
      'nipple',
    );
    await user.click(row('drinker').getByText('Place, weight, tray, tank, frost'));
    await type(
      row('drinker').getByLabelText(/^Tank above litter/, { selector: 'input, select, textarea' }),
      '1.2 m',
    );
    expect(fixture('drinker', 'drinker').tankZ).toBeCloseTo(1.2 + plan().litter.depthM, 9);
    await user.click(
      row('drinker').getByLabelText('A tray stands under it', {
        selector: 'input, select, textarea',
      }),
    );
    expect(fixture('drinker', 'drinker').tray).toBe(false);
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

  test('a pop door gets a ramp, and powered it asks for what a machine needs', async () => {
    const user = userEvent.setup();
    show(<DoorFields />);
    expect(
      row('pop').queryByLabelText(/^Closes after sunset/, { selector: 'input, select, textarea' }),
    ).toBeNull();
    await user.selectOptions(
      row('pop').getByLabelText('Works', { selector: 'input, select, textarea' }),
      'light',
    );
    await type(
      row('pop').getByLabelText(/^Closes after sunset/, { selector: 'input, select, textarea' }),
      '45',
    );
    expect(fixture('popDoor', 'pop')).toMatchObject({ works: 'light', closesAfterMin: 45 });
    await user.click(row('pop').getByText('Ramp, step, latch, safety'));
    await type(
      row('pop').getByLabelText(/^Ramp, length/, { selector: 'input, select, textarea' }),
      '1.2 m',
    );
    expect(fixture('popDoor', 'pop').ramp).toEqual({ lengthM: 1.2, widthM: 0.3, cleatM: 0.14 });
    await user.click(
      row('pop').getByLabelText('Its sensor sees a lamp', {
        selector: 'input, select, textarea',
      }),
    );
    expect(fixture('popDoor', 'pop').lampInView).toBe(true);
  });

  test('reach: the keeper’s own measures, a hatch and its flap', async () => {
    const user = userEvent.setup();
    show(<ReachFields />);
    await type(
      screen.getByLabelText(/^Your stature/, { selector: 'input, select, textarea' }),
      '1.80 m',
    );
    expect(plan().keeper.statureM).toBeCloseTo(1.8, 9);
    await user.click(screen.getByRole('button', { name: 'Add a hatch' }));
    const hatch = plan().fixtures.find((f) => f.kind === 'hatch');
    if (!hatch) throw new Error('no hatch');
    await user.click(row(hatch.id).getByText('Latch, flap, stay'));
    await type(
      row(hatch.id).getByLabelText(/^Clear width in front/, {
        selector: 'input, select, textarea',
      }),
      '90 cm',
    );
    expect(fixture('hatch', hatch.id).frontM).toBeCloseTo(0.9, 9);
    await user.selectOptions(
      row(hatch.id).getByLabelText('Latch', { selector: 'input, select, textarea' }),
      'single',
    );
    expect(fixture('hatch', hatch.id).latch).toBe('single');
  });

  test('a bar’s timber and a bank’s lid are edited in their rows', async () => {
    const user = userEvent.setup();
    const { unmount } = show(<BarDetails bar={fixture('bar', 'bar')} />);
    await user.selectOptions(
      screen.getByLabelText('Made of', { selector: 'input, select, textarea' }),
      'bamboo',
    );
    expect(fixture('bar', 'bar').material).toBe('bamboo');
    unmount();
    show(<NestDetails bank={fixture('nestBank', 'bank')} />);
    await user.selectOptions(
      screen.getByLabelText('Collected', { selector: 'input, select, textarea' }),
      'flap',
    );
    expect(fixture('nestBank', 'bank').collect).toBe('flap');
  });

  test('a run is added, roofed by half and taken away; the coop is parted and made one again', async () => {
    const user = userEvent.setup();
    show(<ShellDetails />);
    await user.click(screen.getByRole('button', { name: 'Add a run' }));
    expect(document.querySelector('[data-figure="shell.run.have"]')).not.toBeNull();
    await user.selectOptions(
      screen.getByLabelText('Roofed', { selector: 'input, select, textarea' }),
      'half',
    );
    expect(plan().run?.roof).toBe('half');
    await user.click(
      screen.getByLabelText('Solid on the left', { selector: 'input, select, textarea' }),
    );
    expect(plan().run?.solidSides).toEqual(['rear', 'left']);
    await user.click(screen.getByRole('button', { name: 'Remove the run' }));
    expect(plan().run).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Part it in two' }));
    expect(plan().partition).toMatchObject({ axis: 'x', atM: 2, beyond: ['hens'] });
    await user.click(
      screen.getByLabelText('Hens live beyond it', { selector: 'input, select, textarea' }),
    );
    expect(plan().partition?.beyond).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Take the partition out' }));
    expect(plan().partition).toBeNull();
  });
});
