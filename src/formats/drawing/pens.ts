import type { Pen } from '@/core/drawing/shape';

/** How a pen looks on paper: its fill, and its line with its weight and dashes, in pixels of 96 to the inch. */
export interface PaperPen {
  readonly fill?: string;
  readonly fillOpacity?: number;
  readonly line?: string;
  readonly width?: number;
  readonly dash?: readonly number[];
}

/** How each pen looks on paper. */
export const PAPER_PENS: Readonly<Record<Pen, PaperPen>> = {
  room: { fill: '#fbf9f3' },
  littered: { fill: '#d9c79a', fillOpacity: 0.5 },
  wall: { fill: '#c9c2b2' },
  wallEdge: { line: '#2a2926', width: 1.2 },
  roofBehind: { line: '#8d8778', width: 1, dash: [7, 4] },
  ground: { line: '#2a2926', width: 2 },
  partition: { line: '#2a2926', width: 1.6, dash: [2, 4] },
  litter: { fill: '#d9c79a' },
  litterTop: { line: '#8a6a1f', width: 0.8 },
  litterEnd: { line: '#8a6a1f', width: 1, dash: [6, 4] },
  stud: { fill: '#e0c070', line: '#8a6a1f', width: 0.7 },
  studLine: { line: '#b5ad9b', width: 0.8, dash: [12, 3, 3, 3] },
  storage: { fill: '#c9c2b2', fillOpacity: 0.25 },
  storageEdge: { line: '#57534a', width: 1, dash: [10, 4] },
  timber: { fill: '#e0c070', line: '#8a6a1f', width: 0.9 },
  endGrain: { line: '#8a6a1f', width: 0.7 },
  thing: { fill: '#e8e2d2', line: '#2a2926', width: 1 },
  thingLine: { line: '#2a2926', width: 0.7 },
  divider: { line: '#2a2926', width: 0.8 },
  hollow: { fill: '#2a2926', fillOpacity: 0.25 },
  hole: { fill: '#f3efe4', line: '#2a2926', width: 1, dash: [6, 3] },
  holeBefore: { line: '#2a2926', width: 1, dash: [6, 3] },
  cutHole: { fill: '#f3efe4', line: '#2a2926', width: 1 },
  fold: { line: '#2a2926', width: 0.7, dash: [6, 3] },
  mesh: { line: '#57534a', width: 1, dash: [3, 2] },
  dust: { fill: '#d9c79a', line: '#2a2926', width: 1.1 },
  grain: { fill: '#57534a' },
  outlet: { fill: '#2a2926' },
  chain: { line: '#2a2926', width: 1, dash: [2, 2] },
  glass: { fill: '#cfdcec', fillOpacity: 0.7, line: '#2a2926', width: 1 },
  wire: { line: '#57534a', width: 0.5 },
  ramp: { fill: '#e0c070', line: '#8a6a1f', width: 0.9 },
  leaf: { line: '#2a2926', width: 2 },
  rail: { fill: '#e0c070', line: '#8a6a1f', width: 0.9 },
  bracket: { fill: '#2a2926' },
  pipe: { line: '#2a2926', width: 1.6 },
  tank: { fill: '#e8e2d2', line: '#2a2926', width: 0.9 },
  hollowed: { fill: '#fbf9f3' },
  feed: { fill: '#e8cf8e' },
  deadFeed: { fill: '#b98f35', fillOpacity: 0.55, line: '#8a6a1f', width: 0.7 },
  water: { fill: '#cfdcec' },
  waterLow: { fill: '#8fb0d6', fillOpacity: 0.8 },
  cutGrain: { fill: '#b98f35', fillOpacity: 0.35 },
  cutEdge: { line: '#2a2926', width: 2 },
  keeper: { fill: '#2a2926', fillOpacity: 0.07 },
  bird: { fill: '#efe6d2', line: '#57534a', width: 1.1 },
  birdLine: { line: '#57534a', width: 0.8 },
  birdLeg: { line: '#8a6a1f', width: 1.6 },
  birdEye: { fill: '#2a2926' },
  comb: { fill: '#b9553c', line: '#8d3a26', width: 0.6 },
  astray: { fill: '#f3d9cf', line: '#9b3b24', width: 1.1, dash: [4, 2.5] },
  astrayLine: { line: '#9b3b24', width: 0.8 },
  outOfReach: { fill: '#9b3b24', fillOpacity: 0.25 },
  broken: { fill: '#9b3b24', fillOpacity: 0.2 },
  brokenEdge: { line: '#9b3b24', width: 1, dash: [5, 3] },
  markOut: { fill: '#cfdcec', fillOpacity: 0.35 },
  markOutEdge: { line: '#2b5f9e', width: 0.9, dash: [5, 3] },
  aisle: { fill: '#2b5f9e', fillOpacity: 0.1 },
  leader: { line: '#8d8778', width: 0.6 },
  ghost: { fill: '#cfdcec', line: '#2b5f9e', width: 1.3, dash: [4, 3] },
};
