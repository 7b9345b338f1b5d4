import { between, exactly } from '@/core/measure/bands';
import { labelOf } from '@/core/measure/label';
import { uncertainOf } from '@/core/measure/uncertain';
import { measured, standing, thing } from '@/core/tests/measured';
import { DAY } from '@/core/tests/plans';
import { bandText, labelText, uncertainText } from './measuring';

const room = {
  ...measured().room,
  length: exactly(2.4),
  width: exactly(1.8),
  litter: exactly(0.1),
};

test('a rough measure is said no finer than it was taken', () => {
  expect(bandText({ fromM: 0.4231, toM: 0.5377 }, 'metric')).toBe('between 42 cm and 54 cm');
  expect(bandText({ fromM: 1.889, toM: 2.311 }, 'imperial')).toBe('between 6′ 2″ and 7′ 7″');
  expect(bandText({ fromM: 0.1, toM: 0.16 }, 'imperial')).toBe('between 4″ and 6 1/2″');
});

test('what hangs on a rough measure is said as it was measured: from the litter, and before the rear wall', () => {
  const plan = standing({
    room,
    things: [
      thing('bar', {
        length: exactly(1.6),
        height: between(0.35, 0.55),
        behind: between(0.3, 0.5),
      }),
    ],
  });
  const said = uncertainOf(plan, DAY).map((u) => uncertainText(u, plan));
  expect(said).toEqual(
    expect.arrayContaining([
      expect.stringMatching(
        /^Bar 1, height above the litter, between 35 cm and 55 cm: .*“Bar too low”/,
      ),
      expect.stringMatching(/^Bar 1, before the rear wall, between 30 cm and 50 cm: it decides /),
    ]),
  );
});

test('the label of a bought coop in one line: by three sets, what runs out first, and what is not there', () => {
  const plan = standing({
    room: { ...room, length: exactly(1.2), width: exactly(0.9) },
    things: [thing('bar', { length: exactly(1), height: exactly(0.45), behind: exactly(0.4) })],
    soldFor: 6,
  });
  const label = labelOf(plan, DAY);
  expect(label && labelText(label)).toMatch(
    /^Sold for 6\. Its floor, bars and boxes hold \d by the careful rules, \d by the usual rules and \d by the tightest rules: the .+ runs? out first\. As it stands it carries \d: .+ back\. Not entered: the nests, .+\.$/,
  );
});
