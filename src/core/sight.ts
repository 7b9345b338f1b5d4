import type { Assessment } from './assessment';
import type { FigureEvidence } from './kernel/evidence';
import type { Sentence } from './kernel/sentence';
import type { StationId } from './kernel/station';
import type { Figure, Figures, Unit } from './kernel/working';
import type { ZoneId } from './model/scope';
import type { SchoolOffer } from './stations/schools';

/** A figure without its working: id, value, unit, and of a rule's own what it rests on. */
type SeenFigure = readonly [string, number, Unit, FigureEvidence?];

/** What of an assessment is simply handed on. */
const HANDED_ON = [
  'on',
  'planned',
  'plannedOn',
  'today',
  'carries',
  'heldBackBy',
  'sentence',
  'staves',
  'items',
  'findings',
  'chosen',
  'days',
  'demand',
  'months',
  'events',
  'litterFinalM',
  'birds',
  'brooder',
  'marks',
  'feet',
] as const satisfies readonly (keyof Assessment)[];

/**
 * An assessment as a page first shows it: plain data, small enough to come with the page. What is looked at only
 * when something is opened is not in it: workings, other schools, the flock day by day, the map of the floor.
 */
export interface Sight extends Pick<Assessment, (typeof HANDED_ON)[number]> {
  readonly figures: readonly SeenFigure[];
  /** The school in use, topic by topic. */
  readonly schools: readonly (readonly [string, SchoolOffer])[];
  readonly design: { readonly design: { readonly winterC: number } } | null;
  readonly zones: Readonly<Record<ZoneId, Sight>> | null;
}

/** Whether a figure is what some school asks or would give. */
const ofSchool = (id: string): boolean => id.startsWith('rule.') || id.startsWith('school.');

/** What a page shows of an assessment at first sight. */
export function sightOf(a: Assessment): Sight {
  const handedOn = Object.fromEntries(HANDED_ON.map((key) => [key, a[key]]));
  const chosen = new Set(
    Object.values(a.schools).flatMap((offers) =>
      offers.filter((o) => o.chosen).flatMap((o) => [o.ruleFigure, o.carriesFigure]),
    ),
  );
  return {
    ...(handedOn as Pick<Assessment, (typeof HANDED_ON)[number]>),
    figures: [...a.figures.values()]
      .filter((f) => !ofSchool(f.id) || chosen.has(f.id))
      .map(
        (f): SeenFigure =>
          ofSchool(f.id) ? [f.id, f.value, f.unit, f.evidence] : [f.id, f.value, f.unit],
      ),
    schools: Object.entries(a.schools).flatMap(([topic, offers]) => {
      const chosen = offers.find((offer) => offer.chosen);
      return chosen ? [[topic, chosen] as const] : [];
    }),
    design: a.flock.climate && { design: { winterC: a.flock.climate.design.winterC } },
    zones: a.zones && { near: sightOf(a.zones.near), beyond: sightOf(a.zones.beyond) },
  };
}

/**
 * The assessment that a page begins with.
 * @throws  Error where something is read that is not in it
 */
export function seenOf(sight: Sight): Assessment {
  const wait = (): never => {
    throw new Error('this is worked only when the core has come');
  };
  const figures: Figures = new Map(
    sight.figures.map(([id, value, unit, evidence]): [string, Figure] => [
      id,
      {
        id,
        value,
        unit,
        get evidence(): FigureEvidence {
          return evidence ?? wait();
        },
        get source(): string {
          return wait();
        },
        get working(): string {
          return wait();
        },
        get parts(): Figure['parts'] {
          return wait();
        },
      },
    ]),
  );
  const { schools, design, zones, ...handedOn } = sight;
  return {
    ...handedOn,
    figures,
    schools: Object.fromEntries(schools.map(([topic, chosen]) => [topic, [chosen]])),
    flock: new Proxy({ climate: design } as unknown as Assessment['flock'], {
      get: (own, key) => (key === 'climate' ? own.climate : wait()),
    }),
    get reach(): Assessment['reach'] {
      return wait();
    },
    zones: zones && { near: seenOf(zones.near), beyond: seenOf(zones.beyond) },
  };
}

/** Where a keeper looks first: at birds where there are none, else at what holds the coop back. */
export function firstStation(a: {
  readonly planned: number;
  readonly sentence: Sentence;
  readonly heldBackBy: readonly StationId[];
}): StationId {
  if (a.planned === 0) return 'flock';
  const missing = a.sentence.kind === 'notEntered' ? a.sentence.stations[0] : undefined;
  return missing ?? a.heldBackBy[0] ?? 'floor';
}
