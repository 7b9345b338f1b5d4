'use client';
import type { Shares } from '@/core/stores/ration';
import { FOOD_NAMES } from '@/text/choices.data';
import { FigureList } from '../../furniture/FigureList';
import { Fold } from '../../furniture/Fold';
import { PlanFields } from '../../furniture/PlanFields';
import type { Rows } from '../../furniture/rows';
import { PERCENT } from '../../furniture/shown';
import { edit, usePlan } from '../../session/bench';

const SEASONS = [
  { id: 'cold', name: 'In the cold half of the year' },
  { id: 'warm', name: 'In the warm half' },
] as const;

const FOODS: Rows<Shares> = FOOD_NAMES.map(({ id, name }) => ({
  path: id,
  label: `${name.charAt(0).toUpperCase()}${name.slice(1)}`,
  as: PERCENT,
}));

/** What birds get beside their feed, by season, and what all of it has. */
export function RationPart() {
  const { ration } = usePlan();
  const none = { scratch: 0, scraps: 0, sunflower: 0 };
  return (
    <Fold title="Beside their feed">
      {ration === null ? (
        <>
          <p className="text-[0.87rem] text-soft">
            Scratch grain, scraps, seed: say how much, and what all of it has is worked out.
          </p>
          <button
            type="button"
            className="button w-fit"
            onClick={() =>
              edit('Beside their feed', (d) => {
                d.ration = { cold: { ...none }, warm: { ...none } };
              })
            }
          >
            They get more than feed
          </button>
        </>
      ) : (
        SEASONS.map(({ id, name }) => (
          <div key={id} className="flex flex-col gap-1.5">
            <h4 className="text-[0.87rem] text-soft">{name}, of all that they eat</h4>
            <div className="grid grid-cols-3 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
              <PlanFields
                at={`ration.${id}`}
                rows={FOODS}
                named={(label) => `${name}: ${label.toLowerCase()}`}
              />
            </div>
            <FigureList
              rows={[
                { name: 'Protein', id: `feed.ration.${id}.protein` },
                { name: 'asked for by growing birds', id: 'fact.ration.protein.growing' },
                { name: 'asked for by laying hens', id: 'fact.ration.protein.least' },
                { name: 'Calcium', id: `feed.ration.${id}.calcium` },
                { name: 'asked for in lay, or shell apart', id: 'fact.ration.calcium.lay' },
                { name: 'Energy', id: `feed.ration.${id}.energy` },
              ]}
            />
          </div>
        ))
      )}
    </Fold>
  );
}
