import { addDays } from 'date-fns/addDays';
import { addMonths } from 'date-fns/addMonths';
import { addWeeks } from 'date-fns/addWeeks';
import { formatISO } from 'date-fns/formatISO';
import { parseISO } from 'date-fns/parseISO';
import { METRES_PER_FOOT, METRES_PER_INCH } from '../kernel/units/factors.data';
import { fixtureOf } from '../model/fixtures.schema';
import type { Bar, Fixture, Group, Plan, PlanClimate } from '../model/schema';
import { climateById } from '../weather/climate';
import { GROUP_DEFAULTS, newBrooder, newPlan } from './defaults';

const iso = (date: Date): string => formatISO(date, { representation: 'date' });
const monthsBefore = (on: string, months: number): string => iso(addMonths(parseISO(on), -months));

/** The day of the next month-and-day after `on`: '04-15' after 2026-11-24 is 2027-04-15. */
function next(on: string, monthDay: string): string {
  const year = Number(on.slice(0, 4));
  const thisYear = `${year}-${monthDay}`;
  return thisYear > on ? thisYear : `${year + 1}-${monthDay}`;
}

type Defaulted = 'sex' | 'massKg' | 'leavesOn' | keyof typeof GROUP_DEFAULTS;

const hens = (group: Omit<Group, Defaulted> & Partial<Pick<Group, Defaulted>>): Group => ({
  sex: 'hen',
  massKg: null,
  leavesOn: null,
  ...GROUP_DEFAULTS,
  ...group,
});

/** One of the shipped places as a plan has it. */
function placeOf(id: string, exposure: PlanClimate['exposure']): PlanClimate {
  const row = climateById(id);
  if (!row) throw new Error(`no climate has the id ${id}`);
  const { latitudeDeg, altitudeM } = row;
  return { source: { kind: 'shipped', id }, latitudeDeg, altitudeM, exposure };
}

const flatBar = (bar: Pick<Bar, 'id' | 'name' | 'x' | 'y' | 'z' | 'lengthM'>): Bar =>
  fixtureOf({
    kind: 'bar',
    axis: 'x',
    section: { shape: 'flat', widthM: 0.089, heightM: 0.038 },
    wallToWall: false,
    use: 'sleeping',
    ...bar,
  });

/** A disused stone peat store with two short bars over a bank of drawers. */
function pellGarth(on: string): Plan {
  const start = newPlan({
    id: 'pell-garth',
    name: 'Pell Garth',
    units: 'metric',
    timeZone: 'UTC',
    lengthM: 3,
    widthM: 2.1,
    roof: { kind: 'mono', lowM: 1.9, highM: 2.4, highSide: 'rear' },
  });
  const pulletsHatch = next(on, '04-15');
  const fixtures: Fixture[] = [
    flatBar({ id: 'bar-1', name: 'Rear bar', x: 0.9, y: 1.94, z: 0.65, lengthM: 1.2 }),
    flatBar({ id: 'bar-2', name: 'Front bar', x: 0.9, y: 1.58, z: 0.65, lengthM: 1.2 }),
    fixtureOf({
      id: 'nests-1',
      kind: 'nestBank',
      name: 'Drawer boxes',
      x: 0.96,
      y: 1.7,
      lipZ: 0.25,
      boxes: 3,
      rows: 1,
      boxW: 0.36,
      boxD: 0.4,
      boxH: 0.4,
      faces: 'front',
      hungOutside: false,
    }),
    fixtureOf({
      id: 'window-1',
      kind: 'window',
      name: 'Window',
      wall: 'front',
      alongM: 2.05,
      sillZ: 1.1,
      widthM: 0.6,
      heightM: 0.5,
      // nobody has said whether it opens
      opens: 'unknown',
    }),
    fixtureOf({
      id: 'drinker-1',
      kind: 'drinker',
      type: 'fount',
      name: 'Round fount',
      x: 2.55,
      y: 0.55,
      rimZ: 0.22,
      diameterM: 0.3,
      heightM: 0.35,
      hung: false,
    }),
    fixtureOf({
      id: 'feeder-1',
      kind: 'feeder',
      type: 'tube',
      name: 'Hanging tube',
      x: 0.45,
      y: 0.75,
      rimZ: 0.36,
      diameterM: 0.3,
      heightM: 0.45,
      hung: true,
    }),
  ];
  return {
    ...start,
    climate: placeOf('wet-upland', 'open'),
    shell: { ...start.shell, wallBuild: 'masonry200' },
    flock: [
      hens({
        id: 'sussex',
        name: 'Sussex',
        breed: 'sussex',
        count: 4,
        hatchedOn: monthsBefore(on, 54),
        arrivesOn: monthsBefore(on, 52),
      }),
      hens({
        id: 'marans',
        name: 'Marans',
        breed: 'marans',
        count: 4,
        hatchedOn: monthsBefore(on, 30),
        arrivesOn: monthsBefore(on, 28),
      }),
      hens({
        id: 'barnevelder',
        name: 'Barnevelder pullets',
        breed: 'barnevelder',
        count: 6,
        hatchedOn: pulletsHatch,
        arrivesOn: iso(addWeeks(parseISO(pulletsHatch), 8)),
      }),
    ],
    fixtures,
  };
}

/** A bare steel carport corner under a flat roof, to be fitted new. */
function tamarFlats(on: string): Plan {
  const height = 7 * METRES_PER_FOOT + 4 * METRES_PER_INCH;
  const start = newPlan({
    id: 'tamar-flats',
    name: 'Tamar Flats, number 9',
    units: 'imperial',
    timeZone: 'UTC',
    lengthM: 12 * METRES_PER_FOOT,
    widthM: 8 * METRES_PER_FOOT,
    roof: { kind: 'flat', lowM: height, highM: height },
  });
  const dates = {
    hatchedOn: iso(addWeeks(parseISO(on), -16)),
    arrivesOn: iso(addDays(parseISO(on), 35)),
  };
  return {
    ...start,
    climate: placeOf('hot-desert', 'garden'),
    shell: { ...start.shell, wallBuild: 'sheetMetal' },
    flock: [
      hens({ id: 'leghorn', name: 'Leghorn pullets', breed: 'leghorn', count: 8, ...dates }),
      hens({ id: 'fayoumi', name: 'Fayoumi pullets', breed: 'fayoumi', count: 8, ...dates }),
      {
        ...hens({ id: 'cock', name: 'Leghorn cock', breed: 'leghorn', count: 1, ...dates }),
        sex: 'cock',
      },
    ],
  };
}

/** A school's timber shed: heavy, medium and bantam hens on a staircase of bars. */
function oskLanding(on: string): Plan {
  const start = newPlan({
    id: 'osk-landing',
    name: 'Osk Landing',
    units: 'metric',
    timeZone: 'UTC',
    lengthM: 4.8,
    widthM: 3,
    roof: { kind: 'gable', lowM: 2.1, highM: 2.9, ridgeAxis: 'x' },
  });
  const grown = { hatchedOn: monthsBefore(on, 24), arrivesOn: monthsBefore(on, 22) };
  const pulletsHatch = next(on, '05-10');
  return {
    ...start,
    climate: placeOf('cold-continental', 'garden'),
    schools: { 'floor.area': 'floor.area.shutInWinters' },
    litter: { ...start.litter, depthM: 0.2 },
    brooder: {
      ...newBrooder(),
      lengthM: 1.2,
      widthM: 0.8,
      airC: 12,
      heat: {
        kind: 'lamp',
        watts: 175,
        count: 1,
        aboveM: 0.4,
        coated: false,
        secondFixing: false,
      },
    },
    flock: [
      hens({ id: 'brahma', name: 'Brahma', breed: 'brahma', count: 8, ...grown }),
      hens({ id: 'chantecler', name: 'Chantecler', breed: 'chantecler', count: 8, ...grown }),
      hens({ id: 'pekin', name: 'Pekin bantams', breed: 'pekin-bantam', count: 6, ...grown }),
      hens({
        id: 'pullets',
        name: 'Pullets kept',
        breed: 'chantecler',
        count: 12,
        hatchedOn: pulletsHatch,
        arrivesOn: iso(addWeeks(parseISO(pulletsHatch), 10)),
        raisedHere: true,
        eggsSet: { eggs: 40, posted: false },
      }),
    ],
    fixtures: [
      flatBar({ id: 'bar-1', name: 'Top bar', x: 1.6, y: 2.55, z: 1.35, lengthM: 3 }),
      flatBar({ id: 'bar-2', name: 'Middle bar', x: 1.6, y: 2.15, z: 1.05, lengthM: 3 }),
      flatBar({ id: 'bar-3', name: 'Low bar', x: 1.6, y: 1.75, z: 0.75, lengthM: 3 }),
      fixtureOf({
        id: 'nests-1',
        kind: 'nestBank',
        name: 'Boxes on the left wall',
        x: 0,
        y: 0.4,
        lipZ: 0.65,
        boxes: 6,
        rows: 1,
        boxW: 0.36,
        boxD: 0.4,
        boxH: 0.4,
        faces: 'right',
        hungOutside: false,
      }),
    ],
  };
}

/**
 * The three sample plans, their dates written from the day they are made.
 * @param on  YYYY-MM-DD
 */
export const samplePlans = (on: string): Plan[] => [pellGarth(on), tamarFlats(on), oskLanding(on)];
