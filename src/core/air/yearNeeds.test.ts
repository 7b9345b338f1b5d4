import { flockByDay } from '../birds/flock';
import { type BirdsHeat, birdsHeat, fullestDay } from '../birds/flockHeat';
import { DAY, sample, sampleClimate } from '../tests/plans';
import { workClimate } from '../weather/climate';
import { generateHours, type WeatherHours } from '../weather/hours';
import { weatherNormals } from '../weather/normals';
import { type Bare, bareOf } from './bare';
import { airNeedsOf } from './needs';
import { yearNeeds } from './yearNeeds';

function placed(id: string) {
  const plan = { ...sample('pell-garth'), climate: sampleClimate(id) };
  const climate = workClimate(plan.climate);
  if (!climate) throw new Error(id);
  const flock = flockByDay(plan, DAY);
  const bare = bareOf(plan, birdsHeat(flock, fullestDay(flock)));
  return { bare, climate, weather: generateHours(weatherNormals(climate), 1, 7) };
}

const times = ({ layerW, meatW, hens }: BirdsHeat, k: number): BirdsHeat => ({
  layerW: k * layerW,
  meatW: k * meatW,
  hens: k * hens,
});

/** The same year, its wind so many times as strong. */
const blown = (weather: WeatherHours, k: number): WeatherHours => ({
  ...weather,
  windMS: weather.windMS.map((v) => k * v),
});

describe('areas by all nights and hot hours of a year', () => {
  test.each(['wet-upland', 'cold-continental', 'hot-desert'])(
    'in %s come out as the first answer, to a half or twice as much',
    (id) => {
      const { bare, climate, weather } = placed(id);
      const [first, year] = [airNeedsOf(bare, climate.hours), yearNeeds(bare, weather, 0)];
      const ratio = year.summer.netM2 / first.summer.netM2;
      expect(ratio).toBeGreaterThan(0.5);
      expect(ratio).toBeLessThan(2);
      if (id === 'hot-desert') return;
      expect(year.winter.netM2 / first.winter.netM2).toBeGreaterThan(0.5);
      expect(year.winter.netM2 / first.winter.netM2).toBeLessThan(2);
    },
  );

  test('more birds ask for more, and so does a place with less wind', () => {
    const { bare, weather } = placed('wet-upland');
    const plain = yearNeeds(bare, weather, 0);
    const many: Bare = { ...bare, birds: times(bare.birds, 2) };
    const [crowded, still] = [yearNeeds(many, weather, 0), yearNeeds(bare, blown(weather, 0.5), 0)];
    for (const season of ['winter', 'summer'] as const) {
      expect(crowded[season].netM2).toBeGreaterThan(plain[season].netM2);
      expect(still[season].netM2).toBeGreaterThan(plain[season].netM2);
    }
  });

  test('the same year gives the same areas', () => {
    const { bare, weather } = placed('cold-continental');
    expect(yearNeeds(bare, weather, 30)).toEqual(yearNeeds(bare, weather, 30));
  });
});
