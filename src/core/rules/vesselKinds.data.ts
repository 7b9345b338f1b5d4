import type { Drinker, Feeder, Vessel } from '../model/schema';
import { type VesselForm, vesselForm } from '../model/vesselForm';
import type { RuleId, ToldRuleId } from './rules.data';

/** What a kind of feeder or drinker is, and what birds ask of it. */
export interface VesselKind {
  /** As it stands: a round can, a can over a pan, or a long trough. What it holds by its size follows from it. */
  readonly body: 'canOverPan' | 'pan' | 'trough' | 'can';
  /** The rule for one bird along its edge; null where birds share outlets. */
  readonly edge: ToldRuleId | null;
  /** Birds that one outlet serves: by a rule, or by the class of the birds; null where they stand along an edge. */
  readonly outlet: ToldRuleId | 'class.perPort' | 'class.perPedal' | null;
  /** The lightest bird that can use it; null where every bird can. */
  readonly lightest: ToldRuleId | null;
  /** Feed put out for feed eaten; null for water. */
  readonly waste: Waste | null;
  /** Whether what it holds lies open to rats and mice overnight. */
  readonly open: boolean;
  /** Whether a line from a tank fills it. */
  readonly onLine: boolean;
  /** Usually fixed to a wall. */
  readonly onWall: boolean;
  /** Birds lift their heads to it, so many times their height; null where they reach over a rim at their backs. */
  readonly pin: RuleId | null;
  /** Youngest chicks that it may stand before, days; null where any may. */
  readonly notBefore: ToldRuleId | null;
}

/** Feed put out for feed eaten: what is taken for it, and between what it lies. */
export interface Waste {
  readonly usual: ToldRuleId;
  readonly least: ToldRuleId;
  readonly most: ToldRuleId;
}

const WASTE = {
  open: {
    usual: 'feed.waste.open',
    least: 'feed.waste.open.least',
    most: 'feed.waste.open.most',
  },
  tube: {
    usual: 'feed.waste.tube',
    least: 'feed.waste.tube.least',
    most: 'feed.waste.tube.most',
  },
  port: {
    usual: 'feed.waste.port',
    least: 'feed.waste.port.least',
    most: 'feed.waste.port.most',
  },
  pedal: {
    usual: 'feed.waste.pedal',
    least: 'feed.waste.pedal.least',
    most: 'feed.waste.pedal.most',
  },
} as const satisfies Readonly<Record<string, Waste>>;

const plain = {
  edge: null,
  outlet: null,
  lightest: null,
  waste: null,
  open: false,
  onLine: false,
  onWall: false,
  pin: null,
  notBefore: null,
} as const;

/** Kinds of feeder. A row more is a feeder more, everywhere but in words and on its button. */
export const FEEDER_KINDS: Readonly<Record<Feeder['type'], VesselKind>> = {
  tube: { ...plain, body: 'canOverPan', edge: 'feed.round', waste: WASTE.tube, open: true },
  pan: { ...plain, body: 'pan', edge: 'feed.round', waste: WASTE.open, open: true },
  holes: {
    ...plain,
    body: 'canOverPan',
    edge: 'feed.round',
    waste: WASTE.tube,
    open: true,
  },
  trough: { ...plain, body: 'trough', edge: 'feed.trough', waste: WASTE.open, open: true },
  port: { ...plain, body: 'can', outlet: 'class.perPort', waste: WASTE.port, onWall: true },
  pedal: {
    ...plain,
    body: 'can',
    outlet: 'class.perPedal',
    lightest: 'feed.pedal.least',
    waste: WASTE.pedal,
  },
};

/** Kinds of drinker. */
export const DRINKER_KINDS: Readonly<Record<Drinker['type'], VesselKind>> = {
  fount: { ...plain, body: 'canOverPan', edge: 'water.round' },
  trough: { ...plain, body: 'trough', edge: 'water.trough' },
  nipple: {
    ...plain,
    body: 'can',
    outlet: 'water.nipple',
    onLine: true,
    onWall: true,
    pin: 'water.nipple.times',
  },
  cup: { ...plain, body: 'can', outlet: 'water.cup', onLine: true, onWall: true },
  bucket: { ...plain, body: 'can', edge: 'water.round', notBefore: 'water.bucket.chicks' },
};

/** What a vessel of the plan is. @example vesselKind(drinker).edge // 'water.round' */
export const vesselKind = (v: Pick<Vessel, 'kind' | 'type'>): VesselKind =>
  v.kind === 'feeder'
    ? FEEDER_KINDS[v.type as Feeder['type']]
    : DRINKER_KINDS[v.type as Drinker['type']];

/** What a vessel of the plan takes up, made at home or bought. @example takesUp(drinker).round // true */
export const takesUp = (v: Vessel): VesselForm => vesselForm(v, vesselKind(v).body === 'trough');

/** Whether it is round seen from above. @example isRound(drinker) // true */
export const isRound = (v: Vessel): boolean => takesUp(v).round;
