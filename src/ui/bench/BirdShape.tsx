import type { PlacedBird } from '@/core/stations/roosts/perched';
import type { PageRect, Projection } from './projection';
import { type Aspect, silhouetteDetail, silhouettePath } from './silhouette';

/** One bird at her real size; without a place she stands in oxide, dashed. */
export function BirdShape({ bird, projection }: { bird: PlacedBird; projection: Projection }) {
  const aspect = aspectOf(bird, projection);
  const placed = bird.barId !== null;
  const rect = birdRect(bird, aspect, projection);
  return (
    <g className={placed ? 'stroke-bird-line' : 'stroke-oxide'} strokeLinejoin="round">
      <path
        d={silhouettePath(aspect, rect, true)}
        className={placed ? 'fill-bird' : 'fill-oxide-soft'}
        strokeWidth={1.1}
        strokeDasharray={placed ? undefined : '4 2.5'}
        data-bird={bird.lotId}
        data-aspect={aspect}
        data-placed={placed}
      />
      <path
        d={silhouetteDetail(aspect, rect, true)}
        fill="none"
        strokeWidth={0.8}
        strokeLinecap="round"
      />
    </g>
  );
}

/** A bird sits across her bar, looking to the front of the coop. */
function aspectOf(bird: PlacedBird, { view }: Projection): Aspect {
  if (view === 'above') return bird.across === 'x' ? 'above' : 'aboveAcross';
  const lengthwise = (bird.across === 'x') === (view === 'side');
  return lengthwise ? 'profile' : 'front';
}

function birdRect(bird: PlacedBird, aspect: Aspect, p: Projection): PageRect {
  const across = p.view === 'side' ? bird.y : bird.x;
  const lengthAcross = aspect === 'profile' || aspect === 'aboveAcross';
  const width = (lengthAcross ? bird.lengthM : bird.widthM) * p.scale;
  if (p.view === 'above') {
    const height = (lengthAcross ? bird.widthM : bird.lengthM) * p.scale;
    return { x: p.u(across) - width / 2, y: p.v(bird.y) - height / 2, width, height };
  }
  const height = bird.heightM * p.scale;
  return { x: p.u(across) - width / 2, y: p.v(bird.z) - height, width, height };
}
