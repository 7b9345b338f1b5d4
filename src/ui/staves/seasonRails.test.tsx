import { render } from '@testing-library/react';
import { createAssessor } from '@/core/assess';
import { aired } from '@/core/tests/aired';
import { DAY } from '@/core/tests/plans';
import { CHALK_AT } from './rail';
import { SeasonRails, shortSeason } from './SeasonRails';

const shown = (winter: number, summer: number) => {
  const { container } = render(
    <SeasonRails seasons={{ winter, summer }} planned={10} ghost={null} on={false} />,
  );
  return (season: string): HTMLElement => {
    const rail = container.querySelector<HTMLElement>(`[data-season=${season}]`);
    if (!rail) throw new Error(season);
    return rail;
  };
};

test('each season has its rail: just enough reaches the chalk line', () => {
  const rail = shown(1, 0.5);
  expect(Number(rail('winter').dataset.length)).toBeCloseTo(CHALK_AT, 9);
  expect(Number(rail('summer').dataset.length)).toBeCloseTo(CHALK_AT / 2, 9);
  expect(rail('summer').className).toContain('bg-oxide');
  expect(rail('winter').className).not.toContain('bg-oxide');
});

test('the season that falls short is named', () => {
  expect(shortSeason({ winter: 0.9, summer: 1.2 })).toBe('in winter');
  expect(shortSeason({ winter: 1, summer: 0.2 })).toBe('in summer');
  expect(shortSeason({ winter: 0.2, summer: 0.2 })).toBe('all year');
  expect(shortSeason({ winter: 1, summer: 1 })).toBe('');
});

test('the shorter rail goes with what the air carries, the climate moves both', () => {
  const plan = aired('osk-landing');
  const stave = (p: typeof plan) =>
    createAssessor()(p, { on: DAY }).staves.find((s) => s.station === 'air');
  const cold = stave(plan);
  const { winter = 0, summer = 0 } = cold?.seasons ?? {};
  const carried = (cold?.carries ?? 0) / 34;
  expect(Math.abs(Math.min(winter, summer) - carried)).toBeLessThan(0.1);
  const twice = stave({
    ...plan,
    fixtures: plan.fixtures.map((f) => (f.kind === 'window' ? { ...f, widthM: 2 * f.widthM } : f)),
  });
  expect(twice?.seasons?.winter).toBeCloseTo(winter, 9);
  expect(twice?.seasons?.summer).toBeGreaterThan(summer);
});
