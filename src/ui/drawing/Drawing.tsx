import { memo, useId } from 'react';
import { birdsOnPage } from '@/core/drawing/alike';
import { type DrawnItem, draw, type FixtureItem } from '@/core/drawing/draw';
import { type Projection, pageRect } from '@/core/drawing/projection';
import type { ReachMap } from '@/core/geometry/reach';
import type { Plan } from '@/core/model/schema';
import type { PlacedBird } from '@/core/stations/roosts/perched';
import { Hatches, Looks, SetBird, Shapes } from './Shapes';

/** The coop in one view: shell, fixtures and birds, the farthest first. Drawn anew only where something of it is another. */
export const Drawing = memo(function Drawing({
  plan,
  birds,
  projection,
  picked = null,
  lit = NONE,
  inHand = NONE,
  reach = null,
  cutM = 0,
  onPick,
}: {
  plan: Plan;
  birds: readonly PlacedBird[];
  projection: Projection;
  picked?: string | null;
  /** Fixtures that are lit because their mark is rested on. */
  lit?: readonly string[];
  /** Fixtures that are in hand: drawn elsewhere, with the birds that sit on them. */
  inHand?: readonly string[];
  /** Floor out of the keeper's reach, shown from above. */
  reach?: ReachMap | null;
  /** Where a section is cut, m from its near wall. */
  cutM?: number;
  onPick?: (id: string) => void;
}) {
  const hatches = useId();
  const items = draw(plan, projection.view, { birds, reach, cutM });
  const flock = birdsOnPage(items, projection);
  return (
    <g>
      <Hatches of={hatches} />
      <Looks of={hatches} looks={flock.looks} />
      {items.map((item) =>
        item.what === 'fixture' ? (
          <Pickable
            key={`${item.what} ${item.key}`}
            item={item}
            projection={projection}
            picked={picked === item.key}
            lit={lit.includes(item.key)}
            hidden={inHand.includes(item.key)}
            {...(onPick ? { onPick: () => onPick(item.key) } : {})}
          >
            <Shapes shapes={item.shapes} projection={projection} hatches={hatches} />
          </Pickable>
        ) : (
          <g
            key={`${item.what} ${item.key}`}
            {...told(item)}
            opacity={item.what === 'bird' && inHand.includes(item.bird.barId ?? '') ? 0 : undefined}
            className="pointer-events-none"
          >
            {item.what === 'bird' ? (
              <SetBird of={hatches} place={flock.places.get(item.key)} />
            ) : (
              <Shapes shapes={item.shapes} projection={projection} hatches={hatches} />
            )}
          </g>
        ),
      )}
    </g>
  );
});

const NONE: readonly string[] = [];

/** What an item is, for tests of the page and for what looks at it. */
const told = (item: DrawnItem): Record<string, string | boolean> =>
  item.what === 'bird'
    ? {
        'data-bird': item.bird.lotId,
        'data-aspect': item.aspect,
        'data-placed': item.bird.barId !== null,
      }
    : { 'data-item': item.what };

/** A thing lower than this is pressed beside itself too, px. */
const PRESSED_PX = 14;

/** A fixture that is picked where it is pressed. */
function Pickable({
  item,
  projection,
  picked,
  lit,
  hidden,
  onPick,
  children,
}: {
  item: FixtureItem;
  projection: Projection;
  picked: boolean;
  lit: boolean;
  /** Still what the hand holds, but not seen. */
  hidden: boolean;
  onPick?: () => void;
  children: React.ReactNode;
}) {
  const r = pageRect(item.face, projection);
  const margin = Math.max(0, (PRESSED_PX - r.height) / 2);
  return (
    <g
      data-fixture={item.key}
      data-picked={picked || undefined}
      data-lit={lit || undefined}
      data-cut={item.isCut || undefined}
      opacity={hidden ? 0 : undefined}
      className={onPick ? 'cursor-pointer' : undefined}
      onPointerDown={onPick}
    >
      <title>{item.fixture.name}</title>
      {children}
      <rect
        x={r.x - 3}
        y={r.y - margin}
        width={r.width + 6}
        height={r.height + 2 * margin}
        fill="transparent"
        className={picked || lit ? 'stroke-chalk' : undefined}
        strokeWidth={picked ? 1.6 : lit ? 1 : 0}
      />
    </g>
  );
}
