// What a coop is first seen with: roof, walls and bars. All other choices come with the panels that ask them.
export const ROOFS = [
  { id: 'mono', name: 'one slope' },
  { id: 'gable', name: 'gable' },
  { id: 'flat', name: 'flat' },
] as const;

export const BUILDS = [
  { id: 'ply12', name: '[[12 mm|1/2 in]] ply' },
  { id: 'board18', name: '[[18 mm|3/4 in]] board' },
  { id: 'sheetMetal', name: 'sheet metal' },
  { id: 'metalOnPly9', name: 'metal on [[9 mm|3/8 in]] ply' },
  { id: 'foam25', name: '[[25 mm|1 in]] foam between skins' },
  { id: 'foam50', name: '[[50 mm|2 in]] foam between skins' },
  { id: 'acrylic', name: 'single acrylic' },
  { id: 'masonry200', name: 'masonry' },
  { id: 'shinglesOnPly12', name: 'shingles on [[12 mm|1/2 in]] ply' },
  { id: 'palletBoards', name: 'pallet boards, with gaps' },
] as const;

export const BAR_USES = [
  { id: 'sleeping', name: 'to sleep on' },
  { id: 'step', name: 'a step up' },
] as const;

export const SECTION_SHAPES = [
  { id: 'flat', name: 'flat, wide face up' },
  { id: 'round', name: 'round' },
  { id: 'square', name: 'square, bevelled' },
  { id: 'branch', name: 'branch' },
] as const;
