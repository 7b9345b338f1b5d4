import { type Finding, findingKey } from '../finding';
import { roofHeightM } from '../geometry/shell';
import { inRun, solidOf } from '../geometry/solids';
import type { Fixture, Plan } from '../plan/schema';
import { below } from '../units/number';

/** Fixtures that do not fit inside the shell: past a wall, through the roof, or below the bare floor. */
export function outsideFindings(plan: Plan): Finding[] {
  return plan.fixtures.flatMap((fixture) => {
    const code = outsideCode(fixture, plan);
    if (code === null) return [];
    return [
      {
        code,
        key: findingKey(code, [fixture.id]),
        station: 'shell',
        severity: 'awkward',
        fixtures: [fixture.id],
        numbers: {},
        zone: solidOf(fixture, plan),
      },
    ];
  });
}

function outsideCode(fixture: Fixture, plan: Plan): string | null {
  if (inRun(fixture)) return null;
  const s = solidOf(fixture, plan);
  const { lengthM, widthM } = plan.shell;
  const hung = fixture.kind === 'nestBank' && fixture.hungOutside;
  const past = below(s.x0, 0) || below(s.y0, 0) || below(lengthM, s.x1) || below(widthM, s.y1);
  if (past && !hung) return 'shell.fixture.pastWall';
  if (below(s.z0, 0)) return 'shell.fixture.belowFloor';
  const corners = [
    [s.x0, s.y0],
    [s.x0, s.y1],
    [s.x1, s.y0],
    [s.x1, s.y1],
  ] as const;
  const least = Math.min(...corners.map(([x, y]) => roofHeightM(plan.shell, x, y)));
  return below(least, s.z1) ? 'shell.fixture.throughRoof' : null;
}
