import type { Assessment } from './assessment';
import type { FigureEvidence } from './kernel/evidence';
import type { Sentence } from './kernel/sentence';
import type { StationId } from './kernel/station';
import type { Figure, Figures, Unit } from './kernel/working';
import type { ZoneId } from './model/scope';
import type { SchoolOffer } from './stations/schools';

/** A figure without its source and the parts of its working: id, value, and where in the words its manner stands. */
type SeenFigure = readonly [id: string, value: number, manner: number];
/** Unit, evidence and working of many figures: what decides how they are said. */
type Manner = readonly [Unit, FigureEvidence, string];

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
  readonly manners: readonly Manner[];
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
  const shown = [...a.figures.values()].filter((f) => !ofSchool(f.id) || chosen.has(f.id));
  return {
    ...(handedOn as Pick<Assessment, (typeof HANDED_ON)[number]>),
    ...seenFigures(shown),
    schools: Object.entries(a.schools).flatMap(([topic, offers]) => {
      const chosen = offers.find((offer) => offer.chosen);
      return chosen ? [[topic, chosen] as const] : [];
    }),
    design: a.flock.climate && { design: { winterC: a.flock.climate.design.winterC } },
    zones: a.zones && { near: sightOf(a.zones.near), beyond: sightOf(a.zones.beyond) },
  };
}

/** Figures with their manners told once. */
function seenFigures(shown: readonly Figure[]): Pick<Sight, 'figures' | 'manners'> {
  const manners: Manner[] = [];
  const known = new Map<string, number>();
  const figures = shown.map(({ id, value, unit, evidence, working }): SeenFigure => {
    const key = `${unit} ${evidence} ${working}`;
    const manner = known.get(key) ?? manners.push([unit, evidence, working]) - 1;
    known.set(key, manner);
    return [id, value, manner];
  });
  return { figures, manners };
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
    sight.figures.flatMap(([id, value, at]): [string, Figure][] => {
      const manner = sight.manners[at];
      if (!manner) return [];
      const [unit, evidence, working] = manner;
      const figure: Figure = {
        id,
        value,
        unit,
        evidence,
        working,
        get source(): string {
          return wait();
        },
        get parts(): Figure['parts'] {
          return wait();
        },
      };
      return [[id, figure]];
    }),
  );
  const { schools, design, zones, manners: _, ...handedOn } = sight;
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
