import { railOf, todayAt } from './rail';

describe('a rail', () => {
  test('is as long as the birds it carries: the planned flock reaches 65 % of the width', () => {
    expect(railOf(14, 14)).toEqual({ length: 0.65, broken: false });
    expect(railOf(7, 14).length).toBeCloseTo(0.325, 9);
    expect(railOf(0, 14).length).toBe(0);
    expect(railOf(5, 0).length).toBe(0);
  });

  test('past one and a half times the plan it ends in a break', () => {
    expect(railOf(21, 14)).toEqual({ length: expect.closeTo(0.975, 9), broken: false });
    expect(railOf(22, 14)).toEqual({ length: expect.closeTo(0.975, 9), broken: true });
  });

  test("today's line stands apart only where today differs from the plan", () => {
    expect(todayAt(8, 14)).toBeCloseTo(0.3714, 4);
    expect(todayAt(14, 14)).toBeNull();
    expect(todayAt(0, 14)).toBeNull();
  });
});
