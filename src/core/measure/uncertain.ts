import { onLitter } from '../edit/onLitter';
import { solidOf } from '../geometry/solids';
import { createJudge, type Judged } from '../judge';
import type { Finding } from '../kernel/finding';
import type { StationId } from '../kernel/station';
import type { Fixture, Plan, Roughly } from '../model/schema';
import { RULE_BOOK } from '../rules/book';
import { railsOf } from '../staves';

/** What hangs on one measure that was taken by eye. */
export interface Uncertain {
  readonly roughly: Roughly;
  /** Stations that carry more or fewer birds where it is at its least or its most. */
  readonly stations: readonly {
    readonly station: StationId;
    readonly least: number;
    readonly most: number;
  }[];
  /** Faults that are there at one end and not at the other. */
  readonly findings: readonly Finding[];
}

/**
 * Which verdicts hang on measures taken by eye: the plan is judged with each of them at its least and at its most,
 * the others as they are. What the coop's own number hangs on comes first. A measure that changes nothing is left out; one that was entered anew is rough no longer.
 * @param on  the day judged, YYYY-MM-DD
 */
export function uncertainOf(plan: Plan, on: string): Uncertain[] {
  const rough = roughIn(plan);
  if (rough.length === 0) return [];
  const judge = createJudge();
  const at = (p: Plan): Judged => judge(p, { on, book: RULE_BOOK, lean: true });
  const middle = at(plan);
  const least = Math.min(...railsOf(middle.staves));
  const holds = new Set(middle.staves.filter((s) => s.carries === least).map((s) => s.station));
  const found = rough.flatMap((roughly): Uncertain[] => {
    const ends = [roughly.fromM, roughly.toM].map((m) => at(withMeasure(plan, roughly, m)));
    const all = [middle, ...ends];
    const stations = middle.staves.flatMap(({ station }) => {
      const carried = all.flatMap(
        (j) => j.staves.find((s) => s.station === station)?.carries ?? [],
      );
      const [least, most] = [Math.min(...carried), Math.max(...carried)];
      return carried.length > 1 && least < most ? [{ station, least, most }] : [];
    });
    const findings = turning(all);
    return stations.length + findings.length > 0 ? [{ roughly, stations, findings }] : [];
  });
  const weight = (u: Uncertain): number =>
    Number(u.stations.some((s) => holds.has(s.station))) * 4 +
    Number(u.stations.length > 0) * 2 +
    Number(u.findings.some((f) => f.severity !== 'awkward'));
  return found.sort((a, b) => weight(b) - weight(a));
}

/** Faults that some of these have and others have not, worst first. */
function turning(all: readonly Judged[]): Finding[] {
  const seen = new Map<string, { finding: Finding; times: number }>();
  for (const { findings } of all) {
    for (const finding of findings) {
      const before = seen.get(finding.key);
      seen.set(finding.key, { finding, times: (before?.times ?? 0) + 1 });
    }
  }
  return [...seen.values()].filter((s) => s.times < all.length).map((s) => s.finding);
}

/** Measures that still stand as they were taken by eye. @example roughIn({ ...plan, roughly: [] }) // [] */
export const roughIn = (plan: Plan): Roughly[] =>
  plan.roughly.filter((r) => {
    const there = measureOf(plan, r);
    return there !== null && Math.abs(there - r.atM) < 1e-6;
  });

/** What a plan has for a measure, m; null where it has no such thing. */
function measureOf(plan: Plan, { fixture, key }: Pick<Roughly, 'fixture' | 'key'>): number | null {
  const of: object | undefined =
    fixture !== null
      ? plan.fixtures.find((f) => f.id === fixture)
      : key === 'depthM'
        ? plan.litter
        : key === 'lowM' || key === 'highM'
          ? plan.shell.roof
          : plan.shell;
  const value = (of as Readonly<Record<string, unknown>> | undefined)?.[key];
  return typeof value === 'number' ? value : null;
}

/**
 * The plan with one measure of it as it may be too.
 * @example withMeasure(plan, { fixture: null, key: 'lengthM', atM: 3, fromM: 2, toM: 4 }, 3.5).shell.lengthM // 3.5
 */
export function withMeasure(plan: Plan, { fixture, key }: Roughly, m: number): Plan {
  if (fixture !== null) {
    const fixtures = plan.fixtures.map((f) => (f.id === fixture ? { ...f, [key]: m } : f));
    return { ...plan, fixtures };
  }
  if (key === 'depthM') {
    const by = m - plan.litter.depthM;
    const fixtures = plan.fixtures.map((f) => onLitter(f, by));
    return { ...plan, fixtures, litter: { ...plan.litter, depthM: m } };
  }
  const { shell } = plan;
  if (key === 'lengthM' || key === 'widthM') {
    const fixtures = plan.fixtures.map((f) => inRoom(f, plan, key, m));
    return { ...plan, fixtures, shell: { ...shell, [key]: m } };
  }
  if (key !== 'lowM' && key !== 'highM') return plan;
  const roof = { ...shell.roof, [key]: m };
  // the low side is never over the high one; a flat roof is as high on both
  if (roof.kind === 'flat' || roof.lowM > roof.highM) Object.assign(roof, { lowM: m, highM: m });
  return { ...plan, shell: { ...shell, roof } };
}

/**
 * A fixture where it would stand in a room of another length or width: what stands at a wall stays at it, a bar as far
 * before the rear wall as it was measured, and all else as far along.
 */
function inRoom(f: Fixture, plan: Plan, side: 'lengthM' | 'widthM', m: number): Fixture {
  const { shell } = plan;
  const was = shell[side];
  const axis = side === 'lengthM' ? 'x' : 'y';
  if ('wall' in f) {
    const along = f.wall === 'front' || f.wall === 'rear' ? 'lengthM' : 'widthM';
    return along === side ? { ...f, alongM: shifted(f.alongM, f.widthM, was, m) } : f;
  }
  if (f.kind === 'bar' && side === 'widthM' && f.axis === 'x') return { ...f, y: f.y + m - was };
  const s = solidOf(f, plan);
  const [lo, hi] = axis === 'x' ? [s.x0, s.x1] : [s.y0, s.y1];
  if (lo < 0 && hi <= 1e-9) return f;
  const to = lo >= was - 1e-9 ? lo + m - was : shifted(lo, hi - lo, was, m);
  return { ...f, [axis]: f[axis] + to - lo };
}

/** A place along a side, in proportion to the room that is free there. */
function shifted(at: number, sizeM: number, was: number, now: number): number {
  const free = was - sizeM;
  return free <= 1e-9 ? Math.max(0, at) : Math.max(0, (at * Math.max(0, now - sizeM)) / free);
}
