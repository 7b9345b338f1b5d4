import '@testing-library/jest-dom/jest-globals';
import { beforeAll, describe, expect, jest, test } from '@jest/globals';
import { fireEvent, render } from '@testing-library/react';
import fc from 'fast-check';
import { assess } from '@/core/assess';
import { project } from '@/core/drawing/projection';
import { inRun } from '@/core/geometry/solids';
import type { Plan } from '@/core/model/schema';
import { everything } from '@/core/tests/everything';
import { badCoop, DAY, sample } from '@/core/tests/plans';
import { spoilt } from '../tests/shown';
import { Drawing } from './Drawing';

const VIEWS = ['front', 'right', 'above'] as const;

beforeAll(() => {
  Element.prototype.scrollIntoView = jest.fn() as never;
});

function draw(plan: Plan, view: (typeof VIEWS)[number], onPick?: (id: string) => void) {
  const assessment = assess(plan, { on: DAY });
  const frame = { width: 640, height: 480, left: 40, right: 20, top: 20, bottom: 40 };
  const projection = project(view, plan.shell, frame);
  return render(
    <svg role="img" aria-label="test">
      <Drawing
        plan={plan}
        birds={assessment.birds}
        projection={projection}
        reach={assessment.reach}
        {...(onPick ? { onPick } : {})}
      />
    </svg>,
  );
}

describe.each(VIEWS)('seen from the %s', (view) => {
  test.each(['lamp', 'plate', 'hen'] as const)('one of everything is drawn (%s)', (heat) => {
    const plan = everything(heat);
    const { container } = draw(plan, view);
    expect(spoilt(container)).toEqual([]);
    for (const f of plan.fixtures) {
      const drawn = container.querySelector(`[data-fixture="${f.id}"]`);
      expect([f.id, drawn !== null]).toEqual([f.id, !inRun(f)]);
    }
  });

  test('pressing a fixture picks it', () => {
    const picked: string[] = [];
    const { container } = draw(sample('pell-garth'), view, (id) => picked.push(id));
    const bar = container.querySelector('[data-fixture="bar-1"]');
    if (!bar) throw new Error('no bar');
    fireEvent.click(bar);
    fireEvent.pointerDown(bar);
    expect(picked).toContain('bar-1');
  });
});

test('no coop, however bad, is drawn with a number that is none', () => {
  fc.assert(
    fc.property(badCoop, fc.constantFrom(...VIEWS), (plan, view) => {
      const { container, unmount } = draw(plan, view);
      expect(spoilt(container)).toEqual([]);
      unmount();
    }),
    { numRuns: 8 },
  );
});
