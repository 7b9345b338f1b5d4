import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { DAY, sample } from '@/core/tests/plans';
import { Figures } from '../figure/shown';
import { useRefused } from '../forms/refused';
import { FlockFields } from '../panel/flock/FlockFields';
import { StationPanel } from '../panel/StationPanel';
import { goTo, openPlan, undo, useAssessment, useBench, usePlan } from '../session/bench';
import { FlockScreen } from './FlockScreen';

beforeAll(() => {
  globalThis.ResizeObserver = class {
    observe(): void {}
    unobserve(): void {}
    disconnect(): void {}
  };
  Element.prototype.scrollIntoView = jest.fn() as never;
  Element.prototype.hasPointerCapture = (() => false) as never;
});

function Shown({ children }: { children: ReactNode }) {
  return (
    <Figures assessment={useAssessment()} plan={usePlan()}>
      {children}
    </Figures>
  );
}

const show = (part: ReactNode) => render(<Shown>{part}</Shown>);
const plan = () => {
  const open = useBench.getState().plan;
  if (!open) throw new Error('no plan');
  return open;
};
const codes = () => useBench.getState().assessment?.findings.map((f) => f.code) ?? [];
const group = (id: string) =>
  within(document.querySelector<HTMLElement>(`[data-group="${id}"]`) ?? document.body);
const type = async (label: RegExp | string, text: string): Promise<void> => {
  const field = screen.getByLabelText(label, { selector: 'input, select, textarea' });
  await userEvent.click(field);
  // a field selects its text in the frame after it was gone to
  await new Promise((r) => setTimeout(r, 40));
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
};

beforeEach(() => useRefused.setState({ list: [] }));

describe('a breed is chosen', () => {
  beforeEach(() => openPlan(sample('pell-garth'), 1, DAY));

  test('by words of its own, and the group takes its figures', async () => {
    show(<FlockScreen />);
    await userEvent.click(group('sussex').getByRole('button', { name: 'Breed: Sussex' }));
    await userEvent.type(screen.getByPlaceholderText(/class, egg colour/), 'giant feather cold');
    expect(screen.getByText(/No breed has all of these words/)).toBeInTheDocument();
    await userEvent.clear(screen.getByPlaceholderText(/class, egg colour/));
    await userEvent.type(screen.getByPlaceholderText(/class, egg colour/), 'jersey{Enter}');
    expect(plan().flock[0]).toMatchObject({ breed: 'jersey-giant', massKg: null, figures: {} });
    expect(useBench.getState().assessment?.figures.get('flock.sussex.mass')?.value).toBe(4.5);
  });

  test('or made of another, apart from the catalogue', async () => {
    show(<FlockScreen />);
    await userEvent.click(group('marans').getByRole('button', { name: 'Breed: Marans' }));
    await userEvent.click(screen.getByRole('button', { name: 'Make it my own breed' }));
    expect(plan().ownBreeds).toMatchObject([{ id: 'own-1', name: 'My Marans', henKg: 3 }]);
    expect(plan().flock[1]?.breed).toBe('own-1');
    await userEvent.click(screen.getByRole('button', { name: 'More of Marans' }));
    await type('Breed’s name', 'Hill Marans');
    expect(plan().ownBreeds[0]?.name).toBe('Hill Marans');
    await userEvent.selectOptions(
      group('marans').getByLabelText('Comb', { selector: 'input, select, textarea' }),
      'rose',
    );
    expect(plan().ownBreeds[0]?.comb).toBe('rose');
    expect(plan().flock[1]?.figures).toEqual({});
    undo();
    undo();
    undo();
    expect(plan().ownBreeds).toEqual([]);
  });
});

describe("a group's own figures", () => {
  beforeEach(() => openPlan(sample('osk-landing'), 1, DAY));

  test('stand beside the breed’s and are given back one by one', async () => {
    show(<FlockScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'More of Brahma' }));
    await type('Eggs in the first year', '100');
    await type(/One egg/, '50');
    await userEvent.selectOptions(
      group('brahma').getByLabelText('Hardy in cold', { selector: 'input, select, textarea' }),
      '2',
    );
    await userEvent.selectOptions(
      group('brahma').getByLabelText('Flight', { selector: 'input, select, textarea' }),
      'strong',
    );
    expect(plan().flock[0]?.figures).toEqual({
      eggsYear: 100,
      eggKg: 0.05,
      coldHardy: 2,
      flight: 'strong',
    });
    const back = screen.getAllByRole('button', { name: /take the breed's/ });
    expect(back).toHaveLength(4);
    await userEvent.click(back[0] as HTMLElement);
    expect(plan().flock[0]?.figures.eggsYear).toBeUndefined();
  });

  test('a figure no bird has is refused at its field', async () => {
    show(<FlockScreen />);
    await userEvent.click(screen.getByRole('button', { name: 'More of Brahma' }));
    await type('Eggs in the first year', '400');
    expect(group('brahma').getByRole('alert')).toHaveTextContent('from 0 to 365');
    await type('First egg at, weeks', 'soon');
    expect(plan().flock[0]?.figures).toEqual({});
  });

  test('unsexed chicks ask when they are sorted, and cocks kept are held to half', async () => {
    show(<FlockScreen />);
    await userEvent.selectOptions(
      group('pullets').getByLabelText('Sex', { selector: 'input, select, textarea' }),
      'unsexed',
    );
    expect(codes()).toContain('flock.cocks.undecided');
    await userEvent.click(screen.getByRole('button', { name: 'More of Pullets kept' }));
    await userEvent.type(
      screen.getByLabelText('Cocks are taken out on', { selector: 'input, select, textarea' }),
      '2027-08-20',
    );
    await userEvent.tab();
    expect(plan().flock[3]?.sorted).toEqual({ on: '2027-08-20', cocksKept: 0 });
    await type('Cocks that stay', '7');
    expect(group('pullets').getByRole('alert')).toHaveTextContent('from 0 to 6');
    await type('Cocks that stay', '2');
    expect(plan().flock[3]?.sorted?.cocksKept).toBe(2);
  });

  test('years ahead are chosen, and the horizon follows', async () => {
    show(<FlockScreen />);
    await userEvent.selectOptions(
      screen.getByLabelText('years ahead', { selector: 'input, select, textarea' }),
      '5',
    );
    expect(useBench.getState().assessment?.flock.horizon.length).toBe(1827);
  });
});

describe('the place and its rules', () => {
  beforeEach(() => openPlan(sample('pell-garth'), 1, DAY));

  test('another climate brings its latitude along, and none takes the design nights away', async () => {
    show(<FlockFields />);
    await userEvent.selectOptions(
      screen.getByLabelText('Climate', { selector: 'input, select, textarea' }),
      'far-north',
    );
    expect(plan().climate).toMatchObject({ latitudeDeg: 67.4, exposure: 'open' });
    expect(document.querySelector('[data-figure="climate.designWinter"]')).toHaveTextContent(
      '−26 °C',
    );
    await type(/Latitude/, '60,5');
    expect(plan().climate?.latitudeDeg).toBe(60.5);
    await type(/Latitude/, '95');
    expect(screen.getByRole('alert')).toHaveTextContent('from −90 to 90');
    await userEvent.selectOptions(
      screen.getByLabelText('Climate', { selector: 'input, select, textarea' }),
      'none',
    );
    expect(plan().climate).toBeNull();
    expect(screen.getByText(/worked at 20 °C/)).toBeInTheDocument();
  });

  test('an altitude is read in the plan’s units', async () => {
    openPlan({ ...sample('pell-garth'), units: 'imperial' }, 1, DAY);
    show(<FlockFields />);
    await type(/Altitude/, '1000 ft');
    expect(plan().climate?.altitudeM).toBeCloseTo(304.8, 6);
  });

  test('normals are read as they are pasted, and taken by a press', async () => {
    show(<FlockFields />);
    await userEvent.selectOptions(
      screen.getByLabelText('Climate', { selector: 'input, select, textarea' }),
      'pasted',
    );
    const box = screen.getByLabelText(/Twelve months/, { selector: 'input, select, textarea' });
    await userEvent.click(box);
    await userEvent.paste('1\t2\t3');
    expect(screen.getByRole('alert')).toHaveTextContent('Twelve months are needed');
    await userEvent.clear(box);
    await userEvent.paste(Array.from({ length: 12 }, (_, m) => `${m}\t${m + 10}`).join('\n'));
    expect(screen.getByText(/from 0 °C to 21 °C/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Use these normals' }));
    expect(plan().climate?.source.kind).toBe('normals');
  });

  test('limits are typed, hold the plan, and are taken back by emptying the field', async () => {
    show(<FlockFields />);
    await userEvent.click(screen.getByText('Local rules'));
    await type('Most birds', '10');
    await type('Permit from', '12');
    expect(codes()).toEqual(expect.arrayContaining(['flock.limit.birds', 'flock.limit.permit']));
    await userEvent.clear(
      screen.getByLabelText('Most birds', { selector: 'input, select, textarea' }),
    );
    await userEvent.tab();
    expect(plan().limits.mostBirds).toBeNull();
    await type(/Least setback/, '3 m');
    await type(/The coop stands at/, '250 cm');
    expect(plan().limits).toMatchObject({ setbackM: 3, standsM: 2.5 });
    expect(codes()).toContain('flock.limit.setback');
    await userEvent.click(
      screen.getByLabelText(/A housing order is in force/, { selector: 'input, select, textarea' }),
    );
    expect(plan().limits.housingOrder).toBe(true);
  });

  test('what the flock asks for stands beside what it asks today, with its day', () => {
    show(<FlockFields />);
    const row = document.querySelector('[data-demand="inLay"]');
    expect(row).toHaveTextContent('8 hens');
    expect(row).toHaveTextContent('14 hens');
    expect(row).toHaveTextContent('26 Aug next year');
  });
});

describe('remedies', () => {
  beforeEach(() => openPlan(sample('pell-garth'), 1, DAY));

  test('are worked out after the edit, do what they say, and are undone by one', async () => {
    goTo('roosts');
    show(<StationPanel />);
    await waitFor(() => expect(document.querySelector('[data-remedy]')).not.toBeNull(), {
      timeout: 10_000,
    });
    const button = screen.getByRole('button', {
      name: /Lengthen Rear bar and Front bar to 2.70 m/,
    });
    await userEvent.hover(button);
    expect(useBench.getState().ghost?.rails.roosts).toBeGreaterThan(6);
    await userEvent.unhover(button);
    expect(useBench.getState().ghost).toBeNull();
    await userEvent.click(button);
    expect(codes()).not.toContain('roosts.length.short');
    expect(plan().fixtures[0]).toMatchObject({ lengthM: 2.7 });
    undo();
    expect(plan()).toEqual(sample('pell-garth'));
  }, 20_000);
});
