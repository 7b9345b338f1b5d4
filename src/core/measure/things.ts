import { named } from '../edit/new/named';
import { meetInPlan } from '../geometry/forms';
import { clearPlace } from '../geometry/freeRoom';
import { boxesPerTier, solidOf } from '../geometry/solids';
import { freeAlong, mm, OPPOSITE, wallLength } from '../geometry/walls';
import { fixtureOf } from '../model/fixtures.schema';
import type { Fixture, NestBank, Plan, Roughly, Side } from '../model/schema';
import { type Band, stacked } from './bands';
import type { ThingChoices, ThingKind } from './things.data';

/** A thing that stands in a coop, as it was measured. */
export type Thing<K extends ThingKind = ThingKind> = {
  readonly [T in K]: {
    readonly kind: T;
    readonly bands: Readonly<Record<string, Band>>;
    readonly choices: ThingChoices[T];
  };
}[K];

export interface Made {
  readonly fixture: Fixture;
  readonly rough: Partial<Record<Roughly['key'], Band>>;
}

export function made(plan: Plan, thing: Thing, litter: Band): Made {
  switch (thing.kind) {
    case 'bar':
      return barOf(plan, thing, litter);
    case 'nests':
      return bankOf(plan, thing, litter);
    case 'popDoor':
    case 'door':
    case 'opening':
      return holeOf(plan, thing);
    case 'feeder':
    case 'drinker':
      return vesselOf(plan, thing);
    case 'obstacle':
      return obstacleOf(plan, thing);
  }
}

/** A measure of a thing. @throws Error where it was not asked for: our own table */
function bandOf(thing: Thing, id: string): Band {
  const band = thing.bands[id];
  if (!band) throw new Error(`no ${id} of a ${thing.kind}`);
  return band;
}

/** So far before the rear wall, and never past the front one: the nearer, the larger its own place. */
const before = (wallM: number, { atM, fromM, toM, ...rest }: Band): Band => {
  const at = (m: number): number => mm(Math.max(0, wallM - m));
  return { ...rest, atM: at(atM), fromM: at(toM), toM: at(fromM) };
};

function barOf(plan: Plan, thing: Thing<'bar'>, litter: Band): Made {
  const { lengthM, widthM } = plan.shell;
  const length = bandOf(thing, 'length');
  const z = stacked(bandOf(thing, 'height'), litter.atM);
  const y = before(widthM, apart(plan, bandOf(thing, 'behind')));
  const along = bandOf(thing, 'along');
  const across = bandOf(thing, 'across').atM;
  const isRound = thing.choices.shape === 'round';
  const fixture = fixtureOf({
    ...named(plan, 'bar'),
    axis: 'x',
    x: mm(along.open ? Math.max(0, (lengthM - length.atM) / 2) : along.atM),
    y: y.atM,
    z: mm(z.atM),
    lengthM: length.atM,
    section: {
      shape: thing.choices.shape ?? 'flat',
      widthM: across,
      heightM: isRound ? across : Math.min(across, FLAT_M),
    },
    // a bar as long as the coop rests on both walls
    wallToWall: length.atM >= lengthM - 0.02,
    use: 'sleeping',
  });
  return { fixture, rough: { lengthM: length, z: roundly(z), y } };
}

/** Bars that nobody has measured stand so far apart, m: two are not in one place (assumption). */
const BARS_APART_M = 0.45;

/** How far before the rear wall a bar stands; one of which nobody has said it, before those that stand there. */
function apart(plan: Plan, behind: Band): Band {
  if (!behind.open) return behind;
  const bars = plan.fixtures.filter((f) => f.kind === 'bar').length;
  const byM = Math.min(bars * BARS_APART_M, Math.max(0, plan.shell.widthM - behind.atM - 0.1));
  return { open: true, atM: behind.atM + byM, fromM: behind.fromM + byM, toM: behind.toM + byM };
}

/** A flat bar is so thick where nobody has measured it, m (assumption). */
const FLAT_M = 0.038;

const roundly = ({ atM, fromM, toM, ...rest }: Band): Band => ({
  ...rest,
  atM: mm(atM),
  fromM: mm(fromM),
  toM: mm(toM),
});

function bankOf(plan: Plan, thing: Thing<'nests'>, litter: Band): Made {
  const lip = roundly(stacked(bandOf(thing, 'lip'), litter.atM));
  const [wide, deep, high] = ['wide', 'deep', 'high'].map((id) => bandOf(thing, id)) as [
    Band,
    Band,
    Band,
  ];
  const { wall } = thing.choices;
  const boxes = thing.choices.boxes ?? USUAL_BOXES;
  const outside = thing.choices.outside ?? false;
  const along = bandOf(thing, 'along');
  const bank = fixtureOf({
    ...named(plan, 'nestBank'),
    x: 0,
    y: 0,
    lipZ: lip.atM,
    boxes,
    rows: 1,
    boxW: wide.atM,
    boxD: deep.atM,
    boxH: high.atM,
    faces: OPPOSITE[wall],
    hungOutside: outside,
    collect: outside ? 'lid' : 'inside',
  });
  return {
    fixture: along.open ? alongWall(plan, bank, wall) : atWall(plan, bank, wall, along.atM),
    rough: { lipZ: lip, boxW: wide, boxD: deep, boxH: high },
  };
}

/** Boxes of a bank that nobody has counted (assumption). */
const USUAL_BOXES = 2;

/** A bank with its back to a wall, or hung through it, so far along it. */
function atWall(plan: Plan, bank: NestBank, wall: Side, along: number): NestBank {
  const { lengthM, widthM } = plan.shell;
  const inside = bank.hungOutside ? 0 : bank.boxD;
  return wall === 'front' || wall === 'rear'
    ? { ...bank, x: mm(along), y: mm(wall === 'front' ? inside - bank.boxD : widthM - inside) }
    : { ...bank, y: mm(along), x: mm(wall === 'left' ? inside - bank.boxD : lengthM - inside) };
}

/** A bank with its back to a wall, or hung through it, where nothing else stands: the middle first. */
function alongWall(plan: Plan, bank: NestBank, wall: Side): NestBank {
  const room = Math.max(0, wallLength(plan, wall) - boxesPerTier(bank) * bank.boxW);
  const at = (along: number): NestBank => atWall(plan, bank, wall, along);
  const others = plan.fixtures.filter((f) => f.kind === 'nestBank' || f.kind === 'obstacle');
  const isClear = (b: NestBank): boolean =>
    others.every((o) => !meetInPlan(solidOf(o, plan), solidOf(b, plan)));
  for (let off = 0; off <= room / 2 + 1e-9; off += 0.05) {
    const place = [at(room / 2 - off), at(room / 2 + off)].find(isClear);
    if (place) return place;
  }
  return at(room / 2);
}

function holeOf(plan: Plan, thing: Thing<'popDoor' | 'door' | 'opening'>): Made {
  const [wide, high, sill] = ['wide', 'high', 'sill'].map((id) => bandOf(thing, id)) as [
    Band,
    Band,
    Band,
  ];
  const { wall } = thing.choices;
  const hole = { widthM: wide.atM, heightM: high.atM, sillZ: sill.atM };
  const middle = Math.max(0, (wallLength(plan, wall) - wide.atM) / 2);
  const along = bandOf(thing, 'along');
  const alongM = along.open ? (freeAlong(plan, wall, hole) ?? mm(middle)) : along.atM;
  const place = { ...hole, wall, alongM };
  const kind =
    thing.kind === 'opening'
      ? 'vent'
      : thing.kind === 'popDoor'
        ? 'popDoor'
        : thing.choices.walkedIn === true
          ? 'door'
          : 'hatch';
  const { id, name } = named(plan, kind);
  const fixture = fixtureOf({
    kind,
    id,
    name,
    ...place,
    ...(thing.kind === 'opening'
      ? { cover: thing.choices.cover ?? 'mesh13', opens: thing.choices.opens }
      : {}),
  } as Parameters<typeof fixtureOf<'vent'>>[0]);
  return { fixture, rough: { widthM: wide, heightM: high, sillZ: sill } };
}

/** A can or trough on free floor, its rim where birds of the plan reach it: how high it hangs is soon changed. */
function vesselOf(plan: Plan, thing: Thing<'feeder' | 'drinker'>): Made {
  const across = bandOf(thing, 'across');
  const isTrough = thing.choices.type === 'trough';
  const { id, name } = named(plan, thing.kind);
  const fixture = fixtureOf({
    kind: thing.kind,
    id,
    name,
    type: thing.choices.type ?? (thing.kind === 'feeder' ? 'tube' : 'fount'),
    x: mm(plan.shell.lengthM / 2),
    y: mm(plan.shell.widthM / 4),
    rimZ: mm(plan.litter.depthM + RIM_M),
    diameterM: isTrough ? TROUGH_M : across.atM,
    lengthM: isTrough ? across.atM : 0.6,
    heightM: 0.35,
    hung: thing.kind === 'feeder' && (thing.choices.type ?? 'tube') === 'tube',
  } as Parameters<typeof fixtureOf<'feeder'>>[0]);
  return {
    fixture: { ...fixture, ...clearPlace(plan, fixture, null, mm) },
    rough: { [isTrough ? 'lengthM' : 'diameterM']: across },
  };
}

/** A rim over the litter, and a trough across, where nobody has measured them, m (assumption). */
const RIM_M = 0.2;
const TROUGH_M = 0.15;

function obstacleOf(plan: Plan, thing: Thing<'obstacle'>): Made {
  const [left, front, long, deep, high] = ['left', 'front', 'long', 'deep', 'high'].map((id) =>
    bandOf(thing, id),
  ) as [Band, Band, Band, Band, Band];
  const fixture = fixtureOf({
    ...named(plan, 'obstacle'),
    what: thing.choices.what,
    x: left.atM,
    y: front.atM,
    lengthM: long.atM,
    depthM: deep.atM,
    heightM: high.atM,
  });
  return { fixture, rough: { x: left, y: front, lengthM: long, depthM: deep, heightM: high } };
}
