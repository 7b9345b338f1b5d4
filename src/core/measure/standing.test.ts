import fc from 'fast-check';
import { assess } from '../assess';
import { parsePlan } from '../edit/parse';
import { solidOf } from '../geometry/solids';
import { measured, standing, thing } from '../tests/measured';
import { DAY } from '../tests/plans';
import { about, between, exactly } from './bands';
import { settledFindings } from './settled';
import { inOrder, standingOf } from './standing';
import { tapeOfRoom, tapeOfThing } from './tapes';
import type { Thing } from './things';
import {
  type MeasureSpec,
  ROOM_MEASURES,
  THING_KINDS,
  THING_MEASURES,
  type ThingKind,
  USUAL_CHOICES,
} from './things.data';
import { withMeasure } from './uncertain';

const WHO = {
  id: 'stands',
  name: 'Stands',
  units: 'metric' as const,
  timeZone: 'UTC',
  birds: [
    {
      breed: 'brahma',
      count: 4,
      sex: 'hen' as const,
      hatchedOn: null,
      arrivesOn: DAY,
      raisedHere: false,
      name: 'Hens',
    },
  ],
  climate: null,
};

const faults = (plan: ReturnType<typeof standing>): string[] =>
  assess(plan, { on: DAY }).findings.map((f) => f.code);

test('a bar is where it was measured: over the litter, before the rear wall', () => {
  const plan = standing({
    room: { ...measured().room, width: exactly(1.5), litter: exactly(0.08) },
    things: [
      thing('bar', {
        length: exactly(1.2),
        height: exactly(0.62),
        behind: exactly(0.38),
        across: exactly(0.05),
      }),
    ],
  });
  expect(plan.fixtures[0]).toMatchObject({
    kind: 'bar',
    y: 1.12,
    z: 0.7,
    lengthM: 1.2,
    x: 0.3,
    section: { shape: 'flat', widthM: 0.05, heightM: 0.038 },
    wallToWall: false,
  });
  expect(plan.roughly).toEqual([]);
});

test('a bar as long as the room rests on both walls', () => {
  const plan = standing({ things: [thing('bar', { length: exactly(1.8) })] });
  expect(plan.fixtures[0]).toMatchObject({ wallToWall: true, x: 0 });
});

test('rough measures are kept with between what they may be, as the plan has them', () => {
  const room = {
    ...measured().room,
    litter: exactly(0.1),
    width: about(1.2),
    rear: between(1.2, 1.4),
  };
  const plan = standing({
    room,
    things: [thing('bar', { height: between(0.4, 0.5), behind: between(0.3, 0.4) })],
  });
  const of = (key: string, fixture: string | null) =>
    plan.roughly.find((r) => r.key === key && r.fixture === fixture);
  expect(of('widthM', null)).toEqual({
    fixture: null,
    key: 'widthM',
    atM: 1.2,
    fromM: 1.08,
    toM: 1.32,
  });
  expect(of('lowM', null)).toMatchObject({ fromM: 1.2, toM: 1.4 });
  const bar = plan.fixtures[0]?.id ?? '';
  expect(of('z', bar)).toEqual({ fixture: bar, key: 'z', atM: 0.55, fromM: 0.5, toM: 0.6 });
  expect(of('y', bar)).toMatchObject({ fromM: 0.8, toM: 0.9 });
  expect(parsePlan(plan).ok).toBe(true);
});

test('a roof falls to the lower wall; as high on both it is flat', () => {
  const roof = (front: number, rear: number) =>
    standing({ room: { ...measured().room, front: exactly(front), rear: exactly(rear) } }).shell
      .roof;
  expect(roof(1.2, 1.6)).toEqual({ kind: 'mono', lowM: 1.2, highM: 1.6, highSide: 'rear' });
  expect(roof(1.6, 1.2)).toMatchObject({ highSide: 'front' });
  expect(roof(1.5, 1.5)).toEqual({ kind: 'flat', lowM: 1.5, highM: 1.5 });
});

test.each(['front', 'rear', 'left', 'right'] as const)(
  'boxes at the %s wall touch it, inside or out',
  (wall) => {
    for (const outside of [false, true]) {
      const plan = standing({ things: [thing('nests', {}, { wall, outside })] });
      const bank = plan.fixtures[0];
      if (bank?.kind !== 'nestBank') throw new Error('no bank');
      const s = solidOf(bank, plan);
      const { lengthM, widthM } = plan.shell;
      const edge = {
        front: outside ? s.y1 : s.y0,
        rear: outside ? s.y0 : s.y1,
        left: outside ? s.x1 : s.x0,
        right: outside ? s.x0 : s.x1,
      }[wall];
      expect(edge).toBeCloseTo({ front: 0, rear: widthM, left: 0, right: lengthM }[wall], 6);
      expect(faults(plan)).not.toContain('shell.fixture.pastWall');
    }
  },
);

test('two openings of one wall and two banks of another are not laid into one another', () => {
  const plan = standing({
    room: { ...measured().room, length: exactly(3), width: exactly(2) },
    things: [
      ...['a', 'b'].map(() => thing('opening')),
      ...['a', 'b'].map(() => thing('nests', {}, { wall: 'rear' })),
    ],
  });
  const clashes = faults(plan).filter((c) => c.includes('clash'));
  expect(clashes).toEqual([]);
});

test('what is asked of a bought coop is judged: staples, thin boards, a mesh floor', () => {
  const plan = standing({ meshFixedBy: 'staples', boardM: 0.009, floorBuild: 'mesh' });
  expect(faults(plan)).toEqual(
    expect.arrayContaining(['shell.mesh.stapled', 'shell.boards.thin', 'shell.floor.mesh']),
  );
});

test('a post in the way takes its floor, and nothing is stood where it stands', () => {
  const post = thing('obstacle', {
    left: exactly(0.2),
    front: exactly(0.2),
    long: exactly(0.5),
    deep: exactly(0.4),
  });
  const floor = (things: Thing[]): number =>
    assess(standing({ things }), { on: DAY }).figures.get('floor.have')?.value ?? 0;
  expect(floor([]) - floor([post])).toBeCloseTo(0.2, 6);
  const plan = standing({ things: [post, thing('feeder'), thing('drinker')] });
  expect(faults(plan)).not.toContain('shell.things.clash');
});

/** Any coop that a keeper could measure, exactly or roughly. */
const anyBand = ({ leastM, mostM }: MeasureSpec) =>
  fc
    .tuple(
      fc.integer({ min: Math.ceil(leastM * 100), max: Math.floor(Math.min(mostM, 4) * 100) }),
      fc.boolean(),
    )
    .map(([cm, rough]) => (rough ? about(cm / 100) : exactly(cm / 100)));
const anyThing = fc
  .constantFrom(...THING_KINDS)
  .chain((kind: ThingKind) =>
    fc
      .record(Object.fromEntries(THING_MEASURES[kind].map((m: MeasureSpec) => [m.id, anyBand(m)])))
      .map((bands) => thing(kind, bands as Thing['bands'])),
  );
const anyStanding = fc.record({
  room: fc.record(Object.fromEntries(ROOM_MEASURES.map((m) => [m.id, anyBand(m)]))),
  things: fc.array(anyThing, { maxLength: 8 }),
});

test('whatever is measured makes a plan that can be judged, with a tape for each measure', () => {
  fc.assert(
    fc.property(anyStanding, ({ room, things }) => {
      const parts = { room: room as ReturnType<typeof measured>['room'], things };
      const plan = standing(parts);
      const parsed = parsePlan(plan);
      expect(parsed.ok ? [] : parsed.issues).toEqual([]);
      expect(() => assess(plan, { on: DAY })).not.toThrow();
      inOrder(things).forEach((t, i) => {
        const fixture = plan.fixtures[i];
        for (const m of THING_MEASURES[t.kind]) {
          const tape = fixture && tapeOfThing(plan, fixture, m.id);
          expect(tape).toBeTruthy();
          const long = Math.hypot(
            (tape?.to[0] ?? 0) - (tape?.from[0] ?? 0),
            (tape?.to[1] ?? 0) - (tape?.from[1] ?? 0),
          );
          // the tape is as long as what it measures
          if (m.id !== 'behind') expect(long).toBeCloseTo(t.bands[m.id]?.atM ?? Number.NaN, 3);
        }
      });
      for (const { id } of ROOM_MEASURES) {
        const { from, to } = tapeOfRoom(plan, id);
        const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
        expect(long).toBeCloseTo(parts.room[id]?.atM ?? Number.NaN, 6);
      }
    }),
    { numRuns: 120 },
  );
});

describe('what nobody has looked at gives no verdict', () => {
  const nobody = (kind: ThingKind): Thing =>
    ({
      kind,
      choices: USUAL_CHOICES[kind],
      bands: Object.fromEntries(
        THING_MEASURES[kind].map((m: MeasureSpec) => [
          m.id,
          { open: true, atM: m.usualM, fromM: m.usualM * (2 / 3), toM: m.usualM * (4 / 3) },
        ]),
      ),
    }) as Thing;
  const open = (m: number) => ({
    open: true as const,
    atM: m,
    fromM: m * (2 / 3),
    toM: m * (4 / 3),
  });
  const told = (things: readonly Thing[], known = false) => {
    const room = known
      ? measured().room
      : (Object.fromEntries(
          ROOM_MEASURES.map((m) => [m.id, open(m.usualM)]),
        ) as unknown as ReturnType<typeof measured>['room']);
    const own = standingOf(WHO, measured({ room, things, floorBuild: null }));
    return settledFindings(own, assess(own.plan, { on: DAY }).findings, DAY).map((f) => f.code);
  };

  test('an empty sheet has nothing to mend: no open seams, nothing too small, nothing in one place', () => {
    const all = THING_KINDS.map(nobody);
    const codes = told([...all, nobody('bar'), nobody('nests')]);
    expect(codes.filter((c) => /^shell\.(fixture|clash|opening|floor)|box\.small/.test(c))).toEqual(
      [],
    );
    expect(codes.filter((c) => c.startsWith('roosts.bars'))).toEqual([]);
  });

  test('two bars that nobody has measured stand apart', () => {
    const { plan } = standingOf(WHO, measured({ things: [nobody('bar'), nobody('bar')] }));
    const [a, b] = plan.fixtures.map((f) => (f.kind === 'bar' ? f.y : Number.NaN));
    expect(Math.abs((a ?? 0) - (b ?? 0))).toBeGreaterThanOrEqual(0.4);
  });

  test('whether an opening opens is not known until it is said: then the air is not entered', () => {
    const { plan } = standingOf(WHO, measured({ things: [nobody('opening')] }));
    const air = assess(plan, { on: DAY }).staves.find((s) => s.station === 'air');
    expect(air?.state).toBe('notEntered');
  });

  test('what is measured is judged as ever: boxes too small, said to be so', () => {
    const small = thing('nests', { wide: exactly(0.2), deep: exactly(0.2) });
    expect(told([small], true)).toContain('nests.box.small');
    expect(told([nobody('nests')], true)).not.toContain('nests.box.small');
  });

  test('where along its wall a thing is said to be, there it stands', () => {
    const { plan } = standingOf(
      WHO,
      measured({
        things: [
          thing('opening', { along: exactly(0.7) }),
          thing('nests', { along: exactly(0.2) }),
        ],
      }),
    );
    const [bank, vent] = ['nestBank', 'vent'].map((k) => plan.fixtures.find((f) => f.kind === k));
    expect(vent?.kind === 'vent' && vent.alongM).toBe(0.7);
    expect(bank?.kind === 'nestBank' && bank.y).toBe(0.2);
  });
});

test('a bar measured over rough litter moves with it, a sill held from the floor does not', () => {
  const plan = standing({
    room: { ...measured().room, litter: between(0.05, 0.15) },
    things: [thing('bar'), thing('popDoor')],
  });
  const rough = plan.roughly.find((r) => r.key === 'depthM');
  if (!rough) throw new Error('the litter is rough');
  const deep = withMeasure(plan, rough, 0.15);
  const [bar, pop] = deep.fixtures;
  const [barWas, popWas] = plan.fixtures;
  expect(bar?.kind === 'bar' && barWas?.kind === 'bar' && bar.z - barWas.z).toBeCloseTo(0.05, 9);
  expect(pop).toEqual(popWas);
  // so the litter alone makes no bar unreached
  const carries = (p: typeof plan) =>
    assess(p, { on: DAY }).staves.find((s) => s.station === 'roosts')?.carries;
  expect(carries(deep)).toBe(carries(plan));
});
