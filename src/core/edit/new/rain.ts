import { gridUp } from '../../kernel/units/grid';
import type { Plan, Rain } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { vesselKind } from '../../rules/vesselKinds.data';
import { clearPlace } from '../../stores/rain/place';
import { eavesOf } from '../../stores/rain/roof';

/** A rain barrel as one begins: on the lowest eaves, a folded channel, two hundred litres on blocks. */
export function newRain(plan: Pick<Plan, 'shell' | 'units' | 'fixtures'>): Rain {
  const [eave] = eavesOf(plan.shell, OVERHANG_M);
  const inch = 0.0254;
  const isMetric = plan.units === 'metric';
  const rain: Rain = {
    eaves: [eave?.side ?? 'front'],
    overhangM: isMetric ? OVERHANG_M : 4 * inch,
    cover: 'metal',
    gutter: { shape: 'half', acrossM: isMetric ? 0.1 : 4 * inch },
    fall: ruled('rain.gutter.fall'),
    homeMade: false,
    brings: ruled('rain.gutter.home'),
    peakMmH: ruled('rain.peak'),
    flushMm: null,
    flushBoreM: isMetric ? 0.1 : 4.026 * inch,
    flushLongM: null,
    barrel: {
      litres: isMetric ? 200 : 208.2,
      count: 1,
      acrossM: null,
      emptyKg: 8,
      standM: standFor(plan, isMetric ? 0.6 : 24 * inch),
      stand: 'blocks',
      side: eave?.side === 'front' || eave?.side === 'rear' ? 'right' : 'front',
      alongM: 0.4,
      lid: true,
      dark: true,
      overflow: 'away',
      wrap: 'bare',
      winter: { kind: 'nothing' },
      today: 1,
    },
    line: {
      boreM: isMetric ? 0.025 : 1.049 * inch,
      outsideM: isMetric ? 0.032 : 1.315 * inch,
      lengthM: isMetric ? 3 : 120 * inch,
      foamM: 0,
      screen: true,
      flush: true,
      drain: true,
      unions: true,
      pump: false,
    },
  };
  // before no door, where there is such a place
  Object.assign(
    rain.barrel,
    clearPlace(plan, rain.barrel, (m) => gridUp(m, plan.units)),
  );
  return rain;
}

const OVERHANG_M = 0.1;

/** A stand so high that the highest outlet on its line runs. */
function standFor(
  { fixtures, shell, units }: Parameters<typeof newRain>[0],
  leastM: number,
): number {
  const outlets = fixtures.flatMap((f) =>
    f.kind === 'drinker' && vesselKind(f).onLine && f.tankZ === null ? [f.rimZ] : [],
  );
  const needed = shell.floorAboveGroundM + Math.max(0, ...outlets) + ruled('water.tank.above');
  return outlets.length === 0 ? leastM : Math.max(leastM, gridUp(needed, units));
}
