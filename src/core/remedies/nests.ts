import { barsOf } from '../geometry/bars';
import { boxesPerTier } from '../geometry/solids';
import { litterEndM } from '../plan/litter';
import { newNestBank } from '../plan/newFixtures';
import type { Bar, NestBank, Plan, Side } from '../plan/schema';
import { FIT, NEST_LIP_M } from '../rules/fit.data';
import { LENGTHEN_COOP, narrowStrip } from './others';
import { cmDown, cmUp, metres, type Proposal, type Proposer } from './remedy';
import { leastBarZ } from './roosts';

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
    step.z = mm(from + ((lowest - from) * (k + 1)) / (steps.length + 1));
  });
}

/** Boxes added to the bank until there are enough. */
const addBoxes: Proposer = (_, { plan, value }) => {
  const needed = value('nests.needed');
  const there = value('nests.have');
  if (needed === undefined || there === undefined) return [];
  const more = Math.max(1, needed - there);
  return plan.fixtures
    .filter((f): f is NestBank => f.kind === 'nestBank')
    .map((bank) => ({
      code: 'nests.widen',
      fixtures: [bank.id],
      numbers: { boxes: { value: bank.boxes + more, unit: 'boxes' as const } },
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

/** A second bank of boxes large enough, on a wall where no droppings fall. */
const addBank: Proposer = (_, { plan, value }) => {
  const needed = value('nests.needed') ?? 0;
  const there = value('nests.have') ?? 0;
  const boxes = Math.max(1, needed - there);
  return places(plan, { ...newNestBank(plan), boxes }).map((bank) => ({
    code: 'nests.addBank',
    fixtures: [],
    numbers: { boxes: { value: boxes, unit: 'boxes' as const } },
    wall: opposite(bank.faces),
    change: (draft: Plan) => {
      draft.fixtures.push(bank);
      clearBars(draft);
    },
  }));
};

/** The bank moved to another wall. */
const moveBank: Proposer = (finding, { plan }) => {
  const bank = bankOf(plan, finding.fixtures);
  if (!bank) return [];
  return places(plan, bank).map((moved) => ({
    code: 'nests.move',
    fixtures: [bank.id],
    numbers: {},
    wall: opposite(moved.faces),
    change: (draft: Plan) => {
      const at = draft.fixtures.findIndex((f) => f.id === bank.id);
      if (at >= 0) draft.fixtures[at] = moved;
    },
  }));
};

const opposite = (faces: Side): Side =>
  ({ front: 'rear', rear: 'front', left: 'right', right: 'left' })[faces] as Side;

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
  return found.map((b) => ({ ...b, x: mm(b.x), y: mm(b.y) }));
}

const mm = (m: number): number => Math.round(m * 1000) / 1000;

/** The lip set to what the hens want, and the bars kept clear above it. */
const setLip: Proposer = (finding, { plan }) => {
  const bank = bankOf(plan, finding.fixtures);
  const wanted = finding.numbers.needed ?? finding.numbers.allowed;
  if (!bank || !wanted) return [];
  const down = finding.numbers.allowed !== undefined;
  return [lipAt(bank, wanted.value, 'nests.setLip', plan, down)];
};

/** The bank hung high enough that the floor under it counts. */
const hang: Proposer = (_, { plan }) => {
  const clear = FIT['floor.raised'].valueM + NEST_LIP_M;
  return plan.fixtures
    .filter((f): f is NestBank => f.kind === 'nestBank' && f.lipZ - plan.litter.depthM < clear)
    .map((bank) => lipAt(bank, clear, 'nests.hang', plan));
};

function lipAt(bank: NestBank, lipM: number, code: string, plan: Plan, down = false): Proposal {
  // a least lip is held over the litter as it ends, a most over the litter as it starts
  const lipZ = down ? cmDown(lipM + plan.litter.depthM) : cmUp(lipM + litterEndM(plan));
  return {
    code,
    fixtures: [bank.id],
    numbers: { height: metres(lipZ - plan.litter.depthM) },
    change: (draft) => {
      const own = bankIn(draft, bank.id);
      if (own) own.lipZ = lipZ;
      clearBars(draft);
    },
  };
}

/** Boxes made as large as the largest hens want. */
const enlarge: Proposer = (finding, { plan, value }) => {
  const needed = plan.fixtures.filter((f): f is NestBank => f.kind === 'nestBank');
  const size = ['Width', 'Depth', 'Height'].map(
    (side) =>
      finding.numbers[`needed${side}`]?.value ??
      value(`nests.box.needed.heavy.${side.toLowerCase()}`) ??
      0.4,
  );
  const [w = 0.36, d = 0.4, h = 0.4] = size;
  const banks =
    finding.fixtures.length > 0 ? needed.filter((b) => finding.fixtures.includes(b.id)) : needed;
  if (banks.length === 0) return [];
  return [
    {
      code: 'nests.enlarge',
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
  'nests.boxes.short': [addBoxes, addBank],
  'nests.boxes.sizeShort': [enlarge, addBank],
  'nests.bank.underBars': [moveBank],
  'nests.lip.low': [setLip],
  'nests.lip.high': [setLip],
  'nests.box.small': [enlarge],
  'nests.bank.byDoor': [moveBank],
};

export const FLOOR_REMEDIES: Readonly<Record<string, readonly Proposer[]>> = {
  'floor.area.short': [hang, narrowStrip, LENGTHEN_COOP],
  'floor.meat.dense': [narrowStrip, LENGTHEN_COOP],
};
