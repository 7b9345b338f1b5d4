import { formatLength } from '@/core/kernel/units/length';
import { formatSection } from '@/core/kernel/units/section';
import type { Fixture, OfKind, Opening, Plan } from '@/core/model/schema';
import { takesUp, vesselKind } from '@/core/rules/vesselKinds.data';
import { DISHES, DRINKERS, FEEDERS } from './choices.data';

/** A thing of the coop with its size and its place, as they are measured off with a tape. */
export interface MeasureRow {
  readonly name: string;
  readonly size: string;
  readonly place: string;
}

type Writer = (metres: number) => string;

/** Size and place of every fixture, in the order they were entered. Heights say from where. */
export function measureRows(plan: Plan): MeasureRow[] {
  const m: Writer = (metres) => formatLength(metres, { units: plan.units });
  return plan.fixtures.map((fixture) => ({
    name: fixture.name,
    size: sizeOf(fixture, m, plan.units),
    place: placeOf(fixture, plan, m),
  }));
}

function sizeOf(f: Fixture, m: Writer, units: Plan['units']): string {
  switch (f.kind) {
    case 'bar':
      return `${m(f.lengthM)} long, ${sectionOf(f, units)}`;
    case 'nestBank':
      return `${f.boxes} ${f.boxes === 1 ? 'box' : 'boxes'} ${m(f.boxW)} × ${m(f.boxD)}, ${m(f.boxH)} high`;
    case 'feeder':
    case 'drinker':
      return vesselSize(f, m);
    case 'dish':
      return among(DISHES, f.holds);
    case 'dustBath':
    case 'board':
    case 'ledge':
    case 'ceiling':
      return `${m(f.lengthM)} × ${m(f.depthM)}`;
    case 'obstacle':
      return `${m(f.lengthM)} × ${m(f.depthM)}, ${m(f.heightM)} high`;
    default:
      return `${m(f.widthM)} wide, ${m(f.heightM)} high`;
  }
}

const sectionOf = ({ section }: OfKind<'bar'>, units: Plan['units']): string => {
  const round = section.shape === 'round' || section.shape === 'branch';
  return formatSection({ ...section, round }, units);
};

function vesselSize(f: OfKind<'feeder'> | OfKind<'drinker'>, m: Writer): string {
  const kind = among(f.kind === 'feeder' ? FEEDERS : DRINKERS, f.type);
  const { outlet } = vesselKind(f);
  const { round, longM, deepM } = takesUp(f);
  const size = round ? `${m(longM)} across` : `${m(longM)} × ${m(deepM)}`;
  return `${kind}, ${outlet === null ? size : `${f.outlets} × ${m(f.lengthM)}`}`;
}

function placeOf(f: Fixture, plan: Plan, m: Writer): string {
  const above = (z: number): string => `${m(z - plan.litter.depthM)} above the litter`;
  if ('wall' in f) return openingPlace(f, m);
  const from = `${m(f.x)} from the left, ${m(f.y)} from the front`;
  switch (f.kind) {
    case 'bar':
      return `${above(f.z)}, ${from}, ${f.axis === 'x' ? 'left to right' : 'front to rear'}`;
    case 'nestBank':
      return `lip ${above(f.lipZ)}, ${from}`;
    case 'feeder':
    case 'drinker':
      return f.place === 'run' ? 'in the run' : `rim ${above(f.rimZ)}, middle ${from}`;
    case 'dustBath':
      return f.place === 'run' ? 'in the run' : from;
    case 'dish':
    case 'obstacle':
      return from;
    default:
      return `${above(f.z)}, ${from}`;
  }
}

function openingPlace(f: Opening, m: Writer): string {
  if (f.kind === 'vent' && f.place === 'ridge') return 'in the ridge';
  const end = f.wall === 'front' || f.wall === 'rear' ? 'left' : 'front';
  return `${f.wall} wall, sill ${m(f.sillZ)} above the floor, ${m(f.alongM)} from its ${end} end`;
}

const among = (
  list: readonly { readonly id: string; readonly name: string }[],
  id: string,
): string => list.find((c) => c.id === id)?.name ?? id;
