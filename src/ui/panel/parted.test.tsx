// All panels of parted coops, in either zone: what stands in the other zone is not asked of the one in view.
import '@testing-library/jest-dom/jest-globals';
import { afterEach, beforeAll, expect, jest, test } from '@jest/globals';
import { act, cleanup, screen } from '@testing-library/react';
import fc from 'fast-check';
import type { ReactNode } from 'react';
import { partedFit } from '@/core/layout/parted';
import type { Plan } from '@/core/model/schema';
import { ZONES } from '@/core/model/scope';
import { badCoop, bareCoop, DAY, hens, sample } from '@/core/tests/plans';
import { runs } from '@/core/tests/runs';
import { openPlan, pick, useBench, viewZone } from '../session/bench';
import { Staves } from '../staves/Staves';
import { show, spoilt, standIns } from '../tests/shown';
import * as fields from './all';
import { FloorFields } from './floor/FloorFields';
import { isNotFetched, LoadGuard } from './LoadGuard';
import { NestRows } from './nests/NestRows';
import { BarRows } from './roosts/BarRows';

beforeAll(standIns);
afterEach(cleanup);

const PANELS: readonly (readonly [string, () => ReactNode])[] = [
  ['the staves', () => <Staves />],
  ['roosts', () => <BarRows Details={fields.BarDetails} />],
  ['roosts in detail', () => <fields.RoostDetails />],
  ['nests', () => <NestRows Details={fields.NestDetails} />],
  ['nests, their days', () => <fields.NestOpeningDays />],
  ['nests at the bench', () => <fields.AtTheBench station="nests" />],
  ['floor', () => <FloorFields />],
  ['air', () => <fields.AirFields />],
  ['feed', () => <fields.FeedFields />],
  ['water', () => <fields.WaterFields />],
  ['litter', () => <fields.LitterPanel />],
  ['door', () => <fields.DoorFields />],
  ['reach', () => <fields.ReachFields />],
  ['brooder', () => <fields.BrooderFields />],
  ['shell', () => <fields.ShellDetails />],
];

/** Rough-out's own parted coop: ducks beside hens. */
function roughedOut(): Plan {
  const bare = bareCoop({
    flock: [
      hens(8, { id: 'hens', breed: 'sussex' }),
      hens(3, { id: 'ducks', name: 'Ducks', breed: 'khaki-campbell' }),
    ],
    shell: {
      ...bareCoop().shell,
      lengthM: 4.2,
      widthM: 2.4,
      roof: { kind: 'mono', lowM: 1.9, highM: 2.2, highSide: 'front' },
    },
  });
  const fit = partedFit(bare, DAY);
  if (!fit) throw new Error('not parted');
  return fit.plan;
}

/** A bad coop with a mesh wall somewhere across it, and some of its birds beyond. */
const parted: fc.Arbitrary<Plan> = fc
  .tuple(
    badCoop,
    fc.constantFrom('x' as const, 'y' as const),
    fc.double({ min: 0.2, max: 0.8, noNaN: true }),
  )
  .map(([plan, axis, share]) => ({
    ...plan,
    partition: {
      axis,
      atM: (axis === 'x' ? plan.shell.lengthM : plan.shell.widthM) * share,
      beyond: plan.flock.filter((_, i) => i % 2 === 1).map((g) => g.id),
    },
  }));

test.each(PANELS)('%s of parted coops show only what their zone has', (_, panel) => {
  const osk = sample('osk-landing');
  const withBrood: Plan = {
    ...osk,
    partition: {
      axis: 'x',
      atM: osk.shell.lengthM / 2,
      beyond: osk.flock.slice(1).map((g) => g.id),
    },
  };
  const plans = [roughedOut(), withBrood, ...fc.sample(parted, { numRuns: runs(3, 40), seed: 29 })];
  for (const plan of plans) {
    openPlan(plan, 1, DAY);
    for (const zone of ZONES) {
      act(() => viewZone(zone));
      const { container, unmount } = show(panel());
      expect(container.textContent).not.toMatch(/undefined|NaN|Infinity/);
      expect(spoilt(container)).toEqual([]);
      unmount();
    }
  }
});

test('the rows of a panel are the zone’s, and what is picked in the other zone brings it into view', () => {
  const plan = roughedOut();
  openPlan(plan, 1, DAY);
  act(() => viewZone('near'));
  show(<NestRows Details={fields.NestDetails} />);
  const rows = () =>
    [...document.querySelectorAll('[data-row]')].map((r) => r.getAttribute('data-row'));
  const near = rows();
  const other = plan.fixtures.find((f) => f.kind === 'nestBank' && !near.includes(f.id));
  if (!other) throw new Error('no bank beyond');
  act(() => pick(other.id));
  expect(useBench.getState()).toMatchObject({ zone: 'beyond', picked: other.id });
  expect(rows()).toContain(other.id);
  expect(rows().some((id) => near.includes(id))).toBe(false);
});

const Broken = (): ReactNode => {
  throw new Error('the assessment has no figure nests.bank.nests-2.lip');
};

test('an error of the page’s own is never told as the server’s', () => {
  const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  openPlan(roughedOut(), 1, DAY);
  show(
    <LoadGuard>
      <Broken />
    </LoadGuard>,
  );
  expect(screen.getByRole('alert')).toHaveTextContent('this program’s own');
  expect(screen.getByRole('alert')).not.toHaveTextContent('does not answer');
  quiet.mockRestore();
  const chunk = Object.assign(new Error('Loading chunk 12 failed.'), { name: 'ChunkLoadError' });
  expect(isNotFetched(chunk)).toBe(true);
  expect(isNotFetched(new TypeError('Failed to fetch dynamically imported module'))).toBe(true);
  expect(isNotFetched(new TypeError('x is undefined'))).toBe(false);
});
