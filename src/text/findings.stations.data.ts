/** Words of the findings of the stations beside flock, floor, length of bar and number of nests. */
export const STATION_FINDING_WORDS = {
  // air
  'air.winter.short': {
    title: 'Too little air in winter',
    text: '{there} stands open high up in all weathers; the school you chose asks for {needed}: short by {missing}. Breath and droppings wet the roof, combs freeze, ammonia stays.',
  },
  'air.summer.short': {
    title: 'Too little air in summer',
    text: 'Everything open comes to {there} of free area; the school you chose asks for {needed}: short by {missing}. Birds pant, then stop laying, then die.',
  },
  'air.opening.inDraught': {
    title: 'Draught on sleeping birds',
    text: '{fixtures}: an opening that cannot be shut, its sill {sill} up, blows into the band from {from} to {to} where birds sleep. Raise it, shut it in winter, or turn its air up with a baffle.',
  },
  // feed
  'feed.access.short': {
    title: 'Too few places at the feeder',
    text: 'When feed is fresh, {there|bare} of {needed} find a place: {without} wait, and the last get what is left.',
  },
  'feed.one.only': {
    title: 'One feeder for many',
    text: '{birds} eat from one place; from {from} on, two that stand {apart} apart keep one bossy bird from closing the only one.',
  },
  'feed.vessel.high': {
    title: 'Feeder too high',
    text: '{fixtures} has its rim {height} up; the smallest bird’s back is at {wanted}. She cannot reach in.',
  },
  'feed.vessel.low': {
    title: 'Feeder too low',
    text: '{fixtures} has its rim {height} up; the smallest bird’s back is at {wanted}. Feed is raked out on to the floor, and litter into it.',
  },
  'feed.vessel.underBars': {
    title: 'Feeder under the droppings',
    text: '{fixtures}: droppings fall {reach} to each side of a bar, and the feeder stands in that strip.',
  },
  'feed.vessel.hook': {
    title: 'Feeder too heavy for its hook',
    text: '{fixtures} weighs {weight} full and knocked about; a screw hook holds {allowed}. It pulls out and falls. Bolt it through.',
  },
  'feed.vessel.perched': {
    title: 'Feeder that is stood on',
    text: '{fixtures} has a flat top. Birds stand on it and foul the feed; hang it or put a cone on it.',
  },
  'feed.vessel.rain': {
    title: 'Feeder in the rain',
    text: '{fixtures} stands in a run without a full roof. Wet feed moulds, and mould kills.',
  },
  'feed.open.night': {
    title: 'Feed open to rats at night',
    text: '{fixtures} stays open overnight. Rats come for the feed and stay for the eggs: take it in at dusk, or use ports or a pedal lid that shut.',
  },
  'feed.pedal.small': {
    title: 'Pedal lid over small birds',
    text: '{birds} weigh less than {least}. They cannot open {fixtures}, and its lid can trap them: they eat at the other feeder until they are heavy enough.',
  },
  'feed.lot.none': {
    title: 'Birds that cannot eat',
    text: '{birds} weigh less than {least} and cannot open {fixtures}; there is no other feeder for them. They starve beside it.',
  },
  'feed.tall.none': {
    title: 'Nothing at the tall birds’ height',
    text: 'The tallest bird’s back is at {back} and the highest rim at {highest}; more than {allowed} under it she stoops for every beakful. One feeder at her height does.',
  },
  'feed.days.short': {
    title: 'Feed runs out',
    text: 'Full, it lasts {days} when the flock eats most; you fill every {wanted}.',
  },
  'feed.fill.stale': {
    title: 'Feed goes stale in the feeder',
    text: 'A fill lasts {days}; feed keeps {fresh} once it is open. Fill it less full.',
  },
  'feed.bag.stale': {
    title: 'Bag too large',
    text: 'A bag of {bag} lasts {days}; feed keeps {fresh} once it is open. {fits} is the largest that is eaten fresh.',
  },
  'feed.shell.few': {
    title: 'Too few shell dishes',
    text: '{there} for {hens} in lay; {needed} is usual, one to {per}. Shell in its own dish lets each hen take what her eggs cost.',
  },
  'feed.grit.none': {
    title: 'No grit',
    text: 'The birds do not get out on ground of their own. Without grit they cannot grind what they eat.',
  },
  'feed.dish.underBars': {
    title: 'Dish under the droppings',
    text: '{fixtures}: droppings fall {reach} to each side of a bar, and the dish stands in that strip.',
  },
  // water
  'water.access.short': {
    title: 'Too few places at the water',
    text: '{there|bare} of {needed} find a place at once: {without} wait. On hot days they crowd and go thirsty.',
  },
  'water.one.only': {
    title: 'One drinker for many',
    text: '{birds} drink from one place; from {from} on, two that stand {apart} apart keep one bossy bird from closing the only one.',
  },
  'water.vessel.high': {
    title: 'Drinker too high',
    text: '{fixtures} is {height} up; {wanted} suits the smallest bird. She goes thirsty.',
  },
  'water.vessel.low': {
    title: 'Drinker too low',
    text: '{fixtures} is {height} up; {wanted} suits the smallest bird. Litter is scratched into it within the hour.',
  },
  'water.vessel.underBars': {
    title: 'Drinker under the droppings',
    text: '{fixtures}: droppings fall {reach} to each side of a bar, and the drinker stands in that strip.',
  },
  'water.vessel.hook': {
    title: 'Drinker too heavy for its hook',
    text: '{fixtures} weighs {weight} full and knocked about; a screw hook holds {allowed}. It pulls out and floods the litter. Bolt it through.',
  },
  'water.vessel.perched': {
    title: 'Drinker that is stood on',
    text: '{fixtures} has a flat top. Birds stand on it, refuse the fouled water and find puddles; hang it or put a cone on it.',
  },
  'water.vessel.overLitter': {
    title: 'Drinker over bare litter',
    text: '{fixtures} stands over litter without a tray. The wet patch under it never dries.',
  },
  'water.days.short': {
    title: 'Water runs out',
    text: 'Full, it lasts {days} on the thirstiest day ({intake}, about {from}); you fill every {wanted}.',
  },
  'water.line.low': {
    title: 'Tank too low for its line',
    text: 'The tank of {fixtures} stands {above} above its outlets; {needed} is the least for them to run.',
  },
  'water.line.narrow': {
    title: 'Line too narrow for cups',
    text: 'The line of {fixtures} has a bore of {bore}; cups tap cleanly only into {needed} and wider.',
  },
  'water.bucket.chicks': {
    title: 'Bucket drinker with chicks',
    text: 'Chicks under {from} old live with {fixtures}. They drown in it.',
  },
  // litter
  'litter.depth.shallow': {
    title: 'Litter too shallow to start',
    text: 'It starts {depth} deep; the school you chose starts at {needed}. Thin litter is wet litter.',
  },
  'litter.depth.deep': {
    title: 'Litter deeper than its school',
    text: 'It starts {depth} deep; {allowed} is as much as the school you chose begins with. It does no harm: it is more bedding than it needs.',
  },
  'litter.depth.outgrows': {
    title: 'Litter outgrows what is planned for',
    text: 'It grows to {grows} in the {days} between clean-outs; {final} is planned for. By then lips, bars, rims and sills stand that much lower over it: clean out sooner, or plan for it.',
  },
  'litter.board.low': {
    title: 'Retaining board too low',
    text: 'The board is {board} high; {needed} holds the final depth. Litter is scratched out of the door.',
  },
  'litter.bed.unturned': {
    title: 'Deep litter that is not turned',
    text: 'A deep bed that nobody turns cakes over, goes sour and smells of ammonia. Twice a week, birds out and doors open.',
  },
  'litter.floor.seams': {
    title: 'Floor with open seams',
    text: 'Damp and mites find every seam between boards: paint it, or lay sheet turned up the walls.',
  },
  'litter.floor.upturn': {
    title: 'Floor hardly turned up',
    text: 'The floor turns {upturn} up the walls; {needed} keeps damp and mites out of the corner.',
  },
  'litter.board.none': {
    title: 'No board under the bars',
    text: 'The school you chose counts on a board under the bars that is scraped. Without one all droppings of the night lie on thin bedding.',
  },
  'litter.mesh.noTray': {
    title: 'Mesh floor with nothing under it',
    text: 'A mesh floor needs a tray or board to catch what falls.',
  },
  // door and light
  'door.count.short': {
    title: 'Too few pop doors',
    text: '{birds} ask for {needed}; {there} serve them, {per} each. The bossy one stands in the only doorway.',
  },
  'door.size.small': {
    title: 'Pop door too small',
    text: '{fixtures} is {width} wide and {height} high; the largest birds want {neededWidth} and {neededHeight}.',
  },
  'door.sill.high': {
    title: 'Sill too high to hop',
    text: 'From the litter to the sill of {fixtures} is {step} at one step; the least able birds hop {hop}. Put a step inside.',
  },
  'door.sill.low': {
    title: 'Sill lets the litter out',
    text: '{fixtures} has its sill {sill} up; {needed} holds the final litter in.',
  },
  'door.ramp.none': {
    title: 'No ramp',
    text: 'The floor stands {rise} above the ground and the least able birds hop {hop}. {fixtures} wants a ramp.',
  },
  'door.ramp.steep': {
    title: 'Ramp too steep',
    text: 'The ramp of {fixtures} climbs {rise} at {slope}; {allowed} is the steepest these birds walk.',
  },
  'door.ramp.narrow': {
    title: 'Ramp too narrow',
    text: 'The ramp of {fixtures} is {width} wide; {needed} lets these birds pass.',
  },
  'door.ramp.cleats': {
    title: 'Cleats too far apart',
    text: 'The ramp of {fixtures} has cleats {cleats} apart; at its slope {allowed} is the most. Birds slide.',
  },
  'door.place.byBars': {
    title: 'Pop door by the bars',
    text: '{fixtures} are {apart} apart; {needed} keeps the morning’s draught and the doorway crowd off sleeping birds.',
  },
  'door.place.windward': {
    title: 'Only door on the weather side',
    text: '{fixtures} faces the wind. Rain and cold blow in whenever it is open; the lee is better.',
  },
  'door.sensor.lamp': {
    title: 'Lamp in view of the door’s eye',
    text: '{fixtures} works by light and sees a lamp: it stays open at night, or opens in the small hours.',
  },
  'door.margin.long': {
    title: 'Door closes late',
    text: '{fixtures} closes {margin} after sunset; {allowed} is the most. Foxes are earlier than that.',
  },
  'door.override.none': {
    title: 'Powered door with no other way',
    text: '{fixtures} has no hand override and no second door. When its power fails the birds stand outside, or in.',
  },
  'door.track.open': {
    title: 'Cord and track open to birds',
    text: 'Birds roost against the cord or stand in the track of {fixtures}: it jams, or closes on one.',
  },
  // reach
  'reach.floor.unreached': {
    title: 'Floor out of reach',
    text: '{area} of floor is farther than {arm} from any opening or aisle. That is where a sick bird, a hidden clutch or a dead bird ends up.',
  },
  'reach.headroom.none': {
    title: 'Nowhere to stand up',
    text: 'You want {needed} to stand in; the roof is {room} at its highest. Everything is done bent, or from outside.',
  },
  'reach.cleanOut.narrow': {
    title: 'Clean-out too narrow',
    text: '{fixtures} is {width} wide; {needed} lets a shovel and a barrow at it.',
  },
  'reach.cleanOut.sill': {
    title: 'Clean-out at the wrong height',
    text: '{fixtures} has its sill {sill} above the ground; {wanted} stands just over your barrow’s rim, or level with the floor.',
  },
  'reach.flap.blocked': {
    title: 'Flap stopped by what stands before it',
    text: '{fixtures} has {clear} to each side when it drops; {needed} is the least, or it needs a second pair of hands.',
  },
  'reach.door.shutIn': {
    title: 'Door that can shut you in',
    text: '{fixtures} cannot be opened from inside. Sooner or later the wind shuts it behind somebody.',
  },
  'reach.vessel.far': {
    title: 'Out of reach to fill',
    text: '{fixtures} stands on floor that you do not get at: {area} lies farther than an arm of {arm} from a door, a hatch or where you can stand. It is crawled to, or left empty.',
  },
  'reach.path.underBars': {
    title: 'Bars over the way in',
    text: '{fixtures}: droppings fall {reach} to each side of a bar, over the {deep} that you step into. You carry them out on your boots.',
  },
  'reach.lid.heavy': {
    title: 'Heavy lid without a stay',
    text: 'The lid or flap of {fixtures} weighs {mass}; over {allowed} it wants a stay or a catch. Children collect eggs.',
  },
  'reach.fill.high': {
    title: 'Filled above the shoulder',
    text: '{fixtures} is filled {height} up; {allowed} is as high as a bag is lifted easily.',
  },
  'reach.nests.low': {
    title: 'Eggs below the knee',
    text: 'The eggs of {fixtures} are {height} up; below {least} a daily job is done bent double.',
  },
  // brooder
  'brooder.space.short': {
    title: 'Brooder too small at the end',
    text: 'On their last day, at {age}, the chicks ask for {needed}; {there} is there: short by {missing}. Crowded chicks peck and pile.',
  },
  'brooder.eggs.few': {
    title: 'Too few eggs set',
    text: 'The eggs set for {fixtures} give {expected} of the kind; you count on {counted}. Not every egg hatches, and half of the chicks are cocks.',
  },
  'brooder.feed.short': {
    title: 'Too little feed edge for chicks',
    text: 'The chicks ask for {needed} of edge; {there} is there.',
  },
  'brooder.water.short': {
    title: 'Too little water rim for chicks',
    text: 'The chicks ask for {needed} of rim; {there} is there.',
  },
  'brooder.wall.low': {
    title: 'Brooder wall too low',
    text: 'The wall is {wall} high inside; {needed} keeps them in. They fly early.',
  },
  'brooder.lid.none': {
    title: 'Brooder without a lid',
    text: 'From about {from} they are on the rim, and then out. So are cats in.',
  },
  'brooder.lid.heavy': {
    title: 'Lid too heavy for one',
    text: 'A lid of {mass} is more than one person lifts every day; {allowed} is the most. Make it in two halves.',
  },
  'brooder.floor.fixed': {
    title: 'Outdoor brooder without a drawer floor',
    text: 'It stands outdoors and its floor does not draw out. Cleaning it means lifting the chicks out, and it is put off.',
  },
  'brooder.corners.open': {
    title: 'Open corners',
    text: 'In the first week chicks pile up in corners and the lowest smother: round them off.',
  },
  'brooder.vent.small': {
    title: 'Outdoor brooder short of air',
    text: 'Its high vents come to {there} net; {needed} is the least, half in each gable.',
  },
  'brooder.heat.none': {
    title: 'No heat for chicks',
    text: 'It is {air} where the brooder stands; chicks want {comfort} in their first week.',
  },
  'brooder.plate.cold': {
    title: 'Too cold for a plate',
    text: 'It is {air} where the brooder stands; a plate warms chicks in air of {least} and more.',
  },
  'brooder.heat.short': {
    title: 'Heat for too few chicks',
    text: 'The heat serves {serves}; there are {chicks}. Those outside chill and pile.',
  },
  'brooder.lamp.tooCold': {
    title: 'Too cold for a lamp',
    text: 'It would take {needed}; {most} in all is the most for one brooder. The air is too cold for it: move it indoors.',
  },
  'brooder.lamp.strong': {
    title: 'Lamp too strong for one fitting',
    text: '{each} in one fitting; {most} is the most. Hang two smaller ones on separate cords.',
  },
  'brooder.lamp.weak': {
    title: 'Lamp too weak',
    text: 'The chicks ask for {needed}; {there} is there.',
  },
  'brooder.lamp.one': {
    title: 'One lamp for all',
    text: '{there} in one lamp: two smaller ones on separate cords keep them warm when one fails.',
  },
  'brooder.lamp.low': {
    title: 'Lamp too near the litter',
    text: 'It hangs {above} above the litter; {needed} is the least. Lamps over dry litter are the commonest cause of coop fires.',
  },
  'brooder.lamp.coated': {
    title: 'Coated bulb',
    text: 'A shatter-proof bulb with a PTFE coating gives off fumes that kill birds.',
  },
  'brooder.lamp.fixing': {
    title: 'Lamp on one fixing',
    text: 'It wants two independent supports and a guard, and never hangs on its cord: when one gives way it falls into the litter.',
  },
  'brooder.out.early': {
    title: 'Out before they are feathered',
    text: '{fixtures} move out at {age}, on {from}; {needed} is when they are fully feathered.',
  },
  'brooder.out.cold': {
    title: 'Out into cold nights',
    text: '{fixtures} move out at {age}, on {from}, and bear {borne} at night; the chance of a colder night in the ten that follow is {chance}. Nothing is counted for what the coop adds.',
  },
} as const;
