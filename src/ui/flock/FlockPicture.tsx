'use client';
import { birdSize } from '@/core/birds/size';
import { lookOf } from '@/core/drawing/birds/bird';
import { Shapes } from '../drawing/Shapes';
import { birdOnPage, onPage } from '../drawing/silhouette';
import { useSize } from '../drawing/size';
import { useAssessment, usePlan } from '../session/bench';

const HEIGHT = 150;
const FLOOR = HEIGHT - 26;

/** One bird of each group, at one scale, standing on one line. */
export function FlockPicture() {
  const { flock } = usePlan();
  const { figures, flock: byDay } = useAssessment();
  const [ref, size] = useSize<HTMLDivElement>();
  // who has left is in the table still, and drawn no more
  const birds = flock.flatMap((group) => {
    const lot = byDay.lots.find((one) => one.group.id === group.id);
    return lot
      ? [{ group, lot, ...birdSize(figures.get(`flock.${group.id}.mass`)?.value ?? 2.2) }]
      : [];
  });
  const lengths = birds.reduce((sum, b) => sum + Math.max(b.lengthM, 0.34) + 0.12, 0);
  const tallest = Math.max(...birds.map((b) => b.headM));
  const scale = size ? Math.min((size.width - 16) / lengths, (FLOOR - 8) / tallest, 230) : 0;
  let at = 8;
  return (
    <div ref={ref} className="h-[150px] shrink-0 border-line border-y bg-raised">
      {size ? (
        <svg
          width={size.width}
          height={HEIGHT}
          role="img"
          aria-label="One bird of each group, at one scale"
          data-scale={scale}
        >
          <line
            x1="0"
            x2={size.width}
            y1={FLOOR}
            y2={FLOOR}
            className="stroke-straw-line"
            strokeWidth="1"
          />
          {birds.map(({ group, lot, lengthM, headM }) => {
            const slot = (Math.max(lengthM, 0.34) + 0.12) * scale;
            const width = lengthM * scale;
            const height = headM * scale;
            const x = at + (slot - width) / 2;
            at += slot;
            const rect = { x, y: FLOOR - height, width, height };
            return (
              <g key={group.id}>
                <g data-flock-bird={group.id}>
                  <Shapes
                    shapes={birdOnPage(
                      rect,
                      lot && lookOf({ class: lot.class.id, sex: lot.sex, comb: lot.breed.comb }),
                    )}
                    projection={onPage}
                    hatches=""
                  />
                </g>
                <text
                  x={x + width / 2}
                  y={HEIGHT - 9}
                  textAnchor="middle"
                  fontSize="12"
                  className="fill-soft"
                  data-name
                >
                  {group.name.length > 18 ? `${group.name.slice(0, 17)}…` : group.name}
                </text>
              </g>
            );
          })}
        </svg>
      ) : null}
    </div>
  );
}
