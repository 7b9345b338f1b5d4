import { everything } from '@/core/tests/everything';
import { branchesOf, nodesOf, stepFrom } from './branches';

const branches = branchesOf(everything('lamp').fixtures);
const NONE: ReadonlySet<never> = new Set();

test('everything that stands in a plan is in the tree once', () => {
  const all = branches.flatMap((b) => b.fixtures.map((f) => f.id));
  expect([...all].sort()).toEqual(
    everything('lamp')
      .fixtures.map((f) => f.id)
      .sort(),
  );
});

test('down walks every line and stops at the last, up stops at the first', () => {
  const nodes = nodesOf(branches, NONE);
  let at = nodes[0];
  let steps = 0;
  for (;;) {
    const step = at && stepFrom('ArrowDown', at, nodes, NONE);
    if (!step || !('to' in step)) break;
    at = step.to;
    steps++;
  }
  expect(steps).toBe(nodes.length - 1);
  expect(at).toEqual(nodes.at(-1));
  expect(nodes[0] && stepFrom('ArrowUp', nodes[0], nodes, NONE)).toBeNull();
});

test('left shuts a branch or goes out to it, right opens it or goes in', () => {
  const nodes = nodesOf(branches, NONE);
  const [branch, thing] = nodes;
  if (branch?.kind !== 'branch' || thing?.kind !== 'thing') throw new Error('no tree');
  expect(stepFrom('ArrowLeft', thing, nodes, NONE)).toEqual({ to: branch });
  expect(stepFrom('ArrowLeft', branch, nodes, NONE)).toEqual({ toggle: branch.key });
  expect(stepFrom('ArrowRight', branch, nodes, NONE)).toEqual({ to: thing });
  const shut = new Set([branch.key]);
  const fewer = nodesOf(branches, shut);
  expect(fewer.length).toBeLessThan(nodes.length);
  expect(stepFrom('ArrowRight', branch, fewer, shut)).toEqual({ toggle: branch.key });
  expect(stepFrom('Enter', thing, nodes, NONE)).toEqual({ pick: thing.key });
  expect(stepFrom('x', thing, nodes, NONE)).toBeNull();
});
