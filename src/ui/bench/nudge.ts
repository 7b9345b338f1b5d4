import type { KeyboardEvent } from 'react';
import type { View } from '@/core/drawing/shape';
import { METRES_PER_INCH } from '@/core/kernel/units/factors.data';
import { moved } from '@/core/model/moved';
import { edit, useBench } from '../store/bench';

const ARROWS: Readonly<Record<string, readonly [across: number, up: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/**
 * Moves the picked fixture by 1 cm or half an inch (ten times that with Shift), in the plane of the view;
 * Backspace removes it.
 * @returns whether the key was one of these
 */
export function nudgePicked(event: KeyboardEvent, view: View): boolean {
  const { plan, picked } = useBench.getState();
  const fixture = plan?.fixtures.find((f) => f.id === picked);
  if (!plan || !fixture) return false;
  if (event.key === 'Backspace' || event.key === 'Delete') {
    edit(`Remove ${fixture.name}`, (d) => {
      d.fixtures = d.fixtures.filter((f) => f.id !== fixture.id);
    });
    return true;
  }
  const arrow = ARROWS[event.key];
  if (!arrow) return false;
  const step = (plan.units === 'metric' ? 0.01 : METRES_PER_INCH / 2) * (event.shiftKey ? 10 : 1);
  moveFixture(fixture.id, view, arrow[0] * step, arrow[1] * step);
  return true;
}

function moveFixture(id: string, view: View, across: number, up: number): void {
  edit('Move', (draft) => {
    const f = draft.fixtures.find((x) => x.id === id);
    if (!f) return;
    const dx = view === 'side' ? 0 : across;
    const dy = view === 'side' ? across : view === 'above' ? up : 0;
    const dz = view === 'above' ? 0 : up;
    Object.assign(
      f,
      moved(f, dx, dy, (m) => Math.round((m + dz) * 1e6) / 1e6),
    );
  });
}
