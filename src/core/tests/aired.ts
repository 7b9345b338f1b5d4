import type { YearModel } from '../air/year';
import { yearModel } from '../air/yearModel';
import { flockByDay } from '../birds/flock';
import type { Plan } from '../model/schema';
import { workClimate } from '../weather/climate';
import { generateHours } from '../weather/hours';
import { weatherNormals } from '../weather/normals';
import { DAY, sample } from './plans';

/** A sample with two vents under the eaves and a window, so that there is something to flow. */
export function aired(id: 'pell-garth' | 'tamar-flats' | 'osk-landing'): Plan {
  const plan = sample(id);
  const low = plan.shell.roof.kind === 'flat' ? plan.shell.roof.highM : plan.shell.roof.lowM;
  const vent = { kind: 'vent', widthM: 0.8, heightM: 0.1, sillZ: low - 0.12, alongM: 0.3 } as const;
  const known = { screenedBy: 'none', baffle: false, stay: true, innerSill: false } as const;
  return {
    ...plan,
    fixtures: [
      ...plan.fixtures,
      {
        ...vent,
        ...known,
        id: 'v1',
        name: 'Vent',
        wall: 'front',
        place: 'wall',
        opens: 'open',
        pane: 'none',
        cover: 'mesh13',
        holes: null,
      },
      {
        ...vent,
        ...known,
        id: 'v2',
        name: 'Vent 2',
        wall: 'rear',
        place: 'wall',
        opens: 'open',
        pane: 'none',
        cover: 'mesh13',
        holes: null,
      },
      {
        ...known,
        kind: 'window',
        id: 'w1',
        name: 'Window',
        wall: 'left',
        alongM: 0.4,
        sillZ: 0.8,
        widthM: 0.5,
        heightM: 0.6,
        opens: 'closable',
        pane: 'acrylic',
        cover: 'mesh13',
      },
    ],
  };
}

/** Its year: the window shut from November to April. */
export function modelOf(plan: Plan, seed = 7): YearModel {
  const climate = workClimate(plan.climate);
  if (!climate) throw new Error('the samples have a climate');
  const weather = generateHours(weatherNormals(climate), 1, seed);
  return yearModel(plan, flockByDay(plan, DAY), weather, {
    shares: (id, month) => (id === 'w1' && (month < 4 || month > 9) ? 0 : 1),
    shutIn: () => false,
    heaterW: 0,
  });
}
