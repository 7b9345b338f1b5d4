import { working, workings } from '../../kernel/working';
import { capacityLines, missingSpec, plainSpec, scaledSpec } from '../shared.working';

/** A bar full of birds, landing and crowding. */
const LOAD = {
  birds: { unit: 'birds', given: 'found' },
  mass: { unit: 'kg', given: 'found' },
  gravity: { unit: 'ratio', given: 'timber-tables' },
  factor: { unit: 'ratio', given: 'wide-rafter' },
  length: { unit: 'm', given: 'entered' },
  load: { unit: 'newtonsM', formula: 'birds * mass * gravity / length * factor' },
  brackets: { unit: 'brackets', given: 'entered' },
  span: { unit: 'm', formula: 'length / (brackets + 1)' },
} as const;

/** How each figure of the roosts is worked. */
export const ROOSTS_WORKINGS = workings({
  'roosts.widthOfBird': working({
    result: 'scaled',
    lines: {
      ...scaledSpec('m', 'school').lines,
      hot: { unit: 'ratio', given: 'keepers' },
      scaled: { unit: 'm', formula: 'rule * (mass / reference)^power * hot' },
    },
  }),
  'roosts.widthPerBird': working({
    result: 'mean',
    lines: {
      counts: { unit: 'birds', each: 'group', given: 'entered' },
      widths: { unit: 'm', each: 'group', given: 'found' },
      mean: { unit: 'm', formula: 'sum(counts .* widths) / sum(counts)' },
    },
  }),
  'roosts.needed': working({
    result: 'needed',
    lines: {
      counts: { unit: 'birds', each: 'group', given: 'entered' },
      widths: { unit: 'm', each: 'group', given: 'found' },
      needed: { unit: 'm', formula: 'sum(counts .* widths)' },
    },
  }),
  'roosts.have': working({
    result: 'there',
    lines: {
      effective: { unit: 'm', each: 'bar', given: 'found' },
      there: { unit: 'm', formula: 'sum(effective)' },
    },
  }),
  'roosts.capacity': working({
    result: 'carries',
    lines: {
      effective: { unit: 'm', each: 'bar', given: 'found' },
      widths: { unit: 'm', each: 'group', given: 'found' },
      fitted: { unit: 'birds', each: 'group', given: 'found' },
      ...capacityLines,
    },
  }),
  'roosts.present': plainSpec('birds', 'entered'),
  'roosts.without': working({
    result: 'without',
    lines: {
      sleepers: { unit: 'birds', given: 'found' },
      seated: { unit: 'birds', each: 'bar', given: 'found' },
      without: { unit: 'birds', formula: 'sleepers - sum(seated)' },
    },
  }),
  'roosts.missing': missingSpec('m'),
  'roosts.bar.effective': working({
    result: 'effective',
    lines: {
      length: { unit: 'm', given: 'entered' },
      nearLoss: { unit: 'm', given: 'keepers' },
      farLoss: { unit: 'm', given: 'keepers' },
      effective: { unit: 'm', formula: 'max(0, length - nearLoss - farLoss)' },
    },
  }),
  'roosts.bar.birds': working({
    result: 'birds',
    lines: {
      effective: { unit: 'm', given: 'found' },
      widths: { unit: 'm', each: 'group', given: 'found' },
      seated: { unit: 'birds', each: 'group', given: 'found' },
      used: { unit: 'm', formula: 'sum(seated .* widths)' },
      birds: { unit: 'birds', formula: 'sum(seated)' },
    },
  }),
  'roosts.bar.wall': working({
    result: 'gap',
    lines: {
      wall: { unit: 'm', given: 'entered' },
      bar: { unit: 'm', given: 'entered' },
      gap: { unit: 'm', formula: 'abs(wall - bar)' },
    },
  }),
  'roosts.bar.height': working({
    result: 'height',
    lines: {
      bar: { unit: 'm', given: 'entered' },
      litter: { unit: 'm', given: 'entered' },
      height: { unit: 'm', formula: 'bar - litter' },
    },
  }),
  'roosts.apart': working({
    result: 'apart',
    lines: {
      one: { unit: 'm', given: 'entered' },
      other: { unit: 'm', given: 'entered' },
      apart: { unit: 'm', formula: 'abs(one - other)' },
    },
  }),
  'roosts.aboveNests': working({
    result: 'above',
    lines: {
      bar: { unit: 'm', given: 'entered' },
      lip: { unit: 'm', given: 'found' },
      above: { unit: 'm', formula: 'bar - lip' },
    },
  }),
  'roosts.headroom': working({
    result: 'room',
    lines: {
      roof: { unit: 'm', given: 'found' },
      bar: { unit: 'm', given: 'entered' },
      room: { unit: 'm', formula: 'roof - bar' },
    },
  }),
  'roosts.headroom.needed': working({
    result: 'needed',
    lines: {
      times: { unit: 'ratio', given: 'wide-rafter' },
      back: { unit: 'm', given: 'found' },
      plus: { unit: 'm', given: 'wide-rafter' },
      needed: { unit: 'm', formula: 'times * back + plus' },
    },
  }),
  'roosts.bar.sag': working({
    result: 'sag',
    lines: {
      ...LOAD,
      stiffness: { unit: 'pascals', given: 'timber-tables' },
      inertia: { unit: 'm4', given: 'found' },
      sag: { unit: 'm', formula: '5 * load * span^4 / (384 * stiffness * inertia)' },
    },
  }),
  'roosts.bar.stress': working({
    result: 'stress',
    lines: {
      ...LOAD,
      modulus: { unit: 'm3', given: 'found' },
      stress: { unit: 'pascals', formula: 'load * span^2 / (8 * modulus)' },
    },
  }),
  'roosts.bar.sagAllowed': working({
    result: 'allowed',
    lines: {
      span: { unit: 'm', given: 'found' },
      share: { unit: 'ratio', given: 'wide-rafter' },
      allowed: { unit: 'm', formula: 'span / share' },
    },
  }),
  'roosts.board.days': working({
    result: 'days',
    lines: {
      share: { unit: 'ratio', given: 'school' },
      droppings: { unit: 'kgDay', given: 'wide-rafter' },
      strip: { unit: 'm', given: 'wide-rafter' },
      used: { unit: 'm', given: 'found' },
      density: { unit: 'kgM3', given: 'wide-rafter' },
      solid: { unit: 'ratio', given: 'wide-rafter' },
      thickness: { unit: 'm', formula: 'share * droppings / (density * solid * strip * used)' },
      thick: { unit: 'm', given: 'keepers' },
      most: { unit: 'days', given: 'keepers' },
      days: { unit: 'days', formula: 'min(most, thick / thickness)' },
    },
  }),
  'roosts.fit': scaledSpec('m', 'keepers'),
  'roosts.rule': plainSpec('m', 'keepers'),
  'roosts.bar.section': plainSpec('m', 'entered'),
});
