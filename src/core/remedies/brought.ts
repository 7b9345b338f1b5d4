import type { Assessment } from '../assess';
import { type Finding, type FindingCode, SEVERITIES } from '../kernel/finding';

/** What a change brings beside what it mends. */
export interface Costs {
  readonly brings: readonly FindingCode[];
  readonly lesser: readonly FindingCode[];
  readonly worsens: readonly FindingCode[];
  /** Whether any of it is worse than what is mended. */
  readonly graver: boolean;
  /** Findings that are new, worst first: what a further change may mend. */
  readonly fresh: readonly Finding[];
}

/** The same fault: by its key, or of the same first fixture, whichever others it now concerns. */
export const isStill = (f: Finding, mended: Finding): boolean =>
  f.key === mended.key ||
  (f.code === mended.code && f.fixtures.length > 0 && f.fixtures[0] === mended.fixtures[0]);

/** What there is more of afterwards, as bad as what is mended and less bad, and what falls further short. */
export function costsOf(before: Assessment, after: Assessment, finding: Finding): Costs {
  const rank = SEVERITIES.indexOf(finding.severity);
  const [had, has] = [before, after].map((a) => {
    const counts = new Map<string, number>();
    for (const f of a.findings) counts.set(faultOf(f), (counts.get(faultOf(f)) ?? 0) + 1);
    return counts;
  });
  const grown = new Set([...(has ?? [])].flatMap(([k, n]) => (n > (had?.get(k) ?? 0) ? [k] : [])));
  const keys = new Set(before.findings.map((f) => f.key));
  const asBad = (f: Finding): boolean => SEVERITIES.indexOf(f.severity) <= rank;
  const more = after.findings.filter((f) => grown.has(faultOf(f)));
  const codes = (list: readonly Finding[]): FindingCode[] => [...new Set(list.map((f) => f.code))];
  const brings = codes(more.filter(asBad));
  const worse = madeWorse(before, after, rank);
  return {
    brings,
    lesser: codes(more.filter((f) => !asBad(f))).filter((code) => !brings.includes(code)),
    worsens: codes(worse),
    graver: [...more, ...worse].some((f) => SEVERITIES.indexOf(f.severity) < rank),
    fresh: [...more.filter((f) => !keys.has(f.key)), ...worse],
  };
}

/** Too few places, told by what it lies at: one fault, whichever of them is told. */
export const ONE_FAULT: readonly (readonly FindingCode[])[] = [
  ['roosts.length.short', 'roosts.places.short', 'roosts.reach.short', 'roosts.hop.high'],
  ['nests.boxes.short', 'nests.boxes.sizeShort'],
];

export const faultOf = ({ code }: Finding): string =>
  ONE_FAULT.find((codes) => codes.includes(code))?.[0] ?? code;

/** A gap that grows by less than this part of the need is no worse: a feeder's foot on a floor that lacks metres. */
const GROWN_PART = 0.01;

/** Findings of equal or higher severity told both before and after whose gap has grown. */
function madeWorse(before: Assessment, after: Assessment, rank: number): Finding[] {
  const gaps = new Map(before.findings.map((f) => [f.key, shortBy(f)]));
  return after.findings.filter((f) => {
    const [was, is] = [gaps.get(f.key), shortBy(f)];
    const least = GROWN_PART * Math.abs(f.numbers.needed?.value ?? 0) + 1e-9;
    return was != null && is !== null && is > was + least && SEVERITIES.indexOf(f.severity) <= rank;
  });
}

/** How far off a finding says it is, in its own unit; null where it names neither what is missing nor what is there. */
function shortBy({ numbers: { missing, needed, there } }: Finding): number | null {
  if (missing) return missing.value;
  return needed && there && needed.unit === there.unit
    ? Math.abs(needed.value - there.value)
    : null;
}
