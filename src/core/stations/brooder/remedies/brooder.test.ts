// A brooder is not built as large as a room before chicks are moved on.
import { assess } from '../../../assess';
import { newBrooder } from '../../../edit/defaults';
import { remedies } from '../../../remedies/remedies';
import { DAY, hens, sample, soundCoop } from '../../../tests/plans';

const MOST_BOX_M = 2.41;

test('chicks that outgrow it are moved on before it is built larger, and it stays a box', () => {
  let [moved, built] = [0, 0];
  for (let count = 4; count <= 40; count += 2) {
    const plan = soundCoop((d) => {
      d.flock.push(
        hens(count, {
          id: 'chicks',
          massKg: 2.2,
          hatchedOn: '2027-04-15',
          arrivesOn: '2027-06-24',
          raisedHere: true,
        }),
      );
      d.brooder = { ...newBrooder(), lengthM: 1.2, widthM: 0.8 };
    });
    const before = assess(plan, { on: DAY });
    const finding = before.findings.find((f) => f.code === 'brooder.space.short');
    if (!finding) continue;
    const all = remedies(plan, finding, before);
    for (const r of all) {
      expect(r.plan.brooder?.lengthM).toBeLessThan(MOST_BOX_M);
      expect(r.plan.brooder?.widthM).toBeLessThan(MOST_BOX_M);
    }
    const at = (code: RegExp): number => all.findIndex((r) => code.test(r.code));
    if (at(/^brooder\.moveOn$/) >= 0) moved++;
    if (at(/enlarge|lengthen/) >= 0) built++;
    if (at(/^brooder\.moveOn$/) >= 0 && at(/enlarge|lengthen/) >= 0) {
      expect(at(/^brooder\.moveOn$/)).toBeLessThan(at(/enlarge|lengthen/));
    }
  }
  expect(moved + built).toBeGreaterThan(5);
});

test('where not even that would do, no room is offered as a box', () => {
  const plan = sample('osk-landing');
  const before = assess(plan, { on: DAY });
  const finding = before.findings.find((f) => f.code === 'brooder.space.short');
  if (!finding) throw new Error('there is room');
  expect(remedies(plan, finding, before)).toEqual([]);
});
