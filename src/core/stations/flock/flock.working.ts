import { type Unit, working, workings } from '../../kernel/working';
import { plainSpec } from '../shared.working';

/** Birds of each lot times what one of them asks. */
const sumSpec = (unit: Unit) =>
  working({
    result: 'total',
    lines: {
      birds: { unit: 'birds', each: 'group', given: 'found' },
      perBird: { unit, each: 'group', given: 'found' },
      total: { unit, formula: 'sum(birds .* perBird)' },
    },
  });

/** How what a flock asks is worked: in all, and for one bird of each lot. */
export const FLOCK_WORKINGS = workings({
  'demand.massKg': sumSpec('kg'),
  'demand.eggs': sumSpec('eggsDay'),
  'demand.feedKg': sumSpec('kgDay'),
  'demand.waterL': sumSpec('litresDay'),
  'demand.heatW': sumSpec('watts'),
  'demand.vapourKgDay': sumSpec('kgDay'),
  'demand.area': sumSpec('m2'),
  'demand.length': sumSpec('m'),
  'demand.inLay': sumSpec('hens'),
  'flock.grown': plainSpec('kg', 'found'),
  'flock.growing': working({
    result: 'live',
    lines: {
      adult: { unit: 'kg', given: 'found' },
      rate: { unit: 'ratio', given: 'wide-rafter' },
      age: { unit: 'days', given: 'found' },
      fastest: { unit: 'days', given: 'wide-rafter' },
      live: { unit: 'kg', formula: 'adult * exp(-exp(-rate * (age - fastest)))' },
    },
  }),
  'flock.feed': working({
    result: 'feed',
    lines: {
      live: { unit: 'kg', given: 'found' },
      place: { unit: 'celsius', given: 'found' },
      gain: { unit: 'gramsDay', given: 'found' },
      perGramGained: { unit: 'kcalGram', given: 'nrc-1994' },
      eggMass: { unit: 'gramsDay', given: 'found' },
      energy: {
        unit: 'kcalDay',
        formula: 'live^(3/4) * (173 - 1.95 * place) + perGramGained * gain + 2.07 * eggMass',
      },
      energyOfFeed: { unit: 'kcalKg', given: 'keepers' },
      least: { unit: 'kgDay', given: 'found' },
      feed: { unit: 'kgDay', formula: 'max(least, energy / energyOfFeed)' },
    },
  }),
  'flock.water': working({
    result: 'water',
    lines: {
      feed: { unit: 'kgDay', given: 'found' },
      partsOfFeed: { unit: 'ratio', given: 'keepers' },
      felt: { unit: 'celsius', given: 'found' },
      warm: { unit: 'ratio', formula: 'min(3, 1.07^max(0, felt - 21))' },
      kind: { unit: 'ratio', given: 'keepers' },
      water: { unit: 'litresDay', formula: 'feed * partsOfFeed * warm * kind' },
    },
  }),
  'flock.eggs': working({
    result: 'eggs',
    lines: {
      best: { unit: 'ratio', given: 'found' },
      byAge: { unit: 'ratio', given: 'wide-rafter' },
      hours: { unit: 'hours', given: 'found' },
      byHours: { unit: 'ratio', given: 'wide-rafter' },
      leastLight: { unit: 'ratio', given: 'wide-rafter' },
      byLight: { unit: 'ratio', formula: 'max(leastLight, byHours)' },
      byMoult: { unit: 'ratio', given: 'wide-rafter' },
      byBrood: { unit: 'ratio', given: 'wide-rafter' },
      eggs: { unit: 'eggsDay', formula: 'best * byAge * byLight * byMoult * byBrood' },
    },
  }),
  'flock.eggs.anyLight': working({
    result: 'eggs',
    lines: {
      best: { unit: 'ratio', given: 'found' },
      byAge: { unit: 'ratio', given: 'wide-rafter' },
      byLight: { unit: 'ratio', given: 'wide-rafter' },
      byMoult: { unit: 'ratio', given: 'wide-rafter' },
      byBrood: { unit: 'ratio', given: 'wide-rafter' },
      eggs: { unit: 'eggsDay', formula: 'best * byAge * byLight * byMoult * byBrood' },
    },
  }),
  'flock.hensPerCock': working({
    result: 'ratio',
    lines: {
      hens: { unit: 'hens', given: 'found' },
      cocks: { unit: 'birds', given: 'found' },
      ratio: { unit: 'hens', formula: 'hens / cocks' },
    },
  }),
  'flock.cockChance': working({
    result: 'chance',
    lines: {
      wrong: { unit: 'ratio', given: 'keepers' },
      chicks: { unit: 'chicks', given: 'entered' },
      chance: { unit: 'share', formula: '1 - (1 - wrong)^chicks' },
    },
  }),
  'flock.count': plainSpec('birds', 'found'),
  'flock.chicks': plainSpec('chicks', 'entered'),
  'limits.birds': plainSpec('birds', 'entered'),
  'limits.metres': plainSpec('m', 'entered'),
  'climate.design': plainSpec('celsius', 'found'),
  'rule.ratio': plainSpec('hens', 'keepers'),
  'rule.share': plainSpec('ratio', 'keepers'),
});
