import { assess, createAssessor } from '@/core/assess';
import { change, DAY, hens, soundCoop } from '@/core/tests/plans';
import { freeSpot } from '../geometry/freeRoom';
import { reachMap } from '../geometry/reach';
import type { Fixture, Plan } from '../model/schema';
import { ZONES } from '../model/scope';
import { zonedRemedies } from '../remedies/zoned';
import { newRun } from './defaults';
import { parsePlan } from './parse';
import { withZone, zoneOf, zonePlan } from './zones';

const on = DAY;

/** The same again, so far to the right. */
const shifted = (f: Fixture, by: number): Fixture => {
  const own = { ...f, id: `${f.id}-b` };
  if ('wall' in own) {
    if (own.wall === 'front' || own.wall === 'rear') return { ...own, alongM: own.alongM + by };
    return own;
  }
  return { ...own, x: own.x + by };
};

/** Two sound coops under one roof, a mesh between them. */
function twoZones(recipe: (d: Plan) => void = () => {}): Plan {
  return soundCoop((d) => {
    const left = d.fixtures.filter((f) => f.id !== 'window');
    const window = d.fixtures.find((f) => f.id === 'window');
    d.shell.lengthM = 8;
    // the window of the left zone goes to its front, the other stays at the right wall
    d.fixtures = [
      ...left,
      ...left.map((f) => shifted(f, 4)),
      ...(window ? [{ ...window, id: 'window-b' }] : []),
      ...(window && window.kind === 'window'
        ? [{ ...window, wall: 'left' as const, alongM: 0.2 }]
        : []),
    ];
    d.flock = [
      hens(6, { id: 'old', name: 'Old hens', massKg: 2.2 }),
      hens(6, { id: 'young', name: 'Young hens', massKg: 2.2 }),
    ];
    d.partition = { axis: 'x', atM: 4, beyond: ['young'] };
    recipe(d);
  });
}

test('every fixture and every group is in one zone, and each zone has its own part of the floor', () => {
  const plan = twoZones();
  expect(parsePlan(plan)).toMatchObject({ ok: true });
  const [near, beyond] = ZONES.map((id) => zonePlan(plan, id));
  if (!near || !beyond) throw new Error('no zones');
  expect(near.flock.map((g) => g.id)).toEqual(['old']);
  expect(beyond.flock.map((g) => g.id)).toEqual(['young']);
  expect(near.fixtures.length + beyond.fixtures.length).toBe(plan.fixtures.length);
  for (const f of beyond.fixtures) expect(zoneOf(plan, f)).toBe('beyond');
  const floor = (p: Plan): number => assess(p, { on }).figures.get('floor.have')?.value ?? 0;
  expect(floor(near)).toBeCloseTo(floor(beyond), 9);
  expect(floor(near)).toBeCloseTo(floor(soundCoop()), 9);
});

test("of the keeper's strip and of the run each zone has what lies on its side of the mesh", () => {
  const plan = twoZones((d) => {
    d.partition = { axis: 'x', atM: 3, beyond: ['young'] };
    d.shell.storage = { wall: 'left', depthM: 0.5 };
    d.run = { ...newRun(d), lengthM: 6, widthM: 4 };
    d.fixtures = [];
  });
  const value = (id: 'near' | 'beyond', figure: string): number | undefined =>
    assess(zonePlan(plan, id), { on }).figures.get(figure)?.value;
  const { widthM } = plan.shell;
  expect(value('near', 'floor.inside')).toBeCloseTo(3 * widthM, 9);
  expect(value('near', 'floor.storage')).toBeCloseTo(0.5 * widthM, 9);
  expect(value('near', 'floor.have')).toBeCloseTo(2.5 * widthM, 9);
  expect(value('beyond', 'floor.storage')).toBe(0);
  expect(value('beyond', 'floor.have')).toBeCloseTo(5 * widthM, 9);
  expect(value('near', 'shell.run.have')).toBe(12);
  expect(assess({ ...plan, partition: null }, { on }).figures.get('shell.run.have')?.value).toBe(
    24,
  );
});

test('a place that is looked for in a zone lies on its side of the mesh', () => {
  const plan = twoZones();
  const box = (x: number, y: number) => ({
    x0: x,
    x1: x + 0.3,
    y0: y,
    y1: y + 0.3,
    z0: 0,
    z1: 0.3,
  });
  const spots = ZONES.map((id) => freeSpot(zonePlan(plan, id), 2.2, { id: 'new', at: box }));
  expect(spots[0]?.x).toBeLessThanOrEqual(3.7);
  expect(spots[1]?.x).toBeGreaterThanOrEqual(4);
});

test("floor beyond the mesh is nobody's to reach: a zone asks for its own alone", () => {
  const plan = twoZones();
  const whole = reachMap(plan, 1.8);
  const near = reachMap(zonePlan(plan, 'near'), 1.8);
  const far = { ...plan, keeper: { ...plan.keeper, armM: 0.3 } };
  const [all, left, right] = [far, ...ZONES.map((id) => zonePlan(far, id))].map((p) =>
    reachMap(p, 3),
  );
  expect(near.unreachedM2).toBeLessThanOrEqual(whole.unreachedM2 + 1e-9);
  expect(left?.unreachedM2).toBeGreaterThan(0);
  expect((left?.unreachedM2 ?? 0) + (right?.unreachedM2 ?? 0)).toBeCloseTo(
    all?.unreachedM2 ?? 0,
    9,
  );
});

test('two sound zones are sound, and the coop carries what they carry together', () => {
  const a = assess(twoZones(), { on });
  const one = assess(soundCoop(), { on });
  expect(a.findings).toEqual([]);
  expect(a.planned).toBe(12);
  expect(a.carries).toBe(2 * (one.carries ?? 0));
  // air passes the mesh: of it a zone is told what the whole coop has
  for (const id of ZONES) expect(a.zones?.[id]).toMatchObject({ planned: 6, carries: 8 });
  expect(a.figures.get('coop.carries')?.value).toBe(a.carries);
});

test('where one zone is short the coop is, whatever room the other has', () => {
  const plan = twoZones((d) => change(d, 'bar', 'bar-b', { lengthM: 0.9 }));
  const a = assess(plan, { on });
  expect(a.zones?.near.carries).toBe(8);
  expect(a.zones?.beyond.carries).toBe(3);
  // the left zone counts for the six it has, the right for three
  expect(a).toMatchObject({ carries: 9, planned: 12, heldBackBy: ['roosts'] });
  expect(a.findings.map((f) => f.code)).toEqual(['roosts.length.short']);
});

test('a zone without nests is asked for them', () => {
  const plan = twoZones((d) => {
    d.fixtures = d.fixtures.filter((f) => f.id !== 'bank-b');
  });
  expect(assess(plan, { on }).sentence).toEqual({ kind: 'notEntered', stations: ['nests'] });
});

test('young birds behind the mesh have a feed of their own', () => {
  const young = (d: Plan): void => {
    d.flock = d.flock.map((g) =>
      g.id === 'young' ? { ...g, hatchedOn: '2026-08-01', arrivesOn: '2026-12-01' } : g,
    );
  };
  const codes = (plan: Plan): string[] => assess(plan, { on }).findings.map((f) => f.code);
  expect(codes(twoZones(young))).not.toContain('flock.feed.mixed');
  expect(codes({ ...twoZones(young), partition: null })).toContain('flock.feed.mixed');
});

test('a remedy of one zone is put back into the whole, and leaves the other as it was', () => {
  const plan = twoZones((d) => change(d, 'bar', 'bar-b', { lengthM: 0.9 }));
  const before = assess(plan, { on }).zones?.beyond;
  const finding = before?.findings[0];
  if (!before || !finding) throw new Error('nothing wrong');
  expect(finding.code).toBe('roosts.length.short');
  const [first] = zonedRemedies(plan, 'beyond', finding, before, createAssessor());
  if (!first) throw new Error('no remedy');
  expect(parsePlan(first.plan)).toMatchObject({ ok: true });
  expect(zonePlan(first.plan, 'near').fixtures).toEqual(zonePlan(plan, 'near').fixtures);
  expect(assess(first.plan, { on }).findings.map((f) => f.code)).not.toContain(finding.code);
  expect(first.plan.partition).toEqual(plan.partition);
});

test('air passes the mesh: what is short of it is short for both, and mended once', () => {
  const plan = twoZones((d) => {
    d.fixtures = d.fixtures.filter((f) => f.id !== 'window-b');
    d.schools['air.area'] = 'air.area.tenthOfFloor';
  });
  const a = assess(plan, { on });
  expect(a.findings.map((f) => f.key)).toEqual(['air.summer.short']);
  for (const id of ZONES) {
    expect(a.zones?.[id].findings.map((f) => f.key)).toEqual(['air.summer.short']);
  }
  const { near } = a.zones ?? {};
  const finding = near?.findings[0];
  if (!near || !finding) throw new Error('nothing wrong');
  const [first] = zonedRemedies(plan, 'near', finding, near, createAssessor());
  if (!first) throw new Error('no remedy');
  expect(first.plan.partition).toEqual(plan.partition);
  expect(assess(first.plan, { on }).findings).toEqual([]);
});

test('a bag is bought for both zones: each draws on it by its share, and it is told once', () => {
  const parted = (bagKg: number) =>
    assess(
      twoZones((d) => {
        d.fills.bagKg = bagKg;
        // the old hens are fewer: what a zone eats by itself is not the half
        const [old] = d.flock;
        if (old) old.count = 2;
      }),
      { on },
    );
  const a = parted(200);
  const days = (of: typeof a | undefined): number => of?.figures.get('feed.bag.days')?.value ?? 0;
  expect(days(a)).toBeGreaterThan(0);
  expect(days(a.zones?.near)).toBe(days(a));
  expect(days(a.zones?.beyond)).toBe(days(a));
  // 200 kg by what 8 hens eat, not by 2 or 6
  const parts = a.figures.get('feed.bag.days')?.parts;
  expect(days(a)).toBeCloseTo(200 / (Number(parts?.intake) * Number(parts?.waste)), 9);
  const eaten = ZONES.map((id) => a.zones?.[id].flock.totals.coopFeedKg[0] ?? 0);
  expect((eaten[0] ?? 0) + (eaten[1] ?? 0)).toBeCloseTo(a.flock.totals.coopFeedKg[0] ?? 0, 9);
  expect((eaten[1] ?? 0) / (eaten[0] ?? 1)).toBeCloseTo(3, 6);
  const stale = a.findings.filter((f) => f.code === 'feed.bag.stale');
  expect(stale.map((f) => f.key)).toEqual(['feed.bag.stale']);
  expect(ZONES.flatMap((id) => a.zones?.[id].findings ?? []).map((f) => f.code)).not.toContain(
    'feed.bag.stale',
  );
  expect(parted(10).findings.map((f) => f.code)).not.toContain('feed.bag.stale');
});

test('a zone that is not changed changes nothing, and new fixtures get free ids', () => {
  const plan = twoZones();
  const zone = zonePlan(plan, 'near');
  expect(withZone(plan, zone, zone)).toEqual(plan);
  const first = plan.fixtures[0];
  if (!first) throw new Error('no fixture');
  const again = { ...first, id: 'bar-b' };
  const added = withZone(plan, zone, { ...zone, fixtures: [...zone.fixtures, again] });
  expect(new Set(added.fixtures.map((f) => f.id)).size).toBe(added.fixtures.length);
  expect(added.fixtures).toHaveLength(plan.fixtures.length + 1);
});

test('an assessor that remembers finds what a new one does, partition in and out', () => {
  const assessor = createAssessor();
  const parted = twoZones();
  for (const plan of [parted, { ...parted, partition: null }, parted]) {
    const { zones, ...remembered } = assessor(plan, { on });
    const { zones: fresh, ...anew } = assess(plan, { on });
    expect(remembered.findings).toEqual(anew.findings);
    expect(remembered.staves).toEqual(anew.staves);
    expect(zones?.near.staves).toEqual(fresh?.near.staves);
  }
});

test('a partition beyond the walls is refused by name', () => {
  const plan = twoZones((d) => {
    if (d.partition) d.partition.atM = 8;
  });
  expect(parsePlan(plan)).toMatchObject({
    ok: false,
    issues: [{ code: 'plan.partitionOutside', path: ['partition', 'atM'] }],
  });
});
