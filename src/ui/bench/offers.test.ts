import { assess } from '@/core/assess';
import { DAY, sample } from '@/core/tests/plans';
import { offersFor } from './offers';

const offers = (id: 'pell-garth' | 'tamar-flats' | 'osk-landing') => {
  const { staves, heldBackBy } = assess(sample(id), { on: DAY });
  return offersFor(staves, heldBackBy);
};

test('what the shortest stave needs is offered first, then what is not there yet', () => {
  const pell = offers('pell-garth');
  expect(pell[0]).toBe('roosts');
  expect(pell.slice(1, 3).sort()).toEqual(['air', 'door']);
  // nests for thirteen before feed for twenty-one and water for more
  expect(pell.indexOf('nests')).toBeLessThan(pell.indexOf('feed'));
  expect(pell.indexOf('feed')).toBeLessThan(pell.indexOf('water'));
});

test('each is offered once, in a coop of any kind', () => {
  for (const id of ['pell-garth', 'tamar-flats', 'osk-landing'] as const) {
    const all = offers(id);
    expect(new Set(all).size).toBe(all.length);
    expect(all).toHaveLength(8);
  }
});

test('an empty coop is begun with its bars', () => {
  expect(offers('tamar-flats')[0]).toBe('roosts');
});
