/** @jest-environment node */
import { expect, test } from '@jest/globals';
import { renderToString } from 'react-dom/server';
import { assess } from '@/core/assess';
import { sightOf } from '@/core/sight';
import { DAY, sample } from '@/core/tests/plans';
import { FINDING_WORDS } from '@/text/findings';
import { SessionPage, useBench, usePlan, useWhole } from './bench';
import { Lane } from './Lane';
import { createSession } from './session';

function Told() {
  const plan = usePlan();
  const whole = useWhole();
  const worked = useBench((s) => s.worked);
  return `${plan.name}, ${whole.planned} birds, ${worked ? 'worked' : 'seen first'}`;
}

test('the server draws a page, and its parts, from the page’s own session; it has none of its own', () => {
  const plan = sample('pell-garth');
  const sight = sightOf(assess(plan, { on: DAY }));
  const session = createSession(plan, 3, DAY, { sight, foretold: {}, words: FINDING_WORDS });
  const drawn = renderToString(
    <SessionPage value={session}>
      <Told />
      <Lane after={1}>
        <Told />
      </Lane>
    </SessionPage>,
  );
  const told = 'Pell Garth, 14 birds, seen first';
  expect(drawn.split(told)).toHaveLength(3);
  expect(() => renderToString(<Told />)).toThrow('no plan is open');
});
