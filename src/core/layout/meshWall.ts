import { fixtureOf } from '../model/fixtures.schema';
import type { OfKind, Plan, Side } from '../model/schema';

/** The id of the mesh wall in a slice. */
export const MESH_WALL = 'mesh-wall';

/** What takes up a whole wall of a slice of a coop while it is fitted out: nothing can be cut in mesh. */
export const meshWall = ({ shell }: Plan, wall: Side): OfKind<'vent'> =>
  fixtureOf({
    kind: 'vent',
    id: MESH_WALL,
    name: 'Mesh wall',
    wall,
    alongM: 0,
    sillZ: 0,
    widthM: shell.widthM,
    heightM: shell.roof.highM,
    opens: 'shut',
  });

/** The plan as it is built: the mesh wall itself is the partition's, and no fixture. */
export function withoutMeshWall(plan: Plan): Plan {
  const fixtures = plan.fixtures.filter((f) => f.id !== MESH_WALL);
  return fixtures.length === plan.fixtures.length ? plan : { ...plan, fixtures };
}
