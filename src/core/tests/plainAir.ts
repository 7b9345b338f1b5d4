import type { HourIn } from '../air/hour';
import type { HouseOpening } from '../air/house';
import { cpOf } from '../air/windPressure';
import { birdHeat, vaporisationKjKg } from '../birds/heat';
import { saturationPa } from '../weather/psychrometrics';

/**
 * The hour once more, written as the notes have it: objects, halving only, nothing kept. The fast one is held to it.
 */
export function plainHour(
  openings: readonly HouseOpening[],
  uaWK: number,
  hour: HourIn,
  windDeg: number,
) {
  const { outC, pressurePa: p, windMS } = hour;
  const density = (t: number): number => p / (287.042 * (t + 273.15));
  const slices = openings.flatMap((o) => {
    const cut = o.leak ? 1 : 8;
    return Array.from({ length: cut }, (_, k) => ({
      id: o.id,
      z: o.sillM + (o.heightM * (2 * k + 1)) / (2 * cut),
      cdA: (o.cd * o.netM2) / cut,
      cp: cpOf(o, windDeg),
    }));
  });
  const made = openings.filter((o) => !o.leak && o.netM2 > 0);
  const oneFace =
    made.length > 0 && made.every((o) => o.face === made[0]?.face && o.face !== 'given');
  const toAndFro = oneFace
    ? 0.025 * made.reduce((a, o) => a + o.netM2, 0) * windMS * density(outC)
    : 0;
  const flows = (ti: number, p0: number) =>
    slices.map((s) => {
      const dp =
        s.cp * 0.5 * density(outC) * windMS ** 2 -
        p0 +
        (density(ti) - density(outC)) * 9.80665 * s.z;
      const rho = dp > 0 ? density(outC) : density(ti);
      return { id: s.id, kgS: Math.sign(dp) * s.cdA * Math.sqrt(2 * rho * Math.abs(dp)) };
    });
  const halve = (low: number, high: number, falling: (x: number) => number): number => {
    let [a, b] = [low, high];
    for (let i = 0; i < 75; i++) {
      const mid = (a + b) / 2;
      if (falling(mid) > 0) a = mid;
      else b = mid;
    }
    return (a + b) / 2;
  };
  const balanced = (ti: number) => {
    const p0 = halve(-1000, 1000, (x) => flows(ti, x).reduce((a, f) => a + f.kgS, 0));
    const all = flows(ti, p0);
    return { all, airKgS: all.reduce((a, f) => a + Math.max(0, f.kgS), 0) + toAndFro };
  };
  const birds = (ti: number) => {
    const [hens, meat] = [
      birdHeat(hour.layerW, ti, 'layer', hour.coldHeld),
      birdHeat(hour.meatW, ti, 'meat', hour.coldHeld),
    ];
    return {
      sensibleW: hens.sensibleW + meat.sensibleW,
      latentW: hens.totalW + meat.totalW - hens.sensibleW - meat.sensibleW,
    };
  };
  const over = (ti: number): number =>
    birds(ti).sensibleW + hour.otherW - (uaWK + balanced(ti).airKgS * 1006) * (ti - outC);
  const tiC = over(outC) <= 0 ? outC : halve(outC, outC + over(outC) / uaWK, over);
  const { all, airKgS } = balanced(tiC);
  const latentW = birds(tiC).latentW;
  const source = latentW / (vaporisationKjKg(tiC) * 1000) + hour.litterKgS;
  const most = (0.621945 * saturationPa(tiC)) / (p - saturationPa(tiC));
  const before = hour.outW + source / airKgS;
  return {
    tiC,
    airKgS,
    wIn: Math.min(before, most),
    condensedKgS: Math.max(0, before - most) * airKgS,
    flow: (id: string): number => all.reduce((a, f) => a + (f.id === id ? f.kgS : 0), 0),
  };
}
