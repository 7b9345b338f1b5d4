import type { FindingCode, RemedyCode } from '@/core/kernel/codes.data';
import type { Finding } from '@/core/kernel/finding';
import type { Plan } from '@/core/model/schema';
import type { Remedy, Told } from '@/core/proposals/remedy';
import { WITHOUT_REMEDY } from '@/core/remedies/without';
import { FINDING_WORDS } from './findings';
import { formatBare } from './format';
import { sayValue } from './say';

/** `{name}` is a number, `{name|bare}` without its noun, `{fixtures}` the fixtures' names, `{wall}` a wall. */
export const REMEDY_WORDS: Readonly<Record<RemedyCode, string>> = {
  'roosts.lengthen': 'Lengthen {fixtures} to {length}',
  'roosts.addInFront':
    'Add a {length} bar {apart} in front of {fixtures}, {height} above the litter',
  'roosts.addBar': 'Add a {length} bar {apart} from the rear wall, {height} above the litter',
  'roosts.addBars':
    'Add {bars} of up to {length}, {height} above the litter, each row as far from the next as these birds want',
  'roosts.addFirst': 'Add a {length} bar {apart} from the rear wall',
  'roosts.otherSchool':
    'Let them huddle: nine inches a bird, known to leave the lowest on the floor',
  'roosts.ofLumber': 'Make {fixtures} of sound 38 × 89 mm (2 × 4) lumber, flat',
  'roosts.layOne': 'Lay one bar of {length}, {wall} from the rear wall',
  'roosts.layAnew':
    'Lay {rows} of {length}, the first {wall} from the rear wall, then {apart} apart',
  'roosts.setAnew':
    'Take the bars out and lay {rows} of {length}, {height} above the litter, the first {wall} from the rear wall, then {apart} apart',
  'roosts.setAnewOnBrackets':
    'Take the bars out and lay {rows} of {length}, {height} above the litter, the first {wall} from the rear wall, then {apart} apart, with {brackets} under each',
  'roosts.setAnewStepped':
    'Take the bars out and lay {rows} of {length}, by turns {height} above the litter and {rise} higher, the foremost low, the first {wall} from the rear wall, then {apart} apart',
  'roosts.setAnewSteppedOnBrackets':
    'Take the bars out and lay {rows} of {length}, by turns {height} above the litter and {rise} higher, the foremost low, the first {wall} from the rear wall, then {apart} apart, with {brackets} under each',
  'roosts.frontShort':
    'Let {fixtures}, the foremost, be {length} only: what stands on the floor goes beside it',
  'nests.setAnew': 'Set the nests anew',
  'vessels.setAnew': 'Set out of the droppings what stands on the floor',
  'nests.setAt': 'Set {fixtures} on the {wall} wall, lip {height} above the litter',
  'nests.setOutside':
    'Hang {fixtures} outside, through the {wall} wall, lip {height} above the litter',
  'roosts.offTheWall': 'Move {fixtures} to {wall} from the wall',
  'roosts.allOffTheWall': 'Move the bars until {fixtures} stands {wall} from the wall',
  'roosts.spread': 'Move {fixtures} to {apart} from the next bar',
  'roosts.raise': 'Raise {fixtures} to {height} above the litter',
  'roosts.widen': 'Make {fixtures} a flat bar {width} wide',
  'nests.widen': 'Make {fixtures} a bank of {boxes}',
  'nests.addBank': 'Add a bank of {boxes} on the {wall} wall',
  'nests.addOutside': 'Hang a bank of {boxes} outside, through the {wall} wall',
  'nests.addForDucks': 'Add {boxes} on the floor for the ducks, at the {wall} wall',
  'nests.addOutsideForDucks':
    'Hang {boxes} for the ducks outside at floor height, through the {wall} wall',
  'nests.remake':
    'Make {fixtures} a bank of {boxes}, each {width} wide, {depth} deep, {height} high',
  'nests.move': 'Move {fixtures} to the {wall} wall',
  'nests.moveAlong': 'Move {fixtures} along its wall to {along}',
  'nests.setLip': 'Set the lip of {fixtures} {height} above the litter',
  'nests.step': 'Set a step or rail {height} above the litter before {fixtures}',
  'nests.lowerWithStep':
    'Lower {fixtures}, lip {height} above the litter, with a step at {step} before it',
  'nests.lower': 'Lower {fixtures}, lip {height} above the litter',
  'nests.hang': 'Hang {fixtures} with the lip {height} above the litter: the floor under it counts',
  'nests.hangOutside': 'Hang {fixtures} outside, through the {wall} wall: its floor is free',
  'nests.enlarge': 'Make the boxes of {fixtures} {width} wide, {depth} deep, {height} high',
  'floor.to.threeToFourFeet':
    'Size the floor by three to four feet: where winters are mild and the run is open',
  'floor.to.sleepingOnly':
    'Size the floor for sleeping only: with a dry, roofed run that is open every day',
  'flock.fewer': 'Keep {birds} here; the others want a second house',
  'floor.shutIn': 'Size the floor by shut-in winters',
  'shell.moveIn': 'Move {fixtures} inside',
  'shell.moveThing': 'Move {fixtures} to {left} from the left and {front} from the front wall',
  'shell.moveAlong': 'Move {fixtures} to {along} along the {wall} wall',
  'shell.takeOut': 'Take {fixtures} out',
  'shell.fineMesh': 'Cover {fixtures} with 6 mm (1/4 in) hardware cloth, screwed down',
  'shell.mesh': 'Cover {fixtures} with 13 mm (1/2 in) hardware cloth, screwed down',
  'shell.acrylic': 'Glaze {fixtures} with acrylic',
  'shell.stay': 'Fit a stay or catch to {fixtures}',
  'shell.latch': 'Fit {fixtures} with a latch of two movements',
  'shell.apron': 'Lay an apron of {apron} round the foot',
  'shell.addRun': 'Add a roofed run of {length} by {width}',
  'shell.widenRun': 'Make the run {width} wide',
  'shell.roofRun': 'Roof the whole run',
  'shell.earthRun': 'Leave the run’s floor as bare earth',
  'shell.eaves': 'Let the run’s roof reach out {eaves}',
  'shell.skirting': 'Board the run’s foot {skirting} high',
  'shell.solidSide': 'Board up the {wall} side of the run',
  'shell.runMesh': 'Cover the run with 13 mm (1/2 in) hardware cloth',
  'shell.pastimes': 'Give them {pastimes} to do',
  'shell.addBath': 'Add a dust bath of {area}',
  'shell.enlargeBath': 'Make {fixtures} {length} long',
  'shell.fillBath': 'Fill {fixtures} {depth} deep',
  'shell.roofBath': 'Roof {fixtures}',
  'roosts.lowerWithStep':
    'Lower {fixtures} to {height} above the litter, with {steps} as a step up to it',
  'roosts.addSteps': 'Set {steps} as a way up to {fixtures}',
  'roosts.addStepsDown': 'Set {steps} as a way down from {fixtures}',
  'roosts.lower': 'Lower {fixtures} to {height} above the litter',
  'roosts.lowerWithNests': 'Lower {fixtures} to {height} above the litter, and the nests with it',
  'roosts.brackets': 'Support {fixtures} with {brackets} between its ends',
  'roosts.onEdge': 'Turn {fixtures} on edge',
  'roosts.thicken': 'Make {fixtures} {width} across',
  'roosts.ofWood': 'Make {fixtures} of wood, flat',
  'roosts.liftOut': 'Let {fixtures} lift out',
  'roosts.brace': 'Tie {fixtures} sideways',
  'roosts.slope': 'Slope the top of {fixtures}',
  'roosts.ceiling': 'Stretch mesh level under the rafters, from wall to wall',
  'roosts.flush': 'Set the mesh of {fixtures} flush inside',
  'roosts.relean': 'Lean the ladder at {lean}, its rungs within a hop',
  'roosts.stairSchool': 'Go by stair-stepped bars instead',
  'roosts.board': 'Set {fixtures} under the bars, {depth} deep',
  'nests.oneTierLess': 'Set the boxes of {fixtures} in {tiers}',
  'nests.lowerBy': 'Lower {fixtures} by {by}',
  'nests.shutTop': 'Shut the top tier of {fixtures} at night',
  'nests.slopeLid': 'Slope the top of {fixtures} at {slope}',
  'nests.addRail': 'Fit a rail before {fixtures}',
  'nests.bedding': 'Bed {fixtures} over a solid floor',
  'nests.setCollect': 'Set {fixtures} so that eggs are {height} above the ground',
  'nests.collectInside': 'Collect {fixtures} from inside',
  'nests.divide': 'Divide {fixtures} to {width}',
  'nests.raiseLip': 'Raise {fixtures} to {height}, and the bars with it',
  'air.addVent': 'Add a vent under the eaves of the {wall} wall, {width} by {height}',
  'air.addVents': 'Add {vents} vents under the eaves that stay open, {area} net in all',
  'air.addVentBaffled':
    'Add a vent with a baffle under the eaves of the {wall} wall, {width} by {height}',
  'air.addVentsBaffled':
    'Add {vents} vents with baffles under the eaves that stay open, {area} net in all',
  'air.addRidge': 'Open the ridge for {length}, {width} wide',
  'air.leaveOpen': 'Leave {fixtures} open for good',
  'air.makeOpen': 'Make {fixtures} open, with mesh behind',
  'air.addWindow': 'Add a meshed window that shuts in the {wall} wall, {width} by {height}',
  'air.addWindows': 'Add two meshed windows that shut, front and rear, each {width} by {height}',
  'air.addWindowsAll': 'Add a meshed window that shuts in each wall, {width} by {height}',
  'air.closable': 'Let {fixtures} be shut in winter',
  'air.baffle': 'Turn the air of {fixtures} up with a baffle',
  'air.raise': 'Raise {fixtures} to a sill of {sill}',
  'vessels.another': 'Add {more} more like {fixtures}, apart',
  'vessels.anotherOf': 'Add {more} more like {fixtures} of {litres}, apart',
  'vessels.largerAndMore': 'Take {litres} for {fixtures}, and add {more} more of that size',
  'vessels.hangUp': 'Hang {fixtures}, {height} above the litter, and raise it as the litter grows',
  'vessels.outlets': 'Give {fixtures} {outlets}',
  'vessels.toPorts': 'Take a wall feeder with {outlets} in place of {fixtures}',
  'vessels.toFount': 'Take a round fount {size} across, on a tray, in place of {fixtures}',
  'vessels.toCups': 'Take a line with {outlets} in place of {fixtures}',
  'vessels.height': 'Set {fixtures} at {height}',
  'vessels.move': 'Move {fixtures} to {left} from the left and {front} from the front wall',
  'vessels.larger': 'Take one that holds {litres} for {fixtures}',
  'vessels.allLarger': 'Take vessels of {litres} each for {fixtures}',
  'vessels.fillLess': 'Fill {fixtures} with {litres} at most',
  'vessels.fillOften': 'Fill them every {days}',
  'vessels.bolt': 'Bolt {fixtures} through',
  'vessels.cone': 'Put a cone on {fixtures}',
  'vessels.heightOnWall': 'Set {fixtures} on the wall {height} above the litter as it starts',
  'feed.addOpen': 'Add an open feeder, taken in at dusk, until every bird was seen to eat alone',
  'feed.addTall': 'Add a feeder at {height} for the tall birds',
  'feed.takeIn': 'Take {fixtures} in at dusk',
  'feed.tube': 'Use a hanging tube for {fixtures}',
  'feed.bag': 'Buy bags of {bag}',
  'feed.addShell': 'Add {dishes} of shell',
  'feed.addGrit': 'Add a dish of grit',
  'water.tray': 'Set {fixtures} over a tray',
  'water.raiseTank': 'Raise the tank of {fixtures} to {above} above its outlets',
  'water.widenLine': 'Lay the line of {fixtures} in {bore} pipe',
  'water.fount': 'Use a round fount for {fixtures}',
  'litter.deepen': 'Start with {depth}',
  'litter.level': 'Level the litter to {depth}',
  'litter.sooner': 'Clean out each half-year',
  'litter.planFor': 'Plan for {depth}: lips, bars and sills are held to it',
  'litter.keepTo': 'Keep the litter to {depth} at most: take some out before it is deeper',
  'litter.upturn': 'Turn the floor {height} up the walls',
  'litter.board': 'Set a board {height} high',
  'litter.turn': 'Turn it twice a week',
  'litter.seal': 'Seal the floor',
  'litter.addTray': 'Add a board under the bars',
  'litter.deepSchool': 'Go by deep litter instead',
  'door.another': 'Add {more}',
  'door.enlarge': 'Make {fixtures} {width} by {height}',
  'door.step': 'Set a step {height} above the litter inside {fixtures}',
  'door.rampInside': 'Set a ramp inside up to the sill of {fixtures}',
  'door.lowerSill': 'Lower the sill of {fixtures} to {sill}',
  'door.raiseSill': 'Raise the sill of {fixtures} to {sill}',
  'door.addRamp': 'Give {fixtures} a ramp of {length}',
  'door.lengthenRamp': 'Lengthen the ramp of {fixtures} to {length}',
  'door.widenRamp': 'Make the ramp of {fixtures} {width} wide',
  'door.cleats': 'Set the cleats of {fixtures} {cleats} apart',
  'door.move': 'Move {fixtures} to the {wall} wall',
  'door.byClock': 'Work {fixtures} by the clock',
  'door.shadeEye': 'Shade the eye of {fixtures} from the lamp',
  'door.margin': 'Close {fixtures} {margin} after sunset',
  'door.override': 'Fit {fixtures} with a hand override',
  'door.guard': 'Guard the cord and track of {fixtures}',
  'reach.addHatch': 'Add a hatch in the {wall} wall',
  'reach.addHatches': 'Add a hatch in every wall',
  'reach.widen': 'Make {fixtures} {width} wide',
  'reach.levelSill': 'Cut {fixtures} down to the floor',
  'reach.barrowSill': 'Set the sill of {fixtures} {sill} above the ground',
  'reach.narrowFlap': 'Make the flap of {fixtures} {width} wide',
  'reach.insideLatch': 'Fit a latch inside {fixtures}',
  'brooder.moreEggs': 'Set {eggs} for {fixtures}',
  'reach.moveDoor': 'Set {fixtures} in the {wall} wall, {along} along it',
  'reach.fillOutside': 'Fill {fixtures} from outside',
  'brooder.plate': 'Use a plate large enough for {chicks}',
  'brooder.indoors': 'Move the brooder to a room of {air}',
  'brooder.lamps': 'Hang two lamps of {watts} on cords of their own',
  'brooder.halfLids': 'Make the lid in parts that one person lifts',
  'brooder.drawer': 'Give it a floor that draws out',
  'brooder.enlarge': 'Make the brooder {length} by {width}',
  'brooder.lengthen': 'Make the brooder {length} long',
  'brooder.feedEdge': 'Give the chicks {edge} of feed edge',
  'brooder.waterRim': 'Give the chicks {edge} of water rim',
  'brooder.wall': 'Raise the wall to {wall}',
  'brooder.lid': 'Fit a lid',
  'brooder.corners': 'Round off the corners',
  'brooder.vent': 'Open {area} of high vents',
  'brooder.raiseLamp': 'Raise the lamp to {above}',
  'brooder.plainBulb': 'Use an uncoated bulb',
  'brooder.secondFixing': 'Fit a second support and a guard',
  'brooder.moveOnLarger':
    'Move {fixtures} out at {age}, and make the brooder {length} by {width} until then',
  'brooder.moveOn': 'Move {fixtures} out at {age}',
  'flock.allFlock': 'Feed all of them grower or all-flock feed, with shell apart',
  'flock.keepCocks': 'Keep {cocks} cocks',
  'flock.noCocks': 'Keep no cock',
  'floor.narrowStrip': 'Narrow your own strip to {depth}',
  'shell.lengthen': 'Build the coop {length} long',
  'shell.cut': 'Cut {fixtures} to fit, and move it inside',
  'vessels.wider': 'Take one {size} across for {fixtures}',
  'vessels.longer': 'Make {fixtures} {size} long',
  'reach.addLongHatch': 'Add a flap {width} wide in the {wall} wall',
  'vessels.bringIn': 'Set {fixtures} up in the coop',
  'reach.addDoor': 'Add a door to walk in by',
  'flock.sortCocks': 'Take the cocks out at {weeks}, keeping none',
};

/**
 * One change of a remedy, and what it is done piece by piece; empty where it is one piece. Set one after another,
 * with the marks they bring along, the lines are `remedyText`.
 */
export interface RemedyLine {
  readonly text: string;
  readonly parts: readonly string[];
}

/** What a remedy does, change by change. */
export function remedyLines(remedy: Pick<Remedy, 'steps' | 'plan'>, plan: Plan): RemedyLine[] {
  // what an earlier step adds has its name in the plan that comes of it
  const named = { ...remedy.plan, units: plan.units };
  const say = (step: Told): string =>
    stepText(step, step.fixtures.every((id) => hasThing(plan, id)) ? plan : named);
  const last = remedy.steps.length - 1;
  return remedy.steps.map((step, i) => {
    const own = i === 0 ? say(step) : asPart(say(step));
    const text = i === last && i > 0 ? `and ${own}` : own;
    const parts = (step.parts ?? []).map((part) => asPart(say(part)));
    const end = i === last ? '' : i === last - 1 ? ' ' : ', ';
    if (parts.length === 0) return { text: `${text}${end}`, parts };
    return {
      text: `${text}: `,
      parts: parts.map((part, k) => `${part}${k === parts.length - 1 ? end : '; '}`),
    };
  });
}

const asPart = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** What a remedy does, as it is named when it is done and taken back: every change of it in one line. */
export const remedyText = (remedy: Pick<Remedy, 'steps' | 'plan'>, plan: Plan): string =>
  remedyLines(remedy, plan)
    .map(({ text, parts }) => `${text}${parts.join('')}`)
    .join('');

/** What one change does. */
export function stepText(remedy: Told, plan: Plan): string {
  const words = REMEDY_WORDS[remedy.code];
  if (words === undefined) throw new Error(`no words for the remedy ${remedy.code}`);
  return words.replace(/\{(\w+)(\|bare)?\}/g, (_, name: string, bare?: string) => {
    if (name === 'fixtures') return namesOf(remedy.fixtures, plan);
    if (name === 'wall' && remedy.wall !== undefined) return remedy.wall;
    const number = remedy.numbers[name];
    if (!number) throw new Error(`the remedy ${remedy.code} has no ${name}`);
    return bare
      ? formatBare(number.value, number.unit, plan.units)
      : sayValue(number.value, number.unit, plan.units);
  });
}

/** What a remedy brings or worsens, in words, what is as bad as what it mends first; null for most. */
export function bringsText({
  brings,
  lesser,
  worsens,
}: Pick<Remedy, 'brings' | 'lesser' | 'worsens'>): string | null {
  const titles = (codes: readonly FindingCode[]): string =>
    codes.map((code) => FINDING_WORDS[code].title.toLowerCase()).join(', ');
  const told = [
    ...(brings.length > 0 ? [`It brings, as bad: ${titles(brings)}.`] : []),
    ...(lesser.length > 0 ? [`It brings: ${titles(lesser)}.`] : []),
    ...(worsens.length > 0 ? [`It makes worse: ${titles(worsens)}.`] : []),
  ];
  return told.length > 0 ? told.join(' ') : null;
}

/** Why nothing that was tried mends a finding, and what does: told where every proposal fails. */
export const NOTHING_FITS: Readonly<Record<string, string>> = {
  'brooder.space.short':
    'No box that a keeper can still reach across holds so many chicks until they bear the nights. Part them between two pens from their sixth week, or hatch fewer.',
  'roosts.length.short':
    'However the bars are laid, with the nests and vessels clear of the droppings, this coop does not seat so many. Keep fewer birds, or build larger.',
  'roosts.places.short':
    'However the bars are laid, with the nests and vessels clear of the droppings, this coop does not seat so many. Keep fewer birds, or build larger.',
  'roosts.reach.short':
    'However the bars are laid, some of these birds find no place that they get up to. Keep those that hop least in a coop of their own, or keep fewer birds.',
  'roosts.bar.low':
    'Raised, it would be too high for these birds to get up to, or in the way of another bar. Keep the litter lower, so that more of the bar stands over it.',
  'nests.boxes.short':
    'No wall has room for the boxes that are missing, inside or out. Make room on one by hand, or keep fewer hens.',
  'nests.lip.low':
    'Raised, these nests would lie too near the bars or too high to get up to. Raise the bars by hand first, or keep the litter lower.',
  'reach.nests.low':
    'Raised, these nests would lie too near the bars or too high to get up to. Kneel on a board, or gather through a flap from outside.',
  'feed.one.only':
    'No second place lies clear of the droppings and far enough from the first. Make room by hand, or feed in the run as well.',
  'water.one.only':
    'No second place lies clear of the droppings and far enough from the first. Make room by hand, or water in the run as well.',
  'feed.access.short':
    'No more places at a feeder fit clear of the droppings. Make room by hand, feed in the run as well, or keep fewer birds.',
  'water.access.short':
    'No more places at a drinker fit clear of the droppings. Make room by hand, water in the run as well, or keep fewer birds.',
  'shell.fixture.pastWall':
    'Moved inside, it would stand in something else’s way. Take it out, or make room for it by hand.',
};

/** Why no remedy stands under a finding. */
export const reasonWithout = (code: string): string =>
  WITHOUT_REMEDY[code] ??
  NOTHING_FITS[code] ??
  'No press mends this: each change that was tried leaves it as it is, brings something worse, or does not fit. Change it by hand, keep fewer birds, or build larger.';

const hasThing = (plan: Plan, id: string): boolean =>
  [...plan.fixtures, ...plan.flock].some((f) => f.id === id);

function namesOf(ids: readonly string[], plan: Plan): string {
  const names = ids.map(
    (id) => [...plan.fixtures, ...plan.flock].find((f) => f.id === id)?.name ?? id,
  );
  const last = names.pop();
  return names.length === 0 ? (last ?? '') : `${names.join(', ')} and ${last}`;
}

/** A remedy as it is shown: its words, and what it brings. */
export interface ShownRemedy {
  readonly code: string;
  readonly lines: readonly RemedyLine[];
  /** All of it in one line, as it is named when it has been done. */
  readonly said: string;
  readonly brings: string | null;
}

/** What is shown under a finding: what would mend it, or why nothing does. */
export interface ShownRemedies {
  readonly remedies: readonly ShownRemedy[];
  readonly without: string | null;
}

export const shownRemedies = (
  remedies: readonly Remedy[],
  finding: Pick<Finding, 'code'>,
  plan: Plan,
): ShownRemedies => ({
  remedies: remedies.map((remedy) => ({
    code: remedy.code,
    lines: remedyLines(remedy, plan),
    said: remedyText(remedy, plan),
    brings: bringsText(remedy),
  })),
  without: remedies.length === 0 ? reasonWithout(finding.code) : null,
});
