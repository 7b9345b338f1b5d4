import type { Vessel } from '../../../model/schema';
import { takesUp } from '../../../rules/vesselKinds.data';

/** A bought one in the place of one made at home: it takes as much room, and is known by its size. */
export function bought<V extends Vessel>(v: V): V {
  if (v.made === null) return v;
  const { longM, deepM, highM } = takesUp(v);
  return { ...v, made: null, lengthM: longM, diameterM: deepM, heightM: highM };
}
