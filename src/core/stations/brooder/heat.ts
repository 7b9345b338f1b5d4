import { brooderC } from '../../birds/daily';
import { below, wholeDown } from '../../kernel/units/number';
import { ENTERED, KEEPERS } from '../../kernel/working';
import type { Brooder } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import type { Sheet } from '../sheet';
import { BROODER_WORKINGS as W } from './brooder.working';
import { type Brood, chickPlateM2, lampW } from './broods';

/** Last day on which warmth is still asked for in full, days: by three weeks a plate is as large as it gets. */
const HEAT_DAY = 21;

/** Whether the air is as warm as chicks of the first week ask: then nothing has to heat them. */
const warmEnough = (box: Brooder): boolean => !below(box.airC, brooderC(0));

/** Chicks that the heat serves; null where it sets no number. */
export function heatFor(box: Brooder, b: Brood): number | null {
  const { heat } = box;
  if (warmEnough(box)) return null;
  if (heat.kind === 'plate') {
    const each = chickPlateM2(Math.min(HEAT_DAY, b.lastDay));
    return wholeDown((heat.widthM * heat.depthM) / each);
  }
  if (heat.kind === 'hen') return heat.hens * ruled('brooder.hen.chicks');
  return null;
}

export function ofHeat(s: Sheet, box: Brooder, b: Brood): void {
  const { heat } = box;
  if (heat.kind === 'none') {
    if (below(box.airC, brooderC(0))) {
      s.find('brooder.heat.none', 'harm', [], {
        comfort: s.found('brooder.comfort.0', 'celsius', brooderC(0), KEEPERS),
        air: s.entered('brooder.air', 'celsius', box.airC),
      });
    }
    return;
  }
  if (warmEnough(box)) return;
  if (heat.kind === 'plate') {
    if (below(box.airC, ruled('brooder.plate.air'))) {
      s.find('brooder.plate.cold', 'harm', [], {
        air: s.entered('brooder.air', 'celsius', box.airC),
        least: s.fact('brooder.plate.air'),
      });
    }
  }
  if (heat.kind === 'plate' || heat.kind === 'hen') {
    const serves = heatFor(box, b) ?? b.chicks;
    if (serves < b.chicks) {
      s.find('brooder.heat.short', 'short', [], {
        serves: s.found('brooder.heat.serves', 'chicks', serves, KEEPERS),
        chicks: s.found('brooder.chicks', 'chicks', b.chicks, ENTERED),
      });
    }
    return;
  }
  ofLamp(s, box, heat, b);
}

function ofLamp(
  s: Sheet,
  box: Brooder,
  heat: Extract<Brooder['heat'], { kind: 'lamp' }>,
  b: Brood,
): void {
  const comfort = brooderC(0);
  const watts = lampW(b.chicks, comfort, box.airC);
  const needed = s.worked(
    'brooder.lamp.needed',
    W['brooder.lamp'],
    {
      comfort,
      air: box.airC,
      chicks: b.chicks,
      perChick: ruled('brooder.lamp.chick'),
      least: ruled('brooder.lamp.spot'),
      watts,
    },
    KEEPERS,
  );
  const there = s.entered('brooder.lamp.there', 'watts', heat.watts * heat.count);
  if (below(ruled('brooder.lamp.all'), watts)) {
    s.find('brooder.lamp.tooCold', 'harm', [], { needed, most: s.fact('brooder.lamp.all') });
  } else if (heat.watts > ruled('brooder.lamp.most')) {
    s.find('brooder.lamp.strong', 'harm', [], {
      each: s.entered('brooder.lamp.each', 'watts', heat.watts),
      most: s.fact('brooder.lamp.most'),
    });
  } else if (below(heat.watts * heat.count, watts)) {
    s.find('brooder.lamp.weak', 'short', [], { needed, there });
  }
  if (
    heat.count === 1 &&
    watts > 0 &&
    (heat.watts > ruled('brooder.lamp.one') || b.chicks > ruled('brooder.lamp.oneChicks'))
  ) {
    s.find('brooder.lamp.one', 'awkward', [], { there });
  }
  if (below(heat.aboveM, ruled('brooder.lamp.above'))) {
    s.find('brooder.lamp.low', 'harm', [], {
      above: s.entered('brooder.lamp.height', 'm', heat.aboveM),
      needed: s.fact('brooder.lamp.above'),
    });
  }
  if (heat.coated) s.find('brooder.lamp.coated', 'harm', [], {});
  if (!heat.secondFixing) s.find('brooder.lamp.fixing', 'harm', [], {});
}
