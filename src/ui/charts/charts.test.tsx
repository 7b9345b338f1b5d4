import { beforeAll, expect, test } from '@jest/globals';
import { act, fireEvent, render, renderHook, screen } from '@testing-library/react';
import { useState } from 'react';
import { standIns } from '../tests/shown';
import { useInks } from './inks';
import { LineSample } from './LineSample';
import { ShownChoice } from './ShownChoice';

beforeAll(standIns);

function Choosing() {
  const [shown, show] = useState<'a' | 'b'>('a');
  return (
    <ShownChoice
      names={[
        ['a', 'Ammonia'],
        ['b', 'Dust'],
      ]}
      shown={shown}
      show={show}
    />
  );
}

test('one of several pictures is shown, and another on a press', () => {
  render(<Choosing />);
  const [first, second] = screen.getAllByRole('radio');
  expect(first?.getAttribute('aria-checked')).toBe('true');
  fireEvent.click(second as HTMLElement);
  expect(first?.getAttribute('aria-checked')).toBe('false');
  expect(second?.getAttribute('aria-checked')).toBe('true');
});

test('lines are told apart by their dashes beside their colours', () => {
  const dashes = (['solid', 'dashed', 'dotted'] as const).map((type) => {
    const { container, unmount } = render(<LineSample ink="--chalk" type={type} />);
    const dash = container.querySelector('path')?.getAttribute('stroke-dasharray');
    unmount();
    return dash;
  });
  expect(new Set(dashes).size).toBe(3);
});

test('when the light is changed by hand a chart gets another reader of colours', async () => {
  const { result } = renderHook(() => useInks());
  const before = result.current;
  expect(typeof before('--chalk')).toBe('string');
  await act(async () => {
    document.documentElement.dataset.theme = 'dark';
    await new Promise((done) => setTimeout(done));
  });
  expect(result.current).not.toBe(before);
  delete document.documentElement.dataset.theme;
});
