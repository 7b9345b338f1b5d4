import '@testing-library/jest-dom/jest-globals';
import { beforeAll, describe, expect, jest, test } from '@jest/globals';
import { act, fireEvent, render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { newBrooder, newRun } from '@/core/plan/defaults';
import { newBoard, newDustBath, newHatch, newLedge } from '@/core/plan/newFixtures';
import { parsePlan } from '@/core/plan/parse';
import type { Plan } from '@/core/plan/schema';
import { DAY, hens, sampleClimate, soundCoop } from '@/core/tests/plans';
import { Figures } from './figure/shown';
import { BarRows } from './panel/BarRows';
import { NestRows } from './panel/NestRows';
import { ShellFields } from './panel/ShellFields';
import {
  AirFields,
  BrooderFields,
  DoorFields,
  FeedFields,
  LitterPanel,
  ReachFields,
  RoostMore,
  ShellMore,
  WaterFields,
} from './panel/stations/all';
import { openPlan, undo, useAssessment, useBench, usePlan } from './store/bench';

beforeAll(() => {
  globalThis.ResizeObserver = class {
    observe(): void {}
    unobserve(): void {}
    disconnect(): void {}
  };
  Element.prototype.scrollIntoView = jest.fn() as never;
});

/** A coop with one of everything that a panel has fields for. */
const everything = (heat: 'lamp' | 'plate' | 'hen'): Plan =>
  soundCoop((d) => {
    d.climate = sampleClimate('wet-upland');
    d.shell.floorAboveGroundM = 0.4;
    d.shell.storage = { wall: 'right', depthM: 0.5 };
    d.run = newRun(d);
    d.litter.retainingM = 0.3;
    d.litter.finalM = 0.2;
    d.schools['light.laying'] = 'light.laying.morning';
    d.brooder = {
      ...newBrooder(),
      ventM2: 0.02,
      heat:
        heat === 'plate'
          ? { kind: 'plate', widthM: 0.4, depthM: 0.3 }
          : heat === 'hen'
            ? { kind: 'hen', hens: 2 }
            : {
                kind: 'lamp',
                watts: 100,
                count: 2,
                aboveM: 0.5,
                coated: false,
                secondFixing: true,
              },
    };
    d.flock.push(
      hens(8, {
        id: 'chicks',
        name: 'Chicks',
        hatchedOn: '2027-04-15',
        arrivesOn: '2027-06-20',
        raisedHere: true,
      }),
    );
    const pop = d.fixtures.find((f) => f.kind === 'popDoor');
    if (pop?.kind === 'popDoor') {
      pop.ramp = { lengthM: 1.2, widthM: 0.3, cleatM: 0.15 };
      pop.stepZ = 0.2;
    }
    d.fixtures.push(
      { ...newHatch(d), id: 'hatch', frontM: 1, flapM: 0.6 },
      { ...newDustBath(d), id: 'bath' },
      { ...newBoard(d), id: 'board' },
      { ...newLedge(d), id: 'ledge' },
    );
  });

const PANELS: readonly (readonly [string, () => ReactNode])[] = [
  ['shell', () => <ShellFields />],
  ['run, bath, windows and site', () => <ShellMore />],
  ['bars', () => <BarRows />],
  ['more of the roosts', () => <RoostMore />],
  ['nests', () => <NestRows />],
  ['air', () => <AirFields />],
  ['feed', () => <FeedFields />],
  ['water', () => <WaterFields />],
  ['litter', () => <LitterPanel />],
  ['doors and light', () => <DoorFields />],
  ['reach', () => <ReachFields />],
];

function Shown({ children }: { children: ReactNode }) {
  return (
    <Figures assessment={useAssessment()} plan={usePlan()}>
      {children}
    </Figures>
  );
}

const planNow = (): Plan => useBench.getState().plan as Plan;
const steps = (): number => useBench.getState().past.length;

type Control = HTMLInputElement | HTMLSelectElement;

const controls = (root: HTMLElement): Control[] =>
  [...root.querySelectorAll<Control>('input, select')].filter((c) => !c.disabled);

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
  ];
}

/** Edits each field of a panel once, and takes it back; the names of those that nothing could change. */
function editEvery(panel: ReactNode): { edited: number; dead: string[] } {
  const { container, unmount } = render(<Shown>{panel}</Shown>);
  const open = (): void => {
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

  test.each(['lamp', 'plate', 'hen'] as const)('of a brooder with a %s', (heat) => {
    openPlan(everything(heat), 1, DAY);
    const { edited, dead } = editEvery(<BrooderFields />);
    expect(dead).toEqual([]);
    expect(edited).toBeGreaterThan(6);
  });
});
