import type { Fixture, Plan } from '../../model/schema';
import { freeNumber } from '../freeNumber';

type Kind = Fixture['kind'];

/** What a further fixture of a kind is called and numbered by. */
const STEMS: Readonly<Record<Kind, readonly [string, string]>> = {
  bar: ['bar', 'Bar'],
  nestBank: ['nests', 'Nest bank'],
  window: ['window', 'Window'],
  vent: ['vent', 'Vent'],
  door: ['door', 'Door'],
  hatch: ['hatch', 'Hatch'],
  popDoor: ['pop-door', 'Pop door'],
  feeder: ['feeder', 'Feeder'],
  drinker: ['drinker', 'Drinker'],
  dish: ['dish', 'Dish'],
  dustBath: ['dust-bath', 'Dust bath'],
  board: ['board', 'Droppings board'],
  ledge: ['ledge', 'Ledge'],
  ceiling: ['ceiling', 'Mesh ceiling'],
  obstacle: ['obstacle', 'Obstacle'],
};

export function named<K extends Kind>(plan: Plan, kind: K) {
  const [stem, word] = STEMS[kind];
  const n = freeNumber(stem, plan.fixtures);
  return { id: `${stem}-${n}`, kind, name: `${word} ${n}` };
}
