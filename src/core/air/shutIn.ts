import type { Plan } from '../model/schema';
import { chosenSchool, RULE_BOOK } from '../rules/book';
import { ruled } from '../rules/rules.data';
import type { Climate } from '../weather/climate';

/**
 * In which months the birds stay in by day: all, while a housing order holds; where the floor is sized for shut-in
 * winters, those in which snow lies (assumption: a mean of 0 °C or less).
 * @example shutInOf({ ...plan, limits: { ...plan.limits, housingOrder: true } }, { months: [] })(6) // true
 */
export function shutInOf(
  { limits, schools }: Pick<Plan, 'limits' | 'schools'>,
  { months }: Pick<Climate, 'months'>,
): (month: number) => boolean {
  if (limits.housingOrder) return () => true;
  const isForWinters = chosenSchool(RULE_BOOK, schools, 'floor.area').params.shutIn === 1;
  return (month) =>
    isForWinters && (months[month]?.meanC ?? ruled('air.snow.most') + 1) <= ruled('air.snow.most');
}
