import {
  asChosen,
  chosenSchool,
  fitM,
  RULE_BOOK,
  rowsOf,
  scaleToBird,
  selectableRows,
  topicById,
} from './book';
import { BEDDING, COVER_ROWS, MATERIALS, SKINS } from './materials.data';
import { RULES, ruled } from './rules.data';
import { SOURCES, sourceById } from './sources.data';

describe.each(RULE_BOOK.rows.map((row) => [row.id, row] as const))('rule %s', (_, row) => {
  test('says its school, its reason, how well founded it is, and its source', () => {
    expect(row.id.startsWith(`${row.topic}.`)).toBe(true);
    expect(row.school.length).toBeGreaterThan(2);
    expect(row.why.length).toBeGreaterThan(20);
    expect(['published', 'statutory', 'keepers', 'assumption']).toContain(row.evidence);
    expect(sourceById(row.source).title).toBeTruthy();
  });

  test("carries its topic's parameter, above nothing, and a valid range of masses", () => {
    const { param } = topicById(RULE_BOOK, row.topic);
    if (param !== null) expect(asChosen(RULE_BOOK, row).value).toBeGreaterThan(0);
    expect(row.validMassKg[0]).toBeLessThan(row.validMassKg[1]);
  });
});

/** Everything of the trade that is not a school: each row of each table. */
const TABLE_ROWS = [
  ...Object.entries(RULES).map(([id, r]) => [id, r.value, r] as const),
  ...MATERIALS.map((m) => [m.id, m.thicknessM ?? 0, m] as const),
];

describe.each(TABLE_ROWS)('%s', (_, value, row) => {
  test('is a number that says how well founded it is, and its source', () => {
    expect(Number.isFinite(value)).toBe(true);
    expect(['published', 'statutory', 'keepers', 'assumption']).toContain(row.evidence);
    expect(sourceById(row.source).title).toBeTruthy();
  });
});

test('an assumption names no book, and what is published or law names one', () => {
  for (const [, , row] of TABLE_ROWS) {
    const ours = row.source === 'wide-rafter' || row.source === 'keepers';
    expect(ours).toBe(row.evidence === 'assumption' || row.evidence === 'keepers');
  }
});

test('ids of rules, topics and sources are used once', () => {
  for (const list of [RULE_BOOK.rows, RULE_BOOK.topics, SOURCES]) {
    expect(new Set(list.map((x) => x.id)).size).toBe(list.length);
  }
});

test('every topic has its default among the schools that can be chosen, and at least two of them', () => {
  for (const topic of RULE_BOOK.topics) {
    const ids = selectableRows(RULE_BOOK, topic.id).map((r) => r.id);
    expect(ids).toContain(topic.defaultRule);
    expect(ids.length).toBeGreaterThanOrEqual(2);
  }
});

test('statutory rows are there to compare with and cannot be chosen', () => {
  const statutory = RULE_BOOK.rows.filter((r) => r.evidence === 'statutory');
  expect(statutory.length).toBeGreaterThan(0);
  expect(statutory.every((r) => r.comparisonOnly)).toBe(true);
  expect(rowsOf(RULE_BOOK, 'floor.area').length).toBeGreaterThan(
    selectableRows(RULE_BOOK, 'floor.area').length,
  );
});

test('the values of the trade stand as keepers give them', () => {
  const value = (id: string) =>
    asChosen(RULE_BOOK, RULE_BOOK.rows.find((r) => r.id === id) ?? fail(id)).value;
  expect(value('floor.area.sleepingOnly')).toBe(0.25);
  expect(value('floor.area.threeToFourFeet')).toBe(0.325);
  expect(value('floor.area.shutInWinters')).toBe(0.6967);
  expect(value('floor.area.statutory')).toBeCloseTo(0.1111, 4);
  expect(value('roosts.length.statutory')).toBe(0.15);
  expect(value('roosts.length.huddled')).toBe(0.2286);
  expect(value('roosts.length.aFootEach')).toBe(0.3);
  expect(value('roosts.length.elbowRoom')).toBe(0.38);
  expect(value('nests.hens.quietFlock')).toBe(3);
  expect(value('nests.hens.common')).toBe(4.5);
  expect(value('nests.hens.smallFlockSharing')).toBe(7);
});

const fail = (id: string): never => {
  throw new Error(`no rule ${id}`);
};

test('a rule for the reference hen is brought to a heavier one by length or by area', () => {
  expect(scaleToBird(0.3, 2.2, 'length')).toBe(0.3);
  expect(scaleToBird(0.3, 3.2, 'length')).toBeCloseTo(0.33991, 5);
  expect(scaleToBird(0.33, 3.2, 'area')).toBeCloseTo(0.42364, 5);
  expect(scaleToBird(7, 5, 'none')).toBe(7);
  expect(() => scaleToBird(0.3, 0, 'length')).toThrow(RangeError);
  expect(() => scaleToBird(0.3, Number.NaN, 'none')).toThrow(RangeError);
});

test('sideways distances hold as they stand for standard birds, 1.2 to 3.8 kg; heights for all', () => {
  for (const kg of [1.2, 2.2, 2.9, 3.8]) expect(fitM('roosts.wall', kg)).toBe(0.38);
  expect(fitM('roosts.wall', 4.8)).toBeCloseTo(0.38 * Math.cbrt(4.8 / 3.8), 9);
  expect(fitM('roosts.wall', 0.6)).toBeCloseTo(0.38 * Math.cbrt(0.5), 9);
  expect(fitM('roosts.apart.level', 2.2)).toBe(0.4572);
  expect(fitM('roosts.lowest', 4.3)).toBe(ruled('roosts.lowest'));
});

test("a keeper's own figure takes the place of a school's value and scales as the default does", () => {
  const own = chosenSchool(RULE_BOOK, { 'roosts.length': { custom: 0.35 } }, 'roosts.length');
  expect(own).toMatchObject({ id: 'custom', value: 0.35, scale: 'length', evidence: 'entered' });
  const standard = chosenSchool(RULE_BOOK, {}, 'roosts.length');
  expect(standard.id).toBe('roosts.length.aFootEach');
  expect(() => chosenSchool(RULE_BOOK, { 'roosts.length': 'nobody' }, 'roosts.length')).toThrow(
    /nobody/,
  );
});

test('the high school of bars ends at five feet and an inch; litter comes out in autumn too; hay is a bedding', () => {
  const high = rowsOf(RULE_BOOK, 'roosts.height').find((r) => r.params.mostM === 1.55);
  expect(high?.params.leastM).toBe(0.6);
  const outs = rowsOf(RULE_BOOK, 'litter.cleanOut').map((r) => r.school);
  expect(outs).toEqual(expect.arrayContaining(['out each spring', 'out each autumn']));
  expect(BEDDING.find((b) => b.id === 'hay')).toMatchObject({ cn: 30 });
});

test('each material has what its kind is asked for, above nothing, and sizes that can be bought', () => {
  for (const m of MATERIALS) {
    const figures = [m.thicknessM, m.densityKgM3, m.uWM2K, m.stiffnessPa, m.allowedPa];
    for (const figure of figures) if (figure !== null) expect(figure).toBeGreaterThan(0);
    const sold = m.stock ? [m.stock.metric, m.stock.imperial] : [];
    for (const { sizesM, lengthsM } of sold) {
      expect(sizesM.length).toBeGreaterThan(0);
      // small side first, in millimetres to metres
      for (const size of sizesM) {
        expect([...size].sort((a, b) => a - b)).toEqual([...size]);
        for (const m of size) expect(m).toBeGreaterThan(0.01);
      }
      for (const long of lengthsM) expect(long).toBeGreaterThanOrEqual(1.2);
    }
  }
  expect(new Set(MATERIALS.map((m) => m.id)).size).toBe(MATERIALS.length);
  for (const s of SKINS) expect(s.uWM2K).not.toBeNull();
  // more insulation lets less through
  const u = (id: string): number => SKINS.find((s) => s.id === id)?.uWM2K ?? 0;
  expect(u('foam50')).toBeLessThan(u('foam25'));
  expect(u('foam25')).toBeLessThan(u('board'));
  expect(u('board')).toBeLessThan(u('metal'));
  // half-inch mesh as it is weighed: wires both ways, of steel
  for (const c of COVER_ROWS) {
    if (c.pitchM === null || c.thicknessM === null) continue;
    const steel = (2 * 7850 * Math.PI * (c.thicknessM / 2) ** 2) / c.pitchM;
    expect(c.kgM2 ?? 0).toBeGreaterThan(steel * 0.8);
    expect(c.kgM2 ?? 0).toBeLessThan(steel * 1.35);
  }
});
