'use client';
import { AwayPart } from '../../away/AwayPart';
import { FrostPart } from '../../frost/FrostPart';
import { FigureList, Part } from '../../furniture/FigureList';
import { SpecFields } from '../../furniture/spec';
import { RainPart } from '../../rain/RainPart';
import { edit, usePlan } from '../../session/bench';
import { LevelsPart } from '../../vessel/LevelsPart';
import { WorkedFor } from '../climate/WorkedFor';
import { MonthBars } from './MonthBars';
import { RationPart } from './RationPart';
import { DishRows, DrinkerRows, FeederRows } from './vessels';

/** Feeders, days between fills, bags and dishes. */
export function FeedFields() {
  const { fills } = usePlan();
  return (
    <>
      <FeederRows />
      <WorkedFor />
      <Part title="How long it lasts">
        <FigureList
          rows={[
            { name: 'A fill lasts', id: 'feed.days', note: 'when they eat most' },
            { name: 'A bag lasts', id: 'feed.bag.days', note: 'on an ordinary day' },
            { name: 'and in the hot damp months', id: 'feed.bag.daysHot' },
            { name: 'Largest bag eaten fresh', id: 'feed.bag.fits' },
          ]}
        />
        <div className="grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
          <SpecFields
            of={fills}
            specs={[
              {
                kind: 'amount',
                label: 'Filled every',
                unit: 'days',
                least: 1,
                most: 60,
                get: (f) => f.feedDays,
                set: (f, v) => {
                  f.feedDays = v;
                },
              },
              {
                kind: 'amount',
                label: 'Bought in bags of',
                unit: 'kg',
                least: 1,
                most: 1000,
                step: 5,
                get: (f) => f.bagKg,
                set: (f, v) => {
                  f.bagKg = v;
                },
              },
              {
                kind: 'amount',
                label: 'To have more takes',
                unit: 'days',
                least: 0,
                most: 60,
                get: (f) => f.shopDays,
                set: (f, v) => {
                  f.shopDays = v;
                },
              },
              {
                kind: 'openAmount',
                label: 'A bag costs',
                unit: '',
                none: 'not said',
                least: 0,
                most: 1e6,
                get: (_, plan) => plan.prices.bag,
                set: (_, v, plan) => {
                  plan.prices.bag = v;
                },
              },
              {
                kind: 'yes',
                label: 'One grower or all-flock feed for all, oyster shell apart',
                get: (f) => f.allFlock,
                set: (f, v) => {
                  f.allFlock = v;
                },
              },
            ]}
            change={(name, recipe) => edit(name, (d) => recipe(d.fills, d))}
          />
        </div>
      </Part>
      <AwayPart />
      <LevelsPart of="feeder" />
      <RationPart />
      <MonthBars of="feed" title="Eaten, month by month" />
      <Part title="Oyster shell and grit">
        <DishRows />
      </Part>
    </>
  );
}

/** Drinkers and days between fills. */
export function WaterFields() {
  const { fills } = usePlan();
  return (
    <>
      <DrinkerRows />
      <WorkedFor />
      <RainPart />
      <FrostPart />
      <AwayPart />
      <Part title="How long it lasts">
        <FigureList
          rows={[{ name: 'A fill lasts', id: 'water.days', note: 'on the thirstiest day' }]}
        />
        <div className="grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
          <SpecFields
            of={fills}
            specs={[
              {
                kind: 'amount',
                label: 'Filled every',
                unit: 'days',
                least: 1,
                most: 60,
                get: (f) => f.waterDays,
                set: (f, v) => {
                  f.waterDays = v;
                },
              },
            ]}
            change={(name, recipe) => edit(name, (d) => recipe(d.fills, d))}
          />
        </div>
      </Part>
      <LevelsPart of="drinker" />
      <MonthBars of="water" title="Drunk, month by month" />
    </>
  );
}
