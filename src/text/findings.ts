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
    text: 'Hens are trodden bare and hurt, and cocks fight. From {from} there are {ratio} to a cock; {least|bare} to {most} is usual.',
  },
  'flock.cocks.tooFew': {
    title: 'Many hens to a cock',
    text: 'Not every egg will be fertile; for eating that does not matter. From {from} there are {ratio} to a cock; {least|bare} to {most} is usual.',
  },
  'flock.cocks.undecided': {
    title: 'Where will the cocks go?',
    text: 'Half of unsexed chicks are cocks: {cocks|bare} here. They take floor, feed and bar until you say when they go and how many stay.',
  },
  'flock.cock.maybe': {
    title: 'One may be a cock',
    text: 'Chicks are sexed by eye, and some are told wrong. Among {chicks} sold as hens, the chance of one cock or more is {chance}. Say now what you would do with him.',
  },
  'flock.feed.mixed': {
    title: 'One feed for all of them',
    text: 'Layer feed harms the kidneys of young birds and of cocks. From {from}, {others} not in lay live with {laying} in lay. Give all of them grower or all-flock feed (at most {calcium} % calcium). Give oyster shell in a dish apart, until the youngest lays.',
  },
  'flock.ducks.withHens': {
    title: 'Ducks beside hens',
    text: 'Ducks splash the litter wet and sleep on the floor. From {from}, {ducks|bare} ducks live with {hens|bare} hens. Give them water over a tray or outdoors, and a box on the floor. Keep no drake without ducks of his own.',
  },
  'flock.limit.birds': {
    title: 'More birds than your local rule allows',
    text: 'Your local rule decides. From {from} there are {planned}; you entered {allowed} as the most.',
  },
  'flock.limit.permit': {
    title: 'You need a permit',
    text: 'Ask your local authority. From {from} there are {planned}; you entered that a permit is needed from {allowed} on.',
  },
  'flock.limit.cocks': {
    title: 'More cocks than your local rule allows',
    text: 'Your local rule decides. From {from} there are {cocks|bare} cocks; you entered {allowed} as the most.',
  },
  'flock.limit.setback': {
    title: 'Too near the boundary',
    text: 'Your local rule decides. The coop stands {stands} away; you entered {needed} as the least.',
  },
  'flock.limit.housing': {
    title: 'Birds kept in by order',
    text: 'While a housing order holds, birds are in all day. Choose the floor rule “shut-in winters”, and roof the run against wild birds.',
  },
  'floor.area.short': {
    title: 'Too little floor',
    text: 'Crowded birds peck one another, and the litter stays wet. They need {needed}; {there} is free, {missing} too little.',
  },
  'roosts.length.short': {
    title: 'Too little bar',
    text: 'The last birds up sleep in nests, on ledges or in the doorway. {without|bare} of {present} find no place on the bars. They need {needed}; {there} counts, {missing} too little.',
  },
  'roosts.places.short': {
    title: 'Too few places on the bars',
    text: 'The last birds up sleep in nests, on ledges or in the doorway. {without|bare} of {present} find no place. They need {needed} and {there} counts, but each bar holds whole birds only, so a piece is left over.',
  },
  'roosts.reach.short': {
    title: 'Too few places within reach',
    text: 'Some birds sleep on the floor. {without|bare} of {present} find no place on a bar they can hop up to. They need {needed} and {there} counts, but not all of it within their hops.',
  },
  'roosts.bar.unreached': {
    title: 'Bar that no bird gets up to',
    text: 'Nobody sleeps on it, so it does not count. {fixtures}: {height} above the litter, and no step leads up by hops of {hop}.',
  },
  'roosts.bar.nearWall': {
    title: 'Bar too near the wall',
    text: 'Tails rub, and droppings foul the wall. {fixtures}: {gap} from the wall; these birds need {needed}.',
  },
  'roosts.bar.low': {
    title: 'Bar too low',
    text: 'Birds look for something higher and find the nests. {fixtures}: {height} above the litter, now or when it has grown; it needs at least {needed}.',
  },
  'roosts.bar.underAnother': {
    title: 'Bar under another',
    text: 'Nobody sleeps clean on the lower one, so it does not count. {fixtures}: {apart} apart sideways; droppings reach {needed}.',
  },
  'roosts.bar.belowNests': {
    title: 'Bar below the nest entrances',
    text: 'Birds sleep in the nests, so the bar does not count. {fixtures}: no higher than the highest nest entrance ({above}); it must be {needed} above it.',
  },
  'roosts.bar.nearNests': {
    title: 'Bar barely above the nests',
    text: 'Some birds will sleep in the nests and foul them. {fixtures}: {above} above the highest nest entrance; it needs at least {needed}.',
  },
  'roosts.bars.tooClose': {
    title: 'Bars too close together',
    text: 'The rows peck at one another, and only one of them fills. {fixtures}: {apart} apart at one height; these birds need {needed}, centre to centre.',
  },
  'roosts.bars.stairTooClose': {
    title: 'Steps too close together',
    text: 'Droppings of the upper row fall on the lower. {fixtures}: {apart} apart sideways; these birds need {needed}.',
  },
  'roosts.bar.narrowInCold': {
    title: 'Bar narrow for hard frost',
    text: 'Toes freeze: a hen cannot sit flat and cover them. {fixtures}: {width} wide; where nights fall to {winter} it needs at least {needed}.',
  },
  'nests.boxes.short': {
    title: 'Too few nests',
    text: 'Hens queue, two squeeze in, and eggs crack. {hens} in lay need {needed}; {there|bare} serve them, {missing|bare} too few.',
  },
  'nests.boxes.sizeShort': {
    title: 'Too few nests of the right size',
    text: 'The biggest hens find no box that fits. {hens} in lay need {needed}; {there} stand there, but too few are large enough. Their size is {neededWidth} wide and {neededDepth} deep; three quarters of it still serves.',
  },
  'nests.bank.underBars': {
    title: 'Nests under the droppings',
    text: 'Eggs come out dirty, and dirty eggs make people ill. {fixtures}: droppings fall up to {reach} to each side of a bar, and the entrances are nearer.',
  },
  'nests.lip.low': {
    title: 'Nest lip too low',
    text: 'Litter and droppings are kicked in, and birds sleep in low boxes. {fixtures}: the lip is {lip} above the litter, now or when it has grown; it needs at least {needed}.',
  },
  'nests.lip.high': {
    title: 'Nest lip too high',
    text: 'Old and heavy hens give up and lay on the floor. {fixtures}: the lip is {lip} above the litter; at most {allowed} is easy for these birds.',
  },
  'nests.lip.unreached': {
    title: 'No way up to the nests',
    text: 'They lay on the floor. {fixtures}: the lip is {lip} above the litter, and some of these birds get up no more than {hop} at once.',
  },
  'nests.box.small': {
    title: 'Boxes too small',
    text: 'In a tight box eggs crack and the sides are fouled. {fixtures}: {width} wide, {depth} deep, {height} high inside. The largest hens need {neededWidth}, {neededDepth} and {neededHeight}.',
  },
  'shell.fixture.pastWall': {
    title: 'Past the wall',
    text: 'This cannot be built, and serves nobody. {fixtures}: it reaches through a wall. Move it in, shorten it, or correct the shell.',
  },
  'shell.fixture.throughRoof': {
    title: 'Through the roof',
    text: 'This cannot be built, and serves nobody. {fixtures}: it reaches through the roof. Lower it, or correct the roof.',
  },
  'shell.fixture.belowFloor': {
    title: 'Below the floor',
    text: 'This cannot be built, and serves nobody. {fixtures}: it reaches below the bare floor. Raise it.',
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
  const { from, till, another } = finding;
  if (!from || wordsOf(finding).text.includes('{from}')) return null;
  const told =
    from <= on
      ? till
        ? `Now, until ${formatDay(till)}.`
        : 'Now, and it stays so.'
      : till
        ? `From ${formatDay(from)} until ${formatDay(till)}.`
        : `From ${formatDay(from)}.`;
  if (another === undefined) return told;
  return another <= on
    ? `${told} It is so now too.`
    : `${told} It is so ${another < from ? 'before' : 'again'}, from ${formatDay(another)}.`;
}

/** The same in pieces, so that a screen can mark each day as one. */
export const whenPieces = (finding: Finding, on: string): readonly string[] =>
  whenText(finding, on)?.split(/(\d+ \w+ \d{4})/) ?? [];

export const findingTitle = (finding: Finding): string => wordsOf(finding).title;

/** A finding's sentence in pieces, so that a screen can make each number lead to its working. */
export function findingPieces(finding: Finding, plan: Plan): FindingPiece[] {
  return textOf(finding)
    .split(/(\{[\w|]+\})/)
    .filter((part) => part !== '')
    .map((part): FindingPiece => {
      const [, name, bare] = /^\{(\w+)(\|bare)?\}$/.exec(part) ?? [];
      if (name === undefined) return { kind: 'words', text: part };
      if (name === 'rule') return { kind: 'words', text: ruleInUse(finding, plan) };
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

/** What decides a figure where a keeper can choose: the usual rule until she has chosen one. */
const ruleInUse = ({ station }: Finding, { schools }: Plan): string =>
  schools[`${station}.area`] === undefined ? 'the usual rule' : 'the rule you chose';

/** Of boxes that are too small only what is too small about them is told. */
const BOX_SIDES = [
  ['width', 'neededWidth', 'narrow', 'wide'],
  ['depth', 'neededDepth', 'shallow', 'deep'],
  ['height', 'neededHeight', 'low', 'high'],
] as const;

/** Words for several birds, and those for one alone. */
const OF_ONE: readonly (readonly [string, string])[] = [
  ['{birds} weigh ', '{birds} weighs '],
  ['trap them', 'trap her'],
  ['They starve', 'She starves'],
  ['no other feeder for them', 'no other feeder for her'],
  ['they eat at the other feeder until they are', 'she eats at the other feeder until she is'],
];

function textOf(finding: Finding): string {
  const { text } = wordsOf(finding);
  if (finding.code.startsWith('feed.pedal.') && finding.numbers.birds?.value === 1) {
    return OF_ONE.reduce((said, [many, one]) => said.replace(many, one), text);
  }
  if (finding.code !== 'nests.box.small') return text;
  const { numbers } = finding;
  const lacking = BOX_SIDES.filter(
    ([is, needed]) => (numbers[is]?.value ?? 0) < (numbers[needed]?.value ?? 0) - 1e-9,
  );
  if (lacking.length === 0) return text;
  const too = lacking.map(([, , adjective]) => adjective).join(' and too ');
  const sides = lacking.map(
    ([is, needed, , word]) => `{${is}} ${word} where they need {${needed}}`,
  );
  return `In a tight box eggs crack and the sides are fouled. {fixtures}: too ${too} for the largest hens, ${sides.join(', ')}.`;
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
