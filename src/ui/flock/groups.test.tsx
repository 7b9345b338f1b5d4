import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DAY, sample } from '@/core/tests/plans';
import { useRefused } from '../forms/refused';
import { openPlan, useBench } from '../session/bench';
import { show, standIns } from '../tests/shown';
import { FlockScreen } from './FlockScreen';

beforeAll(standIns);

const plan = () => useBench.getState().plan;

beforeEach(() => useRefused.setState({ list: [] }));

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
