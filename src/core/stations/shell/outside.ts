import { outsideCode } from '../../geometry/outside';
import { solidOf } from '../../geometry/solids';
import { type Finding, findingKey } from '../../kernel/finding';
import type { Plan } from '../../model/schema';

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
