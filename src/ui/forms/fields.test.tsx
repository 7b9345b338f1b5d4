import '@testing-library/jest-dom/jest-globals';
import { expect, jest, test } from '@jest/globals';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { fail, issue, type Outcome, ok } from '@/core/kernel/outcome';
import type { UnitSystem } from '@/core/kernel/units/length';
import { useBench } from '../session/bench';
import { CountField, LengthField, TextField } from './fields';
import { useRefused } from './refused';

/** A field on a value of its own, as a panel has it. */
function Holder({
  start,
  units = 'metric',
  onTake,
}: {
  start: number;
  units?: UnitSystem;
  onTake?: (m: number) => void;
}) {
  const [value, setValue] = useState(start);
  const commit = (m: number): Outcome<number> => {
    setValue(m);
    onTake?.(m);
    return ok(m);
  };
  return (
    <LengthField label="Length" value={value} units={units} least={0.05} most={5} commit={commit} />
  );
}

const field = () =>
  screen.getByLabelText<HTMLInputElement>(/Length/, { selector: 'input, select, textarea' });

test('a length is echoed as it is typed, committed on Enter, and given back as it was typed', async () => {
  const user = userEvent.setup();
  const taken: number[] = [];
  render(<Holder start={1.2} onTake={(m) => taken.push(m)} />);
  expect(field()).toHaveValue('1.20 m');
  await user.clear(field());
  await user.type(field(), '6\' 10 1/2"');
  expect(screen.getByText('= 2.10 m')).toBeInTheDocument();
  await user.keyboard('{Enter}');
  expect(taken).toEqual([2.0955]);
  await user.tab();
  expect(field()).toHaveValue('2.10 m');
  await user.click(field());
  expect(field()).toHaveValue('6\' 10 1/2"');
  await user.tab();
  expect(taken).toEqual([2.0955]);
});

test('what cannot be read stays in the field, with what is wrong, and commits nothing', async () => {
  const user = userEvent.setup();
  const taken = jest.fn<(m: number) => void>();
  render(<Holder start={1.2} onTake={taken} />);
  await user.clear(field());
  await user.type(field(), '1.234,5');
  await user.tab();
  expect(field()).toHaveValue('1.234,5');
  expect(screen.getByRole('alert')).toHaveTextContent('two separators');
  expect(field()).toHaveAccessibleDescription(/two separators/);
  expect(taken).not.toHaveBeenCalled();
  await user.click(field());
  await user.keyboard('{Escape}');
  expect(field()).toHaveValue('1.20 m');
  expect(screen.queryByRole('alert')).toBeNull();
});

test('a length beyond its bounds names them in the units shown', async () => {
  const user = userEvent.setup();
  render(<Holder start={1.2} units="imperial" />);
  await user.clear(field());
  await user.type(field(), '99 ft{Enter}');
  expect(screen.getByRole('alert')).toHaveTextContent('from 2″ to 16′');
});

test('arrow keys step by 1 cm, ten with Shift; half an inch in imperial', () => {
  const taken: number[] = [];
  const { unmount } = render(<Holder start={1.2} onTake={(m) => taken.push(m)} />);
  fireEvent.keyDown(field(), { key: 'ArrowUp' });
  fireEvent.keyDown(field(), { key: 'ArrowDown', shiftKey: true });
  unmount();
  render(<Holder start={1} units="imperial" onTake={(m) => taken.push(m)} />);
  fireEvent.keyDown(field(), { key: 'ArrowUp' });
  expect(taken).toEqual([1.21, 1.11, 1.0127]);
});

test('a count takes whole numbers within its bounds', async () => {
  const user = userEvent.setup();
  const take = jest.fn((n: number): Outcome<number> => ok(n));
  render(<CountField label="Birds" value={4} least={1} most={2000} commit={take} />);
  const input = screen.getByLabelText(/Birds/, { selector: 'input, select, textarea' });
  for (const wrong of ['0', '2.5', 'six', '2001']) {
    await user.clear(input);
    await user.type(input, `${wrong}{Enter}`);
    expect(screen.getByRole('alert')).toHaveTextContent('not a whole number from 1 to 2000');
  }
  await user.clear(input);
  await user.type(input, '12{Enter}');
  expect(take.mock.calls).toEqual([[12]]);
});

test('a name that cannot be taken stays, with the reason', async () => {
  const user = userEvent.setup();
  render(<TextField label="Name" value="Bar" commit={() => fail(issue('name.empty'))} />);
  await user.clear(screen.getByLabelText('Name', { selector: 'input, select, textarea' }));
  await user.tab();
  await waitFor(() => expect(screen.getByRole('alert')).toHaveTextContent('Give it a name.'));
  expect(screen.getByLabelText('Name', { selector: 'input, select, textarea' })).toHaveValue('');
});

test.each([
  ['8', 2.4384],
  ['96', 2.4384],
  ['30', 9.144],
  ['31', 0.7874],
  ['7 ft', 2.1336],
] as const)(
  'in a room of an imperial plan %s is %d m, and the field echoes it',
  async (text, m) => {
    const taken: number[] = [];
    render(
      <LengthField
        label="Length"
        value={1}
        units="imperial"
        of="room"
        commit={(v) => {
          taken.push(v);
          return ok(v);
        }}
      />,
    );
    // typed at once: the field selects its text a frame after it is entered
    const input = screen.getByLabelText(/Length/, { selector: 'input, select, textarea' });
    fireEvent.change(input, { target: { value: text } });
    expect(screen.getByText(/^= /)).toBeInTheDocument();
    fireEvent.keyDown(input, { key: 'Enter' });
    expect(taken).toEqual([expect.closeTo(m, 9)]);
  },
);

test('a year that nobody means is asked about, and kept where Enter is pressed again', async () => {
  const user = userEvent.setup();
  useBench.setState({ on: '2026-11-24' });
  const taken: string[] = [];
  const commit = (day: string): Outcome<string> => {
    taken.push(day);
    return ok(day);
  };
  render(<TextField label="Hatched" type="date" value="2025-04-01" commit={commit} />);
  const day = screen.getByLabelText('Hatched');
  fireEvent.change(day, { target: { value: '1850-04-01' } });
  await user.click(document.body);
  fireEvent.blur(day);
  expect(screen.getByRole('alert')).toHaveTextContent('Do you mean the year 1850?');
  expect(taken).toEqual([]);
  fireEvent.keyDown(day, { key: 'Enter' });
  expect(taken).toEqual(['1850-04-01']);
  fireEvent.change(day, { target: { value: '2024-04-01' } });
  fireEvent.keyDown(day, { key: 'Enter' });
  expect(taken).toEqual(['1850-04-01', '2024-04-01']);
});

test('a refused text stands in its field again when the field comes back', async () => {
  const user = userEvent.setup();
  useRefused.setState({ list: [] });
  const { unmount } = render(<Holder start={1.2} />);
  await user.clear(field());
  await user.type(field(), 'long{Enter}');
  expect(useRefused.getState().list).toMatchObject([{ label: 'Length', text: 'long' }]);
  unmount();
  render(<Holder start={1.2} />);
  expect(field()).toHaveValue('long');
  expect(screen.getByRole('alert')).toHaveTextContent('"long" is not a length');
  await user.clear(field());
  await user.type(field(), '1.5 m{Enter}');
  expect(field()).toHaveValue('1.50 m');
  expect(useRefused.getState().list).toEqual([]);
});
