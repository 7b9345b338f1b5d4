import { below } from '../../kernel/units/number';
import { ASSUMED, ENTERED, KEEPERS } from '../../kernel/working';
import type { Made, Vessel } from '../../model/schema';
import { asItStands, bendOf, holeMiddleM, panUnder } from '../../model/vesselForm';
import { ruled } from '../../rules/rules.data';
import { takesUp } from '../../rules/vesselKinds.data';
import { contentsOf } from '../../stores/vessels/contents';
import {
  endsOf,
  hasPorts,
  mostElbows,
  portHoleM,
  type RoundHoles,
  roundHoles,
} from '../../stores/vessels/holes';
import { panRoomM, pushedOutL, upturned } from '../../stores/vessels/pans';
import { mostHoles, portSpacing } from '../../stores/vessels/ports';
import { acrossAtM, depthM } from '../../stores/vessels/volume';
import type { StationContext } from '../context';
import type { Sheet } from '../sheet';
import { MADE_WORKINGS as W } from './homeMade.working';

/** All that is worked of a vessel which its keeper makes. */
export function madeFigures(s: Sheet, { plan }: StationContext, v: Vessel): void {
  if (v.made === null) return;
  const made = asItStands(v, v.made);
  const id = (name: string): string =>
    `${v.kind === 'feeder' ? 'feed' : 'water'}.vessel.${v.id}.${name}`;
  const { wholeL, deadL, usableL } = contentsOf(v, made);
  wholeFigure(s, id('whole'), v, made, wholeL);
  deadFigure(s, id('dead'), v, made, deadL);
  if (v.capacityL === null) {
    s.worked(
      id('litres'),
      W['made.usable'],
      { whole: wholeL, dead: deadL, usable: usableL },
      ASSUMED,
    );
  }
  const round = roundHoles(v);
  if (round) spacingFigures(s, id, round);
  if (hasPorts(v)) {
    const { elbow, floorM } = made;
    s.worked(
      id('hole'),
      W['made.hole'],
      { outside: elbow.acrossM, over: ruled('feed.hole.over'), hole: portHoleM(made) },
      KEEPERS,
    );
    s.worked(
      id('middle'),
      W['made.middle'],
      {
        floor: floorM,
        gap: elbow.gapM,
        leg: elbow.legM,
        outside: elbow.acrossM,
        middle: holeMiddleM(made),
      },
      KEEPERS,
    );
  }
  const { rimM } = takesUp(v);
  if (rimM !== null) {
    const floorZ = v.place === 'run' ? 0 : plan.litter.depthM;
    const rim = v.rimZ - floorZ;
    s.worked(id('stand'), W['made.stand'], { rim, overFoot: rimM, stand: rim - rimM }, ENTERED);
  }
  if (panUnder(v) && made.pan) panFigures(s, id, v, made, made.pan);
}

function wholeFigure(s: Sheet, id: string, v: Vessel, made: Made, whole: number): void {
  const { body, wallM, floorM } = made;
  const deep = depthM(made);
  if (body.shape === 'can' || body.shape === 'pail') {
    const [low, high] = [acrossAtM(body, floorM), acrossAtM(body, body.highM)];
    s.worked(id, W['made.whole.round'], { low, high, wall: wallM, deep, whole }, ENTERED);
  } else if (body.shape === 'box') {
    const parts = { long: body.longM, wide: body.deepM, wall: wallM, deep, whole };
    s.worked(id, W['made.whole.box'], parts, ENTERED);
  } else {
    const bend = body.bendM ?? Math.max(0, body.acrossM - 2 * wallM);
    const parts = { pipes: v.outlets, across: body.acrossM, wall: wallM, deep };
    s.worked(id, W['made.whole.pipe'], { ...parts, turn: body.elbowDeg, bend, whole }, ENTERED);
  }
}

function deadFigure(s: Sheet, id: string, v: Vessel, made: Made, dead: number): void {
  if (v.kind === 'drinker') {
    s.found(id, 'litres', dead, ENTERED);
    return;
  }
  const isPort = v.type === 'port';
  const isHole = v.type === 'holes';
  s.worked(
    id,
    W['made.dead'],
    {
      slope: ruled(v.feed === 'mash' ? 'feed.repose.mash' : 'feed.repose'),
      outlets: isPort || isHole ? v.outlets : 1,
      hole: isPort ? made.elbow.acrossM : isHole ? made.hole.acrossM : 0,
      lip: isPort ? made.elbow.gapM : isHole ? Math.max(0, made.hole.lowM - made.floorM) : 0,
      dead,
    },
    ASSUMED,
  );
}

function spacingFigures(
  s: Sheet,
  id: (name: string) => string,
  { made, holes, holeM, middleM }: RoundHoles,
): void {
  const [foot, top] = endsOf(made.body);
  const across = acrossAtM(made.body, middleM);
  const { aroundM, arcM, webM } = portSpacing(across, holes, holeM, 'mm');
  const tall = made.body.highM;
  s.worked(
    id('around'),
    W['made.around'],
    { foot, top, height: middleM, tall, across, around: aroundM },
    ENTERED,
  );
  s.worked(id('arc'), W['made.arc'], { around: aroundM, holes, arc: arcM }, ENTERED);
  s.worked(id('web'), W['made.web'], { arc: arcM, hole: holeM, web: webM }, ENTERED);
  s.found(id('holesMost'), 'outlets', mostHoles(aroundM, holeM, ruled('feed.web')), KEEPERS);
}

/** Of a bucket in a pan: the room round it; upturned over water also where that stands. */
function panFigures(
  s: Sheet,
  id: (name: string) => string,
  v: Vessel,
  made: Made,
  pan: NonNullable<Made['pan']>,
): void {
  const bucket = bucketAcrossM(made, pan.deepM);
  s.worked(
    id('room'),
    W['made.room'],
    { pan: pan.acrossM, bucket, room: panRoomM(pan.acrossM, bucket) },
    ENTERED,
  );
  if (v.type !== 'bucket') return;
  const { hole } = made;
  const { underRimM } = upturned(hole.lowM, hole.acrossM, pan.deepM);
  s.worked(
    id('underRim'),
    W['made.underRim'],
    { rim: pan.deepM, low: hole.lowM, hole: hole.acrossM, underRim: underRimM },
    ENTERED,
  );
  const air = contentsOf(v, made).usableL / 2;
  s.worked(
    id('pushed'),
    W['made.pushed'],
    {
      air,
      from: HALF_FULL_AT_C,
      rises: ruled('water.bucket.warms'),
      pushed: pushedOutL(air, HALF_FULL_AT_C, ruled('water.bucket.warms')),
    },
    ASSUMED,
  );
}

/** A bucket half full is told of on a cool morning, °C. */
const HALF_FULL_AT_C = 10;

/** The bucket across at its pan's rim, m. */
const bucketAcrossM = ({ body }: Made, rimM: number): number =>
  body.shape === 'can' || body.shape === 'pail'
    ? acrossAtM(body, Math.min(rimM, body.highM))
    : body.shape === 'box'
      ? Math.max(body.longM, body.deepM)
      : 2 * bendOf(body);

/** What would go wrong with a vessel made so. */
export function madeRules(s: Sheet, v: Vessel): void {
  if (v.made === null) return;
  const made = asItStands(v, v.made);
  const station = v.kind === 'feeder' ? 'feed' : 'water';
  const id = (name: string): string => `${station}.vessel.${v.id}.${name}`;
  if (v.kind === 'feeder') {
    const round = roundHoles(v);
    if (round) narrowWeb(s, id, round);
    if (hasPorts(v)) mouthHeight(s, id, v, made);
    // what cannot be built is not judged by what it would hold
    if (!overBrim(s, id, v, made)) deadShare(s, id, v, made);
  }
  if (panUnder(v) && made.pan) {
    const room = panRoomM(made.pan.acrossM, bucketAcrossM(made, made.pan.deepM));
    if (below(room, ruled('feed.pan.room')) && v.type !== 'fount') {
      s.find(`${station}.pan.narrow`, 'short', [v.id], {
        room: { value: room, unit: 'm', figure: id('room') },
        needed: s.fact('feed.pan.room'),
      });
    }
    if (v.type === 'bucket') upturnedRules(s, id, v, made, made.pan.deepM);
  }
}

/** Holes that reach over the top of what they are cut in. */
function overBrim(s: Sheet, id: (name: string) => string, v: Vessel, made: Made): boolean {
  const reach = hasPorts(v)
    ? holeMiddleM(made) + portHoleM(made) / 2
    : v.type === 'holes'
      ? made.hole.lowM + made.hole.acrossM
      : 0;
  if (!below(made.body.highM, reach)) return false;
  s.find('feed.hole.high', 'short', [v.id], {
    reach: s.found(id('holeReach'), 'm', reach, ENTERED),
    high: s.entered(id('bodyHigh'), 'm', made.body.highM),
  });
  return true;
}

function narrowWeb(s: Sheet, id: (name: string) => string, round: RoundHoles): void {
  const { vessel, made, holes, holeM, middleM } = round;
  const { webM, aroundM } = portSpacing(acrossAtM(made.body, middleM), holes, holeM, 'mm');
  const inside = mostElbows(made, acrossAtM(made.body, middleM));
  if (vessel.type === 'port' && holes > inside && !below(webM, ruled('feed.web'))) {
    s.find('feed.ports.meet', 'short', [vessel.id], {
      most: s.found(id('elbowsMost'), 'outlets', inside, ASSUMED),
    });
  }
  if (!below(webM, ruled('feed.web'))) return;
  s.find('feed.ports.close', webM <= 0 ? 'short' : 'awkward', [vessel.id], {
    web: { value: webM, unit: 'm', figure: id('web') },
    needed: s.fact('feed.web'),
    most: {
      value: mostHoles(aroundM, holeM, ruled('feed.web')),
      unit: 'outlets',
      figure: id('holesMost'),
    },
  });
}

function mouthHeight(s: Sheet, id: (name: string) => string, v: Vessel, made: Made): void {
  const gap = made.elbow.gapM;
  const [wanted, slack] = [ruled('feed.mouth'), ruled('feed.mouth.slack')];
  const numbers = () => ({
    gap: s.entered(id('gap'), 'm', gap),
    wanted: s.fact('feed.mouth'),
  });
  if (below(gap, wanted - slack)) s.find('feed.mouth.low', 'awkward', [v.id], numbers());
  else if (below(wanted + slack, gap)) s.find('feed.mouth.high', 'awkward', [v.id], numbers());
}

function deadShare(s: Sheet, id: (name: string) => string, v: Vessel, made: Made): void {
  const { wholeL, deadL } = contentsOf(v, made);
  if (!below(ruled('feed.dead.most') * wholeL, deadL)) return;
  s.find('feed.dead.much', 'awkward', [v.id], {
    dead: { value: deadL, unit: 'litres', figure: id('dead') },
    whole: { value: wholeL, unit: 'litres', figure: id('whole') },
  });
}

function upturnedRules(
  s: Sheet,
  id: (name: string) => string,
  v: Vessel,
  { hole }: Made,
  rimM: number,
): void {
  const { underRimM, overFloorM } = upturned(hole.lowM, hole.acrossM, rimM);
  const rim = () => ({ value: underRimM, unit: 'm' as const, figure: id('underRim') });
  if (below(ruled('water.bucket.hole'), hole.acrossM)) {
    s.find('water.bucket.hole', 'awkward', [v.id], {
      hole: s.entered(id('holeAcross'), 'm', hole.acrossM),
      most: s.fact('water.bucket.hole'),
    });
  }
  if (below(underRimM, ruled('water.bucket.underRim'))) {
    s.find('water.bucket.floods', 'short', [v.id], {
      under: rim(),
      needed: s.fact('water.bucket.underRim'),
    });
  } else if (below(ruled('water.bucket.underRim.most'), underRimM)) {
    s.find('water.bucket.deep', 'awkward', [v.id], {
      under: rim(),
      most: s.fact('water.bucket.underRim.most'),
    });
  }
  if (below(overFloorM, ruled('water.bucket.overFloor'))) {
    s.find('water.bucket.clogs', 'awkward', [v.id], {
      above: s.entered(id('holeLow'), 'm', overFloorM),
      needed: s.fact('water.bucket.overFloor'),
    });
  }
}
