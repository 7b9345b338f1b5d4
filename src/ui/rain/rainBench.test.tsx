import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { act, configure, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { newPopDoor } from '@/core/edit/new/openings';
import { newRain } from '@/core/edit/new/rain';
import type { Plan } from '@/core/model/schema';
import { DAY, sample } from '@/core/tests/plans';
import { spoilt, standIns } from '../tests/shown';
import { storesHere } from '../tests/storesHere';

const worker = storesHere();
// the chart paints on a canvas, which the test's page has not
const nothing = (): null => null;
jest.unstable_mockModule('../charts/EChart', () => ({ EChart: nothing }));
const { edit, openPlan, undo, useBench } = await import('../session/bench');
const { show } = await import('../tests/shown');
const { useRemedies } = await import('../furniture/useRemedies');
const { RainBench } = await import('./RainBench');

beforeAll(() => {
  standIns();
  // thirty years take their time on a slow machine
  configure({ asyncUtilTimeout: 20_000 });
});
beforeEach(() => {
  worker.now = 'answer';
  worker.asked.length = 0;
});

/** Remedies of the water's findings are found as on its panel. */
function Mended() {
  useRemedies('water');
  return null;
}

const planNow = (): Plan => useBench.getState().plan as Plan;
const wet = (): Plan => ({ ...sample('pell-garth'), rain: newRain(sample('pell-garth')) });

async function shown(plan: Plan): Promise<HTMLElement> {
  act(() => openPlan(plan, 1, DAY));
  show(
    <>
      <Mended />
      <RainBench close={() => {}} />
    </>,
  );
  return screen.findByRole('dialog');
}
const part = (id: string): HTMLElement => {
  const found = document.querySelector<HTMLElement>(`[data-rain-part="${id}"]`);
  if (!found) throw new Error(id);
  return found;
};
const drawn = (id: string): SVGGElement | null =>
  document.querySelector(`[data-drawn-part="${id}"]`);
const changed = (recipe: (rain: NonNullable<Plan['rain']>, plan: Plan) => void): void =>
  act(() => {
    const outcome = edit('Changed', (d) => {
      if (d.rain) recipe(d.rain, d);
    });
    expect(outcome).toMatchObject({ ok: true });
  });

describe('rain on the workbench', () => {
  test('each part of its way is judged, and its fault is told and mended in its own place', async () => {
    const bench = await shown(wet());
    const parts = ['roof', 'gutter', 'flush', 'barrel', 'stand', 'overflow', 'line'];
    for (const id of parts) expect(part(id)).toHaveTextContent('in order');
    expect(within(part('gutter')).getByText('Carries').parentElement).toHaveTextContent('2.16 L/s');
    expect(within(part('stand')).getByText('Bears').parentElement).toHaveTextContent('208 kg');
    // until a drinker hangs on it, no line is drawn
    expect(drawn('line')).toBeNull();
    expect(part('line')).toHaveTextContent('you fill the drinkers from the barrel');
    expect(spoilt(bench)).toEqual([]);

    changed((r) => {
      r.barrel.overflow = 'footings';
    });
    expect(part('overflow')).toHaveTextContent('awkward');
    expect(drawn('overflow')?.querySelector('[data-mark-kind="awkward"]')).toBeInTheDocument();
    expect(part('gutter')).toHaveTextContent('in order');
    fireEvent.click(
      await within(part('overflow')).findByRole('button', {
        name: 'Lead the overflow away from the footings',
      }),
    );
    expect(planNow().rain?.barrel.overflow).toBe('away');
    expect(part('overflow')).toHaveTextContent('in order');
    act(() => undo());
    expect(part('overflow')).toHaveTextContent('awkward');
  });

  test('a part is picked where it is drawn or in its row: its fields and its row are marked', async () => {
    await shown(wet());
    const row = (name: RegExp) => screen.getByRole('button', { name });
    const fields = (name: string) => screen.getByRole('group', { name });
    fireEvent.click(drawn('flush') as SVGGElement);
    expect(row(/^First rain/)).toHaveAttribute('aria-pressed', 'true');
    expect(fields('First dirty water')).toHaveAttribute('data-picked');
    expect(fields('Barrel')).not.toHaveAttribute('data-picked');
    fireEvent.click(row(/^Stand/));
    expect(row(/^First rain/)).toHaveAttribute('aria-pressed', 'false');
    expect(fields('Barrel')).toHaveAttribute('data-picked');
    expect(fields('First dirty water')).not.toHaveAttribute('data-picked');
  });

  test('before a door the barrel is told of, and moved along its wall', async () => {
    await shown(wet());
    changed((r, d) => {
      const { side, alongM } = r.barrel;
      d.fixtures.push({ ...newPopDoor(d), id: 'own-door', wall: side, alongM });
    });
    expect(part('barrel')).toHaveTextContent('Nobody gets through');
    const before = planNow().rain?.barrel.alongM;
    fireEvent.click(
      await within(part('barrel')).findByRole('button', { name: /^Stand the barrel/ }),
    );
    expect(planNow().rain?.barrel.alongM).not.toBe(before);
    expect(part('barrel')).not.toHaveTextContent('Nobody gets through');
  });

  test('another barrel is tried without being taken, then taken in one step', async () => {
    await shown(wet());
    const slider = await screen.findByRole('slider', { name: /^Try another barrel/ });
    expect(worker.asked).toEqual(['plan']);
    const told = (): string | null =>
      document.querySelector('[data-outlook="done"] [data-reason]')?.textContent ?? null;
    expect(told()).toContain('on every day without frost');
    fireEvent.change(slider, { target: { value: '20' } });
    expect(worker.asked).toEqual(['plan', 'barrel']);
    await waitFor(() => expect(told()).toContain('% of days without frost'));
    expect(planNow().rain?.barrel.litres).toBe(200);
    fireEvent.click(screen.getByRole('button', { name: 'Take this barrel' }));
    expect(planNow().rain?.barrel.litres).toBe(20);
    expect(screen.queryByRole('button', { name: 'Take this barrel' })).not.toBeInTheDocument();
    act(() => undo());
    expect(planNow().rain?.barrel.litres).toBe(200);
  });

  test('of two barrels each is half of what is tried', async () => {
    const plan = wet();
    if (plan.rain) plan.rain = { ...plan.rain, barrel: { ...plan.rain.barrel, count: 2 } };
    await shown(plan);
    const slider = await screen.findByRole('slider', { name: /^Try another barrel/ });
    expect(slider).toHaveValue('400');
    fireEvent.change(slider, { target: { value: '300' } });
    fireEvent.click(screen.getByRole('button', { name: 'Take this barrel' }));
    expect(planNow().rain?.barrel).toMatchObject({ litres: 150, count: 2 });
  });

  test('where no place is known, or its worker breaks, it says so and the rest stands', async () => {
    await shown({ ...wet(), climate: null });
    expect(await screen.findByText(/Choose a climate under Air/)).toBeInTheDocument();
    expect(part('gutter')).toHaveTextContent('Carries');
    expect(part('roof')).not.toHaveTextContent('Brings in a mean year');
  });

  test('a worker that breaks is told of', async () => {
    worker.now = 'break';
    await shown(wet());
    expect(await screen.findByText('It could not be worked. Open it again.')).toBeInTheDocument();
    expect(part('stand')).toHaveTextContent('Bears');
  });
});
