import { stepUpTo } from '../edit/new/parts';
import { boxesPerTier } from '../geometry/solids';
import type { Finding } from '../kernel/finding';
import { litterEndM } from '../model/litter';
import type { NestBank, Plan } from '../model/schema';
import { down, near, up } from '../model/tape';
import type { ProposalContext } from '../proposals/remedy';
import { ruled } from '../rules/rules.data';

/** Where boxes are short, by number or by size: each as large as the hens want, and as many more as are missing. */
export function asManyBoxes(
  { code, numbers }: Finding,
  plan: Plan,
  banks: readonly NestBank[],
  boxM: ProposalContext['sizes']['boxM'],
): readonly NestBank[] {
  if (!code.startsWith('nests.boxes.')) return banks;
  const [boxW, boxD, boxH] = boxM.map((m) => up(plan, m)) as [number, number, number];
  const missing = Math.max(0, (numbers.needed?.value ?? 0) - (numbers.there?.value ?? 0));
  const longest = Math.max(plan.shell.lengthM, plan.shell.widthM) - 0.2;
  return banks.map((bank, i): NestBank => {
    if (bank.forWhom === 'ducks') return bank;
    const boxes = bank.boxes + (i === 0 ? missing : 0);
    const large = {
      ...bank,
      boxes,
      boxW: Math.max(bank.boxW, boxW),
      boxD: Math.max(bank.boxD, boxD),
      boxH: Math.max(bank.boxH, boxH),
    };
    const rows = boxesPerTier(large) * large.boxW > longest ? 2 : bank.rows;
    return { ...large, rows };
  });
}

export const sameBank = (a: NestBank, b: NestBank): boolean =>
  a.id === b.id &&
  a.x === b.x &&
  a.y === b.y &&
  a.lipZ === b.lipZ &&
  a.hungOutside === b.hungOutside;

/**
 * The bank with its lip low enough for bars no higher than this, and a step up to it where hens ask for one.
 * @param mostZ  lowest sleeping bar, m above the bare floor
 * @example lipUnder(plan, bank, 0.6, sizes).lipZ // 0.45
 */
export function lipUnder(
  plan: Plan,
  bank: NestBank,
  mostZ: number,
  { hopM, ducks }: Pick<ProposalContext['sizes'], 'hopM' | 'ducks'>,
): NestBank {
  const own = bank.lipZ - plan.litter.depthM;
  // a bank on the floor is the ducks', where ducks live
  if (bank.forWhom === 'ducks' || (ducks && bank.forWhom === null && own <= LOW_LIP_M + 1e-9)) {
    return bank;
  }
  const least = up(
    plan,
    Math.max(
      plan.litter.depthM + LOW_LIP_M + (ducks ? 0.01 : 0),
      litterEndM(plan) + ruled('nests.lip.final'),
    ),
  );
  const most = down(plan, mostZ - ruled('roosts.aboveNests') - (bank.rows - 1) * bank.boxH);
  const lipZ = Math.max(least, Math.min(bank.lipZ, most));
  return { ...bank, lipZ, stepZ: stepUpTo(plan, lipZ, hopM, (m) => near(plan, m)) };
}

/** The lowest lip over litter as it starts that is no duck's, m. */
const LOW_LIP_M = 0.3;
