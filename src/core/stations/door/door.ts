import { livingOn } from '../../birds/flock';
import { hopOf } from '../../birds/hops';
import type { Lot } from '../../birds/lots';
import { askedOn } from '../../carrying/asked';
import type { Carries } from '../../carrying/carrying';
import type { StationDemand } from '../../carrying/fitting';
import { gapInPlan } from '../../geometry/segments';
import { solidOf } from '../../geometry/solids';
import type { When } from '../../kernel/finding';
import { atMost, below } from '../../kernel/units/number';
import { ASSUMED, ENTERED, KEEPERS } from '../../kernel/working';
import { litterEndM, litterStartM } from '../../model/litter';
import type { Plan, PopDoor } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import {
  askedOf,
  byDay,
  type CarryingStation,
  capacityParts,
  type StationContext,
  schoolFor,
  thenId,
  whenHolds,
} from '../context';
import { sleepingIn } from '../shadows';
import type { Sheet } from '../sheet';
import { DOOR_WORKINGS as W } from './door.working';
import { lightEvents } from './light';
import { ofRamp, rampFigures } from './ramp';

export const popDoorsOf = (plan: Plan): PopDoor[] =>
  plan.fixtures.filter((f): f is PopDoor => f.kind === 'popDoor');

/** Whether birds of a class go through a door. */
export const doorFits = (door: PopDoor, lot: Lot): boolean =>
  atMost(lot.class.popDoorM[0], door.widthM) && atMost(lot.class.popDoorM[1], door.heightM);

/** Doors: fifteen birds to each that is large enough for them. */
export const doorStation: CarryingStation = {
  id: 'door',
  events: (ctx) => lightEvents(ctx.flock, schoolFor(ctx, 'light.laying')),
  topic: null,
  entered: (plan) => popDoorsOf(plan).length > 0,
  supply: (ctx) => ctx.of('popDoor').flatMap((d) => [d.widthM, d.heightM, ctx.outside(d) === null]),
  demand: (ctx) =>
    doorDemand(
      ctx,
      ctx.of('popDoor').filter((d) => ctx.outside(d) === null),
    ),
  judge: (s, ctx, asked) => {
    const carry = askedOf(asked.carry);
    const doors = ctx.of('popDoor');
    const { plan, flock } = ctx;
    s.explain(() => {
      for (const door of doors) rampFigures(s, plan, door);
    });
    if (carry.state === 'carries') {
      const lots = ctx.kept('door.lots', [flock], () =>
        flock.lots.filter((_, i) => everLives(ctx, i)),
      );
      doorFigures(s, ctx, carry, doors, asked.short);
      const reads = [plan.shell, plan.litter, flock, schoolFor(ctx, 'roosts.hop')];
      for (const door of doors) {
        s.part('door.one', reads, (own) => ofDoor(own, ctx, door, lots), door);
      }
    }
    const machine = [plan.shell, plan.litter, plan.site, doors];
    for (const door of doors) {
      s.part('door.machine', machine, (own) => ofMachine(own, plan, door), door);
      s.part('door.bars', [ctx.of('bar'), plan.shell], (own) => byBars(own, ctx, door), door);
    }
  },
};

/** Whether all birds have a door that is large enough for them, and not too many share it. */
function doorDemand(ctx: StationContext, doors: readonly PopDoor[]): StationDemand {
  const per = ruled('door.birds');
  const { lots } = ctx.flock;
  // sizes are nested: each lot's doors serve all that need no smaller ones
  const sizes = lots.map((lot) => ({
    doors: doors.filter((d) => doorFits(d, lot)).length,
    needing: lots.flatMap((other, j) =>
      doors.every((d) => !doorFits(d, other) || doorFits(d, lot)) ? [j] : [],
    ),
  }));
  return {
    measure: 'head',
    perBird: byDay(ctx, 'heads', [], (flock) => flock.lots.map(() => 1)),
    fits: (taken) =>
      sizes.every(({ doors: n, needing }, i) => {
        if ((taken[i] ?? 0) === 0) return true;
        return needing.reduce((sum, j) => sum + (taken[j] ?? 0), 0) <= per * n;
      }),
  };
}

const everLives = ({ flock }: StationContext, lot: number): boolean =>
  flock.columns[lot]?.living.some((n) => n > 0) ?? false;

/** Doors needed and there, on the day of the most birds, and on the day that sets the station where it falls short. */
function doorFigures(
  s: Sheet,
  ctx: StationContext,
  carry: Carries,
  doors: readonly PopDoor[],
  short: When | null,
): void {
  const per = ruled('door.birds');
  const inside = doors.filter((d) => ctx.outside(d) === null);
  const on = (d: number, id: (id: string) => string) => {
    const counts = livingOn(ctx.flock, d);
    const birds = counts.reduce((a, b) => a + b, 0);
    const lots = ctx.flock.lots.filter((_, i) => (counts[i] ?? 0) > 0);
    const fitting = inside.filter((door) => lots.every((lot) => doorFits(door, lot)));
    const needed = Math.ceil(birds / per);
    return {
      needed: s.worked(id('door.needed'), W['door.needed'], { birds, per, needed }, KEEPERS),
      there: s.found(id('door.have'), 'doors', fitting.length, KEEPERS),
    };
  };
  s.explain(() => {
    on(carry.needOn, (id) => id);
    const parts = capacityParts(ctx, carry);
    s.worked('door.capacity', W['door.capacity'], parts, KEEPERS);
  });
  if (doors.length === 0 || carry.fitting >= carry.present) return;
  // that a door lies outside its wall is told of it; in it, it would do
  const isTold = inside.length < doors.length;
  const all = doorDemand(ctx, doors);
  const day = askedOn(ctx.flock, carry.setOn, all.perBird);
  if (isTold && all.fits(carry.flock, day)) return;
  const then = on(carry.setOn, (id) => thenId(carry, id));
  // doors too small for some birds are told door by door
  if (then.there.value < inside.length) return;
  s.find(
    'door.count.short',
    'short',
    doors.map((d) => d.id),
    {
      ...then,
      birds: s.found('door.birds', 'birds', carry.present, ENTERED),
      per: s.fact('door.birds'),
    },
    null,
    short,
  );
}

/** Of some birds, those that ask for the widest (0) or the highest (1) door. */
const mostOf = (lots: readonly Lot[], side: 0 | 1): Lot | null =>
  lots.reduce<Lot | null>(
    (a, b) => (a === null || b.class.popDoorM[side] > a.class.popDoorM[side] ? b : a),
    null,
  );

function ofDoor(s: Sheet, ctx: StationContext, door: PopDoor, lots: readonly Lot[]): void {
  const { plan } = ctx;
  const zone = solidOf(door, plan);
  const unfit = lots.filter((lot) => !doorFits(door, lot));
  // the widest bird is not always the tallest: ducks want width
  const [widest, tallest] = [mostOf(unfit, 0), mostOf(unfit, 1)];
  if (widest && tallest) {
    s.find(
      'door.size.small',
      'short',
      [door.id],
      {
        width: s.entered(`door.${door.id}.width`, 'm', door.widthM),
        height: s.entered(`door.${door.id}.height`, 'm', door.heightM),
        neededWidth: s.rule(
          `door.size.${widest.class.id}.width`,
          'm',
          widest.class.popDoorM[0],
          KEEPERS,
        ),
        neededHeight: s.rule(
          `door.size.${tallest.class.id}.height`,
          'm',
          tallest.class.popDoorM[1],
          KEEPERS,
        ),
      },
      zone,
      whenHolds(ctx, (d) =>
        unfit.some((lot) => (ctx.flock.columns[ctx.flock.lots.indexOf(lot)]?.living[d] ?? 0) > 0),
      ),
    );
  }
  const school = schoolFor(ctx, 'roosts.hop');
  // ducks waddle: a sill is no hop to them
  const stepOf = (lot: Lot): number =>
    lot.kind === 'duck' ? ruled('door.duck.step') : hopOf(lot, school);
  const hopper = lots.reduce<Lot | null>(
    (a, b) => (a === null || stepOf(b) < stepOf(a) ? b : a),
    null,
  );
  if (!hopper) return;
  const hop = stepOf(hopper);
  const hopNumber = () => s.rule(`door.hop.${hopper.id}`, 'm', hop, ASSUMED);
  const from = Math.max(litterStartM(plan), door.stepZ);
  const stepUp = door.stepZ - litterStartM(plan);
  const inside = Math.max(door.sillZ - from, stepUp);
  if (!door.rampInside && below(hop, inside)) {
    s.find(
      'door.sill.high',
      'short',
      [door.id],
      {
        step: s.found(`door.${door.id}.step`, 'm', inside, ENTERED),
        hop: hopNumber(),
      },
      zone,
    );
  }
  const rise = plan.shell.floorAboveGroundM;
  const leap = Math.min(...lots.map((lot) => hopOf(lot, school)));
  if (door.ramp === null && below(leap, rise)) {
    s.find(
      'door.ramp.none',
      'short',
      [door.id],
      {
        rise: s.entered('shell.floorAboveGround', 'm', rise),
        hop: s.rule('door.leap', 'm', leap, ASSUMED),
      },
      zone,
    );
  }
  if (door.ramp !== null) ofRamp(s, plan, door, lots);
}

/** Birds on a bar beside the door are in everybody's way. */
function byBars(s: Sheet, ctx: StationContext, door: PopDoor): void {
  const { plan } = ctx;
  const zone = solidOf(door, plan);
  const apart = ruled('door.bars.apart');
  const near = sleepingIn(ctx).find((b) => below(gapInPlan(solidOf(b, plan), zone), apart));
  if (near) {
    s.find(
      'door.place.byBars',
      'awkward',
      [door.id, near.id],
      {
        apart: s.found(`door.${door.id}.bars`, 'm', gapInPlan(solidOf(near, plan), zone), ENTERED),
        needed: s.fact('door.bars.apart'),
      },
      zone,
    );
  }
}

/** What hangs on no bird: sill, place, and how it is worked. */
function ofMachine(s: Sheet, plan: Plan, door: PopDoor): void {
  const zone = solidOf(door, plan);
  const end = litterEndM(plan);
  const above = ruled('door.sill.above');
  if (below(door.sillZ, end + above)) {
    s.find(
      'door.sill.low',
      'awkward',
      [door.id],
      {
        sill: s.entered(`door.${door.id}.sill`, 'm', door.sillZ),
        needed: s.worked(
          'door.sill.needed',
          W['door.sill'],
          { final: end, above, needed: end + above },
          KEEPERS,
        ),
      },
      zone,
    );
  }
  if (popDoorsOf(plan).length === 1 && plan.site.windFrom === door.wall) {
    s.find('door.place.windward', 'awkward', [door.id], {}, zone);
  }
  if (door.works === 'manual') return;
  if ((door.works === 'light' || door.works === 'earlier') && door.lampInView) {
    s.find('door.sensor.lamp', 'awkward', [door.id], {});
  }
  if (below(ruled('door.margin.most'), door.closesAfterMin)) {
    s.find('door.margin.long', 'awkward', [door.id], {
      margin: s.entered(`door.${door.id}.margin`, 'minutes', door.closesAfterMin),
      allowed: s.fact('door.margin.most'),
    });
  }
  if (!door.override) s.find('door.override.none', 'awkward', [door.id], {});
  if (!door.guarded) s.find('door.track.open', 'harm', [door.id], {});
}
