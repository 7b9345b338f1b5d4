import { type Lot, lotsOf } from '../../../birds/lots';
import { againstWall, newNestBank } from '../../../edit/new/nests';
import { barsOf } from '../../../geometry/bars';
import { boxesPerTier } from '../../../geometry/solids';
import { OPPOSITE } from '../../../geometry/walls';
import { wholeUp } from '../../../kernel/units/number';
import { litterEndM } from '../../../model/litter';
import type { Bar, NestBank, Plan } from '../../../model/schema';
import { up } from '../../../model/tape';
import {
  metres,
  type Proposal,
  type Proposer,
  type Proposers,
  type Told,
} from '../../../proposals/remedy';
import { chosenSchool, RULE_BOOK } from '../../../rules/book';
import { bankIn, bankOf, clearBars } from './bankIn';
import { keepBedLow, lowerLip, lowerLipWithStep, raiseLip, stepToLip } from './lips';
import { HANG_ELSEWHERE, hungOutside } from './outside';

/** Boxes added to the bank until there are enough. */
const addBoxes: Proposer = (finding, { plan, value }) => {
  const needed = finding.numbers.needed?.value ?? value('nests.needed');
  const there = finding.numbers.there?.value ?? value('nests.have');
  if (needed === undefined || there === undefined) return [];
  const more = Math.max(1, needed - there);
  return plan.fixtures
    .filter((f): f is NestBank => f.kind === 'nestBank')
    .map((bank) => ({
      code: 'nests.widen',
      fixtures: [bank.id],
      numbers: { boxes: { value: bank.boxes + more, unit: 'boxes' as const } },
      hours: 0.5 + 0.5 * more,
      change: (draft: Plan) => {
        const own = bankIn(draft, bank.id);
        if (!own) return;
        own.boxes += more;
        holdInside(own, draft);
      },
    }));
};

/** A bank pushed back inside where widening it took it through a wall. */
function holdInside(bank: NestBank, plan: Plan): void {
  const across = boxesPerTier(bank) * bank.boxW;
  const alongX = bank.faces === 'front' || bank.faces === 'rear';
  if (alongX) bank.x = Math.max(0, Math.min(bank.x, plan.shell.lengthM - across));
  else bank.y = Math.max(0, Math.min(bank.y, plan.shell.widthM - across));
}

/** A second bank of boxes large enough, where no droppings fall and no door lets the light in. */
const addBank: Proposer = (finding, { plan, value, sizes }) => {
  const needed = finding.numbers.needed?.value ?? value('nests.needed') ?? 0;
  const there = finding.numbers.there?.value ?? value('nests.have') ?? 0;
  const boxes = Math.max(1, finding.code === 'nests.boxes.sizeShort' ? needed : needed - there);
  return [boxes, Math.max(boxes, needed), Math.max(boxes, value('nests.needed') ?? 0)]
    .filter((n, i, all) => all.indexOf(n) === i)
    .flatMap((n): Proposal[] => {
      const made = { ...newNestBank(plan, sizes), boxes: n };
      const inside = againstWall(plan, made, sizes);
      const twoTiers = { ...made, rows: 2 };
      const banks = [
        inside,
        hungOutside(plan, made) ?? (n > 3 ? hungOutside(plan, twoTiers) : null),
        ...(inside === null && n > 3 ? [againstWall(plan, twoTiers, sizes)] : []),
      ];
      return banks
        .filter((bank): bank is NestBank => bank !== null)
        .map((bank) => ({
          code: bank.hungOutside ? 'nests.addOutside' : 'nests.addBank',
          fixtures: [],
          numbers: { boxes: { value: n, unit: 'boxes' as const } },
          wall: OPPOSITE[bank.faces],
          hours: (bank.hungOutside ? 2.5 : 1.5) + 0.5 * n,
          change: (draft: Plan) => {
            draft.fixtures.push(bank);
            clearBars(draft);
          },
        }));
    });
};

/** A bank on the floor for the ducks, where hens have theirs above it; alone, or with another for the hens. */
const addForDucks: Proposer = (_, { plan, sizes }) => {
  const lots = plan.flock.flatMap((g) => lotsOf(g, plan.ownBreeds));
  const laying = lots.filter((lot) => lot.laysFrom !== null && lot.sex === 'hen');
  const ducks = laying.filter((lot) => lot.kind === 'duck');
  const hens = laying.filter((lot) => lot.kind !== 'duck');
  if (ducks.length === 0) return [];
  const school = chosenSchool(RULE_BOOK, plan.schools, 'nests.hens');
  const boxesFor = (own: readonly Lot[]): number => {
    const count = own.reduce((n, lot) => n + lot.count, 0);
    return Math.max(count > 3 ? 2 : 1, wholeUp(count / school.value));
  };
  const large = (own: readonly Lot[], k: 0 | 1 | 2): number =>
    up(plan, Math.max(...own.map((lot) => lot.class.nestBoxM[k])));
  const sized = (own: readonly Lot[]) => ({
    boxes: boxesFor(own),
    rows: 1,
    boxW: large(own, 0),
    boxD: large(own, 1),
    boxH: large(own, 2),
  });
  const lipZ = up(plan, litterEndM(plan) + DUCK_LIP_M);
  const forDucks: NestBank = {
    ...newNestBank(plan, sizes),
    ...sized(ducks),
    ...{ forWhom: 'ducks', lipZ, stepZ: 0 },
  };
  return [againstWall(plan, forDucks, sizes), hungOutside(plan, forDucks)]
    .filter((bank): bank is NestBank => bank !== null)
    .flatMap((bank): Proposal[] => {
      const told: Told = {
        code: bank.hungOutside ? 'nests.addOutsideForDucks' : 'nests.addForDucks',
        fixtures: [],
        numbers: { boxes: { value: bank.boxes, unit: 'boxes' as const } },
        wall: OPPOSITE[bank.faces],
      };
      const hours = (bank.hungOutside ? 2.5 : 1.5) + 0.5 * bank.boxes;
      const alone = { ...told, hours, change: (d: Plan) => void d.fixtures.push(bank) };
      if (hens.length === 0) return [alone];
      const beside = { ...plan, fixtures: [...plan.fixtures, bank] };
      const forHens: NestBank = { ...newNestBank(beside, sizes), ...sized(hens), forWhom: 'hens' };
      const second = againstWall(beside, forHens, sizes) ?? hungOutside(beside, forHens);
      if (second === null) return [alone];
      return [
        alone,
        {
          ...told,
          also: [
            {
              code: second.hungOutside ? 'nests.addOutside' : 'nests.addBank',
              fixtures: [],
              numbers: { boxes: { value: second.boxes, unit: 'boxes' } },
              wall: OPPOSITE[second.faces],
            },
          ],
          hours: hours + (second.hungOutside ? 2.5 : 1.5) + 0.5 * second.boxes,
          change: (draft) => {
            draft.fixtures.push(bank, second);
            clearBars(draft);
          },
        },
      ];
    });
};

/** A duck's lip over litter as it ends, m. */
const DUCK_LIP_M = 0.1;

/** The bank moved to another wall. */
const moveBank: Proposer = (finding, { plan, sizes }): Proposal[] => {
  const bank = bankOf(plan, finding.fixtures);
  if (!bank) return [];
  const own = againstWall(plan, bank, sizes);
  return [...(own ? [own] : []), ...places(plan, bank)].map(
    (moved): Proposal => ({
      ...(moved.faces === bank.faces
        ? {
            code: 'nests.moveAlong',
            numbers: {
              along: metres(
                moved.faces === 'front' || moved.faces === 'rear'
                  ? Math.max(0, moved.x)
                  : Math.max(0, moved.y),
              ),
            },
          }
        : { code: 'nests.move', numbers: {}, wall: OPPOSITE[moved.faces] }),
      fixtures: [bank.id],
      change: (draft: Plan) => {
        const at = draft.fixtures.findIndex((f) => f.id === bank.id);
        if (at >= 0) draft.fixtures[at] = moved;
      },
    }),
  );
};

/** A bank against each wall, in the corner farthest from the bars. */
function places(plan: Plan, bank: NestBank): NestBank[] {
  const { lengthM, widthM } = plan.shell;
  const across = boxesPerTier(bank) * bank.boxW;
  const bars = barsOf(plan);
  const middleY =
    bars.length > 0 ? bars.reduce((s: number, b: Bar) => s + b.y, 0) / bars.length : widthM;
  const y = middleY > widthM / 2 ? 0 : widthM - across;
  const found: NestBank[] = [];
  if (across <= widthM) {
    found.push({ ...bank, faces: 'right', x: 0, y });
    found.push({ ...bank, faces: 'left', x: lengthM - bank.boxD, y });
  }
  if (across <= lengthM) {
    found.push({ ...bank, faces: 'rear', x: 0, y: 0 });
    found.push({ ...bank, faces: 'front', x: 0, y: widthM - bank.boxD });
  }
  return found;
}

/** Boxes made as large as the largest hens want. */
const enlarge: Proposer = (finding, { plan, sizes }) => {
  const needed = plan.fixtures.filter((f): f is NestBank => f.kind === 'nestBank');
  const size = ['Width', 'Depth', 'Height'].map(
    (side) =>
      finding.numbers[`needed${side}`]?.value ??
      { Width: sizes.boxM[0], Depth: sizes.boxM[1], Height: sizes.boxM[2] }[side] ??
      0.4,
  );
  const [w = 0.36, d = 0.4, h = 0.4] = size.map((m) => up(plan, m));
  const banks =
    finding.fixtures.length > 0 ? needed.filter((b) => finding.fixtures.includes(b.id)) : needed;
  if (banks.length === 0) return [];
  return [
    {
      code: 'nests.enlarge',
      hours: banks.reduce((sum, b) => sum + 1 + 0.5 * b.boxes, 0),
      fixtures: banks.map((b) => b.id),
      numbers: { width: metres(w), depth: metres(d), height: metres(h) },
      change: (draft) => {
        for (const { id } of banks) {
          const own = bankIn(draft, id);
          if (!own) continue;
          own.boxW = Math.max(own.boxW, w);
          own.boxD = Math.max(own.boxD, d);
          own.boxH = Math.max(own.boxH, h);
          holdInside(own, draft);
        }
      },
    },
  ];
};

export const NEST_REMEDIES: Proposers = {
  'nests.boxes.short': [addBoxes, addBank, addForDucks],
  'nests.boxes.sizeShort': [enlarge, addBank, addForDucks],
  'nests.bank.underBars': [moveBank, HANG_ELSEWHERE],
  'nests.lip.low': [raiseLip],
  'nests.lip.high': [lowerLip],
  'nests.lip.unreached': [stepToLip, lowerLip, lowerLipWithStep, keepBedLow],
  'nests.box.small': [enlarge],
  'nests.bank.byDoor': [moveBank, HANG_ELSEWHERE],
};
