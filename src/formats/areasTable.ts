import { airNeedsOf } from '@/core/air/needs';
import { panesOf } from '@/core/air/shellHeat';
import { heatAt20W } from '@/core/birds/heat';
import { PLAIN_SHELL } from '@/core/edit/defaults';
import { CLIMATES, type ClimateRow } from '@/core/model/climates.data';
import type { Shell } from '@/core/model/schema';
import { workClimate } from '@/core/weather/climate';
import { row, table } from './docTable';

/** The coop of the table: a ply box on legs with a lean-to roof of metal on ply, in a garden. */
const SHELL: Shell = {
  lengthM: 2.4,
  widthM: 1.8,
  roof: { kind: 'mono', lowM: 1.8, highM: 2.2, highSide: 'front' },
  floorAboveGroundM: 0.4,
  wallBuild: 'ply12',
  roofBuild: 'metalOnPly9',
  ...PLAIN_SHELL,
};
const LITTER_M = 0.1;

interface Birds {
  readonly name: string;
  readonly count: number;
  readonly massKg: number;
  readonly roofBuild: Shell['roofBuild'];
}

const FLOCKS: readonly Birds[] = [
  { name: '6 hens', count: 6, massKg: 2.2, roofBuild: 'metalOnPly9' },
  { name: '14 hens', count: 14, massKg: 2.2, roofBuild: 'metalOnPly9' },
  { name: '14 hens of 4.3 kg', count: 14, massKg: 4.3, roofBuild: 'metalOnPly9' },
  { name: '20 bantams of 0.7 kg', count: 20, massKg: 0.7, roofBuild: 'metalOnPly9' },
  { name: '14 hens, 50 mm foam in the roof', count: 14, massKg: 2.2, roofBuild: 'foam50' },
];

/** The page that has the table, between two marks. */
export const METHOD = 'docs/method.md';
const [FROM, TO] = ['<!-- areas: made from the code by `npm run docs` -->', '<!-- /areas -->'];

/** A page with the table as the code has it between its marks. @throws Error where the marks are gone */
export function withAreas(page: string): string {
  const [from, to] = [page.indexOf(FROM), page.indexOf(TO)];
  if (from < 0 || to < from) throw new Error(`${METHOD} has lost the marks of the table of areas`);
  return `${page.slice(0, from + FROM.length)}\n\n${areasTable()}\n\n${page.slice(to)}`;
}

/** Net areas that the balance of heat and damp asks for, high up and in all, m², by climate and flock. */
export function areasTable(): string {
  return table(
    ['place', ...FLOCKS.map((f) => f.name)],
    CLIMATES.map((c) => row(c.type, ...FLOCKS.map((f) => areasOf(c, f)))),
  );
}

function areasOf(place: ClimateRow, { count, massKg, roofBuild }: Birds): string {
  const climate = {
    source: { kind: 'shipped' as const, id: place.id },
    latitudeDeg: place.latitudeDeg,
    altitudeM: place.altitudeM,
    exposure: 'garden' as const,
  };
  const worked = workClimate(climate);
  if (!worked) throw new Error(`${place.id} has no months`);
  const { winter, summer } = airNeedsOf(
    {
      shell: { ...SHELL, roofBuild },
      litterM: LITTER_M,
      panes: panesOf([]),
      treesOver: false,
      climate,
      birds: {
        layerW: count * heatAt20W(massKg, 0.04, 'layer'),
        meatW: 0,
        hens: count * (massKg / 2.2) ** 0.75,
      },
    },
    worked.hours,
  );
  return `${winter.netM2.toFixed(2)} / ${summer.netM2.toFixed(2)}`;
}
