import '@testing-library/jest-dom/jest-globals';
import { expect, test } from '@jest/globals';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { assess } from '@/core/assess';
import { sightOf } from '@/core/sight';
import { DAY, sample } from '@/core/tests/plans';
import { FINDING_WORDS } from '@/text/findings';
import { engine } from '../session/engine';
import { lateEngine } from '../tests/lateEngine';

const come = lateEngine();
const { edit, pick, takeOver, useBench, usePart } = await import('../session/bench');
const { createSession } = await import('../session/session');
const { nudgePicked } = await import('../bench/nudge');
const { MeasureField } = await import('./MeasureField');
const { lengthIn } = await import('./measures');

function DepthField() {
  const depthM = usePart((p) => p.litter.depthM);
  return (
    <MeasureField
      label="Depth"
      value={depthM}
      measure={lengthIn('metric')}
      commit={(v) =>
        edit('Depth', (d) => {
          d.litter.depthM = v;
        })
      }
    />
  );
}

test('what is typed, stepped and nudged before the core has come counts from what was typed, and is told as it is then', async () => {
  const plan = sample('pell-garth');
  takeOver(
    createSession(plan, 3, DAY, {
      sight: sightOf(assess(plan, { on: DAY })),
      foretold: {},
      words: FINDING_WORDS,
    }),
  );
  render(<DepthField />);
  const field = screen.getByRole('textbox', { name: /Depth/ });
  fireEvent.change(field, { target: { value: '20 cm' } });
  for (const key of ['Enter', 'ArrowUp']) fireEvent.keyDown(field, { key });
  fireEvent.click(screen.getByRole('button', { name: 'More: Depth' }));
  act(() => pick('bar-2'));
  nudgePicked({ key: 'ArrowUp', shiftKey: true } as never, 'front');
  nudgePicked({ key: '}' } as never, 'front');
  expect(useBench.getState().plan?.litter.depthM).toBe(plan.litter.depthM);
  act(() => come(engine));
  await waitFor(() => expect(field).toHaveValue('22 cm'));
  const bar = () => useBench.getState().plan?.fixtures.find((f) => f.id === 'bar-2');
  await waitFor(() => expect(bar()).toMatchObject({ lengthM: 1.3 }));
  // 65 cm above the litter as it was, which is 12 cm deeper now
  expect(useBench.getState().said).toMatch(/^Front bar, 53 cm above the litter/);
});
