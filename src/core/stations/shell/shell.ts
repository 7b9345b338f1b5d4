import { livingOn, massThen } from '../../birds/flock';
import { clashesOf, runAlike } from '../../geometry/clashes';
import { solidOf } from '../../geometry/solids';
import type { FindingNumber } from '../../kernel/finding';
import { below, wholeUp } from '../../kernel/units/number';
import { ENTERED, KEEPERS } from '../../kernel/working';
import { letsAir } from '../../model/opens';
import type { Animal } from '../../model/place.schema';
import type { AirOpening, Plan, Run } from '../../model/schema';
import { scaleToBird } from '../../rules/book';
import { COVER_ROWS } from '../../rules/materials.data';
import { ruled } from '../../rules/rules.data';
import { airOpenings } from '../air/areas';
import { basisOf, type Station, type StationContext, schoolFor } from '../context';
import type { Sheet } from '../sheet';
import { builtByOthers } from './bought';
import { dustBath, shutIn } from './dustBath';
import { outsideShell } from './outside';
import { SHELL_WORKINGS as W } from './shell.working';

/** The shell: what does not fit in it, mesh, latches, panes, the floor's foot, the run, the dust bath. */
export const shellStation: Station = {
  id: 'shell',
  judge: (s, ctx) => {
    const { plan, of, flock } = ctx;
    const within = [plan.shell, plan.litter];
    for (const f of plan.fixtures) {
      s.part('shell.within', within, (own) => outsideShell(own, ctx, f), f);
    }
    for (const kind of ['window', 'vent'] as const) {
      for (const o of of(kind)) {
        s.part('shell.opening', [plan.shell, plan.site], (own) => openingOf(own, ctx, o), o);
      }
    }
    for (const kind of ['door', 'hatch', 'popDoor'] as const) {
      for (const f of of(kind)) {
        if (f.latch !== 'double') s.find('shell.latch.weak', 'harm', [f.id], {}, ctx.solid(f));
      }
    }
    clashes(s, ctx);
    foot(s, plan);
    builtByOthers(s, plan, animalsOf(plan));
    s.explain(() => mesh(s, plan));
    const floor = schoolFor(ctx, 'floor.area');
    const runs = [
      plan.run,
      plan.zone,
      plan.limits,
      plan.site,
      flock,
      floor,
      schoolFor(ctx, 'run.floor'),
    ];
    s.part('shell.run', runs, (own) => {
      if (plan.run !== null) runOf(own, ctx, plan.run);
      else if (needsRun(ctx)) own.find('shell.run.none', 'short', [], {});
    });
    dustBath(s, ctx);
  },
};

/** What one window or vent is held to: its mesh, its pane, its stay. */
function openingOf(s: Sheet, ctx: StationContext, o: AirOpening): void {
  if (letsAir(o)) meshOf(s, ctx.plan, o);
  if (o.kind === 'window' && o.pane === 'glass') {
    s.find('shell.glass.breaks', 'awkward', [o.id], {}, ctx.solid(o));
  }
  if (o.opens === 'closable' && !o.stay) {
    s.find('shell.stay.none', 'awkward', [o.id], {}, ctx.solid(o));
  }
}

/** The widest gap that an animal finds in what covers an opening, m; null where nothing does. */
export function apertureM(o: Pick<AirOpening, 'cover'>): number | null {
  const cover = COVER_ROWS.find((c) => c.id === o.cover);
  if (!cover || cover.pitchM === null) return null;
  return cover.pitchM;
}

/** What gets through welded mesh that is wider than half an inch, or reaches through it. */
const SMALL_HUNTERS: ReadonlySet<Animal> = new Set(['raccoon', 'weasel', 'rat', 'snake', 'mouse']);

/** What gets through half an inch. */
const SMALLEST: readonly Animal[] = ['mouse', 'snake'];

/** Animals that live here; with none said, fox and rat. */
export const animalsOf = ({ site }: Pick<Plan, 'site'>): readonly Animal[] =>
  site.animals ?? ['fox', 'rat'];

/** The mesh that keeps out all animals that live here. @example meshFor({ site: { ...plan.site, animals: ['mouse'] } }) // 'mesh6' */
export const meshFor = (plan: Pick<Plan, 'site'>): 'mesh6' | 'mesh13' =>
  SMALLEST.some((a) => animalsOf(plan).includes(a)) ? 'mesh6' : 'mesh13';

function meshOf(s: Sheet, plan: Plan, o: AirOpening): void {
  const most = ruled('mesh.aperture');
  const aperture = apertureM(o);
  const zone = solidOf(o, plan);
  // a louvre's or a ridge vent's own slots still let a weasel through: only welded mesh counts
  if (aperture === null) {
    const code = o.cover === 'netting' ? 'shell.opening.netting' : 'shell.opening.unmeshed';
    s.find(code, 'harm', [o.id], { allowed: s.fact('mesh.aperture') }, zone);
    return;
  }
  const animals = animalsOf(plan);
  const there = () => s.found(`shell.opening.${o.id}.mesh`, 'm', aperture, KEEPERS);
  if (below(most, aperture)) {
    // it keeps foxes, dogs and hawks out: whether it is harm goes by what else lives here
    const harm = animals.some((a) => SMALL_HUNTERS.has(a));
    s.find(
      harm ? 'shell.opening.wideMesh' : 'shell.opening.strongMesh',
      harm ? 'harm' : 'awkward',
      [o.id],
      { aperture: there(), allowed: s.fact('mesh.aperture') },
      zone,
    );
  } else if (
    below(ruled('mesh.apertureSmall'), aperture) &&
    SMALLEST.some((a) => animals.includes(a))
  ) {
    s.find(
      'shell.opening.smallMesh',
      'awkward',
      [o.id],
      { aperture: there(), allowed: s.fact('mesh.apertureSmall') },
      zone,
    );
  }
}

/** Things in one another's way. */
function clashes(s: Sheet, { plan, solid, outside }: StationContext): void {
  for (const { kind, first, second, zone } of clashesOf(plan, solid, outside)) {
    const alike =
      first.kind === 'bar' && second.kind === 'bar' && runAlike(first, second) ? 'inOne' : 'cross';
    const code = (
      {
        things: 'shell.things.clash',
        bars: alike === 'inOne' ? 'shell.bars.inOne' : 'shell.bars.cross',
        openings: 'shell.openings.clash',
        doorway: 'shell.door.blocked',
      } as const
    )[kind];
    s.find(code, 'awkward', [first.id, second.id], {}, zone);
  }
}

/** What digs in from below. */
function foot(s: Sheet, plan: Plan): void {
  const needed = ruled('mesh.apron');
  if (plan.shell.floorBuild !== 'earth') return;
  const there = plan.shell.apronM ?? 0;
  if (!below(there, needed)) return;
  s.find('shell.floor.diggers', 'harm', [], {
    apron: s.entered('shell.apron', 'm', there),
    needed: s.fact('mesh.apron'),
  });
}

/** Mesh to cut for the openings and for ceilings, kind by kind, with its lap on each edge. */
function mesh(s: Sheet, plan: Plan): void {
  const lap = ruled('mesh.lap');
  for (const { id, pitchM } of COVER_ROWS) {
    const ceilings = plan.fixtures.flatMap((f) =>
      f.kind === 'ceiling' && f.cover === id ? [{ widthM: f.lengthM, heightM: f.depthM }] : [],
    );
    const own = [
      ...airOpenings(plan).filter((o) => pitchM !== null && o.cover === id),
      ...ceilings,
    ];
    if (own.length === 0) continue;
    const areas = own.map((o) => o.widthM * o.heightM);
    const edges = own.map((o) => 2 * (o.widthM + o.heightM));
    const count = own.length;
    const sum = (all: readonly number[]): number => all.reduce((x, y) => x + y, 0);
    const area = sum(areas) + lap * sum(edges) + 4 * lap ** 2 * count;
    const parts = { areas, edges, lap, count, area };
    s.worked(`shell.mesh.${id}`, W['shell.mesh'], parts, KEEPERS);
  }
  if ([...airOpenings(plan), plan.run].some((o) => o !== null && apertureM(o) !== null)) {
    s.fact('mesh.screws');
    s.fact('mesh.apertureSmall');
  }
}

/** The school that gives birds least room indoors counts on a run that is open every day. */
function needsRun(ctx: StationContext): boolean {
  const { params } = schoolFor(ctx, 'floor.area');
  return ctx.flock.planned > 0 && params.needsRun === 1;
}

function runOf(s: Sheet, ctx: StationContext, run: Run): void {
  const { plan, flock } = ctx;
  const there = runArea(s, run, plan.zone?.ofRun ?? 1);
  const floor = schoolFor(ctx, 'floor.area');
  const perBird = floor.params.runM2 ?? 0;
  const peak = flock.peaks.area;
  if (peak !== null && perBird > 0) {
    const counts = livingOn(flock, peak.d);
    const areas = flock.lots.map((_, i) =>
      scaleToBird(perBird, massThen(flock, i, peak.d), 'area'),
    );
    const needed = counts.reduce((sum, n, i) => sum + n * (areas[i] ?? 0), 0);
    const neededFigure = s.worked(
      'shell.run.needed',
      W['shell.run.needed'],
      { counts, areas, needed },
      basisOf(floor),
    );
    if (below(there.value, needed)) {
      s.find('shell.run.small', 'short', [], {
        needed: neededFigure,
        there,
        missing: s.found('shell.run.missing', 'm2', needed - there.value, basisOf(floor)),
      });
    }
  }
  const wantsRoof = schoolFor(ctx, 'run.floor').params.roofNeeded ?? 0;
  const roofed = { none: 0, half: 0.5, full: 1 }[run.roof];
  if (roofed < wantsRoof) s.find('shell.run.open', 'awkward', [], {});
  const eaves = ruled('run.eaves');
  if (run.roof !== 'none' && below(run.eavesM, eaves)) {
    s.find('shell.run.eaves', 'awkward', [], {
      eaves: s.entered('shell.run.eaves.there', 'm', run.eavesM),
      needed: s.fact('run.eaves'),
    });
  }
  if (below(run.skirtingM, ruled('run.skirting'))) {
    s.find('shell.run.skirting', 'awkward', [], {
      skirting: s.entered('shell.run.skirting.there', 'm', run.skirtingM),
      needed: s.fact('run.skirting'),
    });
  }
  const { windFrom } = plan.site;
  if (windFrom !== null && !run.solidSides.includes(windFrom)) {
    s.find('shell.run.windward', 'awkward', [], {});
  } else if (run.solidSides.length === 0) s.find('shell.run.lee', 'awkward', [], {});
  const aperture = apertureM(run);
  const wide = aperture !== null && below(ruled('mesh.aperture'), aperture);
  if (aperture === null || wide) {
    const harm = !wide || animalsOf(plan).some((a) => SMALL_HUNTERS.has(a));
    s.find(harm ? 'shell.run.mesh' : 'shell.run.strongMesh', harm ? 'harm' : 'awkward', [], {
      allowed: s.fact('mesh.aperture'),
    });
  }
  if (plan.limits.housingOrder && run.roof !== 'full')
    s.find('shell.run.wildBirds', 'harm', [], {});
  pastimes(s, ctx, run);
  s.fact('run.perch.mesh');
  s.fact('run.screen.gap');
}

/** The run as it is, or a zone's share of it. */
function runArea(s: Sheet, { lengthM: length, widthM: width }: Run, share: number): FindingNumber {
  const area = length * width * share;
  return share === 1
    ? s.worked('shell.run.have', W['shell.run'], { length, width, area }, ENTERED)
    : s.worked('shell.run.have', W['shell.run.share'], { length, width, share, area }, ENTERED);
}

/** Shut in for days, birds want something to do: one for six of them. */
function pastimes(s: Sheet, ctx: StationContext, run: Run): void {
  if (!shutIn(ctx) || ctx.flock.planned === 0) return;
  const per = ruled('run.pastime.birds');
  const needed = wholeUp(ctx.flock.planned / per);
  if (run.pastimes >= needed) return;
  s.find('shell.run.idle', 'awkward', [], {
    there: s.entered('shell.run.pastimes', 'things', run.pastimes),
    needed: s.found('shell.run.pastimes.needed', 'things', needed, KEEPERS),
    per: s.fact('run.pastime.birds'),
  });
}
