export interface KeyLine {
  readonly keys: string;
  readonly does: string;
}

/** Every key of the bench, as listed under `?`. */
export const KEY_LINES: readonly KeyLine[] = [
  { keys: 'Ctrl Z · Ctrl Shift Z', does: 'undo, do again' },
  {
    keys: 'g, then k s f r n a e w l d h b',
    does: 'go to flock, shell, floor, roosts, nests, air, feed, water, litter, door, reach, brooder',
  },
  { keys: '↑ ↓', does: 'walk the stations; step a field’s value; walk the marks of a stick' },
  { keys: 'Esc', does: 'leave a field, back to the staves' },
  {
    keys: '← → ↑ ↓ on the drawing',
    does: 'move the picked fixture by 1 cm or half an inch, ten times that with Shift',
  },
  {
    keys: 'a',
    does: 'add what the station holds: a bar, a bank of nests, a vent, a feeder, a door',
  },
  { keys: 'd', does: 'another like the picked fixture, beside it; again makes a row' },
  { keys: 'm', does: 'mirror the picked fixture across the middle of the coop' },
  { keys: 'Backspace', does: 'remove the picked fixture' },
  { keys: 't', does: 'list of all that stands in the coop' },
  { keys: 'n p', does: 'pick the next thing that stands in the coop, or the one before' },
  { keys: '[ ]', does: 'make the picked fixture shorter or longer, ten times that with Shift' },
  { keys: 'v', does: 'next view: front, right, rear, left, above' },
  { keys: 'b', does: 'section and plan at once' },
  { keys: ', .', does: 'cut the section nearer to its wall, or farther in' },
  { keys: '+ − 0', does: 'closer, farther, the whole coop' },
  { keys: 'z', does: 'close to the picked finding or fixture' },
  { keys: 'f', does: 'next finding, the worst first' },
  { keys: 'Enter', does: 'the first remedy of the finding' },
  { keys: 'u', does: 'metric or imperial' },
  { keys: 'w', does: 'working of the figure in focus (or Enter on it)' },
  { keys: '?', does: 'this list' },
];
