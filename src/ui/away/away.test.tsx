import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { act, configure, fireEvent, screen } from '@testing-library/react';
import type { Plan } from '@/core/model/schema';
import { DAY, sample } from '@/core/tests/plans';
import { standIns } from '../tests/shown';
import { storesHere } from '../tests/storesHere';

const worker = storesHere();
const taken: unknown[][] = [];
let refused: string | null = null;
jest.unstable_mockModule('../furniture/takeDrawing', () => ({
  takeSitter: (...what: unknown[]) => {
    taken.push(what);
    return Promise.resolve(refused);
  },
}));
const { edit, openPlan } = await import('../session/bench');
const { show } = await import('../tests/shown');
const { AwayDialog } = await import('./AwayDialog');

beforeAll(() => {
  standIns();
  // thirty years take their time on a slow machine
  configure({ asyncUtilTimeout: 20_000 });
});
beforeEach(() => {
  worker.now = 'answer';
  worker.asked.length = 0;
  taken.length = 0;
  refused = null;
});

function shown(plan: Plan): void {
  act(() => openPlan(plan, 1, DAY));
  show(<AwayDialog close={() => {}} />);
}
const sentence = async (): Promise<string> => {
  const found = await screen.findByText(/\w/, { selector: '[data-away]' });
  return found.textContent ?? '';
};
const type = (label: string, value: string): void =>
  void fireEvent.change(screen.getByLabelText(label), { target: { value } });

describe('days away', () => {
  test('it begins with a week from tomorrow, and names what ends it first', async () => {
    shown(sample('pell-garth'));
    expect(screen.getByLabelText('Leave on')).toHaveValue('2026-11-25');
    expect(screen.getByLabelText('Back on')).toHaveValue('2026-12-02');
    expect(await sentence()).toMatch(
      /^They can be left \d of the 7 days\. \w+( \w+)? ends? it first\.$/,
    );
    const limits = [...document.querySelectorAll('[data-limit]')].map((e) =>
      e.getAttribute('data-limit'),
    );
    expect([...limits].sort()).toEqual(['droppings', 'eggs', 'feed', 'frost', 'water']);
    expect(screen.getByText(/Somebody must look in every day all the same/)).toBeInTheDocument();
  });

  test('more food in the feeder is more days of it', async () => {
    const plan = sample('pell-garth');
    shown(plan);
    await sentence();
    const days = (): string =>
      document.querySelector('[data-limit="feed"] .figures')?.textContent ?? '';
    act(() => {
      edit('A small feeder', (d) => {
        for (const f of d.fixtures) if (f.kind === 'feeder') f.capacityL = 2;
      });
    });
    await sentence();
    const few = Number.parseInt(days(), 10);
    expect(few).toBeLessThan(7);
    act(() => {
      edit('A large feeder', (d) => {
        for (const f of d.fixtures) if (f.kind === 'feeder') f.capacityL = 60;
      });
    });
    await sentence();
    expect(days()).toBe('all of the time');
  });

  test('days that are none, or the wrong way round, are told of and nothing is asked', async () => {
    shown(sample('pell-garth'));
    await sentence();
    const before = worker.asked.length;
    type('Back on', '2026-11-20');
    const alert = await screen.findByRole('alert');
    expect(alert).toHaveTextContent(/\w+/);
    expect(screen.getByLabelText('Back on')).toHaveAccessibleDescription(alert.textContent ?? '');
    expect(document.querySelector('[data-away]')).toBeNull();
    expect(screen.queryByRole('button', { name: /Sheet for the sitter/ })).not.toBeInTheDocument();
    expect(worker.asked.length).toBe(before);
    type('Back on', '2026-11-27');
    expect(await sentence()).toContain('2 days');
    expect(screen.queryByRole('alert')).not.toBeInTheDocument();
  });

  test('the sheet is made for these days; what goes wrong with it is told', async () => {
    shown(sample('pell-garth'));
    await sentence();
    type('Leave on', '2026-11-26');
    await sentence();
    refused = 'The server does not answer.';
    fireEvent.click(screen.getByRole('button', { name: 'Sheet for the sitter (PDF)' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('The server does not answer.');
    expect(taken[0]?.slice(1)).toEqual(['2026-11-26', '2026-12-02']);
    expect(screen.getByRole('link', { name: 'See it on the screen' })).toHaveAttribute(
      'href',
      '/plans/pell-garth/away?from=2026-11-26&to=2026-12-02',
    );
    // again, and it comes
    refused = null;
    fireEvent.click(screen.getByRole('button', { name: 'Sheet for the sitter (PDF)' }));
    await act(() => Promise.resolve());
    expect(screen.queryByRole('alert')).not.toBeInTheDocument();
  });

  test('a worker that breaks is told of', async () => {
    worker.now = 'break';
    shown(sample('pell-garth'));
    expect(await screen.findByText('It could not be worked. Open it again.')).toBeInTheDocument();
  });
});
