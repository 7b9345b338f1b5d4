import { isDraft } from 'immer';
import type { Made, Vessel } from '../../model/schema';
import { asItStands, panUnder } from '../../model/vesselForm';
import { ruled } from '../../rules/rules.data';
import { boxHeapL, type Heap, roundHeapL } from './deadHeap';
import { boxFloorM, depthM, elbowsL, floorAcrossM, holdsL } from './volume';

/** What a vessel made at home holds, L. */
export interface Contents {
  readonly wholeL: number;
  /** What lies below and between the outlets and never comes out. */
  readonly deadL: number;
  /** What birds can have. */
  readonly usableL: number;
}

/**
 * What a vessel made so holds, and how much of it birds can have. Of a vessel for water all runs out that lies above
 * its holes.
 */
export function contentsOf(v: Vessel, made: Made): Contents {
  // a draft changes under its own name
  if (isDraft(made)) return worked(v, asItStands(v, made));
  const own = KNOWN.get(made) ?? new Map<string, Contents>();
  const key = `${v.type} ${v.outlets} ${v.kind === 'feeder' ? v.feed : ''}`;
  const known = own.get(key) ?? worked(v, asItStands(v, made));
  own.set(key, known);
  KNOWN.set(made, own);
  return known;
}

/** What has been worked of a vessel as it is made: it is asked for many times in one judgement. */
const KNOWN = new WeakMap<Made, Map<string, Contents>>();

function worked(v: Vessel, made: Made): Contents {
  const fillM = depthM(made);
  const wholeL = holdsL(made, v.outlets, fillM);
  const deadL = Math.min(
    wholeL,
    v.kind === 'feeder' ? feedDeadL(v, made, fillM) : waterDeadL(v, made),
  );
  return { wholeL, deadL, usableL: wholeL - deadL };
}

function feedDeadL(v: Extract<Vessel, { kind: 'feeder' }>, made: Made, fillM: number): number {
  const { body, wallM, elbow, hole, floorM } = made;
  if (body.shape === 'pipe') return elbowsL(body, wallM, v.outlets);
  const reposeDeg = ruled(v.feed === 'mash' ? 'feed.repose.mash' : 'feed.repose');
  const heap = (lipM: number, acrossM: number): Heap => ({ reposeDeg, fillM, lipM, acrossM });
  const [outlets, own] =
    v.type === 'port'
      ? [v.outlets, heap(elbow.gapM, elbow.acrossM)]
      : v.type === 'holes'
        ? [v.outlets, heap(Math.max(0, hole.lowM - floorM), hole.acrossM)]
        : [null, heap(0, 0)];
  if (body.shape === 'box') {
    const [longM, deepM] = boxFloorM(body, wallM);
    return boxHeapL(longM, deepM, outlets, own);
  }
  return roundHeapL(floorAcrossM(made), outlets, own);
}

/** Water below the tops of the holes stays in the pan, and in the bucket with it. */
function waterDeadL(v: Vessel, made: Made): number {
  if (!panUnder(v) || v.type !== 'bucket') return 0;
  return holdsL(made, v.outlets, made.hole.lowM + made.hole.acrossM);
}
