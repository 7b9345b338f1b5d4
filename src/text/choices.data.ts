export const SIDES = [
  { id: 'front', name: 'front' },
  { id: 'rear', name: 'rear' },
  { id: 'left', name: 'left' },
  { id: 'right', name: 'right' },
] as const;

export const PLACES = [
  { id: 'coop', name: 'in the coop' },
  { id: 'run', name: 'in the run' },
] as const;

export const COVERS = [
  { id: 'none', name: 'nothing' },
  { id: 'mesh6', name: '[[6 mm|1/4 in]] hardware cloth' },
  { id: 'mesh13', name: '[[13 mm|1/2 in]] hardware cloth' },
  { id: 'mesh25', name: '[[25 mm|1 in]] mesh' },
  { id: 'netting', name: 'thin netting' },
] as const;

export const SCREENS = [
  { id: 'none', name: 'nothing' },
  { id: 'louvre', name: 'a louvre' },
  { id: 'insect', name: 'an insect screen' },
  { id: 'ridge', name: 'a ridge cap' },
] as const;

export const OPENS = [
  { id: 'unknown', name: 'not looked at' },
  { id: 'shut', name: 'does not open' },
  { id: 'closable', name: 'opens and shuts' },
  { id: 'open', name: 'always open' },
] as const;

export const PANES = [
  { id: 'acrylic', name: 'acrylic' },
  { id: 'glass', name: 'glass' },
  { id: 'board', name: 'a board, screwed over it' },
  { id: 'plug', name: 'a plug panel, put in' },
  { id: 'none', name: 'nothing' },
] as const;

export const LATCHES = [
  { id: 'double', name: 'two movements' },
  { id: 'single', name: 'one movement' },
  { id: 'none', name: 'none' },
] as const;

export const FEEDERS = [
  { id: 'tube', name: 'hanging tube' },
  { id: 'pan', name: 'open pan' },
  { id: 'trough', name: 'trough' },
  { id: 'port', name: 'ports or elbows' },
  { id: 'pedal', name: 'pedal-lid box' },
  { id: 'holes', name: 'bucket in a pan' },
] as const;

export const DRINKERS = [
  { id: 'fount', name: 'round fount' },
  { id: 'trough', name: 'trough' },
  { id: 'nipple', name: 'nipples' },
  { id: 'cup', name: 'self-filling cups' },
  { id: 'bucket', name: 'upturned bucket' },
] as const;

export const BODIES = [
  { id: 'can', name: 'can or drum' },
  { id: 'pail', name: 'tapered pail' },
  { id: 'box', name: 'box' },
  { id: 'pipe', name: 'standing pipes' },
] as const;

export const ELBOWS = [
  { id: '90', name: '90°' },
  { id: '45', name: '45°' },
] as const;

export const MEASURED_HOW = [
  { id: 'across', name: 'across' },
  { id: 'round', name: 'round it, with the tape' },
] as const;

export const TAPE_CHOICES = [
  { id: 'mm', name: 'millimetres' },
  { id: 'eighths', name: 'eighths of an inch' },
  { id: 'sixteenths', name: 'sixteenths of an inch' },
  { id: 'thirtySeconds', name: 'thirty-seconds of an inch' },
] as const;

export const ROOF_COVERS = [
  { id: 'metal', name: 'metal' },
  { id: 'plastic', name: 'corrugated plastic' },
  { id: 'shingle', name: 'shingles or tiles' },
  { id: 'green', name: 'green roof' },
  { id: 'unsafe', name: 'lead, asbestos, copper, treated or moss-killed' },
] as const;

export const GUTTERS = [
  { id: 'half', name: 'half round' },
  { id: 'channel', name: 'channel, or half a square pipe' },
  { id: 'vee', name: 'flashing folded to a V' },
] as const;

export const STANDS = [
  { id: 'ground', name: 'the ground' },
  { id: 'blocks', name: 'blocks' },
  { id: 'slab', name: 'a slab' },
  { id: 'shelf', name: 'a shelf' },
] as const;

export const OVERFLOWS = [
  { id: 'away', name: 'led away' },
  { id: 'footings', name: 'beside the coop' },
  { id: 'none', name: 'none' },
] as const;

export const WRAPS = [
  { id: 'bare', name: 'nothing' },
  { id: 'tyre', name: 'an old tyre with straw' },
  { id: 'foam', name: '[[25 mm|1 in]] of foam' },
] as const;

export const WINTERS = [
  { id: 'nothing', name: 'nothing is done' },
  { id: 'carried', name: 'water is carried' },
  { id: 'heated', name: 'heated' },
] as const;

export const THERMOSTATS = [
  { id: 'water', name: 'a thermostat in the water' },
  { id: 'air', name: 'a plug that feels the air' },
] as const;

export const FOOD_NAMES = [
  { id: 'scratch', name: 'scratch grain' },
  { id: 'scraps', name: 'kitchen scraps' },
  { id: 'sunflower', name: 'sunflower seed' },
] as const;

export const FEEDS = [
  { id: 'pellets', name: 'pellets' },
  { id: 'crumbs', name: 'crumbs' },
  { id: 'mash', name: 'mash' },
  { id: 'grain', name: 'whole grain' },
] as const;

export const BEDDINGS = [
  { id: 'shavings', name: 'shavings' },
  { id: 'hemp', name: 'hemp hurd' },
  { id: 'straw', name: 'chopped straw' },
  { id: 'hay', name: 'hay' },
  { id: 'chip', name: 'dry wood chip' },
  { id: 'leaves', name: 'dry leaves' },
  { id: 'sand', name: 'sand' },
] as const;

export const MATERIALS = [
  { id: 'softwood', name: 'softwood' },
  { id: 'salvaged', name: 'salvaged softwood' },
  { id: 'hardwood', name: 'hardwood dowel' },
  { id: 'greenPole', name: 'green pole' },
  { id: 'bamboo', name: 'bamboo' },
  { id: 'metalPipe', name: 'metal pipe' },
  { id: 'plasticPipe', name: 'plastic pipe' },
] as const;

export const ANIMAL_NAMES = [
  { id: 'fox', name: 'foxes' },
  { id: 'dog', name: 'dogs' },
  { id: 'badger', name: 'badgers' },
  { id: 'raccoon', name: 'raccoons' },
  { id: 'weasel', name: 'weasels' },
  { id: 'rat', name: 'rats' },
  { id: 'mouse', name: 'mice' },
  { id: 'snake', name: 'snakes' },
  { id: 'hawk', name: 'hawks' },
  { id: 'crow', name: 'crows' },
] as const;

export const FLOORS = [
  { id: 'sealed', name: 'sealed boards' },
  { id: 'boards', name: 'bare boards' },
  { id: 'concrete', name: 'concrete' },
  { id: 'mesh', name: 'mesh' },
  { id: 'earth', name: 'earth' },
] as const;

export const EXPOSURES = [
  { id: 'open', name: 'open country' },
  { id: 'garden', name: 'garden, hedges' },
  { id: 'courtyard', name: 'courtyard, wood edge' },
] as const;

export const SEXES = [
  { id: 'hen', name: 'hens' },
  { id: 'cock', name: 'cocks' },
  { id: 'unsexed', name: 'unsexed' },
] as const;

/** What a ceiling is made of: it keeps birds down, and nothing else out. */
export const CEILING_MESH = [
  { id: 'mesh25', name: '[[25 mm|1 in]] welded mesh' },
  { id: 'mesh13', name: '[[13 mm|1/2 in]] hardware cloth' },
] as const;

export const COLLECTED = [
  { id: 'inside', name: 'from inside' },
  { id: 'flap', name: 'by a flap outside' },
  { id: 'lid', name: 'by a lid outside' },
] as const;

export const NEST_FLOORS = [
  { id: 'bedding', name: 'bedding' },
  { id: 'pad', name: 'plastic pad' },
  { id: 'slopedWire', name: 'coated slope' },
  { id: 'bareWire', name: 'bare wire' },
] as const;

export const BOXES_FOR = [
  { id: 'hens', name: 'hens' },
  { id: 'ducks', name: 'ducks' },
  { id: 'anybody', name: 'anybody' },
] as const;

export const VENT_PLACES = [
  { id: 'wall', name: 'the wall' },
  { id: 'ridge', name: 'the ridge' },
] as const;

export const HATCH_USES = [
  { id: 'cleanOut', name: 'cleaning out' },
  { id: 'look', name: 'a look in' },
  { id: 'feed', name: 'feed and water' },
] as const;

export const DOOR_WORKS = [
  { id: 'manual', name: 'by hand' },
  { id: 'light', name: 'by light' },
  { id: 'clock', name: 'by the clock' },
  { id: 'earlier', name: 'by the earlier' },
] as const;

export const DISHES = [
  { id: 'shell', name: 'oyster shell' },
  { id: 'grit', name: 'grit' },
] as const;

export const FILLED_FROM = [
  { id: 'inside', name: 'from inside' },
  { id: 'outside', name: 'from outside' },
] as const;

export const FIXINGS = [
  { id: 'bolt', name: 'a through-bolt' },
  { id: 'hook', name: 'a screw hook' },
] as const;

export const MESH_HELD = [
  { id: 'screws', name: 'screws and washers' },
  { id: 'battens', name: 'battens screwed over it' },
  { id: 'staples', name: 'staples' },
] as const;

export const OBSTACLES = [
  { id: 'post', name: 'a post' },
  { id: 'step', name: 'a step' },
  { id: 'machine', name: 'a machine' },
  { id: 'other', name: 'something else' },
] as const;

/** What is done with a cock among chicks sold as hens. */
export const IF_COCK = [
  { id: 'leaves', name: 'he leaves' },
  { id: 'stays', name: 'he stays' },
] as const;

export const RUN_ROOFS = [
  { id: 'full', name: 'all of it' },
  { id: 'half', name: 'half of it' },
  { id: 'none', name: 'no roof' },
] as const;

export const TUBS = [
  { id: 'box', name: 'a box' },
  { id: 'oval', name: 'a round or oval tub' },
] as const;

export const HEATS = [
  { id: 'plate', name: 'contact plate' },
  { id: 'lamp', name: 'radiant lamp' },
  { id: 'hen', name: 'broody hen' },
  { id: 'none', name: 'none' },
] as const;
