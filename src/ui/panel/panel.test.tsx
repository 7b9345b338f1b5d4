import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { act, screen } from '@testing-library/react';
import { DAY, sample } from '@/core/tests/plans';
import { useRefused } from '../forms/refused';
import { goTo, openPlan } from '../session/bench';
import { show, standIns } from '../tests/shown';
import { StationPanel } from './StationPanel';

beforeAll(standIns);

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

  test('cautions that a choice brings stand where it is made, the others on the sheet', () => {
    goTo('water');
    show(<StationPanel />);
    expect(screen.getByText('Put no vinegar in galvanised vessels.')).toBeInTheDocument();
    act(() => goTo('roosts'));
    expect(screen.queryByText(/A person must not hang from bars/)).toBeNull();
    expect(screen.getByRole('link', { name: /All cautions of this plan/ })).toBeInTheDocument();
  });
});
