import { ownStripOf } from '../../../geometry/flat';
import { solidOf } from '../../../geometry/solids';
import { tidy } from '../../../kernel/units/number';
import { down, up } from '../../../model/tape';
import { FEWER_BIRDS } from '../../../proposals/fewerBirds';
import type { Proposer, Proposers } from '../../../proposals/remedy';
import { hang } from '../../nests/remedies/lips';
import { HANG_OUTSIDE } from '../../nests/remedies/outside';

/** A shell grows by a third at most. */
const MOST_LONGER = 4 / 3 + 1e-9;

/** The coop built longer, where it is still to be built; what stood at its right wall goes along. */
const lengthenCoop: Proposer = (finding, { plan }) => {
  // of a parted coop one zone would gain it, and the other not
  if (plan.zone) return [];
  const missing = finding.numbers.missing?.value ?? 0;
  const lengthM = up(plan, plan.shell.lengthM + missing / plan.shell.widthM);
  // a coop half as long again is another coop
  if (!(lengthM <= plan.shell.lengthM * MOST_LONGER)) return [];
  return [
    {
      code: 'shell.lengthen',
      fixtures: [],
      numbers: { length: { value: lengthM, unit: 'm' as const } },
      change: (draft) => {
        const by = lengthM - draft.shell.lengthM;
        for (const f of draft.fixtures) {
          const s = solidOf(f, draft);
          if ('x' in f && s.x1 > draft.shell.lengthM - AT_THE_WALL_M && s.x0 > AT_THE_WALL_M) {
            f.x = tidy(f.x + by);
          }
        }
        draft.shell.lengthM = lengthM;
      },
    },
  ];
};

/** What stands so near the right wall goes along with it, m. */
const AT_THE_WALL_M = 0.03;

/** The keeper's own strip made narrower by what the birds are short of. */
const narrowStrip: Proposer = (finding, { plan }) => {
  const { storage } = plan.shell;
  const strip = ownStripOf(plan);
  if (storage === null || strip === null) return [];
  const across = storage.wall === 'front' || storage.wall === 'rear';
  const along = across ? strip.x1 - strip.x0 : strip.y1 - strip.y0;
  const less = (finding.numbers.missing?.value ?? 0) / along;
  const depthM = down(plan, storage.depthM - less);
  if (depthM < 0.005) return [];
  return [
    {
      code: 'floor.narrowStrip',
      fixtures: [],
      numbers: { depth: { value: depthM, unit: 'm' as const } },
      change: (draft) => {
        if (draft.shell.storage) draft.shell.storage.depthM = depthM;
      },
    },
  ];
};

/** The floor sized by a school that asks for less, with what it counts on. */
const otherSchool: Proposer = (_finding, { plan }) => {
  const chosen = plan.schools['floor.area'] ?? 'floor.area.threeToFourFeet';
  const less =
    chosen === 'floor.area.shutInWinters'
      ? (['threeToFourFeet', 'sleepingOnly'] as const)
      : chosen === 'floor.area.sleepingOnly'
        ? []
        : (['sleepingOnly'] as const);
  return less.map((school) => ({
    code: `floor.to.${school}`,
    fixtures: [],
    numbers: {},
    hours: 6,
    change: (draft) => {
      draft.schools['floor.area'] = `floor.area.${school}`;
    },
  }));
};

export const FLOOR_REMEDIES: Proposers = {
  'floor.area.short': [hang, HANG_OUTSIDE, narrowStrip, FEWER_BIRDS, otherSchool, lengthenCoop],
  'floor.meat.dense': [HANG_OUTSIDE, narrowStrip, FEWER_BIRDS, lengthenCoop],
};
