/** Words of what can be wrong with shell, run, floor, roosts and nests. */
export const BUILDING_FINDING_WORDS = {
  // shell and run
  'shell.opening.unmeshed': {
    title: 'Opening without mesh',
    text: '{fixtures} opens with nothing across it. Rats, weasels and foxes come in the same night; hardware cloth of {allowed} or finer keeps them out.',
  },
  'shell.opening.netting': {
    title: 'Thin netting over an opening',
    text: '{fixtures} has thin netting: it keeps birds in and keeps nothing out. Hardware cloth of {allowed} or finer, screwed down with washers, does.',
  },
  'shell.opening.wideMesh': {
    title: 'Mesh too wide',
    text: '{fixtures} has mesh of {aperture}; {allowed} is the most. A weasel or a young rat passes through, and a raccoon reaches through.',
  },
  'shell.opening.strongMesh': {
    title: 'Wide mesh: strong, not fine',
    text: '{fixtures} has mesh of {aperture}. Of thick wire it keeps out foxes, dogs and hawks; anything small passes, so tick rats, weasels, snakes and raccoons under the place if they live here. Mesh of {allowed} keeps all of them out.',
  },
  'shell.opening.smallMesh': {
    title: 'Mesh too wide for mice and snakes',
    text: '{fixtures} has mesh of {aperture}; where mice or snakes live {allowed} is the most, at least low down. They come for feed, eggs and chicks.',
  },
  'shell.things.clash': {
    title: 'Two things in one place',
    text: '{fixtures} would stand in the same place. It cannot be built so: move one of them.',
  },
  'shell.bars.cross': {
    title: 'Bars that cross',
    text: '{fixtures} cross at one height. Birds jostle where they meet, and neither lifts out.',
  },
  'shell.bars.inOne': {
    title: 'Two bars in one place',
    text: '{fixtures} lie in the same place: only one of them counts. Move one, or take it out.',
  },
  'shell.openings.clash': {
    title: 'Two openings in one hole',
    text: '{fixtures} are cut into the same part of the wall. Move one of them.',
  },
  'shell.door.blocked': {
    title: 'In the way of a door',
    text: '{fixtures}: the one stands in the doorway or the swing of the other. Move it.',
  },
  'shell.run.strongMesh': {
    title: 'Run of wide mesh',
    text: 'The run has mesh wider than {allowed}. Of thick wire it keeps out foxes, dogs and hawks; anything small walks in.',
  },
  'shell.glass.breaks': {
    title: 'Glass in a window',
    text: '{fixtures} is glass. Birds fly at it and it breaks over litter; acrylic does not.',
  },
  'shell.stay.none': {
    title: 'Opens without a stay',
    text: '{fixtures} can be opened but has no stay, chain or catch: wind slams it.',
  },
  'shell.latch.weak': {
    title: 'Latch too simple',
    text: '{fixtures} opens with one movement. Raccoons, foxes and children learn it; two different movements or a clip stop them.',
  },
  'shell.floor.diggers': {
    title: 'Open to diggers',
    text: 'The floor is earth and the apron reaches out {apron}; {needed} is the least. Foxes, badgers and rats dig in under the wall.',
  },
  'shell.run.none': {
    title: 'No run for this school',
    text: 'Sleeping quarters only is little floor, and counts on a dry, roofed run that is open every day. None is entered.',
  },
  'shell.run.small': {
    title: 'Run too small',
    text: 'The birds ask for {needed} of run; {there} is there: short by {missing}. Ground turns to mud and birds peck.',
  },
  'shell.run.open': {
    title: 'Run without the roof its floor wants',
    text: 'The floor school you chose stays dry only under a roof. Without it the run turns to puddles, and droppings never break down.',
  },
  'shell.run.eaves': {
    title: 'Eaves too short',
    text: 'The run’s roof reaches {eaves} over its sides; {needed} keeps rain off the floor.',
  },
  'shell.run.skirting': {
    title: 'Skirting too low',
    text: 'The run’s solid foot is {skirting} high; {needed} holds the litter in and hides the birds from what prowls.',
  },
  'shell.run.windward': {
    title: 'Run open to the weather side',
    text: 'No solid wall stands on the side the wind comes from. Birds leave a windy run empty.',
  },
  'shell.run.lee': {
    title: 'Run open on every side',
    text: 'One or two solid sides give birds a lee to stand in.',
  },
  'shell.run.mesh': {
    title: 'Run not proof against predators',
    text: 'What covers the run lets a weasel or a rat through; welded mesh of {allowed} or finer keeps them out.',
  },
  'shell.run.wildBirds': {
    title: 'Wild birds over the run',
    text: 'While a housing order holds, a run without a full roof lets in what wild birds drop.',
  },
  'shell.run.idle': {
    title: 'Little to do on shut-in days',
    text: '{there} to do, for birds that are shut in for days; {needed} are usual, one for every {per|bare} birds. Swings, stumps, a high perch, hanging greens: bored birds pull feathers.',
  },
  'shell.dustBath.none': {
    title: 'No dust bath',
    text: 'Birds that are shut in cannot make their own. {needed} of dry sand and soil under a roof keeps mites down.',
  },
  'shell.dustBath.small': {
    title: 'Dust bath too small',
    text: 'It is {there}; {needed} lets them bathe together, and they do.',
  },
  'shell.dustBath.shallow': {
    title: 'Dust bath too shallow',
    text: '{fixtures} is filled {fill} deep; {needed} covers a hen that lies on her side.',
  },
  'shell.dustBath.wet': {
    title: 'Dust bath in the rain',
    text: '{fixtures} stands in the open. Wet dust is mud; roof it.',
  },
  'shell.dustBath.underBars': {
    title: 'Dust bath under the droppings',
    text: '{fixtures}: droppings fall {reach} to each side of a bar, and the bath lies in that strip. Birds bathe in what they dropped.',
  },
  // floor
  'floor.meat.dense': {
    title: 'Meat birds too dense',
    text: 'About {from} they weigh {density}; {allowed} is the most. Litter turns wet under them and legs give way: {missing} more floor, fewer birds, or a pen on grass that is moved daily.',
  },
  // roosts
  'roosts.hop.high': {
    title: 'No way up',
    text: '{birds} cannot get up: {fixtures} is {height} above the litter and one hop of theirs is {hop}. They sleep on the floor until there is a step.',
  },
  'roosts.bar.high': {
    title: 'Bar too high to land from',
    text: '{fixtures} is {height} above the litter; {allowed} is the most that these birds land from. Feet and keels are hurt, night after night.',
  },
  'roosts.bars.lowForSchool': {
    title: 'Bars low for the school chosen',
    text: '{fixtures} is {height} above the litter; the school you chose begins at {needed}.',
  },
  'roosts.bar.descent': {
    title: 'No safe way down',
    text: '{fixtures} is a drop of {drop}, and {clear} of clear floor lies beside it. Birds come down as far out as they sit high, or leg by leg over steps no steeper than 45°; else they strike a wall.',
  },
  'roosts.bar.headroom': {
    title: 'Too little headroom',
    text: 'Over {fixtures} there is {room}; these birds want {needed} to land and stand up.',
  },
  'roosts.bar.thin': {
    title: 'Bar too thin',
    text: '{fixtures} is {width} across; {needed} is the least for its shape. Toes meet and cramp, and the keel carries the weight.',
  },
  'roosts.bar.pipe': {
    title: 'Bar of pipe',
    text: '{fixtures} is metal or plastic pipe: slippery, and cold enough to freeze toes.',
  },
  'roosts.bar.fixed': {
    title: 'Bar that does not lift out',
    text: '{fixtures} is fixed. Red mite lives in the crevices at its ends, and you cannot get at them.',
  },
  'roosts.bar.weak': {
    title: 'Bar too weak',
    text: '{fixtures}, full with {birds} of {mass}, is stressed to {stress}; its timber is allowed {allowedStress}. It wants {brackets} between its ends.',
  },
  'roosts.bar.weakAlways': {
    title: 'Bar too weak for any bracket',
    text: '{fixtures}, full with {birds} of {mass}, is stressed to {stress}; its timber is allowed {allowedStress}. No number of brackets helps: take a stronger bar.',
  },
  'roosts.bar.sags': {
    title: 'Bar sags',
    text: '{fixtures}, full with {birds} of {mass}, sags {sag}; {allowedSag} is the most. Birds slide to the middle. It wants {brackets} between its ends.',
  },
  'roosts.hung.low': {
    title: 'Hung bar in the way of the fork',
    text: 'Under {fixtures} there is {clear}; {needed} lets a fork work, or the bar must lift out.',
  },
  'roosts.hung.swings': {
    title: 'Hung bar swings',
    text: '{fixtures} hangs free. It swings at every landing; tie it sideways.',
  },
  'roosts.ledge.roosted': {
    title: 'Ledge that will be roosted on',
    text: '{fixtures} is {width} wide and as high as the bars; anything wider than {allowed} is slept on and fouled.',
  },
  'roosts.sill.roosted': {
    title: 'Inner sill that will be roosted on',
    text: '{fixtures} has an inner sill as high as the bars. Young birds wedge themselves in and foul it: mesh flush inside, or slope the sill.',
  },
  'roosts.ladder.giants': {
    title: 'A ladder under giants',
    text: 'Giants cannot climb or come down a ladder; lay level bars no higher than their own limit.',
  },
  'roosts.ladder.lean': {
    title: 'Ladder leans wrongly',
    text: '{fixtures} stand at {lean}; a ladder leans at {least|bare} to {most}. Steeper, and droppings fall on the birds below; flatter, and it fills the floor.',
  },
  'roosts.ladder.pitch': {
    title: 'Rungs too far apart',
    text: '{fixtures} are {pitch} apart along the ladder; {allowed} is the most these birds climb.',
  },
  'roosts.board.noBars': {
    title: 'Droppings board with no bar over it',
    text: '{fixtures} catches nothing where it is.',
  },
  'roosts.board.shallow': {
    title: 'Droppings board too shallow',
    text: '{fixtures} reaches {there} in front of the foremost bar over it; {needed} catches what falls.',
  },
  // nests
  'nests.tier.low': {
    title: 'Lowest tier too low',
    text: '{fixtures} has its bottom lip {lip} above the litter; {needed} is the least where boxes are stacked.',
  },
  'nests.tier.reach': {
    title: 'Top tier out of reach',
    text: '{fixtures} has its top lip {lip} above where you stand; you collect up to {allowed}.',
  },
  'nests.lid.flat': {
    title: 'Top flat enough to sleep on',
    text: 'The top of {fixtures} slopes {slope}; {needed} and steeper is slept on by nobody.',
  },
  'nests.rail.none': {
    title: 'No rail to land on',
    text: '{fixtures} has its lip {lip} above the litter and no rail; boxes higher than {from} want one, or hens land on the eggs.',
  },
  'nests.floor.bareWire': {
    title: 'Bare wire in the nests',
    text: '{fixtures} has bare wire for a floor. It cuts feet and cracks eggs; bedding, a pad, or a coated slope do not.',
  },
  'nests.latch.weak': {
    title: 'Nest flap with a simple latch',
    text: '{fixtures} opens from outside with one movement or none. Raccoons and foxes open it; two different movements stop them.',
  },
  'nests.collect.height': {
    title: 'Eggs at an awkward height',
    text: '{fixtures} is collected from outside at {height} above the ground; {least} to {most} needs neither bending nor stretching.',
  },
  'nests.box.wide': {
    title: 'Boxes wide enough for two',
    text: '{fixtures} has boxes {width} wide for hens that want {wanted}. Two squeeze in together and crack eggs; a movable divider narrows it.',
  },
  'nests.bank.byDoor': {
    title: 'Nests in the light of the pop door',
    text: '{fixtures} are {apart} apart; {needed} keeps the nests in the dark. Hens look for the darkest corner, and leave light boxes empty.',
  },
} as const;
