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
  { id: 'mesh6', name: '6 mm (1/4 in) hardware cloth' },
  { id: 'mesh13', name: '13 mm (1/2 in) hardware cloth' },
  { id: 'mesh25', name: '25 mm (1 in) mesh' },
  { id: 'netting', name: 'thin netting' },
] as const;

export const SCREENS = [
  { id: 'none', name: 'nothing' },
  { id: 'louvre', name: 'a louvre' },
  { id: 'insect', name: 'an insect screen' },
  { id: 'ridge', name: 'a ridge cap' },
] as const;

export const OPENS = [
  { id: 'shut', name: 'does not open' },
  { id: 'closable', name: 'opens and shuts' },
  { id: 'open', name: 'always open' },
] as const;

export const PANES = [
  { id: 'acrylic', name: 'acrylic' },
  { id: 'glass', name: 'glass' },
  { id: 'board', name: 'a board' },
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
] as const;

export const DRINKERS = [
  { id: 'fount', name: 'round fount' },
  { id: 'trough', name: 'trough' },
  { id: 'nipple', name: 'nipples' },
  { id: 'cup', name: 'self-filling cups' },
  { id: 'bucket', name: 'upturned bucket' },
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
