import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { act, configure, fireEvent, screen, within } from '@testing-library/react';
import { newRain } from '@/core/edit/new/rain';
import type { Drinker, Plan } from '@/core/model/schema';
import { DAY, sample, sampleClimate } from '@/core/tests/plans';
import { standIns } from '../tests/shown';
import { storesHere } from '../tests/storesHere';

const worker = storesHere();
const { openPlan, undo, useBench } = await import('../session/bench');
const { show } = await import('../tests/shown');
const { FrostDialog } = await import('./FrostDialog');

beforeAll(() => {
  standIns();
  // thirty years take their time on a slow machine
  configure({ asyncUtilTimeout: 20_000 });
});
beforeEach(() => {
  worker.now = 'answer';
});

const planNow = (): Plan => useBench.getState().plan as Plan;
const drinker = (): Drinker =>
  planNow().fixtures.find((f): f is Drinker => f.kind === 'drinker') as Drinker;

/** The dialog on a plan, once its worker has answered. */
async function shown(plan: Plan): Promise<HTMLElement> {
  act(() => openPlan(plan, 1, DAY));
  show(<FrostDialog close={() => {}} />);
  await act(() => new Promise((r) => setTimeout(r, 0)));
  return screen.findByRole('dialog');
}
const rowOf = (name: RegExp): HTMLElement =>
  screen.getByRole('rowheader', { name }).closest('tr') as HTMLElement;
const cells = (row: HTMLElement): string[] =>
  within(row)
    .getAllByRole('cell')
    .map((c) => c.querySelector('[data-axis]')?.textContent ?? '');
const press = (name: string | RegExp): void => {
  fireEvent.click(screen.getByRole('button', { name }));
};

describe('water in frost', () => {
  test('a way that is chosen is marked, changes the plan in one step, and is taken back in one', async () => {
    await shown(sample('pell-garth'));
    await screen.findByRole('rowheader', { name: 'In foam, with a heater' });
    expect(screen.getByText('Water freezes')).toBeInTheDocument();
    expect(screen.getAllByRole('button', { pressed: false, name: /: choose$/ })).toHaveLength(6);
    press('In foam, with a heater: choose');
    expect(drinker()).toMatchObject({ wrap: 'foam', winter: { kind: 'heated', by: 'water' } });
    expect(screen.queryByText('Water freezes')).not.toBeInTheDocument();
    expect(screen.getByRole('button', { pressed: true })).toHaveTextContent('chosen');
    // what all draw, and how it is run
    expect(screen.getByText(/All heaters at once draw/)).toHaveTextContent('25 W');
    expect(screen.getByText(/a licensed electrician/)).toBeInTheDocument();
    act(() => undo());
    expect(drinker()).toMatchObject({ wrap: 'bare', winter: { kind: 'nothing' } });
    expect(screen.getByText('Water freezes')).toBeInTheDocument();
    expect(screen.queryByText(/All heaters at once draw/)).not.toBeInTheDocument();
  });

  test('the table stays while the next is worked', async () => {
    await shown(sample('pell-garth'));
    await screen.findByRole('rowheader', { name: 'In foam, with a heater' });
    worker.now = 'wait';
    press('Heater, on a plug that feels the air: choose');
    await act(() => new Promise((r) => setTimeout(r, 0)));
    expect(screen.getByRole('button', { pressed: true })).toHaveAccessibleName(
      'Heater, on a plug that feels the air: choose',
    );
  });

  test('what power costs adds a column; a plug that switches on sooner is on for longer', async () => {
    await shown(sample('pell-garth'));
    await screen.findByRole('rowheader', { name: 'In foam, with a heater' });
    expect(screen.queryByRole('columnheader', { name: /Costs/ })).not.toBeInTheDocument();
    const [, , hours, kWh] = cells(rowOf(/on a plug/));
    const price = screen.getByRole('textbox', { name: 'A kWh costs' });
    fireEvent.change(price, { target: { value: '0.5' } });
    fireEvent.keyDown(price, { key: 'Enter' });
    const currency = screen.getByRole('textbox', { name: 'Currency' });
    fireEvent.change(currency, { target: { value: 'crowns' } });
    fireEvent.blur(currency);
    expect(
      await screen.findByRole('columnheader', { name: 'Costs a winter, crowns' }),
    ).toBeInTheDocument();
    expect(Number(cells(rowOf(/on a plug/))[4])).toBe(Math.round(Number(kWh) / 2));
    fireEvent.change(screen.getByRole('combobox', { name: 'The plug switches on below' }), {
      target: { value: '2' },
    });
    await act(() => new Promise((r) => setTimeout(r, 0)));
    expect(Number(cells(rowOf(/on a plug/))[2])).toBeGreaterThan(Number(hours));
    // a thermostat in the water does not feel it
    expect(planNow().site.plugC).toBe(2);
  });

  test('a barrel’s line is drained, or its water sent round warm', async () => {
    const plan = sample('pell-garth');
    await shown({ ...plan, rain: newRain(plan) });
    await screen.findByRole('rowheader', { name: 'Line drained, founts filled by hand' });
    expect(cells(rowOf(/^Line drained/))[1]).toBe('empty');
    press('The same, barrel and line in foam: choose');
    expect(planNow().rain).toMatchObject({
      barrel: { wrap: 'foam', winter: { kind: 'heated' } },
      line: { pump: true, foamM: 0.025 },
    });
    press('Line drained, founts filled by hand: choose');
    expect(planNow().rain).toMatchObject({
      barrel: { winter: { kind: 'nothing' } },
      line: { pump: false, drain: true },
    });
  });

  test('where no place is known, none freezes, or the worker breaks, it says so', async () => {
    const plan = sample('pell-garth');
    await shown({ ...plan, climate: null });
    expect(screen.getByText(/Choose a climate under Air/)).toBeInTheDocument();
    expect(screen.queryByRole('table')).not.toBeInTheDocument();
    expect(screen.queryByRole('textbox', { name: 'A kWh costs' })).not.toBeInTheDocument();
  });

  test('in a place without frost no drinker freezes', async () => {
    await shown({ ...sample('pell-garth'), climate: sampleClimate('tropical-wet') });
    expect(await screen.findByText('No drinker freezes here.')).toBeInTheDocument();
  });

  test('a worker that breaks is told of', async () => {
    worker.now = 'break';
    await shown(sample('pell-garth'));
    expect(await screen.findByText('It could not be worked. Open it again.')).toBeInTheDocument();
  });
});
