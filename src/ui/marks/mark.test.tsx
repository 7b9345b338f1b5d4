import { expect, test } from '@jest/globals';
import { render } from '@testing-library/react';
import { Mark, type MarkKind } from './Mark';

const KINDS: readonly MarkKind[] = [
  ...(['short', 'tight', 'enough', 'ample'] as const),
  ...(['harm', 'awkward', 'notEntered', 'none'] as const),
];

test('each mark has a shape of its own, so that none is told by its colour alone', () => {
  const shapes = KINDS.map((kind) => {
    const { container, unmount } = render(<Mark kind={kind} />);
    const svg = container.querySelector('svg');
    expect(svg?.getAttribute('data-mark-kind')).toBe(kind);
    // its word stands beside it: readers of the screen are told once
    expect(svg?.getAttribute('aria-hidden')).toBe('true');
    const shape = svg?.innerHTML ?? '';
    unmount();
    return shape;
  });
  expect(new Set(shapes).size).toBe(KINDS.length);
});
