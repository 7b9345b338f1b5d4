import type { ReachMap } from '@/core/geometry/reach';
import { inRun, solidOf } from '@/core/geometry/solids';
import type { Solid } from '@/core/kernel/finding';
import type { Fixture, Plan } from '@/core/model/schema';
import type { PlacedBird } from '@/core/stations/roosts/perched';
import type { View } from '../store/benchState';
import { BirdShape } from './BirdShape';
import { FixtureShape } from './FixtureShape';
import { nearness, type Projection } from './projection';
import { ReachShape } from './ReachShape';
import { ShellShape } from './ShellShape';
import { ZoneShape } from './ZoneShape';

interface Item {
  readonly key: string;
  readonly near: number;
  readonly draw: () => React.ReactNode;
}

/** The coop in one view: shell, fixtures and birds, the farthest first. */
export function Drawing({
  plan,
  birds,
  projection,
  picked = null,
  zones = [],
  reach = null,
  onPick,
}: {
  plan: Plan;
  birds: readonly PlacedBird[];
  projection: Projection;
  picked?: string | null;
  zones?: readonly Solid[];
  /** Floor out of the keeper's reach, shown from above. */
  reach?: ReachMap | null;
  onPick?: (id: string) => void;
}) {
  const { view } = projection;
  const items = [
    ...plan.fixtures
      .filter((f) => !inRun(f))
      .map((f) => fixtureItem(f, plan, projection, picked, onPick)),
    ...birds.map((bird, i): Item => {
      const half = bird.across === 'x' ? bird.lengthM / 2 : bird.widthM / 2;
      const near = view === 'front' ? -bird.y : view === 'side' ? bird.x : bird.z + bird.heightM;
      return {
        key: `bird-${i}`,
        near: near + (bird.barId === null ? half : 0.01),
        draw: () => <BirdShape bird={bird} projection={projection} />,
      };
    }),
  ].sort((a, b) => a.near - b.near);
  return (
    <g>
      <ShellShape plan={plan} projection={projection} />
      {reach && view === 'above' ? <ReachShape map={reach} projection={projection} /> : null}
      {items.map((item) => (
        <g key={item.key}>{item.draw()}</g>
      ))}
      {apart(zones).map(([key, zone]) => (
        <ZoneShape key={key} zone={zone} projection={projection} />
      ))}
    </g>
  );
}

/** Zones by what they are: faults of one thing share a zone, which is hatched once. */
const apart = (zones: readonly Solid[]): [string, Solid][] => [
  ...new Map(zones.map((z) => [JSON.stringify(z), z])),
];

function fixtureItem(
  fixture: Fixture,
  plan: Plan,
  projection: Projection,
  picked: string | null,
  onPick: ((id: string) => void) | undefined,
): Item {
  const solid = solidOf(fixture, plan);
  return {
    key: fixture.id,
    near: nearness(solid, projection.view as View),
    draw: () => (
      <FixtureShape
        fixture={fixture}
        solid={solid}
        projection={projection}
        picked={picked === fixture.id}
        {...(onPick ? { onPick: () => onPick(fixture.id) } : {})}
      />
    ),
  };
}
