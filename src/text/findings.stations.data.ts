/**
 * Words of the findings of the stations beside flock, floor, length of bar and number of nests: first what happens to
 * birds or keeper, then how far off it is.
 */
export const STATION_FINDING_WORDS = {
  // air
  'air.shut': {
    title: 'Nothing opens',
    text: 'Shut in, birds breathe ammonia in winter and die of heat in summer. No window or vent here opens. For winter alone {rule} asks for {needed} high up, open in all weathers.',
  },
  'air.winter.short': {
    title: 'Too little air in winter',
    text: 'Breath and droppings wet the roof, combs freeze, and ammonia stays. {there} is open high up in all weathers; {rule} asks for {needed}, {missing} more.',
  },
  'air.summer.short': {
    title: 'Too little air in summer',
    text: 'Birds pant, then stop laying, then die. Everything open comes to {there}; {rule} asks for {needed}, {missing} more.',
  },
  'air.opening.inDraught': {
    title: 'Draught on sleeping birds',
    text: 'Cold air blows on birds that sleep between {from} and {to} up. {fixtures}: its sill is {sill} up and it cannot be shut. Raise it, shut it in winter, or turn the air up with a baffle.',
  },
  // feed
  'feed.access.short': {
    title: 'Too few places at the feeder',
    text: '{without} wait, and the last get what is left. When feed is fresh, {there|bare} of {needed} find a place.',
  },
  'feed.one.only': {
    title: 'One feeder for many',
    text: 'One bossy bird keeps the others away. {birds} eat from one place; from {from} on, set up two that stand {apart} apart.',
  },
  'feed.vessel.high': {
    title: 'Feeder too high',
    text: 'The smallest bird cannot reach in. {fixtures}: the rim is {height} up; her back is at {wanted}.',
  },
  'feed.vessel.low': {
    title: 'Feeder too low',
    text: 'Birds rake feed out on to the floor, and litter into it. {fixtures}: the rim is {height} up; the smallest bird’s back is at {wanted}.',
  },
  'feed.vessel.underBars': {
    title: 'Feeder under the droppings',
    text: 'Droppings fall into the feed. {fixtures}: they fall up to {reach} to each side of a bar, and the feeder is nearer.',
  },
  'feed.vessel.hook': {
    title: 'Feeder too heavy for its hook',
    text: 'It pulls out and falls. {fixtures}: full and swinging it pulls like {weight}; a screw hook holds {allowed}. Bolt it through.',
  },
  'feed.vessel.perched': {
    title: 'Feeder that birds stand on',
    text: 'Birds stand on the flat top and foul the feed. {fixtures}: hang it, or put a cone on it.',
  },
  'feed.vessel.rain': {
    title: 'Feeder in the rain',
    text: 'Wet feed goes mouldy, and mould kills. {fixtures}: it stands in a run without a full roof.',
  },
  'feed.open.night': {
    title: 'Feed open to rats at night',
    text: 'Rats come for the feed and stay for the eggs. {fixtures}: open all night. Take it in at dusk, or use ports or a pedal lid that shut.',
  },
  'feed.hole.high': {
    title: 'Holes over the brim',
    text: 'This cannot be built. {fixtures}: its holes reach {reach} up, and it is {high} high.',
  },
  'feed.ports.close': {
    title: 'Ports too close together',
    text: 'The wall between the holes cracks. {fixtures}: {web} is left between two holes; leave {needed} or more. There is room for {most}.',
  },
  'feed.ports.meet': {
    title: 'Elbows meet inside',
    text: 'This cannot be built. {fixtures}: inside the can there is room for {most} beside one another. Take fewer, narrower pipe or a wider can.',
  },
  'feed.mouth.low': {
    title: 'Mouth of the elbows too low',
    text: 'The feed does not flow. {fixtures}: the mouth hangs {gap} above the feed’s floor; {wanted} lets it flow.',
  },
  'feed.mouth.high': {
    title: 'Mouth of the elbows too high',
    text: 'Birds rake the feed out. {fixtures}: the mouth hangs {gap} above the feed’s floor; {wanted} stops them.',
  },
  'feed.dead.much': {
    title: 'Much feed never runs out',
    text: 'Old feed lies in the corners and goes mouldy. {fixtures}: {dead} of the {whole} in it never reach the birds.',
  },
  'feed.pan.narrow': {
    title: 'Pan too narrow for heads',
    text: 'Birds cannot get a head in. {fixtures}: {room} is left round the bucket; they need {needed}.',
  },
  'feed.ration.scratch': {
    title: 'Too much scratch grain',
    text: 'It fills them and thins their feed: fewer eggs, fat hens. They get {scratch} of it; {most} is the most.',
  },
  'feed.ration.protein': {
    title: 'Too little protein',
    text: 'They lay less and peck feathers. All that they eat has {protein} of protein; they need {needed}.',
  },
  'feed.pedal.small': {
    title: 'Pedal lid over small birds',
    text: 'The lid can trap them. {birds} weigh less than {least} and cannot open it; they eat at the other feeder until they are heavy enough.',
  },
  'feed.lot.none': {
    title: 'Birds that cannot eat',
    text: 'They starve beside a full feeder. {birds} weigh less than {least} and cannot open {fixtures}; there is no other feeder for them.',
  },
  'feed.tall.none': {
    title: 'Nothing at the height of the tall birds',
    text: 'The tallest birds stoop for every mouthful. Their back is at {back} and the highest rim at {highest}; at most {allowed} below is easy.',
  },
  'feed.days.short': {
    title: 'Feed runs out',
    text: 'The birds go hungry before you fill it again. Full, it lasts {days} when the flock eats most; you fill it again after {wanted}.',
  },
  'feed.fill.stale': {
    title: 'Feed goes stale in the feeder',
    text: 'Old feed loses its worth. A fill lasts {days}; feed keeps {fresh} once it is open. Fill it less full.',
  },
  'feed.bag.stale': {
    title: 'Bag too large',
    text: 'The last of the bag goes stale. A bag of {bag} lasts {days}; feed keeps {fresh} once it is open. Buy bags of {fits} at most.',
  },
  'feed.shell.few': {
    title: 'Too few dishes of oyster shell',
    text: 'Hens without oyster shell lay thin eggs. You have {there} for {hens} in lay; the usual number is {needed|bare}, one for {per}.',
  },
  'feed.grit.none': {
    title: 'No grit',
    text: 'Without grit birds cannot grind what they eat. They do not get out on ground of their own: give them a dish of it.',
  },
  'feed.dish.underBars': {
    title: 'Dish under the droppings',
    text: 'Droppings fall into it. {fixtures}: they fall up to {reach} to each side of a bar, and the dish is nearer.',
  },
  // water
  'water.access.short': {
    title: 'Too few places at the water',
    text: 'On hot days birds crowd and go thirsty. {there|bare} of {needed} find a place at once; {without} wait.',
  },
  'water.one.only': {
    title: 'One drinker for many',
    text: 'One bossy bird keeps the others away. {birds} drink from one place; from {from} on, set up two that stand {apart} apart.',
  },
  'water.vessel.high': {
    title: 'Drinker too high',
    text: 'The smallest bird goes thirsty. {fixtures}: {height} up; {wanted} suits her.',
  },
  'water.vessel.low': {
    title: 'Drinker too low',
    text: 'Litter is kicked into it within the hour. {fixtures}: {height} up; {wanted} suits the smallest bird.',
  },
  'water.vessel.underBars': {
    title: 'Drinker under the droppings',
    text: 'Droppings fall into the water. {fixtures}: they fall up to {reach} to each side of a bar, and the drinker is nearer.',
  },
  'water.vessel.hook': {
    title: 'Drinker too heavy for its hook',
    text: 'It pulls out and floods the litter. {fixtures}: full and swinging it pulls like {weight}; a screw hook holds {allowed}. Bolt it through.',
  },
  'water.vessel.perched': {
    title: 'Drinker that birds stand on',
    text: 'Birds foul the water, refuse it and drink from puddles. {fixtures}: it has a flat top. Hang it, or put a cone on it.',
  },
  'water.vessel.overLitter': {
    title: 'Drinker over bare litter',
    text: 'The wet patch under it never dries. {fixtures}: set a tray under it.',
  },
  'water.pan.narrow': {
    title: 'Pan too narrow for heads',
    text: 'Birds cannot get a head in to drink. {fixtures}: {room} is left round the bucket; they need {needed}.',
  },
  'water.bucket.hole': {
    title: 'Holes of the bucket too wide',
    text: 'Water rushes out and slops over. {fixtures}: the holes are {hole} across; {most} is enough.',
  },
  'water.bucket.floods': {
    title: 'Bucket floods its pan',
    text: 'Water stands too near the rim and wets the litter. {fixtures}: it stands {under} under the rim; leave {needed}.',
  },
  'water.bucket.deep': {
    title: 'Water too low in its pan',
    text: 'Birds hardly see the water, and small ones fall in after it. {fixtures}: it stands {under} under the rim; {most} at most.',
  },
  'water.bucket.clogs': {
    title: 'Holes too near the pan’s floor',
    text: 'Dirt in the pan stops them up. {fixtures}: the holes begin {above} above the floor; leave {needed}.',
  },
  'water.roof.unsafe': {
    title: 'Roof that poisons its rain',
    text: 'Lead, asbestos, copper, treated boards and moss killer wash into the water. Give no rain from this roof to birds.',
  },
  'water.gutter.noEave': {
    title: 'Gutter where no rain runs',
    text: 'The barrel stays empty. The roof falls to another side than the gutter is on.',
  },
  'water.gutter.small': {
    title: 'Gutter too small',
    text: 'In a downpour the water shoots over it. It carries {carries}; the heaviest rain brings {peak}.',
  },
  'water.flush.short': {
    title: 'First dirty water runs in',
    text: 'Droppings and dust of the roof reach the drinkers. The standpipe is {there} long; it must be {needed}.',
  },
  'water.stand.shelf': {
    title: 'Barrel on a shelf',
    text: 'Full it weighs {load}. A shelf comes down with it. Set it on blocks or a slab, on level ground.',
  },
  'water.screens.shed': {
    title: 'Screens under trees',
    text: 'Leaves lie on a screened gutter, and the rain runs over it to the ground. Trees stand over this place.',
  },
  'water.barrel.open': {
    title: 'Barrel that lets light or birds in',
    text: 'Light makes green water, and an open barrel drowns what falls in. Cover it, and keep it dark.',
  },
  'water.barrel.door': {
    title: 'Barrel before a door',
    text: 'Nobody gets through. The rain barrel stands before {fixtures}. Move it along the wall.',
  },
  'water.barrel.high': {
    title: 'Barrel taller than its gutter',
    text: 'No rain runs into it. Its top stands {top} above the ground, and the gutter’s outlet {outlet}; leave {needed} between them.',
  },
  'water.barrel.tall': {
    title: 'Barrel too slim to stand',
    text: 'Full, it falls. It is {high} tall and {across} wide: no more than {most} times as tall as wide.',
  },
  'water.barrel.low': {
    title: 'Barrel too low for its line',
    text: 'The outlets do not run. {fixtures}: the barrel’s foot stands {above} above them; it needs at least {needed}.',
  },
  'water.overflow.footings': {
    title: 'Overflow at the footings',
    text: 'It washes out what the coop stands on, and makes mud. Lead the overflow away.',
  },
  'water.rain.little': {
    title: 'Less rain than the birds drink',
    text: 'No barrel is large enough. In a mean year the roof brings {brought}; the birds drink {drunk}.',
  },
  'water.line.fittings': {
    title: 'Line that cannot be cleaned',
    text: 'It clogs, and you cut it apart to clear it. Fit a screen at its inlet, a flush valve at its far end, and unions.',
  },
  'water.line.undrained': {
    title: 'Line that cannot be drained',
    text: 'Ice bursts it. On the coldest night ({air}) it is blocked after {hours}. Fit a drain valve at its lowest place.',
  },
  'water.frost.ice': {
    title: 'Water freezes',
    text: 'Birds go without water while you sleep. {fixtures}: on the coldest night ({air}) it is blocked after {hours}.',
  },
  'water.heater.past': {
    title: 'Heat that does not reach the cups',
    text: 'A heater in a tank keeps the tank open, not the line and the cups on it. {fixtures}: on the coldest night ({air}) they are blocked after {hours}. Send warm water round by a pump, or use a fount on a heated stand.',
  },
  'water.heater.weak': {
    title: 'Heater too weak',
    text: 'It freezes with the heater on. It has {there}; the coldest night ({air}) asks for {needed}.',
  },
  'water.heater.insulate': {
    title: 'Too much heat to buy',
    text: 'The coldest night ({air}) asks for {needed}. Wrap it in foam first.',
  },
  'water.heater.cutOut': {
    title: 'Heater that can run dry',
    text: 'A dry heater melts its vessel and starts a fire. Take one in the water only with a cut-out for low water.',
  },
  'water.days.short': {
    title: 'Water runs out',
    text: 'The birds go thirsty before you fill it again. Full, it lasts {days} on the thirstiest day ({intake}, about {from}); you fill it again after {wanted}.',
  },
  'water.line.low': {
    title: 'Tank too low for its line',
    text: 'The outlets do not run. {fixtures}: the tank stands {above} above them; it needs at least {needed}.',
  },
  'water.line.narrow': {
    title: 'Line too narrow for cups',
    text: 'Cups leak on a narrow line. {fixtures}: its bore is {bore}; cups need at least {needed}.',
  },
  'water.bucket.chicks': {
    title: 'Bucket drinker with chicks',
    text: 'Chicks drown in it. Chicks under {from} old live with {fixtures}.',
  },
  // litter
  'litter.depth.shallow': {
    title: 'Litter too shallow to start',
    text: 'Thin litter is wet litter. It starts {depth} deep; this kind of litter starts at {needed}.',
  },
  'litter.depth.deep': {
    title: 'Litter deeper than it needs to be',
    text: 'It does no harm, but it is more bedding than you need. It starts {depth} deep; this kind of litter starts at {allowed} at most.',
  },
  'litter.depth.outgrows': {
    title: 'Litter grows past its plan',
    text: 'As the litter rises, all above it ends up closer to it. It grows to {grows} in {days}; {final} is planned. Clean out sooner, or plan for more.',
  },
  'litter.board.low': {
    title: 'Retaining board too low',
    text: 'Birds scratch litter out of the door. The board is {board} high; the full depth needs {needed}.',
  },
  'litter.bed.unturned': {
    title: 'Deep litter that nobody turns',
    text: 'It cakes over, goes sour and smells of ammonia. Turn it twice a week, with the birds out and the doors open.',
  },
  'litter.floor.seams': {
    title: 'Floor with open seams',
    text: 'Damp and mites get into every seam between boards. Paint the floor, or lay sheet turned up the walls.',
  },
  'litter.floor.upturn': {
    title: 'Floor hardly turned up',
    text: 'Damp and mites get into the corner. The floor is turned {upturn} up the walls; it needs {needed}.',
  },
  'litter.board.none': {
    title: 'No board under the bars',
    text: 'All droppings of the night fall on thin bedding. This kind of litter counts on a board under the bars that you scrape.',
  },
  'litter.mesh.noTray': {
    title: 'Mesh floor with nothing under it',
    text: 'Droppings pile up below. A mesh floor needs a tray or a board to catch them.',
  },
  // door and light
  'door.count.short': {
    title: 'Too few pop doors',
    text: 'A bossy bird stands in the doorway and the others stay in. {birds} need {needed}; you have {there|bare}, and one serves {per}.',
  },
  'door.size.small': {
    title: 'Pop door too small',
    text: 'The largest birds squeeze through. {fixtures}: {width} wide and {height} high; they need {neededWidth} and {neededHeight}.',
  },
  'door.sill.high': {
    title: 'Sill too high to hop',
    text: 'The least able birds stay in. {fixtures}: the sill is {step} up at one step; they hop {hop}. Put a step inside.',
  },
  'door.sill.low': {
    title: 'Sill lets the litter out',
    text: 'Litter falls out of the door. {fixtures}: the sill is {sill} up; the full depth needs {needed}.',
  },
  'door.ramp.none': {
    title: 'No ramp',
    text: 'The least able birds cannot get in or out. {fixtures}: the floor is {rise} above the ground, and they hop {hop}. Add a ramp.',
  },
  'door.ramp.steep': {
    title: 'Ramp too steep',
    text: 'Birds do not walk up it. {fixtures}: the ramp climbs {rise} at {slope}; at most {allowed} suits these birds.',
  },
  'door.ramp.narrow': {
    title: 'Ramp too narrow',
    text: 'Birds fall off it. {fixtures}: the ramp is {width} wide; these birds need {needed}.',
  },
  'door.ramp.cleats': {
    title: 'Cleats too far apart',
    text: 'Birds slide. {fixtures}: the cleats of the ramp are {cleats} apart; at this slope at most {allowed}.',
  },
  'door.place.byBars': {
    title: 'Pop door by the bars',
    text: 'The morning’s cold air and the crowd in the doorway wake sleeping birds. {fixtures}: {apart} apart; {needed} is enough.',
  },
  'door.place.windward': {
    title: 'Only pop door on the weather side',
    text: 'Rain and cold blow in whenever it is open. {fixtures}: it faces the wind; another side is better.',
  },
  'door.sensor.lamp': {
    title: 'Lamp in view of the pop door’s sensor',
    text: 'It stays open at night, or opens in the small hours. {fixtures}: it works by light and sees a lamp.',
  },
  'door.margin.long': {
    title: 'Pop door closes late',
    text: 'Foxes come earlier than that. {fixtures}: it closes {margin} after sunset; at most {allowed}.',
  },
  'door.override.none': {
    title: 'Powered pop door with no other way',
    text: 'When its power fails the birds are shut out, or in. {fixtures}: it cannot be worked by hand and has no second door.',
  },
  'door.track.open': {
    title: 'Cord and track open to birds',
    text: 'The pop door jams, or closes on a bird. {fixtures}: birds reach its cord or stand in its track. Cover both.',
  },
  // reach
  'reach.floor.unreached': {
    title: 'Floor out of reach',
    text: 'A sick bird, hidden eggs or a dead bird end up where you cannot reach. {area} of floor is farther than {arm} from where you can stand.',
  },
  'reach.headroom.none': {
    title: 'Nowhere to stand up',
    text: 'You do everything bent, or from outside. You need {needed} to stand in; the roof is {room} at its highest.',
  },
  'reach.cleanOut.narrow': {
    title: 'Clean-out hatch too narrow',
    text: 'A shovel and a barrow do not get in. {fixtures}: {width} wide; they need {needed}.',
  },
  'reach.cleanOut.sill': {
    title: 'Clean-out hatch at the wrong height',
    text: 'You lift every shovelful. {fixtures}: its sill is {sill} above the ground; {wanted} stands just over your barrow’s rim. Level with the floor is good too.',
  },
  'reach.flap.blocked': {
    title: 'Flap that something blocks',
    text: 'The flap does not drop, or you need a helper. {fixtures}: {clear} is free to each side; it needs at least {needed}.',
  },
  'reach.door.shutIn': {
    title: 'Door that can shut you in',
    text: 'Sooner or later the wind shuts it behind somebody. {fixtures}: it cannot be opened from inside.',
  },
  'reach.vessel.far': {
    title: 'Out of reach to fill',
    text: 'You crawl to it, or leave it empty. {fixtures}: it stands on floor you cannot reach; {area} lies farther than an arm of {arm}.',
  },
  'reach.path.underBars': {
    title: 'Bars over the way in',
    text: 'You carry droppings out on your boots. {fixtures}: they fall up to {reach} to each side of a bar, over the {deep} that you step into.',
  },
  'reach.lid.heavy': {
    title: 'Heavy lid without a stay',
    text: 'It can fall on a hand or a child. {fixtures}: its lid or flap weighs {mass}; over {allowed} it needs a stay or a catch.',
  },
  'reach.fill.high': {
    title: 'Filled above the shoulder',
    text: 'You lift every bag too high. {fixtures}: filled {height} up; at most {allowed} is easy.',
  },
  'reach.nests.low': {
    title: 'Eggs below the knee',
    text: 'You do a daily job bent double. {fixtures}: the eggs are {height} up; at least {least} is easy.',
  },
  // brooder
  'brooder.space.short': {
    title: 'Brooder too small at the end',
    text: 'Crowded chicks peck and pile up. On their last day, at {age}, they need {needed}; {there} is there, {missing} too little.',
  },
  'brooder.eggs.few': {
    title: 'Too few eggs set',
    text: 'Not every egg hatches, and half of the chicks are cocks. {fixtures}: the eggs set give {expected} of the kind; you count on {counted}.',
  },
  'brooder.feed.short': {
    title: 'Too little feeder edge for chicks',
    text: 'The smallest chicks get too little. They need {needed} of edge; {there} is there.',
  },
  'brooder.water.short': {
    title: 'Too little drinker rim for chicks',
    text: 'The smallest chicks go thirsty. They need {needed} of rim; {there} is there.',
  },
  'brooder.wall.low': {
    title: 'Brooder wall too low',
    text: 'Chicks fly out early. The wall is {wall} high inside; it needs {needed}.',
  },
  'brooder.lid.none': {
    title: 'Brooder without a lid',
    text: 'From about {from} chicks sit on the rim and jump out. Cats get in.',
  },
  'brooder.lid.heavy': {
    title: 'Lid too heavy for one person',
    text: 'You lift it every day. It weighs {mass}; {allowed} is the most for one person. Make it in two halves.',
  },
  'brooder.floor.fixed': {
    title: 'Outdoor brooder without a drawer floor',
    text: 'To clean it you lift all chicks out, so it waits too long. Give it a floor that draws out.',
  },
  'brooder.corners.open': {
    title: 'Open corners',
    text: 'In the first week chicks pile up in corners and the lowest smother. Round the corners off.',
  },
  'brooder.vent.small': {
    title: 'Outdoor brooder short of air',
    text: 'Chicks breathe damp and ammonia. Its high vents come to {there} net; it needs {needed}, half in each gable.',
  },
  'brooder.heat.none': {
    title: 'No heat for chicks',
    text: 'Chicks chill and die. It is {air} where the brooder stands; they need {comfort} in their first week.',
  },
  'brooder.plate.cold': {
    title: 'Too cold for a plate',
    text: 'A plate does not warm chicks in such cold air. It is {air} where the brooder stands; a plate needs {least} or more.',
  },
  'brooder.heat.short': {
    title: 'Heat for too few chicks',
    text: 'Those outside chill and pile up. The heat serves {serves}; there are {chicks}.',
  },
  'brooder.lamp.tooCold': {
    title: 'Too cold for a lamp',
    text: 'The air is too cold to warm by lamp. It would take {needed}; one brooder takes {most} at most. Move it indoors.',
  },
  'brooder.lamp.strong': {
    title: 'Lamp too strong for one fitting',
    text: 'The fitting overheats. {each} hangs in one; {most} is the most. Hang two smaller ones on separate cords.',
  },
  'brooder.lamp.weak': {
    title: 'Lamp too weak',
    text: 'Chicks chill. They need {needed}; {there} is there.',
  },
  'brooder.lamp.one': {
    title: 'One lamp for all',
    text: 'When it fails, all chicks chill. {there} hangs in one lamp; hang two smaller ones on separate cords.',
  },
  'brooder.lamp.low': {
    title: 'Lamp too near the litter',
    text: 'Lamps over dry litter are the commonest cause of coop fires. It hangs {above} above the litter; it needs at least {needed}.',
  },
  'brooder.lamp.coated': {
    title: 'Coated bulb',
    text: 'A shatter-proof bulb with a PTFE coating gives off fumes that kill birds. Use a plain one.',
  },
  'brooder.lamp.fixing': {
    title: 'Lamp on one fixing',
    text: 'When one fixing gives way the lamp falls into the litter. It needs two that do not depend on one another, and a guard. Never hang it on its cord.',
  },
  'brooder.out.early': {
    title: 'Out before they have feathers',
    text: 'They chill. {fixtures} move out at {age}, on {from}; they are fully feathered at {needed}.',
  },
  'brooder.out.cold': {
    title: 'Out into cold nights',
    text: 'They chill in the first cold night. {fixtures} move out at {age}, on {from}, and bear {borne} at night. The chance of a colder night in the next ten is {chance}. The coop’s own warmth is left out.',
  },
} as const;
