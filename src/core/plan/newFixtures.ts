import { lotsOf } from '../birds/lots';
import { roofHeightM } from '../geometry/shell';
import { FACTS } from '../rules/facts.data';
import { freeNumber } from './defaults';
import { fixtureOf } from './fixtures.schema';
import type { Fixture, OfKind, Plan } from './schema';

const mm = (m: number): number => Math.round(m * 1000) / 1000;

type Kind = Fixture['kind'];

/** What a further fixture of a kind is called and numbered by. */
const STEMS: Readonly<Record<Exclude<Kind, 'bar' | 'nestBank'>, readonly [string, string]>> = {
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
};

function named<K extends keyof typeof STEMS>(plan: Plan, kind: K) {
  const [stem, word] = STEMS[kind];
  const n = freeNumber(stem, plan.fixtures);
  return { id: `${stem}-${n}`, kind, name: `${word} ${n}` };
}

/** A vent high in the wall: on the front, or where told. */
export function newVent(plan: Plan, parts: Partial<OfKind<'vent'>> = {}): OfKind<'vent'> {
  const { lengthM } = plan.shell;
  const widthM = Math.min(0.6, mm(lengthM / 2));
  const eaves = roofHeightM(plan.shell, lengthM / 2, 0);
  return fixtureOf({
    ...named(plan, 'vent'),
    wall: 'front',
    alongM: mm((lengthM - widthM) / 2),
    sillZ: mm(Math.max(0.1, eaves - 0.2)),
    widthM,
    heightM: 0.15,
    ...parts,
  });
}

/** A person's door in the front, as tall as the roof allows. */
export function newDoor(plan: Plan): OfKind<'door'> {
  const { lengthM } = plan.shell;
  const widthM = Math.min(0.75, mm(lengthM * 0.8));
  const heightM = mm(Math.min(1.8, roofHeightM(plan.shell, lengthM / 2, 0) - 0.05));
  return fixtureOf({
    ...named(plan, 'door'),
    wall: 'front',
    alongM: mm(Math.max(0, lengthM - widthM - 0.1)),
    sillZ: 0,
    widthM,
    heightM,
  });
}

/** A clean-out hatch level with the floor, in the left wall. */
export function newHatch(plan: Plan): OfKind<'hatch'> {
  const { widthM: depth } = plan.shell;
  const widthM = Math.min(0.8, mm(depth * 0.8));
  return fixtureOf({
    ...named(plan, 'hatch'),
    wall: 'left',
    alongM: mm((depth - widthM) / 2),
    sillZ: 0,
    widthM,
    heightM: 0.5,
  });
}

/** A pop door in the front, its sill over the litter, large enough for the largest birds planned. */
export function newPopDoor(plan: Plan, parts: Partial<OfKind<'popDoor'>> = {}): OfKind<'popDoor'> {
  const sillZ = mm((plan.litter.finalM ?? plan.litter.depthM) + 0.05);
  const sizes = plan.flock
    .flatMap((group) => lotsOf(group, plan.ownBreeds))
    .map((lot) => lot.class.popDoorM);
  return fixtureOf({
    ...named(plan, 'popDoor'),
    wall: 'front',
    alongM: 0.15,
    sillZ,
    widthM: Math.max(0.35, ...sizes.map(([width]) => width)),
    heightM: Math.max(0.4, ...sizes.map(([, height]) => height)),
    ...parts,
  });
}

/** A hanging tube feeder in the front left quarter, its rim at a medium hen's back. */
export function newFeeder(plan: Plan, parts: Partial<OfKind<'feeder'>> = {}): OfKind<'feeder'> {
  const { lengthM, widthM } = plan.shell;
  return fixtureOf({
    ...named(plan, 'feeder'),
    type: 'tube',
    x: mm(lengthM * 0.25),
    y: mm(widthM * 0.3),
    rimZ: mm(plan.litter.depthM + 0.24),
    diameterM: 0.3,
    heightM: 0.45,
    hung: true,
    ...parts,
  });
}

/** A round fount in the front right quarter, on a tray. */
export function newDrinker(plan: Plan, parts: Partial<OfKind<'drinker'>> = {}): OfKind<'drinker'> {
  const { lengthM, widthM } = plan.shell;
  return fixtureOf({
    ...named(plan, 'drinker'),
    type: 'fount',
    x: mm(lengthM * 0.75),
    y: mm(widthM * 0.3),
    rimZ: mm(plan.litter.depthM + 0.24),
    diameterM: 0.3,
    heightM: 0.35,
    hung: false,
    ...parts,
  });
}

export const newDish = (plan: Plan, holds: 'shell' | 'grit' = 'shell'): OfKind<'dish'> =>
  fixtureOf({
    ...named(plan, 'dish'),
    name: holds === 'shell' ? 'Shell dish' : 'Grit dish',
    holds,
    x: mm(plan.shell.lengthM * 0.5),
    y: 0.15,
  });

/** A dust bath in the front right corner, as large as all birds of the plan ask for at once. */
export function newDustBath(
  plan: Plan,
  parts: Partial<OfKind<'dustBath'>> = {},
): OfKind<'dustBath'> {
  const birds = plan.flock.reduce((sum, g) => sum + g.count, 0);
  const area = Math.max(FACTS['dustBath.least'].value, birds * FACTS['dustBath.hen'].value);
  const depthM = area <= 0.24 ? 0.4 : 0.6;
  const lengthM = parts.lengthM ?? Math.ceil((area / depthM) * 100 - 1e-9) / 100;
  return fixtureOf({
    ...named(plan, 'dustBath'),
    x: mm(Math.max(0, plan.shell.lengthM - lengthM - 0.05)),
    y: 0.05,
    lengthM,
    depthM,
    ...parts,
  });
}

/** A board as long as the coop, along the rear wall. */
export const newBoard = (plan: Plan, parts: Partial<OfKind<'board'>> = {}): OfKind<'board'> =>
  fixtureOf({
    ...named(plan, 'board'),
    x: 0,
    y: mm(Math.max(0, plan.shell.widthM - 0.7)),
    z: mm(plan.litter.depthM + 0.5),
    lengthM: plan.shell.lengthM,
    depthM: Math.min(0.7, plan.shell.widthM),
    ...parts,
  });

export const newLedge = (plan: Plan): OfKind<'ledge'> =>
  fixtureOf({
    ...named(plan, 'ledge'),
    x: 0,
    y: mm(plan.shell.widthM / 2),
    z: mm(plan.litter.depthM + 1.2),
    lengthM: plan.shell.lengthM,
    depthM: 0.05,
  });
