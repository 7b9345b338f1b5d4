import type { Finding, FindingCode } from '@/core/kernel/finding';
import { type FindingTable, type FindingWords, sayingFindings } from './findingSay';
import { BUILDING_FINDING_WORDS } from './findings.building.data';
import { STATION_FINDING_WORDS } from './findings.stations.data';

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

/** Any finding, said. */
export const FINDING_SAY = sayingFindings(FINDING_WORDS);

export const {
  title: findingTitle,
  when: whenText,
  whenPieces,
  pieces: findingPieces,
  text: findingText,
} = FINDING_SAY;

/** The words of some findings alone: what a page needs before all of them have come. */
export const wordsFor = (findings: readonly Finding[]): FindingTable =>
  Object.fromEntries(findings.map(({ code }) => [code, FINDING_WORDS[code]]));
