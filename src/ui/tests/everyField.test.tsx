import '@testing-library/jest-dom/jest-globals';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { act, fireEvent, render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { parsePlan } from '@/core/edit/parse';
import type { Plan } from '@/core/model/schema';
import { everything } from '@/core/tests/everything';
import { DAY } from '@/core/tests/plans';
import { PowerCost } from '../frost/Power';
import {
  AirFields,
  BarDetails,
  BrooderFields,
  DoorFields,
  FeedFields,
  LitterPanel,
  NestDetails,
  ReachFields,
  RoostDetails,
  ShellDetails,
  WaterFields,
} from '../panel/all';
import { NestRows } from '../panel/nests/NestRows';
import { BarRows } from '../panel/roosts/BarRows';
import { ShellFields } from '../panel/shell/ShellFields';
import { RainFields } from '../rain/RainFields';
import { openPlan, undo, useBench, usePlan } from '../session/bench';
import { VesselFields } from '../vessel/VesselFields';
import { Shown, standIns, unfold } from './shown';

beforeAll(standIns);

const PANELS: readonly (readonly [string, () => ReactNode])[] = [
  ['shell', () => <ShellFields />],
  ['run, bath, windows and site', () => <ShellDetails />],
  ['bars', () => <BarRows Details={BarDetails} />],
  ['more of the roosts', () => <RoostDetails />],
  ['nests', () => <NestRows Details={NestDetails} />],
  ['air', () => <AirFields />],
  ['feed', () => <FeedFields />],
  ['water', () => <WaterFields />],
  ['a home-made feeder', () => <FeederOnTheBench />],
  ['rain', () => <RainOnTheBench />],
  ['what power costs', () => <PowerCost />],
  ['litter', () => <LitterPanel />],
  ['doors and light', () => <DoorFields />],
  ['reach', () => <ReachFields />],
];

/** Fields of the two workbenches, which lie in dialogs of their own. */
function FeederOnTheBench() {
  const { fixtures } = usePlan();
  const feeder = fixtures.find((f) => f.kind === 'feeder');
  return feeder?.kind === 'feeder' && feeder.made ? (
    <VesselFields vessel={feeder} made={feeder.made} tape="mm" />
  ) : null;
}

function RainOnTheBench() {
  const { rain } = usePlan();
  return rain && <RainFields picked={null} />;
}

const planNow = (): Plan => useBench.getState().plan as Plan;
const steps = (): number => useBench.getState().past.length;

type Control = HTMLInputElement | HTMLSelectElement;

/** A slider only goes through what is shown. */
const controls = (root: HTMLElement): Control[] =>
  [...root.querySelectorAll<Control>('input:not([type=range]), select')].filter((c) => !c.disabled);

/** What a keeper may do with a field: the first that the plan takes is taken. */
function tries(control: Control): (() => void)[] {
  const typed = (text: string) => () => {
    fireEvent.focus(control);
    fireEvent.change(control, { target: { value: text } });
    fireEvent.keyDown(control, { key: 'Enter' });
    fireEvent.blur(control);
  };
  if (control instanceof HTMLSelectElement) {
    return [...control.options]
      .filter((o) => o.value !== control.value && !o.disabled)
      .map((o) => () => void fireEvent.change(control, { target: { value: o.value } }));
  }
  if (control.type === 'checkbox' || control.type === 'radio') {
    return [() => void fireEvent.click(control)];
  }
  const arrow = (key: string) => () => void fireEvent.keyDown(control, { key });
  return [
    arrow('ArrowUp'),
    arrow('ArrowDown'),
    typed('1'),
    typed('40 cm'),
    typed('2'),
    typed('10'),
    typed('Another'),
    typed('50 x 50 mm'),
  ];
}

/** Edits each field of a panel once, and takes it back; the names of those that nothing could change. */
function editEvery(panel: ReactNode): { edited: number; dead: string[] } {
  const { container, unmount } = render(<Shown>{panel}</Shown>);
  const open = (): void => {
    unfold();
    for (const closed of container.querySelectorAll('details:not([open]) > summary')) {
      fireEvent.click(closed);
    }
  };
  open();
  const dead: string[] = [];
  let edited = 0;
  const count = controls(container).length;
  for (let i = 0; i < count; i++) {
    const before = planNow();
    const had = steps();
    const name = (): string => {
      const c = controls(container)[i];
      return c?.labels?.[0]?.textContent ?? c?.getAttribute('aria-label') ?? `field ${i}`;
    };
    const called = name();
    // says how a measure is taken, and is nothing of the plan
    if (called === 'Measured') continue;
    const at = controls(container)[i];
    if (at instanceof HTMLInputElement && at.type === 'radio' && at.checked) continue;
    for (let k = 0; planNow() === before; k++) {
      const control = controls(container)[i];
      const attempt = control && tries(control)[k];
      if (!attempt) break;
      attempt();
    }
    if (planNow() === before) {
      dead.push(called);
      continue;
    }
    edited++;
    expect([called, steps()]).toEqual([called, had + 1]);
    expect([called, parsePlan(planNow()).ok]).toEqual([called, true]);
    act(() => void undo());
    expect([called, planNow()]).toEqual([called, before]);
    open();
  }
  unmount();
  return { edited, dead };
}

describe('every field changes the plan, into a good one, and one undo takes it back', () => {
  test.each(PANELS)('of %s', (_, panel) => {
    openPlan(everything('lamp'), 1, DAY);
    const { edited, dead } = editEvery(panel());
    expect(dead).toEqual([]);
    expect(edited).toBeGreaterThan(1);
  });

  test.each(
    PANELS.filter(([name]) => ['nests', 'feed', 'water', 'litter', 'reach'].includes(name)),
  )('of %s, in feet, pounds and gallons', (_, panel) => {
    openPlan({ ...everything('lamp'), units: 'imperial' }, 1, DAY);
    const { edited, dead } = editEvery(panel());
    expect(dead).toEqual([]);
    expect(edited).toBeGreaterThan(1);
  });

  test.each(['lamp', 'plate', 'hen'] as const)('of a brooder with a %s', (heat) => {
    openPlan(everything(heat), 1, DAY);
    const { edited, dead } = editEvery(<BrooderFields />);
    expect(dead).toEqual([]);
    expect(edited).toBeGreaterThan(6);
  });
});
