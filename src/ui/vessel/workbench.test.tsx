import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { act, configure, fireEvent, screen, within } from '@testing-library/react';
import { bodiesFor, newMade } from '@/core/edit/new/homeMade';
import { METRES_PER_INCH } from '@/core/kernel/units/factors.data';
import type { Feeder, Plan, Vessel } from '@/core/model/schema';
import { DAY, sample } from '@/core/tests/plans';
import { spoilt, standIns } from '../tests/shown';

const taken: unknown[][] = [];
let refused: string | null = null;
jest.unstable_mockModule('../furniture/takeDrawing', () => ({
  takeStrip: (...what: unknown[]) => {
    taken.push(what);
    return Promise.resolve(refused);
  },
}));
const { openPlan, undo, useBench } = await import('../session/bench');
const { show } = await import('../tests/shown');
const { Workbench } = await import('./Workbench');

beforeAll(() => {
  standIns();
  configure({ asyncUtilTimeout: 20_000 });
});
beforeEach(() => {
  taken.length = 0;
  refused = null;
});

const planNow = (): Plan => useBench.getState().plan as Plan;
const vessel = (): Vessel => planNow().fixtures.find((f) => f.id === 'made') as Vessel;

/** Pell Garth with its first feeder or drinker made at home. */
function made(units: Plan['units'], parts: Partial<Vessel>, kind: Vessel['kind'] = 'feeder'): Plan {
  const plan: Plan = { ...sample('pell-garth'), units };
  return {
    ...plan,
    fixtures: plan.fixtures.map((f) => {
      if (f.kind !== kind) return f;
      const v = {
        ...f,
        capacityL: null,
        hung: false,
        onWall: false,
        ...parts,
        id: 'made',
      } as Vessel;
      return { ...v, made: newMade(v, units) };
    }),
  };
}
async function shown(plan: Plan): Promise<HTMLElement> {
  act(() => openPlan(plan, 1, DAY));
  show(<Workbench id="made" close={() => {}} />);
  return screen.findByRole('dialog');
}
const box = (name: string): HTMLElement =>
  screen.getByRole('textbox', { name: new RegExp(`^${name}`) });
const type = (name: string, text: string): void => {
  fireEvent.change(box(name), { target: { value: text } });
  fireEvent.keyDown(box(name), { key: 'Enter' });
};
const choose = (name: string, id: string): void =>
  void fireEvent.change(screen.getByRole('combobox', { name }), { target: { value: id } });
/** One line of what is cut: as it was worked, and on the tape. */
const cut = (name: string): string[] => {
  const row = screen.getByRole('rowheader', { name }).closest('tr') as HTMLElement;
  return within(row)
    .getAllByRole('cell')
    .map((c) => c.textContent ?? '');
};
const marks = (): string[] =>
  [...document.querySelectorAll('[data-marks] li strong')].map((e) => e.textContent ?? '');

describe('a vessel on the workbench', () => {
  test('fields, drawing and figures move together, each change one step', async () => {
    const bench = await shown(made('metric', { type: 'port', outlets: 4 } as Partial<Feeder>));
    const picture = () => screen.getByRole('img', { name: /cut open/ }).getAttribute('aria-label');
    expect(picture()).toContain('across 400 mm');
    expect(cut('Round it at the holes')).toEqual(['1256.6 mm', '1257 mm']);
    expect(cut('From middle to middle')).toEqual(['314.2 mm', '314 mm']);
    expect(marks()).toEqual(['0 mm', '314 mm', '628 mm', '942 mm']);
    type('Outside, across', '50 cm');
    expect(vessel().made?.body).toMatchObject({ shape: 'can', acrossM: 0.5 });
    expect(picture()).toContain('across 500 mm');
    expect(cut('Round it at the holes')).toEqual(['1570.8 mm', '1571 mm']);
    type('How many', '6');
    expect(marks()).toHaveLength(6);
    expect(spoilt(bench)).toEqual([]);
    act(() => undo());
    expect(marks()).toHaveLength(4);
    act(() => undo());
    expect(picture()).toContain('across 400 mm');
  });

  test('measured round with the tape, it is the same can', async () => {
    await shown(made('imperial', { type: 'port', outlets: 4 } as Partial<Feeder>));
    const was = vessel().made?.body;
    choose('Measured', 'round');
    expect(vessel().made?.body).toEqual(was);
    type('Outside, round it', '50 1/4');
    const body = vessel().made?.body;
    if (body?.shape !== 'can') throw new Error('a can');
    expect(body.acrossM * Math.PI).toBeCloseTo(50.25 * METRES_PER_INCH, 4);
    expect(cut('Round it at the holes')[1]).toBe('50 1/4 in');
  });

  test('another body brings its own measures, and holes that follow its taper', async () => {
    await shown(made('metric', { type: 'port', outlets: 3 } as Partial<Feeder>));
    choose('Made from', 'pail');
    expect(screen.queryByRole('textbox', { name: /^Outside, across/ })).not.toBeInTheDocument();
    expect(box('Top, across')).toHaveValue('30 cm');
    expect(box('Foot, across')).toHaveValue('26 cm');
    const round = Number.parseFloat(cut('Round it at the holes')[0] ?? '');
    expect(round).toBeGreaterThan(Math.PI * 260);
    expect(round).toBeLessThan(Math.PI * 300);
    choose('Made from', 'pipe');
    // a standing pipe is its own port: nothing is marked round it
    expect(document.querySelector('[data-marks]')).toBeNull();
    expect(screen.queryByRole('button', { name: /Strip at full size/ })).not.toBeInTheDocument();
  });

  test('the keeper’s own tape: eighths, thirty-seconds, millimetres', async () => {
    await shown(made('imperial', { type: 'port', outlets: 3 } as Partial<Feeder>));
    const arc = (): string => cut('From middle to middle')[1] ?? '';
    expect(arc()).toMatch(/\d+ (\d+\/(2|4|8|16) )?in/);
    choose('Your tape is in', 'mm');
    expect(arc()).toMatch(/^\d+ mm$/);
    choose('Your tape is in', 'thirtySeconds');
    const [worked] = cut('From middle to middle');
    const told = arc();
    const [whole = '0', fraction = '0/1'] = told.replace(' in', '').split(' ');
    const [over = 0, under = 1] = fraction.split('/').map(Number);
    expect(Math.abs(Number(whole) + over / under - Number.parseFloat(worked ?? ''))).toBeLessThan(
      1 / 64 + 1e-3,
    );
    expect(planNow().keeper.tape).toBe('thirtySeconds');
  });

  test('what cannot be made is told at once, and mended by a press or by hand', async () => {
    const bench = await shown(made('metric', { type: 'port', outlets: 3 } as Partial<Feeder>));
    type('How many', '20');
    expect(within(bench).getByText('Ports too close together')).toBeInTheDocument();
    type('How many', '3');
    expect(within(bench).queryByText('Ports too close together')).not.toBeInTheDocument();
    // what no one can read stays in its field, with why
    type('Wall', 'thin');
    expect(box('Wall')).toHaveValue('thin');
    expect(box('Wall')).toHaveAccessibleDescription(/\w+/);
    expect(vessel().made?.wallM).toBe(0.002);
    fireEvent.keyDown(box('Wall'), { key: 'Escape' });
    expect(box('Wall')).toHaveValue('0.2 cm');
  });

  test('what stands weighs what it weighs; hung, it pulls harder', async () => {
    await shown(made('metric', { type: 'port', outlets: 3 } as Partial<Feeder>));
    const kg = (name: string): number =>
      Number.parseFloat(
        screen.getByText(name).parentElement?.querySelector('dd')?.textContent ?? '',
      );
    const stands = kg('Full it weighs');
    fireEvent.click(screen.getByRole('checkbox', { name: 'It hangs' }));
    const hangs = kg('Full and swinging it pulls like');
    expect(hangs).toBeGreaterThan(stands * 1.2);
    expect(hangs).toBeLessThan(stands * 1.26);
    expect(screen.queryByRole('checkbox', { name: 'Fixed to the wall' })).not.toBeInTheDocument();
  });

  test('its strip is made; what goes wrong with it is told', async () => {
    await shown(made('metric', { type: 'port', outlets: 3 } as Partial<Feeder>));
    refused = 'The server does not answer.';
    fireEvent.click(screen.getByRole('button', { name: 'Strip at full size (PDF)' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('The server does not answer.');
    expect(taken[0]?.[1]).toBe('made');
    refused = null;
    fireEvent.click(screen.getByRole('button', { name: 'Strip at full size (PDF)' }));
    await act(() => Promise.resolve());
    expect(screen.queryByRole('alert')).not.toBeInTheDocument();
  });

  test.each([
    ...(['tube', 'trough', 'port', 'pedal', 'holes'] as const).map((t) => ['feeder', t] as const),
    ...(['bucket', 'cup', 'nipple'] as const).map((t) => ['drinker', t] as const),
  ])(
    'a %s of kind %s from each of its bodies: no figure and no line that is none',
    async (kind, t) => {
      const plan = made('metric', { type: t, outlets: 3 } as Partial<Vessel>, kind);
      const bench = await shown(plan);
      for (const shape of bodiesFor(vessel())) {
        if (bodiesFor(vessel()).length > 1) choose('Made from', shape);
        expect(vessel().made?.body.shape).toBe(shape);
        expect(spoilt(bench)).toEqual([]);
        expect(bench.textContent).not.toMatch(/NaN|undefined|Infinity/);
        expect(screen.getByText('Birds can have')).toBeInTheDocument();
      }
    },
  );
});
