import { createFlockWorker } from './birds/flock';
import { createPlacements } from './geometry/placed';
import { lazy } from './kernel/figures';
import { byWorst, type Finding } from './kernel/finding';
import { createKept, createOnce, type Kept } from './kernel/memory';
import { createFixtureLists } from './model/lists';
import type { Plan } from './model/schema';
import type { Scoped } from './model/scope';
import { CARRYING, carriesBirds, REGISTRY } from './registry';
import { type ChosenSchool, chosenSchool } from './rules/book';
import type { RuleBook } from './rules/types';
import { apartAt } from './stations/apart';
import { brooderCarries } from './stations/brooder/brooder';
import { carryBy, shortBy } from './stations/carried';
import {
  type Asked,
  type CarryingStation,
  NOT_ASKED,
  type StationContext,
  schoolOf,
  whenOf,
} from './stations/context';
import { litterCourse } from './stations/litterCourse';
import { judgingSheet } from './stations/sheet';
import { carriesNothing, type Stave, stave } from './staves';

/** A coop as it was judged: no figure has been made yet. */
export interface Judged {
  readonly ctx: StationContext;
  /** What each station that carries birds was asked. */
  readonly asked: Readonly<Record<string, Asked>>;
  readonly staves: readonly Stave[];
  /** Worst first. */
  readonly findings: readonly Finding[];
}

export interface JudgeOptions {
  readonly on: string;
  readonly book: RuleBook;
  readonly lean: boolean;
}

/**
 * Judges one coop, or one zone of it, with a memory of its own: of an edited plan only what reads something
 * that is another is judged again.
 */
export function createJudge(
  memory: () => Kept = createKept,
): (plan: Scoped, options: JudgeOptions) => Judged {
  const worker = createFlockWorker();
  const placements = createPlacements();
  const lists = createFixtureLists();
  // what is only told is left out of a lean judgement: the two remember apart
  const [full, lean] = [memory(), memory()];
  return (given, options) => {
    const kept = options.lean ? lean : full;
    const flock = worker(given, options.on);
    const of = lists(given.fixtures);
    const schools = schoolsOf(given, options.book, kept);
    const course = kept(
      'litter.course',
      [given.litter, given.shell, given.zone, of('board'), flock, schools],
      () => litterCourse(given, flock, schools),
    );
    const litter = kept('litter.final', [given.litter, course.finalM], () =>
      given.litter.finalM === course.finalM
        ? given.litter
        : { ...given.litter, finalM: course.finalM },
    );
    const plan: Scoped = { ...given, litter };
    return judged({
      plan,
      flock,
      book: options.book,
      schools,
      litter: course,
      lean: options.lean,
      of,
      ...placements(plan),
      once: createOnce(),
      kept,
    });
  };
}

/** The school chosen for each topic. */
function schoolsOf(
  { schools, litter }: Plan,
  book: RuleBook,
  kept: Kept,
): Readonly<Record<string, ChosenSchool>> {
  return kept('schools', [schools, litter.school, book], () => {
    const choices = { ...schools, 'litter.school': `litter.school.${litter.school}` };
    return Object.fromEntries(book.topics.map((t) => [t.id, chosenSchool(book, choices, t.id)]));
  });
}

function judged(ctx: StationContext): Judged {
  const asked: Record<string, Asked> = {};
  for (const station of CARRYING) asked[station.id] = askedOfStation(ctx, station);
  const findings: Finding[] = [];
  for (const station of REGISTRY) {
    const sheet = judgingSheet(station.id, ctx.kept);
    station.judge(sheet, ctx, asked[station.id] ?? NOT_ASKED);
    for (const f of sheet.findings) findings.push(f);
  }
  return {
    ctx,
    asked,
    staves: REGISTRY.map(
      (station): Stave =>
        carriesBirds(station)
          ? staveOf(ctx, station, asked)
          : station.id === 'brooder'
            ? brooderStave(ctx)
            : carriesNothing(station.id),
    ),
    findings: findings.sort(byWorst),
  };
}

function staveOf(
  ctx: StationContext,
  station: CarryingStation,
  all: Readonly<Record<string, Asked>>,
): Stave {
  const asked = all[station.id] ?? NOT_ASKED;
  const whole = stave(station.id, asked.carry, asked.short, ctx.flock);
  const apart = lazy(() =>
    apartAt(
      ctx,
      { station, asked },
      CARRYING.map((each) => ({ station: each, asked: all[each.id] ?? NOT_ASKED })),
    ),
  );
  const own =
    whole.state === 'carries'
      ? Object.defineProperty({ ...whole }, 'apart', { enumerable: true, get: apart })
      : whole;
  const seasons = !ctx.lean && own.state === 'carries' ? (station.seasons?.(ctx) ?? null) : null;
  return seasons === null ? own : Object.assign(own, { seasons });
}

/** What a station is asked, entered or not; the same object as long as the answer is the same. */
function askedOfStation(ctx: StationContext, station: CarryingStation): Asked {
  const school = schoolOf(ctx, station);
  const carry = carryBy(ctx, station, school);
  const spell = ctx.lean ? null : shortBy(ctx, station, school);
  const missing = carry.state === 'carries' && !station.entered(ctx.plan);
  return ctx.kept(`asked.${station.id}`, [carry, school, spell, missing, ctx.flock], () => ({
    carry: missing ? { state: 'notEntered', asked: carry } : carry,
    school,
    short: spell && whenOf(ctx.flock, spell),
  }));
}

/** The brooder's rail is its own: it never enters the coop's sentence. */
function brooderStave(ctx: StationContext): Stave {
  const { chicks, carries } = brooderCarries(ctx);
  const missing = chicks > 0 && carries === null;
  return { ...carriesNothing('brooder'), state: missing ? 'notEntered' : 'notApplicable' };
}
