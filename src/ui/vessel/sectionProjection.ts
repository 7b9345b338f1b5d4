import type { Projection } from '@/core/drawing/projection';
import type { Face } from '@/core/drawing/shape';

/** Kept clear at the edge of the picture, px: words of measures stand there. */
const EDGE_PX = { side: 42, top: 14, foot: 4 } as const;

/**
 * A face of metres on a picture of so many pixels: as large as it goes, in the middle, its foot at the foot.
 * @param width   px
 * @param height  px
 */
export function sectionProjection(face: Face, width: number, height: number): Projection {
  const [acrossM, upM] = [face.a1 - face.a0, face.b1 - face.b0];
  const scale = Math.min(
    (width - 2 * EDGE_PX.side) / acrossM,
    (height - EDGE_PX.top - EDGE_PX.foot) / upM,
  );
  const left = (width - acrossM * scale) / 2;
  return {
    view: 'front',
    upAxis: 'z',
    scale,
    acrossM,
    upM,
    u: (a) => left + (a - face.a0) * scale,
    v: (b) => height - EDGE_PX.foot - (b - face.b0) * scale,
  };
}
