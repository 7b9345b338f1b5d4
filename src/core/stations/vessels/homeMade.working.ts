import { working, workings } from '../../kernel/working';

/** Measures of a vessel that is made at home, outside and in. */
const inside = {
  wall: { unit: 'm', given: 'entered' },
  deep: { unit: 'm', given: 'found' },
} as const;

/** How figures of vessels that are made at home are worked. */
export const MADE_WORKINGS = workings({
  'made.whole.round': working({
    result: 'whole',
    lines: {
      low: { unit: 'm', given: 'found' },
      high: { unit: 'm', given: 'found' },
      ...inside,
      whole: {
        unit: 'litres',
        formula:
          'pi * deep * ((low - 2 * wall)^2 + (low - 2 * wall) * (high - 2 * wall) + (high - 2 * wall)^2) / 12 * 1000',
      },
    },
  }),
  'made.whole.box': working({
    result: 'whole',
    lines: {
      long: { unit: 'm', given: 'entered' },
      wide: { unit: 'm', given: 'entered' },
      ...inside,
      whole: { unit: 'litres', formula: '(long - 2 * wall) * (wide - 2 * wall) * deep * 1000' },
    },
  }),
  'made.whole.pipe': working({
    result: 'whole',
    lines: {
      pipes: { unit: 'things', given: 'entered' },
      across: { unit: 'm', given: 'entered' },
      ...inside,
      turn: { unit: 'degrees', given: 'entered' },
      bend: { unit: 'm', given: 'entered' },
      whole: {
        unit: 'litres',
        formula: 'pipes * pi / 4 * (across - 2 * wall)^2 * (deep + turn * pi / 180 * bend) * 1000',
      },
    },
  }),
  'made.dead': working({
    result: 'dead',
    lines: {
      slope: { unit: 'degrees', given: 'keepers' },
      outlets: { unit: 'outlets', given: 'entered' },
      hole: { unit: 'm', given: 'found' },
      lip: { unit: 'm', given: 'found' },
      dead: { unit: 'litres', given: 'found' },
    },
  }),
  'made.usable': working({
    result: 'usable',
    lines: {
      whole: { unit: 'litres', given: 'found' },
      dead: { unit: 'litres', given: 'found' },
      usable: { unit: 'litres', formula: 'whole - dead' },
    },
  }),
  'made.around': working({
    result: 'around',
    lines: {
      foot: { unit: 'm', given: 'entered' },
      top: { unit: 'm', given: 'entered' },
      height: { unit: 'm', given: 'found' },
      tall: { unit: 'm', given: 'entered' },
      across: { unit: 'm', formula: 'foot + (top - foot) * height / tall' },
      around: { unit: 'm', formula: 'pi * across' },
    },
  }),
  'made.arc': working({
    result: 'arc',
    lines: {
      around: { unit: 'm', given: 'found' },
      holes: { unit: 'outlets', given: 'entered' },
      arc: { unit: 'm', formula: 'around / holes' },
    },
  }),
  'made.web': working({
    result: 'web',
    lines: {
      arc: { unit: 'm', given: 'found' },
      hole: { unit: 'm', given: 'found' },
      web: { unit: 'm', formula: 'arc - hole' },
    },
  }),
  'made.hole': working({
    result: 'hole',
    lines: {
      outside: { unit: 'm', given: 'entered' },
      over: { unit: 'm', given: 'keepers' },
      hole: { unit: 'm', formula: 'outside + over' },
    },
  }),
  'made.middle': working({
    result: 'middle',
    lines: {
      floor: { unit: 'm', given: 'entered' },
      gap: { unit: 'm', given: 'entered' },
      leg: { unit: 'm', given: 'entered' },
      outside: { unit: 'm', given: 'entered' },
      middle: { unit: 'm', formula: 'floor + gap + leg + outside / 2' },
    },
  }),
  'made.stand': working({
    result: 'stand',
    lines: {
      rim: { unit: 'm', given: 'found' },
      overFoot: { unit: 'm', given: 'found' },
      stand: { unit: 'm', formula: 'rim - overFoot' },
    },
  }),
  'made.room': working({
    result: 'room',
    lines: {
      pan: { unit: 'm', given: 'entered' },
      bucket: { unit: 'm', given: 'found' },
      room: { unit: 'm', formula: '(pan - bucket) / 2' },
    },
  }),
  'made.underRim': working({
    result: 'underRim',
    lines: {
      rim: { unit: 'm', given: 'entered' },
      low: { unit: 'm', given: 'entered' },
      hole: { unit: 'm', given: 'entered' },
      underRim: { unit: 'm', formula: 'rim - low - hole' },
    },
  }),
  'made.pushed': working({
    result: 'pushed',
    lines: {
      air: { unit: 'litres', given: 'found' },
      from: { unit: 'celsius', given: 'wide-rafter' },
      rises: { unit: 'kelvin', given: 'keepers' },
      pushed: { unit: 'litres', formula: 'air * rises / (from + 273.15)' },
    },
  }),
  'feed.waste.year': working({
    result: 'lost',
    lines: {
      eaten: { unit: 'kgDay', given: 'found' },
      waste: { unit: 'ratio', given: 'wide-rafter' },
      days: { unit: 'days', given: 'wide-rafter' },
      lost: { unit: 'kg', formula: 'eaten * (waste - 1) * days' },
    },
  }),
  'feed.waste.cost': working({
    result: 'cost',
    lines: {
      lost: { unit: 'kg', given: 'found' },
      bag: { unit: 'kg', given: 'entered' },
      price: { unit: 'money', given: 'entered' },
      cost: { unit: 'money', formula: 'lost / bag * price' },
    },
  }),
  'made.cord': working({
    result: 'cord',
    lines: {
      tube: { unit: 'm', given: 'found' },
      tail: { unit: 'm', given: 'wide-rafter' },
      cord: { unit: 'm', formula: 'tube + tail' },
    },
  }),
  'made.buyAt': working({
    result: 'buyAt',
    lines: {
      tube: { unit: 'm', given: 'found' },
      usable: { unit: 'kg', given: 'found' },
      daily: { unit: 'kgDay', given: 'found' },
      days: { unit: 'days', given: 'entered' },
      left: { unit: 'kg', formula: 'min(usable, daily * days)' },
      buyAt: { unit: 'm', formula: 'tube * (1 - left / usable)' },
    },
  }),
});
