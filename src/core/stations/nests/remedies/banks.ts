import { type Lot, lotsOf } from '../../../birds/lots';
import { againstWall, newNestBank } from '../../../edit/new/nests';
import { barsOf } from '../../../geometry/bars';
import { boxesPerTier, highestOpenLipZ } from '../../../geometry/solids';
import { OPPOSITE } from '../../../geometry/walls';
import { wholeUp } from '../../../kernel/units/number';
import { litterEndM } from '../../../model/litter';
import type { Bar, NestBank, Plan } from '../../../model/schema';
import { leastBarZ } from '../../../proposals/leastBar';
import { down, metres, near, type Proposal, type Proposer, up } from '../../../proposals/remedy';
import { chosenSchool, RULE_BOOK } from '../../../rules/book';
import { FIT, NEST_LIP_M } from '../../../rules/fit.data';
import { FACTS } from '../../../rules/singleRules.data';
import { lowBed } from '../../litter/remedies/lowBed';

import { HANG_ELSEWHERE, hungOutside } from './outside';

const bankIn = (draft: Plan, id: string): NestBank | undefined =>
  draft.fixtures.find((f): f is NestBank => f.kind === 'nestBank' && f.id === id);

const bankOf = (plan: Plan, ids: readonly string[]): NestBank | undefined =>
  plan.fixtures.find((f): f is NestBank => f.kind === 'nestBank' && ids.includes(f.id));

/** Raises every sleeping bar that would no longer stand clear over the nests, and the steps up to it. */
export function clearBars(draft: Plan): void {
  const z = leastBarZ(draft);
  let raised = false;
  for (const f of draft.fixtures) {
    if (f.kind === 'bar' && f.use === 'sleeping' && f.z < z) {
      f.z = z;
      raised = true;
    }
  }
  if (raised) evenSteps(draft);
}

/** Step bars spaced evenly from the litter up to the lowest sleeping bar. */
function evenSteps(draft: Plan): void {
  const bars = draft.fixtures.filter((f): f is Bar => f.kind === 'bar');
  const lowest = Math.min(...bars.filter((b) => b.use === 'sleeping').map((b) => b.z));
  const steps = bars.filter((b) => b.use === 'step').sort((a, b) => a.z - b.z);
  const from = draft.litter.depthM;
  steps.forEach((step, k) => {
    step.z = near(draft, from + ((lowest - from) * (k + 1)) / (steps.length + 1));
  });
}

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
      const told = {
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

/** Lips that pass at both levels: over the litter as it starts, and as it ends. */
function leastLipZ(plan: Plan, bank: NestBank, leastM: number): number {
  const ducks = bank.forWhom === 'ducks' || leastM === 0;
  return up(
    plan,
    Math.max(
      plan.litter.depthM + leastM,
      ducks ? 0 : litterEndM(plan) + FACTS['nests.lip.final'].value,
    ),
  );
}

/** The lip set to what the hens want, and the bars kept clear above it. */
const raiseLip: Proposer = (finding, { plan }) => {
  const bank = bankOf(plan, finding.fixtures);
  if (!bank) return [];
  const least = finding.numbers.needed?.value ?? 0;
  // what is told is the least at one of the levels; the other holds too
  const usual = least === FACTS['nests.lip.final'].value ? 0.3 : least;
  return [lipAt(bank, leastLipZ(plan, bank, usual), 'nests.setLip', plan)];
};

const lowerLip: Proposer = (finding, { plan }) => {
  const bank = bankOf(plan, finding.fixtures);
  const most = finding.numbers.allowed?.value ?? finding.numbers.hop?.value;
  if (!bank || most === undefined) return [];
  const lipZ = down(plan, plan.litter.depthM + most);
  return lipZ < litterEndM(plan) + FACTS['nests.lip.final'].value - 1e-9 && most > 0.3
    ? []
    : [lipAt(bank, lipZ, 'nests.setLip', plan)];
};

/** A lip that a step half-way up does not bring within a hop, lowered until it does. */
const lowerLipWithStep: Proposer = (finding, { plan }) => {
  const bank = bankOf(plan, finding.fixtures);
  const hop = finding.numbers.hop?.value;
  if (!bank || hop === undefined) return [];
  const lipZ = down(plan, plan.litter.depthM + 2 * hop);
  const least = leastLipZ(plan, bank, 0.3);
  if (lipZ >= bank.lipZ - 1e-9 || lipZ < least - 1e-9) return [];
  const stepZ = near(plan, plan.litter.depthM + (lipZ - plan.litter.depthM) / 2);
  if (Math.max(stepZ - plan.litter.depthM, lipZ - stepZ) > hop + 1e-9) return [];
  return [
    {
      code: 'nests.lowerWithStep',
      fixtures: [bank.id],
      numbers: {
        height: metres(lipZ - plan.litter.depthM),
        step: metres(stepZ - plan.litter.depthM),
      },
      hours: 0.8,
      change: (draft) => {
        const own = bankIn(draft, bank.id);
        if (own) Object.assign(own, { lipZ, stepZ });
      },
    },
  ];
};

/** The bed kept so low, and the lip with it, that birds which hop little get in by one step. */
const keepBedLow: Proposer = (finding, { plan, sizes }) => {
  const low = lowBed(plan, sizes.hopM);
  const hop = finding.numbers.hop?.value;
  const bank = bankOf(plan, finding.fixtures);
  if (low === null || hop === undefined || !bank) return [];
  const stepZ = down(plan, plan.litter.depthM + hop);
  const lipZ = down(plan, stepZ + hop);
  if (lipZ >= bank.lipZ - 1e-9 || lipZ < plan.litter.depthM + 0.3 - 1e-9) return [];
  const { finalM } = low.litter;
  return [
    {
      code: 'litter.keepTo',
      fixtures: [],
      numbers: { depth: metres(finalM ?? 0) },
      also: [
        {
          code: 'nests.lowerWithStep',
          fixtures: [bank.id],
          numbers: {
            height: metres(lipZ - plan.litter.depthM),
            step: metres(stepZ - plan.litter.depthM),
          },
        },
      ],
      hours: 5,
      change: (draft) => {
        draft.litter.finalM = finalM;
        const own = bankIn(draft, bank.id);
        if (own) Object.assign(own, { lipZ, stepZ });
      },
    },
  ];
};

/** A step or rail half-way up to the lip. */
const stepToLip: Proposer = (finding, { plan }) => {
  const bank = bankOf(plan, finding.fixtures);
  const hop = finding.numbers.hop?.value;
  if (!bank || hop === undefined) return [];
  const climb = bank.lipZ - plan.litter.depthM;
  if (climb > 2 * hop) return [];
  const stepZ = near(plan, plan.litter.depthM + climb / 2);
  return [
    {
      code: 'nests.step',
      fixtures: [bank.id],
      numbers: { height: metres(stepZ - plan.litter.depthM) },
      change: (draft) => {
        const own = bankIn(draft, bank.id);
        if (own) own.stepZ = stepZ;
      },
    },
  ];
};

/** Nests that stand too high under the bars come down; the bars stay. */
export const lowerNests: Proposer = (finding, { plan }) => {
  const bars = barsOf(plan).filter((b) => finding.fixtures.includes(b.id));
  const lowest = Math.min(...bars.map((b) => b.z));
  if (!Number.isFinite(lowest)) return [];
  const most = lowest - FIT['roosts.aboveNests'].valueM;
  const high = plan.fixtures.filter(
    (f): f is NestBank => f.kind === 'nestBank' && highestOpenLipZ(f) > most + 1e-9,
  );
  const to = high.map((bank) => ({
    bank,
    lipZ: down(plan, bank.lipZ - (highestOpenLipZ(bank) - most)),
  }));
  const floor = Math.max(
    plan.litter.depthM + 0.3,
    litterEndM(plan) + FACTS['nests.lip.final'].value,
  );
  if (to.length === 0 || to.some((t) => t.lipZ < floor - 1e-9)) return [];
  return [
    {
      code: 'nests.lower',
      fixtures: to.map((t) => t.bank.id),
      numbers: { height: metres(Math.min(...to.map((t) => t.lipZ)) - plan.litter.depthM) },
      hours: 0.5 * to.length,
      change: (draft) => {
        for (const { bank, lipZ } of to) {
          const own = bankIn(draft, bank.id);
          if (own) own.lipZ = lipZ;
        }
      },
    },
  ];
};

/** The bank hung high enough that the floor under it counts. */
export const hang: Proposer = (_, { plan }) => {
  const lipZ = up(plan, litterEndM(plan) + FIT['floor.raised'].valueM + NEST_LIP_M);
  return plan.fixtures
    .filter((f): f is NestBank => f.kind === 'nestBank' && f.lipZ < lipZ - 1e-9)
    .map((bank) => lipAt(bank, lipZ, 'nests.hang', plan));
};

function lipAt(bank: NestBank, lipZ: number, code: string, plan: Plan): Proposal {
  return {
    code,
    fixtures: [bank.id],
    numbers: { height: metres(lipZ - plan.litter.depthM) },
    change: (draft) => {
      const own = bankIn(draft, bank.id);
      if (!own) return;
      own.lipZ = lipZ;
      clearBars(draft);
    },
  };
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

export const NEST_REMEDIES: Readonly<Record<string, readonly Proposer[]>> = {
  'nests.boxes.short': [addBoxes, addBank, addForDucks],
  'nests.boxes.sizeShort': [enlarge, addBank, addForDucks],
  'nests.bank.underBars': [moveBank, HANG_ELSEWHERE],
  'nests.lip.low': [raiseLip],
  'nests.lip.high': [lowerLip],
  'nests.lip.unreached': [stepToLip, lowerLip, lowerLipWithStep, keepBedLow],
  'nests.box.small': [enlarge],
  'nests.bank.byDoor': [moveBank, HANG_ELSEWHERE],
};
