import { FACTS } from '../rules/singleRules.data';

/** Fresh droppings of one bird, kg a day. Source: wide-rafter (0.06·m^0.75). */
export const droppingsKgDay = (massKg: number): number =>
  FACTS['roosts.droppings.kgDay'].value * massKg ** 0.75;
