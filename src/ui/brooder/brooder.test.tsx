import '@testing-library/jest-dom/jest-globals';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import { everything } from '@/core/tests/everything';
import { DAY, hens, soundCoop } from '@/core/tests/plans';
import { openPlan } from '../session/bench';
import { show, spoilt, standIns } from '../tests/shown';
import { BrooderScreen } from './BrooderScreen';

beforeAll(standIns);

describe('the brooder', () => {
  test.each(['lamp', 'plate', 'hen'] as const)('with a %s is drawn, with its weeks', (heat) => {
    openPlan(everything(heat), 1, DAY);
    const { container } = show(<BrooderScreen />);
    expect(spoilt(container)).toEqual([]);
    // hatched 15 April, out 20 June: ten weeks begun
    expect(container.querySelectorAll('tbody tr')).toHaveLength(10);
    expect(container.querySelectorAll('[data-brooder] ellipse')).toHaveLength(8);
  });

  test('a step of room that the box has is drawn in it, one it has not round it', () => {
    const plan = everything('plate');
    const box = { lengthM: 1, widthM: 0.6 };
    openPlan({ ...plan, brooder: plan.brooder && { ...plan.brooder, ...box } }, 1, DAY);
    const { container } = show(<BrooderScreen />);
    const weeks = [...container.querySelectorAll('[data-brooder] text')].map((t) => t.textContent);
    // 0.05 to 0.19 m² a chick for eight: 0.4, 0.72, 1.12 and 1.52 m²
    expect(weeks.sort()).toEqual(['to week 10', 'to week 2', 'to week 4', 'to week 6']);
    const dashed = [...container.querySelectorAll('[data-brooder] rect[stroke-dasharray]')];
    const wide = dashed.map((r) => Number(r.getAttribute('width')));
    const own = Number(
      container.querySelector('[data-brooder] clipPath rect')?.getAttribute('width'),
    );
    expect(wide.filter((w) => w > own)).toHaveLength(3);
    expect(wide.filter((w) => w <= own)).toHaveLength(1);
  });

  test('where nobody is reared it says how somebody would be', () => {
    openPlan(
      soundCoop((d) => void d.flock.push(hens(2, { id: 'more' }))),
      1,
      DAY,
    );
    show(<BrooderScreen />);
    expect(screen.getByText(/No chicks are reared here/)).toBeInTheDocument();
  });
});
