'use client';
import { AwayPart } from '../../away/AwayPart';
import { FrostPart } from '../../frost/FrostPart';
import { FigureList } from '../../furniture/FigureList';
import { Fold } from '../../furniture/Fold';
import { PlanFields } from '../../furniture/PlanFields';
import { PriceField } from '../../furniture/PriceField';
import { RainPart } from '../../rain/RainPart';
import { LevelsPart } from '../../vessel/LevelsPart';
import { WorkedFor } from '../climate/WorkedFor';
import { MonthBars } from './MonthBars';
import { RationPart } from './RationPart';
import { DishRows, DrinkerRows, FeederRows } from './vessels';

const FEED = ['feedDays', { path: 'bagKg', step: 5 }, 'shopDays'] as const;
const KIND_OF_FEED = ['allFlock'] as const;
const WATER = ['waterDays'] as const;

/** Feeders, days between fills, bags and dishes. */
export function FeedFields() {
  return (
    <>
      <FeederRows />
      <WorkedFor />
      <Fold title="How long it lasts">
        <FigureList
          rows={[
            { name: 'A fill lasts', id: 'feed.days', note: 'when they eat most' },
            { name: 'A bag lasts', id: 'feed.bag.days', note: 'on an ordinary day' },
            { name: 'and in the hot damp months', id: 'feed.bag.daysHot' },
            { name: 'Largest bag eaten fresh', id: 'feed.bag.fits' },
          ]}
        />
        <div className="grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
          <PlanFields at="fills" rows={FEED} />
          <PriceField of="bag" />
          <PlanFields at="fills" rows={KIND_OF_FEED} />
        </div>
      </Fold>
      <AwayPart />
      <LevelsPart of="feeder" />
      <RationPart />
      <MonthBars of="feed" title="Eaten, month by month" />
      <Fold title="Oyster shell and grit" of={['dish']}>
        <DishRows />
      </Fold>
    </>
  );
}

/** Drinkers and days between fills. */
export function WaterFields() {
  return (
    <>
      <DrinkerRows />
      <WorkedFor />
      <RainPart />
      <FrostPart />
      <AwayPart />
      <Fold title="How long it lasts">
        <FigureList
          rows={[{ name: 'A fill lasts', id: 'water.days', note: 'on the thirstiest day' }]}
        />
        <div className="grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
          <PlanFields at="fills" rows={WATER} />
        </div>
      </Fold>
      <LevelsPart of="drinker" />
      <MonthBars of="water" title="Drunk, month by month" />
    </>
  );
}
