export const EGG_COLOURS = [
  'white',
  'cream',
  'tinted',
  'brown',
  'darkBrown',
  'blue',
  'green',
] as const;
export const COMBS = ['single', 'pea', 'rose', 'walnut', 'other'] as const;
export const FLIGHTS = ['poor', 'fair', 'strong'] as const;
/** How a bird grows; `birds/growth` has the constants. */
export const GROWTHS = ['layer', 'fastMeat', 'slowMeat', 'meatDuck', 'duck'] as const;

export type EggColour = (typeof EGG_COLOURS)[number];
export type Comb = (typeof COMBS)[number];
export type Flight = (typeof FLIGHTS)[number];
export type Growth = (typeof GROWTHS)[number];

export interface Breed {
  readonly id: string;
  readonly name: string;
  readonly kind: 'chicken' | 'duck' | 'meat';
  readonly growth: Growth;
  /** Adult hen's mass, kg; of meat birds what they would reach full grown. */
  readonly henKg: number;
  /** Eggs in the first full laying year; 0 for birds that are not kept to lay. */
  readonly eggsYear: number;
  /** Mass of one egg, kg. */
  readonly eggKg: number;
  readonly eggColour: EggColour;
  readonly comb: Comb;
  readonly flight: Flight;
  /** 1 hardly ever … 5 nearly always. */
  readonly broodiness: number;
  /** 1 tender … 5 hardy. */
  readonly coldHardy: number;
  readonly heatHardy: number;
}

type Row = readonly [
  id: string,
  name: string,
  henKg: number,
  eggsYear: number,
  eggG: number,
  eggColour: EggColour,
  comb: Comb,
  flight: Flight,
  broodiness: number,
  coldHardy: number,
  heatHardy: number,
];

/** Adult hen kg, eggs a year, egg g, egg colour, comb, flight, broodiness, cold, heat. By name. */
const CHICKENS: readonly Row[] = [
  ['ameraucana', 'Ameraucana', 2.5, 200, 57, 'blue', 'pea', 'fair', 2, 5, 3],
  ['ancona', 'Ancona', 2.05, 220, 55, 'white', 'single', 'strong', 1, 3, 5],
  ['andalusian', 'Andalusian', 2.5, 165, 60, 'white', 'single', 'strong', 1, 2, 5],
  ['appenzeller', 'Appenzeller Spitzhauben', 1.6, 160, 52, 'white', 'other', 'strong', 2, 4, 4],
  ['araucana', 'Araucana', 1.8, 180, 54, 'blue', 'pea', 'fair', 3, 4, 3],
  ['australorp', 'Australorp', 2.95, 250, 58, 'brown', 'single', 'fair', 3, 4, 4],
  ['barnevelder', 'Barnevelder', 2.7, 180, 62, 'darkBrown', 'single', 'fair', 2, 4, 3],
  ['belgian-d-anvers', "Belgian d'Anvers bantam", 0.6, 100, 33, 'cream', 'rose', 'strong', 3, 3, 3],
  ['belgian-d-uccle', "Belgian d'Uccle bantam", 0.65, 110, 32, 'tinted', 'single', 'fair', 4, 3, 3],
  ['bielefelder', 'Bielefelder', 3.2, 220, 63, 'brown', 'single', 'fair', 2, 4, 3],
  ['brahma', 'Brahma', 4.3, 140, 57, 'brown', 'pea', 'fair', 3, 5, 1],
  ['brakel', 'Brakel', 2.1, 180, 60, 'white', 'single', 'strong', 1, 4, 4],
  ['bresse', 'Bresse', 2.45, 200, 60, 'white', 'single', 'fair', 2, 3, 4],
  ['brown-hybrid', 'Brown hybrid layer', 2.05, 310, 62, 'brown', 'single', 'fair', 1, 3, 3],
  ['buckeye', 'Buckeye', 2.95, 175, 58, 'brown', 'pea', 'fair', 3, 5, 3],
  ['campine', 'Campine', 1.8, 150, 55, 'white', 'single', 'strong', 1, 2, 4],
  ['catalana', 'Catalana', 2.7, 200, 58, 'tinted', 'single', 'fair', 1, 2, 5],
  ['chantecler', 'Chantecler', 2.95, 185, 58, 'brown', 'other', 'fair', 3, 5, 2],
  ['cochin', 'Cochin', 3.85, 120, 55, 'brown', 'single', 'fair', 5, 5, 1],
  ['cornish', 'Cornish', 3.6, 100, 55, 'brown', 'pea', 'fair', 3, 3, 2],
  ['cream-legbar', 'Cream Legbar', 2.25, 190, 58, 'blue', 'single', 'strong', 1, 3, 4],
  ['crevecoeur', 'Crèvecœur', 2.9, 120, 58, 'white', 'other', 'poor', 1, 2, 3],
  ['croad-langshan', 'Croad Langshan', 3.2, 150, 58, 'darkBrown', 'single', 'fair', 4, 4, 3],
  ['delaware', 'Delaware', 2.95, 210, 60, 'brown', 'single', 'fair', 2, 4, 4],
  ['dominique', 'Dominique', 2.25, 210, 55, 'brown', 'rose', 'fair', 3, 5, 4],
  ['dorking', 'Dorking', 3.25, 145, 57, 'tinted', 'single', 'fair', 4, 4, 2],
  ['dutch-bantam', 'Dutch bantam', 0.5, 120, 30, 'tinted', 'single', 'strong', 3, 2, 3],
  ['faverolles', 'Faverolles', 3.0, 165, 56, 'tinted', 'single', 'fair', 3, 5, 2],
  ['fayoumi', 'Fayoumi', 1.6, 170, 45, 'cream', 'single', 'strong', 1, 2, 5],
  ['friesian', 'Friesian', 1.4, 200, 50, 'white', 'single', 'strong', 1, 3, 4],
  ['hamburg', 'Hamburg', 1.8, 190, 50, 'white', 'rose', 'strong', 1, 4, 4],
  ['houdan', 'Houdan', 2.95, 150, 57, 'white', 'other', 'poor', 2, 3, 3],
  ['icelandic', 'Icelandic', 1.45, 180, 50, 'cream', 'single', 'strong', 3, 5, 2],
  ['ixworth', 'Ixworth', 3.2, 160, 56, 'tinted', 'pea', 'fair', 2, 3, 3],
  ['japanese-bantam', 'Japanese bantam', 0.5, 75, 28, 'cream', 'single', 'poor', 4, 1, 3],
  ['java', 'Java', 3.4, 160, 58, 'brown', 'single', 'fair', 3, 4, 4],
  ['jersey-giant', 'Jersey Giant', 4.5, 170, 62, 'brown', 'single', 'fair', 3, 5, 2],
  ['la-fleche', 'La Flèche', 2.95, 165, 63, 'white', 'other', 'strong', 1, 2, 4],
  ['lakenvelder', 'Lakenvelder', 1.8, 165, 52, 'tinted', 'single', 'strong', 1, 3, 4],
  ['leghorn', 'Leghorn', 2.0, 270, 60, 'white', 'single', 'strong', 1, 2, 5],
  ['malay', 'Malay', 3.2, 70, 48, 'brown', 'other', 'fair', 3, 1, 5],
  ['marans', 'Marans', 3.0, 175, 65, 'darkBrown', 'single', 'fair', 3, 4, 3],
  ['marsh-daisy', 'Marsh Daisy', 2.3, 170, 54, 'tinted', 'rose', 'strong', 3, 4, 3],
  ['minorca', 'Minorca', 3.4, 190, 68, 'white', 'single', 'fair', 1, 1, 5],
  ['naked-neck', 'Naked Neck', 2.95, 160, 57, 'brown', 'single', 'fair', 3, 3, 5],
  ['new-hampshire', 'New Hampshire', 2.95, 220, 58, 'brown', 'single', 'fair', 3, 4, 4],
  ['norfolk-grey', 'Norfolk Grey', 2.65, 200, 56, 'tinted', 'single', 'fair', 2, 4, 3],
  ['old-english-game', 'Old English Game', 2.25, 100, 46, 'tinted', 'single', 'strong', 5, 4, 4],
  [
    'old-english-pheasant-fowl',
    'Old English Pheasant Fowl',
    2.4,
    175,
    56,
    'white',
    'rose',
    'strong',
    1,
    4,
    3,
  ],
  ['orpington', 'Orpington', 3.6, 170, 57, 'brown', 'single', 'fair', 4, 5, 2],
  ['pekin-bantam', 'Pekin bantam', 0.7, 95, 33, 'cream', 'single', 'poor', 5, 3, 2],
  ['plymouth-rock', 'Plymouth Rock', 3.4, 210, 57, 'brown', 'single', 'fair', 3, 5, 3],
  ['polish', 'Polish', 2.0, 160, 52, 'white', 'other', 'poor', 1, 1, 3],
  ['redcap', 'Derbyshire Redcap', 2.7, 160, 56, 'white', 'rose', 'strong', 1, 3, 3],
  ['rhode-island-red', 'Rhode Island Red', 2.9, 250, 60, 'brown', 'single', 'fair', 2, 4, 4],
  ['rosecomb', 'Rosecomb bantam', 0.55, 60, 28, 'cream', 'rose', 'strong', 2, 2, 3],
  ['scots-dumpy', 'Scots Dumpy', 2.7, 180, 56, 'tinted', 'single', 'poor', 4, 4, 3],
  ['scots-grey', 'Scots Grey', 2.25, 180, 56, 'tinted', 'single', 'strong', 2, 4, 3],
  ['sebright', 'Sebright bantam', 0.57, 65, 30, 'cream', 'rose', 'strong', 1, 2, 3],
  ['serama', 'Serama bantam', 0.35, 120, 22, 'cream', 'single', 'fair', 4, 1, 4],
  ['sicilian-buttercup', 'Sicilian Buttercup', 2.0, 150, 52, 'white', 'other', 'strong', 1, 1, 5],
  ['silkie', 'Silkie', 1.3, 110, 40, 'cream', 'walnut', 'poor', 5, 2, 3],
  ['spanish', 'White-faced Spanish', 2.95, 160, 64, 'white', 'single', 'fair', 1, 1, 5],
  ['sultan', 'Sultan', 1.8, 90, 45, 'white', 'other', 'poor', 2, 2, 3],
  ['sumatra', 'Sumatra', 1.8, 100, 45, 'tinted', 'pea', 'strong', 5, 3, 5],
  ['sussex', 'Sussex', 3.2, 220, 58, 'tinted', 'single', 'fair', 4, 4, 3],
  ['vorwerk', 'Vorwerk', 2.25, 175, 55, 'cream', 'single', 'strong', 2, 4, 4],
  ['welsummer', 'Welsummer', 2.7, 185, 64, 'darkBrown', 'single', 'fair', 2, 4, 3],
  ['white-hybrid', 'White hybrid layer', 1.75, 320, 61, 'white', 'single', 'strong', 1, 2, 4],
  ['wyandotte', 'Wyandotte', 2.75, 195, 57, 'brown', 'rose', 'fair', 4, 5, 2],
  ['wyandotte-bantam', 'Wyandotte bantam', 1.0, 150, 38, 'tinted', 'rose', 'fair', 4, 4, 3],
];

/**
 * Hens of no one breed, for a keeper who knows their size and no more; the mass is changed at the group.
 * @source wide-rafter (assumption): the middle of each class
 */
const ANY_HENS: readonly Row[] = [
  ['any-bantam', 'Bantam hen, any breed', 0.9, 120, 35, 'cream', 'single', 'fair', 3, 3, 3],
  ['any-light', 'Light hen, any breed', 1.8, 200, 55, 'white', 'single', 'strong', 1, 3, 4],
  ['any-medium', 'Medium hen, any breed', 2.2, 220, 58, 'brown', 'single', 'fair', 2, 4, 3],
  ['any-heavy', 'Heavy hen, any breed', 3.2, 180, 58, 'brown', 'single', 'fair', 3, 4, 3],
  ['mixed-flock', 'Mixed flock', 2.4, 200, 58, 'brown', 'single', 'fair', 2, 4, 3],
  ['easter-egger', 'Easter egger', 2.2, 200, 57, 'blue', 'pea', 'fair', 2, 4, 3],
  ['black-hybrid', 'Black hybrid layer', 2.4, 270, 62, 'brown', 'single', 'fair', 2, 4, 3],
];

const ANY_DUCKS: readonly Row[] = [
  ['any-duck', 'Duck, any breed', 2.8, 150, 72, 'white', 'other', 'poor', 2, 4, 3],
];

const DUCKS: readonly Row[] = [
  ['aylesbury', 'Aylesbury duck', 4.1, 90, 85, 'white', 'other', 'poor', 2, 4, 2],
  ['call-duck', 'Call duck', 0.6, 75, 45, 'white', 'other', 'strong', 4, 4, 3],
  ['cayuga', 'Cayuga duck', 2.75, 130, 70, 'green', 'other', 'poor', 3, 5, 3],
  ['indian-runner', 'Indian Runner duck', 1.9, 200, 68, 'green', 'other', 'poor', 1, 3, 4],
  ['khaki-campbell', 'Khaki Campbell duck', 2.1, 280, 65, 'white', 'other', 'poor', 1, 4, 4],
  ['muscovy', 'Muscovy duck', 3.2, 110, 72, 'cream', 'other', 'strong', 5, 2, 5],
  ['pekin-duck', 'Pekin duck', 3.6, 160, 82, 'tinted', 'other', 'poor', 1, 4, 3],
  ['rouen', 'Rouen duck', 3.65, 80, 80, 'green', 'other', 'poor', 3, 4, 2],
  ['silver-appleyard', 'Silver Appleyard duck', 3.25, 200, 78, 'white', 'other', 'poor', 3, 4, 3],
  ['welsh-harlequin', 'Welsh Harlequin duck', 2.35, 260, 67, 'tinted', 'other', 'poor', 3, 4, 4],
];

/** Kept for the table: they leave at slaughter age and are not counted on to lay. */
const MEAT_BIRDS: readonly (readonly [...Row, Growth])[] = [
  [
    'meat-fast',
    'Fast-growing meat bird',
    6.3,
    0,
    60,
    'brown',
    'single',
    'poor',
    1,
    2,
    1,
    'fastMeat',
  ],
  [
    'meat-slow',
    'Slow-growing meat bird',
    4.5,
    0,
    58,
    'brown',
    'single',
    'poor',
    1,
    3,
    2,
    'slowMeat',
  ],
  ['meat-duck', 'Meat duck', 3.7, 0, 82, 'tinted', 'other', 'poor', 1, 4, 3, 'meatDuck'],
];

const breed = (kind: Breed['kind'], growth: Growth, row: Row): Breed => ({
  id: row[0],
  name: row[1],
  kind,
  growth,
  henKg: row[2],
  eggsYear: row[3],
  eggKg: row[4] / 1000,
  eggColour: row[5],
  comb: row[6],
  flight: row[7],
  broodiness: row[8],
  coldHardy: row[9],
  heatHardy: row[10],
});

/** Where each column comes from; all are rounded, and strains differ. */
export const BREED_SOURCES = {
  henKg: 'breed-standards',
  comb: 'breed-standards',
  eggColour: 'breed-standards',
  eggsYear: 'keepers',
  eggKg: 'keepers',
  flight: 'keepers',
  broodiness: 'keepers',
  coldHardy: 'keepers',
  heatHardy: 'keepers',
} as const satisfies Partial<Record<keyof Breed, string>>;

/** Ids of the rows that are no one breed. */
export const ANY_BREED_IDS: ReadonlySet<string> = new Set(
  [...ANY_HENS, ...ANY_DUCKS].map(([id]) => id),
);

/**
 * The catalogue. A keeper may change any figure for a group, and add breeds of her own.
 */
export const BREEDS: readonly Breed[] = [
  ...[...CHICKENS, ...ANY_HENS].map((row) => breed('chicken', 'layer', row)),
  ...[...DUCKS, ...ANY_DUCKS].map((row) => breed('duck', 'duck', row)),
  ...MEAT_BIRDS.map((row) => breed('meat', row[11], row.slice(0, 11) as unknown as Row)),
];
