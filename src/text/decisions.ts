import type { Decision } from '@/core/layout/decisions';
import type { DecisionCode } from '@/core/layout/decisions.data';
import type { Instead } from '@/core/layout/instead';
import type { Plan } from '@/core/model/schema';
import { formatBare } from './format';
import { inUnits } from './inUnits';
import { sayValue } from './say';

/** Why a thing is as it is: what, then the reason. */
export const DECISION_WORDS: Readonly<Record<DecisionCode, string>> = {
  'shell.size':
    'A room of {length} × {width}: the smallest that holds {birds} well, in whole steps.',
  'shell.parted':
    'A mesh wall {at} from the left, hens on that side and ducks beyond it: ducks splash the litter wet.',
  'shell.beyond': 'Beyond the mesh wall, for the ducks:',
  'shell.together':
    'Ducks and hens in one room: a mesh wall between them leaves too little on each side.',
  'roosts.oneBar': 'One bar of {length} on the {wall} side: all birds find their place on it.',
  'roosts.rows':
    '{bars} of {length} on the {wall} side, one behind the other: shorter bars leave room beside them.',
  'roosts.rowsByWall':
    '{bars} of {length}, not one of {whole}: the {wall} side is {wallLength} long.',
  'roosts.height': '{height} above the litter: above the nests, so that no bird sleeps in a box.',
  'roosts.heightLitter': '{height} above the litter: clear of it even when it has grown.',
  'roosts.heightSteps':
    '{height} above the litter, with {steps} lower as a way up: one hop of these birds is {hop}.',
  'roosts.heightDown':
    '{height} above the litter, with {steps} lower to come down by: the floor before them is short.',
  'roosts.brackets':
    '{brackets} under each bar, between its ends: so it does not sag under a full row.',
  'litter.board':
    'A board under the bars: it catches the droppings of the night, and the litter stays dry longer.',
  'litter.noBoard':
    'No board under the bars: here it would put floor out of your reach, or stand too low to walk under.',
  'nests.inside':
    '{boxes} on the {wall} wall for {hens} in lay: out of the droppings, away from the pop door’s light.',
  'nests.outside':
    '{boxes} hung outside the {wall} wall for {hens} in lay: you gather eggs without reaching in.',
  'nests.outsideForFloor':
    '{boxes} hung outside the {wall} wall for {hens} in lay: the floor stays the birds’.',
  'nests.ducks':
    '{boxes} on the floor at the {wall} wall for {hens|bare} ducks in lay: ducks do not climb.',
  'reach.door': 'A door in the {wall} wall: no bird sleeps over the way in.',
  'reach.hatches':
    'Hatches in the long sides: the roof is too low to walk in, and an arm reaches {arm}.',
  'reach.hatchesInstead':
    'Hatches in the long sides: a door would open under sleeping birds, and an arm reaches {arm}.',
  'door.popDoors':
    '{doors} of {width} × {height}: one for every fifteen birds, large enough for the largest.',
  'feed.one': 'A wall feeder with {ports}, {litres}: it lasts {days}, and rats cannot get in.',
  'feed.made':
    'Feeders made at home: a can {across} across and {high} high, with {ports} through its wall. Rats cannot get in. The workbench under Feed has the marks.',
  'feed.several':
    '{feeders|bare} wall feeders with {ports} each, {litres} each: apart, so that one bird cannot guard both.',
  'water.rain':
    'A rain barrel of {litres} on blocks {height} high, its gutter on the {wall} side. Under Water, thirty years of rain are run through it.',
  'water.heated':
    'Heaters of {watts} in all keep the water open: the coldest night here is {cold}. An electrician fits the supply.',
  'water.carried': 'Carry water on frost days: the coldest night here is {cold}.',
  'water.cups':
    'A line of cups and a tank of {litres}: it lasts {days} on the hottest day, and the litter stays dry.',
  'water.cupsEach':
    '{drinkers|bare} lines of cups, a tank of {litres} each: they last {days} on the hottest day, and the litter stays dry.',
  'water.founts': 'A round drinker of {litres} on a tray: ducks cannot drink from cups.',
  'water.fountsEach':
    '{drinkers|bare} round drinkers of {litres} each, on trays: ducks cannot drink from cups.',
  'water.stands':
    'A round drinker of {litres} on a tray: a line of cups would freeze, and no heater in its tank helps.',
  'water.standsEach':
    '{drinkers|bare} round drinkers of {litres} each, on trays: a line of cups would freeze, and no heater in its tank helps.',
  'shell.bath': 'A dust bath of {length} × {depth}: birds clean themselves in it.',
  'shell.noBath':
    'No dust bath: there is no floor to spare for one. Birds that go out make their own.',
  'shell.strip':
    'A strip of your own along the {wall} wall, {depth} deep, for feed bins and tools: there is floor to spare.',
  'air.vents':
    'Openings under the roof, {area}: they stay open all winter, above the birds’ heads.',
  'air.ventsTurned':
    'Openings under the roof, {area}, with a board that turns the air up: the birds sleep close below.',
  'air.windows': 'Windows to open in summer, {area}, all behind [[13 mm|half-inch]] mesh.',
  'air.windowsFine':
    'Windows to open in summer, {area}, all behind [[6 mm|quarter-inch]] mesh: mice or snakes live here.',
  'litter.deepHeld':
    'Shavings {depth} deep to start, composting until spring: a board {board} high inside the way in holds them back.',
  'litter.deep': 'Shavings {depth} deep to start: turned and topped up, they compost until spring.',
  'brooder.box': 'A brooder box with a warm plate for the chicks, until they bear the nights.',
};

/** A decision in words, in the plan's own units. */
export function decisionText(decision: Decision, plan: Pick<Plan, 'units'>): string {
  const words = inUnits(DECISION_WORDS[decision.code], plan.units);
  const said = words.replace(/\{(\w+)(\|bare)?\}/g, (_, name: string, bare?: string) => {
    if (name === 'wall') return decision.wall ?? '';
    const number = decision.numbers[name];
    if (!number) throw new Error(`the decision ${decision.code} has no ${name}`);
    return bare
      ? formatBare(number.value, number.unit, plan.units)
      : sayValue(number.value, number.unit, plan.units);
  });
  return said.charAt(0).toUpperCase() + said.slice(1);
}

/** What could be chosen instead, as a keeper presses it. */
export function insteadText({ aspect, own: choices }: Pick<Instead, 'aspect' | 'own'>): string {
  switch (aspect) {
    case 'wall':
      return `Bars on the ${choices.wall} side`;
    case 'nests':
      if (choices.tiers !== undefined)
        return choices.tiers === 1 ? 'Nests in one tier' : 'Nests in two tiers';
      return choices.outside ? 'Nests hung outside' : 'Nests inside';
    case 'board':
      return choices.board ? 'A board under the bars' : 'No board under the bars';
    case 'bath':
      return 'No dust bath';
    case 'strip':
      return 'All floor for the birds';
    case 'water':
      return 'With a rain barrel';
    case 'zones':
      return 'One room for all';
    default:
      return choices.homeMade ? 'Feeders made from a can' : 'One feeder and one drinker';
  }
}
