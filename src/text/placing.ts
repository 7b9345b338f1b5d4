import type { MarkOutKind } from '@/core/drawing/markOuts/markOuts';
import { formatLength } from '@/core/kernel/units/length';
import type { Fixture, Plan } from '@/core/model/schema';
import type { InTheWay } from '@/core/placing/inTheWay';
import { heightOf, type SnapLine } from '@/core/placing/lines';
import type { RuleId } from '@/core/rules/rules.data';
import { RULE_WORDS } from './ruleWords.data';

/** Rules that hold something where it is put, in fewer words than the rule's own. */
const HELD_BY: Readonly<Partial<Record<RuleId, string>>> = {
  'roosts.wall': 'off the wall by the rule',
  'roosts.apart.level': 'off the next bar by the rule',
  'roosts.apart.stair': 'off the next step by the rule',
  'roosts.stair.rise': 'a step above the next bar',
  'roosts.lowest': 'lowest for sleeping',
  'roosts.aboveNests': 'clear of the nest entrance',
  'roosts.end.near': 'end clear of the wall',
  'nests.lip.final': 'lip clear of the litter as it ends',
  'nests.lip.easy': 'highest easy lip',
  'feed.height.slack': 'at the smallest bird’s back',
  'door.sill.above': 'sill over the litter as it ends',
  'reach.sill.over': 'over the barrow’s rim',
  'air.band.above': 'above the draught band',
  'air.band.below': 'under the draught band',
};

/** What is marked out about a fixture that is picked. */
export const MARK_OUTS: Readonly<Record<MarkOutKind, string>> = {
  shadow: 'where its droppings fall',
  headroom: 'room over the heads of its birds',
  landing: 'floor that they land on, down a line of 45°',
  draught: 'the band about the bars that no draught may reach in winter',
  hops: 'how high birds hop on their way up to it',
  swing: 'floor that stays free inside it',
  reach: 'how far an arm gets',
  aisle: 'floor that you walk upright',
};

/** What a line that holds a fixture is, in a few words. */
export function lineText(line: SnapLine, plan: Plan): string {
  const { why } = line;
  switch (why.kind) {
    case 'rule':
      return HELD_BY[why.rule] ?? RULE_WORDS[why.rule];
    case 'wall':
      return line.anchor === 'middle' ? 'middle of the wall' : 'at the wall';
    case 'stud':
      return 'at a stud';
    case 'litter':
      return 'on the litter';
    case 'fixture':
      return `in line with ${plan.fixtures.find((f) => f.id === why.fixture)?.name ?? 'it'}`;
  }
}

/** Why a fixture cannot stay where it was put, as a sentence. */
export function wayText(way: InTheWay): string {
  if (way.kind === 'outside') {
    switch (way.code) {
      case 'shell.fixture.pastWall':
        return 'It would reach through a wall.';
      case 'shell.fixture.belowFloor':
        return 'It would reach through the floor.';
      case 'shell.fixture.throughRoof':
        return 'It would reach through the roof.';
    }
  }
  const { name } = way.other;
  switch (way.how) {
    case 'things':
      return `It would stand in ${name}.`;
    case 'bars':
      return `It would cross ${name}.`;
    case 'openings':
      return `It would be cut into ${name}.`;
    case 'doorway':
      return `It would stand in the way of ${name}.`;
  }
}

/** Where a fixture stands, for who cannot see it: its height, and how far it is from the nearest walls. */
export function placeText(f: Fixture, plan: Plan): string {
  const m = (metres: number): string => formatLength(metres, { units: plan.units });
  const height = heightOf(f);
  const { lengthM, widthM } = plan.shell;
  if ('wall' in f) {
    const from = f.wall === 'front' || f.wall === 'rear' ? 'left wall' : 'front wall';
    return `${f.name}, in the ${f.wall} wall, sill ${m(f.sillZ)} above the floor, ${m(f.alongM)} from the ${from}`;
  }
  const high = height === null ? [] : [`${m(height - plan.litter.depthM)} above the litter`];
  const side =
    f.x <= lengthM / 2 ? `${m(f.x)} from the left wall` : `${m(lengthM - f.x)} from the right wall`;
  const deep =
    f.y <= widthM / 2 ? `${m(f.y)} from the front wall` : `${m(widthM - f.y)} from the rear wall`;
  const own = f.kind === 'bar' ? (f.axis === 'x' ? [deep] : [side]) : [side, deep];
  return [f.name, ...high, ...own].join(', ');
}
