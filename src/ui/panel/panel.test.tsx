import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { act, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DAY, sample } from '@/core/tests/plans';
import { useRefused } from '../forms/refused';
import { goTo, openPlan, useBench } from '../session/bench';
import { show, standIns } from '../tests/shown';
import { StationPanel } from './StationPanel';

beforeAll(standIns);

const plan = () => useBench.getState().plan;
const figure = (id: string) => document.querySelector(`[data-figure="${id}"]`);

beforeEach(() => useRefused.setState({ list: [] }));

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
