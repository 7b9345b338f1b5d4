/** A set of rules taken together; what it does not name goes by its default. */
export interface Preset {
  readonly id: 'careful' | 'usual' | 'tight';
  readonly schools: Readonly<Record<string, string>>;
}

/** Three ways to keep birds: with room and care, as most do, and as close as some keepers still find right. */
export const PRESETS: readonly Preset[] = [
  {
    id: 'careful',
    schools: {
      'floor.area': 'floor.area.shutInWinters',
      'roosts.length': 'roosts.length.elbowRoom',
      'nests.hens': 'nests.hens.quietFlock',
      'roosts.hop': 'roosts.hop.gentle',
      'roosts.droppings': 'roosts.droppings.sixTenths',
      'brooder.space': 'brooder.space.fromTheStart',
    },
  },
  { id: 'usual', schools: {} },
  {
    id: 'tight',
    schools: {
      'floor.area': 'floor.area.sleepingOnly',
      'roosts.length': 'roosts.length.huddled',
      'nests.hens': 'nests.hens.smallFlockSharing',
    },
  },
];
