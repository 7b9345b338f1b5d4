/** What comes on a day. */
export const EVENT_CODES = [
  'flock.hatch',
  'flock.feathered',
  'flock.move',
  'flock.sorted',
  'flock.pointOfLay',
  'flock.grown',
  'flock.leave',
  'nests.open',
  'litter.third',
  'litter.cleanOut',
  'door.lightWeek',
  'brooder.out',
] as const;
export type EventCode = (typeof EVENT_CODES)[number];

/** Something that comes on a day of the plan: timeline, calendar and daybook read one list of them. */
export interface Event {
  readonly code: EventCode;
  /** YYYY-MM-DD */
  readonly on: string;
  /** Again every so many days; null where it comes once. */
  readonly repeats: number | null;
  /** The lot it is about; null where it is about all. */
  readonly lot: string | null;
  readonly fixtures: readonly string[];
  /** Numbers told with it, SI; days as day numbers. */
  readonly numbers: Readonly<Record<string, number>>;
  /** The figure that it rests on. */
  readonly figure: string | null;
}

/** An event, with what it has beside its code and day. */
export const event = (code: EventCode, on: string, more: Partial<Event> = {}): Event => ({
  code,
  on,
  repeats: null,
  lot: null,
  fixtures: [],
  numbers: {},
  figure: null,
  ...more,
});

/** The first to come first; of one day in the order of the work. */
export const byDay = (a: Event, b: Event): number =>
  a.on < b.on ? -1 : a.on > b.on ? 1 : EVENT_CODES.indexOf(a.code) - EVENT_CODES.indexOf(b.code);
