import type { KeyboardEvent } from 'react';
import type { View } from '@/core/drawing/shape';
import { LIES } from '@/core/drawing/view';
import { METRES_PER_INCH } from '@/core/kernel/units/factors.data';
import { moved } from '@/core/model/moved';
import { edit, say, storeHere, useBench, withEngine } from '../session/bench';
import type { Engine } from '../session/engine';
import { sayWhereabouts } from './whereabouts';

const ARROWS: Readonly<Record<string, readonly [across: number, up: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** Keys that pull an end: `[` and `]` the one towards the right wall or the rear. */
const PULLS: Readonly<Record<string, 1 | -1>> = { '[': -1, ']': 1, '{': -1, '}': 1 };

/**
 * Moves the picked fixture by 1 cm or half an inch (ten times that with Shift), in the plane of the view; brackets
 * make it shorter or longer; Backspace removes it.
 * @returns whether the key was one of these
 */
export function nudgePicked(event: KeyboardEvent, view: View): boolean {
  const { plan, picked } = useBench.getState();
  const fixture = plan?.fixtures.find((f) => f.id === picked);
  if (plan && !fixture && event.key in ARROWS) {
    say('Nothing is picked: press n for the next thing that stands here');
    return true;
  }
  if (!plan || !fixture || event.ctrlKey || event.metaKey) return false;
  if (event.key === 'Backspace' || event.key === 'Delete') {
    edit(`Remove ${fixture.name}`, (d) => {
      d.fixtures = d.fixtures.filter((f) => f.id !== fixture.id);
    });
    return true;
  }
  const own = plan.units === 'metric' ? 0.01 : METRES_PER_INCH / 2;
  const step = own * (event.shiftKey ? 10 : 1);
  const longer = PULLS[event.key];
  if (longer) {
    // braces are brackets with Shift, whether or not the keyboard tells so
    pullFarEnd(fixture.id, longer * own * (event.shiftKey || /[{}]/.test(event.key) ? 10 : 1));
    return true;
  }
  const arrow = ARROWS[event.key];
  if (!arrow) return false;
  moveFixture(fixture.id, view, arrow[0] * step, arrow[1] * step);
  return true;
}

function moveFixture(id: string, view: View, across: number, up: number): void {
  const { across: axis, mirrored } = LIES[view];
  const along = mirrored ? -across : across;
  edit('Move', (draft) => {
    const f = draft.fixtures.find((x) => x.id === id);
    if (!f) return;
    const dx = axis === 'x' ? along : 0;
    const dy = view === 'above' ? up : axis === 'y' ? along : 0;
    const dz = view === 'above' ? 0 : up;
    Object.assign(
      f,
      moved(f, dx, dy, (m) => Math.round((m + dz) * 1e6) / 1e6),
    );
  });
  // an edit made before the engine has come is done when it has: where the thing stands then is said
  withEngine(() => sayWhereabouts(id));
}

/** Pulls the end of a fixture that is farther from the left or front wall; a bank grows by whole boxes. */
function pullFarEnd(id: string, byM: number): void {
  const store = storeHere();
  withEngine((engine) => {
    if (storeHere() === store) pullWith(engine, id, byM);
  });
}

function pullWith(engine: Engine, id: string, byM: number): void {
  const { plan } = useBench.getState();
  const fixture = plan?.fixtures.find((f) => f.id === id);
  if (!plan || !fixture) return;
  const end = engine.endsOf(fixture).find((e) => e.side === 'high');
  if (!end) return;
  const by = fixture.kind === 'nestBank' ? Math.sign(byM) * fixture.boxW : byM;
  const to = { plan, sizes: engine.flockSizes(plan) };
  const pulled = engine.pull(fixture, end, by, to, { ruleM: 0, lineM: 0 }).fixture;
  edit(`Resize ${fixture.name}`, (draft) => {
    const at = draft.fixtures.findIndex((f) => f.id === fixture.id);
    if (at >= 0) draft.fixtures[at] = pulled;
  });
  sayWhereabouts(fixture.id);
}
