import { ruled } from '../rules/rules.data';

/**
 * Fresh droppings of one bird, kg a day. Source: wide-rafter (0.06·m^0.75).
 * @example droppingsKgDay(2.2) // 0.10838
 */
export const droppingsKgDay = (massKg: number): number =>
  ruled('roosts.droppings.kgDay') * massKg ** 0.75;
