import type { FrostWay } from '@/core/stores/frost/compare';
import { awaySentence, LOOK_IN, lastsText, mendText } from './awayWords';
import { hoursText, workText } from './frostWords';
import { barrelText, servesText } from './rainWords';

const run = (parts: object) =>
  ({
    reliability: 0.923,
    longestDry95: 40,
    frostDays: 0,
    carriedL: 87.4,
    spiltL: 0,
    ...parts,
  }) as never;

describe('words of rain, frost and days away, as a keeper reads them', () => {
  test('barrels come as they are sold, and carried water in whole litres or gallons', () => {
    expect(servesText('95 %', 2, null, 'imperial')).toBe(
      'For 95 % of days without frost: a barrel of 5 gal.',
    );
    expect(servesText('95 %', 231, null, 'metric')).toBe(
      'For 95 % of days without frost: a barrel of 240 L.',
    );
    expect(servesText('99 %', null, 9.1, 'metric')).toContain('it takes 9.5 m² of roof');
    expect(servesText('99 %', null, null, 'metric')).toContain('no barrel and no roof');
    expect(barrelText(run({}), 'imperial')).toContain('you carry 23 gal in a mean year');
    expect(barrelText(run({ longestDry95: 1 }), 'metric')).toContain('dry for 1 day on end');
  });

  test('a barrel that never runs dry says so, and still tells of frost', () => {
    expect(
      barrelText(run({ reliability: 1, reliabilityAll: 0.9277, frostDays: 26.4 }), 'metric'),
    ).toBe(
      'Over thirty years it has the water on every day without frost. Of all days, on 92.7 %: on 26 frost days a year water is carried.',
    );
    // not quite all days are not rounded up to all of them
    expect(barrelText(run({ reliability: 0.9999 }), 'metric')).toContain(
      'on 99.9 % of days without frost',
    );
  });

  test('hours are told as a keeper acts on them, and never rounded up', () => {
    expect([0.03, 0.7, 1.9, 14.3, 42, 97, 500].map(hoursText)).toEqual([
      '5 minutes',
      '40 minutes',
      '1 hour',
      '14 hours',
      '42 hours',
      '4 days',
      'over a week',
    ]);
    const by = (carryEveryH: number): string =>
      workText({ carryEveryH, heater: null, insulateFirst: false } as never, 96);
    expect([1, 14, 42, 60, 97].map(by)).toEqual([
      'it freezes too soon to carry',
      'carry water every 14 hours',
      'carry water once a day',
      'carry water every 2 days',
      'open till it is filled again',
    ]);
    const heated = (way: FrostWay, sizeW: number | null, insulateFirst: boolean): string =>
      workText({ way, carryEveryH: null, heater: { needW: 1, sizeW }, insulateFirst } as never, 48);
    expect([
      heated('heater', 50, false),
      heated('heater', 500, true),
      heated('foamHeater', 500, true),
      heated('foamPumped', 1000, true),
      heated('pumped', null, true),
    ]).toEqual([
      '50 W',
      '500 W: insulate first',
      '500 W: take a smaller one',
      '1000 W: rather drain it',
      'no heater is made for it: insulate',
    ]);
  });

  test('what ends the days away is one or many, and says what would lengthen it', () => {
    const eggs = { limit: 'eggs', days: 3, more: 2 } as const;
    expect(awaySentence(3, 7, eggs)).toBe('They can be left 3 of the 7 days. Eggs end it first.');
    expect(awaySentence(0, 7, { limit: 'door', days: 0, more: null })).toBe(
      'They cannot be left a day alone. Pop door ends it first.',
    );
    expect(awaySentence(7, 7, undefined)).toBe('All of it lasts the 7 days.');
    expect(LOOK_IN).toContain('Somebody must look in every day all the same');
    // nobody builds twenty boxes to be away
    expect(mendText({ ...eggs, more: 21 }, 'metric')).not.toMatch(/box/);
    expect(mendText(eggs, 'metric')).toBe('2 more boxes would do. Or somebody gathers the eggs.');
    expect(mendText({ limit: 'feed', days: 2, more: 3.13 }, 'metric')).toContain(
      '3.2 kg more feed',
    );
    expect(mendText({ limit: 'frost', days: 2, more: null }, 'metric')).not.toContain('{');
    expect([0, 1, 5, 9].map((days) => lastsText({ limit: 'feed', days, more: null }, 9))).toEqual([
      'not a day',
      '1 day',
      '5 days',
      'all of the time',
    ]);
  });
});
