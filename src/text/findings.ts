import type { Finding, FindingCode, Severity } from '@/core/kernel/finding';
import type { Figures } from '@/core/kernel/working';
import type { Plan } from '@/core/model/schema';
import { BUILDING_FINDING_WORDS } from './findings.building.data';
import { STATION_FINDING_WORDS } from './findings.stations.data';
import { formatDay } from './format';
import { sayFigure, sayValue } from './say';

/** `{name}` is a number of the finding, `{name|bare}` without its noun, `{fixtures}` the fixtures' names, `{from}` the day (where no number has that name). */
interface FindingWords {
  readonly title: string;
  readonly text: string;
}

export const SEVERITY_NAMES: Readonly<Record<Severity, string>> = {
  harm: 'harm',
  short: 'short',
  awkward: 'awkward',
};

/** What happens to birds or keeper, and how far off it is. */
export const FINDING_WORDS: Readonly<Record<FindingCode, FindingWords>> = {
  ...BUILDING_FINDING_WORDS,
  ...STATION_FINDING_WORDS,
  'flock.cocks.tooMany': {
    title: 'Too many cocks',
    text: 'From {from}, {ratio} to a cock; {least|bare} to {most} is usual. Hens are trodden bare and hurt, and cocks fight.',
  },
  'flock.cocks.tooFew': {
    title: 'Many hens to a cock',
    text: 'From {from}, {ratio} to a cock; {least|bare} to {most} is usual. Not every egg will be fertile; to eat them it does not matter.',
  },
  'flock.cocks.undecided': {
    title: 'Where will the cocks go?',
    text: 'Half of unsexed chicks are cocks: {cocks|bare} here. Say when they are sorted out and how many stay; until then they take room, feed and bar.',
  },
  'flock.feed.mixed': {
    title: 'One feed for all of them',
    text: 'From {from}, {others} not in lay and {laying} in lay live together. Layer feed harms the kidneys of young birds and of cocks: give all of them grower or all-flock feed (at most {calcium} % calcium) and shell in a dish apart, until the youngest lays.',
  },
  'flock.ducks.withHens': {
    title: 'Ducks beside hens',
    text: 'From {from}, {ducks|bare} ducks live with {hens|bare} hens. Ducks splash the litter wet and sleep on the floor: water over a tray or outdoors, a box on the floor for them, and no drake without ducks of his own.',
  },
  'flock.limit.birds': {
    title: 'More birds than your local rule allows',
    text: 'From {from} there are {planned}; you entered {allowed} as the most. Local rules decide.',
  },
  'flock.limit.permit': {
    title: 'A permit is asked for',
    text: 'From {from} there are {planned}; you entered that a permit is asked for from {allowed} on.',
  },
  'flock.limit.cocks': {
    title: 'More cocks than your local rule allows',
    text: 'From {from} there are {cocks|bare} cocks; you entered {allowed} as the most.',
  },
  'flock.limit.setback': {
    title: 'Too near the boundary',
    text: 'The coop stands {stands} away; you entered {needed} as the least.',
  },
  'flock.limit.housing': {
    title: 'Birds kept in by order',
    text: 'While a housing order holds, birds are in all day: choose the school shut-in winters for the floor, and roof the run against wild birds.',
  },
  'floor.area.short': {
    title: 'Too little floor',
    text: 'The birds ask for {needed} and {there} is free: short by {missing}. Crowded birds peck one another and the litter stays wet.',
  },
  'roosts.length.short': {
    title: 'Too little roost',
    text: '{without|bare} of {present} find no place on the bars. They ask for {needed}; {there} counts: short by {missing}. The last ones up sleep in nests, on ledges or in the doorway.',
  },
  'roosts.places.short': {
    title: 'Too few places on the bars',
    text: '{without|bare} of {present} find no place: each bar holds whole birds only, so of {there} that counts some is left over at each end, though they ask for no more than {needed}. The last ones up sleep in nests, on ledges or in the doorway.',
  },
  'roosts.reach.short': {
    title: 'Too few places within reach',
    text: '{without|bare} of {present} find no place on a bar that they get up to. They ask for {needed} and {there} counts, but not all of it where their hops lead. They sleep on the floor.',
  },
  'roosts.bar.unreached': {
    title: 'Bar that no bird gets up to',
    text: '{fixtures} is {height} above the litter, and nothing leads there by hops of {hop} with gaps of a metre (three feet) at most. Nobody sleeps on it, so it does not count.',
  },
  'roosts.bar.nearWall': {
    title: 'Bar too near the wall',
    text: '{fixtures} stands {gap} from the wall; these birds want {needed}. Tails rub, and droppings foul the wall.',
  },
  'roosts.bar.low': {
    title: 'Bar too low',
    text: '{fixtures} is {height} above the litter, as it is started or as it has grown; {needed} is the least then. Birds look for something higher and find the nests.',
  },
  'roosts.bar.underAnother': {
    title: 'Bar under another',
    text: '{fixtures}: {apart} apart sideways, and droppings reach {needed}. Nobody sleeps clean on the lower one, so it does not count.',
  },
  'roosts.bar.belowNests': {
    title: 'Bar below the nest entrances',
    text: '{fixtures} is no higher than the highest nest entrance ({above}); {needed} above it is the least. Birds sleep in the nests, so the bar does not count.',
  },
  'roosts.bar.nearNests': {
    title: 'Bar barely above the nests',
    text: '{fixtures} is {above} above the highest nest entrance; {needed} is the least. Some birds will sleep in the nests and foul them.',
  },
  'roosts.bars.tooClose': {
    title: 'Bars too close together',
    text: '{fixtures} are {apart} apart at one height; these birds want {needed}, centre to centre. Rows peck at one another, and only one of them fills.',
  },
  'roosts.bars.stairTooClose': {
    title: 'Steps too close together',
    text: '{fixtures} are {apart} apart sideways; these birds want {needed}. Droppings of the upper row fall on the lower.',
  },
  'roosts.bar.narrowInCold': {
    title: 'Bar narrow for hard frost',
    text: '{fixtures} is {width} wide; where nights fall to {winter}, {needed} and more lets a hen sit flat and cover her toes.',
  },
  'nests.boxes.short': {
    title: 'Too few nests',
    text: '{hens} in lay ask for {needed}; {there|bare} serve them: short by {missing|bare}. Hens queue, two squeeze in, eggs crack.',
  },
  'nests.boxes.sizeShort': {
    title: 'Too few nests of the right size',
    text: '{hens} in lay ask for {needed} and {there} stand there, but too few are large enough for the biggest hens: {neededWidth} wide and {neededDepth} deep is their size, and three quarters of it the least that serves.',
  },
  'nests.bank.underBars': {
    title: 'Nests under the droppings',
    text: '{fixtures}: droppings fall {reach} to each side of a bar, and the entrances lie in that strip. Eggs come out dirty, and dirty eggs make people ill.',
  },
  'nests.lip.low': {
    title: 'Nest lip too low',
    text: '{fixtures} has its lip {lip} above the litter, as it is started or as it has grown; {needed} is the least then. Litter and droppings are scratched in, and low boxes are slept in.',
  },
  'nests.lip.high': {
    title: 'Nest lip too high',
    text: '{fixtures} has its lip {lip} above the litter; {allowed} is the most that is easy for these birds. Old and heavy ones give up and lay on the floor.',
  },
  'nests.lip.unreached': {
    title: 'No way up to the nests',
    text: '{fixtures} has its lip {lip} above the litter, and one hop of these hens is {hop}. They lay on the floor until a step or rail leads up.',
  },
  'nests.box.small': {
    title: 'Boxes too small',
    text: '{fixtures}: {width} wide, {depth} deep, {height} high inside; the largest hens want {neededWidth}, {neededDepth} and {neededHeight}. In a snug box eggs crack and the sides are fouled.',
  },
  'shell.fixture.pastWall': {
    title: 'Past the wall',
    text: '{fixtures} reaches through a wall of the shell. Move it in, shorten it, or correct the shell.',
  },
  'shell.fixture.throughRoof': {
    title: 'Through the roof',
    text: '{fixtures} reaches above the underside of the roof. Lower it, or correct the roof.',
  },
  'shell.fixture.belowFloor': {
    title: 'Below the floor',
    text: '{fixtures} reaches below the bare floor. Raise it.',
  },
};

/** A run of words, a number of the finding, or the name of a fixture as the keeper gave it. */
export type FindingPiece =
  | { readonly kind: 'words'; readonly text: string }
  | {
      readonly kind: 'number';
      readonly name: string;
      readonly bare: boolean;
      /** Said with all its digits: another number of the finding would read the same. */
      readonly fine: boolean;
    }
  | { readonly kind: 'fixtures'; readonly names: string }
  | { readonly kind: 'day'; readonly day: string };

/** On which days a finding holds, where it is not told by its own words; null where it holds whatever the day. */
export function whenText(finding: Finding, on: string): string | null {
  const { from, till } = finding;
  if (!from || wordsOf(finding).text.includes('{from}')) return null;
  if (from <= on) return till ? `Now, until ${formatDay(till)}.` : 'Now, and it stays so.';
  return till ? `From ${formatDay(from)} until ${formatDay(till)}.` : `From ${formatDay(from)}.`;
}

/** The same in pieces, so that a screen can mark each day as one. */
export const whenPieces = (finding: Finding, on: string): readonly string[] =>
  whenText(finding, on)?.split(/(\d+ \w+ \d{4})/) ?? [];

export const findingTitle = (finding: Finding): string => wordsOf(finding).title;

/** A finding's sentence in pieces, so that a screen can make each number lead to its working. */
export function findingPieces(finding: Finding, plan: Plan): FindingPiece[] {
  return wordsOf(finding)
    .text.split(/(\{[\w|]+\})/)
    .filter((part) => part !== '')
    .map((part): FindingPiece => {
      const [, name, bare] = /^\{(\w+)(\|bare)?\}$/.exec(part) ?? [];
      if (name === undefined) return { kind: 'words', text: part };
      if (name === 'from' && !finding.numbers.from) return { kind: 'day', day: finding.from ?? '' };
      return name === 'fixtures'
        ? { kind: 'fixtures', names: fixtureNames(finding.fixtures, plan) }
        : {
            kind: 'number',
            name,
            bare: bare !== undefined,
            fine: readsTheSame(finding, name, plan),
          };
    });
}

/** A finding's sentence as plain text. */
export const findingText = (finding: Finding, plan: Plan, figures: Figures): string =>
  findingPieces(finding, plan)
    .map((piece) => {
      if (piece.kind === 'words') return piece.text;
      if (piece.kind === 'fixtures') return piece.names;
      if (piece.kind === 'day') return formatDay(piece.day);
      const figure = figures.get(finding.numbers[piece.name]?.figure ?? '');
      return figure ? sayFigure(figure, plan.units, piece.bare, piece.fine) : '';
    })
    .join('');

/** Whether a number of a finding is another than one beside it, and would read the same: 38 cm where 38 cm is the least. */
function readsTheSame({ numbers }: Finding, name: string, { units }: Plan): boolean {
  const own = numbers[name];
  if (!own) return false;
  const text = sayValue(own.value, own.unit, units);
  return Object.values(numbers).some(
    (other) =>
      other.unit === own.unit &&
      Math.abs(other.value - own.value) > 1e-9 &&
      sayValue(other.value, other.unit, units) === text,
  );
}

function fixtureNames(ids: readonly string[], plan: Plan): string {
  const named = [...plan.fixtures, ...plan.flock];
  const names = ids.map((id) => named.find((f) => f.id === id)?.name ?? id);
  const last = names.pop();
  return names.length === 0 ? (last ?? '') : `${names.join(', ')} and ${last}`;
}

function wordsOf(finding: Finding): FindingWords {
  const words = FINDING_WORDS[finding.code];
  if (!words) throw new Error(`no words for the finding ${finding.code}`);
  return words;
}
