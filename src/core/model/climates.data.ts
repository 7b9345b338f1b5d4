/** One month as normals give it. */
export interface MonthNormals {
  /** Mean of the day, mean daily minimum and maximum, °C. */
  readonly meanC: number;
  readonly minC: number;
  readonly maxC: number;
  /** Mean relative humidity over water, 0…1. */
  readonly rh: number;
  /** Mean wind at 10 m in the open, m/s. */
  readonly windMS: number;
  /** Rain and melted snow, mm; days with 1 mm or more. */
  readonly rainMm: number;
  readonly rainDays: number;
  /** Bright sunshine, hours a day. */
  readonly sunHours: number;
}

export interface ClimateRow {
  readonly id: string;
  /** A made-up place, and the type of climate it stands for. */
  readonly name: string;
  readonly type: string;
  /** North positive. */
  readonly latitudeDeg: number;
  readonly altitudeM: number;
  readonly months: readonly MonthNormals[];
}

interface Columns {
  readonly min: readonly number[];
  readonly max: readonly number[];
  readonly rhPercent: readonly number[];
  readonly wind: readonly number[];
  readonly rain: readonly number[];
  readonly rainDays: readonly number[];
  readonly sun: readonly number[];
}

const place = (row: Omit<ClimateRow, 'months'>, c: Columns): ClimateRow => ({
  ...row,
  months: c.min.map((minC, m) => {
    const maxC = c.max[m] ?? minC;
    return {
      meanC: Math.round(5 * (minC + maxC)) / 10,
      minC,
      maxC,
      rh: (c.rhPercent[m] ?? 0) / 100,
      windMS: c.wind[m] ?? 0,
      rainMm: c.rain[m] ?? 0,
      rainDays: c.rainDays[m] ?? 0,
      sunHours: c.sun[m] ?? 0,
    };
  }),
});

/** Sixteen made-up places, each a type of climate; January first. Source: wide-rafter, in keeping with the type. */
export const CLIMATES: readonly ClimateRow[] = [
  place(
    {
      id: 'cool-maritime',
      name: 'Wend Quay',
      type: 'cool maritime',
      latitudeDeg: 52.5,
      altitudeM: 30,
    },
    {
      min: [2, 2, 3, 4, 7, 10, 12, 12, 10, 8, 5, 3],
      max: [7, 8, 10, 13, 16, 19, 21, 21, 19, 15, 10, 8],
      rhPercent: [87, 84, 80, 76, 76, 77, 77, 78, 81, 85, 87, 88],
      wind: [5.6, 5.4, 5.2, 4.7, 4.5, 4.2, 4.1, 4.0, 4.3, 4.8, 5.1, 5.4],
      rain: [62, 48, 46, 47, 51, 55, 54, 62, 60, 74, 72, 68],
      rainDays: [12, 10, 10, 9, 9, 9, 9, 10, 10, 12, 12, 12],
      sun: [1.8, 2.7, 3.8, 5.4, 6.4, 6.3, 6.4, 6.0, 4.7, 3.4, 2.2, 1.5],
    },
  ),
  place(
    {
      id: 'wet-upland',
      name: 'Pell Head',
      type: 'wet upland',
      latitudeDeg: 54.6,
      altitudeM: 340,
    },
    {
      min: [-1, -1, 0, 2, 4, 7, 9, 9, 7, 5, 2, 0],
      max: [4, 4, 6, 9, 13, 15, 17, 17, 14, 10, 7, 5],
      rhPercent: [91, 89, 86, 82, 80, 82, 83, 85, 87, 90, 91, 92],
      wind: [7.4, 7.1, 6.8, 6.0, 5.6, 5.2, 5.0, 5.1, 5.8, 6.5, 6.8, 7.2],
      rain: [212, 160, 148, 104, 98, 102, 118, 138, 150, 204, 210, 226],
      rainDays: [19, 16, 16, 14, 14, 14, 15, 16, 16, 19, 19, 19],
      sun: [1.0, 1.9, 2.9, 4.4, 5.5, 5.1, 4.8, 4.5, 3.5, 2.3, 1.3, 0.8],
    },
  ),
  place(
    {
      id: 'maritime-islands',
      name: 'Skerra Voe',
      type: 'maritime islands',
      latitudeDeg: 59.5,
      altitudeM: 15,
    },
    {
      min: [2, 2, 2, 4, 6, 8, 10, 11, 9, 7, 5, 3],
      max: [6, 6, 7, 9, 12, 14, 16, 16, 14, 11, 8, 7],
      rhPercent: [86, 85, 85, 84, 84, 86, 88, 88, 87, 86, 86, 86],
      wind: [9.6, 9.2, 8.7, 7.5, 6.8, 6.4, 6.1, 6.3, 7.3, 8.4, 8.9, 9.3],
      rain: [118, 96, 92, 62, 52, 55, 60, 80, 98, 126, 128, 122],
      rainDays: [20, 17, 17, 13, 11, 11, 12, 14, 16, 20, 20, 20],
      sun: [0.9, 2.0, 3.2, 5.0, 6.4, 5.5, 4.8, 4.6, 3.7, 2.4, 1.2, 0.6],
    },
  ),
  place(
    {
      id: 'warm-continental',
      name: 'Brannick',
      type: 'warm continental',
      latitudeDeg: 47.2,
      altitudeM: 150,
    },
    {
      min: [-4, -3, 1, 6, 11, 14, 16, 15, 11, 6, 2, -2],
      max: [1, 4, 10, 17, 22, 25, 27, 27, 22, 16, 8, 3],
      rhPercent: [84, 78, 70, 63, 63, 64, 62, 63, 68, 76, 83, 86],
      wind: [3.4, 3.6, 3.8, 3.6, 3.2, 3.0, 2.9, 2.8, 2.8, 2.9, 3.2, 3.3],
      rain: [38, 36, 40, 46, 66, 74, 70, 62, 54, 46, 52, 46],
      rainDays: [8, 7, 8, 8, 9, 9, 8, 7, 7, 7, 9, 9],
      sun: [2.0, 3.3, 4.8, 6.5, 7.9, 8.6, 9.2, 8.7, 6.6, 4.7, 2.4, 1.6],
    },
  ),
  place(
    {
      id: 'cold-continental',
      name: 'Osk Reach',
      type: 'cold continental',
      latitudeDeg: 51.0,
      altitudeM: 220,
    },
    {
      min: [-19, -15, -8, 0, 6, 11, 14, 13, 7, 1, -6, -13],
      max: [-10, -5, 2, 11, 19, 23, 26, 25, 18, 10, 1, -5],
      rhPercent: [80, 78, 76, 66, 60, 65, 68, 69, 70, 74, 81, 82],
      wind: [4.6, 4.6, 4.8, 4.9, 4.7, 4.2, 3.8, 3.9, 4.3, 4.6, 4.7, 4.6],
      rain: [20, 15, 22, 30, 55, 84, 78, 72, 48, 36, 24, 21],
      rainDays: [6, 5, 6, 6, 8, 10, 9, 8, 8, 6, 6, 6],
      sun: [3.8, 5.0, 5.9, 7.7, 8.9, 9.3, 10.1, 9.2, 6.5, 4.9, 3.2, 3.0],
    },
  ),
  place(
    {
      id: 'far-north',
      name: 'Lumen Fell',
      type: 'far north',
      latitudeDeg: 67.4,
      altitudeM: 180,
    },
    {
      min: [-18, -17, -13, -6, 1, 7, 10, 8, 3, -3, -10, -15],
      max: [-9, -8, -2, 3, 9, 16, 19, 16, 10, 2, -4, -7],
      rhPercent: [84, 82, 78, 72, 66, 64, 70, 76, 80, 85, 87, 85],
      wind: [2.8, 2.9, 3.1, 3.1, 3.3, 3.3, 3.1, 2.9, 2.9, 2.9, 2.7, 2.7],
      rain: [32, 27, 27, 26, 36, 58, 72, 66, 48, 44, 40, 34],
      rainDays: [8, 7, 7, 6, 7, 9, 10, 10, 9, 9, 9, 8],
      sun: [0.2, 1.9, 4.3, 6.6, 7.6, 8.9, 8.4, 5.9, 3.7, 2.0, 0.5, 0],
    },
  ),
  place(
    {
      id: 'prairie-blizzards',
      name: 'Harrow Flat',
      type: 'prairie with blizzards',
      latitudeDeg: 46.8,
      altitudeM: 480,
    },
    {
      min: [-17, -14, -7, 0, 7, 12, 15, 14, 8, 1, -7, -14],
      max: [-6, -3, 4, 13, 20, 25, 29, 28, 22, 14, 4, -4],
      rhPercent: [76, 76, 74, 64, 60, 65, 63, 61, 63, 66, 74, 77],
      wind: [5.8, 5.6, 5.8, 6.1, 5.8, 5.2, 4.7, 4.7, 5.1, 5.4, 5.6, 5.6],
      rain: [12, 12, 22, 34, 62, 82, 68, 54, 44, 34, 18, 13],
      rainDays: [4, 4, 5, 6, 8, 9, 7, 6, 6, 5, 4, 4],
      sun: [4.6, 5.6, 6.7, 7.9, 9.1, 10.0, 11.1, 10.0, 7.9, 6.1, 4.2, 3.9],
    },
  ),
  place(
    {
      id: 'hot-humid-coast',
      name: 'Palmetto Sound',
      type: 'hot humid coast',
      latitudeDeg: 26.2,
      altitudeM: 4,
    },
    {
      min: [14, 15, 17, 20, 22, 24, 25, 25, 24, 22, 18, 15],
      max: [24, 25, 26, 28, 31, 32, 33, 33, 32, 30, 27, 25],
      rhPercent: [75, 73, 71, 69, 72, 78, 77, 79, 80, 76, 76, 76],
      wind: [4.2, 4.4, 4.6, 4.6, 4.2, 3.6, 3.4, 3.3, 3.6, 4.2, 4.3, 4.1],
      rain: [48, 52, 66, 78, 132, 232, 164, 210, 226, 150, 76, 52],
      rainDays: [6, 6, 6, 6, 9, 15, 15, 17, 16, 11, 7, 6],
      sun: [7.0, 7.6, 8.4, 9.2, 9.1, 8.4, 8.8, 8.3, 7.4, 7.3, 6.9, 6.6],
    },
  ),
  place(
    {
      id: 'humid-subtropical',
      name: 'Cane Ford',
      type: 'humid subtropical',
      latitudeDeg: 33.6,
      altitudeM: 190,
    },
    {
      min: [0, 2, 5, 9, 14, 19, 21, 20, 17, 10, 5, 1],
      max: [11, 13, 18, 23, 27, 31, 33, 32, 29, 23, 17, 12],
      rhPercent: [69, 66, 65, 64, 69, 72, 75, 76, 75, 71, 70, 71],
      wind: [3.6, 3.8, 4.0, 3.7, 3.2, 2.9, 2.7, 2.6, 2.8, 2.9, 3.2, 3.4],
      rain: [112, 116, 126, 98, 96, 106, 128, 104, 96, 82, 98, 106],
      rainDays: [10, 9, 10, 8, 8, 10, 11, 9, 7, 7, 8, 10],
      sun: [5.2, 6.0, 7.0, 8.2, 8.8, 9.3, 8.8, 8.5, 7.7, 7.3, 5.9, 5.0],
    },
  ),
  place(
    {
      id: 'hot-desert',
      name: 'Tamar Pan',
      type: 'hot desert',
      latitudeDeg: 33.2,
      altitudeM: 340,
    },
    {
      min: [6, 8, 11, 15, 20, 25, 28, 28, 24, 17, 10, 6],
      max: [19, 21, 25, 29, 34, 38, 38, 38, 36, 30, 23, 19],
      rhPercent: [52, 47, 40, 29, 23, 20, 32, 37, 35, 36, 43, 52],
      wind: [2.6, 2.8, 3.1, 3.4, 3.4, 3.3, 3.4, 3.1, 2.9, 2.7, 2.6, 2.5],
      rain: [22, 22, 24, 7, 3, 1, 24, 26, 16, 14, 16, 22],
      rainDays: [3, 3, 3, 1, 0.6, 0.3, 3, 4, 2, 2, 2, 3],
      sun: [8.2, 9.1, 10.2, 11.6, 12.7, 13.2, 12.1, 11.6, 10.9, 9.8, 8.7, 7.9],
    },
  ),
  place(
    {
      id: 'high-cold-desert',
      name: 'Saltern Rim',
      type: 'high cold desert',
      latitudeDeg: 40.4,
      altitudeM: 1480,
    },
    {
      min: [-9, -6, -3, 0, 5, 9, 14, 13, 7, 1, -5, -9],
      max: [4, 7, 12, 16, 21, 28, 33, 32, 26, 18, 10, 4],
      rhPercent: [68, 62, 52, 45, 41, 34, 28, 30, 35, 46, 59, 68],
      wind: [2.8, 3.1, 3.6, 3.9, 3.9, 3.8, 3.5, 3.4, 3.2, 3.0, 2.8, 2.7],
      rain: [22, 22, 28, 32, 34, 22, 14, 14, 18, 24, 24, 22],
      rainDays: [6, 6, 6, 6, 6, 4, 3, 3, 3, 4, 5, 6],
      sun: [5.2, 6.8, 8.3, 9.6, 10.8, 12.4, 12.7, 11.7, 10.3, 8.2, 5.9, 4.8],
    },
  ),
  place(
    {
      id: 'mediterranean',
      name: 'Port Orsino',
      type: 'Mediterranean',
      latitudeDeg: 38.0,
      altitudeM: 60,
    },
    {
      min: [6, 6, 8, 11, 15, 19, 22, 22, 19, 15, 11, 8],
      max: [13, 14, 16, 20, 25, 30, 33, 33, 29, 23, 18, 14],
      rhPercent: [72, 70, 67, 62, 58, 51, 46, 47, 55, 65, 72, 74],
      wind: [3.4, 3.6, 3.4, 3.1, 2.9, 3.0, 3.2, 3.2, 3.0, 3.0, 2.9, 3.3],
      rain: [60, 50, 46, 32, 22, 8, 5, 6, 18, 52, 66, 72],
      rainDays: [8, 7, 7, 5, 4, 1.5, 0.8, 0.9, 2.5, 6, 7, 9],
      sun: [4.5, 5.2, 6.3, 7.9, 9.6, 11.6, 12.3, 11.5, 9.1, 6.7, 5.2, 4.2],
    },
  ),
  place(
    {
      id: 'tropical-wet',
      name: 'Marahi',
      type: 'tropical wet',
      latitudeDeg: 2.4,
      altitudeM: 25,
    },
    {
      min: [23, 23, 24, 24, 24, 24, 24, 24, 24, 24, 24, 23],
      max: [31, 31, 32, 32, 32, 32, 31, 31, 31, 31, 31, 30],
      rhPercent: [85, 84, 84, 85, 85, 83, 83, 83, 83, 84, 86, 87],
      wind: [1.9, 2.1, 1.9, 1.7, 1.6, 1.7, 1.8, 1.8, 1.7, 1.6, 1.5, 1.7],
      rain: [228, 172, 186, 194, 180, 148, 152, 164, 168, 192, 254, 290],
      rainDays: [15, 12, 14, 15, 14, 13, 13, 14, 14, 16, 19, 19],
      sun: [5.4, 6.2, 6.3, 6.0, 6.0, 6.0, 6.2, 5.9, 5.4, 5.0, 4.5, 4.5],
    },
  ),
  place(
    {
      id: 'tropical-wet-dry',
      name: 'Savane Kulu',
      type: 'tropical wet and dry',
      latitudeDeg: -15.2,
      altitudeM: 420,
    },
    {
      min: [20, 20, 19, 18, 15, 12, 12, 14, 18, 20, 21, 20],
      max: [29, 29, 29, 29, 28, 26, 26, 29, 33, 34, 32, 29],
      rhPercent: [82, 83, 80, 72, 63, 58, 53, 45, 40, 45, 60, 78],
      wind: [1.9, 1.8, 2.0, 2.4, 2.5, 2.7, 2.9, 3.1, 3.3, 3.2, 2.5, 2.0],
      rain: [236, 208, 142, 38, 6, 1, 0.5, 1, 5, 24, 98, 214],
      rainDays: [19, 17, 13, 4, 1, 0.3, 0.2, 0.3, 1, 4, 11, 18],
      sun: [5.3, 5.4, 6.8, 8.6, 9.0, 8.8, 9.1, 9.7, 9.5, 8.8, 7.0, 5.4],
    },
  ),
  place(
    {
      id: 'monsoon',
      name: 'Tiravel',
      type: 'monsoon',
      latitudeDeg: 18.8,
      altitudeM: 40,
    },
    {
      min: [17, 18, 21, 24, 27, 26, 25, 25, 24, 23, 20, 18],
      max: [30, 31, 33, 33, 34, 32, 30, 30, 30, 33, 33, 32],
      rhPercent: [67, 66, 68, 70, 71, 81, 88, 88, 85, 76, 69, 67],
      wind: [2.2, 2.4, 2.7, 3.0, 3.6, 4.2, 4.7, 4.3, 3.0, 2.2, 2.0, 2.0],
      rain: [1, 1, 1, 2, 14, 520, 810, 560, 330, 72, 12, 3],
      rainDays: [0.2, 0.2, 0.2, 0.3, 1, 15, 23, 21, 14, 4, 1, 0.3],
      sun: [8.8, 9.3, 9.2, 9.5, 9.4, 5.0, 2.5, 2.9, 5.5, 8.0, 8.7, 8.6],
    },
  ),
  place(
    {
      id: 'mild-highland',
      name: 'Alto Merced',
      type: 'mild highland',
      latitudeDeg: -13.5,
      altitudeM: 2350,
    },
    {
      min: [10, 10, 10, 9, 7, 6, 5, 6, 8, 9, 10, 10],
      max: [21, 21, 21, 22, 22, 21, 21, 22, 22, 23, 23, 22],
      rhPercent: [72, 74, 74, 70, 62, 57, 55, 55, 58, 62, 64, 68],
      wind: [2.0, 2.0, 1.9, 1.8, 1.8, 1.9, 2.1, 2.3, 2.4, 2.4, 2.3, 2.1],
      rain: [132, 116, 102, 42, 9, 5, 5, 8, 24, 46, 64, 98],
      rainDays: [17, 15, 14, 8, 3, 2, 2, 3, 6, 9, 11, 14],
      sun: [4.8, 4.6, 5.0, 6.6, 7.9, 7.9, 8.2, 7.8, 6.9, 6.6, 6.4, 5.4],
    },
  ),
];
