import '@testing-library/jest-dom/jest-globals';
import { expect, test } from '@jest/globals';
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { DAY } from '@/core/tests/plans';
import { readFlock } from '@/text/flockWords';
import { WhoQuestion } from './WhoQuestion';

function Asking({ begin }: { begin: string }) {
  const [text, change] = useState(begin);
  return <WhoQuestion text={text} flock={readFlock(text, DAY)} change={change} />;
}

const field = (): HTMLElement => screen.getByLabelText('Who will live in it?');
const chips = (): string[] =>
  [...document.querySelectorAll('[data-chip]')].map((c) => c.textContent ?? '');

test('birds are read from the keeper’s words, and put right in what was read', () => {
  render(<Asking begin="7 Sussex and a cock" />);
  expect(chips()).toHaveLength(2);
  expect(chips()[0]).toMatch(/^7Sussex/);
  fireEvent.click(screen.getByRole('button', { name: 'More: Sussex' }));
  expect(chips()[0]).toMatch(/^8Sussex/);
  fireEvent.click(screen.getByRole('button', { name: /^Leave out Sussex, cock/ }));
  expect(chips()).toHaveLength(1);
  expect(field()).toHaveValue('8 Sussex');
});

test('of one bird there are not fewer, and a breed from the list adds six', () => {
  render(<Asking begin="1 Brahma" />);
  expect(screen.getByRole('button', { name: /^Fewer: Brahma/ })).toBeDisabled();
  const list = screen.getByLabelText('Or add six of a breed from the list');
  fireEvent.change(list, { target: { value: 'Sussex' } });
  expect(field()).toHaveValue('1 Brahma, 6 Sussex');
  expect(chips()).toHaveLength(2);
});

test('what is no bird is said so, and stays to be put right', () => {
  render(<Asking begin="3 giraffes" />);
  expect(screen.getByRole('alert')).toHaveTextContent('giraffes');
  expect(field()).toHaveValue('3 giraffes');
  expect(chips()).toEqual([]);
});
