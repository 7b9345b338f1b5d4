/** What the schools of a topic are about. */
export const TOPIC_NAMES: Readonly<Record<string, string>> = {
  'floor.area': 'Floor for each bird',
  'roosts.length': 'Length of bar for each bird',
  'nests.hens': 'Hens to a nest box',
};
