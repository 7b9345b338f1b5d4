import { depthOf, faceOf, LIES } from '@/core/drawing/view';
import { solidOf } from '@/core/geometry/solids';
import type { StationId } from '@/core/kernel/finding';
import { formatLength } from '@/core/kernel/units/length';
import { CLOSER, wholeCoop, zoomAll, zoomTo } from '../bench/camera';
import { MADE } from '../bench/offers';
import { openThingsHere } from '../bench/tree/things';
import { sayWhereabouts } from '../bench/whereabouts';
import { VIEWS } from '../drawing/views';
import { changeUnits } from '../furniture/changeUnits';
import { addFixture, duplicateFixture, mirrorFixture, removeFixture } from '../furniture/fixtures';
import { focusFinding, focusOn, focusRow, focusStation, keepFocus } from '../furniture/focus';
import { doPickedRemedy } from '../furniture/useRemedies';
import { addGroup, addNew } from '../session/adding';
import {
  cutAt,
  goTo,
  inView,
  pick,
  pickFinding,
  say,
  sessionHere,
  show,
  showBoth,
  useBench,
} from '../session/bench';

/** Letter that goes to a station after `g`. */
export const STATION_LETTERS: Readonly<Record<StationId, string>> = {
  flock: 'k',
  shell: 's',
  floor: 'f',
  roosts: 'r',
  nests: 'n',
  air: 'a',
  feed: 'e',
  water: 'w',
  litter: 'l',
  door: 'd',
  reach: 'h',
  brooder: 'b',
};

const state = () => useBench.getState();

function add(): void {
  const { station } = state();
  const what = MADE[station]?.add;
  if (station === 'flock') addGroup();
  else if (what) {
    addNew(what, (fixture) => {
      addFixture(fixture);
      focusRow(fixture.id);
    });
  } else say('Nothing is added here');
}

function nextFinding(): void {
  const { pickedFinding } = state();
  const findings = inView()?.findings ?? [];
  const at = findings.findIndex((f) => f.key === pickedFinding);
  const next = findings[(at + 1) % Math.max(1, findings.length)];
  if (!next) {
    say('No findings');
    return;
  }
  goTo(next.station);
  pickFinding(next);
  // its panel may be still to come: until then the stave has the focus, so that no key pressed meanwhile is lost
  focusStation(next.station);
  focusFinding(next.key);
  const { plan } = state();
  const figures = inView()?.figures;
  const text = plan && figures ? sessionHere().findingSay.text(next, plan, figures) : '';
  say(`Finding ${findings.indexOf(next) + 1} of ${findings.length}. ${text}`);
}

/** Picks the next thing that stands in the coop, or the one before, and says where it stands. */
function pickNext(by: 1 | -1): void {
  const { plan, picked } = state();
  if (!plan || plan.fixtures.length === 0) {
    say('Nothing stands here yet');
    return;
  }
  const { length } = plan.fixtures;
  const at = plan.fixtures.findIndex((f) => f.id === picked);
  const next = plan.fixtures[at < 0 ? (by > 0 ? 0 : length - 1) : (at + by + length) % length];
  if (!next) return;
  pick(next.id);
  sayWhereabouts(next.id);
}

function onPicked(work: 'duplicate' | 'mirror' | 'remove'): void {
  const { plan, picked } = state();
  const fixture = plan?.fixtures.find((f) => f.id === picked);
  if (!plan || !fixture) return;
  if (work === 'duplicate') duplicateFixture(fixture);
  else if (work === 'mirror') mirrorFixture(fixture, LIES[state().view].across);
  else removeFixture(fixture);
  keepFocus();
}

/** How far one press moves the cut, m. */
const CUT_STEP_M = 0.1;

/** Looks closely at the picked finding, else at the picked fixture, in every view on the screen. */
function zoomToPicked(): void {
  const { plan, picked, pickedFinding } = state();
  if (!plan) return;
  const zone = inView()?.findings.find((f) => f.key === pickedFinding)?.zone;
  const fixture = plan.fixtures.find((f) => f.id === picked);
  const solid = zone ?? (fixture && solidOf(fixture, plan));
  if (!solid) say('Pick a fixture or a finding first');
  else zoomTo((view) => faceOf(solid, view, plan.shell));
}

/** Section and plan at once, or one; the drawing keeps the focus that it had. */
function toggleBoth(): void {
  const had = document.activeElement?.closest('svg[data-view]') != null;
  showBoth(!state().both);
  if (had) requestAnimationFrame(() => focusOn('svg[data-view]'));
}

/** Cuts the section nearer to or farther from its near wall. */
function moveCut(byM: number): void {
  const { plan, section, cutM } = state();
  if (!plan) return;
  const most = depthOf(section, plan.shell) - 0.05;
  const at = Math.max(0, Math.min(most, Math.round((cutM + byM) * 100) / 100));
  cutAt(at);
  say(`Cut ${formatLength(at, { units: plan.units })} in from the ${section} wall`);
}

/** What each single letter does; the bench acts on them only while no field has focus. */
export const LETTERS: Readonly<Record<string, () => void>> = {
  a: add,
  d: () => onPicked('duplicate'),
  m: () => onPicked('mirror'),
  t: openThingsHere,
  n: () => pickNext(1),
  p: () => pickNext(-1),
  f: nextFinding,
  enter: () => {
    doPickedRemedy();
    keepFocus();
  },
  u: changeUnits,
  v: () => {
    const at = VIEWS.findIndex((v) => v.id === state().view);
    show(VIEWS[(at + 1) % VIEWS.length]?.id ?? 'front');
  },
  b: toggleBoth,
  z: zoomToPicked,
  '+': () => zoomAll(CLOSER),
  '=': () => zoomAll(CLOSER),
  '-': () => zoomAll(1 / CLOSER),
  '0': wholeCoop,
  ',': () => moveCut(-CUT_STEP_M),
  '.': () => moveCut(CUT_STEP_M),
  w: () => {
    const focused = document.activeElement;
    if (focused instanceof Element && focused.matches('[data-figure]')) {
      focused.dispatchEvent(new MouseEvent('click', { bubbles: true }));
    }
  },
};

/** The station a letter leads to after `g`; null for any other letter. */
export const stationOfLetter = (letter: string): StationId | null =>
  (Object.keys(STATION_LETTERS) as StationId[]).find((id) => STATION_LETTERS[id] === letter) ??
  null;
