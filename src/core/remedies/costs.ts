import type { Proposal } from '../proposals/remedy';

/**
 * Work and money of a remedy, in hours of a keeper with median hands: material is counted as the hours it is worth.
 * What is not listed is an hour: something set, fitted or moved. Source: wide-rafter (assumption), after the table
 * of hours that keepers give (bar with brackets 0.5, nest bank 1.5 and 0.5 a box, pop door 1.5, door 3, opening 1).
 */
const HOURS: Readonly<Record<string, number>> = {
  // a decision, or a habit that costs nothing
  'litter.planFor': 0.1,
  'feed.bag': 0.1,
  'nests.shutTop': 0.3,
  'flock.allFlock': 0.2,
  'flock.sortCocks': 0.3,
  'flock.cockLeaves': 0.1,
  'flock.cockStays': 0.2,
  'shell.battens': 3,
  'shell.boardOver': 12,
  'shell.boardFloor': 3,
  'flock.keepCocks': 0.5,
  'flock.noCocks': 0.6,
  'brooder.moveOn': 0.2,
  'brooder.moreEggs': 0.2,
  'brooder.plainBulb': 0.2,
  'feed.takeIn': 0.4,
  'litter.level': 0.2,
  // habits that come back for good
  'vessels.fillOften': 2.5,
  'litter.sooner': 8,
  'litter.turn': 0.5,
  'air.leaveOpen': 4,
  // set, fitted, moved
  'vessels.height': 0.1,
  'vessels.move': 0.2,
  'vessels.cone': 0.3,
  'vessels.bolt': 0.3,
  'vessels.fillLess': 0.1,
  'reach.fillOutside': 0.8,
  'reach.insideLatch': 0.3,
  'shell.latch': 0.4,
  'shell.stay': 0.3,
  'shell.moveIn': 0.5,
  'shell.moveThing': 0.4,
  'shell.moveAlong': 1.2,
  'shell.takeOut': 0.4,
  'roosts.brackets': 0.5,
  'roosts.onEdge': 0.4,
  'roosts.ceiling': 3,
  'roosts.spread': 0.5,
  'roosts.offTheWall': 0.5,
  'roosts.allOffTheWall': 0.9,
  'roosts.lower': 0.5,
  'roosts.raise': 0.6,
  'nests.lower': 0.5,
  'nests.setLip': 0.6,
  'nests.step': 0.4,
  'nests.move': 0.8,
  'nests.moveAlong': 0.7,
  'door.step': 0.4,
  // made
  'roosts.lengthen': 0.9,
  'roosts.addInFront': 1,
  'roosts.addFirst': 1,
  'roosts.addBar': 1,
  'roosts.layOne': 1.5,
  'nests.widen': 1,
  'nests.enlarge': 2.5,
  'nests.addBank': 2,
  'vessels.outlets': 0.6,
  'vessels.larger': 0.8,
  'vessels.wider': 0.9,
  'vessels.another': 1,
  'air.addVent': 1.2,
  'air.addVents': 2.2,
  'air.addRidge': 3,
  'air.letOpen': 0.9,
  'air.makeOpen': 0.9,
  'air.addWindow': 1.4,
  'air.addWindows': 2.6,
  'air.addWindowsAll': 5,
  'door.another': 1.5,
  'door.enlarge': 1.5,
  'door.move': 1.6,
  'door.moveRaised': 1.8,
  'reach.addHatch': 2,
  'reach.addLongHatch': 2.4,
  'reach.addHatches': 8,
  'reach.addDoor': 3,
  'reach.hatchToDoor': 3.5,
  'reach.moveDoor': 3,
  'shell.addRun': 20,
  'shell.widenRun': 8,
  'shell.roofRun': 8,
  'shell.lengthen': 60,
  // another school, or fewer birds: beside what is built, not before it
  'floor.otherSchool': 6,
  'roosts.otherSchool': 6,
  'floor.shutIn': 1,
  'flock.fewer': 7,
  'roosts.stairSchool': 1.5,
  'litter.deepSchool': 2,
};
const USUAL = 1;

/** What a proposal costs in hours. */
export const hoursOf = (p: Pick<Proposal, 'code' | 'hours'>): number =>
  p.hours ?? HOURS[p.code] ?? USUAL;

/** Fewer birds live here afterwards. */
export const TAKES_BIRDS: ReadonlySet<string> = new Set(['flock.fewer', 'flock.keepCocks']);

/** Remedies that take birds out, change a school or the shell: pressed by nobody but the keeper who means to. */
export const OTHER_WISE: ReadonlySet<string> = new Set([
  'flock.fewer',
  'flock.keepCocks',
  'flock.noCocks',
  'flock.sortCocks',
  'floor.otherSchool',
  'roosts.otherSchool',
  'floor.shutIn',
  'roosts.stairSchool',
  'litter.deepSchool',
  'litter.sooner',
  'shell.lengthen',
  'shell.earthRun',
]);
