/** Words of the trade that not everybody knows, with what they mean; the first pattern that is found counts. */
export const TRADE_WORDS: readonly { readonly pattern: RegExp; readonly meaning: string }[] = [
  {
    pattern: /\blip\b/i,
    meaning:
      'The board along the front of a nest box that a hen steps over. It holds the bedding in.',
  },
  {
    pattern: /\bpop doors?\b/i,
    meaning: 'The small door for the birds themselves, out into the run.',
  },
  {
    pattern: /\bdroppings board\b|\bboard under the bars\b/i,
    meaning: 'A shelf under the bars that catches what falls at night, to be scraped clean.',
  },
  {
    pattern: /\bretaining board\b/i,
    meaning: 'A board across the foot of your door, so that the litter stays in when you open it.',
  },
  {
    pattern: /\bdroppings\b/i,
    meaning: 'What birds drop. Half of a day’s falls at night, under the bars.',
  },
  {
    pattern: /\blitter\b/i,
    meaning: 'The loose bed on the floor, such as shavings or straw, with what falls into it.',
  },
  {
    pattern: /\bhardware cloth\b/i,
    meaning: 'Stiff mesh welded from wire, with small square holes. Chicken netting is not that.',
  },
  {
    pattern: /\bapron\b/i,
    meaning: 'Mesh laid flat outwards round the foot of the walls, so that nothing digs in.',
  },
  {
    pattern: /\bbattens?\b/i,
    meaning: 'Thin strips of timber, screwed over the edge of mesh to hold it down.',
  },
  {
    pattern: /\bpoint of lay\b/i,
    meaning: 'The age at which a young hen lays her first egg, some five months.',
  },
  { pattern: /\bpullets?\b/i, meaning: 'A young hen that does not lay yet.' },
  { pattern: /\bcocks?\b/i, meaning: 'A male bird. Hens lay without one.' },
  {
    pattern: /\bmoult\b/i,
    meaning: 'Some weeks in autumn when hens change their feathers and lay next to nothing.',
  },
  { pattern: /\bbroody\b/i, meaning: 'A hen that sits on eggs to hatch them, and does not lay.' },
  {
    pattern: /\bbrooder\b/i,
    meaning: 'A warm pen for chicks, until they have feathers enough to do without.',
  },
  { pattern: /\bfount\b/i, meaning: 'A round drinker: a can that stands on its own tray.' },
  { pattern: /\bnipples?\b/i, meaning: 'A small valve that gives water when a bird pecks at it.' },
  {
    pattern: /\boyster shell\b/i,
    meaning: 'Crushed shell that hens eat for the lime in their eggshells.',
  },
  { pattern: /\bgrit\b/i, meaning: 'Small sharp stones that birds swallow to grind their feed.' },
  { pattern: /\beaves\b/i, meaning: 'The lower edge of the roof, where it meets the wall.' },
  {
    pattern: /\bbaffle\b/i,
    meaning: 'A board inside an opening that turns the air upwards, away from the birds.',
  },
  { pattern: /\bcleats?\b/i, meaning: 'Strips across a ramp that feet hold on to.' },
  {
    pattern: /\bdust bath\b/i,
    meaning: 'A box of dry sand or earth. Birds roll in it to keep off mites.',
  },
  {
    pattern: /\bskirting\b/i,
    meaning: 'A solid board round the foot of the run, against wind and splash.',
  },
  { pattern: /\bbantams?\b/i, meaning: 'A small breed: a bird of about a kilogram or less.' },
  {
    pattern: /\bon edge\b/i,
    meaning: 'A timber with its narrow face up: it bears more so, and is harder to sit on.',
  },
];
