import { assess } from '../assess';
import { PRESETS } from '../rules/presets.data';
import { measured, standing, thing } from '../tests/measured';
import { DAY } from '../tests/plans';
import { exactly } from './bands';
import { labelOf } from './label';

const box = {
  room: { ...measured().room, length: exactly(1.2), width: exactly(0.9), litter: exactly(0.05) },
  things: [
    thing('bar', { length: exactly(1), height: exactly(0.45), behind: exactly(0.4) }),
    thing('nests', { lip: exactly(0.25) }, { wall: 'left', outside: true }),
  ],
};

test('without a label there is nothing to say of it', () => {
  expect(labelOf(standing(box), DAY)).toBeNull();
});

test('a box sold for eight holds fewer by every set, and each is what an assessment by that set gives', () => {
  const plan = standing({ ...box, soldFor: 8 });
  const label = labelOf(plan, DAY);
  for (const { set, carries } of label?.sets ?? []) {
    const schools = PRESETS.find((p) => p.id === set)?.schools ?? {};
    const { staves } = assess({ ...plan, schools: { ...schools } }, { on: DAY });
    const own = staves.filter((s) => ['floor', 'roosts', 'nests'].includes(s.station));
    expect(carries).toBe(Math.min(...own.map((s) => s.carries ?? Infinity)));
    expect(carries).toBeLessThan(8);
  }
  const by = (id: string): number => label?.sets.find((s) => s.set === id)?.carries ?? -1;
  expect(by('careful')).toBeLessThanOrEqual(by('usual'));
  expect(by('usual')).toBeLessThanOrEqual(by('tight'));
});

test('without a flock it is judged for as many medium hens as it was sold for', () => {
  const empty = labelOf(standing({ ...box, soldFor: 4 }, 0), DAY);
  const lived = labelOf(standing({ ...box, soldFor: 4 }, 4), DAY);
  expect(empty?.sets).toEqual(lived?.sets);
});

test('what is missing is named: no bird can live in it without', () => {
  const label = labelOf(standing({ room: box.room, soldFor: 4 }), DAY);
  expect(label?.missing).toEqual(expect.arrayContaining(['roosts', 'nests']));
});
