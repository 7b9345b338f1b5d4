/**
 * Words of what can be wrong with shell, run, floor, roosts and nests: first what happens to birds or keeper, then
 * how far off it is.
 */
export const BUILDING_FINDING_WORDS = {
  // shell and run
  'shell.opening.unmeshed': {
    title: 'Opening without mesh',
    text: 'Rats, weasels and foxes come in the same night. {fixtures}: nothing covers it. Use hardware cloth of {allowed} or finer.',
  },
  'shell.opening.netting': {
    title: 'Thin netting over an opening',
    text: 'Thin netting keeps birds in and keeps nothing out. {fixtures}: screw on hardware cloth of {allowed} or finer, with washers.',
  },
  'shell.opening.wideMesh': {
    title: 'Mesh too wide',
    text: 'A weasel or a young rat gets through, and a raccoon reaches through. {fixtures}: the mesh is {aperture}; at most {allowed} is safe.',
  },
  'shell.opening.strongMesh': {
    title: 'Wide mesh: strong, not fine',
    text: 'Thick wire keeps out foxes, dogs and hawks, but small animals get through. {fixtures}: the mesh is {aperture}; {allowed} keeps all of them out. Under Shell, tick the animals that live near you.',
  },
  'shell.opening.smallMesh': {
    title: 'Mesh too wide for mice and snakes',
    text: 'Mice and snakes come in for feed, eggs and chicks. {fixtures}: the mesh is {aperture}; low down use {allowed} or finer.',
  },
  'shell.mesh.stapled': {
    title: 'Mesh held by staples',
    text: 'Strong animals pull staples out in one night. Screw the mesh on with washers, or under battens, a screw every {apart}.',
  },
  'shell.boards.thin': {
    title: 'Thin boards',
    text: 'Rats gnaw through thin boards, and thin walls warp out of square. These are {there} thick; {needed} is the least that lasts.',
  },
  'shell.floor.mesh': {
    title: 'Mesh floor',
    text: 'A mesh floor is clean, but cold and hard on feet, and it lets draughts in from below. Cover it with boards, or choose the rule for a mesh floor under Litter.',
  },
  'shell.things.clash': {
    title: 'Two things in one place',
    text: 'This cannot be built. {fixtures} stand in the same place: move one of them.',
  },
  'shell.bars.cross': {
    title: 'Bars that cross',
    text: 'Birds push one another where bars meet, and neither bar lifts out. {fixtures} cross at one height.',
  },
  'shell.bars.inOne': {
    title: 'Two bars in one place',
    text: 'Only one of them counts. {fixtures} lie in the same place: move one, or take it out.',
  },
  'shell.openings.clash': {
    title: 'Two openings in one place',
    text: 'This cannot be built. {fixtures} are cut into the same part of the wall: move one of them.',
  },
  'shell.door.blocked': {
    title: 'In the way of a door',
    text: 'The door does not open. {fixtures}: one stands in the doorway or the swing of the other. Move it.',
  },
  'shell.run.strongMesh': {
    title: 'Run of wide mesh',
    text: 'Thick wire keeps out foxes, dogs and hawks, but small animals walk in. The mesh of the run is wider than {allowed}.',
  },
  'shell.glass.breaks': {
    title: 'Glass in a window',
    text: 'Birds fly at glass, and it breaks over the litter. {fixtures}: use acrylic.',
  },
  'shell.stay.none': {
    title: 'Opens without a stay',
    text: 'The wind slams it. {fixtures}: add a stay, a chain or a catch.',
  },
  'shell.latch.weak': {
    title: 'Latch too simple',
    text: 'Raccoons, foxes and children learn to open it. {fixtures}: one movement opens it; two different ones, or a clip, stop them.',
  },
  'shell.floor.diggers': {
    title: 'Open to diggers',
    text: 'Foxes, badgers and rats dig in under the wall. The floor is earth and the apron is {apron}; it needs at least {needed}.',
  },
  'shell.run.none': {
    title: 'No run for this rule',
    text: 'This floor rule counts on a dry, roofed run that is open every day. No run is entered.',
  },
  'shell.run.small': {
    title: 'Run too small',
    text: 'The ground turns to mud and birds peck. They need {needed} of run; {there} is there, {missing} too little.',
  },
  'shell.run.open': {
    title: 'Run without a roof',
    text: 'The run turns to puddles, and droppings never break down. Its floor stays dry only under a roof.',
  },
  'shell.run.eaves': {
    title: 'Eaves too short',
    text: 'Rain falls on the floor of the run. Its roof reaches {eaves} over the sides; {needed} is enough.',
  },
  'shell.run.skirting': {
    title: 'Solid foot too low',
    text: 'Litter falls out, and animals outside see the birds. The solid foot of the run is {skirting} high; {needed} is enough.',
  },
  'shell.run.windward': {
    title: 'Run open to the weather side',
    text: 'Birds leave a windy run empty. No solid wall stands on the side the wind comes from.',
  },
  'shell.run.lee': {
    title: 'Run open on every side',
    text: 'Birds have no place out of the wind. Make one or two sides solid.',
  },
  'shell.run.mesh': {
    title: 'Run not safe from animals',
    text: 'A weasel or a rat gets into the run. Use welded mesh of {allowed} or finer.',
  },
  'shell.run.wildBirds': {
    title: 'Wild birds over the run',
    text: 'Wild birds drop their droppings into the run. While a housing order holds, it needs a full roof.',
  },
  'shell.run.idle': {
    title: 'Little to do on shut-in days',
    text: 'Bored birds pull feathers. There are {there} to do; {needed} are usual, one for every {per|bare} birds. Add swings, stumps, a high perch or hanging greens.',
  },
  'shell.dustBath.none': {
    title: 'No dust bath',
    text: 'Mites spread on birds that cannot bathe in dust. Give them {needed} of dry sand and soil under a roof.',
  },
  'shell.dustBath.small': {
    title: 'Dust bath too small',
    text: 'Birds like to bathe together. The bath is {there}; they need {needed}.',
  },
  'shell.dustBath.shallow': {
    title: 'Dust bath too shallow',
    text: 'A hen that lies on her side is not covered. {fixtures}: the dust is {fill} deep; it needs {needed}.',
  },
  'shell.dustBath.wet': {
    title: 'Dust bath in the rain',
    text: 'Wet dust is mud. {fixtures}: it stands in the open; put a roof over it.',
  },
  'shell.dustBath.underBars': {
    title: 'Dust bath under the droppings',
    text: 'Birds bathe in their droppings. {fixtures}: droppings fall up to {reach} to each side of a bar, and the bath is nearer.',
  },
  // floor
  'floor.meat.dense': {
    title: 'Meat birds too dense',
    text: 'The litter turns wet and legs fail. About {from} they weigh {density}; {allowed} is the most. They need {missing} more floor, or fewer birds.',
  },
  // roosts
  'roosts.hop.high': {
    title: 'No way up',
    text: '{birds} sleep on the floor. {fixtures}: {height} above the litter, and one hop of theirs is {hop}. Add a step.',
  },
  'roosts.bar.high': {
    title: 'Bar too high to land from',
    text: 'Feet and breastbones are hurt, night after night. {fixtures}: {height} above the litter; these birds land safely from at most {allowed}.',
  },
  'roosts.bars.lowForSchool': {
    title: 'Bars low for this rule',
    text: 'The high rule keeps birds well above the floor. {fixtures}: {height} above the litter; the rule begins at {needed}.',
  },
  'roosts.bar.descent': {
    title: 'No safe way down',
    text: 'Birds that fly down strike a wall. {fixtures}: the drop is {drop}, and only {clear} of clear floor lies beside it. They need as much floor as the drop, or steps.',
  },
  'roosts.bar.headroom': {
    title: 'Too little headroom',
    text: 'Birds cannot land and stand up. {fixtures}: {room} is free above it; these birds need {needed}.',
  },
  'roosts.bar.thin': {
    title: 'Bar too thin',
    text: 'Toes cramp, and the breastbone carries the weight. {fixtures}: {width} across; this shape needs at least {needed}.',
  },
  'roosts.bar.pipe': {
    title: 'Bar of pipe',
    text: 'Pipe is slippery, and in frost it freezes toes. {fixtures}: use wood.',
  },
  'roosts.bar.fixed': {
    title: 'Bar that does not lift out',
    text: 'Red mite lives in the gaps at its ends, where you cannot reach. {fixtures}: let it lift out.',
  },
  'roosts.bar.breaks': {
    title: 'Bar that breaks',
    text: 'This bar breaks under {birds} of {mass}. {fixtures}: {stress} in bending, and its wood breaks at {breaksAt}. Support it between its ends, or take a stronger bar.',
  },
  'roosts.bar.weak': {
    title: 'Bar over what is allowed',
    text: 'Wood loaded like this gives way sooner or later. {fixtures}: {stress} in bending under {birds} of {mass}; {allowedStress} is allowed. Support it between its ends, or take a stronger bar.',
  },
  'roosts.bar.sags': {
    title: 'Bar sags',
    text: 'Birds slide to the middle. {fixtures}: it sags {sag} under {birds} of {mass}; at most {allowedSag}. Support it between its ends, or take a stronger bar.',
  },
  'roosts.hung.low': {
    title: 'Hung bar in the way of the fork',
    text: 'You cannot get a fork under it. {fixtures}: {clear} is free below; {needed} is enough. Or let it lift out.',
  },
  'roosts.hung.swings': {
    title: 'Hung bar swings',
    text: 'It swings at every landing. {fixtures}: tie it sideways.',
  },
  'roosts.ledge.roosted': {
    title: 'Ledge that birds will sleep on',
    text: 'Birds sleep on it and foul it. {fixtures}: {width} wide and as high as the bars; keep it under {allowed}, or slope it.',
  },
  'roosts.sill.roosted': {
    title: 'Inner sill that birds will sleep on',
    text: 'Young birds squeeze in there and foul it. {fixtures}: its inner sill is as high as the bars. Fix mesh flush inside, or slope the sill.',
  },
  'roosts.ladder.giants': {
    title: 'A ladder under giants',
    text: 'Giants cannot climb up or down a ladder. Give them level bars, no higher than they can land from.',
  },
  'roosts.ladder.lean': {
    title: 'Ladder leans wrongly',
    text: 'Too steep, and droppings fall on the birds below; too flat, and it fills the floor. {fixtures}: {lean}; {least|bare} to {most} is right.',
  },
  'roosts.ladder.pitch': {
    title: 'Rungs too far apart',
    text: 'Birds cannot climb it. {fixtures}: {pitch} apart along the ladder; these birds climb at most {allowed}.',
  },
  'roosts.board.noBars': {
    title: 'Droppings board with no bar over it',
    text: 'It catches nothing there. {fixtures}: set it under a bar.',
  },
  'roosts.board.shallow': {
    title: 'Droppings board too shallow',
    text: 'Droppings fall past its edge. {fixtures}: it reaches {there} in front of the foremost bar above; it needs {needed}.',
  },
  // nests
  'nests.tier.low': {
    title: 'Lowest tier too low',
    text: 'Litter is kicked into the lowest boxes. {fixtures}: the bottom lip is {lip} above the litter; stacked boxes need at least {needed}.',
  },
  'nests.tier.reach': {
    title: 'Top tier out of reach',
    text: 'You cannot reach the eggs. {fixtures}: the top lip is {lip} above where you stand; you reach {allowed}.',
  },
  'nests.lid.flat': {
    title: 'Top flat enough to sleep on',
    text: 'Birds sleep on the top and foul it. {fixtures}: it slopes {slope}; from {needed} on no bird stays there.',
  },
  'nests.rail.none': {
    title: 'No rail to land on',
    text: 'Hens land on the eggs. {fixtures}: the lip is {lip} above the litter; above {from} a box needs a rail.',
  },
  'nests.floor.bareWire': {
    title: 'Bare wire in the nests',
    text: 'Bare wire cuts feet and cracks eggs. {fixtures}: use bedding, a pad or a coated slope.',
  },
  'nests.latch.weak': {
    title: 'Nest flap with a simple latch',
    text: 'Raccoons and foxes open it. {fixtures}: one movement or none opens it from outside; two different ones stop them.',
  },
  'nests.collect.height': {
    title: 'Eggs at an awkward height',
    text: 'You bend or stretch for every egg. {fixtures}: collected at {height} above the ground; {least} to {most} is easy.',
  },
  'nests.box.wide': {
    title: 'Boxes wide enough for two',
    text: 'Two hens squeeze in together and crack eggs. {fixtures}: {width} wide; these hens need {wanted}. A movable divider makes it narrower.',
  },
  'nests.bank.byDoor': {
    title: 'Nests in the light of the pop door',
    text: 'Hens look for the darkest corner and leave light boxes empty. {fixtures}: {apart} apart; {needed} is dark enough.',
  },
} as const;
