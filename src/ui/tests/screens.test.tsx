import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { act, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DAY, sample } from '@/core/tests/plans';
import { FlockScreen } from '../flock/FlockScreen';
import { useRefused } from '../forms/refused';
import { StationPanel } from '../panel/StationPanel';
import { goTo, openPlan, useBench } from '../session/bench';
import { Staves } from '../staves/Staves';
import { show, standIns } from './shown';

beforeAll(standIns);

const plan = () => useBench.getState().plan;
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

describe('the panel', () => {
  beforeEach(() => openPlan(sample('pell-garth'), 1, DAY));

  test('the worst finding and what is lacking stand before the fixtures, the others after them', () => {
    goTo('nests');
    show(<StationPanel />);
    const order = [...document.querySelectorAll('[data-finding], [data-row]')].map(
      (e) => e.getAttribute('data-finding') ?? e.getAttribute('data-row'),
    );
    expect(order).toEqual([
      'nests.bank.underBars',
      'nests.boxes.short',
      'nests-1',
      'nests.lip.low',
    ]);
  });

  test('a distance from the rear wall is an input on to the coordinate', async () => {
    const user = userEvent.setup();
    goTo('roosts');
    show(<StationPanel />);
    const row = within(document.querySelector<HTMLElement>('[data-row="bar-1"]') ?? document.body);
    const field = row.getByLabelText(/From the rear wall/, { selector: 'input, select, textarea' });
    expect(field).toHaveValue('16 cm');
    await user.clear(field);
    await user.type(field, '45{Enter}');
    expect(plan()?.fixtures[0]).toMatchObject({ y: expect.closeTo(1.65, 9) });
    const height = row.getByLabelText(/^Height above litter/, {
      selector: 'input, select, textarea',
    });
    await user.clear(height);
    await user.type(height, '60 cm{Enter}');
    expect(plan()?.fixtures[0]).toMatchObject({ z: expect.closeTo(0.7, 9) });
    expect(screen.queryByText('Bar too near the wall')).toBeNull();
  });

  test('a bar is added, duplicated and removed', async () => {
    const user = userEvent.setup();
    goTo('roosts');
    show(<StationPanel />);
    await user.click(screen.getByRole('button', { name: 'Add a bar' }));
    await user.click(screen.getByRole('button', { name: 'Duplicate Bar 3' }));
    expect(
      plan()
        ?.fixtures.filter((f) => f.kind === 'bar')
        .map((f) => f.id),
    ).toEqual(['bar-1', 'bar-2', 'bar-3', 'bar-4']);
    await user.click(screen.getByRole('button', { name: 'Remove Rear bar' }));
    expect(plan()?.fixtures.some((f) => f.id === 'bar-1')).toBe(false);
    expect(useBench.getState().past.map((s) => s.name)).toEqual([
      'Add Bar 3',
      'Add Bar 4',
      'Remove Rear bar',
    ]);
  });

  test('the floor says what stands on it, down to what is usable', () => {
    goTo('floor');
    show(<StationPanel />);
    expect(screen.getByText('Drawer boxes')).toBeInTheDocument();
    expect(figure('floor.taken.nests-1')).toHaveTextContent('0.43 m²');
    expect(screen.getByText('Usable').closest('div')).toHaveTextContent('5.73 m²');
  });

  test('a roof of another kind keeps its heights, and a low side above the high one is refused', async () => {
    const user = userEvent.setup();
    goTo('shell');
    show(<StationPanel />);
    await user.selectOptions(
      screen.getByLabelText('Roof', { selector: 'input, select, textarea' }),
      'gable',
    );
    expect(plan()?.shell.roof).toEqual({ kind: 'gable', lowM: 1.9, highM: 2.4, ridgeAxis: 'x' });
    const low = screen.getByLabelText(/Height, low side/, { selector: 'input, select, textarea' });
    await user.clear(low);
    await user.type(low, '2.5 m{Enter}');
    expect(screen.getByRole('alert')).toHaveTextContent('high side of the roof is lower');
    expect(low).toHaveValue('2.5 m');
    expect(plan()?.shell.roof.lowM).toBe(1.9);
  });

  test('cautions that a choice brings stand where it is made, the others on the sheet', () => {
    goTo('water');
    show(<StationPanel />);
    expect(screen.getByText('Put no vinegar in galvanised vessels.')).toBeInTheDocument();
    act(() => goTo('roosts'));
    expect(screen.queryByText(/A person must not hang from bars/)).toBeNull();
    expect(screen.getByRole('link', { name: /All cautions of this plan/ })).toBeInTheDocument();
  });
});

describe('the flock', () => {
  beforeEach(() => openPlan(sample('tamar-flats'), 1, DAY));
  const more = (name: string) =>
    userEvent.click(screen.getByRole('button', { name: `More of ${name}` }));
  const group = (id: string) =>
    within(document.querySelector<HTMLElement>(`[data-group="${id}"]`) ?? document.body);

  test('a mass of the keeper’s own takes the place of the breed’s, and gives it back', async () => {
    const user = userEvent.setup();
    show(<FlockScreen />);
    await more('Fayoumi pullets');
    const mass = group('fayoumi').getByLabelText(/Grown mass/, {
      selector: 'input, select, textarea',
    });
    expect(mass).toHaveValue('3.5 lb');
    await user.clear(mass);
    await user.type(mass, '2 kg{Enter}');
    expect(plan()?.flock[1]?.massKg).toBe(2);
    await user.click(group('fayoumi').getByRole('button', { name: "yours; take the breed's" }));
    expect(plan()?.flock[1]?.massKg).toBeNull();
  });

  test('a mass that no grown bird has is refused', async () => {
    const user = userEvent.setup();
    show(<FlockScreen />);
    await more('Leghorn cock');
    const mass = group('cock').getByLabelText(/Grown mass/, {
      selector: 'input, select, textarea',
    });
    await user.clear(mass);
    await user.type(mass, '50 kg{Enter}');
    expect(group('cock').getByRole('alert')).toHaveTextContent('from 0.4 lb to 33.1 lb');
    expect(plan()?.flock[2]?.massKg).toBeNull();
  });

  test('a group that leaves before it comes is told so at its field', async () => {
    const user = userEvent.setup();
    show(<FlockScreen />);
    await more('Leghorn pullets');
    const until = group('leghorn').getByLabelText(/Until/, { selector: 'input, select, textarea' });
    await user.type(until, '2026-01-01');
    await user.tab();
    expect(group('leghorn').getByRole('alert')).toHaveTextContent('leaves before it has arrived');
    expect(plan()?.flock[0]?.leavesOn).toBeNull();
  });

  test('groups are added and removed, each with an id of its own', async () => {
    const user = userEvent.setup();
    show(<FlockScreen />);
    for (const which of ['A group living here now', /Six more next spring/]) {
      await user.click(screen.getByRole('button', { name: 'Add birds' }));
      await user.click(screen.getByRole('menuitem', { name: which }));
    }
    await user.click(screen.getByRole('button', { name: 'Remove Leghorn cock' }));
    expect(plan()?.flock.map((g) => g.id)).toEqual(['leghorn', 'fayoumi', 'group-1', 'group-2']);
    expect(useBench.getState().assessment?.planned).toBe(28);
    expect(plan()?.flock[3]).toMatchObject({ hatchedOn: '2027-04-15', arrivesOn: '2027-06-10' });
  });

  test('without birds it says what a group is', () => {
    openPlan({ ...sample('tamar-flats'), flock: [] }, 1, DAY);
    show(<FlockScreen />);
    expect(screen.getByText(/birds of one breed, sex and age/)).toBeInTheDocument();
  });
});
