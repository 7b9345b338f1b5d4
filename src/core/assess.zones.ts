import type { Assessment } from './assessment';
import { verdictOf } from './carrying/verdict';
import { byId, lazy } from './kernel/figures';
import { byWorst, type Finding } from './kernel/finding';
import type { StationId } from './kernel/station';
import { KEEPERS } from './kernel/working';
import { ZONES, type ZoneId } from './model/scope';
import { carriesFigures } from './stations/coop';
import { explainingSheet } from './stations/sheet';
import { carriesNothing, railsOf, type Stave, sentenceOf, shortest } from './staves';

/**
 * A coop of two zones, each sized by itself. What it carries is what the zones carry together where both
 * have room, and no more than each has birds for where one is short.
 */
export function joinZones(
  whole: Assessment,
  zones: Readonly<Record<ZoneId, Assessment>>,
): Assessment {
  const pair = ZONES.map((id) => zones[id]);
  const staves = whole.staves.map((s): Stave => {
    if (OF_THE_WHOLE.has(s.station)) return s;
    const own = pair.flatMap((z) => z.staves.filter((x) => x.station === s.station));
    return joinStaves(
      s,
      own,
      pair.map((z) => z.planned),
      whole.planned,
    );
  });
  const all = shortest(staves);
  const { carries, heldBackBy } = all;
  const sentence = lazy(() => sentenceOf(staves, whole.planned));
  const findings = new Map(
    whole.findings
      .filter((f) => OF_THE_WHOLE.has(f.station) || OF_THE_BAG.has(f.code))
      .map((f) => [f.key, f]),
  );
  for (const id of ZONES) {
    for (const f of zones[id].findings) {
      if (OF_THE_WHOLE.has(f.station) || OF_THE_BAG.has(f.code)) continue;
      const key = f.fixtures.length === 0 ? `${f.key}@${id}` : f.key;
      findings.set(key, { ...f, key });
    }
  }
  const figures = lazy(() => {
    const found = explainingSheet('flock');
    for (const s of staves) {
      if (s.carries !== null) found.found(`${s.station}.capacity`, 'birds', s.carries, KEEPERS);
    }
    const told =
      carries === null ? [] : carriesFigures(carries, whole.planned, railsOf(staves), all);
    return byId([...found.figures.values(), ...told], whole.figures);
  });
  const birds = lazy(() => ZONES.flatMap((id) => zones[id].birds));
  return over(whole, {
    carries,
    heldBackBy,
    get sentence() {
      return sentence();
    },
    staves,
    get figures() {
      return figures();
    },
    get items() {
      const station = staves.filter((s) => s.carries !== null).map((s) => s.station);
      return { ...whole.items, station };
    },
    findings: [...findings.values()].sort(byWorst),
    get birds() {
      return birds();
    },
    zones,
  });
}

/** An assessment with some of it another; what is made when it is read stays so. */
const over = (base: Assessment, other: Partial<Assessment>): Assessment =>
  Object.defineProperties({} as Assessment, {
    ...Object.getOwnPropertyDescriptors(base),
    ...Object.getOwnPropertyDescriptors(other),
  });

/** Stations that two zones have in common: air passes the mesh between them. */
export const OF_THE_WHOLE: ReadonlySet<StationId> = new Set(['shell', 'air', 'brooder']);

/** Feed is bought for the whole coop: a bag is shared by both zones, lasts as long in either, and is told once. */
const OF_THE_BAG: ReadonlySet<string> = new Set(['feed.bag.stale']);

/** A zone with the air of the whole coop, and its bags of feed. */
export function throughMesh(zone: Assessment, whole: Assessment): Assessment {
  const air = (list: readonly Finding[]): Finding[] => list.filter((f) => f.station === 'air');
  const rest = zone.findings.filter((f) => f.station !== 'air' && !OF_THE_BAG.has(f.code));
  const stave = whole.staves.find((s) => s.station === 'air');
  // of the whole coop's air nothing is told lot by lot here
  const mixed = stave && { ...stave, apart: null };
  const staves = zone.staves.map((s) => (s.station === 'air' && mixed ? mixed : s));
  const all = shortest(staves);
  const { carries, heldBackBy } = all;
  const sentence = lazy(() => sentenceOf(staves, zone.planned));
  const figures = lazy(() => {
    const shared = [...whole.figures.values()].filter(
      (f) => f.id.startsWith('air.') || f.id.startsWith('feed.bag'),
    );
    const told =
      carries === null ? [] : carriesFigures(carries, zone.planned, railsOf(staves), all);
    return byId([...shared, ...told], zone.figures);
  });
  return over(zone, {
    carries,
    heldBackBy,
    get sentence() {
      return sentence();
    },
    findings: [...rest, ...air(whole.findings)].sort(byWorst),
    get figures() {
      return figures();
    },
    staves,
  });
}

function joinStaves(
  s: Stave,
  own: readonly Stave[],
  birds: readonly number[],
  planned: number,
): Stave {
  const asked = own.filter((z) => z.state !== 'notApplicable');
  if (asked.length === 0) return { ...carriesNothing(s.station), state: s.state };
  if (asked.some((z) => z.state === 'notEntered')) {
    return { ...carriesNothing(s.station), state: 'notEntered' };
  }
  const enough = own.every((z, i) => z.carries === null || z.carries >= (birds[i] ?? 0));
  // a zone that asks nothing of a station holds nobody back
  const sum = own.reduce((n, z, i) => {
    const here = birds[i] ?? 0;
    return n + (z.carries === null ? here : enough ? z.carries : Math.min(z.carries, here));
  }, 0);
  // a zone that is short sets the whole: its day and its pair are told
  const held = own.filter((z) => z.verdict === 'short');
  const first = [...(held.length > 0 ? held : own)].sort((a, b) =>
    (a.shortFrom ?? a.setOn ?? '') < (b.shortFrom ?? b.setOn ?? '') ? -1 : 1,
  )[0];
  return {
    ...s,
    // what one zone's kinds lack is told in that zone
    apart: null,
    state: 'carries',
    carries: sum,
    verdict: verdictOf(sum, planned),
    setOn: first?.setOn ?? s.setOn,
    shortFrom: first?.shortFrom ?? null,
    shortTill: first?.shortTill ?? null,
    orMore: asked.every((z) => z.orMore),
    pair: held.length > 0 ? (first?.pair ?? null) : null,
  };
}
